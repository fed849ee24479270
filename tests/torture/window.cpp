// The real window under random edits and imports, until it is killed: torture_window FILE KEPT SEED [layers]. What it
// was told is on the disk it writes down in KEPT. torture_window --check FILE KEPT tells whether the campaign
// holds all of that.
#include <fcntl.h>
#include <unistd.h>

#include <QApplication>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <fmt/format.h>
#include <fstream>
#include <iostream>
#include <random>
#include <set>

#include "app/runs/import_dialog.h"
#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "words/say.h"

using namespace distanz;
using namespace distanz::app;

namespace {

struct NoPrompts : Prompts {
  std::optional<QString> openFile(QWidget*, const QString&, const QString&) override { return std::nullopt; }
  QStringList openFiles(QWidget*, const QString&, const QString&) override { return {}; }
  std::optional<QString> saveFile(QWidget*, const QString&, const QString&, const QString&) override {
    return std::nullopt;
  }
  QString freeCampaignFile() override { return {}; }
  std::optional<QString> openFolder(QWidget*, const QString&) override { return std::nullopt; }
  bool printer(QWidget*, QPrinter&) override { return false; }
};

void writeDown(const char* kept, const std::string& line) {
  const int fd = ::open(kept, O_WRONLY | O_APPEND | O_CREAT, 0644);
  const std::string text = line + "\n";
  if (::write(fd, text.data(), text.size()) != ssize_t(text.size()) || ::fsync(fd) != 0) ::_exit(3);
  ::close(fd);
}

/// Every step has a number of its own: the setups' names and the logs carry it.
class Driver {
 public:
  /// @param layers maps are taken, too, and the window is on the stage that draws them
  Driver(MainWindow& window, const char* kept, unsigned seed, bool layers)
      : m_window(window), m_kept(kept), m_random(seed), m_seed(seed), m_layers(layers) {}

  void step() {
    if (!m_window.workspace() || m_busy) return;
    Document& d = m_window.workspace()->document();
    const std::string mark = fmt::to_string(m_seed) + "-" + fmt::to_string(m_step++);
    if (m_layers && m_random() % 2 == 0) return takeLayer(d, mark);
    if (m_random() % 4 == 0) return import(d, mark);
    campaign::Campaign next = d.campaign();
    next.setups.at(m_random() % next.setups.size()).differs = mark;
    if (d.edit(finding("step-said", {{"what", "Edit " + mark}}), next) &&
        !d.waiting())
      writeDown(m_kept, "edit " + mark);
  }

 private:
  /// Decoded by the reader; kept, and then read from the file again to be drawn.
  void takeLayer(Document& d, const std::string& mark) {
    std::string map = R"({"type":"FeatureCollection","features":[)";
    for (int i = 0; i < 500; ++i)
      map += fmt::format(R"({}{{"type":"Feature","properties":{{}},"geometry":{{"type":"Point","coordinates":[{},46.91]}}}})", i ? "," : "", 20.9 + i * 1e-4);
    const std::string name = "L" + mark + ".geojson";
    const QString file = m_folder.filePath(QString::fromStdString(name));
    formats::writeFile(file.toStdString(), map + "]}");
    m_busy = true;
    auto* watch = new QObject(&m_folder_owner);
    QObject::connect(&d, &Document::changed, watch, [this, &d, name, watch] {
      for (const campaign::Layer& l : d.campaign().layers)
        if (l.file.file == name && !d.waiting()) {
          writeDown(m_kept, "layer " + name);
          m_busy = false;
          watch->deleteLater();
          return;
        }
    });
    m_window.workspace()->showStageNamed("plan");
    m_window.workspace()->current()->takeFiles({file});
  }

  void import(Document& d, const std::string& mark) {
    std::string log = "time_s,distance_m,rssi_dbm\n";
    for (int t = 0; t < 400; ++t)
      log += fmt::to_string(t) + "," + fmt::to_string(20 + 5 * std::min(t, 400 - t)) + ",-" +
             fmt::to_string(60 + (t * 7 + int(m_random() % 9)) % 30) + "\n";
    const QString file = m_folder.filePath(QString::fromStdString("A" + mark + ".csv"));
    formats::writeFile(file.toStdString(), log);
    m_busy = true;
    m_importer = std::make_unique<Importer>(d);
    QObject::connect(m_importer.get(), &Importer::done, m_importer.get(), [this, mark] {
      writeDown(m_kept, "import A" + mark + ".csv");
      m_busy = false;
    });
    QObject::connect(m_importer.get(), &Importer::failed, m_importer.get(), [](const QString& why) {
      std::cerr << why.toStdString() << "\n";
      ::_exit(4);
    });
    PendingLog pending;
    pending.file = file;
    pending.setup = "A";
    m_importer->start({pending});
  }

  MainWindow& m_window;
  const char* m_kept;
  std::mt19937 m_random;
  unsigned m_seed;
  int m_step = 0;
  bool m_busy = false, m_layers;
  QObject m_folder_owner;
  QTemporaryDir m_folder;
  std::unique_ptr<Importer> m_importer;
};

/// Edits are told by the history (the last 500) or, for the very last, by the setups; imports by the runs,
/// whose logs must be whole.
int check(const char* file, const char* kept) {
  store::CampaignFile f = store::CampaignFile::open(file, store::Access::ReadWrite);
  const store::SampleFile samples(file, store::Access::ReadOnly);
  std::set<std::string> logs, layers;
  for (const campaign::Run& run : f.campaign().runs) {
    logs.insert(run.source().file);
    samples.logBytes(run);
  }
  for (const campaign::Layer& l : f.campaign().layers) {
    layers.insert(l.file.file);
    samples.keptBytes(l.id, l.file);
  }
  std::ifstream in(kept);
  std::vector<std::string> lines;
  for (std::string line; std::getline(in, line);) lines.push_back(line);
  std::string last_edit;
  for (const std::string& line : lines) {
    if (line.starts_with("edit ")) last_edit = line.substr(5);
    if (line.starts_with("import ") && !logs.contains(line.substr(7))) {
      std::cout << "lost: " << line << "\n";
      return 1;
    }
    if (line.starts_with("layer ") && !layers.contains(line.substr(6))) {
      std::cout << "lost: " << line << "\n";
      return 1;
    }
  }
  if (last_edit.empty()) return 0;
  // The last acknowledged edit, or one that followed it and was killed before it could be written down.
  const auto number = [](const std::string& mark) {
    return std::pair(std::stol(mark.substr(0, mark.find('-'))), std::stol(mark.substr(mark.find('-') + 1)));
  };
  for (const campaign::Setup& s : f.campaign().setups)
    if (!s.differs.empty() && s.differs.find('-') != std::string::npos &&
        number(s.differs) >= number(last_edit))
      return 0;
  std::cout << "lost: edit " << last_edit << "\n";
  return 1;
}

}  // namespace

int main(int argc, char** argv) {
  if (argc < 4 || argc > 5) return 2;
  try {
    if (std::string(argv[1]) == "--check") return check(argv[2], argv[3]);
  } catch (const Error& e) {
    std::cout << words::sentence(e).toStdString() << "\n";
    return 1;
  }
  QApplication application(argc, argv);
  theme::loadFonts();
  theme::apply();
  NoPrompts prompts;
  MainWindow window(prompts);
  window.show();
  window.open(QString::fromLocal8Bit(argv[1]));
  Driver driver(window, argv[2], unsigned(std::atoi(argv[3])), argc > 4);
  QTimer steps;
  QObject::connect(&steps, &QTimer::timeout, [&] { driver.step(); });
  steps.start(3);
  return QApplication::exec();
}
