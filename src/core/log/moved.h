#pragma once
#include <optional>

#include "core/course/elsewhere.h"
#include "core/log/recording.h"

namespace distanz::log {

/// The recording with its fixes moved, where it has any. Heights above the sea are then told above `ground_m`.
/// @param there from where; none: from its own first fix
Recording movedElsewhere(const Recording& recording, const std::optional<course::Elsewhere>& there, double ground_m);

}  // namespace distanz::log
