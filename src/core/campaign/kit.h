#pragma once
#include <optional>
#include <string>

#include "core/campaign/campaign.h"
#include "core/radio/budget.h"

/// The numbers of a setup's ends of a link, out of its parts.
namespace distanz::campaign {

/// A place in the chain of a link where a part belongs, and the value it gives.
struct Slot {
  std::string SetupLink::*part;
  PartKind kind;
  const char* value;  ///< key of its PartField
  double radio::LinkEnds::*end;
};
extern const Slot kTransmitPower, kTransmitGain, kTransmitLoss, kTransmitFilter, kReceiveGain, kReceiveLoss,
    kReceiveFilter;

/// What the part in that slot states; none where there is no part, or it does not say.
std::optional<double> valueAt(const Campaign& campaign, const SetupLink& link, const Slot& slot);

/// States a value of the setup's own part in that slot: a part that other setups have too is copied first, a
/// missing one made. None: nothing is known of it any more.
void setValueAt(Campaign& campaign, const std::string& setup, const std::string& link, const Slot& slot,
                std::optional<double> value);

/// Both ends for a link budget, what no part states as 0 dB; none where the transmit power is not known.
std::optional<radio::LinkEnds> endsOf(const Campaign& campaign, const SetupLink& link);

/// Drops nameless parts that setups of `before` had and none has any more: made for a number typed there,
/// they are of no further use.
void dropOrphans(Campaign& campaign, const Campaign& before);

}  // namespace distanz::campaign
