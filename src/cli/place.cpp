#include <fmt/format.h>

#include <ostream>

#include "cli/command.h"
#include "cli/flown_as.h"
#include "cli/said.h"
#include "core/analysis/findings/beyond.h"
#include "core/analysis/reduce/place_like.h"
#include "core/campaign/typed_marks.h"
#include "core/finding/error.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

const campaign::Run& runOf(const campaign::Campaign& c, const std::string& id) {
  if (const campaign::Run* run = campaign::findRun(c, id)) return *run;
  std::vector<std::string> ids;
  for (const campaign::Run& r : c.runs) ids.push_back(r.id);
  throw InputError(finding("no-such-run", {{"option", id}, {"runs", fmt::format("{}", fmt::join(ids, ", "))}}));
}

void print(const Finding& f, Io io) {
  const words::Said said = words::say(f);
  io.out << said.title.toStdString() << (said.title.isEmpty() || said.text.isEmpty() ? "" : ". ") << said.text.toStdString() << "\n";
}

/// The marks that the other run gives, or none where it does not tell.
std::vector<campaign::Mark> marksLike(const PlaceOptions& options, const campaign::Campaign& c, const campaign::Run& run, Io io) {
  const campaign::Run& other = runOf(c, options.like);
  const store::SampleFile samples(options.campaign, store::Access::ReadOnly);
  const auto like = analysis::placedLike(c, run, *samples.recording(run, c), other, *samples.recording(other, c));
  print(analysis::likenessTold(like, options.like), io);
  return like && like->tells() ? analysis::marksOf(*like) : std::vector<campaign::Mark>();
}

}  // namespace

campaign::Method methodOf(const std::string& word) {
  std::vector<std::string_view> known;
  for (const description::Word& w : campaign::methodWords()) {
    if (word == w.word) return static_cast<campaign::Method>(known.size());
    known.push_back(w.word);
  }
  throw InputError(finding("no-such-method", {{"option", "--method " + word}, {"words", fmt::format("{}", fmt::join(known, ", "))}}));
}

std::vector<campaign::Mark> marksOf(const std::vector<std::string>& texts, const campaign::Campaign& c, const campaign::Run& run) {
  std::vector<campaign::Mark> out;
  for (const std::string& text : texts) {
    const auto equals = text.find('=');
    if (equals == std::string::npos) throw InputError(finding("mark-without-place", {{"option", "--mark " + text}}));
    const campaign::TypedNumber time = campaign::parseMarkTime(text.substr(0, equals)), place = campaign::parseMarkPlace(text.substr(equals + 1), c, run);
    if (time.problem) throw InputError(*time.problem);
    if (place.problem) throw InputError(*place.problem);
    out.push_back({time.value, place.value});
  }
  return out;
}

void placeCommand(const PlaceOptions& options, Io io) {
  const bool changes = options.take || options.clear || !options.marks.empty() || !options.method.empty();
  store::CampaignFile file = store::CampaignFile::open(options.campaign, changes ? store::Access::ReadWrite : store::Access::ReadOnly);
  if (changes && file.readOnlyReason()) throw InputError(inFile(options.campaign, *file.readOnlyReason()));
  const store::SharedCampaign before = file.shared();
  campaign::Campaign next = *before;
  runOf(next, options.run);
  campaign::Run& run = *campaign::findRun(next, options.run);
  if (options.clear) run.marks.clear(), run.marks_like.clear();
  if (!options.marks.empty()) run.marks = marksOf(options.marks, next, run), run.marks_like.clear();
  if (!options.like.empty()) {
    std::vector<campaign::Mark> like = marksLike(options, *before, *campaign::findRun(*before, options.run), io);
    if (options.take && !like.empty()) run.marks = std::move(like), run.marks_like = options.like;
  }
  if (!options.method.empty()) run.method = methodOf(options.method);
  if (next != *before) file.edit(finding("mark-run", {}, {"run", options.run}), before, std::make_shared<const campaign::Campaign>(next));
  for (const campaign::Mark& m : run.marks)
    io.out << Cli::tr("%1  %2 along the path").arg(QString::fromStdString(campaign::markTimeText(m.time_s)), words::distance(m.along_m)).toStdString() << "\n";
}

}  // namespace distanz::cli
