// What is read as a campaign is written and read again as the same.
#include "formats/campaign_json.h"

#include <nlohmann/json.hpp>

#include "formats/json_fields.h"
#include "harness.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  campaign::Campaign read;
  if (!fuzz::survives([&] { read = formats::readCampaign(data, "campaign.json").campaign; })) return;
  const std::string text = formats::jsonText(formats::campaignJson(read));
  fuzz::require(formats::readCampaign(text, "again").campaign == read, "the same campaign again");
}
