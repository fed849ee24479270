#include "lanes/paper/chain_paper.h"

#include <fmt/format.h>

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <string_view>

#include "core/campaign/describe.h"
#include "core/text/text.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using plan::ChainElement;
using quantity::Unit;

constexpr double kHead_px = 26, kFoot_px = 62, kUnder_px = 18, kBreak_px = 44, kMost_px_per_db = 7,
                 kLeast_px_per_db = 0.5;

bool isPath(const ChainElement& e) {
  return std::string_view(e.what) == "path";
}

/// The receiver stands at the end of the chain and adds nothing.
bool adds(const ChainElement& e) {
  return !e.slot || e.slot->end;
}

QString originOf(const ChainElement& e) {
  return words::term(std::string("origin-") +
                     campaign::originWords()[static_cast<std::size_t>(e.origin)].word);
}

class ChainPainter {
 public:
  ChainPainter(QPainter& p, const QRectF& area, const ChainDrawing& d, const Look& look)
      : m_p(p),
        m_d(d),
        m_look(look),
        m_columns(columnsOf(d, area)),
        m_body(area.adjusted(0, kHead_px, 0, -kFoot_px)),
        m_mark(look.setup(d.mark, 2)) {}

  void draw() {
    m_p.save();
    m_p.setRenderHint(QPainter::Antialiasing);
    measure();
    for (const ChainColumn& c : m_columns) column(c);
    if (m_told) ends();
    m_p.restore();
  }

 private:
  /// The scale that both ends fit in.
  void measure() {
    const auto& e = m_d.chain.elements;
    const auto take = [](double v, double& low, double& high) {
      low = std::min(low, v), high = std::max(high, v);
    };
    for (m_path = 0; m_path < e.size() && !isPath(e[m_path]);) ++m_path;
    for (std::size_t i = 0; i < e.size(); ++i) {
      if (std::isnan(e[i].level_dbm)) continue;
      m_told = true;
      if (i < m_path)
        take(e[i].level_dbm, m_tx_low, m_tx_high);
      else
        take(e[i].level_dbm, m_rx_low, m_rx_high);
    }
    if (m_d.eirp_limit_dbm && m_told) take(*m_d.eirp_limit_dbm, m_tx_low, m_tx_high);
    if (m_d.chain.received_dbm && m_d.chain.critical_dbm) take(*m_d.chain.critical_dbm, m_rx_low, m_rx_high);
    const double span = std::max(m_tx_high - m_tx_low, 1.0) +
                        (m_rx_high >= m_rx_low ? std::max(m_rx_high - m_rx_low, 1.0) : 0);
    m_scale = std::clamp((m_body.height() - kBreak_px - kUnder_px) / span, kLeast_px_per_db, kMost_px_per_db);
  }

  double at(std::size_t element, double level) const {
    return element < m_path ? m_body.top() + (m_tx_high - level) * m_scale
                            : m_body.bottom() - kUnder_px - (level - m_rx_low) * m_scale;
  }
  double before(std::size_t i) const {
    const auto& e = m_d.chain.elements;
    return i == 0 ? m_tx_low : i == m_path + 1 ? e[m_path].level_dbm : e[i - 1].level_dbm;
  }

  void column(const ChainColumn& c) {
    const ChainElement& e = m_d.chain.elements[c.element];
    if (int(c.element) == m_d.chosen) {
      m_p.setPen(Qt::NoPen);
      QColor ground = m_look.accent;
      ground.setAlphaF(0.09f);
      m_p.setBrush(ground);
      m_p.drawRoundedRect(c.area.adjusted(1, 0, -1, 0), 4, 4);
    }
    if (!std::isnan(e.level_dbm)) {
      if (isPath(e))
        path(c, e);
      else
        step(c, e);
    } else
      waiting(c);
    foot(c, e);
  }

  void waiting(const ChainColumn& c) {
    m_p.setPen(QPen(m_look.hairline, 2, Qt::DotLine));
    m_p.drawLine(QPointF(c.area.left(), m_body.center().y()), QPointF(c.area.right(), m_body.center().y()));
  }

