#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/link.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// A kind of link that the log tells of and the kit lacks, and the columns that tell it; none where nothing is lacking.
struct LackingLink {
  campaign::LinkKind kind = campaign::LinkKind::Video;
  std::vector<std::string> columns;
};
std::optional<LackingLink> lackingLink(const TableHead& head, const std::vector<campaign::Link>& links,
                                       const std::map<std::string, std::string>& corrections);

}  // namespace distanz::formats
