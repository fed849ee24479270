#pragma once
#include <filesystem>
#include <memory>
#include <string>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::store {

/// A log's bytes as the campaign file keeps them.
struct PackedLog {
  std::string packed;
  std::size_t size = 0;  ///< of the plain bytes
};
PackedLog packLog(std::string_view log_bytes);

/// The logs and samples of a campaign file, on a connection of its own, so that reading and importing go on beside the window.
/// May be used from several threads.
class SampleFile {
 public:
  /// @throws InputError as CampaignFile::open()
  explicit SampleFile(const std::filesystem::path& path);
  SampleFile(SampleFile&&) noexcept;
  ~SampleFile();

  /// Keeps a log byte for byte with its samples, in one transaction. Adding the same again changes nothing.
  /// @param run only its log, log_sha256 and columns are used @throws InputError: disk full, read-only file
  void add(const campaign::Run& run, std::string_view log_bytes, const log::Recording& recording) {
    add(run, packLog(log_bytes), recording);
  }
  void add(const campaign::Run& run, const PackedLog& log, const log::Recording& recording);
  /// Takes back what add() kept, unless a run of the campaign or its history speaks of the log.
  void discard(const campaign::Run& run);

  /// @throws InputError naming the run: its samples are missing or damaged
  std::shared_ptr<const log::Recording> recording(const campaign::Run& run) const;
  /// The original log, byte for byte. @throws InputError as above, also where its SHA-256 no longer fits
  std::string logBytes(const campaign::Run& run) const;
  bool has(const campaign::Run& run) const;

 private:
  struct State;
  std::unique_ptr<State> m_state;
};

}  // namespace distanz::store
