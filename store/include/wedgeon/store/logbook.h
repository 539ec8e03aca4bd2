// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The logbook: one SQLite file with every shot. Every change is a transaction; nothing that
/// was acknowledged is lost. Schema and versions: docs/formats.md.
#pragma once

#include <cstdint>
#include <filesystem>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

/// Where shots came from.
struct ShotSource {
    enum class Kind { File, Live } kind = Kind::File;
    std::string name;     ///< file name or device, as a person reads it
    std::string session;  ///< title of the session that they are put under
    std::string time;     ///< of the adding, as an ISO 8601 text
};

struct AddedShots {
    std::int64_t source = 0;  ///< 0 when nothing was new
    std::size_t added = 0;
    std::size_t known = 0;  ///< were in the logbook already and are not doubled
};

/// A shot as the logbook keeps it.
struct LoggedShot {
    std::int64_t id = 0;
    std::int64_t session = 0;
    ShotRecord record;
    std::string setAside;  ///< why it is not counted; empty when it is
    /// Doubts (by their words) that the coach does not share.
    std::vector<std::string> dismissed;
    /// The run as somebody paced it, where the device did not measure it; it stands in
    /// record[Release] too.
    std::optional<double> paced_m;
};

/// The shot with another paced run. Nothing changes where the device measured it.
LoggedShot withPaced(LoggedShot shot, std::optional<double> run_m);

/// What the coach said of the columns of one shape of file.
struct ColumnMapping {
    std::vector<ColumnOverride> columns;
    bool mirrored = false;  ///< left-handers' sides are told from their own view
};
/// As the logbook keeps it. \throws std::invalid_argument saying which field is wrong.
std::string formatMapping(const ColumnMapping& mapping);
ColumnMapping parseMapping(const std::string& json);

struct Session {
    std::int64_t id = 0;
    std::string title, started;
    std::size_t shots = 0;
};

/// One logbook is used by one thread at a time; each thread or window opens its own.
class Logbook {
public:
    static constexpr int schemaVersion = 3;

    enum class Access { ReadWrite, ReadOnly };

    /// Opens the file, or makes it. An older one is brought to the present schema in one
    /// transaction, after a copy of it was put beside it.
    /// \throws StoreError Damaged, Locked, Newer, ReadOnly, CannotOpen; the text names the file.
    explicit Logbook(const std::filesystem::path& path, Access access = Access::ReadWrite);
    ~Logbook();
    Logbook(Logbook&&) noexcept;
    Logbook& operator=(Logbook&&) noexcept;

    const std::filesystem::path& path() const;
    bool readOnly() const;
    /// Changes when another process has changed the file.
    std::int64_t dataVersion() const;

    /// Adds shots that are not there yet, in one transaction; of two equal ones in \p shots both
    /// are kept, as two equal rows of one file are two shots. \throws StoreError.
    AddedShots addShots(const ShotSource& source, std::span<const ShotRecord> shots);
    /// Adds one live shot under the device's own number of it; nothing when it is there already.
    /// Committed, and on the disk, when this returns. \throws StoreError.
    std::optional<LoggedShot> addLiveShot(const ShotSource& source, const std::string& deviceShot,
                                          const ShotRecord& shot);
    /// Takes back what one addShots added. \throws StoreError.
    void removeSource(std::int64_t source);

    std::vector<Session> sessions() const;
    /// The newest \p most shots of a session (of all when 0), oldest first.
    std::vector<LoggedShot> shots(std::int64_t session = 0, std::size_t most = 1'000'000) const;
    std::size_t shotCount() const;

    /// Sets a shot aside, or counts it again with an empty \p reason.
    /// \throws StoreError Conflict when it is not \p former any more, as another window changed it.
    void setAside(std::int64_t shot, const std::string& reason, const std::string& former);
    /// Changes one of a shot's words. \throws StoreError Conflict as above.
    void setLabel(std::int64_t shot, Label label, const std::string& text,
                  const std::string& former);

    /// The run as paced, or not paced after all. \throws StoreError Conflict as above.
    void setPaced(std::int64_t shot, std::optional<double> run_m, std::optional<double> former);
    /// Notes that the coach does not share a doubt, or does again.
    void dismissDoubt(std::int64_t shot, const std::string& doubt, bool dismissed);
    /// Changes the declared set-up of a shot. \throws StoreError Conflict as above.

    /// What was said of files of this shape (ImportResult::shape), if anything.
    std::optional<ColumnMapping> findShape(const std::string& shape) const;
    void rememberShape(const std::string& shape, const ColumnMapping& mapping,
                       const std::string& time);

    /// Copies the logbook to \p path while it may be in use. \throws StoreError.
    void backUp(const std::filesystem::path& path) const;
    /// Makes a backup dated \p today (ISO 8601) in the folder "backups" beside the file unless
    /// there is one of that day, and keeps the newest \p kept. \throws StoreError.
    void backUpOnce(const std::string& today, std::size_t kept = 7) const;
    /// The newest backup of a file that opens and is sound.
    static std::optional<std::filesystem::path> findGoodBackup(const std::filesystem::path& path);

private:
    friend struct LogbookAccess;
    struct Impl;
    std::unique_ptr<Impl> impl_;
};

/// Adds many shots in batches within one transaction; destroyed without commit() it leaves the
/// logbook as it was.
class LogbookWriter {
public:
    LogbookWriter(Logbook& logbook, const ShotSource& source);
    ~LogbookWriter();
    void add(std::span<const ShotRecord> shots);
    AddedShots commit();

private:
    struct Impl;
    std::unique_ptr<Impl> impl_;
};

}  // namespace wedgeon::store
