#include "lanes/paper/sheet.h"

#include <QFile>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace distanz::lanes {

bool saveSvg(const QString& file, QSize size, const QString& title, const Draw& draw) {
  QSvgGenerator svg;
  svg.setFileName(file);
  svg.setSize(size);
  svg.setViewBox(QRect(QPoint(0, 0), size));
  svg.setTitle(title);
  QPainter p;
  if (!p.begin(&svg)) return false;
  draw(p);
  return p.end();
}

bool savePdf(const QString& file, QSize size, const QString& title, const Draw& draw) {
  QFile out(file);
  if (!out.open(QIODevice::WriteOnly)) return false;
  constexpr int kPerInch = 96;
  {
    QPdfWriter pdf(&out);
    pdf.setTitle(title);
    pdf.setResolution(kPerInch);
    pdf.setPageSize(QPageSize(QSizeF(size) * 72.0 / kPerInch, QPageSize::Point));
    pdf.setPageMargins({0, 0, 0, 0});
    QPainter p;
    if (!p.begin(&pdf)) return false;
    draw(p);
    if (!p.end()) return false;
  }
  return out.error() == QFileDevice::NoError;
}

}  // namespace distanz::lanes
