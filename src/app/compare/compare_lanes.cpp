#include "app/compare/compare_lanes.h"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/shared/theme.h"
#include "words/quantity.h"

namespace distanz::app {

using quantity::Unit;

namespace {

constexpr int kMostDrawn = 16;      // setups: twice the marks there are
constexpr double kPlaceBar_m = 38;  // of the 40 m that a stretch is long

QColor faint(QColor colour, float alpha) {
  colour.setAlphaF(alpha);
  return colour;
}

}  // namespace

CompareLanes::CompareLanes(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_plot(new LanePlot), m_wanted(kLanes, true) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(m_plot);
  m_plot->setObjectName("lanes");
  m_plot->addLane(tr("Signal"), tr("dBm"), 46);
  m_plot->addLane(tr("What the place gives or takes, whatever is flown"), tr("dB"), 15);
  m_plot->addLane(tr("Link quality"), tr("%"), 17);
  m_plot->addLane(tr("Bitrate"), tr("Mbit/s"), 17);
  m_plot->addLane(tr("Dropouts: strokes where the link was below the rule"), {}, 17);
  m_plot->addLane(tr("Residuals: what neither flight nor place explains"), tr("dB"), 17);
  m_wanted[Residuals] = false;
}

QString CompareLanes::nameOf(Lane lane) {
  switch (lane) {
    case Signal:
      return tr("Signal");
    case Place:
      return tr("Place profile");
    case Quality:
      return tr("Link quality");
    case Bitrate:
      return tr("Bitrate");
    case Dropouts:
      return tr("Dropouts");
    case Residuals:
      return tr("Residuals");
    case kLanes:
      break;
  }
  return {};
}

int CompareLanes::markOf(const std::string& setup) const {
  const auto& setups = m_document.analysedCampaign().setups;
  const auto found = std::find_if(setups.begin(), setups.end(), [&](const auto& s) { return s.id == setup; });
  return found == setups.end() ? 0 : int(found - setups.begin());
}

bool CompareLanes::drawn(const std::string& setup) const {
  return markOf(setup) < kMostDrawn;
}

bool CompareLanes::hasBitrate(const std::string& link) const {
  for (const auto& r : m_document.analysis().reductions)
    if (const auto found = r.links.find(link); found != r.links.end() && found->second.has_bitrate)
      return true;
  return false;
}

void CompareLanes::draw(const std::string& link) {
  std::vector<bool> shown = m_wanted;
  shown[Bitrate] = shown[Bitrate] && hasBitrate(link);
  m_plot->showLanes(shown);
  m_plot->setAxisEnd(m_document.axisEnd_m());
  m_plot->setRange(Signal, -120, -40);
  m_plot->setRange(Quality, 0, 104);
  if (m_document.analysis().runs.empty()) {
    m_plot->note(Signal,
                 m_document.analysing()
                     ? tr("Analysing ...")
                     : tr("No run yet: bring logs in at Runs, and they are overlaid here by distance"));
  } else {
    drawRuns(link);
    drawModels(link);
    drawRules(link);
    drawPlaces(link);
    drawResiduals(link);
    drawDropouts(link);
  }
  m_plot->setPicked(m_document.picked());
}

void CompareLanes::drawRuns(const std::string& link) {
  const auto& a = m_document.analysis();
  double low = 0, high = -200, top = 1;
  for (std::size_t i = 0; i < a.reductions.size(); ++i) {
    const auto found = a.reductions[i].links.find(link);
    if (found == a.reductions[i].links.end()) continue;
    drawRun(i, found->second);
    for (const double v : found->second.signal.out.value) {
      low = std::min(low, v);
      high = std::max(high, v);
    }
    top = std::max(top, found->second.top_bitrate_mbps);
  }
  if (high > low) m_plot->setRange(Signal, low - 4, std::min(high, low + 75) + 4);
  m_plot->setRange(Bitrate, 0, top * 1.06);
}

void CompareLanes::drawRun(std::size_t run, const analysis::LinkReduction& reduced) {
  const auto& r = m_document.analysedCampaign().runs[run];
  if (!drawn(r.setup)) return;
  const bool used = m_document.analysis().runs[run].used && !reduced.left_out;
  QPen pen;
  pen.setWidth(0);  // cosmetic: drawn several times as fast as a stroked line
  pen.setColor(used ? faint(theme::setupColour(markOf(r.setup)), 0.5F) : faint(theme::tokens().muted, 0.25F));
  const std::pair<int, const log::LegTraces*> lanes[] = {
      {Signal, &reduced.signal}, {Quality, &reduced.quality}, {Bitrate, &reduced.bitrate}};
  for (const auto& [lane, legs] : lanes) {
    if (lane != Signal && reduced.reduced_db > 0)
      continue;  // at less power they fail elsewhere; the signal is referred to full power
    if (r.legs != campaign::Legs::Back) m_plot->line(lane, legs->out.distance_m, legs->out.value, pen);
    if (r.legs != campaign::Legs::Out) m_plot->line(lane, legs->back.distance_m, legs->back.value, pen);
  }
}

void CompareLanes::drawModels(const std::string& link) {
  for (const auto& result : m_document.analysis().setups) {
    if (result.link != link || !drawn(result.setup)) continue;
    const int mark = markOf(result.setup);
    m_plot->band(Signal, result.curve.distance_m, result.curve.low_dbm, result.curve.high_dbm,
                 theme::setupColour(mark));
    m_plot->line(Signal, result.curve.distance_m, result.curve.level_dbm, theme::setupPen(mark, 2.6));
  }
  for (const auto& result : m_document.analysis().setups)  // above every band
    if (result.link == link && drawn(result.setup)) drawFlights(result, markOf(result.setup));
}

void CompareLanes::drawFlights(const analysis::SetupOnLink& result, int mark) {
  std::vector<LanePlot::Dot> dots;
  for (const analysis::FlightLevel& f : result.flights)
    dots.push_back({f.turned_at_m, f.level_dbm, QString::fromStdString(f.run), f.stands_out});
  m_plot->dots(Signal, dots, theme::setupColour(mark));
}

void CompareLanes::drawRules(const std::string& link) {
  for (const auto& result : m_document.analysis().setups) {
    if (result.link != link || !result.critical_dbm) continue;
    m_plot->floor(Signal, *result.critical_dbm,
                  tr("critical level %1: below it the rule fails")
                      .arg(words::quantity(*result.critical_dbm, Unit::Dbm)));
    break;  // one receiver, one level
  }
  const campaign::Link* l = campaign::findLink(m_document.analysedCampaign(), link);
  if (l && l->rule.lq_min_pct)
    m_plot->floor(Quality, *l->rule.lq_min_pct,
                  tr("rule %1").arg(words::quantity(*l->rule.lq_min_pct, Unit::Percent)));
  if (l && l->rule.bitrate_min_mbps)
    m_plot->floor(Bitrate, *l->rule.bitrate_min_mbps,
                  tr("rule %1").arg(words::quantity(*l->rule.bitrate_min_mbps, Unit::MegabitPerSecond)));
}

void CompareLanes::drawPlaces(const std::string& link) {
  const analysis::PlaceProfile* profile = m_document.analysis().profile(link);
  m_plot->setRange(Place, -8, 8);
  if (!profile) return m_plot->note(Place, tr("no signal to tell places apart by"));
  std::vector<double> takes_at, takes, gives_at, gives;
  double most = 6;
  for (std::size_t i = 0; i < profile->distance_m.size(); ++i) {
    const double off = profile->off_line_db[i];
    most = std::max(most, std::abs(off));
    (off < 0 ? takes_at : gives_at).push_back(profile->distance_m[i]);
    (off < 0 ? takes : gives).push_back(off);
  }
  m_plot->setRange(Place, -most * 1.1, most * 1.1);
  m_plot->bars(Place, gives_at, gives, kPlaceBar_m, theme::tokens().hairline);
  m_plot->bars(Place, takes_at, takes, kPlaceBar_m, theme::tokens().muted);
}

void CompareLanes::drawResiduals(const std::string& link) {
  double most = 4;
  for (const analysis::RunResiduals& r : m_document.analysis().residuals) {
    if (r.link != link) continue;
    const campaign::Run* run = campaign::findRun(m_document.analysedCampaign(), r.run);
    if (run && !drawn(run->setup)) continue;
    QPen pen(faint(theme::setupColour(markOf(run ? run->setup : std::string())), 0.6F));
    pen.setWidth(0);
    m_plot->line(Residuals, r.distance_m, r.residual_db, pen);
    for (double v : r.residual_db) most = std::max(most, std::abs(v));
  }
  m_plot->setRange(Residuals, -most * 1.1, most * 1.1);
}

void CompareLanes::drawDropouts(const std::string& link) {
  const auto& c = m_document.analysedCampaign();
  std::vector<std::vector<std::size_t>> runs_of(c.setups.size());
  for (std::size_t i = 0; i < c.runs.size(); ++i)
    if (const auto& links = m_document.analysis().reductions[i].links;
        links.contains(link) && links.at(link).reduced_db == 0)
      runs_of.at(size_t(markOf(c.runs[i].setup))).push_back(i);
  QStringList names;
  for (std::size_t s = 0; s < std::min(c.setups.size(), std::size_t(kMostDrawn)); ++s) {
    names << QString::fromStdString(campaign::letterOf(c, s));
    std::vector<LanePlot::Stroke> strokes;
    for (std::size_t k = 0; k < runs_of[s].size(); ++k) {
      const double row =
          double(s) - 0.3 + 0.6 * double(k) / std::max<double>(double(runs_of[s].size()) - 1, 1);
      for (const log::Dropout& d :
           m_document.analysis().reductions[runs_of[s][k]].links.at(link).events.dropouts)
        if (std::isfinite(d.begin_m) && std::isfinite(d.end_m))
          strokes.push_back({std::min(d.begin_m, d.end_m) - 3, std::max(d.begin_m, d.end_m) + 3, row});
    }
    QPen pen(theme::setupColour(int(s)), 2);
    pen.setCapStyle(Qt::FlatCap);
    m_plot->strokes(Dropouts, strokes, pen);
  }
  m_plot->setRows(Dropouts, names);
}

}  // namespace distanz::app
