#include "core/analysis/sentences.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/analysis/sentence_parts.h"

namespace distanz::analysis {

namespace {

constexpr std::size_t kMostVerdicts = 15;  // ten for five setups; more are for the table, not for reading
constexpr std::size_t kMostSetups = 12;

struct List {
  std::vector<Sentence> sentences = {};
  void add(Sentence s) {
    if (!s.title.empty() || !s.text.empty()) sentences.push_back(std::move(s));
  }
};

bool decided(const PairOnLink& p) {
  return p.verdict == estimate::Verdict::ABetter || p.verdict == estimate::Verdict::BBetter;
}

void addVerdicts(const campaign::Campaign& c, const CampaignAnalysis& a, List& out) {
  std::vector<const PairOnLink*> pairs;
  for (const PairOnLink& p : a.comparisons)
    if (a.decides(p)) pairs.push_back(&p);
  std::stable_sort(pairs.begin(), pairs.end(),
                   [](const auto* x, const auto* y) { return decided(*x) > decided(*y); });
  for (std::size_t i = 0; i < std::min(pairs.size(), kMostVerdicts); ++i)
    out.add(verdictSentence(c, a, *pairs[i]));
  if (pairs.size() > kMostVerdicts)
    out.add({Tone::Result, fmt::format("{} more pairs", pairs.size() - kMostVerdicts),
             "They are in the data of this view (CSV) and in the command line's answer."});
}

void addLegs(const campaign::Campaign& c, const CampaignAnalysis& a, List& out) {
  for (const LegDifference& l : a.legs)
    if (const SetupOnLink* limit = a.limiting(l.setup); limit && limit->link == l.link)
      out.add(legSentence(c, l));
}

}  // namespace

std::string nameOf(const campaign::Campaign& c, const std::string& setup) {
  const campaign::Setup* found = campaign::findSetup(c, setup);
  return found && !found->name.empty() ? fmt::format("{} ({})", found->name, setup) : setup;
}

std::string partText(const std::string& part) {
  return part == "quality" ? "its link quality" : part == "bitrate" ? "its bitrate" : "its signal margin";
}

std::string countText(int n, const char* one, const char* several) {
  return fmt::format("{} {}", n, n == 1 ? one : several);
}

std::string distanceText(double d) {
  if (!std::isfinite(d)) return "no limit";
  return d >= 1000 ? fmt::format("{:.2f} km", d / 1000) : fmt::format("{:.0f} m", d);
}

std::string spanText(double low, double high) {
  if (!std::isfinite(high)) return distanceText(low) + " to no upper limit";
  if (low >= 1000) return fmt::format("{:.2f} to {}", low / 1000, distanceText(high));
  if (high < 1000) return fmt::format("{:.0f} to {}", low, distanceText(high));
  return distanceText(low) + " to " + distanceText(high);
}

std::string rangeText(const RangeAnswer& r) {
  if (r.status == Status::Withheld) return "not known";
  if (r.status == Status::AtLeast) {
    const std::string sure = r.confidence < estimate::defaults::kConfidence
                                 ? fmt::format(" ({:.0f} % sure)", 100 * r.confidence)
                                 : std::string();
    return "at least " + distanceText(r.at_least_m.value_or(0)) + sure;
  }
  return fmt::format("{} (95 %: {}{})", distanceText(*r.estimate_m),
                     spanText(r.low_m.value_or(0), r.high_m.value_or(INFINITY)),
                     r.status == Status::Extrapolated ? "; beyond what was flown" : "");
}

std::string probabilityWords(double p) {
  if (!(p >= 0 && p <= 1)) return "possibly";
  if (p >= 0.99) return "almost certainly";
  if (p >= 0.95) return "very likely";
  if (p >= 0.8) return "likely";
  if (p >= 0.6) return "more likely than not";
  if (p > 0.4) return "as likely as not";
  return "probably not";
}

Sentence cautionSentence(const Warning& w) {
  return {Tone::Caution,
          {},
          w.text,
          {},
          w.code == "flight-stands-out" || w.code == "flights-differ" ? w.run : std::string()};
}

std::vector<Sentence> findings(const campaign::Campaign& c, const CampaignAnalysis& a) {
  List out;
  addVerdicts(c, a, out);
  out.add(nextStep(c, a));
  std::size_t told = 0;
  for (const SetupAnswer& s : a.answers)
    if (told++ < kMostSetups) out.add(limitSentence(c, a, s.setup));
  for (const ReducedPower& r : a.reduced) out.add(reducedSentence(c, r));
  addLegs(c, a, out);
  if (!a.answers.empty())
    if (const SetupOnLink* first = a.limiting(a.answers.front().setup))
      out.add(placeSentence(a, first->link));
  for (const Warning& w : a.warnings) out.add(cautionSentence(w));
  return out.sentences;
}

}  // namespace distanz::analysis
