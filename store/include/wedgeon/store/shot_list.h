// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Many shots that one thread adds to and changes while others read what they were given.
#pragma once

#include <cstddef>
#include <cstdint>
#include <iterator>
#include <memory>
#include <vector>

#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

/// Shots by rising id, in pieces that lists share: a snapshot of a million copies a thousand
/// pointers. A piece that a snapshot has is never written again; a list that goes on takes a new
/// one. One thread owns a list; snapshots may go anywhere.
class ShotList {
public:
    ShotList() = default;
    ShotList(std::vector<LoggedShot> shots) {  // NOLINT(google-explicit-constructor)
        for (LoggedShot& s : shots)
            push_back(std::move(s));
    }
    ShotList(ShotList&&) noexcept = default;
    ShotList& operator=(ShotList&&) noexcept = default;
    ShotList& operator=(const ShotList&) = delete;

    /// The list as it is now.
    ShotList snapshot() const { return ShotList(*this); }

    std::size_t size() const { return size_; }
    bool empty() const { return size_ == 0; }
    const LoggedShot& operator[](std::size_t i) const { return (*pieces_[i / each])[i % each]; }
    const LoggedShot& back() const { return (*this)[size_ - 1]; }

    void push_back(LoggedShot shot) {
        if (size_ % each == 0) {
            pieces_.push_back(std::make_shared<Piece>());
            pieces_.back()->reserve(each);
            own_.push_back(true);
        }
        writable(size_ / each).push_back(std::move(shot));
        ++size_;
    }
    void set(std::size_t i, LoggedShot shot) { writable(i / each)[i % each] = std::move(shot); }

    /// Index of the shot of this id; size() when there is none.
    std::size_t find(std::int64_t id) const {
        std::size_t from = 0;
        std::size_t to = size_;
        while (from < to) {
            const std::size_t middle = from + (to - from) / 2;
            if ((*this)[middle].id < id) {
                from = middle + 1;
            } else {
                to = middle;
            }
        }
        return from < size_ && (*this)[from].id == id ? from : size_;
    }

    class Iterator {
    public:
        using iterator_category = std::forward_iterator_tag;
        using value_type = LoggedShot;
        using difference_type = std::ptrdiff_t;
        using pointer = const LoggedShot*;
        using reference = const LoggedShot&;

        Iterator() = default;
        Iterator(const ShotList& list, std::size_t at) : list_(&list), at_(at) {}
        reference operator*() const { return (*list_)[at_]; }
        pointer operator->() const { return &(*list_)[at_]; }
        Iterator& operator++() {
            ++at_;
            return *this;
        }
        Iterator operator++(int) {
            Iterator former = *this;
            ++at_;
            return former;
        }
        bool operator==(const Iterator& other) const { return at_ == other.at_; }

    private:
        const ShotList* list_ = nullptr;
        std::size_t at_ = 0;
    };
    Iterator begin() const { return {*this, 0}; }
    Iterator end() const { return {*this, size_}; }

private:
    static constexpr std::size_t each = 1024;
    using Piece = std::vector<LoggedShot>;

    /// Both have the pieces from now on, so that neither may write them.
    ShotList(const ShotList& other)
        : pieces_(other.pieces_), own_(other.pieces_.size(), false), size_(other.size_) {
        other.own_.assign(other.pieces_.size(), false);
    }

    Piece& writable(std::size_t piece) {
        if (!own_[piece]) {
            auto copy = std::make_shared<Piece>();
            copy->reserve(each);
            copy->assign(pieces_[piece]->begin(), pieces_[piece]->end());
            pieces_[piece] = std::move(copy);
            own_[piece] = true;
        }
        return *pieces_[piece];
    }

    std::vector<std::shared_ptr<Piece>> pieces_;
    mutable std::vector<bool> own_;  ///< no snapshot has the piece
    std::size_t size_ = 0;
};

}  // namespace wedgeon::store
