// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The stages as JSON. Names carry their units; reference/vectors.json shows the first four.
#include "predict.h"

#include <algorithm>
#include <atomic>
#include <nlohmann/json.hpp>
#include <vector>

#include "case_split.h"
#include "conditions_fields.h"
#include "shot_stage.h"
#include "strict_json.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

using nlohmann::json;

void runFace(Fields in, JsonText& out) {
    const Wedge wedge{radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)), 0};
    const FaceHold hold{radFromDeg(in.number("face_open_deg", 0)),
                        radFromDeg(in.number("lean_deg", 0)), radFromDeg(in.number("tip_deg", 0))};
    in.finish();
    const FaceAim aim = calcFace(wedge, hold);
    out.number("dynamic_loft_deg", degFromRad(aim.dynamicLoft_rad));
    out.number("face_angle_deg", degFromRad(aim.faceAngle_rad));
}

void runStrike(Fields in, JsonText& out) {
    const Delivery delivery{
        in.number("club_speed_mps"), radFromDeg(in.number("attack_angle_deg", "attack_deg", 0)),
        radFromDeg(in.number("club_path_deg", "path_deg", 0)),
        radFromDeg(in.number("dynamic_loft_deg")), radFromDeg(in.number("face_angle_deg", 0))};
    Contact contact;
    contact.friction = in.number("friction", contact.friction);
    contact.tangentialRestitution =
        in.number("tangential_restitution", contact.tangentialRestitution);
    in.finish();
    const StrikeResult r = calcStrike(delivery, contact);
    out.number("spin_loft_deg", degFromRad(r.spinLoft_rad));
    writeLaunch(out, r.launch);
}

void runFlight(Fields in, JsonText& out) {
    const Air air = store::readAirFields(in);
    const double speed = in.number("ball_speed_mps");
    const double angle = radFromDeg(in.number("launch_angle_deg"));
    const double direction = radFromDeg(in.number("launch_direction_deg", 0));
    const double spin = radpsFromRpm(in.number("spin_rate_rpm"));
    const double axis = radFromDeg(in.number("spin_axis_deg", 0));
    in.finish();
    writeFlight(out, calcFlight(launchFromAngles(speed, angle, direction, spin, axis), air));
}

void runGround(Fields in, JsonText& out) {
    const double speed = in.number("landing_speed_mps");
    const double angle = radFromDeg(in.number("landing_angle_deg"));
    const double spin = radpsFromRpm(in.number("backspin_rpm"));
    const Ground g = store::readGroundFields(in);
    in.finish();
    writeRun(out, calcRun({speed * std::cos(angle), -speed * std::sin(angle), 0}, {0, 0, spin}, g));
}

void runStage(std::string_view stage, const json& input, JsonText& out) {
    if (stage == "face") return runFace({input, ""}, out);
    if (stage == "strike") return runStrike({input, ""}, out);
    if (stage == "flight") return runFlight({input, ""}, out);
    if (stage == "ground") return runGround({input, ""}, out);
    if (stage == "shot") return runShot({input, ""}, out);
    throw std::invalid_argument("stage \"" + std::string(stage.substr(0, 40)) +
                                "\" is not face, strike, flight, ground or shot");
}

/// Stage and input of a case, checked.
std::pair<std::string_view, const json*> partsOf(const json& one) {
    if (!one.is_object()) throw std::invalid_argument("a case must be an object");
    const auto stage = one.find("stage");
    if (stage == one.end() || !stage->is_string())
        throw std::invalid_argument("\"stage\" is missing");
    const auto input = one.find("input");
    if (input == one.end()) throw std::invalid_argument("\"input\" is missing");
    return {stage->get_ref<const std::string&>(), &*input};
}

json parse(std::string_view text) {
    try {
        return store::parseStrict(text);
    } catch (const json::exception& e) {
        // The library's text names line, column and what it met; or a number that no double holds.
        const std::string what = e.what();
        const std::size_t at = std::min(what.find("parse error"), what.find("number overflow"));
        throw std::invalid_argument(at == std::string::npos ? what : what.substr(at));
    }
}