  void step(const ChainColumn& c, const ChainElement& e) {
    const double from = at(c.element, before(c.element)), to = at(c.element, e.level_dbm);
    const QRectF bar(QPointF(c.area.left() + 8, std::min(from, to)),
                     QPointF(c.area.right() - 8, std::max(from, to)));
    const bool gain = e.change_db >= 0;
    m_p.setPen(QPen(m_look.muted, 1, Qt::DotLine));
    if (c.element > 0) m_p.drawLine(QPointF(c.area.left() - 8, from), QPointF(bar.left(), from));
    if (bar.height() >= 1 && c.element > 0) {
      m_p.setPen(Qt::NoPen);
      m_p.setBrush(gain ? QBrush(m_mark.color()) : QBrush(m_look.muted, Qt::BDiagPattern));
      m_p.drawRect(bar);
    }
    m_p.setPen(QPen(e.known ? m_mark.color() : m_look.muted, c.element == 0 ? 4 : 2.5));
    m_p.drawLine(QPointF(bar.left(), to), QPointF(bar.right(), to));
    if (!e.known || !adds(e)) return;
    m_p.setFont(m_look.font(type::kSmall, true));
    m_p.setPen(m_look.ink);
    const QString text = c.element == 0 ? level(e.level_dbm) : change(e.change_db);
    const bool under = !gain && c.element > 0, inside = gain && c.element > 0 && bar.height() >= 18;
    if (inside) m_p.setPen(m_look.surface);
    const double y = inside ? bar.center().y() - 8 : under ? bar.bottom() + 1 : bar.top() - 17;
    m_p.drawText(QRectF(c.area.left() - 10, y, c.area.width() + 20, 16), Qt::AlignCenter, text);
  }

  /// From one scale to the other, broken: it is far longer than it is drawn.
  void path(const ChainColumn& c, const ChainElement& e) {
    const double from = at(m_path - 1, m_d.chain.elements[m_path - 1].level_dbm),
                 to = at(m_path, e.level_dbm);
    const double x = c.area.center().x(), middle = (from + to) / 2;
    m_p.setPen(QPen(m_look.muted, 1, Qt::DotLine));
    m_p.drawLine(QPointF(c.area.left() - 8, from), QPointF(x, from));
    m_p.drawLine(QPointF(x, to), QPointF(c.area.right() + 8, to));
    m_p.setPen(QPen(m_look.ink, 1.5));
    m_p.drawLine(QPointF(x, from), QPointF(x, middle - 4));
    m_p.drawLine(QPointF(x, middle + 4), QPointF(x, to));
    for (const double y : {middle - 4, middle + 4})
      m_p.drawLine(QPointF(x - 8, y + 3), QPointF(x + 8, y - 3));
    m_p.setFont(m_look.font(type::kSmall, true));
    const QString text = change(e.change_db);
    const QRectF box(x + 8, std::clamp(middle - 26, m_body.top(), m_body.bottom()), 90, 16);
    m_p.drawText(box, Qt::AlignLeft | Qt::AlignVCenter, text);
  }

  static QString level(double dbm) { return words::number(dbm, 1) + " dBm"; }
  static QString change(double db) { return (db > 0 ? "+" : "") + words::number(db, 1) + " dB"; }

  void line(double x0, double x1, double y, const QColor& colour, const QString& text, bool above) {
    m_p.setPen(QPen(colour, 1.5, Qt::DashLine));
    m_p.drawLine(QPointF(x0, y), QPointF(x1, y));
    m_p.setFont(m_look.font(type::kSmall, true));
    m_p.setPen(colour);
    m_p.drawText(QRectF(x0, above ? y - 16 : y + 2, x1 - x0 - 6, 14), Qt::AlignRight | Qt::AlignVCenter,
                 text);
  }

