// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Speed and aim of a candidate, and the playing of it.
#include "plan/candidate.h"

#include <algorithm>
#include <cmath>

#include "shot/aim.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon::plan {
namespace {

// A putter: hardly any loft, a level stroke, and a stroke that repeats. Priors.
constexpr double putterLoft_rad = radFromDeg(4);
constexpr double putterSpeedSd = 0.045;
constexpr double putterPathSd_rad = radFromDeg(0.5), putterFaceSd_rad = radFromDeg(0.8);
constexpr double softestPutt_mps = 0.6, hardestPutt_mps = 9.0;
constexpr double grassMisleads = 2.0;  // how much more a putt scatters out of full cover

/// A recipe that this player has never hit scatters by this much more in everything; of n logged
/// shots the share 20/(20 + n) of it stays.
constexpr double newScatter = 0.25;

/// Speeds that are tried around the one that brings the planned ball to the flag.
constexpr std::array speedsTried{-0.07, -0.03, 0.0, 0.03, 0.07, 0.13};
/// Of the samples, for the trying.
constexpr std::size_t samplesTried = 64;
constexpr std::size_t speedsScanned = 24;

Delivery turned(Delivery d, double aim_rad) {
    d.path_rad += aim_rad;
    d.faceAngle_rad += aim_rad;
    return d;
}

/// The strokes of one club and recipe at one speed.
class Stroke {
public:
    virtual ~Stroke() = default;
    virtual Delivery planned() const = 0;
    virtual Contact contact() const = 0;
    virtual Swings::Struck strike(const Chance& chance) const = 0;
};

class WedgeStroke : public Stroke {
public:
    WedgeStroke(const Predictor& predictor, const Recipe& recipe, const PlayerScatter& scatter)
        : predictor_(predictor), swings_(predictor, recipe, scatter) {}
    Delivery planned() const override { return swings_.planned().swing.delivery; }
    Contact contact() const override { return predictor_.contact(); }
    Swings::Struck strike(const Chance& chance) const override { return swings_.strike(chance); }

private:
    const Predictor& predictor_;
    Swings swings_;
};

class PutterStroke : public Stroke {
public:
    PutterStroke(const Predictor& predictor, double speed_mps)
        : contact_(calcContact(predictor.conditions().ball, FaceCondition::FreshDry, {})),
          mirror_(predictor.player().hand == Hand::Left ? -1.0 : 1.0) {
        contact_.speedKept = predictor.contact().speedKept;
        delivery_.clubSpeed_mps = speed_mps;
        delivery_.dynamicLoft_rad = putterLoft_rad;
    }
    Delivery planned() const override { return delivery_; }
    Contact contact() const override { return contact_; }
    Swings::Struck strike(const Chance& chance) const override {
        const auto off = [&](Scatter s) { return chance.off[static_cast<std::size_t>(s)]; };
        const double more = 1.0 + grassMisleads * chance.lie.cover;
        Swings::Struck out{true, StrikeKind::Clean, delivery_, contact_};
        Delivery& d = out.delivery;
        d.clubSpeed_mps *= std::max(0.05, 1.0 + putterSpeedSd * more * off(Scatter::Speed));
        d.path_rad += mirror_ * putterPathSd_rad * more * off(Scatter::Path);
        d.faceAngle_rad += mirror_ * putterFaceSd_rad * more * off(Scatter::Face);
        out.contact.speedKept = chance.contact.speedKept;
        return out;
    }

private:
    Contact contact_;
    Delivery delivery_;
    double mirror_;
};

/// What became of the samples.
class Tally {
public:
    Tally(const Setting& setting, std::size_t samples) : setting_(setting) {
        strokes_.reserve(samples);
    }

