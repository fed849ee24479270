#include "app/kit/part_cells.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

QString said(const std::string& code) {
  return words::term(code);
}

/// Values that matter only to antennas of some shapes.
const char* shapeOf(const std::string& key) {
  if (key == "bend_deg") return "bent-dipole";
  if (key == "turns" || key == "pitch_deg") return "helix";
  if (key == "permittivity") return "patch";
  return nullptr;
}

/// Makes the fields of one place.
class Cells {
 public:
  Cells(Document& document, const PartPlace& place, const std::function<void(const QString&)>& see)
      : m_document(document), m_place(place), m_see(see) {}

  std::vector<PartCell> all() {
    const campaign::PartKind kind = m_place.kind(m_document.campaign());
    for (const campaign::PartField& f : campaign::partFields(kind)) value(f);
    for (const campaign::PartTrait& t : campaign::partTraits(kind)) trait(t);
    if (m_place.slot) ends();
    std::stable_partition(m_cells.begin(), m_cells.end(), [](const PartCell& c) { return c.first; });
    return std::move(m_cells);
  }

 private:
  void value(const campaign::PartField& f);
  QWidget* origin(const std::string& key, const QString& label);
  void trait(const campaign::PartTrait& t);
  void ends();
  void power();
  void pointing();
  template <class T, class Get, class Set>
  fields::Bound<T> ofEnds(const char* name, const QString& label, Get get, Set set) const;
  void add(const QString& caption, QWidget* field, bool first = false) {
    m_cells.push_back({fields::captioned(caption, field), first});
  }

  Document& m_document;
  const PartPlace m_place;
  const std::function<void(const QString&)> m_see;
  std::vector<PartCell> m_cells;
};

void Cells::value(const campaign::PartField& f) {
  const std::string key = f.key;
  const QString label = said("value-" + key);
  const QByteArray name = QByteArray("value-") + f.key;
  auto* number = fields::numberField(
      m_document,
      ofPart<std::optional<double>>(
          m_place, name.constData(), label, [key](const campaign::Part& p) { return p.value(key); },
          [key](campaign::Part& p, const std::optional<double>& v) {
            if (v)
              p.values[key] = {.value = *v};  // what was measured is typed over: claimed again
            else
              p.values.erase(key);
          }),
      key, f.unit, f.low, f.high);
  QWidget* box = fields::captioned(label, number);
  auto* column = qobject_cast<QVBoxLayout*>(box->layout());
  column->insertWidget(2, origin(key, label));
  PartCell cell{box, f.first};
  if (const char* only = shapeOf(key))
    cell.belongs = [only](const campaign::Part* p) { return p && p->trait("shape") == only; };
  m_cells.push_back(std::move(cell));
}

/// How a value is known, or the way to the record that measured it; keeps its room where there is no value.
QWidget* Cells::origin(const std::string& key, const QString& label) {
  std::vector<fields::Choice> origins;
  for (const auto& w : campaign::originWords())
    origins.push_back({w.word, said(std::string("origin-") + w.word)});
  auto* how = fields::choiceField(
      m_document,
      ofPart<std::string>(
          m_place, "origin", QObject::tr("how %1 is known").arg(label),
          [key](const campaign::Part& p) {
            const auto v = p.values.find(key);
            return std::string(
                campaign::originWords()[v == p.values.end() ? 0 : static_cast<std::size_t>(v->second.origin)]
                    .word);
          },
          [key](campaign::Part& p, const std::string& word) {
            const auto words = campaign::originWords();
            for (std::size_t i = 0; i < words.size(); ++i)
              if (word == words[i].word) p.values[key].origin = static_cast<campaign::Origin>(i);
          }),
      origins);
  how->setProperty("quiet", true);
  how->setObjectName("origin-" + QString::fromStdString(key));
  how->setFocusPolicy(Qt::ClickFocus);  // from field to field with Tab; how it is known is asked less often
  auto* see = new QPushButton(QObject::tr("measured: open the record"));
  see->setProperty("quiet", true);
  see->setObjectName("record-" + QString::fromStdString(key));
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->addWidget(how);
  row->addWidget(see);
  row->addStretch();
  QSizePolicy keeps = box->sizePolicy();
  keeps.setRetainSizeWhenHidden(true);
  box->setSizePolicy(keeps);
  box->setFixedHeight(18);
  const auto record = [place = m_place, key](const campaign::Campaign& c) -> std::optional<std::string> {
    const campaign::Part* p = place.find(c);
    if (!p || !p->values.contains(key)) return std::nullopt;
    return p->values.at(key).record;
  };
  const auto refresh = [box, how, see, record, &document = m_document] {
    const auto known = record(document.campaign());
    box->setVisible(known.has_value());
    how->setVisible(known && known->empty());
    see->setVisible(known && !known->empty());
  };
  QObject::connect(see, &QPushButton::clicked, box, [record, see_it = m_see, &document = m_document] {
    if (const auto known = record(document.campaign())) see_it(QString::fromStdString(*known));
  });
  QObject::connect(&m_document, &Document::changed, box, refresh);
  refresh();
  return box;
}

