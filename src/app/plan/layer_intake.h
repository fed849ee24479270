#pragma once
#include <QString>
#include <QStringList>
#include <atomic>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"
#include "store/sample_rows.h"

namespace distanz::app {

/// Files that become layers, read.
struct TakenLayers {
  std::vector<campaign::Layer> layers;  ///< without ids
  std::vector<store::Attachment> attachments;
  std::vector<Finding> notes;
  QString refused;  ///< why one of them was not taken; empty where all were
};

/// Takes time: not for the interface thread.
TakenLayers takeLayers(const QStringList& files, const campaign::Campaign& campaign, const std::atomic<bool>& stop);

/// What a dialog for them asks for.
QString layerFilter();

}  // namespace distanz::app
