#include "app/bench/ground_guide.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/shared/lane_plot.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "lanes/paper/attitude_paper.h"
#include "words/phrases.h"

namespace distanz::app {

class GroundGuide::Prompt : public QWidget {
 public:
  Prompt() { setFixedSize(150, 110); }
  void show(std::size_t attitude) {
    m_attitude = attitude;
    update();
  }
  std::size_t attitude() const { return m_attitude; }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    lanes::paint(painter, rect(), bench::attitudes()[m_attitude], lanesLook());
  }

 private:
  std::size_t m_attitude = 0;
};

GroundGuide::GroundGuide(int second_ms, QWidget* parent)
    : QWidget(parent),
      m_second_ms(second_ms),
      m_prompt(new Prompt),
      m_what(plainLabel()),
      m_left(plainLabel()),
      m_button(new QPushButton(tr("Start one minute"))) {
  setObjectName("groundGuide");
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->addWidget(m_prompt);
  auto* texts = new QVBoxLayout;
  m_what->setObjectName("attitude");
  m_what->setFont(theme::bodyFont(theme::kTitle, true));
  m_what->setWordWrap(true);
  m_left->setObjectName("attitudeLeft");
  m_left->setFont(theme::figureFont(theme::kLead));
  m_button->setObjectName("startGround");
  theme::markNext(*m_button);
  texts->addStretch();
  texts->addWidget(m_what);
  texts->addWidget(m_left);
  texts->addWidget(m_button, 0, Qt::AlignLeft);
  texts->addStretch();
  row->addLayout(texts, 1);
  m_tick.setInterval(std::clamp(second_ms / 10, 1, 100));
  connect(&m_tick, &QTimer::timeout, this, &GroundGuide::look);
  connect(m_button, &QPushButton::clicked, this, &GroundGuide::toggle);
  idle();
}

void GroundGuide::show(double duration_s, bool has_before, bool has_after) {
  m_has_before = has_before;
  m_has_after = has_after;
  if (running()) return;
  m_duration_s = duration_s;
  idle();
}

void GroundGuide::idle() {
  m_button->setText(tr("Start one minute"));
  m_button->setEnabled(m_has_before);
  m_what->setText(
      m_has_after ? tr("Counters read. See the result.")
      : m_has_before
          ? tr("Hold the aircraft by its far end, clear of your body, nose toward the station. Then start.")
          : tr("First read the receiver's counters and add them below as \"before\"."));
  m_what->setFont(theme::bodyFont(theme::kLead, true));
  m_left->clear();
}

void GroundGuide::toggle() {
  if (running()) {
    m_tick.stop();
    return idle();
  }
  m_clock.start();
  m_tick.start();
  m_button->setText(tr("Stop"));
  look();
}

void GroundGuide::look() {
  const double now = double(m_clock.elapsed()) / m_second_ms;
  if (now >= m_duration_s) {
    m_tick.stop();
    QApplication::beep();
    idle();
    m_what->setText(tr("Done. Read the counters again and add them as \"after\"."));
    emit finished();
    return;
  }
  const std::size_t attitude = bench::attitudeAt(now, m_duration_s);
  if (attitude != m_prompt->attitude()) QApplication::beep();
  m_prompt->show(attitude);
  m_what->setText(words::term(std::string("attitude-") + bench::attitudes()[attitude].what));
  m_left->setText(tr("%1 s left").arg(int(m_duration_s - now) + 1));
}

}  // namespace distanz::app