    void add(StrikeKind kind, bool valid, const BatchResult& result, std::size_t k) {
        const double flag = setting_.flag_m;
        // What the model has no answer for moved hardly at all: it is played again from there.
        const double x = valid ? result(Outcome::Total, k) : 0.0;
        const double z = valid ? result(Outcome::RestSide, k) : 0.0;
        const auto zone = static_cast<std::size_t>(valid ? result(Extra::Zone, k) : 0.0);
        const bool water = valid && result(Extra::InWater, k) > 0.5;
        const bool blocked = valid && result(Extra::BlockedBy, k) >= 0.0;
        const ZoneKind place = setting_.request.conditions.line->zones[zone].kind;
        const double strokes = 1.0 + setting_.strokesFrom(zone, water, x, z);
        strokes_.push_back(strokes);

        const bool green = place == ZoneKind::Green && !water;
        const bool fringe = place == ZoneKind::Fringe && !water;
        const bool sand = place == ZoneKind::Bunker && !water;
        green_ += green;
        inside_ += (green || fringe) && (x - flag) * (x - flag) + z * z <= 4.0;
        short_ += !green && x < setting_.greenFrom_m;
        over_ += !green && x >= setting_.greenFrom_m;
        sand_ += sand;
        water_ += water;
        stopped_ += blocked;
        trouble_ += water || sand || blocked;
        again_ += !green && !fringe;
        const bool thin = kind == StrikeKind::Thin || kind == StrikeKind::Topped;
        const bool fat = kind == StrikeKind::Fat;
        Cost cost = Cost::Short;
        if (fat) {
            cost = Cost::Fat;
        } else if (thin) {
            cost = Cost::Thin;
        } else if (water) {
            cost = Cost::Water;
        } else if (blocked) {
            cost = Cost::Stopped;
        } else if (sand) {
            cost = Cost::Sand;
        } else if (green) {
            cost = Cost::Putts;
        } else if (fringe) {
            cost = Cost::Fringe;
        } else if (x >= setting_.greenFrom_m) {
            cost = Cost::Over;
        }
        sums_[static_cast<std::size_t>(cost)] += strokes;
        ++counts_[static_cast<std::size_t>(cost)];
        if (!valid) return;
        landings_.push_back(result(Outcome::Carry, k));
        rests_.push_back(x);
    }

    double mean() const {
        double sum = 0.0;
        for (const double s : strokes_)
            sum += s;
        return sum / static_cast<double>(strokes_.size());
    }

    void tell(PlannedShot& shot, double par) {
        const double n = static_cast<double>(strokes_.size());
        shot.strokes = mean();
        double squares = 0.0, worse = 0.0;
        for (const double s : strokes_) {
            squares += (s - shot.strokes) * (s - shot.strokes);
            worse += s >= shot.strokes + 1.0;
        }
        shot.strokesError = std::sqrt(squares / (n * std::max(n - 1.0, 1.0)));
        shot.blowUp = worse / n;
        shot.onGreen = green_ / n;
        shot.inside2m = inside_ / n;
        shot.shortOf = short_ / n;
        shot.over = over_ / n;
        shot.inSand = sand_ / n;
        shot.inWater = water_ / n;
        shot.stopped = stopped_ / n;
        shot.trouble = trouble_ / n;
        shot.chipAgain = again_ / n;
        const auto count = [&](Cost c) { return counts_[static_cast<std::size_t>(c)]; };
        const auto sum = [&](Cost c) { return sums_[static_cast<std::size_t>(c)]; };
        shot.fat = count(Cost::Fat) / n;
        shot.thin = count(Cost::Thin) / n;
        // Clean ones by where they end, as if all were; a mishit costs what it adds to that.
        const double missed = count(Cost::Fat) + count(Cost::Thin);
        const double clean = n - missed;
        double cleanMean = par;
        if (clean > 0.0) {
            cleanMean = 0.0;
            for (std::size_t c = 0; c < costCount; ++c) {
                const auto cost = static_cast<Cost>(c);
                if (cost == Cost::Fat || cost == Cost::Thin) continue;
                cleanMean += sums_[c] / clean;
                shot.costs[c] = (sums_[c] - par * counts_[c]) / clean;
            }
        }
        for (const Cost c : {Cost::Fat, Cost::Thin})
            shot.costs[static_cast<std::size_t>(c)] = (sum(c) - cleanMean * count(c)) / n;
        shot.landing = intervalOf(landings_);
        shot.rest = intervalOf(rests_);
    }

private:
    static Interval80 intervalOf(std::vector<double>& values) {
        if (values.empty()) return {};
        const auto at = [&](double share) {
            const auto place =
                values.begin() + static_cast<std::ptrdiff_t>(
                                     std::lround(share * static_cast<double>(values.size() - 1)));
            std::nth_element(values.begin(), place, values.end());
            return *place;
        };
        return {at(0.1), at(0.5), at(0.9)};
    }

