#include "entry/own_way/own_way_sheet.h"

#include "core/kinds/control_names.h"
#include "core/text/tr.h"
#include "entry/theme/sheet.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QScreen>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int WidthStep = 16;       // px
constexpr int LeastWidth = 24;      // px
constexpr int GreatestWidth = 2000; // px
constexpr int LineHeight = 24;      // px
constexpr int FewestLines = 6;      // in sight, …
constexpr int MostLines = 16;       // … before the list scrolls
constexpr int Beside = 8;           // px between the form's window and the sheet
constexpr int NameRole = Qt::UserRole;
constexpr int WidthRole = Qt::UserRole + 1;
constexpr int BuiltWidthRole = Qt::UserRole + 2;

class OwnWaySheet : public QDialog
{
public:
    OwnWaySheet(const OwnWayAsked &asked, QWidget *parent) : QDialog(parent), m_asked(asked)
    {
        m_isOfRows = !columnsOfRows(asked.built).isEmpty();
        QVBoxLayout *column =
            begunSheet(*this, QStringLiteral("ownWay"), Texts::tr("My own way"), QSize(m_isOfRows ? 460 : 360, 10));
        auto *note = new QLabel(Texts::tr("How you have this form on this computer. Everybody else has it as it was "
                                          "built."));
        note->setWordWrap(true);
        column->addWidget(note);
        auto *middle = new QHBoxLayout;
        m_list = new QTreeWidget;
        m_list->setObjectName(QStringLiteral("ownBoxes"));
        m_list->setAccessibleName(Texts::tr("Boxes of the form"));
        m_list->setRootIsDecorated(false);
        m_list->setColumnCount(m_isOfRows ? 2 : 1);
        m_list->setHeaderLabels(m_isOfRows ? QStringList{Texts::tr("Shown"), Texts::tr("Width")}
                                           : QStringList{Texts::tr("Shown")});
        m_list->header()->setStretchLastSection(false);
        m_list->header()->setSectionResizeMode(0, QHeaderView::Stretch);
        middle->addWidget(m_list, 1);
        if (m_isOfRows) {
            middle->addLayout(rowButtons());
        }
        column->addLayout(middle, 1);
        m_compact = new QCheckBox(Texts::tr("&Rows close together"));
        m_compact->setObjectName(QStringLiteral("compactRows"));
        m_compact->setVisible(isTabular(asked.built));
        column->addWidget(m_compact);
        m_captions = new QComboBox;
        m_captions->setObjectName(QStringLiteral("ownCaptions"));
        m_captions->setAccessibleName(Texts::tr("Captions"));
        m_captions->addItems({Texts::tr("Captions where they were put"), Texts::tr("Captions beside their boxes"),
                              Texts::tr("Captions above their boxes")});
        m_captions->setVisible(!isTabular(asked.built));
        column->addWidget(m_captions, 0, Qt::AlignLeft);
        auto *buttons = new QDialogButtonBox;
        QPushButton *asBuilt = buttons->addButton(Texts::tr("As it was &built"), QDialogButtonBox::ResetRole);
        asBuilt->setObjectName(QStringLiteral("asBuilt"));
        QPushButton *keep = buttons->addButton(Texts::tr("Keep it so"), QDialogButtonBox::AcceptRole);
        keep->setObjectName(QStringLiteral("keepOwnWay"));
        buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
        asBuilt->setAutoDefault(false);
        keep->setDefault(true);
        column->addWidget(buttons);
        connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
        connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
        connect(asBuilt, &QPushButton::clicked, this, [this] {
            fill({});
            showIt();
        });
        fill(asked.now);
        connect(m_list, &QTreeWidget::itemChanged, this, &OwnWaySheet::showIt);
        connect(m_compact, &QCheckBox::toggled, this, &OwnWaySheet::showIt);
        connect(m_captions, &QComboBox::currentIndexChanged, this, &OwnWaySheet::showIt);
        m_list->setFocus();
        const int lines = std::clamp(m_list->topLevelItemCount() + 2, FewestLines, MostLines);
        m_list->setMinimumHeight(lines * LineHeight);
        resize(width(), sizeHint().height());
        standBeside(*parent->window());
    }

