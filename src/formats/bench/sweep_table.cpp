#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <numbers>
#include <optional>

#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/radio/mismatch.h"
#include "core/text/ascii.h"
#include "formats/bench/bench_columns.h"
#include "formats/bench/row_faults.h"
#include "formats/bench/sweep_file.h"
#include "formats/csv_layout.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

using Complex = std::complex<double>;

enum class Column {
  Frequency,
  Vswr,
  ReturnLoss,
  S11,
  Magnitude,
  Angle,
  Real,
  Imaginary,
  Resistance,
  Reactance
};

struct Words {
  Column column;
  std::vector<std::string_view> any;
};

/// What the columns of a sweep are called, the most telling first.
const std::vector<Words>& columnWords() {
  static const std::vector<Words> kWords = {
      {Column::Frequency, {"frequency", "freq", "f"}},
      {Column::Vswr, {"vswr", "swr"}},
      {Column::ReturnLoss, {"return loss", "returnloss", "rl"}},
      {Column::Angle, {"angle", "phase", "arg", "s11 deg", "deg"}},
      {Column::Real, {"real", "re", "s11 re", "s11 real"}},
      {Column::Imaginary, {"imaginary", "imag", "im", "s11 im", "s11 imag"}},
      {Column::Resistance, {"resistance", "r", "rs", "re z"}},
      {Column::Reactance, {"reactance", "x", "xs", "im z"}},
      {Column::S11, {"s11 db", "db s11", "s11db", "s11"}},
      {Column::Magnitude, {"magnitude", "mag", "s11 mag", "gamma", "reflection", "rho", "lin"}},
  };
  return kWords;
}

std::optional<Column> columnOf(const ColumnName& name) {
  if (name.words == "s11" && (name.unit.empty() || name.unit == "lin"))
    return name.unit.empty() ? Column::S11 : Column::Magnitude;
  for (const Words& w : columnWords())
    for (std::string_view word : w.any)
      if (name.words == word) return w.column;
  for (const Words& w : columnWords())
    if (w.any.front().size() > 3 && name.words.find(w.any.front()) != std::string::npos) return w.column;
  return std::nullopt;
}

class Table {
 public:
  explicit Table(std::string_view bytes) : m_bytes(bytes), m_layout(layoutOf(bytes)) {
    for (std::size_t i = 0; i < m_layout.header.size(); ++i)
      if (const auto c = columnOf(columnName(m_layout.header[i])); c && at(*c) < 0)
        m_at[static_cast<std::size_t>(*c)] = static_cast<int>(i);
    if (at(Column::Frequency) < 0) throw InputError(finding("sweep-no-frequency"));
    choose();
  }

