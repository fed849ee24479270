#pragma once
#include <QStringList>
#include <QVBoxLayout>
#include <QWidget>

namespace distanz::app {

/// What is seen with no campaign open: new, open, recent, demo.
class StartView : public QWidget {
  Q_OBJECT
 public:
  explicit StartView(const QStringList& recent, QWidget* parent = nullptr);

 signals:
  void newRequested();
  void openRequested();
  void demoRequested();
  void recentRequested(const QString& file);
  void forgetRequested();  ///< which campaigns were open

 private:
  QVBoxLayout* choices();
  QVBoxLayout* recentOnes(const QStringList& recent);
};

}  // namespace distanz::app
