#include "lanes/compare_lanes.h"

#include <algorithm>
#include <cmath>

#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/reading.h"
#include "core/analysis/result/spread.h"
#include "core/estimate/defaults.h"
#include "core/log/channel.h"
#include "core/log/recording.h"
#include "lanes/said.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using quantity::Unit;

constexpr int kMostDrawn = 16;                                        // setups: twice the marks there are
constexpr double kPlaceBar_m = estimate::defaults::kCellWidth_m - 2;  // a gap tells them apart
constexpr int kPlaceWeight = 15, kDropoutWeight = 17, kResidualWeight = 16;
constexpr double kLossMark_m = 10;  // half the length of a stroke
constexpr const char *kPlace = "place", *kDropouts = "dropouts", *kResiduals = "residuals", *kHolds = "holds",
                     *kFlights = "flights";
constexpr int kHoldsWeight = 32;
constexpr double kQuiet = 0.35, kExtremes = 0.4;  // of the band of single flights, and of its edges

bool empty(const Lane& lane) {
  const auto none = [](const auto& all, auto size) {
    return std::all_of(all.begin(), all.end(), [&](const auto& one) { return size(one) == 0; });
  };
  return none(lane.lines, [](const Line& l) { return l.x.size(); }) &&
         none(lane.bars, [](const Bars& b) { return b.x.size(); }) &&
         none(lane.strokes, [](const Strokes& s) { return s.strokes.size(); }) &&
         none(lane.dots, [](const Dots& d) { return d.dots.size(); });
}

std::string capital(QString text) {
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text.toStdString();
}

std::string symbol(Unit unit) {
  return std::string(quantity::symbolOf(unit));
}

struct Builder {
  const campaign::Campaign& campaign;
  const analysis::CampaignAnalysis& analysis;
  const std::string& link;

  int markOf(const std::string& setup) const { return std::max(campaign::setupIndex(campaign, setup), 0); }
  /// Only the first few of very many setups are drawn: lines beyond telling apart say nothing.
  bool drawn(const std::string& setup) const { return markOf(setup) < kMostDrawn; }
  static Ink inkOf(int mark, double alpha = 1) { return {Ink::Role::Setup, mark, alpha}; }
  const analysis::LinkReduction* reduced(std::size_t run) const {
    const auto found = analysis.reductions[run].links.find(link);
    return found == analysis.reductions[run].links.end() ? nullptr : &found->second;
  }

  bool recorded(const log::ChannelInfo& c) const {
    for (std::size_t i = 0; i < analysis.reductions.size(); ++i)
      if (const auto* r = reduced(i); r && r->trace(c.name)) return true;
    return false;
  }

  void addRun(Lane& lane, const log::ChannelInfo& c, std::size_t run) const {
    const analysis::LinkReduction* r = reduced(run);
    const campaign::Run& of = campaign.runs[run];
    const log::LegTraces* legs = r && drawn(of.setup) ? r->trace(c.name) : nullptr;
    // At less power they fail elsewhere; the signal is referred to full power.
    if (!legs || (c.name != log::channel::kRssi && r->reduced_db > 0)) return;
    const bool used = analysis.runs[run].used && !r->left_out;
    const Ink ink = used ? inkOf(markOf(of.setup), 0.5) : Ink{Ink::Role::Muted, 0, 0.25};
    for (const log::Trace* trace : {&legs->out, &legs->back}) {
      if (of.legs == (trace == &legs->out ? campaign::Legs::Back : campaign::Legs::Out)) continue;
      lane.lines.push_back({trace->distance_m, trace->value, ink, 0, of.id});
    }
  }

  /// All flights of each setup as one quiet band between their extremes: what the estimate goes through.
  void addExtremes(Lane& lane, const log::ChannelInfo& c) const {
    for (std::size_t s = 0; s < campaign.setups.size(); ++s) {
      const std::string& id = campaign.setups[s].id;
      if (!drawn(id)) continue;
      analysis::ChannelSpread spread = analysis::spreadOf(campaign, analysis, id, link, c.name);
      if (spread.least.empty()) continue;
      const Ink edge = inkOf(static_cast<int>(s), kExtremes);
      lane.lines.push_back({spread.distance_m, spread.least, edge});
      lane.lines.push_back({spread.distance_m, spread.most, edge});
      lane.bands.push_back({std::move(spread.distance_m), std::move(spread.least), std::move(spread.most),
                            inkOf(static_cast<int>(s), kQuiet)});
    }
  }

