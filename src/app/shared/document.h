#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <deque>
#include <future>
#include <memory>
#include <optional>
#include <variant>

#include "app/shared/distance_axis.h"
#include "app/shared/ground_keeper.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"

namespace distanz::analysis {
struct CampaignAnalysis;
class ReductionCache;
}  // namespace distanz::analysis
namespace distanz::plan {
struct Planned;
}

namespace distanz::app {

/// A campaign file and its samples, opened; made off the interface thread, which must not wait for a locked
/// file.
struct OpenedCampaign {
  store::CampaignFile file;
  std::shared_ptr<store::SampleFile> samples;
};
/// @throws InputError as CampaignFile::open()
std::shared_ptr<OpenedCampaign> openCampaign(const std::filesystem::path& path);

/// The open campaign and its analysis. Every change goes through edit(), is on disk when that returns true,
/// and can be undone; the analysis follows in the background. The file is written and watched by a thread of
/// its own: where another program holds it for longer than kPatience_ms the edit is shown as waiting() and
/// kept as soon as the file is free. Changes that other programs make are taken in.
class Document : public QObject {
  Q_OBJECT
 public:
  static constexpr int kPatience_ms = 120;  ///< how long the window waits for an edit to be on disk
  static constexpr int kWatch_ms = 1000;    ///< how often the file is looked at for what other programs did

  explicit Document(std::shared_ptr<OpenedCampaign> opened, QObject* parent = nullptr);
  ~Document() override;

  const campaign::Campaign& campaign() const { return *m_campaign; }
  const std::filesystem::path& path() const { return m_path; }
  const std::optional<Finding>& readOnlyReason() const { return m_read_only; }
  /// The latest finished analysis; empty until the first one.
  const analysis::CampaignAnalysis& analysis() const { return *m_analysis; }
  /// The campaign as it was when analysis() was made: results and runs fit together.
  const campaign::Campaign& analysedCampaign() const { return *m_analysed_campaign; }
  bool analysed() const { return m_analysed; }
  bool analysing() const { return m_watcher.isRunning(); }

  /// Makes `next` the campaign. @param what a step, for Undo. A refusal is told by refused(). @return false
  /// where it was refused at once
  /// @param attachments bytes that `next` speaks of, kept in the same step
  bool edit(const Finding& what, const campaign::Campaign& next,
            std::vector<store::Attachment> attachments = {});
  /// Adds runs in one step, those left out whose log is there already. `then` is called once that is settled, now or later: with what was added, or the
  /// reason why nothing was.
  using AddedThen = std::function<void(const store::Added& added, const QString& refused)>;
  void addRuns(const Finding& what, std::vector<store::PackedRun> runs, const AddedThen& then);
  /// What undo() would take back; none where there is nothing.
  const std::optional<Finding>& undoable() const { return m_undoable; }
  const std::optional<Finding>& redoable() const { return m_redoable; }
  void undo();
  void redo();
  /// An edit is not on disk yet: another program holds the file.
  bool waiting() const { return !m_jobs.empty() && m_told_waiting; }
  /// The file was deleted, replaced, cut or damaged: nothing can be kept in it.
  bool fileLost() const { return m_lost; }

  /// Set once the campaign is being closed: work on other threads ends then. It holds copies and answers to a
  /// watcher, and nobody waits for it.
  const std::shared_ptr<std::atomic<bool>>& closing() const { return m_closing; }
  void close() { *m_closing = *m_stop = true; }

  /// A connection of its own to logs and samples, for work on other threads.
  std::shared_ptr<store::SampleFile> samples() const { return m_samples; }

  std::optional<double> picked() const { return m_picked; }
  /// Picks a distance everywhere; none: picks nothing.
  void pick(std::optional<double> distance_m);

