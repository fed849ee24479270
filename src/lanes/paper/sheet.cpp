#include "lanes/paper/sheet.h"

#include <QBuffer>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace distanz::lanes {

QByteArray svgOf(QSize size, const QString& title, const Draw& draw) {
  QBuffer out;
  QSvgGenerator svg;
  svg.setOutputDevice(&out);
  svg.setSize(size);
  svg.setViewBox(QRect(QPoint(0, 0), size));
  svg.setTitle(title);
  QPainter p;
  if (!p.begin(&svg)) return {};
  draw(p);
  return p.end() ? out.data() : QByteArray();
}

QByteArray pngOf(QSize size, const Draw& draw) {
  constexpr int kScale = 2;
  QImage image(size * kScale, QImage::Format_RGB32);
  if (image.isNull()) return {};
  image.setDevicePixelRatio(kScale);
  image.fill(Qt::white);
  QPainter p;
  if (!p.begin(&image)) return {};
  draw(p);
  p.end();
  QBuffer out;
  out.open(QIODevice::WriteOnly);
  return image.save(&out, "PNG") ? out.data() : QByteArray();
}

QByteArray pdfOf(QSize size, const QString& title, const Draw& draw) {
  QBuffer out;
  out.open(QIODevice::WriteOnly);
  constexpr int kPerInch = 96;
  QPdfWriter pdf(&out);
  pdf.setTitle(title);
  pdf.setResolution(kPerInch);
  pdf.setPageSize(QPageSize(QSizeF(size) * 72.0 / kPerInch, QPageSize::Point));
  pdf.setPageMargins({0, 0, 0, 0});
  QPainter p;
  if (!p.begin(&pdf)) return {};
  draw(p);
  return p.end() ? out.data() : QByteArray();
}

}  // namespace distanz::lanes
