#pragma once
#include <nlohmann/json_fwd.hpp>
#include <string>

/// The short forms of campaign.json that people write and earlier versions wrote:
///   "path": [points], "post_spacing_m"             for  "paths": [{"id": "path", "points": ...,
///   "post_spacing_m": ...}] a run's "log", "log_sha256", "columns"         for  its "sources": [{"file":
///   ..., "sha256": ..., "columns": ...}] numbers at a setup's end of a link ("power_dbm", "tx_gain_dbi",
///   "rx_gain_dbi", "tx_loss_db", "rx_loss_db")   for  parts
namespace distanz::formats {

/// Puts the whole form in place of every short one. @throws InputError where both are given, or one is of the
/// wrong type
void complete(nlohmann::json& campaign, const std::string& where);

/// Puts the short form of path and logs where it says all there is. Parts stay parts.
void shorten(nlohmann::json& campaign);

}  // namespace distanz::formats
