// Any bytes become readings within their domain, or traces that rise, or are refused; and whatever they hold
// is judged.
#include <algorithm>
#include <cmath>

#include "core/campaign/validate.h"
#include "core/records/record_result.h"
#include "formats/bench/reading_lines.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/spectrum_table.h"
#include "harness.h"

using namespace distanz;

namespace {

campaign::Campaign oneLink() {
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  return c;
}

void readings(std::string_view data, campaign::RecordKind kind) {
  campaign::Campaign c = oneLink();
  c.records.resize(1);
  campaign::Record& r = c.records[0];
  r.id = "r1";
  r.kind = kind;
  if (!fuzz::survives([&] { r.readings = formats::readReadings(data, kind).readings; })) return;
  fuzz::require(!r.readings.empty(), "readings");
  fuzz::require(campaign::validate(c).empty(), "within their domain");
  const auto result = records::judge({c, r, {}, {}, {}});
  fuzz::require(!result.findings.empty(), "something is said");
  for (const Finding& f : result.findings) words::say(f);
  fuzz::survives([&] {
    const auto back = formats::readReadings(formats::writeReadings(r), kind);
    fuzz::require(back.readings.size() == r.readings.size(), "written and read back");
  });
}

/// The same bytes as an instrument would send them.
void lines(std::string_view data, campaign::RecordKind kind) {
  campaign::Campaign c = oneLink();
  c.records.resize(1);
  campaign::Record& r = c.records[0];
  r.id = "r1";
  r.kind = kind;
  formats::ReadingLines lines(kind);
  for (std::size_t begin = 0; begin < data.size();) {
    const std::size_t end = std::min(data.find('\n', begin), data.size());
    if (auto reading = lines.take(data.substr(begin, end - begin))) r.readings.push_back(std::move(*reading));
    if (lines.problem()) words::sentence(*lines.problem());
    begin = end + 1;
  }
  fuzz::require(campaign::validate(c).empty(), "heard within their domain");
}

}  // namespace

DISTANZ_FUZZ(data) {
  if (data.empty()) return;
  const auto kinds = campaign::recordKindWords().size();
  readings(data.substr(1), static_cast<campaign::RecordKind>(static_cast<unsigned char>(data[0]) % kinds));
  lines(data.substr(1), static_cast<campaign::RecordKind>(static_cast<unsigned char>(data[0]) % kinds));
  formats::SpectrumRead read;
  if (!fuzz::survives([&] { read = formats::readSpectrum(data); })) return;
  for (const bench::Trace& t : read.traces) {
    fuzz::require(!t.level_dbm.empty() && t.level_dbm.size() == t.frequency_mhz.size(),
                  "a level at each frequency");
    bench::occupied(t);
    bench::widthBelowPeak(t);
    bench::usedBands(t);
  }
  bench::peakHold(read.traces);
}
