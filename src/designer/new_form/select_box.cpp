#include "designer/new_form/select_box.h"

#include "core/catalogue/select_table.h"
#include "core/sorts/order_of_select.h"
#include "core/text/tr.h"
#include "data/records/select_source.h"

#include <QLabel>
#include <QPlainTextEdit>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int Pause = 250; // ms after the last key before a SELECT is looked at

constexpr qsizetype MostNamed = 4; // columns named for one reason; the tooltip names all

// Words that wrap in the room that there is. A label whose height follows from its width would make the whole sheet ask
// for the height it would like, not the least it can do with.
class WrappedWords : public QLabel
{
public:
    bool hasHeightForWidth() const override { return false; }
    QSize minimumSizeHint() const override { return {0, fontMetrics().height()}; }
};

} // namespace

SelectBox::SelectBox(const Connection &connection, const Catalogue &catalogue, Theme theme, QWidget *parent)
    : QWidget(parent), m_connection(connection), m_catalogue(catalogue), m_theme(theme)
{
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    m_text = new QPlainTextEdit;
    m_text->setObjectName(QStringLiteral("ownSelect"));
    m_text->setTabChangesFocus(true);
    constexpr int LeastText = 50; // px, three lines; what is said of it takes the rest
    m_text->setMinimumHeight(LeastText);
    m_text->setPlaceholderText(tr("SELECT … FROM …"));
    m_text->setAccessibleName(tr("SELECT"));
    m_says = new WrappedWords;
    m_says->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    m_says->setObjectName(QStringLiteral("selectSays"));
    m_says->setWordWrap(true);
    column->addWidget(m_text, 1);
    column->addWidget(m_says);
    m_pause.setSingleShot(true);
    m_pause.setInterval(Pause);
    connect(&m_pause, &QTimer::timeout, this, &SelectBox::check);
    connect(m_text, &QPlainTextEdit::textChanged, this, [this] { m_pause.start(); });
}

QString SelectBox::text() const
{
    return m_text->toPlainText();
}

void SelectBox::setText(const QString &sql)
{
    m_text->setPlainText(sql);
}

void SelectBox::takeFocus()
{
    m_text->setFocus();
}

void SelectBox::check()
{
    m_pause.stop();
    const PanelColours &colours = panelColours(m_theme);
    const auto say = [&](const QString &words, const QColor &ink) {
        QPalette palette = m_says->palette();
        palette.setColor(QPalette::WindowText, ink);
        m_says->setPalette(palette);
        m_says->setText(words);
    };
    const Result<Table> described = describeSelect(m_connection, m_catalogue, selectTableName(m_catalogue), text());
    m_table = described ? std::optional(*described) : std::nullopt;
    if (!described) {
        say(described.error().sentence, text().trimmed().isEmpty() ? colours.faintText : colours.alarm);
        m_says->setToolTip(QString());
        Q_EMIT checked();
        return;
    }
    // Columns with the same reason are named together.
    QStringList reasons;
    QHash<QString, QStringList> columnsOfReason;
    int writable = 0;
    for (const Column &column : described->columns) {
        writable += column.readOnlyReason.isEmpty() ? 1 : 0;
        if (!column.readOnlyReason.isEmpty()) {
            if (!columnsOfReason.contains(column.readOnlyReason)) {
                reasons.append(column.readOnlyReason);
            }
            columnsOfReason[column.readOnlyReason].append(column.name);
        }
    }
    QStringList shortReasons;
    for (QString &reason : reasons) {
        const QStringList names = columnsOfReason.value(reason);
        const QString first = names.mid(0, MostNamed).join(QStringLiteral(", "));
        shortReasons.append(tr("%1: %2").arg(
            names.size() > MostNamed ? tr("%1 and %2 more").arg(first).arg(names.size() - MostNamed) : first, reason));
        reason = tr("%1: %2").arg(names.join(QStringLiteral(", ")), reason);
    }
    // Rows with a key are read by it, a few at a time, so that any number of them opens at once; by an order of the
    // form where that can say the same.
    const bool isOtherwise = ordersItsRows(described->select) && !described->primaryKey.isEmpty();
    const QString order =
        isOtherwise && orderOfSelect(*described) ? tr("Its order becomes that of the form, as “Sorted by”. ")
        : isOtherwise
            ? tr("Records come by their key (%1), not by the ORDER BY; the form says another order, as “Sorted by”. ")
                  .arg(described->primaryKey.join(QStringLiteral(", ")))
            : QString();
    const QString columns = counted(described->columns.size(), tr("One column"), tr("%1 columns"));
    const QString written = writable == 0 ? tr("none can be written.") : tr("%1 can be written.").arg(writable);
    say(order + tr("%1, %2", "columns, how many are written").arg(columns, written) +
            (reasons.isEmpty() ? QString()
                               : u' ' + shortReasons.mid(0, 3).join(QStringLiteral("; ")) +
                                     (reasons.size() > 3 ? QStringLiteral("; …") : QStringLiteral("."))),
        colours.text);
    m_says->setToolTip(reasons.join(u'\n'));
    Q_EMIT checked();
}

} // namespace nabblet
