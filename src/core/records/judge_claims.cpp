#include "core/bench/claims.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kCircular_db = 6;  ///< an axial ratio beyond it is nobody's claim to be circular

bench::AntennaFigures claimedBy(const campaign::Record& r) {
  bench::AntennaFigures out;
  out.gain_dbi = r.setting("gain_dbi");
  out.width_deg = r.setting("width_deg");
  out.width2_deg = r.setting("width2_deg");
  out.vswr = r.setting("vswr");
  out.low_mhz = r.setting("low_mhz");
  out.high_mhz = r.setting("high_mhz");
  out.axial_ratio_db = r.setting("axial_ratio_db");
  out.front_to_back_db = r.setting("front_to_back_db");
  out.size_mm = r.setting("size_mm");
  out.turns = r.setting("turns");
  out.around = r.answer("around") == "yes";
  const std::string hand = r.answer("hand");
  out.circular = out.turns || hand == "left" || hand == "right" || (out.axial_ratio_db && *out.axial_ratio_db < kCircular_db);
  return out;
}

/// What the part says of itself, measured.
bench::AntennaFigures measuredOf(const Judged& what) {
  bench::AntennaFigures out;
  const campaign::Part* part = campaign::findPart(what.campaign, what.record.part);
  if (!part) return out;
  const auto value = [&](const char* key) -> std::optional<double> {
    const auto found = part->values.find(key);
    if (found == part->values.end() || found->second.origin != campaign::Origin::Measured)
      return std::nullopt;
    return found->second.value;
  };
  out.gain_dbi = value("gain_dbi");
  out.width_deg = value("width_deg");
  out.vswr = value("vswr");
  out.low_mhz = value("low_mhz");
  out.high_mhz = value("high_mhz");
  out.axial_ratio_db = value("axial_ratio_db");
  out.front_to_back_db = value("front_to_back_db");
  return out;
}

struct KindWord {
  bench::ClaimKind kind;
  const char* word;
  Unit unit;
};
constexpr KindWord kKinds[] = {
    {bench::ClaimKind::GainOfWidth, "claim-gain-of-width", Unit::Dbi},
    {bench::ClaimKind::HelixGain, "claim-helix-gain", Unit::Dbi},
    {bench::ClaimKind::HelixWidth, "claim-helix-width", Unit::Degree},
    {bench::ClaimKind::HelixAxialRatio, "claim-helix-axial-ratio", Unit::Decibel},
    {bench::ClaimKind::BandOfSize, "claim-band-of-size", Unit::Megahertz},
    {bench::ClaimKind::Gain, "claim-gain", Unit::Dbi},
    {bench::ClaimKind::Width, "claim-width", Unit::Degree},
    {bench::ClaimKind::Vswr, "claim-vswr", Unit::None},
    {bench::ClaimKind::AxialRatio, "claim-axial-ratio", Unit::Decibel},
    {bench::ClaimKind::FrontToBack, "claim-front-to-back", Unit::Decibel},
    {bench::ClaimKind::Band, "claim-band", Unit::Megahertz},
};

const KindWord& wordOf(bench::ClaimKind kind) {
  return kKinds[static_cast<std::size_t>(kind)];
}

}  // namespace

RecordResult judgeClaims(const Judged& what) {
  RecordResult out;
  const bench::AntennaFigures claimed = claimedBy(what.record);
  const std::vector<double> channels = channelsOf(what);
  const double frequency = claimed.low_mhz && claimed.high_mhz ? (*claimed.low_mhz + *claimed.high_mhz) / 2
                           : channels.empty()                  ? 2440
                                                               : channels.front();
  const auto checks = bench::checkClaims(claimed, measuredOf(what), frequency);
  std::size_t clashing = 0;
  for (const bench::ClaimCheck& c : checks) {
    const KindWord& kind = wordOf(c.kind);
    const Measure implied{(c.implied_low + c.implied_high) / 2, kind.unit, c.implied_low, c.implied_high};
    out.figures.push_back({kind.word, implied, measure(c.claimed, kind.unit), {}, !c.holds});
    if (c.holds) continue;
    ++clashing;
    Finding clash = finding("claim-clashes", {{"what", Term{std::string("figure-") + kind.word}},
                                              {"claimed", c.claimed, kind.unit},
                                              {"implied", implied}});
    if (c.back && c.kind == bench::ClaimKind::HelixGain)
      clash.more.push_back(finding("claim-asks-turns", {{"turns", *c.back, Unit::None}}));
    else if (c.back)
      clash.more.push_back(finding("claim-asks-width", {{"width", *c.back, Unit::Degree}}));
    out.findings.push_back(std::move(clash));
  }
  const campaign::Part* part = campaign::findPart(what.campaign, what.record.part);
  const std::string hand = what.record.answer("hand"), own = part ? part->trait("hand") : std::string();
  if (!hand.empty() && !own.empty() && hand != own) {
    ++clashing;
    out.findings.push_back(
        finding("claim-hand", {{"claimed", Term{"word-" + hand}}, {"is", Term{"word-" + own}}}));
  }
  if (checks.empty() && clashing == 0)
    out.findings.push_back(finding("claims-open"));
  else if (clashing == 0)
    out.findings.push_back(finding("claims-agree", {{"checks", checks.size()}}));
  return out;
}

RecordResult judgeInspection(const Judged& what) {
  RecordResult out;
  std::size_t open = 0, faults = 0;
  for (const campaign::RecordAnswer& asked : campaign::recordAnswers(what.record.kind)) {
    const std::string answer = what.record.answer(asked.key);
    if (answer == "no") {
      ++faults;
      out.findings.push_back(finding("look-fault", {{"what", Term{std::string("look-") + asked.key}}}));
    }
    open += answer.empty();
  }
  if (faults == 0 && open == 0) out.findings.push_back(finding("look-fine"));
  if (open > 0) out.findings.push_back(finding("look-open", {{"count", open}}));
  return out;
}

}  // namespace distanz::records
