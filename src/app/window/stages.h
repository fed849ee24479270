#pragma once
#include <QString>
#include <span>

#include "app/shared/document.h"
#include "app/shared/stage.h"

namespace distanz::app {

/// One stage of the work. Rail, menu and pictures follow the table of these: a new stage is its folder and a
/// row.
struct StageInfo {
  const char* id;     ///< also of its icon, and of its picture
  const char* title;  ///< translated when shown
  Stage* (*make)(Document& document);
};

/// In the order of the work.
std::span<const StageInfo> stageTable();
QString titleOf(const StageInfo& stage);

}  // namespace distanz::app
