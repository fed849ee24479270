#pragma once
#include <cstdint>
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "core/limits/reading.h"
#include "core/records/record_result.h"

namespace distanz::formats {

struct RecordFileRead {
  records::FileData data;
  std::vector<Finding> problems;
};

using limits::kLargestRecordFile;

/// Bytes of a file that is to belong to a record. @throws InputError as readFile(), and for larger ones
std::string readForRecord(const std::filesystem::path& file);

/// A file of a record, by the record's kind: a sweep, traces; nothing of a picture. @throws InputError as the
/// readers
RecordFileRead readRecordFile(campaign::RecordKind kind, const campaign::KeptFile& file,
                              std::string_view bytes);

/// A record's file as others can read it: a sweep as Touchstone, all else byte for byte. @throws InputError
/// as readRecordFile()
struct FileToSave {
  std::string name, bytes;
};
FileToSave recordFileToSave(campaign::RecordKind kind, const campaign::KeptFile& file,
                            const std::string& bytes);

}  // namespace distanz::formats
