#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kCompareTexts[] = {
    {"better", QT_TRANSLATE_NOOP("finding", "{better_name} is better than {worse}"), ""},
    {"better-alone", QT_TRANSLATE_NOOP("finding", "{better_name} may be better than {worse}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Clear if only these two had been compared; with so many pairs looked at, one may look "
         "so by chance.")},
    {"no-practical-difference", QT_TRANSLATE_NOOP("finding", "{a} and {b}: no practical difference"),
     QT_TRANSLATE_NOOP("finding", "Their ranges are within {threshold} of each other.")},
    {"undecided", QT_TRANSLATE_NOOP("finding", "{a} or {b}: cannot tell yet"), ""},
    {"nothing-to-compare", QT_TRANSLATE_NOOP("finding", "{a} or {b}: nothing to compare yet"),
     QT_TRANSLATE_NOOP("finding",
                       "The flights do not hold enough to compare them. Fly each setup over the same path, "
                       "far enough for the link to grow weak.")},
    {"power-hides-difference", QT_TRANSLATE_NOOP("finding", "{a} or {b}: power and antenna look alike"),
     QT_TRANSLATE_NOOP("finding",
                       "The {link} transmitter chose its power by itself and the logs do not tell which, so "
                       "nobody can say what a difference on {link} comes from. How far each gets with it "
                       "stands.")},
    {"without-link", "",
     QT_TRANSLATE_NOOP("finding",
                       "Without {link}, where the transmitter chose its power and the logs do not tell "
                       "which.")},
    {"more-verdicts", QT_TRANSLATE_NOOP("finding", "{pairs:pairs-more}"),
     QT_TRANSLATE_NOOP("finding",
                       "They are in the data of this view (CSV) and in the command line's answer.")},
    {"flown-once-each", "",
     QT_TRANSLATE_NOOP("finding", "Each was flown once, so nothing can be said about repeatability.")},
    {"longer-one", "", QT_TRANSLATE_NOOP("finding", "{name} is {chance:likely} the longer one.")},
    {"ratio-and-level", "",
     QT_TRANSLATE_NOOP("finding",
                       "Its range is {ratio:.2} times as long (95 %: {ratio.low:.2} to {ratio.high:.2}), "
                       "{delta:.1} stronger (95 %: {delta.low:#.1} to {delta.high:#.1}){paired}.")},
    {"ratio-at-least", "", QT_TRANSLATE_NOOP("finding", "Its range is at least {least:.2} times as long.")},
    {"ratio-alone", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Its range is {ratio:.2} times as long (95 %: {ratio.low:.2} to {ratio.high:.2}){paired}.")},
    {"level-alone", "",
     QT_TRANSLATE_NOOP("finding",
                       "It is {delta:.1} stronger (95 %: {delta.low:#.1} to {delta.high:#.1}){paired}.")},
    {"from-paired-flights", "",
     QT_TRANSLATE_NOOP("finding", ", from {flights:flights-from} with both aboard")},
    {"more-than-practical", "",
     QT_TRANSLATE_NOOP("finding", "It is {chance:likely} more than {threshold} longer.")},
    {"if-anything", "", QT_TRANSLATE_NOOP("finding", "If anything, {name} is the longer one.")},
    {"look-so-far", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "So far: {pairs} of {planned} planned pairs are flown, {left} to go. Looked at before that, a "
         "difference must be clearer to count.")},
    {"look-planned", "", QT_TRANSLATE_NOOP("finding", "Judged at the planned number of {planned} pairs.")},
    {"look-beyond", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Judged after {pairs} pairs, {planned} were planned: looked at so often, a difference must be "
         "clearer to count.")},
    {"level-on-link", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: {name} against {worse} {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}).")},
    {"elsewhere", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "On other ground like this the {link} link would typically reach {typical}, and dependably "
         "{dependable}.")},
    {"too-many-pairs-needed", "",
     QT_TRANSLATE_NOOP("finding",
                       "More than {most} further pairs of flights would be needed: the difference, if any, "
                       "is too small to settle by flying.")},
    {"more-paired-flights-needed", "",
     QT_TRANSLATE_NOOP("finding", "About {flights:flights-more} with both aboard should tell.")},
    {"more-pairs-needed", "", QT_TRANSLATE_NOOP("finding", "About {pairs:flight-pairs-more} should tell.")},
    {"why-flights-of-pair", "",
     QT_TRANSLATE_NOOP("finding", "On the {link} link: {a} {a_flights:flights}, {b} {b_flights:flights}.")},
    {"why-paired", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Both listened in the same {flights:flights-from}: day and place cancel, so only these count.")},
    {"why-place-by-place", "",
     QT_TRANSLATE_NOOP("finding",
                       "Compared place by place over the path both flew, so hills and holes cancel.")},
    {"why-no-common-stretch", "",
     QT_TRANSLATE_NOOP("finding", "They share no stretch of path: only their ranges are compared.")},
    {"why-repeatability", "", QT_TRANSLATE_NOOP("finding", "Flights of one setup differ by {sd:.1} (sd).")},
    {"why-repeatability-assumed", "",
     QT_TRANSLATE_NOOP("finding",
                       "Flights of one setup differ by {sd:.1} (sd), assumed: each was flown once.")},
    {"why-fall-of-pair", "",
     QT_TRANSLATE_NOOP("finding",
                       "The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, "
                       "{exponent.low:.2} to {exponent.high:.2}), so {delta:.1} is {gain:.0} of range.")},
    {"why-chance", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Chance that {setup} carries further: {chance:chance}; by over {threshold}: {chance_more:chance}.")},
    {"not-flown", QT_TRANSLATE_NOOP("finding", "{setup}: not flown yet"),
     QT_TRANSLATE_NOOP("finding", "Fly {name} over the path to learn its range.")},
    {"flown-on-courses", QT_TRANSLATE_NOOP("finding", "{setup}: flown on courses only"),
     QT_TRANSLATE_NOOP("finding", "Its stretches are told under Stretches. How far it carries in the open no course tells: fly {name} out and back over the path.")},
    {"range-dependable", QT_TRANSLATE_NOOP("finding", "{setup}: dependable to {told}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Half of new flights keep the rule all the way to {typical}; nineteen in twenty to {dependable}.")},
    {"range-at-least", QT_TRANSLATE_NOOP("finding", "{setup}: dependable to at least {told}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Half of new flights keep the rule all the way to {typical}; nineteen in twenty to {dependable}.")},
    {"range-unknown", QT_TRANSLATE_NOOP("finding", "{setup}: dependable range not known"),
     QT_TRANSLATE_NOOP("finding",
                       "Half of new flights keep the rule all the way to {typical}; how far nineteen in "
                       "twenty do is not known.")},
    {"told-interval", "", QT_TRANSLATE_NOOP("finding", "{range} (95 %: {range.span})")},
    {"told-extrapolated", "",
     QT_TRANSLATE_NOOP("finding", "{range} (95 %: {range.span}; beyond what was flown)")},
    {"told-at-least", "", QT_TRANSLATE_NOOP("finding", "at least {range}")},
    {"told-at-least-unsure", "", QT_TRANSLATE_NOOP("finding", "at least {range} ({sure:.0} sure)")},
    {"told-unknown", "", QT_TRANSLATE_NOOP("finding", "not known")},
    {"limited-by", "",
     QT_TRANSLATE_NOOP("finding", "The {link} link limits it: {part} fails first, at {level:.0}.")},
    {"link-limits", "", QT_TRANSLATE_NOOP("finding", "Its {link} link goes first.")},
    {"never-failed", "", QT_TRANSLATE_NOOP("finding", "Its {link} link never failed in {flights:flights}.")},
    {"range-none", QT_TRANSLATE_NOOP("finding", "{setup}: range not known"), ""},
    {"next-link-carries", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link would carry {factor:.2} times as far (95 %: {factor.low:.2} to "
                       "{factor.high:.2}).")},
    {"next-link-open", "", QT_TRANSLATE_NOOP("finding", "Which of the two limits is not certain.")},
    {"next-link-beyond", "", QT_TRANSLATE_NOOP("finding", "The {link} link carries farther than was flown.")},
    {"link-range-unknown", "", QT_TRANSLATE_NOOP("finding", "How far its {link} link carries is not known.")},
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
     QT_TRANSLATE_NOOP(
         "finding",
         "until a link breaks its rule on the way out, but no farther than rules, plan and battery allow, "
         "and "
         "only with the way home made sure: its return on a lost link tested, its height set clear of "
         "everything. Where that is nearer, the answer will be \"at least\".")},
    {"fly-first-pair", QT_TRANSLATE_NOOP("finding", "Fly the first pair"),
     QT_TRANSLATE_NOOP("finding",
                       "Bring in one log of each setup, flown over the same path, to see a first answer.")},
    {"fly-setup", QT_TRANSLATE_NOOP("finding", "Fly {name}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "This setup has no run that counts yet. Fly it over the same path, in turns with the others.")},
    {"fly-all-more-often", QT_TRANSLATE_NOOP("finding", "Fly {setups} until each has three flights"),
     QT_TRANSLATE_NOOP("finding",
                       "In turns, over the same path: three flights each make the intervals useful.")},
    {"fly-more-often", QT_TRANSLATE_NOOP("finding", "Fly {setup} {more:times-more}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{name} was flown {flown:times}. Three flights each, in turns, make the intervals useful.")},
    {"fly-both-aboard", QT_TRANSLATE_NOOP("finding", "Fly {more:flights-more} with {a} and {b} aboard"),
     QT_TRANSLATE_NOOP("finding", "Both listening at once, as before, {how}")},
    {"fly-pairs", QT_TRANSLATE_NOOP("finding", "Fly {more:pairs-more} of {a} and {b}"),
     QT_TRANSLATE_NOOP("finding",
                       "In turns, over the same path and at the same height, {how} With both listening in "
                       "one flight, fewer would do.")},
    {"enter-the-sensitivity", QT_TRANSLATE_NOOP("finding", "Enter the receiver's sensitivity"),
     QT_TRANSLATE_NOOP("finding",
                       "Without a critical level only how far each held can be told. Or fly {how}")},
    {"plan-with", QT_TRANSLATE_NOOP("finding", "Plan with {setup} to {told}"),
     QT_TRANSLATE_NOOP("finding",
                       "With {name}, {share:.0} of new flights keep every link's rule all the way to there, "
                       "we are {sure:.0} sure of "
                       "that; none of the others may be planned with farther.")},
    {"plan-with-at-least", QT_TRANSLATE_NOOP("finding", "Plan with {setup} to {told}"),
     QT_TRANSLATE_NOOP("finding",
                       "{name} may be planned with farthest: with it, {share:.0} of new flights keep every "
                       "link's rule at least to there, "
                       "we are {sure:.0} sure of that. How much farther, only a longer flight shows.")},
    {"far-post-needs", "",
     QT_TRANSLATE_NOOP("finding",
                       "To cover the far post ({distance}) as dependably, its {link} link needs {more:.1} "
                       "more: power, antenna or height.")},
    {"more-power-gains", "",
     QT_TRANSLATE_NOOP("finding", "{power:.0} more on its {link} link would be worth {gain:.0} of range.")},
    {"analysing", QT_TRANSLATE_NOOP("finding", "Analysing"),
     QT_TRANSLATE_NOOP("finding", "The verdict appears here in a moment.")},
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

std::span<const Text> compareTexts() {
  return kCompareTexts;
}

}  // namespace distanz::words
