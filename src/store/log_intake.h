#pragma once
#include "formats/log_import.h"
#include "store/sample_rows.h"

namespace distanz::store {

/// A log read and found fit, with its bytes and samples packed as the campaign file keeps them (the plain
/// ones are let go).
struct TakenLog {
  formats::ImportedLog log;  ///< without bytes
  PackedLog packed;
  PackedRecording recording;
};

/// formats::importLog(), packing the bytes meanwhile: either takes as long as the other.
/// @throws InputError, ReadCancelled as importLog()
TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections = {},
                 const formats::Progress& progress = {});

/// A run of one such log, ready to be kept. @param run its first source gets the log's SHA-256
PackedRun packedRun(campaign::Run run, TakenLog taken);

}  // namespace distanz::store
