#pragma once
#include <QColor>
#include <QFont>
#include <QIcon>
#include <QPen>
#include <QString>

#include "lanes/paper/paper.h"

class QPushButton;
class QWidget;

/// The look, in one place: tokens, fonts, marks of setups. Distances in pixels keep to a 4 px grid.
namespace distanz::app::theme {

struct Tokens {
  QColor paper, surface, ink, muted, hairline;
  QColor accent, on_accent;  ///< what can be done next
  QColor caution, stop;      ///< never used for setups
  QColor floor;              ///< below the critical level
};

enum class Scheme { Light, Dark };

using namespace lanes::type;  // the five sizes of text
constexpr int kRail = 84, kColumn = 300;
constexpr int kColumnMargin = 12, kStroke = 3, kStrokeGap = 8;
constexpr int kColumnText = kColumnMargin + kStroke + kStrokeGap;  ///< where texts of the right column begin
constexpr int kAxisLeft = 60,
              kAxisRight = 16;  ///< margins that keep every distance axis in line with the range rule

Scheme scheme();
void setScheme(Scheme scheme);
/// What the desktop had when the program began: dark where its windows are darker than their text.
Scheme systemScheme();
const Tokens& tokens();
const Tokens& tokens(Scheme scheme);

constexpr int kMarks = 8;
/// Colour of a setup by its place in the campaign; wraps after kMarks, the letter goes on telling them apart.
QColor setupColour(int mark);
QColor setupColour(int mark, Scheme scheme);
/// Line pattern of a setup.
QPen setupPen(int mark, double width);

/// Loads the embedded fonts once the application exists.
void loadFonts();
QFont bodyFont(int pixels = kBody, bool strong = false);
/// The same for drawings that leave the window: letter by letter, so that what is written can be searched and copied.
QFont paperFont(int pixels, bool strong);
/// Face for figures: digits of equal width.
QFont figureFont(int pixels = kBody, bool strong = false);

/// Palette and font for the application, after setScheme() or loadFonts().
void apply();
/// The style sheet for a window and all that is in it. Not for the application: there, every widget put into
/// another is styled anew with all that it holds.
void dress(QWidget& window);

/// What the pilot most likely wants next: at most one button of a screen.
void markNext(QPushButton& button, bool next = true);

/// Stage or tool icon in the given colour.
QIcon icon(const QString& name, const QColor& colour);

/// Contrast of two colours after WCAG 2.1, 1..21.
double contrast(const QColor& a, const QColor& b);

}  // namespace distanz::app::theme
