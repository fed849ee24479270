#pragma once
#include <QImage>
#include <QPainter>
#include <memory>
#include <optional>

#include "app/plan/map_frame.h"
#include "core/terrain/ground.h"

namespace distanz::app {

/// Terrain and maps under the path: shaded relief with contours, areas, lines and posts. What was drawn is
/// kept until the view or the ground is another.
class MapGround {
 public:
  void draw(QPainter& p, const QRect& frame, const MapFrame& view,
            const std::shared_ptr<const terrain::Ground>& ground);

 private:
  /// Something of a map in the plane around the station: turned into pixels by a look, not by geodesy.
  struct Shape {
    terrain::Layer::Role role;
    terrain::Feature::Kind kind;
    std::vector<std::vector<course::Flat>> rings;
    course::Flat low, high;  ///< corners of what holds it
  };
  void look(const MapFrame& view);
  void make(const QRect& frame, const MapFrame& view);
  void drawRelief(QPainter& p, const QRect& frame, const MapFrame& view);
  void drawLayers(QPainter& p, const MapFrame& view) const;

  std::shared_ptr<const terrain::Ground> m_ground;
  std::optional<MapFrame> m_view;
  QRect m_frame;
  QColor m_paper;  ///< of the theme it was drawn in
  QImage m_image;
  std::vector<Shape> m_shapes;
};

}  // namespace distanz::app
