#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kGroundTexts[] = {
    {"path-hits", QT_TRANSLATE_NOOP("finding", "The path hits the ground at {at}"),
     QT_TRANSLATE_NOOP(
         "finding",
         "Ground or obstacle there is {above} above the planned flight. Fly higher, or around it.")},
    {"path-close", QT_TRANSLATE_NOOP("finding", "Only {above} above the obstacles at {at}"),
     QT_TRANSLATE_NOOP("finding", "Fly higher there, or around it.")},
    {"height-clears", "",
     QT_TRANSLATE_NOOP("finding",
                       "{height} above the station's ground keeps 60 % of the first Fresnel zone clear on "
                       "every link. The critical point is at {at}. The rule of {percent:.0} of the distance "
                       "asks for {share} at the far post.")},
    {"height-wanted", QT_TRANSLATE_NOOP("finding", "Fly at {height}"),
     QT_TRANSLATE_NOOP("finding",
                       "From {height} above the station's ground on, 60 % of the first Fresnel zone is clear "
                       "on every link. The critical point is at {at}. The rule of {percent:.0} of the "
                       "distance asks for {share} at the far post.")},
    {"height-never", QT_TRANSLATE_NOOP("finding", "No height clears the path"),
     QT_TRANSLATE_NOOP("finding",
                       "Something near the station stands in the first Fresnel zone at every height. Raise "
                       "the mast, or move the station.")},
    {"ground-elsewhere", QT_TRANSLATE_NOOP("finding", "The terrain is of another place"),
     QT_TRANSLATE_NOOP("finding",
                       "No terrain covers the station; {layer} lies elsewhere. Add terrain for this place, "
                       "or check the station's coordinates.")},
    {"ground-ends", QT_TRANSLATE_NOOP("finding", "Terrain is known to {known} only"),
     QT_TRANSLATE_NOOP("finding",
                       "Beyond it the prediction assumes flat ground. Add the raster next to it.")},
    {"ground-filled", "",
     QT_TRANSLATE_NOOP("finding",
                       "The terrain has holes: {share:.1} of a line over this path is bridged straight. A "
                       "hill in a hole is not seen.")},
    {"ground-apart", "",
     QT_TRANSLATE_NOOP("finding",
                       "The station's ground is set to {typed} above sea level; the terrain says {raster}. "
                       "Check the coordinates, or clear the entry.")},
    {"ground-in-feet", QT_TRANSLATE_NOOP("finding", "These heights look like feet"),
     QT_TRANSLATE_NOOP("finding",
                       "The station's ground is set to {typed} above sea level; the terrain says {raster}, "
                       "3.28 times as much. Set feet in the list of layers.")},
    {"ground-not-counted", "",
     QT_TRANSLATE_NOOP("finding",
                       "Terrain is loaded but not used in the prediction. Choose an obstruction model.")},
    {"crosses-keep-out", QT_TRANSLATE_NOOP("finding", "The path enters {what} at {at}"),
     QT_TRANSLATE_NOOP("finding", "Keep out: lay the path around it.")},
    {"crosses-road", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path crosses {what} at {at}. Do not fly over traffic or people. Move the path, "
                       "or post a spotter there.")},
    {"path-crosses-itself", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path crosses itself, first on the leg from {at}. There a position alone does not "
                       "give the distance.")},
    {"coordinates-swapped", QT_TRANSLATE_NOOP("finding", "Latitude and longitude look swapped"),
     QT_TRANSLATE_NOOP("finding",
                       "Part of the path lies far away, but near the station with the numbers swapped. "
                       "Latitude comes first.")},
    {"layer-left-out", "", QT_TRANSLATE_NOOP("finding", "{layer} is left out: {why}")},
    {"reader-missing", "",
     QT_TRANSLATE_NOOP("finding",
                       "The reader of terrain, maps and photos is missing; install Distanz again")},
    {"reader-no-cage", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Terrain, maps and photos cannot be read safely: this kernel lacks seccomp. Logs and tables work")},
    {"reader-too-slow", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{file} takes over {seconds} s to read; export it again, or cut it to the path's surroundings")},
    {"reader-too-large", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} takes more than {megabytes} MB of memory to read; export it smaller")},
    {"reader-died", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{file} cannot be read: it is damaged or hostile. Use another file; nothing else is affected")},
    {"raster-unreadable", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} is not a readable terrain raster, or cut short ({reason}); use a GeoTIFF, "
                       "HGT, DTED or ASCII grid")},
    {"raster-no-reference", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{file} names no place on earth; export it with its reference system, or add its .prj file")},
    {"raster-no-heights", "",
     QT_TRANSLATE_NOOP("finding", "{file} has no heights: it is a picture, or empty")},
    {"raster-elsewhere", "",
     QT_TRANSLATE_NOOP(
         "finding", "{file} is too large to read whole. Set the station first, or use the tile around it")},
    {"raster-degrees-assumed", "",
     QT_TRANSLATE_NOOP("finding", "{file} names no reference system; WGS 84 degrees are assumed.")},
    {"raster-was-feet", "", QT_TRANSLATE_NOOP("finding", "{file} was in feet and is stored in metres.")},
    {"raster-turned", "",
     QT_TRANSLATE_NOOP("finding", "{file} was converted from its own reference system.")},
    {"raster-cut", "",
     QT_TRANSLATE_NOOP("finding", "{file} is large: only the part around the station is used.")},
    {"raster-thinned", "",
     QT_TRANSLATE_NOOP("finding", "{file} is large: only every {every}th cell is used.")},
    {"map-unreadable", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} is not a readable map ({reason}); use GeoJSON, KML, GPX or a GeoPackage")},
    {"map-no-reference", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{file} lies nowhere on earth: latitudes beyond 90 degrees, or an unknown reference system")},
    {"map-too-large", "",
     QT_TRANSLATE_NOOP("finding", "{file} holds too much to draw; cut it to the area around the path")},
    {"map-empty", "", QT_TRANSLATE_NOOP("finding", "{file} holds no points, lines or areas")},
    {"add-layer", "", QT_TRANSLATE_NOOP("finding", "Add {layer}")},
    {"change-layer", "", QT_TRANSLATE_NOOP("finding", "Change {layer}")},
    {"remove-layer", "", QT_TRANSLATE_NOOP("finding", "Remove {layer}")},
    {"move-point", "", QT_TRANSLATE_NOOP("finding", "Move a point of the path")},
    {"add-point", "", QT_TRANSLATE_NOOP("finding", "Add a point to the path")},
    {"remove-point", "", QT_TRANSLATE_NOOP("finding", "Remove a point of the path")},
    {"lay-path", "", QT_TRANSLATE_NOOP("finding", "Change the path")},
    {"choose-path", "", QT_TRANSLATE_NOOP("finding", "Plan {path}")},
    {"coordinates-unreadable", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "\"{text}\" is not a position; type for example 46.91, 20.96 or 46°54.6'N 20°57.6'E or UTM")},
    {"plan-nothing-to-write", "",
     QT_TRANSLATE_NOOP("finding", "There is no path to save yet: set the station and the path first")},
    {"plan-number", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is not a number; the file is damaged or was edited by hand")},
    {"plan-row", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "line {line} cannot be read; it needs what, name, latitude, longitude, height and facts")},
    {"plan-no-line", "",
     QT_TRANSLATE_NOOP("finding", "{file} holds no line for a path and is no Distanz plan")},
    {"plan-no-track", "", QT_TRANSLATE_NOOP("finding", "The track has no positions away from the station")},
    {"path-without-heights", "",
     QT_TRANSLATE_NOOP("finding", "The file has no heights: {height} above the station's ground is kept.")},
    {"path-heights-from-sea", "",
     QT_TRANSLATE_NOOP("finding",
                       "The file's heights are above sea level, and the station's ground is unknown. "
                       "{height} above it is kept.")},
    {"path-was-flown", "",
     QT_TRANSLATE_NOOP("finding", "Runs were flown on this path, so it stays; choose another path to plan")},
    {"use-from-run", "", QT_TRANSLATE_NOOP("finding", "Apply battery use and wind of run {run}")},
    {"use-not-flown", "",
     QT_TRANSLATE_NOOP("finding",
                       "run {run} has no positions or was not flown, so speed and consumption are unknown; "
                       "choose another run")},
    {"flown-as-predicted", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{setup}, {link} link: flown as predicted, within {low:.1} to {high:.1}, from {from} to {to}.")},
    {"flown-above", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}, {link} link: {off:.1} better than predicted ({low:.1} to {high:.1}), from "
                       "{from} to {to}.")},
    {"flown-below", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}, {link} link: {off:.1} worse than predicted ({low:.1} to {high:.1}), from "
                       "{from} to {to}.")},
    {"why-all-off", "",
     QT_TRANSLATE_NOOP("finding",
                       "All setups are off by the same amount. Check what they share: exponent, ground, a "
                       "cable, the assumed power.")},
    {"why-one-off", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "Setups are off by different amounts. Check what differs: claimed antenna gain, mounting, power.")},
    {"legs-differ", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}, {link} link, far post: antenna patterns cost {out:.1} outbound, {back:.1} "
                       "inbound. In the turn they cost up to {turn:.1}.")},
    {"legs-turn", "",
     QT_TRANSLATE_NOOP("finding",
                       "{setup}, {link} link, far post: in the turn the antenna patterns cost up to {turn:.1}.")},
    {"legs-deep", QT_TRANSLATE_NOOP("finding", "{setup} may lose its link in the turn"),
     QT_TRANSLATE_NOOP(
         "finding",
         "At the far post the antenna patterns cost {out:.1} outbound, {back:.1} inbound ({link} link). In "
         "the turn they cost up to {turn:.1}. Turn nearer, turn flatter, or mount the antenna another way.")},
    {"legs-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "Enter in Kit what the antennas are and how the aircraft's is mounted. Then outbound, "
                       "turn and inbound are predicted separately.")},
    {"why-horizon", "",
     QT_TRANSLATE_NOOP("finding",
                       "Antenna {mast} and aircraft {height} above flat ground, earth radius × {factor:.2}. "
                       "Halfway to the far post the earth rises {bulge:.1} above the straight line.")},
    {"formula-outside", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: loss by {what} is that at {nearest}. The formula does not hold at {frequency}.")},
    {"why-path-not-known", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path itself: ±{sd} at {at}. Its exponent is known to ±{of_exponent:.2} only.")},
    {"why-not-known", "", QT_TRANSLATE_NOOP("finding", "{what}: ±{sd}.")},
    {"legs-shaded", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{setup}, {link} link: airframe and obstacles near the station may cost up to {out} outbound and "
         "{back} inbound. The prediction covers both. Turn the aircraft on the ground check to see.")},
    {"beside-in-the-way", "",
     QT_TRANSLATE_NOOP("finding",
                       "A {what} stands between the ground antenna and the path, higher than {mast}. Move it "
                       "behind the antenna, or raise the mast.")},
    {"beside-somewhere", "",
     QT_TRANSLATE_NOOP("finding",
                       "A {what} stands near the ground antenna, higher than {mast}. Enter its bearing under "
                       "Ground and air, and keep it behind the antenna.")},
};

}  // namespace

std::span<const Text> groundTexts() {
  return kGroundTexts;
}

}  // namespace distanz::words
