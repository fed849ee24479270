#include "formats/campaign_json.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/campaign/describe.h"
#include "core/campaign/validate.h"
#include "formats/described_json.h"
#include "formats/json_fields.h"
#include "formats/short_forms.h"

namespace distanz::formats {

using nlohmann::json;

json campaignJson(const campaign::Campaign& c) {
  json out = toJson(c);
  out[kFormKey] = kInterchangeForm;
  shorten(out);
  return out;
}

CampaignRead campaignFromJson(const json& value, const std::string& where) {
  JsonFields top(value, where);
  const double form = top.requiredNumber(kFormKey);
  if (form != kInterchangeForm)
    top.refuse(finding("json-newer-form", {{"form", form, quantity::Unit::None}, {"known", kInterchangeForm}}));
  json whole = value;
  whole.erase(kFormKey);
  complete(whole, where);
  CampaignRead out;
  readJson(whole, where, out.problems, [&](description::Visitor& v) { describe(v, out.campaign); });
  const auto faults = validate(out.campaign);
  if (!faults.empty()) throw InputError(inFile(where, faults.front()));
  return out;
}

CampaignRead readCampaign(std::string_view text, const std::string& where) {
  return campaignFromJson(parseJson(text, where), where);
}

}  // namespace distanz::formats
