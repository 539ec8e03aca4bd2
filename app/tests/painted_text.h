// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a widget writes on the screen, word by word, and where: labels, drawings and lists alike.
#pragma once

#include <QList>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QWidget>

namespace wedgeon::test {

struct PaintedText {
    QString text;
    QRectF at;    ///< in the widget's pixels
    QRectF room;  ///< what of the widget can be painted on there
};

/// Keeps the texts that are painted on it, and nothing else.
class TextEngine : public QPaintEngine {
public:
    TextEngine() : QPaintEngine(QPaintEngine::AllFeatures) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState& now) override {
        if (now.state() & DirtyTransform) transform_ = now.transform();
    }
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    void drawTextItem(const QPointF& at, const QTextItem& item) override {
        const QRectF box(at.x(), at.y() - item.ascent(), item.width(),
                         item.ascent() + item.descent());
        texts.append({item.text(), transform_.mapRect(box),
                      systemClip().isEmpty() ? QRectF(QPointF(), size)
                                             : QRectF(systemClip().boundingRect())});
    }
    Type type() const override { return User; }

    QSizeF size;
    QList<PaintedText> texts;

private:
    QTransform transform_;
};

class TextDevice : public QPaintDevice {
public:
    explicit TextDevice(QSize size) : size_(size) { engine_.size = size; }
    QPaintEngine* paintEngine() const override { return &engine_; }
    const QList<PaintedText>& texts() const { return engine_.texts; }

protected:
    int metric(PaintDeviceMetric which) const override {
        switch (which) {
            case PdmWidth:
                return size_.width();
            case PdmHeight:
                return size_.height();
            case PdmDpiX:
            case PdmDpiY:
            case PdmPhysicalDpiX:
            case PdmPhysicalDpiY:
                return 96;
            case PdmDepth:
                return 32;
            case PdmDevicePixelRatio:
                return 1;
            case PdmDevicePixelRatioScaled:
                return static_cast<int>(devicePixelRatioFScale());
            default:
                return 0;
        }
    }

private:
    QSize size_;
    mutable TextEngine engine_;
};

inline QList<PaintedText> paintedTexts(QWidget& widget) {
    TextDevice device(widget.size());
    QPainter painter(&device);
    widget.render(&painter);
    painter.end();
    return device.texts();
}

}  // namespace wedgeon::test
