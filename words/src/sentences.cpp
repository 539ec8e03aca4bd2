// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sentence by sentence. What is marked so is found by the extractor of translations.
#include "sentences.h"

#include <array>

#include "fill.h"

namespace wedgeon::words {
namespace {

using store::Says;

template <class Code>
struct Sentence {
    Code code;
    const char* english;
};

template <class Sentences>
constexpr bool isInOrder(const Sentences& all) {
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (static_cast<std::size_t>(all[i].code) != i || all[i].english == nullptr) return false;
    }
    return true;
}

constexpr std::array<Sentence<Says>, store::saysCount> sentences{{
    {Says::FileMissing, QT_TRANSLATE_NOOP("Words", "%1 does not exist")},
    {Says::NotAFile, QT_TRANSLATE_NOOP("Words", "%1 is not a file")},
    {Says::FileIsFolder, QT_TRANSLATE_NOOP("Words", "%1 is a folder")},
    {Says::FileUnread, QT_TRANSLATE_NOOP("Words", "%1: %2")},
    {Says::FileUnopened, QT_TRANSLATE_NOOP("Words", "%1 cannot be opened for reading")},
    {Says::FileCutShort, QT_TRANSLATE_NOOP("Words", "%1 could not be read to its end")},
    {Says::FileTooLarge, QT_TRANSLATE_NOOP("Words", "%1 is %2 MB; files up to %3 MB are read")},
    {Says::FileUnwritten,
     QT_TRANSLATE_NOOP("Words",
                       "%1 could not be written: %2; what stood there before is unchanged")},
    {Says::FileNotMade, QT_TRANSLATE_NOOP("Words", "%1 could not be written: %2")},
    {Says::FileNotRenamed, QT_TRANSLATE_NOOP("Words", "%1 could not be renamed: %2")},
    {Says::FileIsInput, QT_TRANSLATE_NOOP("Words", "%1 is what is read from; write elsewhere")},
    {Says::FileIsOpenLogbook,
     QT_TRANSLATE_NOOP("Words", "%1 is the logbook that is open; its shots are in it already")},
    {Says::FileOfOpenLogbook,
     QT_TRANSLATE_NOOP("Words", "%1 belongs to the open logbook; write elsewhere")},
    {Says::FileIsDatabase,
     QT_TRANSLATE_NOOP("Words", "%1 is a logbook or another database; write elsewhere")},
    {Says::FileEmpty, QT_TRANSLATE_NOOP("Words", "%1 is empty")},
    {Says::FileNotText, QT_TRANSLATE_NOOP("Words", "%1 is not delimited text: it looks like %i")},
    {Says::LooksPng, QT_TRANSLATE_NOOP("Words", "a PNG picture")},
    {Says::LooksJpeg, QT_TRANSLATE_NOOP("Words", "a JPEG picture")},
    {Says::LooksGif, QT_TRANSLATE_NOOP("Words", "a GIF picture")},
    {Says::LooksPdf, QT_TRANSLATE_NOOP("Words", "a PDF document")},
    {Says::LooksArchive,
     QT_TRANSLATE_NOOP("Words", "a spreadsheet or zip archive; export it as CSV")},
    {Says::LooksDatabase, QT_TRANSLATE_NOOP("Words", "an SQLite database")},
    {Says::DamagedUtf16, QT_TRANSLATE_NOOP("Words", "a UTF-16 text that is cut or damaged")},
    {Says::LooksBinary, QT_TRANSLATE_NOOP("Words", "binary data")},
    {Says::InFile, QT_TRANSLATE_NOOP("Words", "%1: %i")},
    {Says::InFileLine, QT_TRANSLATE_NOOP("Words", "%1, line %2: %i")},
    {Says::QuoteUnclosed,
     QT_TRANSLATE_NOOP("Words", "a quote that is opened here is never closed")},
    {Says::QuotedCellTooLong,
     QT_TRANSLATE_NOOP("Words", "a quoted cell is longer than %1 KiB; is a quote missing?")},
    {Says::CellTooLong, QT_TRANSLATE_NOOP("Words", "a cell is longer than %1 KiB")},
    {Says::TooManyCells, QT_TRANSLATE_NOOP("Words", "more than %1 cells in one row")},
    {Says::BlankLines, QT_TRANSLATE_NOOP("Words", "holds only blank lines")},
    {Says::NoColumnKnown,
     QT_TRANSLATE_NOOP("Words",
                       "no column is known here. The first line reads \"%1\"; a header such as "
                       "\"club_speed [mph]\", \"launch_angle [deg]\" is needed")},
    {Says::NothingMeasuredKnown,
     QT_TRANSLATE_NOOP("Words", "no column of measured numbers is known here")},
    {Says::NothingMeasuredKnownBut,
     QT_TRANSLATE_NOOP("Words", "no column of measured numbers is known here; column \"%1\" %i")},
    {Says::NoShot, QT_TRANSLATE_NOOP("Words", "the columns are known, but no row holds a shot.")},
    {Says::NoShotRow,
     QT_TRANSLATE_NOOP("Words",
                       "the columns are known, but no row holds a shot. Line %1: \"%2\" %i.")},
    {Says::NoShotCell,
     QT_TRANSLATE_NOOP(
         "Words",
         "the columns are known, but no row holds a shot. Line %1, column %2 %3: \"%4\" %i.")},
    {Says::Stopped, QT_TRANSLATE_NOOP("Words", "stopped; nothing was taken")},
    {Says::AboveHeader, QT_TRANSLATE_NOOP("Words", "stands above the header")},
    {Says::SecondHeader, QT_TRANSLATE_NOOP("Words", "a second header row")},
    {Says::SummaryRow, QT_TRANSLATE_NOOP("Words", "a summary of the rows, not a shot")},
    {Says::BeyondHeader, QT_TRANSLATE_NOOP("Words", "stands beyond the last column of the header")},
    {Says::TextTooLong, QT_TRANSLATE_NOOP("Words", "is longer than %1 characters")},
    {Says::NoNumberInRow,
     QT_TRANSLATE_NOOP("Words", "no number in it; a second header or a footer?")},
    {Says::NothingMeasured, QT_TRANSLATE_NOOP("Words", "no measured number in it")},
    {Says::NotANumber, QT_TRANSLATE_NOOP("Words", "is not a number")},
    {Says::NotFinite, QT_TRANSLATE_NOOP("Words", "is not a finite number")},
    {Says::TooLongForNumber, QT_TRANSLATE_NOOP("Words", "is too long for a number")},
    {Says::NumberTooLarge, QT_TRANSLATE_NOOP("Words", "is too large")},
    {Says::OutsideLimits, QT_TRANSLATE_NOOP("Words", "is outside what %1 can be: %2 to %3 %4")},
    {Says::FaceToPathDiffers,
     QT_TRANSLATE_NOOP("Words", "is not the face angle less the club path of this row")},
    {Says::AsSaid, QT_TRANSLATE_NOOP("Words", "as you said")},
    {Says::NotToBeRead, QT_TRANSLATE_NOOP("Words", "not to be read")},
    {Says::SecondOfQuantity, QT_TRANSLATE_NOOP("Words", "a second column of %1; not read")},
    {Says::SecondOfKind, QT_TRANSLATE_NOOP("Words", "a second column of this kind; not read")},
    {Says::UnknownColumn, QT_TRANSLATE_NOOP("Words", "not a column that is known here")},
    {Says::TakenAs, QT_TRANSLATE_NOOP("Words", "no unit given; taken as %1")},
    {Says::TakenAsBecause, QT_TRANSLATE_NOOP("Words", "no unit given; taken as %1, %i")},
    {Says::ByTheCarry,
     QT_TRANSLATE_NOOP("Words", "by the carry that ball speed, launch and spin give")},
    {Says::NoWedgeSpeed, QT_TRANSLATE_NOOP("Words", "as %1 m/s is no wedge's speed")},
    {Says::LooksLikeBut, QT_TRANSLATE_NOOP("Words", "looks like %1, but %i")},
    {Says::NoKnownUnit,
     QT_TRANSLATE_NOOP("Words", "\"%1\" is not a unit of %2 that is known here")},
    {Says::NoUnit,
     QT_TRANSLATE_NOOP("Words",
                       "the header has no unit: write \"%1\" or name the unit when importing")},
    {Says::NoSuchSpin,
     QT_TRANSLATE_NOOP("Words", "its numbers are about %1, which no spin in rpm is")},
    {Says::FaceToPathAlone,
     QT_TRANSLATE_NOOP("Words",
                       "face to path is kept as face angle and club path: one of them is needed")},
    {Says::MostlyNoNumbers, QT_TRANSLATE_NOOP("Words", "most of its cells are no numbers")},
    {Says::UnitInCells, QT_TRANSLATE_NOOP("Words", "in %1, as its cells say")},
    {Says::CommaIsDecimal,
     QT_TRANSLATE_NOOP("Words", "its comma is a decimal one: as thousands it could not be this")},
    {Says::PointIsDecimal,
     QT_TRANSLATE_NOOP("Words", "its point is a decimal one: as thousands it could not be this")},
    {Says::ShortWords, QT_TRANSLATE_NOOP("Words", "taken from shortened words")},
    {Says::OverrideForm,
     QT_TRANSLATE_NOOP("Words", "\"%1\" is not of the form column=quantity[unit]")},
    {Says::NotAUnit, QT_TRANSLATE_NOOP("Words", "\"%1\" is not a unit of %2")},
    {Says::NotAQuantity, QT_TRANSLATE_NOOP("Words", "\"%1\" is not a quantity")},
    {Says::FieldMissing, QT_TRANSLATE_NOOP("Words", "%1 is missing")},
    {Says::FieldUnknown, QT_TRANSLATE_NOOP("Words", "%1 is not a known field")},
    {Says::FieldNotObject, QT_TRANSLATE_NOOP("Words", "%1 must be an object")},
    {Says::FieldNotText, QT_TRANSLATE_NOOP("Words", "%1 must be a text")},
    {Says::FieldNotNumber, QT_TRANSLATE_NOOP("Words", "%1 must be a number")},
    {Says::FieldNotFlag, QT_TRANSLATE_NOOP("Words", "%1 must be true or false")},
    {Says::FieldNotArray, QT_TRANSLATE_NOOP("Words", "%1 must be an array of at most %2")},
    {Says::FieldNotOneOf, QT_TRANSLATE_NOOP("Words", "%1 must be one of %2")},
    {Says::FieldNotLine,
     QT_TRANSLATE_NOOP("Words", "%1 must be a text of 1 to %2 bytes on one line")},
    {Says::FieldFormerTwice,
     QT_TRANSLATE_NOOP("Words", "%1 is the former name of %2, which is there, too")},
    {Says::FieldTooLong, QT_TRANSLATE_NOOP("Words", "%1 is longer than %2 bytes")},
    {Says::FieldOutside, QT_TRANSLATE_NOOP("Words", "%1 must be from %2 to %3")},
    {Says::FieldOutsideQuantity, QT_TRANSLATE_NOOP("Words", "%1 is outside what %2 can be")},
    {Says::FieldFaceToPath,
     QT_TRANSLATE_NOOP("Words", "%1 is not the face angle less the club path, or stands alone")},
    {Says::FieldNotSquare, QT_TRANSLATE_NOOP("Words", "%1 must be %2 times %2 numbers")},
    {Says::FieldNotUnit, QT_TRANSLATE_NOOP("Words", "%1 must be a unit of %2")},
    {Says::FieldBad, QT_TRANSLATE_NOOP("Words", "%1 %i")},
    {Says::NumberOutside, QT_TRANSLATE_NOOP("Words", "%1 is %2; it must be from %3 to %4")},
    {Says::NumberNotFinite,
     QT_TRANSLATE_NOOP("Words", "%1 is not a finite number; it must be from %2 to %3")},
    {Says::FieldTwice, QT_TRANSLATE_NOOP("Words", "has the field \"%1\" twice")},
    {Says::TooDeep, QT_TRANSLATE_NOOP("Words", "is nested deeper than %1 levels")},
    {Says::NotJson, QT_TRANSLATE_NOOP("Words", "is not JSON: %1")},
    {Says::NotJsonLine, QT_TRANSLATE_NOOP("Words", "is not JSON (line %1)")},
    {Says::NotJsonByte, QT_TRANSLATE_NOOP("Words", "is not JSON (byte %1)")},
    {Says::JsonNumberTooLarge, QT_TRANSLATE_NOOP("Words", "holds a number that is too large")},
    {Says::FormatNot, QT_TRANSLATE_NOOP("Words", "format must be \"%1\", version %2")},
    {Says::VersionNot,
     QT_TRANSLATE_NOOP("Words", "version must be %1; this program knows no other")},
    {Says::RecipesTooLarge, QT_TRANSLATE_NOOP("Words", "a file of recipes has at most %1 MB")},
    {Says::NotRecipes, QT_TRANSLATE_NOOP("Words", "is no file of recipes")},
    {Says::TooManyRecipes,
     QT_TRANSLATE_NOOP("Words", "a logbook keeps %1 recipes at most; nothing was kept")},
    {Says::SituationTooLarge,
     QT_TRANSLATE_NOOP("Words", "a file of a situation has at most %1 MB")},
    {Says::TooManySituations, QT_TRANSLATE_NOOP("Words", "a logbook keeps at most %1 situations")},
    {Says::GroupUnknown, QT_TRANSLATE_NOOP("Words", "a group's ball or face is not known")},
    {Says::ColumnOutside, QT_TRANSLATE_NOOP("Words", "column must be from 0 to %1")},
    {Says::LogbookNewer,
     QT_TRANSLATE_NOOP(
         "Words", "%1 was made by a later version of the program (schema %2, this one knows %3)")},
    {Says::DatabaseNoLogbook, QT_TRANSLATE_NOOP("Words", "%1 is a database, but not a logbook")},
    {Says::LogbookNotAsMade, QT_TRANSLATE_NOOP("Words", "%1 is not as the program makes it: %i")},
    {Says::HoldsForeign, QT_TRANSLATE_NOOP("Words", "it holds a %1 of another hand")},
    {Says::MadeByForeign, QT_TRANSLATE_NOOP("Words", "its %1 was made by another hand")},
    {Says::Lacks, QT_TRANSLATE_NOOP("Words", "it has no %1")},
    {Says::BeginningDamaged,
     QT_TRANSLATE_NOOP("Words", "%1 is not a logbook, or its beginning is damaged")},
    {Says::PagesDamaged, QT_TRANSLATE_NOOP("Words", "%1 is damaged: %2")},
    {Says::HeldElsewhere,
     QT_TRANSLATE_NOOP("Words", "%1 is held by another program; nothing was changed")},
    {Says::DiskFull,
     QT_TRANSLATE_NOOP("Words", "%1 could not be written: the disk is full; nothing was changed")},
    {Says::CannotBeWritten,
     QT_TRANSLATE_NOOP("Words", "%1 cannot be written; nothing was changed")},
    {Says::CannotBeOpened,
     QT_TRANSLATE_NOOP("Words", "%1 cannot be opened, or its folder cannot be written")},
    {Says::InputOutput, QT_TRANSLATE_NOOP("Words", "%1 could not be read or written: %2")},
    {Says::DatabaseSays, QT_TRANSLATE_NOOP("Words", "%1: %2")},
    {Says::MovedAway,
     QT_TRANSLATE_NOOP(
         "Words", "%1 was replaced, renamed or removed while it was open; nothing was changed")},
    {Says::NoFileName, QT_TRANSLATE_NOOP("Words", "a logbook needs the name of a file")},
    {Says::HoldsNoLogbook, QT_TRANSLATE_NOOP("Words", "%1 holds no logbook yet")},
    {Says::OpenForReading, QT_TRANSLATE_NOOP("Words", "%1 is open for reading only")},
    {Says::ImportStoodStill,
     QT_TRANSLATE_NOOP(
         "Words", "%1: the import stood still for too long and was given up; nothing was taken")},
    {Says::ImportGone, QT_TRANSLATE_NOOP("Words", "this import is not in %1 any more")},
    {Says::ImportEdited,
     QT_TRANSLATE_NOOP(
         "Words", "shots of this import were tagged, paced or set aside since; they stay in %1")},
    {Says::CameInAgain,
     QT_TRANSLATE_NOOP("Words", "%1 of these shots came in again meanwhile; nothing was doubled")},
    {Says::LogbookCloses,
     QT_TRANSLATE_NOOP("Words", "the logbook is being closed; nothing was changed")},
    {Says::AsTold, "%1"},
    {Says::ShotChanged,
     QT_TRANSLATE_NOOP(
         "Words", "this shot of %1 was changed in another window; yours was not written over it")},
    {Says::RowsChanged,
     QT_TRANSLATE_NOOP("Words",
                       "some of it was changed again since; nothing was taken back in %1")},
    {Says::PacedOutside, QT_TRANSLATE_NOOP("Words", "a paced run is between %1 and %2 m")},
    {Says::WordMeasured, QT_TRANSLATE_NOOP("Words", "the %1 of a shot is as it was measured")},
    {Says::PlayerNameForm,
     QT_TRANSLATE_NOOP("Words", "the name of a player has 1 to %1 bytes on one line")},
    {Says::WedgeNameForm,
     QT_TRANSLATE_NOOP("Words", "the name of a wedge has 1 to %1 bytes on one line")},
    {Says::BallNameForm,
     QT_TRANSLATE_NOOP("Words", "the name of a ball has 1 to %1 bytes on one line")},
    {Says::LieNameForm,
     QT_TRANSLATE_NOOP("Words", "the name of a lie has 1 to %1 bytes on one line")},
    {Says::GroundNameForm,
     QT_TRANSLATE_NOOP("Words", "the name of a ground has 1 to %1 bytes on one line")},
    {Says::TextTooLongBytes, QT_TRANSLATE_NOOP("Words", "a text is longer than %1 bytes")},
    {Says::NoSuchPlayer, QT_TRANSLATE_NOOP("Words", "there is no player of the name %1")},
    {Says::PlayerOfHisOwn, QT_TRANSLATE_NOOP("Words", "%1 is a player of his own")},
    {Says::AnothersName, QT_TRANSLATE_NOOP("Words", "%1 is another player's other name")},
    {Says::NoSuchTime, QT_TRANSLATE_NOOP("Words", "%1 is no day and time")},
    {Says::AttachmentForm,
     QT_TRANSLATE_NOOP("Words", "a picture or clip belongs to one shot or one recipe")},
    {Says::AttachmentNotCopied, QT_TRANSLATE_NOOP("Words", "%1 was not copied: %2")},
    {Says::LineTooLong, QT_TRANSLATE_NOOP("Words", "a line is longer than %1 KiB and was skipped")},
    {Says::LineNotJson, QT_TRANSLATE_NOOP("Words", "a line is not JSON: %1")},
    {Says::LineSkipped, QT_TRANSLATE_NOOP("Words", "a line was skipped: %i")},
    {Says::LineUnknown, QT_TRANSLATE_NOOP("Words", "a line of unknown type was skipped")},
    {Says::NotAnObject, QT_TRANSLATE_NOOP("Words", "it must be an object")},
    {Says::NoHello, QT_TRANSLATE_NOOP("Words", "the first line must be a hello")},
    {Says::OtherProtocol,
     QT_TRANSLATE_NOOP("Words",
                       "the device speaks another version of the protocol; this program knows %1")},
    {Says::ShotWithoutId, QT_TRANSLATE_NOOP("Words", "a shot has no id")},
    {Says::ShotWithoutNumber, QT_TRANSLATE_NOOP("Words", "a shot has no measured number")},
    {Says::QuantityNotNumber, QT_TRANSLATE_NOOP("Words", "%1 is not a number")},
    {Says::QuantityOutside, QT_TRANSLATE_NOOP("Words", "%1 is outside what it can be")},
    {Says::ShotDamaged,
     QT_TRANSLATE_NOOP(
         "Words", "This shot does not read as it was written: its place on the disk is damaged.")},
    {Says::BallSpeedInOtherUnit,
     QT_TRANSLATE_NOOP("Words",
                       "Ball speed is %1 times the club's, where %2 is the most: one of them in "
                       "mph, the other in m/s?")},
    {Says::BallSpeedTooLow,
     QT_TRANSLATE_NOOP(
         "Words",
         "Ball speed is only %1 times the club's; times %2 it would be ordinary: m/s beside mph?")},
    {Says::BallSpeedTooHigh,
     QT_TRANSLATE_NOOP("Words",
                       "Ball speed is %1 times the club's; no strike gives more than %2.")},
    {Says::BallFaster,
     QT_TRANSLATE_NOOP("Words",
                       "The ball is %1 % faster than club, loft and lie give (spin loft %2°).")},
    {Says::SpinBeyondGrip,
     QT_TRANSLATE_NOOP("Words",
                       "Spin of %1 rpm is more than a strike that grips entirely gives (%2).")},
    {Says::TurfBehindBall,
     QT_TRANSLATE_NOOP("Words", "The turf was seen taken from behind the ball: fat?")},
    {Says::TurfFirst,
     QT_TRANSLATE_NOOP("Words",
                       "Slower by %1 % and less spin by %2 % than this strike gives: turf first?")},
    {Says::OffTheEdge,
     QT_TRANSLATE_NOOP(
         "Words", "Launched %1° lower than the face gives, with %2 % less spin: off the edge?")},
    {Says::TowardToe,
     QT_TRANSLATE_NOOP("Words",
                       "The axis is %1° off what face and path give (%2°): toward the toe?")},
    {Says::TowardHeel,
     QT_TRANSLATE_NOOP("Words",
                       "The axis is %1° off what face and path give (%2°): toward the heel?")},
    {Says::SameAsBefore, QT_TRANSLATE_NOOP("Words", "Every number is that of the shot before.")},
    {Says::StandsStill, QT_TRANSLATE_NOOP("Words", "The %1 stands still over %2 shots.")},
    {Says::RoundSpin,
     QT_TRANSLATE_NOOP("Words", "Spin comes in round hundreds: computed by the device, not seen.")},
    {Says::DeloftedForPlayer,
     QT_TRANSLATE_NOOP(
         "Words",
         "Loft %1 and spin %2 times the usual spread below this player's own: off the edge?")},
    {Says::SlowedForPlayer,
     QT_TRANSLATE_NOOP(
         "Words",
         "Club speed %1 and spin %2 times the usual spread below this player's own: turf first?")},
    {Says::BallSpeedStray,
     QT_TRANSLATE_NOOP("Words",
                       "The ball speed for the club's is %1 times its usual spread away from this "
                       "player's own pattern (%2 is far).")},
    {Says::LaunchStray, QT_TRANSLATE_NOOP("Words",
                                          "The launch is %1 times its usual spread away from this "
                                          "player's own pattern (%2 is far).")},
    {Says::SpinStray, QT_TRANSLATE_NOOP("Words",
                                        "The spin for the ball's speed is %1 times its usual "
                                        "spread away from this player's own pattern (%2 is far).")},
    {Says::FlightOff,
     QT_TRANSLATE_NOOP("Words",
                       "The %1 is %2 % off what the measured launch flies to; the other shots of "
                       "the day stay within %3 %.")},
    {Says::FlightInOtherUnit,
     QT_TRANSLATE_NOOP("Words",
                       "The %1 is %2 times what the measured launch flies to, as if it were in "
                       "another unit.")},
    {Says::SpinByFormula,
     QT_TRANSLATE_NOOP("Words",
                       "The spin of %1 shots follows from ball speed and launch by one formula: "
                       "computed, not seen.")},
    {Says::OffItsStrike,
     QT_TRANSLATE_NOOP(
         "Words",
         "The %1 is %2 times its usual spread off what this strike gives (%3 is far): "
         "a misread, or not off the middle of the face.")},
    {Says::DayOffItsStrikes,
     QT_TRANSLATE_NOOP("Words",
                       "On this day the %1 of all %2 shots is off what their strikes give, by %3 "
                       "times what days differ by: a wet face, another ball, a device set "
                       "otherwise?")},
    {Says::AttackTurned,
     QT_TRANSLATE_NOOP("Words",
                       "The attack of %1° fits neither the ball nor this player; with the other "
                       "sign it fits both.")},
    {Says::HeapInARow,
     QT_TRANSLATE_NOOP("Words",
                       "The %1 of %2 of these %3 shots, one after another, lies apart from the "
                       "others': a wet face, another ball, a new way to hit it?")},
    {Says::HeapAmongOthers,
     QT_TRANSLATE_NOOP("Words",
                       "The %1 of %2 of these %3 shots, hit among the others, lies apart from "
                       "theirs: two balls under one name, a face not wiped, a second way to hit "
                       "it?")},
    {Says::CorrectionBad,
     QT_TRANSLATE_NOOP("Words", "these are not the numbers of a correction of the strike")},
}};
static_assert(isInOrder(sentences), "a sentence is missing, or not in its place");

constexpr std::array<Sentence<FitRemark::Kind>, 13> remarks{{
    {FitRemark::Kind::Stopped, QT_TRANSLATE_NOOP("Words", "The fit was stopped.")},
    {FitRemark::Kind::TooFew, QT_TRANSLATE_NOOP("Words",
                                                "%1 shots with club speed, attack angle, dynamic "
                                                "loft and ball data are too few: six are needed.")},
    {FitRemark::Kind::BallSpeedOff,
     QT_TRANSLATE_NOOP("Words",
                       "The ball speed is typically %3 times what the club gives: one of the two "
                       "is in another unit.")},
    {FitRemark::Kind::SpinOff, QT_TRANSLATE_NOOP("Words",
                                                 "The spin is typically %3 times what the strike "
                                                 "gives: another unit, or not a spin rate.")},
    {FitRemark::Kind::Disagree,
     QT_TRANSLATE_NOOP("Words",
                       "%1 of %2 shots do not fit any strike together with the others; look at the "
                       "quality notes first.")},
    {FitRemark::Kind::FrozenSpin,
     QT_TRANSLATE_NOOP("Words",
                       "Half of the shots and more have the same spin to the digit: it was not "
                       "measured, and spin is left out of the fit.")},
    {FitRemark::Kind::BadShots,
     QT_TRANSLATE_NOOP("Words", "%1 of %2 shots fit badly and count little: mishits or misreads.")},
    {FitRemark::Kind::NeverSlipped,
     QT_TRANSLATE_NOOP("Words",
                       "No shot has slipped: the friction of this ball, face and lie (%1 shots) is "
                       "known only to be above %3.")},
    {FitRemark::Kind::LawCorrected,
     QT_TRANSLATE_NOOP("Words",
                       "The law of the strike misses these %1 shots beyond chance: what they show "
                       "beside it is added to predictions near them.")},
    {FitRemark::Kind::StrikeUnsettled,
     QT_TRANSLATE_NOOP("Words",
                       "The fit of the strike ran out of steps: its numbers may still move a "
                       "little.")},
    {FitRemark::Kind::AirUnsettled,
     QT_TRANSLATE_NOOP(
         "Words", "The fit of the air ran out of steps: its numbers may still move a little.")},
    {FitRemark::Kind::GroundUnsettled,
     QT_TRANSLATE_NOOP("Words",
                       "The fit of the ground ran out of steps: its numbers may still move a "
                       "little.")},
    {FitRemark::Kind::SetUpUnsettled,
     QT_TRANSLATE_NOOP("Words",
                       "The fit of the set-up ran out of steps: its numbers may still move a "
                       "little.")},
}};
static_assert(isInOrder(remarks), "a remark is missing, or not in its place");

constexpr std::array<Sentence<store::Quantity>, store::allQuantityCount> quantities{{
    {store::Quantity::Loft, QT_TRANSLATE_NOOP("Words", "loft")},
    {store::Quantity::ClubSpeed, QT_TRANSLATE_NOOP("Words", "club speed")},
    {store::Quantity::AttackAngle, QT_TRANSLATE_NOOP("Words", "attack angle")},
    {store::Quantity::ClubPath, QT_TRANSLATE_NOOP("Words", "club path")},
    {store::Quantity::FaceAngle, QT_TRANSLATE_NOOP("Words", "face angle")},
    {store::Quantity::DynamicLoft, QT_TRANSLATE_NOOP("Words", "dynamic loft")},
    {store::Quantity::SpinLoft, QT_TRANSLATE_NOOP("Words", "spin loft")},
    {store::Quantity::BallSpeed, QT_TRANSLATE_NOOP("Words", "ball speed")},
    {store::Quantity::LaunchAngle, QT_TRANSLATE_NOOP("Words", "launch angle")},
    {store::Quantity::LaunchDirection, QT_TRANSLATE_NOOP("Words", "launch direction")},
    {store::Quantity::SpinRate, QT_TRANSLATE_NOOP("Words", "spin rate")},
    {store::Quantity::SpinAxis, QT_TRANSLATE_NOOP("Words", "spin axis")},
    {store::Quantity::Carry, QT_TRANSLATE_NOOP("Words", "carry")},
    {store::Quantity::Apex, QT_TRANSLATE_NOOP("Words", "apex")},
    {store::Quantity::LandingAngle, QT_TRANSLATE_NOOP("Words", "landing angle")},
    {store::Quantity::Release, QT_TRANSLATE_NOOP("Words", "release")},
    {store::Quantity::Total, QT_TRANSLATE_NOOP("Words", "total")},
    {store::Quantity::Side, QT_TRANSLATE_NOOP("Words", "side")},
    {store::Quantity::FaceToPath, QT_TRANSLATE_NOOP("Words", "face to path")},
}};
static_assert(isInOrder(quantities), "a quantity is missing, or not in its place");

constexpr std::array<Sentence<store::Dimension>, 4> dimensions{{
    {store::Dimension::Speed, QT_TRANSLATE_NOOP("Words", "speed")},
    {store::Dimension::Length, QT_TRANSLATE_NOOP("Words", "length")},
    {store::Dimension::Angle, QT_TRANSLATE_NOOP("Words", "angle")},
    {store::Dimension::SpinRate, QT_TRANSLATE_NOOP("Words", "spin rate")},
}};
static_assert(isInOrder(dimensions), "a dimension is missing, or not in its place");

}  // namespace

const char* sentenceOf(Says code) {
    return sentences[static_cast<std::size_t>(code)].english;
}
const char* sentenceOf(FitRemark::Kind kind) {
    return remarks[static_cast<std::size_t>(kind)].english;
}
const char* wordOf(store::Quantity quantity) {
    return quantities[static_cast<std::size_t>(quantity)].english;
}
const char* wordOf(store::Dimension dimension) {
    return dimensions[static_cast<std::size_t>(dimension)].english;
}

}  // namespace wedgeon::words
