#pragma once
#include <QElapsedTimer>
#include <QProgressBar>
#include <QStackedWidget>
#include <QTimer>
#include <QWidget>
#include <vector>

#include "app/shared/document.h"
#include "app/shared/findings_column.h"
#include "app/shared/range_rule.h"
#include "app/shared/stage.h"
#include "app/window/answer_band.h"
#include "app/window/kept_view.h"
#include "app/window/stage_rail.h"

class QHBoxLayout;

namespace distanz::app {

/// One open campaign: the rail of stages, the stage's own view, what matters here, and the range rule. Stages
/// are made one after the other once the window runs, or when they are asked for.
class Workspace : public QWidget {
  Q_OBJECT
 public:
  explicit Workspace(Document& document, QWidget* parent = nullptr);
  using QWidget::show;

  Document& document() { return m_document; }
  int stages() const { return int(m_stages.size()); }
  /// The campaign is about to be closed: every stage keeps what is under way.
  void finish();
  void showStage(int stage);
  /// -1 before the first is made.
  int currentStage() const;
  void showStageNamed(const QString& id);
  /// The stage and link that are looked at; and back to them, where there still are such.
  KeptView view() const;
  void show(const KeptView& view);
  /// How long an analysis runs before its progress is shown.
  void setPatience(int ms) { m_patience_ms = ms; }
  /// Null before the first stage is made.
  Stage* current() const;

 /// Logs of an import that was closed and can be taken up again; 0: none.
  void setKeptImport(int logs);

 signals:
  void importTakenUp();
  void importRequested(const QStringList& files);
  void saveRequested(const QString& name, const QByteArray& bytes);
  void filesRequested(const QString& title, const QString& filter);  ///< by the stage shown
  void stageChanged();

 protected:
  void resizeEvent(QResizeEvent* event) override;
  bool focusNextPrevChild(bool next) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void buildNext();
  void build(int stage);
  void refreshFindings();
  /// The headline of the stage, else where the column is folded its first finding.
  void showAnswer();
  void layOut();
  /// @param share done, 1 at the end
  void showProgress(double share);
  /// Takes the column of findings away where it would squeeze the stage: its first finding stays as a line with a
  /// button that brings the column back.
  void fold();
  void placeDrawer();
  void layAxis();
  void showRule();

  Document& m_document;
  std::vector<Stage*> m_stages;  ///< null until made
  Stage* m_shown = nullptr;
  std::string m_link;  ///< to be chosen by the stages that show one link
  QTimer m_building;
  StageRail* m_rail;
  QStackedWidget* m_views;
  QHBoxLayout* m_top = nullptr;
  bool m_narrow = false;
  int m_kept_import = 0;
  FindingsColumn* m_findings;
  RangeRule* m_rule;
  QProgressBar* m_progress;
  QElapsedTimer m_running;
  int m_patience_ms = 200;  ///< a short one is not worth a flicker
  AnswerBand* m_answer;     ///< above the stage
  Stage::Headline m_headline;        ///< as the stage last said it
  std::optional<Finding> m_first;    ///< of what matters there
};

}  // namespace distanz::app
