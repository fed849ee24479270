#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// Sentences of NMEA 0183: GGA, RMC and VTG of any talker, those of one time as one row. A sentence whose
/// checksum does not fit is left out and counted.
bool isNmea(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openNmea(std::string_view bytes);

}  // namespace distanz::formats
