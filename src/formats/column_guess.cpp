#include "formats/column_guess.h"

#include <algorithm>
#include <cmath>

#include "core/log/recording.h"
#include "formats/column_words.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kLeastRows = 5, kLeastSteps = 3;
constexpr double kWeakest_dbm = -130, kStrongest_dbm = -20, kNear_deg = 0.01;

struct FirstValues {
  std::vector<double> v;
  bool whole = true;  ///< every row has a number
  std::size_t distinct = 0;
};

FirstValues firstValues(const TableHead& head, std::size_t column) {
  FirstValues out;
  for (const auto& row : head.preview) {
    const double v = column < row.size() ? parseNumber(row[column], head.decimal_comma) : NAN;
    if (std::isfinite(v))
      out.v.push_back(v);
    else
      out.whole = false;
  }
  std::vector<double> sorted = out.v;
  std::sort(sorted.begin(), sorted.end());
  out.distinct = std::size_t(std::unique(sorted.begin(), sorted.end()) - sorted.begin());
  return out;
}

bool within(const FirstValues& of, double low, double high) {
  return std::all_of(of.v.begin(), of.v.end(), [&](double v) { return v >= low && v <= high; });
}

bool grows(const FirstValues& of) {
  return of.whole && std::is_sorted(of.v.begin(), of.v.end()) && of.distinct * 2 > of.v.size();
}

/// Degrees move by little from row to row, and are told with many decimals.
bool likeDegrees(const FirstValues& of, double most) {
  if (!within(of, -most, most) || of.distinct < kLeastSteps) return false;
  bool fine = false;
  for (std::size_t i = 1; i < of.v.size(); ++i) {
    if (std::abs(of.v[i] - of.v[i - 1]) > kNear_deg) return false;
    fine = fine || std::abs(of.v[i] * 1000 - std::round(of.v[i] * 1000)) > 1e-6;
  }
  return fine;
}

bool hasText(const TableHead& head, std::size_t column, bool (*is)(std::string_view)) {
  return !head.preview.empty() && std::all_of(head.preview.begin(), head.preview.end(), [&](const auto& row) {
    return column < row.size() && is(row[column]);
  });
}

class Guesser {
 public:
  Guesser(const TableHead& head, const std::vector<campaign::Link>& links, const std::vector<ColumnMatch>& matches)
      : m_head(head), m_matches(matches) {
    for (auto l = links.rbegin(); l != links.rend(); ++l)  // as a column that names no link
      if (m_link.empty() || l->kind == campaign::LinkKind::Control) m_link = l->id;
  }

  std::vector<ColumnMatch> guesses() {
    for (std::size_t c = 0; c < m_head.header.size(); ++c) {
      if (isTaken(c)) continue;
      const FirstValues of = firstValues(m_head, c);
      if (hasText(m_head, c, [](std::string_view t) { return std::isfinite(parseDateTime(t).seconds); }))
        offer("time_s", c, FieldKind::DateTime);
      else if (hasText(m_head, c, [](std::string_view t) { return std::isfinite(parseClock(t)); }))
        offer("time_s", c, FieldKind::Clock);
      if (of.v.size() < kLeastRows) continue;
      if (c + 1 < m_head.header.size() && !isTaken(c + 1) && likeDegrees(of, 90) &&
          likeDegrees(firstValues(m_head, c + 1), 180) && isFree("lat_deg") && isFree("lon_deg")) {
        offer("lat_deg", c);
        offer("lon_deg", c + 1);
        ++c;
      } else if (grows(of)) {
        offer("time_s", c);
      } else if (saysOther(c)) {
        continue;
      } else if (of.distinct >= kLeastSteps && within(of, kWeakest_dbm, kStrongest_dbm)) {
        offer(log::linkChannel(m_link, log::channel::kRssi), c);
      } else if (within(of, 0, 100) && *std::max_element(of.v.begin(), of.v.end()) >= 90) {
        offer(log::linkChannel(m_link, log::channel::kQuality), c);
      }
    }
    return std::move(m_out);
  }

 private:
  /// Its name says that it is neither signal nor quality.
  bool saysOther(std::size_t column) const {
    return wordsOf(m_head.header[column]).hasAny({"noise", "floor", "loss", "lost", "error", "errors", "per", "dropped", "battery", "batt", "bat", "jitter", "temperature", "temp", "throttle", "motor", "cpu", "humidity", "fuel", "iso", "fps", "shutter"});
  }
  bool isTaken(std::size_t column) const {
    return std::any_of(m_matches.begin(), m_matches.end(), [&](const ColumnMatch& m) { return m.column == int(column); });
  }
  bool isFree(const std::string& channel) const {
    const auto has = [&](const auto& list) {
      return std::any_of(list.begin(), list.end(), [&](const ColumnMatch& m) {
        return m.channel == channel || (m.channel == "lat_lon" && channel.ends_with("_deg"));
      });
    };
    return !has(m_matches) && !has(m_out);
  }
  void offer(const std::string& channel, std::size_t column, FieldKind kind = FieldKind::Number) {
    if (m_link.empty() && channel.find('.') != std::string::npos) return;
    if (isFree(channel)) m_out.push_back({int(column), m_head.header[column], channel, {}, 1, kind});
  }

  const TableHead& m_head;
  const std::vector<ColumnMatch>& m_matches;
  std::string m_link;
  std::vector<ColumnMatch> m_out;
};

}  // namespace

std::vector<ColumnMatch> guessColumns(const TableHead& head, const std::vector<campaign::Link>& links,
                                      const std::vector<ColumnMatch>& matches) {
  return Guesser(head, links, matches).guesses();
}

}  // namespace distanz::formats
