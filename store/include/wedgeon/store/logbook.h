// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The logbook: one SQLite file with every shot. Every change is a transaction; nothing that
/// was acknowledged is lost. Schema and versions: docs/formats.md.
#pragma once

#include <cstdint>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

/// Where shots of a file came from.
struct ShotSource {
    std::string name;     ///< file name, as a person reads it
    std::string session;  ///< title, for people, of a session that begins with them
    std::string time;     ///< of the adding, as an ISO 8601 text
};

struct AddedShots {
    std::int64_t source = 0;   ///< 0 when nothing was new
    std::int64_t session = 0;  ///< that they are under; also when nothing was new, if there is one
    std::size_t added = 0;
    std::size_t known = 0;  ///< were in the logbook already and are not doubled
};

/// A shot as the logbook keeps it.
struct LoggedShot {
    std::int64_t id = 0;
    std::int64_t session = 0;
    ShotRecord record;
    Word setAside;  ///< why it is not counted; empty when it is
    /// Doubts (by their words) that the coach does not share.
    std::vector<std::string> dismissed;
    /// The run as somebody paced it, where the device did not measure it; it stands in
    /// record[Release] too.
    std::optional<double> paced_m;
    /// How its file calls the player, where the shot was given to another.
    std::optional<Word> playerInFile;
    /// It does not read as it was written: its page was damaged on the disk.
    bool damaged = false;
};

/// The shot with another paced run. Nothing changes where the device measured it.
LoggedShot withPaced(LoggedShot shot, std::optional<double> run_m);

/// What the coach said of the columns of one shape of file.
struct ColumnMapping {
    std::vector<ColumnOverride> columns;
    bool mirrored = false;  ///< left-handers' sides are told from their own view
};
/// As the logbook keeps it. \throws StoreError Malformed saying which field is wrong.
std::string formatMapping(const ColumnMapping& mapping);
ColumnMapping parseMapping(const std::string& json);

struct Session {
    enum class Kind { File, Live };
    std::int64_t id = 0;
    std::string title, started;
    std::string day;  ///< local, ISO 8601
    Kind kind = Kind::File;
    std::int64_t player = 0;  ///< whose it is; 0 for several players'
    std::string note;
};

/// One connection of a live device, from its hello until it hangs up. A device counts its shots
/// anew when it starts, so that a number means something within a connection only.
struct LiveConnection {
    std::string device;        ///< as it calls itself
    std::string title;         ///< for people, of a session that begins with it
    std::string time;          ///< of its hello, ISO 8601
    std::int64_t session = 0;  ///< set by the first shot; may be given for one that goes on
    std::int64_t source = 0;   ///< set by the first shot
};
/// One live shot as it came.
struct LiveArrival {
    std::string deviceShot;  ///< the device's own number
    ShotRecord record;
    std::string arrived;  ///< local time; stands for the shot's own where the device says none
};

/// What a change of many rows has changed, so that it can be taken back.
struct RowChanges {
    std::string rows;                   ///< SQLite's own form of a set of changes
    std::vector<std::int64_t> sources;  ///< whose shots it touched
    bool ofShots = false;               ///< something was said of shots
    /// Shots that came under this name since are its player's own again; empty for none.
    std::string name;
};

/// Where the daily backups of a logbook are kept, and how many.
struct BackupPlan {
    /// Each logbook has a folder of its own in this one, so that two of a name do not mix; empty:
    /// the folder "backups" beside the file.
    std::filesystem::path folder;
    std::size_t kept = 7;
};
/// A backup as one chooses it.
struct BackupInfo {
    std::filesystem::path path;
    std::string day;  ///< ISO 8601
};
/// What a logbook holds, for a preview.
struct LogbookSummary {
    std::size_t shots = 0, sessions = 0, players = 0;
    std::string newestSession;  ///< title
};

/// One logbook is used by one thread at a time; each thread or window opens its own.
class Logbook {
public:
    static constexpr int schemaVersion = 11;

    enum class Access { ReadWrite, ReadOnly };

    /// Opens the file, or makes it. An older one is brought to the present schema in one
    /// transaction, after a copy of it was put beside it; opened for reading it is migrated in
    /// memory and its file stays as it is. A file without a writable folder is opened for reading
    /// where ReadOnly is asked for. Names such as ":memory:" are file names.
    /// \throws StoreError Damaged, Locked, Newer, ReadOnly, CannotOpen, Full; the text names the
    /// file.
    explicit Logbook(const std::filesystem::path& path, Access access = Access::ReadWrite);
    ~Logbook();
    Logbook(Logbook&&) noexcept;
    Logbook& operator=(Logbook&&) noexcept;

