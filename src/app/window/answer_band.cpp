#include "app/window/answer_band.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/finding/catalogue.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr std::size_t kLarge = 2, kSmall = 2;  // lines

ElidedLabel* line() {
  auto* label = new ElidedLabel({});
  label->setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  return label;
}

void write(ElidedLabel* label, const QString& text, const QFont& font) {
  label->setFont(font);
  label->setText(text);
  label->setToolTip(plainTip(text));
}

}  // namespace

AnswerBand::AnswerBand(QWidget* parent) : QWidget(parent), m_open(new QPushButton) {
  setObjectName("answer");
  auto* outer = new QHBoxLayout(this);
  outer->setContentsMargins(theme::kAxisLeft, 8, theme::kAxisRight, 4);
  auto* column = new QVBoxLayout;
  column->setSpacing(4);
  for (std::size_t i = 0; i < kLarge; ++i) {
    auto* row = new QWidget;
    auto* across = new QHBoxLayout(row);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(12);
    Line made{row, line(), line()};
    made.says->setObjectName(i == 0 ? "verdict" : "verdict2");
    across->addWidget(made.says);
    made.sure->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);  // gives way to what it explains
    across->addWidget(made.sure, 1);
    column->addWidget(row);
    m_large.push_back(made);
  }
  for (std::size_t i = 0; i < kSmall; ++i) {
    m_small.push_back(line());
    m_small.back()->setObjectName(i == 0 ? "answerLimit" : "answerNext");
    column->addWidget(m_small.back());
  }
  outer->addLayout(column, 1);
  m_open->setObjectName("openFindings");
  m_open->setCheckable(true);
  outer->addWidget(m_open, 0, Qt::AlignTop);
  show({}, true);
}

void AnswerBand::show(const Stage::Headline& headline, bool brief) {
  for (std::size_t i = 0; i < m_large.size(); ++i) {
    const bool said_there = i < headline.large.size() && (!brief || i == 0);
    m_large[i].row->setVisible(said_there ||
                               i == 0);  // the first keeps its room where a page has nothing to say
    if (!said_there) {
      m_large[i].says->clear();
      m_large[i].sure->clear();
      continue;
    }
    const words::Said said = words::sayAlone(headline.large[i]);
    write(m_large[i].says, said.title.isEmpty() ? said.text : said.title,
          theme::bodyFont(brief ? theme::kLead : theme::kTitle, true));
    write(m_large[i].sure, said.title.isEmpty() ? QString() : said.text,
          theme::bodyFont(brief ? theme::kBody : theme::kLead));
  }
  for (std::size_t i = 0; i < m_small.size(); ++i) {
    const bool shown = i < headline.small.size() && !brief;
    m_small[i]->setVisible(shown);
    if (!shown) continue;
    const words::Said said = words::sayAlone(headline.small[i]);
    const bool advice = infoOf(headline.small[i].code)->severity == Severity::Advice;
    write(m_small[i], said.title.isEmpty() ? said.text : said.title, theme::bodyFont(theme::kBody, advice));
  }
}

}  // namespace distanz::app
