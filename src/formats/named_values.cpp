#include "formats/named_values.h"

#include <algorithm>
#include <cctype>

#include "core/quantity/unit.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kLongestName = 64;

bool isDigit(char c) {
  return c >= '0' && c <= '9';
}
bool isLetter(char c) {
  return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || static_cast<unsigned char>(c) >= 0x80;
}
bool isBreak(char c) {
  return c == ';' || c == '|' || c == '[' || c == ']' || c == '{' || c == '}' || c == '(' || c == ')' || c == '\t' ||
         c == '\n' || c == '\r' || c == '<' || c == '>' || c == '"' || c == '\'';
}
bool isSpace(char c) {
  return c == ' ';
}

/// "INFO telemetry", which is no part of the names behind it.
bool isLogLevel(std::string_view text) {
  constexpr std::string_view kLevels[] = {"INFO", "DEBUG", "NOTICE", "WARN", "TRACE"};
  const std::string_view begin = text.substr(0, 8), first = begin.substr(0, begin.find(' '));
  return std::find(std::begin(kLevels), std::end(kLevels), first) != std::end(kLevels);
}

class Scanner {
 public:
  Scanner(std::string_view text, std::vector<NamedValue>& out) : m_text(text), m_out(out) {}

  void scan() {
    while (m_at < m_text.size()) {
      const char c = m_text[m_at];
      if (c == '<') {
        passTag();
      } else if ((c == ':' || c == '=' || c == '(') && nameLength() > 0 && valueFollows(m_at + 1)) {
        m_name_end = m_at++;
        takeValue();
      } else if (c == ':' && isLogLevel(name(m_at)) && nameFollows(m_at + 1)) {
        m_begin = ++m_at;
      } else if (isBreak(c) || (c == ',' && !betweenDigits())) {
        endPiece();
        ++m_at;
        m_begin = m_at;
      } else if (isDigit(c) && m_at == m_begin && takeBareTime()) {
        continue;
      } else {
        ++m_at;
      }
    }
    endPiece();
  }

 private:
  char at(std::size_t i) const { return i < m_text.size() ? m_text[i] : '\0'; }

  void passTag() {
    endPiece();
    const auto end = m_text.find('>', m_at);
    m_at = end == std::string_view::npos ? m_text.size() : end + 1;
    m_begin = m_at;
  }

  bool betweenDigits() const { return m_at > 0 && isDigit(m_text[m_at - 1]) && isDigit(at(m_at + 1)); }

  /// Of the text from m_begin on that can be a name: without outer spaces, from the first word that begins with a letter.
  std::string_view name(std::size_t end) {
    const std::size_t first = std::min(nameBegin(end), end);
    while (end > first && isSpace(m_text[end - 1])) --end;
    return m_text.substr(first, end - first);
  }
  /// First word from m_begin on that begins with a letter, looked for up to `end`. What was passed over is not looked at again: a
  /// text of nothing but colons would take its length squared.
  std::size_t nameBegin(std::size_t end) {
    if (m_looked_from != m_begin) m_looked_from = m_looked = m_begin, m_look = Look::AtWord;
    for (; m_looked < end; ++m_looked) {
      const char c = m_text[m_looked];
      const bool apart = isSpace(c) || (c == ',' && m_look == Look::Between);
      if (!apart && m_look != Look::InWord && (isLetter(c) || c == '_')) break;
      m_look = apart ? Look::Between : Look::InWord;
    }
    return m_looked;
  }
  std::size_t nameLength() {
    const std::string_view n = name(m_at);
    return n.size() > kLongestName ? 0 : n.size();
  }

  /// "INFO telemetry: rssi=-70": the word has a value of its own.
  bool nameFollows(std::size_t i) const {
    while (isSpace(at(i))) ++i;
    while (isLetter(at(i)) || isDigit(at(i)) || at(i) == '_') ++i;
    if (at(i) != ':' && at(i) != '=') return false;
    do ++i;
    while (isSpace(at(i)));
    return isDigit(at(i)) || ((at(i) == '-' || at(i) == '+') && isDigit(at(i + 1)));
  }

  bool valueFollows(std::size_t i) const {
    while (isSpace(at(i))) ++i;
    const char c = at(i);
    if (isLetter(c)) return !nameFollows(i);
    if (isDigit(c) || c == '"') return true;
    return (c == '-' || c == '+' || c == '.') && (isDigit(at(i + 1)) || at(i + 1) == '.');
  }

