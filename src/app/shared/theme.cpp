#include "app/shared/theme.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QHash>
#include <QPainter>
#include <QPalette>
#include <QPushButton>
#include <QStyle>
#include <QStyleFactory>
#include <QSvgRenderer>
#include <cmath>

namespace distanz::app::theme {
namespace {

Scheme g_scheme = Scheme::Light;

const Tokens kLight{QColor(0xF6F4EE), QColor(0xFFFFFF), QColor(0x1D2830), QColor(0x5B6770), QColor(0xD9D5CA),
                    QColor(0x0B5F6B), QColor(0xFFFFFF), QColor(0x8A5A00), QColor(0xB3261E), QColor(0xEFE9DC)};
const Tokens kDark{QColor(0x14191D), QColor(0x1C2329), QColor(0xE8E6DF), QColor(0x9AA6AE), QColor(0x2E373E),
                   QColor(0x6CC7D3), QColor(0x14191D), QColor(0xE0A83A), QColor(0xF2827A), QColor(0x232C33)};

// After Okabe & Ito's colour-blind-safe set, without its oranges (amber and red mean caution here), darkened
// or lightened for 4.5:1 on the ground they stand on.
constexpr QRgb kSetupsLight[kMarks] = {0x0064A4, 0xA23C78, 0x00705A, 0x6B6100,
                                       0x4B4FA8, 0x17708C, 0x7B4A2A, 0x46545E};
constexpr QRgb kSetupsDark[kMarks] = {0x62B4EA, 0xE88FC4, 0x45C7A0, 0xCFC24A,
                                      0xAFAEF5, 0x63C8E0, 0xD9A27A, 0xAEBCC6};
const QVector<qreal> kDashes[kMarks] = {
    {}, {7, 3}, {2, 2.5}, {8, 3, 2, 3}, {12, 3}, {4, 2, 1, 2, 1, 2}, {1, 3}, {10, 2, 3, 2}};

QString styleSheet() {
  QFile file(":/distanz/distanz.qss");
  if (!file.open(QIODevice::ReadOnly)) return {};
  QString text = QString::fromUtf8(file.readAll());
  const Tokens& t = tokens();
  const std::pair<const char*, QColor> names[] = {
      {"@paper", t.paper},       {"@surface", t.surface},     {"@ink", t.ink},       {"@muted", t.muted},
      {"@hairline", t.hairline}, {"@on_accent", t.on_accent}, {"@accent", t.accent}, {"@caution", t.caution},
      {"@stop", t.stop},         {"@floor", t.floor}};
  for (const auto& [name, colour] : names) text.replace(name, colour.name());
  return text;
}

double channel(double v) {
  return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}
double luminance(const QColor& c) {
  return 0.2126 * channel(c.redF()) + 0.7152 * channel(c.greenF()) + 0.0722 * channel(c.blueF());
}

}  // namespace

Scheme scheme() {
  return g_scheme;
}
void setScheme(Scheme scheme) {
  g_scheme = scheme;
}
Scheme systemScheme() {
  // Asked before apply() puts a palette of its own in its place.
  static const Scheme kFirst = [] {
    const QPalette system = QGuiApplication::palette();
    return system.color(QPalette::Window).lightnessF() < system.color(QPalette::WindowText).lightnessF() ? Scheme::Dark : Scheme::Light;
  }();
  return kFirst;
}
const Tokens& tokens(Scheme scheme) {
  return scheme == Scheme::Dark ? kDark : kLight;
}
const Tokens& tokens() {
  return tokens(g_scheme);
}

QColor setupColour(int mark, Scheme scheme) {
  const QRgb* colours = scheme == Scheme::Dark
                            ? kSetupsDark
                            : kSetupsLight;  // gcc 12 loses the index of a chosen array under sanitisers
  return QColor(colours[mark % kMarks]);
}
QColor setupColour(int mark) {
  return setupColour(mark, g_scheme);
}

QPen setupPen(int mark, double width) {
  QPen pen(setupColour(mark), width);
  pen.setCapStyle(Qt::FlatCap);
  if (!kDashes[mark % kMarks].isEmpty()) pen.setDashPattern(kDashes[mark % kMarks]);
  return pen;
}

void loadFonts() {
  for (const char* name : {"body-regular", "body-bold"})
    QFontDatabase::addApplicationFont(QString(":/distanz/fonts/%1").arg(name));
}

QFont bodyFont(int pixels, bool strong) {
  QFont font(QStringLiteral("Lato"));
  font.setPixelSize(pixels);
  font.setWeight(strong ? QFont::Bold : QFont::Normal);
  return font;
}

QFont paperFont(int pixels, bool strong) {
  QFont font = bodyFont(pixels, strong);
  font.setLetterSpacing(QFont::AbsoluteSpacing, 1.0 / 32);  // any spacing keeps letters from being drawn as ligatures
  return font;
}

QFont figureFont(int pixels, bool strong) {
  return bodyFont(pixels, strong);  // the digits of this family are all of one width
}

void apply() {
  systemScheme();
  const Tokens& t = tokens();
  QApplication::setStyle(QStyleFactory::create("Fusion"));
  QPalette p;
  p.setColor(QPalette::Window, t.paper);
  p.setColor(QPalette::Base, t.surface);
  p.setColor(QPalette::AlternateBase, t.paper);
  p.setColor(QPalette::Button, t.surface);
  for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
    p.setColor(role, t.ink);
  p.setColor(QPalette::ToolTipBase, t.surface);
  p.setColor(QPalette::PlaceholderText, t.muted);
  p.setColor(QPalette::Highlight, t.accent);
  p.setColor(QPalette::HighlightedText, t.on_accent);
  p.setColor(QPalette::Link, t.accent);
  for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
    p.setColor(QPalette::Disabled, role, t.muted);
  QApplication::setPalette(p);
  QApplication::setFont(bodyFont());
}

void dress(QWidget& window) {
  window.setStyleSheet(styleSheet());
}

void markNext(QPushButton& button, bool next) {
  if (button.property("next").toBool() == next) return;
  button.setProperty("next", next);
  button.style()->unpolish(&button);
  button.style()->polish(&button);
}

QIcon icon(const QString& name, const QColor& colour) {
  static QHash<QString, QIcon> drawn;  // painted often: rendering the SVG each time would hold the window up
  const QString key = name + colour.name();
  if (const auto found = drawn.constFind(key); found != drawn.constEnd()) return *found;
  QFile file(QString(":/distanz/icons/%1.svg").arg(name));
  if (!file.open(QIODevice::ReadOnly)) return {};
  QSvgRenderer renderer(file.readAll().replace("currentColor", colour.name().toUtf8()));
  QIcon out;
  for (const int size : {16, 24, 32, 48, 64, 128}) {
    QPixmap pixmap(size, size);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    renderer.render(&painter);
    out.addPixmap(pixmap);
  }
  return *drawn.insert(key, out);
}

double contrast(const QColor& a, const QColor& b) {
  const double la = luminance(a) + 0.05, lb = luminance(b) + 0.05;
  return la > lb ? la / lb : lb / la;
}

}  // namespace distanz::app::theme
