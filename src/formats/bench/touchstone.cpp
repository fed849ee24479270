#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>
#include <string>

#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/text/ascii.h"
#include "formats/bench/row_faults.h"
#include "formats/bench/sweep_file.h"
#include "formats/csv_layout.h"
#include "formats/log_table.h"

namespace distanz::formats {
namespace {

using Complex = std::complex<double>;

constexpr std::size_t kMostNumbers = 9;  // of a row with two ports
constexpr double kMostMagnitude = 1e6;   // of anything that is measured

using text::upper;

bool isSpace(char c) {
  return c == ' ' || c == '\t' || c == '\r' || c == '\f' || c == '\v';
}

/// Next word of a line; empty at its end.
std::string_view takeWord(std::string_view& line) {
  while (!line.empty() && isSpace(line.front())) line.remove_prefix(1);
  std::size_t n = 0;
  while (n < line.size() && !isSpace(line[n])) ++n;
  const std::string_view word = line.substr(0, n);
  line.remove_prefix(n);
  return word;
}

std::optional<double> numberIn(std::string_view word) {
  if (word.starts_with('+')) word.remove_prefix(1);
  double value = 0;
  const auto [end, error] = fast_float::from_chars(word.data(), word.data() + word.size(), value);
  if (error != std::errc() || end != word.data() + word.size() || !std::isfinite(value)) return std::nullopt;
  return value;
}

/// Next number of a line, taken off it; none where the next word is no plain number, which then stays.
std::optional<double> takeNumber(std::string_view& line) {
  while (!line.empty() && isSpace(line.front())) line.remove_prefix(1);
  double value = 0;
  const char* const end = line.data() + line.size();
  const auto [at, error] = fast_float::from_chars(line.data(), end, value);
  if (error != std::errc() || (at != end && !isSpace(*at)) || !std::isfinite(value)) return std::nullopt;
  line.remove_prefix(static_cast<std::size_t>(at - line.data()));
  return value;
}

[[noreturn]] void refuse(Finding found, int line) {
  throw InputError(at(std::move(found), line));
}

enum class Pairs { RealImaginary, MagnitudeAngle, DecibelAngle };
enum class Matrix { Full, Lower, Upper };

class Reader {
 public:
  Reader(std::string_view bytes, int ports) : m_rest(bytes), m_ports(ports) {
    if (m_rest.starts_with("\xef\xbb\xbf")) m_rest.remove_prefix(3);
    if (m_rest.starts_with("\xff\xfe") || m_rest.starts_with("\xfe\xff"))
      throw InputError(finding("log-utf16"));
    if (m_rest.find('\0') != std::string_view::npos) throw InputError(finding("log-binary"));
  }

  SweepRead read() {
    while (!m_rest.empty() && !m_ended) {
      std::string_view line = takeLine(m_rest);
      ++m_line;
      if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size(), m_line));
      line = line.substr(0, line.find('!'));
      while (!line.empty() && isSpace(line.front())) line.remove_prefix(1);
      if (line.empty()) continue;
      if (line.front() == '[')
        keyword(line);
      else if (line.front() == '#')
        option(line.substr(1));
      else if (m_in_information)
        continue;
      else if (m_references_missing > 0)
        references(line);
      else
        row(line);
    }
    return finished();
  }

 private:
  // -- what comes before the data

  void option(std::string_view line) {
    if (m_option_line > 0) {  // "only the first counts"
      m_faults.add(finding("touchstone-second-option"), m_line);
      return;
    }
    m_option_line = m_line;
    if (m_rows > 0) refuse(finding("touchstone-option-late"), m_line);
    for (std::string word = upper(takeWord(line)); !word.empty(); word = upper(takeWord(line))) {
      if (word == "HZ" || word == "KHZ" || word == "MHZ" || word == "GHZ")
        m_unit_mhz = word == "HZ" ? 1e-6 : word == "KHZ" ? 1e-3 : word == "MHZ" ? 1 : 1e3;
      else if (word == "S" || word == "Z" || word == "Y")
        m_parameter = word.front();
      else if (word == "H" || word == "G")
        refuse(finding("touchstone-parameter", {{"parameter", word}}), m_line);
      else if (word == "RI" || word == "MA" || word == "DB")
        m_pairs = word == "RI"   ? Pairs::RealImaginary
                  : word == "MA" ? Pairs::MagnitudeAngle
                                 : Pairs::DecibelAngle;
      else if (word == "R") {
        const std::string_view text = takeWord(line);
        const auto ohm = numberIn(text);
        if (!ohm || !(*ohm > 0)) refuse(finding("touchstone-reference", {{"text", text}}), m_line);
        m_ohm = {*ohm, *ohm};
        // Version 1.1 files of some instruments give one for each port.
        std::string_view ahead = line;
        if (const auto second = numberIn(takeWord(ahead)); second && *second > 0) {
          m_ohm[1] = *second;
          line = ahead;
        }
      } else
        refuse(finding("touchstone-option", {{"text", word}}), m_line);
    }
  }

