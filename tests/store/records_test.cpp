#include "core/finding/error.h"
#include "store/exchange.h"
#include "store/fixture.h"

using namespace distanz;
using namespace distanz::store;
using Catch::Matchers::Contains;
using test::TempDir;

namespace {

const std::string kSweep = "# MHz S RI R 50\n5800 0.1 0.2\n";

campaign::Campaign withRecord(campaign::Campaign c, const std::string& sha256) {
  campaign::Record r;
  r.id = campaign::freeRecordId(c);
  r.name = "Patch, bare";
  r.link = "control";
  r.made_at = "2026-11-26 15:20";
  r.settings["vswr_limit"] = 1.8;
  r.answers["looked"] = "yes";
  r.readings.push_back({"first", {{"time_s", 1.5}}, {}});
  r.files.push_back({"patch.s1p", sha256, "bare", {}});
  c.records.push_back(std::move(r));
  return c;
}

CampaignFile made(const std::filesystem::path& path) {
  CampaignFile file = CampaignFile::create(path, test::small());
  PackedLog packed = packLog(kSweep);
  const auto base = file.shared();
  file.edit(finding("add-record", {{"record", "Patch"}}), base,
            std::make_shared<const campaign::Campaign>(withRecord(*base, packed.sha256)),
            {{"patch.s1p", packed}});
  return file;
}

}  // namespace

TEST_CASE("records: bytes and numbers are kept with the edit, taken back and given again") {
  const TempDir dir;
  CampaignFile file = made(dir / "c.distanz");
  const campaign::Record record = file.campaign().records.at(0);
  CHECK(record.uuid.size() == 36);
  CHECK(record.setting("vswr_limit") == 1.8);
  const SampleFile bytes(dir / "c.distanz", Access::ReadOnly);
  CHECK(bytes.keptBytes(record.id, record.files[0]) == kSweep);
  file.undo();
  CHECK(file.campaign().records.empty());
  CHECK(file.purge() == 0);  // the history still speaks of it
  file.redo();
  CHECK(file.campaign().records.at(0) == record);
  CHECK(bytes.keptBytes(record.id, record.files[0]) == kSweep);
  CHECK(CampaignFile::open(dir / "c.distanz", Access::ReadOnly).campaign().records.at(0) == record);
}

TEST_CASE("records: file to folder to file, bytes included; a saved copy has them") {
  const TempDir dir;
  made(dir / "c.distanz");
  toInterchange(dir / "c.distanz", dir / "folder");
  CHECK(test::slurp(dir / "folder" / "patch.s1p") == kSweep);
  fromInterchange(dir / "folder", dir / "d.distanz");
  const auto d = CampaignFile::open(dir / "d.distanz", Access::ReadOnly).campaign();
  CHECK(d == CampaignFile::open(dir / "c.distanz", Access::ReadOnly).campaign());
  CHECK(SampleFile(dir / "d.distanz", Access::ReadOnly).keptBytes(d.records[0].id, d.records[0].files[0]) ==
        kSweep);
  saveCopy(d, SampleFile(dir / "d.distanz", Access::ReadOnly), dir / "e.distanz");
  CHECK(SampleFile(dir / "e.distanz", Access::ReadOnly).keptBytes(d.records[0].id, d.records[0].files[0]) ==
        kSweep);
}

TEST_CASE("records: bytes that are not there are refused by name, in a folder and in a file") {
  const TempDir dir;
  CampaignFile file =
      CampaignFile::create(dir / "c.distanz", withRecord(test::small(), std::string(64, 'a')));
  const auto& record = file.campaign().records[0];
  CHECK_REFUSED(SampleFile(dir / "c.distanz", Access::ReadOnly).keptBytes(record.id, record.files[0]),
                Contains("patch.s1p") && Contains("r1"));
  CHECK_THROWS_AS(toInterchange(dir / "c.distanz", dir / "folder"), InputError);
  CHECK_FALSE(std::filesystem::exists(dir / "folder"));
  made(dir / "d.distanz");
  toInterchange(dir / "d.distanz", dir / "folder");
  std::filesystem::remove(dir / "folder" / "patch.s1p");
  CHECK_REFUSED(fromInterchange(dir / "folder", dir / "e.distanz"), Contains("patch.s1p"));
  CHECK_FALSE(std::filesystem::exists(dir / "e.distanz"));
}
