#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"
#include "geodata/geodata.h"

/// Station, first path, posts, segments and limits as files that other programs open, and back.
namespace distanz::geodata {

enum class PlanFormat { Gpx, Kml, GeoJson, Csv };
/// By a file's ending; none of others.
std::optional<PlanFormat> planFormatOf(const std::string& name);

/// Heights are written above sea level (the station's ground added), and as they are kept beside. @throws
/// InputError without a station or a path
std::string writePlan(const campaign::Campaign& campaign, PlanFormat format);

/// What was taken from a file.
struct PlanTaken {
  campaign::Campaign campaign;
  std::vector<Finding> notes;
};

/// The campaign with what a file says of station, path, posts, segments and limits. Of our own files all of
/// it, without loss; of others the longest line becomes the path, its heights above sea level less the
/// station's ground, and points with a name near it become posts. What the file does not say stays.
/// @param ground_m of the station above sea level, where terrain knows it; else the station's own
/// @throws InputError: no map, no line and no points of ours
PlanTaken takePlan(const campaign::Campaign& campaign, const std::string& bytes, const std::string& name,
                   const std::optional<double>& ground_m = {}, const Stop* stop = nullptr);

/// The same of any file that says a path: a plan, a map, or a log, whose track becomes the path.
PlanTaken takeAny(const campaign::Campaign& campaign, const std::string& bytes, const std::string& name,
                  const std::optional<double>& ground_m = {}, const Stop* stop = nullptr);

/// The track of a recording becomes the path, flown at the height that was held most of the time, where it
/// was logged.
/// @throws InputError as takeTrack()
PlanTaken takeRecording(const campaign::Campaign& campaign, const log::Recording& recording);

/// A track becomes the path: out to where it is farthest, with as few points as keep its shape, from the
/// station that there is, else from where it begins. @param height_m of all of it above the station's ground;
/// none: as planned before @throws InputError for fewer than two places
PlanTaken takeTrack(const campaign::Campaign& campaign, const std::vector<course::Position>& track,
                    const std::optional<double>& height_m = {});

}  // namespace distanz::geodata
