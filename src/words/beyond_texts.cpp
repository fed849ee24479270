#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kBeyondTexts[] = {
    {"other-height", QT_TRANSLATE_NOOP("finding", "{run}: flown at another height"),
     QT_TRANSLATE_NOOP("finding",
                       "It flew at {flown}, the others at {usual}. Height changes obstacles and reflections. "
                       "Fly it again, or exclude it with this reason.")},
    {"other-speed", QT_TRANSLATE_NOOP("finding", "{run}: flown at another speed"),
     QT_TRANSLATE_NOOP("finding",
                       "It flew at {flown} over ground, the others at {usual}. Faster means fewer readings "
                       "per place and more tilt. Fly it again, or exclude it with this reason.")},
    {"other-heading", QT_TRANSLATE_NOOP("finding", "{run}: flown with another heading"),
     QT_TRANSLATE_NOOP("finding",
                       "Outbound its nose pointed to {flown}, the others' to {usual}. Another side faced the "
                       "station. Hold the heading, or check Compare, Direction first.")},
    {"other-side", QT_TRANSLATE_NOOP("finding", "{run}: flown beside the path"),
     QT_TRANSLATE_NOOP("finding",
                       "It flew {flown} to the right, the others {usual}. Other trees, other ground. Fly it "
                       "again, or exclude it with this reason.")},
    {"equipment-limit", QT_TRANSLATE_NOOP("finding", "The equipment stops at {distance}, not the radio"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{runs:runs} of different setups lost the {link} link there at once, at full quality and {signal} "
         "or more. This does not count as range. Look for a distance limit or a timeout in the equipment.")},
    {"equipment-limit-unheard", QT_TRANSLATE_NOOP("finding", "The equipment stops at {distance}, not the radio"),
     QT_TRANSLATE_NOOP("finding",
                       "{runs:runs} of different setups lost the {link} link there at once, from full quality. This "
                       "does not count as range. Look for a distance limit or a timeout in the equipment.")},
    {"equipment-limit-possible", QT_TRANSLATE_NOOP("finding", "{link} link stops at {distance}: perhaps the equipment"),
     QT_TRANSLATE_NOOP("finding",
                       "{runs:runs} lost it there at once, from full quality. Its range ends there. Fly "
                       "another setup there: if it stops at the same distance, the equipment has a limit.")},
    {"stopped-sharply", QT_TRANSLATE_NOOP("finding", "{link} link stopped suddenly at {distance}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "The signal was still {signal}. Fly another setup there. If it stops at the same distance, the "
         "equipment has a limit. If not, look for a loose connector or interference.")},
    {"is-a-course", "",
     QT_TRANSLATE_NOOP("finding", "a course: it counts in its named sections only, never in the open range")},
    {"only-travelled", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "the log has the distance travelled, not that from the station; mark each post on its strip")},
    {"segment-better", QT_TRANSLATE_NOOP("finding", "{segment}: {winner} beats {loser} by {delta:.1}"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link, {flights:flights} (95 %: {delta.low:.1} to {delta.high:.1}).")},
    {"segment-same", QT_TRANSLATE_NOOP("finding", "{segment}: {a} and {b} do the same"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: difference {delta:.1} (95 %: {delta.low:.1} to {delta.high:.1}), {flights:flights}.")},
    {"segment-undecided", QT_TRANSLATE_NOOP("finding", "{segment}: {a} or {b}, cannot tell yet"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), "
                       "{flights:flights}. Fly about {more} more of each.")},
    {"segment-too-small", QT_TRANSLATE_NOOP("finding", "{segment}: {a} or {b}, not settled"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), "
                       "{flights:flights}. At the difference seen so far, more flights will hardly settle it.")},
    {"segment-usable", "",
     QT_TRANSLATE_NOOP("finding", "Usable {share:.0} of the time with {winner}, {other:.0} with {loser}.")},
    {"segment-once", "",
     QT_TRANSLATE_NOOP("finding",
                       "Each was flown once, so the flight-to-flight spread is assumed. Laps of one flight "
                       "do not replace flights.")},
    {"segment-not-all", "",
     QT_TRANSLATE_NOOP("finding", "Many sections were compared, so this may be chance.")},
    {"segments-apart", QT_TRANSLATE_NOOP("finding", "Courses count by section"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{runs:runs} are shown by named section only. They say nothing about range in the open.")},
    {"segments-none", QT_TRANSLATE_NOOP("finding", "Name sections of the path"),
     QT_TRANSLATE_NOOP("finding",
                       "Do it under Plan, Points: \"behind the shed\", \"between the trees\". Every flight "
                       "is then compared section by section.")},
    {"side-blind", QT_TRANSLATE_NOOP("finding", "{setup}: its {side} is blind"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: {drop:.0} below the mean of all sides (95 %: {drop.low:.0} to {drop.high:.0}), "
         "{flights:flights}. Keep that side away from the station, or move the antenna.")},
    {"side-even", QT_TRANSLATE_NOOP("finding", "{setup}: no blind side seen"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {sides:sides} faced the station. None is surely more than {least:.0} "
                       "below the mean.")},
    {"side-turn", QT_TRANSLATE_NOOP("finding", "{setup}: signal changes by {turn:+.1} in the turn"),
     QT_TRANSLATE_NOOP("finding", "The sides it shows there explain {explained:+.1} of it.")},
    {"sides-few", QT_TRANSLATE_NOOP("finding", "{setup}: few sides seen"),
     QT_TRANSLATE_NOOP("finding",
                       "{sides} of 24 directions faced the station. To see the rest, fly a circle, or turn "
                       "the aircraft around at one place.")},
    {"side-by-way", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The log has no heading, so the direction of flight is used. In wind the nose points elsewhere.")},
    {"bearing-weak", QT_TRANSLATE_NOOP("finding", "{setup}: weak {angle:.0} beside the far post"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {drop:.0} below the mean there (95 %: {drop.low:.0} to {drop.high:.0}). "
                       "Check the pattern of the ground antenna and the ground there.")},
    {"step-first", QT_TRANSLATE_NOOP("finding", "{setup}: {what} changes at {first}"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link, in {stepped} of {flights:flights} (95 %: {first.span}). Readings before "
                       "and after are of two modes.")},
    {"step-later", QT_TRANSLATE_NOOP("finding", "{setup}: {what} seldom changes"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: changed in {stepped} of {flights:flights}. It usually holds to at least "
                       "{least} ({sure:.0} sure).")},
    {"step-seldom", QT_TRANSLATE_NOOP("finding", "{setup}: {what} changes now and then"),
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: in {stepped} of {flights:flights}, flown to {farthest}. Too few for a "
                       "usual distance.")},
    {"band-hops", QT_TRANSLATE_NOOP("finding", "{link} link: {hops:changes} of frequency"),
     QT_TRANSLATE_NOOP("finding",
                       "Its readings are from several bands. Fix the channel before you compare.")},
    {"freezes-rate", QT_TRANSLATE_NOOP("finding", "{setup}: video freezes every {every}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: {freezes:freezes} in {flown} of {flights:flights} (95 %: every {every.span}).")},
    {"freezes-none", QT_TRANSLATE_NOOP("finding", "{setup}: video never froze"),
     QT_TRANSLATE_NOOP("finding", "{link} link, {flown} flown. At most one freeze per {every} (95 %).")},
    {"freezes-where", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Most between {from} and {to} ({freezes}). Usually lost at {lost}, regained at {regained}.")},
    {"lived-on", QT_TRANSLATE_NOOP("finding", "At {frozen} the {picture} link froze, the {link} link lasted"),
     QT_TRANSLATE_NOOP("finding", "It held to {alive}. Improve the video link first.")},
    {"energy-allows", QT_TRANSLATE_NOOP("finding", "{setup}: the battery allows a turn at {turn}"),
     QT_TRANSLATE_NOOP("finding",
                       "With reserve, at {out:.0} mAh/km outbound and {back:.0} inbound. Flown to {flown}, "
                       "{flights:flights}.")},
    {"energy-stops", QT_TRANSLATE_NOOP("finding", "{setup}: flown beyond the battery reserve"),
     QT_TRANSLATE_NOOP("finding",
                       "A turn at {turn} keeps the reserve, at {out:.0} mAh/km outbound and {back:.0} "
                       "inbound. Flown to {flown}, {flights:flights}.")},
    {"energy-wind", QT_TRANSLATE_NOOP("finding", "Headwind costs {per:+.0} mAh/km per m/s"),
     QT_TRANSLATE_NOOP("finding", "Outbound, from {flights:flights-from}.")},
    {"energy-unknown", QT_TRANSLATE_NOOP("finding", "Battery: not set"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Enter capacity and reserve under Plan, Flights. Then this shows how far the battery allows.")},
    {"step-at-power", "", QT_TRANSLATE_NOOP("finding", "Flown with {power}.")},
    {"side-few-flights", "",
     QT_TRANSLATE_NOOP("finding", "One flight: the flight-to-flight spread is assumed.")},
    {"no-mark-time", "",
     QT_TRANSLATE_NOOP("finding",
                       "\"{text}\" is not a time; type seconds, or minutes and seconds: 207, 3:27")},
    {"no-mark-place", "",
     QT_TRANSLATE_NOOP("finding",
                       "\"{text}\" is not on the path; type a post or a distance: 4, gate, 450 m")},
    {"mark-run", "", QT_TRANSLATE_NOOP("finding", "Mark places of run {run}")},
    {"method-run", "", QT_TRANSLATE_NOOP("finding", "Set how run {run} was flown")},
    {"likeness-found", QT_TRANSLATE_NOOP("finding", "Follows run {other}"),
     QT_TRANSLATE_NOOP("finding",
                       "{correlation:.1} of both signals agree; cut up at random, {chance:.1}. {rms:.1} "
                       "remain between them. To be taken from it: {marks:places}.")},
    {"likeness-weak", QT_TRANSLATE_NOOP("finding", "Places cannot be taken from run {other}"),
     QT_TRANSLATE_NOOP("finding",
                       "{correlation:.1} of both signals agree, but cut up at random {chance:.1} do too. "
                       "Mark posts by hand.")},
    {"likeness-none", QT_TRANSLATE_NOOP("finding", "Nothing in common with run {other}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Both need the same link's signal for half a minute to two hours. The other run needs its places.")},
    {"place-later", "",
     QT_TRANSLATE_NOOP(
         "finding", "the log has no position; mark posts on its strip in Runs, or match it to another run")},
    {"no-such-method", "",
     QT_TRANSLATE_NOOP("finding", "{option} is not a way of flying; use one of {words}")},
    {"no-such-run", "", QT_TRANSLATE_NOOP("finding", "run {option} does not exist; the runs are {runs}")},
    {"mark-without-place", "", QT_TRANSLATE_NOOP("finding", "{option} needs TIME=PLACE, for example 3:27=4")},
    {"marks-not-needed", "",
     QT_TRANSLATE_NOOP("finding", "its log has positions, so the marks are not used")},
    {"height-not-held", QT_TRANSLATE_NOOP("finding", "{run}: height not held"),
     QT_TRANSLATE_NOOP("finding",
                       "Outbound it flew between {low} and {high}. Height may look like distance. Fly it "
                       "level, or exclude it with this reason.")},
    {"changed-while-read", "",
     QT_TRANSLATE_NOOP("finding", "changed while it was read; wait until it is written, and try again")},
    {"log-too-large-but-text", "",
     QT_TRANSLATE_NOOP("finding",
                       "is larger than 900 MB, which is too much for {format}; cut it into single flights")},
    {"log-too-large-beside", "",
     QT_TRANSLATE_NOOP("finding", "is too large to go with another log; cut it into single flights")},
    {"log-too-large-packed", "",
     QT_TRANSLATE_NOOP("finding",
                       "is too large for a campaign file, even packed; cut it into single flights")},
    {"rows-thinned", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "it is very large, so each {rows} neighbouring rows count as their mean; the file is kept whole")},
    {"fact-laps", "", QT_TRANSLATE_NOOP("finding", "{laps:laps} begun, each of {each:.0}")},
};

}  // namespace

std::span<const Text> beyondTexts() {
  return kBeyondTexts;
}

}  // namespace distanz::words
