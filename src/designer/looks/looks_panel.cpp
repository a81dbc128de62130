#include "designer/looks/looks_panel.h"

#include "core/look_settings/look_setting_table.h"
#include "core/looks/colour_words.h"
#include "core/looks/harmony.h"
#include "core/looks/ink_names.h"
#include "core/looks/readable.h"
#include "designer/colours/colour_editor.h"
#include "designer/colours/colour_picker.h"
#include "designer/colours/swatch_picture.h"
#include "designer/looks/look_cards.h"
#include "designer/looks/look_sides.h"
#include "designer/looks/style_cards.h"
#include "designer/panels/list_closed.h"
#include "entry/theme/typefaces.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QToolButton>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int CaptionColumn = 76; // px

QString sideName(Theme theme)
{
    return theme == Theme::Light ? LooksPanel::tr("light") : LooksPanel::tr("dark");
}

const QList<QPair<int, QString>> &weights()
{
    static const QList<QPair<int, QString>> all{
        {300, LooksPanel::tr("light weight")}, {400, LooksPanel::tr("plain")}, {500, LooksPanel::tr("medium")},
        {600, LooksPanel::tr("half bold")},    {700, LooksPanel::tr("bold")},  {900, LooksPanel::tr("heavy")}};
    return all;
}

QComboBox *listOf(const QString &name, const QString &accessible)
{
    auto *box = new QComboBox;
    box->setObjectName(name);
    box->setAccessibleName(accessible);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(3);
    return box;
}

QSpinBox *figureOf(const QString &name, const QString &accessible, int least, int most)
{
    auto *box = new QSpinBox;
    box->setObjectName(name);
    box->setAccessibleName(accessible);
    box->setRange(least, most);
    box->setKeyboardTracking(false);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    return box;
}

} // namespace

LooksPanel::LooksPanel(QWidget *parent) : Panel(tr("Looks"), parent)
{
    setWhatsThis(tr("How forms look: colours, type, edges and spaces, for all forms that have a look, and styles for "
                    "single controls."));
    contents()->setContentsMargins(0, 0, 0, 0);
    auto *area = new QScrollArea;
    area->setObjectName(QStringLiteral("looksArea"));
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto *page = new QWidget;
    page->setObjectName(QStringLiteral("settingPage"));
    m_column = new QVBoxLayout(page);
    m_column->setContentsMargins(8, 6, 8, 8);
    m_column->setSpacing(5);
    area->setWidget(page);
    contents()->addWidget(area, 1);

    m_sides = new LookSides;
    m_column->addWidget(m_sides);
    addTitle(tr("The form's look"));
    m_cards = new LookCards;
    m_column->addWidget(m_cards);
    connect(m_cards, &LookCards::tried, this, [this](const QString &name) {
        if (name.isEmpty()) {
            Q_EMIT triedEnded();
        } else {
            Q_EMIT triedNamed(name);
        }
    });
    connect(m_cards, &LookCards::taken, this, &LooksPanel::chosen);

    addTitle(tr("What it says"));
    m_follows = new QLabel;
    m_follows->setObjectName(QStringLiteral("lookFollows"));
    m_follows->setWordWrap(true);
    m_column->addWidget(m_follows);
    m_takeOut = new QPushButton(tr("For this form alone"));
    m_takeOut->setObjectName(QStringLiteral("lookTakeOut"));
    m_takeOut->setToolTip(tr("The form gets a look of its own, as this one is now; what is changed then changes no "
                             "other form."));
    connect(m_takeOut, &QPushButton::clicked, this, &LooksPanel::takenOut);
    m_column->addWidget(m_takeOut);
    m_giveBack = new QPushButton(tr("As it came"));
    m_giveBack->setObjectName(QStringLiteral("lookGiveBack"));
    m_giveBack->setToolTip(tr("What the project changed of it goes; it is as it came with the program."));
    connect(m_giveBack, &QPushButton::clicked, this, &LooksPanel::givenBack);
    m_column->addWidget(m_giveBack);

    m_main = new ColourEditor;
    m_main->setObjectName(QStringLiteral("lookMain"));
    m_main->setAccessibleName(tr("Main colour"));
    m_main->setToolTip(tr("All colours are worked out anew, in harmony with this one."));
    m_main->source = [this] { return colours ? colours() : ColourSource(); };
    connect(m_main, &ColourEditor::edited, this, [this](const QString &typed) {
        if (const Result<Colour> colour = readColour(typed)) {
            Q_EMIT edited(withMainColour(m_look, *colour), tr("Change the main colour"));
        }
    });
    connect(m_main, &ColourEditor::tried, this, [this](const QString &typed) {
        const Result<Colour> colour = readColour(typed);
        if (typed.isEmpty() || !colour) {
            Q_EMIT triedEnded();
        } else {
            Q_EMIT tried(withMainColour(m_look, *colour));
        }
    });
    m_column->addWidget(rowOf(tr("Main colour"), {m_main}));
    m_refreshers.append([this] { m_main->showWords(colourInWords(mainColour(m_look)), {}, false); });
    m_unreadable = new QWidget;
    m_unreadable->setObjectName(QStringLiteral("lookUnreadable"));
    auto *wrong = new QVBoxLayout(m_unreadable);
    wrong->setContentsMargins(0, 0, 0, 0);
    wrong->setSpacing(3);
    m_column->addWidget(m_unreadable);
    addStyles();
    addType();
    addFigures();
    addColours();
    m_column->addStretch();
    for (QComboBox *box : page->findChildren<QComboBox *>()) {
        box->installEventFilter(this);
    }
    for (QSpinBox *box : page->findChildren<QSpinBox *>()) {
        box->installEventFilter(this);
    }
}