  void keyword(std::string_view line) {
    const auto end = line.find(']');
    if (end == std::string_view::npos) refuse(finding("touchstone-keyword", {{"text", line}}), m_line);
    const std::string said(line.substr(0, end + 1)), name = upper(line.substr(1, end - 1));
    line.remove_prefix(end + 1);
    if (m_references_missing > 0 && m_version == 2)
      refuse(finding("touchstone-reference", {{"text", said}}), m_line);
    if (name == "VERSION") return version(line);
    if (m_version != 2)
      refuse(finding("touchstone-out-of-order", {{"keyword", said}, {"first", "[Version]"}}), m_line);
    if (name == "END INFORMATION") {
      m_in_information = false;
      return;
    }
    if (m_in_information) return;
    if (name == "BEGIN INFORMATION")
      m_in_information = true;
    else if (name == "END")
      m_ended = true;
    else if (name == "NOISE DATA")
      m_in_noise = true;
    else if (name == "NETWORK DATA")
      networkData();
    else
      setting(name, said, line);
  }

  void version(std::string_view line) {
    const std::string_view text = takeWord(line);
    if (m_version != 0 || m_option_line > 0 || m_rows > 0)
      refuse(finding("touchstone-out-of-order", {{"keyword", "#"}, {"first", "[Version]"}}), m_line);
    const auto number = numberIn(text);
    if (!number || !(*number >= 1 && *number < 3))
      refuse(finding("touchstone-version", {{"text", text}}), m_line);
    m_version = *number < 2 ? 1 : 2;
  }

  void networkData() {
    if (m_option_line == 0)
      refuse(finding("touchstone-out-of-order", {{"keyword", "[Network Data]"}, {"first", "#"}}), m_line);
    if (!m_ports_said)
      refuse(
          finding("touchstone-out-of-order", {{"keyword", "[Network Data]"}, {"first", "[Number of Ports]"}}),
          m_line);
    m_in_data = true;
  }

  void setting(const std::string& name, const std::string& said, std::string_view line) {
    if (m_in_data)
      refuse(finding("touchstone-out-of-order", {{"keyword", "[Network Data]"}, {"first", said}}), m_line);
    const std::string_view text = takeWord(line);
    if (name == "NUMBER OF PORTS") {
      const auto ports = numberIn(text);
      if (!ports || (*ports != 1 && *ports != 2))
        refuse(finding("touchstone-ports", {{"ports", text}}), m_line);
      m_ports = static_cast<int>(*ports);
      m_ports_said = true;
    } else if (name == "TWO-PORT DATA ORDER" || name == "TWO-PORT ORDER") {
      if (text != "12_21" && text != "21_12") refuse(finding("touchstone-keyword", {{"text", text}}), m_line);
      m_21_first = text == "21_12";
    } else if (name == "NUMBER OF FREQUENCIES") {
      const auto count = numberIn(text);
      if (!count || !(*count >= 1) || *count != std::floor(*count))
        refuse(finding("touchstone-keyword", {{"text", text}}), m_line);
      m_count_said = *count;
    } else if (name == "MATRIX FORMAT") {
      const std::string format = upper(text);
      if (format != "FULL" && format != "LOWER" && format != "UPPER")
        refuse(finding("touchstone-keyword", {{"text", text}}), m_line);
      m_matrix = format == "FULL" ? Matrix::Full : format == "LOWER" ? Matrix::Lower : Matrix::Upper;
    } else if (name == "REFERENCE") {
      if (!m_ports_said)
        refuse(
            finding("touchstone-out-of-order", {{"keyword", "[Reference]"}, {"first", "[Number of Ports]"}}),
            m_line);
      m_references_missing = m_ports;
      if (!text.empty()) references(std::string_view(text.data(), text.size() + line.size()));
    } else if (name == "MIXED-MODE ORDER")
      refuse(finding("touchstone-parameter", {{"parameter", "[Mixed-Mode Order]"}}), m_line);
    else if (name != "NUMBER OF NOISE FREQUENCIES")
      m_faults.add(finding("touchstone-unknown-keyword", {{"keyword", said}}), m_line);
  }

