#pragma once
#include <functional>
#include <memory>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/error.h"

/// From a campaign and its recordings to what they say.
namespace distanz::log {
struct Recording;
}

namespace distanz::analysis {

struct CampaignAnalysis;
struct RunReduction;
class ReductionCache;

/// Gives the recording of a run, or throws Error with the reason. Called from several threads at once.
using RecordingSource = std::function<std::shared_ptr<const log::Recording>(const campaign::Run&)>;
/// Called now and then with the share done (0..1); returning false stops the work.
using Progress = std::function<bool(double)>;

struct Cancelled : Error {
  Cancelled() : Error(finding("cancelled")) {}
};

/// Recordings are asked for one at a time and dropped once reduced: memory does not grow with the length of
/// the logs. Same input, same output to the last bit, whatever the number of threads.
/// @param threads 0: as many as the machine has @throws Cancelled where progress said stop
CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source,
                         const Progress& progress = {}, unsigned threads = 0);

/// The same, with runs kept from an earlier analysis where nothing changed for them; `cache` is brought up to
/// date.
CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source,
                         ReductionCache& cache, const Progress& progress = {}, unsigned threads = 0);

/// Only the statistics, on runs already reduced (in campaign order).
CampaignAnalysis analyse(const campaign::Campaign& campaign, std::vector<RunReduction> reductions);

}  // namespace distanz::analysis
