#include "designer/rules/controls_chooser.h"

#include "core/arrange/rows.h"
#include "core/kinds/kind.h"
#include "core/rules/rule_sentence.h"
#include "entry/editors/popup_place.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QSortFilterProxyModel>
#include <QStandardItemModel>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int AreaRole = Qt::UserRole + 2; // of an item that stands for a band or a page

} // namespace

ControlsChooser::ControlsChooser(QWidget *parent) : QPushButton(parent)
{
    setObjectName(QStringLiteral("chooseControls"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(this, &QPushButton::clicked, this, &ControlsChooser::open);
}

void ControlsChooser::setControls(const Form &form, const std::function<bool(const Control &)> &mayBe,
                                  const QString &none)
{
    m_form = form;
    m_none = none;
    m_offered.clear();
    // Boxes as the form reads, then all else.
    const QList<ControlId> sequence = tabSequence(form);
    for (const ControlId id : sequence) {
        if (mayBe(*form.controls.find(id))) {
            m_offered.append(id);
        }
    }
    for (const Control &control : form.controls) {
        const bool isCaptionOfField = control.captionFor != 0;
        if (!m_offered.contains(control.id) && !isCaptionOfField && mayBe(control)) {
            m_offered.append(control.id);
        }
    }
    showWords();
}

void ControlsChooser::setChosen(const QList<ControlId> &chosen, const QList<Area> &areas)
{
    m_chosen = chosen;
    m_chosenAreas = areas;
    showWords();
}

void ControlsChooser::showWords()
{
    QString words = onInWords(m_form, Rule{.when = {}, .effect = {}, .on = m_chosen, .areas = m_chosenAreas});
    if (words.isEmpty() || !m_done.isEmpty()) {
        words = m_none;
    }
    setText(words + QStringLiteral("  ▾"));
    setAccessibleName(m_done.isEmpty() ? tr("On: %1").arg(words) : words);
}

void ControlsChooser::open()
{
    auto *popup = new QFrame(this, Qt::Popup);
    popup->setAttribute(Qt::WA_DeleteOnClose);
    popup->setObjectName(QStringLiteral("panel"));
    popup->setFrameShape(QFrame::StyledPanel);
    auto *column = new QVBoxLayout(popup);
    column->setContentsMargins(6, 6, 6, 6);
    auto *filter = new QLineEdit;
    filter->setPlaceholderText(tr("Search"));
    filter->setAccessibleName(tr("Search the controls"));
    auto *list = new QListView;
    list->setObjectName(QStringLiteral("controlsOffered"));
    list->setAccessibleName(tr("Controls"));
    auto *model = new QStandardItemModel(popup);
    for (const ControlId id : std::as_const(m_offered)) {
        const Control &control = *m_form.controls.find(id);
        auto *item = new QStandardItem(
            QStringLiteral("%1 · %2").arg(targetInWords(m_form, control), kindTitle(kindNamed(control.kind))));
        item->setData(id);
        item->setCheckable(true);
        item->setCheckState(m_chosen.contains(id) ? Qt::Checked : Qt::Unchecked);
        item->setEditable(false);
        item->setSizeHint(QSize(0, fontMetrics().height() + 8));
        model->appendRow(item);
    }
    for (int i = 0; i < m_offeredAreas.size(); ++i) {
        auto *item = new QStandardItem(areaInWords(m_form, m_offeredAreas.at(i)));
        item->setData(i, AreaRole);
        item->setCheckable(true);
        item->setCheckState(m_chosenAreas.contains(m_offeredAreas.at(i)) ? Qt::Checked : Qt::Unchecked);
        item->setEditable(false);
        item->setSizeHint(QSize(0, fontMetrics().height() + 8));
        model->appendRow(item);
    }
    auto *shown = new QSortFilterProxyModel(popup);
    shown->setSourceModel(model);
    shown->setFilterCaseSensitivity(Qt::CaseInsensitive);
    list->setModel(shown);
    connect(filter, &QLineEdit::textChanged, shown, &QSortFilterProxyModel::setFilterFixedString);
    connect(model, &QStandardItemModel::itemChanged, this, [this](const QStandardItem *item) {
        const bool isChosen = item->checkState() == Qt::Checked;
        if (const QVariant number = item->data(AreaRole); number.isValid()) {
            const Area area = m_offeredAreas.value(number.toInt());
            m_chosenAreas.removeAll(area);
            m_chosenAreas += isChosen ? QList<Area>{area} : QList<Area>();
        } else {
            const ControlId id = item->data().toInt();
            m_chosen.removeAll(id);
            m_chosen += isChosen ? QList<ControlId>{id} : QList<ControlId>();
        }
        showWords();
        Q_EMIT chosenChanged();
    });
    column->addWidget(filter);
    column->addWidget(list);
    if (!m_done.isEmpty()) {
        auto *done = new QPushButton(m_done);
        done->setObjectName(QStringLiteral("doneWithControls"));
        done->setEnabled(false);
        column->addWidget(done);
        connect(this, &ControlsChooser::chosenChanged, done, [this, done] { done->setEnabled(!m_chosen.isEmpty()); });
        connect(done, &QPushButton::clicked, popup, [this, popup] {
            const QList<ControlId> chosen = m_chosen;
            popup->close();
            Q_EMIT this->done(chosen);
        });
        connect(popup, &QObject::destroyed, this, [this] { setChosen({}); });
    }
    popup->resize(std::max(width(), 260), 320);
    popup->move(popupPlace(this, popup->size()));
    popup->show();
    filter->setFocus();
}

} // namespace nabblet
