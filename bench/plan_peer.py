#!/usr/bin/env python3
# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
"""As many shots as a plan plays, in vectorised NumPy: flight and ground of a level green, and the
strokes to hole out of each, one candidate of 1,000 shots after the other.

Prints JSON: seconds, and the mean strokes of the first candidate. It has neither set-up, strike,
sole, zones nor the looking for landing spots that the plan does.
"""
import json
import sys
import time

import numpy as np

from peer import fly, run

PUTTS = np.array([[0, 1], [0.6, 1.05], [0.9, 1.16], [1.5, 1.5], [2.4, 1.74], [3, 1.82], [4.6, 1.94],
                  [6.1, 2.02], [9.1, 2.17], [12.2, 2.29], [18.3, 2.5], [27, 2.8], [80, 4.6]])


def plan(candidates, samples, flag_m=20.0):
    rng = np.random.default_rng(7)
    best = []
    for i in range(candidates):
        speed = 14 + 4 * i / candidates
        launch = np.radians(25 + 20 * i / candidates) + 0.02 * rng.standard_normal(samples)
        speeds = speed * (1 + 0.03 * rng.standard_normal(samples))
        v = np.stack([speeds * np.cos(launch), speeds * np.sin(launch)])
        spin = 550 + 40 * rng.standard_normal(samples)
        land_x, land_v, land_spin = fly(v, spin)
        rest = land_x + run(land_v, land_spin)
        away = np.abs(rest - flag_m)
        best.append(1 + np.interp(away, PUTTS[:, 0], PUTTS[:, 1]).mean())
    return best


if __name__ == "__main__":
    candidates, samples = int(sys.argv[1]), int(sys.argv[2])
    plan(2, samples)
    begun = time.perf_counter()
    strokes = plan(candidates, samples)
    print(json.dumps({"seconds": time.perf_counter() - begun, "first": strokes[0]}))