  /// The scale the channel has, or one that holds what was measured.
  static void scale(Lane& lane, const log::ChannelInfo& c) {
    double low = INFINITY, high = -INFINITY;
    for (const Line& line : lane.lines)
      for (const double v : line.y) {
        low = std::min(low, v);
        high = std::max(high, v);
      }
    if (c.high > c.low) {
      lane.low = c.low;
      lane.high = c.high;
    } else if (!(high > low)) {
      lane.low = c.unit == Unit::Dbm ? -120 : 0;
      lane.high = c.unit == Unit::Dbm ? -40 : 1;
    } else if (c.unit == Unit::Dbm || c.unit == Unit::Decibel) {
      lane.low = low - 4;
      lane.high = std::min(high, low + 75) + 4;
    } else {
      lane.low = 0;
      lane.high = high * 1.06;
    }
  }

  void addModels(Lane& lane) const {
    for (const auto& s : analysis.setups) {
      if (s.link != link || !drawn(s.setup)) continue;
      const Ink ink = inkOf(markOf(s.setup));
      const analysis::ModelCurve& curve = s.onScale() ? s.reading_curve : s.curve;
      lane.bands.push_back({curve.distance_m, curve.low_dbm, curve.high_dbm, ink});
      lane.lines.push_back({curve.distance_m, curve.level_dbm, ink, 2.6, s.setup});
      Dots dots{{}, ink};
      for (const analysis::FlightLevel& f : s.flights)
        dots.dots.push_back({f.turned_at_m, f.level_dbm, f.run, f.stands_out});
      lane.dots.push_back(std::move(dots));
    }
    for (const auto& s : analysis.setups)
      if (s.link == link && s.critical_reading) {
        const QString reading = words::quantity(s.critical_reading->estimate, Unit::None, s.critical_reading->estimate < 10 ? 1 : 0);
        lane.floors.push_back(
            {s.critical_reading->estimate, Said::tr("minimum usable reading %1").arg(reading).toStdString()});
        return;
      } else if (s.link == link && s.critical_dbm) {
        const QString level = words::quantity(*s.critical_dbm, Unit::Dbm);
        lane.floors.push_back(
            {*s.critical_dbm, Said::tr("minimum usable signal %1").arg(level).toStdString()});
        return;  // one receiver, one level
      }
  }

  void addRule(Lane& lane, const log::ChannelInfo& c) const {
    const campaign::Link* l = campaign::findLink(campaign, link);
    if (!l) return;
    for (const campaign::UsableLimit& limit : campaign::usableLimits())
      if (const auto& least = l->rule.*limit.least; limit.name == c.rule && least)
        lane.floors.push_back(
            {*least, Said::tr("usable limit %1").arg(words::quantity(*least, c.unit)).toStdString()});
  }

  /// Per setup the middle of its flights and where most of them lie.
  void addSpreads(Lane& lane, const log::ChannelInfo& c) const {
    for (std::size_t s = 0; s < campaign.setups.size(); ++s) {
      const std::string& id = campaign.setups[s].id;
      if (!drawn(id)) continue;
      analysis::ChannelSpread spread = analysis::spreadOf(campaign, analysis, id, link, c.name);
      if (spread.median.empty()) continue;
      const Ink ink = inkOf(static_cast<int>(s));
      lane.bands.push_back({spread.distance_m, spread.low, spread.high, ink});
      lane.lines.push_back({spread.distance_m, std::move(spread.median), ink, 2, id});
    }
  }

