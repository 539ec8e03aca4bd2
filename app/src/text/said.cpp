// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The speaker.
#include "text/said.h"

#include <QCoreApplication>

#include "text/units.h"
#include "wedgeon/words/words.h"

namespace wedgeon::text {
namespace {

class Window : public words::Speaker {
public:
    std::string translated(const char* english) const override {
        return QCoreApplication::translate(words::context, english).toStdString();
    }
    std::string number(const store::Figure& figure) const override {
        const QString said = figure.decimals < 0 ? QLocale().toString(figure.value, 'g', 6)
                                                 : text::number(figure.value, figure.decimals);
        return said.toStdString();
    }
};
const Window window;

}  // namespace

QString said(const store::Message& message) {
    return QString::fromStdString(words::said(message, window));
}

QString said(const FitRemark& remark) {
    return QString::fromStdString(words::said(remark, window));
}

const words::Speaker& speaker() {
    return window;
}

QString said(const std::exception& error) {
    return QString::fromStdString(words::said(error, window));
}

}  // namespace wedgeon::text
