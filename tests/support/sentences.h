#pragma once
#include "core/analysis/findings/findings.h"
#include "support/told.h"

/// The findings of the Compare stage as they are read.
namespace distanz::test {

using campaign::Campaign;

inline Said first(const std::vector<Finding>& findings) {
  return findings.empty() ? Said{} : said(findings.front());
}
inline Said verdictSentence(const Campaign& c, const analysis::Answers& a, const analysis::PairOnLink& p) {
  return said(analysis::verdictOf(c, a, p));
}
inline Said limitSentence(const Campaign& c, const analysis::Answers& a, const std::string& setup) {
  return said(analysis::limitOf(c, a, setup));
}
inline Said legSentence(const Campaign& c, const analysis::LegDifference& legs) {
  return first(analysis::legsOf(c, legs));
}
inline Said reducedSentence(const Campaign& c, const analysis::ReducedPower& reduced) {
  return said(analysis::reducedOf(c, reduced));
}
inline Said placeSentence(const analysis::Drawn& drawn, const std::string& link) {
  return first(analysis::placesOf(drawn, link));
}
inline Said nextStepSentence(const Campaign& c, const analysis::Answers& a) {
  return said(analysis::nextStep(c, a));
}
inline std::string rangeText(const analysis::RangeAnswer& range) {
  return told(analysis::toldRange(range));
}

}  // namespace distanz::test
