// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Their words, by their keys.
#include "text/schools.h"

#include <QCoreApplication>
#include <array>

namespace wedgeon::text {
namespace {

struct SchoolWords {
    std::string_view key;
    const char *name, *asks, *unknown;
};
constexpr std::array<SchoolWords, 11> schoolWords{{
    {"flighted", QT_TRANSLATE_NOOP("Schools", "Flighted"),
     QT_TRANSLATE_NOOP("Schools",
                       "Ball a ball back, hands ahead and held there, weight forward, the face a "
                       "little closed to the path."),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Whether the player can hold the hands ahead at this length, and how the low "
         "flight is judged with a wind in the face.")},
    {"soft-height", QT_TRANSLATE_NOOP("Schools", "Soft height"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Ball forward, face open before gripping, shaft upright, the face kept up after"
         " the ball."),
     QT_TRANSLATE_NOOP("Schools",
                       "How often the player strikes it cleanly off this lie, and the nerve for so "
                       "much speed over so little way.")},
    {"brush", QT_TRANSLATE_NOOP("Schools", "Brush"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Shaft near upright, a wide and shallow swing, the sole's bounce on the grass, "
         "almost no divot."),
     QT_TRANSLATE_NOOP("Schools",
                       "How this player's low point scatters with a wide swing; the sole's shape "
                       "beyond its bounce.")},
    {"chop", QT_TRANSLATE_NOOP("Schools", "Chop"),
     QT_TRANSLATE_NOOP("Schools",
                       "Steep and wristy, ball back, weight forward, the ball struck down into the "
                       "turf."),
     QT_TRANSLATE_NOOP(
         "Schools",
         "The ball is gone long before it could meet the ground, however it feels. "
         "What the hands feel, and whether a steep strike is cleaner out of deep grass, "
         "is not in the model.")},
    {"cut-across", QT_TRANSLATE_NOOP("Schools", "Cut across"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Face open, body aimed left, swung along the body, so that the path cuts across"
         " the ball."),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Whether the player can find the middle of a face that looks so far from the "
         "path.")},
    {"turnover", QT_TRANSLATE_NOOP("Schools", "Turnover"),
     QT_TRANSLATE_NOOP("Schools", "The forearms turn and the face closes through the strike."),
     QT_TRANSLATE_NOOP(
         "Schools",
         "How well a player times the turn: the model closes the face by the same angle "
         "each time.")},
    {"opened-early", QT_TRANSLATE_NOOP("Schools", "Opened early"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "For the longer wedges: face a little open at address, grip centred, ball in the "
         "middle, against hands ahead and a square face."),
     QT_TRANSLATE_NOOP("Schools", "Which of the two the player repeats better from day to day.")},
    {"closed-runner", QT_TRANSLATE_NOOP("Schools", "Closed runner"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Face well closed before gripping, ball back, swung from the inside; runs up "
         "a bank."),
     QT_TRANSLATE_NOOP("Schools",
                       "How the bank takes the ball: a bounce on rough, tilted ground scatters far "
                       "more than one on a green.")},
    {"low-runner", QT_TRANSLATE_NOOP("Schools", "Low runner"),
     QT_TRANSLATE_NOOP("Schools",
                       "Ball back, the lean held through the strike, face square, brushed through: "
                       "the ordinary low one."),
     QT_TRANSLATE_NOOP("Schools",
                       "Whether the player's wrists hold the lean when the shot is short.")},
    {"low-brush", QT_TRANSLATE_NOOP("Schools", "Low brush"),
     QT_TRANSLATE_NOOP(
         "Schools",
         "Shallow and with loft taken off, ball near the middle, hardly a mark on the "
         "turf."),
     QT_TRANSLATE_NOOP("Schools",
                       "How far the leading edge is from the turf with this player's lean from day "
                       "to day.")},
    {"open-from-back", QT_TRANSLATE_NOOP("Schools", "Open from the back"),
     QT_TRANSLATE_NOOP("Schools",
                       "Ball back and still high: face open before gripping, shaft near upright, "
                       "for height and spin."),
     QT_TRANSLATE_NOOP("Schools",
                       "Whether the hands stay back with the ball: one that slides ahead loses the "
                       "height.")},
}};

