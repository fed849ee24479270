#pragma once
#include <QCoreApplication>

namespace distanz::lanes {

/// Titles, labels and notes of lanes, in the language that is spoken.
class Said {
  Q_DECLARE_TR_FUNCTIONS(lanes)
};

}  // namespace distanz::lanes
