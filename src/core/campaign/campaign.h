#pragma once
#include "core/campaign/layer.h"
#include "core/campaign/link.h"
#include "core/campaign/part.h"
#include "core/campaign/path.h"
#include "core/campaign/plan_settings.h"
#include "core/campaign/record.h"
#include "core/campaign/run.h"
#include "core/campaign/setup.h"
#include "core/radio/budget.h"

/// The campaign as the pilot describes it: plain values, no computation. Samples live elsewhere (core/log).
/// What its structs hold is described once, in describe.cpp.
namespace distanz::campaign {

/// What a campaign is besides its lists.
struct Facts {
  std::string title;
  std::string uuid;  ///< as Part::uuid
  Station station;
  double plan_exponent = 2;  ///< path-loss exponent used for prediction
  int planned_pairs = 5;     ///< flights of each setup after which setups are to be judged
  PlanSettings plan = {};
  std::string unknown =
      {};  ///< keys of the interchange form that this version does not know: a JSON object, or empty
  bool operator==(const Facts&) const = default;
};

struct Campaign : Facts {
  std::vector<Path> paths;  ///< the first is flown where a run does not say
  std::vector<Part> parts;
  std::vector<Link> links;
  std::vector<Setup> setups;
  std::vector<Run> runs;
  std::vector<Record> records;  ///< of the bench and the ground check
  std::vector<Layer> layers;    ///< terrain and maps
  bool operator==(const Campaign&) const = default;
};

/// Calls each(file, id of its owner) for every kept file besides logs: photos of parts, files of records and
/// layers.
template <class SomeCampaign, class Each>
void eachKeptFile(SomeCampaign& campaign, Each each) {
  for (auto& part : campaign.parts)
    for (auto& file : part.photos) each(file, part.id);
  for (auto& record : campaign.records)
    for (auto& file : record.files) each(file, record.id);
  for (auto& layer : campaign.layers) each(layer.file, layer.id);
}

/// One kind of entity: what is kept, changed and taken back by itself.
template <class T>
struct EntityKind {
  const char* kind;  ///< of its rows in a campaign file
  const char* list;  ///< its list in campaign.json
  const char* what;
  std::vector<T> Campaign::*items;
};

/// The table of kinds. A new one is a list above and a row here.
template <class Each>
void eachKind(Each each) {
  each(EntityKind<Path>{"path", "paths", "measured paths", &Campaign::paths});
  each(EntityKind<Part>{"part", "parts", "what setups are made of", &Campaign::parts});
  each(EntityKind<Link>{"link", "links", "control and video links", &Campaign::links});
  each(EntityKind<Setup>{"setup", "setups", "what is compared", &Campaign::setups});
  each(EntityKind<Run>{"run", "runs", "recordings", &Campaign::runs});
  each(EntityKind<Record>{"record", "records", "what was measured on the bench and on the ground",
                          &Campaign::records});
  each(EntityKind<Layer>{"layer", "layers", "terrain and maps", &Campaign::layers});
}

/// The path a run flew, or the campaign's first; null where there is none.
const Path* findPath(const Campaign& campaign, const std::string& id);
/// Its stretches that have a name and a length, each from its nearer end.
std::vector<Segment> namedSegments(const Path& path);
/// Points of the campaign's first path; none before it is planned.
const std::vector<PathPoint>& firstPath(const Campaign& campaign);
/// The campaign's first path, made where there is none.
Path& editFirstPath(Campaign& campaign);

/// Station to far post along a path (the first, where none is named), or nothing where no station or no path
/// is given yet or its points are not usable.
std::optional<course::Course> courseOf(const Campaign& campaign, const std::string& path = {});

/// Letter drawn for a setup: its id where that is one character, else by its place in the list (A, B, ... Z,
/// then digits).
std::string letterOf(const Campaign& campaign, std::size_t setup);
/// First letter no setup uses yet.
std::string freeSetupId(const Campaign& campaign);
/// Id for a new run of a setup: "A1", "A2", ...
std::string freeRunId(const Campaign& campaign, const std::string& setup);

/// A name for a flight that no run has yet, made of the one given.
std::string freeFlight(const Campaign& campaign, std::string name);

/// Place of a setup in the list; -1 where there is none of that id.
int setupIndex(const Campaign& campaign, const std::string& id);
Setup* findSetup(Campaign& campaign, const std::string& id);
const Setup* findSetup(const Campaign& campaign, const std::string& id);
std::vector<std::string> linkIds(const Campaign& campaign);
Link* findLink(Campaign& campaign, const std::string& id);
const Link* findLink(const Campaign& campaign, const std::string& id);
Run* findRun(Campaign& campaign, const std::string& id);
const Run* findRun(const Campaign& campaign, const std::string& id);
const Part* findPart(const Campaign& campaign, const std::string& id);
Record* findRecord(Campaign& campaign, const std::string& id);
const Record* findRecord(const Campaign& campaign, const std::string& id);
/// Id that no record has yet: "r1", "r2", ...
std::string freeRecordId(const Campaign& campaign);

/// Place in the session for a run flown after all others.
int nextOrder(const Campaign& campaign);
/// A run of the campaign that has rows of the same log; null where all of them are new.
const Run* runOfSameRows(const Campaign& campaign, const Run& run);

/// What the two setups are called that one becomes.
struct LegNames {
  std::string out, back;
};

/// Makes the leg a variable: the setup keeps the way out of its runs, and a new one beside it gets the way
/// back of the same flights, so that the two are compared within each flight. @throws DomainError for a setup
/// that does not exist
Campaign splitByLeg(const Campaign& campaign, const std::string& setup, const LegNames& names);

/// The campaign without a setup, its runs, and nameless parts that only it had.
Campaign withoutSetup(const Campaign& campaign, const std::string& setup);

/// The campaign without a link, and without anything that only made sense with it: the setups' ends of it,
/// reduced power and corrected columns of runs.
Campaign withoutLink(const Campaign& campaign, const std::string& link);

}  // namespace distanz::campaign
