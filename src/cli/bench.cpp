#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/campaign/limits.h"
#include "core/finding/error.h"
#include "core/finding/settle.h"
#include "core/quantity/parse.h"
#include "core/records/record_result.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/record_files.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::cli {

namespace {

using campaign::RecordKind;
using quantity::Unit;

[[noreturn]] void refuseOption(const std::string& option, Finding why) {
  throw InputError(finding("option-refused", {{"option", option}, {"why", std::move(why)}}));
}

/// The settings' field that an option names: "attenuation_db", or "attenuation".
const campaign::RecordField* fieldNamed(const std::vector<campaign::RecordField>& fields,
                                        const std::string& name) {
  for (const campaign::RecordField& f : fields)
    if (name == f.key || (std::string_view(f.key).starts_with(name + "_") &&
                          std::string_view(f.key).find('_', name.size() + 1) == std::string_view::npos))
      return &f;
  return nullptr;
}

std::string namesOf(RecordKind kind) {
  std::string out;
  for (const auto& f : campaign::recordFields(kind, false))
    out += (out.empty() ? "" : ", ") + std::string(f.key);
  for (const auto& a : campaign::recordAnswers(kind)) out += (out.empty() ? "" : ", ") + std::string(a.key);
  return out;
}

/// "attenuation=20dB", "hand_a=right".
void set(campaign::Record& record, const std::string& text) {
  const auto equals = text.find('=');
  const std::string name = text.substr(0, equals),
                    value = equals == std::string::npos ? "" : text.substr(equals + 1);
  for (const campaign::RecordAnswer& asked : campaign::recordAnswers(record.kind)) {
    if (name != asked.key) continue;
    if (std::find(asked.words.begin(), asked.words.end(), value) == asked.words.end())
      refuseOption("--set " + text,
                   finding("set-word", {{"words", fmt::format("{}", fmt::join(asked.words, ", "))}}));
    record.answers[name] = value;
    return;
  }
  const auto fields = campaign::recordFields(record.kind, false);
  const campaign::RecordField* field = fieldNamed(fields, name);
  if (!field || equals == std::string::npos)
    refuseOption("--set " + text, finding("set-name", {{"names", namesOf(record.kind)}}));
  const campaign::TypedAs typed = campaign::typedAs(*field);
  const auto parsed =
      quantity::parseWithin(typed.kind, value, quantity::convert(field->low, field->unit, typed.unit),
                            quantity::convert(field->high, field->unit, typed.unit), typed.bare);
  if (!parsed) refuseOption("--set " + text, *parsed.problem);
  record.settings[field->key] = quantity::convert(parsed.value, typed.unit, field->unit);
}

json number(double v) {
  return std::isfinite(v) ? json(v) : json(nullptr);
}

json measureJson(const Measure& m) {
  json out = {{"value", number(m.value)}, {"unit", quantity::symbolOf(m.unit)}};
  if (m.low) out["low"] = number(*m.low);
  if (m.high) out["high"] = number(*m.high);
  return out;
}

json matchJson(const bench::Match& m) {
  return {{"frequency_mhz", m.frequency_mhz},
          {"vswr", number(m.vswr)},
          {"return_loss_db", number(m.return_loss_db)},
          {"mismatch_loss_db", number(m.mismatch_loss_db)}};
}

/// The fixed shape of `bench sweep --json`, told of the first file.
json sweepJson(const bench::Sweep& sweep, const std::vector<double>& at, double limit) {
  json out = {{"points", sweep.s11.size()},
              {"reference_ohm", sweep.reference_ohm},
              {"minimum", matchJson(bench::bestMatch(sweep))},
              {"at", json::array()},
              {"bands", json::array()}};
  for (double f : at)
    if (const auto m = bench::matchAt(sweep, f)) out["at"].push_back(matchJson(*m));
  for (const bench::MatchBand& b : bench::bandsBelow(sweep, limit))
    out["bands"].push_back({{"low_mhz", b.low_mhz}, {"high_mhz", b.high_mhz}});
  return out;
}

json resultJson(const records::RecordResult& result, const std::vector<Finding>& problems) {
  json out;
  out["figures"] = json::array();
  for (const records::Figure& f : result.figures) {
    json figure = {{"figure", f.what}};
    if (!f.of.empty()) figure["of"] = f.of;
    if (f.at) figure["at"] = measureJson(*f.at);
    figure.update(measureJson(f.value));
    out["figures"].push_back(std::move(figure));
  }
  out["findings"] = json::array();
  for (const Finding& f : consistent(result.findings))
    out["findings"].push_back({{"code", f.code}, {"text", words::sentence(f).toStdString()}});
  out["problems"] = json::array();
  for (const Finding& f : problems)
    out["problems"].push_back(
        {{"code", f.code}, {"line", f.line}, {"text", words::sentence(f).toStdString()}});
  return out;
}

std::string measureText(const Measure& m) {
  if (!std::isfinite(m.value)) return m.value > 0 ? "\u221e" : "-";
  std::string out = words::quantity(m.value, m.unit, m.unit == Unit::None ? 2 : 1).toStdString();
  if (m.low && m.high)
    out += " (" + words::quantity(*m.low, m.unit, 1).toStdString() + " - " +
           words::quantity(*m.high, m.unit, 1).toStdString() + ")";
  return out;
}

/// What was asked for, read.
struct Asked {
  campaign::Campaign campaign;
  campaign::Record record;
  std::vector<records::FileData> files;
  std::vector<Finding> problems;
};

/// "held=a.s1p" is a file in a role, where the kind has such a one.
std::pair<std::string, std::filesystem::path> roleAndFile(RecordKind kind, const std::string& text) {
  const auto equals = text.find('=');
  const auto roles = campaign::fileRoles(kind);
  if (equals != std::string::npos &&
      std::find(roles.begin(), roles.end(), text.substr(0, equals)) != roles.end())
    return {text.substr(0, equals), text.substr(equals + 1)};
  return {std::string(), text};
}

void readFiles(const BenchOptions& options, Asked& asked) {
  const bool table = asked.record.kind != RecordKind::Sweep && asked.record.kind != RecordKind::Spectrum;
  for (const std::string& text : options.files) {
    const auto [role, path] = roleAndFile(asked.record.kind, text);
    const std::string bytes = formats::readForRecord(path);
    try {
      if (table) {
        auto read = formats::readReadings(bytes, asked.record.kind);
        for (auto& r : read.readings) asked.record.readings.push_back(std::move(r));
        asked.problems.insert(asked.problems.end(), read.problems.begin(), read.problems.end());
        continue;
      }
      auto read = formats::readRecordFile(asked.record.kind, {path.filename().string(), {}, role, {}}, bytes);
      asked.files.push_back(std::move(read.data));
      asked.problems.insert(asked.problems.end(), read.problems.begin(), read.problems.end());
    } catch (const InputError& e) {
      throw InputError(inFile(path, e.found));
    }
  }
}

}  // namespace

