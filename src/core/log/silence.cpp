#include "core/log/silence.h"

#include <algorithm>
#include <cmath>

#include "core/log/ear.h"
#include "core/log/missing_rows.h"
#include "core/log/unheard_values.h"
#include "core/quantity/unit.h"

namespace distanz::log {
namespace {

using quantity::Unit;
using Values = std::vector<double>;

constexpr double kLongestGap_s = 300;    // longer than this, a recorder was off
constexpr double kMostSilence_s = 3600;  // that rows are put in for

struct Link {
  std::string id;
  LinkRows rows;
  Ear ear;
};

struct Span {
  double from_s, to_s;
};

/// How long something lasted in all, and when it first was.
struct Tally {
  double lasts_s = 0, first_s = NAN;
  bool any() const { return !std::isnan(first_s); }
  void add(double at_s, double for_s) {
    if (!any()) first_s = at_s;
    lasts_s += for_s;
  }
};

/// Where the log has no rows at all for longer than it usually takes.
std::vector<Span> gapsOf(const Recording& r) {
  std::vector<std::size_t> all(r.rows());
  for (std::size_t i = 0; i < all.size(); ++i) all[i] = i;
  const double limit = std::max(kNothing_s, kUsualIntervals * usualInterval(r.time_s, all));
  std::vector<Span> out;
  for (std::size_t i = 1; i < r.rows(); ++i)
    if (r.time_s[i] - r.time_s[i - 1] > limit) out.push_back({r.time_s[i - 1], r.time_s[i]});
  return out;
}

bool isPlace(const std::string& channel) {
  return channel == channel::kDistance || channel == channel::kLatitude || channel == channel::kLongitude;
}

/// The last position repeated tells nothing: the aircraft flew on from it to the next one.
void movePlaces(Recording& r, const std::vector<bool>& silent) {
  for (Column& c : r.columns) {
    if (!isPlace(c.channel)) continue;
    for (std::size_t i = 1; i < silent.size(); ++i) {
      if (!silent[i]) continue;
      const std::size_t first = i - 1;
      while (i < silent.size() && silent[i] && c.values[i] == c.values[first]) ++i;
      const bool stood = r.time_s[i - 1] - r.time_s[first] > kNothing_s;
      for (std::size_t k = first + 1; stood && k < i; ++k)
        c.values[k] = i < silent.size() ? c.values[first] + (c.values[i] - c.values[first]) *
                                                                (r.time_s[k] - r.time_s[first]) /
                                                                (r.time_s[i] - r.time_s[first])
                                        : NAN;
    }
  }
}

class Hearing {
 public:
  Hearing(const Recording& r, const std::vector<std::string>& links) : m_r(r) {
    for (const std::string& id : links) {
      LinkRows rows = rowsOfLink(r, id);
      if (rows.rows.empty()) continue;
      Ear ear(r, id, rows);
      if (ear.heard.empty()) continue;
      m_links.push_back({id, std::move(rows), std::move(ear)});
    }
  }

  HeardLog result() {
    tellPauses();
    for (const Link& link : m_links) findSilence(link);
    if (m_out.silent.empty() && !m_values_changed) return std::move(m_out);
    Recording& changed = m_out.changed.emplace(m_r);
    for (const Link& link : m_links) write(link, changed);
    putRows(changed);
    return std::move(m_out);
  }

 private:
  void tellPauses() {
    double filled_s = 0;
    for (const Span& gap : gapsOf(m_r)) {
      const bool lost =
          std::any_of(m_links.begin(), m_links.end(), [&](const Link& l) { return lostIn(l, gap); });
      if (lost && filled_s + gap.to_s - gap.from_s <= kMostSilence_s) {
        m_to_fill.push_back(gap);
        filled_s += gap.to_s - gap.from_s;
      }
      if (!lost) tellPause(gap);
    }
  }

