// Lanes on paper: nothing leaves its lane, whatever the painter does with clipping.
#include "lanes/paper/paper.h"
#include "lanes/paper/sheet.h"

#include <QFile>
#include <QImage>
#include <QPainter>
#include <QPainterPath>
#include <QRegularExpression>
#include <QSvgRenderer>
#include <QXmlStreamReader>
#include <catch2/catch.hpp>
#include <cmath>

#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::lanes;

namespace {

Look look() {
  return {Qt::white,
          Qt::white,
          Qt::black,
          Qt::gray,
          Qt::lightGray,
          Qt::blue,
          Qt::red,
          [](int mark, double width) { return QPen(mark == 0 ? Qt::darkGreen : Qt::darkRed, width); },
          [](int pixels, bool) {
            QFont f;
            f.setPixelSize(pixels);
            return f;
          }};
}

/// One lane whose contents reach far beyond it, and an empty one below.
Lanes wild() {
  Lane upper{"a", "Signal", "dBm", 1, 2, -100, -50};
  upper.lines.push_back({{-500, 500, 5000}, {0, -300, 200}, {Ink::Role::Setup, 0}, 2, "A1"});
  upper.bands.push_back({{-100, 3000}, {-500, -400}, {100, 300}, {Ink::Role::Setup, 0}});
  upper.floors.push_back({-90, "critical level"});
  upper.bars.push_back({{-300, 980, 4000}, {-1000, 900, 5}, 100, {Ink::Role::Setup, 0}});
  upper.strokes.push_back({{{-50, 5000, -60}, {0, 10, 900}}, {Ink::Role::Setup, 0}, 3});
  upper.dots.push_back({{{500, -75, "A1"}, {500, -500, "A2"}, {9000, -75, "A3"}}, {Ink::Role::Setup, 0}});
  Lane lower{"b", "Link quality", "%", 1, 1, 0, 100};
  return {1000, {upper, lower}};
}

constexpr QSize kSize(600, 400);

}  // namespace

TEST_CASE("paper: an SVG holds what lies in its lane and nothing beyond", "[regression]") {
  const QByteArray bytes = svgOf(kSize, "Distanz", [](QPainter& p) { paint(p, kSize, wild(), look()); });
  CHECK(bytes.trimmed().endsWith("</svg>"));
  CHECK_FALSE(bytes.contains("pattern"));  // beyond what renderers agree on
  const auto places = layoutOf(wild(), kSize.height());
  REQUIRE(places.size() == 2);
  QSvgRenderer renderer(bytes);
  REQUIRE(renderer.isValid());
  QImage picture(kSize, QImage::Format_RGB32);
  picture.fill(Qt::white);
  QPainter p(&picture);
  renderer.render(&p);
  p.end();
  int green_above = 0, green_elsewhere = 0;
  const int lower_top = int(places[1].top), left = 60, right = kSize.width() - 16;
  for (int y = 0; y < picture.height(); ++y)
    for (int x = 0; x < picture.width(); ++x) {
      const QColor c = picture.pixelColor(x, y);
      if (!(c.green() > c.red() + 30 && c.green() > c.blue() + 30)) continue;
      const bool within = y < lower_top - int(kTitle_px) && x >= left - 6 && x <= right + 6;
      ++(within ? green_above : green_elsewhere);
    }
  CHECK(green_above > 500);
  CHECK(green_elsewhere == 0);
}

TEST_CASE("paper: a PDF is one page of the size asked for, whole to its end") {
  const std::string bytes = pdfOf(kSize, "Distanz", [](QPainter& p) { paint(p, kSize, wild(), look()); }).toStdString();
  CHECK(bytes.find("%%EOF", bytes.size() - 10) != std::string::npos);
  CHECK(bytes.starts_with("%PDF-"));
  CHECK(bytes.find("/MediaBox [0 0 450") != std::string::npos);  // 600 px at 96 to the inch, in points
}
