#include "app/shared/theme.h"

#include <QFontDatabase>
#include <QFontMetrics>
#include <catch2/catch.hpp>

#include "app/window/stages.h"

using namespace distanz::app::theme;
using Catch::Matchers::WithinAbs;

TEST_CASE("contrast: the definition's ends") {
  CHECK_THAT(contrast(Qt::black, Qt::white), WithinAbs(21, 1e-9));
  CHECK_THAT(contrast(Qt::red, Qt::red), WithinAbs(1, 1e-12));
  CHECK_THAT(contrast(QColor(0x767676), Qt::white),
             WithinAbs(4.54, 0.01));  // WCAG's own example of a grey that just passes
}

TEST_CASE("palette: text and setups keep to WCAG AA on paper and surface, light and dark") {
  const Scheme scheme = GENERATE(Scheme::Light, Scheme::Dark);
  const Tokens& t = tokens(scheme);
  for (const QColor& ground : {t.paper, t.surface}) {
    for (const QColor& ink : {t.ink, t.muted, t.accent, t.caution, t.stop})
      CHECK(contrast(ink, ground) >= 4.5);
    for (int mark = 0; mark < kMarks; ++mark) {
      CAPTURE(mark);
      CHECK(contrast(setupColour(mark, scheme), ground) >= 4.5);
    }
  }
  CHECK(contrast(t.on_accent, t.accent) >= 4.5);
}

TEST_CASE("setups differ by pattern as well as by colour") {
  for (int a = 0; a < kMarks; ++a)
    for (int b = a + 1; b < kMarks; ++b) {
      CHECK(setupColour(a) != setupColour(b));
      CHECK(setupPen(a, 2).dashPattern() != setupPen(b, 2).dashPattern());
    }
  CHECK(setupColour(kMarks) == setupColour(0));
}

TEST_CASE("fonts: embedded, and the digits are of one width") {
  CHECK(QFontDatabase::families().contains("Lato"));
  for (const bool strong : {false, true}) {
    const QFontMetrics metrics(figureFont(20, strong));
    for (char digit = '1'; digit <= '9'; ++digit)
      CHECK(metrics.horizontalAdvance(QChar(digit)) == metrics.horizontalAdvance(QChar('0')));
  }
}

TEST_CASE("icons: every stage has one") {
  CHECK_FALSE(icon("distanz", Qt::black).isNull());
  for (const distanz::app::StageInfo& stage : distanz::app::stageTable())
    CHECK_FALSE(icon(stage.id, Qt::black).isNull());
  CHECK(icon("none", Qt::black).isNull());
}
