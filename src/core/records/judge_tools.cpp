#include "core/records/judge_tools.h"

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

}  // namespace distanz::records