  /// Where the window's distance axis lies.
  SharedAxis& axis() { return m_axis; }
  /// The same in the pixels of a view.
  DistanceAxis axisIn(const QWidget& view) const { return m_axis.in(view, axisEnd_m()); }
  /// Last distance of the shared axis: path, flights and told ranges fit in.
  double axisEnd_m() const;
  /// What the plan says of the campaign as it is, or of the one previewed; computed once per change.
  const plan::Planned& planned() const;
  /// Shows another plan without keeping it, as long as something is dragged; none: the campaign's own again.
  void preview(std::shared_ptr<const campaign::Campaign> campaign);
  bool previewing() const { return m_preview != nullptr; }
  /// The one previewed, else the campaign.
  const campaign::Campaign& shown() const { return m_preview ? *m_preview : *m_campaign; }
  /// The ground of its layers, as far as it is read.
  const GroundKeeper& ground() const { return m_ground; }
  /// Place of a setup in the campaign: its mark. -1 where there is none.
  int markOf(const std::string& setup) const;

 signals:
  void changed();          ///< the campaign
  void analysisChanged();  ///< the analysis, or whether one is running
  void progressed(double share);
  void pickedChanged();
  void previewed();        ///< see preview()
  void groundChanged();    ///< see ground()
  void refused(const QString& reason);
  void waitingChanged();
  void lost(const QString& reason);  ///< see fileLost()

 private:
  struct Analysed {
    store::SharedCampaign campaign;
    std::shared_ptr<const analysis::CampaignAnalysis> analysis;
  };
  using Outcome = std::variant<std::shared_ptr<Analysed>, QString>;  // null: stopped
  void schedule();
  static Outcome analysed(const std::shared_ptr<const campaign::Campaign>& kept, const store::SampleFile& samples,
                          analysis::ReductionCache& cache, const std::function<bool(double)>& progress);
  void start();
  void finish();

  /// What the file holds after a job of the file's thread.
  struct Kept {
    store::SharedCampaign campaign;
    std::optional<Finding> undoable, redoable;
    QString refused;
    bool lost = false;
  };
  using Job = std::function<void(store::CampaignFile&)>;
  struct Pending {
    std::shared_future<Kept> kept;
    std::function<void(const Kept&)> then;
  };
  static Kept carryOut(store::CampaignFile& file, const Job& job);
  /// Hands a job to the file's thread and waits for it up to `patience_ms`. @return what became of it; none
  /// where it is still under way
  std::optional<Kept> submit(Job job, int patience_ms, std::function<void(const Kept&)> then = {});
  void settle();
  void adopt(const Kept& kept);
  void tellChanged();
  /// A change by the pilot: waits for it a moment, tells where it is refused, or where it must wait for the
  /// file.
  std::optional<Kept> step(const Job& job);
  void watch();

  std::shared_ptr<OpenedCampaign> m_opened;  ///< its file belongs to the file's thread
  std::filesystem::path m_path;
  std::optional<Finding> m_read_only, m_undoable, m_redoable;
  std::shared_ptr<store::SampleFile> m_samples;
  store::SharedCampaign m_campaign;
  std::deque<Pending> m_jobs;  ///< in the order in which they are carried out
  bool m_told_waiting = false, m_lost = false;
  std::uint64_t m_told = 0;  ///< how often changed() was emitted
  QThreadPool m_file_thread;
  QTimer m_watch;
  std::shared_ptr<const analysis::CampaignAnalysis> m_analysis;
  store::SharedCampaign m_analysed_campaign = std::make_shared<const campaign::Campaign>();
  GroundKeeper m_ground;
  std::shared_ptr<const campaign::Campaign> m_preview;
  struct {
    std::shared_ptr<const campaign::Campaign> campaign;
    std::shared_ptr<const terrain::Ground> ground;
    double reach_m = 0;
    std::shared_ptr<const plan::Planned> planned;
  } mutable m_planned;
  struct {
    std::shared_ptr<const campaign::Campaign> campaign;
    std::shared_ptr<const terrain::Ground> ground;
    double farthest_m = 0;  ///< predicted
  } mutable m_foreseen;
  bool m_analysed = false;
  std::optional<double> m_picked;
  SharedAxis m_axis;
  QFutureWatcher<Outcome> m_watcher;
  QTimer m_delay;
  std::shared_ptr<std::atomic<bool>> m_stop;  ///< of the analysis under way
  std::shared_ptr<std::atomic<bool>> m_closing = std::make_shared<std::atomic<bool>>(false);
  std::shared_ptr<analysis::ReductionCache> m_reduced;  ///< used by one analysis at a time
};

}  // namespace distanz::app
