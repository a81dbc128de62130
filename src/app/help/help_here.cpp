#include "app/help/help_here.h"

#include "app/help/guide_window.h"
#include "core/text/tr.h"
#include "entry/theme/sheet.h"

#include <QAction>
#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QString plain(const QAction &action)
{
    return action.text().remove(u'&').remove(QStringLiteral("…"));
}

void addKeys(const QMenu &menu, Keys &keys)
{
    const QList<QAction *> actions = menu.actions();
    for (const QAction *each : actions) {
        if (each->menu()) {
            addKeys(*each->menu(), keys);
        } else if (each->isEnabled() && !each->shortcut().isEmpty()) {
            keys.append({each->shortcut().toString(QKeySequence::NativeText), plain(*each)});
        }
    }
}

} // namespace

HelpHere helpFor(const QWidget *place, const QMenuBar *menus)
{
    HelpHere help;
    const auto say = [&](const QString &sentence) {
        if (!sentence.trimmed().isEmpty() && !help.sentences.contains(sentence)) {
            help.sentences.append(sentence);
        }
    };
    for (const QWidget *each = place; each && !each->isWindow(); each = each->parentWidget()) {
        if (help.about.isEmpty()) {
            help.about = each->accessibleName();
        }
        for (const QString &words : {each->whatsThis(), each->accessibleDescription(), each->toolTip()}) {
            say(words);
        }
    }
    const QList<QAction *> bar = menus->actions();
    for (const QAction *each : bar) {
        KeyGroup group{plain(*each), {}};
        if (each->menu()) {
            addKeys(*each->menu(), group.keys);
        }
        if (!group.keys.isEmpty()) {
            help.keys.append(group);
        }
    }
    return help;
}

void showHelp(const HelpHere &help, const QString &chapter, QWidget *window)
{
    QDialog sheet(window);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("helpHere"), Texts::tr("Help for this place"), {640, 620});
    auto *about = new QLabel(help.about.isEmpty() ? Texts::tr("The window") : help.about);
    about->setObjectName(QStringLiteral("sheetTitle"));
    QFont bold = about->font();
    bold.setBold(true);
    about->setFont(bold);
    column->addWidget(about);
    for (const QString &sentence : help.sentences) {
        auto *label = new QLabel(sentence);
        label->setWordWrap(true);
        label->setTextFormat(Qt::AutoText);
        column->addWidget(label);
    }
    QTreeWidget *list = makeKeyList(help.keys, Texts::tr("Keys that work here"));
    column->addWidget(list, 1);
    auto *buttons = new QDialogButtonBox;
    QPushButton *guide = buttons->addButton(Texts::tr("In the &guide"), QDialogButtonBox::ActionRole);
    guide->setObjectName(QStringLiteral("openGuide"));
    guide->setAutoDefault(false);
    QPushButton *print = buttons->addButton(Texts::tr("&Print the keys…"), QDialogButtonBox::ActionRole);
    print->setObjectName(QStringLiteral("printKeys"));
    print->setAutoDefault(false);
    buttons->addButton(Texts::tr("Close"), QDialogButtonBox::RejectRole);
    QObject::connect(guide, &QPushButton::clicked, &sheet, [&] {
        sheet.reject();
        showGuide(chapter, window);
    });
    QObject::connect(print, &QPushButton::clicked, &sheet,
                     [&] { printKeyCard(Texts::tr("Keys of Nabblet"), help.keys, &sheet); });
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(buttons);
    list->setFocus();
    sheet.exec();
}

} // namespace nabblet
