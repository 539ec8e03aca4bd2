// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Showing the steps.
#include "views/shape/why_page.h"

#include <QVBoxLayout>

#include "style/style.h"
#include "text/why_steps.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

WhyPage::WhyPage(Workbench& bench, QWidget* parent) : DrawerPage(bench, tr("Why"), parent) {
    for (std::size_t i = 0; i < text::mostWhySteps; ++i) {
        Step step{};
        step.title = addTitle({});
        step.numbers = addWhy();
        step.law = addWhy();
        step.source = addWhy();
        step.numbers->setRank(SentenceLabel::Rank::Body);
        step.numbers->setObjectName(QStringLiteral("whyNumbers%1").arg(i));
        for (SentenceLabel* small : {step.law, step.source})
            small->setFont(style::font(12));
        steps_.append(step);
    }
    content()->addStretch(1);
}

void WhyPage::refresh() {
    const auto& p = bench_.prediction();
    if (!p) {
        for (const Step& s : steps_) {
            for (SentenceLabel* l : {s.title, s.numbers, s.law, s.source})
                l->clear();
        }
        steps_.first().numbers->setText(bench_.error());
        return;
    }
    const auto words = text::whySteps(p->shot, bench_.state().recipe(), bench_.state().predictor(),
                                      bench_.units());
    for (qsizetype i = 0; i < steps_.size(); ++i) {
        const auto n = static_cast<std::size_t>(i);
        const bool any = n < words.size();
        for (SentenceLabel* l :
             {steps_[i].title, steps_[i].numbers, steps_[i].law, steps_[i].source})
            l->setVisible(any);
        const text::WhyStep w = any ? words[n] : text::WhyStep{};
        steps_[i].title->setText(w.title);
        steps_[i].numbers->setText(w.numbers);
        steps_[i].law->setText(w.law);
        steps_[i].source->setText(any ? tr("Source: %1").arg(w.source) : QString());
    }
}

QString WhyPage::asText() const {
    QStringList out;
    for (const Step& s : steps_) {
        if (s.title->text().isEmpty()) continue;
        out << s.title->text() << s.numbers->text() << s.law->text() << s.source->text()
            << QString();
    }
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
