#pragma once
#include <SQLiteCpp/Database.h>

#include <cmath>
#include <string>
#include <string_view>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::store {

/// A log's bytes as the campaign file keeps them.
struct PackedLog {
  std::string packed;
  std::size_t size = 0;  ///< of the plain bytes
  std::string sha256;    ///< of them
};
/// What is to be kept beside an edit: the bytes of a sweep, a picture.
struct Attachment {
  std::string name;  ///< of the file it came from
  PackedLog packed;
};
/// @param sha256 of the bytes, where it is known already
PackedLog packLog(std::string_view log_bytes, std::string sha256 = {});

/// The plain bytes. @throws InputError where they are not `size` bytes with their SHA-256
std::string unpackLog(const PackedLog& log);

/// A log's samples as the campaign file keeps them.
struct PackedRecording {
  struct Column {
    std::string name, samples;
  };
  std::size_t rows = 0;
  std::string started;
  std::vector<Column> columns;  ///< "time_s" first
};
/// On all cores.
PackedRecording packRecording(const log::Recording& recording);

/// @throws InputError where the counts are beyond formats::kMostValues, or do not fit what the columns hold
log::Recording unpackRecording(const PackedRecording& packed);

/// A run with its log, read, found fit and packed, on its way into a campaign file.
struct PackedRun {
  campaign::Run run;            ///< its sources named, with their SHA-256
  std::vector<PackedLog> logs;  ///< one per source; none where another run brings the same
  PackedRecording recording;
  double began_s = NAN;  ///< by the log's own clock, see log::secondsOf(); NaN where it tells none
};

/// A run of one log.
PackedRun packRun(campaign::Run run, std::string_view log_bytes, const log::Recording& recording);

/// Key of a run's samples: they depend on the log, on how its columns were matched, on the links, and on the
/// version of the reader.
std::string recordingKey(const campaign::Run& run, const std::vector<campaign::Link>& links);

/// Rows of a log and its samples; each is kept once. Within a transaction.
void putLog(SQLite::Database& db, const std::string& file, const PackedLog& log);
/// All logs of a run, and its samples. Within a transaction.
void putRun(SQLite::Database& db, const PackedRun& run, const std::vector<campaign::Link>& links);
void putRecording(SQLite::Database& db, const std::string& key, const std::string& log_sha256,
                  const PackedRecording& recording);

std::optional<PackedLog> findLog(SQLite::Database& db, const std::string& log_sha256);
std::optional<PackedRecording> findRecording(SQLite::Database& db, const std::string& key);

/// True where the log is there with all its bytes.
bool holdsLog(SQLite::Database& db, const std::string& log_sha256);

}  // namespace distanz::store
