// Findings as JSON: there and back, and out of a file that somebody else wrote.
#include "formats/finding_json.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include "core/finding/catalogue.h"
#include "core/quantity/unit.h"
#include "words/say.h"

using namespace distanz;
using namespace distanz::formats;

TEST_CASE("findings: a step of Undo is read back as it was kept") {
  const Finding kept = finding("step-said",
                               {{"what", "x"},
                                {"plain", 2.5, quantity::Unit::None},
                                {"length", Measure{12.5, quantity::Unit::Metre, 10, 15}},
                                {"charge", 2, quantity::Unit::AmpereHour},
                                {"term", Term{"part-quality"}}},
                               {"run", "A1"});
  CHECK(findingFromText(findingJson(kept).dump()) == kept);
}

TEST_CASE("findings: what a hostile history holds in place of one is read, never thrown", "[hostile]") {
  for (const char* text :
       {"", "moved a run", "[]", "{}", R"({"code": 5})", R"({"code": "no-such"})",
        R"({"code": "step-said", "quantities": {"what": {"value": "x", "unit": 5}}})",
        R"({"code": "step-said", "quantities": {"what": {"term": 5, "low": [], "unit": {}}}})",
        R"({"code": "step-said", "quantities": {"what": {"value": 1e999}}, "subject": {"kind": 1}})",
        R"({"code": "step-said", "quantities": [1], "subject": []})"}) {
    CAPTURE(text);
    CHECK_NOTHROW(words::say(findingFromText(text)));
  }
  for (const FindingInfo& info : allFindings()) {  // none of what its text speaks of
    CAPTURE(info.code);
    CHECK_NOTHROW(words::say(findingFromText(R"({"code": ")" + std::string(info.code) + "\"}")));
    std::string quantities;
    for (const char* wrong : {"\"{x}\"", R"({"term": "no-such"})", R"({"value": null, "low": 1})"}) {
      quantities.clear();
      std::string names(info.arguments);
      for (std::size_t at = 0; at < names.size();) {
        const std::size_t end = std::min(names.find(' ', at), names.size());
        const std::string name = names.substr(at, std::min(names.find(':', at), end) - at);
        quantities += (quantities.empty() ? "\"" : ", \"") + name + "\": " + wrong;
        at = end + 1;
      }
      CHECK_NOTHROW(words::say(findingFromText(R"({"code": ")" + std::string(info.code) +
                                               R"(", "quantities": {)" + quantities + "}}")));
    }
  }
}
