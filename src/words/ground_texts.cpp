#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kGroundTexts[] = {
    {"path-hits", QT_TRANSLATE_NOOP("finding", "The path runs into the ground"),
     QT_TRANSLATE_NOOP("finding",
                       "At {at} the ground, with what stands on it, is {above} higher than the planned "
                       "flight. Fly higher, or around it.")},
    {"path-close", QT_TRANSLATE_NOOP("finding", "Low over what stands there"),
     QT_TRANSLATE_NOOP("finding",
                       "At {at} only {above} lie between the planned flight and what is under it.")},
    {"height-clears", "",
     QT_TRANSLATE_NOOP("finding",
                       "{height} above the station's ground clear 60 % of the first Fresnel zone on every "
                       "link, all the way; what decides stands at {at}. The rule of {percent:.0} of the "
                       "distance would ask for {share} at the far post.")},
    {"height-wanted", QT_TRANSLATE_NOOP("finding", "Fly at {height}"),
     QT_TRANSLATE_NOOP("finding",
                       "Only from {height} above the station's ground on is 60 % of the first Fresnel zone "
                       "free on every link, all the way; what decides stands at {at}. The rule of "
                       "{percent:.0} of the distance would ask for {share} at the far post.")},
    {"height-never", QT_TRANSLATE_NOOP("finding", "No height clears the path"),
     QT_TRANSLATE_NOOP("finding",
                       "Something near the station stands in the first Fresnel zone however high the "
                       "aircraft flies. Raise the mast, or move the station.")},
    {"ground-elsewhere", QT_TRANSLATE_NOOP("finding", "The terrain is of another place"),
     QT_TRANSLATE_NOOP("finding",
                       "No raster knows the ground at the station; {layer} lies elsewhere. Add the one of "
                       "this place, or check the station's coordinates.")},
    {"ground-ends", QT_TRANSLATE_NOOP("finding", "Terrain is known to {known} only"),
     QT_TRANSLATE_NOOP("finding",
                       "Beyond it the prediction goes on as over flat ground. Add the raster beside it.")},
    {"ground-filled", "",
     QT_TRANSLATE_NOOP("finding",
                       "The raster has holes: {share:.1} of a line over this path was bridged straight "
                       "across. A hill in a hole is not seen.")},
    {"ground-apart", "",
     QT_TRANSLATE_NOOP("finding",
                       "Entered as {typed} above sea level, the station's ground lies at {raster} in the "
                       "raster. Check the coordinates, or clear the entry.")},
    {"ground-in-feet", QT_TRANSLATE_NOOP("finding", "These heights look like feet"),
     QT_TRANSLATE_NOOP("finding",
                       "The station's ground is entered as {typed} above sea level, the raster says "
                       "{raster}: 3.28 times as much. Say so in the list of layers.")},
    {"ground-not-counted", "",
     QT_TRANSLATE_NOOP("finding",
                       "The ground is known but does not count in the prediction: choose how under \"What "
                       "stands in the way\".")},
    {"crosses-keep-out", QT_TRANSLATE_NOOP("finding", "Keep out of {what}"),
     QT_TRANSLATE_NOOP("finding", "The path meets it at {at}. Lay the path around it.")},
    {"crosses-road", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path crosses {what} at {at}. Do not fly over traffic or people: lay it beside, "
                       "or keep watch there.")},
    {"path-crosses-itself", "",
     QT_TRANSLATE_NOOP("finding",
                       "The path crosses itself, first on the leg that begins at {at}: distances along it "
                       "are then not told by the place alone.")},
    {"coordinates-swapped", QT_TRANSLATE_NOOP("finding", "Latitude and longitude look swapped"),
     QT_TRANSLATE_NOOP("finding",
                       "Some of the path lies far away as it is, and near the station the other way round. "
                       "Latitude comes first.")},
    {"layer-left-out", "", QT_TRANSLATE_NOOP("finding", "{layer} is left out: {why}")},
    {"reader-missing", "",
     QT_TRANSLATE_NOOP("finding", "The reader of terrain, maps and photos is missing; install Distanz again")},
    {"reader-no-cage", "",
     QT_TRANSLATE_NOOP("finding",
                       "Terrain, maps and photos are not read: this kernel cannot cage their reader (it lacks seccomp). Logs and tables work")},
    {"reader-too-slow", "", QT_TRANSLATE_NOOP("finding", "{file} takes longer than {seconds} s to read; export it again, or cut it to the area around the path")},
    {"reader-too-large", "", QT_TRANSLATE_NOOP("finding", "{file} takes more than {megabytes} MB of memory to read; export it smaller")},
    {"reader-died", "", QT_TRANSLATE_NOOP("finding", "{file} cannot be read: it is damaged or hostile. Nothing else was touched; use another file")},
    {"raster-unreadable", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} is no raster of heights that can be read, or is cut short ({reason}); bring a "
                       "GeoTIFF, HGT, DTED or ASCII grid")},
    {"raster-no-reference", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} does not say where on earth it lies; export it with its reference system, or "
                       "put its .prj file beside it")},
    {"raster-no-heights", "",
     QT_TRANSLATE_NOOP("finding", "{file} holds no heights: it is a picture, or holes only")},
    {"raster-elsewhere", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} is too large to be read whole, and no station lies in it; set the station "
                       "first, or use the tile around it")},
    {"raster-degrees-assumed", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} names no reference system; its numbers were taken as degrees of WGS 84.")},
    {"raster-was-feet", "", QT_TRANSLATE_NOOP("finding", "{file} was in feet and is kept in metres.")},
    {"raster-turned", "",
     QT_TRANSLATE_NOOP("finding", "{file} was resampled from its own reference system.")},
    {"raster-cut", "",
     QT_TRANSLATE_NOOP(
         "finding", "Of {file} only the part around the station was taken: all of it would be too large.")},
    {"raster-thinned", "",
     QT_TRANSLATE_NOOP("finding",
                       "Of {file} only every {every}th cell was taken: all of it would be too large.")},
    {"map-unreadable", "",
     QT_TRANSLATE_NOOP(
         "finding", "{file} is no map that can be read ({reason}); bring GeoJSON, KML, GPX or a GeoPackage")},
    {"map-no-reference", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} lies at no place on earth: latitudes beyond 90 degrees, or a reference system "
                       "that is not known")},
    {"map-too-large", "",
     QT_TRANSLATE_NOOP("finding",
                       "{file} holds more than can be drawn; cut it to the area around the path")},
    {"map-empty", "", QT_TRANSLATE_NOOP("finding", "{file} holds no points, lines or areas")},
    {"add-layer", "", QT_TRANSLATE_NOOP("finding", "Add {layer}")},
    {"change-layer", "", QT_TRANSLATE_NOOP("finding", "Change {layer}")},
    {"remove-layer", "", QT_TRANSLATE_NOOP("finding", "Remove {layer}")},
    {"move-point", "", QT_TRANSLATE_NOOP("finding", "Move a point of the path")},
    {"add-point", "", QT_TRANSLATE_NOOP("finding", "Add a point to the path")},
    {"remove-point", "", QT_TRANSLATE_NOOP("finding", "Remove a point of the path")},
    {"lay-path", "", QT_TRANSLATE_NOOP("finding", "Lay the path anew")},
    {"choose-path", "", QT_TRANSLATE_NOOP("finding", "Plan {path}")},
    {"coordinates-unreadable", "",
     QT_TRANSLATE_NOOP("finding",
                       "\"{text}\" is no position; type latitude and longitude, 46.91, 20.96 or 46°54.6'N "
                       "20°57.6'E, or UTM, 34T 497000 5195000")},
    {"plan-nothing-to-write", "",
     QT_TRANSLATE_NOOP("finding", "There is no path to write yet: set the station and lay the path")},
    {"plan-number", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is no number; the file was changed by hand or is damaged")},
    {"plan-row", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "line {line} cannot be read: what, name, latitude, longitude, height and facts are wanted")},
    {"plan-no-line", "",
     QT_TRANSLATE_NOOP("finding", "{file} holds no line that could be the path, and no plan of Distanz")},
    {"plan-no-track", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "The track does not leave the station: it has no positions, or all of them lie in one place")},
    {"path-without-heights", "",
     QT_TRANSLATE_NOOP("finding",
                       "The file gives no heights: {height} above the station's ground were kept.")},
    {"path-heights-from-sea", "",
     QT_TRANSLATE_NOOP("finding",
                       "The file's heights are above sea level, and the height of the station's ground is "
                       "not known: {height} above it were kept.")},
    {"path-was-flown", "",
     QT_TRANSLATE_NOOP("finding", "Runs flew this path: it stays; choose another one to be planned")},
    {"use-from-run", "",
     QT_TRANSLATE_NOOP("finding", "Take battery and wind from run {run}")},
    {"use-not-flown", "",
     QT_TRANSLATE_NOOP("finding", "run {run} tells neither speed nor consumption: it has no positions, or did not fly; choose another one")},
    {"flown-as-predicted", "",
     QT_TRANSLATE_NOOP("finding", "{setup} flew as predicted on the {link} link, within {low:.1} to {high:.1}, from {from} to {to}.")},
    {"flown-above", "",
     QT_TRANSLATE_NOOP("finding", "{setup} was received {off:.1} better than predicted on the {link} link ({low:.1} to {high:.1}), from {from} to {to}.")},
    {"flown-below", "",
     QT_TRANSLATE_NOOP("finding", "{setup} was received {off:.1} worse than predicted on the {link} link ({low:.1} to {high:.1}), from {from} to {to}.")},
    {"why-all-off", "",
     QT_TRANSLATE_NOOP("finding", "All setups are off alike: look at what they share, the exponent, the ground, a cable, the power that was assumed.")},
    {"why-one-off", "",
     QT_TRANSLATE_NOOP("finding", "Setups are off by different amounts: look at what is its own, its antenna's claimed gain, its mounting, its power.")},
    {"legs-differ", "",
     QT_TRANSLATE_NOOP("finding", "By the patterns of its antennas {setup} is received {out:.1} under their peaks at the far post on the way out, {back:.1} on the way back, and up to {turn:.1} while it turns ({link} link).")},
    {"legs-deep", QT_TRANSLATE_NOOP("finding", "{setup} may be lost in the turn"),
     QT_TRANSLATE_NOOP("finding", "At the far post the patterns of its antennas cost {out:.1} on the way out, {back:.1} on the way back, and up to {turn:.1} while it turns ({link} link): turn nearer, flatter, or mount the antenna another way.")},
    {"legs-unknown", "",
     QT_TRANSLATE_NOOP("finding", "Say in Kit what the antennas are and how the aircraft's is mounted, and out, turn and back are predicted apart.")},
    {"why-horizon", "",
     QT_TRANSLATE_NOOP("finding", "Antenna {mast} and aircraft {height} above flat ground, earth radius {factor:.2} times the true one: half-way to the far post the earth stands {bulge:.1} above the straight line.")},
    {"formula-outside", "",
     QT_TRANSLATE_NOOP("finding", "Loss by {what} on the {link} link is that at {nearest}. The formula does not hold at {frequency}.")},
    {"why-path-not-known", "",
     QT_TRANSLATE_NOOP("finding", "The path itself: give or take {sd} at {at}, since nobody knows its exponent better than to {of_exponent:.2}.")},
    {"why-not-known", "",
     QT_TRANSLATE_NOOP("finding", "{what}: give or take {sd}.")},
    {"legs-shaded", "",
     QT_TRANSLATE_NOOP("finding", "The airframe, or what stands beside the station, may take up to {out} of {setup} on the way out and {back} on the way back ({link} link); the prediction holds both. Turn it on the ground check to see.")},
    {"beside-in-the-way", "",
     QT_TRANSLATE_NOOP("finding", "A {what} stands between the ground antenna and the path, and reaches above it at {mast}. Stand behind the antenna, or raise the mast.")},
    {"beside-somewhere", "",
     QT_TRANSLATE_NOOP("finding", "A {what} beside the ground antenna reaches above it at {mast}: say on Ground and air at which bearing, and keep it behind the antenna.")},
};

}  // namespace

std::span<const Text> groundTexts() {
  return kGroundTexts;
}

}  // namespace distanz::words