  /// End of a number, a clock, a date or a date with a clock.
  std::size_t numberEnd(std::size_t i) const {
    if (at(i) == '-' || at(i) == '+') ++i;
    const std::size_t digits = i;
    while (isDigit(at(i)) || ((at(i) == '.' || at(i) == ',' || at(i) == ':' || at(i) == '/') && isDigit(at(i + 1)))) ++i;
    if (i > digits && at(i) == '-' && i - digits == 4 && isDigit(at(i + 1))) {  // 2026-11-24
      while (isDigit(at(i)) || at(i) == '-' || at(i) == ':' || at(i) == '.' ||
             ((at(i) == 'T' || at(i) == ' ') && isDigit(at(i + 1)) && isDigit(at(i + 2)) && at(i + 3) == ':'))
        ++i;
      if (at(i) == 'Z') ++i;
      return i;
    }
    if ((at(i) == 'e' || at(i) == 'E') && (isDigit(at(i + 1)) || ((at(i + 1) == '-' || at(i + 1) == '+') && isDigit(at(i + 2))))) {
      i += 2;
      while (isDigit(at(i))) ++i;
    }
    return i;
  }

  std::size_t unitEnd(std::size_t i) const {
    while (isLetter(at(i)) || at(i) == '%' || (at(i) == '/' && isLetter(at(i + 1)))) ++i;
    return i;
  }

  /// End of what is said in: "12.3m", "98 %", right behind the number or a known one behind a space.
  std::size_t unitEndBehind(std::size_t number) const {
    if (const std::size_t glued = unitEnd(number); glued > number || !isSpace(at(number))) return glued;
    const std::size_t end = unitEnd(number + 1);
    std::size_t next = end;
    while (isSpace(at(next))) ++next;
    const bool name = isDigit(at(end)) || at(end) == '_' || at(next) == ':' || at(next) == '=';
    return end > number + 1 && !name && quantity::isUnit(m_text.substr(number + 1, end - number - 1)) ? end : number;
  }

  /// "alt 50.3m speed: 12": what goes before the last name of a piece, as values of their own. A number that may be part
  /// of a name ("RSSI 2") is a bare digit.
  void splitUpTo(std::size_t piece_end) {
    for (std::size_t i = m_begin + 1; i < piece_end; ++i) {
      if (!isSpace(m_text[i - 1]) || !(isDigit(m_text[i]) || m_text[i] == '-')) continue;
      const std::size_t number = numberEnd(i), end = unitEndBehind(number);
      if (number == i || end >= piece_end || !isSpace(m_text[end])) continue;
      if (end == number && number - i < 2) continue;
      m_at = end;
      takePiece();
      m_begin = end;
      i = end;
    }
  }

  void endPiece() {
    const std::size_t end = m_at;
    splitUpTo(end);
    m_at = end;
    takePiece();
  }

  void takeValue() {
    const std::size_t value = m_at;
    splitUpTo(m_name_end);
    m_at = value;
    NamedValue v;
    v.name = name(m_name_end);
    const bool bracketed = m_text[m_name_end] == '(';
    while (isSpace(at(m_at))) ++m_at;
    const std::size_t begin = m_at;
    const char c = at(begin);
    if (isDigit(c) || c == '-' || c == '+' || c == '.') {
      m_at = numberEnd(begin);
      v.text = m_text.substr(begin, m_at - begin);
      takeUnit(v);
      if (v.unit.empty()) takeSecond(begin, v);
    } else {
      while (m_at < m_text.size() && !isBreak(m_text[m_at]) && !isSpace(m_text[m_at]) && m_text[m_at] != ',') ++m_at;
      v.text = m_text.substr(begin, m_at - begin);
    }
    m_begin = m_at;
    if (bracketed && v.text.find(' ') == std::string_view::npos && v.text.find(',') == std::string_view::npos &&
        at(m_at) != ')')
      return;
    if (m_out.size() < kMostColumns) m_out.push_back(v);
  }

  void takeUnit(NamedValue& v) {
    const std::size_t end = unitEndBehind(m_at), begin = isSpace(at(m_at)) ? m_at + 1 : m_at;
    if (end <= begin) return;
    v.unit = m_text.substr(begin, end - begin);
    m_at = end;
  }