  void references(std::string_view line) {
    for (std::string_view word = takeWord(line); !word.empty() && m_references_missing > 0;
         word = takeWord(line)) {
      const auto ohm = numberIn(word);
      if (!ohm || !(*ohm > 0)) refuse(finding("touchstone-reference", {{"text", word}}), m_line);
      m_ohm[static_cast<std::size_t>(m_ports - m_references_missing)] = *ohm;
      --m_references_missing;
    }
  }

  // -- rows

  std::size_t numbersOfRow() const { return m_ports == 1 ? 3 : m_matrix == Matrix::Full ? 9 : 7; }

  void row(std::string_view line) {
    if (m_version == 2 && !m_in_data)
      refuse(finding("touchstone-out-of-order", {{"keyword", takeWord(line)}, {"first", "[Network Data]"}}),
             m_line);
    if (m_in_noise) {
      ++m_noise;
      return;
    }
    std::array<double, kMostNumbers + 1> v{};
    std::size_t n = 0;
    while (true) {
      auto number = takeNumber(line);
      if (!number) {
        const std::string_view word = takeWord(line);
        if (word.empty()) break;
        number = numberIn(word);
        if (!number) {
          m_faults.add(finding("touchstone-number", {{"text", word}}), m_line);
          return;
        }
      }
      if (n <= kMostNumbers) v[n] = *number;
      ++n;
    }
    if (m_ports == 0 && (n == 3 || n == 9)) m_ports = n == 3 ? 1 : 2;
    // Noise parameters follow where five numbers begin again from a lower frequency.
    if (m_version != 2 && m_ports == 2 && n == 5 && m_rows > 0 && v[0] * m_unit_mhz <= m_last_mhz) {
      m_in_noise = true;
      ++m_noise;
      return;
    }
    if (m_ports == 0 || n != numbersOfRow()) {
      m_faults.add(
          finding("touchstone-row", {{"have", n}, {"want", m_ports == 0 ? std::size_t{3} : numbersOfRow()}}),
          m_line);
      return;
    }
    if (!(v[0] >= 0)) {
      m_faults.add(finding("sweep-frequency", {{"text", fmt::format("{:g}", v[0])}}), m_line);
      return;
    }
    if (std::any_of(v.begin() + 1, v.end(), [](double x) { return std::abs(x) > kMostMagnitude; })) {
      m_faults.add(finding("sweep-implausible"), m_line);
      return;
    }
    if (m_rows == kMostSweepPoints) refuse(finding("sweep-too-long", {{"most", kMostSweepPoints}}), m_line);
    keep(v);
  }

  Complex pair(const std::array<double, kMostNumbers + 1>& v, std::size_t first) const {
    const double a = v[first], b = v[first + 1];
    if (m_pairs == Pairs::RealImaginary) return {a, b};
    return std::polar(m_pairs == Pairs::DecibelAngle ? std::pow(10, a / 20) : std::abs(a),
                      (b + (m_pairs == Pairs::MagnitudeAngle && a < 0 ? 180 : 0)) * std::numbers::pi / 180);
  }

