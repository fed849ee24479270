#pragma once
#include <QRectF>

#include "core/records/record_result.h"
#include "lanes/paper/paper.h"

/// What a record says, drawn: in the window, in the shelf's small pictures, on paper.
namespace distanz::lanes {

/// @param small without axes and words, for a picture of a thumb's size
void paint(QPainter& painter, const QRectF& area, const records::Plot& plot, const Look& look,
           bool small = false);

/// The curves as a table: name, x, y.
std::string csvOf(const records::Plot& plot);

}  // namespace distanz::lanes
