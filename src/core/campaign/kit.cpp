#include "core/campaign/kit.h"

#include <algorithm>
#include <string_view>

#include "core/campaign/describe.h"
#include "core/description/texts.h"

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

std::string freePartId(const Campaign& c) {
  for (std::size_t n = c.parts.size() + 1;; ++n)
    if (std::string id = "p" + std::to_string(n); !findPart(c, id)) return id;
}

}  // namespace

std::optional<double> valueAt(const Campaign& c, const SetupLink& link, const Slot& slot) {
  const Part* part = findPart(c, link.*slot.part);
  return part ? part->value(slot.value) : std::nullopt;
}

void setValueAt(Campaign& c, const std::string& setup, const std::string& link, const Slot& slot,
                std::optional<double> value) {
  Setup* own = findSetup(c, setup);
  if (!own) return;
  std::string& ref = own->links[link].*slot.part;
  const Part* now = findPart(c, ref);
  if (!now && !value) return;
  Part next = now ? *now : Part();
  if (!now) next.kind = slot.kind;
  if (value)
    next.values[slot.value] = {.value = *value};
  else
    next.values.erase(slot.value);
  if (now && usesOf(c)[ref] == 1) {
    c.parts[static_cast<std::size_t>(now - c.parts.data())] = std::move(next);
    return;
  }
  next.id = ref = freePartId(c);
  next.uuid.clear();
  c.parts.push_back(std::move(next));
}

std::optional<radio::LinkEnds> endsOf(const Campaign& c, const SetupLink& link) {
  if (!valueAt(c, link, kTransmitPower)) return std::nullopt;
  radio::LinkEnds ends;
  for (const Slot* slot : {&kTransmitPower, &kTransmitGain, &kTransmitLoss, &kTransmitFilter, &kReceiveGain,
                           &kReceiveLoss, &kReceiveFilter})
    ends.*slot->end = valueAt(c, link, *slot).value_or(0);
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
