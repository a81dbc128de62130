#include "designer/panels/caption_list.h"

#include "core/kinds/kind.h"
#include "designer/panels/dialog_buttons.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace nabblet {

namespace {

enum Columns { PlaceColumn, SortColumn, WordsColumn, ColumnCount };

} // namespace

CaptionList::CaptionList(const Form &form, QWidget *parent)
    : QDialog(parent), m_texts(formTexts(form)), m_table(new QTableWidget)
{
    setObjectName(QStringLiteral("captionList"));
    setWindowTitle(tr("Captions and options"));
    resize(640, 520);
    auto *column = new QVBoxLayout(this);
    column->setSpacing(10);
    auto *words = new QLabel(tr("Type over any words. Rails make room for longer captions by themselves."));
    words->setObjectName(QStringLiteral("faint"));
    column->addWidget(words);
    m_table->setObjectName(QStringLiteral("captionTable"));
    m_table->setAccessibleName(tr("Captions and options"));
    m_table->setColumnCount(ColumnCount);
    m_table->setHorizontalHeaderLabels({tr("Of"), tr("Sort"), tr("Words")});
    m_table->setRowCount(static_cast<int>(m_texts.size()));
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(26);
    m_table->setEditTriggers(QAbstractItemView::AllEditTriggers);
    m_table->setTabKeyNavigation(false);
    for (int row = 0; row < m_texts.size(); ++row) {
        const FormText &text = m_texts.at(row);
        const Control *control = form.controls.find(text.control);
        const QString sort = text.choice >= 0                            ? tr("option %1").arg(text.choice + 1)
                             : control->kind != QLatin1String("caption") ? kindTitle(kindNamed(control->kind))
                             : control->captionFor != 0                  ? tr("caption")
                             : control->role == QLatin1String("title")   ? tr("title")
                                                                         : tr("words");
        auto *place = new QTableWidgetItem(text.place);
        auto *kind = new QTableWidgetItem(sort);
        for (QTableWidgetItem *item : {place, kind}) {
            item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        }
        m_table->setItem(row, PlaceColumn, place);
        m_table->setItem(row, SortColumn, kind);
        // A further line of a caption shows as a sign.
        m_table->setItem(row, WordsColumn, new QTableWidgetItem(QString(text.words).replace(u'\n', QChar(0x21b5))));
    }
    m_table->horizontalHeader()->setSectionResizeMode(WordsColumn, QHeaderView::Stretch);
    m_table->setColumnWidth(PlaceColumn, 170);
    m_table->setColumnWidth(SortColumn, 90);
    if (!m_texts.isEmpty()) {
        m_table->setCurrentCell(0, WordsColumn);
    }
    column->addWidget(m_table, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Take these words"), "takeCaptions");
    auto *capitals = new QPushButton(tr("Begin with capitals"));
    capitals->setObjectName(QStringLiteral("evenCapitals"));
    capitals->setToolTip(tr("The first letter of each becomes a capital"));
    capitals->setAutoDefault(false);
    auto *marks = new QPushButton(tr("No colons or full stops"));
    marks->setObjectName(QStringLiteral("evenMarks"));
    marks->setToolTip(tr("Colons, full stops and spare spaces are taken off"));
    marks->setAutoDefault(false);
    connect(capitals, &QPushButton::clicked, this, [this] { changeWords(withCapital); });
    connect(marks, &QPushButton::clicked, this, [this] { changeWords(withoutEndMarks); });
    buttons.row->insertWidget(0, capitals);
    buttons.row->insertWidget(1, marks);
    column->addLayout(buttons.row);
    m_table->setFocus();
}

QList<FormText> CaptionList::texts() const
{
    QList<FormText> result = m_texts;
    for (int row = 0; row < result.size(); ++row) {
        result[row].words = m_table->item(row, WordsColumn)->text().replace(QChar(0x21b5), u'\n').trimmed();
    }
    return result;
}

void CaptionList::changeWords(QString (*change)(const QString &))
{
    const QList<QTableWidgetItem *> chosen = m_table->selectedItems();
    QSet<int> rows;
    for (const QTableWidgetItem *item : chosen) {
        rows.insert(item->row());
    }
    for (int row = 0; row < m_texts.size(); ++row) {
        if (rows.size() < 2 || rows.contains(row)) {
            QTableWidgetItem *item = m_table->item(row, WordsColumn);
            item->setText(change(item->text()));
        }
    }
}

} // namespace nabblet
