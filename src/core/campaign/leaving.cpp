#include "core/campaign/leaving.h"

#include <algorithm>

#include "core/campaign/describe.h"
#include "core/description/texts.h"
#include "core/text/ascii.h"

namespace distanz::campaign {
namespace {

/// What a pilot writes for people: notes, names. A reason why a run is excluded stays one.
bool isForPeople(const description::Field& field) {
  const std::string_view key = field.key;
  return key == "notes" || key == "who" || key == "void_reason";
}

/// Empties it, and what newer versions have written, which this one cannot look through.
class Emptier : public description::TextVisitor {
 public:
  explicit Emptier(bool words) : TextVisitor({}), m_words(words) {}
  void text(const description::Field& field, std::string& value) override {
    if (!m_words || !isForPeople(field) || value.empty()) return;
    value = std::string_view(field.key) == "void_reason" ? "-" : "";
  }
  void unknown(std::string& kept) override { kept.clear(); }

 private:
  bool m_words;
};

void moveElsewhere(Campaign& c) {
  const auto there = elsewhere(c);
  if (const auto station = c.station.position()) c.station.place(there->moved(*station));
  for (Path& path : c.paths)
    for (PathPoint& point : path.points) point.position = there->moved(point.position);
  c.station.ground_m = 0;
  c.layers.clear();
}

}  // namespace

bool isPhoto(const KeptFile& file) {
  constexpr const char* kEndings[] = {".jpg", ".jpeg", ".png", ".webp", ".bmp", ".gif"};
  const std::string name = text::lower(file.file);
  return file.role == "picture" || std::any_of(std::begin(kEndings), std::end(kEndings), [&](const char* e) { return name.ends_with(e); });
}

Carried carriedBy(const Campaign& c) {
  Carried out;
  out.places = c.station.position() ? 1 : 0;
  for (const Path& path : c.paths) out.places += path.points.size();
  out.layers = c.layers.size();
  out.logs = c.runs.size();
  eachKeptFile(c, [&](const KeptFile& f, const std::string&) { out.photos += isPhoto(f); });
  description::eachText(c, [&](const description::Field& field, const std::string&) { out.words += isForPeople(field); });
  return out;
}

Finding carriedTold(const Carried& c) {
  return finding("leaves-with", {{"places", c.places}, {"layers", c.layers}, {"logs", c.logs}, {"photos", c.photos}, {"words", c.words}});
}

std::optional<course::Elsewhere> elsewhere(const Campaign& c) {
  if (const auto station = c.station.position()) return course::Elsewhere(*station);
  for (const Path& path : c.paths)
    if (!path.points.empty()) return course::Elsewhere(path.points.front().position);
  return std::nullopt;
}

Campaign leavingWith(Campaign c, const Leaving& leaving) {
  if (!leaving.places) moveElsewhere(c);
  if (leaving.everything()) return c;
  Emptier emptier(!leaving.words);
  describe(emptier, c);
  return c;
}

}  // namespace distanz::campaign
