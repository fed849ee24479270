#pragma once
#include "formats/log_import.h"
#include "store/sample_rows.h"

namespace distanz::store {

/// A log read and found fit, with its bytes and samples packed as the campaign file keeps them (the plain
/// ones are let go).
struct TakenLog {
  formats::ImportedLog log;  ///< without bytes
  std::map<std::string, std::string> corrections;  ///< of the first log
  PackedLog packed;
  std::vector<PackedLog> further;
  PackedRecording recording;
};

/// formats::importLog(), packing the bytes meanwhile: either takes as long as the other.
/// @throws InputError, ReadCancelled as importLog()
TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections = {},
                 const formats::Progress& progress = {});

/// The same of several logs of one flight. @throws InputError as formats::importLogs()
TakenLog takeLogs(std::vector<formats::GivenLog> logs, const campaign::Campaign& campaign,
                  const formats::Progress& progress = {});

/// A run of these logs, ready to be kept: its sources are named, with SHA-256, corrections and clocks.
PackedRun packedRun(campaign::Run run, TakenLog taken);
/// One run per part of the log (see formats::ImportedLog::flights); the first of them brings logs and samples.
std::vector<PackedRun> packedRuns(const campaign::Run& run, TakenLog taken, const std::vector<log::FlightPart>& parts);

}  // namespace distanz::store
