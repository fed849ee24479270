#include "app/start/start_view.h"

#include <QDateTime>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {
namespace {

QPushButton* choice(const QString& text, const char* name, bool next) {
  auto* button = new QPushButton(text);
  button->setObjectName(name);
  theme::markNext(*button, next);
  button->setMinimumSize(240, 36);
  return button;
}

QLabel* paragraph(const QString& text, bool muted = false) {
  auto* label = plainLabel(text);
  label->setWordWrap(true);
  label->setMaximumWidth(460);
  label->setProperty("muted", muted);
  return label;
}

}  // namespace

StartView::StartView(const QStringList& recent, QWidget* parent) : QWidget(parent) {
  setObjectName("stage");
  auto* outer = new QHBoxLayout(this);
  outer->setContentsMargins(96, 72, 96, 72);
  outer->setSpacing(72);
  outer->addLayout(choices(), 3);
  outer->addLayout(recentOnes(recent), 2);
}

QVBoxLayout* StartView::choices() {
  auto* left = new QVBoxLayout;
  left->setSpacing(12);
  auto* mark = plainLabel();
  mark->setPixmap(theme::icon("distanz", theme::tokens().ink).pixmap(64, 64));
  left->addWidget(mark);
  auto* title = plainLabel(tr("How far does it reach?"));
  title->setFont(theme::bodyFont(theme::kFigure, true));
  left->addWidget(title);
  left->addWidget(
      paragraph(tr("Fly each setup over the same measured path and import the logs. Distanz shows how far each reaches, which is better, and how sure that is.")));
  left->addSpacing(12);
  auto* make = choice(tr("New campaign ..."), "startNew", true);
  auto* open = choice(tr("Open ..."), "startOpen", false);
  auto* demo = choice(tr("Open the demo: Mirren canal"), "startDemo", false);
  for (QPushButton* button : {make, open, demo}) left->addWidget(button, 0, Qt::AlignLeft);
  left->addSpacing(4);
  left->addWidget(paragraph(
      tr("The demo flights are simulated with a fixed seed. People, places and gear are made up."), true));
  left->addStretch();
  connect(make, &QPushButton::clicked, this, &StartView::newRequested);
  connect(open, &QPushButton::clicked, this, &StartView::openRequested);
  connect(demo, &QPushButton::clicked, this, &StartView::demoRequested);
  return left;
}

QVBoxLayout* StartView::recentOnes(const QStringList& recent) {
  auto* right = new QVBoxLayout;
  right->setSpacing(8);
  auto* heading = plainLabel(tr("Recent campaigns"));
  heading->setProperty("section", true);
  right->addWidget(heading);
  if (recent.isEmpty())
    right->addWidget(paragraph(tr("None yet. A campaign is one file, saved as you work."), true));
  for (const QString& file : recent) {
    auto* button = new QPushButton(withoutKeys(QFileInfo(file).completeBaseName()));
    button->setProperty("flat", true);
    button->setToolTip(plainTip(file));
    right->addWidget(button, 0, Qt::AlignLeft);
    const QFileInfo about(file);
    auto* where = plainLabel(QString("%1 \u00b7 %2").arg(QLocale().toString(about.lastModified().date(), QLocale::ShortFormat), about.absolutePath()));
    where->setProperty("small", true);
    where->setContentsMargins(7, 0, 0, 4);
    right->addWidget(where);
    connect(button, &QPushButton::clicked, this, [this, file] { emit recentRequested(file); });
  }
  if (!recent.isEmpty()) {
    right->addSpacing(8);
    auto* forget = new QPushButton(tr("Clear this list"));
    forget->setObjectName("forgetRecent");
    forget->setToolTip(tr("The campaign files stay where they are."));
    right->addWidget(forget, 0, Qt::AlignLeft);
    connect(forget, &QPushButton::clicked, this, &StartView::forgetRequested);
  }
  right->addStretch();
  return right;
}

}  // namespace distanz::app
