#pragma once
#include <cmath>
#include <string>
#include <utility>
#include <vector>

#include "core/bench/signal_scale.h"
#include "core/records/record_result.h"

/// What the judges share, inside of core/records.
namespace distanz::records {

inline Measure measure(double value, quantity::Unit unit) {
  return {value, unit, {}, {}};
}
/// With its interval, where both ends are numbers.
inline Measure measure(double value, quantity::Unit unit, double low, double high) {
  if (!std::isfinite(low) || !std::isfinite(high)) return measure(value, unit);
  return {value, unit, low, high};
}
inline Measure mhz(double frequency) {
  return measure(frequency, quantity::Unit::Megahertz);
}
inline Measure measure(const bench::Spread& s, quantity::Unit unit) {
  return {s.estimate, unit, s.low, s.high};
}

/// Readings that have both numbers.
std::vector<std::pair<double, double>> pairsOf(const campaign::Record& record, const char* x, const char* y);
/// A number of the readings with a label.
std::vector<double> valuesOf(const campaign::Record& record, const std::string& label, const char* key);
/// What a receiver read against the level it got, in dBm where the source is known.
std::vector<bench::ScaleReading> scaleReadingsOf(const campaign::Record& record);
/// Nothing but that more readings are wanted.
RecordResult tooFew(std::size_t have, std::size_t want);

/// Decibels multiplied onto a distance as if it grew with power, beside what they are worth.
Finding wrongMultiplication(double distance_m, double by_db, double right_m, double exponent);

}  // namespace distanz::records
