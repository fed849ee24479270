#pragma once
#include <string_view>
#include <vector>

#include "formats/log_reader.h"

namespace distanz::formats {

/// The matched columns of a file as numbers, one vector per slot. A LatLon match fills two slots.
struct NumberTable {
  std::vector<std::vector<double>> slots;
  std::size_t rows = 0;
  std::size_t not_numbers = 0;  ///< fields with text where a number belongs
  std::size_t first_not_number_row = 0;
};

/// @throws InputError for a line over kLongestLine; ReadCancelled
NumberTable readTable(std::string_view bytes, const CsvLayout& layout, const std::vector<ColumnMatch>& matches, const Progress& progress);

/// First slot of a match.
std::size_t slotOf(const std::vector<ColumnMatch>& matches, std::size_t match);

/// Line of the file, counted from 1, on which a data row counted from 0 stands.
int lineOfRow(std::string_view bytes, const CsvLayout& layout, std::size_t row);

}  // namespace distanz::formats
