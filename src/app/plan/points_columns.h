#pragma once
#include "app/shared/path_table.h"

/// What the tables of points, posts and segments show and take.
namespace distanz::app {

PathTable::Rows pointRows();
std::vector<PathTable::Column> pointColumns();
PathTable::Rows postRows();
std::vector<PathTable::Column> postColumns();
PathTable::Rows segmentRows();
std::vector<PathTable::Column> segmentColumns();

}  // namespace distanz::app
