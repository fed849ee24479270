#include "words/quantity.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "core/quantity/decibel.h"
#include "words/style.h"

namespace distanz::words {
namespace {

using quantity::Unit;

class Quantity {
  Q_DECLARE_TR_FUNCTIONS(quantity)
};

QString symbol(Unit unit) {
  const auto s = quantity::symbolOf(unit);
  return QString::fromUtf8(s.data(), qsizetype(s.size()));
}

QString withUnit(const QString& number, Unit unit) {
  const QString s = symbol(unit);
  return s.isEmpty() || s == QStringLiteral("°") ? number + s : number + ' ' + s;
}

bool imperial() {
  return style().units == Units::Imperial;
}

constexpr double kMilesFrom = 0.25;  // shorter lengths are told in feet

/// A length at the scale it is told in.
struct Scaled {
  double value;
  Unit unit;
  int decimals;
};

Scaled scaled(double d) {
  if (imperial()) {
    const double miles = quantity::convert(d, Unit::Metre, Unit::Mile);
    if (std::abs(miles) >= kMilesFrom) return {miles, Unit::Mile, 2};
    return {quantity::convert(d, Unit::Metre, Unit::Foot), Unit::Foot, 0};
  }
  if (std::abs(d) >= 1000) return {d / 1000, Unit::Kilometre, 2};
  return {d, Unit::Metre, 0};
}

/// What a unit is told in where the pilot thinks in feet and miles.
Unit asThought(Unit unit) {
  if (!imperial()) return unit;
  return unit == Unit::Metre ? Unit::Foot : unit == Unit::MetrePerSecond ? Unit::MilePerHour : unit;
}

int decimalsOf(Unit unit) {
  return unit == Unit::Decibel || unit == Unit::Dbi ? 1 : unit == Unit::None ? 2 : 0;
}

QLocale plainLocale() {
  QLocale locale = style().locale;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  return locale;
}

/// @param digits that count
QString milliwatts(double mw, int digits) {
  const bool watts = std::abs(mw) >= 999.5;
  return withUnit(plainLocale().toString(watts ? mw / 1000 : mw, 'g', digits),
                  watts ? Unit::Watt : Unit::Milliwatt);
}

}  // namespace

QString number(double value, int decimals) {
  const double step = std::pow(10, -decimals);
  if (std::abs(value) < step / 2) value = 0;  // never "-0"
  if (std::abs(value) >= 1e15) return plainLocale().toString(value, 'g', 6);
  return plainLocale().toString(value, 'f', decimals);
}

QString shortNumber(double value, int decimals) {
  QString text = number(value, decimals);
  const QString point = plainLocale().decimalPoint();
  if (!text.contains(point) || text.contains('e', Qt::CaseInsensitive)) return text;
  while (text.endsWith('0')) text.chop(1);
  if (text.endsWith(point)) text.chop(point.size());
  return text;
}

QString distance(double d) {
  if (!std::isfinite(d)) return Quantity::tr("no limit");
  const Scaled s = scaled(d);
  return withUnit(number(s.value, s.decimals), s.unit);
}

QString span(double low, double high) {
  if (!std::isfinite(high)) return Quantity::tr("from %1").arg(distance(low));
  const Scaled a = scaled(low), b = scaled(high);
  return QString("%1\u2013%2")
      .arg(a.unit == b.unit ? number(a.value, a.decimals) : distance(low), distance(high));
}

QString Marks::text(double distance_m) const {
  if (unit == Unit::Metre) return distance(distance_m);
  return withUnit(number(quantity::convert(distance_m, Unit::Metre, unit), unit == Unit::Mile ? 2 : 0), unit);
}

Marks distanceMarks(double least_m, double end_m) {
  const double in_miles = quantity::convert(kMilesFrom, Unit::Mile, Unit::Metre);
  Marks marks;
  std::vector<double> round = {10, 25, 50, 100, 250, 500, 1000, 2000, 5000, 10'000, 20'000, 50'000, 100'000};
  if (imperial()) {
    marks.unit = end_m < in_miles ? Unit::Foot : Unit::Mile;
    round = {50, 100, 250, 500, 1000, 2000};
    if (marks.unit == Unit::Mile) round = {0.05, 0.1, 0.25, 0.5, 1, 2, 5, 10, 20, 50};
  }
  const double least = quantity::convert(least_m, Unit::Metre, marks.unit);
  const auto found = std::lower_bound(round.begin(), round.end(), least);
  marks.step_m = found == round.end() ? least_m : quantity::convert(*found, marks.unit, Unit::Metre);
  return marks;
}

Unit lengthUnit() {
  return imperial() ? Unit::Foot : Unit::Metre;
}

QString height(double height_m, int decimals) {
  return quantity(height_m, Unit::Metre, decimals);
}

QString power(double power_mw) {
  if (style().power == Power::Dbm)
    return withUnit(number(quantity::dbmFromMilliwatt(power_mw), 1), Unit::Dbm);
  return milliwatts(power_mw, 3);
}

QString likelihood(double p) {
  if (!(p >= 0 && p <= 1)) return Quantity::tr("possibly");
  if (p >= 0.99) return Quantity::tr("almost certainly");
  if (p >= 0.95) return Quantity::tr("very likely");
  if (p >= 0.8) return Quantity::tr("likely");
  if (p >= 0.6) return Quantity::tr("more likely than not");
  if (p > 0.4) return Quantity::tr("as likely as not");
  return Quantity::tr("probably not");
}

QString chance(double p) {
  if (p > 0.999) return Quantity::tr("over %1").arg(quantity(99.9, Unit::Percent, 1));
  if (p < 0.001) return Quantity::tr("under %1").arg(quantity(0.1, Unit::Percent, 1));
  return quantity(std::clamp(100 * p, 1.0, 99.0), Unit::Percent, 0);
}

QString clock(double seconds) {
  const int all = int(std::floor(seconds / 60)), minutes = all == 1440 ? all : all % 1440;  // a day may end at 24:00
  return QStringLiteral("%1:%2").arg(minutes / 60, 2, 10, QChar('0')).arg(minutes % 60, 2, 10, QChar('0'));
}

QString quantity(double value, Unit unit, int decimals) {
  if (unit == Unit::Milliwatt) return power(value);
  if (decimals < 0) {
    if (unit == Unit::Metre) return distance(value);
    if (unit == Unit::Megahertz) return exactly(value, unit);
    if (unit == Unit::None) return shortNumber(value, 6);
    decimals = decimalsOf(unit);
  }
  const Unit told = asThought(unit);
  return withUnit(number(quantity::convert(value, unit, told), decimals), told);
}

QString exactly(double value, Unit unit) {
  if (!std::isfinite(value)) return {};
  if (unit == Unit::Metre && imperial()) {
    const double feet = quantity::convert(value, Unit::Metre, Unit::Foot),
                 miles = quantity::convert(value, Unit::Metre, Unit::Mile);
    return std::abs(miles) >= kMilesFrom ? withUnit(shortNumber(miles, 4), Unit::Mile)
                                  : withUnit(shortNumber(feet, 1), Unit::Foot);
  }
  if (unit == Unit::Metre)
    return std::abs(value) >= 1000 ? withUnit(shortNumber(value / 1000, 3), Unit::Kilometre)
                                   : withUnit(shortNumber(value, std::abs(value) < 10 ? 2 : 1), Unit::Metre);
  if (unit == Unit::Megahertz)
    return std::abs(value) >= 1000 ? withUnit(shortNumber(value / 1000, 4), Unit::Gigahertz)
                                   : withUnit(shortNumber(value, 3), Unit::Megahertz);
  return withUnit(shortNumber(value, unit == Unit::None || unit == Unit::Degree ? 6 : 2), unit);
}

QString duration(double s) {
  if (!std::isfinite(s)) return {};
  if (std::abs(s) < 60) return withUnit(shortNumber(s, 3), Unit::Second);
  const double whole = std::floor(std::abs(s) / 60), rest = std::abs(s) - 60 * whole;
  const QString sign = s < 0 ? QStringLiteral("-") : QString();
  if (rest < 5e-4) return sign + withUnit(shortNumber(whole, 0), Unit::Minute);
  const QString seconds = shortNumber(rest, 3);
  return sign + shortNumber(whole, 0) + ':' + (rest < 10 ? "0" + seconds : seconds);
}

QString field(quantity::Kind kind, double value) {
  if (kind == quantity::Kind::Time) return duration(value);
  const double mw =
      kind == quantity::Kind::Power && std::isfinite(value) ? quantity::milliwattFromDbm(value) : 0;
  if (std::isnormal(mw) && style().power == Power::Milliwatt) return milliwatts(mw, 4);
  return exactly(value, quantity::canonicalUnit(kind));
}

Unit bareUnit(quantity::Kind kind) {
  if (kind == quantity::Kind::Length && imperial()) return Unit::Foot;
  if (kind == quantity::Kind::Power && style().power == Power::Milliwatt) return Unit::Milliwatt;
  return quantity::canonicalUnit(kind);
}

QString modes(const std::vector<campaign::ModeSensitivity>& modes) {
  QStringList out;
  for (const auto& m : modes)
    out +=
        QStringLiteral("%1: %2").arg(shortNumber(m.mode, 6), field(quantity::Kind::Level, m.sensitivity_dbm));
  return out.join(QStringLiteral("; "));
}

QString reduced(const std::map<std::string, double>& reduced_db, const std::vector<campaign::Link>& links) {
  QStringList out;
  for (const auto& [link, db] : reduced_db)
    out += (links.size() == 1 ? QString() : QString::fromStdString(link) + ' ') +
           field(quantity::Kind::Loss, db);
  return out.join(QStringLiteral("; "));
}

}  // namespace distanz::words
