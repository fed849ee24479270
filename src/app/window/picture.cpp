#include "app/window/picture.h"

#include <QApplication>
#include <QDate>
#include <QPainter>
#include <QScrollArea>

#include "app/shared/lane_plot.h"
#include "lanes/paper/frame.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

QString limitOf(const campaign::Link& l) {
  QStringList parts;
  if (l.rule.lq_min_pct)
    parts << QObject::tr("link quality %1").arg(words::quantity(*l.rule.lq_min_pct, quantity::Unit::Percent, 0));
  if (l.rule.bitrate_min_mbps)
    parts << QObject::tr("bitrate %1").arg(words::quantity(*l.rule.bitrate_min_mbps, quantity::Unit::MegabitPerSecond, 0));
  if (l.rule.picture_min) parts << QObject::tr("picture grade %1").arg(words::quantity(*l.rule.picture_min, quantity::Unit::None, 0));
  if (l.rule.scale_min) parts << QObject::tr("signal reading %1").arg(words::quantity(*l.rule.scale_min, quantity::Unit::None, 0));
  if (l.rule.margin_db)
    if (const auto level = campaign::criticalFromKit(l)) parts << QObject::tr("signal %1").arg(words::quantity(*level, quantity::Unit::Dbm, 0));
  return parts.isEmpty() ? QString() : QObject::tr("%1 link: %2").arg(QString::fromStdString(l.id), parts.join(", "));
}

/// On one line, whatever a file has for a name.
QString shown(const std::string& text) {
  return QString::fromStdString(text).simplified();
}

lanes::Frame frameOf(const Stage& stage, const Exportable& view, const QString& title) {
  const campaign::Campaign& c = stage.document().campaign();
  lanes::Frame out;
  out.title = shown(c.title);
  out.page = view.pageName().isEmpty() ? title : QString("%1: %2").arg(title, view.pageName());
  const std::string link = view.pageLink();
  if (!link.empty()) out.page += " \u00b7 " + QObject::tr("%1 link").arg(QString::fromStdString(link));
  if (const auto answer = view.answer()) {
    const words::Said said = words::say(*answer);
    out.verdict = said.title.isEmpty() ? said.text : said.title;
  }
  for (std::size_t i = 0; i < c.setups.size(); ++i)
    out.setups.push_back({QString::fromStdString(campaign::letterOf(c, i)), shown(c.setups[i].name), int(i)});
  QStringList limits;
  for (const campaign::Link& l : c.links)
    if (link.empty() || l.id == link)
      if (const QString limit = limitOf(l); !limit.isEmpty()) limits << limit;
  if (!limits.isEmpty()) out.limit = QObject::tr("Usable limit: %1").arg(limits.join("; "));
  out.made = QObject::tr("%1, made with Distanz %2").arg(QDate::currentDate().toString(Qt::ISODate), QApplication::applicationVersion());
  return out;
}

}  // namespace

Picture pictureOf(Stage& stage, const QString& title) {
  auto* view = dynamic_cast<Exportable*>(&stage);
  if (!view) return {};
  if (view->isSheet()) return {shown(stage.document().campaign().title), view->paperSize(), [view](QPainter& p) { view->paintPaper(p); }};
  QWidget* plain = view->plainPage();
  if (auto* scrolled = qobject_cast<QScrollArea*>(plain); scrolled && scrolled->widget()) plain = scrolled->widget();  // all of it
  const QSize inside = plain ? plain->size() : view->paperSize();
  const lanes::Frame frame = frameOf(stage, *view, title);
  const lanes::Look look = lanesLook();
  const QSize size = lanes::framed(frame, inside, look);
  return {frame.title, size, [=](QPainter& p) {
            lanes::paintFramed(p, frame, size, look, [&](QPainter& within) {
              if (plain)
                plain->render(&within, {}, {}, QWidget::DrawChildren);
              else
                view->paintPaper(within);
            });
          }};
}

}  // namespace distanz::app
