#pragma once
#include <QPixmap>
#include <QStringList>

#include "app/shared/document.h"

namespace distanz::app::kit {

/// A photo of a part, no wider and no higher than so many pixels; null where its bytes are no picture or not
/// there.
QPixmap photoOf(const Document& document, const campaign::Part& part, std::size_t photo, int most_px);

/// Pictures for a part, read.
struct TakenPhotos {
  std::vector<campaign::KeptFile> files;
  std::vector<store::Attachment> attachments;
  QString refused;  ///< why none was taken; empty where all were
};
/// Takes time: not for the interface thread.
TakenPhotos takePhotos(const QStringList& files);

/// Shows it large; @return true where the pilot wants it removed
bool showPhoto(QWidget* parent, const Document& document, const campaign::Part& part, std::size_t photo);

}  // namespace distanz::app::kit
