#include "app/kit/cards.h"

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "app/shared/badge.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/kit.h"
#include "core/campaign/limits.h"
#include "core/campaign/typed.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

using quantity::Kind;
namespace lim = campaign::limits;

QLabel* small(const QString& text) {
  auto* label = plainLabel(text);
  label->setProperty("small", true);
  return label;
}

}  // namespace

KitCard::KitCard(Document& document, QWidget* parent) : QFrame(parent), m_document(document) {
  QFrame::setObjectName("card");
}

QuantityEdit* KitCard::field(const Field& about, Get get, Set set) {
  auto* edit = new QuantityEdit(about.kind, about.limits, about.optional);
  edit->field()->setObjectName(about.name);
  edit->field()->setAccessibleName(about.label);
  edit->field()->setPlaceholderText(about.hint);
  edit->show(get(m_document.campaign()));
  connect(edit, &QuantityEdit::committed, this,
          [this, set, name = std::string(about.name)](std::optional<double> value) {
            campaign::Campaign next = m_document.campaign();
            set(next, value);
            m_document.edit(finding("change-field", {{"field", Term{"field-" + name}}}), next);
          });
  connect(&m_document, &Document::changed, edit,
          [this, edit, get] { edit->show(get(m_document.campaign())); });
  return edit;
}

QLineEdit* KitCard::text(const QString& placeholder,
                         std::function<std::string(const campaign::Campaign&)> get,
                         std::function<void(campaign::Campaign&, const std::string&)> set,
                         const Finding& what) {
  auto* edit = new QLineEdit(QString::fromStdString(get(m_document.campaign())));
  edit->setPlaceholderText(placeholder);
  edit->setAccessibleName(placeholder);
  connect(edit, &QLineEdit::editingFinished, this, [this, edit, set, what] {
    campaign::Campaign next = m_document.campaign();
    set(next, edit->text().trimmed().toStdString());
    m_document.edit(what, next);
  });
  connect(&m_document, &Document::changed, edit, [this, edit, get] {
    if (!(edit->hasFocus() && edit->isModified()))
      edit->setText(QString::fromStdString(get(m_document.campaign())));
  });
  return edit;
}

LinkCard::LinkCard(Document& document, const std::string& id, QWidget* parent) : KitCard(document, parent) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(12, 10, 12, 12);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(4);
  const campaign::Link* link = campaign::findLink(document.campaign(), id);
  const bool video = link && link->kind == campaign::LinkKind::Video;
  auto* title = plainLabel(tr("%1 link").arg(QString::fromStdString(id)));
  title->setProperty("section", true);
  grid->addWidget(title, 0, 0, 1, 2);
  grid->addWidget(small(video ? tr("aircraft to ground") : tr("ground to aircraft")), 0, 2);
  grid->addWidget(removeButton(id), 0, video ? 4 : 3, Qt::AlignRight);
  const std::vector<Row> rows = rowsOf(id, video);
  for (std::size_t i = 0; i < rows.size(); ++i) {
    grid->addWidget(small(rows[i].field.label), 1, int(i), Qt::AlignBottom);
    grid->addWidget(field(rows[i].field, rows[i].get, rows[i].set), 2, int(i), Qt::AlignTop);
  }
  auto* modes = modesField(id);
  auto* caption = small(tr("Sensitivity per packet rate or mode, where it changes"));
  grid->addWidget(caption, 3, 0, 1, 2, Qt::AlignVCenter);
  grid->addWidget(modes, 3, 2, 1, -1);
}

std::vector<LinkCard::Row> LinkCard::rowsOf(const std::string& id, bool video) {
  const auto read = [id](std::function<std::optional<double>(const campaign::Link&)> member) -> Get {
    return [id, member](const campaign::Campaign& c) {
      const campaign::Link* l = campaign::findLink(c, id);
      return l ? member(*l) : std::nullopt;
    };
  };
  const auto write = [id](std::function<void(campaign::Link&, std::optional<double>)> member) -> Set {
    return [id, member](campaign::Campaign& c, std::optional<double> v) {
      if (campaign::Link* l = campaign::findLink(c, id)) member(*l, v);
    };
  };
  std::vector<Row> rows;
  rows.push_back({{"frequency",
                   tr("Frequency"),
                   Kind::Frequency,
                   {lim::kFrequencyLow_mhz, lim::kFrequencyHigh_mhz},
                   false,
                   tr("5.8 GHz")},
                  read([](const campaign::Link& l) { return std::optional(l.frequency_mhz); }),
                  write([](campaign::Link& l, auto v) { l.frequency_mhz = v.value_or(l.frequency_mhz); })});
  rows.push_back({{"sensitivity",
                   tr("Sensitivity"),
                   Kind::Level,
                   {lim::kLevelLow_dbm, lim::kLevelHigh_dbm},
                   true,
                   tr("-108 dBm")},
                  read([](const campaign::Link& l) { return l.sensitivity_dbm; }),
                  write([](campaign::Link& l, auto v) { l.sensitivity_dbm = v; })});
  addRule(rows, read, write, video);
  return rows;
}

