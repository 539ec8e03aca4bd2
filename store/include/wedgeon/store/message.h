// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the store has to say, without words: a code and what fills its places. `words/` has a
/// sentence for each code.
#pragma once

#include <concepts>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// %1, %2 ... are Message::arguments in their order, %i is Message::inner.
enum class Says {
    // Files. %1 is the file's name.
    FileMissing,
    NotAFile,
    FileIsFolder,
    FileUnread,      ///< %2: what the system says
    FileUnopened,    ///< for reading
    FileCutShort,    ///< could not be read to its end
    FileTooLarge,    ///< %2 MB, of at most %3
    FileUnwritten,   ///< %2: what the system says; what stood there is unchanged
    FileNotMade,     ///< %2: what the system says
    FileNotRenamed,  ///< %2: what the system says
    FileIsInput,     ///< would be written over
    FileIsOpenLogbook,
    FileOfOpenLogbook,  ///< belongs to it, and would be written over
    FileIsDatabase,     ///< and would be written over
    FileEmpty,
    FileNotText,  ///< %i: what it looks like
    LooksPng,
    LooksJpeg,
    LooksGif,
    LooksPdf,
    LooksArchive,
    LooksDatabase,
    DamagedUtf16,
    LooksBinary,
    InFile,      ///< %i
    InFileLine,  ///< %2: line; %i

    // Delimited text.
    QuoteUnclosed,
    QuotedCellTooLong,  ///< %1 KiB
    CellTooLong,        ///< %1 KiB
    TooManyCells,       ///< more than %1
    BlankLines,
    NoColumnKnown,  ///< %1: how the first line begins
    NothingMeasuredKnown,
    NothingMeasuredKnownBut,  ///< column %1; %i: why it is not read
    NoShot,
    NoShotRow,   ///< the first reason: line %1, text %2, %i
    NoShotCell,  ///< the first reason: line %1, column %2 with header %3, text %4, %i
    Stopped,     ///< by the one who asked for it; nothing was taken

    // A row or a cell that is not taken.
    AboveHeader,
    SecondHeader,
    SummaryRow,
    BeyondHeader,
    TextTooLong,  ///< more than %1 characters
    NoNumberInRow,
    NothingMeasured,
    NotANumber,
    NotFinite,
    TooLongForNumber,
    NumberTooLarge,
    OutsideLimits,  ///< of %1: %2 to %3 %4
    FaceToPathDiffers,

    // What a column was taken for.
    AsSaid,
    NotToBeRead,
    SecondOfQuantity,  ///< %1
    SecondOfKind,
    UnknownColumn,
    TakenAs,         ///< %1: unit
    TakenAsBecause,  ///< %1: unit; %i
    ByTheCarry,
    NoWedgeSpeed,  ///< %1 in m/s
    LooksLikeBut,  ///< %1: quantity; %i
    NoKnownUnit,   ///< %1: text; %2: dimension
    NoUnit,        ///< %1: what to write
    NoSuchSpin,    ///< %1 rpm
    FaceToPathAlone,
    MostlyNoNumbers,
    UnitInCells,  ///< %1
    CommaIsDecimal,
    PointIsDecimal,
    ShortWords,
    OverrideForm,  ///< %1 is not of the form that is asked for
    NotAUnit,      ///< %1: text; %2: dimension
    NotAQuantity,  ///< %1

    // JSON. %1 is the field's path.
    FieldMissing,
    FieldUnknown,
    FieldNotObject,
    FieldNotText,
    FieldNotNumber,
    FieldNotFlag,
    FieldNotArray,         ///< of at most %2
    FieldNotOneOf,         ///< %2: names
    FieldNotLine,          ///< a text of 1 to %2 bytes on one line
    FieldFormerTwice,      ///< the former name of %2, which is there, too
    FieldTooLong,          ///< more than %2 bytes
    FieldOutside,          ///< of %2 to %3
    FieldOutsideQuantity,  ///< of what %2 can be
    FieldFaceToPath,       ///< not face angle less club path
    FieldNotSquare,        ///< %2 times %2 numbers
    FieldNotUnit,          ///< of dimension %2
    FieldBad,              ///< %i
    NumberOutside,         ///< %1 is %2; it must be from %3 to %4
    NumberNotFinite,       ///< %1; it must be from %2 to %3
    FieldTwice,
    TooDeep,      ///< %1 levels
    NotJson,      ///< %1: what the parser says
    NotJsonLine,  ///< %1
    NotJsonByte,  ///< %1
    JsonNumberTooLarge,
    FormatNot,        ///< %1, version %2
    VersionNot,       ///< %1
    RecipesTooLarge,  ///< %1 MB
    NotRecipes,
    TooManyRecipes,     ///< %1
    SituationTooLarge,  ///< %1 MB
    TooManySituations,  ///< %1
    GroupUnknown,
    ColumnOutside,  ///< 0 to %1

