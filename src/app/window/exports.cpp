#include <QFile>
#include <QFileInfo>
#include <QPainter>
#include <QPrinter>
#include <algorithm>

#include "app/window/main_window.h"
#include "app/window/path_of.h"
#include "formats/aside.h"
#include "formats/files.h"
#include "store/exchange.h"
#include "words/say.h"

namespace distanz::app {

void MainWindow::exportFolder() {
  const std::filesystem::path file = m_document->path();
  const auto folder = m_prompts.saveFile(this, tr("Export as interchange folder"),
                                         QString::fromStdString(file.stem().string()), {});
  if (!folder) return;
  inBackground([file, to = pathOf(*folder)]() -> QString {
    try {
      store::toInterchange(file, to);
      return {};
    } catch (const std::exception& e) {
      return words::sentence(e);
    }
  });
}

void MainWindow::saveCopy() {
  const auto file =
      m_prompts.saveFile(this, tr("Save a copy of the campaign"),
                         QString::fromStdString(m_document->path().stem().string()) + tr(" copy.distanz"),
                         tr("Distanz campaigns (*.distanz)"));
  if (!file || !m_document || refuseOpenFile(*file)) return;
  const auto lost = std::make_shared<std::vector<std::string>>();
  inBackground(
      [c = m_document->campaign(), samples = m_document->samples(), to = pathOf(*file), lost]() -> QString {
        try {
          *lost = store::saveCopy(c, *samples, to);
          return {};
        } catch (const std::exception& e) {
          return words::sentence(e);
        }
      },
      [this, lost, file = *file] {
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

void MainWindow::exportView(const QString& filter, const QString& ending,
                            const std::function<bool(Exportable&, const QString&)>& write) {
  const auto file = m_prompts.saveFile(this, tr("Save view"), "distanz" + ending, filter);
  auto* view = m_workspace ? dynamic_cast<Exportable*>(m_workspace->current())
                           : nullptr;  // after the dialog: it may have changed
  if (!file || !view) return;
  const QString& path = *file;
  try {
    formats::Aside aside(pathOf(path));  // never half a picture under its name
    if (!write(*view, QFile::decodeName(aside.place().c_str())))
      return say(tr("%1: cannot be written; choose another folder").arg(path));
    aside.publish(formats::Aside::Existing::Replace);
  } catch (const Error& e) {
    say(words::sentence(e));
  }
}

void MainWindow::exportPng() {
  exportView(tr("PNG pictures (*.png)"), ".png",
             [](Exportable& v, const QString& f) { return v.savePng(f); });
}

void MainWindow::exportSvg() {
  exportView(tr("SVG drawings (*.svg)"), ".svg",
             [](Exportable& v, const QString& f) { return v.saveSvg(f) && QFileInfo::exists(f); });
}

void MainWindow::exportPdf() {
  exportView(tr("PDF documents (*.pdf)"), ".pdf",
             [](Exportable& v, const QString& f) { return v.savePdf(f); });
}

void MainWindow::exportCsv() {
  exportView(tr("CSV tables (*.csv)"), ".csv", [](Exportable& v, const QString& f) {
    try {
      formats::writeNewFile(pathOf(f), v.csv().toStdString());
    } catch (const Error&) {
      return false;
    }
    return true;
  });
}

void MainWindow::printView() {
  QPrinter printer(QPrinter::HighResolution);
  printer.setPageOrientation(QPageLayout::Landscape);
  auto* view = m_workspace ? dynamic_cast<Exportable*>(m_workspace->current()) : nullptr;
  if (!view || !m_prompts.printer(this, printer)) return;
  QPainter painter;
  if (!painter.begin(&printer)) return say(tr("The printer cannot be used; choose another one"));
  const QSizeF page = printer.pageRect(QPrinter::DevicePixel).size(), paper = view->paperSize();
  const double scale = std::min(page.width() / paper.width(), page.height() / paper.height());
  painter.scale(scale, scale);
  view->paintPaper(painter);
}

void MainWindow::saveBytes(const QString& name, const QByteArray& bytes) {
  const auto file = m_prompts.saveFile(this, tr("Save file"), name, tr("All files (*)"));
  if (!file) return;
  try {
    formats::Aside aside(pathOf(*file));  // never half a file under its name
    formats::writeNewFile(aside.place(), bytes.toStdString());
    aside.publish(formats::Aside::Existing::Replace);
  } catch (const Error& e) {
    say(words::sentence(e));
  }
}

}  // namespace distanz::app
