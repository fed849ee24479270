#include "formats/json_fields.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/quantity/error.h"

namespace distanz::formats {
namespace {
const nlohmann::json kNull;
const nlohmann::json kEmptyList = nlohmann::json::array();
constexpr int kDeepest = 60;  // nesting beyond this is an attack on the stack, not a campaign

void refuseDeep(std::string_view text, const std::string& where) {
  int depth = 0;
  for (const char c : text) {
    depth += c == '[' || c == '{';
    depth -= c == ']' || c == '}';
    if (depth > kDeepest) throw InputError(where + ": is nested too deeply to be a campaign");
  }
}
}  // namespace

JsonFields::JsonFields(const nlohmann::json& object, std::string where) : m_object(object), m_where(std::move(where)) {
  if (!object.is_object()) refuse("must be a JSON object { }");
}

void JsonFields::refuse(const std::string& why) const {
  throw InputError(m_where + ": " + why);
}

const nlohmann::json& JsonFields::member(const char* key) {
  m_asked.insert(key);
  const auto found = m_object.find(key);
  return found == m_object.end() ? kNull : *found;
}

const nlohmann::json& JsonFields::list(const char* key) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return kEmptyList;
  if (!value.is_array()) refuse(fmt::format("\"{}\" must be a list [ ]", key));
  return value;
}

std::string JsonFields::text(const char* key, std::string fallback) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return fallback;
  if (!value.is_string()) refuse(fmt::format("\"{}\" must be a text", key));
  return value.get<std::string>();
}

std::optional<double> JsonFields::optionalNumber(const char* key) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return std::nullopt;
  if (!value.is_number() || !std::isfinite(value.get<double>())) refuse(fmt::format("\"{}\" must be a number", key));
  return value.get<double>();
}

double JsonFields::number(const char* key, double fallback) {
  return optionalNumber(key).value_or(fallback);
}

bool JsonFields::flag(const char* key, bool fallback) {
  const nlohmann::json& value = member(key);
  if (value.is_null()) return fallback;
  if (!value.is_boolean()) refuse(fmt::format("\"{}\" must be true or false", key));
  return value.get<bool>();
}

std::string JsonFields::requiredText(const char* key) {
  if (member(key).is_null()) refuse(fmt::format("\"{}\" is missing", key));
  return text(key);
}

double JsonFields::requiredNumber(const char* key) {
  if (member(key).is_null()) refuse(fmt::format("\"{}\" is missing", key));
  return number(key, 0);
}

std::string JsonFields::unknown() const {
  nlohmann::json rest = nlohmann::json::object();
  for (const auto& [key, value] : m_object.items())
    if (!m_asked.contains(key)) rest[key] = value;
  return rest.empty() ? std::string() : rest.dump();
}

nlohmann::json parseJson(std::string_view text, const std::string& where) {
  refuseDeep(text, where);
  try {
    return nlohmann::json::parse(text);
  } catch (const nlohmann::json::parse_error& e) {
    const auto line =
        1 + std::count(text.begin(), text.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(e.byte, text.size())), '\n');
    throw InputError(fmt::format("{}:{}: is not JSON that can be read; check the brackets, commas and quotes there", where, line));
  }
}

}  // namespace distanz::formats
