#pragma once
#include <string>

#include "core/log/recording.h"

namespace distanz::formats {

enum class TrackFormat { Gpx, Kml, GeoJson };

/// The flown track as a document other programs open, which reads back as a log where the recording tells when it began:
/// each place with its time and with whatever else was measured there. Rows without a position are left out.
/// @param name of the track @throws InputError where the recording has no GNSS position at all
std::string writeTrack(const log::Recording& recording, const std::string& name, TrackFormat format);

}  // namespace distanz::formats
