#pragma once
#include "core/description/visitor.h"

/// Fields that several kinds of entity have; inside of core/campaign.
namespace distanz::campaign {

constexpr description::Field kId{
    .key = "id", .what = "unique among its kind", .required = true, .always = true};
constexpr description::Field kUuid{.key = "uuid",
                                   .what = "tells it from all others, in any campaign",
                                   .affects = description::Affects::Words,
                                   .since = 4};

}  // namespace distanz::campaign
