#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kPlanTexts[] = {
    {"describe-two-setups", QT_TRANSLATE_NOOP("finding", "Describe two setups"),
     QT_TRANSLATE_NOOP("finding",
                       "Say what differs between them. A comparison changes one thing and holds the rest.")},
    {"name-setups", QT_TRANSLATE_NOOP("finding", "Name the setups"),
     QT_TRANSLATE_NOOP(
         "finding",
         "By what is flown, so that a verdict reads as what it is: \"Six-turn helix is better\".")},
    {"enter-link-sensitivity", QT_TRANSLATE_NOOP("finding", "Enter the {link} receiver's sensitivity"),
     QT_TRANSLATE_NOOP("finding",
                       "Without it, range can only be told once the link was seen failing in flight.")},
    {"no-transmit-power", "",
     QT_TRANSLATE_NOOP(
         "finding", "Setup {setup} has no transmit power on the {link} link: nothing is predicted for it.")},
    {"kit-described", QT_TRANSLATE_NOOP("finding", "The kit is described"),
     QT_TRANSLATE_NOOP("finding", "Next: set the station and the far post in Plan.")},
    {"never-without-antenna", "",
     QT_TRANSLATE_NOOP("finding",
                       "Never power a transmitter without its antenna or load. Power and EIRP limits are "
                       "your country's: check them; Distanz is no authority.")},
    {"set-station", QT_TRANSLATE_NOOP("finding", "Set the station"),
     QT_TRANSLATE_NOOP("finding",
                       "Where you stand and the ground antenna is. Path and distances are seen from there.")},
    {"set-far-post", QT_TRANSLATE_NOOP("finding", "Set the far post"),
     QT_TRANSLATE_NOOP("finding",
                       "By its coordinates, or by distance and bearing from the station. Everything after "
                       "hangs on this path.")},
    {"path-clear", QT_TRANSLATE_NOOP("finding", "The path is clear"),
     QT_TRANSLATE_NOOP("finding",
                       "{share} of the first Fresnel zone is free all the way at {frequency}. Closest at "
                       "{distance}: the ray has {ray:.1}, {needed:.1} are needed.")},
    {"path-too-low", QT_TRANSLATE_NOOP("finding", "Too low for the far end"),
     QT_TRANSLATE_NOOP(
         "finding",
         "At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the "
         "first Fresnel zone). Clear up to {clear_to}. Fly higher or raise the antenna.")},
    {"path-shaded", QT_TRANSLATE_NOOP("finding", "Obstructed on the outbound leg"),
     QT_TRANSLATE_NOOP(
         "finding",
         "With the aircraft at {place}, clearance is {ray:.1} at {distance}; it needs {needed:.1} ({share} of the first Fresnel zone). "
         "The far end is clear. Fly higher there, or raise the antenna.")},
    {"path-never-clear", QT_TRANSLATE_NOOP("finding", "Too low for the far end"),
     QT_TRANSLATE_NOOP(
         "finding",
         "At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the "
         "first Fresnel zone). Clear nowhere. Fly higher or raise the antenna.")},
    {"predicted-range", "",
     QT_TRANSLATE_NOOP(
         "finding", "{setup} is predicted to reach {range} on the {link} link, with exponent {exponent}.")},
    {"predicted-before-flown", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{setup} is predicted to reach {range} on the {link} link, with exponent {exponent}. What nobody "
         "measured leaves {low} to {high}; 95 of 100 flights should reach {dependable}.")},
    {"use-flown-exponent", QT_TRANSLATE_NOOP("finding", "Use the flown exponent"),
     QT_TRANSLATE_NOOP(
         "finding",
         "The flights so far give {exponent:.2} (95 %: {exponent.low:.2} to {exponent.high:.2}).")},
    {"horizon", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Radio horizon {horizon}. Over smooth ground the signal falls faster beyond {breakpoint}.")},
    {"horizon-only", "", QT_TRANSLATE_NOOP("finding", "Radio horizon {horizon}, over level ground.")},
    {"keep-sight", "",
     QT_TRANSLATE_NOOP("finding",
                       "Keep sight of the aircraft or an observer where the rules ask for it. Test failsafe "
                       "and return before any range run; set the return height above obstacles.")},
    {"bring-in-logs", QT_TRANSLATE_NOOP("finding", "Bring in the first logs"),
     QT_TRANSLATE_NOOP("finding",
                       "One log per run, as a table or as JSON lines. Time, a position or distance, and "
                       "signal, link quality or bitrate are enough; units are read from the column names.")},
    {"runs-count", QT_TRANSLATE_NOOP("finding", "Runs that count: {used} of {runs}"),
     QT_TRANSLATE_NOOP("finding",
                       "Double-click a cell to change it. Way out, turn and way back are cut apart "
                       "automatically; drag the edges to move them.")},
    {"lacks-setups", "", QT_TRANSLATE_NOOP("finding", "two setups")},
    {"lacks-names", "", QT_TRANSLATE_NOOP("finding", "names of setups")},
    {"lacks-station", "", QT_TRANSLATE_NOOP("finding", "a station")},
    {"lacks-path", "", QT_TRANSLATE_NOOP("finding", "a path")},
    {"lacks-runs-of", "", QT_TRANSLATE_NOOP("finding", "runs of {setup}")},
    {"lacks-runs", "", QT_TRANSLATE_NOOP("finding", "runs")},
    {"lacks-flown", "", QT_TRANSLATE_NOOP("finding", "two setups flown")},
};

}  // namespace

std::span<const Text> planTexts() {
  return kPlanTexts;
}

}  // namespace distanz::words
