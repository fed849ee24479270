#pragma once
#include <filesystem>
#include <memory>
#include <optional>
#include <string>

#include "core/campaign/campaign.h"
#include "formats/aside.h"
#include "store/database.h"
#include "store/sample_rows.h"

namespace distanz::store {

/// What was to be changed was changed by another program meanwhile. campaign() is then what that one made of
/// it.
struct Conflict : InputError {
  using InputError::InputError;
};

/// A state of a campaign; large ones are handed on, not copied.
using SharedCampaign = std::shared_ptr<const campaign::Campaign>;

/// What became of runs that were to be added.
struct Added {
  std::vector<campaign::Run> runs;  ///< as they are in the campaign: id and order set
  std::vector<std::string>
      restored;  ///< ids of runs that were there already, whose damaged or missing log came back
  struct LeftOut {
    std::size_t which;  ///< of those that were to be added
    Finding why;
  };
  std::vector<LeftOut> left_out;  ///< see Twice::LeaveOut
};
/// What becomes of runs whose log is in the campaign already: none is added, or the others are.
enum class Twice { Refuse, LeaveOut };

/// A campaign kept in one SQLite file, a single plain file whenever nothing is being written. An edit is on
/// the disk, synced, when edit() returns, whole or not at all, and can be undone, also after the file was
/// closed. Several programs may have the file open: each edit is made on what the file then holds. Use from
/// one thread at a time; waits up to kPatience_ms for other programs.
class CampaignFile {
 public:
  /// Built aside, synced, then named. @param existing Replace: a file of that name goes in the same step
  /// @throws InputError: a file is there already (Keep), or open elsewhere (Replace); folder not writable;
  /// campaign invalid
  using Existing = formats::Aside::Existing;
  static CampaignFile create(const std::filesystem::path& path, const campaign::Campaign& campaign,
                             Existing existing = Existing::Keep);
  /// ReadOnly writes nothing, and reads older files by converting in memory. ReadWrite migrates them. Newer
  /// files open read-only.
  /// @throws InputError: missing, foreign, truncated or damaged file
  static CampaignFile open(const std::filesystem::path& path, Access access);

  CampaignFile(CampaignFile&&) noexcept;
  CampaignFile& operator=(CampaignFile&&) noexcept;
  ~CampaignFile();

  const campaign::Campaign& campaign() const { return *shared(); }
  /// The same, to be kept: what comes after is another object.
  const SharedCampaign& shared() const;
  const std::filesystem::path& path() const;
  /// Why nothing can be changed ("written by a newer version", "folder is read-only"); empty where edits
  /// work.
  const std::optional<Finding>& readOnlyReason() const;

  /// Makes the difference between `base` and `next` in the campaign as the file holds it: what other programs
  /// did to other parts of it stays. No difference is no edit.
  /// @param what a step, for Undo: finding("rename-setup", {{"setup", "A"}})
  /// @throws InputError: invalid campaign, disk full, file read-only, FileGone; the campaign is then as it
  /// was. Conflict
  /// @param attachments bytes that `next` speaks of and the file may not hold yet, kept in the same step
  void edit(const Finding& what, SharedCampaign base, SharedCampaign next,
            const std::vector<Attachment>& attachments = {});
  void edit(const Finding& what, const campaign::Campaign& base, const campaign::Campaign& next) {
    edit(what, std::make_shared<const campaign::Campaign>(base),
         std::make_shared<const campaign::Campaign>(next));
  }
  void edit(const Finding& what, const campaign::Campaign& next) {
    edit(what, shared(), std::make_shared<const campaign::Campaign>(next));
  }

  /// Adds runs with their logs and samples, all of them or none, in one transaction. Each gets the next free
  /// id and order.
  /// @param links that the samples were read for
  /// @throws InputError as edit(), also where a log is in the campaign already; Conflict where a setup is
  /// gone, or links were changed
  Added addRuns(const Finding& what, std::vector<PackedRun> runs, std::vector<campaign::Link> links,
                Twice twice = Twice::Refuse);

  /// Takes in what other programs changed. @return true where campaign() changed @throws FileGone
  bool refresh();

  std::optional<Finding> undoable();  ///< what undo() would take back
  std::optional<Finding> redoable();
  /// @throws InputError as edit(); Conflict
  void undo();
  void redo();

  /// Removes logs and samples that neither a run nor a step of the history speaks of, and gives their room
  /// back.
  /// @return how many logs went @throws InputError
  int purge();

 private:
  struct State;
  explicit CampaignFile(std::unique_ptr<State> state);
  std::unique_ptr<State> m_state;
};

}  // namespace distanz::store
