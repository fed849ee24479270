#include "reader/child/cage.h"

#include <fcntl.h>
#include <linux/landlock.h>
#include <seccomp.h>
#include <sys/prctl.h>
#include <sys/resource.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <cerrno>
#include <cstdint>

namespace distanz::reader {
namespace {

/// All that decoding needs once its libraries stand. What is not here fails with EACCES: libraries take that
/// for a file that is not there.
constexpr int kAllowed[] = {
    SCMP_SYS(read),          SCMP_SYS(readv),        SCMP_SYS(pread64),       SCMP_SYS(write),          SCMP_SYS(writev),        SCMP_SYS(sendto),
    SCMP_SYS(recvfrom),      SCMP_SYS(lseek),        SCMP_SYS(close),         SCMP_SYS(fstat),          SCMP_SYS(mmap),          SCMP_SYS(munmap),
    SCMP_SYS(mremap),        SCMP_SYS(mprotect),     SCMP_SYS(madvise),       SCMP_SYS(brk),            SCMP_SYS(futex),         SCMP_SYS(rt_sigaction),
    SCMP_SYS(rt_sigprocmask), SCMP_SYS(rt_sigreturn), SCMP_SYS(sigaltstack),   SCMP_SYS(clock_gettime),  SCMP_SYS(gettimeofday),  SCMP_SYS(getrandom),
    SCMP_SYS(getpid),        SCMP_SYS(gettid),       SCMP_SYS(sched_yield),   SCMP_SYS(sched_getaffinity), SCMP_SYS(getrusage),  SCMP_SYS(sysinfo),
#if defined(__SANITIZE_ADDRESS__)
    SCMP_SYS(pipe2),  // by which the sanitiser looks whether memory can be read
#endif
    SCMP_SYS(uname),         SCMP_SYS(restart_syscall), SCMP_SYS(exit),       SCMP_SYS(exit_group)};

/// No file and no port, by Landlock: a second wall behind the filter, where the kernel has it.
void forbidFiles() {
  const long version = syscall(SYS_landlock_create_ruleset, nullptr, 0, LANDLOCK_CREATE_RULESET_VERSION);
  if (version < 1) return;
  // Rights of the first version: executing, reading, writing, making and removing of every kind.
  landlock_ruleset_attr all{};
  all.handled_access_fs = (std::uint64_t{LANDLOCK_ACCESS_FS_MAKE_SYM} << 1) - 1;
  const long rules = syscall(SYS_landlock_create_ruleset, &all, sizeof all.handled_access_fs, 0);
  if (rules < 0) return;
  syscall(SYS_landlock_restrict_self, static_cast<int>(rules), 0);
  ::close(static_cast<int>(rules));
}

bool set(int resource, std::size_t most) {
  const rlimit limit{most, most};
  return setrlimit(static_cast<__rlimit_resource>(resource), &limit) == 0;
}

}  // namespace

bool limit(std::size_t memory_bytes, int seconds) {
#if defined(__SANITIZE_ADDRESS__)
  memory_bytes = RLIM_INFINITY;  // the sanitiser's own tables are terabytes, never used
#endif
  return set(RLIMIT_DATA, memory_bytes) && set(RLIMIT_CPU, std::size_t(seconds)) && set(RLIMIT_CORE, 0) && set(RLIMIT_FSIZE, 0);
}

bool close() {
  if (prctl(PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0) != 0) return false;
  forbidFiles();
  const scmp_filter_ctx filter = seccomp_init(SCMP_ACT_ERRNO(EACCES));
  if (!filter) return false;
  bool stands = true;
  for (const int call : kAllowed) stands = stands && seccomp_rule_add(filter, SCMP_ACT_ALLOW, call, 0) == 0;
  // abort() ends this process, and no other is signalled.
  stands = stands && seccomp_rule_add(filter, SCMP_ACT_ALLOW, SCMP_SYS(tgkill), 1,
                                      scmp_arg_cmp{0, SCMP_CMP_EQ, static_cast<scmp_datum_t>(getpid()), 0}) == 0;
  // The size of what is open. A path it could look at by that, too, but not into it.
  stands = stands && seccomp_rule_add(filter, SCMP_ACT_ALLOW, SCMP_SYS(newfstatat), 1, scmp_arg_cmp{3, SCMP_CMP_EQ, AT_EMPTY_PATH, 0}) == 0;
  stands = stands && seccomp_load(filter) == 0;
  seccomp_release(filter);
  return stands;
}

}  // namespace distanz::reader
