#include "app/shared/photo.h"

#include <QBuffer>
#include <QDialog>
#include <QImageReader>
#include <QLabel>
#include <QPixmapCache>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "core/finding/error.h"
#include "formats/bench/record_files.h"
#include "formats/files.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kMostPixels = 12000;  // of a side: more would fill the memory

/// Read no larger than it is shown, so that no picture, however it was made, takes much memory.
QImage imageOf(const QByteArray& bytes, int most_px) {
  QBuffer buffer;
  buffer.setData(bytes);
  QImageReader reader(&buffer);
  reader.setAutoTransform(true);
  const QSize size = reader.size();
  if (!size.isValid() || size.width() > kMostPixels || size.height() > kMostPixels) return {};
  if (size.width() > most_px || size.height() > most_px)
    reader.setScaledSize(size.scaled(most_px, most_px, Qt::KeepAspectRatio));
  return reader.read();
}

}  // namespace

QPixmap photoOf(const Document& document, const std::string& owner, const campaign::KeptFile& photo,
                int most_px) {
  const QString key = QString("%1/%2").arg(QString::fromStdString(photo.sha256)).arg(most_px);
  QPixmap found;
  if (QPixmapCache::find(key, &found)) return found;  // forms are made anew often
  try {
    const std::string bytes = document.samples()->keptBytes(owner, photo);
    found = QPixmap::fromImage(imageOf(QByteArray::fromStdString(bytes), most_px));
  } catch (const Error&) {
    return {};
  }
  QPixmapCache::insert(key, found);
  return found;
}

TakenPhotos takePhotos(const QStringList& files) {
  TakenPhotos out;
  for (const QString& name : files) {
    const std::filesystem::path path = name.toStdString();
    try {
      const std::string bytes = formats::readForRecord(path);
      if (imageOf(QByteArray::fromStdString(bytes), 64).isNull()) throw InputError(finding("no-picture"));
      store::PackedLog packed = store::packLog(bytes);
      campaign::KeptFile file{formats::safeFileName(path.filename().string()), packed.sha256, "picture", {}};
      out.attachments.push_back({file.file, std::move(packed)});
      out.files.push_back(std::move(file));
    } catch (const std::exception& e) {
      return {{}, {}, words::sentence(inFile(path.filename(), findingOf(e)))};
    }
  }
  return out;
}

bool showPhoto(QWidget* parent, const Document& document, const std::string& owner,
               const campaign::KeptFile& photo) {
  QDialog dialog(parent);
  dialog.setObjectName("photoDialog");
  dialog.setWindowTitle(QString::fromStdString(photo.file));
  auto* layout = new QVBoxLayout(&dialog);
  auto* picture = plainLabel();
  picture->setPixmap(photoOf(document, owner, photo, 900));
  layout->addWidget(picture);
  auto* row = new QHBoxLayout;
  auto* remove = new QPushButton(QDialog::tr("Remove photo"));
  remove->setObjectName("removePhoto");
  auto* close = new QPushButton(QDialog::tr("Close"));
  close->setDefault(true);
  row->addWidget(remove);
  row->addStretch();
  row->addWidget(close);
  layout->addLayout(row);
  QObject::connect(remove, &QPushButton::clicked, &dialog, [&dialog] { dialog.done(2); });
  QObject::connect(close, &QPushButton::clicked, &dialog, &QDialog::reject);
  return dialog.exec() == 2;
}

}  // namespace distanz::app
