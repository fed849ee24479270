#include "app/kit/part_panel.h"

#include <QGridLayout>
#include <QLabel>
#include <QPixmap>
#include <QPushButton>
#include <QScrollBar>
#include <algorithm>

#include "app/shared/photo.h"
#include "app/shared/text.h"

namespace distanz::app {
namespace {

constexpr int kColumn_px = 128;  // a caption of two words, a value with its unit
constexpr int kMostColumns = 6;

}  // namespace

PartPanel::PartPanel(Document& document, QWidget* parent) : QScrollArea(parent), m_document(document) {
  setObjectName("partPanel");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::NoFocus);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  connect(&document, &Document::changed, this, [this] {
    if (isVisible()) show(m_place);
  });
}

void PartPanel::show(const PartPlace& place) {
  const campaign::PartKind kind = place.kind(m_document.campaign());
  if (!m_built || place != m_place || kind != m_kind) {
    if (m_built) fields::finishTyping(this);
    m_place = place;
    m_kind = kind;
    build();
  }
  refresh();
}

void PartPanel::build() {
  auto* content = new QWidget;
  auto* column = new QVBoxLayout(content);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(8);
  m_cells.clear();
  m_placed.clear();
  m_photos_shown = "?";
  m_built = m_place.slot || m_place.find(m_document.campaign());
  m_grid = nullptr;
  if (m_built) {
    addName(column);
    m_cells = partCells(m_document, m_place, [this](const QString& record) { emit recordRequested(record); });
    auto* fields_box = new QWidget;
    m_grid = new QGridLayout(fields_box);
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(12);
    m_grid->setVerticalSpacing(4);
    for (const PartCell& cell : m_cells) cell.box->setParent(fields_box);
    column->addWidget(fields_box);
    addFold(column);
  }
  column->addStretch(1);
  if (QWidget* old = takeWidget()) {
    old->hide();
    old->deleteLater();  // the signal may have come from it
  }
  setWidget(content);
}

void PartPanel::addName(QVBoxLayout* column) {
  auto* row = new QHBoxLayout;
  row->addWidget(fields::textField(
                     m_document, ofPart<std::string>(
                                     m_place, "partName", tr("Name of this part"),
                                     [](const campaign::Part& p) { return p.name; },
                                     [](campaign::Part& p, const std::string& v) { p.name = v; })),
                 2);
  m_also = fields::small({});
  m_also->setObjectName("alsoIn");
  row->addWidget(m_also, 1);
  column->addLayout(row);
}

void PartPanel::addFold(QVBoxLayout* column) {
  m_notes = fields::textField(
      m_document,
      ofPart<std::string>(
          m_place, "partNotes", tr("Notes"), [](const campaign::Part& p) { return p.notes; },
          [](campaign::Part& p, const std::string& v) { p.notes = v; }));
  column->addWidget(m_notes);
  auto* row = new QHBoxLayout;
  m_fold = new QPushButton;
  m_fold->setObjectName("allValues");
  m_fold->setProperty("flat", true);
  connect(m_fold, &QPushButton::clicked, this, [this] {
    m_unfolded = !m_unfolded;
    refresh();
    emit unfoldedChanged(m_unfolded);
  });
  row->addWidget(m_fold);
  m_photos = new QWidget;
  m_photo_row = new QHBoxLayout(m_photos);
  m_photo_row->setContentsMargins(0, 0, 0, 0);
  row->addWidget(m_photos);
  row->addStretch();
  column->addLayout(row);
}

void PartPanel::refresh() {
  if (!m_built) return;
  const campaign::Campaign& c = m_document.campaign();
  const campaign::Part* part = m_place.find(c);
  QStringList others;
  if (part)
    for (const std::string& s : campaign::setupsWith(c, part->id))
      if (s != m_place.setup) others << QString::fromStdString(s);
  m_also->setText(others.isEmpty() ? QString()
                                   : (m_place.slot ? tr("also in %1") : tr("in %1")).arg(others.join(", ")));
  const bool more = std::any_of(m_cells.begin(), m_cells.end(), [](const PartCell& cell) { return !cell.first; });
  m_fold->setVisible(more);
  m_fold->setText(m_unfolded ? tr("Fewer values") : tr("All values"));
  place();
  showPhotos();
}

/// Fields keep what is typed in them and the focus while they find their places.
void PartPanel::place() {
  const campaign::Part* part = m_place.find(m_document.campaign());
  const int columns = std::clamp(viewport()->width() / (kColumn_px + m_grid->horizontalSpacing()), 2, kMostColumns);
  std::string shape = std::to_string(columns);
  std::vector<bool> there;
  for (const PartCell& cell : m_cells) {
    there.push_back((cell.first || m_unfolded) && (!cell.belongs || cell.belongs(part)));
    shape += there.back() ? '1' : '0';
  }
  if (shape == std::exchange(m_placed, shape)) return;
  while (QLayoutItem* item = m_grid->takeAt(0)) delete item;
  int at = 0;
  for (std::size_t i = 0; i < m_cells.size(); ++i) {
    m_cells[i].box->setVisible(there[i]);
    if (!there[i]) continue;
    m_grid->addWidget(m_cells[i].box, at / columns, at % columns, Qt::AlignTop);
    ++at;
  }
  for (int i = 0; i < kMostColumns; ++i) m_grid->setColumnStretch(i, i < columns ? 1 : 0);
}

void PartPanel::resizeEvent(QResizeEvent* event) {
  QScrollArea::resizeEvent(event);
  if (m_built) place();
}

void PartPanel::showPhotos() {
  const campaign::Part* part = m_place.find(m_document.campaign());
  std::string shape = part ? part->id : std::string();
  if (part)
    for (const auto& f : part->photos) shape += "/" + f.sha256 + f.file;
  m_photos->setVisible(part);
  if (shape == std::exchange(m_photos_shown, shape)) return;
  while (QLayoutItem* item = m_photo_row->takeAt(0)) {
    if (item->widget()) item->widget()->deleteLater();
    delete item;
  }
  if (!part) return;
  for (std::size_t i = 0; i < part->photos.size(); ++i) {
    auto* photo = new QPushButton;
    photo->setObjectName("photo_" + QString::number(i));
    photo->setAccessibleName(QString::fromStdString(part->photos[i].file));
    photo->setToolTip(plainTip(QString::fromStdString(part->photos[i].file)));
    photo->setFlat(true);
    withPhoto(m_document, part->id, part->photos[i], 96, photo, [photo](const QPixmap& picture) {
      if (picture.isNull())
        photo->setText(tr("cannot be shown"));
      else
        photo->setIcon(picture);
    });
    photo->setIconSize({64, 48});
    connect(photo, &QPushButton::clicked, this,
            [this, id = QString::fromStdString(part->id), i] { emit photoChosen(id, int(i)); });
    m_photo_row->addWidget(photo);
  }
  auto* add = new QPushButton(tr("Add photos ..."));
  add->setObjectName("addPhotos");
  add->setProperty("flat", true);
  connect(add, &QPushButton::clicked, this,
          [this, id = QString::fromStdString(part->id)] { emit photosWanted(id); });
  m_photo_row->addWidget(add);
}

}  // namespace distanz::app