void appendCase(std::string& text, std::string_view source, const json& one, const JsonText& output,
                const std::string& error) {
    const auto dump = [](const json& j) {
        return j.dump(-1, ' ', false, json::error_handler_t::replace);
    };
    if (!one.is_object()) {
        text += "{\"given\":" + dump(one) + ",";
    } else if (one.contains("output") || one.contains("error")) {
        text += "{";
        for (const auto& [key, value] : one.items()) {
            if (key != "output" && key != "error") text += dump(key) + ":" + dump(value) + ",";
        }
    } else if (one.empty()) {
        text += "{";
    } else {
        // As it was written, less its closing brace.
        text += source.substr(0, source.size() - 1);
        text += ",";
    }
    text += error.empty() ? "\"output\":" + output.str() : "\"error\":" + dump(error);
    text += "}";
}

/// A run of cases, worked out on one core: those of the vectorised path in groups, the rest singly.
class Slice {
public:
    /// \throws json::exception or std::invalid_argument when a case is no JSON.
    static std::string play(const std::vector<std::string_view>& cases, std::size_t from,
                            std::size_t to, bool batch) {
        std::string out;
        out.reserve((to - from) * 1200);
        for (std::size_t at = from; at < to; at += group) {
            Slice(cases, at, std::min(at + group, to), batch).write(out);
        }
        return out;
    }

private:
    static constexpr std::size_t group = 2048;
    static constexpr std::size_t none = static_cast<std::size_t>(-1);

    Slice(const std::vector<std::string_view>& cases, std::size_t from, std::size_t to, bool batch)
        : sources_(cases), from_(from), place_(to - from, none) {
        cases_.reserve(to - from);
        for (std::size_t i = from; i < to; ++i)
            cases_.push_back(store::parseStrict(cases[i]));
        if (!batch) return;
        shots_.reserve(to - from);
        for (std::size_t i = 0; i < cases_.size(); ++i)
            tryAdd(i);
        result_ = calcBatch(shots_, 1);
    }

    void tryAdd(std::size_t i) {
        try {
            const auto [stage, input] = partsOf(cases_[i]);
            if (stage != "shot") return;
            Fields in(*input, "");
            if (hasExtras(in)) return;
            const ShotCase c = readShot(in);
            in.finish();
            if (shots_.add(c.recipe, c.predictor())) place_[i] = shots_.size() - 1;
        } catch (const std::exception&) {
            place_[i] = none;  // left to the single path, which words the error
        }
    }

    void write(std::string& out) const {
        for (std::size_t i = 0; i < cases_.size(); ++i) {
            JsonText output;
            std::string error;
            if (place_[i] != none && result_.valid[place_[i]]) {
                writeBatchShot(output, result_, place_[i]);
            } else {
                try {
                    const auto [stage, input] = partsOf(cases_[i]);
                    runStage(stage, *input, output);
                } catch (const std::exception& e) {
                    error = words::said(e);
                }
            }
            out += from_ + i == 0 ? "\n" : ",\n";
            appendCase(out, sources_[from_ + i], cases_[i], output, error);
        }
    }

    const std::vector<std::string_view>& sources_;
    std::size_t from_;
    std::vector<json> cases_;
    ShotBatch shots_;
    std::vector<std::size_t> place_;
    BatchResult result_;
};

/// The cases of the document, or the error that the library has to tell of it.
std::vector<std::string_view> casesOf(std::string_view text) {
    SplitCases split = splitCases(text);
    const json document = parse(split.found ? std::string_view(split.frame) : text);
    if (!document.is_object() || !document.contains("cases") || !document["cases"].is_array() ||
        !document["cases"].empty()) {
        throw std::invalid_argument("the document must be an object with one array \"cases\"");
    }
    return std::move(split.cases);
}

}  // namespace

std::string predict(std::string_view text, bool batch) {
    const std::vector<std::string_view> cases = casesOf(text);
    const unsigned cores = threadsFor(0);
    const std::size_t parts = std::clamp<std::size_t>(cases.size() / 256, 1, cores);
    std::vector<std::string> texts(parts);
    std::atomic<bool> broken = false;
    runParts(parts, cores, [&](std::size_t part) {
        try {
            texts[part] = Slice::play(cases, part * cases.size() / parts,
                                      (part + 1) * cases.size() / parts, batch);
        } catch (const std::exception&) {
            broken = true;  // the document as a whole tells where
        }
    });
    if (broken) {
        // Parsed whole, the library names line and column in the document.
        (void)parse(text);
        throw std::invalid_argument("a case is not JSON");
    }
    std::string out = "{\"cases\":[";
    for (const std::string& t : texts)
        out += t;
    return out + "\n]}";
}

}  // namespace wedgeon::cli
