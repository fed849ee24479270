#pragma once
#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <string>

#include "core/campaign/campaign.h"
#include "core/log/flights.h"
#include "core/log/line_up.h"
#include "core/log/track.h"
#include "formats/byte_source.h"
#include "formats/log_format.h"
#include "formats/log_reader.h"

namespace distanz::formats {

/// A log as it comes, and what the pilot said about it.
struct GivenLog {
  std::string name;   ///< of the file, for messages
  std::string bytes;  ///< of the file; empty where it is opened
  std::map<std::string, std::string> corrections = {};  ///< as in matchColumns()
  std::optional<double> offset_s = {};  ///< of a further log: when it begins on the first one's clock, where that was said
  OpenBytes open = {};  ///< of a log too large to be held (see largeFile())
  bool unplaced = false;  ///< it is taken though nothing in it says where it was: marks will
};

/// A further log of a run that has been read.
struct FurtherLog {
  std::string name, sha256, bytes;
  std::map<std::string, std::string> corrections;
  log::LineUp clock;
  double lasts_s = 0;  ///< by its own clock
};

/// A log read, placed and found fit to count as a run, with others of the same flight.
struct ImportedLog {
  std::string name;    ///< of the file
  std::string sha256;  ///< of its bytes; empty where it was opened
  std::string bytes;   ///< as they were; empty where it was opened
  std::vector<ColumnMatch> matches;
  std::map<std::string, std::string> corrections;  ///< as given, and what was settled on the way
  std::vector<FurtherLog> further;
  std::shared_ptr<const log::Recording> recording;  ///< of all logs, on the clock of the first
  log::Track track;
  std::vector<log::FlightPart> flights;  ///< that it holds, one or more
  std::vector<Finding> problems;
};

/// What a log shows before its numbers are read: of formats that are lines from its first megabytes, of others from all
/// of it. @throws InputError
TableHead headOf(const std::filesystem::path& file);

/// How the columns of a log like this were corrected before: of the last run whose log has all of the corrected columns.
struct Remembered {
  std::string run;  ///< empty: there is none
  std::map<std::string, std::string> columns;
};
Remembered rememberedCorrections(const campaign::Campaign& campaign, const TableHead& head);

/// The one way in for log files: layout, match, read, place. Pure: nothing is kept anywhere.
/// @param bytes of the file @param name for messages @param corrections as in matchColumns()
/// @param beside work on the bytes that goes on, on another thread, while they are read
/// @throws InputError beginning with the name: what is wrong, on which line, what to do; ReadCancelled
ImportedLog importLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                      const std::map<std::string, std::string>& corrections = {},
                      const Progress& progress = {},
                      const std::function<void(std::string_view)>& beside = {});

/// The same of several logs of one flight, which are laid on the clock of the first. What one of them does not tell
/// another may. @param logs one or more
/// @throws InputError also where a log is not of the flight of the first
ImportedLog importLogs(std::vector<GivenLog> logs, const campaign::Campaign& campaign, const Progress& progress = {},
                       const std::function<void(std::string_view)>& beside = {});

/// A log and how to open it, where it is too large to be held.
GivenLog givenLog(const std::filesystem::path& file, std::string name, std::map<std::string, std::string> corrections = {});

/// Its table, however large. It looks at the log's bytes, which must outlive it. @param format where not null: which it is
std::unique_ptr<LogTable> openGiven(const GivenLog& log, const LogFormat** format = nullptr);

/// Bytes of one of a run's logs, or how to open them.
struct KeptLog {
  std::string bytes;
  OpenBytes open;
  KeptLog(std::string all, OpenBytes how = {}) : bytes(std::move(all)), open(std::move(how)) {}  // most are at hand
};
using BytesOf = std::function<KeptLog(const campaign::Run& run, const campaign::Source& source)>;

/// A run's samples from all its sources, on the clock of the first. @throws InputError naming the log
log::Recording readSources(const campaign::Run& run, const campaign::Campaign& campaign,
                           const BytesOf& bytes_of);

/// Only the samples, as importLog() reads them; for logs already found fit.
log::Recording readRecording(std::string_view bytes, const std::string& name,
                             const campaign::Campaign& campaign,
                             const std::map<std::string, std::string>& corrections = {},
                             Needs needs = Needs::Measurement);

}  // namespace distanz::formats
