#include "app/runs/flown_menu.h"

#include <QMenu>
#include <QPushButton>
#include <algorithm>

#include "app/runs/marks_dialog.h"
#include "app/shared/head_buttons.h"

namespace distanz::app {
namespace {

void flownAs(Document& document, const std::vector<std::string>& runs, campaign::Method method) {
  campaign::Campaign next = document.campaign();
  for (const std::string& id : runs)
    if (campaign::Run* run = campaign::findRun(next, id)) run->method = method;
  if (!runs.empty()) document.edit(finding("method-run", {}, {"run", runs.front()}), next);
}

void fill(QMenu* menu, Document& document, const std::vector<std::string>& runs, QWidget* parent) {
  menu->clear();
  const auto all = [&](campaign::Method method) {
    return !runs.empty() && std::all_of(runs.begin(), runs.end(), [&](const std::string& id) {
      const campaign::Run* run = campaign::findRun(document.campaign(), id);
      return run && run->method == method;
    });
  };
  const std::tuple<campaign::Method, const char*, QString> ways[] = {
      {campaign::Method::PathFlight, "flown_path", QObject::tr("Along the path: counts for range")},
      {campaign::Method::Course, "flown_course", QObject::tr("A course: counts in its named sections only")}};
  for (const auto& [method, name, text] : ways) {
    QAction* a = menu->addAction(text);
    a->setObjectName(name);
    a->setCheckable(true);
    a->setChecked(all(method));
    a->setEnabled(!runs.empty());
    QObject::connect(a, &QAction::triggered, menu, [&document, runs, method = method] { flownAs(document, runs, method); });
  }
  menu->addSeparator();
  QAction* where = menu->addAction(QObject::tr("Mark posts ..."));
  where->setObjectName("whereItWas");
  where->setEnabled(runs.size() == 1);
  QObject::connect(where, &QAction::triggered, menu, [&document, runs, parent] {
    auto* dialog = new MarksDialog(document, runs.front(), parent);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
  });
}

}  // namespace

QPushButton* flownMenu(QWidget* parent, Document& document, std::function<std::vector<std::string>()> chosen) {
  QPushButton* button = menuButton(QObject::tr("Flown as"), "flownMenu", QObject::tr("How the chosen runs were flown, and where they were"));
  QMenu* menu = button->menu();
  QObject::connect(menu, &QMenu::aboutToShow, menu, [menu, &document, chosen, parent] { fill(menu, document, chosen(), parent); });
  return button;
}

}  // namespace distanz::app
