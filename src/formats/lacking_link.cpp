#include "formats/lacking_link.h"

#include <algorithm>

#include "formats/column_match.h"

namespace distanz::formats {

std::optional<LackingLink> lackingLink(const TableHead& head, const std::vector<campaign::Link>& links,
                                       const std::map<std::string, std::string>& corrections) {
  const auto now = matchColumns(head, links, corrections);
  // A channel that is named without its link, as it may be while there is one link only, is that link's.
  std::map<std::string, std::string> named;
  const auto known = knownChannels({});
  for (const auto& [channel, column] : corrections) {
    const bool of_link = channel.find('.') == std::string::npos && std::find(known.begin(), known.end(), channel) == known.end();
    named[of_link && links.size() == 1 ? links.front().id + "." + channel : channel] = column;
  }
  for (const auto kind : {campaign::LinkKind::Video, campaign::LinkKind::Control}) {
    if (std::any_of(links.begin(), links.end(), [&](const campaign::Link& l) { return l.kind == kind; })) continue;
    campaign::Link more;
    more.id = kind == campaign::LinkKind::Video ? "video" : "control";
    more.kind = kind;
    std::vector<campaign::Link> all = links;
    all.push_back(more);
    LackingLink out{kind, {}};
    for (const ColumnMatch& m : matchColumns(head, all, named))
      if (m.channel.starts_with(more.id + ".") &&
          std::none_of(now.begin(), now.end(), [&](const ColumnMatch& n) { return n.column == m.column; }))
        out.columns.push_back(m.header);
    if (!out.columns.empty()) return out;
  }
  return std::nullopt;
}

}  // namespace distanz::formats