  SweepRead read() {
    std::vector<double> fields(m_layout.header.size());
    std::string_view rest = m_bytes.substr(m_layout.data_begin);
    int line_number = m_layout.header_line;
    std::vector<std::pair<double, int>> frequency;
    bool negative = false;
    while (!rest.empty()) {
      std::string_view line = takeLine(rest);
      ++line_number;
      if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size(), line_number));
      if (isBlankLine(line) || line.starts_with('#') || line.starts_with('!')) continue;
      for (double& v : fields) v = NAN;
      for (double& v : fields) {
        if (line.empty()) break;
        v = number(takeField(line, m_layout.delimiter));
      }
      keep(fields, line_number, negative);
    }
    return finished(negative);
  }

 private:
  int at(Column c) const { return m_at[static_cast<std::size_t>(c)]; }
  double value(const std::vector<double>& fields, Column c) const {
    return fields[static_cast<std::size_t>(at(c))];
  }
  double number(std::string_view field) const {
    const std::string lower = text::lower(field);
    if (lower == "inf" || lower == "infinity" || lower == "\u221e") return INFINITY;
    return parseNumber(field, m_layout.decimal_comma);
  }

  /// Which columns the reflection is made of: both parts before magnitude and angle before one number.
  void choose() {
    const auto have = [&](Column a) { return at(a) >= 0; };
    using enum Column;
    if (have(Real) && have(Imaginary))
      m_of = [this](const auto& f) { return Complex(value(f, Real), value(f, Imaginary)); };
    else if (have(Resistance) && have(Reactance))
      m_of = [this](const auto& f) {
        const Complex z(value(f, Resistance) / 50, value(f, Reactance) / 50);
        return std::isinf(std::abs(z)) ? Complex(1) : (z - 1.0) / (z + 1.0);
      };
    else if (have(Angle) && (have(Magnitude) || have(S11)))
      m_of = [this](const auto& f) {
        const double size = at(Magnitude) >= 0 ? value(f, Magnitude) : std::pow(10, value(f, S11) / 20);
        return size >= 0 ? std::polar(size, value(f, Angle) * std::numbers::pi / 180) : Complex(NAN);
      };
    else {
      m_read.sweep.has_phase = false;
      if (have(Vswr))
        m_of = [this](const auto& f) {
          const double s = value(f, Vswr);
          return Complex(s >= 1 ? radio::reflection(s) : NAN);
        };
      else if (have(ReturnLoss))
        m_of = [this](const auto& f) { return Complex(std::pow(10, -std::abs(value(f, ReturnLoss)) / 20)); };
      else if (have(S11))
        m_of = [this](const auto& f) { return Complex(std::pow(10, value(f, S11) / 20)); };
      else if (have(Magnitude))
        m_of = [this](const auto& f) { return Complex(value(f, Magnitude)); };
      else
        throw InputError(finding("sweep-no-reflection"));
    }
  }

  void keep(const std::vector<double>& fields, int line, bool& negative) {
    const double f = value(fields, Column::Frequency);
    if (!std::isfinite(f) || f < 0) {
      m_faults.add(finding("sweep-frequency-missing"), line);
      return;
    }
    if (at(Column::Vswr) >= 0 && value(fields, Column::Vswr) < 1) {
      m_faults.add(finding("sweep-vswr-below-1"), line);
      return;
    }
    const Complex gamma = m_of(fields);
    if (!std::isfinite(std::norm(gamma)) || std::abs(gamma) > 1e6) {
      m_faults.add(finding("sweep-reflection-missing"), line);
      return;
    }
    if (m_read.sweep.s11.size() == kMostSweepPoints)
      throw InputError(inLine(finding("sweep-too-long", {{"most", kMostSweepPoints}}), line));
    negative = negative || (at(Column::ReturnLoss) >= 0 && value(fields, Column::ReturnLoss) < 0);
    m_read.sweep.frequency_mhz.push_back(f);
    m_read.sweep.s11.push_back(gamma);
  }
  static Finding inLine(Finding f, int line) { return distanz::at(std::move(f), line); }

  SweepRead finished(bool negative) {
    auto& frequency = m_read.sweep.frequency_mhz;
    if (frequency.empty()) throw InputError(m_faults.any() ? m_faults.first() : finding("sweep-no-points"));
    const double scale =
        megahertzIn(columnName(m_layout.header[static_cast<std::size_t>(at(Column::Frequency))]),
                    *std::max_element(frequency.begin(), frequency.end()));
    for (double& f : frequency) f *= scale;
    if (negative && m_read.sweep.has_phase == false && at(Column::Vswr) < 0)
      m_read.problems.push_back(finding("sweep-return-loss-sign"));
    for (Finding& f : m_faults.told()) m_read.problems.push_back(std::move(f));
    settle(m_read);
    return std::move(m_read);
  }

  std::string_view m_bytes;
  CsvLayout m_layout;
  std::array<int, 10> m_at{-1, -1, -1, -1, -1, -1, -1, -1, -1, -1};
  std::function<Complex(const std::vector<double>&)> m_of;
  RowFaults m_faults;
  SweepRead m_read;
};

}  // namespace

SweepRead readSweepTable(std::string_view bytes) {
  return Table(bytes).read();
}

std::string writeSweepTable(const bench::Sweep& s) {
  std::string out = "frequency_mhz,s11_real,s11_imag,vswr,return_loss_db,mismatch_loss_db\n";
  const auto text = [](double v) { return std::isfinite(v) ? fmt::format("{:.6g}", v) : std::string(); };
  for (std::size_t i = 0; i < s.s11.size(); ++i) {
    const bench::Match m = bench::matchOf(s.frequency_mhz[i], s.s11[i]);
    out += fmt::format("{},{},{},{},{},{}\n", s.frequency_mhz[i], s.s11[i].real(), s.s11[i].imag(),
                       text(m.vswr), text(m.return_loss_db), text(m.mismatch_loss_db));
  }
  return out;
}

}  // namespace distanz::formats
