// A panel of the designer: a heading with a faint note at its right, and contents below.
#pragma once

#include <QWidget>

class QHBoxLayout;
class QLabel;
class QVBoxLayout;

namespace nabblet {

class Panel : public QWidget
{
    Q_OBJECT

public:
    explicit Panel(const QString &title, QWidget *parent = nullptr);

    QString title() const;
    void setTitle(const QString &title);
    // Where the title stands on a tab: the head is there only for what stands beside it.
    void hideTitle();
    void setNote(const QString &note);
    // Puts something beside the title.
    void addToHead(QWidget *widget);
    QVBoxLayout *contents() const { return m_contents; }

private:
    QLabel *m_title;
    QLabel *m_note;
    QHBoxLayout *m_head;
    QWidget *m_headFrame;
    bool m_hasHeadWidget = false;
    QVBoxLayout *m_contents;
};

} // namespace nabblet
