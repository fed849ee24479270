#pragma once
#include <QWidget>

#include "app/shared/document.h"

class QGridLayout;

namespace distanz::app {

class LayerList;

/// Terrain and maps of the place, and what of ground and air the prediction counts.
class GroundPage : public QWidget {
  Q_OBJECT
 public:
  explicit GroundPage(Document& document, QWidget* parent = nullptr);

 signals:
  void addRequested();

 private:
  void addObstruction();
  void addReflection();
  void number(const char* name, const char* key, const QString& caption, quantity::Unit unit, double low, double high,
              double campaign::PlanSettings::*member);
  void addAir();
  void addBeside();
  void place(const QString& caption, QWidget* field);

  Document& m_document;
  QGridLayout* m_grid;
  int m_count = 0;
};

}  // namespace distanz::app
