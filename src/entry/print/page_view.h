// Pages under one another, painted as they come into sight.
#pragma once

#include "entry/print/print_job.h"

#include <QAbstractScrollArea>
#include <QCache>
#include <QPixmap>

#include <functional>

namespace nabblet {

class PageView : public QAbstractScrollArea
{
    Q_OBJECT

public:
    explicit PageView(QWidget *parent = nullptr);

    // job: stays the caller's; nullptr shows nothing.
    void setJob(PrintJob *job);
    // More pages are laid out.
    void pagesAdded();
    int pageInSight() const; // from 0
    void goToPage(int page);
    // How large pages are shown, percent; 0: as wide as the view.
    void setZoom(int percent);

Q_SIGNALS:
    void pageInSightChanged();

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;
    void scrollContentsBy(int dx, int dy) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    void arrange();
    QSize shownSize() const; // of a page, px
    int pitch() const;       // from page to page, px
    const QPixmap &picture(int page);

    PrintJob *m_job = nullptr;
    int m_zoom = 0;
    QCache<int, QPixmap> m_pictures;
};

} // namespace nabblet
