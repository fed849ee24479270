#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kFlightTexts[] = {
    {"pairs-tell", "",
     QT_TRANSLATE_NOOP("finding",
                       "{pairs} flights of each setup: {chance:chance} chance of detecting {difference:.0} "
                       "of range ({delta:.1}).")},
    {"pairs-too-few", "",
     QT_TRANSLATE_NOOP("finding",
                       "{pairs} flights of each setup: {chance:chance} chance of detecting {difference:.0} "
                       "of range ({delta:.1}). Fly {needed} of each for an 80 % chance.")},
    {"pairs-never", "",
     QT_TRANSLATE_NOOP("finding",
                       "{pairs} flights of each setup: {chance:chance} chance of detecting {difference:.0} "
                       "of range ({delta:.1}). More flights will not be enough. Record both receivers in one "
                       "flight, or look for a larger difference.")},
    {"pairs-together", "",
     QT_TRANSLATE_NOOP("finding",
                       "With both receivers aboard: {chance:chance} chance with {pairs} flights.")},
    {"why-planned-scatter", "",
     QT_TRANSLATE_NOOP("finding", "Flight-to-flight spread {sd:.1} (1σ): {source}.")},
    {"why-planned-test", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups} setups compared at the planned number of flights. Range falls with exponent "
                       "{exponent:.2}.")},
    {"fly-to", "",
     QT_TRANSLATE_NOOP("finding",
                       "To see every setup fail on the {link} link, fly on to {to}. First test the return on "
                       "link loss. A setup that turns before {least} may show \"at least\" only.")},
    {"fly-to-beyond", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "On the {link} link the best setup should fail only at {to}, beyond the far post ({far}). Its range "
         "would read \"at least\". Reduce the power, or plan a longer path.")},
    {"order-drawn", "", QT_TRANSLATE_NOOP("finding", "{runs} flights from {begin:clock} to {end:clock}.")},
    {"order-flown", "", QT_TRANSLATE_NOOP("finding", "Every planned flight is flown.")},
    {"session-too-long", "",
     QT_TRANSLATE_NOOP(
         "finding", "{left} flights do not fit before {end:clock}. Fly them another day, in whole blocks.")},
    {"batteries-run-out", "",
     QT_TRANSLATE_NOOP("finding",
                       "{batteries} batteries are not enough for {runs} flights. Charge in between. No setup "
                       "may always get the fresh one.")},
    {"speed-wanted", "", QT_TRANSLATE_NOOP("finding", "Enter the airspeed to get clock times.")},
    {"battery-turns", "",
     QT_TRANSLATE_NOOP("finding", "{setup}: the battery allows a turn at {turn}, with {reserve:.0} kept.")},
    {"battery-carries", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}: the battery reaches the far post and back ({used:.0} of {usable:.0}).")},
    {"battery-empty", "",
     QT_TRANSLATE_NOOP("finding", "{setup}: reserve and take-off use up the whole battery.")},
    {"energy-wanted", "",
     QT_TRANSLATE_NOOP("finding", "Enter airspeed, consumption and battery to get the farthest turn.")},
    {"why-energy", "",
     QT_TRANSLATE_NOOP("finding",
                       "{use:.3g} mAh per km in still air at {airspeed}. Wind {wind} from {from:.0}. Charge "
                       "counts by time.")},
    {"wind-no-return", QT_TRANSLATE_NOOP("finding", "Do not fly"),
     QT_TRANSLATE_NOOP("finding",
                       "Against {wind} from {from:.0} the aircraft ({airspeed}) does not come back.")},
    {"wind-no-way-out", "",
     QT_TRANSLATE_NOOP("finding",
                       "Against {wind} from {from:.0} the aircraft ({airspeed}) cannot fly outbound.")},
    {"wind-helps-out", "",
     QT_TRANSLATE_NOOP("finding",
                       "Tailwind outbound: the way home takes {longer:.0} longer, at {back} over ground or "
                       "less. Turn early on the first flight.")},
    {"wind-helps-back", "",
     QT_TRANSLATE_NOOP("finding",
                       "Headwind outbound: the way home takes {shorter:.0} less. This is the safe way.")},
    {"stops-first", "", QT_TRANSLATE_NOOP("finding", "{name}: turn at {at} at the latest ({what}).")},
    {"limit-distance", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path runs to {far}; {limit} is allowed. Instead, walk at reduced power, use an "
                       "attenuator, or fly a shorter path at less power. The simulator works too.")},
    {"why-attenuator", "",
     QT_TRANSLATE_NOOP("finding", "An attenuator of {attenuator:.0} cuts a range of {range} to {limit}.")},
    {"limit-height", "",
     QT_TRANSLATE_NOOP("finding", "The path is {high} high; {limit} is allowed. Lower it.")},
    {"limit-sight", "",
     QT_TRANSLATE_NOOP("finding",
                       "Visual line of sight ends at {sight}; the path runs to {far}. Turn there, or use an "
                       "observer where the rules allow it.")},
    {"limits-kept", "",
     QT_TRANSLATE_NOOP("finding",
                       "Distance, height and sight are within your limits. Distanz is no authority.")},
    {"limits-wanted", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter the limits of this place: distance, height and visual line of sight.")},
    {"preflight-open", "", QT_TRANSLATE_NOOP("finding", "{open} of {of} pre-flight points are open.")},
    {"preflight-done", "", QT_TRANSLATE_NOOP("finding", "All {of} pre-flight points are ticked.")},
    {"tick-item", "", QT_TRANSLATE_NOOP("finding", "Tick the pre-flight list")},
    {"untick-all", "", QT_TRANSLATE_NOOP("finding", "Clear the pre-flight list")},
    {"change-flights", "", QT_TRANSLATE_NOOP("finding", "Change the flights")},
    {"check-area", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "No people, roads or controlled airspace under the path. Other aircraft have right of way.")},
    {"check-failsafe", "",
     QT_TRANSLATE_NOOP("finding", "Failsafe tested: transmitter off, the aircraft reacts as set.")},
    {"check-return-height", "",
     QT_TRANSLATE_NOOP("finding", "Return height above every obstacle, at least {height:.0}.")},
    {"check-power-cycle", "",
     QT_TRANSLATE_NOOP("finding", "Power cycled: power, packet rate and band are still as planned.")},
    {"check-fixed-power", "", QT_TRANSLATE_NOOP("finding", "{link} transmitter: dynamic power is off.")},
    {"check-packet-rate", "",
     QT_TRANSLATE_NOOP("finding", "{link} link: packet rate fixed, the same for every setup.")},
    {"check-band", "", QT_TRANSLATE_NOOP("finding", "{link} link: fixed on {frequency:short}.")},
    {"check-low-power", "",
     QT_TRANSLATE_NOOP("finding", "Low-power and range-check modes are off. Power was read after arming.")},
    {"check-second-antenna", "",
     QT_TRANSLATE_NOOP("finding", "Every antenna and receiver chain is fitted and switched on.")},
    {"check-connectors", "",
     QT_TRANSLATE_NOOP("finding",
                       "Connectors straight and tight. No transmitter is powered without its antenna.")},
    {"check-compass", "",
     QT_TRANSLATE_NOOP("finding",
                       "Compass calibrated, away from power leads. Heading agrees with the path.")},
    {"check-satellites", "",
     QT_TRANSLATE_NOOP("finding", "Satellites steady, home position set at the station.")},
    {"check-battery", "",
     QT_TRANSLATE_NOOP("finding", "Batteries of one type, full and undamaged. Alarm set to the reserve.")},
    {"check-logging", "", QT_TRANSLATE_NOOP("finding", "Logging is on, has room, and its clock is right.")},
    {"check-pointing", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} ground antenna fixed, pointing to {bearing:.0}, nobody in front of it.")},
    {"check-tracker", "",
     QT_TRANSLATE_NOOP(
         "finding", "{link} tracker knows its position, height and north. It follows when moved by hand.")},
    {"check-observer", "",
     QT_TRANSLATE_NOOP("finding", "An observer stands where the aircraft is beyond {sight}.")},
    {"check-near-first", "",
     QT_TRANSLATE_NOOP("finding", "Setup {setup} has flown close by, and its log was read.")},
    {"check-ground-check", "", QT_TRANSLATE_NOOP("finding", "Setup {setup} has passed its ground check.")},
    {"stops-first-link", "",
     QT_TRANSLATE_NOOP("finding",
                       "{name}: turn at {at} at the latest. 95 % of flights reach that on the {link} link.")},
    {"stops-first-predicted", "",
     QT_TRANSLATE_NOOP("finding",
                       "{name}: turn at {at} at the latest. By prediction, 95 % of flights reach that on the "
                       "{link} link.")},
    {"helps-most", "", QT_TRANSLATE_NOOP("finding", "{setup}, {link} link: what helps most is {what:list}.")},
    {"help-item", "", QT_TRANSLATE_NOOP("finding", "{what} (+{more}, {share:.0})")},
    {"why-help", "", QT_TRANSLATE_NOOP("finding", "{what}: {caution}")},
    {"wind-from-wanted", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter where the wind comes from. Until then it counts against the way home.")},
    {"preflight-stale", "",
     QT_TRANSLATE_NOOP("finding",
                       "{stale} of {of} points were ticked on another day. Clear the list and check again.")},
    {"tracker-rate", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} tracker must turn up to {rate:.0}° per second, to {azimuth:.0} aside and "
                       "{elevation:.0} up.")},
    {"tracker-aims", "",
     QT_TRANSLATE_NOOP("finding",
                       "From {from} on the {link} tracker aims within its beam (±{half:.0}). Nearer, errors "
                       "of home and height throw it off.")},
    {"tracker-errs", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} tracker is {error:.0} off even far out; its beam is ±{half:.0}. Level its "
                       "stand and calibrate its compass.")},
    {"why-tracker", "",
     QT_TRANSLATE_NOOP("finding",
                       "Assumed errors: home {home}, height {height}, compass {compass:.0}, stand "
                       "{level:.0}. Flown at {speed}.")},
    {"why-path-holds", "", QT_TRANSLATE_NOOP("finding", "of it {what}: {change:+.1}")},
    {"draw-labels", "", QT_TRANSLATE_NOOP("finding", "Draw blind labels")},
    {"open-labels", "", QT_TRANSLATE_NOOP("finding", "Open blind labels")},
    {"labels-sealed", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{count} recordings have a blind label. Which is which stays sealed until you open the labels.")},
    {"labels-opened", "",
     QT_TRANSLATE_NOOP("finding", "The labels were opened at {at}. Judgements after that are not blind.")},
    {"label-is", "", QT_TRANSLATE_NOOP("finding", "{label} is {run}, setup {setup}.")},
};

}  // namespace

std::span<const Text> flightTexts() {
  return kFlightTexts;
}

}  // namespace distanz::words
