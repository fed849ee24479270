#pragma once
#include <QPixmap>
#include <QStringList>
#include <atomic>
#include <functional>

#include "app/shared/document.h"

namespace distanz::app {

/// A picture that belongs to a part or record, no wider and no higher than so many pixels, decoded in the
/// background: `then` is called with it at once where it was shown before, else when it is there; with null
/// where its bytes are no picture or not there. Never after `context` is gone.
void withPhoto(const Document& document, const std::string& owner, const campaign::KeptFile& photo, int most_px,
               QObject* context, const std::function<void(const QPixmap&)>& then);

/// Pictures, read.
struct TakenPhotos {
  std::vector<campaign::KeptFile> files;
  std::vector<store::Attachment> attachments;
  QString refused;  ///< why none was taken; empty where all were
};
/// Takes time: not for the interface thread.
TakenPhotos takePhotos(const QStringList& files, const std::atomic<bool>& stop);

/// Shows it large; @return true where the pilot wants it removed
bool showPhoto(QWidget* parent, const Document& document, const std::string& owner,
               const campaign::KeptFile& photo);

}  // namespace distanz::app