  /// Where each flight itself lost a link: what the curves above must agree with.
  void addLosses(Lane& lane) const {
    for (std::size_t s = 0; s < std::min<std::size_t>(campaign.setups.size(), kMostDrawn); ++s) {
      Strokes losses{{}, inkOf(static_cast<int>(s)), 4};
      for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.runs.size(); ++i)
        if (const auto& lost = analysis.runs[i].lost_at_m; campaign.runs[i].setup == campaign.setups[s].id &&
                                                           analysis.runs[i].used && lost &&
                                                           campaign.runs[i].reduced_db.empty())
          losses.strokes.push_back(
              {*lost - kLossMark_m, *lost + kLossMark_m, 9 + 5 * static_cast<double>(s)});
      lane.strokes.push_back(std::move(losses));
    }
  }

  /// Stretches that fail in most flights, at the foot of a lane. @param of a link; empty: of all
  void addHoles(Lane& lane, const std::string& of) const {
    Strokes holes{{}, {Ink::Role::Accent}, 4};
    const double foot = lane.low + 0.02 * (lane.high - lane.low);
    for (const analysis::Hole& h : analysis.holes)
      if (h.in_the_way && (of.empty() || h.link == of)) holes.strokes.push_back({h.from_m, h.to_m, foot});
    if (!holes.strokes.empty()) lane.strokes.push_back(std::move(holes));
  }

  /// The share of new flights that still hold, over all links: what the ranges are read from.
  Lane holdsLane() const {
    Lane lane{
        kHolds,
        Said::tr("New flights that get this far; strokes: where each flight lost the link").toStdString(),
        symbol(Unit::Percent), kHoldsWeight, 90};
    lane.high = 106;
    lane.floors.push_back({100 * analysis.dependability,
                           Said::tr("%1: reliable range")
                               .arg(words::quantity(100 * analysis.dependability, Unit::Percent))
                               .toStdString(),
                           false});
    lane.floors.push_back(
        {50, Said::tr("%1: median range").arg(words::quantity(50, Unit::Percent)).toStdString(), false});
    for (const analysis::SetupAnswer& s : analysis.answers) {
      if (!drawn(s.setup) || s.survival.share.empty()) continue;
      const Ink ink = inkOf(markOf(s.setup));
      const auto percent = [](std::vector<double> shares) {
        for (double& v : shares) v *= 100;
        return shares;
      };
      lane.bands.push_back({s.survival.distance_m, percent(s.survival.low), percent(s.survival.high), ink});
      lane.lines.push_back({s.survival.distance_m, percent(s.survival.share), ink, 2.4, s.setup});
      Dots marks{{}, ink};
      if (s.dependable.tellsEstimate())
        marks.dots.push_back({*s.dependable.estimate_m, 100 * analysis.dependability, {}});
      if (s.typical.tellsEstimate()) marks.dots.push_back({*s.typical.estimate_m, 50, {}});
      lane.dots.push_back(std::move(marks));
    }
    addLosses(lane);
    addHoles(lane, {});
    if (lane.dots.empty()) lane.note = Said::tr("no range known yet").toStdString();
    return lane;
  }

  Lane channelLane(const log::ChannelInfo& c, bool single_flights) const {
    const bool reading = c.name == log::channel::kLevel && analysis.scales.contains(link);
    const bool signal = c.name == log::channel::kRssi || reading;
    Lane lane{std::string(c.name), capital(words::channel(c.name)), symbol(c.unit), c.lane,
              signal ? 100 : 40 + c.lane};
    if (single_flights)
      for (std::size_t run = 0; run < analysis.reductions.size(); ++run) addRun(lane, c, run);
    else if (signal)
      addExtremes(lane, c);
    if (!signal) addSpreads(lane, c);
    scale(lane, c);
    if (signal) addModels(lane);
    addRule(lane, c);
    if (signal || !c.rule.empty()) addHoles(lane, link);
    return lane;
  }

  Lane placeLane() const {
    Lane lane{kPlace, Said::tr("Gain or loss of each place, the same for every setup").toStdString(),
              symbol(Unit::Decibel), kPlaceWeight, 45};
    const analysis::PlaceProfile* profile = analysis.profile(link);
    double most = 6;
    Bars takes{{}, {}, kPlaceBar_m, {Ink::Role::Muted}}, gives{{}, {}, kPlaceBar_m, {Ink::Role::Hairline}};
    if (!profile) lane.note = Said::tr("no signal logged").toStdString();
    for (std::size_t i = 0; profile && i < profile->distance_m.size(); ++i) {
      const double off = profile->off_line_db[i];
      most = std::max(most, std::abs(off));
      Bars& bars = off < 0 ? takes : gives;
      bars.x.push_back(profile->distance_m[i]);
      bars.y.push_back(off);
    }
    lane.high = most * 1.1;
    lane.low = -lane.high;
    lane.bars = {std::move(gives), std::move(takes)};
    return lane;
  }

  Lane dropoutLane() const {
    Lane lane{kDropouts,
              Said::tr("Dropouts: strokes where the link was below its usable limit").toStdString(),
              {},
              kDropoutWeight,
              50};
    std::vector<std::vector<std::size_t>> runs_of(campaign.setups.size());
    for (std::size_t i = 0; i < campaign.runs.size(); ++i)
      if (const auto* r = reduced(i);
          r && r->reduced_db == 0 && analysis.runs[i].used && !campaign.setups.empty())
        runs_of.at(static_cast<std::size_t>(markOf(campaign.runs[i].setup))).push_back(i);
    for (std::size_t s = 0; s < std::min<std::size_t>(campaign.setups.size(), kMostDrawn); ++s) {
      lane.rows.push_back(campaign::letterOf(campaign, s));
      Strokes strokes{{}, inkOf(static_cast<int>(s)), 2};
      const double several = std::max(static_cast<double>(runs_of[s].size()) - 1, 1.0);
      for (std::size_t k = 0; k < runs_of[s].size(); ++k)
        for (const log::Dropout& d : reduced(runs_of[s][k])->events.dropouts)
          if (std::isfinite(d.begin_m) && std::isfinite(d.end_m))
            strokes.strokes.push_back(
                {std::min(d.begin_m, d.end_m) - 3, std::max(d.begin_m, d.end_m) + 3,
                 static_cast<double>(s) - 0.3 + 0.6 * static_cast<double>(k) / several});
      lane.strokes.push_back(std::move(strokes));
    }
    return lane;
  }

  Lane residualLane() const {
    Lane lane{kResiduals, Said::tr("Residuals: not explained by flight or place").toStdString(),
              symbol(Unit::Decibel), kResidualWeight, 20};
    double most = 4;
    for (const analysis::RunResiduals& r : analysis.residuals) {
      const campaign::Run* run = campaign::findRun(campaign, r.run);
      if (r.link != link || (run && !drawn(run->setup))) continue;
      lane.lines.push_back(
          {r.distance_m, r.residual_db, inkOf(markOf(run ? run->setup : std::string()), 0.6), 0, r.run});
      for (double v : r.residual_db) most = std::max(most, std::abs(v));
    }
    lane.high = most * 1.1;
    lane.low = -lane.high;
    return lane;
  }
};

}  // namespace

