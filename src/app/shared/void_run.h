#pragma once
#include "app/shared/document.h"

class QWidget;

namespace distanz::app {

/// Asks why a run does not count, and voids it with that reason; a voided one counts again without asking.
/// Undoable; the run is kept. Of several runs the first says which of the two is done.
void voidOrCount(QWidget* parent, Document& document, const std::vector<std::string>& runs);

}  // namespace distanz::app
