// A form at work in the language of the person, from right to left too.
#include "core/edit/form_languages.h"
#include "core/edit/form_texts.h"
#include "core/kinds/option_places.h"
#include "entry/editors/choice_list.h"
#include "entry/language/language.h"
#include "entry/language/spoken_form.h"
#include "support/form_at_work.h"

#include <QLabel>
#include <QLineEdit>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;

class TestFormsInLanguages : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    void openIn(const QString &code, const QString &table, Arrangement arrangement)
    {
        m_work.open(m_path, table, arrangement, false, *m_appearance);
        m_work.form.language = "en";
        for (const FormText &text : formTexts(m_work.form)) {
            m_work.form.languages[code].insert(text.words, code + ": " + text.words);
        }
        show(inLanguage(m_work.form, code, *m_appearance));
    }
    void show(const Form &form)
    {
        QVERIFY(m_work.session->setForm(form).isOk());
        m_work.view->setForm(form);
        m_work.activate();
    }
    static bool isListOpen()
    {
        const QWidgetList all = QApplication::allWidgets();
        return std::any_of(all.begin(), all.end(), [](const QWidget *each) {
            return each->isVisible() && qobject_cast<const ChoiceList *>(each);
        });
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        QStandardPaths::setTestModeEnabled(true);
        QSettings().clear();
        m_path = samples::fairwayDatabase(m_folder, QString("languages%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_work.view.reset();
        m_work.session.reset();
        QSettings().clear();
    }

    // Captions are those of the language, and so are the names by which boxes are told and found wanting.
    void wordsAreThePersons()
    {
        openIn("de", "vessel", Arrangement::Columnar);
        QCOMPARE(m_work.view->layoutDirection(), Qt::LeftToRight);
        QVERIFY2(m_work.box("name")->accessibleName().startsWith("de: "),
                 qPrintable(m_work.box("name")->accessibleName()));
        // The language that the person chose; the form's own one before others that it has.
        setChosenLanguage("de");
        QCOMPARE(inPersonsLanguage(m_work.form, *m_appearance), inLanguage(m_work.form, "de", *m_appearance));
        setChosenLanguage("en");
        QCOMPARE(inPersonsLanguage(m_work.form, *m_appearance), m_work.form);
    }

    // What is typed and chosen there is stored as ever.
    void fromRightToLeft()
    {
        openIn("ar", "buoy", Arrangement::Columnar);
        QCOMPARE(m_work.view->layoutDirection(), Qt::RightToLeft);
        QWidget *name = m_work.box("name");
        const Control &there = *m_work.session->form().controls.find(m_work.control("name")->id);
        const Control &caption = *captionOf(m_work.session->form(), there.id);
        QVERIFY(caption.place.x() >= there.place.x() + there.place.width());

        // The arrow of a drop-down is at its left end.
        QWidget *fairway = m_work.box("fairway_id");
        QTest::mouseClick(fairway, Qt::LeftButton, {}, {fairway->width() - 30, fairway->height() / 2});
        QVERIFY(!isListOpen());
        QTest::mouseClick(fairway, Qt::LeftButton, {}, {8, fairway->height() / 2});
        QTRY_VERIFY(isListOpen());
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);

        // Options are where they are seen.
        QWidget *status = m_work.box("status");
        const Control &options = *m_work.control("status");
        const QList<QRect> places = optionPlaces(options);
        const QRect second = places.at(1);
        QTest::mouseClick(status, Qt::LeftButton, {},
                          {status->width() - 1 - second.x() - 6, second.y() + second.height() / 2});
        QCOMPARE(m_work.session->state().value("status").toString(), QString("adrift"));

        name->setFocus();
        qobject_cast<QLineEdit *>(name)->selectAll();
        QTest::keyClicks(name, "Nordwest");
        QVERIFY(m_work.session->saving().save());
        QCOMPARE(ask("SELECT count(*) FROM buoy WHERE name = 'Nordwest' AND status = 'adrift'"), QString("1"));
    }

    // Tab goes through the form as it did before its sides changed.
    void tabGoesAsItWent()
    {
        const auto walk = [&] {
            QStringList names;
            m_work.view->focusFirst();
            for (int i = 0; i < 8; ++i) {
                names.append(QApplication::focusWidget()->property("control").toString() +
                             QApplication::focusWidget()->accessibleName().section(": ", -1));
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            }
            return names;
        };
        openIn("ar", "buoy", Arrangement::Columnar);
        const QStringList there = walk();
        show(m_work.form);
        QCOMPARE(m_work.view->layoutDirection(), Qt::LeftToRight);
        QCOMPARE(walk(), there);
    }

    void rowsFromRightToLeft()
    {
        openIn("ar", "vessel", Arrangement::Tabular);
        QCOMPARE(m_work.view->layoutDirection(), Qt::RightToLeft);
        QWidget *name = m_work.box("name");
        name->setFocus();
        qobject_cast<QLineEdit *>(name)->selectAll();
        QTest::keyClicks(name, "Ghazal");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Down);
        QCOMPARE(ask("SELECT count(*) FROM vessel WHERE name = 'Ghazal'"), QString("1"));
    }
};

QTEST_MAIN(TestFormsInLanguages)
#include "tst_forms_in_languages.moc"