void LinkCard::addRule(std::vector<Row>& rows, const Read& read, const Write& write, bool video) {
  rows.push_back({{"margin",
                   tr("Usable above it by"),
                   Kind::Loss,
                   {-lim::kMarginHigh_db, lim::kMarginHigh_db},
                   true,
                   tr("0 dB")},
                  read([](const campaign::Link& l) { return l.rule.margin_db; }),
                  write([](campaign::Link& l, auto v) { l.rule.margin_db = v; })});
  rows.push_back({{"lqMin", tr("Least link quality"), Kind::Percent, {0.1, 99.9}, true, tr("70 %")},
                  read([](const campaign::Link& l) { return l.rule.lq_min_pct; }),
                  write([](campaign::Link& l, auto v) { l.rule.lq_min_pct = v; })});
  if (video)
    rows.push_back({{"bitrateMin",
                     tr("Least bitrate"),
                     Kind::Bitrate,
                     {0.001, lim::kBitrateHigh_mbps},
                     true,
                     tr("8 Mbit/s")},
                    read([](const campaign::Link& l) { return l.rule.bitrate_min_mbps; }),
                    write([](campaign::Link& l, auto v) { l.rule.bitrate_min_mbps = v; })});
  rows.push_back(
      {{"gap", tr("Dips allowed, shorter than"), Kind::Length, {0, lim::kGapHigh_m}, true, tr("0 m")},
       read([](const campaign::Link& l) { return l.rule.gap_m; }),
       write([](campaign::Link& l, auto v) { l.rule.gap_m = v; })});
}

QPushButton* LinkCard::removeButton(const std::string& id) {
  auto* remove = new QPushButton(tr("Remove"));
  remove->setProperty("flat", true);
  remove->setObjectName("removeLink_" + QString::fromStdString(id));
  remove->setAccessibleName(tr("Remove the %1 link").arg(QString::fromStdString(id)));
  connect(remove, &QPushButton::clicked, this, [this, id] {
    m_document.edit(finding("remove-link", {{"link", id}}), campaign::withoutLink(m_document.campaign(), id));
  });
  return remove;
}

TextEdit* LinkCard::modesField(const std::string& id) {
  auto* edit = new TextEdit([this, id](const QString& text) {
    const campaign::TypedModes typed = campaign::parseModes(text.toStdString());
    if (typed.problem) return words::sentence(*typed.problem);
    campaign::Campaign next = m_document.campaign();
    if (campaign::Link* l = campaign::findLink(next, id)) l->modes = typed.modes;
    m_document.edit(finding("change-modes"), next);
    return QString();
  });
  edit->field()->setObjectName("modes_" + QString::fromStdString(id));
  edit->field()->setAccessibleName(tr("Sensitivity per packet rate or mode"));
  edit->field()->setPlaceholderText(tr("50 Hz: -112 dBm; 150 Hz: -107 dBm"));
  const auto showModes = [this, edit, id] {
    const campaign::Link* l = campaign::findLink(m_document.campaign(), id);
    if (l) edit->showText(words::modes(l->modes));
  };
  showModes();
  connect(&m_document, &Document::changed, edit, showModes);
  connect(edit, &CheckedEdit::accepted, edit, showModes);
  return edit;
}

SetupCard::SetupCard(Document& document, const std::string& id, QWidget* parent) : KitCard(document, parent) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(12, 10, 12, 12);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(4);
  const int mark = document.markOf(id);
  if (mark < 0) return;
  grid->addWidget(new Badge(campaign::letterOf(document.campaign(), std::size_t(mark)), mark), 0, 0, 2, 1,
                  Qt::AlignTop);
  addNames(grid, id);
  auto* remove = new QPushButton(tr("Remove"));
  remove->setProperty("flat", true);
  remove->setAccessibleName(tr("Remove setup %1").arg(QString::fromStdString(id)));
  grid->addWidget(remove, 0, 6, Qt::AlignRight);
  connect(remove, &QPushButton::clicked, this, [this, id] {
    campaign::Campaign next = m_document.campaign();
    next = campaign::withoutSetup(next, id);
    m_document.edit(finding("remove-setup", {{"setup", id}}), next);
  });
  const QString heads[] = {tr("link"),
                           tr("transmit power"),
                           tr("transmit antenna"),
                           tr("cable loss there"),
                           tr("receive antenna"),
                           tr("cable loss there"),
                           tr("power control")};
  for (int i = 0; i < 7; ++i) grid->addWidget(small(heads[i]), 2, i, Qt::AlignBottom);
  for (std::size_t i = 0; i < document.campaign().links.size(); ++i)
    linkRow(grid, 3 + int(i), id, document.campaign().links[i]);
}

