#pragma once
#include <QString>
#include <exception>

#include "core/finding/finding.h"

/// The one room where findings become sentences.
///
/// A gap in a text is {name}, {name.low}, {name.high} or {name.span}, and may name a format behind a colon:
/// ".2" decimals, "+" with its sign, "#" without its unit, ".3g" significant digits, "short" as typed ("5.8
/// GHz"), "likely" a probability in words, "chance" one in per cent, "clock" seconds of the day as hours
/// and minutes, or a count of phrases.cpp ("flights": "3
/// flights"), or "list" with commas between findings.
namespace distanz::words {

struct Said {
  QString title;  ///< a few words that stand alone; may be empty
  QString text;
  QString why;  ///< the figures that went in, a line each; empty where there is nothing to explain
};

Said say(const Finding& finding);
/// The same without what is said after it, and without its figures: one line of a few.
Said sayAlone(Finding finding);
/// What one argument says by itself; findings with commas between them.
QString value(const Argument& argument);
/// The text alone, with what follows it.
QString sentence(const Finding& finding);
/// What an exception says: one line, what, where, what to do.
QString sentence(const std::exception& error);

}  // namespace distanz::words