    const std::filesystem::path& path() const;
    bool readOnly() const;
    /// Changes when another connection has changed the file.
    std::int64_t dataVersion() const;
    /// Reads every page. \throws StoreError Damaged.
    void requireSound() const;
    /// \throws StoreError Moved when the file was replaced, renamed or removed since it was opened.
    /// Every change asks this first.
    void requireInPlace() const;
    /// Brings the write-ahead log into the file where nobody is in the way: a file that is copied
    /// or replaced by hand is whole then.
    void checkpoint() const;
    /// How long a change waits for another program's lock before it is refused as Locked; 3 s
    /// unless told otherwise.
    void setPatience(int most_ms);

    /// Adds shots that are not there yet; of two equal ones in \p shots both are kept, as two equal
    /// rows of one file are two shots. All or nothing. \throws StoreError.
    AddedShots addShots(const ShotSource& source, std::span<const ShotRecord> shots);
    /// Adds live shots in one transaction. Each is answered by the shot as it is kept, or by
    /// nothing when it has a row already: the same number, readings, time and player from this
    /// connection, or from one of the same device within the last ten minutes, whose
    /// acknowledgement may have been lost. \p now_s in seconds since 1970. Committed, and on the
    /// disk, when this returns; after an exception none was added. \throws StoreError.
    std::vector<std::optional<LoggedShot>> addLiveShots(LiveConnection& connection,
                                                        std::span<const LiveArrival> shots,
                                                        std::int64_t now_s);

    /// Takes back what one import added. The shots are only hidden, so that restoreSource brings
    /// them back as they were; they are removed for good a day later. \throws StoreError Conflict
    /// when somebody said something of one of them that was not taken back.
    /// Another title of a session. \throws StoreError Conflict when it is not \p former any more.
    void renameSession(std::int64_t session, const std::string& title, const std::string& former);
    /// Where a shot was: what putBack needs.
    struct ShotPlace {
        std::int64_t shot = 0, source = 0;
    };
    /// Puts shots into another session, or where that is 0 into a new one of this title, whose day
    /// is the first shot's. A session that loses all of them does not show any more. \p session is
    /// set to where they are. \throws StoreError Conflict for one that is not there any more.
    std::vector<ShotPlace> moveShots(std::span<const std::int64_t> shots, std::int64_t& session,
                                     const std::string& title, const std::string& time);
    /// As they were. \throws StoreError Conflict when one is not there any more.
    void putBack(std::span<const ShotPlace> places);

    /// Makes shots another player's. What is the same shot when it comes again stays so.
    /// \throws StoreError Conflict when one is not there any more.
    RowChanges giveShots(std::span<const std::int64_t> shots, const std::string& player);
    /// Makes a change of many rows undone. \throws StoreError Conflict when one of them was changed
    /// since; nothing is changed then.
    void takeBack(const RowChanges& changes);

    /// A shot that was seen by eye, into \p session where that is of the shot's day, else into the
    /// newest one of that day, else into a new one with the source's title; it shows at once. \p
    /// id: that it had before it was taken back, or 0.
    LoggedShot addSeenShot(const ShotRecord& shot, std::int64_t session, const ShotSource& source,
                           std::int64_t id = 0);
    /// Takes it back as if it had not been added, its session with it where nothing else is there.
    /// \throws StoreError Conflict when it was changed since.
    void removeSeenShot(const LoggedShot& shot);
    void removeSource(std::int64_t source);
    /// \throws StoreError Conflict when one of its shots came in again meanwhile.
    void restoreSource(std::int64_t source);
    /// Removes for good what was taken back a day ago and what an import left half done that has
    /// not gone on for a minute; a part at a time. True when there is more. \throws StoreError.
    bool removeLeftovers(std::int64_t now_s);

    std::vector<Session> sessions() const;
    /// The newest \p most shots of a session (of all when 0), oldest first.
    std::vector<LoggedShot> shots(std::int64_t session = 0, std::size_t most = 1'000'000) const;
    /// All of a session (of all when 0), oldest first, one after the other: for more than a reader
    /// wants to hold twice.
    void eachShot(std::int64_t session, const std::function<void(LoggedShot&&)>& take) const;
    /// One shot as it is now, if it is there.
    std::optional<LoggedShot> findShot(std::int64_t id) const;
    std::size_t shotCount(std::int64_t session = 0) const;
    LogbookSummary summary() const;

