// Keys and what they do, in groups: as a list in a sheet, and as a card to be printed.
#pragma once

#include <QList>
#include <QPair>
#include <QString>

class QTreeWidget;
class QWidget;

namespace nabblet {

using Keys = QList<QPair<QString, QString>>; // the key, and what it does

struct KeyGroup
{
    QString title;
    Keys keys;
};

// A list of them; accessibleName: what a screen reader calls it.
QTreeWidget *makeKeyList(const QList<KeyGroup> &groups, const QString &accessibleName);

// The same on one page, as HTML.
QString keyCard(const QString &title, const QList<KeyGroup> &groups);
// Asks for a printer and prints a card there.
void printKeyCard(const QString &title, const QList<KeyGroup> &groups, QWidget *parent);

} // namespace nabblet
