#include "app/shared/photo.h"

#include <QDialog>
#include <QFutureWatcher>
#include <QImage>
#include <QLabel>
#include <QPixmapCache>
#include <QPushButton>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/shared/path_of.h"
#include "app/shared/text.h"
#include "core/finding/error.h"
#include "formats/bench/record_files.h"
#include "formats/files.h"
#include "reader/ask.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kProof_px = 64, kShown_px = 900;

/// Decoded by the caged reader, no larger than it is shown. Null where it is no picture.
QImage imageOf(const std::string& bytes, const std::string& name, int most_px, const std::atomic<bool>& stop) {
  const reader::PhotoRead read = reader::readPhoto({.kind = reader::Request::Kind::Photo, .name = name, .most_px = most_px}, reader::File(bytes), &stop);
  if (read.fault != reader::Fault::None) return {};
  return QImage(read.rgba.data(), read.width, read.height, 4 * read.width, QImage::Format_RGBA8888).copy();
}

}  // namespace

void withPhoto(const Document& document, const std::string& owner, const campaign::KeptFile& photo, int most_px,
               QObject* context, const std::function<void(const QPixmap&)>& then) {
  const QString key = QString("%1/%2").arg(QString::fromStdString(photo.sha256)).arg(most_px);
  QPixmap found;
  if (QPixmapCache::find(key, &found)) return then(found);  // forms are made anew often
  auto* reading = new QFutureWatcher<QImage>(context);
  QObject::connect(reading, &QFutureWatcher<QImage>::finished, context, [reading, key, then] {
    const QPixmap picture = QPixmap::fromImage(reading->result());
    if (!picture.isNull()) QPixmapCache::insert(key, picture);
    reading->deleteLater();
    then(picture);
  });
  reading->setFuture(QtConcurrent::run([samples = document.samples(), stop = document.closing(), owner, photo, most_px] {
    try {
      return imageOf(samples->keptBytes(owner, photo), photo.file, most_px, *stop);
    } catch (const Error&) {
      return QImage();
    }
  }));
}

TakenPhotos takePhotos(const QStringList& files, const std::atomic<bool>& stop) {
  TakenPhotos out;
  for (const QString& name : files) {
    const std::filesystem::path path = pathOf(name);
    try {
      const std::string bytes = formats::readForRecord(path);
      if (imageOf(bytes, path.filename().string(), kProof_px, stop).isNull()) throw InputError(finding("no-picture"));
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
  picture->setMinimumSize(320, 240);
  picture->setAlignment(Qt::AlignCenter);
  withPhoto(document, owner, photo, kShown_px, picture, [picture](const QPixmap& read) {
    if (read.isNull()) picture->setText(QDialog::tr("cannot be shown"));
    else picture->setPixmap(read);
  });
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
