#include "app/plan/points_page.h"

#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <cmath>

#include "app/shared/path_of.h"
#include "app/shared/path_table.h"
#include "app/plan/points_columns.h"
#include "app/shared/bound_fields.h"
#include "app/shared/run_menu.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/limits.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "geodata/plan_files.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::app {
namespace {

using campaign::Campaign;
namespace lim = campaign::limits;

QString pathName(const campaign::Path& p, std::size_t index) {
  return p.name.empty() ? PointsPage::tr("path %1").arg(index + 1) : QString::fromStdString(p.name);
}

QPushButton* button(const char* name, const QString& text, const QString& tip = {}) {
  auto* made = new QPushButton(text);
  made->setObjectName(name);
  made->setToolTip(tip);
  return made;
}

}  // namespace

PointsPage::PointsPage(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(theme::kAxisLeft, 4, theme::kAxisRight, 8);
  column->setSpacing(12);
  column->addWidget(paths());
  column->addWidget(shapes());
  column->addWidget(tables(), 1);
  connect(&m_taking, &QFutureWatcher<Taken>::finished, this, &PointsPage::settle);
  connect(&document, &Document::changed, this, &PointsPage::refreshPaths);
  refreshPaths();
}

QWidget* PointsPage::paths() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(8);
  m_path = new QComboBox;
  m_path->setObjectName("paths");
  m_path->setAccessibleName(tr("Planned path"));
  connect(m_path, &QComboBox::activated, this, [this] {
    Campaign next = m_document.campaign();
    campaign::planPath(next, m_path->currentData().toString().toStdString());
    m_document.edit(finding("choose-path", {{"path", m_path->currentText().toStdString()}}), next);
  });
  row->addWidget(m_path, 2);
  m_name = fields::textField(
      m_document, {"pathName", tr("Name of the path"), finding("lay-path"),
                   [](const Campaign& c) { return c.paths.empty() ? std::string() : c.paths.front().name; },
                   [](Campaign& c, const std::string& name) { campaign::editFirstPath(c).name = name; }});
  row->addWidget(m_name, 3);
  auto* add = button("path_new", tr("New path"), tr("A copy of this path"));
  connect(add, &QPushButton::clicked, this, [this] {
    Campaign next = m_document.campaign();
    campaign::addPath(next);
    m_document.edit(finding("lay-path"), next);
  });
  auto* remove = button("path_remove", tr("Remove path"));
  connect(remove, &QPushButton::clicked, this, [this] {
    Campaign next = m_document.campaign();
    if (next.paths.empty()) return;
    if (campaign::removePath(next, next.paths.front().id))
      m_document.edit(finding("lay-path"), next);
    else
      emit m_document.refused(words::sentence(finding("path-was-flown")));
  });
  auto* file = button("path_take", tr("From file"), tr("GPX, KML, GeoJSON, or a Distanz plan"));
  connect(file, &QPushButton::clicked, this, &PointsPage::fileRequested);
  auto* run = button("path_run", tr("From run"));
  offerRuns(*run, m_document, [this](const std::string& id) { takeRun(id); });
  auto* out = button("path_save", tr("Save as"));
  auto* formats = new QMenu(out);
  const std::pair<const char*, QString> kinds[] = {
      {".gpx", tr("GPX")}, {".kml", tr("KML")}, {".geojson", tr("GeoJSON")}, {".csv", tr("table, CSV")}};
  for (const auto& [kind, text] : kinds) {
    const char* ending = kind;
    QAction* action = formats->addAction(text);
    action->setObjectName(QString("path_save_%1").arg(QString(ending).mid(1)));
    connect(action, &QAction::triggered, this, [this, ending] { save(ending); });
  }
  out->setMenu(formats);
  for (QWidget* w : {add, remove, file, run, out}) row->addWidget(w);
  return box;
}

QWidget* PointsPage::shapes() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(8);
  m_shape = new QComboBox;
  m_shape->setObjectName("courseShape");
  m_shape->setAccessibleName(tr("Shape of the course"));
  for (const char* shape : {"out", "across", "through", "circle", "box"})
    m_shape->addItem(words::term(std::string("course-") + shape));
  row->addWidget(fields::captioned(tr("Shape"), m_shape), 3);
  const struct {
    const char* name;
    QString caption;
    quantity::Kind kind;
    double low, high;
    double campaign::CourseLayout::*member;
  } typed[] = {{"courseDistance", tr("length or radius"), quantity::Kind::Length, 1, lim::kPathHigh_m,
                &campaign::CourseLayout::distance_m},
               {"courseBearing", tr("bearing"), quantity::Kind::Angle, 0, 360,
                &campaign::CourseLayout::bearing_deg},
               {"courseLength", tr("length or width"), quantity::Kind::Length, 1, lim::kPathHigh_m,
                &campaign::CourseLayout::length_m},
               {"courseDepth", tr("depth of the box"), quantity::Kind::Length, 1, lim::kPathHigh_m,
                &campaign::CourseLayout::depth_m},
               {"courseHeight", tr("height"), quantity::Kind::Length, 0, lim::kHeightHigh_m,
                &campaign::CourseLayout::height_m}};
  for (const auto& t : typed) {
    auto* field = new QuantityEdit(t.kind, {t.low, t.high}, false);
    field->field()->setObjectName(t.name);
    field->field()->setAccessibleName(t.caption);
    field->show(m_layout.*t.member);
    connect(field, &QuantityEdit::committed, this,
            [this, m = t.member](std::optional<double> v) { m_layout.*m = *v; });
    row->addWidget(fields::captioned(t.caption, field), 2);
  }
  auto* lay_it = button("course_lay", tr("Apply"), tr("Replaces the points of this path; you can undo it"));
  connect(lay_it, &QPushButton::clicked, this, &PointsPage::lay);
  row->addWidget(lay_it, 0, Qt::AlignBottom);
  connect(m_shape, &QComboBox::currentIndexChanged, this, &PointsPage::openFields);
  openFields();
  return box;
}