    const Setting& setting_;
    std::vector<double> strokes_, landings_, rests_;
    std::array<double, costCount> sums_{}, counts_{};
    double green_ = 0, inside_ = 0, short_ = 0, over_ = 0, trouble_ = 0, again_ = 0;
    double sand_ = 0, water_ = 0, stopped_ = 0;
};

class Trial {
public:
    Trial(const Candidate& candidate, const Setting& setting)
        : candidate_(candidate),
          setting_(setting),
          predictor_(*candidate.predictor),
          putter_(setting.request.clubs[candidate.club].putter),
          scatter_(predictor_.player().scatter()),
          batch_(predictor_.surroundings().terrain) {
        if (const Tuning* tuning = predictor_.player().tuning.get(); tuning && !putter_) {
            const double known = tuning->delivery.shotsLike(candidate.recipe);
            const double more = 1.0 + newScatter * 20.0 / (20.0 + known);
            for (const Scatter s :
                 {Scatter::Speed, Scatter::Attack, Scatter::Path, Scatter::Face, Scatter::Loft})
                scatter_.sd[static_cast<std::size_t>(s)] *= more;
        }
    }

    std::optional<PlannedShot> best() {
        const std::optional<double> start = speedToFlag();
        if (!start) return std::nullopt;
        // The same few samples at each speed.
        const std::size_t few = std::min(samplesTried, setting_.chances.size());
        std::vector<std::pair<double, double>> tried;  // speed, strokes
        const auto trySpeed = [&](double speed) {
            if (speed < least() || speed > most()) return;
            try {
                const auto stroke = strokeAt(speed);
                if (const auto aim = aimAt(*stroke))
                    tried.emplace_back(speed, play(*stroke, *aim, few).mean());
            } catch (const RangeError&) {
                return;  // out of the model at this speed
            }
        };
        for (const double off : speedsTried)
            trySpeed(*start * (1.0 + off));
        if (tried.empty()) return std::nullopt;
        const double speed = betterThan(tried);
        return shotAt(speed);
    }

private:
    double least() const { return putter_ ? softestPutt_mps : candidate_.ladder->least_mps(); }
    double most() const { return putter_ ? hardestPutt_mps : candidate_.ladder->most_mps(); }

    std::unique_ptr<Stroke> strokeAt(double speed) const {
        if (putter_) return std::make_unique<PutterStroke>(predictor_, speed);
        Recipe r = candidate_.recipe;
        r.clubSpeed_mps = speed;
        return std::make_unique<WedgeStroke>(predictor_, r, scatter_);
    }

    /// Speed that brings the planned ball to rest at the flag, from a scan over all that he has:
    /// the softest, as the ground can hold balls of many speeds.
    std::optional<double> speedToFlag() const {
        const double from = least(), to = most();
        if (!(to > from)) return std::nullopt;
        std::unique_ptr<Stroke> stroke;
        try {
            stroke = strokeAt(std::sqrt(from * to));
        } catch (const RangeError&) {
            return std::nullopt;
        }
        const Delivery planned = stroke->planned();
        const double keeps = planned.clubSpeed_mps / std::sqrt(from * to);  // of the grip's part
        const Contact contact = stroke->contact();
        ShotBatch batch(predictor_.surroundings().terrain);
        batch.resize(speedsScanned);
        std::array<double, speedsScanned> speeds{};
        for (std::size_t i = 0; i < speedsScanned; ++i) {
            speeds[i] = from * std::pow(to / from, static_cast<double>(i) / (speedsScanned - 1));
            Delivery d = planned;
            d.clubSpeed_mps = speeds[i] * keeps;
            batch.setOver(i, d, contact, {}, predictor_.surroundings().air, 1.0, 1.0, 1.0);
        }
        const BatchResult result = calcBatch(batch);
        std::optional<double> before;
        double speedBefore = 0.0;
        for (std::size_t i = 0; i < speedsScanned; ++i) {
            if (!result.valid[i]) continue;
            const double total =
                std::hypot(result(Outcome::Total, i), result(Outcome::RestSide, i)) *
                (result(Outcome::Total, i) < 0.0 ? -1.0 : 1.0);
            if (total >= setting_.flag_m) {
                if (!before) return speeds[i];
                const double share = (setting_.flag_m - *before) / (total - *before);
                return speedBefore + share * (speeds[i] - speedBefore);
            }
            before = total;
            speedBefore = speeds[i];
        }
        // Not so far: nearly there is a shot too, where the flag is far.
        if (before && *before > setting_.greenFrom_m) return to;
        return std::nullopt;
    }

    ShotResult plannedShot(const Stroke& stroke, double aim, ShotTrace* trace = nullptr) const {
        return calcShotWith(turned(stroke.planned(), aim), stroke.contact(),
                            predictor_.surroundings(), {}, trace);
    }

