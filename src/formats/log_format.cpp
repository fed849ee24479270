#include "formats/log_format.h"

#include "formats/hand_log.h"
#include "formats/json_lines.h"
#include "formats/nmea.h"
#include "formats/readable.h"
#include "formats/spaced_table.h"
#include "formats/subrip.h"
#include "formats/table_reader.h"
#include "formats/track_geojson.h"
#include "formats/tracks_xml.h"
#include "formats/value_lines.h"

namespace distanz::formats {
namespace {

constexpr LogFormat kFormats[] = {
    {"geojson", "GeoJSON with times", "*.geojson *.json", isTrackGeoJson, openTrackGeoJson},
    {"json-lines", "a JSON object per line, or an array of them", "*.jsonl *.ndjson *.json", isJsonLines, openJsonLines},
    {"gpx", "GPX tracks", "*.gpx", isGpx, openGpx},
    {"kml", "KML tracks", "*.kml", isKml, openKml},
    {"nmea", "NMEA 0183", "*.nmea *.txt *.log", isNmea, openNmea},
    {"subrip", "subtitles that tell telemetry", "*.srt", isSubRip, openSubRip},
    {"value-lines", "lines that name their values", "*.txt *.log", isValueLines, openValueLines},
    {"hand", "readings noted by hand", "*.csv *.txt *.tsv", isHandLog, openHandLog},
    {"csv", "delimited text", "*.csv *.txt *.tsv *.log", isDelimitedText, openDelimitedText},
};

const LogFormat& ofReadable(std::string_view bytes) {
  for (const LogFormat& format : kFormats)
    if (format.sniff(bytes)) return format;
  return std::end(kFormats)[-1];
}

/// A log together with the bytes it looks at.
class OwningTable : public LogTable {
 public:
  explicit OwningTable(std::string bytes)
      : m_bytes(std::move(bytes)), m_format(ofReadable(m_bytes)), m_table(m_format.open(m_bytes)) {}
  const LogFormat& format() const { return m_format; }
  const TableHead& head() const override { return m_table->head(); }
  NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const override {
    return m_table->numbers(matches, progress);
  }
  int lineOfRow(std::size_t row) const override { return m_table->lineOfRow(row); }

 private:
  std::string m_bytes;
  const LogFormat& m_format;
  std::unique_ptr<LogTable> m_table;
};

/// The text that is read in its stead; none where it is read as it is.
std::optional<std::string> formRead(std::string_view bytes) {
  auto form = readableForm(bytes);
  const std::string_view text = form ? *form : bytes;
  if (ofReadable(text).open == openDelimitedText)
    if (auto tabs = tabbedForm(text)) return tabs;
  return form;
}

}  // namespace

std::span<const LogFormat> logFormats() {
  return kFormats;
}

const LogFormat& formatOf(std::string_view bytes) {
  const auto form = readableForm(bytes);
  return ofReadable(form ? *form : bytes);
}

bool isTree(std::string_view bytes) {
  return isGpx(bytes) || isKml(bytes) || isTrackGeoJson(bytes);
}

std::unique_ptr<LogTable> openLog(std::string_view bytes, const LogFormat** format) {
  if (auto form = formRead(bytes)) {
    auto table = std::make_unique<OwningTable>(std::move(*form));
    if (format) *format = &table->format();
    return table;
  }
  const LogFormat& found = ofReadable(bytes);
  if (format) *format = &found;
  return found.open(bytes);
}

}  // namespace distanz::formats
