#include "designer/rules/sql_line.h"

#include "core/text/spelling.h"

#include <QAbstractItemView>
#include <QAbstractTextDocumentLayout>
#include <QCompleter>
#include <QKeyEvent>
#include <QRegularExpression>
#include <QScrollBar>
#include <QStringListModel>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastLetters = 2; // before names are offered

} // namespace

QStringList sqlFunctions()
{
    return {QStringLiteral("abs"),   QStringLiteral("coalesce"),  QStringLiteral("date"),   QStringLiteral("iif"),
            QStringLiteral("instr"), QStringLiteral("julianday"), QStringLiteral("length"), QStringLiteral("lower"),
            QStringLiteral("max"),   QStringLiteral("min"),       QStringLiteral("nullif"), QStringLiteral("replace"),
            QStringLiteral("round"), QStringLiteral("strftime"),  QStringLiteral("substr"), QStringLiteral("time"),
            QStringLiteral("trim"),  QStringLiteral("upper")};
}

QString sqlMistake(const QString &expression, const QStringList &columns, const QList<RowsBelonging> &belonging)
{
    const Result<QStringList> read = columnsReadBy(expression, columns, belonging);
    if (read) {
        return {};
    }
    static const QRegularExpression unknown(QStringLiteral("no such column: (.+)"));
    const auto match = unknown.match(read.error().detail);
    if (!match.hasMatch()) {
        return read.error().sentence;
    }
    const QString name = match.captured(1);
    const QString nearest = nearestName(name, columns);
    const bool isNear = !nearest.isEmpty() && lettersApart(nearest, name) <= std::max<qsizetype>(2, name.size() / 3);
    return isNear ? SqlLine::tr("There is no column “%1”. Is “%2” meant?").arg(name, nearest)
                  : SqlLine::tr("There is no column “%1”.").arg(name);
}

SqlLine::SqlLine(QWidget *parent) : QPlainTextEdit(parent), m_completer(new QCompleter(this))
{
    setTabChangesFocus(true);
    QFont fixed(QStringLiteral("monospace"));
    fixed.setStyleHint(QFont::Monospace);
    setFont(fixed);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_completer->setWidget(this);
    m_completer->setCompletionMode(QCompleter::PopupCompletion);
    m_completer->setCaseSensitivity(Qt::CaseInsensitive);
    connect(m_completer, qOverload<const QString &>(&QCompleter::activated), this, &SqlLine::complete);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(document()->documentLayout(), &QAbstractTextDocumentLayout::documentSizeChanged, this, &SqlLine::fit);
}

// As high as what is written needs, within limits; lines are counted as they are wrapped.
void SqlLine::fit()
{
    constexpr int Least = 2;
    constexpr int Most = 8;
    const int needed = static_cast<int>(document()->documentLayout()->documentSize().height());
    const int lines = std::clamp(needed, Least, Most);
    setVerticalScrollBarPolicy(needed > Most ? Qt::ScrollBarAsNeeded : Qt::ScrollBarAlwaysOff);
    if (lines != m_lines) {
        m_lines = lines;
        updateGeometry();
    }
}

void SqlLine::setNames(const QStringList &names)
{
    m_completer->setModel(new QStringListModel(names, m_completer));
}

QSize SqlLine::sizeHint() const
{
    const int around = static_cast<int>(2 * document()->documentMargin()) + 2 * frameWidth() + 4;
    return {300, fontMetrics().lineSpacing() * m_lines + around};
}

QString SqlLine::wordBefore() const
{
    const QString before = toPlainText().left(textCursor().position());
    static const QRegularExpression word(QStringLiteral("[\\p{L}_][\\p{L}\\d_]*$"),
                                         QRegularExpression::UseUnicodePropertiesOption);
    return word.match(before).captured(0);
}

void SqlLine::complete(const QString &name)
{
    QTextCursor cursor = textCursor();
    cursor.movePosition(QTextCursor::Left, QTextCursor::KeepAnchor, static_cast<int>(wordBefore().size()));
    cursor.insertText(name);
    setTextCursor(cursor);
}

void SqlLine::keyPressEvent(QKeyEvent *event)
{
    const bool isOpen = m_completer->popup() && m_completer->popup()->isVisible();
    const bool isTaking = event->key() == Qt::Key_Enter || event->key() == Qt::Key_Return ||
                          event->key() == Qt::Key_Tab || event->key() == Qt::Key_Escape;
    if (isOpen && isTaking) {
        event->ignore(); // the list's
        return;
    }
    QPlainTextEdit::keyPressEvent(event);
    const QString word = wordBefore();
    const bool isTyped = !event->text().isEmpty() && event->text().at(0).isPrint();
    if (!isTyped || word.size() < LeastLetters) {
        if (m_completer->popup()) {
            m_completer->popup()->hide();
        }
        return;
    }
    m_completer->setCompletionPrefix(word);
    const bool isWhole =
        m_completer->completionCount() == 1 && m_completer->currentCompletion().compare(word, Qt::CaseInsensitive) == 0;
    if (m_completer->completionCount() == 0 || isWhole) {
        m_completer->popup()->hide();
        return;
    }
    QRect place = cursorRect();
    place.setWidth(m_completer->popup()->sizeHintForColumn(0) + 24);
    m_completer->complete(place);
}

} // namespace nabblet
