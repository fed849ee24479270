#include "core/campaign/kit.h"

#include <algorithm>
#include <string_view>

#include "core/campaign/antenna.h"
#include "core/campaign/describe.h"
#include "core/description/texts.h"
#include "core/finding/error.h"

namespace distanz::campaign {

using radio::LinkEnds;

const Slot kTransmitPower{"power", &SetupLink::transmitter, PartKind::Transmitter, "power_dbm",
                          &LinkEnds::power_dbm};
const Slot kTransmitLoss{"tx-cable", &SetupLink::tx_cable, PartKind::Cable, "loss_db", &LinkEnds::tx_loss_db};
const Slot kTransmitFilter{"tx-filter", &SetupLink::tx_filter, PartKind::Cable, "loss_db",
                           &LinkEnds::tx_filter_db};
const Slot kTransmitGain{"tx-antenna", &SetupLink::tx_antenna, PartKind::Antenna, "gain_dbi",
                         &LinkEnds::tx_gain_dbi};
const Slot kReceiveGain{"rx-antenna", &SetupLink::rx_antenna, PartKind::Antenna, "gain_dbi",
                        &LinkEnds::rx_gain_dbi};
const Slot kReceiveFilter{"rx-filter", &SetupLink::rx_filter, PartKind::Cable, "loss_db",
                          &LinkEnds::rx_filter_db};
const Slot kReceiveLoss{"rx-cable", &SetupLink::rx_cable, PartKind::Cable, "loss_db", &LinkEnds::rx_loss_db};
const Slot kReceiver{"receiver", &SetupLink::receiver, PartKind::Receiver, "sensitivity_dbm", nullptr};

std::span<const Slot* const> allSlots() {
  static constexpr const Slot* kAll[] = {&kTransmitPower, &kTransmitLoss,  &kTransmitFilter, &kTransmitGain,
                                         &kReceiveGain,   &kReceiveFilter, &kReceiveLoss,    &kReceiver};
  return kAll;
}

const SetupLink* findEnds(const Campaign& c, const std::string& setup, const std::string& link) {
  const Setup* s = findSetup(c, setup);
  if (!s) return nullptr;
  const auto found = s->links.find(link);
  return found == s->links.end() ? nullptr : &found->second;
}

namespace {

/// How many places of the setups have each part.
std::map<std::string, int> usesOf(const Campaign& c) {
  std::map<std::string, int> uses;
  for (const Setup& s : c.setups)
    description::eachText(s, [&](const description::Field& field, const std::string& text) {
      if (field.refers == "part") ++uses[text];
    });
  return uses;
}

}  // namespace

std::string freePartId(const Campaign& c) {
  for (std::size_t n = c.parts.size() + 1;; ++n)
    if (std::string id = "p" + std::to_string(n); !findPart(c, id)) return id;
}

const PartValue* partValueAt(const Campaign& c, const SetupLink& link, const Slot& slot) {
  const Part* part = findPart(c, link.*slot.part);
  if (!part) return nullptr;
  const auto at = part->values.find(slot.value);
  return at == part->values.end() ? nullptr : &at->second;
}

std::optional<double> valueAt(const Campaign& c, const SetupLink& link, const Slot& slot) {
  const PartValue* value = partValueAt(c, link, slot);
  return value ? std::optional(value->value) : std::nullopt;
}

Part& ownPartAt(Campaign& c, const std::string& setup, const std::string& link, const Slot& slot) {
  Setup* own = findSetup(c, setup);
  if (!own) throw DomainError("a setup of the campaign");
  std::string& ref = own->links[link].*slot.part;
  const Part* now = findPart(c, ref);
  if (now && (!now->name.empty() || usesOf(c)[ref] == 1))
    return c.parts[static_cast<std::size_t>(now - c.parts.data())];
  Part next = now ? *now : Part();
  if (!now) next.kind = slot.kind;
  next.id = ref = freePartId(c);
  next.uuid.clear();
  return c.parts.emplace_back(std::move(next));
}

void setValueAt(Campaign& c, const std::string& setup, const std::string& link, const Slot& slot,
                std::optional<double> value) {
  if (!findSetup(c, setup)) return;
  const SetupLink* ends = findEnds(c, setup, link);
  if (!value && !(ends && findPart(c, ends->*slot.part))) return;
  Part& part = ownPartAt(c, setup, link, slot);
  if (value)
    part.values[slot.value] = {.value = *value};
  else
    part.values.erase(slot.value);
}

std::vector<std::string> setupsWith(const Campaign& c, const std::string& part) {
  std::vector<std::string> out;
  for (const Setup& s : c.setups) {
    bool has = false;
    description::eachText(s, [&](const description::Field& field, const std::string& id) {
      has = has || (field.refers == "part" && id == part);
    });
    if (has) out.push_back(s.id);
  }
  return out;
}

Campaign withoutPart(const Campaign& campaign, const std::string& part) {
  Campaign out = campaign;
  std::erase_if(out.parts, [&](const Part& p) { return p.id == part; });
  const auto drop = [&](std::string& id) {
    if (id == part) id.clear();
  };
  for (Setup& s : out.setups) {
    drop(s.airframe);
    drop(s.battery);
    for (auto& [link, ends] : s.links)
      for (const Slot* slot : allSlots()) drop(ends.*slot->part);
  }
  for (Record& r : out.records) drop(r.part);
  return out;
}

namespace {

/// What another campaign knows of the very same part, taken over. Nothing that is known here gets lost: a
/// measurement gives way to a measurement only, notes and words to others, photos come beside those there
/// are.
void takeOver(const Part& theirs, Part& ours) {
  if (!theirs.name.empty()) ours.name = theirs.name;
  if (!theirs.notes.empty()) ours.notes = theirs.notes;
  for (const auto& [key, value] : theirs.values) {
    const auto own = ours.values.find(key);
    const bool known = own != ours.values.end();
    if (known && (own->second.value == value.value ||
                  (own->second.origin == Origin::Measured && value.origin != Origin::Measured)))
      continue;
    ours.values[key] = value;
  }
  for (const auto& [key, word] : theirs.traits) ours.traits[key] = word;
  for (const KeptFile& photo : theirs.photos)
    if (std::none_of(ours.photos.begin(), ours.photos.end(),
                     [&](const KeptFile& own) { return own.sha256 == photo.sha256; }))
      ours.photos.push_back(photo);
}

}  // namespace

Brought withPartsOf(const Campaign& campaign, const Campaign& other, const std::vector<std::string>& parts) {
  Brought out{campaign, 0, 0};
  for (const std::string& id : parts) {
    const Part* found = findPart(other, id);
    if (!found) continue;
    Part theirs = *found;
    for (auto& [key, value] : theirs.values) value.record.clear();
    const auto same = std::find_if(out.campaign.parts.begin(), out.campaign.parts.end(),
                                   [&](const Part& p) { return !p.uuid.empty() && p.uuid == theirs.uuid; });
    if (same == out.campaign.parts.end()) {
      theirs.id = freePartId(out.campaign);
      out.campaign.parts.push_back(std::move(theirs));
      ++out.added;
      continue;
    }
    const Part before = *same;
    takeOver(theirs, *same);
    out.renewed += *same != before;
  }
  return out;
}

std::optional<radio::LinkEnds> endsOf(const Campaign& c, const Link& link, const SetupLink& own) {
  if (!valueAt(c, own, kTransmitPower)) return std::nullopt;
  radio::LinkEnds ends;
  for (const Slot* slot : allSlots())
    if (slot->end) ends.*slot->end = valueAt(c, own, *slot).value_or(0);
  const Part *transmit = findPart(c, own.tx_antenna), *receive = findPart(c, own.rx_antenna);
  ends.polarisation_db = polarisationLoss_db(transmit, receive).value_or(0);
  if (transmit) ends.tx_mismatch_db = mismatchLoss_db(*transmit).value_or(0);
  if (receive) ends.rx_mismatch_db = mismatchLoss_db(*receive).value_or(0);
  const Part* ground = groundAntenna(c, link, own);
  if (ground && own.pointing_error_deg)
    ends.pointing_db = pointingLoss_db(*ground, *own.pointing_error_deg).value_or(0);
  return ends;
}

bool antennasKnown(const Campaign& c, const SetupLink& ends) {
  return valueAt(c, ends, kTransmitGain) && valueAt(c, ends, kReceiveGain);
}

std::optional<double> criticalAt(const Campaign& c, const Link& link, const SetupLink& ends) {
  if (sensitivityOf(link)) return criticalFromKit(link);
  const auto receiver = valueAt(c, ends, kReceiver);
  return receiver ? std::optional(*receiver + link.rule.margin_db.value_or(0)) : std::nullopt;
}

void dropOrphans(Campaign& campaign, const Campaign& before) {
  const auto used = usesOf(before);
  auto uses = usesOf(campaign);
  for (const Record& r : campaign.records) ++uses[r.part];
  std::erase_if(campaign.parts, [&](const Part& p) {
    return p.name.empty() && p.notes.empty() && p.photos.empty() && used.contains(p.id) &&
           !uses.contains(p.id);
  });
}

}  // namespace distanz::campaign
