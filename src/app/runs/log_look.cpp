#include "app/runs/log_look.h"

#include <QFile>
#include <QFileInfo>

#include "core/finding/error.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr qint64 kMostBytes = 64 << 20;

std::vector<formats::GivenLog> givenOf(const std::vector<PendingLog>& logs, bool laid) {
  std::vector<formats::GivenLog> out;
  for (const PendingLog& log : logs) {
    out.push_back(givenLog(log));
    if (laid && out.size() > 1 && !out.back().offset_s) out.back().offset_s = 0;
  }
  return out;
}

RunStrip::Shown shownOf(const formats::ImportedLog& read, const PendingLog& first, const campaign::Campaign& campaign) {
  RunStrip::Shown out;
  out.title = QObject::tr("%1: what is imported").arg(nameOf(first));
  out.strip = log::stripOf(*read.recording, read.track, campaign::linkIds(campaign));
  out.unplaced = read.track.farthest_m == 0;
  out.turn = first.turn.value_or(read.track.turn);
  out.from_s = first.from_s;
  out.to_s = first.to_s;
  out.first_log = nameOf(first);
  for (const formats::FurtherLog& f : read.further)
    out.further.push_back({QString::fromStdString(f.name), f.clock.clock.offset_s, f.clock.clock.on(f.lasts_s), f.clock.sd_s, f.clock.sd_m});
  for (const Finding& f : read.problems) (f.code == "lined-up-channel" ? out.facts : out.warnings) << words::sentence(f);
  return out;
}

QString laidText(const formats::FurtherLog& log) {
  const auto& clock = log.clock;
  if (!std::isfinite(clock.sd_s)) return {};
  const QString sure = words::quantity(clock.sd_s, quantity::Unit::Second, 2);
  return std::isfinite(clock.sd_m)
             ? QObject::tr("%1: clock matched within %2, %3 of path").arg(QString::fromStdString(log.name), sure, words::quantity(clock.sd_m, quantity::Unit::Metre, 1))
             : QObject::tr("%1: clock matched within %2").arg(QString::fromStdString(log.name), sure);
}

}  // namespace

LogLook lookAt(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign, const formats::Progress& progress) {
  LogLook out;
  qint64 bytes = 0;
  for (const PendingLog& log : logs) bytes += QFileInfo(log.file).size();
  if (bytes > kMostBytes) {
    out.told = QObject::tr("Too large to show before the import.");
    return out;
  }
  for (const bool laid : {false, true}) try {
      const formats::ImportedLog read = formats::importLogs(givenOf(logs, laid), campaign, progress);
      out.shown = shownOf(read, logs.front(), campaign);
      out.flights = read.flights;
      QStringList told;
      for (const formats::FurtherLog& f : read.further) told << laidText(f);
      told.removeAll(QString());
      if (!out.refused) out.told = told.join("\n");
      return out;
    } catch (const formats::ReadCancelled&) {
      return out;
    } catch (const std::exception& e) {
      if (!out.refused) out.told = words::sentence(withoutFile(findingOf(e), logs.front().file.toStdString()));
      out.refused = true;
      if (logs.size() == 1) return out;
    }
  return out;
}

}  // namespace distanz::app
