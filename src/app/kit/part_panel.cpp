#include "app/kit/part_panel.h"

#include <QBuffer>
#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QImageReader>
#include <QLabel>
#include <QPixmap>
#include <QPushButton>
#include <algorithm>

#include "app/shared/photo.h"
#include "app/shared/text.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

QString said(const std::string& code) {
  return words::term(code);
}

campaign::PartKind kindOf(const PartPlace& place, const campaign::Part* part) {
  return part ? part->kind : place.slot ? place.slot->kind : campaign::PartKind::Antenna;
}

/// Values that matter only to antennas of some shapes.
bool belongs(const campaign::PartField& f, const std::string& shape) {
  const std::string_view key = f.key;
  if (key == "bend_deg") return shape == "bent-dipole";
  if (key == "turns" || key == "pitch_deg") return shape == "helix";
  if (key == "permittivity") return shape == "patch";
  return true;
}

}  // namespace

const campaign::Part* PartPlace::find(const campaign::Campaign& c) const {
  if (!slot) return campaign::findPart(c, part);
  const campaign::SetupLink* ends = campaign::findEnds(c, setup, link);
  return ends ? campaign::findPart(c, ends->*slot->part) : nullptr;
}

campaign::Part* PartPlace::own(campaign::Campaign& c) const {
  if (slot) return campaign::findSetup(c, setup) ? &campaign::ownPartAt(c, setup, link, *slot) : nullptr;
  const campaign::Part* found = campaign::findPart(c, part);
  return found ? &c.parts[static_cast<std::size_t>(found - c.parts.data())] : nullptr;
}

PartPanel::PartPanel(Document& document, QWidget* parent) : QScrollArea(parent), m_document(document) {
  setObjectName("partPanel");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  connect(&document, &Document::changed, this, [this] {
    if (isVisible() && shapeOf() != m_shape) build();
  });
}

void PartPanel::show(const PartPlace& place) {
  m_place = place;
  if (shapeOf() != m_shape) build();
}

std::string PartPanel::shapeOf() const {
  const campaign::Campaign& c = m_document.campaign();
  std::string out =
      m_place.setup + "/" + m_place.link + "/" + (m_place.slot ? m_place.slot->term : m_place.part);
  if (const campaign::Part* p = m_place.find(c)) {
    out += "|" + p->id + p->trait("shape");
    for (const auto& [key, v] : p->values) out += key + std::to_string(static_cast<int>(v.origin)) + v.record;
    for (const auto& f : p->photos) out += f.sha256;
    for (const std::string& s : campaign::setupsWith(c, p->id)) out += "," + s;
  }
  return out;
}

template <class T, class Get, class Set>
fields::Bound<T> PartPanel::ofPart(const char* name, const QString& label, Get get, Set set) const {
  return {name, label, finding("change-part", {{"what", label.toStdString()}}),
          [place = m_place, get](const campaign::Campaign& c) {
            const campaign::Part* p = place.find(c);
            return p ? T(get(*p)) : T();
          },
          [place = m_place, set](campaign::Campaign& c, const T& value) {
            if (campaign::Part* p = place.own(c)) set(*p, value);
          }};
}

template <class T, class Get, class Set>
fields::Bound<T> PartPanel::ofEnds(const char* name, const QString& label, Get get, Set set) const {
  return {name, label, finding("change-part", {{"what", label.toStdString()}}),
          [place = m_place, get](const campaign::Campaign& c) {
            const campaign::Setup* s = campaign::findSetup(c, place.setup);
            return s && s->links.contains(place.link) ? T(get(s->links.at(place.link))) : T();
          },
          [place = m_place, set](campaign::Campaign& c, const T& value) {
            if (campaign::Setup* s = campaign::findSetup(c, place.setup)) set(s->links[place.link], value);
          }};
}

void PartPanel::build() {
  m_shape = shapeOf();
  const bool antenna =
      kindOf(m_place, m_place.find(m_document.campaign())) == campaign::PartKind::Antenna;
  m_columns = !antenna ? 4 : m_place.slot ? 3 : 2;  // beside its pattern
  auto* content = new QWidget;
  auto* column = new QVBoxLayout(content);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(8);
  const campaign::Part* part = m_place.find(m_document.campaign());
  campaign::Part shown = part ? *part : campaign::Part();
  shown.kind = kindOf(m_place, part);
  if (m_place.slot || part) {
    addName(column);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(6);
    for (int i = 0; i < m_columns; ++i) grid->setColumnStretch(i, 1);
    int at = 0;
    addValues(grid, at, shown);
    addTraits(grid, at, shown);
    if (m_place.slot) addEnds(grid, at);
    column->addLayout(grid);
    column->addWidget(fields::textField(
        m_document, ofPart<std::string>(
                        "partNotes", tr("Notes"), [](const campaign::Part& p) { return p.notes; },
                        [](campaign::Part& p, const std::string& v) { p.notes = v; })));
    if (part) addPhotos(column);
  }
  column->addStretch(1);
  if (QWidget* old = takeWidget()) old->deleteLater();  // the signal may have come from it
  setWidget(content);
}

