#include "app/runs/import_list.h"

#include <QFileInfo>
#include <QtConcurrent>
#include <algorithm>
#include <set>

#include "app/shared/path_of.h"
#include "core/campaign/lay_path.h"
#include "core/campaign/new_campaign.h"
#include "core/finding/error.h"
#include "formats/antennas.h"
#include "formats/column_match.h"
#include "formats/name_words.h"
#include "geodata/plan_files.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr qint64 kMostSurveyed = 256 << 20;  // larger logs are read once only, when they are taken

/// Station and path as the first log with positions has them.
std::optional<ImportList::Offer> offerOf(const std::vector<PendingLog>& logs, const campaign::Campaign& c) {
  if (c.station.position()) return std::nullopt;
  for (const PendingLog& log : logs) try {
      const formats::GivenLog given = givenLog(log);
      if (given.open) continue;
      ImportList::Offer out;
      out.log = QFileInfo(log.file).fileName();
      out.campaign = geodata::takeRecording(c, formats::readRecording(given.bytes, given.name, c, log.corrections, formats::Needs::Anything)).campaign;
      if (const auto w = campaign::wayOut(out.campaign)) out.length_m = w->distance_m;
      return out;
    } catch (const Error&) {  // has no positions
    }
  return std::nullopt;
}

}  // namespace

ImportList::ImportList(Document& document, QObject* parent) : QObject(parent), m_document(document) {
  connect(&m_watcher, &QFutureWatcher<Surveyed>::finished, this, &ImportList::finish);
}

ImportList::~ImportList() {
  *m_stop = true;
}

void ImportList::add(const QStringList& files) {
  for (const QString& file : files)
    if (std::none_of(m_logs.begin(), m_logs.end(), [&](const ListedLog& l) { return l.pending.file == file; })) look(file);
  survey();
  emit changed();
}

void ImportList::refresh() {
  const campaign::Campaign& c = m_document.campaign();
  for (ListedLog& l : m_logs)
    if (!campaign::findSetup(c, l.pending.setup)) {
      l.pending.setup = formats::setupByName(QFileInfo(l.pending.file).fileName().toStdString(), c);
      if (l.pending.setup.empty() && !c.setups.empty()) l.pending.setup = c.setups.front().id;
    }
  emit changed();
}

void ImportList::look(const QString& file) {
  ListedLog l;
  const campaign::Campaign& c = m_document.campaign();
  l.pending.file = file;
  l.pending.setup = formats::setupByName(QFileInfo(file).fileName().toStdString(), c);
  if (l.pending.setup.empty() && !c.setups.empty()) l.pending.setup = c.setups.front().id;
  if (const auto path = campaign::courseOf(c); path && path->closed()) l.pending.method = campaign::Method::Course;
  try {
    l.head = formats::headOf(pathOf(file));
    const formats::Remembered before = formats::rememberedCorrections(c, l.head);
    l.pending.corrections = before.columns;
    l.matched_as = before.run;
  } catch (const Error& e) {
    l.fault = words::sentence(withoutFile(e.found, file.toStdString()));
    l.pending.wanted = false;
  }
  m_logs.push_back(std::move(l));
}

const campaign::Campaign& ImportList::campaign() const {
  return m_offer && m_offer_wanted && !m_document.campaign().station.position() ? m_offer->campaign : m_document.campaign();
}

/// Every log that is not known yet is read, one after the other.
void ImportList::survey() {
  if (m_watcher.isRunning()) {
    m_again = true;
    return;
  }
  std::vector<Told> unknown;
  std::vector<PendingLog> logs;
  for (const ListedLog& l : m_logs)
    if (l.fault.isEmpty() && !l.told && QFileInfo(l.pending.file).size() <= kMostSurveyed) {
      unknown.push_back({l.pending, l.asked, {}});
      logs.push_back(l.pending);
    }
  if (unknown.empty()) return;
  m_watcher.setFuture(QtConcurrent::run([unknown, logs, c = campaign(), wanted = m_offer_wanted, has = m_offer.has_value(), stop = m_stop, closing = m_document.closing()] {
    const auto going = [&](double) { return !*stop && !*closing; };
    Surveyed out;
    if (!has) out.offer = offerOf(logs, c);
    for (Told told : unknown) try {
        told.survey = formats::survey(givenLog(told.of), out.offer && wanted ? out.offer->campaign : c, going);
        out.told.push_back(std::move(told));
      } catch (const formats::ReadCancelled&) {
        break;
      } catch (const std::exception&) {  // said when it is taken
      }
    return out;
  }));
}

void ImportList::forget(ListedLog& l) {
  l.told.reset();
  ++l.asked;
}

