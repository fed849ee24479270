#pragma once
#include <QFutureWatcher>
#include <QWidget>

#include "app/shared/document.h"
#include "core/campaign/lay_path.h"

class QComboBox;
class QLineEdit;

namespace distanz::app {

/// The campaign's paths: which one is planned, laid out by a shape, taken from files and runs, written to
/// files, and its points, posts and segments one by one.
class PointsPage : public QWidget {
  Q_OBJECT
 public:
  explicit PointsPage(Document& document, QWidget* parent = nullptr);
  /// Takes station, path, posts and segments from a file. Takes time for large ones: reads beside the window.
  void takeFile(const QString& file);

 signals:
  void fileRequested();
  void saveRequested(const QString& name, const QByteArray& bytes);

 private:
  struct Taken {
    campaign::Campaign campaign;
    std::vector<Finding> notes;
    QString refused;
  };
  QWidget* paths();
  QWidget* shapes();
  QWidget* tables();
  void refreshPaths();
  void takeRun(const std::string& run);
  void settle();
  void save(const char* ending);
  void lay();
  void openFields();
  std::optional<double> stationGround_m() const;

  Document& m_document;
  QComboBox *m_path = nullptr, *m_shape = nullptr;
  QLineEdit* m_name = nullptr;
  campaign::CourseLayout m_layout;
  QFutureWatcher<Taken> m_taking;
};

}  // namespace distanz::app
