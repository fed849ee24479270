#pragma once
#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;

namespace distanz::app {

/// Calls for readings by hand at given times.
class ReadingTimer : public QWidget {
  Q_OBJECT
 public:
  /// @param at_s when, rising @param second_ms how long a second lasts: shorter in tests
  explicit ReadingTimer(std::vector<double> at_s, int second_ms = 1000, QWidget* parent = nullptr);
  bool running() const { return m_tick.isActive(); }

 signals:
  void due(double time_s);

 private:
  void toggle();
  void look();
  std::vector<double> m_at_s;
  int m_second_ms;
  std::size_t m_next = 0;
  QElapsedTimer m_clock;
  QTimer m_tick;
  QPushButton* m_button;
  QLabel* m_state;
};

}  // namespace distanz::app
