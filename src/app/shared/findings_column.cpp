#include "app/shared/findings_column.h"

#include <QAbstractButton>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <memory>
#include <utility>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/finding/catalogue.h"

namespace distanz::app {
namespace {

constexpr int kAtOnce = 4;  // sentences made before the window answers again
constexpr std::size_t kMostAnswers = 3;  // more would shout
constexpr int kScrollBar = 10;
constexpr int kTextWidth = theme::kColumn - theme::kColumnText - theme::kColumnMargin - kScrollBar;

/// Text of the column's width and its own height: nothing for the layouts to find out, which would hold the
/// window up.
QLabel* wrapped(const QString& text, const QFont& font) {
  auto* label = plainLabel(unparted(text));
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

QLabel* headingLabel(const QString& heading) {
  auto* title = plainLabel(heading);
  title->setProperty("small", true);
  title->setContentsMargins(theme::kStroke + theme::kStrokeGap, 0, 0, 0);
  return title;
}

/// A sentence, and what follows it.
std::pair<QString, QString> firstSentence(const QString& text) {
  static const QRegularExpression end(R"((?<=[.!?])\s+)");
  const qsizetype at = text.indexOf(end);
  return at < 0 ? std::pair(text, QString()) : std::pair(text.left(at), text.mid(at + 1));
}

/// The same finding with other figures is the same entry.
std::string keyOf(const Finding& f) {
  std::string key = f.code + "/" + f.subject.kind + "/" + f.subject.id;
  for (const Argument& a : f.arguments)
    if (const auto* text = std::get_if<std::string>(&a.value)) key += "/" + *text;
  return key;
}

/// The line of an entry: what it says, and a mark that shows whether there is more, and whether that is open.
class EntryLine : public QAbstractButton {
 public:
  EntryLine(const QString& text, bool more, const QFont& font) : m_text(unparted(text)), m_more(more) {
    setFont(font);
    setFocusPolicy(more ? Qt::StrongFocus : Qt::NoFocus);
    if (more) setCursor(Qt::PointingHandCursor);
    setAccessibleName(text);
    const int height = QFontMetrics(font).boundingRect(QRect(0, 0, textWidth(), 1000), flags(), m_text).height();
    setFixedSize(kTextWidth, std::max(height, 18) + 2);
  }
  void setOpen(bool open) {
    m_open = open;
    setAccessibleDescription(open ? FindingsColumn::tr("open") : FindingsColumn::tr("closed"));
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    const auto& t = theme::tokens();
    p.setPen(m_more && underMouse() ? t.accent : t.ink);
    p.drawText(QRect(0, 0, textWidth(), height()), flags(), m_text);
    if (hasFocus()) {
      p.setPen(QPen(t.accent, 1));
      p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
    if (!m_more) return;
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(t.muted, 1.5));
    const QPointF at(width() - 8, 10);
    if (m_open)
      p.drawPolyline(QPolygonF({at + QPointF(-4, -2), at + QPointF(0, 2), at + QPointF(4, -2)}));
    else
      p.drawPolyline(QPolygonF({at + QPointF(-2, -4), at + QPointF(2, 0), at + QPointF(-2, 4)}));
  }
  void enterEvent(QEnterEvent*) override { update(); }
  void leaveEvent(QEvent*) override { update(); }

 private:
  static constexpr int kMark = 16;
  static int flags() { return Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop; }
  static int textWidth() { return kTextWidth - kMark; }
  QString m_text;  // not the button's own: an & in a name is no key
  bool m_more, m_open = false;
};

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

void FindingsColumn::show(const QString& heading, const std::vector<Finding>& findings, bool answer_first) {
  while (QLayoutItem* item = m_layout->takeAt(0)) {
    // Not at once: leaving a field may write these anew while Tab is on its way to one of them.
    if (QWidget* old = item->widget()) {
      old->hide();
      old->setParent(nullptr);
      old->deleteLater();
    }
    delete item;
  }
  m_layout->addWidget(headingLabel(heading));
  m_layout->addStretch();
  m_waiting.clear();
  const auto caution = [](const Finding& f) {
    const FindingInfo* info = infoOf(f.code);
    return info && info->severity == Severity::Caution;
  };
  for (const Finding& f : findings)
    if (!caution(f)) m_waiting.push_back(f);
  m_cautions_from = m_waiting.size();
  for (const Finding& f : findings)
    if (caution(f)) m_waiting.push_back(f);
  m_next = 0;
  // What is said of several setups alike is one answer.
  m_answers = 0;
  while (answer_first && m_answers < m_cautions_from && m_waiting[m_answers].code == m_waiting[0].code) ++m_answers;
  if (m_answers > kMostAnswers) m_answers = 0;
  addSome();
}

void FindingsColumn::addSome() {
  for (int i = 0; i < kAtOnce && m_next < m_waiting.size(); ++i, ++m_next) {
    if (m_next == m_cautions_from) m_layout->insertWidget(m_layout->count() - 1, headingLabel(tr("Cautions")));
    m_layout->insertWidget(m_layout->count() - 1, entry(m_waiting[m_next], m_next < m_answers));
  }
  if (m_next < m_waiting.size()) m_adding.start();
}

QWidget* FindingsColumn::entry(const Finding& f, bool answer) {
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
  texts->setSpacing(4);
  const auto [first, rest] = said.title.isEmpty() ? firstSentence(said.text) : std::pair(said.title, said.text);
  const bool more = !rest.isEmpty() || !said.why.isEmpty();
  auto* line = new EntryLine(first, more, theme::bodyFont(answer ? theme::kLead : theme::kBody, answer || !said.title.isEmpty()));
  line->setObjectName("entry");
  texts->addWidget(line, 0, Qt::AlignLeft);
  if (more) {
    const QString key = QString::fromStdString(keyOf(f));
    const auto body = std::make_shared<QPointer<QWidget>>();
    const auto set = [=, this, rest = rest](bool open) {
      line->setOpen(open);
      delete body->data();
      if (open) texts->insertWidget(1, *body = opened(rest, said, key), 0, Qt::AlignLeft);
    };
    set(m_open.contains(key));
    connect(line, &QAbstractButton::clicked, this, [this, key, set] {
      const bool open = !m_open.contains(key);
      open ? void(m_open.insert(key)) : void(m_open.remove(key));
      set(open);
    });
  }
  addRemedy(texts, f);
  row->addLayout(texts, 1);
  return box;
}

QWidget* FindingsColumn::opened(const QString& rest, const words::Said& said, const QString& key) {
  auto* body = new QWidget;
  auto* texts = new QVBoxLayout(body);
  texts->setContentsMargins(0, 0, 0, 4);
  texts->setSpacing(4);
  if (!rest.isEmpty()) texts->addWidget(wrapped(rest, theme::bodyFont(theme::kBody)), 0, Qt::AlignLeft);
  if (!said.why.isEmpty()) addWhy(texts, said, key + "/why");
  return body;
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
    *shown = wrapped(why, theme::figureFont(theme::kSmall));
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
