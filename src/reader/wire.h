#pragma once
#include <bit>
#include <cstdint>
#include <cstring>
#include <stdexcept>
#include <string>
#include <string_view>
#include <vector>

/// Numbers and texts as bytes between program and reader: little-endian, lengths before contents.
namespace distanz::reader {

static_assert(std::endian::native == std::endian::little);

/// What was received cannot be what was sent.
struct Garbled : std::runtime_error {
  Garbled() : std::runtime_error("garbled") {}
};

class Writer {
 public:
  template <class Number>
  void number(Number value) {
    static_assert(std::is_arithmetic_v<Number> || std::is_enum_v<Number>);
    m_bytes.append(reinterpret_cast<const char*>(&value), sizeof value);
  }
  void text(std::string_view text) {
    number(static_cast<std::uint32_t>(text.size()));
    m_bytes.append(text);
  }
  template <class Number>
  void numbers(const std::vector<Number>& values) {
    number(static_cast<std::uint32_t>(values.size()));
    m_bytes.append(reinterpret_cast<const char*>(values.data()), values.size() * sizeof(Number));
  }
  std::string take() { return std::move(m_bytes); }

 private:
  std::string m_bytes;
};

class Parser {
 public:
  explicit Parser(std::string_view bytes) : m_bytes(bytes) {}
  template <class Number>
  Number number() {
    static_assert(std::is_arithmetic_v<Number> && !std::is_same_v<Number, bool>);
    Number value;
    std::memcpy(&value, chunk(sizeof value).data(), sizeof value);
    return value;
  }
  bool flag() {
    const auto value = number<std::uint8_t>();
    if (value > 1) throw Garbled();
    return value == 1;
  }
  /// @param last greatest value it may have
  template <class Enum>
  Enum kind(Enum last) {
    const auto value = number<std::uint8_t>();
    if (value > static_cast<std::uint8_t>(last)) throw Garbled();
    return static_cast<Enum>(value);
  }
  std::string text(std::size_t longest) { return std::string(chunk(count(longest))); }
  template <class Number>
  std::vector<Number> numbers(std::size_t most) {
    const std::size_t n = count(most);
    const std::string_view from = chunk(n * sizeof(Number));  // before anything is allocated
    std::vector<Number> out(n);
    if (n) std::memcpy(out.data(), from.data(), from.size());
    return out;
  }
  /// How many follow, each of at least one byte.
  std::size_t count(std::size_t most) {
    const std::size_t n = number<std::uint32_t>();
    if (n > most || n > m_bytes.size()) throw Garbled();
    return n;
  }
  void end() const {
    if (!m_bytes.empty()) throw Garbled();
  }

 private:
  std::string_view chunk(std::size_t size) {
    if (size > m_bytes.size()) throw Garbled();
    const std::string_view out = m_bytes.substr(0, size);
    m_bytes.remove_prefix(size);
    return out;
  }
  std::string_view m_bytes;
};

}  // namespace distanz::reader
