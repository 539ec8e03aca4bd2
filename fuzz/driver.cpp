// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// fuzz_X CORPUS [RUNS]: every file of the corpus, then so many mutations of them from a fixed seed.
// Bounded and repeatable, for CI; under the sanitizers there. With clang the targets also link with
// -fsanitize=fuzzer instead of this file.
#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <random>
#include <string>
#include <vector>

#include "target.h"

namespace {

using Bytes = std::string;

void run(const Bytes& bytes) {
    LLVMFuzzerTestOneInput(reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size());
}

class Mutator {
public:
    Bytes mutated(const std::vector<Bytes>& corpus) {
        Bytes out = corpus[below(corpus.size())];
        for (std::size_t n = 1 + below(6); n > 0; --n)
            mutate(out, corpus);
        return out;
    }

private:
    std::size_t below(std::size_t n) { return n == 0 ? 0 : engine_() % n; }

    void mutate(Bytes& b, const std::vector<Bytes>& corpus) {
        const std::size_t at = below(b.size() + 1);
        switch (below(6)) {
            case 0:  // another byte
                if (at < b.size()) b[at] = static_cast<char>(engine_());
                break;
            case 1:  // bytes that parsers stumble over
                b.insert(at, 1, "\"',;\n\r\t[]{}:\\\0-e.\xff"[below(18)]);
                break;
            case 2:  // a piece less
                b.erase(at, below(1 + b.size() / 4));
                break;
            case 3: {  // a piece of another
                const Bytes& other = corpus[below(corpus.size())];
                b.insert(at, other.substr(below(other.size() + 1), below(80)));
                break;
            }
            case 4:  // a piece over again
                if (b.size() < 200'000) b.insert(at, b.substr(below(b.size() + 1), below(400)));
                break;
            default:  // a number that is too large
                b.insert(at, "9e999999");
        }
    }

    std::mt19937_64 engine_{2026};
};

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "usage: %s CORPUS [RUNS]\n", argv[0]);
        return 2;
    }
    std::vector<std::filesystem::path> paths;
    for (const auto& entry : std::filesystem::directory_iterator(argv[1]))
        paths.push_back(entry.path());
    std::sort(paths.begin(), paths.end());  // the same order everywhere
    std::vector<Bytes> corpus;
    for (const auto& path : paths) {
        std::ifstream in(path, std::ios::binary);
        corpus.emplace_back(std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>());
        run(corpus.back());
    }
    if (corpus.empty()) return 2;
    const long runs = argc > 2 ? std::atol(argv[2]) : 3000;
    Mutator mutator;
    for (long i = 0; i < runs; ++i)
        run(mutator.mutated(corpus));
    std::printf("%zu files and %ld mutations\n", corpus.size(), runs);
    return 0;
}
