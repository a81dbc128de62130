// Every label of every main view has room for its words, in the desktop's usual font and in one that is wider, and in
// each language of the program. What is said there is translated, in the context in which it is asked for.
#include "app/parts/panel_splitter.h"
#include "app/window/main_window.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/panels/side_panels.h"
#include "designer/settings/inspector.h"
#include "entry/language/language.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"
#include "support/spoken.h"
#include "support/when_open.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTabBar>
#include <QTest>
#include <QToolButton>

using namespace nabblet;
using samples::Spoken;
using samples::WhenOpen;

class TestNoCutWords : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    std::unique_ptr<MainWindow> m_window;

    static QString languageOfRow()
    {
        QFETCH(QString, language);
        return language;
    }

    static QString shown(const QWidget *widget, const QString &words)
    {
        QStringList way;
        for (const QWidget *each = widget; each; each = each->parentWidget()) {
            way.prepend(each->objectName().isEmpty() ? QString::fromLatin1(each->metaObject()->className())
                                                     : each->objectName());
        }
        return QString("“%1” in %2 px: %3")
            .arg(words)
            .arg(widget->width())
            .arg(way.mid(std::max(0, int(way.size()) - 4)).join("/"));
    }

    // What is cut in a window, each with where it stands.
    static QStringList cut(const QWidget *window)
    {
        QStringList found;
        const auto isSeen = [](const QWidget *widget) {
            return widget->isVisible() && !widget->visibleRegion().isEmpty();
        };
        const auto wide = [](const QWidget *widget, const QString &words) {
            int widest = 0;
            for (const QString &line : QString(words).remove('&').split('\n')) {
                widest = std::max(widest, widget->fontMetrics().horizontalAdvance(line));
            }
            return widest;
        };
        for (const auto *label : window->findChildren<QLabel *>()) {
            if (!isSeen(label) || label->text().isEmpty() || label->textFormat() == Qt::RichText) {
                continue;
            }
            const QRect room = label->contentsRect();
            const bool isCut = label->wordWrap() ? label->heightForWidth(label->width()) > label->height()
                                                 : wide(label, label->text()) > room.width() ||
                                                       label->fontMetrics().height() > label->height() + 2;
            if (isCut) {
                found.append(shown(label, label->text()));
            }
        }
        for (const auto *button : window->findChildren<QAbstractButton *>()) {
            const auto *tool = qobject_cast<const QToolButton *>(button);
            const bool hasWords = !tool || tool->toolButtonStyle() != Qt::ToolButtonIconOnly || tool->icon().isNull();
            if (isSeen(button) && hasWords && wide(button, button->text()) + 4 > button->width()) {
                found.append(shown(button, button->text()));
            }
        }
        for (const QString &name : {QString("columnar"), QString("stacked"), QString("tabular")}) {
            constexpr int BesidePicture = 82; // px; the card paints its words itself
            const auto *card = window->findChild<QAbstractButton *>(name);
            if (card && isSeen(card) && wide(card, card->toolTip()) + BesidePicture > card->width()) {
                found.append(shown(card, card->toolTip()));
            }
        }
        for (const auto *box : window->findChildren<QComboBox *>()) {
            constexpr int AroundWords = 34; // px
            if (isSeen(box) && (wide(box, box->currentText()) + AroundWords > box->width() ||
                                box->height() < box->fontMetrics().height())) {
                found.append(shown(box, box->currentText()));
            }
        }
        for (const auto *line : window->findChildren<QLineEdit *>()) {
            if (isSeen(line) && line->text().isEmpty() && wide(line, line->placeholderText()) + 12 > line->width()) {
                found.append(shown(line, line->placeholderText()));
            }
        }
        for (const auto *tabs : window->findChildren<QTabBar *>()) {
            for (int i = 0; isSeen(tabs) && i < tabs->count(); ++i) {
                if (wide(tabs, tabs->tabText(i)) + 4 > tabs->tabRect(i).intersected(tabs->rect()).width()) {
                    found.append(shown(tabs, tabs->tabText(i)));
                }
            }
        }
        for (const auto *list : window->findChildren<QListWidget *>()) {
            for (int i = 0; isSeen(list) && i < list->count(); ++i) {
                const QRect rect = list->visualItemRect(list->item(i));
                if (wide(list, list->item(i)->text()) > std::min(rect.width(), list->viewport()->width() - rect.x())) {
                    found.append(shown(list, list->item(i)->text()));
                }
            }
        }
        return found;
    }

    void settle() const
    {
        for (int i = 0; i < 4; ++i) {
            QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
            QCoreApplication::processEvents();
        }
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
        samples::fairwayDatabase(m_folder);
        QDir().mkpath(m_folder.filePath("forms"));
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/project.nabblet", m_folder.filePath("project.nabblet")));
        const QDir forms(NABBLET_ROOT "/demo/fairway-depot/forms");
        for (const QString &file : forms.entryList({"*.nabform"})) {
            QVERIFY(QFile::copy(forms.filePath(file), m_folder.filePath("forms/" + file)));
        }
    }
    void cleanup() { m_window.reset(); }

    void everyLabelHasRoom_data()
    {
        QTest::addColumn<int>("stretch");
        QTest::addColumn<QString>("language");
        QTest::newRow("the usual font") << 100 << "en";
        QTest::newRow("one 15 % wider") << 115 << "en";
        QTest::newRow("German") << 100 << "de";
        QTest::newRow("French") << 100 << "fr";
    }
    void everyLabelHasRoom()
    {
        QFETCH(int, stretch);
        const Spoken spoken(languageOfRow());
        QFont font("Inter", 9);
        font.setStretch(stretch);
        QApplication::setFont(font);
        QSettings().setValue("windowSizes", true);
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        QStringList found; // each once, with the view it was first seen in
        const auto look = [&](const QString &view) {
            settle();
            if (m_window->width() > 1280 && found.isEmpty()) {
                found.append(QString("%1: the window is %2 px wide").arg(view).arg(m_window->width()));
            }
            for (const QString &each : cut(m_window.get())) {
                if (std::none_of(found.begin(), found.end(),
                                 [&](const QString &before) { return before.endsWith(each); })) {
                    found.append(view + ": " + each);
                }
            }
        };
        look("start");
        for (const QString &name : {QString("buoy"), QString("buoy_register"), QString("start"), QString("visits"),
                                    QString("observer_sign_up")}) {
            m_window->filing().openPath(m_folder.filePath("forms/" + name + ".nabform"));
            settle();
            Board *board = m_window->board();
            if (name == "buoy") {
                m_window->showWindowSizes(false);
                settle();
                const double share = double(board->width()) * board->height() / (1280.0 * 800.0);
                QVERIFY2(share >= 0.55, qPrintable(QString::number(share)));
                m_window->showWindowSizes(true);
            }
            auto *panels = m_window->findChild<SidePanels *>();
            const QList<Panel *> all = panels->findChildren<Panel *>();
            for (Panel *panel : all) {
                panels->showPanel(panel);
                look(name + "");
            }
            const Form &form = m_window->document()->form();
            Selection selection;
            for (const Band &band : form.bands) {
                selection.setBand(band.role);
                board->setSelection(selection);
                look("a band");
            }
            for (const Rail &rail : form.rails) {
                selection.setRail(rail.id);
                board->setSelection(selection);
                look("a rail");
            }
            for (const Control &control : form.controls) {
                board->select({control.id});
                look(control.name + "");
            }
            selectAll(*board);
            look("all");
            m_window->showEntry();
            look("Entry of " + name + "");
            m_window->showDesign();
        }
        QVERIFY2(found.isEmpty(), qPrintable("\n" + found.join("\n")));
        QVERIFY2(spoken.missing().isEmpty(), qPrintable("\n" + QStringList(spoken.missing()).join("\n")));
    }

    void theSheetOfANewFormHasRoom_data() { everyLabelHasRoom_data(); }
    void theSheetOfANewFormHasRoom()
    {
        QFETCH(int, stretch);
        const Spoken spoken(languageOfRow());
        QFont font("Inter", 9);
        font.setStretch(stretch);
        QApplication::setFont(font);
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->filing().openPath(m_folder.filePath("forms/buoy.nabform"));
        QStringList found;
        const WhenOpen sheet("newForm", [&](QDialog *dialog) {
            settle();
            found = cut(dialog);
            dialog->reject();
        });
        m_window->filing().newForm();
        QVERIFY2(found.isEmpty(), qPrintable(found.join("\n")));
        QVERIFY2(spoken.missing().isEmpty(), qPrintable("\n" + QStringList(spoken.missing()).join("\n")));
    }
};

QTEST_MAIN(TestNoCutWords)
#include "tst_no_cut_words.moc"
