#include "core/campaign/run.h"

#include <algorithm>
#include <cmath>

namespace distanz::campaign {
namespace {

constexpr description::Word kEnds[] = {
    {""},      {"link-lost"}, {"quality-limit"}, {"turned-back"},  {"battery"},
    {"limit"}, {"obstacle"},  {"aircraft"},      {"equipment-cap"}};
constexpr description::Word kLegs[] = {{"both"}, {"out"}, {"back"}};

}  // namespace

const Source& Run::source() const {
  static const Source none;
  return sources.empty() ? none : sources.front();
}

bool shareRows(const Run& a, const Run& b) {
  const auto from = [](const Run& r) { return r.from_s.value_or(-INFINITY); };
  const auto to = [](const Run& r) { return r.to_s.value_or(INFINITY); };
  return !a.source().sha256.empty() && a.source().sha256 == b.source().sha256 && from(a) < to(b) && from(b) < to(a);
}

bool otherReceiver(const Run& a, const Run& b) {
  const auto& there = b.source().columns;
  return std::any_of(a.source().columns.begin(), a.source().columns.end(), [&](const auto& column) {
    const auto other = there.find(column.first);
    const bool of_link = column.first.find('.') != std::string::npos;
    return of_link && other != there.end() && !column.second.empty() && !other->second.empty() && column.second != other->second;
  });
}

Source& Run::editSource() {
  if (sources.empty()) sources.emplace_back();
  return sources.front();
}

std::span<const description::Word> endedWords() {
  return kEnds;
}

std::span<const description::Word> legsWords() {
  return kLegs;
}

std::string endedWord(Ended ended) {
  return kEnds[static_cast<std::size_t>(ended)].word;
}

std::string legsWord(Legs legs) {
  return kLegs[static_cast<std::size_t>(legs)].word;
}

std::optional<Ended> endedFromWord(const std::string& word) {
  const auto found = std::find_if(std::begin(kEnds), std::end(kEnds),
                                  [&](const description::Word& w) { return w.word == word; });
  return found == std::end(kEnds) ? std::nullopt
                                  : std::optional(static_cast<Ended>(found - std::begin(kEnds)));
}

}  // namespace distanz::campaign
