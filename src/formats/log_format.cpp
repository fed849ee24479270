#include "formats/log_format.h"

#include "formats/json_lines.h"
#include "formats/table_reader.h"

namespace distanz::formats {
namespace {

constexpr LogFormat kFormats[] = {
    {"json-lines", "a JSON object per line", "*.jsonl *.ndjson *.json", isJsonLines, openJsonLines},
    {"csv", "delimited text", "*.csv *.txt *.tsv *.log", isDelimitedText, openDelimitedText},
};

}  // namespace

std::span<const LogFormat> logFormats() {
  return kFormats;
}

const LogFormat& formatOf(std::string_view bytes) {
  for (const LogFormat& format : kFormats)
    if (format.sniff(bytes)) return format;
  return std::end(kFormats)[-1];
}

std::unique_ptr<LogTable> openLog(std::string_view bytes) {
  return formatOf(bytes).open(bytes);
}

}  // namespace distanz::formats
