#include "designer/rules/put_in_menu.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"
#include "designer/rules/sql_line.h"

#include <QMenu>
#include <QPushButton>

namespace nabblet {

namespace {

struct Function
{
    const char *words; // what it gives, in English
    const char *sql;   // | stands where the selection goes
};

constexpr Function Functions[] = {
    {Texts::later("rounded to 2 decimals"), "round(|, 2)"},
    {Texts::later("without its sign"), "abs(|)"},
    {Texts::later("the smaller of two"), "min(|, )"},
    {Texts::later("the greater of two"), "max(|, )"},
    {nullptr, nullptr},
    {Texts::later("the first that is not blank"), "coalesce(|, )"},
    {Texts::later("one value or another"), "CASE WHEN | THEN  ELSE  END"},
    {nullptr, nullptr},
    {Texts::later("joined to another text"), "| || ' ' || "},
    {Texts::later("in capitals"), "upper(|)"},
    {Texts::later("in small letters"), "lower(|)"},
    {Texts::later("without blanks around it"), "trim(|)"},
    {Texts::later("a part of it: from letter 1, 3 letters"), "substr(|, 1, 3)"},
    {Texts::later("how many letters"), "length(|)"},
    {Texts::later("one text in place of another"), "replace(|, '', '')"},
    {nullptr, nullptr},
    {Texts::later("today"), "date('now', 'localtime')|"},
    {Texts::later("days since then"), "CAST(julianday('now', 'localtime') - julianday(|) AS INTEGER)"},
    {Texts::later("14 days later"), "date(|, '+14 days')"},
    {Texts::later("the first of its month"), "date(|, 'start of month')"},
    {Texts::later("its year"), "strftime('%Y', |)"},
};

QString forMenu(QString words)
{
    return words.replace(u'&', QLatin1String("&&"));
}

// mark: where what is selected goes; -1 for in place of it.
void put(SqlLine *box, const QString &sql, qsizetype mark)
{
    QTextCursor cursor = box->textCursor();
    const QString selected = cursor.selectedText();
    const int from = cursor.selectionStart();
    cursor.insertText(mark >= 0 ? sql.left(mark) + selected + sql.mid(mark) : sql);
    if (mark >= 0 && selected.isEmpty()) {
        cursor.setPosition(from + static_cast<int>(mark));
    }
    box->setTextCursor(cursor);
    box->setFocus();
}

void addColumns(QMenu *menu, const RuleContext &context)
{
    for (const Column &column : context.table.columns) {
        menu->addAction(forMenu(calledForColumn(context.form, column.name)))->setData(columnExpression(column.name));
    }
}

void addRows(QMenu *menu, const RowsBelonging &rows, const RuleContext &context)
{
    const QList<const Control *> way = subformsTo(context.form, rows.table);
    const Form &inner = *way.last()->inner.get();
    const QString from = QStringLiteral(" FROM %1)").arg(columnExpression(rows.table));
    menu->addAction(Texts::tr("how many"))->setData(QString(QLatin1String("(SELECT count(*)") + from));
    struct Way
    {
        QString words;
        const char *function;
    };
    const Way ways[] = {{Texts::tr("Sum of"), "sum"},
                        {Texts::tr("Least"), "min"},
                        {Texts::tr("Greatest or latest"), "max"},
                        {Texts::tr("Mean of"), "avg"}};
    for (const Way &each : ways) {
        QMenu *inside = menu->addMenu(each.words);
        for (const QString &column : rows.columns) {
            inside->addAction(forMenu(calledForColumn(inner, column)))
                ->setData(QStringLiteral("(SELECT %1(%2)").arg(QLatin1String(each.function), columnExpression(column)) +
                          from);
        }
    }
}

void fill(QMenu *menu, const RuleContext &context)
{
    QMenu *columns = menu->addMenu(Texts::tr("A column"));
    addColumns(columns, context);
    columns->setEnabled(!columns->isEmpty());
    QMenu *functions = menu->addMenu(Texts::tr("Worked out of it"));
    for (const Function &each : Functions) {
        if (each.words) {
            const QString sql = QString::fromLatin1(each.sql);
            functions->addAction(Texts::tr(each.words))->setData(QVariantList{sql, sql.indexOf(u'|')});
        } else {
            functions->addSeparator();
        }
    }
    const QList<RowsBelonging> belonging = belongingTo(context.form);
    for (const RowsBelonging &rows : belonging) {
        const Form &inner = *subformsTo(context.form, rows.table).last()->inner.get();
        addRows(menu->addMenu(Texts::tr("Rows of “%1”").arg(forMenu(inner.title))), rows, context);
    }
}

} // namespace

QPushButton *putInButton(SqlLine *box, const RuleContext *context)
{
    auto *button = new QPushButton(Texts::tr("Put in…"));
    button->setObjectName(QStringLiteral("putIn"));
    button->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    button->setToolTip(Texts::tr("Columns, what can be worked out of them, and rows that belong to the record"));
    QObject::connect(button, &QPushButton::clicked, box, [box, button, context] {
        QMenu menu(button);
        menu.setObjectName(QStringLiteral("putInMenu"));
        fill(&menu, *context);
        if (const QAction *chosen = menu.exec(button->mapToGlobal(QPoint(0, button->height())))) {
            const QVariant data = chosen->data();
            const bool isMarked = data.typeId() == QMetaType::QVariantList; // a text is a list of letters, too
            QString sql = isMarked ? data.toList().first().toString() : data.toString();
            const qsizetype mark = isMarked ? data.toList().last().toLongLong() : -1;
            put(box, mark >= 0 ? sql.remove(mark, 1) : sql, mark);
        }
    });
    return button;
}

} // namespace nabblet
