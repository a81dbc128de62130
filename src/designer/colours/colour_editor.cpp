#include "designer/colours/colour_editor.h"

#include "core/looks/pins/look_pin.h"
#include "designer/colours/colour_picker.h"
#include "designer/colours/swatch_picture.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QToolButton>

namespace nabblet {

ColourEditor::ColourEditor(QWidget *parent) : QWidget(parent), m_swatch(new QToolButton), m_line(new QLineEdit)
{
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    row->addWidget(m_swatch);
    row->addWidget(m_line, 1);
    setFocusProxy(m_line);
    m_swatch->setObjectName(QStringLiteral("swatch"));
    m_swatch->setToolTip(tr("Choose a colour"));
    m_swatch->setAccessibleName(tr("Choose a colour"));
    m_swatch->setFocusPolicy(Qt::TabFocus);
    connect(m_swatch, &QToolButton::clicked, this, &ColourEditor::open);
    connect(m_line, &QLineEdit::editingFinished, this, [this] {
        if (m_line->isModified()) {
            m_line->setModified(false);
            Q_EMIT edited(m_line->text());
        }
    });
}

// A widget that goes takes the keyboard out of the box that has it in its place: nobody is left to be told then.
ColourEditor::~ColourEditor()
{
    m_line->disconnect(this);
}

void ColourEditor::showWords(const QString &words, const QString &said, bool isMixed)
{
    if (!m_line->hasFocus() || !m_line->isModified()) {
        m_line->setText(words);
        m_line->setPlaceholderText(isMixed ? tr("mixed") : said.isEmpty() ? tr("none") : said);
        m_line->setCursorPosition(0);
        m_line->setModified(false);
    }
    m_shown = words.isEmpty() ? said : words;
    constexpr int Side = 16;
    const Result<TwoSided> colour = readTwoSidedWords(m_shown);
    m_swatch->setIcon(swatchPicture(this, isMixed || !colour ? std::nullopt : std::optional(*colour), Side));
    m_swatch->setIconSize(QSize(Side, Side));
}

void ColourEditor::open()
{
    auto *picker = new ColourPicker(source ? source() : ColourSource(), m_shown, this);
    connect(picker, &ColourPicker::chosen, this, &ColourEditor::edited);
    connect(picker, &ColourPicker::tried, this, &ColourEditor::tried);
    picker->openBelow(m_swatch);
}

} // namespace nabblet
