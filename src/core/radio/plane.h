#pragma once

namespace distanz::radio {

/// In which the field of a wave swings, as rain and ground see it.
enum class Plane { Vertical, Horizontal, Circular };

}  // namespace distanz::radio
