#include "app/start/new_dialog.h"

#include <QDir>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {

NewDialog::NewDialog(const QString& file, const std::function<QString()>& change, QWidget* parent)
    : QDialog(parent), m_file(file), m_where(plainLabel()) {
  using campaign::LinkKind;
  setObjectName("newDialog");
  setWindowTitle(tr("New campaign"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 20, 24, 20);
  column->setSpacing(12);
  auto* title = plainLabel(tr("What do you compare?"));
  title->setFont(theme::bodyFont(theme::kTitle, true));
  column->addWidget(title);
  const struct {
    const char* name;
    QString text;
    std::vector<LinkKind> links;
  } choices[] = {{"newControl", tr("Control link"), {LinkKind::Control}},
                 {"newVideo", tr("Video link"), {LinkKind::Video}},
                 {"newBoth", tr("Both"), {LinkKind::Control, LinkKind::Video}}};
  auto* row = new QHBoxLayout;
  row->setSpacing(12);
  for (const auto& c : choices) {
    auto* button = new QPushButton(c.text);
    button->setObjectName(c.name);
    button->setMinimumSize(150, 56);
    theme::markNext(*button, c.links.size() == 2);
    connect(button, &QPushButton::clicked, this, [this, links = c.links] {
      emit chosen(m_file, m_replaces, links);
      accept();
    });
    row->addWidget(button);
  }
  column->addLayout(row);
  auto* where = new QHBoxLayout;
  m_where->setObjectName("newWhere");
  m_where->setProperty("muted", true);
  where->addWidget(m_where, 1);
  auto* other = new QPushButton(tr("Change ..."));
  other->setObjectName("newElsewhere");
  other->setProperty("flat", true);
  connect(other, &QPushButton::clicked, this, [this, change] {
    if (const QString other_file = change(); !other_file.isEmpty()) {
      m_file = other_file;
      m_replaces = true;
      tellFile();
    }
  });
  where->addWidget(other);
  column->addLayout(where);
  tellFile();
}

void NewDialog::tellFile() {
  QString shown = QDir::toNativeSeparators(m_file);
  if (const QString home = QDir::homePath(); shown.startsWith(home + "/")) shown = "~" + shown.mid(home.size());
  m_where->setText(tr("Saved in %1").arg(shown));
  m_where->setToolTip(plainTip(m_file));
}

}  // namespace distanz::app