  void tellPause(const Span& gap) {
    if (m_links.empty() || !m_out.told.empty()) return;  // the first is enough
    m_out.told.push_back(finding(
        "log-pauses", {{"at", gap.from_s, Unit::Second}, {"lasts", gap.to_s - gap.from_s, Unit::Second}}));
  }

  static bool lostIn(const Link& link, const Span& gap) {
    return gap.to_s - gap.from_s > link.ear.limit_s && gap.to_s - gap.from_s <= kLongestGap_s &&
           (link.ear.goingAt(gap.from_s) || link.ear.goingAt(gap.to_s));
  }

  /// Everything of one link that tells of silence, and a word about each kind of it.
  void findSilence(const Link& link) {
    std::vector<bool> silent(m_r.rows(), false);
    tell("unheard-value", link, mark(link, Row::Impossible, silent), link.rows.impossible);
    tell("unheard-repeated", link, mark(link, Row::Repeated, silent));
    tell("unheard-blank", link, markBlanks(link, silent));
    Tally no_rows;
    for (const Span& gap : m_to_fill)
      if (lostIn(link, gap)) no_rows.add(gap.from_s, gap.to_s - gap.from_s);
    tell("unheard-no-rows", link, no_rows);
    const auto any = [](const std::vector<bool>& rows) {
      return std::find(rows.begin(), rows.end(), true) != rows.end();
    };
    m_values_changed = m_values_changed || any(link.rows.signal_impossible);
    if (no_rows.any() || any(silent)) m_out.silent[link.id] = std::move(silent);
  }

  Tally mark(const Link& link, Row kind, std::vector<bool>& silent) const {
    Tally out;
    for (std::size_t i = 0; i < m_r.rows(); ++i) {
      if (link.rows.rows[i] != kind) continue;
      silent[i] = true;
      out.add(m_r.time_s[i],
              i + 1 < m_r.rows() ? std::min(m_r.time_s[i + 1] - m_r.time_s[i], kNothing_s) : 0);
    }
    return out;
  }

  /// Rows between those in which a link was heard, where that took too long for a slow log.
  Tally markBlanks(const Link& link, std::vector<bool>& silent) const {
    Tally out;
    const auto& heard = link.ear.heard;
    for (std::size_t h = 0; h < heard.size(); ++h) {
      const std::size_t before = heard[h], behind = h + 1 < heard.size() ? heard[h + 1] : m_r.rows();
      const double ends_s = behind < m_r.rows() ? m_r.time_s[behind] : m_r.time_s.back();
      if (behind == before + 1 || ends_s - m_r.time_s[before] <= link.ear.limit_s) continue;
      // A receiver that is switched off, or another log that ends, was not lost.
      if (behind == m_r.rows() && !link.ear.goingAt(m_r.time_s[before])) continue;
      bool blank = false;
      for (std::size_t i = before + 1; i < behind; ++i)
        if (link.rows.rows[i] == Row::Nothing) silent[i] = blank = true;
      if (blank) out.add(m_r.time_s[before], ends_s - m_r.time_s[before]);
    }
    return out;
  }

  void tell(const char* code, const Link& link, const Tally& tally, std::optional<double> value = {}) {
    if (!tally.any()) return;
    std::vector<Argument> args{
        {"link", link.id}, {"lasts", tally.lasts_s, Unit::Second}, {"at", tally.first_s, Unit::Second}};
    if (value) args.emplace_back("value", *value, Unit::None);
    m_out.told.push_back(finding(code, std::move(args)));
  }

  static Values* column(Recording& r, const Link& link, std::string_view quantity) {
    const std::string name = linkChannel(link.id, quantity);
    const auto found =
        std::find_if(r.columns.begin(), r.columns.end(), [&](const Column& c) { return c.channel == name; });
    return found == r.columns.end() ? nullptr : &found->values;
  }

