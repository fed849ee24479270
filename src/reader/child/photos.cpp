// Pictures by Qt: JPEG, PNG, GIF, BMP and WebP where it is installed. SVG is no photo, and could name other files.
#include <QBuffer>
#include <QImageReader>
#include <QPainter>

#include "reader/child/decoder.h"
#include "core/limits/reading.h"
#include "reader/protocol.h"

namespace distanz::reader {
namespace {

constexpr int kMostSide = limits::kMostPhotoSide_px;
constexpr int kQuality_pct = 90;

constexpr const char* kKinds[] = {"jpeg", "png", "bmp", "gif", "webp"};

/// A picture of one pixel loads nothing by itself, but asking for all kinds loads the plugins that read them.
void makeReady(Request::Kind) {
  const QList<QByteArray> known = QImageReader::supportedImageFormats();
  for (const char* kind : kKinds)
    if (known.contains(kind)) {
      QBuffer empty;
      empty.open(QIODevice::ReadOnly);
      QImageReader(&empty, kind).canRead();
    }
}

/// @param image is made, no larger than asked for
Fault read(std::string_view file, const Request& request, QImage& image) {
  QByteArray bytes = QByteArray::fromRawData(file.data(), qsizetype(file.size()));
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::ReadOnly);
  QImageReader reader(&buffer);
  reader.setDecideFormatFromContent(true);
  reader.setAutoTransform(true);
  const QByteArray kind = reader.format();
  if (std::find(std::begin(kKinds), std::end(kKinds), kind) == std::end(kKinds)) return Fault::Unreadable;
  const QSize size = reader.size();
  if (!size.isValid()) return Fault::Unreadable;
  if (size.width() > kMostSide || size.height() > kMostSide) return Fault::TooLarge;
  const int most = std::max(request.most_px, 1);
  if (size.width() > most || size.height() > most) reader.setScaledSize(size.scaled(most, most, Qt::KeepAspectRatio).expandedTo({1, 1}));
  image = reader.read().convertToFormat(QImage::Format_RGBA8888);
  return image.isNull() || image.width() > most || image.height() > most ? Fault::Unreadable : Fault::None;
}

PhotoRead pixels(const QImage& image) {
  PhotoRead out;
  out.width = image.width();
  out.height = image.height();
  for (int row = 0; row < out.height; ++row) {
    const uchar* line = image.constScanLine(row);
    out.rgba.insert(out.rgba.end(), line, line + std::ptrdiff_t(4) * out.width);
  }
  return out;
}

/// Painted on a new one: the old one may carry what the file said besides.
std::string plain(const QImage& image) {
  QImage seen(image.size(), QImage::Format_RGB32);
  seen.fill(Qt::white);
  QPainter(&seen).drawImage(0, 0, image);
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  seen.save(&buffer, "JPEG", kQuality_pct);
  return bytes.toStdString();
}

std::string decode(std::string_view file, const Request& request) {
  QImage image;
  const Fault fault = read(file, request, image);
  if (request.kind == Request::Kind::PlainPhoto) return fault == Fault::None ? plain(image) : std::string();
  return asBytes(fault == Fault::None ? pixels(image) : PhotoRead{fault});
}

}  // namespace
}  // namespace distanz::reader

extern "C" __attribute__((visibility("default"))) const distanz::reader::Decoder* distanz_decoder() {
  static const distanz::reader::Decoder decoder{distanz::reader::makeReady, distanz::reader::decode};
  return &decoder;
}
