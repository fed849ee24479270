#pragma once
#include <filesystem>
#include <memory>
#include <string>

#include "core/campaign/campaign.h"
#include "formats/log_import.h"
#include "store/sample_rows.h"
#include "core/log/recording.h"
#include "store/database.h"

namespace distanz::store {

/// The logs and samples of a campaign file, on a connection of its own, so that reading goes on beside the
/// window. May be used from several threads.
class SampleFile {
 public:
  /// @param access ReadWrite: samples that had to be read again from a log are kept for the next time
  /// @throws InputError as CampaignFile::open()
  SampleFile(const std::filesystem::path& path, Access access);
  SampleFile(SampleFile&&) noexcept;
  ~SampleFile();

  /// The run's samples: those kept, or, where the links, the match of columns or the reader changed since (or
  /// nothing usable is kept), read again from the log's bytes.
  /// @throws InputError naming the run: its log is missing or damaged, or the file cannot be read now
  std::shared_ptr<const log::Recording> recording(const campaign::Run& run,
                                                  const campaign::Campaign& campaign) const;
  /// One of its original logs, byte for byte. @throws InputError as above
  std::string logBytes(const campaign::Run& run, const campaign::Source& log) const;
  /// The same, or how to open it where it is too large to be held.
  formats::KeptLog keptLog(const campaign::Run& run, const campaign::Source& log) const;
  std::string logBytes(const campaign::Run& run) const {
    return logBytes(run, run.source());
  }  ///< the first of them
  /// A file of a record or part, byte for byte. @throws InputError naming its owner: missing, damaged
  std::string keptBytes(const std::string& owner, const campaign::KeptFile& file) const;
  /// True where its logs are there with all their bytes.
  bool has(const campaign::Run& run) const;

 private:
  std::shared_ptr<const PackedLog> packedLog(const campaign::Run& run, const campaign::Source& log) const;
  struct State;
  std::unique_ptr<State> m_state;
};

}  // namespace distanz::store