struct SchoolPhrase {
    std::string_view key;
    const char* text;
};
constexpr std::array<SchoolPhrase, 41> phrases{{
    {"ordinary-pitch", QT_TRANSLATE_NOOP("Schools", "an ordinary pitch")},
    {"hands-ahead", QT_TRANSLATE_NOOP("Schools", "hands ahead and square")},
    {"launches-lower", QT_TRANSLATE_NOOP("Schools", "launches lower")},
    {"spins-more", QT_TRANSLATE_NOOP("Schools", "spins more")},
    {"lands-flatter", QT_TRANSLATE_NOOP("Schools", "lands flatter")},
    {"curves-a-little-from-right-to-left",
     QT_TRANSLATE_NOOP("Schools", "curves a little from right to left")},
    {"stops-sooner-for-all-that", QT_TRANSLATE_NOOP("Schools", "stops sooner for all that")},
    {"launches-higher", QT_TRANSLATE_NOOP("Schools", "launches higher")},
    {"lands-steeper", QT_TRANSLATE_NOOP("Schools", "lands steeper")},
    {"stops-sooner", QT_TRANSLATE_NOOP("Schools", "stops sooner")},
    {"needs-more-speed-for-the-same-carry",
     QT_TRANSLATE_NOOP("Schools", "needs more speed for the same carry")},
    {"shows-the-ground-the-bounce-not-the-edge",
     QT_TRANSLATE_NOOP("Schools", "shows the ground the bounce, not the edge")},
    {"comes-in-shallower", QT_TRANSLATE_NOOP("Schools", "comes in shallower")},
    {"lets-the-bounce-work", QT_TRANSLATE_NOOP("Schools", "lets the sole's bounce work")},
    {"forgives-more", QT_TRANSLATE_NOOP("Schools", "forgives more")},
    {"comes-in-steeper", QT_TRANSLATE_NOOP("Schools", "comes in steeper")},
    {"takes-more-spin-from-a-steep-strike",
     QT_TRANSLATE_NOOP("Schools", "takes more spin from a steep strike")},
    {"leads-with-the-edge", QT_TRANSLATE_NOOP("Schools", "leads with the edge")},
    {"curves-to-the-right", QT_TRANSLATE_NOOP("Schools", "curves to the right")},
    {"closes-the-face-through-the-strike",
     QT_TRANSLATE_NOOP("Schools", "closes the face through the strike")},
    {"curves-from-right-to-left", QT_TRANSLATE_NOOP("Schools", "curves from right to left")},
    {"runs-out-more", QT_TRANSLATE_NOOP("Schools", "runs out more")},
    {"keeps-the-loft-on", QT_TRANSLATE_NOOP("Schools", "keeps the loft on")},
    {"flies-higher", QT_TRANSLATE_NOOP("Schools", "flies higher")},
    {"launches-low", QT_TRANSLATE_NOOP("Schools", "launches low")},
    {"comes-in-shallow", QT_TRANSLATE_NOOP("Schools", "comes in shallow")},
    {"starts-a-little-right", QT_TRANSLATE_NOOP("Schools", "starts a little right")},
    {"starts-right", QT_TRANSLATE_NOOP("Schools", "starts right")},
    {"starts-left", QT_TRANSLATE_NOOP("Schools", "starts left")},
    {"does-not-miss-on-the-closed-side",
     QT_TRANSLATE_NOOP("Schools", "does not miss on the closed side")},
    {"takes-loft-off", QT_TRANSLATE_NOOP("Schools", "takes loft off")},
    {"some-say-launches-higher", QT_TRANSLATE_NOOP("Schools", "launches higher, as some say")},
    {"others-say-launches-lower", QT_TRANSLATE_NOOP("Schools", "launches lower, as others say")},
    {"some-say-launches-lower", QT_TRANSLATE_NOOP("Schools", "launches lower, as some say")},
    {"others-say-pops-up-higher", QT_TRANSLATE_NOOP("Schools", "pops up higher, as others say")},
    {"some-say-spins-more", QT_TRANSLATE_NOOP("Schools", "spins more, as some say")},
    {"some-say-stops-sooner", QT_TRANSLATE_NOOP("Schools", "stops sooner, as some say")},
    {"others-say-runs-out-more", QT_TRANSLATE_NOOP("Schools", "runs out more, as others say")},
    {"spins-less", QT_TRANSLATE_NOOP("Schools", "spins less")},
    {"runs-far-up-a-bank-as-well", QT_TRANSLATE_NOOP("Schools", "runs far, up a bank as well")},
    {"needs-less-speed-for-the-same-carry",
     QT_TRANSLATE_NOOP("Schools", "needs less speed for the same carry")},
}};

QString said(const char* text) {
    return QCoreApplication::translate("Schools", text);
}

QString said(const School& school, const char* SchoolWords::*part) {
    for (const SchoolWords& w : schoolWords) {
        if (w.key == school.key) return said(w.*part);
    }
    return {};
}

QString phrase(std::string_view key) {
    for (const SchoolPhrase& p : phrases) {
        if (p.key == key) return said(p.text);
    }
    return {};
}

}  // namespace

QString schoolName(const School& school) {
    return said(school, &SchoolWords::name);
}
QString schoolAsks(const School& school) {
    return said(school, &SchoolWords::asks);
}
QString schoolUnknown(const School& school) {
    return said(school, &SchoolWords::unknown);
}
QString schoolAgainst(const School& school) {
    return phrase(school.againstKey);
}
QString claim(const Claim& claim) {
    return phrase(claim.key);
}

}  // namespace wedgeon::text