    /// Turn that brings the planned ball to rest on the line; nothing where none does.
    std::optional<double> aimAt(const Stroke& stroke) const {
        const ShotResult straight = plannedShot(stroke, 0.0);
        // A start line, a little curve, some break: two steps bring it there, as a rule.
        constexpr double onLine_rad = 2e-4;
        double aim = 0.0,
               off = std::atan2(straight.restSide_m(), std::max(straight.total_m(), 1.0));
        for (int k = 0; k < 2 && std::abs(off) > onLine_rad; ++k) {
            aim -= off;
            const ShotResult s = plannedShot(stroke, aim);
            off = std::atan2(s.restSide_m(), std::max(s.total_m(), 1.0));
        }
        if (std::abs(off) <= onLine_rad) return aim;
        return findAim([&](double turn) { return plannedShot(stroke, turn).restSide_m(); },
                       straight.restSide_m(), straight.total_m());
    }

    Tally play(const Stroke& stroke, double aim, std::size_t samples) {
        batch_.resize(samples);
        struck_.resize(samples);
        place_.resize(samples);
        // Clean strikes from the front, mishits from the back, as in Predictor::simulate.
        std::size_t front = 0, back = samples;
        for (std::size_t i = 0; i < samples; ++i) {
            const Chance& chance = setting_.chances[i];
            Swings::Struck& s = struck_[i] = stroke.strike(chance);
            place_[i] = s.kind == StrikeKind::Clean ? front++ : --back;
            batch_.setOver(place_[i], turned(s.delivery, aim), s.contact, chance.law, chance.air,
                           chance.firmer, chance.rougher, chance.faster);
        }
        calcBatch(batch_, result_);
        Tally tally(setting_, samples);
        for (std::size_t i = 0; i < samples; ++i)
            tally.add(struck_[i].kind, struck_[i].valid && result_.valid[place_[i]], result_,
                      place_[i]);
        return tally;
    }

    /// The least of a parabola through the best speed that was tried and its neighbours.
    static double betterThan(const std::vector<std::pair<double, double>>& tried) {
        std::size_t k = 0;
        for (std::size_t i = 1; i < tried.size(); ++i) {
            if (tried[i].second < tried[k].second) k = i;
        }
        if (k == 0 || k + 1 == tried.size()) return tried[k].first;
        const auto& [x0, y0] = tried[k - 1];
        const auto& [x1, y1] = tried[k];
        const auto& [x2, y2] = tried[k + 1];
        const double left = (y1 - y0) / (x1 - x0), right = (y2 - y1) / (x2 - x1);
        const double bend = (right - left) / (x2 - x0);
        if (!(bend > 0.0)) return x1;
        return std::clamp(0.5 * (x0 + x1) - left / (2.0 * bend), x0, x2);
    }

    std::optional<PlannedShot> shotAt(double speed) {
        try {
            const auto stroke = strokeAt(speed);
            const auto turn = aimAt(*stroke);
            if (!turn) return std::nullopt;  // across such a slope it does not stop on the line
            const double aim = *turn;
            ShotTrace trace;
            const ShotResult s = plannedShot(*stroke, aim, &trace);
            PlannedShot out;
            out.club = candidate_.club;
            out.technique = candidate_.technique;
            out.recipe = candidate_.recipe;
            out.recipe.clubSpeed_mps = speed;
            out.clubSpeed_mps = speed;
            out.aim_rad = aim;
            out.launch_rad = s.strike.launch.angle_rad();
            out.spin_radps = s.strike.launch.spinRate_radps();
            out.height = heightOf(out.launch_rad);
            if (!putter_) {
                out.swing = candidate_.ladder->sizeOf(speed);
                out.guessedSwing = candidate_.ladder->isGuess();
            }
            out.landing_m = s.flight.carry_m;
            out.run_m = s.run.release_m;
            out.apex_m = s.flight.apex_m;
            out.clearance_m = clearances(trace);
            play(*stroke, aim, setting_.chances.size()).tell(out, 2.0);
            return out;
        } catch (const RangeError&) {
            return std::nullopt;
        }
    }

    Height heightOf(double launch_rad) const {
        if (putter_) return Height::Putter;
        if (launch_rad < lowBelow_rad) return Height::Low;
        return launch_rad < highFrom_rad ? Height::Middle : Height::High;
    }

