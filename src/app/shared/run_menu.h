#pragma once
#include <functional>
#include <string>

#include "app/shared/document.h"

class QPushButton;

namespace distanz::app {

/// Gives a button a menu of the campaign's runs, made anew each time it is opened.
void offerRuns(QPushButton& button, Document& document,
               const std::function<void(const std::string& run)>& chosen);

}  // namespace distanz::app
