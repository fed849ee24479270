// Findings become sentences: every code has its text, every gap its quantity, and what is put in stays what
// it is.
#include "words/say.h"

#include <catch2/catch.hpp>
#include <regex>
#include <set>
#include <sstream>

#include "core/finding/catalogue.h"
#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "support/told.h"
#include "words/phrases.h"
#include "words/texts.h"

using namespace distanz;
using Catch::Matchers::Contains;
using quantity::Unit;

namespace {

std::vector<std::string> argumentsOf(const FindingInfo& info) {
  std::istringstream in{std::string(info.arguments)};
  std::vector<std::string> out;
  for (std::string name; in >> name;) out.push_back(name);
  return out;
}

/// A finding with a quantity of the right kind in every gap.
Finding example(const FindingInfo& info) {
  Finding out = finding(info.code, {}, {"run", "A1"});
  for (const std::string& argument : argumentsOf(info)) {
    const auto colon = argument.find(':');
    if (argument == "how")  // a sentence of its own ends the one it stands in
      out.arguments.emplace_back(argument, finding("how-far"));
    else if (colon == std::string::npos)
      out.arguments.emplace_back(argument, "text");
    else
      out.arguments.emplace_back(argument.substr(0, colon), Measure{2, Unit::Metre, 1, 3});
  }
  return out;
}

}  // namespace

TEST_CASE("findings: every code has what is said for it, every gap is filled by a quantity of its row") {
  for (const FindingInfo& info : allFindings()) {
    CAPTURE(info.code);
    const words::Text* text = words::textOf(info.code);
    REQUIRE(text);
    const bool speaks = *text->title || *text->text;
    CHECK(speaks);
    std::set<std::string> declared{"run"};
    for (const std::string& a : argumentsOf(info)) declared.insert(a.substr(0, a.find(':')));
    const std::string both = std::string(text->title) + text->text;
    const std::regex gap("\\{([a-z_]+)(\\.(low|high|span))?(:[^}]*)?\\}");
    for (std::sregex_iterator i(both.begin(), both.end(), gap), end; i != end; ++i)
      CHECK(declared.contains((*i)[1].str()));
    const test::Said said = test::said(example(info));
    CHECK_THAT(said.title + said.text, !Contains("?") && !Contains("{") && !Contains("}"));
  }
}

TEST_CASE("findings: codes are told once each, and are known by their row") {
  std::set<std::string_view> codes;
  for (const FindingInfo& info : allFindings()) CHECK(codes.insert(info.code).second);
  CHECK(infoOf("better")->severity == Severity::Result);
  CHECK_FALSE(infoOf("no such code"));
  CHECK_THAT(test::told(finding("no such code")), Contains("no such code"));
}

TEST_CASE(
    "findings: refusals go on a line of their own and end without a stop; cautions and advice are "
    "sentences") {
  for (const FindingInfo& info : allFindings()) {
    CAPTURE(info.code);
    const std::string said = test::told(example(info));
    if (info.severity == Severity::Refusal || info.severity == Severity::Step)
      CHECK_THAT(said, !Catch::EndsWith("."));
    if (info.severity == Severity::Caution || info.severity == Severity::Advice)
      CHECK_THAT(said, Catch::EndsWith("."));
  }
}

TEST_CASE("findings: what is put in a gap is never taken for a gap", "[regression]") {
  const Finding f =
      finding("better-open", {{"better", "B"}, {"better_name", "{worse} & {run}"}, {"worse", "A"}, {"worse_name", "{better}"}});
  CHECK(test::said(f).title == "{worse} & {run} reaches farther than {better}");
  const Finding p = finding("position-jumps", {{"wrong", 3}, {"known", 9}}, {"run", "{text}"});
  CHECK(test::told(p) == "Run {text}: 3 of 9 positions out of reach and left out.");
}

TEST_CASE("findings: a gap that nothing fills shows as such, and nothing is thrown") {
  CHECK(
      test::told(finding("one-flight")) ==
      "Flown once only: ?. The flight-to-flight spread is unknown. Fly at least twice more.");
}

TEST_CASE("findings: counts have their plural, measures their decimals, sign and interval") {
  CHECK(words::counted("flights", 1) == "1 flight");
  CHECK(words::counted("flights", 2) == "2 flights");
  CHECK(words::counted("flight-pairs-more", 0) == "0 more pairs of flights");
  CHECK(words::counted("no such count", 3).isEmpty());
  CHECK(words::term("part-bitrate") == "bitrate");
  const Finding f = finding(
      "why-fall", {{"slope", 27.4, Unit::Decibel}, {"exponent", Measure{2.741, Unit::None, 2.5, 3.0}}});
  CHECK(test::told(f) ==
        "The signal falls by 27 dB per factor 10 of distance (exponent 2.74, 95 %: 2.50–3.00).");
  CHECK_THAT(test::told(finding("why-flight", {{"off", 1.26, Unit::Decibel}}, {"run", "A1"})),
             Contains("A1: +1.3 dB"));
}

TEST_CASE("findings: an exception of ours says its finding, any other what it says of itself") {
  CHECK(test::told(InputError(inFile("a.csv", finding("no-rows")))) ==
        "a.csv: the file has column names but no rows; choose the log that the recorder wrote");
  CHECK(test::told(InputError(inRun("A1", finding("no-log")))) == "run A1: there is no log");
  CHECK(test::told(std::runtime_error("odd")) == "odd");
  CHECK_THAT(test::told(DomainError("0 < p < 1")), Contains("0 < p < 1") && Contains("fault of Distanz"));
  CHECK(std::string(InputError(finding("no-rows")).what()) == "no-rows");  // for debuggers: no sentence
}

TEST_CASE("findings: as one line for debuggers, with code, subject and arguments") {
  const Finding f = finding("left-out",
                            {{"link", "video"},
                             {"why", finding("no-log")},
                             {"part", Term{"part-margin"}},
                             {"off", 2.5, Unit::Decibel}},
                            {"run", "A1"});
  CHECK(plainText(at(f, 7)) == "left-out run=A1 line=7 link=\"video\" why=(no-log) part=part-margin off=2.5");
}