void LooksPanel::addTitle(const QString &title)
{
    auto *label = new QLabel(title);
    label->setObjectName(QStringLiteral("sectionTitle"));
    label->setContentsMargins(0, 7, 0, 0);
    m_column->addWidget(label);
}

QWidget *LooksPanel::rowOf(const QString &caption, const QList<QWidget *> &editors)
{
    auto *row = new QWidget;
    auto *line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    auto *label = new QLabel(caption);
    label->setObjectName(QStringLiteral("faint"));
    label->setMinimumWidth(CaptionColumn);
    label->setWordWrap(true);
    label->setBuddy(editors.first());
    line->addWidget(label, editors.size() > 1 ? 1 : 0);
    for (QWidget *editor : editors) {
        line->addWidget(editor, editors.size() > 1 ? 0 : 1);
    }
    return row;
}

void LooksPanel::change(const QString &step, const std::function<void(Look &)> &change)
{
    if (m_isRefreshing) {
        return;
    }
    Look changed = m_look;
    change(changed);
    if (!(changed == m_look)) {
        Q_EMIT edited(changed, step);
    }
}

void LooksPanel::addStyles()
{
    addTitle(tr("Styles of the project"));
    m_styles = new StyleCards;
    m_column->addWidget(m_styles);
    connect(m_styles, &StyleCards::taken, this, &LooksPanel::styleGiven);
    connect(m_styles, &StyleCards::currentMoved, this, &LooksPanel::refreshStyleButtons);
    struct Command
    {
        const char *name;
        QString words;
        QString help;
        void (LooksPanel::*signal)(const QString &name);
    };
    const QList<Command> commands{
        {"styleGive", tr("Give it"), tr("To what is selected, in the place of what is pinned there."),
         &LooksPanel::styleGiven},
        {"styleTakeOver", tr("Take over"),
         tr("The style becomes what the selected control looks like; all that have it follow."),
         &LooksPanel::styleTakenOver},
        {"styleSeek", tr("Select"), tr("Those of this form that have it."), &LooksPanel::styleSought},
        {"styleRename", tr("Rename…"), {}, &LooksPanel::styleRenamed},
        {"styleRemove", tr("Remove"), tr("One of the program's becomes again as it came."), &LooksPanel::styleRemoved}};
    auto *commandsOfStyle = new QGridLayout;
    commandsOfStyle->setSpacing(4);
    for (const Command &command : commands) {
        auto *button = new QPushButton(command.words);
        button->setObjectName(QLatin1String(command.name));
        button->setToolTip(command.help);
        connect(button, &QPushButton::clicked, this, [this, signal = command.signal] {
            Q_EMIT(this->*signal)(m_styles->current());
        });
        // Two beside one another.
        const int count = static_cast<int>(m_styleButtons.size());
        commandsOfStyle->addWidget(button, count / 2, count % 2);
        m_styleButtons.append(button);
    }
    m_column->addLayout(commandsOfStyle);
    auto *keep = new QPushButton(tr("Keep as a style…"));
    keep->setObjectName(QStringLiteral("styleKeep"));
    keep->setToolTip(tr("What the selected control looks like, under a name of its own."));
    connect(keep, &QPushButton::clicked, this, &LooksPanel::styleKept);
    m_column->addWidget(keep);
    refreshStyleButtons();
}

