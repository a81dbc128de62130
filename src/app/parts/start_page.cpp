#include "app/parts/start_page.h"

#include <QDir>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QPushButton *beginning(const QString &words, const char *name)
{
    auto *button = new QPushButton(words);
    button->setObjectName(QString::fromLatin1(name));
    button->setMinimumWidth(220);
    return button;
}

QLabel *explaining(const QString &words)
{
    auto *label = new QLabel(words);
    label->setObjectName(QStringLiteral("faint"));
    label->setWordWrap(true);
    return label;
}

// The name of a project is that of its folder; a form's stands before its project's.
QString titleOf(const QFileInfo &path)
{
    const bool isProject = path.isDir() || path.fileName() == QLatin1String("project.nabblet");
    return isProject ? (path.isDir() ? path.fileName() : path.dir().dirName()) : path.completeBaseName();
}

} // namespace

StartPage::StartPage(QWidget *parent) : QWidget(parent)
{
    setWhatsThis(tr("Where to begin: a database, a project or a form, or the demonstration."));
    setObjectName(QStringLiteral("startPage"));
}

// Made when it is first seen: mostly a form is opened at once, and nobody sees it.
void StartPage::showEvent(QShowEvent *event)
{
    if (!m_used) {
        fill();
        showUsed(m_paths);
    }
    QWidget::showEvent(event);
}

void StartPage::fill()
{
    m_used = new QListWidget;
    m_nothing = new QLabel;
    auto *sheet = new QWidget;
    sheet->setObjectName(QStringLiteral("panel"));
    sheet->setAttribute(Qt::WA_StyledBackground);
    sheet->setFixedWidth(760);
    auto *columns = new QHBoxLayout(sheet);
    columns->setContentsMargins(28, 24, 28, 24);
    columns->setSpacing(32);

    auto *left = new QVBoxLayout;
    left->setSpacing(6);
    auto *begin = new QLabel(tr("Begin"));
    begin->setObjectName(QStringLiteral("sectionTitle"));
    left->addWidget(begin);
    const auto add = [&](QPushButton *button, const QString &words, auto signal) {
        left->addSpacing(6);
        left->addWidget(button);
        left->addWidget(explaining(words));
        connect(button, &QPushButton::clicked, this, signal);
    };
    add(beginning(tr("Open…"), "startOpen"),
        tr("A database, to make a form from one of its tables; a project or a form."), &StartPage::openRequested);
    add(beginning(tr("New form without a database"), "startBlank"), tr("An empty form. Its rows can come later."),
        &StartPage::blankRequested);
    add(beginning(tr("The demonstration"), "startDemonstration"),
        tr("An invented buoy depot with its forms, to try things out."), &StartPage::demonstrationRequested);
    left->addStretch();
    columns->addLayout(left, 4);

    auto *right = new QVBoxLayout;
    right->setSpacing(6);
    auto *used = new QLabel(tr("Used lately"));
    used->setObjectName(QStringLiteral("sectionTitle"));
    right->addWidget(used);
    m_used->setObjectName(QStringLiteral("usedLately"));
    m_used->setAccessibleName(tr("Used lately"));
    m_used->setTextElideMode(Qt::ElideMiddle);
    m_used->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_nothing->setObjectName(QStringLiteral("faint"));
    m_nothing->setWordWrap(true);
    m_nothing->setText(tr("Nothing yet. A database, a project or a form can also be dropped on this window."));
    right->addWidget(m_used, 1);
    right->addWidget(m_nothing);
    right->addStretch();
    columns->addLayout(right, 5);

    auto *place = new QGridLayout(this);
    place->setRowStretch(0, 1);
    place->addWidget(sheet, 1, 1);
    place->setRowStretch(2, 2);
    place->setColumnStretch(0, 1);
    place->setColumnStretch(2, 1);
    const auto take = [this](const QListWidgetItem *item) {
        Q_EMIT pathRequested(item->data(Qt::UserRole).toString());
    };
    connect(m_used, &QListWidget::itemClicked, this, take);
    connect(m_used, &QListWidget::itemActivated, this, take);
}

void StartPage::showUsed(const QStringList &paths)
{
    m_paths = paths;
    if (!m_used) {
        return;
    }
    m_used->clear();
    for (const QString &path : paths) {
        const QFileInfo info(path);
        if (!info.exists()) {
            continue;
        }
        auto *item =
            new QListWidgetItem(tr("%1\n%2").arg(titleOf(info), QDir::toNativeSeparators(info.absolutePath())), m_used);
        item->setData(Qt::UserRole, path);
        item->setData(Qt::AccessibleTextRole, titleOf(info));
        item->setToolTip(QDir::toNativeSeparators(path));
    }
    m_used->setVisible(m_used->count() > 0);
    m_nothing->setVisible(m_used->count() == 0);
}

} // namespace nabblet
