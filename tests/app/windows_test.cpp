// Several windows, and what of a window is kept per user.
#include <QSettings>
#include <catch2/catch.hpp>

#include "app/harness.h"
#include "app/shared/preferences.h"
#include "app/shared/theme.h"
#include "app/window/windows.h"
#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using distanz::test::TempDir;

TEST_CASE("windows: a second campaign opens beside the first, the same one comes to the front, and all close with the program") {
  TempDir dir;
  ScriptedPrompts prompts;
  Windows windows(prompts);
  MainWindow& first = windows.first();
  first.show();
  const auto make = [&](MainWindow& w, const char* name) {
    prompts.save = QString::fromStdString(dir / name);
    trigger(w, "newCampaign");
    QTest::mouseClick(&child<QPushButton>(w, "newControl"), Qt::LeftButton);
  };
  make(first, "one.distanz");
  waitFor("the first", [&] { return first.workspace() && first.workspace()->current(); }, &first);
  CHECK(windows.all().size() == 1);
  make(first, "two.distanz");
  waitFor("the second", [&] { return windows.all().size() == 2 && windows.all()[1]->workspace(); });
  MainWindow& second = *windows.all()[1];
  CHECK(first.workspace()->document().path().filename() == "one.distanz");
  CHECK(second.workspace()->document().path().filename() == "two.distanz");
  first.open(QString::fromStdString(dir / "two.distanz"));  // open already
  CHECK(windows.all().size() == 2);
  CHECK(second.shows(QString::fromStdString(dir / "two.distanz")));
  // Another one in its place is refused there, and said; the same file opened again is read anew.
  prompts.save = QString::fromStdString(dir / "two.distanz");
  make(first, "two.distanz");
  CHECK(child<QLabel>(second, "banner").text().contains("two.distanz"));
  const Document* before = &first.workspace()->document();
  first.open(QString::fromStdString(dir / "one.distanz"));
  waitFor("the first anew", [&] { return !first.opening() && first.workspace() && &first.workspace()->document() != before; }, &first);
  CHECK(windows.all().size() == 2);
  // Colours are those of the program: both windows follow.
  const auto* menus = second.findChild<QAction*>("theme_dark");
  trigger(first, "theme_dark");
  waitFor("the second's menus anew", [&] { return second.findChild<QAction*>("theme_dark") != menus; });
  trigger(first, "theme_light");
  settle();
  trigger(second, "closeCampaign");
  first.open(QString::fromStdString(dir / "two.distanz"));  // into the window that shows none
  waitFor("the second again", [&] { return second.workspace() != nullptr; });
  CHECK(windows.all().size() == 2);
  second.QWidget::close();
  waitFor("one window", [&] {
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    return windows.all().size() == 1;
  });
}

TEST_CASE("window: its size, and stage and link of each campaign, are as they were left") {
  TempDir dir;
  ScriptedPrompts prompts;
  prompts.save = QString::fromStdString(dir / "kept.distanz");
  {
    MainWindow window(prompts);
    window.resize(window.minimumWidth(), window.minimumHeight() + 20);
    REQUIRE(window.size() != QSize(1280, 768));
    window.show();
    trigger(window, "newCampaign");
    QTest::mouseClick(&child<QPushButton>(window, "newBoth"), Qt::LeftButton);
    waitFor("the campaign", [&] { return window.workspace() && window.workspace()->current(); }, &window);
    window.workspace()->showStageNamed("compare");
    QTest::mouseClick(&child<QPushButton>(window, "link_video"), Qt::LeftButton);
    window.QWidget::close();
  }
  MainWindow again(prompts);
  CHECK(again.size() == again.minimumSize() + QSize(0, 20));
  again.show();
  again.open(prompts.save);
  waitFor("the campaign", [&] { return again.workspace() && again.workspace()->current(); }, &again);
  CHECK(again.workspace()->view().stage == "compare");
  CHECK(child<QPushButton>(again, "link_video").isChecked());
  QSettings().remove("window/size");
}

TEST_CASE("window: a theme is chosen and kept; the system's is one of them") {
  ScriptedPrompts prompts;
  MainWindow window(prompts);
  window.show();
  trigger(window, "theme_dark");
  CHECK(theme::scheme() == theme::Scheme::Dark);
  CHECK(preferences().theme == Preferences::Theme::Dark);
  waitFor("the menus anew", [&] { return child<QAction>(window, "theme_dark").isChecked(); });
  trigger(window, "theme_system");
  CHECK(theme::scheme() == theme::systemScheme());
  settle();
  trigger(window, "theme_light");
  CHECK(theme::scheme() == theme::Scheme::Light);
  settle();
  CHECK(themeNamed("of no kind") == Preferences::Theme::Light);
}
