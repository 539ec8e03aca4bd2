// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The wire is not trusted: bad lines are skipped with a reason, and nothing grows.
#include "wedgeon/store/live_protocol.h"

#include <gtest/gtest.h>

#include <random>

#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

std::vector<LiveMessage> fed(LiveReader& reader, std::string_view bytes) {
    std::vector<LiveMessage> out;
    reader.feed(bytes, out);
    return out;
}

const std::string hello = liveHello("stand-in");

Message faultOf(const std::vector<LiveMessage>& messages) {
    for (const LiveMessage& m : messages) {
        if (const auto* f = std::get_if<LiveFault>(&m)) return f->reason;
    }
    throw std::logic_error("no fault");
}

TEST(LiveProtocol, AShotComesThroughToTheLastDigitThatIsSent) {
    ShotRecord shot;
    shot[Quantity::ClubSpeed] = 21.37;
    shot[Quantity::LaunchAngle] = radFromDeg(31.2);
    shot[Quantity::SpinRate] = radpsFromRpm(5612);
    shot[Label::Player] = "Runa \"R\" Vale";
    shot[Label::Tags] = "a coach's word";
    LiveReader reader;
    const auto got = fed(reader, hello + liveShot("17", shot));
    ASSERT_EQ(got.size(), 2u);
    EXPECT_EQ(std::get<LiveHello>(got[0]).device, "stand-in");
    const auto& back = std::get<LiveShot>(got[1]);
    EXPECT_EQ(back.id, "17");
    EXPECT_EQ(back.record[Quantity::ClubSpeed], 21.37);
    EXPECT_NEAR(back.record[Quantity::LaunchAngle], radFromDeg(31.2), 1e-15);
    EXPECT_NEAR(back.record[Quantity::SpinRate], radpsFromRpm(5612), 1e-12);
    EXPECT_EQ(back.record[Label::Player], "Runa \"R\" Vale");
    EXPECT_EQ(back.record[Label::Tags], "") << "tags are the coach's, not the device's";
    EXPECT_FALSE(back.record.has(Quantity::Carry));
}

TEST(LiveProtocol, BytesMayComeInAnyPieces) {
    ShotRecord shot;
    shot[Quantity::Carry] = 30;
    const std::string all = hello + liveShot("1", shot) + "\r\n" + liveShot("2", shot);
    for (std::size_t piece = 1; piece < 50; ++piece) {
        LiveReader reader;
        std::vector<LiveMessage> out;
        for (std::size_t at = 0; at < all.size(); at += piece)
            reader.feed(std::string_view(all).substr(at, piece), out);
        ASSERT_EQ(out.size(), 3u) << piece;
        EXPECT_EQ(std::get<LiveShot>(out[2]).id, "2");
    }
}

TEST(LiveProtocol, UnitsAreThoseOfTheHello) {
    LiveReader reader;
    const auto got =
        fed(reader,
            R"({"type":"hello","protocol":1,"device":"x","units":{"speed":"mph","length":"yd"}}
{"type":"shot","id":"a","club_speed":50,"carry":40,"launch_angle":30})"
            "\n");
    const auto& shot = std::get<LiveShot>(got.at(1)).record;
    EXPECT_NEAR(shot[Quantity::ClubSpeed], 50 * 0.44704, 1e-12);
    EXPECT_NEAR(shot[Quantity::Carry], 40 * 0.9144, 1e-12);
    EXPECT_NEAR(shot[Quantity::LaunchAngle], radFromDeg(30), 1e-15);
}

TEST(LiveProtocol, WithoutAProperHelloTalkingOnMakesNoSense) {
    for (const char* first :
         {R"({"type":"shot","id":"1","carry":3})", R"({"type":"hello"})", "GET / HTTP/1.1",
          R"({"type":"hello","protocol":2,"units":{"speed":"m/s","length":"m"}})",
          R"({"type":"hello","protocol":1})",
          R"({"type":"hello","protocol":1,"units":{"speed":"furlongs","length":"m"}})"}) {
        LiveReader reader;
        const auto got = fed(reader, std::string(first) + "\n");
        ASSERT_EQ(got.size(), 1u) << first;
        const auto* fault = std::get_if<LiveFault>(&got[0]);
        ASSERT_TRUE(fault) << first;
        EXPECT_TRUE(fault->fatal) << first;
        EXPECT_FALSE(reader.hasHello());
    }
}

