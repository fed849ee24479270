// The kit as a chain: parts picked, measured, mounted, compared, photographed and taken from another
// campaign.
#include "core/campaign/kit.h"

#include <QCheckBox>
#include <QImage>
#include <QListWidget>
#include <QMenu>
#include <QTableWidget>

#include "app/kit/chain_page.h"
#include "app/kit/mount_panel.h"
#include "app/session.h"
#include "formats/files.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

struct Kit : Session {
  Kit() {
    window.workspace()->showStageNamed("plan");
    type("station", "46.91, 20.96");
    type("pathDistance", "3 km");
    type("pathBearing", "54");
    window.workspace()->showStageNamed("kit");
    click(window, "page_links");
    type("sensitivity", "-108 dBm");
    click(window, "page_chain");
    grab("power");
    type("value-power_dbm", "100 mW");
  }
  void type(const char* field, const char* text) {
    distanz::app::test::type(child<QLineEdit>(window, field), text);
  }

  /// Chooses an element of the chain by clicking its column.
  void grab(std::string_view what) {
    auto& view = child<ChainView>(window, "chainView");
    for (const auto& c : lanes::columnsOf(view.drawing(), QRectF(view.rect()).adjusted(2, 2, -2, -2)))
      if (view.drawing().chain.elements[c.element].what == what && int(c.element) != view.drawing().chosen)
        QTest::mouseClick(&view, Qt::LeftButton, {}, c.area.center().toPoint());
  }
  const campaign::SetupLink& own(std::size_t setup = 0) {
    return campaign().setups[setup].links.at("control");
  }
  const campaign::Part& antenna() { return *campaign::findPart(campaign(), own().tx_antenna); }
  std::string figures() { return child<QLabel>(window, "chainFigures").text().toStdString(); }
  void pick(const QString& action) {
    auto& view = child<ChainView>(window, "chainView");
    QTest::keyClick(&view, Qt::Key_Return);
    auto* menu = view.window()->findChild<QMenu*>("partMenu");
    REQUIRE(menu);
    auto* wanted = menu->findChild<QAction*>(action);
    if (!wanted)
      for (QAction* a : menu->actions())
        if (a->objectName() == action) wanted = a;
    REQUIRE(wanted);
    wanted->trigger();
    menu->close();
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  }
};

}  // namespace

TEST_CASE("kit: the signal runs along the chain, and another part shows its dB and metres at once") {
  Kit k;
  CHECK_THAT(k.figures(), Contains("EIRP 20.0 dBm") && Contains("at the far post") && Contains("margin"));
  CHECK_THAT(k.figures(), Contains("no range: antenna gains not set"));
  k.grab("rx-antenna");
  k.pick("newPart");
  k.type("value-gain_dbi", "0");
  k.grab("tx-antenna");
  k.pick("newPart");
  k.type("value-gain_dbi", "0");
  k.type("partName", "Print patch");
  k.type("value-gain_dbi", "6 dBi");
  CHECK(k.antenna().name == "Print patch");
  CHECK_THAT(k.figures(), Contains("EIRP 26.0 dBm"));
  CHECK_THAT(child<QLabel>(k.window, "chainChange").text().toStdString(), Contains("+6.0 dB, +"));
  k.pick("newPart");
  k.type("partName", "Helix");
  k.type("value-gain_dbi", "12 dBi");
  k.pick(QString("part_") + QString::fromStdString(k.campaign().parts[2].id));  // the patch again
  CHECK_THAT(k.figures(), Contains("EIRP 26.0 dBm"));
  CHECK_THAT(child<QLabel>(k.window, "chainChange").text().toStdString(), Contains("-6.0 dB"));
  k.document().undo();
  waitFor("undo", [&] { return k.figures().find("EIRP 32.0 dBm") != std::string::npos; });
  k.pick("noPart");
  CHECK(k.own().tx_antenna.empty());
}

