#include "app/work/look_view.h"

#include "app/work/open_work.h"
#include "app/work/project_names.h"
#include "core/draft/inner_forms.h"
#include "core/edit/look_edits.h"
#include "core/edit/type_fit.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"
#include "designer/document/look_step.h"
#include "designer/looks/looks_panel.h"
#include "entry/theme/appearance.h"
#include "entry/theme/ask.h"
#include "entry/theme/theme.h"

#include <QApplication>
#include <QFileInfo>

#include <algorithm>

namespace nabblet {

namespace {

Form withLook(Form form, const QString &name)
{
    form.look = name;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (const Form *inner = control.inner.get()) {
            control.inner = InnerForm(withLook(*inner, name));
            form.controls.replace(i, control);
        }
    }
    if (const Form *row = form.rowForm.get()) {
        form.rowForm = InnerForm(withLook(*row, name));
    }
    return form;
}

LookBook withLook(LookBook book, const Look &look)
{
    const auto same =
        std::find_if(book.looks.begin(), book.looks.end(), [&](const Look &other) { return other.name == look.name; });
    if (same != book.looks.end()) {
        *same = look;
    } else {
        book.looks.append(look);
    }
    return book;
}

} // namespace

LookView::LookView(OpenWork *work, QObject *parent) : QObject(parent), m_work(work) {}

void LookView::attach(LooksPanel *panel)
{
    m_panel = panel;
    connect(panel, &QObject::destroyed, this, [this] { m_panel = nullptr; });
    connect(panel, &LooksPanel::chosen, this, &LookView::choose);
    connect(panel, &LooksPanel::edited, this, qOverload<const Look &, const QString &>(&LookView::change));
    connect(panel, &LooksPanel::takenOut, this, &LookView::takeOut);
    connect(panel, &LooksPanel::givenBack, this, &LookView::giveBack);
    connect(panel, &LooksPanel::tried, this, &LookView::tried);
    connect(panel, &LooksPanel::triedNamed, this,
            [this](const QString &name) { Q_EMIT tried(lookNamed(m_work->workspace().looks, name)); });
    connect(panel, &LooksPanel::triedEnded, this, &LookView::triedEnded);
    connect(panel, &LooksPanel::styleRenamed, this, [this](const QString &name) { renameStyle(name, m_panel); });
    connect(panel, &LooksPanel::styleRemoved, this, &LookView::removeStyle);
    refresh();
}

void LookView::refresh()
{
    if (m_panel && m_work->document()) {
        const LookBook &book = m_work->workspace().looks;
        m_panel->show(m_work->document()->root(), m_work->session(), book, follows());
        const Theme theme = themeOfPalette(QApplication::palette());
        m_panel->showStyles(Appearance(m_work->document()->root().look, theme, QApplication::font(), book),
                            stylesInUse());
    }
}

void LookView::forEachOtherForm(const std::function<void(const QString &name, const Form &form)> &take) const
{
    const QString own = QFileInfo(m_work->document()->path()).completeBaseName();
    const QString folder = m_work->workspace().projectFolder;
    const auto read = formReaderOf(folder);
    const QStringList names = folder.isEmpty() ? QStringList() : formNamesOf(folder);
    for (const QString &name : names) {
        if (const Result<Form> form = name == own ? Result<Form>(Error()) : read(name)) {
            take(name, *form);
        }
    }
}

QHash<QString, int> LookView::follows() const
{
    const LookBook &book = m_work->workspace().looks;
    QHash<QString, int> counts{{lookNamed(book, m_work->document()->root().look).name, 1}};
    forEachOtherForm([&](const QString &, const Form &form) { ++counts[lookNamed(book, form.look).name]; });
    return counts;
}

QHash<QString, int> LookView::stylesInUse() const
{
    QHash<QString, int> counts;
    const Styles styles = allStyles(m_work->workspace().looks);
    const auto count = [&](const Form &form) {
        for (const Style &style : styles) {
            if (const int more = controlsWithStyle(form, style.name); more > 0) {
                counts[style.name] += more;
            }
        }
    };
    count(m_work->document()->root());
    forEachOtherForm([&](const QString &, const Form &form) { count(form); });
    return counts;
}

// One step: the looks, the form with its look, and what other letters and paddings need.
void LookView::change(const LookBook &book, const QString &look, const QString &step, const Form &form)
{
    FormDocument *document = m_work->document();
    const LookBook before = m_work->workspace().looks;
    const Appearance appearance(look, Theme::Light, QApplication::font(), book);
    const Appearance was(document->root().look, Theme::Light, QApplication::font(), before);
    const Form after = withRoomForType(withLook(form, look), appearance, {document->root(), was});
    if (before == book && after == document->root()) {
        return; // no step for nothing
    }
    const InnerPath focus = document->focus();
    document->setFocus({});
    document->steps()->beginMacro(step);
    if (!(before == book)) {
        document->steps()->push(new LookStep(
            step, before, book, [work = m_work] { return work->workspace().looks; },
            [work = m_work](const LookBook &other) { work->putLooks(other); }));
    }
    document->apply(step, after);
    document->steps()->endMacro();
    document->setFocus(focus);
    Q_EMIT m_work->looksChanged();
}

