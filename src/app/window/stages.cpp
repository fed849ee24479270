#include "app/window/stages.h"

#include <QCoreApplication>

#include "app/bench/bench_stage.h"
#include "app/compare/compare_stage.h"
#include "app/kit/kit_stage.h"
#include "app/plan/plan_stage.h"
#include "app/runs/runs_stage.h"

namespace distanz::app {
namespace {

template <class T>
Stage* make(Document& document) {
  return new T(document);
}

constexpr const char* kContext = "distanz::app::StageInfo";

constexpr StageInfo kStages[] = {
    {"kit", QT_TRANSLATE_NOOP("distanz::app::StageInfo", "Kit"), make<KitStage>},
    {"bench", QT_TRANSLATE_NOOP("distanz::app::StageInfo", "Bench"), make<BenchStage>},
    {"plan", QT_TRANSLATE_NOOP("distanz::app::StageInfo", "Plan"), make<PlanStage>},
    {"runs", QT_TRANSLATE_NOOP("distanz::app::StageInfo", "Runs"), make<RunsStage>},
    {"compare", QT_TRANSLATE_NOOP("distanz::app::StageInfo", "Compare"), make<CompareStage>},
};

}  // namespace

std::span<const StageInfo> stageTable() {
  return kStages;
}

QString titleOf(const StageInfo& stage) {
  return QCoreApplication::translate(kContext, stage.title);
}

}  // namespace distanz::app
