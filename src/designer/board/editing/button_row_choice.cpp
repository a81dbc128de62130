#include "designer/board/editing/button_row_choice.h"

#include "core/actions/action_table.h"
#include "core/actions/button_rows.h"

#include <QCheckBox>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr auto ActionProperty = "buttonAction";

} // namespace

ButtonRowChoice::ButtonRowChoice(const QStringList &actions, std::function<void(const QStringList &)> chosen,
                                 QWidget *parent)
    : QFrame(parent), m_chosen(std::move(chosen))
{
    setObjectName(QStringLiteral("buttonRowChoice"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(tr("Buttons of the row"));
    auto *columns = new QHBoxLayout(this);
    columns->setContentsMargins(10, 8, 10, 8);
    columns->setSpacing(16);
    for (const ButtonRow &row : buttonRows()) {
        auto *column = new QVBoxLayout;
        column->setSpacing(4);
        for (const QString &name : row.actions) {
            auto *box = new QCheckBox(buttonActionCaption(buttonActionNamed(name)));
            box->setProperty(ActionProperty, name);
            box->setChecked(actions.contains(name));
            box->setFocusPolicy(Qt::NoFocus); // the keyboard stays on the board
            connect(box, &QCheckBox::toggled, this, &ButtonRowChoice::take);
            column->addWidget(box);
        }
        column->addStretch();
        columns->addLayout(column);
    }
}

void ButtonRowChoice::take()
{
    if (m_isSetting) {
        return;
    }
    QStringList actions;
    const auto boxes = findChildren<QCheckBox *>();
    for (const QCheckBox *box : boxes) {
        if (box->isChecked()) {
            actions.append(box->property(ActionProperty).toString());
        }
    }
    if (actions.isEmpty()) { // the last one stays
        m_isSetting = true;
        static_cast<QCheckBox *>(sender())->setChecked(true);
        m_isSetting = false;
        return;
    }
    m_chosen(actions);
}

} // namespace nabblet
