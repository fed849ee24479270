#pragma once
#include <QWidget>
#include <functional>

#include "core/campaign/leaving.h"

namespace distanz::app {

/// Tells what of a campaign tells more than the radio, before it leaves, and lets the pilot keep it back. `then` is called
/// with what goes along; at once where there is nothing to ask, and not at all where the pilot thinks better of it.
void askLeaving(QWidget* parent, const campaign::Carried& carried, const std::function<void(const campaign::Leaving&)>& then);

}  // namespace distanz::app
