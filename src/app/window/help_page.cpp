#include "app/window/help_page.h"

#include <QFile>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextList>
#include <QVBoxLayout>

#include "app/shared/theme.h"
#include "words/language.h"

namespace distanz::app {

namespace {

/// Paragraphs apart, headings nearer to what follows than to what went before.
void giveRoom(QTextDocument& page) {
  for (QTextBlock block = page.begin(); block.isValid(); block = block.next()) {
    QTextBlockFormat format = block.blockFormat();
    const bool heading = format.headingLevel() > 0, item = block.textList() != nullptr;
    format.setTopMargin(heading && block.blockNumber() > 0 ? 18 : 0);
    format.setBottomMargin(item ? 4 : 8);
    format.setLineHeight(125, QTextBlockFormat::ProportionalHeight);
    QTextCursor cursor(block);
    cursor.setBlockFormat(format);
    if (!heading) continue;
    QTextCharFormat size;
    size.setFont(theme::bodyFont(format.headingLevel() == 1 ? 24 : 17, true));
    cursor.select(QTextCursor::BlockUnderCursor);
    cursor.mergeCharFormat(size);
  }
}

/// "page.de.md" for "page.md" where there is one.
QString inSpokenLanguage(const QString& resource) {
  const QString own = QString(resource).replace(".md", "." + words::spoken() + ".md");
  return QFile::exists(own) ? own : resource;
}

}  // namespace

HelpPage::HelpPage(const QString& title, const QString& resource, QWidget* parent) : QDialog(parent) {
  setObjectName("helpPage");
  setWindowTitle(title);
  resize(720, 640);
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  auto* text = new QTextBrowser;
  text->setObjectName("helpText");
  text->setFrameShape(QFrame::NoFrame);
  text->setOpenLinks(false);
  text->document()->setDocumentMargin(24);
  text->document()->setDefaultFont(theme::bodyFont(theme::kBody));
  QFile file(inSpokenLanguage(resource));
  if (file.open(QIODevice::ReadOnly)) text->setMarkdown(QString::fromUtf8(file.readAll()));
  giveRoom(*text->document());
  layout->addWidget(text);
}

}  // namespace distanz::app
