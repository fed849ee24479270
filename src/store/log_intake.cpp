#include "store/log_intake.h"

namespace distanz::store {

TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections, const formats::Progress& progress) {
  TakenLog out;
  const auto pack = [&out](std::string_view all) { out.packed = packLog(all); };
  out.log = formats::importLog(std::move(bytes), name, campaign, corrections, progress, pack);
  std::string().swap(out.log.bytes);
  out.recording = packRecording(*out.log.recording);
  return out;
}

}  // namespace distanz::store