TEST_CASE("kit: the chain is walked with the arrow keys, and a setup that is added holds the rest") {
  Kit k;
  auto& view = child<ChainView>(k.window, "chainView");
  view.setFocus();
  const int first = view.drawing().chosen;
  QTest::keyClick(&view, Qt::Key_Right);
  CHECK(view.drawing().chosen == first + 1);
  QTest::keyClick(&view, Qt::Key_Left);
  CHECK(view.drawing().chosen == first);
  click(k.window, "addSetup");
  REQUIRE(k.campaign().setups.size() == 3);
  CHECK(k.campaign().setups[2].links == k.campaign().setups[1].links);
  click(k.window, "removeSetup");
  CHECK(k.campaign().setups.size() == 2);
}

TEST_CASE("kit: an antenna says what it is, how it points and is known, and its pattern and faults follow") {
  Kit k;
  k.grab("tx-antenna");
  k.type("value-gain_dbi", "12");
  choose(k.window, "trait-shape", "helix");
  k.type("value-turns", "6");
  choose(k.window, "trait-hand", "right");
  choose(k.window, "origin-gain_dbi", "assumed");
  CHECK(k.antenna().values.at("gain_dbi").origin == campaign::Origin::Assumed);
  CHECK(k.antenna().trait("shape") == "helix");
  CHECK_THAT(child<QLabel>(k.window, "patternFacts").text().toStdString(), Contains("half-power beamwidth"));
  CHECK_THAT(k.allFindings(), Contains("main beam"));
  const std::string before = k.figures();
  choose(k.window, "pointing", "by-hand");
  k.type("pointingError", "20");
  CHECK(k.own().pointing == campaign::Pointing::ByHand);
  CHECK(k.figures() != before);  // pointing aside costs
  k.grab("rx-antenna");
  k.type("value-gain_dbi", "2");
  choose(k.window, "trait-hand", "left");
  CHECK(child<ChainView>(k.window, "chainView").drawing().chain.elements.size() > 8);
  bool crossed = false;
  for (const auto& e : child<ChainView>(k.window, "chainView").drawing().chain.elements)
    crossed = crossed || (std::string(e.what) == "polarisation" && e.change_db < -15);
  CHECK(crossed);
}

TEST_CASE("kit: the mounting is drawn and warned of, and undone") {
  Kit k;
  k.grab("rx-antenna");
  k.type("value-gain_dbi", "2");
  choose(k.window, "trait-shape", "dipole");
  click(k.window, "sideMount");
  choose(k.window, "mountPlace", "nose");
  k.type("mountElevation", "90");
  QTest::mouseClick(&child<QCheckBox>(k.window, "mountCarbon"), Qt::LeftButton, {}, QPoint(8, 10));
  const auto& mount = k.own().mount;
  CHECK(mount.place == campaign::MountPlace::Nose);
  CHECK(mount.near_carbon);
  const auto& drawn = child<MountPanel>(k.window, "mountPanel").mounting();
  CHECK(drawn.top_db.size() == 360);
  CHECK(drawn.top_shade);
  CHECK_THAT(k.allFindings(), Contains("Outbound, the airframe") && Contains("Carbon"));
  k.document().undo();
  waitFor("undo", [&] { return !k.own().mount.near_carbon; });
}

TEST_CASE("kit: what differs folds away what is alike, and says what is left free") {
  Kit k;
  click(k.window, "page_differs");
  auto& table = child<QTableWidget>(k.window, "differences");
  const int folded = table.rowCount();
  CHECK(folded == 1);  // only A has its power
  click(k.window, "foldAlike");
  CHECK(table.rowCount() > folded);
  click(k.window, "page_chain");
  k.grab("power");
  QTest::mouseClick(&child<QCheckBox>(k.window, "automaticBand"), Qt::LeftButton, {}, QPoint(8, 10));
  CHECK(k.own().automatic_band);
  click(k.window, "page_differs");
  CHECK_THAT(k.allFindings(), Contains("automatic band"));
}

TEST_CASE("kit: the limit for the place is typed, and what is over it is told with what to do") {
  Kit k;
  CHECK_THAT(k.allFindings(), Contains("Enter the limit of this place"));
  click(k.window, "page_links");
  k.type("eirpLimit", "25 mW");
  k.type("bandwidth", "20 MHz");
  k.type("neededSnr", "10 dB");
  k.type("noiseFigure", "4 dB");
  CHECK(k.campaign().links[0].needed_snr_db == 10.0);
  CHECK(k.campaign().links[0].noise_figure_db == 4.0);
  CHECK(k.campaign().links[0].eirp_limit_dbm.value() == Approx(13.98).margin(0.01));
  click(k.window, "page_chain");
  CHECK_THAT(k.allFindings(), Contains("above your limit") && Contains("Keep people 0.20 m away"));
}

