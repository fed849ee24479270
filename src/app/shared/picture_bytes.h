#pragma once
#include <QBuffer>
#include <QByteArray>
#include <QPixmap>

namespace distanz::app {

/// A picture as the bytes of a PNG file; nothing where it is none.
inline QByteArray pngOf(const QPixmap& picture) {
  QBuffer out;
  out.open(QIODevice::WriteOnly);
  return picture.save(&out, "PNG") ? out.data() : QByteArray();
}

}  // namespace distanz::app
