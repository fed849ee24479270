#include "core/records/record_result.h"

#include "core/finding/catalogue.h"
#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/records/judges.h"

namespace distanz::records {
namespace {

using Judge = RecordResult (*)(const Judged&);

/// By RecordKind.
constexpr Judge kJudges[] = {judgeSweep,        judgeInspection, judgeClaims,       judgePower,
                             judgeSignal,       judgeTurntable,  judgeAttenuator,   judgeTrim,
                             judgePolarisation, judgeSpectrum,   judgeInterference, judgeNoise,
                             judgeGround,       judgeWalk,       judgeSwap,         judgeStations};

/// What went into a result, and how it was made.
std::vector<Finding> whyOf(const Judged& what) {
  const campaign::Record& r = what.record;
  std::vector<Finding> out{
      finding("why-method", {{"method", Term{"method-" + campaign::recordKindWord(r.kind)}}})};
  for (const campaign::RecordField& f : campaign::recordFields(r.kind, false))
    if (const auto value = r.setting(f.key))
      out.push_back(
          finding("why-entry", {{"what", Term{std::string("entry-") + f.key}}, {"value", *value, f.unit}}));
  if (!r.readings.empty()) out.push_back(finding("why-readings", {{"count", r.readings.size()}}));
  for (const FileData& f : what.files) out.push_back(finding("why-file", {{"file", f.file}}));
  const bench::Spread n = exponentOf(what);
  out.push_back(finding("why-exponent", {{"exponent", n.estimate, quantity::Unit::None}}));
  return out;
}

}  // namespace

RecordResult judge(const Judged& what) {
  try {
    RecordResult out = kJudges[static_cast<std::size_t>(what.record.kind)](what);
    std::erase_if(out.offers, [&](const Offer& o) {
      const campaign::Part* part = campaign::findPart(what.campaign, o.part);
      const campaign::PartField* field = part ? campaign::partField(part->kind, o.key) : nullptr;
      return !field || !(o.value >= field->low && o.value <= field->high);
    });
    if (!out.figures.empty())
      for (Finding& f : out.findings) {
        if (const FindingInfo* info = infoOf(f.code); !info || info->severity == Severity::Advice) continue;
        const std::vector<Finding> why = whyOf(what);
        f.why.insert(f.why.end(), why.begin(), why.end());
        break;
      }
    return out;
  } catch (const Error& e) {
    return {{}, {e.found}, {}, {}, {}};
  }
}

campaign::Campaign withOffers(const campaign::Campaign& campaign, const std::string& record,
                              const std::vector<Offer>& offers) {
  campaign::Campaign out = campaign;
  for (const Offer& offer : offers)
    for (campaign::Part& part : out.parts)
      if (part.id == offer.part) {
        campaign::PartValue& value = part.values[offer.key];
        value.value = offer.value;
        value.origin = campaign::Origin::Measured;
        value.record = record;
      }
  return out;
}

std::vector<double> channelsOf(const Judged& what) {
  if (const campaign::Link* link = campaign::findLink(what.campaign, what.record.link))
    return {link->frequency_mhz};
  std::vector<double> out;
  for (const campaign::Link& l : what.campaign.links) out.push_back(l.frequency_mhz);
  return out;
}

namespace {

// Near the ground in open country, where nobody flew: Rappaport 2002, table 4.2 (2.7 to 3.5) and free space (2).
constexpr double kUsualExponent = 2.7, kExponentSd = 0.5, kTwoSided = 1.959964;

}  // namespace

bench::Spread exponentOf(const Judged& what) {
  if (const auto own = what.record.setting("exponent")) return {*own, {}, {}};
  if (what.exponent) return *what.exponent;
  if (what.campaign.plan_exponent != campaign::Campaign().plan_exponent) return {what.campaign.plan_exponent, {}, {}};
  return {kUsualExponent, kUsualExponent - kTwoSided * kExponentSd, kUsualExponent + kTwoSided * kExponentSd};
}

double rangeLost_pct(const Judged& what, double loss_db) {
  return 100 * (1 - radio::rangeRatio(-loss_db, exponentOf(what).estimate));
}

}  // namespace distanz::records
