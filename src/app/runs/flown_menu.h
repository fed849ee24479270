#pragma once
#include <functional>
#include <string>
#include <vector>

#include "app/shared/document.h"

class QPushButton;
class QWidget;

namespace distanz::app {

/// A button that says how the chosen runs were flown, and where they were.
QPushButton* flownMenu(QWidget* parent, Document& document, std::function<std::vector<std::string>()> chosen);

}  // namespace distanz::app