  void keep(const std::array<double, kMostNumbers + 1>& v) {
    if (m_ports != 1 && m_parameter != 'S')
      refuse(finding("touchstone-parameter", {{"parameter", std::string(1, m_parameter)}}), m_line);
    std::array<Complex, kMostNumbers / 2> pairs;
    const std::size_t n = numbersOfRow() / 2;
    for (std::size_t i = 0; i < n; ++i) pairs[i] = pair(v, 2 * i + 1);
    if (m_ports == 1) pairs[0] = gammaOf(pairs[0]);
    if (!std::all_of(pairs.begin(), pairs.begin() + n, plausible)) {
      m_faults.add(finding("sweep-implausible"), m_line);
      return;
    }
    bench::Sweep& s = m_read.sweep;
    m_last_mhz = v[0] * m_unit_mhz;
    ++m_rows;
    s.frequency_mhz.push_back(m_last_mhz);
    s.s11.push_back(pairs[0]);
    if (m_ports == 1) return;
    const bool full = m_matrix == Matrix::Full;
    s.s21.push_back(pairs[!full || m_21_first ? 1 : 2]);
    s.s12.push_back(pairs[!full || !m_21_first ? 1 : 2]);
    s.s22.push_back(pairs[n - 1]);
  }

  static bool plausible(Complex v) {
    return std::abs(v.real()) <= kMostMagnitude && std::abs(v.imag()) <= kMostMagnitude;
  }

  /// Impedances and admittances are normalised in version 1, in ohm and siemens in version 2.
  Complex gammaOf(Complex value) const {
    if (m_parameter == 'S') return value;
    const double scale = m_version == 2 ? m_ohm[0] : 1;
    const Complex gamma = m_parameter == 'Z' ? (value - scale) / (value + scale)
                                             : (1.0 - value * scale) / (1.0 + value * scale);
    return std::isfinite(std::norm(gamma)) ? gamma : Complex(1);
  }

  SweepRead finished() {
    m_read.sweep.reference_ohm = m_ohm[0];
    m_read.sweep.reference2_ohm = m_ohm[1];
    if (m_rows == 0) throw InputError(m_faults.any() ? m_faults.first() : finding("sweep-no-points"));
    if (m_count_said && *m_count_said != static_cast<double>(m_rows))
      m_read.problems.push_back(
          finding("touchstone-count", {{"said", *m_count_said, quantity::Unit::None}, {"found", m_rows}}));
    if (m_noise > 0) m_read.problems.push_back(finding("touchstone-noise", {{"rows", m_noise}}));
    for (Finding& f : m_faults.told()) m_read.problems.push_back(std::move(f));
    settle(m_read);
    return std::move(m_read);
  }

  std::string_view m_rest;
  int m_line = 0, m_option_line = 0;
  int m_version = 0;  ///< 0: none said
  int m_ports = 0;
  bool m_ports_said = false, m_21_first = true, m_in_information = false, m_in_data = false,
       m_in_noise = false, m_ended = false;
  Matrix m_matrix = Matrix::Full;
  Pairs m_pairs = Pairs::MagnitudeAngle;
  char m_parameter = 'S';
  double m_unit_mhz = 1e3, m_last_mhz = 0;
  std::array<double, 2> m_ohm{50, 50};
  int m_references_missing = 0;
  std::optional<double> m_count_said;
  std::size_t m_rows = 0, m_noise = 0;
  RowFaults m_faults;
  SweepRead m_read;
};

}  // namespace

SweepRead readTouchstone(std::string_view bytes, int ports) {
  return Reader(bytes, ports).read();
}

std::string writeTouchstone(const bench::Sweep& s) {
  const bool two = !s.s21.empty();
  std::string out =
      s.reference_ohm == s.reference2_ohm || !two
          ? fmt::format("# MHz S RI R {}\n", s.reference_ohm)
          : fmt::format(
                "[Version] 2.0\n# MHz S RI R {}\n[Number of Ports] 2\n[Two-Port Data Order] 21_12\n"
                "[Number of Frequencies] {}\n[Reference] {} {}\n[Network Data]\n",
                s.reference_ohm, s.s11.size(), s.reference_ohm, s.reference2_ohm);
  const auto add = [&](Complex v) { fmt::format_to(std::back_inserter(out), " {} {}", v.real(), v.imag()); };
  for (std::size_t i = 0; i < s.s11.size(); ++i) {
    fmt::format_to(std::back_inserter(out), "{}", s.frequency_mhz[i]);
    add(s.s11[i]);
    if (two) add(s.s21[i]), add(s.s12[i]), add(s.s22[i]);
    out += '\n';
  }
  if (two && s.reference_ohm != s.reference2_ohm) out += "[End]\n";
  return out;
}

}  // namespace distanz::formats
