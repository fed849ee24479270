// Every export of the window onto a disk that fills up, at every free size in steps of 4 KB: torture_exports FOLDER STEP_KB. Each is
// written over a good file, which must be there as it was or be replaced by a whole one. Run with the shim, SHIM_DIR=FOLDER.
#include <dlfcn.h>

#include <QAction>
#include <QApplication>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <functional>
#include <iostream>

#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "app/window/stages.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "store/exchange.h"

using namespace distanz;
using namespace distanz::app;
namespace fs = std::filesystem;

namespace {

constexpr int kPatience_ms = 300'000;

struct OnePlace : Prompts {
  QString place;
  std::optional<QString> openFile(QWidget*, const QString&, const QString&) override { return std::nullopt; }
  QStringList openFiles(QWidget*, const QString&, const QString&) override { return {}; }
  std::optional<QString> saveFile(QWidget*, const QString&, const QString&, const QString&) override { return place; }
  QString freeCampaignFile() override { return {}; }
  std::optional<QString> openFolder(QWidget*, const QString&) override { return std::nullopt; }
  bool printer(QWidget*, QPrinter&) override { return false; }
};

void room(long bytes) {
  static const auto set = reinterpret_cast<void (*)(long)>(dlsym(RTLD_DEFAULT, "shim_room"));
  if (!set) {
    std::cerr << "the shim is not loaded\n";
    std::_Exit(2);
  }
  set(bytes);
}

/// One kind of export, and how a whole one is told.
struct Export {
  std::string name, stage, page, action;
  std::function<bool(const fs::path&)> whole;
};

std::function<bool(const fs::path&)> endsWith(const std::string& end) {
  return [end](const fs::path& file) {
    std::string bytes = formats::readFile(file);
    while (!bytes.empty() && bytes.back() == '\n') bytes.pop_back();
    return bytes.ends_with(end);
  };
}

bool isCampaign(const fs::path& file) {
  try {
    const auto c = store::CampaignFile::open(file, store::Access::ReadOnly).campaign();
    const store::SampleFile samples(file, store::Access::ReadOnly);
    for (const campaign::Run& run : c.runs) samples.logBytes(run);
    return !c.setups.empty();
  } catch (const Error&) {
    return false;
  }
}

std::vector<Export> exports() {
  std::vector<Export> out;
  for (const StageInfo& stage : stageTable()) {
    const std::string id = stage.id;
    out.push_back({id + ".png", id, "", "exportPng", endsWith("IEND\xae\x42\x60\x82")});
    out.push_back({id + ".svg", id, "", "exportSvg", endsWith("</svg>")});
    out.push_back({id + ".pdf", id, "", "exportPdf", endsWith("%%EOF")});
    out.push_back({id + ".csv", id, "", "exportCsv", [](const fs::path& f) { return formats::readFile(f).ends_with("\n"); }});
  }
  const std::pair<const char*, const char*> tracks[] = {{"gpx", "</gpx>"}, {"kml", "</kml>"}, {"geojson", "}"}, {"csv", ""}};
  for (const auto& [ending, end] : tracks)
    out.push_back({std::string("path.") + ending, "plan", "page_points", std::string("path_save_") + ending, endsWith(end)});
  out.push_back({"copy.distanz", "compare", "", "saveCopy", isCampaign});
  return out;
}

class Torture {
 public:
  Torture(MainWindow& window, OnePlace& prompts, fs::path folder) : m_window(window), m_prompts(prompts), m_folder(std::move(folder)) {}

  /// Does it once, with so much room. @return what stands there afterwards: "old", "new", or what is wrong
  std::string once(const Export& e, long bytes) {
    const fs::path file = m_folder / e.name;
    room(-1);
    fs::remove_all(m_folder);
    fs::create_directories(m_folder);
    if (e.action == "saveCopy") fs::copy_file(m_old_campaign, file);
    else formats::writeFile(file, kOld);
    const std::string old = formats::readFile(file);
    m_prompts.place = QString::fromStdString(file.string());
    room(bytes);
    start(e);
    room(-1);
    for (const auto& entry : fs::directory_iterator(m_folder))
      if (entry.path() != file) return "left over " + entry.path().filename().string();
    if (!fs::exists(file)) return "lost";
    if (formats::readFile(file) == old) return "old";
    return e.whole(file) ? "new" : "cut";
  }

  /// @return false where the stage has nothing to export
  bool show(const Export& e) {
    m_window.workspace()->showStageNamed(e.stage.c_str());
    if (!e.page.empty()) m_window.findChild<QPushButton*>(e.page.c_str())->click();
    QTest::qWait(50);
    return actionOf(e).isEnabled();
  }

  void setOld(const fs::path& file) { m_old_campaign = file; }

 private:
  static constexpr const char* kOld = "a good file from before\n";

  void start(const Export& e) {
    actionOf(e).trigger();
    for (auto* save : m_window.findChildren<QPushButton*>("leavingSave"))
      if (save->isVisible()) save->click();
    if (!QTest::qWaitFor([&] { return m_window.cursor().shape() != Qt::BusyCursor; }, kPatience_ms)) throw std::runtime_error(e.name + " hangs");
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  }

  QAction& actionOf(const Export& e) {
    auto* action = m_window.findChild<QAction*>(e.action.c_str());
    if (!action) throw std::runtime_error("no action " + e.action);
    return *action;
  }

  MainWindow& m_window;
  OnePlace& m_prompts;
  fs::path m_folder, m_old_campaign;
};

}  // namespace

int main(int argc, char** argv) {
  if (argc != 3) return 2;
  const fs::path folder = argv[1];
  const long step = std::atol(argv[2]) * 1024;
  QApplication application(argc, argv);
  theme::loadFonts();
  theme::apply();
  OnePlace prompts;
  MainWindow window(prompts);
  window.show();
  window.openDemo();
  if (!QTest::qWaitFor([&] { return window.workspace() && window.workspace()->document().analysed(); }, kPatience_ms)) return 2;
  const QTemporaryDir beside;
  const fs::path old = fs::path(beside.path().toStdString()) / "old.distanz";
  campaign::Campaign one;
  one.setups.push_back({"A", "Old", "", {}, ""});
  store::CampaignFile::create(old, one);
  Torture torture(window, prompts, folder);
  torture.setOld(old);
  int faults = 0, tries = 0, replaced = 0;
  for (const Export& e : exports()) {
    if (!torture.show(e)) continue;
    const std::string wide = torture.once(e, 1L << 40);
    const long size = fs::exists(folder / e.name) ? long(fs::file_size(folder / e.name)) : 0;
    if (wide != "new") std::cout << "FAULT " << e.name << " with all the room there is: " << wide << "\n", ++faults;
    bool done = false;
    for (long bytes = 0; bytes <= 3 * size + 4 * step && !(done && bytes > size + 2 * step); bytes += step) {
      const std::string now = torture.once(e, bytes);
      ++tries;
      replaced += now == "new";
      done = now == "new";
      if (now != "old" && now != "new") std::cout << "FAULT " << e.name << " with " << bytes << " bytes of room: " << now << "\n", ++faults;
    }
    if (!done) std::cout << "FAULT " << e.name << " was never written\n", ++faults;
  }
  std::cout << tries << " exports onto a disk that was full at every " << argv[2] << " KB: " << replaced << " written, " << tries - replaced << " refused, " << faults
            << " faults" << std::endl;
  return faults > 0;
}
