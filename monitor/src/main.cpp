// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-monitor: a launch monitor that plays a demo player's shots over the live protocol.
#include <CLI/CLI.hpp>
// Boost 1.74 forgets this one.
#include <utility>

#include <boost/asio.hpp>
#include <iostream>

#include "server.h"
#include "wedgeon/store/live_protocol.h"

int main(int argc, char** argv) {
    CLI::App app{"A simulated launch monitor on loopback; connect with File, Listen to a monitor."};
    wedgeon::monitor::StreamOptions stream;
    wedgeon::monitor::ServerOptions server;
    server.port = wedgeon::store::livePort;
    app.add_option("--port", server.port, "Port to listen on; 0 for any free one");
    app.add_option("--player", stream.player, "Part of the player's name");
    app.add_option("--wedge", stream.wedge, "Part of the wedge's name");
    app.add_option("--lie", stream.lie, "Part of the lie's name");
    app.add_option("--seed", stream.seed, "Of the scatter");
    app.add_option("--rate", server.shotsPerMinute, "Shots a minute")
        ->check(CLI::Range(0.1, 60000.0));
    app.add_option("--shots", server.shots, "How many; 0 for no end");
    const auto share = CLI::Range(0.0, 1.0);
    app.add_option("--misreads", stream.faults.misread, "Share with one number far off")
        ->check(share);
    app.add_option("--missing", stream.faults.missing, "Share with half the fields missing")
        ->check(share);
    app.add_option("--duplicates", stream.faults.duplicate, "Share sent twice")->check(share);
    app.add_option("--garbage", stream.faults.garbage, "Share with garbage before it")
        ->check(share);
    app.add_flag("--slow", server.slow, "Send in small pieces with pauses");
    app.add_option("--drop-every", server.dropEvery, "Close the connection after so many shots");
    CLI11_PARSE(app, argc, argv);
    try {
        boost::asio::io_context io;
        wedgeon::monitor::Server running(io, wedgeon::monitor::ShotStream(stream), server);
        std::cout << "listening on 127.0.0.1:" << running.port() << std::endl;
        boost::asio::signal_set stop(io, SIGINT, SIGTERM);
        stop.async_wait([&](const auto&, int) { io.stop(); });
        io.run();
        std::cout << running.measured() << " shots, " << running.acknowledged()
                  << " acknowledged\n";
    } catch (const std::exception& e) {
        std::cerr << "wedgeon-monitor: " << e.what() << "\n";
        return 1;
    }
    return 0;
}
