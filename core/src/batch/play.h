// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The whole shot for a vector of shots. Included by one source file for each instruction set, which
// gives its own tag so that no two of them share a function. The laws are those of the kernels of
// the stages; here every "if" is a mask, and a lane that is done waits for the others.
#pragma once

#include "batch/columns.h"
#include "batch/over.h"
#include "batch/wide.h"
#include "wedgeon/constants.h"

namespace wedgeon::batch {

template <class Tag>
struct Player {
    using B = Wide<Tag>;
    using M = WideMask<Tag>;
    static constexpr std::size_t width = B::size;

    struct V {
        B x, y, z;
        friend V operator+(const V& a, const V& b) { return {a.x + b.x, a.y + b.y, a.z + b.z}; }
        friend V operator-(const V& a, const V& b) { return {a.x - b.x, a.y - b.y, a.z - b.z}; }
        friend V operator*(const B& k, const V& a) { return {k * a.x, k * a.y, k * a.z}; }
    };
    static B dot(const V& a, const V& b) { return a.x * b.x + a.y * b.y + a.z * b.z; }
    static V cross(const V& a, const V& b) {
        return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
    }
    static V pick(const M& m, const V& a, const V& b) {
        return {select(m, a.x, b.x), select(m, a.y, b.y), select(m, a.z, b.z)};
    }

    static constexpr double g = constants::gravity_mps2;
    static constexpr double r = constants::ballRadius_m;

    const Table& table;
    std::size_t at;

    B load(In column) const { return B::load(table.in[column] + at); }
    void store(std::size_t column, const B& value) const { value.store(table.out[column] + at); }
    const LineView* line() const { return table.line; }

    /// A number of each lane, to be read and written one at a time.
    struct Lanes {
        double of[width];
        Lanes() = default;
        explicit Lanes(const B& b) { b.store(of); }
        explicit operator B() const { return B::load(of); }
        double operator[](std::size_t i) const { return of[i]; }
        double& operator[](std::size_t i) { return of[i]; }
    };
    struct Lanes3 {
        Lanes x, y, z;
        explicit Lanes3(const V& v) : x(v.x), y(v.y), z(v.z) {}
        Vec3 lane(std::size_t i) const { return {x[i], y[i], z[i]}; }
    };
    static M mask(const Lanes& marked) { return B(marked) > 0.5; }
    static Lanes lanes(const M& m) { return Lanes(select(m, B(1.0), B(0.0))); }

    struct Strike {
        V velocity, spin;
    };

    /// The strike; stores the outcomes up to the spin axis.
    Strike strike() const {
        const B one(1.0);
        B sinAttack, cosAttack, sinPath, cosPath, sinLoft, cosLoft, sinFace, cosFace;
        sc(load(Attack), sinAttack, cosAttack);
        sc(load(Path), sinPath, cosPath);
        sc(load(DynamicLoft), sinLoft, cosLoft);
        sc(load(FaceAngle), sinFace, cosFace);
        const V n{cosLoft * cosFace, sinLoft, cosLoft * sinFace};
        const V heading{cosAttack * cosPath, sinAttack, cosAttack * sinPath};
        const V off = cross(heading, n);
        constexpr double m = constants::ballMass_kg;
        constexpr double alpha = constants::strikeInertia;
        const B ratioOfMass = m / load(HeadMass);
        const V club = load(Speed) * heading;
        const B vn = dot(club, n);
        const V vt = club - vn * n;
        const B u = sqrt(dot(vt, vt) + 1e-24);
        const B e =
            load(RestitutionScale) * (load(Restitution0) - constants::restitutionSlope_spm * vn);
        const B jn = m / (one + ratioOfMass) * vn * (one + e);
        const B slower = load(TangentialSlope) * (constants::tangentialAt_mps - vn);
        const B et =
            min(max(load(TangentialRestitution) + slower, B(0.0)), B(constants::mostTangential));
        const B jg = (one + et) * u * (m / (1.0 + 1.0 / alpha + ratioOfMass));
        const B ratio = jg / (load(Friction) * jn);
        const B r2 = ratio * ratio;
        const B jt = jg * exp(log(one + r2 * r2 * r2) * (-1.0 / 6.0));
        const V impulse = (jt / u) * vt;
        const V law = (1.0 / m) * (jn * n + impulse);
        const B flat = sqrt(law.x * law.x + law.z * law.z + 1e-24);
        const B along = load(LaunchCos) - law.y / flat * load(LaunchSin);
        const Strike s{
            {along * law.x, load(LaunchCos) * law.y + load(LaunchSin) * flat, along * law.z},
            (load(SpinFactor) * B(-1.0 / (alpha * m * r))) * cross(n, impulse)};

        const B level = sqrt(s.velocity.x * s.velocity.x + s.velocity.z * s.velocity.z);
        store(0, load(Attack));
        store(1, load(Path));
        store(2, load(DynamicLoft));
        store(3, load(FaceAngle));
        store(4, atan2(sqrt(dot(off, off)), dot(heading, n)));
        store(5, sqrt(dot(s.velocity, s.velocity)));
        store(6, atan2(s.velocity.y, level));
        store(7, atan2(s.velocity.z, s.velocity.x));
        store(8, sqrt(dot(s.spin, s.spin)));
        store(9, atan2(-s.spin.y, s.spin.z));
        store(17, ratio);
        return s;
    }

