#include "app/shared/run_menu.h"

#include <QMenu>
#include <QPushButton>

#include "app/shared/text.h"

namespace distanz::app {

void offerRuns(QPushButton& button, Document& document,
               const std::function<void(const std::string& run)>& chosen) {
  auto* menu = new QMenu(&button);
  button.setMenu(menu);
  QObject::connect(menu, &QMenu::aboutToShow, menu, [menu, &document, chosen] {
    menu->clear();
    constexpr std::size_t kMost = 60;
    const auto& runs = document.campaign().runs;
    for (std::size_t i = runs.size() > kMost ? runs.size() - kMost : 0; i < runs.size(); ++i)
      menu->addAction(withoutKeys(QString::fromStdString(runs[i].id)), menu,
                      [chosen, id = runs[i].id] { chosen(id); });
    if (runs.empty()) menu->addAction(QObject::tr("No run yet"))->setEnabled(false);
  });
}

}  // namespace distanz::app
