#pragma once
#include <QTimer>
#include <QWidget>

#include "app/shared/document.h"
#include "formats/bench/reading_lines.h"
#include "live/line_source.h"

class QLabel;
class QLineEdit;
class QPushButton;

namespace distanz::app {

/// Fills a record from an instrument that sends lines of text: readings are kept every few seconds in one
/// step, files once they are whole.
class LiveBar : public QWidget {
  Q_OBJECT
 public:
  explicit LiveBar(Document& document, QWidget* parent = nullptr);
  ~LiveBar() override;
  /// Shows it for a record; what still fills another one is kept and stopped.
  void show(const std::string& record);
  /// Stops, and keeps what was heard: before the window goes.
  void finish();
  /// While true nothing is read: what was heard is still being kept.
  void pause(bool paused);
  bool listening() const { return m_source != nullptr; }

 signals:
  /// A sweep or trace arrived whole.
  void fileHeard(const QString& record, const QString& name, const QByteArray& bytes);

 private:
  void start();
  void stop(const std::optional<Finding>& why);
  void take(const QByteArray& line);
  void keep();
  void endFile();
  void tell();

  Document& m_document;
  std::string m_record;
  bool m_files = false;
  QLineEdit* m_address;
  QPushButton* m_button;
  QLabel* m_state;
  std::unique_ptr<live::LineSource> m_source;
  std::optional<formats::ReadingLines> m_lines;
  std::vector<campaign::Reading> m_heard;  ///< and not kept yet
  QByteArray m_file;
  int m_file_lines = 0;
  std::size_t m_count = 0;
  QTimer m_keep;
};

}  // namespace distanz::app