    static void sc(const B& angle, B& sine, B& cosine) {
        sine = sin(angle);
        cosine = cos(angle);
    }
    struct Air {
        B drag, lift, ahead, right, still;
        bool allStill;
        V turn;
    };

    V acceleration(const Air& air, const B& spin, const V& position, const V& velocity) const {
        V u = velocity;
        if (!air.allStill) {
            constexpr double z0 = constants::windRoughness_m;
            const B height = max(position.y, B(0.0));
            static const double scale = 1.0 / std::log((constants::windHeight_m + z0) / z0);
            const B share = scale * log((height + z0) * (1.0 / z0));
            u.x -= share * air.ahead;
            u.z -= share * air.right;
        }
        const B speed = sqrt(dot(u, u) + 1e-12);
        const B rim = r * spin;
        const B S = min(rim / speed, B(1.0));
        constexpr double perSpeed = 2.0 * r / constants::airViscosity_m2ps / 12000.0;
        const B cd = 0.282 + 0.288 / (1.0 + exp(perSpeed * speed - 63800.0 / 12000.0)) + 0.075 * S;
        const B cl = 0.367 * S / (0.045 + S);
        V a = (-speed * air.drag * cd) * u + (speed * air.lift * cl) * cross(air.turn, u);
        a.y -= g;
        return a;
    }

    struct Landing {
        V velocity, spin;
        V at;
    };

    /// A step of the flight: position and velocity at its ends.
    struct Step {
        const V &x, &v, &toX, &toV;
        const B& h;
    };

    /// Lanes that come down on the level of the ball in this step, and where in it.
    static M comesDown(const Step& s, const M& flying, B& q) {
        const M lands = flying & (s.toX.y <= 0.0);
        if (!any(lands)) return lands;
        // A flight that ends in its first step is looked for from its other end.
        q = select(s.x.y > 0.0, s.x.y / (s.x.y - s.toX.y), B(1.0));
        for (int k = 0; k < 10; ++k) {
            const B y = onCubic(s, q).y;
            const B rate = rateOnCubic(s, q).y * s.h;
            q = min(max(q - y / rate, B(0.0)), B(1.0));
        }
        return lands;
    }

    /// Height above the line, and how fast it grows.
    struct Over {
        B height, rate;
    };
    Over over(const V& x, const V& v) const {
        const LineView& view = *line();
        B height(0.0), slope(0.0), across(0.0);
        for (std::size_t k = 0; k < view.stretchCount; ++k) {
            const Stretch& s = view.stretches[k];
            const M there = x.x >= s.from_m;
            height = select(there, s.base_m + s.slope * x.x + s.across * x.z, height);
            slope = select(there, B(s.slope), slope);
            across = select(there, B(s.across), across);
        }
        return {x.y - height, v.y - slope * v.x - across * v.z};
    }

