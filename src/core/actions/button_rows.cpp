#include "core/actions/button_rows.h"

#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

const QList<ButtonRow> &buttonRows()
{
    static const QList<ButtonRow> table{
        {QStringLiteral("buttons-to-go"),
         Texts::later("Buttons to go"),
         {QStringLiteral("go-first"), QStringLiteral("go-previous"), QStringLiteral("go-next"),
          QStringLiteral("go-last")}},
        {QStringLiteral("buttons-of-record"),
         Texts::later("Record buttons"),
         {QStringLiteral("find"), QStringLiteral("new"), QStringLiteral("save"), QStringLiteral("take-back"),
          QStringLiteral("delete"), QStringLiteral("close")}},
    };
    return table;
}

const ButtonRow *buttonRowNamed(const QString &name)
{
    const QList<ButtonRow> &all = buttonRows();
    const auto found = std::find_if(all.begin(), all.end(), [&](const ButtonRow &row) { return row.name == name; });
    return found == all.end() ? nullptr : &*found;
}

QString buttonRowTitle(const ButtonRow &row)
{
    return Texts::tr(row.title);
}

} // namespace nabblet
