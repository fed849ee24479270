#include "app/kit/parts_view.h"

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>
#include <set>

#include "app/kit/facts.h"
#include "app/shared/path_of.h"
#include "app/shared/plot_canvas.h"
#include "app/shared/text.h"
#include "core/campaign/describe.h"
#include "core/finding/error.h"
#include "core/plan/part_pattern.h"
#include "core/text/text.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kMostListed = 400;  // more would take long to lay out and nobody reads them

QString kindText(campaign::PartKind kind) {
  return words::term(std::string("part-") + campaign::partKindWords()[static_cast<std::size_t>(kind)].word);
}

/// "antenna, 6 dBi, in A, B"
QString aboutOf(const campaign::Campaign& c, const campaign::Part& p) {
  QString out = kindText(p.kind);
  for (const campaign::PartField& f : campaign::partFields(p.kind))
    if (const auto v = p.value(f.key)) {
      out += ", " + words::exactly(*v, f.unit);
      break;
    }
  QStringList setups;
  for (const std::string& s : campaign::setupsWith(c, p.id)) setups << QString::fromStdString(s);
  return setups.isEmpty() ? out + ", " + PartsView::tr("in no setup")
                          : out + ", " + PartsView::tr("in %1").arg(setups.join(", "));
}

}  // namespace

PartsView::PartsView(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_search(new QLineEdit),
      m_list(new QListWidget),
      m_remove(new QPushButton(tr("Remove part"))),
      m_panel(new PartPanel(document)),
      m_plot(new PlotCanvas),
      m_facts(plainLabel()) {
  setObjectName("partsView");
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(16);
  auto* left = new QVBoxLayout;
  left->setSpacing(8);
  m_search->setObjectName("searchParts");
  m_search->setPlaceholderText(tr("Search parts"));
  m_search->setAccessibleName(tr("Search parts"));
  m_search->setClearButtonEnabled(true);
  left->addWidget(m_search);
  m_list->setObjectName("parts");
  m_list->setAccessibleName(tr("Parts"));
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);  // what is cut stands in the tip
  left->addWidget(m_list, 1);
  auto* add = new QPushButton(tr("New part"));
  add->setObjectName("addPart");
  auto* kinds = new QMenu(add);
  for (std::size_t i = 0; i < campaign::partKindWords().size(); ++i) {
    const auto kind = static_cast<campaign::PartKind>(i);
    kinds->addAction(kindText(kind), this, [this, kind] { this->add(kind); })
        ->setObjectName(QString("new_") + campaign::partKindWords()[i].word);
  }
  add->setMenu(kinds);
  auto* from = new QPushButton(tr("From another campaign ..."));
  from->setObjectName("partsFrom");
  connect(from, &QPushButton::clicked, this, &PartsView::fileWanted);
  left->addWidget(add);
  left->addWidget(from);
  row->addLayout(left, 2);
  auto* right = new QVBoxLayout;
  right->addWidget(m_panel, 1);
  m_remove->setObjectName("removePart");
  m_remove->setProperty("flat", true);
  right->addWidget(m_remove, 0, Qt::AlignLeft);
  row->addLayout(right, 4);
  row->addLayout(drawing(), 4);
  connect(m_remove, &QPushButton::clicked, this, &PartsView::remove);
  connect(m_search, &QLineEdit::textChanged, this, &PartsView::refresh);
  connect(m_list, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
    if (!item) return;
    m_chosen = item->data(Qt::UserRole).toString().toStdString();
    showChosen();
  });
  connect(m_panel, &PartPanel::photosWanted, this, &PartsView::photosWanted);
  connect(m_panel, &PartPanel::photoChosen, this, &PartsView::photoChosen);
  connect(m_panel, &PartPanel::recordRequested, this, &PartsView::recordRequested);
  connect(&m_reading, &QFutureWatcher<Other>::finished, this, &PartsView::settle);
}

QLayout* PartsView::drawing() {
  auto* drawn = new QVBoxLayout;
  m_plot->setObjectName("partPattern");
  m_facts->setObjectName("partPatternFacts");
  m_facts->setWordWrap(true);
  m_facts->setProperty("small", true);
  drawn->addWidget(m_plot, 1);
  drawn->addWidget(m_facts);
  return drawn;
}

