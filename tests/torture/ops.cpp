// Single steps on a campaign file, for scripts that kill them: torture_ops STEP FILE [...]. Prints "ack" once
// the step is done.
#include <cstdio>
#include <cstdlib>
#include <iostream>
#include <nlohmann/json.hpp>

#include "core/finding/error.h"
#include "formats/campaign_json.h"
#include "formats/files.h"
#include "formats/json_fields.h"
#include "store/exchange.h"
#include "store/log_intake.h"
#include "words/say.h"

using namespace distanz;
using namespace distanz::store;

namespace {

std::string said(const std::optional<Finding>& step) {
  return step ? words::sentence(*step).toStdString() : "-";
}

campaign::Campaign start() {
  campaign::Campaign c;
  c.title = "Torture";
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60}, {{46.93, 20.99}, 70}};
  c.links.resize(1);
  c.links[0].id = "control";
  for (const char* id : {"A", "B"}) c.setups.push_back({id, std::string("Setup ") + id, "", {}, ""});
  return c;
}

CampaignFile edited(const std::string& file) {
  return CampaignFile::open(file, Access::ReadWrite);
}

void importLog(CampaignFile& file, const std::string& log) {
  TakenLog taken = takeLog(formats::readFile(log), log, file.campaign());
  campaign::Run run;
  run.setup = "A";
  run.editSource().file = std::filesystem::path(log).filename().string();
  std::vector<PackedRun> runs;
  runs.push_back(packedRun(run, std::move(taken)));
  file.addRuns(finding("step-said", {{"what", "Import"}}), std::move(runs), file.campaign().links);
}

/// One line that tells the state: the campaign, what can be undone, and that every log is whole.
void digest(const std::string& name) {
  CampaignFile file = edited(name);
  const SampleFile samples(name, Access::ReadOnly);
  for (const campaign::Run& run : file.campaign().runs) {
    samples.logBytes(run);
    if (samples.recording(run, file.campaign())->rows() == 0) throw InputError(finding("no-rows"));
  }
  for (const campaign::Record& record : file.campaign().records)
    for (const campaign::KeptFile& f : record.files) samples.keptBytes(record.id, f);
  campaign::Campaign told = file.campaign();  // but for what is drawn at random
  told.uuid.clear();
  for (auto& part : told.parts) part.uuid.clear();
  for (auto& setup : told.setups) setup.uuid.clear();
  for (auto& run : told.runs) run.uuid.clear();
  for (auto& record : told.records) record.uuid.clear();
  std::printf("%s undo=%s redo=%s runs=%zu\n",
              formats::sha256(formats::jsonText(formats::campaignJson(told))).c_str(),
              said(file.undoable()).c_str(), said(file.redoable()).c_str(), file.campaign().runs.size());
}

void step(const std::string& what, const std::vector<std::string>& args) {
  const std::string& name = args.at(0);
  if (what == "make") {
    CampaignFile::create(name, start());
  } else if (what == "digest") {
    digest(name);
  } else if (what == "edit") {
    CampaignFile file = edited(name);
    campaign::Campaign next = file.campaign();
    next.setups.at(0).name = args.size() > 1 ? args[1] : "Edited";
    file.edit(finding("step-said", {{"what", "Edit"}}), next);
  } else if (what == "record") {
    CampaignFile file = edited(name);
    const std::string sweep = "# MHz S RI R 50\n2440 0.1 0.2\n";
    PackedLog packed = packLog(sweep);
    campaign::Campaign next = file.campaign();
    campaign::Record record;
    record.id = campaign::freeRecordId(next);
    record.files.push_back({"a.s1p", packed.sha256, {}, {}});
    next.records.push_back(record);
    file.edit(finding("step-said", {{"what", "Record"}}), file.shared(),
              std::make_shared<const campaign::Campaign>(next), {{"a.s1p", std::move(packed)}});
  } else if (what == "undo") {
    edited(name).undo();
  } else if (what == "redo") {
    edited(name).redo();
  } else if (what == "open") {
    edited(name);
  } else if (what == "import") {
    CampaignFile file = edited(name);
    importLog(file, args.at(1));
  } else if (what == "export") {
    toInterchange(name, args.at(1));
  } else if (what == "convert") {
    fromInterchange(name, args.at(1));
  } else if (what == "replace") {
    CampaignFile::create(name, start(), CampaignFile::Existing::Replace);
  } else {
    throw InputError(finding("unexpected", {{"what", what}}));
  }
}

}  // namespace

int main(int argc, char** argv) {
  if (argc < 3) return 2;
  try {
    step(argv[1], {argv + 2, argv + argc});
    std::printf("ack\n");
    return 0;
  } catch (const Error& e) {
    std::cerr << words::sentence(e).toStdString() << "\n";
    return 1;
  }
}