    std::vector<double> clearances(const ShotTrace& trace) const {
        const Terrain& terrain = *predictor_.surroundings().terrain;
        std::vector<double> out;
        for (const Obstacle& o : terrain.obstacles()) {
            double clearance = std::nan("");
            for (std::size_t i = 1; i < trace.flight.size(); ++i) {
                const FlightPoint& a = trace.flight[i - 1];
                const FlightPoint& b = trace.flight[i];
                if (!(a.position_m.x < o.at_m && b.position_m.x >= o.at_m)) continue;
                double low = 0.0, high = 1.0;
                for (int k = 0; k < 40; ++k) {
                    const double q = 0.5 * (low + high);
                    (flightPointBetween(a, b, q).position_m.x < o.at_m ? low : high) = q;
                }
                const Vec3 at = flightPointBetween(a, b, high).position_m;
                clearance = o.clearance(at.y - terrain.height(o.at_m, at.z));
                break;
            }
            out.push_back(clearance);
        }
        return out;
    }

    static constexpr double lowBelow_rad = radFromDeg(29), highFrom_rad = radFromDeg(40);

    const Candidate& candidate_;
    const Setting& setting_;
    const Predictor& predictor_;
    bool putter_;
    PlayerScatter scatter_;
    // What is used again from speed to speed.
    ShotBatch batch_;
    BatchResult result_;
    std::vector<Swings::Struck> struck_;
    std::vector<std::size_t> place_;
};

}  // namespace

std::optional<GreenStretch> greenOf(const Line& line) {
    if (!line.flag_m) return std::nullopt;
    double at = 0.0;
    std::optional<GreenStretch> green;
    bool holdsFlag = false;
    for (std::size_t i = 0; i < line.zones.size(); ++i) {
        const Zone& z = line.zones[i];
        const bool last = i + 1 == line.zones.size();
        const double to = last ? std::max(at + z.length_m, *line.flag_m) : at + z.length_m;
        if (z.kind == ZoneKind::Green) {
            if (!green) green = GreenStretch{at, to, i};
            green->to_m = to;
            if (*line.flag_m >= at && *line.flag_m <= to && !holdsFlag) {
                holdsFlag = true;
                green->zone = i;
            }
        } else {
            if (holdsFlag) break;
            green.reset();
        }
        at += z.length_m;
    }
    return holdsFlag ? green : std::nullopt;
}

Setting::Setting(const PlanRequest& asked, std::size_t samples)
    : request(asked), holeOut(asked.holeOut) {
    const Line& line = *asked.conditions.line;
    const GreenStretch green = *greenOf(line);
    flag_m = *line.flag_m;
    greenFrom_m = green.from_m;
    const Zone& z = line.zones[green.zone];
    constexpr double v = constants::greenSpeedRelease_mps;
    stimp_ft = v * v / (2.0 * constants::metresPerFoot * z.rolling_mps2);
    slope = std::hypot(z.slopeAlong, z.slopeAcross);
    double at = 0.0;
    for (const Zone& zone : line.zones) {
        from_m_.push_back(at);
        at += zone.length_m;
    }
    const Predictor predictor(asked.player, [&] {
        Conditions c = asked.conditions;
        for (const BagClub& club : asked.clubs) {
            if (!club.putter) c.wedge = club.wedge;
        }
        return c;
    }());
    const SpreadSource unknown = predictor.source(SpreadSource::practised());
    const ChanceMaker maker(predictor, asked.player.scatter(), unknown, 0.2,
                            asked.reading ? &*asked.reading : nullptr);
    chances.reserve(samples);
    for (std::size_t i = 0; i < samples; ++i)
        chances.push_back(maker.make(asked.seed, i));
}

double Setting::strokesFrom(std::size_t zone, bool inWater, double x, double z) const {
    const Zone& place = request.conditions.line->zones[zone];
    // The drop lies behind the water, on the line.
    const double d =
        inWater ? std::abs(flag_m - from_m_[zone]) : std::sqrt((x - flag_m) * (x - flag_m) + z * z);
    double strokes = holeOut.strokes(inWater ? ZoneKind::Water : place.kind, d);
    if (place.kind == ZoneKind::Green) strokes += puttsForGreen(stimp_ft, slope, d);
    return strokes;
}

ShotTrace traceOf(const PlannedShot& shot, const BagClub& club, const Predictor& predictor) {
    std::unique_ptr<Stroke> stroke;
    if (club.putter) {
        stroke = std::make_unique<PutterStroke>(predictor, shot.clubSpeed_mps);
    } else {
        stroke = std::make_unique<WedgeStroke>(predictor, shot.recipe, PlayerScatter{});
    }
    ShotTrace trace;
    (void)calcShotWith(turned(stroke->planned(), shot.aim_rad), stroke->contact(),
                       predictor.surroundings(), {}, &trace);
    return trace;
}

std::optional<PlannedShot> bestOf(const Candidate& candidate, const Setting& setting) {
    return Trial(candidate, setting).best();
}

}  // namespace wedgeon::plan
