#pragma once
#include <cstddef>
#include <optional>

#include "core/campaign/campaign.h"
#include "core/course/elsewhere.h"
#include "core/finding/finding.h"

/// What of a campaign tells where, and with whom, was flown: told before it leaves, and left out where the pilot wants.
namespace distanz::campaign {

/// What goes along.
struct Leaving {
  bool places = true;   ///< else all lies elsewhere, as far apart as it does; terrain, maps and heights above the sea stay behind
  bool photos = true;   ///< as the camera wrote them, place and time with them; else what is seen on them alone
  bool words = true;    ///< names of people and notes
  bool everything() const { return places && photos && words; }
};

/// How much of it there is.
struct Carried {
  std::size_t places = 0, layers = 0, logs = 0, photos = 0, words = 0;
  bool any() const { return places + layers + logs + photos + words > 0; }
};

Carried carriedBy(const Campaign& campaign);
/// To be said before it leaves.
Finding carriedTold(const Carried& carried);

/// From where places are moved; none where the campaign knows no place.
std::optional<course::Elsewhere> elsewhere(const Campaign& campaign);

/// The campaign as far as its own values go; logs and photos are their keeper's to change.
Campaign leavingWith(Campaign campaign, const Leaving& leaving);

/// Of a kept file, by its name's ending.
bool isPhoto(const KeptFile& file);

}  // namespace distanz::campaign
