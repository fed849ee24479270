#include "store/log_intake.h"

namespace distanz::store {

TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections, const formats::Progress& progress) {
  TakenLog out;
  const auto pack = [&out](std::string_view all) { out.packed = packLog(all, "later"); };
  out.log = formats::importLog(std::move(bytes), name, campaign, corrections, progress, pack);
  std::string().swap(out.log.bytes);
  out.packed.sha256 = out.log.sha256;
  out.recording = packRecording(*out.log.recording);
  return out;
}

PackedRun packedRun(campaign::Run run, TakenLog taken) {
  PackedRun out;
  run.editSource().sha256 = taken.log.sha256;
  out.run = std::move(run);
  out.logs.push_back(std::move(taken.packed));
  out.recording = std::move(taken.recording);
  return out;
}

}  // namespace distanz::store
