#include "entry/view/key_list.h"

#include <QHeaderView>
#include <QPrintDialog>
#include <QPrinter>
#include <QTextDocument>
#include <QTreeWidget>

namespace nabblet {

QTreeWidget *makeKeyList(const QList<KeyGroup> &groups, const QString &accessibleName)
{
    auto *list = new QTreeWidget;
    list->setObjectName(QStringLiteral("keyList"));
    list->setAccessibleName(accessibleName);
    list->setColumnCount(2);
    list->header()->hide();
    list->setRootIsDecorated(false);
    list->setIndentation(12);
    QFont bold = list->font();
    bold.setBold(true);
    for (const KeyGroup &each : groups) {
        auto *group = new QTreeWidgetItem(list, {each.title});
        group->setFirstColumnSpanned(true);
        group->setFont(0, bold);
        for (const auto &[key, does] : each.keys) {
            new QTreeWidgetItem(group, {key, does});
        }
        group->setExpanded(true);
    }
    list->resizeColumnToContents(0);
    list->setColumnWidth(0, list->columnWidth(0) + 16);
    return list;
}

QString keyCard(const QString &title, const QList<KeyGroup> &groups)
{
    QString rows;
    for (const KeyGroup &group : groups) {
        rows += QStringLiteral("<tr><td colspan=\"2\"><b>%1</b></td></tr>").arg(group.title.toHtmlEscaped());
        for (const auto &[key, does] : group.keys) {
            rows += QStringLiteral("<tr><td>%1&nbsp;&nbsp;&nbsp;</td><td>%2</td></tr>")
                        .arg(key.toHtmlEscaped(), does.toHtmlEscaped());
        }
    }
    return QStringLiteral("<h2>%1</h2><table cellspacing=\"2\">%2</table>").arg(title.toHtmlEscaped(), rows);
}

void printKeyCard(const QString &title, const QList<KeyGroup> &groups, QWidget *parent)
{
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(title);
    if (QPrintDialog(&printer, parent).exec() == QDialog::Accepted) {
        QTextDocument card;
        card.setHtml(keyCard(title, groups));
        card.print(&printer);
    }
}

} // namespace nabblet
