#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kCampaignTexts[] = {
    {"out-of-bounds", "",
     QT_TRANSLATE_NOOP("finding", "{where}{what} is {value:short}; it must be {low:short} to {high:short}")},
    {"not-finite", "", QT_TRANSLATE_NOOP("finding", "{where}{what} is {value:short}; it must be a number")},
    {"unknown-id", "",
     QT_TRANSLATE_NOOP("finding", "{where} names {kind} \"{id}\", which is not in this campaign")},
    {"long-id", "", QT_TRANSLATE_NOOP("finding", "a {kind} has an id of over {most} bytes; shorten it")},
    {"no-id", "", QT_TRANSLATE_NOOP("finding", "a {kind} has no id; give it one")},
    {"duplicate-id", "", QT_TRANSLATE_NOOP("finding", "{kind} \"{id}\" occurs twice; rename one")},
    {"duplicate-mode", "",
     QT_TRANSLATE_NOOP("finding",
                       "link \"{link}\": mode {mode} occurs twice; give each mode one sensitivity")},
    {"bad-id", "", QT_TRANSLATE_NOOP("finding", "link \"{link}\": a link's id cannot hold a dot; rename it")},
    {"bad-turn", "", QT_TRANSLATE_NOOP("finding", "run \"{run_id}\": the turn must begin before it ends")},
    {"post-out-of-reach", "",
     QT_TRANSLATE_NOOP("finding",
                       "the far post is {length:.0} from the station; it must be {low:.0} to {high:.0}")},
    {"too-many", "",
     QT_TRANSLATE_NOOP("finding", "{count} {list} are too many; a campaign holds at most {most}")},
    {"too-many-points", "",
     QT_TRANSLATE_NOOP("finding", "{count} points are too many; a path holds at most {most}")},
    {"scenario-out-of-bounds", "",
     QT_TRANSLATE_NOOP("finding", "{name} is {value:short}; it must be {low:short} to {high:short}")},
    {"scenario-start", "",
     QT_TRANSLATE_NOOP("finding", "start_m must be at least {least} before farthest_m")},
    {"scenario-power-steps", "", QT_TRANSLATE_NOOP("finding", "power steps must be given, all above 0 mW")},
    {"scenario-no-level", "",
     QT_TRANSLATE_NOOP("finding", "the scenario has no level for setup \"{setup}\" on link \"{link}\"")},
    {"scenario-many-flights", "", QT_TRANSLATE_NOOP("finding", "a scenario has at most {most} flights")},
    {"scenario-unknown-link", "",
     QT_TRANSLATE_NOOP("finding", "the scenario names link \"{link}\", which the campaign does not have")},
    {"scenario-many-packets", "",
     QT_TRANSLATE_NOOP("finding",
                       "the flights need {packets:.3g} packets, more than {most:.3g}; sample more rarely, "
                       "ask for fewer packets, or fly less")},
    {"scenario-too-large", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "the flights make {samples:.3g} samples, more than {most:.3g}; sample more rarely, or fly less")},
};

}  // namespace

std::span<const Text> campaignTexts() {
  return kCampaignTexts;
}

}  // namespace distanz::words
