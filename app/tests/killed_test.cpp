// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The program itself, killed at any moment while shots arrive or a file is read: what it
// acknowledged is in the logbook once, and a file is there as a whole or not at all.
#include <gtest/gtest.h>

#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <fstream>
#include <functional>
#include <map>
#include <random>
#include <set>

#include "tireless_monitor.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::test {
namespace {

constexpr int kills = 100;

class KilledTest : public testing::Test {
protected:
    QString logbook() const { return folder_.filePath(QStringLiteral("killed.wedgeon")); }
    /// Runs the program and kills it after a random time.
    /// \p first has to hold before that, where it is given, however slow the machine.
    void runAndKill(const QStringList& arguments, int most_ms,
                    const std::function<bool()>& first = {}) {
        QProcess program;
        program.start(QStringLiteral(WEDGEON_APP),
                      QStringList{QStringLiteral("--logbook"), logbook()} + arguments);
        ASSERT_TRUE(program.waitForStarted(5000));
        if (first) {
            ASSERT_TRUE(QTest::qWaitFor(first, 30000));
        }
        QTest::qWait(static_cast<int>(random_() % static_cast<unsigned>(most_ms)));
        program.kill();
        program.waitForFinished(5000);
    }
    std::vector<store::LoggedShot> shots() const {
        if (!QFile::exists(logbook())) return {};
        // For writing: the first to open it after a crash brings it in order.
        return store::Logbook(logbook().toStdString()).shots();
    }

    /// 0 while the program is still making the file.
    static std::size_t countOf(const QString& path) {
        try {
            return store::Logbook(path.toStdString(), store::Logbook::Access::ReadOnly).shotCount();
        } catch (const store::StoreError&) {
            return 0;
        }
    }

    QTemporaryDir folder_;
    std::mt19937 random_{20261125};
};

TEST_F(KilledTest, NoAcknowledgedLiveShotIsLostOrDoubled) {
    TirelessMonitor monitor;
    const QStringList listen{QStringLiteral("--listen"), QString::number(monitor.serverPort())};
    for (int i = 0; i < kills; ++i) {
        const std::size_t before = monitor.acknowledged().size();
        if (i % 2 == 0) {
            runAndKill(listen, 100, [&] { return monitor.acknowledged().size() > before; });
        } else {
            runAndKill(listen, 700);
        }
        if (i % 10 != 9) continue;
        std::map<int, int> times;
        for (const store::LoggedShot& s : shots())
            ++times[static_cast<int>(std::lround((s.record[store::Quantity::Carry] - 20) / 0.001))];
        for (const int id : monitor.acknowledged())
            ASSERT_EQ(times[id], 1) << "shot " << id << " after kill " << i;
        for (const auto& [id, n] : times)
            ASSERT_LE(n, 1) << "shot " << id << " after kill " << i;
    }
    EXPECT_GE(monitor.acknowledged().size(), 50u);
}

TEST_F(KilledTest, AFileIsThereAsAWholeOrNotAtAll) {
    constexpr int rows = 20'000;
    const auto fileNumber = [&](int f) {
        const QString path = folder_.filePath(QStringLiteral("file-%1.csv").arg(f));
        if (QFile::exists(path)) return path;
        std::vector<store::ShotRecord> all;
        for (int i = 0; i < rows; ++i) {
            store::ShotRecord r;
            r[store::Quantity::Carry] = 20 + 0.001 * i;
            r[store::Quantity::ClubSpeed] = 15 + 0.5 * f;
            all.push_back(r);
        }
        std::ofstream out(path.toStdString(), std::ios::binary);
        store::writeShotsCsv(out, all);
        return path;
    };
    int whole = 0;
    for (int i = 0; i < kills; ++i) {
        const auto taken = [&] { return QFile::exists(logbook()) && countOf(logbook()) > 0; };
        if (i == 0) {
            runAndKill({fileNumber(0)}, 100, taken);
        } else {
            runAndKill({fileNumber(i % 10)}, 900);
        }
        if (i % 10 != 9) continue;
        std::map<double, int> byFile;
        for (const store::LoggedShot& s : shots())
            ++byFile[s.record[store::Quantity::ClubSpeed]];
        for (const auto& [file, n] : byFile)
            ASSERT_EQ(n, rows) << "after kill " << i;
        whole = static_cast<int>(byFile.size());
    }
    EXPECT_GT(whole, 0) << "no import ever came to its end";
}

}  // namespace
}  // namespace wedgeon::test
