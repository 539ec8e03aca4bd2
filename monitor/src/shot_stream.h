// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the simulated launch monitor measures: shots of the demo players, with faults on request.
// No sockets here, so that it can be tested by itself.
#pragma once

#include <boost/random/mersenne_twister.hpp>
#include <optional>
#include <string>
#include <vector>

#include "wedgeon/store/shot_record.h"

namespace wedgeon::monitor {

/// Shares are chances for each shot, 0-1.
struct Faults {
    double misread = 0.0;    ///< one number is far off
    double missing = 0.0;    ///< half of the fields are not there
    double duplicate = 0.0;  ///< the line is sent twice
    double garbage = 0.0;    ///< bytes that are no message before it
};

struct StreamOptions {
    std::string player, wedge, lie;  ///< part of the name; empty for all
    unsigned seed = 7;
    Faults faults;
};

class ShotStream {
public:
    /// \throws std::invalid_argument when nobody plays what is asked for, with what there is.
    explicit ShotStream(const StreamOptions& options);

    struct Next {
        std::string id;
        store::ShotRecord shot;  ///< as it is sent, misread or not
        std::string garbage;     ///< to be sent before it; empty mostly
        bool twice = false;
    };
    Next next();

private:
    void refill();
    bool wanted(const store::ShotRecord& shot) const;
    bool happens(double share);
    double uniform();

    StreamOptions options_;
    boost::random::mt19937_64 engine_;
    std::vector<store::ShotRecord> shots_;
    std::size_t at_ = 0;
    unsigned season_ = 0;
    long count_ = 0;
};

}  // namespace wedgeon::monitor
