#!/usr/bin/env python3
# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
"""The same flight and ground in vectorised NumPy, and the flight by SciPy's general solver.

Prints JSON: microseconds a shot, and the mean carry and release, which have to agree with ours.
The launches are those of `peer_bench`: speed 10 + 0.02 (i mod 997) m/s, 31.5 degrees, 600 rad/s.
"""
import json
import sys
import time

import numpy as np
from scipy.integrate import solve_ivp

G, R, M = 9.80665, 0.02135, 0.04593
K = 1.225 * np.pi * R * R / (2 * M)
MU, STIMP = 0.38, 10.0
ROLL = 1.83 ** 2 / (2 * 0.3048 * STIMP)


def acceleration(v, spin):
    speed = np.sqrt((v * v).sum(0))
    s = np.minimum(R * spin / speed, 1.0)
    reynolds = 2 * R * speed / 1.5e-5
    cd = 0.282 + 0.288 / (1 + np.exp((reynolds - 63800) / 12000)) + 0.075 * s
    cl = 0.367 * s / (0.045 + s)
    a = np.empty_like(v)  # backspin about +z: lift is square to the velocity, upwards
    a[0] = -K * cd * speed * v[0] - K * cl * speed * v[1]
    a[1] = -K * cd * speed * v[1] + K * cl * speed * v[0] - G
    return a


def fly(v, spin, h=0.20):
    n = v.shape[1]
    x = np.zeros_like(v)
    land_x, land_v, land_t = np.zeros(n), np.zeros_like(v), np.zeros(n)
    flying = np.ones(n, bool)
    t, w = 0.0, spin.copy()
    kept = np.exp(-0.04 * h / 2)
    while flying.any():
        wh, we = w * kept, w * kept * kept
        k1 = acceleration(v, w)
        v2 = v + h / 2 * k1
        k2 = acceleration(v2, wh)
        v3 = v + h / 2 * k2
        k3 = acceleration(v3, wh)
        v4 = v + h * k3
        k4 = acceleration(v4, we)
        nx = x + h * v + h * h / 6 * (k1 + k2 + k3)
        nv = v + h / 6 * (k1 + 2 * (k2 + k3) + k4)
        lands = flying & (nx[1] <= 0)
        if lands.any():
            a, va, b, vb = x[:, lands], v[:, lands], nx[:, lands], nv[:, lands]
            q = a[1] / (a[1] - b[1])
            for _ in range(7):
                y = ((2 * q ** 3 - 3 * q * q + 1) * a[1] + h * (q ** 3 - 2 * q * q + q) * va[1]
                     + (3 * q * q - 2 * q ** 3) * b[1] + h * (q ** 3 - q * q) * vb[1])
                dy = ((6 * q * q - 6 * q) * (a[1] - b[1]) + h * (3 * q * q - 4 * q + 1) * va[1]
                      + h * (3 * q * q - 2 * q) * vb[1])
                q = np.clip(q - y / dy, 0, 1)
            land_x[lands] = ((2 * q ** 3 - 3 * q * q + 1) * a[0] + h * (q ** 3 - 2 * q * q + q) * va[0]
                             + (3 * q * q - 2 * q ** 3) * b[0] + h * (q ** 3 - q * q) * vb[0])
            land_v[:, lands] = ((6 * q * q - 6 * q) / h * (a - b) + (3 * q * q - 4 * q + 1) * va
                                + (3 * q * q - 2 * q) * vb)
            land_t[lands] = t + h * q
            flying &= ~lands
        x, v, w, t = nx, nv, we, t + h
    return land_x, land_v, spin * np.exp(-0.04 * land_t)


def run(v, w):
    """Bounces, slide and roll on flat ground; w is backspin."""
    x = np.zeros(v.shape[1])
    vx, vy, w = v[0].copy(), v[1].copy(), w.copy()
    hopping = np.ones(x.size, bool)
    while hopping.any():
        i = np.flatnonzero(hopping)
        sx, sy, sw = vx[i], vy[i], w[i]
        speed = np.hypot(sx, sy)
        steep = np.radians(16) * (-sy / 13.3) ** 0.9 * (np.abs(sx) / speed / 0.70) ** 3
        shallow = np.arctan2(-sy, np.abs(sx))
        dent = steep * (1 + (steep / shallow) ** 6) ** (-1 / 6) * np.sign(sx)
        nx, ny = -np.sin(dent), np.cos(dent)
        p = -(sx * nx + sy * ny)
        e = np.where(p < 20, np.minimum(0.510 - 0.0375 * p + 0.000903 * p * p, 0.8), 0.120)
        push = (1 + e) * p
        tang = sx * ny - sy * nx  # along (ny, -nx)
        tang = tang - np.minimum(ROLL / G * push, np.abs(tang)) * np.sign(tang)
        c = tang + sw * R
        j = np.minimum(MU / (1 + p / 24) * push, 2 / 7 * np.abs(c)) * -np.sign(c)
        tang = tang + j
        sw = sw + 5 / (2 * R) * j
        sx, sy = tang * ny + e * p * nx, np.maximum(-tang * nx + e * p * ny, 0)
        vx[i], vy[i], w[i] = sx, sy, sw
        on = sy * sy / (2 * G) >= 0.005
        j_ = i[on]
        t = 2 * vy[j_] / G
        x[j_] += vx[j_] * t
        vy[j_] -= G * t
        hopping[i[~on]] = False
    c = vx + w * R
    t = 2 * np.abs(c) / (7 * MU * G)
    a = -MU * G * np.sign(c)
    x += vx * t + a * t * t / 2
    vx += a * t
    return x + vx * np.abs(vx) / (2 * ROLL)


def best(f, times):
    least, out = 1e9, None
    for _ in range(times):
        t = time.perf_counter()
        out = f()
        least = min(least, time.perf_counter() - t)
    return least, out


def main():
    n = int(sys.argv[1]) if len(sys.argv) > 1 else 10000
    speed = 10 + 0.02 * (np.arange(n) % 997)
    angle = np.radians(31.5)
    v = np.array([speed * np.cos(angle), speed * np.sin(angle)])
    spin = np.full(n, 600.0)

    flight_s, (carry, land_v, land_w) = best(lambda: fly(v, spin), 5)
    run_s, release = best(lambda: run(land_v, land_w), 5)

    def solve(i):
        def rate(t, y):
            a = acceleration(y[2:].reshape(2, 1), np.array([600 * np.exp(-0.04 * t)]))
            return [y[2], y[3], a[0, 0], a[1, 0]]

        def lands(t, y):
            return y[1] if t > 1e-6 else 1.0

        lands.terminal, lands.direction = True, -1
        return solve_ivp(rate, (0, 20), [0, 0, v[0, i], v[1, i]], events=lands, rtol=1e-6,
                         atol=1e-6).y[0, -1]

    few = range(0, min(n, 997), 25)
    general_s, general = best(lambda: [solve(i) for i in few], 2)
    print(json.dumps({
        "numpy_flight_us": flight_s * 1e6 / n,
        "numpy_shot_us": (flight_s + run_s) * 1e6 / n,
        "solve_ivp_flight_us": general_s * 1e6 / len(few),
        "mean_carry_m": float(carry.mean()),
        "mean_release_m": float(release.mean()),
        "solve_ivp_difference_mm": float(np.abs(np.array(general) - carry[list(few)]).max() * 1e3),
    }))


if __name__ == "__main__":
    main()
