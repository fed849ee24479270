#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kKitTexts[] = {
    {"part-worth", "", QT_TRANSLATE_NOOP("finding", "{name}, {value}")},
    {"mount-points", "", QT_TRANSLATE_NOOP("finding", "points to {azimuth}, {elevation} up")},
    {"one-word", "", QT_TRANSLATE_NOOP("finding", "{what}")},
    {"left-free-power", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups}, {link} link: dynamic power rises as the signal falls and hides the "
                       "difference. Fix the power, or log it.")},
    {"left-free-band", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups}, {link} link: automatic band or channel. Flights may then differ by channel "
                       "alone. Fix it.")},
    {"left-free-rate", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups}, {link} link: automatic packet rate. A slower rate reaches farther without "
                       "a better antenna. Fix it, or enter the sensitivity of each rate.")},
    {"left-free-pointing", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setups}, {link} link: the ground antenna is pointed by hand. Errors cost a narrow "
                       "beam more than a wide one. Fix its direction along the path.")},
    {"setups-differ", QT_TRANSLATE_NOOP("finding", "What differs: {what:list}"), ""},
    {"differs-in-several", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setup} and {other} differ in {count} things on the {link} link: {what:list}. "
                       "The result cannot show which one matters.")},
    {"differs-in-nothing", "",
     QT_TRANSLATE_NOOP("finding",
                       "Setups {setup} and {other} are described alike. Enter what differs. Or keep them "
                       "alike to see the flight-to-flight spread.")},
    {"path-in-beam", "",
     QT_TRANSLATE_NOOP("finding",
                       "From {from} on, the path lies in the main beam, at worst {worst} below the peak.")},
    {"path-all-in-beam", "",
     QT_TRANSLATE_NOOP("finding", "The whole path lies in the main beam, at worst {worst} below the peak.")},
    {"path-out-of-beam", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path leaves the main beam, at worst {worst} below the peak. Point it at the far "
                       "post, or use a wider antenna.")},
    {"blind-above", "",
     QT_TRANSLATE_NOOP("finding",
                       "Straight above the station it is {above} below the peak, behind it {behind}.")},
    {"blind-cone", "",
     QT_TRANSLATE_NOOP("finding",
                       "Out to {to} the path lies in its blind cone, {below} or more below the peak. Do not "
                       "judge a setup there.")},
    {"mount-null-level", "",
     QT_TRANSLATE_NOOP("finding",
                       "In level flight the null of this antenna points {side}. Mount it upright.")},
    {"mount-shaded", "", QT_TRANSLATE_NOOP("finding", "The airframe shades {side}.")},
    {"mount-shaded-deeply", "",
     QT_TRANSLATE_NOOP("finding", "Carbon, battery or shell shade {side}. Expect fades there.")},
    {"mount-shades-out", "",
     QT_TRANSLATE_NOOP("finding", "Outbound, the airframe is between antenna and station.")},
    {"mount-shades-back", "",
     QT_TRANSLATE_NOOP("finding", "Inbound, the airframe is between antenna and station.")},
    {"mount-inside-carbon", "",
     QT_TRANSLATE_NOOP("finding", "Inside a carbon shell an antenna hardly radiates. Move it outside.")},
    {"mount-near-carbon", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Carbon nearby detunes and shades. Keep a quarter wavelength away, and sweep it in place.")},
    {"mount-near-battery", "",
     QT_TRANSLATE_NOOP("finding", "The battery shades like metal. Move the antenna to another side.")},
    {"mount-covered", "",
     QT_TRANSLATE_NOOP("finding", "A cover lowers the resonance. Sweep it bare and covered on the Bench.")},
    {"mount-bent", "",
     QT_TRANSLATE_NOOP("finding", "Bent arms fill the nulls and cost some gain broadside.")},
    {"change-part", "", QT_TRANSLATE_NOOP("finding", "Change {what}")},
    {"change-mount", "", QT_TRANSLATE_NOOP("finding", "Change the mounting")},
    {"pick-part", "", QT_TRANSLATE_NOOP("finding", "Change a part of setup {setup}")},
    {"add-part", "", QT_TRANSLATE_NOOP("finding", "Add {part}")},
    {"remove-part", "", QT_TRANSLATE_NOOP("finding", "Remove {part}")},
    {"take-parts", "", QT_TRANSLATE_NOOP("finding", "Add {count:parts} from a file")},
    {"add-photos", "", QT_TRANSLATE_NOOP("finding", "Add photos of {part}")},
    {"remove-photo", "", QT_TRANSLATE_NOOP("finding", "Remove a photo of {part}")},
    {"parts-brought", "", QT_TRANSLATE_NOOP("finding", "{added:parts} added, {renewed} updated.")},
    {"no-picture", "",
     QT_TRANSLATE_NOOP("finding", "is not a picture Distanz can show; save it as PNG or JPEG")},
    {"eirp-limit-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link radiates {eirp:.1} EIRP. Enter the limit of this place under Links. "
                       "Distanz is no authority.")},
    {"eirp-over", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {link} link radiates {eirp:.1} EIRP, {over} above your limit of {limit}. Reduce "
                       "power or gain.")},
    {"eirp-within", "",
     QT_TRANSLATE_NOOP("finding", "The {link} link radiates {eirp:.1} EIRP, within your limit of {limit}.")},
    {"keep-away-all", "",
     QT_TRANSLATE_NOOP("finding",
                       "Keep people {distance:.2} away from the transmitting antenna. Other limits may apply "
                       "here. Distanz is no authority.")},
    {"keep-away", "",
     QT_TRANSLATE_NOOP("finding",
                       "Keep people {distance:.2} away from the transmitting antenna, trained staff "
                       "{at_work:.2}. Other limits may apply here. Distanz is no authority.")},
    {"worth-power", "",
     QT_TRANSLATE_NOOP("finding",
                       "The {change} gained equal raising {power} to {other}, without heat or current.")},
    {"costs-power", "",
     QT_TRANSLATE_NOOP("finding", "To make up for the {change} lost, {power} would have to become {other}.")},
    {"part-has-faults", "",
     QT_TRANSLATE_NOOP("finding", "{part} failed its inspection: {faults:list}. Repair it before it flies.")},
    {"receiver-sensitivity-differs", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: the receiver is set to {receiver}, the link to {stated}. Ranges use the link's.")},
    {"far-post-margin", "",
     QT_TRANSLATE_NOOP("finding", "Signal at the far post ({distance}): {level:.1} (margin {margin:+.1}).")},
    {"far-post-short", "",
     QT_TRANSLATE_NOOP("finding",
                       "Signal at the far post ({distance}): {level:.1}. It is {short:.1} too weak.")},
    {"far-post-level", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Signal at the far post ({distance}): {level:.1}. Enter the link's sensitivity to see the margin.")},
    {"why-chain-power", "", QT_TRANSLATE_NOOP("finding", "transmitter: {power:.1}")},
    {"why-chain", "", QT_TRANSLATE_NOOP("finding", "{what}: {change:+.1}")},
    {"why-chain-unknown", "", QT_TRANSLATE_NOOP("finding", "{what}: not set, 0 dB assumed")},
    {"why-chain-path", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "path loss to {distance}: free space at {frequency:short} to 1 m, then exponent {exponent:.2}")},
    {"why-chain-needed", "", QT_TRANSLATE_NOOP("finding", "needed: {level:.1} (sensitivity and margin)")},
    {"pattern-computed", "",
     QT_TRANSLATE_NOOP("finding", "Computed pattern: {what}, at most {gain:.1} without losses.")},
    {"pattern-measured", "", QT_TRANSLATE_NOOP("finding", "Measured pattern: turntable, {record}.")},
    {"why-value", "", QT_TRANSLATE_NOOP("finding", "{what}: {value:short} ({origin})")},
    {"why-pattern", "", QT_TRANSLATE_NOOP("finding", "How: {source}.")},
    {"why-beam", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The path lies {near:.1} to {far:.1} off the axis, seen from {mast:.1} above the station.")},
    {"why-keep-away", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "EIRP {eirp:.1}, on {duty:.0} of the time, reflections × {reflection:.2}. ICNIRP 2020 reference "
         "level at {frequency}: {anybody:.2} W/m², at work {at_work:.1} W/m² (whole body, 30 minutes).")},
    {"why-keep-away-near", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The formula gives less, but holds in the far field only. That begins at {distance:.2}.")},
    {"why-keep-away-least", "",
     QT_TRANSLATE_NOOP("finding", "The formula gives less. Distanz never shows less than {distance:.2}.")},
    {"kit-and-path-described", "",
     QT_TRANSLATE_NOOP("finding",
                       "Kit and path are set. Next: see in Plan how far each setup should reach.")},
};

}  // namespace

std::span<const Text> kitTexts() {
  return kKitTexts;
}

}  // namespace distanz::words
