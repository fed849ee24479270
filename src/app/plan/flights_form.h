#pragma once
#include <QWidget>

#include "app/shared/document.h"

class QGridLayout;

namespace distanz::app {

/// What the pilot says about the flights to come: wind and battery, the day, limits, and what difference
/// matters.
class FlightsForm : public QWidget {
  Q_OBJECT
 public:
  explicit FlightsForm(Document& document, QWidget* parent = nullptr);

 private:
  void addFlight();
  void addDay();
  void addLimits();
  void put(const QString& caption, QWidget* field);
  void clock(const char* name, const QString& caption, std::optional<double> campaign::PlanSettings::*member);

  Document& m_document;
  QGridLayout* m_grid;
  int m_count = 0;
};

}  // namespace distanz::app
