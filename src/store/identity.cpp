#include "store/identity.h"

#include <fmt/format.h>
#include <openssl/rand.h>

#include <array>
#include <string_view>
#include <unordered_set>

#include "core/finding/error.h"

namespace distanz::store {
namespace {

std::string randomUuid() {
  std::array<unsigned char, 16> b{};
  if (RAND_bytes(b.data(), static_cast<int>(b.size())) != 1) throw Error(finding("no-random-numbers"));
  b[6] = static_cast<unsigned char>((b[6] & 0x0f) | 0x40);  // RFC 4122: version 4
  b[8] = static_cast<unsigned char>((b[8] & 0x3f) | 0x80);
  std::string out;
  for (std::size_t i = 0; i < b.size(); ++i)
    out += fmt::format("{}{:02x}", i == 4 || i == 6 || i == 8 || i == 10 ? "-" : "", b[i]);
  return out;
}

/// Calls what(uuid) for everything that has one, until it returns true.
template <class Campaign, class What>
bool eachUuid(Campaign& c, What what) {
  bool stop = what(c.uuid);
  campaign::eachKind([&](const auto& kind) {
    for (auto& item : c.*kind.items)
      if constexpr (requires { item.uuid; }) stop = stop || what(item.uuid);
  });
  return stop;
}

}  // namespace

bool needsIdentity(const campaign::Campaign& campaign) {
  std::unordered_set<std::string_view> seen;
  return eachUuid(campaign,
                  [&](const std::string& uuid) { return uuid.empty() || !seen.insert(uuid).second; });
}

campaign::Campaign identified(campaign::Campaign campaign) {
  std::unordered_set<std::string> seen;
  eachUuid(campaign, [&](std::string& uuid) {
    if (uuid.empty() || !seen.insert(uuid).second) seen.insert(uuid = randomUuid());
    return false;
  });
  return campaign;
}

void Identities::give(campaign::Campaign& state) {
  const auto name = [this](const char* kind, const std::string& id, std::string& uuid) {
    std::string& known = m_known[{kind, id}];
    if (known.empty()) known = uuid.empty() ? randomUuid() : uuid;
    uuid = known;
  };
  name("", "", state.uuid);
  campaign::eachKind([&](const auto& kind) {
    for (auto& item : state.*kind.items)
      if constexpr (requires { item.uuid; }) name(kind.kind, item.id, item.uuid);
  });
}

}  // namespace distanz::store
