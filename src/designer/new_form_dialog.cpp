#include "designer/new_form_dialog.h"

#include "core/text/tr.h"
#include "entry/entry_session.h"
#include "entry/picture_painter.h"
#include "entry/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace nabblet {

// A form painted with the values of its first record.
class FormPicture : public QWidget
{
public:
    explicit FormPicture(const Appearance *appearance) : m_appearance(appearance) {}

    void show(const Form &form, const Connection &connection, const Catalogue &catalogue)
    {
        m_form = form;
        m_session = std::make_unique<EntrySession>(connection, catalogue, form);
        m_hasRecord = m_session->start().isOk() && m_session->hasRecord();
        setFixedSize(form.width, formHeight(form));
        update();
    }

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        for (const Band &band : m_form.bands) {
            paintBand(painter, band.role, QRect(0, bandTop(m_form, band.role), m_form.width, band.height), *m_appearance);
        }
        for (const Control &control : m_form.controls) {
            paintControl(painter, control, m_hasRecord ? m_session->shown(control) : shownBlank(control), QPoint(0, bandTop(m_form, control.band)), *m_appearance);
        }
    }

private:
    const Appearance *m_appearance;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    bool m_hasRecord = false;
};

NewFormDialog::NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance,
                             const DraftOptions &options, QWidget *parent)
    : QDialog(parent), m_connection(connection), m_catalogue(catalogue), m_appearance(appearance), m_options(options),
      m_filter(new QLineEdit), m_tables(new QListWidget), m_preview(new QScrollArea), m_picture(new FormPicture(&m_appearance)),
      m_summary(new QLabel), m_make(new QPushButton(tr("Make form")))
{
    setWindowTitle(tr("New form from data"));
    setObjectName(QStringLiteral("newForm"));
    resize(1060, 700);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);

    auto *bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    auto *barColumn = new QVBoxLayout(bar);
    barColumn->setContentsMargins(16, 8, 16, 10);
    barColumn->setSpacing(1);
    auto *title = new QLabel(tr("New form from data"));
    title->setObjectName(QStringLiteral("barTitle"));
    auto *hint = new QLabel(tr("Choose where the rows come from; the form on the right is what you get. Enter takes it."));
    hint->setObjectName(QStringLiteral("barFaint"));
    barColumn->addWidget(title);
    barColumn->addWidget(hint);
    column->addWidget(bar);

    auto *middle = new QHBoxLayout;
    middle->setContentsMargins(12, 12, 12, 12);
    middle->setSpacing(12);
    auto *left = new QVBoxLayout;
    left->setSpacing(6);
    auto *heading = new QLabel(tr("Rows from"));
    heading->setObjectName(QStringLiteral("sectionTitle"));
    left->addWidget(heading);
    m_filter->setPlaceholderText(tr("Filter"));
    m_filter->setClearButtonEnabled(true);
    m_filter->installEventFilter(this);
    left->addWidget(m_filter);
    m_tables->setObjectName(QStringLiteral("tables"));
    left->addWidget(m_tables, 1);
    middle->addLayout(left);
    m_tables->setFixedWidth(220);
    m_filter->setFixedWidth(220);
    m_preview->setWidget(m_picture);
    m_preview->setFrameShape(QFrame::NoFrame);
    m_preview->setAlignment(Qt::AlignCenter);
    m_preview->setFocusPolicy(Qt::NoFocus);
    QPalette board = m_preview->palette();
    board.setColor(QPalette::Window, panelColours(appearance.theme()).board);
    m_preview->setPalette(board);
    middle->addWidget(m_preview, 1);
    column->addLayout(middle, 1);

    auto *foot = new QHBoxLayout;
    foot->setContentsMargins(12, 0, 12, 12);
    foot->setSpacing(8);
    m_summary->setObjectName(QStringLiteral("faint"));
    foot->addWidget(m_summary, 1);
    auto *cancel = new QPushButton(tr("Cancel"));
    cancel->setAutoDefault(false);
    m_make->setObjectName(QStringLiteral("makeForm"));
    m_make->setDefault(true);
    foot->addWidget(cancel);
    foot->addWidget(m_make);
    column->addLayout(foot);

    for (const Table &table : m_catalogue.tables) {
        auto *item = new QListWidgetItem(table.name.simplified(), m_tables);
        item->setData(Qt::UserRole, table.name);
        if (table.kind == TableKind::View) {
            item->setText(tr("%1  (view)").arg(item->text()));
        }
    }
    connect(m_filter, &QLineEdit::textChanged, this, &NewFormDialog::filter);
    connect(m_tables, &QListWidget::currentRowChanged, this, &NewFormDialog::showDraft);
    connect(m_tables, &QListWidget::itemDoubleClicked, this, &QDialog::accept);
    connect(m_make, &QPushButton::clicked, this, &QDialog::accept);
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
    m_tables->setCurrentRow(0);
    m_filter->setFocus();
    showDraft();
}

void NewFormDialog::choose(const QString &table)
{
    for (int i = 0; i < m_tables->count(); ++i) {
        if (m_tables->item(i)->data(Qt::UserRole).toString() == table) {
            m_tables->setCurrentRow(i);
        }
    }
}

void NewFormDialog::filter(const QString &part)
{
    int first = -1;
    for (int i = 0; i < m_tables->count(); ++i) {
        const bool fits = m_tables->item(i)->text().contains(part, Qt::CaseInsensitive);
        m_tables->item(i)->setHidden(!fits);
        if (fits && first < 0) {
            first = i;
        }
    }
    if (m_tables->currentItem() && m_tables->currentItem()->isHidden()) {
        m_tables->setCurrentRow(first);
    }
}

bool NewFormDialog::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_filter && event->type() == QEvent::KeyPress) {
        const auto *key = static_cast<QKeyEvent *>(event);
        if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) {
            // The filter keeps the keyboard; Up and Down walk through the tables that it leaves.
            const int step = key->key() == Qt::Key_Down ? 1 : -1;
            for (int i = m_tables->currentRow() + step; i >= 0 && i < m_tables->count(); i += step) {
                if (!m_tables->item(i)->isHidden()) {
                    m_tables->setCurrentRow(i);
                    break;
                }
            }
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void NewFormDialog::showDraft()
{
    const QListWidgetItem *item = m_tables->currentItem();
    const Table *table = item ? findTable(m_catalogue, item->data(Qt::UserRole).toString()) : nullptr;
    m_make->setEnabled(table != nullptr);
    if (!table) {
        m_summary->setText(m_catalogue.tables.isEmpty() ? tr("This database has no tables yet.") : tr("No table is called so."));
        return;
    }
    m_form = draftColumnar(m_catalogue, *table, m_appearance, m_options);
    m_picture->show(m_form, m_connection, m_catalogue);
    int leftOut = 0;
    for (const Column &column : table->columns) {
        leftOut += column.numbersItself ? 1 : 0;
    }
    const auto boxes = static_cast<int>(m_form.boundColumns.size());
    m_summary->setText(counted(boxes, tr("One box."), tr("%1 boxes.")) + (leftOut > 0 ? u' ' + tr("The key numbers itself and is left out.") : QString()));
}

} // namespace nabblet