    /// The same over a line: looks and Newton's steps of kernel::findLanding.
    M comesDownOver(const Step& s, const M& flying, B& q) const {
        const LineView& view = *line();
        const B aside = max(abs(s.x.z), abs(s.toX.z)) + 0.1;
        const M near = flying & ((min(s.x.y, s.toX.y) < view.top_m + 0.1 + view.across * aside) |
                                 (s.toX.x > view.reach_m));
        M lands = near & ~near;
        if (!any(near)) return lands;
        constexpr int checks = 8;
        B before = over(s.x, s.v).height;
        for (int k = 1; k <= checks && any(near & ~lands); ++k) {
            const double part = static_cast<double>(k) / checks;
            const B after = over(k == checks ? s.toX : onCubic(s, B(part)), s.v).height;
            const M meets = near & ~lands & (after <= 0.0);
            const B share = select(before <= 0.0, B(1.0), before / (before - after));
            q = select(meets, part - (1.0 - share) * (1.0 / checks), q);
            lands = lands | meets;
            before = after;
        }
        if (!any(lands)) return lands;
        q = min(max(q, B(0.0)), B(1.0));
        B low(0.0), high(1.0);
        M seeks = lands;
        for (int k = 0; k < 41; ++k) {
            const Over o = over(onCubic(s, q), rateOnCubic(s, q));
            const B newton = q - o.height / (o.rate * s.h);
            const M last = seeks & (abs(o.height) < 1e-11);
            q = select(last, newton, q);
            seeks = seeks & ~last;
            if (!any(seeks)) break;
            low = select(seeks & (o.height > 0.0), q, low);
            high = select(seeks & (o.height <= 0.0), q, high);
            const B next = select((newton > low) & (newton < high), newton, 0.5 * (low + high));
            q = select(seeks, next, q);
        }
        return lands;
    }

    /// What of a flight ends at an obstacle.
    struct Stopped {
        B least, by;  // least clearance; which one stops it, -1 for none
        M stops;      // in this step
        V at, v;      // where it meets it
        B q, ground, groundBefore;
    };

    /// Obstacles that \p flying pass in this step, up to \p until along the line.
    void passObstacles(const Step& s, const M& flying, const B& until, Stopped& out) const {
        out.stops = flying & ~flying;
        for (std::size_t k = 0; k < line()->standingCount; ++k) {
            const Standing& o = line()->standing[k];
            const M passes =
                flying & ~out.stops & (s.x.x < o.at_m) & (s.toX.x >= o.at_m) & (until > o.at_m);
            if (!any(passes)) continue;
            B q = select(passes, (o.at_m - s.x.x) / (s.toX.x - s.x.x), B(0.5));
            for (int n = 0; n < 8; ++n) {
                const B rate = rateOnCubic(s, q).x * s.h;
                q = min(max(q - (onCubic(s, q).x - o.at_m) / rate, B(0.0)), B(1.0));
            }
            const V x = onCubic(s, q);
            const B ground = o.ground_m + o.across * x.z;
            B clearance = x.y - ground - o.height_m;
            if (o.gap_m > 0.0) clearance = max(clearance, o.gap_m - (x.y - ground));
            out.least = select(passes, min(out.least, clearance), out.least);
            const M stops = passes & (clearance < 0.0);
            if (!any(stops)) continue;
            out.by = select(stops, B(static_cast<double>(o.index)), out.by);
            out.at = pick(stops, x, out.at);
            out.v = pick(stops, rateOnCubic(s, q), out.v);
            out.q = select(stops, q, out.q);
            out.ground = select(stops, ground, out.ground);
            out.groundBefore =
                select(stops, o.groundBefore_m + o.acrossBefore * x.z, out.groundBefore);
            out.stops = out.stops | stops;
        }
    }

