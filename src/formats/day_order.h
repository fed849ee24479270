#pragma once
#include <vector>

#include "core/campaign/campaign.h"
#include "formats/log_import.h"

namespace distanz::formats {

/// Logs of one flight are of one day: where the dates of one may tell the day first or the month first, and it is another
/// log's day one way only, that way becomes a correction of its columns. What cannot be read is left for the import to tell.
void settleDayOrders(std::vector<GivenLog>& logs, const std::vector<campaign::Link>& links);

}  // namespace distanz::formats
