#include "app/compare/compare_sheets.h"

#include <algorithm>

#include "app/shared/lane_plot.h"
#include "core/analysis/findings/beyond.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/reading.h"
#include "lanes/paper/segments_paper.h"
#include "lanes/paper/sides_paper.h"
#include "lanes/paper/steps_paper.h"
#include "words/say.h"

namespace distanz::app {
namespace {

lanes::SegmentsSheet segmentsOf(const Document& d, const std::string& link) {
  return {d.analysedCampaign(), d.analysis(), link};
}

lanes::SidesSheet sidesOf(const Document& d, const std::string& link) {
  return {d.analysedCampaign(), d.analysis(), link};
}

lanes::StepsSheet stepsOf(const Document& d, const std::string& link) {
  return {d.analysedCampaign(), d.analysis(), link, d.axisEnd_m()};
}

template <class Of>
SheetPage::Sheet sheetOf(const Document& d, const std::string& link, Of of) {
  return {[&d, link, of](double width) { return lanes::heightOf(of(d, link), width); },
          [&d, link, of](QPainter& p, double width) { lanes::paint(p, width, of(d, link), lanesLook()); },
          {},
          {}};
}

template <class List>
bool noneOn(const List& list, const std::string& link) {
  return std::none_of(list.begin(), list.end(), [&](const auto& item) { return item.link == link; });
}

QString emptyText(ComparePage page, const Document& d, const std::string& link) {
  const analysis::CampaignAnalysis& a = d.analysis();
  if (a.runs.empty()) return QObject::tr("No run yet. Import logs under Runs.");
  if (page == ComparePage::Stretches && noneOn(a.segments, link))
    return QObject::tr("No flight over a named section yet. Name sections of the path under Plan, Points.");
  if (page == ComparePage::Sides && noneOn(a.sides, link))
    return QObject::tr("No log with positions and signal on this link yet.");
  const bool charge = std::any_of(a.reductions.begin(), a.reductions.end(), [](const auto& r) { return std::isfinite(r.energy.total_mah) || std::isfinite(r.energy.first_v); });
  if (page == ComparePage::Steps && noneOn(a.steps, link) && noneOn(a.freezes, link) && !charge)
    return QObject::tr("No log with packet rate, bitrate, delay or battery on this link yet.");
  return {};
}

}  // namespace

SheetPage::Sheet compareSheet(ComparePage page, const Document& d, const std::string& link) {
  SheetPage::Sheet out = page == ComparePage::Stretches ? sheetOf(d, link, &segmentsOf)
                         : page == ComparePage::Sides   ? sheetOf(d, link, &sidesOf)
                                                        : sheetOf(d, link, &stepsOf);
  out.empty = emptyText(page, d, link);
  QStringList said;
  for (const Finding& f : compareFindings(page, d, link)) said << words::sentence(f);
  out.said = out.empty.isEmpty() ? said.join(" ") : out.empty;
  return out;
}

QByteArray compareCsv(ComparePage page, const Document& d, const std::string& link) {
  return QByteArray::fromStdString(page == ComparePage::Path        ? analysis::lanesCsv(d.analysedCampaign(), d.analysis(), link)
                                   : page == ComparePage::Stretches ? lanes::csvOf(segmentsOf(d, link))
                                   : page == ComparePage::Sides     ? lanes::csvOf(sidesOf(d, link))
                                                                    : lanes::csvOf(stepsOf(d, link)));
}

std::vector<Finding> compareFindings(ComparePage page, const Document& d, const std::string& link) {
  const campaign::Campaign& c = d.analysedCampaign();
  const analysis::CampaignAnalysis& a = d.analysis();
  if (page == ComparePage::Stretches) return analysis::segmentsTold(c, a, link);
  if (page == ComparePage::Sides) return analysis::sidesTold(c, a, link);
  if (page == ComparePage::Path) return analysis::findings(c, a);
  std::vector<Finding> out = analysis::stepsTold(c, a, link);
  for (Finding& f : analysis::energyTold(c, a)) out.push_back(std::move(f));
  return out;
}

}  // namespace distanz::app
