// The made-up logs of tests/data/logs (scripts/make-logs): every form reads right without a touch.
#include <catch2/catch.hpp>
#include <cmath>
#include <nlohmann/json.hpp>

#include "formats/files.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "support/two_links.h"

using namespace distanz;
using nlohmann::json;

namespace {

const std::filesystem::path kLogs = std::filesystem::path(DISTANZ_TEST_DATA) / "logs";

std::string formatOf(const std::string& bytes) {
  const formats::LogFormat* format = nullptr;
  formats::openLog(bytes, &format);
  return format->name;
}

}  // namespace

TEST_CASE("corpus: sixty logs in all forms read right without a correction") {
  const json manifest = json::parse(formats::readFile(kLogs / "manifest.json"));
  CHECK(manifest.size() == 60);
  for (const json& one : manifest) {
    const std::string name = one["file"];
    INFO(name);
    const std::string bytes = formats::readFile(kLogs / name);
    CHECK(formatOf(bytes) == one["format"]);
    const auto needs = one["needs"] == "anything" ? formats::Needs::Anything : formats::Needs::Measurement;
    const log::Recording r = formats::readRecording(bytes, name, test::controlAndVideo(), {}, needs);
    CHECK(r.rows() == one["rows"].get<std::size_t>());
    CHECK(r.time_s.back() == Approx(double(r.rows() - 1)).margin(1.01));
    for (const auto& [channel, want] : one["channels"].items()) {
      INFO(channel);
      const auto* values = r.find(channel);
      REQUIRE(values);
      const std::size_t rows[] = {0, r.rows() / 2, r.rows() - 1};
      for (std::size_t i = 0; i < 3; ++i) CHECK((*values)[rows[i]] == Approx(want[i].get<double>()).margin(1e-4));
    }
  }
}
