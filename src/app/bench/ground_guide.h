#pragma once
#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace distanz::app {

/// Leads through a ground check: counters before, all attitudes in turn, counters after.
class GroundGuide : public QWidget {
  Q_OBJECT
 public:
  /// @param second_ms how long a second lasts: shorter in tests
  explicit GroundGuide(int second_ms = 1000, QWidget* parent = nullptr);
  /// @param duration_s of the whole check @param has_before whether the counters were read
  void show(double duration_s, bool has_before, bool has_after);
  bool running() const { return m_tick.isActive(); }

 signals:
  void finished();  ///< the counters are to be read again

 private:
  class Prompt;
  void toggle();
  void look();
  void idle();
  int m_second_ms;
  double m_duration_s = 60;
  bool m_has_before = false, m_has_after = false;
  QElapsedTimer m_clock;
  QTimer m_tick;
  Prompt* m_prompt;
  QLabel *m_what, *m_left;
  QPushButton* m_button;
};

}  // namespace distanz::app
