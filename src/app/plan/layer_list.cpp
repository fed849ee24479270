#include "app/plan/layer_list.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

using campaign::Layer;

QString nameOf(const Layer& l) {
  return QString::fromStdString(l.name.empty() ? l.file.file : l.name);
}

/// Whether things of that kind stand up.
bool stands(campaign::LayerRole role) {
  return role == campaign::LayerRole::Trees || role == campaign::LayerRole::Buildings;
}

}  // namespace

LayerList::LayerList(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  auto* add = new QPushButton(tr("Add terrain or map"));
  add->setObjectName("add_layer");
  add->setToolTip(tr("GeoTIFF, HGT, DTED or ASCII grid; GeoJSON, KML, GPX or GeoPackage"));
  connect(add, &QPushButton::clicked, this, &LayerList::addRequested);
  auto* row = new QHBoxLayout;
  row->addWidget(add);
  row->addStretch();
  column->addLayout(row);
  connect(&document, &Document::changed, this, &LayerList::rebuild);
  rebuild();
}

void LayerList::rebuild() {
  const auto& layers = m_document.campaign().layers;
  if (m_rows && layers == m_shown) return;
  if (m_rows && m_rows->isAncestorOf(focusWidget()) &&
      layers.size() == m_shown.size()) {  // fields show what they are bound to
    m_shown = layers;
    return;
  }
  m_shown = layers;
  if (m_rows) m_rows->deleteLater();
  m_rows = new QWidget;
  auto* grid = new QGridLayout(m_rows);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(12);
  grid->setVerticalSpacing(6);
  grid->setColumnStretch(0, 1);
  if (layers.empty())
    grid->addWidget(fields::small(tr("Without terrain the ground counts as flat. Add the tile of this place, and maps of trees, buildings, roads and keep-out areas. You can drop files here.")),
                    0, 0);
  for (std::size_t i = 0; i < layers.size(); ++i) addRow(int(i), layers[i]);
  static_cast<QVBoxLayout*>(layout())->addWidget(m_rows);
}

void LayerList::change(const std::string& id, const std::function<void(Layer&)>& what) {
  campaign::Campaign next = m_document.campaign();
  for (Layer& l : next.layers)
    if (l.id == id) {
      what(l);
      m_document.edit(finding("change-layer", {{"layer", nameOf(l).toStdString()}}), next);
      return;
    }
}

void LayerList::addRow(int row, const Layer& layer) {
  auto* grid = static_cast<QGridLayout*>(m_rows->layout());
  const std::string id = layer.id;
  const auto named = [&](const char* what) {
    return QString("layer_%1_%2").arg(what, QString::fromStdString(id));
  };
  auto* shown = new QCheckBox(withoutKeys(nameOf(layer)));
  shown->setObjectName(named("on"));
  shown->setChecked(!layer.off);
  connect(shown, &QCheckBox::clicked, this,
          [this, id](bool on) { change(id, [on](Layer& l) { l.off = !on; }); });
  grid->addWidget(shown, row, 0);

  auto* role = new QComboBox;
  role->setObjectName(named("role"));
  role->setAccessibleName(tr("Content"));
  const auto words = campaign::layerRoleWords();
  const bool raster = layer.role == campaign::LayerRole::Terrain;
  for (std::size_t i = 0; i < words.size(); ++i)
    if ((campaign::LayerRole(i) == campaign::LayerRole::Terrain) == raster)
      role->addItem(words::term(std::string("layer-") + words[i].word), int(i));
  role->setCurrentIndex(role->findData(int(layer.role)));
  role->setEnabled(!raster);
  connect(role, &QComboBox::activated, this, [this, id, role](int) {
    change(id, [role](Layer& l) { l.role = campaign::LayerRole(role->currentData().toInt()); });
  });
  grid->addWidget(role, row, 1);

  if (raster) {
    auto* feet = new QCheckBox(tr("in feet"));
    feet->setObjectName(named("feet"));
    feet->setChecked(layer.feet);
    connect(feet, &QCheckBox::clicked, this,
            [this, id](bool on) { change(id, [on](Layer& l) { l.feet = on; }); });
    grid->addWidget(feet, row, 2);
  } else if (stands(layer.role)) {
    auto* height = new QuantityEdit(quantity::Kind::Length, {0, campaign::limits::kHeightHigh_m}, true);
    height->field()->setObjectName(named("height"));
    height->field()->setAccessibleName(tr("Height of the objects"));
    height->field()->setPlaceholderText(tr("height"));
    height->setFixedWidth(110);
    height->show(layer.height_m);
    connect(height, &QuantityEdit::committed, this,
            [this, id](std::optional<double> v) { change(id, [v](Layer& l) { l.height_m = v; }); });
    grid->addWidget(height, row, 2);
  }
  auto* remove = new QPushButton(tr("Remove"));
  remove->setObjectName(named("remove"));
  connect(remove, &QPushButton::clicked, this, [this, id] {
    campaign::Campaign next = m_document.campaign();
    std::string name;
    std::erase_if(next.layers, [&](const Layer& l) {
      if (l.id == id) name = nameOf(l).toStdString();
      return l.id == id;
    });
    m_document.edit(finding("remove-layer", {{"layer", name}}), next);
  });
  grid->addWidget(remove, row, 3);
}

}  // namespace distanz::app
