#include <QFile>
#include <QPainter>
#include <QPrinter>
#include <algorithm>

#include "app/shared/path_of.h"
#include "app/window/leaving_dialog.h"
#include "app/window/main_window.h"
#include "app/window/picture.h"
#include "app/window/stages.h"
#include "formats/files.h"
#include "lanes/paper/sheet.h"
#include "reader/ask.h"
#include "store/exchange.h"
#include "words/say.h"

namespace distanz::app {
namespace {

store::Leave leaveOf(const campaign::Leaving& along) {
  return {along, [](const std::string& bytes, const std::string& name) { return reader::plainPhoto(bytes, name); }};
}

}  // namespace

void MainWindow::exportFolder() {
  const std::filesystem::path file = m_document->path();
  const auto folder = m_prompts.saveFile(this, tr("Export as interchange folder"),
                                         QString::fromStdString(file.stem().string()), {});
  if (!folder) return;
  askLeaving(this, campaign::carriedBy(m_document->campaign()), [this, file, to = pathOf(*folder)](const campaign::Leaving& along) {
    inBackground([file, to, leave = leaveOf(along)]() -> QString {
      try {
        store::toInterchange(file, to, leave);
        return {};
      } catch (const std::exception& e) {
        return words::sentence(e);
      }
    });
  });
}

void MainWindow::saveCopy() {
  const auto file =
      m_prompts.saveFile(this, tr("Save a copy of the campaign"),
                         QString::fromStdString(m_document->path().stem().string()) + tr(" copy.distanz"),
                         tr("Distanz campaigns (*.distanz)"));
  if (!file || !m_document || refuseOpenFile(*file)) return;
  if (m_document->fileLost()) return writeCopy(*file, {});  // all of it is rescued
  askLeaving(this, campaign::carriedBy(m_document->campaign()), [this, file = *file](const campaign::Leaving& along) { writeCopy(file, along); });
}

void MainWindow::writeCopy(const QString& file, const campaign::Leaving& along) {
  if (!m_document) return;
  const auto lost = std::make_shared<std::vector<std::string>>();
  inBackground(
      [c = m_document->campaign(), samples = m_document->samples(), to = pathOf(file), leave = leaveOf(along), lost]() -> QString {
        try {
          *lost = store::saveCopy(c, *samples, to, leave);
          return {};
        } catch (const std::exception& e) {
          return words::sentence(e);
        }
      },
      [this, lost, file] {
        QStringList ids;
        for (const std::string& id : *lost) ids << QString::fromStdString(id);
        const QString told =
            ids.isEmpty() ? tr("A copy was saved as %1.").arg(file)
                          : tr("A copy was saved as %1, but the logs of these runs could not be read: %2")
                                .arg(file, ids.join(", "));
        if (!m_document || !m_document->fileLost()) return say(told, ids.isEmpty() ? Tone::News : Tone::Stop);
        m_say_when_open = told;
        open(file);  // work goes on in the copy
      });
}

void MainWindow::writeExport(const QString& file, const QByteArray& bytes) {
  if (bytes.isEmpty()) return say(tr("%1: this view cannot be drawn").arg(file));
  try {
    formats::writeFile(pathOf(file), std::string_view(bytes.constData(), std::size_t(bytes.size())));
  } catch (const Error& e) {
    say(words::sentence(e));
  }
}

void MainWindow::exportView(const QString& filter, const QString& ending,
                            const std::function<QByteArray(const Picture&, const QString& title)>& bytes) {
  const auto file = m_prompts.saveFile(this, tr("Save view"), "distanz" + ending, filter);
  Stage* stage = m_workspace ? m_workspace->current() : nullptr;  // after the dialog: it may have changed
  if (!file || !stage) return;
  const Picture picture = pictureOf(*stage, titleOf(stageTable()[size_t(m_workspace->currentStage())]));
  writeExport(*file, bytes(picture, picture.title));
}

void MainWindow::exportPng() {
  exportView(tr("PNG pictures (*.png)"), ".png", [](const Picture& v, const QString&) { return lanes::pngOf(v.size, v.draw); });
}

void MainWindow::exportSvg() {
  exportView(tr("SVG drawings (*.svg)"), ".svg", [](const Picture& v, const QString& title) { return lanes::svgOf(v.size, title, v.draw); });
}

void MainWindow::exportPdf() {
  exportView(tr("PDF documents (*.pdf)"), ".pdf", [](const Picture& v, const QString& title) { return lanes::pdfOf(v.size, title, v.draw); });
}

void MainWindow::exportCsv() {
  const auto file = m_prompts.saveFile(this, tr("Save data"), "distanz.csv", tr("CSV tables (*.csv)"));
  auto* view = m_workspace ? dynamic_cast<Exportable*>(m_workspace->current()) : nullptr;  // after the dialog: it may have changed
  if (file && view) writeExport(*file, view->csv());
}

void MainWindow::printView() {
  QPrinter printer(QPrinter::HighResolution);
  printer.setPageOrientation(QPageLayout::Landscape);
  Stage* stage = m_workspace ? m_workspace->current() : nullptr;
  if (!stage || !m_prompts.printer(this, printer)) return;
  const Picture picture = pictureOf(*stage, titleOf(stageTable()[size_t(m_workspace->currentStage())]));
  QPainter painter;
  if (!painter.begin(&printer)) return say(tr("The printer cannot be used. Choose another one."));
  const QSizeF page = printer.pageRect(QPrinter::DevicePixel).size(), paper = picture.size;
  const double scale = std::min(page.width() / paper.width(), page.height() / paper.height());
  painter.scale(scale, scale);
  picture.draw(painter);
}

void MainWindow::saveBytes(const QString& name, const QByteArray& bytes) {
  auto* view = m_workspace ? dynamic_cast<Exportable*>(m_workspace->current()) : nullptr;
  const QString title = view && view->tellsPlaces() ? tr("Save path: the file shows where you fly") : tr("Save file");
  if (const auto file = m_prompts.saveFile(this, title, name, tr("All files (*)"))) writeExport(*file, bytes);
}

}  // namespace distanz::app
