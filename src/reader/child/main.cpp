// distanz-reader: decodes one foreign file in a cage. The file is open on descriptor 0, the question comes and
// the answer goes over the socket on descriptor 1. Started by Distanz only: see reader/ask.h.
#include <dlfcn.h>
#include <sys/mman.h>
#include <sys/prctl.h>
#include <sys/socket.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <csignal>
#include <new>

#include "reader/child/cage.h"
#include "reader/child/decoder.h"
#include "reader/limits.h"
#include "reader/protocol.h"
#include "reader/wire.h"

namespace {

using namespace distanz::reader;

bool receive(char* to, std::size_t size) {
  while (size > 0) {
    const ssize_t n = recv(STDOUT_FILENO, to, size, 0);
    if (n < 0 && errno == EINTR) continue;
    if (n <= 0) return false;
    to += n;
    size -= static_cast<std::size_t>(n);
  }
  return true;
}

bool send(std::string_view bytes) {
  while (!bytes.empty()) {
    const ssize_t n = ::send(STDOUT_FILENO, bytes.data(), bytes.size(), MSG_NOSIGNAL);
    if (n < 0 && errno == EINTR) continue;
    if (n <= 0) return false;
    bytes.remove_prefix(static_cast<std::size_t>(n));
  }
  return true;
}

Request asked() {
  std::string head(kHeadSize, '\0'), body;
  if (!receive(head.data(), head.size())) throw Garbled();
  body.resize(lengthIn(head, kRequestMark, kLongestRequest) + kMarkSize);
  if (!receive(body.data(), body.size())) throw Garbled();
  return requestOf(std::string_view(body).substr(0, body.size() - kMarkSize));
}

/// The file, as it lies on disk or in the asker's memory: none of it counts as memory taken.
std::string_view mapped() {
  struct stat is {};
  if (fstat(STDIN_FILENO, &is) != 0 || is.st_size <= 0) return {};
  const auto size = static_cast<std::size_t>(is.st_size);
  void* bytes = mmap(nullptr, size, PROT_READ, MAP_PRIVATE, STDIN_FILENO, 0);
  return bytes == MAP_FAILED ? std::string_view() : std::string_view(static_cast<const char*>(bytes), size);
}

/// @return how the process ends
int answer() {
  try {
    const Request request = asked();
    const Decoder* decoder = decoderFor(request.kind);
    if (!decoder) return kExitUse;
    decoder->makeReady(request.kind);
    if (!limit(kMemory_bytes, kPatience_s) || !distanz::reader::close()) return kExitNoCage;
    return send(framed(kAnswerMark, decoder->decode(mapped(), request))) ? 0 : kExitUse;
  } catch (const Garbled&) {
    return kExitUse;
  } catch (const std::bad_alloc&) {
    return kExitMemory;
  }
}

}  // namespace

int main() {
  prctl(PR_SET_PDEATHSIG, SIGKILL);  // whoever asked is gone: nobody waits for an answer
  _exit(answer());                   // what libraries would tidy up is the kernel's
}
