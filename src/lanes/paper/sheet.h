#pragma once
#include <QByteArray>
#include <QSize>
#include <QString>
#include <functional>

class QPainter;

/// A drawing on a sheet of its own, as the bytes of a file.
namespace distanz::lanes {

using Draw = std::function<void(QPainter&)>;

/// @param size of the drawing, px @return nothing where it cannot be drawn
QByteArray svgOf(QSize size, const QString& title, const Draw& draw);
/// Twice as many pixels as the size, for screens of today.
QByteArray pngOf(QSize size, const Draw& draw);
QByteArray pdfOf(QSize size, const QString& title, const Draw& draw);

}  // namespace distanz::lanes