void PartPanel::addName(QVBoxLayout* column) {
  auto* row = new QHBoxLayout;
  const campaign::Campaign& c = m_document.campaign();
  const campaign::Part* part = m_place.find(c);
  auto* name = fields::textField(
      m_document, ofPart<std::string>(
                      "partName", tr("Name of this part"), [](const campaign::Part& p) { return p.name; },
                      [](campaign::Part& p, const std::string& v) { p.name = v; }));
  row->addWidget(name, 2);
  QStringList others;
  if (part)
    for (const std::string& s : campaign::setupsWith(c, part->id))
      if (s != m_place.setup) others << QString::fromStdString(s);
  auto* also = fields::small(
      others.isEmpty() ? QString() : (m_place.slot ? tr("also in %1") : tr("in %1")).arg(others.join(", ")));
  also->setObjectName("alsoIn");
  row->addWidget(also, 1);
  column->addLayout(row);
}

QWidget* PartPanel::valueField(const campaign::PartField& f) {
  const std::string key = f.key;
  const QString label = said("value-" + key);
  const QByteArray name = QByteArray("value-") + f.key;
  auto* box = new QWidget;
  box->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(2);
  auto* number = fields::numberField(
      m_document,
      ofPart<std::optional<double>>(
          name.constData(), label, [key](const campaign::Part& p) { return p.value(key); },
          [key](campaign::Part& p, const std::optional<double>& v) {
            if (v)
              p.values[key] = {.value = *v};  // what was measured is typed over: claimed again
            else
              p.values.erase(key);
          }),
      key, f.unit, f.low, f.high);
  layout->addWidget(fields::small(label));
  layout->addWidget(number);
  const campaign::Part* part = m_place.find(m_document.campaign());
  if (const auto value = part ? part->value(key) : std::nullopt)
    layout->addWidget(originField(key, label, part->values.at(key).record));
  layout->addStretch();
  return box;
}

