#include "app/kit/cards.h"

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/limits.h"
#include "core/campaign/typed.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

using quantity::Kind;
namespace lim = campaign::limits;

/// Receivers that nobody calibrated, but that read alike.
fields::Bound<bool> oneScale(const std::string& id) {
  return {"oneScale", QObject::tr("all receivers show the same signal scale"), finding("change-field", {{"field", Term{"field-oneScale"}}}),
          [id](const campaign::Campaign& c) {
            const campaign::Link* l = campaign::findLink(c, id);
            return l && l->one_scale;
          },
          [id](campaign::Campaign& c, bool v) {
            if (campaign::Link* l = campaign::findLink(c, id)) l->one_scale = v;
          }};
}

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
  grid->addWidget(removeButton(id), 0, 3, Qt::AlignRight);
  const std::vector<Row> rows = rowsOf(id, video);
  constexpr int kColumns = 4;
  for (std::size_t i = 0; i < rows.size(); ++i) {
    const int row = 1 + 2 * int(i / kColumns), column = int(i % kColumns);
    grid->addWidget(small(rows[i].field.label), row, column, Qt::AlignBottom);
    grid->addWidget(field(rows[i].field, rows[i].get, rows[i].set), row + 1, column, Qt::AlignTop);
  }
  auto* modes = modesField(id);
  auto* caption = small(tr("Sensitivity per packet rate or mode"));
  grid->addWidget(caption, 7, 0, 1, 2, Qt::AlignVCenter);
  grid->addWidget(modes, 7, 2, 1, -1);
  grid->addWidget(fields::flagField(document, oneScale(id)), 8, 0, 1, -1);
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
  rows.push_back(
      {{"bandwidth", tr("Bandwidth"), Kind::Frequency, {0.0001, lim::kFrequencyHigh_mhz}, true, tr("20 MHz")},
       read([](const campaign::Link& l) { return l.bandwidth_mhz; }),
       write([](campaign::Link& l, auto v) { l.bandwidth_mhz = v; })});
  rows.push_back({{"noiseFigure", tr("Noise figure"), Kind::Loss, {0, lim::kNoiseFigureHigh_db}, true, tr("6 dB")},
                  read([](const campaign::Link& l) { return l.noise_figure_db; }),
                  write([](campaign::Link& l, auto v) { l.noise_figure_db = v; })});
  rows.push_back({{"neededSnr", tr("Required SNR"), Kind::Loss, {lim::kSnrLow_db, lim::kSnrHigh_db}, true, tr("10 dB")},
                  read([](const campaign::Link& l) { return l.needed_snr_db; }),
                  write([](campaign::Link& l, auto v) { l.needed_snr_db = v; })});
  rows.push_back({{"eirpLimit",
                   tr("EIRP limit here"),
                   Kind::Power,
                   {lim::kPowerLow_dbm, lim::kPowerHigh_dbm},
                   true,
                   tr("25 mW")},
                  read([](const campaign::Link& l) { return l.eirp_limit_dbm; }),
                  write([](campaign::Link& l, auto v) { l.eirp_limit_dbm = v; })});
  return rows;
}

void LinkCard::addRule(std::vector<Row>& rows, const Read& read, const Write& write, bool video) {
  rows.push_back({{"margin",
                   tr("Margin above it"),
                   Kind::Loss,
                   {-lim::kMarginHigh_db, lim::kMarginHigh_db},
                   true,
                   tr("0 dB")},
                  read([](const campaign::Link& l) { return l.rule.margin_db; }),
                  write([](campaign::Link& l, auto v) { l.rule.margin_db = v; })});
  rows.push_back({{"lqMin", tr("Minimum link quality"), Kind::Percent, {0.1, 99.9}, true, tr("70 %")},
                  read([](const campaign::Link& l) { return l.rule.lq_min_pct; }),
                  write([](campaign::Link& l, auto v) { l.rule.lq_min_pct = v; })});
  if (video)
    rows.push_back({{"bitrateMin",
                     tr("Minimum bitrate"),
                     Kind::Bitrate,
                     {0.001, lim::kBitrateHigh_mbps},
                     true,
                     tr("8 Mbit/s")},
                    read([](const campaign::Link& l) { return l.rule.bitrate_min_mbps; }),
                    write([](campaign::Link& l, auto v) { l.rule.bitrate_min_mbps = v; })});
  if (video)
    rows.push_back({{"pictureMin", tr("Minimum picture grade"), Kind::Number, {lim::kGradeLow, lim::kGradeHigh}, true, tr("3 of 5")},
                    read([](const campaign::Link& l) { return l.rule.picture_min; }),
                    write([](campaign::Link& l, auto v) { l.rule.picture_min = v; })});
  rows.push_back({{"scaleMin", tr("Minimum signal reading"), Kind::Number, {lim::kScaleLow, lim::kScaleHigh}, true, tr("own scale: 20")},
                  read([](const campaign::Link& l) { return l.rule.scale_min; }),
                  write([](campaign::Link& l, auto v) { l.rule.scale_min = v; })});
  rows.push_back(
      {{"gap", tr("Dips allowed up to"), Kind::Length, {0, lim::kGapHigh_m}, true, tr("0 m")},
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

}  // namespace distanz::app