    /// exp of a small negative number: -0.05 at the least, where the series is good to 1e-10.
    static B decay(const B& x) {
        return 1.0 + x * (1.0 + x * (0.5 + x * (1.0 / 6.0 + x * (1.0 / 24.0 + x * (1.0 / 120.0)))));
    }

    Landing fly(const Strike& s) const {
        const B spin0 = sqrt(dot(s.spin, s.spin) + 1e-24);
        const B still = load(Still);
        const Air air{load(AirDrag), load(AirLift),    load(WindAhead),       load(WindRight),
                      still,         all(still > 0.5), (1.0 / spin0) * s.spin};
        const B zero(0.0);
        V x{zero, zero, zero};
        V v = s.velocity;
        B spin = spin0;
        B time(0.0);
        B apex(0.0);
        B climb = v.y;
        if (line()) {
            const Vec3& n = line()->normalAtBall;
            climb = dot(v, V{B(n.x), B(n.y), B(n.z)});
        }
        M flying = climb > 0.0;
        V landX = x;
        V landV = v;
        B landTime(0.0), falls(0.0), spinKept(1.0);
        Stopped stopped{B(__builtin_inf()), B(-1.0), ~(climb > -1e300), x, v, zero, zero, zero};
        constexpr double step = 0.20;
        for (int n = 0; n < 1500 && any(flying); ++n) {
            B h(step);
            if (!air.allStill) {
                const B natural = 0.5 * (x.y + constants::windRoughness_m) / max(abs(v.y), B(0.1));
                h = select(still > 0.5, h, min(max(natural, B(step / 20.0)), B(step)));
            }
            const B half = 0.5 * h;
            const B kept = decay(-constants::spinDecay_ps * half);
            const B spinHalf = spin * kept;
            const B spinEnd = spinHalf * kept;
            const V k1 = acceleration(air, spin, x, v);
            const V v2 = v + half * k1;
            const V k2 = acceleration(air, spinHalf, x + half * v, v2);
            const V v3 = v + half * k2;
            const V k3 = acceleration(air, spinHalf, x + half * v2, v3);
            const V v4 = v + h * k3;
            const V k4 = acceleration(air, spinEnd, x + h * v3, v4);
            const V nextX = x + h * v + (h * h * (1.0 / 6.0)) * (k1 + k2 + k3);
            const V nextV = v + (h * (1.0 / 6.0)) * (k1 + B(2.0) * (k2 + k3) + k4);
            const Step taken{x, v, nextX, nextV, h};

            const M tops = flying & (v.y > 0.0) & (nextV.y <= 0.0);
            B top(2.0);  // where in the step
            if (any(tops)) {
                // The rate of climb on the cubic is a parabola in q; its root in the step.
                const B d = 6.0 * (x.y - nextX.y) / h;
                const B a = d + 3.0 * (v.y + nextV.y);
                const B b = -d - 4.0 * v.y - 2.0 * nextV.y;
                const B q = 2.0 * v.y / (sqrt(max(b * b - 4.0 * a * v.y, B(0.0))) - b);
                apex = select(tops, onCubic(taken, q).y, apex);
                top = select(tops, q, top);
            }
            B q(1.0);
            const M lands = line() ? comesDownOver(taken, flying, q) : comesDown(taken, flying, q);
            M ends = lands;
            if (any(lands)) {
                landX = pick(lands, onCubic(taken, q), landX);
                landV = pick(lands, rateOnCubic(taken, q), landV);
                landTime = select(lands, time + h * q, landTime);
                // On a bank it can come down before its top.
                apex = select(lands & (landV.y > 0.0), landX.y, apex);
            }
            if (line() && line()->standingCount > 0) {
                const B until = select(lands, landX.x, nextX.x + 1.0);
                passObstacles(taken, flying, until, stopped);
                if (any(stopped.stops)) {
                    const M m = stopped.stops;
                    const B fall = max(stopped.at.y - stopped.ground, zero);
                    const V drop{stopped.at.x - stoppedBefore_m, stopped.groundBefore,
                                 stopped.at.z};
                    const V down{B(-givenBack) * abs(stopped.v.x), -sqrt(2.0 * g * fall + 0.01),
                                 zero};
                    landX = pick(m, drop, landX);
                    landV = pick(m, down, landV);
                    landTime = select(m, time + h * stopped.q, landTime);
                    falls = select(m, sqrt(2.0 / g * fall), falls);
                    spinKept = select(m, B(0.2), spinKept);
                    // Until its top the ball has risen all the way.
                    const M rising = m & (v.y > 0.0) & (stopped.q <= top);
                    apex = select(rising, stopped.at.y, apex);
                    ends = ends | m;
                }
            }
            flying = flying & ~ends;
            x = nextX;
            v = nextV;
            time += h;
            spin = spinEnd;
        }
        const B nan(__builtin_nan(""));
        landTime = select(flying, nan, landTime);
        const B kept = spinKept * exp(-constants::spinDecay_ps * landTime);
        const B level = sqrt(landV.x * landV.x + landV.z * landV.z);
        store(10, landX.x);
        store(11, landX.z);
        store(12, apex);
        store(13, atan2(-landV.y, level));
        store(18, sqrt(dot(landV, landV)));
        store(19, kept * spin0);
        store(20, landTime + falls);
        store(30, stopped.by);
        store(31, stopped.least);
        return {landV, kept * s.spin, landX};
    }

