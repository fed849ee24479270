#include "formats/sliced_text.h"

#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>

#include "formats/column_match.h"
#include "formats/files.h"
#include "formats/log_reader.h"
#include "formats/table_reader.h"
#include "support/one_link.h"
#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::WithinAbs;

namespace {

class Held : public ByteSource {
 public:
  explicit Held(const std::string& all) : m_all(all) {}
  std::size_t size() const override { return m_all.size(); }
  std::string next(std::size_t most) override {
    const std::string out = m_all.substr(m_at, most);
    m_at += out.size();
    return out;
  }

 private:
  const std::string& m_all;
  std::size_t m_at = 0;
};

std::string flight(int rows) {
  std::string out = "time_s,distance_m,control.rssi_dbm,control.rate_hz\n";
  for (int i = 0; i < rows; ++i) out += fmt::format("{:.2f},{:.1f},{:.2f},{}\n", 0.1 * i, 5.0 * std::min(i, rows - i), -60 - 0.01 * i, i < rows / 2 ? 150 : 50);
  return out;
}

LogRead readSliced(const std::string& bytes, std::size_t slice, std::size_t most = kMostValues) {
  const auto log = openSlicedText([&] { return std::make_unique<Held>(bytes); }, slice, most);
  return readLog(*log, matchColumns(log->head(), test::oneLink().links));
}

}  // namespace

TEST_CASE("sliced text: reads what reading at once reads, wherever the slices end") {
  const std::string bytes = flight(3000);
  const auto at_once = openDelimitedText(bytes);
  const LogRead whole = readLog(*at_once, matchColumns(at_once->head(), test::oneLink().links));
  const std::size_t slice = GENERATE(200u, 997u, 4096u, 1u << 20);
  CHECK(readSliced(bytes, slice).recording == whole.recording);
  CHECK(readSliced(bytes.substr(0, bytes.size() - 1), slice).recording == whole.recording);  // no line end at its end
}

TEST_CASE("sliced text: what has too many values is thinned, told, and stays what it was") {
  const std::string bytes = flight(6000);
  const LogRead thinned = readSliced(bytes, 5000, 8000);
  REQUIRE(thinned.recording.rows() < 2000);
  REQUIRE(thinned.recording.rows() > 1000);
  CHECK(thinned.problems.front().code == "rows-thinned");
  const auto& distance = *thinned.recording.find("distance_m");
  CHECK_THAT(*std::max_element(distance.begin(), distance.end()), WithinAbs(15000, 30));
  for (const double rate : *thinned.recording.find("control.rate_hz")) CHECK((rate == 150 || rate == 50));  // no mode between two
  double sum = 0;
  for (const double v : *thinned.recording.find("control.rssi_dbm")) sum += v;
  CHECK_THAT(sum / double(thinned.recording.rows()), WithinAbs(-60 - 0.01 * 2999.5, 0.05));
}

TEST_CASE("sliced text: other formats, a line without end, and a file that shrinks meanwhile are refused") {
  const std::string json = "{\"time_s\": 0, \"control.rssi_dbm\": -60}\n{\"time_s\": 1, \"control.rssi_dbm\": -61}\n";
  CHECK_THROWS_AS(openSlicedText([&] { return std::make_unique<Held>(json); }), InputError);
  const std::string endless = flight(10) + std::string(100000, '7');
  CHECK_THROWS_AS(readSliced(endless, 1000), InputError);
  const test::TempDir dir;
  CHECK_THROWS_AS(largeFile(dir / "none"), InputError);
  test::spill(dir / "small.csv", flight(10));
  CHECK_FALSE(largeFile(dir / "small.csv"));  // read at once
}

TEST_CASE("sliced text: a comma for a point is what the head shows, whatever a slice begins with", "[regression]") {
  std::string bytes = "time_s;distance_m;control.rssi_dbm\n";
  for (int i = 0; i < 400; ++i) bytes += i < 100 || i % 50 == 49 ? fmt::format("{};{},5;-60,25\n", i, i) : fmt::format("{};{};-61\n", i, i);
  const auto at_once = openDelimitedText(bytes);
  CHECK(readSliced(bytes, 600).recording == readLog(*at_once, matchColumns(at_once->head(), test::oneLink().links)).recording);
}
