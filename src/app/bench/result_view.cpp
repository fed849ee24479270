#include "app/bench/result_view.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/shared/lane_plot.h"
#include "app/shared/plot_canvas.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "lanes/paper/plot_paper.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

constexpr int kMostFigures = 4;
constexpr int kOneLine_px = 140;  // of a caption

QString valueText(const Measure& m) {
  if (!std::isfinite(m.value)) return m.value > 0 ? QString("\u221e") : QString("\u2013");
  const int decimals = m.unit == quantity::Unit::None      ? (std::abs(m.value) >= 20 || m.value == std::round(m.value) ? 0 : 2)
                       : m.unit == quantity::Unit::Decibel ? 2
                                                           : -1;
  return words::quantity(m.value, m.unit, decimals);
}

/// "VSWR at 5.8 GHz", "settled power, 200 mW".
QString labelText(const records::Figure& f) {
  QString text = words::term("figure-" + f.what);
  if (!f.of.empty()) text += ", " + QString::fromStdString(f.of);
  if (f.at) text += " @ " + words::exactly(f.at->value, f.at->unit);
  return text;
}

/// A number as large as its column has room for.
class FigureLabel : public QLabel {
 public:
  explicit FigureLabel(const QString& text) {
    setTextFormat(Qt::PlainText);
    setText(text);
    setFont(theme::figureFont(theme::kFigure, true));
    setMinimumWidth(QFontMetrics(theme::figureFont(theme::kTitle, true)).horizontalAdvance(text));
  }

 protected:
  void resizeEvent(QResizeEvent* event) override {
    QLabel::resizeEvent(event);
    const QFont large = theme::figureFont(theme::kFigure, true);
    const QFont font = QFontMetrics(large).horizontalAdvance(text()) > width() ? theme::figureFont(theme::kTitle, true) : large;
    if (font != this->font()) setFont(font);
  }
};

/// What the number is: as many lines as its neighbours. No layout has to ask how high it is at which width, which
/// holds the window up.
class FigureCaption : public QLabel {
 public:
  FigureCaption(const QString& text, int lines) {
    setTextFormat(Qt::PlainText);
    setText(text);
    setProperty("small", true);
    setFont(theme::bodyFont(theme::kSmall));
    setFixedHeight(lines * fontMetrics().lineSpacing());
  }
  QSize sizeHint() const override { return {0, height()}; }
  QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setPen(palette().color(foregroundRole()));
    p.drawText(rect(), Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap, text());
  }
};

QWidget* figureWidget(const records::Figure& f, int lines) {
  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  auto* label = new FigureCaption(labelText(f), lines);
  auto* value = new FigureLabel(valueText(f.value));
  value->setAccessibleName(label->text());
  auto* interval =
      plainLabel(f.value.low && f.value.high ? valueText({*f.value.low, f.value.unit, {}, {}}) + " \u2013 " +
                                                   valueText({*f.value.high, f.value.unit, {}, {}})
                                             : QString());
  interval->setProperty("small", true);
  layout->addWidget(label);
  layout->addWidget(value);
  layout->addWidget(interval);
  layout->addStretch();
  return box;
}

void empty(QLayout* layout) {
  while (QLayoutItem* item = layout->takeAt(0)) {
    delete item->widget();
    delete item;
  }
}

}  // namespace

ResultView::ResultView(QWidget* parent)
    : QWidget(parent), m_figures(new QHBoxLayout), m_canvas(new PlotCanvas), m_other(new QPushButton) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(8);
  auto* figures = new QWidget;  // the window may be narrower than all of them
  figures->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  figures->setLayout(m_figures);
  m_figures->setContentsMargins(0, 0, 0, 0);
  m_figures->setSpacing(24);
  layout->addWidget(figures);
  layout->addWidget(m_canvas, 1);
  m_other->setObjectName("otherPlot");
  m_other->setAccessibleName(tr("Other plot"));
  m_other->setCheckable(true);
  m_other->setProperty("flat", true);
  layout->addWidget(m_other, 0, Qt::AlignRight);
  connect(m_other, &QPushButton::toggled, this, &ResultView::showPlot);
}

void ResultView::show(const records::RecordResult& result) {
  m_result = result;
  empty(m_figures);
  std::vector<records::Figure> figures = result.figures;
  std::stable_partition(figures.begin(), figures.end(), [](const records::Figure& f) { return f.decides; });
  if (int(figures.size()) > kMostFigures) figures.erase(figures.begin() + kMostFigures, figures.end());
  const QFontMetrics small(theme::bodyFont(theme::kSmall));
  const bool long_one = std::any_of(figures.begin(), figures.end(), [&](const records::Figure& f) {
    return small.horizontalAdvance(labelText(f)) > kOneLine_px;
  });
  for (const records::Figure& f : figures) m_figures->addWidget(figureWidget(f, long_one ? 2 : 1), 1);
  for (int i = int(figures.size()); i < kMostFigures; ++i) m_figures->addStretch(1);
  m_other->setVisible(!result.more.empty());
  showPlot(m_other->isChecked());
}

void ResultView::showPlot(bool other) {
  m_plot = other && !m_result.more.empty() ? m_result.more.front() : m_result.plot;
  m_other->setText(other ? tr("VSWR over frequency") : tr("Complex plane"));
  m_canvas->show(m_plot);
}

QSize ResultView::paperSize() const {
  return m_canvas->size().expandedTo({480, 320});
}

void ResultView::paintPaper(QPainter& p, const QString& title) const {
  const lanes::Look look = lanesLook();
  const QRectF all({}, QSizeF(paperSize()));
  p.fillRect(all, look.paper);
  p.setPen(look.ink);
  p.setFont(look.font(lanes::type::kLead, true));
  p.drawText(QRectF(16, 10, all.width() - 32, 20), Qt::AlignLeft | Qt::AlignVCenter, title);
  QStringList told;
  for (const records::Figure& f : m_result.figures)
    if (f.decides) told << labelText(f) + " " + valueText(f.value);
  p.setFont(look.font(lanes::type::kBody, false));
  p.drawText(QRectF(16, 32, all.width() - 32, 34), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
             told.join("  \u00b7  "));
  lanes::paint(p, all.adjusted(0, 70, 0, 0), m_plot, look);
}

}  // namespace distanz::app
