// The buttons that are placed together: those for going through the records, and those for the record in hand.
#pragma once

#include <QList>
#include <QString>

namespace nabblet {

struct ButtonRow
{
    QString name;      // as a thing to place: "buttons-to-go"
    const char *title; // in English; buttonRowTitle() translates
    QList<QString> actions;
};
const QList<ButtonRow> &buttonRows();
const ButtonRow *buttonRowNamed(const QString &name); // or nullptr
QString buttonRowTitle(const ButtonRow &row);

} // namespace nabblet