void PointsPage::openFields() {
  using enum campaign::CourseShape;
  const auto shape = static_cast<campaign::CourseShape>(m_shape->currentIndex());
  const std::pair<const char*, bool> open[] = {
      {"courseDistance", shape != Through},
      {"courseBearing", shape != Circle},
      {"courseLength", shape == Across || shape == Through || shape == Box},
      {"courseDepth", shape == Box}};
  for (const auto& [name, on] : open) m_shape->window()->findChild<QLineEdit*>(name)->setEnabled(on);
}

void PointsPage::lay() {
  if (!m_document.campaign().station.position()) {
    emit m_document.refused(words::sentence(finding("set-station")));
    return;
  }
  Campaign next = m_document.campaign();
  m_layout.shape = static_cast<campaign::CourseShape>(m_shape->currentIndex());
  campaign::layCourse(next, m_layout);
  m_document.edit(finding("lay-path"), next);
}

QWidget* PointsPage::tables() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(16);
  row->addWidget(new PathTable(m_document, "points", tr("Points, outbound"),
                               tr("Set the station first. Then shape the path above, or add points."),
                               pointRows(), pointColumns()),
                 5);
  row->addWidget(new PathTable(m_document, "posts", tr("Posts"),
                               tr("Marks you can see from the air, besides the evenly spaced posts."),
                               postRows(), postColumns()),
                 3);
  row->addWidget(new PathTable(m_document, "segments", tr("Sections"),
                               tr("Named parts of the path: behind the shed, along the poplars."),
                               segmentRows(), segmentColumns()),
                 4);
  return box;
}

void PointsPage::refreshPaths() {
  const auto& all = m_document.campaign().paths;
  m_path->clear();
  for (std::size_t i = 0; i < all.size(); ++i)
    m_path->addItem(pathName(all[i], i), QString::fromStdString(all[i].id));
  m_path->setEnabled(all.size() > 1);
}

std::optional<double> PointsPage::stationGround_m() const {
  const auto& ground = m_document.ground().ground();
  const auto station = m_document.campaign().station.position();
  if (!ground || ground->grids().empty() || !station) return std::nullopt;
  const double height = ground->height_m(*station);
  return std::isnan(height) ? std::nullopt : std::optional(height);
}

void PointsPage::takeFile(const QString& file) {
  if (m_taking.isRunning()) return;
  m_taking.setFuture(
      QtConcurrent::run([file, c = m_document.campaign(), ground = stationGround_m(), stop = m_document.closing()]() -> Taken {
        try {
          const std::filesystem::path path = pathOf(file);
          geodata::PlanTaken taken =
              geodata::takeAny(c, formats::readFile(path), path.filename().string(), ground, stop.get());
          return {std::move(taken.campaign), std::move(taken.notes), {}};
        } catch (const std::exception& e) {
          return {{}, {}, words::sentence(findingOf(e))};
        }
      }));
}

void PointsPage::takeRun(const std::string& run) {
  if (m_taking.isRunning()) return;
  m_taking.setFuture(
      QtConcurrent::run([run, c = m_document.campaign(), samples = m_document.samples()]() -> Taken {
        try {
          const campaign::Run* found = campaign::findRun(c, run);
          if (!found) throw InputError(finding("plan-no-track"));
          const auto recording = samples->recording(*found, c);
          return {geodata::takeRecording(c, *recording).campaign, {}, {}};
        } catch (const std::exception& e) {
          return {{}, {}, words::sentence(findingOf(e))};
        }
      }));
}

void PointsPage::settle() {
  Taken taken = m_taking.result();
  if (!taken.refused.isEmpty()) return emit m_document.refused(taken.refused);
  campaign::Campaign next = m_document.campaign();  // as it is now, with only the path put in
  const campaign::Path& path = taken.campaign.paths.front();
  if (campaign::editFirstPath(next).id != path.id) return;  // another one is planned by now
  next.paths.front() = path;
  next.station = taken.campaign.station;
  next.plan.farthest_m = taken.campaign.plan.farthest_m;
  next.plan.highest_m = taken.campaign.plan.highest_m;
  next.plan.sight_m = taken.campaign.plan.sight_m;
  m_document.edit(finding("lay-path"), next);
  if (!taken.notes.empty()) emit m_document.refused(words::sentence(taken.notes.front()));
}

void PointsPage::save(const char* ending) {
  try {
    const std::string bytes = geodata::writePlan(m_document.campaign(), *geodata::planFormatOf(ending));
    emit saveRequested(tr("path") + ending, QByteArray::fromStdString(bytes));
  } catch (const Error& e) {
    emit m_document.refused(words::sentence(e));
  }
}

}  // namespace distanz::app
