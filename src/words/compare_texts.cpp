#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kCompareTexts[] = {
    {"better", QT_TRANSLATE_NOOP("finding", "{better_name} reaches {ratio:.2}× as far as {worse_name}"),
     QT_TRANSLATE_NOOP("finding", "Certain.")},
    {"better-open", QT_TRANSLATE_NOOP("finding", "{better_name} reaches farther than {worse_name}"),
     QT_TRANSLATE_NOOP("finding", "Certain.")},
    {"better-alone", QT_TRANSLATE_NOOP("finding", "{better_name} reaches {ratio:.2}× as far as {worse_name}"),
     QT_TRANSLATE_NOOP("finding", "Likely, not certain: several setups were compared.")},
    {"better-alone-open", QT_TRANSLATE_NOOP("finding", "{better_name} reaches farther than {worse_name}"),
     QT_TRANSLATE_NOOP("finding", "Likely, not certain: several setups were compared.")},
    {"no-practical-difference", QT_TRANSLATE_NOOP("finding", "{a_name} and {b_name} reach equally far"),
     QT_TRANSLATE_NOOP("finding", "Their ranges differ by less than {threshold}.")},
    {"undecided", QT_TRANSLATE_NOOP("finding", "{a_name} or {b_name}: cannot tell yet"), ""},
    {"probably-farther", QT_TRANSLATE_NOOP("finding", "{better_name} probably reaches farther: {ratio:.2}×"),
     QT_TRANSLATE_NOOP("finding", "Not certain yet against {worse_name}.")},
    {"probably-farther-open", QT_TRANSLATE_NOOP("finding", "{better_name} probably reaches farther"),
     QT_TRANSLATE_NOOP("finding", "Not certain yet against {worse_name}.")},
    {"nothing-to-compare", QT_TRANSLATE_NOOP("finding", "{a_name} or {b_name}: not enough data"),
     QT_TRANSLATE_NOOP("finding", "Fly both over the same path until the link grows weak.")},
    {"power-hides-difference",
     QT_TRANSLATE_NOOP("finding", "{a_name} or {b_name}: power and antenna look alike"),
     QT_TRANSLATE_NOOP("finding",
                       "The {link} transmitter uses dynamic power, and the logs do not show which. Its range "
                       "stands, a comparison does not.")},
    {"without-link", "",
     QT_TRANSLATE_NOOP("finding", "The {link} link is left out: its power is dynamic and not logged.")},
    {"more-verdicts", QT_TRANSLATE_NOOP("finding", "{pairs:pairs-more}"),
     QT_TRANSLATE_NOOP("finding", "Save the data of this view to see them.")},
    {"flown-once-each", "",
     QT_TRANSLATE_NOOP("finding", "Each was flown once: the spread of flights is assumed.")},
    {"longer-one", "", QT_TRANSLATE_NOOP("finding", "{name} has the longer range, {chance:likely}.")},
    {"ratio-and-level", "",
     QT_TRANSLATE_NOOP("finding",
                       "Range ratio {ratio:.2} (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}. Signal "
                       "{delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}).")},
    {"ratio-at-least", "", QT_TRANSLATE_NOOP("finding", "The range is at least {least:.2}× as long.")},
    {"ratio-alone", "",
     QT_TRANSLATE_NOOP("finding", "Range ratio {ratio:.2} (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}.")},
    {"level-alone", "",
     QT_TRANSLATE_NOOP("finding",
                       "Signal {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}){paired}.")},
    {"from-paired-flights", "",
     QT_TRANSLATE_NOOP("finding", ", from {flights:flights-from} with both aboard")},
    {"more-than-practical", "",
     QT_TRANSLATE_NOOP("finding", "More than {threshold} longer: {chance:likely}.")},
    {"if-anything", "", QT_TRANSLATE_NOOP("finding", "If anything, {name} is ahead.")},
    {"look-so-far", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{pairs} of {planned} planned pairs are flown. An early answer needs a clearer difference.")},
    {"look-planned", "", QT_TRANSLATE_NOOP("finding", "Judged at the planned {planned} pairs.")},
    {"look-beyond", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Judged after {pairs} pairs; {planned} were planned. Each extra look needs a clearer difference.")},
    {"level-on-link", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: {name} against {worse} {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}).")},
    {"elsewhere", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "On other ground like this, the {link} link: median range {typical}, reliable range {dependable}.")},
    {"too-many-pairs-needed", "",
     QT_TRANSLATE_NOOP("finding", "Telling them apart would take more than {most} more pairs of flights.")},
    {"more-paired-flights-needed", "", QT_TRANSLATE_NOOP("finding", "Fly {flights} more with both aboard.")},
    {"more-pairs-needed", "", QT_TRANSLATE_NOOP("finding", "Fly {pairs} more of each.")},
    {"why-flights-of-pair", "",
     QT_TRANSLATE_NOOP("finding", "{link} link: {a} {a_flights:flights}, {b} {b_flights:flights}.")},
    {"why-paired", "",
     QT_TRANSLATE_NOOP("finding",
                       "Both were received in the same {flights:flights-from}. Day and place cancel out.")},
    {"why-place-by-place", "",
     QT_TRANSLATE_NOOP("finding",
                       "Compared place by place along the shared path. Hills and holes cancel out.")},
    {"why-no-common-stretch", "",
     QT_TRANSLATE_NOOP("finding", "They share no part of the path. Only their ranges are compared.")},
    {"why-repeatability", "", QT_TRANSLATE_NOOP("finding", "Flight-to-flight spread: {sd:.1} (1σ).")},
    {"why-repeatability-assumed", "",
     QT_TRANSLATE_NOOP("finding", "Flight-to-flight spread: {sd:.1} (1σ), assumed. Each was flown once.")},
    {"why-fall-of-pair", "",
     QT_TRANSLATE_NOOP("finding",
                       "The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, 95 "
                       "%: {exponent.low:.2}–{exponent.high:.2}). So {delta:.1} is {gain:.0} of range.")},
    {"why-chance", "",
     QT_TRANSLATE_NOOP("finding",
                       "Chance that {setup} reaches farther: {chance:chance}. By more than {threshold}: "
                       "{chance_more:chance}.")},
    {"not-flown", QT_TRANSLATE_NOOP("finding", "{name}: not flown yet"),
     QT_TRANSLATE_NOOP("finding", "Fly it over the path to learn its range.")},
    {"flown-on-courses", QT_TRANSLATE_NOOP("finding", "{name}: flown on courses only"),
     QT_TRANSLATE_NOOP("finding", "See Compare, Sections. For a range, fly it out and back over the path.")},
    {"range-dependable", QT_TRANSLATE_NOOP("finding", "{name}: 95 % of flights reach {told}"),
     QT_TRANSLATE_NOOP("finding", "Median range {typical}. Reliable range {dependable}.")},
    {"range-at-least", QT_TRANSLATE_NOOP("finding", "{name}: 95 % of flights reach at least {told}"),
     QT_TRANSLATE_NOOP("finding", "Median range {typical}. Reliable range {dependable}.")},
    {"range-unknown", QT_TRANSLATE_NOOP("finding", "{name}: reliable range unknown"),
     QT_TRANSLATE_NOOP("finding", "Median range {typical}.")},
    {"told-interval", "", QT_TRANSLATE_NOOP("finding", "{range} (95 %: {range.span})")},
    {"told-extrapolated", "",
     QT_TRANSLATE_NOOP("finding", "{range} (95 %: {range.span}; beyond what was flown)")},
    {"told-at-least", "", QT_TRANSLATE_NOOP("finding", "at least {range}")},
    {"told-at-least-unsure", "", QT_TRANSLATE_NOOP("finding", "at least {range} ({sure:.0} sure)")},
    {"told-unknown", "", QT_TRANSLATE_NOOP("finding", "unknown")},
    {"limited-by", "", QT_TRANSLATE_NOOP("finding", "The {link} link fails first, by {part} at {level:.0}.")},
    {"link-limits", "", QT_TRANSLATE_NOOP("finding", "Its {link} link goes first.")},
    {"never-failed", "", QT_TRANSLATE_NOOP("finding", "Its {link} link never failed in {flights:flights}.")},
    {"range-none", QT_TRANSLATE_NOOP("finding", "{name}: range unknown"),
     ""},
    {"next-link-carries", "",
     QT_TRANSLATE_NOOP("finding", "The {link} link reaches {factor:.2}× as far (95 %: {factor.low:.2}–{factor.high:.2}).")},
    {"next-link-open", "",
     QT_TRANSLATE_NOOP("finding", "Which of the two links fails first is not certain.")},
    {"next-link-beyond", "",
     QT_TRANSLATE_NOOP("finding", "The {link} link reaches farther than was flown.")},
    {"link-range-unknown", "",
     QT_TRANSLATE_NOOP("finding", "The range of its {link} link is unknown.")},
    {"why-flown", "",
     QT_TRANSLATE_NOOP("finding", "On the {link} link, from {flights:flights-from}; farthest {farthest}.")},
    {"why-part-seen", "",
     QT_TRANSLATE_NOOP("finding", "The {part} rule fails at {level:.1} (sd {sd:.1}, seen in flight).")},
    {"why-part-kit", "", QT_TRANSLATE_NOOP("finding", "The {part} rule fails at {level:.1} (from the kit).")},
    {"why-next-part", "",
     QT_TRANSLATE_NOOP("finding", "After {first} the next to fail would be {second}, {later:.1} later.")},
    {"why-fall", "",
     QT_TRANSLATE_NOOP("finding",
                       "The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, "
                       "{exponent.low:.2} to {exponent.high:.2}).")},
    {"why-scatter", "",
     QT_TRANSLATE_NOOP("finding",
                       "A new flight over another {stretch} stretch differs by {sd:.1} (sd), {flight_sd:.1} "
                       "of it from flight to flight: {share:.0} of them still hold at the dependable range, "
                       "half at the typical one.")},
    {"why-flight", "", QT_TRANSLATE_NOOP("finding", "{run}: {off:+.1} about the mean.")},
    {"back-weaker", QT_TRANSLATE_NOOP("finding", "{setup}: {difference:.1} weaker on the way back"),
     QT_TRANSLATE_NOOP(
         "finding",
         "In the same flights over the same places (95 %: {difference.low:#.1} to {difference.high:.1}, "
         "{flights:flights}): the airframe shades one way. The range counts both ways. Split the setup by "
         "leg to "
         "see what each way is worth, or try another mounting.")},
    {"back-stronger", QT_TRANSLATE_NOOP("finding", "{setup}: {difference:.1} stronger on the way back"),
     QT_TRANSLATE_NOOP(
         "finding",
         "In the same flights over the same places (95 %: {difference.low:#.1} to {difference.high:.1}, "
         "{flights:flights}): the airframe shades one way. The range counts both ways. Split the setup by "
         "leg to "
         "see what each way is worth, or try another mounting.")},
    {"why-turn", "",
     QT_TRANSLATE_NOOP("finding", "In the turn the signal changes by {change:+.1} (mean over flights).")},
    {"regained-nearer", QT_TRANSLATE_NOOP("finding", "{setup}: regained nearer than lost"),
     QT_TRANSLATE_NOOP("finding",
                       "{name} lost its {link} link at {lost} going out and had it back at {regained} coming "
                       "home ({flights:flights}, medians).")},
    {"reduced-power", QT_TRANSLATE_NOOP("finding", "{setup} at {reduction:.0} less power: {reduced}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{name} on the {link} link. At full power that stands for {full} (95 %: {full.span}), if the signal "
         "goes on falling alike: {factor:.1} times as far, not the {power:.0} times that the power is.")},
    {"exponent-assumed", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "No flight here tells how the signal falls, so an exponent of {exponent:.1} ± {sd:.1} is assumed.")},
    {"why-reduced-factor", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} to {factor.high:.2}).")},
    {"why-reduced-range", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Typical range at reduced power {reduced} (95 %: {reduced.span}), from {flights:flights-from}.")},
    {"place-costs", QT_TRANSLATE_NOOP("finding", "The stretch at {distance} costs everyone {cost:.0}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "On the {link} link, whatever is flown: look there for trees, sheds or a dip, or fly higher.")},
    {"how-far", "",
     QT_TRANSLATE_NOOP("finding",
                       "Turn when a link fails, or at your limits of rules, plan and battery. First "
                       "test the return on link loss, its height clear of everything.")},
    {"fly-first-pair", QT_TRANSLATE_NOOP("finding", "Fly the first pair"),
     QT_TRANSLATE_NOOP("finding", "Import one log of each setup, flown over the same path.")},
    {"fly-setup", QT_TRANSLATE_NOOP("finding", "Fly {name}"),
     QT_TRANSLATE_NOOP("finding",
                       "No run of it counts yet. Fly in turns with the others, over the same path.")},
    {"fly-all-more-often", QT_TRANSLATE_NOOP("finding", "Fly {setups}: 3 flights each"),
     QT_TRANSLATE_NOOP(
         "finding",
         "On the {links} link fewer flights give no useful interval. Fly in turns, over the same path.")},
    {"fly-more-often", QT_TRANSLATE_NOOP("finding", "Fly {name} {more:times-more}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "It has {flown:flights} on the {links} link. Three give a useful interval. Fly in turns.")},
    {"fly-both-aboard", QT_TRANSLATE_NOOP("finding", "Fly {more:flights-more}, {a_name} and {b_name} aboard"),
     QT_TRANSLATE_NOOP("finding", "Record both in one flight, as before. {how}")},
    {"fly-pairs", QT_TRANSLATE_NOOP("finding", "Fly {more:pairs-more}: {a_name} and {b_name}"),
     QT_TRANSLATE_NOOP(
         "finding", "Fly in turns, same path, same height. {how} Recording both in one flight takes fewer.")},
    {"enter-the-sensitivity", QT_TRANSLATE_NOOP("finding", "Enter the receiver's sensitivity"),
     QT_TRANSLATE_NOOP("finding", "Without it, only the distance flown is known. Or fly on: {how}")},
    {"plan-with", QT_TRANSLATE_NOOP("finding", "Plan with {name} to {told}"),
     QT_TRANSLATE_NOOP("finding",
                       "{share:.0} of new flights reach that far ({sure:.0} sure). No other setup may be "
                       "planned farther.")},
    {"plan-with-at-least", QT_TRANSLATE_NOOP("finding", "Plan with {name} to {told}"),
     QT_TRANSLATE_NOOP("finding",
                       "{share:.0} of new flights reach at least that far ({sure:.0} sure). Only a longer "
                       "flight shows more.")},
    {"far-post-needs", "",
     QT_TRANSLATE_NOOP("finding",
                       "To reach the far post ({distance}), the {link} link needs {more:.1} more.")},
    {"more-power-gains", "",
     QT_TRANSLATE_NOOP("finding", "{power:.0} more on the {link} link gives {gain:.0} more range.")},
    {"analysing", QT_TRANSLATE_NOOP("finding", "Analysing"),
     QT_TRANSLATE_NOOP("finding", "The answer appears here in a moment.")},
    {"no-critical-level", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The {link} link was {seen}, and its sensitivity is not known, so only how far it held can be "
         "told. "
         "Enter the receiver's sensitivity in Kit, or fly until the quality falls.")},
    {"never-seen-failing", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link was {seen} (its {part} rule), so its range rests on the "
                       "{rests_on} alone.")},
    {"too-short", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} has too little usable signal on the {link} link (it needs three {stretch} stretches "
         "beyond {beyond} above the receiver's floor) and does not count there. Fly farther.")},
    {"no-common-places", "",
     QT_TRANSLATE_NOOP("finding",
                       "On the {link} link some flights share no stretch of path with the others and are "
                       "compared by their ranges only. Fly every setup over the same path.")},
    {"many-setups", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups:setups} were flown on the {link} link: each is compared with the strongest "
                       "({strongest}) only. Compare fewer at a time to see them against each other.")},
    {"hole", QT_TRANSLATE_NOOP("finding", "The {link} link fails at {from} to {to}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "It did so in {failed} of {flights} flights (setups {setups}); behind it the link is back. A range "
         "that holds all the way ends before it.")},
    {"hole-two-ray", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "With the heights of the plan, the wave reflected by the ground cancels the direct one at "
         "{distance}: another height moves this hole.")},
    {"interference", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Interference on the {link} link: from {from} to {to} the rule failed in {failed} of {flights} "
         "flights though the signal was strong. It is left out of the level, and counts as failing there. "
         "Fly at another time, or change channel or band.")},
    {"gap-changes", "",
     QT_TRANSLATE_NOOP("finding",
                       "On the {link} link the gap between {a} and {b} changes with distance by {change:+.1} "
                       "per factor 10: one figure does not describe it. Compare them near the far end.")},
    {"reduced-power-open", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{setup} was flown at {reduction:.0} less power on the {link} link, but where it fails then is not "
         "known yet. Go on until the link quality falls, or enter the receiver's sensitivity.")},
    {"left-out", "", QT_TRANSLATE_NOOP("finding", "Run {run} does not count on the {link} link: {why}.")},
    {"power-changed", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run}: the {link} transmit power changed in flight ({low} to {high}). Its signal is referred "
         "to {reference}{unknown}. Better switch automatic power off and fly it again.")},
    {"rows-without-power", "",
     QT_TRANSLATE_NOOP("finding", "; {share:.0} of its rows, whose power is not known, are left out")},
    {"power-differs", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} was flown with {flown} on the {link} link, but the kit says {kit}: its "
                       "signal is referred to that ({shift:+.1}). If the kit is wrong, correct it.")},
    {"run-refused", "", QT_TRANSLATE_NOOP("finding", "Run {run}: {why}.")},
    {"equipment-cap", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} was stopped by a limit built into the equipment: its end says nothing about the radio.")},
    {"one-flight", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setup {setup} was flown once: nothing can be said about how repeatable it is. Fly it "
                       "at least twice more.")},
    {"order-by-clock", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Nobody typed in which order the runs were flown: it is taken from the clocks of the logs. If those "
         "are wrong, type the order in Runs.")},
    {"not-interleaved", "",
     QT_TRANSLATE_NOOP("finding",
                       "All flights of {a} came before or after all of {b}: a drift of the day would look "
                       "like a difference. Fly them in turns.")},
    {"mode-changed", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} changed packet rate or mode in flight on the {link} link ({modes}).")},
    {"mode-changed-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter the sensitivity of each mode in Kit, or fly in one mode: until then its "
                       "critical level is uncertain.")},
    {"mode-changed-known", "",
     QT_TRANSLATE_NOOP("finding", "Its range is told for the most sensitive of them.")},
    {"powers-differ", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Flights of {setup} had different {link} transmit powers ({low} and {high}), and the kit does not "
         "say which is meant: their levels are not referred to one. Enter the power in Kit.")},
    {"modes-differ", "",
     QT_TRANSLATE_NOOP("finding", "Not all flights used the same packet rate or mode on the {link} link.")},
    {"modes-differ-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter the sensitivity of each in Kit, or fly all in one: a mode changes the range "
                       "like an antenna does.")},
    {"modes-differ-known", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Levels are compared as margin above each mode's sensitivity, so a difference may be the mode's.")},
    {"flights-differ", "",
     QT_TRANSLATE_NOOP("finding",
                       "On the {link} link, flights of one setup differ by {sd:.1} (sd): more than a day "
                       "usually gives. Farthest off is run {run} ({off:+.1}). Look for a loose connector, "
                       "another antenna direction or automatic power; if you find it, void the run.")},
    {"flight-stands-out", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} lies {off:.1} from the other flights of its setup on the {link} link. If "
                       "you know why, void it with the reason; it counts until then.")},
    {"signal-does-not-fall", "",
     QT_TRANSLATE_NOOP("finding",
                       "On the {link} link the signal does not fall with distance, so no range can be told "
                       "from it. Fly farther, or check the signal column.")},
    {"unusual-exponent", "",
     QT_TRANSLATE_NOOP("finding",
                       "On the {link} link the signal falls with an unusual exponent ({exponent:.1}). Check "
                       "the distances and the signal column.")},
    {"ended-together", "",
     QT_TRANSLATE_NOOP("finding",
                       "All flights turned at about {distance} with signal in hand on the {link} link: what "
                       "the radio can do beyond was not flown. How they compare in dB still holds.")},
    {"two-ray-breakpoint", "",
     QT_TRANSLATE_NOOP("finding",
                       "Beyond about {distance} the ground reflection makes the {link} signal fall faster, "
                       "and no flight went there: the typical range is likely shorter than the line says.")},
    {"flight-name-shared", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} and run {other} are both called flight \"{flight}\", but were not flown at once: they "
         "count as two flights. Give each flight a name of its own.")},
    {"flown-at-once", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} and run {other} were recorded at the same time: they count as one flight that "
         "carried both.")},
    {"likewise", "", QT_TRANSLATE_NOOP("finding", "Likewise {runs}.")},
    {"duplicate-log", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} is the same flight as run {other}. It is counted once; remove the copy or "
                       "choose the right log.")},
    {"same-flight-as", "", QT_TRANSLATE_NOOP("finding", "the same flight as run {other}")},
    {"voided", "", QT_TRANSLATE_NOOP("finding", "voided: {reason}")},
    {"power-not-told", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} transmitter of setup {setup} chose its power by itself and no log tells "
                       "which: told is how far {link} carried with it on this path, nothing beyond what was "
                       "flown, nothing about other ground, and no comparison on {link}.")},
    {"power-not-in-log", "",
     QT_TRANSLATE_NOOP("finding",
                       "the {link} transmitter chooses its power by itself and this log does not tell "
                       "which, while those of other flights do")},
    {"other-band", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} was on {flown:.0}, another band than the campaign's {campaign:.0}")},
    {"other-path", "",
     QT_TRANSLATE_NOOP("finding",
                       "{share:.0} of it lies more than {aside} beside this campaign's path: a flight over "
                       "another path belongs in a campaign of its own")},
    {"no-link-channels", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log has no signal, link quality or bitrate of any link in this campaign")},
    {"live-margin", "",
     QT_TRANSLATE_NOOP("finding", "{link}: {margin:.0} above the critical level at {distance}; {then}")},
    {"live-below", "",
     QT_TRANSLATE_NOOP("finding", "{link}: {margin:.0} below the critical level at {distance}; {then}")},
    {"live-rule-broken", "", QT_TRANSLATE_NOOP("finding", "{part} is below the rule now: turn back.")},
    {"live-dependable-for", "",
     QT_TRANSLATE_NOOP("finding", "dependable for {dependable}, typical for {typical}.")},
    {"live-past-dependable", "",
     QT_TRANSLATE_NOOP("finding", "past the dependable range, typical for {typical}: turn back.")},
    {"live-past-typical", "", QT_TRANSLATE_NOOP("finding", "past the typical range: turn back.")},
    {"live-left", "", QT_TRANSLATE_NOOP("finding", "{distance} more")},
    {"live-all-the-way", "", QT_TRANSLATE_NOOP("finding", "all the way home")},
    {"live-beyond-flown", "",
     QT_TRANSLATE_NOOP("finding", "That lies beyond anything flown: trust it only to there.")},
    {"live-off-path", "",
     QT_TRANSLATE_NOOP("finding", "This way was not flown before: its holes are not known.")},
    {"live-first-flight", "",
     QT_TRANSLATE_NOOP("finding", "No earlier flight of this setup counts; told from this one alone.")},
};

}  // namespace

std::span<const Text> compareTexts() { return kCompareTexts; }

}  // namespace distanz::words
