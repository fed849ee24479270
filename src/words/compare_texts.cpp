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
     QT_TRANSLATE_NOOP("finding", "Each was flown once, so the flight-to-flight spread is assumed.")},
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
     QT_TRANSLATE_NOOP("finding", "See Compare, Sections. For a range, fly the path out and back.")},
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
    {"link-limits", "", QT_TRANSLATE_NOOP("finding", "Its {link} link fails first.")},
    {"never-failed", "", QT_TRANSLATE_NOOP("finding", "Its {link} link never failed in {flights:flights}.")},
    {"range-none", QT_TRANSLATE_NOOP("finding", "{name}: range unknown"), ""},
    {"next-link-carries", "",
     QT_TRANSLATE_NOOP(
         "finding", "The {link} link reaches {factor:.2}× as far (95 %: {factor.low:.2}–{factor.high:.2}).")},
    {"next-link-open", "",
     QT_TRANSLATE_NOOP("finding", "Which of the two links fails first is not certain.")},
    {"next-link-beyond", "", QT_TRANSLATE_NOOP("finding", "The {link} link reaches farther than was flown.")},
    {"link-range-unknown", "", QT_TRANSLATE_NOOP("finding", "The range of its {link} link is unknown.")},
    {"why-flown", "", QT_TRANSLATE_NOOP("finding", "{link} link: {flights:flights}, farthest {farthest}.")},
    {"why-part-seen", "",
     QT_TRANSLATE_NOOP("finding",
                       "Usable limit ({part}): reached at {level:.1}, spread {sd:.1} (1σ), seen in flight.")},
    {"why-part-kit", "", QT_TRANSLATE_NOOP("finding", "Usable limit ({part}): {level:.1}, from the kit.")},
    {"why-next-part", "",
     QT_TRANSLATE_NOOP("finding", "First {first} fails, then {second} {later:.1} later.")},
    {"why-fall", "",
     QT_TRANSLATE_NOOP("finding",
                       "The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, 95 "
                       "%: {exponent.low:.2}–{exponent.high:.2}).")},
    {"why-scatter", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Over another {stretch} section, a new flight differs by {sd:.1} (1σ, {flight_sd:.1} from flight to "
         "flight). At the reliable range {share:.0} of flights still hold, at the median range half.")},
    {"why-flight", "", QT_TRANSLATE_NOOP("finding", "{run}: {off:+.1} against the mean.")},
    {"back-weaker", QT_TRANSLATE_NOOP("finding", "{setup}: {difference:.1} weaker inbound"),
     QT_TRANSLATE_NOOP("finding",
                       "Same flights, same places (95 %: {difference.low:#.1} to {difference.high:.1}, "
                       "{flights:flights}). The airframe shades one direction; the range counts both. Try "
                       "another mounting, or split the setup by direction.")},
    {"back-stronger", QT_TRANSLATE_NOOP("finding", "{setup}: {difference:.1} stronger inbound"),
     QT_TRANSLATE_NOOP("finding",
                       "Same flights, same places (95 %: {difference.low:#.1} to {difference.high:.1}, "
                       "{flights:flights}). The airframe shades one direction; the range counts both. Try "
                       "another mounting, or split the setup by direction.")},
    {"why-turn", "",
     QT_TRANSLATE_NOOP("finding", "In the turn the signal changes by {change:+.1} (mean of all flights).")},
    {"regained-nearer", QT_TRANSLATE_NOOP("finding", "{setup}: lost at {lost}, regained at {regained}"),
     QT_TRANSLATE_NOOP("finding",
                       "{name} lost its {link} link outbound at {lost}. It came back inbound at {regained} "
                       "({flights:flights}, medians).")},
    {"reduced-power", QT_TRANSLATE_NOOP("finding", "{setup} at {reduction:.0} less power: {reduced}"),
     QT_TRANSLATE_NOOP("finding",
                       "{name}, {link} link: at full power this means {full} (95 %: {full.span}). That is "
                       "{factor:.1} times as far; the power is {power:.0} times as high. It holds if the "
                       "signal keeps falling the same way.")},
    {"exponent-assumed", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "No flight here shows how the signal falls. An exponent of {exponent:.1} ± {sd:.1} is assumed.")},
    {"why-reduced-factor", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} to {factor.high:.2}).")},
    {"why-reduced-range", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Median range at reduced power: {reduced} (95 %: {reduced.span}), from {flights:flights-from}.")},
    {"place-costs", QT_TRANSLATE_NOOP("finding", "Every setup loses {cost:.0} at {distance}"),
     QT_TRANSLATE_NOOP("finding", "{link} link. Look there for trees, sheds or a dip, or fly higher.")},
    {"how-far", "",
     QT_TRANSLATE_NOOP("finding",
                       "Turn when a link fails, or at the limit of rules, plan or battery. First test the "
                       "return on link loss, above all obstacles.")},
    {"fly-first-pair", QT_TRANSLATE_NOOP("finding", "Fly the first pair"),
     QT_TRANSLATE_NOOP("finding", "Import one log of each setup, flown over the same path.")},
    {"fly-setup", QT_TRANSLATE_NOOP("finding", "Fly {name}"),
     QT_TRANSLATE_NOOP("finding",
                       "None of its runs counts yet. Fly in turns with the others, over the same path.")},
    {"fly-all-more-often", QT_TRANSLATE_NOOP("finding", "Fly {setups}: 3 flights each"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Fewer flights give no useful interval on the {links} link. Fly in turns, over the same path.")},
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
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link was {seen}, and no sensitivity is set. Only how far it held is "
                       "known. Enter the receiver's sensitivity in Kit, or fly until the quality falls.")},
    {"never-seen-failing", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link was {seen} ({part}). Its range rests on the {rests_on} alone.")},
    {"too-short", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} has too little usable signal on the {link} link and does not count there. It needs three "
         "{stretch} sections beyond {beyond}, above the receiver's floor. Fly farther.")},
    {"no-common-places", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: some flights share no section of the path with the others. Only their "
                       "ranges are compared. Fly every setup over the same path.")},
    {"many-setups", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {setups:setups} were flown. Each is compared with the strongest only "
                       "({strongest}). Compare fewer at a time to see them against each other.")},
    {"hole", QT_TRANSLATE_NOOP("finding", "The {link} link fails between {from} and {to}"),
     QT_TRANSLATE_NOOP("finding",
                       "Seen in {failed} of {flights} flights (setups {setups}). Behind it the link is back. "
                       "A range without a gap ends before it.")},
    {"hole-two-ray", "",
     QT_TRANSLATE_NOOP("finding",
                       "At the planned heights, the ground reflection cancels the signal at {distance}. "
                       "Another height moves this hole.")},
    {"interference", "",
     QT_TRANSLATE_NOOP("finding",
                       "Interference on the {link} link from {from} to {to}, in {failed} of {flights} "
                       "flights. It failed there though the signal was strong. It counts as a failure, not "
                       "as a weak signal. Fly at another time, or change channel or band.")},
    {"gap-changes", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: the difference between {a} and {b} changes by {change:+.1} per factor "
                       "10 of distance. One figure does not describe it. Compare them near the far end.")},
    {"reduced-power-open", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup} at {reduction:.0} less power: it did not fail yet on the {link} link. Go on "
                       "until the link quality falls, or enter the receiver's sensitivity.")},
    {"left-out", "", QT_TRANSLATE_NOOP("finding", "Run {run} does not count on the {link} link: {why}.")},
    {"power-changed", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run}: the {link} transmit power changed in flight ({low} to {high}). Its signal "
                       "is converted to {reference}{unknown}. Switch dynamic power off and fly it again.")},
    {"rows-without-power", "",
     QT_TRANSLATE_NOOP("finding", "; {share:.0} of its rows have no power and are left out")},
    {"power-differs", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run}: {flown} on the {link} link, but the kit says {kit}. Its signal is "
                       "converted ({shift:+.1}). If the kit is wrong, correct it.")},
    {"run-refused", "", QT_TRANSLATE_NOOP("finding", "Run {run}: {why}.")},
    {"equipment-cap", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Run {run} was stopped by a limit built into the equipment. Its end says nothing about the radio.")},
    {"one-flight", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setup {setup} was flown once, so its flight-to-flight spread is unknown. Fly it at "
                       "least twice more.")},
    {"order-by-clock", "",
     QT_TRANSLATE_NOOP("finding",
                       "The order of the runs comes from the clocks of the logs. If those are wrong, type "
                       "the order in Runs.")},
    {"not-interleaved", "",
     QT_TRANSLATE_NOOP("finding",
                       "All flights of {a} came before or after all of {b}. A drift over the day would look "
                       "like a difference. Fly them in turns.")},
    {"mode-changed", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} changed packet rate or mode in flight on the {link} link ({modes}).")},
    {"mode-changed-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "Its minimum usable signal is uncertain. Enter the sensitivity of each mode in Kit, "
                       "or fly in one mode.")},
    {"mode-changed-known", "", QT_TRANSLATE_NOOP("finding", "Its range is that of the most sensitive one.")},
    {"powers-differ", "",
     QT_TRANSLATE_NOOP("finding",
                       "Flights of {setup} had different {link} transmit powers ({low} and {high}), and the "
                       "kit names none. Their levels are not converted. Enter the power in Kit.")},
    {"modes-differ", "",
     QT_TRANSLATE_NOOP("finding", "Not all flights used the same packet rate or mode on the {link} link.")},
    {"modes-differ-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "A mode changes the range like an antenna does. Enter the sensitivity of each in Kit, "
                       "or fly all in one.")},
    {"modes-differ-known", "",
     QT_TRANSLATE_NOOP("finding",
                       "Levels are compared as margin above each mode's sensitivity. A difference may come "
                       "from the mode.")},
    {"flights-differ", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: flights of one setup differ by {sd:.1} (1σ), more than usual. Farthest "
                       "off is run {run} ({off:+.1}). Look for a loose connector, another antenna direction "
                       "or dynamic power. If you find the cause, exclude the run.")},
    {"flight-stands-out", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} lies {off:.1} from the other flights of its setup on the {link} link. It "
                       "counts. If you know the reason, exclude it with that reason.")},
    {"signal-does-not-fall", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: the signal does not fall with distance, so it gives no range. Fly "
                       "farther, or check the signal column.")},
    {"unusual-exponent", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: the signal falls with an unusual exponent ({exponent:.1}). Check the "
                       "distances and the signal column.")},
    {"ended-together", "",
     QT_TRANSLATE_NOOP("finding",
                       "All flights turned at about {distance} with signal to spare on the {link} link. What "
                       "the radio can do beyond was not flown. The comparison in dB still holds.")},
    {"two-ray-breakpoint", "",
     QT_TRANSLATE_NOOP("finding",
                       "Beyond about {distance} the ground reflection makes the {link} signal fall faster. "
                       "No flight went there. The median range is probably shorter than shown.")},
    {"flight-name-shared", "",
     QT_TRANSLATE_NOOP("finding",
                       "Runs {run} and {other} are both called flight \"{flight}\" but were not flown "
                       "together. They count as two flights. Give each flight its own name.")},
    {"flown-at-once", "",
     QT_TRANSLATE_NOOP("finding",
                       "Runs {run} and {other} were recorded at the same time. They count as one flight with "
                       "both aboard.")},
    {"likewise", "", QT_TRANSLATE_NOOP("finding", "Same for {runs}.")},
    {"duplicate-log", "",
     QT_TRANSLATE_NOOP("finding",
                       "Run {run} is the same flight as run {other}. It counts once. Remove the copy, or "
                       "choose the right log.")},
    {"same-flight-as", "", QT_TRANSLATE_NOOP("finding", "the same flight as run {other}")},
    {"voided", "", QT_TRANSLATE_NOOP("finding", "excluded: {reason}")},
    {"power-not-told", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The {link} transmitter of setup {setup} uses dynamic power, and no log shows it. How far {link} "
         "reached on this path is known. Nothing beyond it, on other ground or in comparison is.")},
    {"power-not-in-log", "",
     QT_TRANSLATE_NOOP("finding",
                       "the {link} transmitter uses dynamic power; other logs show it, this one does not")},
    {"other-band", "",
     QT_TRANSLATE_NOOP("finding", "{link} was on {flown:.0}; the campaign says {campaign:.0}, another band")},
    {"other-path", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{share:.0} of it lies more than {aside} beside this path; put such flights in another campaign")},
    {"no-link-channels", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log has no signal, link quality or bitrate for any link of this campaign")},
    {"live-margin", "", QT_TRANSLATE_NOOP("finding", "{link}: {margin:.0} margin at {distance}; {then}")},
    {"live-below", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link}: {margin:.0} below the minimum usable signal at {distance}; {then}")},
    {"live-rule-broken", "",
     QT_TRANSLATE_NOOP("finding", "{part} is below the usable limit now: turn back.")},
    {"live-dependable-for", "", QT_TRANSLATE_NOOP("finding", "reliable for {dependable}, median {typical}.")},
    {"live-past-dependable", "",
     QT_TRANSLATE_NOOP("finding", "beyond the reliable range, median {typical}: turn back.")},
    {"live-past-typical", "", QT_TRANSLATE_NOOP("finding", "beyond the median range: turn back.")},
    {"live-left", "", QT_TRANSLATE_NOOP("finding", "{distance} more")},
    {"live-all-the-way", "", QT_TRANSLATE_NOOP("finding", "all the way home")},
    {"live-beyond-flown", "",
     QT_TRANSLATE_NOOP("finding", "This is farther than any flight so far: trust it only to there.")},
    {"live-off-path", "",
     QT_TRANSLATE_NOOP("finding", "This way was not flown before: its holes are unknown.")},
    {"live-first-flight", "",
     QT_TRANSLATE_NOOP("finding",
                       "No earlier flight of this setup counts. This is from the present flight alone.")},
};

}  // namespace

std::span<const Text> compareTexts() {
  return kCompareTexts;
}

}  // namespace distanz::words