  /// The other coordinate: ", 20.96". What follows it is no coordinate.
  void takeSecond(std::size_t begin, NamedValue& v) {
    std::size_t i = m_at;
    if (at(i) != ',' && !isSpace(at(i))) return;
    while (at(i) == ',' || isSpace(at(i))) ++i;
    if (!isDigit(at(i)) && !(at(i) == '-' && isDigit(at(i + 1)))) return;
    const std::size_t end = numberEnd(i);
    std::size_t next = end;
    while (isSpace(at(next))) ++next;
    if (at(next) == ':' || at(next) == '=' || isLetter(at(end))) return;
    v.text = m_text.substr(begin, end - begin);
    m_at = end;
  }

  bool takeBareTime() {
    const std::size_t end = numberEnd(m_at);
    const std::string_view text = m_text.substr(m_at, end - m_at);
    if (text.size() < 16 || !std::isfinite(parseDateTime(text).seconds)) return false;
    if (m_out.size() < kMostColumns) m_out.push_back({"datetime", text, {}});
    m_at = m_begin = end;
    return true;
  }

  /// "25.1 Mbit/s" needs no name.
  bool takeBareBitrate() {
    std::size_t begin = m_begin;
    while (isSpace(at(begin))) ++begin;
    if (!isDigit(at(begin))) return false;
    const std::size_t end = numberEnd(begin), unit = isSpace(at(end)) ? end + 1 : end;
    if (unit >= m_at || unitEnd(unit) > m_at || m_text.find_first_not_of(' ', unitEnd(unit)) < m_at) return false;
    const std::string_view spelt = m_text.substr(unit, unitEnd(unit) - unit);
    if (!quantity::unitSpelt(spelt, quantity::Dimension::Bitrate)) return false;
    if (m_out.size() < kMostColumns) m_out.push_back({"bitrate", m_text.substr(begin, end - begin), spelt});
    return true;
  }

  /// A piece without a colon or an equals sign: "D 12.3m".
  void takePiece() {
    if (takeBareBitrate()) return;
    const std::string_view piece = name(m_at);
    constexpr std::string_view kDigits = "0123456789", kSigns = "+-.";
    const auto before = std::size_t(piece.data() - m_text.data());
    std::size_t number = piece.size(), end = 0;
    for (auto digit = piece.find_first_of(kDigits); digit != std::string_view::npos; digit = piece.find_first_of(kDigits, end)) {
      number = digit;
      while (number > end && kSigns.find(piece[number - 1]) != std::string_view::npos) --number;
      end = std::clamp(numberEnd(before + number) - before, digit + 1, piece.size());
      const auto next = piece.find_first_not_of(' ', end);
      if (next == std::string_view::npos || (kDigits.find(piece[next]) == std::string_view::npos && kSigns.find(piece[next]) == std::string_view::npos)) break;
    }
    if (piece.empty() || piece.size() > kLongestName || number == 0 || number >= piece.size() || !isSpace(piece[number - 1])) return;
    constexpr std::string_view kBefore[] = {"", "+", "-", ".", "+.", "-."};  // "..5" and "--1" are no numbers
    const std::string_view signs = piece.substr(number, piece.find_first_of(kDigits, number) - number);
    if (std::find(std::begin(kBefore), std::end(kBefore), signs) == std::end(kBefore)) return;
    NamedValue v;
    v.name = piece.substr(0, piece.find_last_not_of(' ', number - 1) + 1);
    v.text = piece.substr(number, end - number);
    const std::string_view rest = piece.substr(end);
    const auto unit = rest.find_first_not_of(' ');
    if (unit != std::string_view::npos) v.unit = rest.substr(unit);
    if (v.unit.find(' ') != std::string_view::npos) return;
    if (m_out.size() < kMostColumns) m_out.push_back(v);
  }

  std::string_view m_text;
  std::vector<NamedValue>& m_out;
  std::size_t m_at = 0, m_begin = 0, m_name_end = 0;
  enum class Look { AtWord, InWord, Between } m_look = Look::AtWord;
  std::size_t m_looked_from = std::string_view::npos, m_looked = 0;  // see nameBegin()
};

}  // namespace

void addNamedValues(std::string_view text, std::vector<NamedValue>& out) {
  Scanner(text, out).scan();
}

}  // namespace distanz::formats
