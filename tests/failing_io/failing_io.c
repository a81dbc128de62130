/* Preloaded into a program, makes the Nth change to a file in a folder fail, and all that follow, as on a full disk; or
   ends the program there, as when the power fails.
     FAIL_IN      part of the path of the files
     FAIL_AT      N, from 1
     FAIL_KILLS   set: ends the program instead */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <signal.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/types.h>
#include <unistd.h>

static int fails_path(const char *path)
{
    static int calls = 0;
    const char *in = getenv("FAIL_IN");
    const char *at = getenv("FAIL_AT");
    if (!in || !at || !path || !strstr(path, in)) {
        return 0;
    }
    if (++calls < atoi(at)) {
        return 0;
    }
    if (getenv("FAIL_KILLS")) {
        kill(getpid(), SIGKILL);
    }
    errno = ENOSPC;
    return 1;
}

static int fails(int fd)
{
    char link[64], path[4096];
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    ssize_t length = readlink(link, path, sizeof path - 1);
    if (length < 0) {
        return 0;
    }
    path[length] = 0;
    return fails_path(path);
}

#define REAL(name) ((__typeof__(&name))dlsym(RTLD_NEXT, #name))

ssize_t write(int fd, const void *bytes, size_t count) { return fails(fd) ? -1 : REAL(write)(fd, bytes, count); }
ssize_t pwrite64(int fd, const void *bytes, size_t count, off64_t at)
{
    return fails(fd) ? -1 : REAL(pwrite64)(fd, bytes, count, at);
}
ssize_t pwrite(int fd, const void *bytes, size_t count, off_t at)
{
    return fails(fd) ? -1 : REAL(pwrite)(fd, bytes, count, at);
}
int fsync(int fd) { return fails(fd) ? -1 : REAL(fsync)(fd); }
int fdatasync(int fd) { return fails(fd) ? -1 : REAL(fdatasync)(fd); }
int ftruncate64(int fd, off64_t size) { return fails(fd) ? -1 : REAL(ftruncate64)(fd, size); }
int rename(const char *from, const char *to) { return fails_path(to) ? -1 : REAL(rename)(from, to); }
