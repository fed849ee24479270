#include "app/compare/sheet_page.h"

#include <QPainter>
#include <QScrollBar>

#include "app/shared/theme.h"

namespace distanz::app {
namespace {

constexpr int kTop = 12, kLeft = theme::kAxisLeft, kRight = theme::kAxisRight;

}  // namespace

class SheetPage::Canvas : public QWidget {
 public:
  using QWidget::QWidget;
  Sheet sheet;
  double inner() const { return width() - kLeft - kRight; }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!sheet.empty.isEmpty() || !sheet.paint) {
      p.setFont(theme::bodyFont(theme::kBody));
      p.setPen(theme::tokens().muted);
      p.drawText(rect().adjusted(60, 20, -60, -20), Qt::AlignCenter | Qt::TextWordWrap, sheet.empty);
      return;
    }
    p.translate(kLeft, kTop);
    sheet.paint(p, inner());
  }
};

SheetPage::SheetPage(QWidget* parent) : QScrollArea(parent), m_canvas(new Canvas) {
  setFrameShape(QFrame::NoFrame);
  setWidget(m_canvas);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

SheetPage::~SheetPage() = default;

void SheetPage::show(Sheet sheet) {
  m_canvas->sheet = std::move(sheet);
  m_canvas->setAccessibleName(m_canvas->sheet.said);
  fit();
  m_canvas->update();
}

void SheetPage::fit() {
  const Sheet& sheet = m_canvas->sheet;
  const int width = viewport()->width();
  const int height = sheet.height && sheet.empty.isEmpty() ? int(sheet.height(width - kLeft - kRight)) + 2 * kTop : 0;
  m_canvas->resize(width, std::max(height, viewport()->height()));
}

void SheetPage::resizeEvent(QResizeEvent* event) {
  QScrollArea::resizeEvent(event);
  fit();
}

QSize SheetPage::paperSize() const {
  return m_canvas->size();
}

void SheetPage::paintPaper(QPainter& painter) const {
  if (!m_canvas->sheet.paint || !m_canvas->sheet.empty.isEmpty()) return;
  painter.save();
  painter.translate(kLeft, kTop);
  m_canvas->sheet.paint(painter, m_canvas->inner());
  painter.restore();
}

}  // namespace distanz::app