    static V onCubic(const Step& s, const B& q) {
        const B q2 = q * q;
        const B q3 = q2 * q;
        const B p1 = 3.0 * q2 - 2.0 * q3;
        return (1.0 - p1) * s.x + (s.h * (q3 - 2.0 * q2 + q)) * s.v + p1 * s.toX +
               (s.h * (q3 - q2)) * s.toV;
    }
    static V rateOnCubic(const Step& s, const B& q) {
        const B q2 = q * q;
        return ((6.0 * q2 - 6.0 * q) / s.h) * (s.x - s.toX) + (3.0 * q2 - 4.0 * q + 1.0) * s.v +
               (3.0 * q2 - 2.0 * q) * s.toV;
    }

    /// State of a run, from the landing; lanes that are done keep theirs.
    struct Run {
        V n;  // normal of the plane
        B firmness, friction, rolling;
        V x, v, w;
        // Over a line: what its zone does to a ball, and where it ends.
        B springs, from, to;
        M loose, moving;
        M leaves;  // the zone: played alone
    };

    Run runFrom(const Landing& landing) const {
        const M all = landing.at.x < __builtin_inf();
        Run s{{load(NormalX), load(NormalY), load(NormalZ)},
              load(Firmness),
              load(TurfFriction),
              load(Rolling),
              {B(0.0), B(0.0), B(0.0)},
              landing.velocity,
              landing.spin,
              B(1.0),
              B(0.0),
              B(0.0),
              ~all,
              all,
              ~all};
        return s;
    }

    /// The same in the zones that the lanes come down in. \p here receives them.
    Run runFromOver(const Landing& landing, Here* here) const {
        const Lanes firmer(load(Firmness)), rougher(load(TurfFriction)), faster(load(Rolling));
        const Lanes3 place(landing.at), v(landing.velocity), w(landing.spin);
        Lanes firmness, friction, rolling, springs, from, to, loose, moving, water, zone;
        Lanes3 n(landing.at);
        for (std::size_t i = 0; i < width; ++i) {
            here[i] = zoneOf(*line()->terrain, {place.lane(i), v.lane(i), w.lane(i), firmer[i],
                                                rougher[i], faster[i]});
            const Here& z = here[i];
            firmness[i] = z.firmness;
            friction[i] = z.friction;
            rolling[i] = z.rolling_mps2;
            springs[i] = z.springs;
            from[i] = z.from_m - place.x[i];
            to[i] = z.to_m - place.x[i];
            loose[i] = z.loose ? 1.0 : 0.0;
            moving[i] = z.possible && !z.water ? 1.0 : 0.0;
            water[i] = z.water ? 1.0 : 0.0;
            zone[i] = static_cast<double>(z.zone);
            n.x[i] = z.normal.x;
            n.y[i] = z.normal.y;
            n.z[i] = z.normal.z;
        }
        store(28, B(zone));
        store(29, B(water));
        const M goes = mask(moving);
        return {{B(n.x), B(n.y), B(n.z)},
                B(firmness),
                B(friction),
                B(rolling),
                {B(0.0), B(0.0), B(0.0)},
                landing.velocity,
                landing.spin,
                B(springs),
                B(from),
                B(to),
                mask(loose),
                goes,
                goes & ~goes};
    }

