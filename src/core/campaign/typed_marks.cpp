#include "core/campaign/typed_marks.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>

#include "core/campaign/limits.h"
#include "core/campaign/post_distance.h"
#include "core/campaign/typed.h"
#include "core/quantity/parse.h"
#include "core/text/ascii.h"

namespace distanz::campaign {
namespace {

/// A plain number, all of it; NaN for anything else.
double plain(const std::string& text) {
  if (text.empty() || text.find_first_not_of("0123456789.,") != std::string::npos) return NAN;
  std::string dotted = text;
  std::replace(dotted.begin(), dotted.end(), ',', '.');
  return text::wholeNumber(dotted).value_or(NAN);
}

const Path* pathOf(const Campaign& c, const Run& run) {
  return findPath(c, run.path);
}

}  // namespace

TypedNumber parseMarkTime(const std::string& typed) {
  std::string text = trimmed(typed);
  if (text.ends_with("s") && text.find(':') == std::string::npos) text = trimmed(text.substr(0, text.size() - 1));
  double seconds = 0;
  int parts = 0;
  for (std::size_t at = 0; at <= text.size(); ++parts) {
    const std::size_t colon = std::min(text.find(':', at), text.size());
    const double value = plain(text.substr(at, colon - at));
    if (!std::isfinite(value) || (parts > 0 && value >= 60) || parts > 2) return {0, finding("no-mark-time", {{"text", typed}})};
    seconds = seconds * 60 + value;
    at = colon + 1;
  }
  return {seconds, std::nullopt};
}

TypedNumber parseMarkPlace(const std::string& typed, const Campaign& c, const Run& run) {
  const std::string text = trimmed(typed);
  if (const Path* path = pathOf(c, run)) {
    const auto named = std::find_if(path->posts.begin(), path->posts.end(), [&](const Post& p) { return p.name == text; });
    if (named != path->posts.end()) return {named->along_m, std::nullopt};
  }
  if (const double number = plain(text); std::isfinite(number)) {
    const double along = postDistance_m(c, run, number);
    if (std::isfinite(along) && along <= limits::kPathHigh_m) return {along, std::nullopt};
  } else if (const auto length = quantity::parseWithin(quantity::Kind::Length, text, 0, limits::kPathHigh_m)) {
    return {length.value, std::nullopt};
  }
  return {0, finding("no-mark-place", {{"text", typed}})};
}

std::string markTimeText(double seconds) {
  const double tenths = std::round(seconds * 10) / 10;
  const auto minutes = static_cast<long>(tenths / 60);
  const double rest = tenths - 60.0 * static_cast<double>(minutes);
  std::string text = fmt::format("{:04.1f}", rest);
  if (text.ends_with(".0")) text.resize(text.size() - 2);
  return minutes >= 60 ? fmt::format("{}:{:02}:{}", minutes / 60, minutes % 60, text) : fmt::format("{}:{}", minutes, text);
}

double nextPost_m(const Campaign& c, const Run& run, double along_m) {
  constexpr double kApart_m = 1;
  const Path* path = pathOf(c, run);
  if (!path) return along_m;
  double next = std::isfinite(along_m) ? path->post_spacing_m * (std::floor((along_m + kApart_m) / path->post_spacing_m) + 1) : 0;
  for (const Post& p : path->posts)
    if (p.along_m > along_m + kApart_m && p.along_m < next) next = p.along_m;
  return next;
}

}  // namespace distanz::campaign
