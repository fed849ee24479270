#include "app/plan/points_columns.h"

#include <QCoreApplication>

#include "core/campaign/lay_path.h"
#include "core/campaign/limits.h"
#include "core/course/coordinates.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

using campaign::Campaign;
namespace lim = campaign::limits;

/// Where everything of this room is translated.
QString said(const char* text) {
  return QCoreApplication::translate("PathTable", text);
}

QString lengthText(double metres) {
  return words::field(quantity::Kind::Length, metres);
}

/// A column of lengths in a list of the first path.
template <class T>
PathTable::Column length(const QString& title, std::vector<T> campaign::Path::*list, double T::*member,
                         double high) {
  return {title,
          [=](const Campaign& c, int row) {
            return lengthText((c.paths.front().*list)[std::size_t(row)].*member);
          },
          [=](Campaign& c, int row, const QString& text) {
            return lengthTyped(text, 0, high, (campaign::editFirstPath(c).*list)[std::size_t(row)].*member);
          }};
}

template <class T>
PathTable::Column name(std::vector<T> campaign::Path::*list) {
  return {said(QT_TRANSLATE_NOOP("PathTable", "name")),
          [=](const Campaign& c, int row) {
            return QString::fromStdString((c.paths.front().*list)[std::size_t(row)].name);
          },
          [=](Campaign& c, int row, const QString& text) {
            (campaign::editFirstPath(c).*list)[std::size_t(row)].name = text.trimmed().toStdString();
            return QString();
          }};
}

template <class T>
PathTable::Rows rowsOf(std::vector<T> campaign::Path::*list) {
  return {[=](const Campaign& c) { return c.paths.empty() ? 0 : int((c.paths.front().*list).size()); },
          [=](Campaign& c) { (campaign::editFirstPath(c).*list).emplace_back(); },
          [=](Campaign& c, int row) {
            auto& items = campaign::editFirstPath(c).*list;
            items.erase(items.begin() + row);
            return true;
          }};
}

}  // namespace

PathTable::Rows pointRows() {
  PathTable::Rows out = rowsOf(&campaign::Path::points);
  out.add = [](Campaign& c) {  // as far on again as the last leg went
    campaign::farPost(c);
    const auto& points = campaign::firstPath(c);
    const course::Position last = points.back().position, before = points[points.size() - 2].position;
    const course::DistanceBearing leg = course::between(before, last);
    campaign::appendPoint(c, course::destination(last, leg));
  };
  out.remove = [](Campaign& c, int row) { return campaign::removePoint(c, std::size_t(row)); };
  return out;
}

std::vector<PathTable::Column> pointColumns() {
  return {{said(QT_TRANSLATE_NOOP("PathTable", "latitude, longitude")),
           [](const Campaign& c, int row) {
             return QString::fromStdString(
                 course::coordinatesText(campaign::firstPath(c)[std::size_t(row)].position));
           },
           [](Campaign& c, int row, const QString& text) {
             const auto at = course::coordinatesFrom(text.toStdString());
             if (!at)
               return words::sentence(finding("coordinates-unreadable", {{"text", text.toStdString()}}));
             campaign::movePoint(c, std::size_t(row), *at);
             return QString();
           }},
          {said(QT_TRANSLATE_NOOP("PathTable", "height")),
           [](const Campaign& c, int row) {
             return lengthText(campaign::firstPath(c)[std::size_t(row)].height_m);
           },
           [](Campaign& c, int row, const QString& text) {
             return lengthTyped(text, 0, lim::kHeightHigh_m,
                                campaign::editFirstPath(c).points[std::size_t(row)].height_m);
           }},
          {said(QT_TRANSLATE_NOOP("PathTable", "distance")),
           [](const Campaign& c, int row) {
             const auto station = c.station.position();
             return station ? words::distance(
                                  course::between(*station, campaign::firstPath(c)[std::size_t(row)].position)
                                      .distance_m)
                            : QString();
           },
           nullptr}};
}

PathTable::Rows postRows() {
  return rowsOf(&campaign::Path::posts);
}

std::vector<PathTable::Column> postColumns() {
  return {name(&campaign::Path::posts),
          length(said(QT_TRANSLATE_NOOP("PathTable", "along the path")), &campaign::Path::posts,
                 &campaign::Post::along_m, lim::kPathHigh_m)};
}

PathTable::Rows segmentRows() {
  return rowsOf(&campaign::Path::segments);
}

std::vector<PathTable::Column> segmentColumns() {
  return {name(&campaign::Path::segments),
          length(said(QT_TRANSLATE_NOOP("PathTable", "from")), &campaign::Path::segments,
                 &campaign::Segment::from_m, lim::kPathHigh_m),
          length(said(QT_TRANSLATE_NOOP("PathTable", "to")), &campaign::Path::segments,
                 &campaign::Segment::to_m, lim::kPathHigh_m)};
}

}  // namespace distanz::app
