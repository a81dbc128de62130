#include "entry/theme/theme.h"

#include <QFontInfo>
#include <QGuiApplication>

// The icons lie in a static library; its users must be told to take them along. (The macro wants no namespace.)
static void initIcons()
{
    Q_INIT_RESOURCE(icons);
}

namespace nabblet {

const PanelColours &panelColours(Theme theme)
{
    static const PanelColours light{QColor(0xE7E4DE), QColor(0xF6F4EF), QColor(0xD3CEC4), QColor(0xFFFFFF),
                                    QColor(0x242A30), QColor(0x646B72), QColor(0x23364A), QColor(0xF6F4EF),
                                    QColor(0xB4C0CC), QColor(0x0B7A70), QColor(0xFFFFFF), QColor(0xD6EEEA),
                                    QColor(0xD9591E), QColor(0xDDD9D1), QColor(0xB9B4A8), QColor(0xB42318),
                                    QColor(0xFBE3E0), QColor(0xF2A91E), QColor(0x2B1D00)};
    static const PanelColours dark{QColor(0x191C1F), QColor(0x25292D), QColor(0x3A4046), QColor(0x1B1E21),
                                   QColor(0xE4E7EA), QColor(0xA3ABB3), QColor(0x141F2B), QColor(0xEEF1F4),
                                   QColor(0x93A3B3), QColor(0x35B5A8), QColor(0x06201D), QColor(0x17423E),
                                   QColor(0xF08A4B), QColor(0x15181A), QColor(0x4A5157), QColor(0xFF9A8E),
                                   QColor(0x4A2522), QColor(0xF2B84B), QColor(0x241800)};
    return theme == Theme::Light ? light : dark;
}

Theme themeOfPalette(const QPalette &palette)
{
    return palette.color(QPalette::WindowText).lightness() > palette.color(QPalette::Window).lightness() ? Theme::Dark
                                                                                                         : Theme::Light;
}

QPalette panelPalette(Theme theme)
{
    const PanelColours &colours = panelColours(theme);
    QPalette palette;
    palette.setColor(QPalette::Window, colours.panel);
    palette.setColor(QPalette::WindowText, colours.text);
    palette.setColor(QPalette::Base, colours.field);
    palette.setColor(QPalette::AlternateBase, colours.panel);
    palette.setColor(QPalette::Text, colours.text);
    palette.setColor(QPalette::PlaceholderText, colours.faintText);
    palette.setColor(QPalette::Button, colours.panel);
    palette.setColor(QPalette::ButtonText, colours.text);
    palette.setColor(QPalette::Highlight, colours.accent);
    palette.setColor(QPalette::HighlightedText, colours.accentText);
    palette.setColor(QPalette::Link, colours.accent);
    palette.setColor(QPalette::ToolTipBase, colours.bar);
    palette.setColor(QPalette::ToolTipText, colours.barText);
    palette.setColor(QPalette::Mid, colours.panelLine);
    palette.setColor(QPalette::Midlight, colours.panelLine);
    palette.setColor(QPalette::Light, colours.panel);
    palette.setColor(QPalette::Dark, colours.faintText);
    for (const QPalette::ColorRole role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
        palette.setColor(QPalette::Disabled, role, colours.faintText);
    }
    return palette;
}

QString panelStyle(Theme theme)
{
    initIcons();
    const PanelColours &c = panelColours(theme);
    QString style = QStringLiteral(R"(
QMainWindow, #ground { background: %ground; }
QMenuBar { background: %panel; color: %text; padding: 1px 4px; border: none; }
QMenuBar::item { padding: 4px 9px; background: transparent; border-radius: 3px; }
QMenuBar::item:selected { background: %tint; color: %text; }
QMenu { background: %panel; color: %text; border: 1px solid %line; padding: 4px; }
QMenu::item { padding: 5px 28px 5px 22px; border-radius: 3px; }
QMenu::item:selected { background: %tint; color: %text; }
QMenu::item:disabled { color: %faint; }
QMenu::separator { height: 1px; background: %line; margin: 4px 6px; }
QToolTip { background: %bar; color: %barText; border: none; padding: 4px 7px; }
QStatusBar { background: %panel; color: %faint; border-top: 1px solid %line; padding: 0 8px; min-height: 24px; }
QStatusBar QLabel { color: %faint; padding: 0 8px; }
QStatusBar::item { border: none; }
nabblet--BoxLine { background: transparent; border: none; padding: 0; min-height: 0; }
#panel { background: %panel; border: 1px solid %line; }
#panelHead { background: transparent; border: none; border-bottom: 1px solid %line; }
#panelTitle { font-weight: 600; color: %text; }
#sectionTitle { font-weight: 600; color: %text; }
#faint { color: %faint; }
#bar { background: %bar; }
#bar QMenuBar { background: transparent; color: %barText; padding: 0; }
#bar QMenuBar::item { padding: 5px 8px; background: transparent; border-radius: 4px; }
#bar QMenuBar::item:selected, #bar QMenuBar::item:pressed { background: %panel; color: %text; }
#sidePanels { background: %panel; border: 1px solid %line; }
#sidePanels #panel { border: none; }
#panelTabs { background: transparent; border-bottom: 1px solid %line; }
#panelTabs::tab { color: %faint; background: transparent; border: none; border-bottom: 2px solid transparent; padding: 8px 8px 6px 8px; }
#panelTabs::tab:hover { color: %text; }
#panelTabs::tab:selected { color: %text; font-weight: 600; border-bottom-color: %accent; }
#panelTabs::tab:focus { color: %accent; }
#statusButton { background: transparent; color: %faint; border: none; border-radius: 3px; padding: 1px 8px; min-height: 16px; }
#statusButton:hover, #statusButton:focus { color: %text; background: %tint; }
#statusButton:checked { color: %text; }
#statusButton::menu-indicator { image: none; width: 0; }
#barFaint { color: %barFaint; }
#barTitle { color: %barText; font-weight: 600; }
#barSwitch { background: transparent; border: 1px solid %barFaint; border-radius: 5px; }
#bar QPushButton#foundCount { background: transparent; color: %barFaint; border: 1px solid %barFaint; border-radius: 10px; padding: 0 7px; min-width: 8px; min-height: 18px; font-weight: 600; }
#bar QPushButton#foundCount[degree="weigh"] { background: %odd; color: %oddText; border-color: %odd; }
#bar QPushButton#foundCount[degree="fix"] { background: %alarmTint; color: %alarm; border-color: %alarmTint; }
#bar QPushButton#foundCount:hover, #bar QPushButton#foundCount:focus { border-color: %barText; }
#barSwitch QPushButton, #bar QPushButton#barStep { background: transparent; color: %barText; border: none; border-radius: 4px; padding: 3px 12px; min-height: 18px; }
#barSwitch QPushButton:hover { color: %barText; text-decoration: underline; }
#barSwitch QPushButton:disabled { color: %barFaint; }
#barSwitch QPushButton:checked { background: %panel; color: %text; font-weight: 600; }
#barSwitch QPushButton:focus { text-decoration: underline; }
#panel QHeaderView::section { background: transparent; color: %faint; border: none; border-bottom: 1px solid %line; padding: 3px 6px; }
#panel QPushButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 10px; min-height: 18px; }
#panel QPushButton:hover, #panel QPushButton:focus { border-color: %accent; }
#panel QCheckBox:disabled, #panel QComboBox:disabled, #panel QLineEdit:disabled { color: %faint; }
#rowsFroms, #renamedControls { background: %field; border: 1px solid %line; border-radius: 3px; }
#panel QPushButton:disabled { color: %faint; background: %panel; }
#panel QPushButton::menu-indicator { image: url(:/nabblet/icons/drop-%side.svg); width: 12px; height: 12px; subcontrol-position: right center; right: 5px; }
#panel QPushButton#linkedColumns { padding-right: 20px; }
#panel QToolButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px; }
#panel QToolButton:hover, #panel QToolButton:focus, #panel QToolButton:checked { border-color: %accent; }
#panel QToolButton:checked { background: %tint; }
#panel QToolButton[isQuiet="true"] { background: transparent; border-color: transparent; color: %faint; padding: 1px 4px; }
#panel QToolButton[isQuiet="true"]:hover, #panel QToolButton[isQuiet="true"]:focus { color: %text; border-color: %accent; }
#colourPicker { background: %panel; border: 1px solid %line; }
#colourPicker QLabel#faint { color: %faint; }
#colourPicker QLineEdit, #colourPicker QToolButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 6px; min-height: 18px; selection-background-color: %accent; selection-color: %accentText; }
#colourPicker QLineEdit:focus, #colourPicker QToolButton:focus, #colourPicker QToolButton:hover { border-color: %accent; }
#looksArea { background: transparent; }
#mistake { color: %alarm; }
#settingHelp { color: %faint; border: none; border-top: 1px solid %line; padding-top: 4px; }
#settingArea, #settingPage { background: transparent; }
#atHand { background: %panel; border: 1px solid %line; border-bottom: none; }
#atHand QToolButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 8px; min-height: 18px; }
#atHand QToolButton:hover, #atHand QToolButton:focus { border-color: %accent; }
#atHand QToolButton:disabled { color: %faint; background: %panel; }
#arrangeStrip { background: %panel; border: 1px solid %line; border-bottom: none; }
#stripPart { background: transparent; border: none; border-right: 1px solid %line; margin-right: 5px; }
#arrangeStrip QToolButton { background: %field; border: 1px solid %line; border-radius: 3px; }
#arrangeStrip QToolButton:hover, #arrangeStrip QToolButton:focus { border-color: %accent; background: %tint; }
#arrangeStrip QToolButton:disabled { background: %panel; }
#arrangeStrip QToolButton#stripMore { color: %text; background: transparent; border: 1px solid transparent; padding: 0 16px 0 6px; }
#arrangeStrip QToolButton#stripMore:hover, #arrangeStrip QToolButton#stripMore:focus { border-color: %accent; }
#arrangeStrip QToolButton#stripMore::menu-indicator { image: url(:/nabblet/icons/drop-%side.svg); width: 12px; height: 12px; subcontrol-position: right center; right: 3px; }
#arrangeStrip QSpinBox { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 2px; min-height: 18px; selection-background-color: %accent; selection-color: %accentText; }
#arrangeStrip QSpinBox:focus { border-color: %accent; }
#windowSizeStrip { background: %panel; border: 1px solid %line; }
#windowSizeStrip QPushButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 10px; min-height: 18px; }
#windowSizeStrip QPushButton:hover, #windowSizeStrip QPushButton:focus { border-color: %accent; }
#windowSizeWords { color: %faint; }
#panel QTableView { background: %field; color: %text; border: 1px solid %line; gridline-color: %line; selection-background-color: %tint; selection-color: %text; }
QDialog QTableView { background: %field; color: %text; border: 1px solid %line; gridline-color: %line; selection-background-color: %tint; selection-color: %text; }
QDialog QHeaderView::section { background: %panel; color: %faint; border: none; border-bottom: 1px solid %line; padding: 3px 6px; }
#captionEditor { border: 1px solid %accent; }
#panel QLineEdit, #panel QSpinBox, #panel QComboBox, QDialog QLineEdit { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 6px; min-height: 18px; selection-background-color: %accent; selection-color: %accentText; }
#ownSelect { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px; selection-background-color: %accent; selection-color: %accentText; }
#ownSelect:focus { border: 1px solid %accent; }
QProgressBar { background: %line; border: none; border-radius: 3px; }
QProgressBar::chunk { background: %accent; border-radius: 3px; }
#panel QPlainTextEdit { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 1px 2px; selection-background-color: %accent; selection-color: %accentText; }
#panel QPlainTextEdit:focus { border: 1px solid %accent; }
#panel QLineEdit:focus, #panel QSpinBox:focus, #panel QComboBox:focus, QDialog QLineEdit:focus { border: 1px solid %accent; }
#panel QLineEdit:read-only { background: transparent; color: %faint; }
#panel QCheckBox::indicator, #panel QTreeView::indicator, #panel QListView::indicator, #buttonRowChoice QCheckBox::indicator { width: 13px; height: 13px; border: 1px solid %faint; border-radius: 3px; background: %field; }
#panel QCheckBox::indicator:checked, #panel QTreeView::indicator:checked, #panel QListView::indicator:checked, #buttonRowChoice QCheckBox::indicator:checked { background: %accent; border-color: %accent; image: url(:/nabblet/icons/tick-%side.svg); }
#panel QCheckBox::indicator:disabled, #buttonRowChoice QCheckBox::indicator:disabled { border-color: %line; }
#panel QComboBox::drop-down { border: none; width: 20px; }
#panel QComboBox::down-arrow { image: url(:/nabblet/icons/drop-%side.svg); width: 14px; height: 14px; }
#panel QCheckBox::indicator:indeterminate, #buttonRowChoice QCheckBox::indicator:indeterminate { background: %tint; border-color: %accent; }
#panel QCheckBox:focus { color: %accent; }
#panel QTreeView, #panel QListView, QDialog QListView { background: transparent; border: none; outline: none; color: %text; }
QDialog QListView { background: %field; border: 1px solid %line; }
#kindList::item { padding: 0; min-height: 0; border: 1px solid %line; border-radius: 4px; background: %field; }
#kindList::item:hover { border-color: %accent; }
#kindList::item:selected { background: %tint; border-color: %accent; color: %text; }
QTreeView::item, QListView::item { padding: 2px 6px; min-height: 18px; background: transparent; }
QTreeView::item:selected, QListView::item:selected { background: %tint; color: %text; }
#strip QPushButton, QDialog QPushButton, #notice QPushButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 3px 12px; min-height: 18px; }
#strip QPushButton:hover, QDialog QPushButton:hover, #notice QPushButton:hover { border-color: %accent; }
#strip QPushButton:focus, QDialog QPushButton:focus { border: 1px solid %accent; }
#strip QPushButton:disabled, QDialog QPushButton:disabled { color: %faint; background: %panel; }
#strip QPushButton#mainAction:enabled, QDialog QPushButton:default:enabled { background: %accent; color: %accentText; border-color: %accent; }
#buttonRowChoice { background: %panel; border: 1px solid %line; border-radius: 4px; }
#buttonRowChoice QCheckBox { color: %text; }
#boardRows { background: %field; color: %text; border: 1px solid %line; border-radius: 4px; padding: 6px 14px; }
#boardRows:hover, #boardRows:focus { border-color: %accent; }
#strip { background: %panel; border: 1px solid %line; }
#strip QLineEdit { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 4px; font-weight: 600; }
#strip QLineEdit:focus { border-color: %accent; }
#unsaved { color: %rail; font-weight: 600; }
#notice { background: %alarmTint; border: 1px solid %alarm; }
#notice[isNote="true"] { background: %tint; border: 1px solid %accent; }
#wantedBar { background: %tint; border: 1px solid %line; border-bottom: none; }
#wantedCount { color: %text; font-weight: 600; padding: 4px 2px; }
#chip { background: %field; border: 1px solid %line; border-radius: 11px; }
#chip QPushButton#chipWords { background: transparent; color: %text; border: none; border-radius: 10px; padding: 2px 4px 2px 10px; min-height: 18px; }
#chip QPushButton#chipWords:hover, #chip QPushButton#chipWords:focus { color: %accent; text-decoration: underline; }
#chip QToolButton { background: transparent; color: %text; border: none; border-radius: 10px; min-width: 22px; min-height: 20px; font-weight: 600; }
#chip QToolButton:hover, #chip QToolButton:focus { background: %tint; color: %accent; }
#wantedBar QPushButton#keepWanted, #wantedBar QPushButton#allRecords { background: transparent; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 10px; min-height: 18px; }
#wantedBar QPushButton#keepWanted:hover, #wantedBar QPushButton#keepWanted:focus, #wantedBar QPushButton#allRecords:hover, #wantedBar QPushButton#allRecords:focus { border-color: %accent; }
#keptMark { color: %accent; font-size: 9px; font-weight: 700; background: transparent; }
#recordList { border: 2px solid transparent; }
#recordList[hasKeyboard="true"] { border: 2px solid %accent; }
#formQuestion { background: %ground; }
#questionBanner { background: %tint; border: 1px solid %accent; }
#questionBanner QLabel { color: %text; }
#questionBanner QPushButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 3px 10px; min-height: 18px; }
#questionBanner QPushButton:hover, #questionBanner QPushButton:focus { border-color: %accent; }
#questionBanner QPushButton#questionShow { background: %accent; color: %accentText; border-color: %accent; }
#questionBanner QPushButton:disabled { color: %faint; background: %panel; }
QTreeView#choices QHeaderView::section { background: %panel; color: %text; border: 0; border-bottom: 1px solid %line; padding: 3px 8px; }
#innerFormBar { background: %tint; border: 1px solid %line; border-bottom: 0; }
#innerFormBar QPushButton { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 2px 10px; }
#innerFormBar QPushButton:hover { border-color: %accent; }
#rowPanel QPushButton#openRow { background: %field; color: %text; border: 1px solid %line; border-radius: 3px; padding: 3px 12px; }
#rowPanel QPushButton#openRow:hover { border-color: %accent; }
#notice QLabel { color: %text; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
#surface QScrollBar:vertical { width: 7px; }
QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
QScrollBar::handle { background: %line; border-radius: 4px; min-height: 24px; min-width: 24px; margin: 1px; }
QScrollBar::handle:hover { background: %faint; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QSlider::groove:horizontal { height: 3px; background: %line; border-radius: 1px; }
QSlider::sub-page:horizontal { background: %accent; border-radius: 1px; }
QSlider::handle:horizontal { background: %accent; width: 12px; margin: -5px 0; border-radius: 6px; }
QSlider::handle:horizontal:disabled, QSlider::sub-page:horizontal:disabled { background: %line; }
)");
    const QList<QPair<const char *, QColor>> names{{"%accentText", c.accentText},
                                                   {"%accent", c.accent},
                                                   {"%alarmTint", c.alarmTint},
                                                   {"%alarm", c.alarm},
                                                   {"%barText", c.barText},
                                                   {"%barFaint", c.barFaint},
                                                   {"%bar", c.bar},
                                                   {"%faint", c.faintText},
                                                   {"%field", c.field},
                                                   {"%ground", c.ground},
                                                   {"%line", c.panelLine},
                                                   {"%oddText", c.oddText},
                                                   {"%odd", c.odd},
                                                   {"%panel", c.panel},
                                                   {"%rail", c.rail},
                                                   {"%text", c.text},
                                                   {"%tint", c.accentTint}};
    style.replace(QLatin1String("%side"), QLatin1String(theme == Theme::Light ? "light" : "dark"));
    for (const auto &[name, value] : names) {
        style.replace(QLatin1String(name), value.name());
    }
    return style;
}

QFont desktopFont()
{
    QFont font = QGuiApplication::font();
    // Qt names its own fallback "Sans Serif" where no desktop says anything.
    const bool isNamedByDesktop =
        font.family().compare(QLatin1String("Sans Serif"), Qt::CaseInsensitive) != 0 && !font.family().isEmpty();
    if (!isNamedByDesktop) {
        QFont readable(QStringLiteral("Inter"));
        readable.setPointSizeF(9.0);
        // Asking the database of typefaces would have it look through all of them, which takes as long as a window.
        if (QFontInfo(readable).family() == readable.family()) {
            return readable;
        }
    }
    return font;
}

} // namespace nabblet
