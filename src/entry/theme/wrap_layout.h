// Widgets side by side, and on with the next line where there is no more room.
#pragma once

#include <QLayout>
#include <QList>

namespace nabblet {

class WrapLayout : public QLayout
{
public:
    explicit WrapLayout(QWidget *parent = nullptr, int gap = 6); // px
    ~WrapLayout() override;

    void addItem(QLayoutItem *item) override { m_items.append(item); }
    int count() const override { return static_cast<int>(m_items.size()); }
    QLayoutItem *itemAt(int index) const override { return m_items.value(index); }
    QLayoutItem *takeAt(int index) override;
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSize() const override;
    void setGeometry(const QRect &rect) override;

private:
    int laidOut(const QRect &rect, bool isTried) const; // gives how high it is

    QList<QLayoutItem *> m_items;
    int m_gap;
};

} // namespace nabblet
