#include "core/records/record_result.h"

#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/records/judges.h"

namespace distanz::records {
namespace {

using Judge = RecordResult (*)(const Judged&);

/// By RecordKind.
constexpr Judge kJudges[] = {judgeSweep,     judgeInspection, judgeClaims, judgePower,        judgeSignal,
                             judgeTurntable, judgeAttenuator, judgeTrim,   judgePolarisation, judgeSpectrum,
                             judgeNoise,     judgeGround,     judgeWalk,   judgeSwap};

}  // namespace

RecordResult judge(const Judged& what) {
  try {
    return kJudges[static_cast<std::size_t>(what.record.kind)](what);
  } catch (const Error& e) {
    return {{}, {e.found}, {}, {}, {}};
  }
}

std::vector<double> channelsOf(const Judged& what) {
  if (const campaign::Link* link = campaign::findLink(what.campaign, what.record.link))
    return {link->frequency_mhz};
  std::vector<double> out;
  for (const campaign::Link& l : what.campaign.links) out.push_back(l.frequency_mhz);
  return out;
}

bench::Spread exponentOf(const Judged& what) {
  if (const auto own = what.record.setting("exponent")) return {*own, {}, {}};
  return what.exponent.value_or(bench::Spread{what.campaign.plan_exponent, {}, {}});
}

double rangeLost_pct(const Judged& what, double loss_db) {
  return 100 * (1 - radio::rangeRatio(-loss_db, exponentOf(what).estimate));
}

}  // namespace distanz::records
