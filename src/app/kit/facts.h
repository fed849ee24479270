#pragma once
#include <QString>

namespace distanz::plan {
struct PartPattern;
}

namespace distanz::app {

/// The figures of a pattern in one line.
QString factsText(const plan::PartPattern& pattern);

}  // namespace distanz::app
