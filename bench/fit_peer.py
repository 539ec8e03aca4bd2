#!/usr/bin/env python3
# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
"""The strike's fit by SciPy's least squares on vectorised residuals: the same parameters, priors
and loss (Cauchy's, then Tukey's by reweighting, the noise being the median deviation).

Reads the shots that `wedgeon-fit-bench` wrote; prints JSON with seconds and estimates.
"""
import json
import sys
import time

import numpy as np
from scipy.optimize import least_squares

M, HEAD, R, ALPHA = 0.04593, 0.28, 0.02135, 0.385
BIAS = np.radians(1.5)
data = np.loadtxt(sys.argv[1])
group, ball = data[:, 0].astype(int), data[:, 1].astype(int)
mu0, et0, v, attack, loft, speed, launch, spin = data[:, 2:].T
groups, balls = group.max() + 1, ball.max() + 1
count = 5 + groups + balls


def strike(x):
    a, d = attack - BIAS * x[2], loft - BIAS * x[1]
    vn, u = v * np.cos(d - a), v * np.sin(d - a)
    e = 0.878 + 0.02 * x[0] - 0.003 * vn
    mu = mu0 * np.exp(0.20 * x[3] + 0.08 * x[5:5 + groups][group])
    slope = 0.0091 + 0.003 * x[4]
    et = np.clip(et0 + 0.06 * x[5 + groups:][ball] + slope * (30 - vn), 0, 0.6)
    jn = M * vn * (1 + e) / (1 + M / HEAD)
    jg = (1 + et) * M * u / (1 + 1 / ALPHA + M / HEAD)
    jt = jg * (1 + (jg / (mu * jn)) ** 6) ** (-1 / 6)
    vx = (jn * np.cos(d) + jt * np.sin(d)) / M
    vy = (jn * np.sin(d) - jt * np.cos(d)) / M
    return np.hypot(vx, vy), np.arctan2(vy, vx), jt / (ALPHA * M * R)


def residuals(x, noise):
    s, a, w = strike(x)
    return np.array([(speed / s - 1) / noise[0], (launch - a) / noise[1], (spin / w - 1) / noise[2]])


def fit():
    noise = np.array([0.015, np.radians(0.8), 0.04])
    x = np.zeros(count)
    weight = np.ones(len(v))
    for step in range(8):
        r = residuals(x, noise)
        length = (r * r).sum(0)
        if step < 3:
            weight = 1 / (1 + length / 2.5 ** 2)
        else:
            noise = noise * 1.4826 * np.median(np.abs(r), axis=1)
            r = residuals(x, noise)
            weight = np.maximum(0, 1 - (r * r).sum(0) / 6.0 ** 2) ** 2
        root = np.sqrt(weight)
        to = least_squares(lambda p: np.concatenate([(root * residuals(p, noise)).ravel(), p]), x).x
        if step > 3 and np.abs(to - x).max() < 1e-4:
            return to
        x = to
    return x


best = 1e9
for _ in range(2):
    start = time.perf_counter()
    x = fit()
    best = min(best, time.perf_counter() - start)
first = [int(np.argmax(group == g)) for g in range(groups)]
print(json.dumps({
    "seconds": best, "restitution0": 0.878 + 0.02 * x[0], "loft_bias_deg": np.degrees(BIAS * x[1]),
    "friction": [mu0[i] * float(np.exp(0.20 * x[3] + 0.08 * x[5 + g])) for g, i in enumerate(first)]}))
