// What people type and choose in the record in hand, until it is saved. Nothing of it is ever thrown away without being
// told to.
#pragma once

#include "entry/state/entry_state.h"

#include <QJsonObject>

namespace nabblet {

struct SessionParts;

class Typing
{
public:
    explicit Typing(SessionParts &parts) : m_parts(parts) {}

    // The person typed or chose something. Typed words that do not read as a value are kept and reported beside the
    // box.
    void type(const Control &control, const QString &words);
    void choose(const Control &control, const QVariant &value);
    // A row of the control's lookup was chosen, with the values of its value columns; none to choose nothing.
    // words: what the row is called, where that is known.
    void chooseRow(const Control &control, const QVariantList &values, const QString &words = {});
    // Words as they go on being typed, with the signs that the shape of the box has next.
    QString shapedWhileTyped(const Control &control, const QString &words) const;
    // The keyboard left a box: where what was typed there is no value, says so beside it.
    void boxLeft(const Control &control);
    // Puts in what the record before has, in one box or in all that are blank; false where there is none before, or
    // nothing to repeat.
    bool repeat(const Control &control);
    bool repeatBlank();
    // Puts in the day or the moment, as the box takes it; false for boxes of no such kind.
    bool putInToday(const Control &control);
    bool putInNow(const Control &control);
    // Whether new records take over what a box had in the one saved last.
    void keepForNext(const Control &control, bool keeps);

    // Puts one box back as it is stored; false where nothing was typed in it.
    bool putBack(const Control &control);

    // What is typed and not saved in the record and in the rows that belong to it, to be kept elsewhere; and taken up
    // again: false where the record is not there any more.
    QJsonObject asJson() const;
    bool takeUp(const QJsonObject &typed);

    // The form shows other rows from now on: what was typed in the record in hand is set aside, and back when those
    // rows come back.
    void setAside();
    bool takeUpSetAside();
    // What was set aside, by the words of its rows. Empty for none.
    QStringList rowsSetAside() const;

    // Puts the values of a row into a box that takes typing.
    bool takeFrom(const Row &row, const Control &control);

private:
    struct SetAside
    {
        QString table;
        RecordInHand record;
        QStringList columns; // of its row
    };
    void hasTypedAt(const Control &control);
    std::optional<Row> rowBefore() const;
    bool putInWords(const Control &control, const QString &words);
    void showAsMeant(const Control &control);

    SessionParts &m_parts;
    QHash<QString, SetAside> m_setAside; // by the rows that it belongs to
};

// What a form's rows are called, so that those of another table or SELECT are told from them.
QString rowsNameOf(const Form &form);

} // namespace nabblet