void LooksPanel::refreshStyleButtons()
{
    for (QPushButton *button : std::as_const(m_styleButtons)) {
        button->setVisible(!m_styles->current().isEmpty());
    }
}

void LooksPanel::showStyles(const Appearance &appearance, const QHash<QString, int> &inUse)
{
    m_styles->showStyles(appearance, inUse);
    refreshStyleButtons();
}

void LooksPanel::addType()
{
    addTitle(tr("Type"));
    for (int i = 0; i < TextRoleCount; ++i) {
        const TextRole role = static_cast<TextRole>(i);
        const auto at = static_cast<std::size_t>(i);
        const QString words = lookText(textRoleWords(role));
        const QString token = QLatin1String(textRoleToken(role));
        QComboBox *family = listOf(token + QStringLiteral("Family"), tr("%1: typeface").arg(words));
        family->addItem(tr("the desktop's"), QString());
        for (const QString &each : typefaces()) {
            family->addItem(each, each);
        }
        QSpinBox *size = figureOf(token + QStringLiteral("Size"), tr("%1: size").arg(words), 50, 400);
        size->setSuffix(tr(" %"));
        size->setFixedWidth(58);
        size->setToolTip(tr("Of the desktop's text"));
        QComboBox *weight = listOf(token + QStringLiteral("Weight"), tr("%1: weight").arg(words));
        for (const auto &[number, name] : weights()) {
            weight->addItem(name, number);
        }
        auto *slanted = new QToolButton;
        slanted->setObjectName(token + QStringLiteral("Slanted"));
        slanted->setAccessibleName(tr("%1: slanted").arg(words));
        slanted->setToolTip(tr("Slanted"));
        slanted->setText(tr("i", "short for slanted type"));
        QFont leaning = slanted->font();
        leaning.setItalic(true);
        slanted->setFont(leaning);
        slanted->setCheckable(true);
        m_column->addWidget(rowOf(words, {family}));
        auto *second = new QWidget;
        auto *line = new QHBoxLayout(second);
        line->setContentsMargins(20, 0, 0, 3);
        line->setSpacing(4);
        line->addWidget(size);
        line->addWidget(weight, 1);
        line->addWidget(slanted);
        m_column->addWidget(second);
        const QString step = tr("Change the type of a look");
        connect(family, &QComboBox::activated, this, [this, family, at, step] {
            change(step, [&](Look &look) { look.texts.at(at).family = family->currentData().toString(); });
        });
        connect(size, &QSpinBox::valueChanged, this, [this, at, step](int percent) {
            change(step, [&](Look &look) { look.texts.at(at).percent = percent; });
        });
        connect(weight, &QComboBox::activated, this, [this, weight, at, step] {
            change(step, [&](Look &look) { look.texts.at(at).weight = weight->currentData().toInt(); });
        });
        connect(slanted, &QToolButton::clicked, this,
                [this, at, step](bool isOn) { change(step, [&](Look &look) { look.texts.at(at).isSlanted = isOn; }); });
        m_refreshers.append([this, family, size, weight, slanted, at] {
            const TextStyle &style = m_look.texts.at(at);
            if (family->findData(style.family) < 0) {
                family->addItem(tr("%1 (not on this computer)").arg(style.family), style.family);
            }
            family->setCurrentIndex(family->findData(style.family));
            size->setValue(style.percent);
            if (weight->findData(style.weight) < 0) {
                weight->addItem(QString::number(style.weight), style.weight);
            }
            weight->setCurrentIndex(weight->findData(style.weight));
            slanted->setChecked(style.isSlanted);
        });
    }
}

