#include "formats/column_words.h"

#include <algorithm>
#include <cctype>

#include "core/quantity/unit.h"
#include "core/text/ascii.h"
#include "formats/header_languages.h"

namespace distanz::formats {
namespace {

using text::lower;

/// Takes "[dBm]" or "(ft)" out of the name.
std::string takeBracketed(std::string& name) {
  const auto open = name.find_first_of("[(");
  if (open == std::string::npos) return {};
  const auto close = name.find_first_of("])", open);
  if (close == std::string::npos) return {};
  std::string unit = name.substr(open + 1, close - open - 1);
  unit.erase(std::remove(unit.begin(), unit.end(), ' '), unit.end());
  name.replace(open, close - open + 1, " ");
  return unit;
}

/// Letters of Latin script without their accents; "ß" and the like by the letters that stand for them.
struct Folded {
  std::string_view letter, as;
};
constexpr Folded kFolded[] = {
    {"ä", "a"}, {"à", "a"}, {"á", "a"}, {"â", "a"}, {"ã", "a"}, {"å", "a"}, {"ą", "a"}, {"ç", "c"}, {"ć", "c"},
    {"é", "e"}, {"è", "e"}, {"ê", "e"}, {"ë", "e"}, {"ę", "e"}, {"í", "i"}, {"ì", "i"}, {"î", "i"}, {"ï", "i"},
    {"ł", "l"}, {"ñ", "n"}, {"ń", "n"}, {"ö", "o"}, {"ó", "o"}, {"ò", "o"}, {"ô", "o"}, {"õ", "o"}, {"ś", "s"},
    {"ß", "ss"}, {"ü", "u"}, {"ú", "u"}, {"ù", "u"}, {"û", "u"}, {"ź", "z"}, {"ż", "z"}, {"Ä", "a"}, {"À", "a"},
    {"Á", "a"}, {"Ç", "c"}, {"É", "e"}, {"È", "e"}, {"Ê", "e"}, {"Í", "i"}, {"Ł", "l"}, {"Ñ", "n"}, {"Ö", "o"},
    {"Ó", "o"}, {"Ś", "s"}, {"Ü", "u"}, {"Ú", "u"}, {"Ź", "z"}, {"Ż", "z"}};

std::string withoutAccents(std::string_view text) {
  std::string out;
  for (std::size_t i = 0; i < text.size();) {
    const auto* found = static_cast<unsigned char>(text[i]) < 0x80
                            ? std::end(kFolded)
                            : std::find_if(std::begin(kFolded), std::end(kFolded), [&](const Folded& f) {
                                return text.substr(i).starts_with(f.letter);
                              });
    if (found == std::end(kFolded)) {
      out += text[i++];
      continue;
    }
    out += found->as;
    i += found->letter.size();
  }
  return out;
}

/// Words that logs glue together or cut short, told in full.
struct Glued {
  std::string_view word, words;
};
constexpr Glued kGlued[] = {{"rss", "rssi"},
                            {"rrss", "up rssi"},
                            {"rrssi", "up rssi"},
                            {"trss", "down rssi"},
                            {"trssi", "down rssi"},
                            {"qly", "quality"},
                            {"rqly", "up quality"},
                            {"tqly", "down quality"},
                            {"rlq", "up lq"},
                            {"tlq", "down lq"},
                            {"rsnr", "up snr"},
                            {"tsnr", "down snr"},
                            {"pwr", "power"},
                            {"tpwr", "tx power"},
                            {"txpwr", "tx power"},
                            {"txpower", "tx power"},
                            {"bt", "voltage"},
                            {"rxbt", "receiver voltage"},
                            {"rxbat", "receiver voltage"},
                            {"vfas", "battery voltage"},
                            {"vtx", "video tx"},
                            {"vrx", "video receiver"},
                            {"goggle", "video receiver"},
                            {"goggles", "video receiver"},
                            {"rsl", "rssi"},
                            {"sinr", "snr"},
                            {"cog", "course"},
                            {"velocity", "speed"},
                            {"curr", "current"},
                            {"amps", "current"},
                            {"cnt", "count"},
                            {"framecnt", "frame count"},
                            {"sig", "signal"},
                            {"ptch", "pitch"},
                            {"rfmd", "rf mode"},
                            {"capa", "used charge"},
                            {"gspd", "speed"},
                            {"spd", "speed"},
                            {"hdg", "heading"},
                            {"galt", "altitude"},
                            {"uplink", "up"},
                            {"downlink", "down"},
                            {"telemetry", "down"}};

/// What an antenna's number stands before or behind.
bool isNumbered(std::string_view word) {
  constexpr std::string_view kNumbered[] = {"rss", "rssi", "snr", "lq", "qly", "rqly", "rrss", "rsnr", "ant", "antenna", "antenne", "antena", "rx", "receiver", "signal"};
  return std::find(std::begin(kNumbered), std::end(kNumbered), word) != std::end(kNumbered);
}

/// 1 to 4, or a and b; 0: none.
int antennaOf(char c) {
  return c >= '1' && c <= '4' ? c - '0' : c == 'a' || c == 'b' ? c - 'a' + 1 : 0;
}

/// Takes the antenna's number off "1rss", "rssi2", "ant1", "rssib".
std::string withoutAntenna(std::string word, int& antenna) {
  const std::string_view all = word;
  if (all.size() < 3) return word;
  if (std::isdigit(static_cast<unsigned char>(all.front())) && antennaOf(all.front()) && isNumbered(all.substr(1))) {
    antenna = antennaOf(all.front());
    return word.substr(1);
  }
  if (antennaOf(all.back()) && isNumbered(all.substr(0, all.size() - 1))) {
    antenna = antennaOf(all.back());
    word.pop_back();
  }
  return word;
}

void addInFull(const std::string& word, ColumnWords& out) {
  const std::string bare = withoutAntenna(word, out.antenna);
  const auto* glued = std::find_if(std::begin(kGlued), std::end(kGlued), [&](const Glued& g) { return g.word == bare; });
  out.foreign = out.foreign || (glued == std::end(kGlued) && isOtherThanEnglish(bare));
  const std::string in_full = glued == std::end(kGlued) ? inEnglish(bare) : std::string(glued->words);
  std::string_view words = in_full;
  while (!words.empty()) {
    const auto end = std::min(words.find(' '), words.size());
    out.words.emplace_back(words.substr(0, end));
    words.remove_prefix(std::min(end + 1, words.size()));
  }
}

bool isWordByte(unsigned char c) {
  return std::isalnum(c) || c == '%' || c == '/' || c >= 0x80;
}

/// "date/time" is two words where "km/h" is a unit.
bool isTwoWords(const std::string& token) {
  constexpr std::string_view kPairs[] = {"date", "time", "lat", "lon", "lng", "latitude", "longitude", "signal", "noise"};
  const auto stroke = token.find('/');
  const auto known = [&](std::string_view part) { return std::find(std::begin(kPairs), std::end(kPairs), inEnglish(lower(part))) != std::end(kPairs); };
  return stroke != std::string::npos && known(std::string_view(token).substr(0, stroke)) && known(std::string_view(token).substr(stroke + 1));
}

/// Where a word begins within "batteryVoltage", "uplinkRSSI", "RSSIAnt1", "SNRdB"; not within "GSpd" or "dBm".
bool beginsWord(const std::string& token, std::size_t i) {
  const auto upper = [&](std::size_t at) { return at < token.size() && std::isupper(static_cast<unsigned char>(token[at])); };
  const auto lower_case = [&](std::size_t at) { return at < token.size() && std::islower(static_cast<unsigned char>(token[at])); };
  for (const std::string_view unit : {"dBm", "dB", "mAh", "mW"})
    if (token.ends_with(unit) && i + unit.size() >= token.size()) return i + unit.size() == token.size() && i > 1;
  if (!upper(i)) return false;
  if (lower_case(i - 1)) return lower_case(i + 1) || i > 1;
  return i > 1 && upper(i - 1) && upper(i - 2) && lower_case(i + 1) && lower_case(i + 2);
}

/// One run of letters and digits: a unit as it is ("dBm", "mAh"), anything else cut at its humps
/// ("batteryVoltage").
/// @param last the last word as it was written: a capital B makes bytes of bits
void addWords(const std::string& token, ColumnWords& out, std::string& last) {
  if (token.empty()) return;
  if (isTwoWords(token)) {
    last = token.substr(token.find('/') + 1);
    addInFull(lower(token.substr(0, token.find('/'))), out);
    addInFull(lower(last), out);
    return;
  }
  std::size_t begin = 0;
  const std::size_t humps_end = quantity::isUnit(token) ? 0 : token.size();
  for (std::size_t i = 1; i < humps_end; ++i) {
    if (!beginsWord(token, i)) continue;
    addInFull(lower(token.substr(begin, i - begin)), out);
    begin = i;
  }
  last = token.substr(begin);
  addInFull(lower(last), out);
}

/// A unit that is all the name there is, "mAh" or "Mbps", says what it counts; "mah_used" too.
void nameByUnit(const std::string& last, ColumnWords& out) {
  if (const auto charge = std::find(out.words.begin(), out.words.end(), "mah"); charge != out.words.end() && (out.words.size() == 1 || last != "mAh")) {
    out.unit = "mAh";
    *charge = "charge";
    out.words.emplace_back("used");
  } else if (out.words.size() == 1 && out.unit.empty()) {
    const bool rate = quantity::unitSpelt(last, quantity::Dimension::Bitrate).has_value(), length = last == "km" || last == "ft";
    if (!rate && !length && !quantity::unitSpelt(last, quantity::Dimension::Level)) return;
    out.unit = last;
    out.words = {rate ? "bitrate" : length ? "distance" : "signal"};
  }
}

}  // namespace

bool ColumnWords::has(std::string_view word) const {
  return std::find(words.begin(), words.end(), word) != words.end();
}

bool ColumnWords::hasAny(std::initializer_list<std::string_view> any) const {
  return std::any_of(any.begin(), any.end(), [&](std::string_view w) { return has(w); });
}

ColumnWords wordsOf(std::string_view header) {
  std::string name = withoutAccents(header);
  ColumnWords out;
  out.unit = takeBracketed(name);
  std::string token, last;
  for (std::size_t i = 0; i <= name.size(); ++i) {
    if (i < name.size() && isWordByte(static_cast<unsigned char>(name[i]))) {
      token += name[i];
      continue;
    }
    addWords(token, out, last);
    token.clear();
  }
  nameByUnit(last, out);
  // What has a stroke in it is a unit, known or not: "speed furlong/s" is no speed in m/s.
  for (std::size_t i = 0; i + 1 < out.words.size(); ++i)  // "RSSI ant 2", "signal B"
    if (isNumbered(out.words[i]) && out.words[i + 1].size() == 1 && antennaOf(out.words[i + 1][0])) {
      out.antenna = antennaOf(out.words[i + 1][0]);
      out.words.erase(out.words.begin() + static_cast<std::ptrdiff_t>(i) + 1);
      if (i + 1 == out.words.size()) last = out.words.back();  // the A is no ampere
    }
  if (out.unit.empty() && out.words.size() > 1 &&
      (quantity::isUnit(last) || last.find('/') != std::string::npos)) {
    out.unit = last;
    out.words.pop_back();
  }
  return out;
}

}  // namespace distanz::formats
