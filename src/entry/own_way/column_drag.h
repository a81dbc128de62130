// The edges between the heads of rows, dragged with the mouse to make a column wider or narrower.
#pragma once

#include "core/model/control.h"

#include <QObject>
#include <QPoint>

#include <functional>
#include <optional>

class QWidget;

namespace nabblet {

class ColumnDrag : public QObject
{
public:
    // heads: the band with the heads; it is watched for the mouse and keeps the object.
    explicit ColumnDrag(QWidget *heads);

    struct Edge
    {
        ControlId column = 0;
        int width = 0; // px, as it is now
    };
    // The edge at a place of the band, if any; and what comes of dragging it.
    std::function<std::optional<Edge>(QPoint at)> edgeAt;
    std::function<void(ControlId column, int width)> widen; // while it is dragged
    std::function<void()> done;

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    QWidget *m_heads;
    std::optional<Edge> m_dragged;
    int m_from = 0; // where it was taken
};

} // namespace nabblet
