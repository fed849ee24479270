#include "formats/named_values.h"

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
  std::string_view name(std::size_t end) const {
    std::size_t first = m_begin;
    const auto begins = [&](std::size_t i) { return isLetter(m_text[i]) || m_text[i] == '_'; };
    while (first < end && !begins(first)) {
      while (first < end && !isSpace(m_text[first])) ++first;
      while (first < end && (isSpace(m_text[first]) || m_text[first] == ',')) ++first;
    }
    while (end > first && isSpace(m_text[end - 1])) --end;
    return m_text.substr(first, end - first);
  }
  std::size_t nameLength() const {
    const std::string_view n = name(m_at);
    return n.size() > kLongestName ? 0 : n.size();
  }

  bool valueFollows(std::size_t i) const {
    while (isSpace(at(i))) ++i;
    const char c = at(i);
    if (isDigit(c) || isLetter(c) || c == '"') return true;
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

  /// "alt 50.3m speed: 12": what goes before a name, as a value of its own. A number that may be part of the name
  /// ("RSSI 2") has neither a point nor a unit.
  void splitName() {
    for (std::size_t i = m_begin + 1; i < m_name_end; ++i) {
      if (!isSpace(m_text[i - 1]) || !(isDigit(m_text[i]) || m_text[i] == '-')) continue;
      const std::size_t number = numberEnd(i), end = unitEnd(number);
      if (number == i || end >= m_name_end || !isSpace(m_text[end])) continue;
      if (end == number && m_text.substr(i, number - i).find('.') == std::string_view::npos) continue;
      m_at = end;
      endPiece();
      m_begin = end;
      i = end;
    }
  }

  void takeValue() {
    const std::size_t value = m_at;
    splitName();
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

  /// "12.3m", "98 %": right behind the number, or a known one behind a space.
  void takeUnit(NamedValue& v) {
    std::size_t begin = m_at, end = unitEnd(begin);
    if (end == begin && isSpace(at(begin))) {
      ++begin;
      end = unitEnd(begin);
      std::size_t next = end;
      while (isSpace(at(next))) ++next;
      if (end == begin || isDigit(at(end)) || at(end) == '_' || at(next) == ':' || at(next) == '=' || !quantity::isUnit(m_text.substr(begin, end - begin))) return;
    }
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

  /// A piece without a colon or an equals sign: "D 12.3m".
  void endPiece() {
    const std::string_view piece = name(m_at);
    const auto digit = piece.find_first_of("0123456789");
    if (piece.empty() || piece.size() > kLongestName || digit == std::string_view::npos) return;
    std::size_t number = digit;
    while (number > 0 && (piece[number - 1] == '-' || piece[number - 1] == '+' || piece[number - 1] == '.')) --number;
    if (number == 0 || !isSpace(piece[number - 1])) return;
    NamedValue v;
    v.name = piece.substr(0, piece.find_last_not_of(' ', number - 1) + 1);
    const std::size_t begin = std::size_t(piece.data() - m_text.data()) + number, end = numberEnd(begin);
    v.text = m_text.substr(begin, end - begin);
    const std::string_view rest = piece.substr(end - std::size_t(piece.data() - m_text.data()));
    const auto unit = rest.find_first_not_of(' ');
    if (unit != std::string_view::npos) v.unit = rest.substr(unit);
    if (v.unit.find(' ') != std::string_view::npos) return;
    if (m_out.size() < kMostColumns) m_out.push_back(v);
  }

  std::string_view m_text;
  std::vector<NamedValue>& m_out;
  std::size_t m_at = 0, m_begin = 0, m_name_end = 0;
};

}  // namespace

void addNamedValues(std::string_view text, std::vector<NamedValue>& out) {
  Scanner(text, out).scan();
}

}  // namespace distanz::formats
