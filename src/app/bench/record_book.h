#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <map>
#include <memory>
#include <string>

#include "app/shared/document.h"
#include "core/records/record_result.h"

namespace distanz::app {

/// A record as it was judged.
struct JudgedRecord {
  campaign::Record record;
  records::RecordResult result;
  std::vector<Finding> problems;  ///< of its files
};

/// What the campaign's records say, found off the interface thread and kept until a record, or what it is
/// judged with, changes.
class RecordBook : public QObject {
  Q_OBJECT
 public:
  explicit RecordBook(Document& document, QObject* parent = nullptr);

  /// Null until it was judged.
  const JudgedRecord* find(const std::string& id) const;

 signals:
  void changed();

 private:
  using Judged = std::map<std::string, std::shared_ptr<const JudgedRecord>>;
  void look();

  Document& m_document;
  Judged m_judged;
  std::string m_with;  ///< key of what all were judged with
  bool m_again = false;
  QFutureWatcher<Judged> m_work;
};

}  // namespace distanz::app
