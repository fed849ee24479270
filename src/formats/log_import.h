#pragma once
#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <string>

#include "core/campaign/campaign.h"
#include "core/log/track.h"
#include "formats/log_reader.h"

namespace distanz::formats {

/// A log read, placed and found fit to count as a run.
struct ImportedLog {
  std::string name;    ///< of the file
  std::string sha256;  ///< of its bytes
  std::string bytes;   ///< as they were
  std::vector<ColumnMatch> matches;
  std::shared_ptr<const log::Recording> recording;
  log::Track track;
  std::vector<Finding> problems;
};

/// What a log shows before its numbers are read: of formats that are lines from its first megabytes, of others from all
/// of it. @throws InputError
TableHead headOf(const std::filesystem::path& file);

/// The one way in for log files: layout, match, read, place. Pure: nothing is kept anywhere.
/// @param bytes of the file @param name for messages @param corrections as in matchColumns()
/// @param beside work on the bytes that goes on, on another thread, while they are read
/// @throws InputError beginning with the name: what is wrong, on which line, what to do; ReadCancelled
ImportedLog importLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                      const std::map<std::string, std::string>& corrections = {},
                      const Progress& progress = {},
                      const std::function<void(std::string_view)>& beside = {});

/// Bytes of one of a run's logs.
using BytesOf = std::function<std::string(const campaign::Run& run, const campaign::Source& source)>;

/// A run's samples from all its sources, on the clock of the first. @throws InputError naming the log
log::Recording readSources(const campaign::Run& run, const campaign::Campaign& campaign,
                           const BytesOf& bytes_of);

/// Only the samples, as importLog() reads them; for logs already found fit.
log::Recording readRecording(std::string_view bytes, const std::string& name,
                             const campaign::Campaign& campaign,
                             const std::map<std::string, std::string>& corrections = {},
                             Needs needs = Needs::Measurement);

}  // namespace distanz::formats
