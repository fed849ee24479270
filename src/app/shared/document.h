#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>
#include <variant>

#include "core/analysis/campaign_analysis.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"

namespace distanz::app {

/// The open campaign and its analysis. Every change goes through edit(), is on disk at once and can be undone; the analysis
/// follows in the background.
class Document : public QObject {
  Q_OBJECT
 public:
  /// @throws InputError as CampaignFile::open()
  explicit Document(const std::filesystem::path& path, QObject* parent = nullptr);
  ~Document() override;

  const campaign::Campaign& campaign() const { return m_file.campaign(); }
  const std::filesystem::path& path() const { return m_file.path(); }
  const QString& readOnlyReason() const { return m_read_only; }
  /// The latest finished analysis; empty until the first one.
  const analysis::CampaignAnalysis& analysis() const { return m_analysis; }
  /// The campaign as it was when analysis() was made: results and runs fit together.
  const campaign::Campaign& analysedCampaign() const { return m_analysed_campaign; }
  bool analysed() const { return m_analysed; }
  bool analysing() const { return m_watcher.isRunning(); }

  /// Makes `next` the campaign; a refusal is told by refused(). @return true where it was kept
  bool edit(const QString& what, const campaign::Campaign& next);
  QString undoable() const;
  QString redoable() const;
  void undo();
  void redo();

  /// A connection of its own to logs and samples, for work on other threads.
  std::shared_ptr<store::SampleFile> samples() const { return m_samples; }

  std::optional<double> picked() const { return m_picked; }
  /// Picks a distance everywhere; none: picks nothing.
  void pick(std::optional<double> distance_m);

  /// Last distance of the shared axis: path, flights and told ranges fit in.
  double axisEnd_m() const;
  /// Place of a setup in the campaign: its mark. -1 where there is none.
  int markOf(const std::string& setup) const;

 signals:
  void changed();          ///< the campaign
  void analysisChanged();  ///< the analysis, or whether one is running
  void progressed(double share);
  void pickedChanged();
  void refused(const QString& reason);

 private:
  struct Analysed {
    campaign::Campaign campaign;
    analysis::CampaignAnalysis analysis;
  };
  using Outcome = std::variant<std::shared_ptr<Analysed>, QString>;  // null: stopped
  void schedule();
  void start();
  void finish();
  void afterEdit();

  store::CampaignFile m_file;
  QString m_read_only;
  std::shared_ptr<store::SampleFile> m_samples;
  analysis::CampaignAnalysis m_analysis;
  campaign::Campaign m_analysed_campaign;
  bool m_analysed = false;
  std::optional<double> m_picked;
  QFutureWatcher<Outcome> m_watcher;
  QTimer m_delay;
  std::shared_ptr<std::atomic<bool>> m_stop;
  std::shared_ptr<analysis::ReductionCache> m_reduced;  ///< used by one analysis at a time
};

}  // namespace distanz::app
