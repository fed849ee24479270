#pragma once
#include "core/records/record_result.h"

/// One for each kind of record, inside of core/records.
namespace distanz::records {

RecordResult judgeSweep(const Judged& what);
RecordResult judgeInspection(const Judged& what);
RecordResult judgeClaims(const Judged& what);
RecordResult judgePower(const Judged& what);
RecordResult judgeSignal(const Judged& what);
RecordResult judgeTurntable(const Judged& what);
RecordResult judgeAttenuator(const Judged& what);
RecordResult judgeStations(const Judged& what);
RecordResult judgeTrim(const Judged& what);
RecordResult judgePolarisation(const Judged& what);
RecordResult judgeSpectrum(const Judged& what);
RecordResult judgeInterference(const Judged& what);
RecordResult judgeNoise(const Judged& what);
RecordResult judgeGround(const Judged& what);
RecordResult judgeWalk(const Judged& what);
RecordResult judgeSwap(const Judged& what);

}  // namespace distanz::records
