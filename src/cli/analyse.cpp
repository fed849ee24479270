#include "core/analysis/analyse.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/analyse_source.h"
#include "cli/analysis_json.h"
#include "cli/command.h"
#include "cli/said.h"
#include "core/analysis/findings/answer.h"
#include "core/analysis/findings/findings.h"
#include "core/finding/settle.h"
#include "core/parallel/on_all_cores.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

Analysed analyseFolder(const std::filesystem::path& path, unsigned threads) {
  formats::InterchangeFolder folder = formats::openInterchange(path);
  formats::addSha256(folder);
  const auto source = [&](const campaign::Run& run) {
    return std::make_shared<const log::Recording>(
        formats::readSources(run, folder.campaign, [&](const campaign::Run& of, const campaign::Source& log) {
          return formats::KeptLog{formats::readRunLog(folder, of, log)};
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

std::string line(const Finding& f) {
  const words::Said said = words::sayAlone(f);
  return (said.title.isEmpty()  ? said.text
          : said.text.isEmpty() ? said.title
                                : said.title + " – " + said.text)
      .toStdString();
}

/// The answer, a line a setup and link, then what was found, what to do, and cautions.
void printText(const Analysed& a, std::ostream& out) {
  out << a.campaign.title << "\n\n" << Cli::tr("Answer").toStdString() << "\n";
  const analysis::Answer answer = analysis::answerOf(a.campaign, a.analysis);
  for (const Finding& f : answer.verdicts) out << "  " << line(f) << "\n";
  for (const Finding& f : answer.limits) out << "  " << line(f) << "\n";
  if (!a.analysis.setups.empty()) out << "\n" << Cli::tr("Setups").toStdString() << "\n";
  for (const auto& s : a.analysis.setups)
    out << fmt::format(
        "  {:<4}{:<10} {}\n", s.setup, s.link,
        Cli::tr("median range %1; reliable range %2; %3")
            .arg(words::sentence(analysis::toldRange(s.typical)),
                 words::sentence(analysis::toldRange(s.dependable)), words::counted("runs", s.runs_used))
            .toStdString());
  out << "\n";
  std::vector<Finding> told = analysis::findings(a.campaign, a.analysis);
  for (Finding& f : beyondFindings(a.campaign, a.analysis)) told.push_back(std::move(f));
  printGroups(settled(told), out);
}

}  // namespace

Analysed analyseAny(const std::filesystem::path& campaign, unsigned threads) {
  return std::filesystem::is_directory(campaign) ? analyseFolder(campaign, threads)
                                                 : analyseFile(campaign, threads);
}

void analyseCommand(const AnalyseOptions& options, Io io) {
  const parallel::ThreadLimit limit(options.threads);
  Analysed a = analyseAny(options.campaign, options.threads);
  for (const Finding& p : a.problems) a.analysis.warnings.push_back(p);
  if (options.json)
    io.out << printed(analysisJson(a.campaign, a.analysis, options.details)) << "\n";
  else
    printText(a, io.out);
}

}  // namespace distanz::cli
