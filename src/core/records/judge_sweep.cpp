#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/mismatch.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {
namespace {

using quantity::Unit;

constexpr double kPlotMost = 10;  // VSWR beyond which a curve says no more

const bench::Sweep* sweepOf(const Judged& what, std::initializer_list<const char*> roles) {
  for (const char* role : roles)
    for (const FileData& f : what.files)
      if (f.sweep && f.role == role) return &*f.sweep;
  return nullptr;
}

/// The sweep that tells how the antenna is used: mounted, covered, as it is.
const bench::Sweep* mainSweep(const Judged& what) {
  if (const auto* main = sweepOf(what, {"", "after", "covered", "free", "before", "bare", "held"}))
    return main;
  for (const FileData& f : what.files)
    if (f.sweep) return &*f.sweep;
  return nullptr;
}

void tellChannel(const Judged& what, const bench::Sweep& sweep, double channel, double limit,
                 RecordResult& out) {
  const auto at = bench::matchAt(sweep, channel);
  if (!at) {
    out.findings.push_back(finding("channel-not-swept", {{"frequency", mhz(channel)}}));
    return;
  }
  const bench::Match best = bench::bestMatch(sweep);
  const bool fits = at->vswr <= limit;
  out.figures.push_back({"vswr", {at->vswr, Unit::None, {}, {}}, mhz(channel), {}, true});
  out.figures.push_back(
      {"mismatch-loss", {at->mismatch_loss_db, Unit::Decibel, {}, {}}, mhz(channel), {}, true});
  out.figures.push_back({"return-loss", {at->return_loss_db, Unit::Decibel, {}, {}}, mhz(channel)});
  out.figures.push_back({"accepted", {100 * at->accepted_share, Unit::Percent, {}, {}}, mhz(channel)});
  if (std::isfinite(at->mismatch_loss_db))
    out.figures.push_back(
        {"range-lost", {rangeLost_pct(what, at->mismatch_loss_db), Unit::Percent, {}, {}}, mhz(channel)});
  if (what.range_m && std::isfinite(at->mismatch_loss_db))
    out.figures.push_back(
        {"metres-lost", measure(*what.range_m * rangeLost_pct(what, at->mismatch_loss_db) / 100, Unit::Metre),
         mhz(channel)});
  Finding said = fits ? finding("fits-channel", {{"frequency", mhz(channel)},
                                                 {"vswr", at->vswr, Unit::None},
                                                 {"loss", at->mismatch_loss_db, Unit::Decibel}})
                      : finding("misses-channel", {{"frequency", mhz(channel)},
                                                   {"vswr", at->vswr, Unit::None},
                                                   {"share", 100 * at->accepted_share, Unit::Percent}});
  if (!fits)
    said.more.push_back(finding("tuned-elsewhere",
                                {{"frequency", mhz(best.frequency_mhz)}, {"vswr", best.vswr, Unit::None}}));
  said.why.push_back(finding("why-mismatch", {{"reflection", at->reflection, Unit::None},
                                              {"return", at->return_loss_db, Unit::Decibel},
                                              {"loss", at->mismatch_loss_db, Unit::Decibel},
                                              {"ohm", sweep.reference_ohm, Unit::None}}));
  out.findings.push_back(std::move(said));
}

void tellBands(const bench::Sweep& sweep, double limit, RecordResult& out) {
  constexpr std::size_t kTold = 4;
  const auto bands = bench::bandsBelow(sweep, limit);
  for (std::size_t i = 0; i < std::min(bands.size(), kTold); ++i)
    out.findings.push_back(finding(
        bands[i].from_start || bands[i].to_end ? "band-open" : "band-below",
        {{"limit", limit, Unit::None}, {"low", mhz(bands[i].low_mhz)}, {"high", mhz(bands[i].high_mhz)}}));
  if (bands.empty()) out.findings.push_back(finding("band-none", {{"limit", limit, Unit::None}}));
}

/// The band around the channel, where both of its ends were swept.
void offerBand(const Judged& what, const bench::Sweep& sweep, double limit, double channel,
               RecordResult& out) {
  for (const bench::MatchBand& b : bench::bandsBelow(sweep, limit))
    if (b.low_mhz <= channel && channel <= b.high_mhz && !b.from_start && !b.to_end) {
      out.offers.push_back({what.record.part, "low_mhz", b.low_mhz});
      out.offers.push_back({what.record.part, "high_mhz", b.high_mhz});
    }
}

void tellChange(const Judged& what, const char* from, const char* to, double channel, RecordResult& out) {
  const auto *before = sweepOf(what, {from}), *after = sweepOf(what, {to});
  if (!before || !after) return;
  const auto change = bench::changeBetween(*before, *after, channel);
  if (!change) return;
  if (change->shift_mhz) {
    out.figures.push_back({"shift", {*change->shift_mhz, Unit::Megahertz, {}, {}}, mhz(channel), {}, true});
    out.findings.push_back(finding("resonance-moved", {{"from", Term{std::string("role-") + from}},
                                                       {"to", Term{std::string("role-") + to}},
                                                       {"was", mhz(change->from_mhz)},
                                                       {"is", mhz(change->to_mhz)}}));
  }
  if (!std::isfinite(change->loss_db)) return;
  const double pct = rangeLost_pct(what, change->loss_db);
  out.figures.push_back({"change-loss", {change->loss_db, Unit::Decibel, {}, {}}, mhz(channel), {}, true});
  out.findings.push_back(finding(change->loss_db >= 0 ? "change-costs" : "change-wins",
                                 {{"frequency", mhz(channel)},
                                  {"loss", std::abs(change->loss_db), Unit::Decibel},
                                  {"range", std::abs(pct), Unit::Percent}}));
}

void tellGrip(const Judged& what, const std::vector<double>& channels, RecordResult& out) {
  constexpr double kAround = 0.05;  // of the channel, to both sides
  const auto *free = sweepOf(what, {"free"}), *held = sweepOf(what, {"held"});
  if (!free || !held) return;
  for (double channel : channels) {
    const auto move = bench::gripMove(*free, *held, channel * (1 - kAround), channel * (1 + kAround));
    if (!move) continue;
    out.figures.push_back({"grip", {move->moved, Unit::None, {}, {}}, mhz(move->frequency_mhz), {}, true});
    out.findings.insert(out.findings.begin(), finding(move->cable_radiates ? "cable-radiates" : "cable-still",
                                                      {{"frequency", mhz(move->frequency_mhz)},
                                                       {"free", move->free_vswr, Unit::None},
                                                       {"held", move->held_vswr, Unit::None}}));
  }
}

Plot vswrPlot(const Judged& what, const std::vector<double>& channels, double limit) {
  Plot plot{Plot::Kind::Graph, "axis-frequency", "axis-vswr", Unit::Megahertz, Unit::None, {}, {}, {}};
  for (const FileData& f : what.files) {
    if (!f.sweep) continue;
    Curve curve{f.role.empty() ? f.file : f.role, f.sweep->frequency_mhz, {}, true};
    curve.y.reserve(curve.x.size());
    for (const auto& gamma : f.sweep->s11) {
      const double r = std::sqrt(std::norm(gamma));
      curve.y.push_back(r < 1 ? std::min(radio::vswr(r), kPlotMost) : kPlotMost);
    }
    plot.curves.push_back(std::move(curve));
  }
  for (double c : channels) plot.marks.push_back(mhz(c));
  plot.levels.push_back({limit, Unit::None, {}, {}});
  return plot;
}

Plot planePlot(const Judged& what) {
  Plot plot{Plot::Kind::Plane, "axis-real", "axis-imaginary", Unit::None, Unit::None, {}, {}, {}};
  for (const FileData& f : what.files) {
    if (!f.sweep || !f.sweep->has_phase) continue;
    Curve curve{f.role.empty() ? f.file : f.role, {}, {}, true};
    for (const auto& gamma : f.sweep->s11) curve.x.push_back(gamma.real()), curve.y.push_back(gamma.imag());
    plot.curves.push_back(std::move(curve));
  }
  return plot;
}

RecordResult judged(const Judged& what) {
  RecordResult out;
  const bench::Sweep* main = mainSweep(what);
  if (!main) {
    out.findings.push_back(finding("sweep-none"));
    return out;
  }
  const double limit = what.record.setting("vswr_limit").value_or(bench::kUsualVswr);
  std::vector<double> channels = channelsOf(what);
  if (what.record.link.empty())  // of a two-band antenna's links only those it may be meant for
    std::erase_if(channels, [&](double c) { return !bench::matchAt(*main, c); });
  for (double c : channels) {
    tellChannel(what, *main, c, limit, out);
    tellChange(what, "bare", "covered", c, out);
    tellChange(what, "before", "after", c, out);
  }
  tellGrip(what, channels, out);
  const bench::Match best = bench::bestMatch(*main);
  out.figures.push_back(
      {"vswr-least", {best.vswr, Unit::None, {}, {}}, mhz(best.frequency_mhz), {}, channels.empty()});
  if (channels.empty())
    out.findings.push_back(finding("no-channel-swept", {{"low", mhz(main->frequency_mhz.front())},
                                                        {"high", mhz(main->frequency_mhz.back())}}));
  tellBands(*main, limit, out);
  out.plot = vswrPlot(what, channels, limit);
  if (main->has_phase) out.more.push_back(planePlot(what));
  if (!what.record.part.empty() && channels.size() == 1)
    if (const auto at = bench::matchAt(*main, channels.front()); at && std::isfinite(at->vswr)) {
      out.offers.push_back({what.record.part, "vswr", at->vswr});
      offerBand(what, *main, limit, channels.front(), out);
    }
  return out;
}

}  // namespace

RecordResult judgeSweep(const Judged& what) {
  const auto ohm = what.record.setting("reference_ohm");
  if (!ohm) return judged(what);
  std::vector<FileData> files(what.files.begin(), what.files.end());
  for (FileData& f : files)
    if (f.sweep) f.sweep = bench::toldFor(*f.sweep, *ohm);
  Judged referred = what;
  referred.files = files;
  return judged(referred);
}

}  // namespace distanz::records
