#include "app/bench/reading_timer.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "app/shared/text.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

QString minutes(double s) {
  return words::quantity(s / 60, quantity::Unit::Minute, 0);
}

}  // namespace

ReadingTimer::ReadingTimer(std::vector<double> at_s, int second_ms, QWidget* parent)
    : QWidget(parent),
      m_at_s(std::move(at_s)),
      m_second_ms(second_ms),
      m_button(new QPushButton(tr("Announce readings"))),
      m_state(plainLabel()) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  m_button->setObjectName("callReadings");
  m_state->setObjectName("callState");
  row->addWidget(m_button);
  row->addWidget(m_state, 1);
  m_tick.setInterval(std::clamp(second_ms / 5, 1, 200));
  connect(&m_tick, &QTimer::timeout, this, &ReadingTimer::look);
  connect(m_button, &QPushButton::clicked, this, &ReadingTimer::toggle);
}

void ReadingTimer::toggle() {
  if (running()) {
    m_tick.stop();
    m_button->setText(tr("Announce readings"));
    m_state->clear();
    return;
  }
  m_next = 0;
  m_clock.start();
  m_tick.start();
  m_button->setText(tr("Stop"));
  look();
}

void ReadingTimer::look() {
  const double now = double(m_clock.elapsed()) / m_second_ms;
  if (m_next < m_at_s.size() && now >= m_at_s[m_next]) {
    m_state->setText(tr("Read now: %1").arg(minutes(m_at_s[m_next])));
    QApplication::beep();
    emit due(m_at_s[m_next++]);
    return;
  }
  if (m_next >= m_at_s.size()) {
    m_tick.stop();
    m_button->setText(tr("Announce readings"));
    return;
  }
  const int left = int(m_at_s[m_next] - now) + 1;
  if (m_next > 0 && now - m_at_s[m_next - 1] < 10) return;  // what is to be read stays for a while
  m_state->setText(tr("next reading at %1, in %2 s").arg(minutes(m_at_s[m_next])).arg(left));
}

}  // namespace distanz::app
