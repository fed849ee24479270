#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kLogTexts[] = {
    {"positions-jump-about", "",
     QT_TRANSLATE_NOOP("finding",
                       "{what} jumps about: {wrong} of {known} positions cannot be reached at {speed:.0}; "
                       "leave the position columns out or give a distance column instead")},
    {"position-jumps", "",
     QT_TRANSLATE_NOOP("finding", "{wrong} of {known} positions jump out of reach and are left out")},
    {"gnss-never-fixed", "",
     QT_TRANSLATE_NOOP("finding",
                       "GNSS never had a fix: all {rows} positions are 0/0 or off the globe; wait for a fix "
                       "before flying, or give a distance column")},
    {"gnss-no-fix", "", QT_TRANSLATE_NOOP("finding", "{rows} rows have no GNSS fix (0/0) and are left out")},
    {"no-position", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log holds no position: match a latitude and a longitude, or a distance column")},
    {"position-constant", "",
     QT_TRANSLATE_NOOP("finding",
                       "the position never changes ({distance:.0} in all {rows} rows): this log does not "
                       "show a flight along the path; check which columns are position")},
    {"no-path-for-coordinates", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "the log holds coordinates, but no path is planned yet: set the station and the far post first")},
    {"loops", "",
     QT_TRANSLATE_NOOP("finding",
                       "it turned back on the way and came again (first at {at}, {time:.0} after the first "
                       "row): what was measured while it did does not count")},
    {"off-path", "",
     QT_TRANSLATE_NOOP("finding", "{share:.0} of the flight is more than {aside} beside the path")},
    {"log-empty", "",
     QT_TRANSLATE_NOOP("finding", "the file is empty; choose the log that the recorder wrote")},
    {"log-utf16", "",
     QT_TRANSLATE_NOOP("finding", "the file is UTF-16 text; save it as UTF-8 and try again")},
    {"log-binary", "",
     QT_TRANSLATE_NOOP("finding",
                       "this is a binary file, not a table of text; export the log as CSV and try again")},
    {"no-header", "",
     QT_TRANSLATE_NOOP("finding",
                       "no row names the columns; add a first line such as time_s,distance_m,rssi_dbm")},
    {"numbers-before-header", "",
     QT_TRANSLATE_NOOP("finding",
                       "line {line} holds numbers, but no row before it names the columns; add a first line "
                       "such as time_s,distance_m,rssi_dbm")},
    {"line-too-long", "",
     QT_TRANSLATE_NOOP("finding", "line {line} is {megabytes} MB long; this is not a table of samples")},
    {"a-line-too-long", "",
     QT_TRANSLATE_NOOP("finding", "a line is {megabytes} MB long; this is not a table of samples")},
    {"no-rows", "",
     QT_TRANSLATE_NOOP("finding",
                       "the file has column names but no rows; choose the log that the recorder wrote")},
    {"no-json-lines", "",
     QT_TRANSLATE_NOOP("finding", "no line holds a JSON object; check that the right file was chosen")},
    {"archive-broken", "",
     QT_TRANSLATE_NOOP("finding", "the archive cannot be unpacked ({reason}); pack it again, or unpack it and choose the log")},
    {"archive-empty", "",
     QT_TRANSLATE_NOOP("finding", "the archive holds no file; choose another, or the log itself")},
    {"archive-several", "",
     QT_TRANSLATE_NOOP("finding", "the archive holds {count} files ({files}); unpack it and choose the logs")},
    {"archive-too-large", "",
     QT_TRANSLATE_NOOP("finding", "the archive grows beyond {megabytes} MB, more than any log does; unpack it and see what it is")},
    {"track-broken", "",
     QT_TRANSLATE_NOOP("finding", "line {line}: this is not well formed ({reason}); save the track again")},
    {"track-without-times", "",
     QT_TRANSLATE_NOOP("finding", "no point of a track in this file tells a time; choose the recording itself, not a map or a route")},
    {"log-without-rows", "",
     QT_TRANSLATE_NOOP("finding", "nothing in this file tells what was measured at a time; choose the log that the recorder wrote")},
    {"track-too-large", "",
     QT_TRANSLATE_NOOP("finding", "the track has {megabytes} MB, and {most} MB are read at most; cut it, or save it as CSV")},
    {"point-without-time", "",
     QT_TRANSLATE_NOOP("finding", "{count} points without a time are left out")},
    {"bad-checksum", "",
     QT_TRANSLATE_NOOP("finding", "{count} sentences whose checksum does not fit are left out")},
    {"subtitle-time", "",
     QT_TRANSLATE_NOOP("finding", "{count} subtitles whose times cannot be read are left out")},
    {"line-without-values", "",
     QT_TRANSLATE_NOOP("finding", "{count} lines name no value and are left out")},
    {"column-missing", "",
     QT_TRANSLATE_NOOP("finding",
                       "{channel} was to come from column \"{column}\", which this log does not have; its "
                       "columns are: {columns}")},
    {"no-such-channel", "",
     QT_TRANSLATE_NOOP("finding", "\"{text}\" is not a channel; the channels are: {channels}")},
    {"log-too-many-values", "",
     QT_TRANSLATE_NOOP("finding",
                       "{rows} rows of {columns} columns are more than the {most} million values a log may "
                       "have; cut it into single flights")},
    {"log-mostly-blank", "",
     QT_TRANSLATE_NOOP("finding",
                       "most rows are blank or far shorter than the columns would have them; check that the "
                       "right file was chosen")},
    {"no-link-for-log", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "the campaign has no link yet, so signal columns cannot be told apart; add a link in Kit first")},
    {"no-log", "", QT_TRANSLATE_NOOP("finding", "there is no log")},
    {"no-time-column", "",
     QT_TRANSLATE_NOOP(
         "finding", "no column is recognised as time (the log has: {columns}); match one to time_s by hand")},
    {"no-measurement-column", "",
     QT_TRANSLATE_NOOP("finding",
                       "no column is recognised as signal, link quality or bitrate (the log has: {columns}); "
                       "match one by hand")},
    {"time-guessed", "",
     QT_TRANSLATE_NOOP("finding", "no column is recognised as time (the log has: {columns}); \"{column}\" may be it by its values: match it to time_s if it is")},
    {"measurement-guessed", "",
     QT_TRANSLATE_NOOP("finding", "no column is recognised as signal, link quality or bitrate (the log has: {columns}); \"{column}\" may be one by its values: match it by hand if it is")},
    {"clocks-fit", "",
     QT_TRANSLATE_NOOP("finding", "the other log begins {offset:.2} after the first (give or take {sd:.2}), and its clock runs slow by {drift:.0} millionths; found by {channel} over {overlap:.0}")},
    {"clocks-apart", "",
     QT_TRANSLATE_NOOP("finding", "cannot tell: nothing that both logs know fits at one place only; they may be of different flights")},
    {"stuck-column", "",
     QT_TRANSLATE_NOOP("finding",
                       "{channel} is {value} in every row: the recorder did not measure it; match another "
                       "column to it, or leave it out")},
    {"no-measurement", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "the columns for signal, link quality and bitrate hold no number; match other columns by hand")},
    {"nothing-changes", "",
     QT_TRANSLATE_NOOP("finding",
                       "nothing measured ever changes: all values of signal, link quality and bitrate are "
                       "equal; check that the right log was chosen")},
    {"time-backwards", "",
     QT_TRANSLATE_NOOP("finding",
                       "line {line}: time runs backwards, from {from:.3} to {to:.3} after the first row; cut "
                       "the file there if it holds two flights, or match another time column")},
    {"no-readable-time", "",
     QT_TRANSLATE_NOOP("finding", "no row has a readable time; match another column to time_s by hand")},
    {"time-stands-still", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "time never advances: every row has the same time; match another column to time_s by hand")},
    {"no-track-to-write", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log holds no GNSS position, so there is no track to write; write CSV instead")},
    {"unheard-value", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: {value} stands for nothing heard ({lasts:.0} in all, first at {at:.0}); "
                       "the signal counts as below what was heard last")},
    {"unheard-repeated", "",
     QT_TRANSLATE_NOOP("finding",
                       "{link} link: the last values repeat for {lasts:.0}, first at {at:.0}: nothing was "
                       "heard there, and it counts as such")},
    {"unheard-blank", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: no values for {lasts:.0}, first at {at:.0}: nothing was heard there, and "
         "it counts as such")},
    {"unheard-no-rows", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "{link} link: the log has no rows for {lasts:.0}, first at {at:.0}, where the link was "
         "going: nothing was heard there, and it counts as such")},
    {"log-pauses", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log pauses for {lasts:.0} at {at:.0}: nothing is counted as lost there")},
    {"several-flights", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log holds {flights} flights; only one counts, {from:.0} to {to:.0}, "
                       "out to {farthest}; cut the log into single flights to count the others too")},
    {"duplicate-rows", "",
     QT_TRANSLATE_NOOP("finding", "{rows} rows repeat the row before and are counted once")},
    {"quality-as-share", "",
     QT_TRANSLATE_NOOP("finding", "{channel} goes from 0 to 1 and is taken as a share of 100 %")},
    {"quality-scale-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "{channel} goes up to {highest}: on a scale of its own, not in %, and is left out; "
                       "convert the column to %")},
    {"signal-without-sign", "",
     QT_TRANSLATE_NOOP("finding", "{channel} has no sign: 85 is taken as -85 dBm")},
    {"signal-scale-unknown", "",
     QT_TRANSLATE_NOOP("finding",
                       "{channel} holds positive numbers that are no dBm: the receiver's own scale, of which "
                       "no range can be told before it is calibrated on the Bench; or match a column in dBm "
                       "to the signal")},
    {"signal-stuck", "",
     QT_TRANSLATE_NOOP("finding",
                       "{channel} is {value} in every row: the recorder did not measure it, and it is left "
                       "out; match another column to it, if there is one")},
    {"power-unit-unknown", "",
     QT_TRANSLATE_NOOP(
         "finding",
         "column {column} may be in mW or in dBm, and is left out; match it to {channel} with its "
         "unit, as \"{column} [dBm]\" or \"{column} [mW]\"")},
    {"empty-column", "",
     QT_TRANSLATE_NOOP("finding", "the column matched to {channel} holds no number and is left out")},
    {"not-a-number", "",
     QT_TRANSLATE_NOOP("finding", "{fields} fields hold text where a number belongs and count as blank")},
    {"no-time", "", QT_TRANSLATE_NOOP("finding", "{rows} rows have no readable time and are left out")},
    {"coarse-clock", "",
     QT_TRANSLATE_NOOP("finding",
                       "the clock ticks slower than rows come; rows of one tick are spread evenly over it")},
};

}  // namespace

std::span<const Text> logTexts() {
  return kLogTexts;
}

}  // namespace distanz::words
