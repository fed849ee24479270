#pragma once
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/finding/error.h"
#include "core/limits/reading.h"

namespace distanz::formats {

constexpr int kDeepestJson = 64;                  ///< levels of nesting; a campaign has six
using limits::kLargestJson;
using limits::kLongestText;

/// Reads typed fields of one JSON object, remembers which keys were asked for, and names the place in every
/// message.
class JsonFields {
 public:
  /// @param where e.g. "campaign.json: runs[2]" @throws InputError where the value is not an object
  JsonFields(const nlohmann::json& object, std::string where);

  /// All throw InputError naming the place for a value of the wrong type; a missing or null key gives the
  /// fallback.
  std::string text(const char* key, std::string fallback = {});
  double number(const char* key, double fallback);
  std::optional<double> optionalNumber(const char* key);
  bool flag(const char* key, bool fallback);
  /// The member as it is; null where missing.
  const nlohmann::json& member(const char* key);
  /// The member as a list; empty where missing. @throws InputError where it is something else
  const nlohmann::json& list(const char* key);
  /// @throws InputError where the key is missing or not a text
  std::string requiredText(const char* key);
  /// @throws InputError where the key is missing or not a number
  double requiredNumber(const char* key);

  /// Keys nobody asked for, as one JSON object; empty where there are none.
  std::string unknown() const;
  const std::string& where() const { return m_where; }
  [[noreturn]] void refuse(Finding why) const;

 private:
  const nlohmann::json& m_object;
  std::string m_where;
  std::vector<const nlohmann::json*> m_asked;  ///< members, each as often as it was asked for
};

/// Parses text as JSON. @throws InputError naming the place and the line of the fault: not JSON, not UTF-8,
/// nested over kDeepestJson, larger than kLargestJson, a number no double holds
nlohmann::json parseJson(std::string_view text, const std::string& where);

/// JSON as text; bytes that are not UTF-8 become U+FFFD. @param indent -1: on one line
std::string jsonText(const nlohmann::json& value, int indent = -1);

}  // namespace distanz::formats
