#pragma once
#include "app/shared/document.h"

class QWidget;

namespace distanz::app {

/// Asks why a run does not count, and voids it with that reason; a voided one counts again without asking.
/// Undoable; the run is kept.
void voidOrCount(QWidget* parent, Document& document, const std::string& run);

}  // namespace distanz::app
