// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Descriptors, and the list of open logbooks.
#include "wedgeon/store/files.h"

#include <fcntl.h>
#include <linux/magic.h>
#include <sys/stat.h>
#include <sys/vfs.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <cerrno>
#include <csignal>
#include <cstring>
#include <mutex>
#include <utility>
#include <vector>

#include "open_logbooks.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

constexpr std::string_view databaseMagic("SQLite format 3\0", 16);
constexpr std::array besides{"-wal", "-shm", "-journal"};

std::mutex mutex;
std::atomic<unsigned> written{0};
std::vector<fs::path>& openOnes() {
    static std::vector<fs::path> all;
    return all;
}

std::string reason() {
    return std::strerror(errno);
}

/// A descriptor that is closed when it goes.
class Descriptor {
public:
    explicit Descriptor(int fd) : fd_(fd) {}
    ~Descriptor() {
        if (fd_ >= 0) ::close(fd_);
    }
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    int get() const { return fd_; }
    bool close() { return ::close(std::exchange(fd_, -1)) == 0; }

private:
    int fd_;
};

bool writeAll(int fd, std::string_view bytes) {
    while (!bytes.empty()) {
        const ssize_t n = ::write(fd, bytes.data(), bytes.size());
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) return false;
        bytes.remove_prefix(static_cast<std::size_t>(n));
    }
    return true;
}

[[noreturn]] void failWriting(const std::string& name) {
    const bool full = errno == ENOSPC || errno == EDQUOT || errno == EFBIG;
    throw StoreError(full ? Fault::Full : Fault::CannotWrite,
                     {Says::FileUnwritten, name, reason()});
}

/// Removes a half written file unless it was put in place.
struct Beside {
    std::string path;
    bool placed = false;
    ~Beside() {
        if (!placed) ::unlink(path.c_str());
    }
};

bool sameFile(const fs::path& a, const fs::path& b) {
    std::error_code error;
    return fs::equivalent(a, b, error) && !error;
}

}  // namespace

OpenLogbook::OpenLogbook(const fs::path& path) : path_(path) {
    const std::lock_guard lock(mutex);
    openOnes().push_back(path_);
}

OpenLogbook::~OpenLogbook() {
    const std::lock_guard lock(mutex);
    const auto at = std::find(openOnes().begin(), openOnes().end(), path_);
    if (at != openOnes().end()) openOnes().erase(at);
}

bool isOpenLogbook(const fs::path& path) {
    const std::lock_guard lock(mutex);
    return std::any_of(openOnes().begin(), openOnes().end(), [&](const fs::path& open) {
        return sameFile(path, open) ||
               std::any_of(besides.begin(), besides.end(),
                           [&](const char* end) { return sameFile(path, open.string() + end); });
    });
}

std::string readWhole(const fs::path& path, std::size_t mostBytes, std::size_t mostRead) {
    const std::string name = path.filename().string();
    struct stat about {};
    if (::stat(path.c_str(), &about) != 0) {
        if (errno == ENOENT) throw StoreError(Fault::CannotOpen, {Says::FileMissing, name});
        throw StoreError(Fault::CannotOpen, {Says::FileUnread, name, reason()});
    }
    if (!S_ISREG(about.st_mode)) throw StoreError(Fault::CannotOpen, {Says::NotAFile, name});
    if (isOpenLogbook(path)) {
        throw StoreError(Fault::CannotOpen, {Says::FileIsOpenLogbook, name});
    }
    const auto size = static_cast<std::size_t>(about.st_size);
    if (size > mostBytes) {
        throw StoreError(Fault::TooLarge, {Says::FileTooLarge, name, size >> 20, mostBytes >> 20});
    }
    // Not waited for, should a pipe have taken its place since.
    const Descriptor in(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
    if (in.get() < 0) throw StoreError(Fault::CannotOpen, {Says::FileUnopened, name});
    std::string body(std::min(size, mostRead), '\0');
    std::size_t at = 0;
    while (at < body.size()) {
        const ssize_t n = ::read(in.get(), body.data() + at, body.size() - at);
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) throw StoreError(Fault::CannotOpen, {Says::FileCutShort, name});
        if (n == 0) break;
        at += static_cast<std::size_t>(n);
    }
    body.resize(at);
    return body;
}

void requireTarget(const fs::path& target, std::span<const fs::path> inputs) {
    const std::string name = target.filename().string();
    for (const fs::path& input : inputs) {
        if (sameFile(target, input))
            throw StoreError(Fault::CannotWrite, {Says::FileIsInput, name});
    }
    struct stat about {};
    if (::stat(target.c_str(), &about) != 0) return;
    if (S_ISDIR(about.st_mode)) throw StoreError(Fault::CannotWrite, {Says::FileIsFolder, name});
    if (!S_ISREG(about.st_mode)) return;
    if (isOpenLogbook(target))
        throw StoreError(Fault::CannotWrite, {Says::FileOfOpenLogbook, name});
    const Descriptor in(::open(target.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
    std::array<char, databaseMagic.size()> head{};
    if (in.get() >= 0 &&
        ::read(in.get(), head.data(), head.size()) == static_cast<ssize_t>(head.size()) &&
        std::string_view(head.data(), head.size()) == databaseMagic)
        throw StoreError(Fault::CannotWrite, {Says::FileIsDatabase, name});
}

void writeWhole(const fs::path& path, std::string_view bytes, std::span<const fs::path> inputs) {
    requireTarget(path, inputs);
    const std::string name = path.filename().string();
    // Through a link it is the file behind it that is replaced.
    std::error_code error;
    fs::path target = fs::weakly_canonical(path, error);
    if (error || target.empty()) target = path;
    struct stat about {};
    const bool there = ::stat(target.c_str(), &about) == 0;
    if (there && !S_ISREG(about.st_mode)) {
        const Descriptor out(::open(path.c_str(), O_WRONLY | O_CLOEXEC));
        if (out.get() < 0 || !writeAll(out.get(), bytes)) failWriting(name);
        return;
    }
    if (there && ::access(target.c_str(), W_OK) != 0) failWriting(name);
    // Made by hand, since mkstemp leaves the umask out and umask() is the whole process's.
    Beside beside{target.string() + ".part-" + std::to_string(::getpid()) + "-" +
                  std::to_string(++written)};
    Descriptor out(
        ::open(beside.path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC | O_NOFOLLOW, 0666));
    if (out.get() < 0) {
        beside.placed = true;  // there is none
        failWriting(name);
    }
    if ((there && ::fchmod(out.get(), about.st_mode & 07777) != 0) || !writeAll(out.get(), bytes) ||
        ::fsync(out.get()) != 0 || !out.close() ||
        ::rename(beside.path.c_str(), target.c_str()) != 0)
        failWriting(name);
    beside.placed = true;
    const Descriptor folder(
        ::open(target.parent_path().c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (folder.get() >= 0) ::fsync(folder.get());
}

bool liesInMemory(const fs::path& path) {
    struct statfs about {};
    if (::statfs(fs::absolute(path).parent_path().c_str(), &about) != 0) return false;
    return about.f_type == TMPFS_MAGIC || about.f_type == RAMFS_MAGIC;
}

void takeFileErrorsAsErrors() {
    std::signal(SIGXFSZ, SIG_IGN);
    std::signal(SIGPIPE, SIG_IGN);
}

}  // namespace wedgeon::store