void SetupCard::addNames(QGridLayout* grid, const std::string& id) {
  auto* name = text(
      tr("Name of this setup"),
      [id](const auto& c) {
        const auto* s = campaign::findSetup(c, id);
        return s ? s->name : std::string();
      },
      [id](auto& c, const std::string& v) {
        if (auto* s = campaign::findSetup(c, id)) s->name = v;
      },
      finding("rename-setup", {{"setup", id}}));
  name->setObjectName("name_" + QString::fromStdString(id));
  name->setFont(theme::bodyFont(15, true));
  grid->addWidget(name, 0, 1, 1, 5);
  auto* differs = text(
      tr("What differs from the others"),
      [id](const auto& c) {
        const auto* s = campaign::findSetup(c, id);
        return s ? s->differs : std::string();
      },
      [id](auto& c, const std::string& v) {
        if (auto* s = campaign::findSetup(c, id)) s->differs = v;
      },
      finding("describe-setup", {{"setup", id}}));
  differs->setObjectName("differs_" + QString::fromStdString(id));
  grid->addWidget(differs, 1, 1, 1, 6);
}

void SetupCard::linkRow(QGridLayout* grid, int row, const std::string& setup, const campaign::Link& link) {
  const std::string id = link.id;
  const auto value = [setup, id](const campaign::Slot& slot) -> Get {
    return [setup, id, &slot](const campaign::Campaign& c) -> std::optional<double> {
      const campaign::Setup* s = campaign::findSetup(c, setup);
      return s && s->links.contains(id) ? campaign::valueAt(c, s->links.at(id), slot) : std::nullopt;
    };
  };
  const auto set = [setup, id](const campaign::Slot& slot) -> Set {
    return [setup, id, &slot](campaign::Campaign& c, std::optional<double> v) {
      campaign::setValueAt(c, setup, id, slot, v);
    };
  };
  auto* name = plainLabel(QString::fromStdString(id));
  name->setContentsMargins(0, 6, 0, 0);  // on the line of the fields' text
  grid->addWidget(name, row, 0, Qt::AlignTop);
  const QuantityEdit::Limits power{lim::kPowerLow_dbm, lim::kPowerHigh_dbm},
      gain{lim::kGainLow_dbi, lim::kGainHigh_dbi}, loss{0, lim::kLossHigh_db};
  const struct {
    Field info;
    const campaign::Slot& slot;
  } columns[] = {
      {{"power", tr("Transmit power"), Kind::Power, power, true, tr("250 mW")}, campaign::kTransmitPower},
      {{"txGain", tr("Transmit antenna gain"), Kind::Gain, gain, true, tr("2 dBi")}, campaign::kTransmitGain},
      {{"txLoss", tr("Transmit cable loss"), Kind::Loss, loss, true, tr("0.5 dB")}, campaign::kTransmitLoss},
      {{"rxGain", tr("Receive antenna gain"), Kind::Gain, gain, true, tr("8 dBi")}, campaign::kReceiveGain},
      {{"rxLoss", tr("Receive cable loss"), Kind::Loss, loss, true, tr("0.5 dB")}, campaign::kReceiveLoss}};
  for (int i = 0; i < 5; ++i)
    grid->addWidget(field(columns[i].info, value(columns[i].slot), set(columns[i].slot)), row, 1 + i,
                    Qt::AlignTop);
  grid->addWidget(automaticBox(setup, id), row, 6, Qt::AlignTop);
}

QWidget* SetupCard::automaticBox(const std::string& setup, const std::string& id) {
  auto* automatic = new QCheckBox(tr("automatic"));
  automatic->setObjectName("automatic_" + QString::fromStdString(setup) + "_" + QString::fromStdString(id));
  automatic->setMinimumHeight(28);  // on the line of the fields' text
  automatic->setToolTip(
      tr("The transmitter chooses its power: without a power column in its log, a run cannot be compared"));
  const auto chosen = [setup, id](const campaign::Campaign& c) {
    const campaign::Setup* s = campaign::findSetup(c, setup);
    return s && s->links.contains(id) && s->links.at(id).automatic_power;
  };
  automatic->setChecked(chosen(m_document.campaign()));
  connect(&m_document, &Document::changed, automatic,
          [this, automatic, chosen] { automatic->setChecked(chosen(m_document.campaign())); });
  connect(automatic, &QCheckBox::clicked, this, [this, setup, id](bool on) {
    campaign::Campaign next = m_document.campaign();
    if (auto* s = campaign::findSetup(next, setup)) s->links[id].automatic_power = on;
    m_document.edit(finding("change-power-control"), next);
  });
  return automatic;
}

}  // namespace distanz::app
