#include "core/campaign/typed.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/campaign/limits.h"
#include "core/quantity/decibel.h"
#include "core/quantity/parse.h"

namespace distanz::campaign {
namespace {

std::string trimmed(const std::string& text) {
  const auto first = text.find_first_not_of(" \t"), last = text.find_last_not_of(" \t");
  return first == std::string::npos ? std::string() : text.substr(first, last - first + 1);
}

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
    return full ? Parsed{full.value - used.value, {}} : full;
  }
  if (text.starts_with("1/")) {
    const Parsed share = parse(Kind::Number, text.substr(2));
    if (!share) return share;
    if (!(share.value > 0)) return {0, "write the share of full power like 1/30"};
    return {dbmFromMilliwatt(share.value), {}};
  }
  return parse(Kind::Loss, text);
}

}  // namespace

std::string modesText(const std::vector<ModeSensitivity>& modes) {
  std::string out;
  for (const ModeSensitivity& m : modes)
    out += fmt::format("{}{}: {}", out.empty() ? "" : "; ", m.mode,
                       quantity::format(quantity::Kind::Level, m.sensitivity_dbm));
  return out;
}

TypedModes parseModes(const std::string& text) {
  TypedModes out;
  const auto refuse = [](std::string why) { return TypedModes{{}, std::move(why)}; };
  for (const std::string& item : items(text)) {
    const auto colon = item.find(':');
    if (colon == std::string::npos)
      return refuse(fmt::format(
          "\"{}\": write each mode with its sensitivity, like 50: -112 dBm; 150: -107 dBm", item));
    const quantity::Parsed mode =
        quantity::parse(quantity::Kind::Number, withoutHertz(item.substr(0, colon)));
    if (!mode) return refuse(mode.problem);
    if (!(mode.value >= 0 && mode.value <= limits::kModeHigh))
      return refuse(fmt::format("\"{}\": a mode is a number from 0 to {:.0f}", item, limits::kModeHigh));
    const quantity::Parsed level = quantity::parseWithin(quantity::Kind::Level, item.substr(colon + 1),
                                                         limits::kLevelLow_dbm, limits::kLevelHigh_dbm);
    if (!level) return refuse(level.problem);
    if (std::any_of(out.modes.begin(), out.modes.end(), [&](const auto& m) { return m.mode == mode.value; }))
      return refuse(fmt::format("mode {:g} stands there twice; give each mode one sensitivity", mode.value));
    out.modes.push_back({mode.value, level.value});
  }
  return out;
}

std::string reducedText(const std::map<std::string, double>& reduced_db, const std::vector<Link>& links) {
  std::string out;
  for (const auto& [link, db] : reduced_db)
    out += (out.empty() ? "" : "; ") + (links.size() == 1 ? std::string() : link + " ") +
           quantity::format(quantity::Kind::Loss, db);
  return out;
}

TypedReduction parseReduced(const std::string& text, const std::vector<Link>& links) {
  TypedReduction out;
  const auto refuse = [](std::string why) { return TypedReduction{{}, std::move(why)}; };
  for (std::string item : items(text)) {
    const auto named =
        std::find_if(links.begin(), links.end(), [&](const Link& l) { return item.starts_with(l.id + " "); });
    if (named == links.end() && links.size() != 1)
      return refuse(fmt::format("\"{}\": say which link was reduced, like {} 20 dB", item,
                                links.empty() ? "control" : links.front().id));
    const std::string& link = named == links.end() ? links.front().id : named->id;
    if (named != links.end()) item = trimmed(item.substr(link.size()));
    const quantity::Parsed db = reduction(item);
    if (!db) return refuse(db.problem);
    if (!(db.value > 0 && db.value <= limits::kReducedHigh_db))
      return refuse(
          fmt::format("\"{}\" is {:.1f} dB below full power; it must lie above 0 and up to {:.0f} dB", item,
                      db.value, limits::kReducedHigh_db));
    out.reduced_db[link] = db.value;
  }
  return out;
}

}  // namespace distanz::campaign
