#pragma once
#include <string>

#include "core/campaign/kit.h"

namespace distanz::app {

/// Where a part is edited: in a slot of a setup's link, or by itself.
struct PartPlace {
  std::string setup, link;
  const campaign::Slot* slot = nullptr;  ///< null: the part by itself
  std::string part = {};                 ///< id, where there is no slot
  bool operator==(const PartPlace&) const = default;

  /// The part that is there; null where there is none.
  const campaign::Part* find(const campaign::Campaign& campaign) const;
  /// What it is, or would be.
  campaign::PartKind kind(const campaign::Campaign& campaign) const;
  /// The part to be changed, see campaign::ownPartAt(); null where it is gone.
  campaign::Part* own(campaign::Campaign& campaign) const;
};

}  // namespace distanz::app