void Cells::trait(const campaign::PartTrait& t) {
  const std::string key = t.key;
  const QString label = said("trait-" + key);
  const auto bound = ofPart<std::string>(
      m_place, t.key, label, [key](const campaign::Part& p) { return p.trait(key); },
      [key](campaign::Part& p, const std::string& v) {
        if (v.empty())
          p.traits.erase(key);
        else
          p.traits[key] = v;
      });
  QWidget* field;
  if (t.words.empty()) {
    field = fields::textField(m_document, bound);
  } else {
    std::vector<fields::Choice> choices{{"", QObject::tr("not set")}};
    for (const char* w : t.words) choices.push_back({w, said((key == "hand" ? "word-" : key + "-") + w)});
    field = fields::choiceField(m_document, bound, choices);
  }
  field->setObjectName("trait-" + QString::fromStdString(key));
  add(label, field, t.first);
}

template <class T, class Get, class Set>
fields::Bound<T> Cells::ofEnds(const char* name, const QString& label, Get get, Set set) const {
  return {name, label, finding("change-part", {{"what", label.toStdString()}}),
          [place = m_place, get](const campaign::Campaign& c) {
            const campaign::SetupLink* ends = campaign::findEnds(c, place.setup, place.link);
            return ends ? T(get(*ends)) : T();
          },
          [place = m_place, set](campaign::Campaign& c, const T& value) {
            if (campaign::Setup* s = campaign::findSetup(c, place.setup)) set(s->links[place.link], value);
          }};
}

/// What belongs to the setup's end of the link rather than to the part.
void Cells::ends() {
  const campaign::Link* link = campaign::findLink(m_document.campaign(), m_place.link);
  if (m_place.slot == &campaign::kTransmitPower) power();
  const bool video = link && link->kind == campaign::LinkKind::Video;
  if (m_place.slot == (video ? &campaign::kReceiveGain : &campaign::kTransmitGain)) pointing();
}

void Cells::power() {
  using campaign::SetupLink;
  const struct {
    const char* name;
    QString label;
    bool SetupLink::*flag;
  } free[] = {{"automaticPower", QObject::tr("dynamic power"), &SetupLink::automatic_power},
              {"automaticBand", QObject::tr("automatic channel"), &SetupLink::automatic_band},
              {"automaticRate", QObject::tr("automatic rate"), &SetupLink::automatic_rate}};
  for (const auto& f : free) {
    auto bound = ofEnds<bool>(
        f.name, f.label, [flag = f.flag](const SetupLink& e) { return e.*flag; },
        [flag = f.flag](SetupLink& e, bool v) { e.*flag = v; });
    bound.step = finding("change-power-control");
    add({}, fields::flagField(m_document, bound), f.flag == &SetupLink::automatic_power);
  }
  const QString label = said("differs-packet-rate");
  add(label, fields::numberField(m_document,
                                 ofEnds<std::optional<double>>(
                                     "packetRate", label, [](const SetupLink& e) { return e.packet_rate_hz; },
                                     [](SetupLink& e, const std::optional<double>& v) { e.packet_rate_hz = v; }),
                                 "packet_rate", quantity::Unit::None, 0.1, campaign::limits::kModeHigh,
                                 QObject::tr("Hz")));
}

void Cells::pointing() {
  using campaign::SetupLink;
  std::vector<fields::Choice> choices;
  for (const auto& w : campaign::pointingWords())
    choices.push_back({w.word, *w.word ? said(std::string("pointing-") + w.word) : QObject::tr("not set")});
  const QString label = said("differs-pointing"), error = said("differs-pointing-error");
  add(label, fields::choiceField(
                 m_document,
                 ofEnds<std::string>(
                     "pointing", label,
                     [](const SetupLink& e) {
                       return campaign::pointingWords()[static_cast<std::size_t>(e.pointing)].word;
                     },
                     [](SetupLink& e, const std::string& word) {
                       const auto words = campaign::pointingWords();
                       for (std::size_t i = 0; i < words.size(); ++i)
                         if (word == words[i].word) e.pointing = static_cast<campaign::Pointing>(i);
                     }),
                 choices));
  add(error, fields::numberField(
                 m_document,
                 ofEnds<std::optional<double>>(
                     "pointingError", error, [](const SetupLink& e) { return e.pointing_error_deg; },
                     [](SetupLink& e, const std::optional<double>& v) { e.pointing_error_deg = v; }),
                 "pointing_error_deg", quantity::Unit::Degree, 0, 180));
}

}  // namespace

std::vector<PartCell> partCells(Document& document, const PartPlace& place,
                                const std::function<void(const QString&)>& see) {
  return Cells(document, place, see).all();
}

}  // namespace distanz::app
