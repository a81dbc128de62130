#include "designer/settings/file_chooser.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QPushButton>

namespace nabblet {

FileChooser::FileChooser(QWidget *parent)
    : QWidget(parent), m_choose(new QPushButton), m_remove(new QPushButton(QStringLiteral("×")))
{
    auto *line = new QHBoxLayout(this);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(4);
    line->addWidget(m_choose, 1);
    line->addWidget(m_remove);
    m_choose->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    constexpr int RemoveWidth = 28; // px
    m_remove->setFixedWidth(RemoveWidth);
    m_remove->setToolTip(tr("Remove"));
    m_remove->setAccessibleName(tr("Remove"));
    setFocusProxy(m_choose);
    connect(m_choose, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Choose a picture"), QString(),
                                                          tr("Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)"));
        if (!path.isEmpty()) {
            Q_EMIT chosen(path);
        }
    });
    connect(m_remove, &QPushButton::clicked, this, [this] { Q_EMIT chosen(QString()); });
    showWords(QString());
}

void FileChooser::showWords(const QString &words)
{
    m_words = words;
    m_choose->setToolTip(words);
    m_choose->setAccessibleName(words.isEmpty() ? tr("Choose…") : words);
    m_remove->setVisible(!words.isEmpty());
    fitWords();
}

void FileChooser::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    fitWords();
}

// The way to a file may be long: as much of it as there is room for, the whole where the mouse rests.
void FileChooser::fitWords()
{
    constexpr int Around = 16; // px
    layout()->activate();
    m_choose->setText(m_words.isEmpty()
                          ? tr("Choose…")
                          : m_choose->fontMetrics().elidedText(m_words, Qt::ElideMiddle, m_choose->width() - Around));
}

} // namespace nabblet