void LookView::choose(const QString &name)
{
    if (name != m_work->document()->root().look) {
        change(m_work->workspace().looks, name, tr("Change the look to “%1”").arg(name), m_work->document()->root());
    }
}

void LookView::change(const Look &look, const QString &step)
{
    change(withLook(m_work->workspace().looks, look), look.name, step, m_work->document()->root());
}

void LookView::takeOut()
{
    const LookBook &book = m_work->workspace().looks;
    const Form &form = m_work->document()->root();
    Look own = lookNamed(book, form.look);
    const QString wanted = tr("%1 for %2").arg(own.name, form.title.isEmpty() ? form.name : form.title);
    QString name = wanted;
    for (int i = 2; isLook(book, name); ++i) {
        name = QStringLiteral("%1 %2").arg(wanted).arg(i);
    }
    own.name = name;
    change(withLook(book, own), name, tr("A look for this form alone"), form);
}

void LookView::giveBack()
{
    LookBook book = m_work->workspace().looks;
    const QString name = lookNamed(book, m_work->document()->root().look).name;
    book.looks.removeIf([&](const Look &look) { return look.name == name; });
    change(book, name, tr("The look as it came with the program"), m_work->document()->root());
}

namespace {

Styles withStyle(Styles styles, const Style &style)
{
    const auto same =
        std::find_if(styles.begin(), styles.end(), [&](const Style &other) { return other.name == style.name; });
    if (same != styles.end()) {
        *same = style;
    } else {
        styles.append(style);
    }
    return styles;
}

} // namespace

void LookView::takeOverStyle(const QString &name, const QList<ControlId> &controls)
{
    FormDocument *document = m_work->document();
    const Control *model = controls.isEmpty() ? nullptr : document->form().controls.find(controls.last());
    if (!model) {
        return;
    }
    LookBook book = m_work->workspace().looks;
    const Style style = styleOf(*model, allStyles(book), name);
    book.styles = withStyle(book.styles, style);
    const Appearance appearance(document->root().look, Theme::Light, QApplication::font(), book);
    const Form dressed = nabblet::withStyle(document->form(), controls, name, appearance);
    change(book, document->root().look, tr("Keep the style “%1”").arg(name),
           withInnerAt(document->root(), document->focus(), dressed));
}

void LookView::keepAsStyle(const QList<ControlId> &controls, QWidget *parent)
{
    const Control *model = controls.isEmpty() ? nullptr : m_work->document()->form().controls.find(controls.last());
    if (!model) {
        return;
    }
    QString wanted = model->settings.value(setting::Style);
    QString asked = tr("What is the style called? All controls that have it follow it.");
    for (;;) {
        const std::optional<QString> name = askForWords(parent, tr("Keep as a style"), asked, wanted);
        if (!name) {
            return;
        }
        wanted = name->simplified();
        const QString why = whyNoStyleName(wanted);
        if (why.isEmpty()) {
            break;
        }
        asked = why; // what was typed stays
    }
    takeOverStyle(wanted, controls);
}

void LookView::renameStyle(const QString &name, QWidget *parent)
{
    LookBook book = m_work->workspace().looks;
    QString wanted = name;
    QString asked = tr("The new name of the style “%1”:").arg(name);
    for (;;) {
        const std::optional<QString> typed = askForWords(parent, tr("Rename a style"), asked, wanted);
        if (!typed || typed->simplified() == name) {
            return;
        }
        wanted = typed->simplified();
        QString why = whyNoStyleName(wanted);
        if (why.isEmpty() && styleNamed(allStyles(book), wanted)) {
            why = tr("There is a style “%1” already.").arg(wanted);
        }
        if (why.isEmpty()) {
            break;
        }
        asked = why;
    }
    const Styles all = allStyles(book);
    const Style *style = styleNamed(all, name);
    if (!style) {
        return;
    }
    Style renamed = *style;
    renamed.name = wanted;
    book.styles.removeIf([&](const Style &other) { return other.name == name; });
    book.styles.append(renamed);
    change(book, m_work->document()->root().look, tr("Rename a style"),
           withStyleRenamed(m_work->document()->root(), name, wanted));
    int others = 0;
    forEachOtherForm([&](const QString &, const Form &form) { others += controlsWithStyle(form, name) > 0 ? 1 : 0; });
    if (others > 0) {
        Q_EMIT said(counted(others, tr("One other form still names the style “%2”; open it to give it the new one."),
                            tr("%1 other forms still name the style “%2”; open them to give them the new one."))
                        .arg(name));
    }
}

void LookView::removeStyle(const QString &name)
{
    LookBook book = m_work->workspace().looks;
    book.styles.removeIf([&](const Style &style) { return style.name == name; });
    const bool isOfProgram = styleNamed(readyStyles(), name) != nullptr;
    change(book, m_work->document()->root().look,
           isOfProgram ? tr("The style as it came with the program") : tr("Remove a style"),
           m_work->document()->root());
}

} // namespace nabblet
