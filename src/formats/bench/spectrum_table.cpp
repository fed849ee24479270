#include "formats/bench/spectrum_table.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/text/ascii.h"
#include "formats/bench/bench_columns.h"
#include "formats/bench/frequency_order.h"
#include "formats/bench/row_faults.h"
#include "formats/bench/sweep_file.h"
#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/log_table.h"

namespace distanz::formats {
namespace {

constexpr double kLeast_dbm = -250, kMost_dbm = 100;

bool isFrequency(const ColumnName& name) {
  return name.words == "f" || name.words.starts_with("freq");
}

struct Columns {
  int frequency = -1;
  std::vector<int> levels;
};

Columns columnsOf(const CsvLayout& layout) {
  Columns out;
  for (std::size_t i = 0; i < layout.header.size(); ++i) {
    const ColumnName name = columnName(layout.header[i]);
    if (isFrequency(name)) {
      if (out.frequency < 0) out.frequency = static_cast<int>(i);
    } else if (out.levels.size() < kMostTraces && name.words.find("time") == std::string::npos &&
               name.words.find("index") == std::string::npos)
      out.levels.push_back(static_cast<int>(i));
  }
  if (out.frequency < 0) throw InputError(finding("sweep-no-frequency"));
  if (out.levels.empty()) throw InputError(finding("spectrum-no-level"));
  return out;
}

/// What the lines before the table say of the resolution bandwidth: "RBW: 100 kHz", "# resolution bandwidth 0.1
/// MHz". MHz, 0 where they do not.
double resolutionIn(std::string_view head) {
  while (!head.empty()) {
    const std::string line = text::lower(takeLine(head));
    for (const std::string_view name : {"rbw", "resolution bandwidth"}) {
      const auto at = line.find(name);
      if (at == std::string::npos) continue;
      std::string_view said = std::string_view(line).substr(at + name.size());
      const auto from = said.find_first_of("0123456789.");
      if (from == std::string_view::npos || from > 12) continue;
      said.remove_prefix(from);
      const auto end = std::min(said.find_first_not_of("0123456789.e+-"), said.size());
      const double value = parseNumber(said.substr(0, end), false);
      const std::string unit(said.substr(end, 12));
      const double scale = unit.find("khz") != std::string::npos ? 1e-3 : unit.find("mhz") != std::string::npos ? 1 : 1e-6;
      if (value > 0 && std::isfinite(value)) return value * scale;
    }
  }
  return 0;
}

}  // namespace

SpectrumRead readSpectrum(std::string_view bytes) {
  const CsvLayout layout = layoutOf(bytes);
  const Columns columns = columnsOf(layout);
  std::vector<double> frequency;
  std::vector<std::vector<double>> levels(columns.levels.size());
  RowFaults faults;
  std::string_view rest = bytes.substr(layout.data_begin);
  for (int line_number = layout.header_line + 1; !rest.empty(); ++line_number) {
    const std::string_view line = takeLine(rest);
    if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size(), line_number));
    if (isBlankLine(line) || line.starts_with('#') || line.starts_with('!')) continue;
    const auto fields = splitLine(line, layout.delimiter);
    const auto number = [&](int column) {
      const auto at = static_cast<std::size_t>(column);
      return at < fields.size() ? parseNumber(fields[at], layout.decimal_comma) : NAN;
    };
    const double f = number(columns.frequency);
    if (!std::isfinite(f) || f < 0) {
      faults.add(finding("sweep-frequency-missing"), line_number);
      continue;
    }
    if (frequency.size() * levels.size() >= kMostSweepPoints)
      throw InputError(at(finding("sweep-too-long", {{"most", kMostSweepPoints}}), line_number));
    frequency.push_back(f);
    for (std::size_t i = 0; i < levels.size(); ++i) {
      const double level = number(columns.levels[i]);
      levels[i].push_back(level >= kLeast_dbm && level <= kMost_dbm ? level : NAN);
    }
  }
  if (frequency.empty()) throw InputError(faults.any() ? faults.first() : finding("sweep-no-points"));
  SpectrumRead out;
  const double scale = megahertzIn(columnName(layout.header[static_cast<std::size_t>(columns.frequency)]),
                                   *std::max_element(frequency.begin(), frequency.end()));
  for (double& f : frequency) f *= scale;
  const auto order = orderOf(frequency, out.problems);
  for (auto& l : levels) reorder(l, order);
  reorder(frequency, order);
  const double rbw_mhz = resolutionIn(bytes.substr(0, layout.data_begin));
  for (std::size_t i = 0; i < levels.size(); ++i) {
    bench::Trace trace;
    trace.rbw_mhz = rbw_mhz;
    for (std::size_t k = 0; k < frequency.size(); ++k)
      if (std::isfinite(levels[i][k]))
        trace.frequency_mhz.push_back(frequency[k]), trace.level_dbm.push_back(levels[i][k]);
    if (trace.level_dbm.empty()) continue;
    out.traces.push_back(std::move(trace));
    out.names.push_back(layout.header[static_cast<std::size_t>(columns.levels[i])]);
  }
  if (out.traces.empty()) throw InputError(finding("spectrum-no-level"));
  for (Finding& f : faults.told()) out.problems.push_back(std::move(f));
  return out;
}

std::string writeSpectrum(const bench::Trace& trace) {
  std::string out;
  if (trace.rbw_mhz > 0) out = fmt::format("# resolution bandwidth: {} MHz\n", trace.rbw_mhz);
  out += "frequency_mhz,level_dbm\n";
  for (std::size_t k = 0; k < trace.level_dbm.size(); ++k)
    out += fmt::format("{},{}\n", trace.frequency_mhz[k], trace.level_dbm[k]);
  return out;
}

}  // namespace distanz::formats
