#include "lanes/paper/sheet.h"

#include <QBuffer>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace distanz::lanes {

namespace {

/// Without what XML cannot hold: names come from any file, and the generator writes them as they are.
QByteArray asXml(const QByteArray& written) {
  QByteArray out;
  out.reserve(written.size());
  for (qsizetype i = 0; i < written.size(); ++i) {
    const auto c = static_cast<unsigned char>(written[i]);
    if (c < 0x20 && c != '\t' && c != '\n' && c != '\r') continue;
    if (c == 0xEF && i + 2 < written.size() && static_cast<unsigned char>(written[i + 1]) == 0xBF && static_cast<unsigned char>(written[i + 2]) >= 0xBE) {
      i += 2;  // U+FFFE, U+FFFF
      continue;
    }
    out += written[i];
  }
  return out;
}

}  // namespace

QByteArray svgOf(QSize size, const QString& title, const Draw& draw) {
  QBuffer out;
  QSvgGenerator svg;
  svg.setOutputDevice(&out);
  svg.setSize(size);
  svg.setViewBox(QRect(QPoint(0, 0), size));
  svg.setTitle(title.toHtmlEscaped());  // it is written as it is
  QPainter p;
  if (!p.begin(&svg)) return {};
  draw(p);
  return p.end() ? asXml(out.data()) : QByteArray();
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
