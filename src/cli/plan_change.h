#pragma once
#include "cli/command.h"

namespace distanz::cli {

/// Writes station, path, posts, segments and limits to options.out. @throws InputError
void writePlanFile(const PlanOptions& options, Io io);
/// Takes options.take and options.layers into the campaign file, all or nothing. @throws InputError
void changePlan(const PlanOptions& options, Io io);

}  // namespace distanz::cli