  /// What leaves the transmit antenna, what is needed, and the margin.
  void ends() {
    const plan::Chain& c = m_d.chain;
    const auto right = [&](std::size_t below) {
      double x = m_body.left();
      for (const ChainColumn& k : m_columns)
        if (k.element < below) x = k.area.right();
      return x;
    };
    if (m_d.eirp_limit_dbm) {
      const double y = at(0, *m_d.eirp_limit_dbm);
      const bool over = c.eirp_dbm && *c.eirp_dbm > *m_d.eirp_limit_dbm + 1e-9;
      line(m_body.left(), right(m_path), y, over ? m_look.caution : m_look.muted,
           words::term("chain-limit") + " " + level(*m_d.eirp_limit_dbm), y > m_body.top() + 16);
    }
    if (!c.received_dbm) return;
    const double x0 = right(m_path + 1);
    const double received = at(m_path, *c.received_dbm);
    if (!c.margin_db || *c.margin_db >= 0) {  // below the line there is no room for it
      m_p.setFont(m_look.font(type::kSmall, true));
      m_p.setPen(m_look.ink);
      m_p.drawText(QRectF(m_body.right() - 128, received - 18, 120, 14), Qt::AlignRight | Qt::AlignVCenter,
                   level(*c.received_dbm));
    }
    if (!c.critical_dbm) return;
    const double y = at(m_path, *c.critical_dbm);
    line(x0, m_body.right(), y, *c.margin_db < 0 ? m_look.caution : m_look.ink,
         words::term("chain-needed") + " " + level(*c.critical_dbm), *c.margin_db < 0);
    if (std::abs(y - received) < 22) return;
    const double x = m_columns.back().area.center().x() - 8, tip = y > received ? 5 : -5;
    m_p.setPen(QPen(m_look.muted, 1));
    m_p.drawLine(QPointF(x, received + 2), QPointF(x, y));
    m_p.drawLine(QPointF(x, y), QPointF(x - 4, y - tip));
    m_p.drawLine(QPointF(x, y), QPointF(x + 4, y - tip));
    m_p.setPen(m_look.ink);
    m_p.drawText(QRectF(x - 148, (received + y) / 2 - 8, 140, 16), Qt::AlignRight | Qt::AlignVCenter,
                 words::term("chain-margin") + " " + words::number(*c.margin_db, 1) + " dB");
  }

  void foot(const ChainColumn& c, const ChainElement& e) {
    const QRectF under(c.area.left() + 2, m_body.bottom() + 8, c.area.width() - 4, 16);
    m_p.setFont(m_look.font(type::kSmall, false));
    m_p.setPen(m_look.muted);
    const auto line = [&](const QString& text, int row) {
      m_p.drawText(under.translated(0, 16 * row), Qt::AlignCenter,
                   QFontMetricsF(m_p.font()).elidedText(text, Qt::ElideRight, under.width()));
    };
    line(words::term(std::string("chain-") + e.what), 0);
    if (isPath(e)) {
      if (m_d.chain.distance_m) line(words::distance(*m_d.chain.distance_m), 1);
      return;
    }
    if (e.slot || !e.record.empty()) line(e.known ? originOf(e) : words::term("chain-nothing"), 2);
    m_p.setPen(m_look.ink);
    m_p.setFont(m_look.font(type::kSmall, true));
    line(m_d.names[c.element], 1);
  }

  QPainter& m_p;
  const ChainDrawing& m_d;
  const Look& m_look;
  std::vector<ChainColumn> m_columns;
  QRectF m_body;
  QPen m_mark;
  std::size_t m_path = 0;
  bool m_told = false;
  double m_tx_low = INFINITY, m_tx_high = -INFINITY, m_rx_low = INFINITY, m_rx_high = -INFINITY, m_scale = 1;
};

}  // namespace

std::vector<ChainColumn> columnsOf(const ChainDrawing& d, const QRectF& area) {
  std::vector<ChainColumn> out;
  for (std::size_t i = 0; i < d.chain.elements.size(); ++i) {
    const ChainElement& e = d.chain.elements[i];
    if (e.slot || isPath(e) || (e.known && e.change_db != 0)) out.push_back({i, {}});
  }
  const double wide = area.width() / std::max<double>(double(out.size()), 1);
  for (std::size_t i = 0; i < out.size(); ++i)
    out[i].area = QRectF(area.left() + wide * double(i), area.top(), wide, area.height());
  return out;
}

void paint(QPainter& painter, const QRectF& area, const ChainDrawing& drawing, const Look& look) {
  ChainPainter(painter, area, drawing, look).draw();
}

std::string csvOf(const ChainDrawing& d) {
  std::string out = "element,part,known,change_db,level_dbm\n";
  for (std::size_t i = 0; i < d.chain.elements.size(); ++i) {
    const ChainElement& e = d.chain.elements[i];
    out += fmt::format("{},{},{},{:.2f},{}\n", e.what, text::csvField(d.names[i].toStdString()),
                       e.known ? campaign::originWords()[static_cast<std::size_t>(e.origin)].word : "",
                       e.change_db, std::isnan(e.level_dbm) ? "" : fmt::format("{:.2f}", e.level_dbm));
  }
  return out;
}

}  // namespace distanz::lanes