void ImportList::finish() {
  Surveyed out = m_watcher.result();
  if (out.offer && !m_offer) m_offer = std::move(out.offer);
  for (Told& told : out.told)
    for (ListedLog& l : m_logs) {
      if (l.pending.file != told.of.file || l.pending.antenna != told.of.antenna || l.asked != told.asked || l.told) continue;
      if (!l.ended_set) {
        l.pending.ended = told.survey.ended;
        l.ended_guessed = told.survey.ended != campaign::Ended::Unknown;
      }
      l.told = std::move(told.survey);
      break;
    }
  pairUp();
  if (std::exchange(m_again, false)) survey();
  emit changed();
}

/// What the pilot has settled by hand stays.
void ImportList::pairUp() {
  std::vector<formats::ToPair> free;
  std::vector<int> rows;
  for (int i = 0; i < size(); ++i) {
    const ListedLog& l = m_logs[std::size_t(i)];
    if (!l.fault.isEmpty() || !l.told || l.pending.with >= 0 || l.pending.antenna > 0 || l.paired) continue;
    free.push_back({QFileInfo(l.pending.file).fileName().toStdString(), *l.told});
    rows.push_back(i);
  }
  const std::vector<int> with = formats::pairsOf(free);
  for (std::size_t k = 0; k < rows.size(); ++k) {
    ListedLog& l = at(rows[k]);
    l.paired = true;
    if (with[k] >= 0) l.pending.with = rows[std::size_t(with[k])];
  }
}

int ImportList::toImport() const {
  return int(std::count_if(m_logs.begin(), m_logs.end(), [](const ListedLog& l) { return l.fault.isEmpty() && l.pending.wanted && l.pending.with < 0; }));
}

int ImportList::leaderOf(int row) const {
  if (row < 0 || row >= size()) return -1;
  const int with = m_logs[std::size_t(row)].pending.with;
  return with >= 0 ? with : row;
}

std::vector<PendingLog> ImportList::groupOf(int row) const {
  const int first = leaderOf(row);
  if (first < 0 || !m_logs[std::size_t(first)].fault.isEmpty()) return {};
  std::vector<PendingLog> out{m_logs[std::size_t(first)].pending};
  for (const ListedLog& l : m_logs)
    if (l.pending.with == first && l.pending.wanted) out.push_back(l.pending);
  return out;
}

std::vector<formats::ColumnMatch> ImportList::matchesOf(int row) const {
  const ListedLog& l = m_logs[std::size_t(row)];
  return formats::matchColumns(l.head, m_document.campaign().links, l.pending.corrections);
}

/// By its name, or by its number where several have that name.
std::string ImportList::nameOfColumn(int row, int column) const {
  const auto& header = m_logs[std::size_t(row)].head.header;
  const std::string& name = header[std::size_t(column)];
  const bool unique = !name.empty() && std::count(header.begin(), header.end(), name) == 1;
  return unique ? name : std::to_string(column + 1);
}

void ImportList::setMeaning(int row, int column, const std::string& channel) {
  ListedLog& l = at(row);
  auto& corrections = l.pending.corrections;
  const auto matches = matchesOf(row);
  for (const formats::ColumnMatch& m : matches) {
    if (m.column != column || m.channel == channel) continue;
    const formats::ColumnMatch* other = nullptr;  // of several antennas the others go on
    int others = 0;
    for (const formats::ColumnMatch& o : matches)
      if (o.channel == m.channel && o.column != column) other = &o, ++others;
    corrections[m.channel] = others == 1 ? nameOfColumn(row, other->column) : std::string();
  }
  if (!channel.empty()) {
    corrections[channel] = nameOfColumn(row, column);
    if (channel == "lat_lon") corrections.erase("lat_deg"), corrections.erase("lon_deg");
  }
  touch();
  forget(l);
  survey();
  emit corrected(row);
}

void ImportList::setUnit(int row, const formats::ColumnMatch& match, const std::string& unit) {
  ListedLog& l = at(row);
  l.pending.corrections[match.channel] = nameOfColumn(row, match.column) + " [" + unit + "]";
  touch();
  forget(l);
  survey();
  emit corrected(row);
}

std::vector<int> ImportList::alike(int row) const {
  std::vector<int> out;
  const ListedLog& l = m_logs[std::size_t(row)];
  if (l.pending.corrections.empty()) return out;
  for (int i = 0; i < size(); ++i) {
    const ListedLog& other = m_logs[std::size_t(i)];
    if (i != row && other.fault.isEmpty() && other.head.header == l.head.header && other.pending.antenna == l.pending.antenna &&
        other.pending.corrections != l.pending.corrections)
      out.push_back(i);
  }
  return out;
}

void ImportList::correctAlike(int row) {
  for (const int i : alike(row)) {
    at(i).pending.corrections = m_logs[std::size_t(row)].pending.corrections;
    forget(at(i));
  }
  touch();
  survey();
  emit corrected(row);
}

