#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kPlanTexts[] = {
    {"describe-two-setups", QT_TRANSLATE_NOOP("finding", "Describe two setups"),
     QT_TRANSLATE_NOOP("finding",
                       "Enter what differs between them. A fair comparison changes one thing only.")},
    {"name-setups", QT_TRANSLATE_NOOP("finding", "Name the setups"),
     QT_TRANSLATE_NOOP("finding", "Name each by what is flown: \"Six-turn helix\".")},
    {"enter-link-sensitivity", QT_TRANSLATE_NOOP("finding", "Enter the sensitivity of the {link} receiver"),
     QT_TRANSLATE_NOOP("finding", "Without it, range is known only once the link fails in flight.")},
    {"no-transmit-power", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setup {setup}, {link} link: transmit power not set, so nothing is predicted.")},
    {"kit-described", QT_TRANSLATE_NOOP("finding", "The kit is complete"),
     QT_TRANSLATE_NOOP("finding", "Next: set the station and the far post in Plan.")},
    {"never-without-antenna", "",
     QT_TRANSLATE_NOOP("finding",
                       "Never power a transmitter without its antenna or load. Check the power and EIRP "
                       "limits of your country. Distanz is no authority.")},
    {"set-station", QT_TRANSLATE_NOOP("finding", "Set the station"),
     QT_TRANSLATE_NOOP("finding",
                       "Set where you stand with the ground antenna. All distances count from there.")},
    {"set-far-post", QT_TRANSLATE_NOOP("finding", "Set the far post"),
     QT_TRANSLATE_NOOP("finding", "Set it by coordinates, or by distance and bearing from the station.")},
    {"path-clear", QT_TRANSLATE_NOOP("finding", "Line of sight is clear all the way"),
     QT_TRANSLATE_NOOP("finding",
                       "{share} of the first Fresnel zone is clear at {frequency}. Closest at {distance}: "
                       "{ray:.1} of clearance, {needed:.1} needed.")},
    {"path-too-low", QT_TRANSLATE_NOOP("finding", "Too low beyond {clear_to}"),
     QT_TRANSLATE_NOOP("finding",
                       "At {distance} clearance is {ray:.1}; {needed:.1} is needed ({share} of the first "
                       "Fresnel zone). Fly higher, or raise the antenna.")},
    {"path-shaded", QT_TRANSLATE_NOOP("finding", "Obstructed outbound near {place}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "With the aircraft there, clearance is {ray:.1} at {distance}; {needed:.1} is needed ({share} of "
         "the first Fresnel zone). The far end is clear. Fly higher there, or raise the antenna.")},
    {"path-never-clear", QT_TRANSLATE_NOOP("finding", "Too low on the whole path"),
     QT_TRANSLATE_NOOP("finding",
                       "At {distance} clearance is {ray:.1}; {needed:.1} is needed ({share} of the first "
                       "Fresnel zone). Fly higher, or raise the antenna.")},
    {"predicted-range", "",
     QT_TRANSLATE_NOOP("finding", "{setup}, {link} link: {range} predicted (exponent {exponent}).")},
    {"predicted-before-flown", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}, {link} link: {range} predicted, {low} to {high} possible (exponent "
                       "{exponent}). 95 of 100 flights should reach {dependable}.")},
    {"use-flown-exponent", QT_TRANSLATE_NOOP("finding", "Use the flown exponent"),
     QT_TRANSLATE_NOOP(
         "finding", "The flights so far give {exponent:.2} (95 %: {exponent.low:.2}–{exponent.high:.2}).")},
    {"horizon", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Radio horizon {horizon}. Over smooth ground the signal falls faster beyond {breakpoint}.")},
    {"horizon-only", "", QT_TRANSLATE_NOOP("finding", "Radio horizon {horizon}, over level ground.")},
    {"keep-sight", "",
     QT_TRANSLATE_NOOP("finding",
                       "Keep the aircraft in sight, or use an observer, as the rules ask. Test failsafe and "
                       "return before every range flight. Set the return height above all obstacles.")},
    {"bring-in-logs", QT_TRANSLATE_NOOP("finding", "Import the first logs"),
     QT_TRANSLATE_NOOP("finding",
                       "Import one log per run. It needs time, position or distance, and signal, link "
                       "quality or bitrate.")},
    {"runs-count", QT_TRANSLATE_NOOP("finding", "{used} of {runs:runs} counted"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Double-click a cell to change it. Drag the edges of outbound, turn and inbound to move them.")},
    {"lacks-setups", "", QT_TRANSLATE_NOOP("finding", "two setups")},
    {"lacks-names", "", QT_TRANSLATE_NOOP("finding", "setup names")},
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
