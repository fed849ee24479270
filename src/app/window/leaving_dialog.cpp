#include "app/window/leaving_dialog.h"

#include <QCheckBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {
namespace {

/// Ticked: it goes along. Not there where there is nothing of it.
QCheckBox* choice(QVBoxLayout& into, const char* name, const QString& what, const QString& otherwise, bool any) {
  auto* box = new QCheckBox(what);
  box->setObjectName(name);
  box->setChecked(true);
  box->setVisible(any);
  auto* told = plainLabel(otherwise);
  told->setProperty("muted", true);
  told->setWordWrap(true);
  told->setIndent(24);
  told->setVisible(any);
  into.addWidget(box);
  into.addWidget(told);
  return box;
}

}  // namespace

void askLeaving(QWidget* parent, const campaign::Carried& carried, const std::function<void(const campaign::Leaving&)>& then) {
  if (!carried.any()) return then({});
  auto* ask = new QDialog(parent);
  ask->setObjectName("leaving");
  ask->setAttribute(Qt::WA_DeleteOnClose);
  ask->setWindowTitle(QObject::tr("What goes along"));
  ask->setMinimumWidth(460);
  auto* column = new QVBoxLayout(ask);
  column->setSpacing(8);
  column->addWidget(plainLabel(QObject::tr("Untick what stays with you.")));
  const auto count = [](std::size_t n) { return QString::number(n); };
  QStringList where;
  if (carried.places > 0) where << QObject::tr("places (%1)").arg(count(carried.places));
  if (carried.layers > 0) where << QObject::tr("terrain and maps (%1)").arg(count(carried.layers));
  if (carried.logs > 0) where << QObject::tr("positions in logs (%1)").arg(count(carried.logs));
  auto* places = choice(*column, "leavePlaces", QObject::tr("Where you fly: %1").arg(where.join(", ")),
                        QObject::tr("Unticked: places move elsewhere, distances stay true. Terrain and maps are left out."), !where.isEmpty());
  auto* photos = choice(*column, "leavePhotos", QObject::tr("Place and time stored in photos (%1)").arg(count(carried.photos)),
                        QObject::tr("Unticked: photos go as plain pictures, 2048 px at most."), carried.photos > 0);
  auto* words = choice(*column, "leaveWords", QObject::tr("Notes and names (%1)").arg(count(carried.words)),
                       QObject::tr("Unticked: notes, reasons and names are left out."), carried.words > 0);
  auto* buttons = new QDialogButtonBox;
  QPushButton* save = buttons->addButton(QDialogButtonBox::Save);
  save->setObjectName("leavingSave");
  theme::markNext(*save);
  buttons->addButton(QDialogButtonBox::Cancel);
  column->addStretch();  // what is too high stays below
  column->addWidget(buttons);
  QObject::connect(buttons, &QDialogButtonBox::accepted, ask, &QDialog::accept);
  QObject::connect(buttons, &QDialogButtonBox::rejected, ask, &QDialog::reject);
  QObject::connect(ask, &QDialog::accepted, parent, [=] { then({places->isChecked(), photos->isChecked(), words->isChecked()}); });
  ask->open();
}

}  // namespace distanz::app
