#pragma once
#include <string>
#include <vector>

#include "core/analysis/campaign_analysis.h"

/// What was found, in sentences a pilot can act on: the window, the command line and (later) the report say
/// the same.
namespace distanz::analysis {

/// "2.41 km" from 1 km, "860 m" below.
std::string distanceText(double distance_m);

/// "1.62 km (1.45 to 1.83)", "at least 2.10 km", or "not known".
std::string rangeText(const RangeAnswer& range);

/// How sure a probability is, in words: "almost certainly", "very likely", "likely", "as likely as not" ...
std::string probabilityWords(double p);

enum class Tone { Result, Advice, Caution };

struct Sentence {
  Tone tone = Tone::Result;
  std::string title;  ///< a few words that stand alone
  std::string text;
  std::string why = {};  ///< the figures that went in, a line each; empty where there is nothing to explain
  std::string run = {};  ///< the run it is about, where voiding it may be the remedy
};

/// The verdict on one pair: title says who is better, text says by how much and how sure.
Sentence verdictSentence(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                         const PairOnLink& pair);

/// What limits a setup, and at what distance.
Sentence limitSentence(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                       const std::string& setup);

/// Where a setup's way back differs from its way out, or the link came back much nearer than it was lost.
/// Empty title: nothing worth telling.
Sentence legSentence(const campaign::Campaign& campaign, const LegDifference& legs);

/// What flights at reduced power say of full power.
Sentence reducedSentence(const campaign::Campaign& campaign, const ReducedPower& reduced);

/// The stretch of path that costs every setup most. Empty title: none stands out.
Sentence placeSentence(const CampaignAnalysis& analysis, const std::string& link);

/// A warning as it is told, with the run that may be voided where that is its remedy.
Sentence cautionSentence(const Warning& warning);

/// What to do next to learn most: fly, change, or stop. Empty texts never occur.
Sentence nextStep(const campaign::Campaign& campaign, const CampaignAnalysis& analysis);

/// Everything for the Compare stage, most important first: verdicts, limits, next step, cautions.
std::vector<Sentence> findings(const campaign::Campaign& campaign, const CampaignAnalysis& analysis);

}  // namespace distanz::analysis
