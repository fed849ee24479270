#include "core/campaign/differ.h"

#include <fmt/format.h>

#include "core/campaign/kit.h"

namespace distanz::campaign {
namespace {

/// What a part is and states; who it is by id, its notes and photos tell nothing of that.
std::string described(const Campaign& c, const std::string& id) {
  const Part* part = findPart(c, id);
  if (!part) return {};
  std::string out = part->name;
  for (const auto& [key, value] : part->values) out += fmt::format("|{}={}", key, value.value);
  for (const auto& [key, value] : part->traits) out += "|" + key + "=" + value;
  return out;
}

}  // namespace

bool alike(const Campaign& c, const SetupLink& a, const SetupLink& b) {
  SetupLink x = a, y = b;
  using PartAt = std::string SetupLink::*;
  for (const PartAt part : {&SetupLink::transmitter, &SetupLink::tx_cable, &SetupLink::tx_antenna, &SetupLink::receiver,
                          &SetupLink::rx_cable, &SetupLink::rx_antenna, &SetupLink::tx_filter, &SetupLink::rx_filter}) {
    x.*part = described(c, a.*part);
    y.*part = described(c, b.*part);
  }
  return x == y;
}

std::optional<std::string> onlyLinkThatDiffers(const Campaign& c, const std::string& a, const std::string& b) {
  const Setup *x = findSetup(c, a), *y = findSetup(c, b);
  if (!x || !y || x->mast_m != y->mast_m || described(c, x->airframe) != described(c, y->airframe) ||
      described(c, x->battery) != described(c, y->battery))
    return std::nullopt;
  std::optional<std::string> out;
  for (const Link& link : c.links) {
    const SetupLink *of_x = findEnds(c, a, link.id), *of_y = findEnds(c, b, link.id);
    if (alike(c, of_x ? *of_x : SetupLink(), of_y ? *of_y : SetupLink())) continue;
    if (out) return std::nullopt;
    out = link.id;
  }
  return out;
}

}  // namespace distanz::campaign
