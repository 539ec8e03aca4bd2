// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Programs of their own on one logbook: windows that take live shots, an import from the command
// line, each ended cleanly or killed, in every order. Afterwards the file is sound, every
// acknowledged shot and every row of an import that said so is there once, and nothing by halves.
// WEDGEON_ROUNDS rounds, twelve unless told otherwise.
#include <SQLiteCpp/Database.h>
#include <gtest/gtest.h>

#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <fstream>
#include <map>
#include <memory>
#include <random>

#include "tireless_monitor.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::test {
namespace {

constexpr int rowsOfAFile = 3000;

class TwoProgramsTest : public testing::Test {
protected:
    QString logbook() const { return folder_.filePath(QStringLiteral("shared.wedgeon")); }
    unsigned below(unsigned n) { return static_cast<unsigned>(random_() % n); }

    std::unique_ptr<QProcess> window(TirelessMonitor* monitor) {
        QStringList arguments{QStringLiteral("--logbook"), logbook()};
        if (monitor) {
            arguments << QStringLiteral("--listen") << QString::number(monitor->serverPort());
        }
        return started(QStringLiteral(WEDGEON_APP), arguments);
    }
    /// Of a file whose rows are told by their apex, and it by its club speed.
    std::unique_ptr<QProcess> import(int file) {
        const QString path = folder_.filePath(QStringLiteral("file-%1.csv").arg(file));
        std::vector<store::ShotRecord> rows(rowsOfAFile);
        for (int i = 0; i < rowsOfAFile; ++i) {
            rows[static_cast<std::size_t>(i)][store::Quantity::Apex] = 1 + 0.001 * i;
            rows[static_cast<std::size_t>(i)][store::Quantity::ClubSpeed] = 1 + 0.01 * file;
        }
        std::ofstream out(path.toStdString(), std::ios::binary);
        store::writeShotsCsv(out, rows);
        out.close();
        return started(QStringLiteral(WEDGEON_CLI),
                       {QStringLiteral("import"), path, QStringLiteral("--logbook"), logbook()});
    }
    /// Killed, or asked to end as a session does it.
    void end(QProcess& program, bool kill) {
        if (kill) {
            program.kill();
        } else {
            program.terminate();
        }
        ASSERT_TRUE(QTest::qWaitFor([&] { return program.state() == QProcess::NotRunning; }, 30000))
            << "a window did not close";
    }

    void check(const std::vector<const TirelessMonitor*>& monitors,
               const std::map<int, bool>& imports, const std::string& when) {
        {
            SQLite::Database raw(logbook().toStdString(), SQLite::OPEN_READWRITE);
            ASSERT_EQ(raw.execAndGet("PRAGMA integrity_check").getString(), "ok") << when;
        }
        const store::Logbook book(logbook().toStdString());
        std::map<int, int> live;
        std::map<int, std::map<double, int>> files;
        for (const store::LoggedShot& s : book.shots()) {
            ASSERT_FALSE(s.damaged) << when;
            if (s.record.has(store::Quantity::Apex)) {
                const double speed = s.record[store::Quantity::ClubSpeed];
                ++files[static_cast<int>(std::lround((speed - 1) / 0.01))]
                       [s.record[store::Quantity::Apex]];
            } else {
                const double carry = s.record[store::Quantity::Carry];
                ++live[static_cast<int>(std::lround((carry - 20) / 0.001))];
            }
        }
        for (const TirelessMonitor* m : monitors) {
            for (const int id : m->acknowledged())
                ASSERT_EQ(live[id], 1) << "acknowledged shot " << id << ", " << when;
        }
        for (const auto& [id, n] : live)
            ASSERT_LE(n, 1) << "shot " << id << ", " << when;
        for (const auto& [file, said] : imports) {
            const auto at = files.find(file);
            const std::size_t rows = at == files.end() ? 0 : at->second.size();
            if (said) {
                ASSERT_EQ(rows, static_cast<std::size_t>(rowsOfAFile))
                    << "of file " << file << ", " << when;
            } else {
                ASSERT_TRUE(rows == 0 || rows == static_cast<std::size_t>(rowsOfAFile))
                    << rows << " rows of file " << file << ", " << when;
            }
            for (const auto& [apex, n] : at == files.end() ? std::map<double, int>{} : at->second)
                ASSERT_EQ(n, 1) << "row " << apex << " of file " << file << ", " << when;
        }
    }

