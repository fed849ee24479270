#include <fmt/format.h>

#include <charconv>
#include <cmath>
#include <sstream>

#include "core/finding/error.h"
#include "core/text/text.h"
#include "formats/csv_layout.h"
#include "geodata/plan_entries.h"

namespace distanz::geodata {
namespace {

constexpr const char* kHeader = "what,name,lat_deg,lon_deg,above_sea_m,facts";

/// A row is a line.
std::string oneLine(std::string name) {
  for (char& c : name)
    if (c == '\n' || c == '\r') c = ' ';
  return name;
}

double degrees(const std::string& text, int line, const std::string& file) {
  double value = NAN;
  const auto read = std::from_chars(text.data(), text.data() + text.size(), value);
  if (read.ec != std::errc() || !std::isfinite(value))
    throw InputError(inFile(file, finding("plan-row", {{"line", line}})));
  return value;
}

}  // namespace

std::string planCsv(const std::vector<PlanEntry>& entries) {
  std::string out = std::string(kHeader) + "\n";
  for (const PlanEntry& e : entries) {
    std::string facts;
    for (const auto& [key, value] : e.facts) facts += (facts.empty() ? "" : ";") + key + "=" + value;
    for (std::size_t i = 0; i < e.points.size(); ++i)  // names and facts stand with the first point
      out += fmt::format("{},{},{},{},{},{}\n", e.what, i == 0 ? text::csvField(oneLine(e.name)) : "",
                         e.points[i].lat_deg, e.points[i].lon_deg,
                         std::isfinite(e.points[i].height_m) ? fmt::format("{}", e.points[i].height_m) : "",
                         i == 0 ? text::csvField(facts) : "");
  }
  return out;
}

std::vector<PlanEntry> entriesOfCsv(const std::string& bytes, const std::string& name) {
  std::string_view rest = bytes;
  if (formats::takeLine(rest) != kHeader) return {};
  std::vector<PlanEntry> out;
  for (int number = 2; !rest.empty(); ++number) {
    const std::string_view line = formats::takeLine(rest);
    if (formats::isBlankLine(line)) continue;
    const auto fields = formats::splitLine(line, ',');
    if (fields.size() < 6) throw InputError(inFile(name, finding("plan-row", {{"line", number}})));
    const Vertex at{degrees(fields[2], number, name), degrees(fields[3], number, name), NAN};
    const bool goes_on =
        fields[1].empty() && fields[5].empty() && !out.empty() && out.back().what == fields[0];
    if (!goes_on) {
      out.push_back({fields[0], std::string(text::fromCsvField(fields[1])), {}, {}});
      std::istringstream facts{std::string(text::fromCsvField(fields[5]))};
      for (std::string fact; std::getline(facts, fact, ';');)
        if (const auto cut = fact.find('='); cut != std::string::npos)
          out.back().facts[fact.substr(0, cut)] = fact.substr(cut + 1);
    }
    out.back().points.push_back(at);
  }
  return out;
}

}  // namespace distanz::geodata