TEST_CASE("kit: parts are searched, photographed, and brought in from another campaign once") {
  Kit k;
  click(k.window, "page_parts");
  auto& view = child<QWidget>(k.window, "partsView");
  auto& list = child<QListWidget>(k.window, "parts");
  child<QAction>(k.window, "new_antenna").trigger();
  auto& pattern = child<QWidget>(view, "partPattern");
  CHECK(pattern.isHidden());  // nothing is known of it yet
  type(child<QLineEdit>(view, "value-gain_dbi"), "8");
  CHECK_FALSE(pattern.isHidden());
  CHECK(child<QLabel>(view, "partPatternFacts").text().contains("8.0 dBi"));
  child<QAction>(k.window, "new_battery").trigger();
  CHECK(pattern.isHidden());
  REQUIRE(list.currentItem());
  type(child<QLineEdit>(view, "partName"), "Long pack");
  type(child<QLineEdit>(view, "value-capacity_mah"), "1300");
  QTest::keyClicks(&child<QLineEdit>(k.window, "searchParts"), "long");
  CHECK(list.count() == 1);
  child<QLineEdit>(k.window, "searchParts").clear();
  const auto photo = k.dir / "pack.png", no_photo = k.dir / "pack.txt";
  QImage(40, 30, QImage::Format_RGB32).save(QString::fromStdString(photo.string()));
  formats::writeFile(no_photo, "no picture");
  const auto pack = [&]() -> const campaign::Part& { return k.campaign().parts.back(); };
  k.prompts.files = {QString::fromStdString(no_photo.string())};
  click(view, "addPhotos");
  waitFor("the refusal", [&] { return child<QLabel>(k.window, "banner").text().contains("not a picture"); });
  k.prompts.files = {QString::fromStdString(photo.string())};
  click(view, "addPhotos");
  waitFor("the photo", [&] { return pack().photos.size() == 1; });
  waitKept(k.window);
  CHECK(k.document().samples()->keptBytes(pack().id, pack().photos[0]) == formats::readFile(photo));
  waitFor("it to be shown", [&] { return child<QPushButton>(view, "photo_0").text().isEmpty(); });

  // Into another campaign, and a second time: known by its identity.
  Session other;
  other.window.workspace()->showStageNamed("kit");
  click(other.window, "page_parts");
  const auto bring = [&] {
    other.prompts.files = {QString::fromStdString((k.dir / "field.distanz").string())};
    click(other.window, "partsFrom");
  };
  bring();
  waitFor("the part", [&] {
    return !other.campaign().parts.empty() && other.campaign().parts.back().name == "Long pack";
  });
  const campaign::Part& brought = other.campaign().parts.back();
  CHECK(brought.uuid == pack().uuid);
  CHECK(other.document().samples()->keptBytes(brought.id, brought.photos[0]) == formats::readFile(photo));
  const std::size_t parts = other.campaign().parts.size();
  type(child<QLineEdit>(view, "value-capacity_mah"), "1500");
  bring();
  waitFor("the news", [&] { return other.campaign().parts.back().value("capacity_mah") == 1500; });
  CHECK(other.campaign().parts.size() == parts);
  click(k.window, "removePart");
  CHECK(std::none_of(k.campaign().parts.begin(), k.campaign().parts.end(),
                     [](const auto& p) { return p.name == "Long pack"; }));
}

TEST_CASE("kit: the chain is exported as picture and as numbers") {
  Kit k;
  k.prompts.save = QString::fromStdString((k.dir / "chain.svg").string());
  trigger(k.window, "exportSvg");
  CHECK_THAT(formats::readFile(k.dir / "chain.svg"), Contains("20.0 dBm") && Contains("3.00 km"));
  k.prompts.save = QString::fromStdString((k.dir / "chain.csv").string());
  trigger(k.window, "exportCsv");
  CHECK_THAT(formats::readFile(k.dir / "chain.csv"), Contains("power,") && Contains("path,"));
}
