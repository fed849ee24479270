#include "formats/bench/record_files.h"

#include "core/finding/error.h"
#include "formats/bench/spectrum_table.h"
#include "formats/bench/sweep_file.h"
#include "formats/files.h"

namespace distanz::formats {

std::string readForRecord(const std::filesystem::path& file) {
  std::error_code ignored;
  if (const auto size = std::filesystem::file_size(file, ignored); !ignored && size > kLargestRecordFile)
    throw InputError(inFile(file, finding("record-file-too-large",
                                          {{"most", static_cast<int>(kLargestRecordFile / 1'000'000)}})));
  return readFile(file);
}

RecordFileRead readRecordFile(campaign::RecordKind kind, const campaign::KeptFile& file,
                              std::string_view bytes) {
  RecordFileRead out;
  out.data.role = file.role;
  out.data.file = file.file;
  if (kind == campaign::RecordKind::Sweep) {
    SweepRead read = readSweep(bytes, file.file);
    out.data.sweep = std::move(read.sweep);
    out.problems = std::move(read.problems);
  } else if (kind == campaign::RecordKind::Spectrum) {
    SpectrumRead read = readSpectrum(bytes);
    out.data.traces = std::move(read.traces);
    out.problems = std::move(read.problems);
  }
  return out;
}

FileToSave recordFileToSave(campaign::RecordKind kind, const campaign::KeptFile& file,
                            const std::string& bytes) {
  if (kind != campaign::RecordKind::Sweep) return {file.file, bytes};
  const RecordFileRead read = readRecordFile(kind, file, bytes);
  const std::string stem = file.file.substr(0, file.file.rfind('.'));
  return {stem + (read.data.sweep->s21.empty() ? ".s1p" : ".s2p"), writeTouchstone(*read.data.sweep)};
}

}  // namespace distanz::formats
