#include "core/campaign/new_campaign.h"

namespace distanz::campaign {
namespace {

constexpr double kUsualVideo_mhz = 5800, kUsualQuality_pct = 70;

}  // namespace

std::string addLink(Campaign& campaign, LinkKind kind) {
  Link link;
  const std::string base = kind == LinkKind::Video ? "video" : "control";
  link.id = base;
  for (int n = 2; findLink(campaign, link.id); ++n) link.id = base + std::to_string(n);
  link.kind = kind;
  if (kind == LinkKind::Video) link.frequency_mhz = kUsualVideo_mhz;
  link.rule.lq_min_pct = kUsualQuality_pct;
  campaign.links.push_back(link);
  return link.id;
}

Campaign newCampaign(const std::string& title, const std::vector<LinkKind>& compared) {
  Campaign out;
  out.title = title;
  for (const LinkKind kind : compared) addLink(out, kind);
  for (const char* id : {"A", "B"}) {
    Setup setup;
    setup.id = id;
    out.setups.push_back(setup);
  }
  return out;
}

}  // namespace distanz::campaign
