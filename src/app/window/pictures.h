#pragma once
#include <QString>

namespace distanz::app {

class MainWindow;

/// Waits for the analysis, then saves a picture of each main view into a folder. @return the files written
QStringList savePictures(MainWindow& window, const QString& folder);

}  // namespace distanz::app
