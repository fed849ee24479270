#pragma once
#include <QScrollArea>
#include <functional>

#include "app/shared/document.h"

class QFormLayout;
class QGridLayout;
class QVBoxLayout;

namespace distanz::app {

/// What went into a record: what it is of, its settings, what was asked and looked at, its files.
class RecordForm : public QScrollArea {
  Q_OBJECT
 public:
  explicit RecordForm(Document& document, QWidget* parent = nullptr);
  void show(const std::string& record);

 signals:
  void saveWanted(int file);
  void filesWanted();

 private:
  using Set = std::function<void(campaign::Record&)>;
  /// Edits the record shown, as one step.
  void edit(const Set& set);
  const campaign::Record* record() const;

  void build();
  QWidget* text(const char* name, const QString& label, std::string campaign::Record::*member);
  QWidget* reference(const char* name, const QString& label, std::string campaign::Record::*member);
  void addAbout(QGridLayout* grid);
  void addSettings(QVBoxLayout* layout, campaign::RecordKind kind);
  void addAnswers(QVBoxLayout* layout, campaign::RecordKind kind);
  void showFiles();

  Document& m_document;
  std::string m_record, m_shape, m_files_shown;  ///< what fields and files were made for
  QWidget* m_files = nullptr;
};

}  // namespace distanz::app
