#pragma once
#include <QByteArray>
#include <QString>
#include <QStringList>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "store/sample_rows.h"

namespace distanz::app {

/// Files chosen for a record, read: all of them or none.
struct TakenFiles {
  std::string record;  ///< id
  std::vector<campaign::KeptFile> files;
  std::vector<store::Attachment> attachments;
  std::vector<campaign::Reading> readings;
  QString refused;   ///< why none was taken; empty where all were
  QString left_out;  ///< rows of a table that were not
};

/// Whether records of that kind have anything to do with files.
bool takesFiles(campaign::RecordKind kind);

/// Sweeps, traces and pictures are kept, tables become readings. Takes time: not for the interface thread.
TakenFiles takeFiles(const QStringList& files, const std::string& record, campaign::RecordKind kind);

/// The same of a file that arrived in some other way.
TakenFiles takeBytes(const QString& name, const QByteArray& bytes, const std::string& record,
                     campaign::RecordKind kind);

}  // namespace distanz::app