void benchCommand(const BenchOptions& options, Io io) {
  Asked asked;
  const auto kind = campaign::recordKindFromWord(options.kind);
  if (!kind) {
    std::string all;
    for (const auto& known : campaign::recordKindWords())
      all += (all.empty() ? "" : ", ") + std::string(known.word);
    throw InputError(finding("bench-kind", {{"kind", options.kind}, {"kinds", all}}));
  }
  asked.record.kind = *kind;
  for (const std::string& text : options.set) set(asked.record, text);
  if (options.vswr) set(asked.record, "vswr_limit=" + *options.vswr);
  std::vector<double> at;
  for (const std::string& text : options.at) {
    const auto parsed =
        quantity::parseWithin(quantity::Kind::Frequency, text, campaign::limits::kFrequencyLow_mhz,
                              campaign::limits::kFrequencyHigh_mhz);
    if (!parsed) refuseOption("--at " + text, *parsed.problem);
    at.push_back(parsed.value);
    asked.campaign.links.push_back({});
    asked.campaign.links.back().id = text;  // an unnamed one would be the record's own
    asked.campaign.links.back().frequency_mhz = parsed.value;
  }
  readFiles(options, asked);
  const records::RecordResult result = records::judge({asked.campaign, asked.record, asked.files, {}});
  if (options.json) {
    json out;
    if (!asked.files.empty() && asked.files.front().sweep) {
      const bench::Sweep& swept = *asked.files.front().sweep;
      const auto ohm = asked.record.setting("reference_ohm");
      out = sweepJson(ohm ? bench::toldFor(swept, *ohm) : swept, at,
                      asked.record.setting("vswr_limit").value_or(bench::kUsualVswr));
    }
    out.update(resultJson(result, asked.problems));
    io.out << printed(out) << "\n";
    return;
  }
  for (const records::Figure& f : result.figures) {
    std::string name = words::term("figure-" + f.what).toStdString();
    if (!f.of.empty()) name += " " + f.of;
    if (f.at) name += " @ " + measureText(*f.at);
    io.out << fmt::format("{:<40} {}\n", name, measureText(f.value));
  }
  for (const Finding& f : settled(result.findings)) io.out << words::sentence(f).toStdString() << "\n";
  for (const Finding& f : asked.problems) io.out << faultText(f) << "\n";
}

}  // namespace distanz::cli
