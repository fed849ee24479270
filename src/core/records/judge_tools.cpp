#include "core/records/judge_tools.h"

#include "core/bench/attenuator.h"

namespace distanz::records {

std::vector<std::pair<double, double>> pairsOf(const campaign::Record& record, const char* x, const char* y) {
  std::vector<std::pair<double, double>> out;
  for (const campaign::Reading& r : record.readings)
    if (const auto a = r.value(x), b = r.value(y); a && b) out.emplace_back(*a, *b);
  return out;
}

std::vector<double> valuesOf(const campaign::Record& record, const std::string& label, const char* key) {
  std::vector<double> out;
  for (const campaign::Reading& r : record.readings)
    if (r.label == label)
      if (const auto v = r.value(key)) out.push_back(*v);
  return out;
}

RecordResult tooFew(std::size_t have, std::size_t want) {
  RecordResult out;
  out.findings.push_back(finding("readings-few", {{"have", have}, {"want", want}}));
  return out;
}

std::vector<bench::ScaleReading> scaleReadingsOf(const campaign::Record& record) {
  std::vector<bench::ScaleReading> out;
  for (const auto& [attenuation, value] : pairsOf(record, "attenuation_db", "value"))
    out.push_back({record.setting("source_dbm").value_or(0) - attenuation, value});
  return out;
}

Finding wrongMultiplication(double distance_m, double by_db, double right_m, double exponent) {
  return finding("wrong-multiplication", {{"wrong", bench::wronglyMultiplied_m(distance_m, by_db), quantity::Unit::Metre},
                                          {"right", right_m, quantity::Unit::Metre},
                                          {"factor", bench::wronglyMultiplied_m(1, by_db), quantity::Unit::None},
                                          {"exponent", exponent, quantity::Unit::None},
                                          {"times", right_m / distance_m, quantity::Unit::None}});
}

}  // namespace distanz::records
