#include "app/work/form_names.h"

#include "entry/theme/theme.h"

#include <QEvent>
#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Space = 7; // px between two names

} // namespace

FormNames::FormNames(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("formNames"));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Preferred);
}

void FormNames::setNames(const QString &project, const QString &form, bool isUnsaved)
{
    m_project = project.isEmpty() ? QString() : project + QStringLiteral(" /");
    m_form = form;
    m_isUnsaved = isUnsaved;
    const QString words = QStringList{project, form, unsavedWords()}.join(QStringLiteral(" · "));
    setToolTip(words);
    setAccessibleName(words);
    updateGeometry();
    update();
}

QString FormNames::unsavedWords() const
{
    return m_isUnsaved ? tr("• unsaved") : QString();
}

QFont FormNames::formFont() const
{
    QFont bold = font();
    bold.setWeight(QFont::DemiBold);
    return bold;
}

QSize FormNames::sizeHint() const
{
    const QFontMetrics plain(font());
    int width = QFontMetrics(formFont()).horizontalAdvance(m_form) + 2;
    for (const QString &words : {m_project, unsavedWords()}) {
        width += words.isEmpty() ? 0 : plain.horizontalAdvance(words) + Space;
    }
    return {width, plain.height()};
}

QSize FormNames::minimumSizeHint() const
{
    return {60, fontMetrics().height()};
}

void FormNames::changeEvent(QEvent *event)
{
    if (event->type() == QEvent::FontChange) {
        updateGeometry();
    }
    QWidget::changeEvent(event);
}

void FormNames::paintEvent(QPaintEvent *)
{
    const PanelColours &colours = panelColours(themeOfPalette(palette()));
    QPainter painter(this);
    const QFontMetrics plain(font());
    const QFontMetrics bold(formFont());
    const QString unsaved = unsavedWords();
    const int unsavedWidth = unsaved.isEmpty() ? 0 : plain.horizontalAdvance(unsaved) + Space;
    const int formWidth = std::min(bold.horizontalAdvance(m_form) + 1, std::max(0, width() - unsavedWidth));
    const int projectRoom = width() - unsavedWidth - formWidth - Space;
    const QString project = projectRoom > plain.averageCharWidth() * 4
                                ? plain.elidedText(m_project, Qt::ElideRight, projectRoom)
                                : QString();
    int x = 0;
    const auto draw = [&](const QString &words, const QFont &font, const QColor &colour, int wide) {
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(QRect(x, 0, wide, height()), Qt::AlignLeft | Qt::AlignVCenter, words);
        x += wide + Space;
    };
    if (!project.isEmpty()) {
        draw(project, font(), colours.barFaint, plain.horizontalAdvance(project) + 1);
    }
    draw(bold.elidedText(m_form, Qt::ElideRight, formWidth), formFont(), colours.barText, formWidth);
    draw(unsaved, font(), colours.rail, unsavedWidth);
}

} // namespace nabblet
