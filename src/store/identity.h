#pragma once
#include <map>
#include <string>
#include <utility>

#include "core/campaign/campaign.h"

namespace distanz::store {

/// True where something that has a UUID lacks one, or shares it with another.
bool needsIdentity(const campaign::Campaign& campaign);

/// The campaign with a random UUID (version 4) for everything that has none yet, or another's: campaign,
/// parts, setups, runs.
campaign::Campaign identified(campaign::Campaign campaign);

/// Gives each thing the same UUID in several states of one campaign.
class Identities {
 public:
  void give(campaign::Campaign& state);

 private:
  std::map<std::pair<std::string, std::string>, std::string> m_known;  ///< by kind and id
};

}  // namespace distanz::store
