#pragma once
#include <string>
#include <string_view>
#include <vector>

#include "core/records/record_result.h"

namespace distanz::formats {

struct RecordFileRead {
  records::FileData data;
  std::vector<Finding> problems;
};

/// A file of a record, by the record's kind: a sweep, traces; nothing of a picture. @throws InputError as the
/// readers
RecordFileRead readRecordFile(campaign::RecordKind kind, const campaign::RecordFile& file,
                              std::string_view bytes);

}  // namespace distanz::formats
