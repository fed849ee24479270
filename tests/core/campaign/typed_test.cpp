// Lists of values as a pilot types them.
#include "core/campaign/typed.h"

#include <catch2/catch.hpp>

#include "core/finding/error.h"
#include "support/told.h"
#include "words/quantity.h"

using namespace distanz::campaign;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

std::vector<Link> links(std::vector<std::string> ids) {
  std::vector<Link> out;
  for (auto& id : ids) {
    out.emplace_back();
    out.back().id = id;
  }
  return out;
}

}  // namespace

TEST_CASE("modes: what is written is read back, with or without the unit of the mode") {
  const std::vector<ModeSensitivity> modes{{50, -112}, {150, -107.5}};
  CHECK(parseModes(distanz::words::modes(modes).toStdString()).modes == modes);
  CHECK(parseModes("50 Hz: -112 dBm ;150Hz:-107.5;").modes == modes);
  CHECK(parseModes("").modes.empty());
  CHECK_FALSE(parseModes("").problem);
}

TEST_CASE("modes: what cannot be read is refused with what to type instead, and nothing is kept") {
  const auto [text, because] =
      GENERATE(table<std::string, std::string>({{"50 -112", "50: -112 dBm"},
                                                {"fast: -112 dBm", "fast"},
                                                {"50: -112 dBm; 50: -100 dBm", "twice"},
                                                {"50: 80 dBm", "30"},
                                                {"50: -112 dB/m", "dB/m"}}));
  const TypedModes typed = parseModes(text);
  CHECK(typed.modes.empty());
  CHECK_THAT(distanz::test::told(typed.problem), Contains(because));
}

TEST_CASE("reduced power: dB, a share of the power, or both powers; per link where there are several") {
  const auto one = links({"control"}), two = links({"control", "video"});
  CHECK_THAT(parseReduced("20 dB", one).reduced_db.at("control"), WithinAbs(20, 1e-12));
  CHECK_THAT(parseReduced("1/30", one).reduced_db.at("control"), WithinAbs(14.771, 0.001));
  CHECK_THAT(parseReduced("10 mW of 1 W", one).reduced_db.at("control"), WithinAbs(20, 1e-9));
  const auto both = parseReduced("control 20 dB; video 1/10", two).reduced_db;
  CHECK_THAT(both.at("video"), WithinAbs(10, 1e-9));
  CHECK(parseReduced(distanz::words::reduced(both, two).toStdString(), two).reduced_db == both);
  CHECK(parseReduced("", one).reduced_db.empty());
  for (const char* wrong : {"lots", "-3 dB", "0 dB", "1/0", "1/x", "250 mW of 25 mW", "101 dB"}) {
    CAPTURE(wrong);
    const TypedReduction typed = parseReduced(wrong, one);
    CHECK(typed.reduced_db.empty());
    CHECK(typed.problem);
  }
  CHECK_THAT(distanz::test::told(parseReduced("20 dB", two).problem), Contains("names no link"));
}