TEST(LiveProtocol, ABadLineIsSkippedAndTheNextOneTaken) {
    LiveReader reader;
    fed(reader, hello);
    ShotRecord shot;
    shot[Quantity::Carry] = 30;
    for (const char* bad :
         {"{{{", "\x01\xff\xfe garbage", "[]", R"({"type":"shot"})", R"({"type":"shot","id":7})",
          R"({"type":"shot","id":"7"})",
          R"({"type":"shot","id":"7","carry":{"a":{"b":{"c":{"d":1}}}}})", R"({"type":"dance"})",
          R"({"type":"shot","id":"7","player":3,"carry":3})"}) {
        const auto got = fed(reader, std::string(bad) + "\n" + liveShot("9", shot));
        ASSERT_EQ(got.size(), 2u) << bad;
        ASSERT_TRUE(std::holds_alternative<LiveFault>(got[0])) << bad;
        EXPECT_FALSE(std::get<LiveFault>(got[0]).fatal);
        EXPECT_EQ(std::get<LiveShot>(got[1]).id, "9");
    }
}

TEST(LiveProtocol, AFieldThatCannotBeIsLeftOutWithAReason) {
    LiveReader reader;
    const auto got =
        fed(reader, hello + R"({"type":"shot","id":"1","carry":30,"spin_rate":99999,"apex":"high"})"
                            "\n");
    const auto& shot = std::get<LiveShot>(got.at(1));
    EXPECT_EQ(shot.record[Quantity::Carry], 30);
    EXPECT_FALSE(shot.record.has(Quantity::SpinRate));
    ASSERT_EQ(shot.notes.size(), 2u);
    EXPECT_EQ(shot.notes[0], Message(Says::QuantityOutside, Quantity::SpinRate));
    EXPECT_EQ(shot.notes[1], Message(Says::QuantityNotNumber, Quantity::Apex));
}

TEST(LiveProtocol, ABabblingPeerDoesNotGrowAnything) {
    LiveReader reader;
    fed(reader, hello);
    std::vector<LiveMessage> out;
    const std::string babble(1u << 16, 'x');
    for (int i = 0; i < 200; ++i)
        reader.feed(babble, out);  // 13 MB without a newline
    EXPECT_EQ(out.size(), 1u);
    EXPECT_EQ(faultOf(out), Message(Says::LineTooLong, 64));
    ShotRecord shot;
    shot[Quantity::Carry] = 30;
    const auto after = fed(reader, "\n" + liveShot("1", shot));
    EXPECT_EQ(std::get<LiveShot>(after.at(0)).id, "1");
}

TEST(LiveProtocol, RandomBytesNeverThrow) {
    std::mt19937 random(3);
    ShotRecord shot;
    shot[Quantity::Carry] = 30;
    const std::string good = liveShot("1", shot);
    for (int run = 0; run < 300; ++run) {
        LiveReader reader;
        std::vector<LiveMessage> out;
        if (run % 2) reader.feed(hello, out);
        std::string bytes;
        for (int i = 0; i < 20; ++i) {
            std::string line = good;
            for (int k = 0; k < 4; ++k)
                line[random() % line.size()] = static_cast<char>(random());
            bytes += line;
        }
        EXPECT_NO_THROW(reader.feed(bytes, out));
        EXPECT_NO_THROW(parseLiveReply(bytes.substr(0, 500)));
    }
}

TEST(LiveProtocol, RepliesAreUnderstood) {
    using Kind = LiveReply::Kind;
    EXPECT_EQ(parseLiveReply(liveClientHello()).kind, Kind::Hello);
    EXPECT_EQ(parseLiveReply(livePong()).kind, Kind::Pong);
    EXPECT_EQ(parseLiveReply(liveHold(true)).kind, Kind::Hold);
    EXPECT_EQ(parseLiveReply(liveHold(false)).kind, Kind::Resume);
    const LiveReply ack = parseLiveReply(liveAck("a\"b"));
    EXPECT_EQ(ack.kind, Kind::Ack);
    EXPECT_EQ(ack.id, "a\"b");
    EXPECT_EQ(parseLiveReply("{}").kind, Kind::Unknown);
    EXPECT_EQ(parseLiveReply(R"({"type":"ack"})").kind, Kind::Unknown);
}

TEST(LiveProtocol, AFieldThatIsThereTwiceIsRefused) {
    LiveReader reader;
    std::vector<LiveMessage> out;
    reader.feed(liveHello("stand-in"), out);
    reader.feed("{\"type\":\"shot\",\"id\":\"1\",\"carry\":30,\"carry\":31}\n", out);
    ASSERT_EQ(out.size(), 2u);
    ASSERT_TRUE(std::holds_alternative<LiveFault>(out[1]));
    EXPECT_EQ(std::get<LiveFault>(out[1]).reason,
              Message(Says::LineSkipped, Message(Says::FieldTwice, "carry")));
    EXPECT_FALSE(std::get<LiveFault>(out[1]).fatal);
}

}  // namespace
}  // namespace wedgeon::store
