#include "app/shared/findings_column.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>

#include "app/shared/theme.h"

namespace distanz::app {
namespace {

constexpr int kTextWidth = theme::kColumn - 2 * 12 - 3 - 8 - 10;  // margins, stroke, its gap, scroll bar

/// Text of the column's width and its own height: nothing for the layouts to find out, which would hold the window up.
QLabel* wrapped(const QString& text, const QFont& font) {
  auto* label = new QLabel(text);
  label->setTextFormat(Qt::PlainText);
  label->setFont(font);
  label->setWordWrap(true);
  label->ensurePolished();
  label->setFixedSize(kTextWidth, label->heightForWidth(kTextWidth));
  return label;
}

/// A thin stroke at the left tells the tone apart, beside the words.
QColor toneColour(analysis::Tone tone) {
  const auto& t = theme::tokens();
  return tone == analysis::Tone::Advice ? t.accent : tone == analysis::Tone::Caution ? t.caution : t.ink;
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
  m_layout->setContentsMargins(12, 12, 12, 12);
  m_layout->setSpacing(12);
  scroll->setWidget(content);
}

void FindingsColumn::show(const QString& heading, const std::vector<analysis::Sentence>& sentences) {
  while (QLayoutItem* item = m_layout->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  auto* title = new QLabel(heading);
  title->setProperty("small", true);
  m_layout->addWidget(title);
  for (const analysis::Sentence& s : sentences) m_layout->addWidget(sentence(s));
  m_layout->addStretch();
}

QWidget* FindingsColumn::sentence(const analysis::Sentence& s) {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(8);
  auto* stroke = new QFrame;
  stroke->setFixedWidth(3);
  stroke->setAutoFillBackground(true);
  QPalette palette;
  palette.setColor(QPalette::Window, toneColour(s.tone));
  stroke->setPalette(palette);
  row->addWidget(stroke);
  auto* texts = new QVBoxLayout;
  texts->setSpacing(2);
  if (!s.title.empty()) texts->addWidget(wrapped(QString::fromStdString(s.title), theme::bodyFont(15, true)));
  if (!s.text.empty()) texts->addWidget(wrapped(QString::fromStdString(s.text), theme::bodyFont(12)));
  row->addLayout(texts, 1);
  return box;
}

}  // namespace distanz::app
