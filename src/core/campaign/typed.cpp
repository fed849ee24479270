#include "core/campaign/typed.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/limits.h"
#include "core/quantity/decibel.h"
#include "core/quantity/parse.h"

namespace distanz::campaign {
namespace {

/// The parts of a list, without empty ones.
std::vector<std::string> items(const std::string& text) {
  std::vector<std::string> out;
  for (std::size_t begin = 0; begin <= text.size();) {
    const std::size_t end = std::min(text.find(';', begin), text.size());
    if (std::string item = trimmed(text.substr(begin, end - begin)); !item.empty())
      out.push_back(std::move(item));
    begin = end + 1;
  }
  return out;
}

std::string withoutHertz(std::string mode) {
  mode = trimmed(mode);
  for (const char* unit : {"Hz", "hz", "HZ"})
    if (mode.ends_with(unit)) return trimmed(mode.substr(0, mode.size() - 2));
  return mode;
}

/// "20 dB", "1/30" or "10 mW of 250 mW" as dB below full power.
quantity::Parsed reduction(const std::string& text) {
  using namespace quantity;
  if (const auto of = text.find(" of "); of != std::string::npos) {
    const Parsed used = parse(Kind::Power, text.substr(0, of)),
                 full = parse(Kind::Power, text.substr(of + 4));
    if (!used) return used;
    return full ? Parsed{full.value - used.value, std::nullopt} : full;
  }
  return parse(Kind::Loss, text);
}

}  // namespace

std::string trimmed(const std::string& text) {
  const auto first = text.find_first_not_of(" \t"), last = text.find_last_not_of(" \t");
  return first == std::string::npos ? std::string() : text.substr(first, last - first + 1);
}

TypedModes parseModes(const std::string& text) {
  TypedModes out;
  const auto refuse = [](Finding why) { return TypedModes{{}, std::move(why)}; };
  for (const std::string& item : items(text)) {
    const auto colon = item.find(':');
    if (colon == std::string::npos) return refuse(finding("mode-form", {{"text", item}}));
    const quantity::Parsed mode =
        quantity::parse(quantity::Kind::Number, withoutHertz(item.substr(0, colon)));
    if (!mode) return refuse(*mode.problem);
    if (!(mode.value >= 0 && mode.value <= limits::kModeHigh))
      return refuse(
          finding("mode-out-of-bounds", {{"text", item}, {"most", limits::kModeHigh, quantity::Unit::None}}));
    const quantity::Parsed level = quantity::parseWithin(quantity::Kind::Level, item.substr(colon + 1),
                                                         limits::kLevelLow_dbm, limits::kLevelHigh_dbm);
    if (!level) return refuse(*level.problem);
    if (std::any_of(out.modes.begin(), out.modes.end(), [&](const auto& m) { return m.mode == mode.value; }))
      return refuse(finding("mode-twice", {{"mode", mode.value, quantity::Unit::None}}));
    out.modes.push_back({mode.value, level.value});
  }
  return out;
}

TypedReduction parseReduced(const std::string& text, const std::vector<Link>& links) {
  TypedReduction out;
  const auto refuse = [](Finding why) { return TypedReduction{{}, std::move(why)}; };
  for (std::string item : items(text)) {
    const auto named =
        std::find_if(links.begin(), links.end(), [&](const Link& l) { return item.starts_with(l.id + " "); });
    if (named == links.end() && links.size() != 1)
      return refuse(finding("reduced-which-link",
                            {{"text", item}, {"link", links.empty() ? "control" : links.front().id}}));
    const std::string& link = named == links.end() ? links.front().id : named->id;
    if (named != links.end()) item = trimmed(item.substr(link.size()));
    const quantity::Parsed db = reduction(item);
    if (!db) return refuse(*db.problem);
    if (!(db.value > 0 && db.value <= limits::kReducedHigh_db))
      return refuse(
          finding("reduced-out-of-bounds", {{"text", item},
                                            {"reduction", db.value, quantity::Unit::Decibel},
                                            {"most", limits::kReducedHigh_db, quantity::Unit::Decibel}}));
    out.reduced_db[link] = db.value;
  }
  return out;
}

}  // namespace distanz::campaign