void ImportList::setWith(int row, int with) {
  PendingLog& log = at(row).pending;
  at(row).paired = true;
  log.with = with;
  log.offset_s.reset();
  for (ListedLog& other : m_logs)
    if (with >= 0 && other.pending.with == row) other.pending.with = with;
  if (with >= 0) at(with).pending.with = -1;
  touch();
  emit changed();
}

std::vector<int> ImportList::antennasAt(int row) const {
  const ListedLog& l = m_logs[std::size_t(row)];
  return formats::antennasOf(
      formats::matchColumns(l.head, m_document.campaign().links, l.pending.antenna > 0 ? l.together : l.pending.corrections));
}

void ImportList::tellAntennasApart(int row) {
  const std::vector<int> antennas = antennasAt(row);
  if (at(row).pending.antenna > 0 || antennas.size() < 2) return;
  for (ListedLog& other : m_logs)  // what went with it as a whole does not go with one antenna
    if (other.pending.with == row) other.pending.with = -1;
  const auto& c = m_document.campaign();
  ListedLog whole = at(row);
  whole.together = whole.pending.corrections;
  const auto matches = formats::matchColumns(whole.head, c.links, whole.pending.corrections);
  const std::string flight = campaign::freeFlight(c, QFileInfo(whole.pending.file).completeBaseName().toStdString());
  const auto first = std::max(campaign::setupIndex(c, whole.pending.setup), 0);
  for (std::size_t i = 0; i < antennas.size(); ++i) {
    if (i > 0) m_logs.push_back(whole);
    PendingLog& log = (i > 0 ? m_logs.back() : at(row)).pending;
    if (i == 0) at(row) = whole;
    log.with = -1;
    log.antenna = antennas[i];
    log.flight = flight;
    log.corrections = formats::onlyAntenna(matches, antennas[i], whole.pending.corrections);
    log.setup = c.setups[(std::size_t(first) + i) % c.setups.size()].id;
  }
  touch();
  emit changed();
}

void ImportList::putTogether(int row) {
  const QString file = at(row).pending.file;
  const auto first = std::find_if(m_logs.begin(), m_logs.end(), [&](const ListedLog& l) { return l.pending.file == file && l.pending.antenna > 0; });
  const int kept = int(first - m_logs.begin());
  for (int i = size() - 1; i > kept; --i) {
    if (at(i).pending.file != file || at(i).pending.antenna == 0) continue;
    m_logs.erase(m_logs.begin() + i);
    for (ListedLog& other : m_logs)
      if (other.pending.with > i) --other.pending.with;
  }
  PendingLog& log = at(kept).pending;
  log.antenna = 0;
  log.flight.clear();
  log.corrections = at(kept).together;
  emit changed();
}

std::optional<formats::LackingLink> ImportList::lacking() const {
  for (const ListedLog& l : m_logs)
    if (l.fault.isEmpty())
      if (auto lacks = formats::lackingLink(l.head, m_document.campaign().links, l.pending.corrections)) return lacks;
  return std::nullopt;
}

void ImportList::addLacking() {
  const auto lacks = lacking();
  if (!lacks) return;
  campaign::Campaign next = m_document.campaign();
  const std::string id = campaign::addLink(next, lacks->kind);
  if (!m_document.edit(finding("add-link", {{"link", id}}), next)) return;
  if (m_offer) m_offer->campaign.links = next.links;
  for (ListedLog& l : m_logs) forget(l);
  survey();
  emit changed();
}

void ImportList::wantOffer(bool wanted) {
  if (m_offer_wanted == wanted) return;
  m_offer_wanted = wanted;
  for (ListedLog& l : m_logs) forget(l);
  survey();
  emit changed();
}

void ImportList::keepOffer() {
  if (!m_offer || !m_offer_wanted || m_document.campaign().station.position()) return;
  campaign::Campaign next = m_document.campaign();
  next.station = m_offer->campaign.station;
  campaign::editFirstPath(next).points = m_offer->campaign.paths.front().points;
  m_document.edit(finding("lay-path"), next);
}

void ImportList::settle(const std::vector<std::pair<int, QString>>& refused) {
  std::set<int> not_taken;
  for (const auto& [row, why] : refused) {
    at(row).refused = why;
    not_taken.insert(row);
  }
  std::vector<ListedLog> left;
  std::vector<int> now(m_logs.size(), -1);  // where each of them is then
  for (int i = 0; i < size(); ++i) {
    const int first = leaderOf(i);
    const bool taken = at(i).fault.isEmpty() && at(i).pending.wanted && at(first).pending.wanted && !not_taken.contains(first);
    if (taken) continue;
    now[std::size_t(i)] = int(left.size());
    left.push_back(at(i));
  }
  for (ListedLog& l : left)
    if (l.pending.with >= 0) l.pending.with = now[std::size_t(l.pending.with)];
  m_logs = std::move(left);
  emit changed();
}

}  // namespace distanz::app
