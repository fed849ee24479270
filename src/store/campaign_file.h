#pragma once
#include <filesystem>
#include <memory>
#include <optional>
#include <string>

#include "core/campaign/campaign.h"

namespace distanz::store {

/// A campaign kept in one SQLite file. Every edit is on disk when edit() returns, whole or not at all, and can be undone, also
/// after the file was closed. Use from one thread.
class CampaignFile {
 public:
  /// @throws InputError: a file is there already, folder not writable, campaign invalid
  static CampaignFile create(const std::filesystem::path& path, const campaign::Campaign& campaign);
  /// Newer files open read-only. @throws InputError: missing, foreign, truncated or damaged file
  static CampaignFile open(const std::filesystem::path& path);

  CampaignFile(CampaignFile&&) noexcept;
  CampaignFile& operator=(CampaignFile&&) noexcept;
  /// Leaves one plain file behind (no write-ahead log).
  ~CampaignFile();

  const campaign::Campaign& campaign() const;
  const std::filesystem::path& path() const;
  /// Why nothing can be changed ("written by a newer version", "folder is read-only"); empty where edits work.
  const std::string& readOnlyReason() const;

  /// Makes `next` the campaign. A state equal to the present one is no edit.
  /// @param what shown beside Undo, e.g. "Rename setup A"
  /// @throws InputError: invalid campaign, disk full, file read-only or changed by another program; the campaign is then as it was
  void edit(const std::string& what, const campaign::Campaign& next);

  std::optional<std::string> undoable() const;  ///< what undo() would take back
  std::optional<std::string> redoable() const;
  void undo();
  void redo();

 private:
  struct State;
  explicit CampaignFile(std::unique_ptr<State> state);
  std::unique_ptr<State> m_state;
};

}  // namespace distanz::store
