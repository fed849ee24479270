#pragma once
#include <functional>

#include "app/shared/document.h"
#include "core/plan/blind.h"

class QPushButton;

namespace distanz::app {

/// Gives a button the menu of blind labels: drawn, saved for who names and for who judges, opened.
/// @param labels as they are now @param save a table under a name that is suggested
void offerBlindLabels(QPushButton& button, Document& document, const std::function<std::vector<plan::BlindLabel>()>& labels,
                      const std::function<void(const QString& name, const QByteArray& table)>& save);

}  // namespace distanz::app
