#pragma once
#include <QDialog>
#include <functional>
#include <vector>

#include "core/campaign/link.h"

class QLabel;

namespace distanz::app {

/// A new campaign: what will be compared, and nothing else. Where it is kept is told and can be changed.
class NewDialog : public QDialog {
  Q_OBJECT
 public:
  /// @param file where it goes @param change asks for another; empty: it stays
  NewDialog(const QString& file, const std::function<QString()>& change, QWidget* parent = nullptr);

 signals:
  void chosen(const QString& file, bool replaces, const std::vector<campaign::LinkKind>& compared);

 private:
  void tellFile();
  QString m_file;
  bool m_replaces = false;  ///< the pilot was asked about a file of that name
  QLabel* m_where;
};

}  // namespace distanz::app
