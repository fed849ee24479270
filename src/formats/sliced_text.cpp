#include "formats/sliced_text.h"

#include <algorithm>
#include <cmath>
#include <string>

#include "core/log/channel.h"
#include "core/log/recording.h"
#include "formats/csv_layout.h"
#include "formats/field_value.h"
#include "formats/log_format.h"
#include "formats/readable.h"
#include "formats/table_reader.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kHead = 4 << 20;

/// Its value does not lie between those of its neighbours, or must not.
bool takesFirst(const ColumnMatch& match) {
  if (match.kind != FieldKind::Number || match.channel == "time_s" || match.channel == "date" || match.channel == "heading_deg") return true;
  const log::ChannelInfo* about = log::channelInfo(match.channel);
  return (about && about->in_steps) || match.channel == log::channel::kLatitude || match.channel == log::channel::kLongitude;
}

/// Per slot, as NumberTable has them.
std::vector<bool> firstBySlot(const std::vector<ColumnMatch>& matches) {
  std::vector<bool> out;
  for (const ColumnMatch& m : matches) out.insert(out.end(), m.kind == FieldKind::LatLon ? 2 : 1, takesFirst(m));
  return out;
}

/// Adds a slice's rows, each group of them as one.
void append(NumberTable& table, const NumberTable& slice, std::size_t group, const std::vector<bool>& first) {
  table.values.resize(slice.values.size());
  for (std::size_t s = 0; s < slice.values.size(); ++s) {
    const std::vector<double>& from = slice.values[s];
    for (std::size_t at = 0; at < from.size(); at += group) {
      const std::size_t end = std::min(at + group, from.size());
      double sum = 0;
      int n = 0;
      for (std::size_t i = at; i < end && !(first[s] && n > 0); ++i)
        if (std::isfinite(from[i])) sum += from[i], ++n;
      table.values[s].push_back(n > 0 ? sum / n : NAN);
    }
  }
  if (slice.not_numbers > 0 && table.not_numbers == 0) table.first_not_number_row = table.rows + slice.first_not_number_row / group;
  table.not_numbers += slice.not_numbers;
  table.rows = table.values.empty() ? 0 : table.values.front().size();
}

class SlicedText : public LogTable {
 public:
  SlicedText(OpenBytes open, std::size_t slice_bytes, std::size_t most_values) : m_open(std::move(open)), m_slice(slice_bytes), m_most(most_values) {
    const auto source = m_open();
    m_size = source->size();
    std::string head = source->next(kHead);
    if (const auto end = head.rfind('\n'); end != std::string::npos) head.resize(end + 1);
    if (isPacked(head) || std::string_view(formatOf(head).name) != "csv")
      throw InputError(finding("log-too-large-but-text", {{"format", formatOf(head).what}}));
    m_layout = layoutOf(head);
    const auto rows = static_cast<double>(std::count(head.begin() + static_cast<std::ptrdiff_t>(m_layout.data_begin), head.end(), '\n'));
    m_row_bytes = rows > 0 ? static_cast<double>(head.size() - m_layout.data_begin) / rows : 1;
  }

  const TableHead& head() const override { return m_layout; }

  NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const override {
    const std::vector<bool> first = firstBySlot(matches);
    constexpr double kRoomFor = 0.7;  // of kMostValues: later rows may be shorter than the first
    m_group = static_cast<std::size_t>(std::max(std::ceil(static_cast<double>(m_size) / m_row_bytes * static_cast<double>(first.size()) / (kRoomFor * static_cast<double>(m_most))), 1.0));
    NumberTable out;
    const auto source = m_open();
    std::size_t done = source->next(m_layout.data_begin).size();
    std::string rest;
    for (std::string block; !(block = source->next(m_slice)).empty();) {
      done += block.size();
      std::string slice = rest + block;
      const auto end = done < m_size ? slice.rfind('\n') : slice.size() - 1;
      if (end == std::string::npos) throw InputError(lineTooLong(slice.size()));
      rest = slice.substr(end + 1);
      slice.resize(end + 1);
      append(out, openDelimitedRows(slice, m_layout)->numbers(matches, {}), m_group, first);
      requireRoom(out.rows, out.values.size(), m_size);
      if (progress && !progress(static_cast<double>(done) / static_cast<double>(m_size))) throw ReadCancelled();
    }
    if (m_group > 1) out.problems.push_back(finding("rows-thinned", {{"rows", m_group}}));
    return out;
  }

  /// Of the first of its rows, as long as lines stand one below the other.
  int lineOfRow(std::size_t row) const override { return m_layout.header_line + 1 + static_cast<int>(std::min<std::size_t>(row * m_group, 2'000'000'000)); }

 private:
  OpenBytes m_open;
  std::size_t m_slice, m_most;
  CsvLayout m_layout;
  std::size_t m_size = 0;
  double m_row_bytes = 1;
  mutable std::size_t m_group = 1;
};

}  // namespace

std::unique_ptr<LogTable> openSlicedText(OpenBytes open, std::size_t slice_bytes, std::size_t most_values) {
  return std::make_unique<SlicedText>(std::move(open), slice_bytes, most_values);
}

}  // namespace distanz::formats