std::vector<Offered> offeredLanes() {
  std::vector<Offered> out;
  out.push_back({kHolds, Said::tr("Flights that still hold").toStdString(), true});
  for (const log::ChannelInfo* c : log::laneChannels()) {
    out.push_back({std::string(c->name), capital(words::channel(c->name)), c->lane_at_first});
    if (c->name == log::channel::kRssi)
      out.push_back({kPlace, Said::tr("Place profile").toStdString(), false});
  }
  out.push_back({kDropouts, Said::tr("Dropouts").toStdString(), true});
  out.push_back({kResiduals, Said::tr("Residuals").toStdString(), false});
  out.push_back({kFlights, Said::tr("Every single flight").toStdString(), false});
  return out;
}

Lanes compareLanes(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis,
                   const std::string& link, const std::vector<std::string>& wanted) {
  Lanes out{analysis::axisEnd_m(campaign, analysis), {}};
  const Builder build{campaign, analysis, link};
  const auto want = [&](const std::string& id) {
    return std::find(wanted.begin(), wanted.end(), id) != wanted.end();
  };
  if (want(kHolds)) out.lanes.push_back(build.holdsLane());
  for (const log::ChannelInfo* c : log::laneChannels()) {
    const std::string id(c->name);
    if (want(id) && build.recorded(*c)) out.lanes.push_back(build.channelLane(*c, want(kFlights)));
    if (c->name == log::channel::kRssi && want(kPlace)) out.lanes.push_back(build.placeLane());
  }
  if (want(kDropouts)) out.lanes.push_back(build.dropoutLane());
  if (want(kResiduals)) out.lanes.push_back(build.residualLane());
  // What holds nothing is not drawn; where nothing is there at all, one says so.
  std::erase_if(out.lanes, empty);
  if (out.lanes.empty()) out.lanes.push_back(build.holdsLane());
  return out;
}

}  // namespace distanz::lanes
