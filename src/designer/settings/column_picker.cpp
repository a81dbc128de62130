#include "designer/settings/column_picker.h"

#include "core/text/tr.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPlainTextEdit>
#include <QToolButton>

namespace nabblet {

namespace {

QToolButton *pickerIn(QWidget *box, const std::function<QList<SettingChoice>()> &columns,
                      const std::function<void(const QString &)> &insert)
{
    auto *button = new QToolButton(box);
    button->setObjectName(QStringLiteral("pickColumn"));
    button->setText(QStringLiteral("{…}"));
    button->setAccessibleName(Texts::tr("Fill in a column"));
    button->setToolTip(Texts::tr("Puts a column in where the cursor is; it is filled in for the record at hand"));
    button->setCursor(Qt::ArrowCursor);
    button->setFocusPolicy(Qt::TabFocus);
    button->setPopupMode(QToolButton::InstantPopup);
    auto *menu = new QMenu(button);
    button->setMenu(menu);
    QObject::connect(menu, &QMenu::aboutToShow, button, [menu, columns, insert] {
        menu->clear();
        for (const SettingChoice &each : columns()) {
            menu->addAction(each.words, menu, [insert, name = each.value] { insert(u'{' + name + u'}'); });
        }
    });
    auto *row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 2, 0);
    row->addStretch();
    row->addWidget(button, 0, Qt::AlignTop);
    return button;
}

} // namespace

void addColumnPicker(QLineEdit *line, const std::function<QList<SettingChoice>()> &columns)
{
    const QToolButton *button = pickerIn(line, columns, [line](const QString &words) {
        line->insert(words);
        line->setModified(true);
        line->setFocus();
    });
    line->setTextMargins(0, 0, button->sizeHint().width(), 0);
}

void addColumnPicker(QPlainTextEdit *lines, const std::function<QList<SettingChoice>()> &columns)
{
    pickerIn(lines, columns, [lines](const QString &words) {
        lines->insertPlainText(words);
        lines->setFocus();
    });
}

} // namespace nabblet
