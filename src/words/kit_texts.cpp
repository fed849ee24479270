#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kKitTexts[] = {
    {"part-worth", "", QT_TRANSLATE_NOOP("finding", "{name}, {value}")},
    {"mount-points", "", QT_TRANSLATE_NOOP("finding", "points to {azimuth}, {elevation} up")},
    {"one-word", "", QT_TRANSLATE_NOOP("finding", "{what}")},
    {"left-free-power", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setups} let the {link} transmitter choose its power: it rises as the signal "
                       "falls and hides what is compared. Fix it, or log it.")},
    {"left-free-band", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setups} let the {link} link choose its band or channel: two flights may then "
                       "differ by the channel alone. Fix it.")},
    {"left-free-rate", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Setups {setups} let the {link} link choose its packet rate: a slower rate hears further, so the "
         "rate is compared instead of the setup. Fix it, or enter the sensitivity of each rate.")},
    {"left-free-pointing", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setups} point the {link} ground antenna by hand: the hand's error falls on a "
                       "narrow beam harder than on a wide one. Fix its direction along the path.")},
    {"differs-in-several", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setup} and {other} differ on the {link} link in {count} things: {what:list}. "
                       "Whatever wins, it will not be known which of them did it.")},
    {"differs-in-nothing", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setup} and {other} are described alike. Say what differs, or compare a setup "
                       "against itself to see the scatter.")},
    {"path-in-beam", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "From {from} on, the path lies in the main beam; at worst it is {worst} below the peak.")},
    {"path-out-of-beam", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path ends outside the main beam, {worst} below its peak at worst. Point it at "
                       "the far post, or take a wider antenna.")},
    {"blind-above", "",
     QT_TRANSLATE_NOOP("finding",
                       "Straight above the station it is {above} below its peak, behind it {behind}.")},
    {"blind-cone", "",
     QT_TRANSLATE_NOOP("finding",
                       "Out to {to} the path lies in its blind cone, {below} and more below the peak: do not "
                       "judge a setup there.")},
    {"mount-null-level", "",
     QT_TRANSLATE_NOOP("finding", "Level flight has the null of this antenna {side}. Turn it upright.")},
    {"mount-shaded", "", QT_TRANSLATE_NOOP("finding", "The airframe hides what is {side}.")},
    {"mount-shaded-deeply", "",
     QT_TRANSLATE_NOOP("finding", "Carbon, battery or shell hide what is {side}; expect fades there.")},
    {"mount-shades-out", "",
     QT_TRANSLATE_NOOP("finding", "On the way out the station is behind: the airframe lies in between.")},
    {"mount-shades-back", "",
     QT_TRANSLATE_NOOP("finding", "On the way back the station is ahead: the airframe lies in between.")},
    {"mount-inside-carbon", "",
     QT_TRANSLATE_NOOP("finding", "Inside a carbon shell an antenna hardly radiates. Bring it out.")},
    {"mount-near-carbon", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Carbon close by detunes and shades. Keep a quarter of a wave away, and sweep it where it sits.")},
    {"mount-near-battery", "",
     QT_TRANSLATE_NOOP("finding", "The battery shades like metal. Keep the antenna on another side.")},
    {"mount-covered", "",
     QT_TRANSLATE_NOOP("finding",
                       "A cover shifts the resonance down: sweep it bare and covered on the Bench.")},
    {"mount-bent", "",
     QT_TRANSLATE_NOOP("finding", "Bent arms fill the nulls and lose some gain broadside.")},
    {"change-part", "", QT_TRANSLATE_NOOP("finding", "Change {what}")},
    {"change-mount", "", QT_TRANSLATE_NOOP("finding", "Change the mounting")},
    {"pick-part", "", QT_TRANSLATE_NOOP("finding", "Put another part into setup {setup}")},
    {"add-part", "", QT_TRANSLATE_NOOP("finding", "Add {part}")},
    {"remove-part", "", QT_TRANSLATE_NOOP("finding", "Remove {part}")},
    {"take-parts", "", QT_TRANSLATE_NOOP("finding", "Take over {count} parts")},
    {"add-photos", "", QT_TRANSLATE_NOOP("finding", "Add photos of {part}")},
    {"remove-photo", "", QT_TRANSLATE_NOOP("finding", "Remove a photo of {part}")},
    {"parts-brought", "",
     QT_TRANSLATE_NOOP("finding",
                       "{added} parts came in, {renewed} that were here already were brought up to date.")},
    {"no-picture", "",
     QT_TRANSLATE_NOOP("finding", "is no picture that can be shown; save it as PNG or JPEG")},
    {"eirp-limit-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link radiates {eirp:.1} EIRP. Enter what is allowed at the place under "
                       "Links: Distanz is no authority.")},
    {"eirp-over", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The {link} link radiates {eirp:.1} EIRP, {over} more than the {limit} that you entered "
         "for the place. Take less power or gain.")},
    {"eirp-within", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link radiates {eirp:.1} EIRP, within the {limit} that you entered.")},
    {"keep-away-all", "",
     QT_TRANSLATE_NOOP("finding", "Keep everybody {distance:.2} away from the powered antenna. Other limits may apply where you fly; Distanz is no authority.")},
    {"keep-away", "",
     QT_TRANSLATE_NOOP("finding",
                       "Keep everybody {distance:.2} away from the powered antenna, trained staff {at_work:.2}. "
                       "Other limits may apply where you fly; Distanz is no authority.")},
    {"worth-power", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {change} gained are what raising {power} to {other} would have done, without "
                       "heat or current.")},
    {"costs-power", "",
     QT_TRANSLATE_NOOP("finding", "To make up for the {change} lost, {power} would have to become {other}.")},
    {"part-has-faults", "",
     QT_TRANSLATE_NOOP("finding",
                       "{part} was looked at, and is not in order: {faults:list}. Mend it before it flies.")},
    {"receiver-sensitivity-differs", "",
     QT_TRANSLATE_NOOP("finding",
                       "A receiver states {receiver} for the {link} link, which itself states {stated}: "
                       "ranges are told by the link's.")},
    {"far-post-margin", "",
     QT_TRANSLATE_NOOP("finding", "{level:.1} arrive at the far post ({distance}): {margin:.1} more than the link needs.")},
    {"far-post-short", "",
     QT_TRANSLATE_NOOP("finding", "{level:.1} arrive at the far post ({distance}): {short:.1} less than the link needs.")},
    {"far-post-level", "",
     QT_TRANSLATE_NOOP("finding", "{level:.1} arrive at the far post ({distance}). Enter the sensitivity of the link, and its margin is told.")},
    {"why-chain-power", "",
     QT_TRANSLATE_NOOP("finding", "transmitter: {power:.1}")},
    {"why-chain", "",
     QT_TRANSLATE_NOOP("finding", "{what}: {change:+.1}")},
    {"why-chain-unknown", "",
     QT_TRANSLATE_NOOP("finding", "{what}: nothing said, taken as 0 dB")},
    {"why-chain-path", "",
     QT_TRANSLATE_NOOP("finding", "path loss: free space at {frequency:short} to 1 m, beyond it exponent {exponent:.2}, to {distance}")},
    {"why-chain-needed", "",
     QT_TRANSLATE_NOOP("finding", "needed: {level:.1} (sensitivity and margin)")},
    {"pattern-computed", "",
     QT_TRANSLATE_NOOP("finding", "Drawn from physics: {what}, at most {gain:.1} without losses.")},
    {"pattern-measured", "",
     QT_TRANSLATE_NOOP("finding", "Drawn as it was measured on the turntable, {record}.")},
    {"why-value", "",
     QT_TRANSLATE_NOOP("finding", "{what}: {value:short} ({origin})")},
    {"why-pattern", "",
     QT_TRANSLATE_NOOP("finding", "How: {source}.")},
    {"why-beam", "",
     QT_TRANSLATE_NOOP("finding", "The path lies {near:.1} to {far:.1} from the axis, seen from {mast:.1} above the station.")},
    {"why-keep-away", "",
     QT_TRANSLATE_NOOP("finding", "EIRP {eirp:.1}, on {duty:.0} of the time, reflections × {reflection:.2}. ICNIRP 2020 reference level at {frequency}: {anybody:.2} W/m², at work {at_work:.1} W/m² (whole body, 30 minutes).")},
    {"why-keep-away-near", "",
     QT_TRANSLATE_NOOP("finding", "The formula gives less, but holds in the far field only. That begins at {distance:.2}.")},
    {"why-keep-away-least", "",
     QT_TRANSLATE_NOOP("finding", "The formula gives less. Distanz never shows less than {distance:.2}.")},
    {"kit-and-path-described", "",
     QT_TRANSLATE_NOOP("finding", "The kit is described and the path is laid. Next: see in Plan how far each setup should reach.")},
};

}  // namespace

std::span<const Text> kitTexts() {
  return kKitTexts;
}

}  // namespace distanz::words
