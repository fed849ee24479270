// What leaves the window: pictures that stand by themselves, cells as text, menus of the right button.
#include <QClipboard>
#include <QContextMenuEvent>
#include <QMenu>
#include <QProcess>
#include <QStandardPaths>
#include <QTableView>
#include <QTableWidget>
#include <QXmlStreamReader>
#include <catch2/catch.hpp>

#include "app/session.h"
#include "app/shared/copying.h"
#include "app/shared/lane_plot.h"
#include "app/shared/table_text.h"
#include "app/window/picture.h"
#include "app/window/stages.h"
#include "core/campaign/new_campaign.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

struct Leaving : Session {
  Leaving() {
    import(logs(3, 4));
    campaign::Campaign next = campaign();
    next.setups[0].name = "Print patch";
    next.setups[1].name = "Six-turn helix";
    REQUIRE(document().edit(step("Names"), next));
    waitAnalysed(window);
  }
  Picture picture(const char* id) {
    window.workspace()->showStageNamed(id);
    settle();
    return pictureOf(*window.workspace()->current(), titleOf(stageTable()[size_t(window.workspace()->currentStage())]));
  }
  static std::string svg(const Picture& p) { return lanes::svgOf(p.size, "t", p.draw).toStdString(); }
  QMenu* rightClick(QWidget& w, const char* menu) {
    QContextMenuEvent event(QContextMenuEvent::Mouse, w.rect().center(), w.mapToGlobal(w.rect().center()));
    QApplication::sendEvent(&w, &event);
    return window.findChild<QMenu*>(menu);
  }
};

}  // namespace

TEST_CASE("pictures: each page says what it is of, whose, the answer, the limit, the date and the version") {
  Leaving s;
  for (const char* id : {"kit", "bench", "plan", "runs", "compare"}) {
    INFO(id);
    const Picture p = s.picture(id);
    REQUIRE_FALSE(p.size.isEmpty());
    const std::string svg = s.svg(p);
    CHECK_THAT(svg, Contains("field") && Contains("Print patch") && Contains("Six-turn helix"));
    CHECK_THAT(svg, Contains("Usable limit: control link: link quality 70 %"));
    CHECK_THAT(svg, Contains(QDate::currentDate().toString(Qt::ISODate).toStdString()) && Contains("made with Distanz"));
    CHECK_FALSE(QImage::fromData(lanes::pngOf(p.size, p.draw), "PNG").isNull());
    CHECK_THAT(lanes::pdfOf(p.size, "t", p.draw).toStdString(), Contains("%PDF"));
  }
  const Picture compare = s.picture("compare");
  CHECK_THAT(s.svg(compare), Contains("Along the path") && Contains("control link") && Contains("reaches"));
  for (const char* page : {"page_stretches", "page_sides", "page_steps"}) {
    click(s.window, page);
    CHECK_THAT(s.svg(s.picture("compare")), Contains("Print patch"));
  }
}

TEST_CASE("pictures: text of a PDF is found as it is written, ligatures and all") {
  const QString reader = QStandardPaths::findExecutable("pdftotext");
  REQUIRE_FALSE(reader.isEmpty());
  Leaving s;
  campaign::Campaign next = s.campaign();
  next.setups[0].name = "Office fitting, fluffy";
  REQUIRE(s.document().edit(step("Name"), next));
  const Picture p = s.picture("compare");
  distanz::test::spill(s.dir / "view.pdf", lanes::pdfOf(p.size, "t", p.draw).toStdString());
  QProcess read;
  read.start(reader, {"-layout", QString::fromStdString(s.dir / "view.pdf"), "-"});
  REQUIRE(read.waitForFinished());
  CHECK_THAT(read.readAllStandardOutput().toStdString(), Contains("Office fitting, fluffy"));
}

TEST_CASE("copying: chosen cells and whole tables with their headings, by key and by menu") {
  Leaving s;
  s.window.activateWindow();
  s.window.workspace()->showStageNamed("runs");
  settle();
  auto& table = child<QTableView>(s.window, "runTable");
  table.setFocus();
  table.selectRow(1);
  Copying::copy();
  QString text = QGuiApplication::clipboard()->text();
  CHECK(text.count('\n') == 2);
  CHECK(text.section('\n', 1, 1).count('\t') == table.model()->columnCount() - 1);
  CHECK(text.contains("B1"));
  QMenu* menu = s.rightClick(*table.viewport(), "tableMenu");
  REQUIRE(menu);
  child<QAction>(*menu, "copyTable").trigger();
  text = QGuiApplication::clipboard()->text();
  CHECK(text.count('\n') == 1 + int(s.campaign().runs.size()));
  menu->close();
  CHECK(tableCsv(*table.model()).count('\n') == 1 + int(s.campaign().runs.size()));
  QGuiApplication::clipboard()->clear();
}

TEST_CASE("copying: a plot is copied and saved from its own menu") {
  Leaving s;
  s.window.workspace()->showStageNamed("compare");
  settle();
  QMenu* menu = s.rightClick(child<LanePlot>(s.window, "lanes"), "drawingMenu");
  REQUIRE(menu);
  child<QAction>(*menu, "copyPicture").trigger();
  CHECK_FALSE(QGuiApplication::clipboard()->image().isNull());
  CHECK(menu->actions().size() >= 5);
  menu->close();
  QGuiApplication::clipboard()->clear();
}

TEST_CASE("leaving: names from a hostile file break neither a drawing nor a spreadsheet") {
  Leaving s;
  campaign::Campaign next = s.campaign();
  next.title = "a<b>&\"\x01\n</title>";
  next.setups[0].name = "=cmd()\ttwo";
  next.setups[1].name = "<svg onload=x>\x07";
  if (!s.document().edit(step("Names"), next)) return;  // refused on the way in: nothing leaves
  const Picture p = s.picture("compare");
  QXmlStreamReader xml(lanes::svgOf(p.size, p.title, p.draw));
  while (!xml.atEnd()) xml.readNext();
  INFO(xml.errorString().toStdString() << " at " << lanes::svgOf(p.size, p.title, p.draw).mid(std::max<qint64>(xml.characterOffset() - 120, 0), 240).toStdString());
  CHECK_FALSE(xml.hasError());
  QTableWidget table(1, 1);
  table.setItem(0, 0, new QTableWidgetItem("=1+1"));
  const QString copied = tableText(table, {table.model()->index(0, 0)});
  CHECK_FALSE(copied.startsWith("="));
}

TEST_CASE("pictures: a page without a drawing of its own stands in its frame as it does in the window") {
  Leaving s;
  const Picture p = s.picture("runs");
  auto& view = dynamic_cast<Exportable&>(*s.window.workspace()->current());
  REQUIRE(view.plainPage());
  const QImage window = view.plainPage()->grab().toImage().convertToFormat(QImage::Format_RGB32);
  constexpr int kFoot = 24;
  const QImage picture = QImage::fromData(lanes::pngOf(p.size, p.draw), "PNG")
                             .scaled(p.size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                             .copy(0, p.size.height() - kFoot - window.height(), window.width(), window.height());
  double apart = 0;
  for (int y = 0; y < window.height(); ++y)
    for (int x = 0; x < window.width(); ++x) apart += std::abs(qGray(window.pixel(x, y)) - qGray(picture.pixel(x, y)));
  CHECK(apart / (double(window.width()) * window.height()) < 6);
}
