#include "formats/json_fields.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "core/finding/error.h"

namespace distanz::formats {
namespace {
const nlohmann::json kNull;
const nlohmann::json kEmptyList = nlohmann::json::array();

/// Brackets outside texts, counted as a parser would: what is nested too deeply overflows the stack of
/// whoever walks it later.
void refuseDeep(std::string_view text, const std::string& where) {
  int depth = 0;
  bool in_text = false;
  for (std::size_t i = 0; i < text.size(); ++i) {
    const char c = text[i];
    if (in_text && c == '\\') {
      ++i;
    } else if (c == '"') {
      in_text = !in_text;
    } else if (!in_text) {
      depth += c == '[' || c == '{';
      depth -= c == ']' || c == '}';
      if (depth > kDeepestJson)
        throw InputError(inFile(where, finding("json-too-deep", {{"most", kDeepestJson}})));
    }
  }
}
}  // namespace

JsonFields::JsonFields(const nlohmann::json& object, std::string where)
    : m_object(object), m_where(std::move(where)) {
  if (!object.is_object()) refuse(finding("json-not-object"));
}

void JsonFields::refuse(Finding why) const {
  throw InputError(inFile(m_where, std::move(why)));
}

const nlohmann::json& JsonFields::member(const char* key) {
  const auto found = m_object.find(key);
  if (found == m_object.end()) return kNull;
  m_asked.push_back(&*found);
  return *found;
}

const nlohmann::json& JsonFields::list(const char* key) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return kEmptyList;
  if (!value.is_array()) refuse(finding("json-not-list", {{"key", key}}));
  return value;
}

std::string JsonFields::text(const char* key, std::string fallback) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return fallback;
  if (!value.is_string()) refuse(finding("json-not-text", {{"key", key}}));
  if (value.get_ref<const std::string&>().size() > kLongestText)
    refuse(finding("json-text-too-long", {{"key", key}, {"most", kLongestText}}));
  return value.get<std::string>();
}

std::optional<double> JsonFields::optionalNumber(const char* key) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return std::nullopt;
  if (!value.is_number() || !std::isfinite(value.get<double>()))
    refuse(finding("json-not-number", {{"key", key}}));
  return value.get<double>();
}

double JsonFields::number(const char* key, double fallback) {
  return optionalNumber(key).value_or(fallback);
}

bool JsonFields::flag(const char* key, bool fallback) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return fallback;
  if (!value.is_boolean()) refuse(finding("json-not-flag", {{"key", key}}));
  return value.get<bool>();
}

std::string JsonFields::requiredText(const char* key) {
  if (member(key).is_null()) refuse(finding("json-missing", {{"key", key}}));
  return text(key);
}

double JsonFields::requiredNumber(const char* key) {
  if (member(key).is_null()) refuse(finding("json-missing", {{"key", key}}));
  return number(key, 0);
}

std::string JsonFields::unknown() const {
  nlohmann::json rest = nlohmann::json::object();
  for (auto at = m_object.begin(); at != m_object.end(); ++at)
    if (std::find(m_asked.begin(), m_asked.end(), &*at) == m_asked.end()) rest[at.key()] = *at;
  return rest.empty() ? std::string() : jsonText(rest);
}

nlohmann::json parseJson(std::string_view text, const std::string& where) {
  if (text.size() > kLargestJson)
    throw InputError(inFile(where, finding("json-too-large", {{"most", kLargestJson / 1'000'000}})));
  refuseDeep(text, where);
  try {
    return nlohmann::json::parse(text);
  } catch (const nlohmann::json::parse_error& e) {
    const auto line =
        1 + std::count(text.begin(),
                       text.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(e.byte, text.size())),
                       '\n');
    throw InputError(inFile(fmt::format("{}:{}", where, line), finding("json-broken")));
  } catch (const nlohmann::json::exception&) {
    throw InputError(inFile(where, finding("json-number-too-large")));
  }
}

std::string jsonText(const nlohmann::json& value, int indent) {
  return value.dump(indent, ' ', false, nlohmann::json::error_handler_t::replace);
}

}  // namespace distanz::formats
