#pragma once
#include "formats/byte_source.h"
#include "store/sample_rows.h"

namespace distanz::store {

/// Packs bytes that are too many to be held at once. @param sha256 is found on the way
PackedLog packSource(formats::ByteSource& source);

/// The plain bytes again, front to back. @throws InputError where they are damaged
formats::OpenBytes openPacked(std::shared_ptr<const PackedLog> log);

}  // namespace distanz::store
