#pragma once
#include <QString>
#include <map>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"
#include "core/quantity/parse.h"
#include "core/quantity/unit.h"

/// Quantities as text, in the pilot's language, numbers and units.
namespace distanz::words {

/// @param decimals fixed
QString number(double value, int decimals);
/// At most so many decimals, without zeros at the end.
QString shortNumber(double value, int decimals);
/// "2.41 km" from 1 km, "860 m" below; in miles and feet where the pilot thinks in them. "no limit" where it
/// is infinite.
QString distance(double distance_m);
/// "1.55–2.00 km", each end with its own unit where they differ; "from 1.55 km" where high is infinite.
QString span(double low_m, double high_m);
/// The marks of an axis of distance: every so many metres, round in the pilot's own unit, told in it.
struct Marks {
  double step_m = 0;
  quantity::Unit unit = quantity::Unit::Metre;  ///< feet or miles all along; of metric ones see distance()
  QString text(double distance_m) const;
};
/// @param least_m the least distance between two; @param end_m where the axis ends
Marks distanceMarks(double least_m, double end_m);
/// The unit that lengths below a kilometre or mile are told in.
quantity::Unit lengthUnit();
/// A length that is always told in m or ft: heights.
QString height(double height_m, int decimals);
/// "250 mW" or "24 dBm", as the pilot has it.
QString power(double power_mw);
/// How sure a probability is: "almost certainly", "likely", "as likely as not" ...
QString likelihood(double p);
/// A probability in per cent, never as certainty.
QString chance(double p);
/// Seconds of the day as hours and minutes: "06:30".
QString clock(double seconds);
/// "12.5 s", "2 min", "1:30", as parse() reads it back; to a thousandth of a second.
QString duration(double seconds);
/// Any quantity at a sensible scale and precision. @param decimals below 0: what suits the unit
QString quantity(double value, quantity::Unit unit, int decimals = -1);

/// At the scale people write it and as precisely as they type it: "5.8 GHz", "1.25 km". Empty for NaN.
QString exactly(double value, quantity::Unit unit);
/// A value as a field shows it, so that parse() reads it back: "1.25 km", "250 mW", "5.8 GHz". Empty for NaN.
QString field(quantity::Kind kind, double value);
/// The unit that field() shows small values in: what a bare number typed there means.
quantity::Unit bareUnit(quantity::Kind kind);
/// "50: -112 dBm; 150: -107 dBm", as campaign::parseModes() reads it.
QString modes(const std::vector<campaign::ModeSensitivity>& modes);
/// "20 dB", or "control 20 dB; video 10 dB" where there are several links, as campaign::parseReduced() reads
/// it.
QString reduced(const std::map<std::string, double>& reduced_db, const std::vector<campaign::Link>& links);

}  // namespace distanz::words
