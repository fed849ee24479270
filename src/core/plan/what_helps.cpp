#include "core/plan/what_helps.h"

#include <algorithm>

#include "core/campaign/kit.h"
#include "core/plan/leg_model.h"
#include "core/plan/path_model.h"

namespace distanz::plan {
namespace {

using quantity::Unit;

constexpr double kStep_db = 3, kHigher_m = 10, kMastHigher_m = 1, kWorthMending_db = 0.2, kLowerBand = 0.75;
constexpr std::size_t kMostTold = 3, kMostHelped = 8;

/// The setup and how it should reach, changed one thing at a time.
class Changes {
 public:
  Changes(const PathModel& model, const radio::LinkEnds& ends, double critical_dbm)
      : m_model(model), m_ends(ends), m_critical_dbm(critical_dbm), m_now_m(model.range_m(ends, critical_dbm)) {}

  void decibels(const char* what, double db) {
    if (db < kWorthMending_db) return;
    radio::LinkEnds better = m_ends;
    better.power_dbm += db;
    add(what, db, m_model.range_m(better, m_critical_dbm));
  }
  void way(const char* what, const PathModel& other) { add(what, 0, other.range_m(m_ends, m_critical_dbm)); }
  std::vector<Help> take() {
    std::stable_sort(m_out.begin(), m_out.end(), [](const Help& a, const Help& b) { return a.more_m > b.more_m; });
    return std::move(m_out);
  }

 private:
  void add(const char* what, double db, double reach_m) {
    if (reach_m - m_now_m >= kLeastHelp_m) m_out.push_back({what, db, reach_m - m_now_m, reach_m / m_now_m - 1});
  }

  const PathModel& m_model;
  radio::LinkEnds m_ends;
  double m_critical_dbm, m_now_m;
  std::vector<Help> m_out;
};

/// What the aircraft's antenna gains by pointing up, ahead or aside, on the worse of both ways at the far post.
double mountGain_db(const campaign::Campaign& c, const campaign::Setup& setup, const campaign::Link& link,
                    const campaign::SetupLink& ends) {
  const auto course = campaign::courseOf(c);
  const LegModel now(c, setup, link, ends);
  if (!course || !now.aircraftKnown()) return 0;
  const auto worst = [&](const LegModel& model) {
    const LegLosses at = model.at(course->farPost_m());
    return std::min(at.out_db, at.back_db);
  };
  const double as_it_is = worst(now);
  double best = as_it_is;
  for (const auto& [azimuth, elevation] : {std::pair(0.0, 90.0), std::pair(0.0, 0.0), std::pair(90.0, 0.0)}) {
    campaign::SetupLink other = ends;
    other.mount.azimuth_deg = azimuth;
    other.mount.elevation_deg = elevation;
    best = std::max(best, worst(LegModel(c, setup, link, other)));
  }
  return best - as_it_is;
}

/// The band next below a link's that the kit has radios for.
const campaign::Link* lowerBand(const campaign::Campaign& c, const campaign::Link& link) {
  const campaign::Link* out = nullptr;
  for (const campaign::Link& l : c.links)
    if (l.frequency_mhz < kLowerBand * link.frequency_mhz && (!out || l.frequency_mhz > out->frequency_mhz)) out = &l;
  return out;
}

Finding itemOf(const Help& h) {
  return finding("help-item", {{"what", Term{"help-" + h.what}},
                               {"more", h.more_m, Unit::Metre},
                               {"share", 100 * h.share, Unit::Percent}});
}

}  // namespace

std::vector<Help> whatHelps(const campaign::Campaign& c, const campaign::Setup& setup, const campaign::Link& link,
                            const Sights& sights) {
  const auto own = setup.links.find(link.id);
  if (own == setup.links.end()) return {};
  const auto ends = campaign::endsOf(c, link, own->second);
  const auto critical = campaign::criticalAt(c, link, own->second);
  if (!ends || !critical) return {};
  const PathModel model(c, link, own->second, setup.mast_m, sights);
  Changes changes(model, *ends, *critical);
  changes.decibels("power", kStep_db);
  changes.decibels("gain", kStep_db);
  changes.decibels("cable", ends->tx_loss_db + ends->rx_loss_db);
  changes.decibels("pointing", ends->pointing_db);
  changes.decibels("polarisation", ends->polarisation_db);
  changes.decibels("mismatch", ends->tx_mismatch_db + ends->rx_mismatch_db);
  changes.decibels("mount", mountGain_db(c, setup, link, own->second));
  if (c.plan.ground != campaign::GroundKind::Unsaid || c.plan.obstruction) {
    changes.way("height", model.raised(kHigher_m, 0));
    changes.way("mast", model.raised(0, kMastHigher_m));
  }
  std::vector<Help> out = changes.take();
  if (const campaign::Link* lower = lowerBand(c, link)) {
    campaign::Link other = link;
    other.frequency_mhz = lower->frequency_mhz;
    Changes band(model, *ends, *critical);
    band.way("band", PathModel(c, other, own->second, setup.mast_m, sights));
    for (Help& h : band.take()) out.push_back(std::move(h));  // last: other radios, and larger antennas for the same gain
  }
  return out;
}

std::vector<Finding> toldHelp(const campaign::Campaign& c, const Planned& planned) {
  std::vector<Finding> out;
  for (const campaign::Setup& s : c.setups) {
    const Prediction* first = planned.limiting(s.id);
    const campaign::Link* link = first ? campaign::findLink(c, first->link) : nullptr;
    if (!link) continue;
    if (out.size() == kMostHelped) break;  // a list that nobody reads is not worth the wait
    std::vector<Help> helps = whatHelps(c, s, *link, planned.sights);
    if (helps.empty()) continue;
    helps.resize(std::min(helps.size(), kMostTold));
    std::vector<Finding> items;
    for (const Help& h : helps) items.push_back(itemOf(h));
    Finding f = finding("helps-most", {{"setup", s.id}, {"link", link->id}, {"what", items}});
    for (const Help& h : helps) f.why.push_back(finding("why-help", {{"what", Term{"help-" + h.what}}, {"caution", Term{"help-caution-" + h.what}}}));
    out.push_back(std::move(f));
  }
  return out;
}

}  // namespace distanz::plan
