#include "core/campaign/kit.h"

#include <algorithm>
#include <string_view>

#include "core/campaign/antenna.h"
#include "core/campaign/describe.h"
#include "core/description/texts.h"
#include "core/finding/error.h"

namespace distanz::campaign {

const Slot kTransmitPower{&SetupLink::transmitter, PartKind::Transmitter, "power_dbm",
                          &radio::LinkEnds::power_dbm};
const Slot kTransmitGain{&SetupLink::tx_antenna, PartKind::Antenna, "gain_dbi",
                         &radio::LinkEnds::tx_gain_dbi};
const Slot kTransmitLoss{&SetupLink::tx_cable, PartKind::Cable, "loss_db", &radio::LinkEnds::tx_loss_db};
const Slot kReceiveGain{&SetupLink::rx_antenna, PartKind::Antenna, "gain_dbi", &radio::LinkEnds::rx_gain_dbi};
const Slot kReceiveLoss{&SetupLink::rx_cable, PartKind::Cable, "loss_db", &radio::LinkEnds::rx_loss_db};
const Slot kTransmitFilter{&SetupLink::tx_filter, PartKind::Cable, "loss_db", &radio::LinkEnds::tx_filter_db};
const Slot kReceiveFilter{&SetupLink::rx_filter, PartKind::Cable, "loss_db", &radio::LinkEnds::rx_filter_db};

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
  const auto at = part ? part->values.find(slot.value) : std::map<std::string, PartValue>::const_iterator();
  return part && at != part->values.end() ? &at->second : nullptr;
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
  const Setup* own = findSetup(c, setup);
  if (!own) return;
  const auto ends = own->links.find(link);
  if (!value && (ends == own->links.end() || !findPart(c, ends->second.*slot.part))) return;
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
      for (std::string SetupLink::*slot :
           {&SetupLink::transmitter, &SetupLink::tx_cable, &SetupLink::tx_filter, &SetupLink::tx_antenna,
            &SetupLink::rx_antenna, &SetupLink::rx_filter, &SetupLink::rx_cable, &SetupLink::receiver})
        drop(ends.*slot);
  }
  for (Record& r : out.records) drop(r.part);
  return out;
}

Brought withPartsOf(const Campaign& campaign, const Campaign& other, const std::vector<std::string>& parts) {
  Brought out{campaign, 0, 0};
  for (const std::string& id : parts) {
    const Part* theirs = findPart(other, id);
    if (!theirs) continue;
    Part part = *theirs;
    for (auto& [key, value] : part.values) value.record.clear();
    const auto same = std::find_if(out.campaign.parts.begin(), out.campaign.parts.end(),
                                   [&](const Part& p) { return !p.uuid.empty() && p.uuid == part.uuid; });
    if (same != out.campaign.parts.end()) {
      part.id = same->id;
      for (const auto& [key, value] : same->values) {
        const auto at = part.values.find(key);
        if (at == part.values.end() || at->second.value == value.value) part.values[key] = value;
      }
      if (*same != part) ++out.renewed;
      *same = std::move(part);
    } else {
      part.id = freePartId(out.campaign);
      out.campaign.parts.push_back(std::move(part));
      ++out.added;
    }
  }
  return out;
}

std::optional<radio::LinkEnds> endsOf(const Campaign& c, const Link& link, const SetupLink& own) {
  if (!valueAt(c, own, kTransmitPower)) return std::nullopt;
  radio::LinkEnds ends;
  for (const Slot* slot : {&kTransmitPower, &kTransmitGain, &kTransmitLoss, &kTransmitFilter, &kReceiveGain,
                           &kReceiveLoss, &kReceiveFilter})
    ends.*slot->end = valueAt(c, own, *slot).value_or(0);
  const Part *transmit = findPart(c, own.tx_antenna), *receive = findPart(c, own.rx_antenna);
  ends.polarisation_db = polarisationLoss_db(transmit, receive).value_or(0);
  if (transmit) ends.tx_mismatch_db = mismatchLoss_db(*transmit).value_or(0);
  if (receive) ends.rx_mismatch_db = mismatchLoss_db(*receive).value_or(0);
  const Part* ground = groundAntenna(c, link, own);
  if (ground && own.pointing_error_deg)
    ends.pointing_db = pointingLoss_db(*ground, *own.pointing_error_deg).value_or(0);
  return ends;
}

void dropOrphans(Campaign& campaign, const Campaign& before) {
  const auto used = usesOf(before);
  auto uses = usesOf(campaign);
  for (const Record& r : campaign.records) ++uses[r.part];
  std::erase_if(campaign.parts, [&](const Part& p) {
    return p.name.empty() && p.notes.empty() && used.contains(p.id) && !uses.contains(p.id);
  });
}

}  // namespace distanz::campaign
