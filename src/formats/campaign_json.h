#pragma once
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/error.h"

namespace distanz::formats {

struct CampaignRead {
  campaign::Campaign campaign;
  std::vector<Finding> problems;  ///< unknown keys, kept but not used
};

/// Campaign in its interchange form. @param where names the text in messages, e.g. "campaign.json"
/// @throws InputError: not JSON, a newer form, a missing or mistyped key, a campaign that contradicts itself
CampaignRead readCampaign(std::string_view text, const std::string& where);

constexpr int kInterchangeForm = 1;
constexpr const char* kFormKey = "distanz_interchange";

/// The same form as a JSON value, both ways; short forms (formats/short_forms.h) are read everywhere, and
/// written where they say all.
/// @throws InputError as above
nlohmann::json campaignJson(const campaign::Campaign& campaign);
CampaignRead campaignFromJson(const nlohmann::json& json, const std::string& where);

}  // namespace distanz::formats
