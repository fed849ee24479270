#pragma once
#include <fmt/format.h>

#include <QTcpServer>
#include <QTcpSocket>
#include <array>
#include <filesystem>
#include <fstream>

#include "app/bench/bench_stage.h"
#include "app/session.h"
#include "formats/files.h"
#include "store/sample_rows.h"
#include "support/endless_map.h"

namespace distanz::app::test {

/// A child process of this one decodes a foreign file.
inline bool readerRuns() {
  for (const auto& task : std::filesystem::directory_iterator("/proc/self/task")) {
    std::ifstream children(task.path() / "children");
    if (pid_t child = 0; children >> child) return true;
  }
  return false;
}

inline void writeLongLog(const std::filesystem::path& file, int rows) {
  std::string text = "time_s,distance_m,control.rssi_dbm,control.lq_pct\n";
  for (int i = 0; i < rows; ++i) text += fmt::format("{:.1f},{:.1f},{},{}\n", 0.1 * i, 0.01 * i, -60 - i * 40 / rows, 100 - i * 30 / rows);
  distanz::test::spill(file, text);
}

/// Sends one small spectrum after the other for as long as somebody listens.
class Flood {
 public:
  Flood() {
    m_server.listen(QHostAddress::LocalHost);
    QObject::connect(&m_server, &QTcpServer::newConnection, &m_server, [this] {
      QTcpSocket* to = m_server.nextPendingConnection();
      QObject::connect(to, &QTcpSocket::bytesWritten, to, [to] { send(*to); });
      send(*to);
    });
  }
  QString address() const { return QString("127.0.0.1:%1").arg(m_server.serverPort()); }

 private:
  static void send(QTcpSocket& to) {
    QByteArray spectra;
    for (int i = 0; i < 100; ++i) spectra += "frequency_mhz,level_dbm\n2440,-90\n2441,-" + QByteArray::number(80 + i % 20) + "\n\n";
    to.write(spectra);
  }
  QTcpServer m_server;
};

/// Work on which a window is closed: begins it, and returns once it is under way.
struct Scene {
  const char* name;
  void (*begin)(Session&);
};

inline const std::array kScenes{
    Scene{"a layer is taken that never ends", [](Session& s) {
      distanz::test::writeEndlessMap(s.dir / "endless.gpkg");
      s.window.workspace()->showStageNamed("plan");
      click(s.window, "page_points");
      s.prompts.files = {QString::fromStdString(s.dir / "endless.gpkg")};
      s.window.workspace()->current()->takeFiles(s.prompts.files);
      waitFor("the reader", readerRuns);
    }},
    Scene{"a campaign's layer is read that never ends", [](Session& s) {
      distanz::test::writeEndlessMap(s.dir / "endless.gpkg");
      store::PackedLog packed = store::packLog(formats::readFile(s.dir / "endless.gpkg"));
      campaign::Campaign next = s.campaign();
      next.layers.push_back({"m1", "Map", campaign::LayerRole::Other, {"endless.gpkg", packed.sha256, "", {}}, {}, false, false, {}});
      s.document().edit(distanz::test::step("Layer"), next, {{"endless.gpkg", std::move(packed)}});
      waitFor("the reader", readerRuns);
    }},
    Scene{"photos are taken", [](Session& s) {
      QStringList photos;
      const QImage picture(4000, 3000, QImage::Format_RGB32);
      for (int i = 0; i < 30; ++i) photos << QString::fromStdString(s.dir / fmt::format("{}.jpg", i));
      picture.save(photos[0]);
      for (int i = 1; i < photos.size(); ++i) QFile::copy(photos[0], photos[i]);
      s.window.workspace()->showStageNamed("kit");
      click(s.window, "page_parts");
      child<QAction>(s.window, "new_battery").trigger();
      s.prompts.files = photos;
      click(s.window, "addPhotos");
      waitFor("the reader", readerRuns);
    }},
    Scene{"a log is looked at before it is brought in", [](Session& s) {
      writeLongLog(s.dir / "A1.csv", 1'000'000);
      s.dialog({QString::fromStdString(s.dir / "A1.csv")});
    }},
    Scene{"logs are brought in", [](Session& s) {
      QStringList logs;
      for (int i = 1; i <= 6; ++i) {
        logs << QString::fromStdString(s.dir / fmt::format("A{}.csv", i));
        writeLongLog(logs.back().toStdString(), 500'000);
      }
      ImportDialog& dialog = s.dialog(logs);
      auto& button = child<QPushButton>(dialog, "importButton");
      waitFor("the dialog", [&] { return button.isEnabled(); });
      QTest::mouseClick(&button, Qt::LeftButton);
    }},
    Scene{"flights are analysed", [](Session& s) {
      s.import(s.logs(8, 3));
      campaign::Campaign next = s.campaign();
      next.links[0].sensitivity_dbm = -100;
      s.document().edit(distanz::test::step("Sensitivity"), next);
      waitFor("the analysis to begin", [&] { return s.document().analysing(); });
    }},
    Scene{"an instrument sends without end", [](Session& s) {
      s.window.workspace()->showStageNamed("bench");
      child<QAction>(s.window, "new-spectrum").trigger();
      static std::unique_ptr<Flood> flood;  // outlives the window that listens
      flood = std::make_unique<Flood>();
      type(child<QLineEdit>(s.window, "liveAddress"), flood->address().toUtf8().constData());
      waitFor("spectra", [&] { return s.campaign().records.back().files.size() > 2; });
    }},
    Scene{"a folder of logs is opened", [](Session& s) {
      s.import(s.logs(2, 3));
      s.prompts.save = QString::fromStdString(s.dir / "folder");
      sendAway(s.window, "exportFolder");
      waitFor("the folder", [&] { return std::filesystem::exists(s.dir / "folder" / "campaign.json"); });
      for (const auto& file : std::filesystem::directory_iterator(s.dir / "folder"))
        if (file.path().extension() == ".csv") writeLongLog(file.path(), 500'000);
      s.window.open(QString::fromStdString(s.dir / "folder"));
      REQUIRE(s.window.opening());
    }},
};

}  // namespace distanz::app::test
