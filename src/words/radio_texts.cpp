#include "words/texts.h"

namespace distanz::words {
namespace {

/// What disturbs what, and what readings at fixed places say.
constexpr Text kRadioTexts[] = {
    {"interference-short", "",
     QT_TRANSLATE_NOOP("finding",
                       "{bad} of {count:disturbances} too strong. The worst: {emitter} on {victim}, about {short:.0} short.")},
    {"channel-not-swept", "", QT_TRANSLATE_NOOP("finding", "{frequency:short} was not swept.")},
    {"interference-open", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Enter the transmitters aboard and at the station, or give a setup its transmit powers.")},
    {"interference-second", "",
     QT_TRANSLATE_NOOP("finding",
                       "The second-order product of {emitter} at {frequency} hits {victim}: about {short:.0} short. "
                       "Move the antennas {apart:.2} apart, or filter what sends.")},
    {"interference-in-band", "",
     QT_TRANSLATE_NOOP("finding",
                       "{emitter} sends in the band of {victim}: about {short:.0} short. "
                       "Choose another channel; no filter helps.")},
    {"interference-blocks", "",
     QT_TRANSLATE_NOOP("finding",
                       "{emitter} at {frequency} overloads {victim}: about {short:.0} short. "
                       "Move the antennas {apart:.2} apart, or put a filter before {victim}.")},
    {"interference-noise", "",
     QT_TRANSLATE_NOOP("finding",
                       "The noise of {emitter} reaches {victim} at {frequency}: about {short:.0} short. "
                       "Move the antennas {apart:.2} apart, or filter behind {emitter}.")},
    {"interference-ask-aboard", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter how far apart the antennas aboard are. Until then nothing aboard is checked.")},
    {"interference-ask-station", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter how far apart the antennas at the station are. Until then nothing there is checked.")},
    {"interference-no-power", "",
     QT_TRANSLATE_NOOP("finding", "Not checked: what {emitter} disturbs. Its transmit power is not set.")},
    {"interference-no-sensitivity", "",
     QT_TRANSLATE_NOOP("finding",
                       "Checked for overload only: {victim}. For noise and products, set its sensitivity.")},
    {"stations-open", "",
     QT_TRANSLATE_NOOP("finding",
                       "Read the level at {least} places or more, at three distances at least. The farthest must "
                       "be twice as far as the nearest.")},
    {"stations-flat", "",
     QT_TRANSLATE_NOOP("finding",
                       "The level does not clearly fall with distance yet. Read more places, farther apart.")},
    {"stations-fit", "",
     QT_TRANSLATE_NOOP("finding",
                       "The level falls with exponent {exponent:.1} (95 %: {exponent.low:.1} to {exponent.high:.1}). "
                       "One place differs from the next by {sd:.1} (1σ).")},
    {"stations-heights", "",
     QT_TRANSLATE_NOOP("finding",
                       "This holds at such heights: {a:.1} and {b:.1}. Their radio horizon is {horizon} apart.")},
    {"stations-no-heights", "",
     QT_TRANSLATE_NOOP("finding", "Enter the heights of both antennas. They decide where the horizon is.")},
    {"stations-limit", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter the level that is still enough, or choose a link whose sensitivity is set.")},
    {"stations-beyond-horizon", "",
     QT_TRANSLATE_NOOP("finding", "The level would last farther, but the horizon ends it at {horizon}.")},
    {"stations-reach", "",
     QT_TRANSLATE_NOOP("finding", "Half of such places have {limit} out to {half}. 95 % have it out to {sure}.")},
    {"stations-reach-beyond", "",
     QT_TRANSLATE_NOOP("finding",
                       "Half of such places should have {limit} out to {half}, 95 % out to {sure}. The farthest "
                       "reading was at {far}.")},
    {"interference-third", "",
     QT_TRANSLATE_NOOP("finding",
                       "The third-order product of {emitter} at {frequency} hits {victim}: about {short:.0} short. "
                       "Move the antennas {apart:.2} apart, or filter what sends.")},
    {"interference-harmonic", "",
     QT_TRANSLATE_NOOP("finding",
                       "Harmonic {order} of {emitter} at {frequency} hits {victim}: about {short:.0} short. "
                       "Move the antennas {apart:.2} apart, or filter what sends.")},
    {"interference-more", "", QT_TRANSLATE_NOOP("finding", "{count:disturbances-more} too strong.")},
    {"interference-none", "",
     QT_TRANSLATE_NOOP("finding",
                       "{count:disturbances} checked, none too strong. Closest: {emitter} on {victim}, "
                       "about {spare:.0} to spare.")},
    {"channel-hit", "", QT_TRANSLATE_NOOP("finding", "A product hits channel {channel}.")},
    {"channel-free", "", QT_TRANSLATE_NOOP("finding", "No product hits channel {channel}.")},
    {"interference-assumes", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Where not entered, taken: products 40 to 50 dB and noise {noise:.0} per hertz below the carrier. Receivers are "
         "overloaded from {blocks}, from {near} where bands are neighbours. Antennas do not face each other. To be "
         "sure, switch the transmitters on in turn and log the noise floor.")},
    {"interference-many", "",
     QT_TRANSLATE_NOOP("finding",
                       "more than {emitters} transmitters or {bands} bands cannot be combined; enter only "
                       "those that matter")},
};

}  // namespace

std::span<const Text> radioTexts() {
  return kRadioTexts;
}

}  // namespace distanz::words
