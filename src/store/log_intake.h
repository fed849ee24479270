#pragma once
#include "formats/log_import.h"
#include "store/sample_file.h"

namespace distanz::store {

/// A log read and found fit, with its bytes packed as the campaign file keeps them (the plain ones are let go).
struct TakenLog {
  formats::ImportedLog log;
  PackedLog packed;
};

/// formats::importLog(), packing the bytes meanwhile: either takes as long as the other.
/// @throws InputError, ReadCancelled as importLog()
TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections = {}, const formats::Progress& progress = {});

}  // namespace distanz::store