    QTemporaryDir folder_;
    std::mt19937 random_{20261126};

private:
    static std::unique_ptr<QProcess> started(const QString& program, const QStringList& arguments) {
        auto out = std::make_unique<QProcess>();
        out->setProcessChannelMode(QProcess::MergedChannels);
        out->start(program, arguments);
        EXPECT_TRUE(out->waitForStarted(10000)) << out->errorString().toStdString();
        return out;
    }
};

TEST_F(TwoProgramsTest, NothingIsLostDoubledOrDamagedInAnyOrder) {
    const int rounds = qEnvironmentVariableIsSet("WEDGEON_ROUNDS")
                           ? qEnvironmentVariableIntValue("WEDGEON_ROUNDS")
                           : 12;
    TirelessMonitor first(0);
    TirelessMonitor second(100'000);
    std::map<int, bool> imports;
    std::size_t cleanImports = 0;
    for (int round = 0; round < rounds; ++round) {
        std::vector<std::unique_ptr<QProcess>> windows;
        std::unique_ptr<QProcess> import_;
        // In a random order: a window that listens, another that listens or only looks, an import.
        std::vector<int> order{0, 1, 2};
        std::shuffle(order.begin(), order.end(), random_);
        const std::size_t before = first.acknowledged().size();
        const bool killsImport = below(4) == 0;
        for (const int what : order) {
            if (what == 2) {
                import_ = import(round);
                if (killsImport) {
                    QTest::qWait(static_cast<int>(below(80)));  // it takes about as long
                    import_->kill();
                }
            } else {
                TirelessMonitor* const its = what == 0 ? &first : below(2) ? &second : nullptr;
                windows.push_back(window(its));
            }
            QTest::qWait(static_cast<int>(below(250)));
        }
        ASSERT_TRUE(
            QTest::qWaitFor([&] { return first.acknowledged().size() > before + 3; }, 60000))
            << "round " << round;
        // They end in a random order, each closed or killed; the import has mostly ended by itself.
        std::shuffle(windows.begin(), windows.end(), random_);
        for (auto& w : windows) {
            end(*w, below(2) == 0);
            QTest::qWait(static_cast<int>(below(120)));
        }
        ASSERT_TRUE(
            QTest::qWaitFor([&] { return import_->state() == QProcess::NotRunning; }, 60000));
        const bool done = import_->exitStatus() == QProcess::NormalExit && import_->exitCode() == 0;
        if (!killsImport) {
            ASSERT_TRUE(done) << import_->readAll().toStdString();
        }
        imports[round] = done;
        cleanImports += done ? 1 : 0;
        // Every check reads all rows so far.
        if (round % 20 == 19 || round + 1 == rounds)
            check({&first, &second}, imports, "after round " + std::to_string(round));
    }
    EXPECT_GT(cleanImports, 0u);
    RecordProperty("acknowledged",
                   static_cast<int>(first.acknowledged().size() + second.acknowledged().size()));
    std::printf("%d rounds: %zu and %zu shots acknowledged, %zu imports of %d rows, %zu killed\n",
                rounds, first.acknowledged().size(), second.acknowledged().size(), cleanImports,
                rowsOfAFile, static_cast<std::size_t>(rounds) - cleanImports);
}

TEST_F(TwoProgramsTest, FortyLiveShotsWhileImportsUseTheSameLogbook) {
    TirelessMonitor monitor;
    auto live = window(&monitor);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !monitor.acknowledged().empty(); }, 30000));
    std::map<int, bool> imports;
    for (int i = 0; i < 6; ++i) {
        auto one = import(i);
        ASSERT_TRUE(QTest::qWaitFor([&] { return one->state() == QProcess::NotRunning; }, 60000));
        ASSERT_EQ(one->exitCode(), 0) << one->readAll().toStdString();
        imports[i] = true;
    }
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged().size() >= 40; }, 30000));
    end(*live, false);
    check({&monitor}, imports, "after six imports");
}

TEST_F(TwoProgramsTest, OneWindowClosesThenAnImportAndTheOtherWindowGoesOn) {
    for (int round = 0; round < 3; ++round) {
        auto one = window(nullptr);
        TirelessMonitor monitor(1000 * round);
        auto other = window(&monitor);
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged().size() > 5; }, 30000));
        end(*one, round == 1);
        auto file = import(round);
        ASSERT_TRUE(QTest::qWaitFor([&] { return file->state() == QProcess::NotRunning; }, 60000));
        ASSERT_EQ(file->exitCode(), 0) << file->readAll().toStdString();
        const std::size_t before = monitor.acknowledged().size();
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged().size() > before; }, 30000));
        end(*other, round == 2);
        check({&monitor}, {{round, true}}, "in round " + std::to_string(round));
    }
}

}  // namespace
}  // namespace wedgeon::test
