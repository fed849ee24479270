#include "core/limits/reading.h"

namespace distanz::limits {
namespace {

constexpr double asNumber(auto value) { return static_cast<double>(value); }

constexpr Limit kAll[] = {
    {"log", "a delimited one", asNumber(kLargestLog), "bytes"},
    {"log", "any other", asNumber(kLargestFile), "bytes"},
    {"log", "a compressed one, unpacked", asNumber(kMostUnpacked_bytes), "bytes"},
    {"log", "a compressed one beyond 16 MiB, unpacked over packed", asNumber(kMostGrowth), "times"},
    {"log", "files in an archive", asNumber(kMostEntries), ""},
    {"log", "values in all", asNumber(kMostValues), ""},
    {"log", "columns", asNumber(kMostColumns), ""},
    {"log", "a line", asNumber(kLongestLine), "bytes"},
    {"log", "a track in XML", asNumber(kMostTrack_bytes), "bytes"},
    {"log", "a track in GeoJSON", asNumber(kMostGeoJson_bytes), "bytes"},
    {"log", "from first to last time", kMostSpan_s, "s"},
    {"campaign", "campaign.json", asNumber(kLargestJson), "bytes"},
    {"campaign", "one text", asNumber(kLongestText), "bytes"},
    {"campaign", "all of a file, logs apart", asNumber(kMostBodies_bytes), "bytes"},
    {"campaign", "one question to a file", asNumber(kLongestWork_s), "s"},
    {"campaign", "links, setups, runs or path points", asNumber(kMostItems), ""},
    {"campaign", "readings of a record", asNumber(kMostReadings), ""},
    {"campaign", "files of a record", asNumber(kMostFiles), ""},
    {"bench", "a file", asNumber(kLargestRecordFile), "bytes"},
    {"bench", "points of a sweep", asNumber(kMostSweepPoints), ""},
    {"bench", "traces of a spectrum", asNumber(kMostTraces), ""},
    {"live", "a line", asNumber(kLongestLiveLine), "bytes"},
    {"raster, map, photo", "memory to decode one", asNumber(kReaderMemory_bytes), "bytes"},
    {"raster, map, photo", "time to decode one", asNumber(kReaderPatience_s), "s"},
    {"raster, map", "a file that is kept", asNumber(kLargestMap), "bytes"},
    {"raster, map", "a small file beside it", asNumber(kLargestBeside), "bytes"},
    {"raster", "cells taken", asNumber(kMostCells), ""},
    {"map", "features", asNumber(kMostFeatures), ""},
    {"map", "corners", asNumber(kMostVertices), ""},
    {"map", "fields of a feature", asNumber(kMostFields), ""},
    {"map", "text of a field", asNumber(kLongestField), "bytes"},
    {"photo", "a side of the file", asNumber(kMostPhotoSide_px), "px"},
    {"photo", "a side of what is shown", asNumber(kMostPixels), "px"},
};

}  // namespace

std::span<const Limit> readingLimits() { return kAll; }

}  // namespace distanz::limits
