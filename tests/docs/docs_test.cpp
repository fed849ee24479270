// Parts of the documents are made from the tables of the program. DISTANZ_WRITE_DOCS=1 writes them anew
// (scripts/docs).
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cstdlib>
#include <fstream>
#include <sstream>

#include "core/campaign/describe.h"
#include "core/finding/catalogue.h"
#include "core/limits/reading.h"
#include "core/log/channel.h"
#include "docs/outline.h"
#include "formats/log_format.h"
#include "words/texts.h"

using namespace distanz;

namespace {

std::string readAll(const std::string& file) {
  std::ifstream in(file);
  std::stringstream all;
  all << in.rdbuf();
  return all.str();
}

/// Holds what stands between the marks of that name to what it should be, or writes it.
void checkPart(const std::string& document, const std::string& name, const std::string& want) {
  const std::string file = std::string(DISTANZ_DOCS) + "/" + document,
                    begin = "<!-- made from the program: " + name + " -->\n", end = "<!-- end -->\n";
  std::string text = readAll(file);
  const auto from = text.find(begin);
  REQUIRE(from != std::string::npos);
  const auto to = text.find(end, from);
  REQUIRE(to != std::string::npos);
  const auto at = from + begin.size();
  if (std::getenv("DISTANZ_WRITE_DOCS")) {
    text.replace(at, to - at, want);
    std::ofstream(file) << text;
    return;
  }
  INFO("run scripts/docs");
  CHECK(text.substr(at, to - at) == want);
}

}  // namespace

TEST_CASE("docs/file-format.md: every stored field as the program describes it") {
  test::Outline outline;
  campaign::Campaign scratch;
  describe(outline, scratch);
  checkPart("file-format.md", "fields",
            "| Key | What it is | Type | Unit | Valid | Since schema |\n|---|---|---|---|---|---|\n" +
                outline.rows);
}

TEST_CASE("docs/file-format.md: what parts may state") {
  std::string rows = "| Part | Key | What it is | Unit | Valid |\n|---|---|---|---|---|\n";
  constexpr const char* kKinds[] = {"antenna", "transmitter", "receiver", "cable", "airframe", "battery"};
  for (const campaign::PartField& f : campaign::partFields())
    rows += fmt::format("| {} | `{}` | {} | {} | {} to {} |\n", kKinds[static_cast<int>(f.kind)], f.key,
                        f.what, quantity::symbolOf(f.unit), f.low, f.high);
  checkPart("file-format.md", "parts", rows);
}

TEST_CASE("docs/file-format.md: what records hold") {
  std::string rows = "| Record | Key | What it is | Unit | Valid |\n|---|---|---|---|---|\n";
  for (const campaign::RecordField& f : campaign::recordFields())
    rows += fmt::format("| `{}` {} | `{}`{} | {} | {} | {} to {} |\n", campaign::recordKindWord(f.kind),
                        f.reading ? "reading" : "setting", f.key, f.required ? " *" : "", f.what,
                        quantity::symbolOf(f.unit), f.low, f.high);
  for (std::size_t k = 0; k < campaign::recordKindWords().size(); ++k) {
    const auto kind = static_cast<campaign::RecordKind>(k);
    for (const campaign::RecordAnswer& a : campaign::recordAnswers(kind))
      rows += fmt::format("| `{}` answer | `{}` | {} |  | {} |\n", campaign::recordKindWord(kind), a.key,
                          a.what, fmt::join(a.words, ", "));
    if (const auto labels = campaign::readingLabels(kind); !labels.empty())
      rows += fmt::format("| `{}` reading | `label` | which it is |  | {} |\n",
                          campaign::recordKindWord(kind), fmt::join(labels, ", "));
  }
  checkPart("file-format.md", "records", rows);
}

TEST_CASE("docs/file-format.md: every log format") {
  std::string rows = "| Format | What it is | Usual names |\n|---|---|---|\n";
  for (const formats::LogFormat& f : formats::logFormats())
    rows += fmt::format("| `{}` | {} | `{}` |\n", f.name, f.what, f.patterns);
  checkPart("file-format.md", "formats", rows);
}

TEST_CASE("docs/file-format.md: every channel, and how columns call it") {
  std::string rows = "| Channel | Unit | Columns that are recognised | but not |\n|---|---|---|---|\n";
  const auto listed = [](std::string_view names) {
    std::string out(names);
    for (std::size_t i = 0; (i = out.find('|', i)) != std::string::npos; i += 2) out.replace(i, 1, ", ");
    return out;
  };
  for (const log::ChannelInfo& c : log::channels())
    rows += fmt::format("| `{}{}` | {} | {} | {} |\n", c.of_link ? "<link>." : "", c.name,
                        quantity::symbolOf(c.unit), listed(c.names), listed(c.not_names));
  checkPart("file-format.md", "channels", rows);
}

TEST_CASE("docs/findings.md: every finding, what goes into it and what is said") {
  const auto cell = [](std::string text) {
    for (std::size_t i = 0; (i = text.find('|', i)) != std::string::npos; i += 2) text.replace(i, 1, "\\|");
    return text;
  };
  std::string rows =
      "| Code | Severity | Stage | Quantities | Remedy | What is said |\n|---|---|---|---|---|---|\n";
  for (const FindingInfo& f : allFindings()) {
    const words::Text* text = words::textOf(f.code);
    REQUIRE(text);
    rows += fmt::format("| `{}` | {} | {} | {} | {} | {}{} |\n", f.code, wordOf(f.severity), f.stage,
                        f.arguments.empty() ? "" : fmt::format("`{}`", f.arguments), f.remedy,
                        *text->title ? fmt::format("**{}** ", cell(text->title)) : "", cell(text->text));
  }
  checkPart("findings.md", "findings", rows);
}

TEST_CASE("docs/limits.md: what may be read how large and how long") {
  std::string rows = "| Of | What | At most | |\n|---|---|---|---|\n";
  for (const limits::Limit& l : limits::readingLimits()) rows += fmt::format("| {} | {} | {:.0f} | {} |\n", l.of, l.what, l.most, l.unit);
  checkPart("limits.md", "limits", rows);
}
