#pragma once
#include <vector>

class QWidget;

namespace distanz::app {

/// Where the Tab key stops below a widget, in the order in which they are read: as layouts hold them, not as they
/// were made. What shows no focus (an area that only scrolls) is no stop.
std::vector<QWidget*> tabStops(QWidget* root);

/// The stop after the one that has the focus, or before it; around at the end. Null where there is none.
QWidget* nextTabStop(QWidget* root, bool forward);

}  // namespace distanz::app
