#pragma once
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/quantity/error.h"

namespace distanz::formats {

struct CampaignRead {
  campaign::Campaign campaign;
  std::vector<Problem> problems;  ///< unknown keys, kept but not used
};

/// Campaign in its interchange form. @param where names the text in messages, e.g. "campaign.json"
/// @throws InputError: not JSON, a newer form, a missing or mistyped key, a campaign that contradicts itself
CampaignRead readCampaign(std::string_view text, const std::string& where);

constexpr int kInterchangeForm = 1;

/// The same form as a JSON value, both ways; the campaign file uses it too. @throws InputError as above
nlohmann::json campaignJson(const campaign::Campaign& campaign);
CampaignRead campaignFromJson(const nlohmann::json& json, const std::string& where);

/// Its parts, as they stand in it: title, station and plan; the list of path points; one link, setup or run.
nlohmann::json factsJson(const campaign::Campaign& campaign);
nlohmann::json pathJson(const std::vector<campaign::PathPoint>& path);
nlohmann::json linkJson(const campaign::Link& link);
nlohmann::json setupJson(const campaign::Setup& setup);
nlohmann::json runJson(const campaign::Run& run);

/// And back; unchecked against the rest of the campaign. @throws InputError as readCampaign()
void readFacts(const nlohmann::json& json, const std::string& where, campaign::Campaign& into);
std::vector<campaign::PathPoint> readPath(const nlohmann::json& json, const std::string& where);
campaign::Link readLink(const nlohmann::json& json, const std::string& where);
campaign::Setup readSetup(const nlohmann::json& json, const std::string& where);
campaign::Run readRun(const nlohmann::json& json, const std::string& where);

}  // namespace distanz::formats