    void run(const Landing& from) const {
        Here here[width];
        Run s = line() ? runFromOver(from, here) : runFrom(from);
        const M near = hop(s);
        const B hopped = s.x.x;
        slide(s, near);
        roll(s, near);
        store(14, s.x.x);
        store(15, from.at.x + s.x.x);
        store(16, from.at.z + s.x.z);
        store(22, s.x.x - hopped);
        if (!line()) {
            store(28, B(0.0));
            store(29, B(0.0));
            return;
        }
        const Lanes leaves = lanes(s.leaves);
        const Lanes3 place(from.at), v(from.velocity), w(from.spin);
        const Lanes firmer(load(Firmness)), rougher(load(TurfFriction)), faster(load(Rolling));
        for (std::size_t i = 0; i < width; ++i) {
            if (!here[i].possible) put(15, i, __builtin_nan(""));
            if (leaves[i] < 0.5) continue;
            const RunAlone alone = runAlone(*line()->terrain, {place.lane(i), v.lane(i), w.lane(i),
                                                               firmer[i], rougher[i], faster[i]});
            put(14, i, alone.rest.x);
            put(15, i, place.x[i] + alone.rest.x);
            put(16, i, place.z[i] + alone.rest.z);
            put(21, i, alone.contacts);
            put(22, i, alone.roll_m);
            put(23, i, alone.bitingBounce);
            put(24, i, alone.firstVelocity.x);
            put(25, i, alone.firstVelocity.y);
            put(26, i, alone.firstSpin);
            put(27, i, alone.firstGripped);
            put(28, i, static_cast<double>(alone.zone));
            put(29, i, alone.inWater ? 1.0 : 0.0);
        }
    }
    void put(std::size_t column, std::size_t lane, double value) const {
        table.out[column][at + lane] = value;
    }

    /// Marks those of \p moving that would come to \p to outside their zone, and takes them out.
    void stay(Run& s, M& moving, const V& to) const {
        const M out = moving & ((to.x > s.to) | (to.x < s.from));
        if (!any(out)) return;
        s.leaves = s.leaves | out;
        s.moving = s.moving & ~out;
        moving = moving & ~out;
    }

