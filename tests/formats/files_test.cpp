#include "formats/files.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <catch2/catch.hpp>

#include "core/finding/error.h"
#include "core/text/text.h"
#include "formats/aside.h"
#include "formats/interchange.h"
#include "support/temp_dir.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using test::TempDir;

TEST_CASE("file names: never hidden, never cut inside a letter, the ending kept, any script") {
  CHECK(safeFileName("a/b\\c.csv") == "c.csv");
  CHECK(safeFileName("..") == "log.csv");
  CHECK(safeFileName("") == "log.csv");
  CHECK(safeFileName("..foo.csv") == "_..foo.csv");
  CHECK(safeFileName("a<b>:\"|?*\n.csv") == "a_b_______.csv");
  CHECK(safeFileName("\u98db\u884c.csv") == "\u98db\u884c.csv");
  CHECK(safeFileName("bad\xff.csv") == "bad\ufffd.csv");
  for (int n = 190; n < 210; ++n) {
    std::string name;
    while (name.size() < std::size_t(n)) name += "\u98db";
    const std::string safe = safeFileName(name + ".csv");
    CHECK(safe.size() <= 200);
    CHECK(safe.ends_with(".csv"));
    CHECK(text::validUtf8(safe) == safe);
  }
}

TEST_CASE("interchange: logs of any name go out and come back, none outside the folder", "[regression]") {
  const TempDir dir;
  campaign::Campaign c;
  c.title = "Names";
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "", "", {}, ""});
  const std::vector<std::string> names{"..foo.csv",
                                       "file:y.csv",
                                       "campaign.json",
                                       "CON",
                                       "\u98db\u884c.csv",
                                       std::string(150, 'x') + ".csv",
                                       std::string(130, 'x') + "\u98db\u98db\u98db\u98db.csv",
                                       "../../etc/passwd",
                                       "same.csv",
                                       "same.csv"};
  for (std::size_t i = 0; i < names.size(); ++i) {
    campaign::Run run;
    run.id = "A" + fmt::to_string(i);
    run.setup = "A";
    run.editSource().file = names[i];
    run.editSource().sha256 = sha256(run.id);
    c.runs.push_back(run);
  }
  writeInterchange(dir / "out", c,
                   [](const campaign::Run& run, const campaign::Source&) { return "log of " + run.id; });
  std::size_t files = 0;
  for (const auto& entry : std::filesystem::recursive_directory_iterator(dir.path()))
    files += entry.is_regular_file();
  CHECK(files == names.size() + 1);
  const InterchangeFolder back = openInterchange(dir / "out");
  for (const campaign::Run& run : back.campaign.runs)
    CHECK(readRunLog(back, run, run.source()) == "log of " + run.id);
}

TEST_CASE("interchange: a name that begins with dots is inside, one that leads out is not", "[regression]") {
  const TempDir dir;
  std::filesystem::create_directory(dir / "in");
  const auto campaign = [&](const std::string& log) {
    test::spill(
        dir / "in" / "campaign.json",
        R"({"distanz_interchange":1,"links":[{"id":"control"}],"setups":[{"id":"A"}],"runs":[{"id":"A1","setup":"A","log":")" +
            log + "\"}]}");
  };
  test::spill(dir / "in" / "..foo.csv", "inside");
  test::spill(dir / "out.csv", "outside");
  campaign("..foo.csv");
  const auto folder = openInterchange(dir / "in");
  CHECK(readRunLog(folder, folder.campaign.runs[0], folder.campaign.runs[0].source()) == "inside");
  std::filesystem::create_symlink(dir / "out.csv", dir / "in" / "link.csv");
  for (const char* outside : {"../out.csv", "link.csv", "/etc/passwd", "x/../../out.csv"}) {
    campaign(outside);
    CHECK_REFUSED(openInterchange(dir / "in"), Contains("not inside the folder"));
  }
}

TEST_CASE("aside: an existing target is kept or replaced as asked, an empty folder stands for none") {
  const TempDir dir;
  test::spill(dir / "t", "old");
  {
    Aside aside(dir / "t");
    writeNewFile(aside.place(), "new", aside.place());
    CHECK_REFUSED(aside.publish(Aside::Existing::Keep), Contains("exists already"));
    CHECK(test::slurp(dir / "t") == "old");
    aside.publish(Aside::Existing::Replace);
  }
  CHECK(test::slurp(dir / "t") == "new");
  std::filesystem::create_directory(dir / "empty");
  {
    Aside aside(dir / "empty");
    std::filesystem::create_directory(aside.place());
    writeNewFile(aside.place() / "f", "x", aside.place());
    aside.publish(Aside::Existing::Keep);
  }
  CHECK(test::slurp(dir / "empty" / "f") == "x");
  CHECK_REFUSED(Aside(dir / "none" / "t"), Contains("cannot be written"));
}

TEST_CASE("what was written has the rights that the user's mask gives") {
  const TempDir dir;
  writeFile(dir / "f", "x");
  struct stat about {};
  REQUIRE(::stat((dir / "f").c_str(), &about) == 0);
  const mode_t mask = ::umask(0);
  ::umask(mask);
  CHECK((about.st_mode & 0777) == (0644 & ~mask));
}

TEST_CASE("files: what replaces a file keeps who may read it, and a link to it") {
  namespace fs = std::filesystem;
  const test::TempDir dir;
  fs::create_directory(dir / "far");
  writeFile(dir / "far" / "a.svg", "old");
  fs::permissions(dir / "far" / "a.svg", fs::perms::owner_read | fs::perms::owner_write);
  fs::create_symlink(fs::path("far") / "a.svg", dir / "a.svg");
  writeFile(dir / "a.svg", "new");
  CHECK(fs::is_symlink(dir / "a.svg"));
  CHECK(readFile(dir / "far" / "a.svg") == "new");
  CHECK((fs::status(dir / "far" / "a.svg").permissions() & fs::perms::all) == (fs::perms::owner_read | fs::perms::owner_write));
}

TEST_CASE("files: what cannot be written is named as it would have been called") {
  const test::TempDir dir;
  std::string told;
  try {
    writeNewFile(dir / "aside" / "it", "x", dir / "meant.svg");
  } catch (const InputError& e) {
    told = test::told(e);
  }
  CHECK(told.find("meant.svg") != std::string::npos);
  CHECK(told.find("aside") == std::string::npos);
}
