#include "core/course/coordinates.h"

#include <fmt/format.h>

#include <GeographicLib/GeoCoords.hpp>
#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <vector>

#include "core/text/ascii.h"

namespace distanz::course {
namespace {

constexpr std::size_t kLongest = 200;
constexpr int kMostPieces = 3;  // degrees, minutes, seconds
const std::string kHemispheres = "NSEWnsew";

/// Apart at blanks and commas, signs of degrees, minutes and seconds drawn to their numbers.
std::vector<std::string> wordsOf(const std::string& text) {
  std::vector<std::string> out;
  std::string word;
  for (const char c : text + ' ')
    if (c == ' ' || c == '\t' || c == ';' || c == '\n' || c == '\r') {
      if (!word.empty()) out.push_back(std::move(word));
      word.clear();
    } else {
      word += c;
    }
  return out;
}

/// Digits, and what may stand among them.
bool isOf(const std::string& word, std::string_view others) {
  const auto digit = [](char c) { return c >= '0' && c <= '9'; };
  return std::any_of(word.begin(), word.end(), digit) && std::all_of(word.begin(), word.end(), [&](char c) {
           return digit(c) || others.find(c) != std::string_view::npos;
         });
}
bool isNumber(const std::string& word) {
  return isOf(word, ".+-");
}
bool isAngle(const std::string& word) {
  return isOf(word, ".+-d'\"");
}

bool isHemisphere(const std::string& word) {
  return word.size() == 1 && kHemispheres.find(word[0]) != std::string::npos;
}

/// The library (up to 2.4) writes past its three pieces of an angle where colons part more of them.
bool hasMorePieces(const std::string& text) {
  int pieces = 0;
  for (const char c : text) {
    const auto sign = std::string_view("d'\"").find(c);
    if (c == ' ') pieces = 0;
    if (c == ':' && ++pieces > kMostPieces) return true;
    if (sign != std::string_view::npos) pieces = int(sign) + 1;
  }
  return false;
}

/// "46 54 36 N 20 57 36 E" as "46:54:36N 20:57:36E"; as it is where it is not of that kind.
std::string joined(const std::vector<std::string>& words) {
  std::vector<std::string> parts;
  std::string letters;
  bool open = false;  // numbers of one angle are being gathered
  int pieces = 0;     // that it has
  for (const std::string& w : words) {
    const bool hemisphere = isHemisphere(w),
               signed_number = !w.empty() && kHemispheres.find(w[0]) != std::string::npos;
    if (hemisphere && open && letters.empty()) {
      parts.back() += w;
      open = false;
    } else if (hemisphere || (signed_number && isAngle(w.substr(1)))) {
      parts.push_back(w);
      letters = w.substr(0, 1);
      open = true;
      pieces = hemisphere ? 0 : 1;
    } else if (open && isAngle(w) && pieces < kMostPieces) {
      const std::string& last = parts.back();
      parts.back() += (isHemisphere(last) ? "" : ":") + w;
      ++pieces;
    } else {
      parts.push_back(w);
      letters.clear();
      open = isAngle(w);
      pieces = 1;
    }
  }
  std::string out;
  for (const std::string& p : parts) out += (out.empty() ? "" : " ") + p;
  return out;
}

/// The library turns any number of degrees into the circle: what is no longitude is no slip of the pen
/// either.
bool turnsRound(const std::vector<std::string>& words) {
  if (words.size() != 2) return false;
  for (const std::string& w : words)
    if (text::leadingNumber(std::string_view(w).substr(isHemisphere(w.substr(0, 1)) ? 1 : 0)).value_or(0) > 360 ||
        text::leadingNumber(w).value_or(0) < -360)
      return true;
  return false;
}

std::optional<Position> tried(const std::string& text) {
  if (turnsRound(wordsOf(text)) || hasMorePieces(text)) return std::nullopt;
  try {
    const GeographicLib::GeoCoords at(text, true, false);
    if (!(std::abs(at.Latitude()) <= 90) || !(std::abs(at.Longitude()) <= 360)) return std::nullopt;
    const bool beyond = std::abs(at.Longitude()) > 180;
    return Position{at.Latitude(), beyond ? std::remainder(at.Longitude(), 360.0) : at.Longitude()};
  } catch (const std::exception&) {
    return std::nullopt;
  }
}

void replaceAll(std::string& text, std::string_view what, std::string_view with) {
  for (std::size_t at = text.find(what); at != std::string::npos; at = text.find(what, at + with.size()))
    text.replace(at, what.size(), with);
}

/// Its signs as the library knows them. @param draw what follows a sign to it: one angle in one word
std::string plain(std::string text, bool draw) {
  for (const char* prime : {"\u2032", "\u2019", "`", "\u00b4"}) replaceAll(text, prime, "'");
  for (const char* second : {"\u2033", "\u201d", "''"}) replaceAll(text, second, "\"");
  for (const char* degree : {"\u00b0", "\u00ba"}) replaceAll(text, degree, "d");
  for (const char* word :
       {"latitude", "longitude", "Latitude", "Longitude", "lat", "lon", "Lat", "Lon", "=", ":", ";"})
    replaceAll(text, word, " ");
  if (draw)
    for (const char* sign : {"d ", "' ", "\" "}) replaceAll(text, sign, std::string(sign).substr(0, 1));
  const auto first = text.find_first_not_of(' ');
  const bool before = first != std::string::npos && kHemispheres.find(text[first]) != std::string::npos;
  std::string out;  // a sign that ends an angle was drawn to the next one: apart again
  for (std::size_t i = 0; i < text.size(); ++i) {
    const bool ends = i > 0 && kHemispheres.find(text[i]) != std::string::npos &&
                      std::string("d'\"").find(text[i - 1]) != std::string::npos;
    if (ends && before) out += ' ';
    out += text[i];
    if (ends && !before) out += ' ';
  }
  if (before) replaceAll(out, " d", "d");
  return out;
}

/// Zone and letter, easting, northing: a letter but N and S is a band's, north of the equator from N on.
/// Empty where it is none.
std::string utm(std::vector<std::string> words) {
  if (words.size() == 4 && words[1].size() == 1) {
    words[0] += words[1];
    words.erase(words.begin() + 1);
  }
  if (words.size() != 3 || words[0].size() < 2 || words[0].size() > 3 || !isNumber(words[1]) ||
      !isNumber(words[2]))
    return {};
  const char letter = text::upper(words[0].back());
  if (letter < 'C' || letter > 'X') return {};
  words[0].back() = letter == 'S' || letter < 'N' ? 's' : 'n';
  return words[0] + ' ' + words[1] + ' ' + words[2];
}

}  // namespace

std::optional<Position> coordinatesFrom(std::string_view typed) {
  const auto control = [](unsigned char c) { return c < 32 && c != '\t' && c != '\n' && c != '\r'; };
  if (typed.size() > kLongest || std::any_of(typed.begin(), typed.end(), control)) return std::nullopt;
  for (const bool draw : {true, false}) {
    const std::string text = plain(std::string(typed), draw);
    std::string parted = text, decimal = text;
    std::replace(parted.begin(), parted.end(), ',', ' ');
    std::replace(decimal.begin(), decimal.end(), ',', '.');
    std::vector<std::string> ways{utm(wordsOf(parted)), parted, joined(wordsOf(parted))};
    if (std::count(text.begin(), text.end(), ',') == 2) ways.insert(ways.begin(), decimal);
    for (const std::string& way : ways)
      if (const auto at = tried(way)) return at;
  }
  return std::nullopt;
}

std::string coordinatesText(const Position& p) {
  return fmt::format("{:.6f}, {:.6f}", p.lat_deg, p.lon_deg);
}

}  // namespace distanz::course
