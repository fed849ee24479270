#pragma once
#include <string>
#include <vector>

#include "formats/log_table.h"

namespace distanz::formats {

/// First text of a column among a log's first rows; empty where it has none.
std::string previewText(const TableHead& head, int column);
/// The numbers of a column among them.
std::vector<double> previewNumbers(const TableHead& head, int column);

}  // namespace distanz::formats
