#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kTypedTexts[] = {
    {"nothing-entered", "", QT_TRANSLATE_NOOP("finding", "nothing was entered; type for example {example}")},
    {"comma-ambiguous", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "\"{text}\" may mean a thousand or one; leave the comma out and type for example {example}")},
    {"not-a-number-typed", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is not a number; type for example {example}")},
    {"not-understood", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is not understood; type for example {example}")},
    {"bare-number-wanted", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" has a unit, but this has none; type for example {example}")},
    {"unit-unknown", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is not a unit for this; type for example {example}")},
    {"power-not-above-zero", "",
     QT_TRANSLATE_NOOP("finding", "power must be above zero; type for example {example}")},
    {"does-not-add-up", "",
     QT_TRANSLATE_NOOP("finding", "these values do not add up; type for example {example}")},
    {"number-too-large", "",
     QT_TRANSLATE_NOOP("finding", "the number is too large; type for example {example}")},
    {"outside-limits", "",
     QT_TRANSLATE_NOOP("finding", "{value:short} is outside {low:short} to {high:short}")},
    {"share-of-power", "", QT_TRANSLATE_NOOP("finding", "type the share of full power, for example 1/30")},
    {"mode-form", "",
     QT_TRANSLATE_NOOP("finding",
                       "\"{text}\" is not a list of modes; type for example 50: -112 dBm; 150: -107 dBm")},
    {"mode-out-of-bounds", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\": a mode is a number from 0 to {most}")},
    {"mode-twice", "",
     QT_TRANSLATE_NOOP("finding", "mode {mode} is listed twice; give each mode one sensitivity")},
    {"reduced-which-link", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" names no link; type for example {link} 20 dB")},
    {"reduced-out-of-bounds", "",
     QT_TRANSLATE_NOOP(
         "finding", "\"{text}\" is {reduction:.1} below full power; it must be above 0 and up to {most:.0}")},
    {"outside-domain", "",
     QT_TRANSLATE_NOOP("finding", "{what} does not hold; this is a fault of Distanz, please report it")},
    {"unexpected", "", QT_TRANSLATE_NOOP("finding", "{what}")},
    {"in-run", "", QT_TRANSLATE_NOOP("finding", "run {run}: {fault}")},
    {"in-file", "", QT_TRANSLATE_NOOP("finding", "{file}: {fault}")},
    {"of-run", "", QT_TRANSLATE_NOOP("finding", "Run {run}: {text}.")},
};

}  // namespace

std::span<const Text> typedTexts() {
  return kTypedTexts;
}

}  // namespace distanz::words
