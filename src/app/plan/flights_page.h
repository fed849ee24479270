#pragma once
#include <QFutureWatcher>
#include <QWidget>

#include "app/shared/document.h"
#include "core/plan/blind.h"
#include "core/plan/flown_use.h"
#include "core/plan/flight_plan.h"

class QLabel;

namespace distanz::app {

class OrderView;
class PlotCanvas;
class PreflightList;

/// How many flights, in which order, with which battery, wind and limits, and what is done before them.
class FlightsPage : public QWidget {
  Q_OBJECT
 public:
  explicit FlightsPage(Document& document, QWidget* parent = nullptr);
  void refresh();
  const plan::FlightPlan& plan() const { return m_plan; }
  std::vector<plan::BlindLabel> labels() const;

 signals:
  void saveRequested(const QString& name, const QByteArray& bytes);

 private:
  struct Taken {
    std::string run;
    std::optional<plan::FlownUse> use;
    QString refused;
  };
  void takeRun(const std::string& run);
  void settle();

  Document& m_document;
  OrderView* m_order;
  PlotCanvas* m_chance;
  PreflightList* m_list;
  QLabel* m_days;
  plan::FlightPlan m_plan;
  QFutureWatcher<Taken> m_taking;
};

}  // namespace distanz::app
