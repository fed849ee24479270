#pragma once
#include <optional>
#include <span>
#include <string>

#include "core/campaign/campaign.h"
#include "core/radio/budget.h"

/// The numbers of a setup's ends of a link, out of its parts.
namespace distanz::campaign {

/// A place in the chain of a link where a part belongs, and the value it gives.
struct Slot {
  const char* term;  ///< of its element, as radio::BudgetTerm; "receiver" at the end
  std::string SetupLink::*part;
  PartKind kind;
  const char* value;             ///< key of its PartField
  double radio::LinkEnds::*end;  ///< null for the receiver, which adds nothing
};
extern const Slot kTransmitPower, kTransmitGain, kTransmitLoss, kTransmitFilter, kReceiveGain, kReceiveLoss,
    kReceiveFilter, kReceiver;
/// All of them, as the signal runs.
std::span<const Slot* const> allSlots();

/// A setup's ends of a link; null where it says nothing of it.
const SetupLink* findEnds(const Campaign& campaign, const std::string& setup, const std::string& link);

/// What the part in that slot states; none where there is no part, or it does not say.
std::optional<double> valueAt(const Campaign& campaign, const SetupLink& link, const Slot& slot);

/// The same of what is known of a part there.
const PartValue* partValueAt(const Campaign& campaign, const SetupLink& link, const Slot& slot);

/// Id that no part has yet: "p1", "p2", ...
std::string freePartId(const Campaign& campaign);

/// The part in that slot, to be changed: one that is named is the same thing wherever it is used; a nameless
/// one that other setups have too is copied first, a missing one made. @throws DomainError for a setup that
/// does not exist
Part& ownPartAt(Campaign& campaign, const std::string& setup, const std::string& link, const Slot& slot);

/// States a value of ownPartAt(). None: nothing is known of it any more.
void setValueAt(Campaign& campaign, const std::string& setup, const std::string& link, const Slot& slot,
                std::optional<double> value);

/// Setups that have a part, by id.
std::vector<std::string> setupsWith(const Campaign& campaign, const std::string& part);

/// The campaign without a part; slots that had it are empty.
Campaign withoutPart(const Campaign& campaign, const std::string& part);

/// The campaign with parts of another one: those it has already, recognised by their uuid, take over what is
/// known of them there; others are added. Photos come with their names and SHA-256: whoever keeps the
/// campaign has to keep their bytes too. Records stay where they are: a value measured there counts as
/// measured, without one.
struct Brought {
  Campaign campaign;
  std::size_t added = 0, renewed = 0;
};
Brought withPartsOf(const Campaign& campaign, const Campaign& other, const std::vector<std::string>& parts);

/// Both ends for a link budget: what the parts state, what their antennas lose against each other, by
/// pointing and by mismatch (see antenna.h); what nothing is stated of as 0 dB. None where the transmit power
/// is not known.
std::optional<radio::LinkEnds> endsOf(const Campaign& campaign, const Link& link, const SetupLink& ends);

/// Both antennas state a gain: without, a level can be counted, but how far it reaches is nobody's to say.
bool antennasKnown(const Campaign& campaign, const SetupLink& ends);

/// The level at which the link still counts as usable, as the kit tells it: criticalFromKit(), or where the
/// link states no sensitivity, that of the receiver.
std::optional<double> criticalAt(const Campaign& campaign, const Link& link, const SetupLink& ends);

/// Drops nameless parts that setups of `before` had and none has any more: made for a number typed there,
/// they are of no further use. Not what has notes or photos.
void dropOrphans(Campaign& campaign, const Campaign& before);

}  // namespace distanz::campaign
