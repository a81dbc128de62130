#include "designer/new_form/link_by_hand.h"

#include "core/kinds/settings/child_link.h"
#include "designer/panels/dialog_buttons.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostPairs = 4; // of columns

} // namespace

LinkByHand::LinkByHand(const Connection &connection, const Catalogue &catalogue, const Table &parent,
                       QWidget *parentWidget)
    : QDialog(parentWidget), m_connection(connection), m_catalogue(catalogue), m_parent(parent)
{
    setWindowTitle(tr("Link rows by hand"));
    setObjectName(QStringLiteral("linkByHand"));
    auto *grid = new QGridLayout(this);
    grid->setContentsMargins(16, 16, 16, 16);
    grid->setHorizontalSpacing(8);
    grid->addWidget(new QLabel(tr("Rows of")), 0, 0);
    m_tables = new QComboBox;
    m_tables->setObjectName(QStringLiteral("linkTable"));
    for (const Table &table : m_catalogue.tables) {
        if (table.kind != TableKind::Select) {
            m_tables->addItem(table.name);
        }
    }
    grid->addWidget(m_tables, 0, 1);
    grid->addWidget(new QLabel(tr("belong to a record of “%1” when").arg(m_parent.name)), 0, 2, 1, 2);
    for (int i = 0; i < MostPairs; ++i) {
        auto *child = new QComboBox;
        auto *own = new QComboBox;
        child->setObjectName(QStringLiteral("linkChild%1").arg(i));
        own->setObjectName(QStringLiteral("linkParent%1").arg(i));
        grid->addWidget(new QLabel(i == 0 ? tr("their") : tr("and their")), i + 1, 0);
        grid->addWidget(child, i + 1, 1);
        grid->addWidget(new QLabel(tr("is the record's")), i + 1, 2);
        grid->addWidget(own, i + 1, 3);
        m_childColumns.append(child);
        m_parentColumns.append(own);
        for (QComboBox *each : {child, own}) {
            connect(each, &QComboBox::currentIndexChanged, this, [this] {
                m_isTouched = true;
                showWords();
            });
        }
    }
    m_words = new QLabel;
    m_words->setObjectName(QStringLiteral("faint"));
    grid->addWidget(m_words, MostPairs + 1, 0, 1, 4);
    const DialogButtons buttons = makeDialogButtons(this, tr("Link"), "takeLink");
    m_take = buttons.take;
    grid->addLayout(buttons.row, MostPairs + 2, 0, 1, 4);
    connect(m_tables, &QComboBox::currentIndexChanged, this, &LinkByHand::showColumns);
    showColumns();
}

QString LinkByHand::table() const
{
    return m_tables->currentText();
}

ChildLink LinkByHand::link() const
{
    ChildLink link;
    for (int i = 0; i < m_childColumns.size(); ++i) {
        if (m_childColumns.at(i)->currentIndex() > 0 && m_parentColumns.at(i)->currentIndex() > 0) {
            link.childColumns.append(m_childColumns.at(i)->currentText());
            link.parentColumns.append(m_parentColumns.at(i)->currentText());
        }
    }
    return link;
}

// Columns of the same name are the first guess, the record's key first of all.
void LinkByHand::showColumns()
{
    const Table *child = findTable(m_catalogue, table());
    QStringList theirs{QString()};
    QStringList own{QString()};
    for (const Column &column : child ? child->columns : QList<Column>()) {
        theirs.append(column.name);
    }
    for (const Column &column : m_parent.columns) {
        own.append(column.name);
    }
    QStringList guess;
    for (const QString &column : m_parent.primaryKey) {
        if (theirs.contains(column)) {
            guess.append(column);
        }
    }
    for (int i = 0; i < m_childColumns.size(); ++i) {
        const QSignalBlocker childBlocker(m_childColumns.at(i));
        const QSignalBlocker ownBlocker(m_parentColumns.at(i));
        m_childColumns.at(i)->clear();
        m_childColumns.at(i)->addItems(theirs);
        m_parentColumns.at(i)->clear();
        m_parentColumns.at(i)->addItems(own);
        m_childColumns.at(i)->setCurrentText(guess.value(i));
        m_parentColumns.at(i)->setCurrentText(guess.value(i));
    }
    m_isTouched = false;
    m_found.clear();
    showWords();
    findPairs();
}

// What names and stored values say is looked for beside the window.
void LinkByHand::findPairs()
{
    m_looking.giveUp();
    m_looking.start(m_connection.address(), [this, catalogue = m_catalogue, from = table(), to = m_parent.name](
                                                const Connection &connection, const std::atomic<bool> &isCancelled,
                                                const BackgroundWork::Report &report) {
        const QList<FoundLink> found = findLinksBetween(connection, catalogue, from, to, isCancelled);
        report([this, found] { takeFound(found); });
    });
}

// Nothing that a person chose is changed by it.
void LinkByHand::takeFound(const QList<FoundLink> &found)
{
    m_found = found;
    // A link to the record's whole key says more than one to a part of it.
    const auto columns = [](const FoundLink &each) { return each.link.link.link.columns.size(); };
    const auto best = std::max_element(found.begin(), found.end(),
                                       [&](const FoundLink &a, const FoundLink &b) { return columns(a) < columns(b); });
    if (best != found.end() && !m_isTouched && link().childColumns.size() <= columns(*best)) {
        const ForeignKey &pairs = best->link.link.link;
        for (int i = 0; i < m_childColumns.size(); ++i) {
            const QSignalBlocker childBlocker(m_childColumns.at(i));
            const QSignalBlocker ownBlocker(m_parentColumns.at(i));
            m_childColumns.at(i)->setCurrentText(pairs.columns.value(i));
            m_parentColumns.at(i)->setCurrentText(pairs.parentColumns.value(i));
        }
    }
    showWords();
}

void LinkByHand::showWords()
{
    const ChildLink chosen = link();
    m_take->setEnabled(!chosen.childColumns.isEmpty());
    QString evidence;
    for (const FoundLink &each : std::as_const(m_found)) {
        const ForeignKey &link = each.link.link.link;
        if (chosen.childColumns == link.columns && chosen.parentColumns == link.parentColumns) {
            evidence = evidenceInWords(each.link, each.evidence) + u'\n';
        }
    }
    m_words->setText(chosen.childColumns.isEmpty() ? tr("Choose at least one pair of columns.")
                                                   : evidence + tr("New rows get the record's values by themselves."));
}

} // namespace nabblet
