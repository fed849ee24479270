#include "app/scale.h"

#include <QFont>
#include <QGuiApplication>
#include <algorithm>

namespace distanz::app {

double scaleFor(double system_points) {
  constexpr double kDesigned_points = 10, kLargest = 2;
  return std::clamp(system_points / kDesigned_points, 1.0, kLargest);
}

void followSystemFont(int argc, char** argv) {
  constexpr const char* kVariable = "QT_SCALE_FACTOR";
  double scale = 1;
  {
    const QGuiApplication early(argc, argv);
    scale = scaleFor(QGuiApplication::font().pointSizeF());
  }
  if (scale <= 1.05) return;
  bool given = false;
  const double wanted = qEnvironmentVariable(kVariable).toDouble(&given);
  qputenv(kVariable, QByteArray::number(scale * (given ? wanted : 1)));
}

}  // namespace distanz::app
