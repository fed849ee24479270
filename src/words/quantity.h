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
/// "1.55 to 2.00 km", each end with its own unit where they differ; "... to no upper limit" where high is
/// infinite.
QString span(double low_m, double high_m);
/// A round distance, in m, of at least so much: 250 m, or 1,000 ft where the pilot thinks in feet. For the
/// marks of an axis.
double distanceStep(double least_m);
/// The unit that lengths below a kilometre or mile are told in, and how many of it a metre is.
quantity::Unit lengthUnit();
/// A length that is always told in m or ft: heights.
QString height(double height_m, int decimals);
/// "250 mW" or "24 dBm", as the pilot has it.
QString power(double power_mw);
/// How sure a probability is: "almost certainly", "likely", "as likely as not" ...
QString likelihood(double p);
/// A probability in per cent, never as certainty.
QString chance(double p);
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
