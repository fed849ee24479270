#pragma once
#include <QSize>
#include <QString>

#include "app/shared/stage.h"
#include "lanes/paper/sheet.h"

namespace distanz::app {

/// What a stage shows, as a picture that can stand by itself: campaign, page, answer, setups, usable limits, date and
/// version around it.
struct Picture {
  QString title;  ///< of the campaign
  QSize size;
  lanes::Draw draw;
};
/// @param title of the stage
Picture pictureOf(Stage& stage, const QString& title);

}  // namespace distanz::app
