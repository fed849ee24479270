#include "app/shared/findings_column.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <memory>
#include <utility>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/finding/catalogue.h"

namespace distanz::app {
namespace {

constexpr int kAtOnce = 4;  // sentences made before the window answers again
constexpr int kScrollBar = 10;
constexpr int kTextWidth = theme::kColumn - theme::kColumnText - theme::kColumnMargin - kScrollBar;

/// Text of the column's width and its own height: nothing for the layouts to find out, which would hold the
/// window up.
QLabel* wrapped(const QString& text, const QFont& font) {
  auto* label = plainLabel(text);
  label->setFont(font);
  label->setWordWrap(true);
  label->ensurePolished();
  label->setFixedSize(kTextWidth, label->heightForWidth(kTextWidth));
  return label;
}

QPushButton* action(const QString& text) {
  auto* button = new QPushButton(text);
  button->setProperty("quiet", true);
  button->setCursor(Qt::PointingHandCursor);
  return button;
}

/// A thin stroke at the left tells the tone apart, beside the words.
QColor toneColour(Severity severity) {
  const auto& t = theme::tokens();
  return severity == Severity::Advice ? t.accent : severity == Severity::Caution ? t.caution : t.ink;
}

}  // namespace

FindingsColumn::FindingsColumn(QWidget* parent) : QFrame(parent) {
  setObjectName("findings");
  setFixedWidth(theme::kColumn);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  outer->addWidget(scroll);
  auto* content = new QWidget;
  m_layout = new QVBoxLayout(content);
  m_layout->setContentsMargins(theme::kColumnMargin, 12, theme::kColumnMargin, 12);
  m_layout->setSpacing(12);
  scroll->setWidget(content);
  m_adding.setSingleShot(true);
  m_adding.setInterval(0);
  connect(&m_adding, &QTimer::timeout, this, &FindingsColumn::addSome);
}

void FindingsColumn::show(const QString& heading, const std::vector<Finding>& findings) {
  while (QLayoutItem* item = m_layout->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  auto* title = plainLabel(heading);
  title->setProperty("small", true);
  title->setContentsMargins(theme::kStroke + theme::kStrokeGap, 0, 0, 0);
  m_layout->addWidget(title);
  m_layout->addStretch();
  m_waiting.assign(findings.rbegin(), findings.rend());
  addSome();
}

void FindingsColumn::addSome() {
  for (int i = 0; i < kAtOnce && !m_waiting.empty(); ++i) {
    m_layout->insertWidget(m_layout->count() - 1, sentence(m_waiting.back()));
    m_waiting.pop_back();
  }
  if (!m_waiting.empty()) m_adding.start();
}

QWidget* FindingsColumn::sentence(const Finding& f) {
  const FindingInfo* info = infoOf(f.code);
  const words::Said said = words::say(f);
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(theme::kStrokeGap);
  auto* stroke = new QFrame;
  stroke->setFixedWidth(theme::kStroke);
  stroke->setAutoFillBackground(true);
  QPalette palette;
  palette.setColor(QPalette::Window, toneColour(info ? info->severity : Severity::Result));
  stroke->setPalette(palette);
  row->addWidget(stroke);
  auto* texts = new QVBoxLayout;
  texts->setSpacing(2);
  if (!said.title.isEmpty())
    texts->addWidget(wrapped(said.title, theme::bodyFont(15, true)), 0, Qt::AlignLeft);
  if (!said.text.isEmpty()) texts->addWidget(wrapped(said.text, theme::bodyFont(12)), 0, Qt::AlignLeft);
  if (!said.why.isEmpty()) addWhy(texts, said, QString::fromStdString(f.code + "/" + f.subject.kind + "/" + f.subject.id));
  addRemedy(texts, f);
  row->addLayout(texts, 1);
  return box;
}

void FindingsColumn::addRemedy(QVBoxLayout* texts, const Finding& f) {
  const FindingInfo* info = infoOf(f.code);
  if (!info) return;
  const auto offer = [&](const QString& text, const QString& name, auto then) {
    auto* button = action(text);
    button->setObjectName(name);
    connect(button, &QPushButton::clicked, this, then);
    texts->addWidget(button, 0, Qt::AlignLeft);
  };
  if (info->remedy == "void-run" && !f.run().empty()) {
    const QString run = QString::fromStdString(f.run());
    offer(tr("Exclude run %1 ...").arg(run), "void_" + run, [this, run] { emit voidRequested(run); });
  }
  if (info->remedy == "use-exponent") offer(tr("Apply"), "useExponent", [this, f] { emit remedyRequested(f); });
  if (info->remedy == "plan-pairs")
    offer(tr("Plan that many"), "planSoMany", [this, f] { emit remedyRequested(f); });
}

void FindingsColumn::addWhy(QVBoxLayout* texts, const words::Said& said, const QString& key) {
  const QString why = said.why;
  auto* button = action(QString());
  button->setObjectName("why");
  button->setAccessibleName(tr("Why: %1").arg(said.title.isEmpty() ? said.text : said.title));
  const int at = texts->count();
  texts->addWidget(button, 0, Qt::AlignLeft);
  const auto shown = std::make_shared<QLabel*>(nullptr);  // one for both callers of set
  const auto set = [=](bool open) {
    button->setText(open ? tr("Close") : tr("Why?"));
    delete std::exchange(*shown, nullptr);
    if (!open) return;
    *shown = wrapped(why, theme::figureFont(11));
    (*shown)->setObjectName("whyText");
    (*shown)->setProperty("muted", true);
    texts->insertWidget(at + 1, *shown, 0, Qt::AlignLeft);
  };
  set(m_open.contains(key));
  connect(button, &QPushButton::clicked, this, [this, key, set] {
    const bool open = !m_open.contains(key);
    open ? void(m_open.insert(key)) : void(m_open.remove(key));
    set(open);
  });
}

}  // namespace distanz::app
