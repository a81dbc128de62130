// How stored numbers are spread, as bars, with limits over them that can be dragged.
#pragma once

#include "core/model/rule.h"
#include "entry/theme/appearance.h"

#include <QWidget>

namespace nabblet {

class SpreadChart : public QWidget
{
    Q_OBJECT

public:
    explicit SpreadChart(QWidget *parent = nullptr);

    void setAppearance(const Appearance &appearance);
    void setNumbers(const QList<double> &numbers);
    // The parts between the limits, from the lowest on; the last has none.
    void setSteps(const QList<ScaleStep> &steps, const QStringList &words);
    QSize sizeHint() const override { return {480, 170}; }
    QSize minimumSizeHint() const override { return {240, 150}; }

Q_SIGNALS:
    void limitMoved(int step, double to); // while it is dragged, or by the keyboard

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void mouseReleaseEvent(QMouseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    QRect plot() const;
    double least() const;
    double most() const;
    int xOf(double value) const;
    double valueAt(int x) const;
    double rounded(double value) const;
    int stepOfBar(double value) const;
    int limitNear(int x) const;
    void move(int step, double to);

    Appearance m_appearance;
    QList<double> m_numbers; // sorted
    QList<ScaleStep> m_steps;
    QStringList m_words;
    int m_held = -1; // the limit being dragged
    int m_chosen = 0;
};

} // namespace nabblet
