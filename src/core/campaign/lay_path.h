#pragma once
#include <optional>

#include "core/campaign/campaign.h"

/// Laying out the first path of a campaign, a field at a time.
namespace distanz::campaign {

/// Its far post; made where there is none, a kilometre north of the station at 60 m. @throws DomainError
/// where it would have to be made and there is no station
PathPoint& farPost(Campaign& campaign);

/// From the station to the far post; none where either is missing.
std::optional<course::DistanceBearing> wayOut(const Campaign& campaign);

/// Puts the far post there; what is not given stays as it is. @throws DomainError without a station
void setWayOut(Campaign& campaign, std::optional<double> distance_m, std::optional<double> bearing_deg);

/// A point of the first path is put elsewhere. @param index of one there is
void movePoint(Campaign& campaign, std::size_t index, const course::Position& to);
/// A new point in the leg behind `after`, its height between its neighbours' by the way to them. @param after index
/// of a point that is not the last
void insertPoint(Campaign& campaign, std::size_t after, const course::Position& at);
/// A new far post, as high as the one before.
void appendPoint(Campaign& campaign, const course::Position& at);
/// @return false, and leaves it, where fewer than two points would be left
bool removePoint(Campaign& campaign, std::size_t index);

enum class CourseShape {
  Out,      ///< from the station outward
  Across,   ///< from left to right, its middle so far ahead of the operator
  Through,  ///< from behind the operator, over him, ahead
  Circle,   ///< around the station
  Box       ///< around a rectangle, its middle so far ahead
};
struct CourseLayout {
  CourseShape shape = CourseShape::Out;
  double distance_m = 1000;  ///< of the far post, of the middle; radius of a circle
  double bearing_deg = 0;    ///< ahead
  double length_m = 500;     ///< of a course across or through, of a box from left to right
  double depth_m = 200;      ///< of a box, ahead
  double height_m = 60;
};
/// Lays the first path anew; posts and segments along the old one go. A circle or box ends where it began.
/// @throws DomainError without a station, or for distances that are not > 0
void layCourse(Campaign& campaign, const CourseLayout& layout);

/// Another of the campaign's paths becomes the first one, which is planned; runs that did not say which path they
/// flew keep the one that was first.
void planPath(Campaign& campaign, const std::string& path);
/// A new path beside the others, planned from now on; it begins as a copy of the one before, nameless.
void addPath(Campaign& campaign);
/// @return false, and leaves it, where runs flew it
bool removePath(Campaign& campaign, const std::string& path);

/// A path that begins at the station goes with it.
void moveStation(Campaign& campaign, std::optional<double> lat_deg, std::optional<double> lon_deg);

}  // namespace distanz::campaign
