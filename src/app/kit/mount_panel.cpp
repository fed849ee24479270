#include "app/kit/mount_panel.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QPainter>

#include "app/shared/lane_plot.h"
#include "core/campaign/describe.h"
#include "core/campaign/kit.h"
#include "lanes/paper/mounting_paper.h"
#include "words/phrases.h"

namespace distanz::app {

using campaign::Mount;

namespace {

constexpr int kFields_px = 300;

}  // namespace

MountPanel::MountPanel(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  setObjectName("mountPanel");
  setMinimumHeight(152);
  auto* layout = new QHBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addStretch(1);
}

const Mount* MountPanel::find(const campaign::Campaign& c) const {
  const campaign::SetupLink* ends = campaign::findEnds(c, m_setup, m_link);
  return ends ? &ends->mount : nullptr;
}

void MountPanel::show(const std::string& setup, const std::string& link) {
  if (!m_fields || setup != m_setup || link != m_link) {
    if (m_fields) fields::finishTyping(m_fields);
    m_setup = setup;
    m_link = link;
    if (m_fields) m_fields->deleteLater();  // the signal may have come from there
    m_fields = new QWidget;
    m_fields->setFixedWidth(kFields_px);
    addFields();
    layout()->addWidget(m_fields);
  }
  refresh();
}

void MountPanel::refresh() {
  const campaign::Campaign& c = m_document.campaign();
  const campaign::Link* link = campaign::findLink(c, m_link);
  m_mounting = {};
  if (const campaign::SetupLink* ends = campaign::findEnds(c, m_setup, m_link); ends && link)
    m_mounting = plan::mountingOf(c, *link, *ends);
  update();
}

fields::Bound<bool> MountPanel::flag(const char* name, const QString& label, bool Mount::*member) const {
  return {name, label, finding("change-mount"),
          [this, member](const campaign::Campaign& c) {
            const Mount* m = find(c);
            return m && m->*member;
          },
          [this, member](campaign::Campaign& c, bool v) {
            if (campaign::Setup* s = campaign::findSetup(c, m_setup)) s->links[m_link].mount.*member = v;
          }};
}

fields::Bound<std::optional<double>> MountPanel::angle(const char* name, const QString& label,
                                                    std::optional<double> Mount::*member) const {
  return {name, label, finding("change-mount"),
          [this, member](const campaign::Campaign& c) {
            const Mount* m = find(c);
            return m ? m->*member : std::nullopt;
          },
          [this, member](campaign::Campaign& c, const std::optional<double>& v) {
            if (campaign::Setup* s = campaign::findSetup(c, m_setup)) s->links[m_link].mount.*member = v;
          }};
}

void MountPanel::addFields() {
  auto* grid = new QGridLayout(m_fields);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(2);
  std::vector<fields::Choice> places;
  for (const auto& w : campaign::mountPlaceWords())
    places.push_back({w.word, *w.word ? words::term(std::string("mount-") + w.word) : tr("not set")});
  auto* place = fields::choiceField(
      m_document,
      {"mountPlace", tr("Place on the airframe"), finding("change-mount"),
       [this](const campaign::Campaign& c) {
         const Mount* m = find(c);
         return std::string(campaign::mountPlaceWords()[m ? static_cast<std::size_t>(m->place) : 0].word);
       },
       [this](campaign::Campaign& c, const std::string& word) {
         const auto words = campaign::mountPlaceWords();
         campaign::Setup* s = campaign::findSetup(c, m_setup);
         for (std::size_t i = 0; s && i < words.size(); ++i)
           if (word == words[i].word) s->links[m_link].mount.place = static_cast<campaign::MountPlace>(i);
       }},
      places);
  grid->addWidget(fields::captioned(tr("Place on the airframe"), place), 0, 0, 1, 2);
  const auto number = [&](const char* name, const QString& label, std::optional<double> Mount::*member,
                          double low, double high, int column) {
    grid->addWidget(fields::captioned(label, fields::numberField(m_document, angle(name, label, member), name,
                                                           quantity::Unit::Degree, low, high)),
                    1, column);
  };
  number("mountAzimuth", tr("Azimuth, 0\u00b0 ahead"), &Mount::azimuth_deg, -360, 360, 0);
  number("mountElevation", tr("Elevation, 90\u00b0 upright"), &Mount::elevation_deg, -90, 90, 1);
  const struct {
    const char* name;
    const char* term;
    bool Mount::*member;
  } flags[] = {{"mountBent", "mount-bent", &Mount::bent},
               {"mountInside", "mount-inside", &Mount::inside},
               {"mountCovered", "mount-covered", &Mount::covered},
               {"mountCarbon", "mount-carbon", &Mount::near_carbon},
               {"mountBattery", "mount-battery", &Mount::near_battery}};
  int i = 0;
  for (const auto& f : flags) {
    grid->addWidget(fields::flagField(m_document, flag(f.name, words::term(f.term), f.member)), 2 + i / 2,
                    i % 2);
    ++i;
  }
  grid->setRowStretch(5, 1);
}

void MountPanel::paintEvent(QPaintEvent*) {
  QPainter p(this);
  const QRectF area(0, 0, width() - kFields_px - 16, height());
  lanes::paint(p, area, m_mounting, lanesLook(), std::max(m_document.markOf(m_setup), 0));
}

}  // namespace distanz::app