    /// \return lanes that did not run out of the model on the way.
    M hop(Run& s) const {
        const B one(1.0);
        const B rootF = sqrt(s.firmness);
        const B softness = exp(-0.6 * log(s.firmness));
        M hopping = s.moving & (-dot(s.v, s.n) >= 1e-9);
        B contacts(0.0), biting(0.0), firstForward(0.0), firstUp(0.0), firstSpin(0.0),
            firstGrip(0.0);
        for (int k = 0; k < 400 && any(hopping); ++k) {
            const B into = -dot(s.v, s.n);
            const V along = s.v + into * s.n;
            const B alongSpeed = sqrt(dot(along, along) + 1e-18);
            const B speed = sqrt(into * into + alongSpeed * alongSpeed);
            constexpr double perDegree = constants::pi / 180.0;
            const B shallow = atan2(into, alongSpeed);
            const B slant = alongSpeed / speed * (1.0 / 0.70);
            const B steep = (16.0 * perDegree) * softness *
                            exp(0.9 * log(max(into, B(1e-9)) * (1.0 / 13.3))) * slant * slant *
                            slant;
            const B share = steep / shallow;
            const B share2 = share * share;
            const B dent = steep * exp(log(one + share2 * share2 * share2) * (-1.0 / 6.0));
            B sine, cosine;
            sc(dent, sine, cosine);
            const V n = cosine * s.n - (sine / alongSpeed) * along;
            const B p = -dot(s.v, n);
            const B soft = min(rootF * (0.510 - 0.0375 * p + 0.000903 * p * p), B(0.8));
            const B e = s.springs * select(p < 20.0, soft, rootF * 0.120);
            const B push = (1.0 + e) * p;
            const V tangent = s.v + p * n;
            const B tangentSpeed = sqrt(dot(tangent, tangent) + 1e-18);
            const B loss = min(s.rolling * (1.0 / g) * push, tangentSpeed);
            V vt = ((tangentSpeed - loss) / tangentSpeed) * tangent;
            const V contact = vt - B(r) * cross(s.w, n);
            const B slip = sqrt(dot(contact, contact) + 1e-18);
            const B stop = slip * (2.0 / 7.0);
            const B most = s.friction / (one + p * (1.0 / 24.0)) * push;
            const M grips = most >= stop;
            V impulse = (-min(stop, most) / slip) * contact;
            if (line()) {
                // What gives way slows a ball on its way, and stops it at most.
                const B pull = -(1.0 / tangentSpeed) * dot(impulse, tangent);
                const B slows = min(max(pull, B(0.0)), tangentSpeed - loss);
                impulse = pick(s.loose, (-slows / tangentSpeed) * tangent, impulse);
            }
            vt = vt + impulse;
            const V w = s.w - B(2.5 / r) * cross(n, impulse);
            V v = vt + (e * p) * n;
            v = v - min(dot(v, s.n), B(0.0)) * s.n;
            if (line()) {
                const B ahead = min(dot(v, along) / alongSpeed, B(0.0));
                v = v - select(s.loose, ahead / alongSpeed, B(0.0)) * along;
            }

            contacts += select(hopping, B(1.0), B(0.0));
            if (k == 0) {
                firstForward = v.x;
                firstUp = v.y;
                firstSpin = w.z;
                firstGrip = select(grips, B(1.0), B(0.0));
            }
            if (k < 6) {
                const B before = sqrt(s.v.x * s.v.x + s.v.z * s.v.z);
                const B after = (v.x * s.v.x + v.z * s.v.z) / max(before, B(1e-9));
                const M bites = hopping & (biting < 0.5) & (after < 0.5 * before) & (after < 2.0);
                biting = select(bites, B(k + 1.0), biting);
            }
            // At a step of the ground it may lift off already.
            const M meets = hopping & (into > 0.0);
            s.v = pick(meets, v, s.v);
            s.w = pick(meets, w, s.w);
            const B up = dot(s.v, s.n);
            hopping = hopping & (up * up * (1.0 / (2.0 * g)) >= 0.005);
            if (!any(hopping)) break;
            const B t = 2.0 * up / (g * s.n.y);
            const V to{s.x.x + t * s.v.x, s.x.y + t * s.v.y - 0.5 * g * t * t, s.x.z + t * s.v.z};
            if (line()) stay(s, hopping, to);
            s.x = pick(hopping, to, s.x);
            s.v.y = select(hopping, s.v.y - g * t, s.v.y);
            hopping = hopping & (dot(s.x, s.x) <= 100.0 * 100.0);
        }
        s.v = s.v - dot(s.v, s.n) * s.n;
        store(21, contacts);
        store(23, biting);
        store(24, firstForward);
        store(25, firstUp);
        store(26, firstSpin);
        store(27, firstGrip);
        return s.moving & (dot(s.x, s.x) <= 100.0 * 100.0);
    }

