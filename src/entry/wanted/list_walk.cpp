#include "entry/wanted/list_walk.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>

#include <algorithm>

namespace nabblet {

namespace {

class Walk : public QObject
{
public:
    Walk(QLineEdit *line, QListWidget *list) : QObject(line), m_list(list) { line->installEventFilter(this); }

protected:
    bool eventFilter(QObject *, QEvent *event) override
    {
        const int key = event->type() == QEvent::KeyPress ? static_cast<QKeyEvent *>(event)->key() : 0;
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
        if (by != 0) {
            m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, std::max(0, m_list->count() - 1)));
        }
        return by != 0;
    }

private:
    QListWidget *m_list;
};

} // namespace

void walkListFrom(QLineEdit *line, QListWidget *list)
{
    new Walk(line, list);
}

} // namespace nabblet
