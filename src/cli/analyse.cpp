#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/analyse_source.h"
#include "cli/analysis_json.h"
#include "cli/command.h"
#include "core/analysis/sentences.h"
#include "core/parallel/on_all_cores.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"

namespace distanz::cli {
namespace {

Analysed analyseFolder(const std::filesystem::path& path, unsigned threads) {
  formats::InterchangeFolder folder = formats::openInterchange(path);
  formats::addSha256(folder);
  const auto source = [&](const campaign::Run& run) {
    return std::make_shared<const log::Recording>(
        formats::readSources(run, folder.campaign, [&](const campaign::Run& of, const campaign::Source& log) {
          return formats::readRunLog(folder, of, log);
        }));
  };
  auto result = analysis::analyse(folder.campaign, source, {}, threads);
  return {std::move(folder.campaign), std::move(result), std::move(folder.problems)};
}

Analysed analyseFile(const std::filesystem::path& path, unsigned threads) {
  campaign::Campaign campaign = store::CampaignFile::open(path, store::Access::ReadOnly).campaign();
  const store::SampleFile samples(path, store::Access::ReadOnly);
  auto result = analysis::analyse(
      campaign, [&](const campaign::Run& run) { return samples.recording(run, campaign); }, {}, threads);
  return {std::move(campaign), std::move(result), {}};
}

void printText(const Analysed& a, std::ostream& out) {
  out << a.campaign.title << "\n\n";
  for (const auto& s : a.analysis.setups)
    out << fmt::format("{:<4}{:<10} typical {}; dependable {}; {} {}\n", s.setup, s.link,
                       analysis::rangeText(s.typical), analysis::rangeText(s.dependable), s.runs_used,
                       s.runs_used == 1 ? "run" : "runs");
  out << "\n";
  for (const analysis::Sentence& s : analysis::findings(a.campaign, a.analysis))
    if (s.tone == analysis::Tone::Caution)
      out << "! " << s.text << "\n";
    else
      out << s.title << ". " << s.text << "\n";
}

}  // namespace

Analysed analyseAny(const std::filesystem::path& campaign, unsigned threads) {
  return std::filesystem::is_directory(campaign) ? analyseFolder(campaign, threads)
                                                 : analyseFile(campaign, threads);
}

void analyseCommand(const AnalyseOptions& options, Io io) {
  const parallel::ThreadLimit limit(options.threads);
  Analysed a = analyseAny(options.campaign, options.threads);
  for (const Problem& p : a.problems) a.analysis.warnings.push_back({p.code, {}, p.text});
  if (options.json)
    io.out << printed(analysisJson(a.campaign, a.analysis, options.details)) << "\n";
  else
    printText(a, io.out);
}

}  // namespace distanz::cli
