#pragma once
#include <QString>
#include <QWidget>

namespace distanz::app {

/// What a window looked like when it was closed, per user: its size, and of each of the last campaigns the stage and the link
/// that were looked at.
struct KeptView {
  QString stage;  ///< id; empty: none kept
  std::string link;
};

KeptView keptView(const QString& file);
void keepView(const QString& file, const KeptView& view);
/// Forgets those of all campaigns but these.
void keepViewsOf(const QStringList& files);

void keepSize(const QWidget& window);
/// As it was kept, where it still fits a screen.
void restoreSize(QWidget& window);

}  // namespace distanz::app