    // What of the way before is about boxes that the form does not have now stays.
    OwnWay way() const
    {
        OwnWay way = m_asked.now;
        QStringList order;
        QStringList built;
        for (const ControlId id : boxesToHide(m_asked.built)) {
            built.append(m_asked.built.controls.find(id)->name);
        }
        for (int i = 0; i < m_list->topLevelItemCount(); ++i) {
            const QTreeWidgetItem *item = m_list->topLevelItem(i);
            const QString name = item->data(0, NameRole).toString();
            order.append(name);
            way.hidden.removeAll(name);
            if (item->checkState(0) != Qt::Checked) {
                way.hidden.append(name);
            }
            way.widths.remove(name);
            if (const int width = item->data(0, WidthRole).toInt(); width != item->data(0, BuiltWidthRole).toInt()) {
                way.widths.insert(name, width);
            }
        }
        way.order = m_isOfRows && order != built ? order : QStringList();
        way.isCompact = m_compact->isChecked();
        way.captions = static_cast<OwnCaptions>(m_captions->currentIndex());
        return way;
    }

private:
    // So that the form is seen as it changes: where the screen has room for both, the sheet covers nothing of it.
    void standBeside(const QWidget &window)
    {
        const QRect form = window.frameGeometry();
        const QRect screen = window.screen()->availableGeometry();
        int x = form.right() + Beside;
        if (x + width() > screen.right()) {
            x = form.left() - Beside - width() >= screen.left() ? form.left() - Beside - width()
                                                                : screen.right() - width();
        }
        move(x, std::clamp(form.top(), screen.top(), std::max(screen.top(), screen.bottom() - height())));
    }

    QLayout *rowButtons()
    {
        auto *column = new QVBoxLayout;
        const auto add = [&](const QString &words, const QString &name, auto act) {
            auto *button = new QPushButton(words);
            button->setObjectName(name);
            button->setAutoDefault(false);
            connect(button, &QPushButton::clicked, this, act);
            column->addWidget(button);
        };
        add(Texts::tr("Further &left"), QStringLiteral("columnLeft"), [this] { moveOn(-1); });
        add(Texts::tr("Further ri&ght"), QStringLiteral("columnRight"), [this] { moveOn(1); });
        column->addSpacing(8);
        add(Texts::tr("&Wider"), QStringLiteral("columnWider"), [this] { widen(WidthStep); });
        add(Texts::tr("&Narrower"), QStringLiteral("columnNarrower"), [this] { widen(-WidthStep); });
        column->addStretch();
        return column;
    }

    void fill(const OwnWay &way)
    {
        const QSignalBlocker blocker(m_list);
        m_list->clear();
        QList<const Control *> boxes;
        for (const ControlId id : boxesToHide(m_asked.built)) {
            boxes.append(m_asked.built.controls.find(id));
        }
        if (m_isOfRows) {
            std::stable_sort(boxes.begin(), boxes.end(), [&](const Control *a, const Control *b) {
                const qsizetype first = way.order.indexOf(a->name);
                const qsizetype second = way.order.indexOf(b->name);
                return first >= 0 && (second < 0 || first < second);
            });
        }
        for (const Control *box : std::as_const(boxes)) {
            auto *item = new QTreeWidgetItem(m_list);
            item->setText(0, calledFor(m_asked.built, *box));
            item->setSizeHint(0, QSize(0, LineHeight));
            item->setData(0, NameRole, box->name);
            const bool isHidden = way.hidden.contains(box->name);
            item->setCheckState(0, isHidden ? Qt::Unchecked : Qt::Checked);
            if (const QString why = m_asked.whyNotHidden(*box); !why.isEmpty() && !isHidden) {
                item->setFlags(item->flags() & ~Qt::ItemIsUserCheckable);
                item->setToolTip(0, why);
                item->setText(0, item->text(0) + QStringLiteral(" – ") + why);
            }
            item->setData(0, BuiltWidthRole, box->place.width());
            setWidth(item, way.widths.value(box->name, box->place.width()));
        }
        m_list->setCurrentItem(m_list->topLevelItem(0));
        const QSignalBlocker compact(m_compact);
        const QSignalBlocker captions(m_captions);
        m_compact->setChecked(way.isCompact);
        m_captions->setCurrentIndex(static_cast<int>(way.captions));
    }

    void setWidth(QTreeWidgetItem *item, int width)
    {
        item->setData(0, WidthRole, width);
        if (m_isOfRows) {
            item->setText(1, QString::number(width));
        }
    }

    void moveOn(int by)
    {
        const int at = m_list->indexOfTopLevelItem(m_list->currentItem());
        const int to = at + by;
        if (at < 0 || to < 0 || to >= m_list->topLevelItemCount()) {
            return;
        }
        QTreeWidgetItem *item = m_list->takeTopLevelItem(at);
        m_list->insertTopLevelItem(to, item);
        m_list->setCurrentItem(item);
        showIt();
    }

    void widen(int by)
    {
        if (QTreeWidgetItem *item = m_list->currentItem()) {
            setWidth(item, std::clamp(item->data(0, WidthRole).toInt() + by, LeastWidth, GreatestWidth));
            showIt();
        }
    }

    void showIt() { m_asked.show(way()); }

    OwnWayAsked m_asked;
    bool m_isOfRows = false;
    QTreeWidget *m_list;
    QCheckBox *m_compact;
    QComboBox *m_captions;
};

} // namespace

std::optional<OwnWay> askForOwnWay(const OwnWayAsked &asked, QWidget *parent)
{
    OwnWaySheet sheet(asked, parent);
    if (sheet.exec() == QDialog::Accepted) {
        return sheet.way();
    }
    asked.show(asked.now);
    return {};
}

} // namespace nabblet