void PartsView::refresh() {
  const campaign::Campaign& c = m_document.campaign();
  const QString wanted = m_search->text().trimmed();
  const QSignalBlocker quiet(m_list);
  m_list->clear();
  for (const campaign::Part& p : c.parts) {
    if (m_list->count() == kMostListed) {
      auto* more = new QListWidgetItem(tr("More parts: search for them"), m_list);
      more->setFlags(Qt::NoItemFlags);
      break;
    }
    const QString name = partName(p), about = aboutOf(c, p);
    if (!wanted.isEmpty() &&
        !(name + " " + about + " " + QString::fromStdString(p.notes)).contains(wanted, Qt::CaseInsensitive))
      continue;
    auto* item = new QListWidgetItem(name + "\n" + about, m_list);
    item->setData(Qt::UserRole, QString::fromStdString(p.id));
    item->setToolTip(plainTip(about));
    if (p.id == m_chosen) m_list->setCurrentItem(item);
  }
  if (!m_list->currentItem() && m_list->count() > 0) m_list->setCurrentRow(0);
  m_chosen = m_list->currentItem() ? m_list->currentItem()->data(Qt::UserRole).toString().toStdString()
                                   : std::string();
  m_remove->setVisible(!m_chosen.empty());
  showChosen();
}

void PartsView::find() {
  m_search->setFocus(Qt::ShortcutFocusReason);
  m_search->selectAll();
}

void PartsView::showChosen() {
  m_panel->show({{}, {}, nullptr, m_chosen});
  const campaign::Part* part = campaign::findPart(m_document.campaign(), m_chosen);
  const auto pattern = part && part->kind == campaign::PartKind::Antenna
                           ? plan::patternOfPart(m_document.campaign(), *part)
                           : std::nullopt;
  m_plot->setVisible(pattern.has_value());
  m_facts->setVisible(pattern.has_value());
  m_plot->show(pattern ? pattern->plot : records::Plot());
  m_facts->setText(pattern ? factsText(*pattern) : QString());
}

void PartsView::add(campaign::PartKind kind) {
  campaign::Campaign next = m_document.campaign();
  campaign::Part part;
  part.id = campaign::freePartId(next);
  part.kind = kind;
  part.name = tr("New %1").arg(kindText(kind)).toStdString();
  next.parts.push_back(part);
  m_search->clear();
  m_chosen = part.id;
  m_document.edit(finding("add-part", {{"part", part.name}}), next);
}

void PartsView::remove() {
  const campaign::Part* part = campaign::findPart(m_document.campaign(), m_chosen);
  if (!part) return;
  m_document.edit(finding("remove-part", {{"part", partName(*part).toStdString()}}),
                  campaign::withoutPart(m_document.campaign(), m_chosen));
}

void PartsView::takeFrom(const QString& file) {
  if (m_reading.isRunning()) return;
  m_reading.setFuture(QtConcurrent::run([path = pathOf(file)]() -> Other {
    Other out;
    try {
      out.campaign = store::CampaignFile::open(path, store::Access::ReadOnly).campaign();
      const store::SampleFile samples(path, store::Access::ReadOnly);
      for (const campaign::Part& p : out.campaign.parts)
        for (const campaign::KeptFile& f : p.photos)
          out.attachments.push_back({f.file, store::packLog(samples.keptBytes(p.id, f), f.sha256)});
    } catch (const std::exception& e) {
      out.refused = words::sentence(inFile(path.filename(), findingOf(e)));
    }
    return out;
  }));
}

void PartsView::settle() {
  Other other = m_reading.result();
  if (!other.refused.isEmpty()) return emit m_document.refused(other.refused);
  std::vector<std::string> ids;
  for (const campaign::Part& p : other.campaign.parts)
    if (!p.name.empty()) ids.push_back(p.id);  // nameless ones were made for a number typed there
  const campaign::Brought brought = campaign::withPartsOf(m_document.campaign(), other.campaign, ids);
  std::set<std::string> wanted;
  for (const campaign::Part& p : brought.campaign.parts)
    for (const campaign::KeptFile& f : p.photos) wanted.insert(f.sha256);
  std::erase_if(other.attachments,
                [&](const store::Attachment& a) { return !wanted.contains(a.packed.sha256); });
  const Finding told = finding("parts-brought", {{"added", brought.added}, {"renewed", brought.renewed}});
  if (brought.added + brought.renewed > 0)
    m_document.edit(finding("take-parts", {{"count", brought.added + brought.renewed}}), brought.campaign,
                    std::move(other.attachments));
  emit m_document.refused(words::sentence(told));
}

QByteArray PartsView::csv() const {
  std::string out = "id,kind,name,value,how,notes\n";
  for (const campaign::Part& p : m_document.campaign().parts) {
    const std::string head = text::csvField(p.id) + "," +
                             campaign::partKindWords()[static_cast<std::size_t>(p.kind)].word + "," +
                             text::csvField(p.name) + ",";
    if (p.values.empty()) out += head + ",," + text::csvField(p.notes) + "\n";
    for (const auto& [key, v] : p.values)
      out += head + key + " " + QString::number(v.value, 'g', 12).toStdString() + "," +
             campaign::originWords()[static_cast<std::size_t>(v.origin)].word + "," +
             text::csvField(p.notes) + "\n";
  }
  return QByteArray::fromStdString(out);
}

}  // namespace distanz::app
