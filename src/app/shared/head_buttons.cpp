#include "app/shared/head_buttons.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>

#include "app/shared/theme.h"

namespace distanz::app {

QPushButton* menuButton(const QString& text, const char* name, const QString& tip) {
  auto* button = new QPushButton(text);
  button->setObjectName(name);
  button->setToolTip(tip);
  button->setIcon(theme::icon("chevron", theme::tokens().ink));
  button->setIconSize({10, 10});
  button->setLayoutDirection(Qt::RightToLeft);  // the arrow behind the text
  button->setMenu(new QMenu(button));
  button->menu()->setLayoutDirection(Qt::LeftToRight);
  return button;
}

QHBoxLayout* tabRow(QWidget* owner, const std::vector<Tab>& tabs, const std::function<void(int)>& turned) {
  auto* row = new QHBoxLayout;
  auto* group = new QButtonGroup(owner);
  for (const Tab& t : tabs) {
    auto* tab = new QPushButton(t.text);
    tab->setObjectName(t.name);
    tab->setCheckable(true);
    tab->setChecked(group->buttons().isEmpty());
    group->addButton(tab, int(group->buttons().size()));
    row->addWidget(tab);
  }
  row->addStretch();
  QObject::connect(group, &QButtonGroup::idClicked, owner, turned);
  return row;
}

}  // namespace distanz::app
