#pragma once
#include "core/campaign/campaign.h"
#include "core/description/visitor.h"

/// The one description of everything a campaign holds: see core/description/visitor.h. What is not described
/// is not kept.
namespace distanz::campaign {

using description::Visitor;

void describe(Visitor& v, RangeRule& rule);
void describe(Visitor& v, ModeSensitivity& mode);
void describe(Visitor& v, Link& link);
void describe(Visitor& v, PartValue& value);
void describe(Visitor& v, Part& part);
void describe(Visitor& v, Mount& mount);
void describe(Visitor& v, SetupLink& link);
void describe(Visitor& v, Setup& setup);
void describe(Visitor& v, Station& station);
void describe(Visitor& v, PathPoint& point);
void describe(Visitor& v, Post& post);
void describe(Visitor& v, Segment& segment);
void describe(Visitor& v, Path& path);
void describe(Visitor& v, Source& source);
void describe(Visitor& v, Run& run);
void describe(Visitor& v, KeptFile& file);
void describe(Visitor& v, Layer& layer);
void describe(Visitor& v, Tick& tick);
void describe(Visitor& v, PlanSettings& plan);
void describe(Visitor& v, Reading& reading);
void describe(Visitor& v, Record& record);
/// Words of what can be chosen, in the order of their values.
std::span<const description::Word> partKindWords();
std::span<const description::Word> originWords();
std::span<const description::Word> pointingWords();
std::span<const description::Word> mountPlaceWords();
std::span<const description::Word> layerRoleWords();
std::span<const description::Word> besideWords();
std::span<const description::Word> groundWords();
std::span<const description::Word> schoolWords();
/// What is not in a list of entities: title, station, plan.
void describe(Visitor& v, Facts& facts);
void describe(Visitor& v, Campaign& campaign);

}  // namespace distanz::campaign
