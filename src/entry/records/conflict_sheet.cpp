#include "entry/records/conflict_sheet.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QButtonGroup>
#include <QDialog>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QRadioButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QVBoxLayout>

#include <vector>

namespace nabblet {

namespace {

// One box in which the two differ.
struct Differing
{
    const Control *control;
    QStringList columns; // that it writes
    QRadioButton *mine = nullptr;
    QRadioButton *theirs = nullptr;
    QRadioButton *other = nullptr;
    QLineEdit *words = nullptr; // of something else
};

// Who changed it last and when, where the table keeps that.
QString whoAndWhen(const EntryState &state, const RowKey &key)
{
    static const QRegularExpression who(QStringLiteral("(chang|modif|updat|edit)\\w*[ _]?(by|user|who)$"),
                                        QRegularExpression::CaseInsensitiveOption);
    static const QRegularExpression when(QStringLiteral("(chang|modif|updat|edit)\\w*[ _]?(at|on|time|date)$"),
                                         QRegularExpression::CaseInsensitiveOption);
    RecordSource one = state.source;
    one.columns.clear();
    QString whoColumn;
    QString whenColumn;
    const Table *table = state.table();
    for (const Column &column : table ? table->columns : QList<Column>()) {
        if (whoColumn.isEmpty() && who.match(column.name).hasMatch()) {
            whoColumn = column.name;
            one.columns.append(column.name);
        } else if (whenColumn.isEmpty() && when.match(column.name).hasMatch()) {
            whenColumn = column.name;
            one.columns.append(column.name);
        }
    }
    const MaybeRow row =
        one.columns.isEmpty() ? MaybeRow(std::optional<Row>()) : rowWithKey(state.connection, one, key);
    if (!row || !*row) {
        return {};
    }
    const QString by = whoColumn.isEmpty() ? QString() : valueOf(one, **row, whoColumn).toString();
    const QString at = whenColumn.isEmpty() ? QString() : valueOf(one, **row, whenColumn).toString();
    return by.isEmpty() && at.isEmpty() ? QString()
           : by.isEmpty()               ? Texts::tr("It was changed on %1.").arg(at)
           : at.isEmpty()               ? Texts::tr("%1 changed it.").arg(by)
                                        : Texts::tr("%1 changed it on %2.").arg(by, at);
}

QString shownOr(const QString &words)
{
    return words.isEmpty() ? Texts::tr("blank") : words;
}

} // namespace

bool settleConflict(EntrySession &session, QWidget *parent)
{
    const EntryState &state = session.state();
    const RecordInHand record = state.record;
    if (record.question != Question::ChangedMeanwhile || !record.theirs || !record.row) {
        return false;
    }
    QDialog sheet(parent);
    QVBoxLayout *column =
        begunSheet(sheet, QStringLiteral("conflictSheet"), Texts::tr("Two people changed this record"), {720, 420});
    column->setSpacing(10);
    const QString by = whoAndWhen(state, record.theirs->key);
    auto *head = new QLabel(
        Texts::tr("Someone else saved this record while you worked on it. Choose what is to stand in each box.") +
        (by.isEmpty() ? QString() : u' ' + by));
    head->setWordWrap(true);
    head->setTextFormat(Qt::PlainText);
    column->addWidget(head);
    auto *area = new QWidget;
    auto *grid = new QGridLayout(area);
    grid->setContentsMargins(2, 2, 8, 2);
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(8);
    const QStringList heads{QString(), Texts::tr("Mine"), Texts::tr("Stored now"), Texts::tr("Something else")};
    for (int i = 0; i < heads.size(); ++i) {
        auto *words = new QLabel(heads.at(i));
        words->setObjectName(QStringLiteral("sectionTitle"));
        grid->addWidget(words, 0, i);
    }

    std::vector<Differing> all;
    QStringList done; // columns
    for (const Control &control : state.form.controls) {
        Differing one{&control, columnsWritten(control)};
        const bool isChanged = std::any_of(one.columns.begin(), one.columns.end(), [&](const QString &name) {
            return record.typed.contains(name) ||
                   valueOf(state.source, *record.row, name) != valueOf(state.source, *record.theirs, name);
        });
        const bool isDone = std::any_of(one.columns.begin(), one.columns.end(),
                                        [&](const QString &name) { return done.contains(name); });
        one.columns.removeIf([&](const QString &name) { return state.source.readOnly.contains(name); });
        if (one.columns.isEmpty() || !isChanged || isDone) {
            continue;
        }
        done += one.columns;
        const bool isMine = std::any_of(one.columns.begin(), one.columns.end(),
                                        [&](const QString &name) { return record.typed.contains(name); });
        const int line = static_cast<int>(all.size()) + 1;
        const QString caption = state.captionFor(one.columns.first());
        const QString mine = shownOr(session.values().shown(control).words);
        const QString theirs = shownOr(session.values().shownIn(control, *record.theirs).words);
        auto *words = new QLabel(caption);
        words->setTextFormat(Qt::PlainText);
        one.mine = new QRadioButton(isMine ? mine : Texts::tr("%1 (as it was)").arg(mine));
        one.theirs = new QRadioButton(theirs);
        one.mine->setObjectName(QStringLiteral("mine%1").arg(line));
        one.theirs->setObjectName(QStringLiteral("theirs%1").arg(line));
        one.mine->setAccessibleName(Texts::tr("%1: mine, %2").arg(caption, mine));
        one.theirs->setAccessibleName(Texts::tr("%1: stored now, %2").arg(caption, theirs));
        auto *group = new QButtonGroup(&sheet);
        group->addButton(one.mine);
        group->addButton(one.theirs);
        (isMine ? one.mine : one.theirs)->setChecked(true);
        grid->addWidget(words, line, 0);
        grid->addWidget(one.mine, line, 1);
        grid->addWidget(one.theirs, line, 2);
        const Editor editor = kindNamed(control.kind).editor;
        if ((editor == Editor::Line || editor == Editor::LongText) && !lookupOf(control)) {
            one.other = new QRadioButton;
            one.other->setAccessibleName(Texts::tr("%1: something else").arg(caption));
            one.words = new QLineEdit;
            one.words->setObjectName(QStringLiteral("other%1").arg(line));
            one.words->setAccessibleName(one.other->accessibleName());
            group->addButton(one.other);
            auto *both = new QHBoxLayout;
            both->setSpacing(6);
            both->addWidget(one.other);
            both->addWidget(one.words, 1);
            grid->addLayout(both, line, 3);
            QObject::connect(one.words, &QLineEdit::textEdited, one.other,
                             [other = one.other] { other->setChecked(true); });
        }
        all.push_back(one);
    }
    grid->setRowStretch(static_cast<int>(all.size()) + 1, 1);
    grid->setColumnStretch(3, 1);
    auto *scroll = new QScrollArea;
    scroll->setWidget(area);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    column->addWidget(scroll, 1);
    auto *mistake = new QLabel;
    mistake->setObjectName(QStringLiteral("mistake"));
    mistake->setWordWrap(true);
    mistake->hide();
    column->addWidget(mistake);
    auto *buttons = new QDialogButtonBox;
    QPushButton *save = buttons->addButton(Texts::tr("Save it so"), QDialogButtonBox::AcceptRole);
    save->setObjectName(QStringLiteral("saveSo"));
    save->setDefault(true);
    buttons->addButton(Texts::tr("Decide later"), QDialogButtonBox::RejectRole);
    column->addWidget(buttons);

    QHash<QString, TypedValue> chosen;
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, [&] {
        chosen.clear();
        for (const Differing &each : all) {
            if (each.theirs->isChecked()) {
                continue;
            }
            if (each.other && each.other->isChecked()) {
                const QString typed = each.words->text();
                const Result<QVariant> read = kindNamed(each.control->kind).read(*each.control, typed, state.locale);
                const QString wrong = read ? state.whyItDoesNotFit(*each.control, *read) : read.error().sentence;
                if (!wrong.isEmpty()) {
                    mistake->setText(Texts::tr("%1: %2").arg(state.captionFor(each.columns.first()), wrong));
                    mistake->show();
                    each.words->setFocus();
                    return;
                }
                chosen.insert(each.control->column, TypedValue{*read, typed, QString()});
                continue;
            }
            for (const QString &name : each.columns) {
                const QVariant mine = record.typed.contains(name) ? record.typed.value(name).value
                                                                  : valueOf(state.source, *record.row, name);
                if (mine != valueOf(state.source, *record.theirs, name)) {
                    chosen.insert(name, record.typed.contains(name) ? record.typed.value(name)
                                                                    : TypedValue{mine, QString(), QString()});
                }
            }
        }
        sheet.accept();
    });
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    if (!all.empty()) {
        (all.front().mine->isChecked() ? all.front().mine : all.front().theirs)->setFocus();
    }
    return sheet.exec() == QDialog::Accepted && session.saving().settle(chosen);
}

} // namespace nabblet
