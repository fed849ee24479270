#pragma once
#include <QSize>
#include <QString>
#include <functional>

class QPainter;

/// A drawing on a sheet of its own, as a file.
namespace distanz::lanes {

using Draw = std::function<void(QPainter&)>;

/// @param size of the drawing, px @return false where the file cannot be written
bool saveSvg(const QString& file, QSize size, const QString& title, const Draw& draw);
bool savePdf(const QString& file, QSize size, const QString& title, const Draw& draw);

}  // namespace distanz::lanes