  /// Values of silent rows: what they lie below, and 0 for what never came.
  void write(const Link& link, Recording& r) const {
    if (Values* signal = column(r, link, channel::kRssi))
      for (std::size_t i = 0; i < r.rows(); ++i)
        if (link.rows.signal_impossible[i]) (*signal)[i] = NAN;
    const auto found = m_out.silent.find(link.id);
    if (found == m_out.silent.end()) return;
    for (std::size_t i = 0; i < r.rows(); ++i)
      if (found->second[i]) silence(r, link, i, below(link, m_r.time_s[i]));
    movePlaces(r, found->second);
  }

  static void silence(Recording& r, const Link& link, std::size_t row, double below_dbm) {
    for (const std::string_view quantity : {channel::kQuality, channel::kBitrate})
      if (Values* c = column(r, link, quantity)) (*c)[row] = 0;
    if (Values* signal = column(r, link, channel::kRssi)) (*signal)[row] = below_dbm;
  }

  /// What was heard next to a silence, or faintly elsewhere; the signal in it lies below.
  double below(const Link& link, double time_s) const {
    const auto& heard = link.ear.heard;
    const auto after = std::lower_bound(heard.begin(), heard.end(), time_s,
                                        [&](std::size_t h, double t) { return m_r.time_s[h] < t; });
    double level = -INFINITY;
    if (after != heard.end()) level = std::fmax(level, link.ear.levelNear(m_r.time_s[*after]));
    if (after != heard.begin()) level = std::fmax(level, link.ear.levelNear(m_r.time_s[*std::prev(after)]));
    return std::isfinite(level) ? std::fmin(level, link.ear.lowest_dbm()) : NAN;
  }

  std::vector<Filling> fillings() const {
    std::vector<std::size_t> all(m_r.rows());
    for (std::size_t i = 0; i < all.size(); ++i) all[i] = i;
    const double interval_s = std::max(usualInterval(m_r.time_s, all), 0.1);
    std::vector<Filling> out;
    for (const Span& gap : m_to_fill) {
      const auto at = std::upper_bound(m_r.time_s.begin(), m_r.time_s.end(), gap.from_s);
      const double rows = std::max(1.0, std::ceil((gap.to_s - gap.from_s) / interval_s) - 1);
      out.push_back({static_cast<std::size_t>(at - m_r.time_s.begin()) - 1, static_cast<std::size_t>(rows)});
    }
    return out;
  }

  /// Where the log has no rows because nothing came: the aircraft flew on straight, at the log's own pace.
  void putRows(Recording& r) {
    if (m_to_fill.empty()) return;
    const std::vector<Filling> missing = fillings();
    r.time_s = widened(r.time_s, missing, static_cast<double>(NAN));
    layEvenly(r.time_s, missing);
    for (Column& c : r.columns) {
      c.values = widened(c.values, missing, static_cast<double>(NAN));
      if (isPlace(c.channel)) layEvenly(c.values, missing);
    }
    for (const Link& link : m_links)
      if (const auto found = m_out.silent.find(link.id); found != m_out.silent.end()) {
        found->second = widened(found->second, missing, false);
        putSilence(link, missing, found->second, r);
      }
  }

  void putSilence(const Link& link, const std::vector<Filling>& missing, std::vector<bool>& silent,
                  Recording& r) const {
    std::size_t put = 0;
    for (std::size_t g = 0; g < missing.size(); ++g) {
      const std::size_t first = missing[g].after + 1 + put;
      put += missing[g].rows;
      if (!lostIn(link, m_to_fill[g])) continue;
      const double below_dbm = below(link, m_to_fill[g].from_s);
      for (std::size_t i = first; i < first + missing[g].rows; ++i) {
        silent[i] = true;
        silence(r, link, i, below_dbm);
      }
    }
  }

  const Recording& m_r;
  std::vector<Link> m_links;
  std::vector<Span> m_to_fill;
  HeardLog m_out;
  bool m_values_changed = false;
};

}  // namespace

HeardLog heardIn(const Recording& recording, const std::vector<std::string>& links) {
  if (recording.rows() < 2) return {};
  return Hearing(recording, links).result();
}

}  // namespace distanz::log
