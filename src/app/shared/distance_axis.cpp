#include "app/shared/distance_axis.h"

#include <QWidget>

#include "app/shared/theme.h"

namespace distanz::app {

DistanceAxis usualAxis(const QWidget& view, double end_m) {
  return {double(theme::kAxisLeft), double(view.width() - theme::kAxisRight), end_m};
}

void SharedAxis::lay(const QWidget* over, double left_px, double right_px) {
  if (m_over == over && m_left_px == left_px && m_right_px == right_px) return;
  m_over = over;
  m_left_px = left_px;
  m_right_px = right_px;
  emit moved();
}

DistanceAxis SharedAxis::in(const QWidget& view, double end_m) const {
  if (!m_over || !m_over->isAncestorOf(&view)) return usualAxis(view, end_m);
  const double x = view.mapTo(m_over.data(), QPoint(0, 0)).x();
  return {m_left_px - x, m_right_px - x, end_m};
}

}  // namespace distanz::app
