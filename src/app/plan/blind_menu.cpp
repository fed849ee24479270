#include "app/plan/blind_menu.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QMenu>
#include <QPushButton>
#include <QRandomGenerator>

#include "core/campaign/limits.h"

namespace distanz::app {
namespace {

struct BlindMenu {
  static QString tr(const char* text) { return QCoreApplication::translate("distanz::app::BlindMenu", text); }
};

void drawLabels(Document& document) {
  campaign::Campaign next = document.campaign();
  next.plan.labels_seed = 1 + QRandomGenerator::global()->bounded(int(campaign::limits::kSeedHigh));
  next.plan.labels_opened.clear();
  document.edit(finding("draw-labels"), next);
}

void openLabels(Document& document) {
  campaign::Campaign next = document.campaign();
  next.plan.labels_opened = QDateTime::currentDateTime().toString("yyyy-MM-ddTHH:mm").toStdString();
  document.edit(finding("open-labels"), next);
}

}  // namespace

void offerBlindLabels(QPushButton& button, Document& document, const std::function<std::vector<plan::BlindLabel>()>& labels,
                      const std::function<void(const QString& name, const QByteArray& table)>& save) {
  auto* menu = new QMenu(&button);
  menu->setObjectName("blindMenu");
  button.setMenu(menu);
  QObject::connect(menu, &QMenu::aboutToShow, menu, [menu, &document, labels, save] {
    menu->clear();
    const auto offer = [&document](QMenu* in, const char* name, const QString& text, auto&& act) {
      in->addAction(text, &document, act)->setObjectName(name);
    };
    const campaign::PlanSettings& plan = document.campaign().plan;
    if (plan.labels_seed == 0)
      return offer(menu, "labels_draw", BlindMenu::tr("Draw a label for every recording"), [&document] { drawLabels(document); });
    offer(menu, "labels_names", BlindMenu::tr("Save the list for the recorder ..."),
          [labels, save] { save(BlindMenu::tr("names") + ".csv", QByteArray::fromStdString(plan::namingSheet(labels()))); });
    offer(menu, "labels_judge", BlindMenu::tr("Save the sheet for the judge ..."),
          [labels, save] { save(BlindMenu::tr("judge") + ".csv", QByteArray::fromStdString(plan::judgesSheet(labels()))); });
    if (!plan.labels_opened.empty())
      return offer(menu, "labels_draw", BlindMenu::tr("Draw new labels"), [&document] { drawLabels(document); });
    offer(menu->addMenu(BlindMenu::tr("Open the labels")), "labels_open",
          BlindMenu::tr("All pictures are judged: show which is which"), [&document] { openLabels(document); });
  });
}

}  // namespace distanz::app
