// What an edit costs that is on the disk when it returns: in the file alone, and on the interface thread with
// each stage shown, in a campaign of 2,000 runs. edit_cost [RUNS]
#include <fmt/format.h>

#include <QApplication>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>

#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "core/simulate/scenario.h"
#include "formats/files.h"
#include "formats/log_writer.h"
#include "store/file_builder.h"
#include "support/scenarios.h"

using namespace distanz;

namespace {

std::filesystem::path g_file;
campaign::Campaign g_campaign;

void make(int runs) {
  simulate::Scenario s = test::twoSetups(1);
  s.sample_s = 2;
  const auto flown = simulate::simulate(s, 1);
  g_campaign = flown.campaign;
  g_campaign.runs.clear();
  store::FileBuilder builder(g_file);
  for (int i = 0; i < runs; ++i) {
    const auto which = std::size_t(i % 2);
    log::Recording r = flown.recordings[which];
    for (double& v : r.columns[1].values) v += 1e-3 * i;
    campaign::Run run = flown.campaign.runs[which];
    run.id = fmt::format("{}{}", run.setup, i);
    run.editSource().file = run.id + ".csv";
    run.order = i + 1;
    const std::string bytes = formats::writeLogCsv(r);
    const store::PackedRun packed = store::packRun(run, bytes, r);
    builder.add(packed, g_campaign.links);
    g_campaign.runs.push_back(packed.run);
  }
  builder.finish(g_campaign);
}

void measure(const char* what, int times, const std::function<void(int)>& work) {
  std::vector<double> ms;
  for (int i = 0; i < times; ++i) {
    const auto begin = std::chrono::steady_clock::now();
    work(i);
    ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count());
    QCoreApplication::processEvents();
  }
  std::sort(ms.begin(), ms.end());
  std::printf("  %-52s %6.2f ms median, %6.2f longest\n", what, ms[ms.size() / 2], ms.back());
}

campaign::Campaign noted(campaign::Campaign c, int i) {
  c.runs[c.runs.size() / 2].notes = fmt::format("note {}", i);
  return c;
}
campaign::Campaign withoutFirst(campaign::Campaign c) {
  c.runs.erase(c.runs.begin());
  return c;
}

void inFile() {
  store::CampaignFile f = store::CampaignFile::open(g_file, store::Access::ReadWrite);
  std::printf("the file alone:\n");
  measure("an edit of one run", 40, [&](int i) {
    f.edit(finding("step-said", {{"what", "Note"}}), noted(f.campaign(), i));
  });
  measure("the first run removed", 10, [&](int) {
    f.edit(finding("step-said", {{"what", "Remove"}}), withoutFirst(f.campaign()));
  });
  measure("undone", 10, [&](int) { f.undo(); });
}

void inWindow() {
  app::SystemPrompts prompts;
  app::MainWindow window(prompts);
  window.show();
  window.open(QString::fromStdString(g_file));
  if (!QTest::qWaitFor([&] { return window.workspace() && window.workspace()->document().analysed(); },
                       60000))
    return;
  app::Document& d = window.workspace()->document();
  for (const char* stage : {"kit", "plan", "runs", "compare"}) {
    window.workspace()->showStageNamed(stage);
    QTest::qWait(300);
    std::printf("the interface thread, %s shown:\n", stage);
    const auto settled = [&] { return QTest::qWaitFor([&] { return !d.analysing(); }, 60000); };
    measure("an edit of one run", 15, [&](int i) {
      d.edit(finding("step-said", {{"what", "Note"}}), noted(d.campaign(), i));
    });
    if (!settled()) return;
    measure("the first run removed", 5, [&](int) {
      d.edit(finding("step-said", {{"what", "Remove"}}), withoutFirst(d.campaign()));
    });
    if (!settled()) return;
    measure("undone", 5, [&](int) { d.undo(); });
    if (!settled()) return;
  }
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  app::theme::loadFonts();
  app::theme::apply();
  const QTemporaryDir folder;
  g_file = folder.filePath("c.distanz").toStdString();
  make(argc > 1 ? std::atoi(argv[1]) : 2000);
  inFile();
  if (!std::getenv("FILE_ONLY")) inWindow();
}