    void advance(Run& s, M& moving, const V& acceleration, const B& step) const {
        if (line()) stay(s, moving, s.x + step * s.v + (0.5 * step * step) * acceleration);
        const B t = select(moving, step, B(0.0));
        s.x = s.x + t * s.v + (0.5 * t * t) * acceleration;
        s.v = s.v + t * acceleration;
    }

    static V pull(const Run& s) {
        return {g * s.n.y * s.n.x, -g + g * s.n.y * s.n.y, g * s.n.y * s.n.z};
    }

    /// What the air takes of a ball, as long as it is fast.
    static V wind(const V& middle) {
        const B square = dot(middle, middle);
        const M fast = square > constants::fastRun_mps * constants::fastRun_mps;
        return select(fast, -constants::runDrag_pm * sqrt(square), B(0.0)) * middle;
    }

    void slide(Run& s, const M& near) const {
        const V downhill = pull(s);
        const B grip = s.friction * g * s.n.y;
        // What gives way has no grip that could send a spinning ball back.
        M sliding = near & ~s.loose;
        for (int k = 0; k < 2000 && any(sliding); ++k) {
            const V c = s.v - B(r) * cross(s.w, s.n);
            const B speed = sqrt(dot(c, c) + 1e-24);
            sliding = sliding & (speed >= 1e-6);
            const V against = (-1.0 / speed) * c;
            const B slowing = 3.5 * grip + dot(downhill, against);
            const B stops = select(slowing > 0.0, speed / slowing, B(0.1));
            const M last = stops <= 0.05;
            const B step = min(stops, B(0.05));
            const B t = select(sliding, step, B(0.0));
            s.w = s.w - (t * grip * (2.5 / r)) * cross(s.n, against);
            const V known = grip * against + downhill;
            advance(s, sliding, known + wind(s.v + (0.5 * step) * known), step);
            sliding = sliding & ~last & (dot(s.x, s.x) <= 100.0 * 100.0);
        }
    }

    void roll(Run& s, const M& near) const {
        const V down = B(5.0 / 7.0) * pull(s);
        const B steep = sqrt(dot(down, down));
        const M flat = steep < 1e-12;
        const M rests = steep <= s.rolling;
        M rolling = near & s.moving & (dot(s.x, s.x) <= 100.0 * 100.0);
        for (int k = 0; k < 4000 && any(rolling); ++k) {
            const B speed = sqrt(dot(s.v, s.v) + 1e-24);
            const M asleep = speed < 1e-6;
            rolling = rolling & ~(asleep & rests);
            const V ahead = (1.0 / speed) * s.v;
            const M fast = speed > constants::fastRun_mps;
            const B calm = s.rolling - dot(down, ahead);
            const B first = calm + constants::runDrag_pm * speed * speed;
            const B calms = (speed - constants::fastRun_mps) / first;
            const B step = select(fast & (calms > 0.0) & (calms < 0.05), calms + 1e-6, B(0.05));
            const B middle = speed - 0.5 * step * first;
            const B slowing = calm + select(fast, constants::runDrag_pm * middle * middle, B(0.0));
            const B stops = select(slowing > 0.0, speed / slowing, B(0.1));
            const M ends = ~asleep & ~fast & (flat | (stops <= 0.05));
            const V brake = (-slowing) * ahead;
            const V across = down - dot(down, ahead) * ahead;
            V a = pick(ends, brake, brake + across);
            // Too steep to rest: it starts down again.
            a = pick(asleep, (1.0 - s.rolling / max(steep, B(1e-12))) * down, a);
            advance(s, rolling, a, select(ends, stops, step));
            const M stopped = rolling & ends;
            s.v = pick(stopped, {B(0.0), B(0.0), B(0.0)}, s.v);
            rolling = rolling & ~(ends & rests) & (dot(s.x, s.x) <= 100.0 * 100.0);
        }
    }

    static void play(const Table& table, std::size_t from, std::size_t to) {
        for (std::size_t at = from; at < to; at += width) {
            const Player player{table, at};
            player.run(player.fly(player.strike()));
        }
    }
};

}  // namespace wedgeon::batch