/// How a value is known, or the way to the record that measured it.
QWidget* PartPanel::originField(const std::string& key, const QString& label, const std::string& record) {
  if (!record.empty()) {
    auto* see = new QPushButton(tr("measured: see the record"));
    see->setProperty("quiet", true);
    see->setObjectName("record-" + QString::fromStdString(key));
    connect(see, &QPushButton::clicked, this,
            [this, id = QString::fromStdString(record)] { emit recordRequested(id); });
    return see;
  }
  std::vector<fields::Choice> origins;
  for (const auto& w : campaign::originWords())
    origins.push_back({w.word, said(std::string("origin-") + w.word)});
  auto* origin = fields::choiceField(
      m_document,
      ofPart<std::string>(
          "origin", tr("how %1 is known").arg(label),
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
  origin->setProperty("quiet", true);
  origin->setObjectName("origin-" + QString::fromStdString(key));
  return origin;
}

void PartPanel::addValues(QGridLayout* grid, int& at, const campaign::Part& shown) {
  for (const campaign::PartField& f : campaign::partFields(shown.kind)) {
    if (!belongs(f, shown.trait("shape"))) continue;
    grid->addWidget(valueField(f), at / m_columns, at % m_columns);
    ++at;
  }
}

void PartPanel::addTraits(QGridLayout* grid, int& at, const campaign::Part& shown) {
  for (const campaign::PartTrait& t : campaign::partTraits(shown.kind)) {
    const std::string key = t.key;
    const QString label = said("trait-" + key);
    const QByteArray name = QByteArray("trait-") + t.key;
    const auto bound = ofPart<std::string>(
        t.key, label, [key](const campaign::Part& p) { return p.trait(key); },
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
      std::vector<fields::Choice> choices{{"", tr("not said")}};
      for (const char* w : t.words) choices.push_back({w, said((key == "hand" ? "word-" : key + "-") + w)});
      field = fields::choiceField(m_document, bound, choices);
    }
    field->setObjectName(name);
    grid->addWidget(fields::captioned(label, field), at / m_columns, at % m_columns, Qt::AlignTop);
    ++at;
  }
}

/// What belongs to the setup's end of the link rather than to the part.
void PartPanel::addEnds(QGridLayout* grid, int& at) {
  using campaign::SetupLink;
  const campaign::Link* link = campaign::findLink(m_document.campaign(), m_place.link);
  const auto add = [&](QWidget* field) {
    grid->addWidget(field, at / m_columns, at % m_columns, Qt::AlignTop), ++at;
  };
  if (m_place.slot == &campaign::kTransmitPower) {
    const struct {
      const char* name;
      QString label;
      bool SetupLink::*flag;
    } free[] = {{"automaticPower", tr("chooses its power"), &SetupLink::automatic_power},
                {"automaticBand", tr("chooses its band"), &SetupLink::automatic_band},
                {"automaticRate", tr("chooses its rate"), &SetupLink::automatic_rate}};
    for (const auto& f : free) {
      auto bound = ofEnds<bool>(
          f.name, f.label, [flag = f.flag](const SetupLink& e) { return e.*flag; },
          [flag = f.flag](SetupLink& e, bool v) { e.*flag = v; });
      bound.step = finding("change-power-control");
      add(fields::captioned({}, fields::flagField(m_document, bound)));
    }
    add(fields::captioned(
        said("differs-packet-rate"),
        fields::numberField(m_document,
                         ofEnds<std::optional<double>>(
                             "packetRate", said("differs-packet-rate"),
                             [](const SetupLink& e) { return e.packet_rate_hz; },
                             [](SetupLink& e, const std::optional<double>& v) { e.packet_rate_hz = v; }),
                         "packet_rate", quantity::Unit::None, 0.1, campaign::limits::kModeHigh, tr("Hz"))));
  }
  const bool video = link && link->kind == campaign::LinkKind::Video;
  if (m_place.slot != (video ? &campaign::kReceiveGain : &campaign::kTransmitGain)) return;
  std::vector<fields::Choice> choices;
  for (const auto& w : campaign::pointingWords())
    choices.push_back({w.word, *w.word ? said(std::string("pointing-") + w.word) : tr("not said")});
  add(fields::captioned(
      said("differs-pointing"),
      fields::choiceField(m_document,
                       ofEnds<std::string>(
                           "pointing", said("differs-pointing"),
                           [](const SetupLink& e) {
                             return campaign::pointingWords()[static_cast<std::size_t>(e.pointing)].word;
                           },
                           [](SetupLink& e, const std::string& word) {
                             const auto words = campaign::pointingWords();
                             for (std::size_t i = 0; i < words.size(); ++i)
                               if (word == words[i].word) e.pointing = static_cast<campaign::Pointing>(i);
                           }),
                       choices)));
  add(fields::captioned(
      said("differs-pointing-error"),
      fields::numberField(m_document,
                       ofEnds<std::optional<double>>(
                           "pointingError", said("differs-pointing-error"),
                           [](const SetupLink& e) { return e.pointing_error_deg; },
                           [](SetupLink& e, const std::optional<double>& v) { e.pointing_error_deg = v; }),
                       "pointing_error_deg", quantity::Unit::Degree, 0, 180)));
}

void PartPanel::addPhotos(QVBoxLayout* column) {
  const campaign::Part* part = m_place.find(m_document.campaign());
  auto* row = new QHBoxLayout;
  for (std::size_t i = 0; i < part->photos.size(); ++i) {
    auto* photo = new QPushButton;
    photo->setObjectName("photo_" + QString::number(i));
    photo->setAccessibleName(QString::fromStdString(part->photos[i].file));
    photo->setToolTip(plainTip(QString::fromStdString(part->photos[i].file)));
    photo->setFlat(true);
    withPhoto(m_document, part->id, part->photos[i], 96, photo, [photo](const QPixmap& picture) {
      if (picture.isNull())
        photo->setText(tr("cannot be shown"));
      else
        photo->setIcon(picture);
    });
    photo->setIconSize({96, 72});
    connect(photo, &QPushButton::clicked, this,
            [this, id = QString::fromStdString(part->id), i] { emit photoChosen(id, int(i)); });
    row->addWidget(photo);
  }
  auto* add = new QPushButton(tr("Add photos ..."));
  add->setObjectName("addPhotos");
  add->setProperty("flat", true);
  connect(add, &QPushButton::clicked, this,
          [this, id = QString::fromStdString(part->id)] { emit photosWanted(id); });
  row->addWidget(add);
  row->addStretch();
  column->addLayout(row);
}

}  // namespace distanz::app
