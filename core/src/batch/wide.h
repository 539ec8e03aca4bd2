// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Two vector registers that go through every operation together: the second fills the time that the
// first waits for its divisions and roots. \p Tag keeps the builds for different instruction sets
// apart.
#pragma once

#include <xsimd/xsimd.hpp>

namespace wedgeon::batch {

using Half = xsimd::batch<double>;
using HalfMask = xsimd::batch_bool<double>;

template <class Tag>
struct WideMask {
    HalfMask a, b;
    friend WideMask operator&(const WideMask& x, const WideMask& y) {
        return {x.a & y.a, x.b & y.b};
    }
    friend WideMask operator|(const WideMask& x, const WideMask& y) {
        return {x.a | y.a, x.b | y.b};
    }
    friend WideMask operator~(const WideMask& x) { return {!x.a, !x.b}; }
    friend bool any(const WideMask& x) { return xsimd::any(x.a) || xsimd::any(x.b); }
    friend bool all(const WideMask& x) { return xsimd::all(x.a) && xsimd::all(x.b); }
};

template <class Tag>
struct Wide {
    static constexpr std::size_t size = 2 * Half::size;
    Half a, b;

    Wide() = default;
    Wide(double v) : a(v), b(v) {}  // NOLINT: numbers mix freely with vectors
    Wide(const Half& x, const Half& y) : a(x), b(y) {}
    static Wide load(const double* p) {
        return {Half::load_unaligned(p), Half::load_unaligned(p + Half::size)};
    }
    void store(double* p) const {
        a.store_unaligned(p);
        b.store_unaligned(p + Half::size);
    }

    friend Wide operator+(const Wide& x, const Wide& y) { return {x.a + y.a, x.b + y.b}; }
    friend Wide operator-(const Wide& x, const Wide& y) { return {x.a - y.a, x.b - y.b}; }
    friend Wide operator*(const Wide& x, const Wide& y) { return {x.a * y.a, x.b * y.b}; }
    friend Wide operator/(const Wide& x, const Wide& y) { return {x.a / y.a, x.b / y.b}; }
    friend Wide operator-(const Wide& x) { return {-x.a, -x.b}; }
    Wide& operator+=(const Wide& y) { return *this = *this + y; }
    Wide& operator-=(const Wide& y) { return *this = *this - y; }

    using Mask = WideMask<Tag>;
    friend Mask operator<(const Wide& x, const Wide& y) { return {x.a < y.a, x.b < y.b}; }
    friend Mask operator<=(const Wide& x, const Wide& y) { return {x.a <= y.a, x.b <= y.b}; }
    friend Mask operator>(const Wide& x, const Wide& y) { return {x.a > y.a, x.b > y.b}; }
    friend Mask operator>=(const Wide& x, const Wide& y) { return {x.a >= y.a, x.b >= y.b}; }

    friend Wide select(const Mask& m, const Wide& x, const Wide& y) {
        return {xsimd::select(m.a, x.a, y.a), xsimd::select(m.b, x.b, y.b)};
    }
    friend Wide min(const Wide& x, const Wide& y) {
        return {xsimd::min(x.a, y.a), xsimd::min(x.b, y.b)};
    }
    friend Wide max(const Wide& x, const Wide& y) {
        return {xsimd::max(x.a, y.a), xsimd::max(x.b, y.b)};
    }
    friend Wide abs(const Wide& x) { return {xsimd::abs(x.a), xsimd::abs(x.b)}; }
    friend Wide sqrt(const Wide& x) { return {xsimd::sqrt(x.a), xsimd::sqrt(x.b)}; }
    friend Wide exp(const Wide& x) { return {xsimd::exp(x.a), xsimd::exp(x.b)}; }
    friend Wide log(const Wide& x) { return {xsimd::log(x.a), xsimd::log(x.b)}; }
    friend Wide sin(const Wide& x) { return {xsimd::sin(x.a), xsimd::sin(x.b)}; }
    friend Wide cos(const Wide& x) { return {xsimd::cos(x.a), xsimd::cos(x.b)}; }
    friend Wide asin(const Wide& x) { return {xsimd::asin(x.a), xsimd::asin(x.b)}; }
    friend Wide atan2(const Wide& y, const Wide& x) {
        return {xsimd::atan2(y.a, x.a), xsimd::atan2(y.b, x.b)};
    }
};

}  // namespace wedgeon::batch
