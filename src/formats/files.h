#pragma once
#include <filesystem>
#include <string>
#include <string_view>

namespace distanz::formats {

constexpr std::uintmax_t kLargestFile = 900'000'000;  ///< bytes; what one value of the campaign file can hold

/// Whole file as bytes. @throws InputError naming the file: missing, not a regular file, not readable, or larger than kLargestFile.
std::string readFile(const std::filesystem::path& path);

/// The first bytes of a file, up to the last whole line within `most`. @throws InputError as readFile(), but for the size
std::string readFileHead(const std::filesystem::path& path, std::size_t most);

/// Writes beside the target and renames, so that the target is either the old or the new file.
/// @throws InputError naming the file and the reason (read-only folder, full disk)
void writeFile(const std::filesystem::path& path, std::string_view bytes);

/// Name of a file without folders or characters that some file system refuses; never empty, never "." or "..".
std::string safeFileName(std::string_view name);

/// SHA-256 of bytes in lower-case hexadecimal.
std::string sha256(std::string_view bytes);

}  // namespace distanz::formats
