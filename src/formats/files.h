#pragma once
#include <filesystem>
#include <memory>
#include <string>
#include <string_view>

#include "core/finding/finding.h"
#include "core/limits/reading.h"
#include "formats/byte_source.h"

namespace distanz::formats {

using limits::kLargestFile;

using limits::kLargestLog;

/// None for a file that is read at once; else how to open it. @throws InputError for one over kLargestLog, or that cannot
/// be opened
OpenBytes largeFile(const std::filesystem::path& path);

/// Whole file as bytes. @throws InputError naming the file: missing, not a regular file, not readable, or
/// larger than kLargestFile.
std::string readFile(const std::filesystem::path& path);

/// A descriptor that reads a plain file: the caller's to close. @throws InputError naming the file: missing, not a
/// regular file, not readable
int openToRead(const std::filesystem::path& path);

/// The first bytes of a file, up to the last whole line within `most`. @throws InputError as readFile(), but
/// for the size
std::string readFileHead(const std::filesystem::path& path, std::size_t most);

/// Writes beside the target and renames, so that the target is either the old or the new file, and on the
/// disk, when this returns.
/// @throws InputError naming the file and the reason (read-only folder, full disk)
void writeFile(const std::filesystem::path& path, std::string_view bytes);

/// Writes a new file in place, for what is built aside (see Aside). @param meant where it will lie: what is refused
/// names that @throws InputError naming the file and the reason
void writeNewFile(const std::filesystem::path& path, std::string_view bytes, const std::filesystem::path& meant);

/// The same of all that a source has.
void writeNewFile(const std::filesystem::path& path, ByteSource& source, const std::filesystem::path& meant);

/// Name of a file without folders or characters that some file system refuses, in UTF-8, at most 200 bytes
/// with its ending kept; never empty, never hidden.
std::string safeFileName(std::string_view name);

enum class FileAct { Read, Write };
/// Throws the InputError for an errno: file, what could not be done, why, what to do.
[[noreturn]] void refuseFile(const std::filesystem::path& path, FileAct doing, int error);

/// SHA-256 of bytes that come piece by piece.
class Digest {
 public:
  Digest();
  ~Digest();
  void add(std::string_view bytes);
  /// In lower-case hexadecimal; once.
  std::string hex();

 private:
  struct Context;
  std::unique_ptr<Context> m_context;
};

/// SHA-256 of bytes in lower-case hexadecimal.
std::string sha256(std::string_view bytes);
/// The same of a file of any size. @throws InputError as readFile(), but for the size
std::string sha256OfFile(const std::filesystem::path& path);

}  // namespace distanz::formats

namespace distanz {

Finding inFile(const std::filesystem::path& file, Finding fault);

}  // namespace distanz