void LooksPanel::addFigures()
{
    addTitle(tr("Edges and spaces"));
    for (const LookSetting *setting : lookSettings()) {
        const QString words = lookText(setting->words);
        const QString name = QLatin1String(setting->name);
        const QString step = tr("Change edges and spaces of a look");
        QWidget *editor = nullptr;
        if (setting->choices.isEmpty()) {
            QSpinBox *figure = figureOf(name, words, setting->least, setting->most);
            figure->setSuffix(tr(" px"));
            connect(figure, &QSpinBox::valueChanged, this, [this, name, step](int value) {
                change(step, [&](Look &look) { look.figures.insert(name, value); });
            });
            m_refreshers.append([this, figure, setting] { figure->setValue(lookFigure(m_look, *setting)); });
            editor = figure;
        } else {
            QComboBox *box = listOf(name, words);
            for (const LookChoice &choice : setting->choices) {
                box->addItem(lookText(choice.words));
            }
            connect(box, &QComboBox::activated, this, [this, name, step](int value) {
                change(step, [&](Look &look) { look.figures.insert(name, value); });
            });
            new ListClosed(box, [this] { Q_EMIT triedEnded(); });
            connect(box, &QComboBox::highlighted, this, [this, name](int value) {
                Look look = m_look;
                look.figures.insert(name, value);
                Q_EMIT tried(look);
            });
            m_refreshers.append([this, box, setting] { box->setCurrentIndex(lookFigure(m_look, *setting)); });
            editor = box;
        }
        editor->setToolTip(lookText(setting->help));
        m_column->addWidget(rowOf(words, {editor}));
    }
}

void LooksPanel::addColours()
{
    QString group;
    for (const char *wanted : {"Grounds", "Words", "Edges", "Marks"}) {
        for (int i = 0; i < InkCount; ++i) {
            const Ink ink = static_cast<Ink>(i);
            const InkName &name = inkName(ink);
            if (qstrcmp(name.group, wanted) != 0) {
                continue;
            }
            if (const QString words = lookText(name.group); words != group) {
                group = words;
                addTitle(tr("%1, light and dark").arg(group));
            }
            QList<QWidget *> buttons;
            for (const Theme theme : {Theme::Light, Theme::Dark}) {
                auto *button = new QToolButton;
                button->setObjectName(QLatin1String(name.token) +
                                      (theme == Theme::Light ? QStringLiteral("Light") : QStringLiteral("Dark")));
                button->setFocusPolicy(Qt::TabFocus);
                button->setIconSize(QSize(18, 18));
                const QString accessible = tr("%1, %2").arg(lookText(name.words), sideName(theme));
                button->setAccessibleName(accessible);
                connect(button, &QToolButton::clicked, this,
                        [this, button, ink, theme] { openPicker(button, ink, theme); });
                m_refreshers.append([this, button, ink, theme, accessible] {
                    const Colour colour = nabblet::colour(m_look, theme, ink);
                    const QList<ReadablePair> wrong = unreadablePairs(m_look, theme);
                    const bool isWrong = std::any_of(wrong.begin(), wrong.end(),
                                                     [&](const ReadablePair &pair) { return pair.ink == ink; });
                    button->setIcon(swatchPicture(this, TwoSided{colour, std::nullopt}, 18, isWrong));
                    button->setToolTip(accessible + QStringLiteral(": ") + colourInWords(colour));
                });
                buttons.append(button);
            }
            m_column->addWidget(rowOf(lookText(name.words), buttons));
        }
    }
}

