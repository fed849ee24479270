#include "core/plan/chain.h"

#include <algorithm>
#include <cmath>
#include <string_view>

#include "core/campaign/antenna.h"

namespace distanz::plan {
namespace {

using namespace campaign;

const Slot* slotOf(std::string_view term) {
  for (const Slot* slot : allSlots())
    if (term == slot->term) return slot;
  return nullptr;
}

/// How what lies between the parts is known.
void tellBetween(const Campaign& c, const Link& link, const SetupLink& ends, ChainElement& e) {
  const std::string_view what = e.what;
  const Part *transmit = findPart(c, ends.tx_antenna), *receive = findPart(c, ends.rx_antenna);
  const auto sentBack = [&](const Part* antenna) {
    e.known = antenna && mismatchLoss_db(*antenna);
    if (!e.known) return;
    e.part = antenna->id;
    e.origin = antenna->values.at("vswr").origin;
    e.record = antenna->values.at("vswr").record;
  };
  if (what == "tx-mismatch") sentBack(transmit);
  if (what == "rx-mismatch") sentBack(receive);
  if (what == "polarisation") e.known = polarisationLoss_db(transmit, receive).has_value();
  if (what == "pointing") {
    const Part* ground = groundAntenna(c, link, ends);
    e.known = ground && ends.pointing_error_deg && pointingLoss_db(*ground, *ends.pointing_error_deg);
  }
}

ChainElement elementOf(const Campaign& c, const Link& link, const SetupLink& ends,
                       const radio::BudgetTerm& term) {
  ChainElement e{.what = term.what, .slot = slotOf(term.what)};
  e.change_db = term.change_db;
  e.level_dbm = term.level_dbm;
  if (!e.slot) {
    tellBetween(c, link, ends, e);
    return e;
  }
  if (const Part* part = findPart(c, ends.*e.slot->part)) e.part = part->id;
  if (const PartValue* value = partValueAt(c, ends, *e.slot)) {
    e.known = true;
    e.origin = value->origin;
    e.record = value->record;
  }
  return e;
}

}  // namespace

Chain chainOf(const Campaign& c, const Link& link, const SetupLink& ends, const std::optional<double>& mast_m,
              const Sights& sights) {
  Chain out;
  const auto course = courseOf(c);
  if (course && course->farPost_m() > 1) out.distance_m = course->farPost_m();
  const auto sums = endsOf(c, link, ends);
  const PathModel model(c, link, ends, mast_m, sights);
  if (out.distance_m) out.losses = model.at(*out.distance_m);
  const double loss_db = out.losses.sum_db();
  bool told = sums.has_value();
  for (const radio::BudgetTerm& term : radio::budgetTerms(sums.value_or(radio::LinkEnds()), loss_db)) {
    ChainElement e = elementOf(c, link, ends, term);
    if (std::string_view(e.what) == "path") {
      e.known = out.distance_m.has_value();
      told = told && e.known;
    }
    if (!told) e.level_dbm = NAN;
    out.elements.push_back(std::move(e));
  }
  const double received = out.elements.back().level_dbm;
  out.elements.push_back(elementOf(c, link, ends, {kReceiver.term, 0, received}));
  out.critical_dbm = criticalAt(c, link, ends);
  if (!sums) return out;
  out.eirp_dbm = radio::eirp_dbm(*sums);
  if (const Part* antenna = findPart(c, ends.tx_antenna))
    if (const auto size_mm = antenna->value("size_mm")) out.radiator_m = *size_mm / 1000;
  if (told) out.received_dbm = received;
  if (told && out.critical_dbm) out.margin_db = *out.received_dbm - *out.critical_dbm;
  if (out.critical_dbm && antennasKnown(c, ends)) out.range_m = model.range_m(*sums, *out.critical_dbm);
  return out;
}

std::optional<ChainChange> changeBetween(const Chain& before, const Chain& after) {
  if (!before.eirp_dbm || !after.eirp_dbm) return std::nullopt;  // there was no level to change
  ChainChange out;
  const std::size_t n = std::min(before.elements.size(), after.elements.size());
  for (std::size_t i = 0; i < n; ++i) {
    const double more = after.elements[i].change_db - before.elements[i].change_db;
    if (more == 0 || std::string_view(after.elements[i].what) == "path") continue;
    out.elements.push_back(i);
    out.level_db += more;
  }
  if (before.range_m && after.range_m) out.range_m = *after.range_m - *before.range_m;
  if (out.elements.empty() && before.range_m == after.range_m) return std::nullopt;
  return out;
}

std::vector<Swap> swapsFor(const Campaign& c, const Link& link, const SetupLink& ends, const Slot& slot,
                           const std::optional<double>& mast_m, const Sights& sights) {
  const Chain now = chainOf(c, link, ends, mast_m, sights);
  std::vector<Swap> out;
  for (const Part& part : c.parts) {
    if (part.kind != slot.kind || part.id == ends.*slot.part) continue;
    if (out.size() == kMostSwaps) break;
    SetupLink other = ends;
    other.*slot.part = part.id;
    const auto change = changeBetween(now, chainOf(c, link, other, mast_m, sights));
    out.push_back({part.id, change.value_or(ChainChange())});
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Swap& a, const Swap& b) { return a.change.level_db > b.change.level_db; });
  return out;
}

}  // namespace distanz::plan
