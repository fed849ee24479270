#pragma once
#include <memory>
#include <span>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// One format of logs, as it is once it is readable (see readable.h). Everything else knows formats only through the table of these: a new one is its file
/// and a row.
struct LogFormat {
  const char* name;                       ///< "csv"
  const char* what;                       ///< "delimited text", for people
  const char* patterns;                   ///< usual names: "*.csv *.txt"
  bool (*sniff)(std::string_view bytes);  ///< from the first bytes: is it this?
  std::unique_ptr<LogTable> (*open)(
      std::string_view bytes);  ///< @throws InputError: what is wrong, where, what to do
};

/// In the order in which they are tried; the last takes whatever is left, to say what is wrong with it.
std::span<const LogFormat> logFormats();

const LogFormat& formatOf(std::string_view bytes);
/// True where the first bytes of a log do not make a log by themselves.
bool isTree(std::string_view bytes);
/// @param format where not null: which it is @throws InputError as LogFormat::open and readableForm()
std::unique_ptr<LogTable> openLog(std::string_view bytes, const LogFormat** format = nullptr);

}  // namespace distanz::formats
