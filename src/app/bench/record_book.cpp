#include "app/bench/record_book.h"

#include <QtConcurrent>
#include <algorithm>
#include <cmath>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/describe.h"
#include "core/campaign/kit.h"
#include "core/description/key.h"
#include "core/finding/error.h"
#include "formats/bench/record_files.h"

namespace distanz::app {
namespace {

/// What flights say of the exponent: of the first link that has one with an interval.
std::optional<bench::Spread> exponentOf(const analysis::CampaignAnalysis& analysis) {
  for (const analysis::SetupOnLink& s : analysis.setups)
    if (s.exponent) return bench::Spread{s.exponent->estimate, s.exponent->low, s.exponent->high};
  return std::nullopt;
}

/// The smallest range that the record's setup, or setups with its part, are told to reach.
std::optional<double> rangeOf(const campaign::Campaign& c, const analysis::CampaignAnalysis& analysis,
                              const campaign::Record& record) {
  std::optional<double> out;
  const auto setups = !record.setup.empty() ? std::vector{record.setup}
                      : record.part.empty() ? std::vector<std::string>()
                                            : campaign::setupsWith(c, record.part);
  for (const std::string& setup : setups) {
    const auto* answer = analysis.answer(setup);
    if (answer && answer->typical.told_m() > 0)
      out = std::min(out.value_or(INFINITY), answer->typical.told_m());
  }
  return out;
}

/// What records are judged with besides their own.
struct With {
  std::optional<bench::Spread> exponent;
  std::map<std::string, std::optional<double>> range_m;  ///< by record
  std::string key;
};

With withOf(const campaign::Campaign& c, const analysis::CampaignAnalysis& analysis) {
  With out;
  out.exponent = exponentOf(analysis);
  for (const campaign::Link& l : c.links) description::addKey(out.key, l);
  for (const campaign::Part& p : c.parts) description::addKey(out.key, p, description::Affects::Words);
  for (const campaign::Record& r : c.records) {
    const auto range = out.range_m[r.id] = rangeOf(c, analysis, r);
    out.key += std::to_string(range.value_or(0)) + "/";
  }
  out.key += std::to_string(c.plan_exponent) + std::to_string(out.exponent ? out.exponent->estimate : 0);
  return out;
}

std::shared_ptr<const JudgedRecord> judgeOne(const campaign::Campaign& c, const campaign::Record& record,
                                             const store::SampleFile& samples, const With& with) {
  auto out = std::make_shared<JudgedRecord>();
  out->record = record;
  std::vector<records::FileData> files;
  for (const campaign::KeptFile& file : record.files) try {
      if (record.kind == campaign::RecordKind::Inspection) continue;
      auto read = formats::readRecordFile(record.kind, file, samples.keptBytes(record.id, file));
      files.push_back(std::move(read.data));
      for (Finding& f : read.problems) out->problems.push_back(inFile(file.file, std::move(f)));
    } catch (const Error& e) {
      out->problems.push_back(e.found);
    }
  out->result = records::judge({c, record, files, with.exponent, with.range_m.at(record.id)});
  return out;
}

}  // namespace

RecordBook::RecordBook(Document& document, QObject* parent) : QObject(parent), m_document(document) {
  connect(&document, &Document::changed, this, &RecordBook::look);
  connect(&document, &Document::analysisChanged, this, &RecordBook::look);
  connect(&document, &Document::waitingChanged, this, &RecordBook::look);
  connect(&m_work, &QFutureWatcher<Judged>::finished, this, [this] {
    m_judged = m_work.result();
    emit changed();
    if (std::exchange(m_again, false)) look();
  });
  look();
}

const JudgedRecord* RecordBook::find(const std::string& id) const {
  const auto found = m_judged.find(id);
  return found == m_judged.end() ? nullptr : found->second.get();
}

void RecordBook::look() {
  if (m_document.waiting()) return;  // what was added is not in the file yet, from which it is read
  if (m_work.isRunning()) {
    m_again = true;
    return;
  }
  const With with = withOf(m_document.campaign(), m_document.analysis());
  const Judged known = with.key == std::exchange(m_with, with.key) ? m_judged : Judged();
  const auto& records = m_document.campaign().records;
  const bool same = known.size() == records.size() &&
                    std::all_of(records.begin(), records.end(), [&](const campaign::Record& r) {
                      const auto at = known.find(r.id);
                      return at != known.end() && at->second->record == r;
                    });
  if (same && !records.empty()) return;
  if (records.empty() && m_judged.empty()) return;
  m_work.setFuture(QtConcurrent::run([c = m_document.campaign(), samples = m_document.samples(), known,
                                      with, closing = m_document.closing()] {
    Judged out;
    for (const campaign::Record& r : c.records) {
      if (*closing) break;
      const auto at = known.find(r.id);
      out[r.id] = at != known.end() && at->second->record == r ? at->second : judgeOne(c, r, *samples, with);
    }
    return out;
  }));
}

}  // namespace distanz::app
