#include "formats/finding_json.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/finding/catalogue.h"
#include "core/quantity/unit.h"

namespace distanz::formats {
namespace {

using ordered = nlohmann::ordered_json;

ordered number(const std::optional<double>& v) {
  return v && std::isfinite(*v) ? ordered(*v) : ordered(nullptr);
}

ordered listJson(const std::vector<Finding>& findings) {
  ordered out = ordered::array();
  for (const Finding& f : findings) out.push_back(findingJson(f));
  return out;
}

ordered valueJson(const Argument::Value& value) {
  if (const auto* text = std::get_if<std::string>(&value)) return *text;
  if (const auto* term = std::get_if<Term>(&value)) return {{"term", term->code}};
  if (const auto* findings = std::get_if<std::vector<Finding>>(&value)) return listJson(*findings);
  const Measure& m = std::get<Measure>(value);
  ordered out = {{"value", number(m.value)}};
  if (const auto unit = quantity::symbolOf(m.unit); !unit.empty()) out["unit"] = unit;
  if (m.low) out["low"] = number(m.low);
  if (m.low || m.high) out["high"] = number(m.high);
  return out;
}

std::string textAt(const ordered& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && found->is_string() ? found->get<std::string>() : std::string();
}

std::optional<double> numberAt(const ordered& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && found->is_number() ? std::optional(found->get<double>()) : std::nullopt;
}

Argument argumentFrom(const std::string& key, const ordered& value) {
  if (value.is_string()) return {key, value.get<std::string>()};
  if (!value.is_object()) return {key, std::string()};
  if (const auto term = value.find("term"); term != value.end() && term->is_string())
    return {key, Term{term->get<std::string>()}};
  return {key, Measure{numberAt(value, "value").value_or(NAN), quantity::unitOfSymbol(textAt(value, "unit")),
                       numberAt(value, "low"), numberAt(value, "high")}};
}

}  // namespace

ordered findingJson(const Finding& f) {
  ordered out = {{"code", f.code}};
  if (const FindingInfo* info = infoOf(f.code)) {
    out["severity"] = wordOf(info->severity);
    if (!info->stage.empty()) out["stage"] = info->stage;
    if (!info->remedy.empty()) out["remedy"] = info->remedy;
  }
  if (!f.subject.kind.empty()) out["subject"] = {{"kind", f.subject.kind}, {"id", f.subject.id}};
  if (f.line > 0) out["line"] = f.line;
  for (const Argument& a : f.arguments) out["quantities"][a.key] = valueJson(a.value);
  if (!f.more.empty()) out["more"] = listJson(f.more);
  if (!f.why.empty()) out["why"] = listJson(f.why);
  return out;
}

Finding findingFromText(const std::string& text) {
  const ordered value = ordered::parse(text, nullptr, false);
  if (!value.is_object() || !value.contains("code") || !value["code"].is_string() ||
      !infoOf(value["code"].get<std::string>()))
    return finding("step-said", {{"what", text}});
  Finding out = finding(value["code"].get<std::string>());
  if (const auto subject = value.find("subject"); subject != value.end() && subject->is_object()) {
    const auto kind = subject->find("kind"), id = subject->find("id");
    if (kind != subject->end() && id != subject->end() && kind->is_string() && id->is_string())
      out.subject = {kind->get<std::string>(), id->get<std::string>()};
  }
  if (const auto quantities = value.find("quantities"); quantities != value.end() && quantities->is_object())
    for (const auto& [key, v] : quantities->items()) out.arguments.push_back(argumentFrom(key, v));
  return out;
}

}  // namespace distanz::formats
