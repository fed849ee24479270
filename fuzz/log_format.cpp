// Any bytes held to be a log of one format, DISTANZ_FORMAT, become a recording that keeps its promises, or are refused.
#include <algorithm>
#include <cmath>

#include "formats/log_format.h"
#include "formats/log_reader.h"
#include "harness.h"

using namespace distanz;

namespace {

std::vector<campaign::Link> twoLinks() {
  std::vector<campaign::Link> out(2);
  out[0].id = "control";
  out[1].id = "video";
  out[1].kind = campaign::LinkKind::Video;
  return out;
}

const formats::LogFormat& formatUnderTest() {
  for (const formats::LogFormat& f : formats::logFormats())
    if (std::string_view(f.name) == DISTANZ_FORMAT) return f;
  std::abort();
}

}  // namespace

DISTANZ_FUZZ(data) {
  static const auto links = twoLinks();
  static const formats::LogFormat& format = formatUnderTest();
  format.sniff(data);
  formats::LogRead read;
  if (!fuzz::survives([&] {
        const auto table = format.open(data);
        fuzz::require(table->head().preview.size() <= 4000 + 1, "a head is short");
        for (const auto& row : table->head().preview)
          fuzz::require(row.size() <= table->head().header.size(), "no row is wider than the header");
        read = formats::readLog(*table, formats::matchColumns(table->head(), links), {}, formats::Needs::Anything);
      }))
    return;
  const log::Recording& r = read.recording;
  fuzz::require(r.rows() > 0 && std::is_sorted(r.time_s.begin(), r.time_s.end()), "times rise");
  for (const log::Column& column : r.columns)
    fuzz::require(column.values.size() == r.rows(), "columns are as long as time");
  for (const Finding& f : read.problems) fuzz::require(f.line >= 0, "a line is counted");
}
