#include "formats/name_words.h"

#include <algorithm>
#include <cctype>
#include <filesystem>

#include "core/text/ascii.h"

namespace distanz::formats {
namespace {

/// What a log is of, not which flight.
constexpr const char* kOfWhat[] = {"video", "vid",    "vtx",   "vrx", "osd",    "dvr",    "rec",   "srt",       "sub",
                                   "gps",   "gnss",   "radio", "log", "flight", "run",    "tlm",   "telemetry", "control",
                                   "ctrl",  "link",   "ground", "air", "rx",    "tx",     "data"};

std::vector<std::string> wordsIn(const std::string& name) {
  std::vector<std::string> out;
  int kind = 0;  // of the run: 1 letters, 2 digits
  for (const char c : name) {
    const auto u = static_cast<unsigned char>(c);
    const int now = std::isdigit(u) ? 2 : std::isalpha(u) || u >= 0x80 ? 1 : 0;
    if (now != 0 && now != kind) out.emplace_back();
    if (now != 0) out.back() += c;
    kind = now;
  }
  for (std::string& word : out) word = text::lower(word);
  return out;
}

/// Numbers without zeros in front: "01" is "1".
std::string plain(std::string word) {
  const auto first = word.find_first_not_of('0');
  if (!word.empty() && std::isdigit(static_cast<unsigned char>(word[0])))
    word = first == std::string::npos ? "0" : word.substr(first);
  return word;
}

std::vector<std::string> ofFlight(const std::string& file) {
  std::vector<std::string> out;
  for (const std::string& w : nameWords(file))
    if (std::find(std::begin(kOfWhat), std::end(kOfWhat), w) == std::end(kOfWhat)) out.push_back(plain(w));
  std::sort(out.begin(), out.end());
  return out;
}

}  // namespace

std::vector<std::string> nameWords(const std::string& file) {
  return wordsIn(std::filesystem::path(file).stem().string());
}

bool sameFlightByName(const std::string& a, const std::string& b) {
  const auto words = ofFlight(a);
  return !words.empty() && words == ofFlight(b);
}

std::string setupByName(const std::string& file, const campaign::Campaign& campaign) {
  const std::vector<std::string> words = nameWords(file);
  const auto holds = [&](const std::string& word) { return std::find(words.begin(), words.end(), word) != words.end(); };
  std::string found;
  for (const bool by_name : {false, true}) {
    for (const campaign::Setup& s : campaign.setups) {
      const std::vector<std::string> wanted = wordsIn(by_name ? s.name : s.id);
      if (wanted.empty() || !std::all_of(wanted.begin(), wanted.end(), holds)) continue;
      if (!found.empty()) return {};
      found = s.id;
    }
    if (!found.empty()) return found;
  }
  return found;
}

}  // namespace distanz::formats
