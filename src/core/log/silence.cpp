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
  static const Values* column(const Recording& r, const Link& link, std::string_view quantity) {
    return r.find(linkChannel(link.id, quantity));
  }

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
    for (Finding& f : m_out.told)
      if (f.code == "log-pauses") return;
    m_out.told.push_back(finding(
        "log-pauses", {{"at", gap.from_s, Unit::Second}, {"lasts", gap.to_s - gap.from_s, Unit::Second}}));
  }

  static bool lostIn(const Link& link, const Span& gap) {
    return gap.to_s - gap.from_s > link.ear.limit_s && gap.to_s - gap.from_s <= kLongestGap_s &&
           (link.ear.goingAt(gap.from_s) || link.ear.goingAt(gap.to_s));
  }

  /// Marks the rows between those in which a link was heard, where that took too long for a slow log.
  void findSilence(const Link& link) {
    std::vector<bool> silent(m_r.rows(), false);
    double by_value_s = 0, repeated_s = 0, blank_s = 0, first_value_s = NAN, first_repeated_s = NAN,
           first_blank_s = NAN;
    const auto& heard = link.ear.heard;
    for (std::size_t i = 0; i < m_r.rows(); ++i) {
      const Row row = link.rows.rows[i];
      if (row != Row::Impossible && row != Row::Repeated) continue;
      silent[i] = true;
      const double lasts = i + 1 < m_r.rows() ? std::min(m_r.time_s[i + 1] - m_r.time_s[i], kNothing_s) : 0;
      double& first = row == Row::Impossible ? first_value_s : first_repeated_s;
      if (std::isnan(first)) first = m_r.time_s[i];
      (row == Row::Impossible ? by_value_s : repeated_s) += lasts;
    }
    for (std::size_t h = 0; h < heard.size(); ++h) {
      const std::size_t before = heard[h], behind = h + 1 < heard.size() ? heard[h + 1] : m_r.rows();
      const double ends = behind < m_r.rows() ? m_r.time_s[behind] : m_r.time_s.back();
      if (behind == before + 1 || ends - m_r.time_s[before] <= link.ear.limit_s) continue;
      // A receiver that is switched off, or another log that ends, was not lost.
      if (behind == m_r.rows() && !link.ear.goingAt(m_r.time_s[before])) continue;
      bool blank = false;
      for (std::size_t i = before + 1; i < behind; ++i)
        if (link.rows.rows[i] == Row::Nothing) silent[i] = blank = true;
      if (!blank) continue;
      if (std::isnan(first_blank_s)) first_blank_s = m_r.time_s[before];
      blank_s += ends - m_r.time_s[before];
    }
    double no_rows_s = 0, first_no_rows_s = NAN;
    for (const Span& gap : m_to_fill)
      if (lostIn(link, gap)) {
        if (std::isnan(first_no_rows_s)) first_no_rows_s = gap.from_s;
        no_rows_s += gap.to_s - gap.from_s;
      }
    tell("unheard-value", link, by_value_s, first_value_s, link.rows.impossible);
    tell("unheard-repeated", link, repeated_s, first_repeated_s);
    tell("unheard-blank", link, blank_s, first_blank_s);
    tell("unheard-no-rows", link, no_rows_s, first_no_rows_s);
    m_values_changed =
        m_values_changed || std::find(link.rows.signal_impossible.begin(), link.rows.signal_impossible.end(),
                                      true) != link.rows.signal_impossible.end();
    if (no_rows_s > 0 || std::find(silent.begin(), silent.end(), true) != silent.end())
      m_out.silent[link.id] = std::move(silent);
  }

  void tell(const char* code, const Link& link, double lasts_s, double first_s,
            std::optional<double> value = std::nullopt) {
    if (std::isnan(first_s)) return;
    std::vector<Argument> args{
        {"link", link.id}, {"lasts", lasts_s, Unit::Second}, {"at", first_s, Unit::Second}};
    if (value) args.emplace_back("value", *value, Unit::None);
    m_out.told.push_back(finding(code, std::move(args)));
  }

  /// Values of silent rows: what they lie below, and 0 for what never came.
  void write(const Link& link, Recording& r) const {
    const auto found = m_out.silent.find(link.id);
    const auto into = [&](std::string_view quantity) -> Values* {
      const std::string name = linkChannel(link.id, quantity);
      for (Column& c : r.columns)
        if (c.channel == name) return &c.values;
      return nullptr;
    };
    Values* signal = into(channel::kRssi);
    for (std::size_t i = 0; signal && i < r.rows(); ++i)
      if (link.rows.signal_impossible[i]) (*signal)[i] = NAN;
    if (found == m_out.silent.end()) return;
    Values *quality = into(channel::kQuality), *bitrate = into(channel::kBitrate);
    for (std::size_t i = 0; i < r.rows(); ++i) {
      if (!found->second[i]) continue;
      for (Values* c : {quality, bitrate})
        if (c) (*c)[i] = 0;
      if (signal) (*signal)[i] = below(link, m_r.time_s[i]);
    }
    movePlaces(r, found->second);
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
      std::fill_n(silent.begin() + static_cast<std::ptrdiff_t>(first), missing[g].rows, true);
      for (Column& c : r.columns) {
        const bool signal = c.channel == linkChannel(link.id, channel::kRssi);
        if (!signal && c.channel != linkChannel(link.id, channel::kQuality) &&
            c.channel != linkChannel(link.id, channel::kBitrate))
          continue;
        std::fill_n(c.values.begin() + static_cast<std::ptrdiff_t>(first), missing[g].rows,
                    signal ? below(link, m_to_fill[g].from_s) : 0);
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
