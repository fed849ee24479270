#include "app/bench/record_intake.h"

#include "app/shared/path_of.h"
#include "core/finding/error.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/record_files.h"
#include "formats/files.h"
#include "words/say.h"

namespace distanz::app {
namespace {

namespace fs = std::filesystem;

void keep(const std::string& name, const std::string& bytes, campaign::RecordKind kind, TakenFiles& out) {
  campaign::KeptFile file{formats::safeFileName(name), {}, campaign::fileRoles(kind).front(), {}};
  formats::readRecordFile(kind, file, bytes);  // refuses what cannot be read
  store::PackedLog packed = store::packLog(bytes);
  file.sha256 = packed.sha256;
  out.attachments.push_back({file.file, std::move(packed)});
  out.files.push_back(std::move(file));
}

void readInto(const fs::path& path, campaign::RecordKind kind, TakenFiles& out) {
  auto read = formats::readReadings(formats::readForRecord(path), kind);
  std::move(read.readings.begin(), read.readings.end(), std::back_inserter(out.readings));
  if (!read.problems.empty()) out.left_out = words::sentence(inFile(path.filename(), read.problems.front()));
}

}  // namespace

bool takesFiles(campaign::RecordKind kind) {
  return !campaign::fileRoles(kind).empty() || !campaign::recordFields(kind, true).empty();
}

TakenFiles takeFiles(const QStringList& files, const std::string& record, campaign::RecordKind kind) {
  TakenFiles out;
  out.record = record;
  for (const QString& file : files) {
    const fs::path path = pathOf(file);
    try {
      campaign::fileRoles(kind).empty()
          ? readInto(path, kind, out)
          : keep(path.filename().string(), formats::readForRecord(path), kind, out);
    } catch (const std::exception& e) {
      const Finding found = findingOf(e);
      out.refused = words::sentence(inFile(path.filename(), found));
      return out;
    }
  }
  return out;
}

TakenFiles takeBytes(const QString& name, const QByteArray& bytes, const std::string& record,
                     campaign::RecordKind kind) {
  TakenFiles out;
  out.record = record;
  try {
    keep(name.toStdString(), bytes.toStdString(), kind, out);
  } catch (const std::exception& e) {
    out.refused = words::sentence(inFile(name.toStdString(), findingOf(e)));
  }
  return out;
}

}  // namespace distanz::app