    /// What is said of a shot: made, or taken back by an undo.
    enum class Edit { Make, TakeBack };
    /// Sets a shot aside, or counts it again with an empty \p reason.
    /// \throws StoreError Conflict when it is not \p former any more, as another window changed it.
    void setAside(std::int64_t shot, const std::string& reason, const std::string& former,
                  Edit edit = Edit::Make);
    /// Changes one of a shot's words: strike, tags, note or recipe. \throws StoreError Conflict as
    /// above.
    void setLabel(std::int64_t shot, Label label, const std::string& text,
                  const std::string& former, Edit edit = Edit::Make);
    /// The run as paced, or not paced after all. \throws StoreError Conflict as above.
    void setPaced(std::int64_t shot, std::optional<double> run_m, std::optional<double> former,
                  Edit edit = Edit::Make);
    /// Notes that the coach does not share a doubt, or does again.
    void dismissDoubt(std::int64_t shot, const std::string& doubt, bool dismissed,
                      Edit edit = Edit::Make);

    /// What was said of files of this shape (ImportResult::shape), if anything.
    std::optional<ColumnMapping> findShape(const std::string& shape) const;
    void rememberShape(const std::string& shape, const ColumnMapping& mapping,
                       const std::string& time);

    /// Copies the logbook to \p path while it may be in use. \throws StoreError.
    void backUp(const std::filesystem::path& path) const;
    /// Makes a backup dated \p today (ISO 8601) unless there is one of that day, and keeps the
    /// newest of them as \p plan says. Where its folder cannot be written, as that of a disk that
    /// was pulled out, it is made beside the file. \throws StoreError.
    void backUpOnce(const std::string& today, const BackupPlan& plan = {}) const;
    /// The daily backups of a file, the newest first: those named exactly after it, in the plan's
    /// folder and beside the file.
    static std::vector<BackupInfo> backups(const std::filesystem::path& path,
                                           const BackupPlan& plan = {});
    /// The newest backup of a file that opens and is sound.
    static std::optional<std::filesystem::path> findGoodBackup(const std::filesystem::path& path,
                                                               const BackupPlan& plan = {});
    /// Puts the content of \p backup in the place of this one's, in one transaction that other
    /// windows see, after the present content was kept as \p aside. \throws StoreError.
    void restore(const std::filesystem::path& backup, const std::filesystem::path& aside);
    /// The same where \p path cannot be opened: what lies there is renamed to a name that nothing
    /// has yet, which is returned. \throws StoreError; what lay there is never removed.
    static std::filesystem::path replace(const std::filesystem::path& path,
                                         const std::filesystem::path& backup);

private:
    friend struct LogbookAccess;
    struct Impl;
    std::unique_ptr<Impl> impl_;
};

/// The shots that a logbook holds, by what makes them the same; as of the making.
class KnownShots {
public:
    explicit KnownShots(const Logbook& logbook);
    ~KnownShots();
    KnownShots(KnownShots&&) noexcept;
    bool contains(const ShotRecord& shot) const;
    /// The source of one that is the same, if there is one; 0 where that is not known.
    std::optional<std::int64_t> findSource(const ShotRecord& shot) const;

private:
    friend class Logbook;
    friend class LogbookWriter;
    struct Impl;
    std::unique_ptr<Impl> impl_;
};

/// Adds many shots in short transactions, none of which shows before commit(); destroyed without
/// it, the logbook looks as it did.
class LogbookWriter {
public:
    /// \p known must outlive it. Nothing is written yet.
    LogbookWriter(Logbook& logbook, const ShotSource& source, const KnownShots& known);
    ~LogbookWriter();
    LogbookWriter(const LogbookWriter&) = delete;
    LogbookWriter& operator=(const LogbookWriter&) = delete;
    /// A shot of the file is known from this source: that is how a file that has grown finds the
    /// session that it belongs to.
    void met(std::int64_t source);
    /// One transaction: for some thousands of shots, some tens of milliseconds.
    void add(std::span<const ShotRecord> shots);
    /// Leaves out what came in elsewhere since \p known was made.
    AddedShots commit();
    /// Leaves what was written to removeLeftovers, where the logbook cannot be reached any more.
    void abandon() noexcept;

private:
    struct Impl;
    std::unique_ptr<Impl> impl_;
};

}  // namespace wedgeon::store