    // Logbooks. %1 is the file's name.
    LogbookNewer,  ///< schema %2, this program knows %3
    DatabaseNoLogbook,
    LogbookNotAsMade,  ///< %i
    HoldsForeign,      ///< %1: object
    MadeByForeign,     ///< %1: object
    Lacks,             ///< %1: object
    BeginningDamaged,
    PagesDamaged,  ///< %2: what the database says
    HeldElsewhere,
    DiskFull,
    CannotBeWritten,
    CannotBeOpened,
    InputOutput,   ///< %2: what the database says
    DatabaseSays,  ///< %2
    MovedAway,
    NoFileName,
    HoldsNoLogbook,
    OpenForReading,
    ImportStoodStill,
    ImportGone,
    ImportEdited,
    CameInAgain,  ///< %1 shots
    LogbookCloses,
    AsTold,        ///< %1: said already by whoever met it
    ShotChanged,   ///< elsewhere
    RowsChanged,   ///< since; in %1
    PacedOutside,  ///< %1 to %2 m
    WordMeasured,  ///< %1: label

    // Players, wedges, and the like.
    PlayerNameForm,
    WedgeNameForm,
    BallNameForm,
    LieNameForm,
    GroundNameForm,
    TextTooLongBytes,  ///< %1
    NoSuchPlayer,      ///< %1
    PlayerOfHisOwn,    ///< %1
    AnothersName,      ///< %1

    // Calendars.
    NoSuchTime,  ///< %1

    // Pictures and clips.
    AttachmentForm,
    AttachmentNotCopied,  ///< %1; %2: what the system says

    // The live protocol.
    LineTooLong,  ///< %1 KiB
    LineNotJson,  ///< %1: how it begins
    LineSkipped,  ///< %i
    LineUnknown,
    NotAnObject,
    NoHello,
    OtherProtocol,  ///< this program knows %1
    ShotWithoutId,
    ShotWithoutNumber,
    QuantityNotNumber,  ///< %1
    QuantityOutside,    ///< %1

    // Doubts.
    ShotDamaged,
    BallSpeedInOtherUnit,  ///< %1 times the club's, %2 the most
    BallSpeedTooLow,       ///< %1 times the club's; ordinary if times %2
    BallSpeedTooHigh,      ///< %1 times the club's, %2 the most
    BallFaster,            ///< %1 % more than the strike gives, at a spin loft of %2 degrees
    SpinBeyondGrip,        ///< %1 rpm, %2 the most
    TurfBehindBall,
    TurfFirst,   ///< slower by %1 %, less spin by %2 %
    OffTheEdge,  ///< lower by %1 degrees, less spin by %2 %
    TowardToe,   ///< axis off by %1 degrees, %2 expected
    TowardHeel,  ///< axis off by %1 degrees, %2 expected
    SameAsBefore,
    StandsStill,  ///< %1 over %2 shots
    RoundSpin,
    DeloftedForPlayer,  ///< loft %1 and spin %2 spreads below the player's own
    SlowedForPlayer,    ///< club speed %1 and spin %2 spreads below the player's own
    BallSpeedStray,     ///< ball speed for the club's: %1 spreads away, %2 is far
    LaunchStray,        ///< %1 spreads away, %2 is far
    SpinStray,          ///< spin for the ball's speed: %1 spreads away, %2 is far
    FlightOff,          ///< quantity %1 is %2 % off its launch's flight, the day's others %3 %
    FlightInOtherUnit,  ///< quantity %1 is %2 times its launch's flight
    SpinByFormula,      ///< of %1 shots it follows from ball speed and launch
    OffItsStrike,       ///< quantity %1 is %2 spreads from what this strike gives, %3 is far
    DayOffItsStrikes,   ///< quantity %1 of all of a day's %2 shots is off, by %3 spreads of days
    AttackTurned,       ///< an attack of the other sign would fit: %1 degrees read
    HeapInARow,         ///< quantity %1 of %2 of %3 shots lies apart, hit one after another
    HeapAmongOthers,    ///< quantity %1 of %2 of %3 shots lies apart, hit among the others
    CorrectionBad       ///< what a tuning adds to the law of the strike is no such thing
};
inline constexpr std::size_t saysCount = static_cast<std::size_t>(Says::CorrectionBad) + 1;

/// A number in the unit that the message speaks of.
struct Figure {
    double value = 0.0;
    int decimals = 0;  ///< fewer than 0: as many as it has, six digits in all

    bool operator==(const Figure&) const = default;
};

/// A text stands as it is: it comes from a file, the wire or the system.
using Argument = std::variant<std::string, Figure, Quantity, Dimension>;

struct Message {
    Says says{};
    std::vector<Argument> arguments;
    std::vector<Message> inner;  ///< what is said inside, at %i; one at most

    Message() = default;
    /// Texts, whole numbers, figures, quantities and dimensions as arguments, a message as what is
    /// said inside.
    template <class... Parts>
    Message(Says code, Parts&&... parts) : says(code) {  // NOLINT(google-explicit-constructor)
        (take(std::forward<Parts>(parts)), ...);
    }
    bool operator==(const Message&) const = default;

private:
    void take(Message message) { inner.push_back(std::move(message)); }
    void take(std::string_view text) { arguments.emplace_back(std::string(text)); }
    void take(const std::string& text) { arguments.emplace_back(text); }
    void take(const char* text) { arguments.emplace_back(std::string(text)); }
    void take(std::integral auto count) {
        arguments.emplace_back(Figure{static_cast<double>(count), 0});
    }
    void take(Figure figure) { arguments.emplace_back(figure); }
    void take(Quantity quantity) { arguments.emplace_back(quantity); }
    void take(Dimension dimension) { arguments.emplace_back(dimension); }
};

/// For a person who looks into a running program: the code's number and what fills its places.
std::string describe(const Message& message);

}  // namespace wedgeon::store
