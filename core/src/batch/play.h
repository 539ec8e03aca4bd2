// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The whole shot for a vector of shots. Included by one source file for each instruction set, which
// gives its own tag so that no two of them share a function. The laws are those of the kernels of
// the stages; here every "if" is a mask, and a lane that is done waits for the others.
#pragma once

#include "batch/columns.h"
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

    const double* const* in;
    double* const* out;
    std::size_t at;

    B load(In column) const { return B::load(in[column] + at); }
    void store(std::size_t column, const B& value) const { value.store(out[column] + at); }

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
        const Strike s{(1.0 / m) * (jn * n + impulse),
                       B(-1.0 / (alpha * m * r)) * cross(n, impulse)};

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
        B carry, side;
    };

    /// exp of a small negative number: -0.05 at the least, where the series is good to 1e-10.
    static B decay(const B& x) {
        return 1.0 + x * (1.0 + x * (0.5 + x * (1.0 / 6.0 + x * (1.0 / 24.0 + x * (1.0 / 120.0)))));
    }

    Landing fly(const Strike& s) const {
        const B one(1.0);
        const B spin0 = sqrt(dot(s.spin, s.spin) + 1e-24);
        const B still = load(Still);
        const Air air{load(AirDrag), load(AirLift),    load(WindAhead),       load(WindRight),
                      still,         all(still > 0.5), (1.0 / spin0) * s.spin};
        V x{B(0.0), B(0.0), B(0.0)};
        V v = s.velocity;
        B spin = spin0;
        B time(0.0);
        B apex(0.0);
        M flying = v.y > 0.0;
        V landX = x;
        V landV = v;
        B landTime(0.0);
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

            const M tops = flying & (v.y > 0.0) & (nextV.y <= 0.0);
            if (any(tops)) {
                // The rate of climb on the cubic is a parabola in q; its root in the step.
                const B d = 6.0 * (x.y - nextX.y) / h;
                const B a = d + 3.0 * (v.y + nextV.y);
                const B b = -d - 4.0 * v.y - 2.0 * nextV.y;
                const B q = 2.0 * v.y / (sqrt(max(b * b - 4.0 * a * v.y, B(0.0))) - b);
                apex = select(tops, onCubic(x, v, nextX, nextV, h, q).y, apex);
            }
            const M lands = flying & (nextX.y <= 0.0);
            if (any(lands)) {
                // A flight that ends in its first step is looked for from its other end.
                B q = select(x.y > 0.0, x.y / (x.y - nextX.y), one);
                for (int k = 0; k < 10; ++k) {
                    const B y = onCubic(x, v, nextX, nextV, h, q).y;
                    const B rate = rateOnCubic(x, v, nextX, nextV, h, q).y * h;
                    q = min(max(q - y / rate, B(0.0)), B(1.0));
                }
                landX = pick(lands, onCubic(x, v, nextX, nextV, h, q), landX);
                landV = pick(lands, rateOnCubic(x, v, nextX, nextV, h, q), landV);
                landTime = select(lands, time + h * q, landTime);
                flying = flying & (nextX.y > 0.0);
            }
            x = nextX;
            v = nextV;
            time += h;
            spin = spinEnd;
        }
        const B nan(__builtin_nan(""));
        landTime = select(flying, nan, landTime);
        const B kept = exp(-constants::spinDecay_ps * landTime);
        const B level = sqrt(landV.x * landV.x + landV.z * landV.z);
        store(10, landX.x);
        store(11, landX.z);
        store(12, apex);
        store(13, atan2(-landV.y, level));
        store(18, sqrt(dot(landV, landV)));
        store(19, kept * spin0);
        store(20, landTime);
        return {landV, kept * s.spin, landX.x, landX.z};
    }

    static V onCubic(const V& a, const V& va, const V& b, const V& vb, const B& h, const B& q) {
        const B q2 = q * q;
        const B q3 = q2 * q;
        const B p1 = 3.0 * q2 - 2.0 * q3;
        return (1.0 - p1) * a + (h * (q3 - 2.0 * q2 + q)) * va + p1 * b + (h * (q3 - q2)) * vb;
    }
    static V rateOnCubic(const V& a, const V& va, const V& b, const V& vb, const B& h, const B& q) {
        const B q2 = q * q;
        return ((6.0 * q2 - 6.0 * q) / h) * (a - b) + (3.0 * q2 - 4.0 * q + 1.0) * va +
               (3.0 * q2 - 2.0 * q) * vb;
    }

    /// State of a run; lanes that are done keep theirs.
    struct Run {
        V n;  // normal of the plane
        B firmness, friction, rolling;
        V x, v, w;
    };

    void run(const Landing& from) const {
        Run s{{load(NormalX), load(NormalY), load(NormalZ)},
              load(Firmness),
              load(TurfFriction),
              load(Rolling),
              {B(0.0), B(0.0), B(0.0)},
              from.velocity,
              from.spin};
        const M near = hop(s);
        const B hopped = s.x.x;
        slide(s, near);
        roll(s, near);
        store(14, s.x.x);
        store(15, from.carry + s.x.x);
        store(16, from.side + s.x.z);
        store(22, s.x.x - hopped);
    }

    /// \return lanes that did not run out of the model on the way.
    M hop(Run& s) const {
        const B one(1.0);
        const B rootF = sqrt(s.firmness);
        const B softness = exp(-0.6 * log(s.firmness));
        M hopping = -dot(s.v, s.n) >= 1e-9;
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
            const B e = select(p < 20.0, soft, rootF * 0.120);
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
            const V impulse = (-min(stop, most) / slip) * contact;
            vt = vt + impulse;
            const V w = s.w - B(2.5 / r) * cross(n, impulse);
            V v = vt + (e * p) * n;
            v = v - min(dot(v, s.n), B(0.0)) * s.n;

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
            s.v = pick(hopping, v, s.v);
            s.w = pick(hopping, w, s.w);
            const B up = dot(s.v, s.n);
            hopping = hopping & (up * up * (1.0 / (2.0 * g)) >= 0.005);
            if (!any(hopping)) break;
            const B t = 2.0 * up / (g * s.n.y);
            const V to{s.x.x + t * s.v.x, s.x.y + t * s.v.y - 0.5 * g * t * t, s.x.z + t * s.v.z};
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
        return dot(s.x, s.x) <= 100.0 * 100.0;
    }

    static void advance(Run& s, const M& moving, const V& acceleration, const B& step) {
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

    static void slide(Run& s, const M& near) {
        const V downhill = pull(s);
        const B grip = s.friction * g * s.n.y;
        M sliding = near;
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

    static void roll(Run& s, const M& near) {
        const V down = B(5.0 / 7.0) * pull(s);
        const B steep = sqrt(dot(down, down));
        const M flat = steep < 1e-12;
        const M rests = steep <= s.rolling;
        M rolling = near & (dot(s.x, s.x) <= 100.0 * 100.0);
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

    static void play(const double* const* in, double* const* out, std::size_t from,
                     std::size_t to) {
        for (std::size_t at = from; at < to; at += width) {
            const Player player{in, out, at};
            player.run(player.fly(player.strike()));
        }
    }
};

}  // namespace wedgeon::batch