void LooksPanel::openPicker(QToolButton *button, Ink ink, Theme theme)
{
    ColourSource source = colours ? colours() : ColourSource();
    const auto with = [this, ink, theme](const QString &words) {
        Look look = m_look;
        if (const Result<Colour> colour = readColour(words)) {
            setColour(look, theme, ink, *colour);
        }
        return look;
    };
    auto *picker = new ColourPicker(source, colourInWords(colour(m_look, theme, ink)), button);
    connect(picker, &ColourPicker::chosen, this, [this, with](const QString &words) {
        const Look look = with(words);
        change(tr("Change a colour of a look"), [&](Look &changed) { changed = look; });
    });
    connect(picker, &ColourPicker::tried, this, [this, with](const QString &words) {
        if (words.isEmpty()) {
            Q_EMIT triedEnded();
        } else {
            Q_EMIT tried(with(words));
        }
    });
    picker->openBelow(button);
}

// Pairs that cannot be read, each with the colour nearest to it that can.
void LooksPanel::sayWhatCannotBeRead()
{
    while (QLayoutItem *item = m_unreadable->layout()->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    int count = 0;
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (const ReadablePair &pair : unreadablePairs(m_look, theme)) {
            constexpr int Most = 4;
            if (++count > Most) {
                continue;
            }
            const double now = contrast(colour(m_look, theme, pair.ink), colour(m_look, theme, pair.ground));
            auto *words = new QLabel(
                tr("%1 on “%2” (%3) is hard to read: %L4, and %L5 is needed.")
                    .arg(lookText(inkName(pair.ink).words), lookText(inkName(pair.ground).words), sideName(theme))
                    .arg(now, 0, 'f', 1)
                    .arg(pair.ratio, 0, 'f', 1));
            words->setObjectName(QStringLiteral("mistake"));
            words->setWordWrap(true);
            m_unreadable->layout()->addWidget(words);
        }
    }
    m_unreadable->setVisible(count > 0);
    if (count > 0) {
        auto *mend = new QPushButton(tr("Take the nearest"));
        mend->setObjectName(QStringLiteral("lookMend"));
        connect(mend, &QPushButton::clicked, this,
                [this] { change(tr("Make a look readable"), [](Look &look) { look = madeReadable(look); }); });
        m_unreadable->layout()->addWidget(mend);
    }
}

void LooksPanel::refreshEditors()
{
    m_isRefreshing = true;
    for (const std::function<void()> &refresh : std::as_const(m_refreshers)) {
        refresh();
    }
    m_isRefreshing = false;
    sayWhatCannotBeRead();
}

void LooksPanel::show(const Form &form, EntrySession *session, const LookBook &book, const QHash<QString, int> &follows)
{
    m_look = lookNamed(book, form.look);
    m_sides->showForm(form, session, m_look, book);
    m_cards->showLooks(allLooks(book), m_look.name, follows);
    const int count = std::max(1, follows.value(m_look.name));
    m_follows->setText(count == 1 ? tr("A change changes this form alone.")
                                  : tr("A change changes %1 forms of the project.").arg(count));
    m_takeOut->setVisible(count > 1);
    const bool isOwn =
        std::any_of(book.looks.begin(), book.looks.end(), [&](const Look &look) { return look.name == m_look.name; });
    const bool isOfProgram =
        std::any_of(looks().begin(), looks().end(), [&](const Look &look) { return look.name == m_look.name; });
    m_giveBack->setVisible(isOwn && isOfProgram);
    refreshEditors();
}

// A wheel that goes over an editor scrolls the panel: it changes nothing in passing.
bool LooksPanel::eventFilter(QObject *watched, QEvent *event)
{
    if (event->type() == QEvent::Wheel) {
        event->ignore();
        return true;
    }
    return Panel::eventFilter(watched, event);
}

void LooksPanel::hideEvent(QHideEvent *event)
{
    Q_EMIT triedEnded();
    Panel::hideEvent(event);
}

} // namespace nabblet
