// The pictures of controls as values: what they hold and that they keep to their control.
#include "core/catalogue/create_statement.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/marks.h"
#include "support/sample_forms.h"

#include <QJsonArray>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestPictures : public QObject
{
    Q_OBJECT

    static Control controlOf(const QString &kind, QSize size)
    {
        Control control;
        control.kind = kind;
        control.text = "Words";
        control.place = QRect(QPoint(40, 40), size);
        return control;
    }

    static QStringList textsOf(const Picture &picture)
    {
        QStringList texts;
        for (const Stroke &stroke : picture) {
            if (const auto *text = std::get_if<TextStroke>(&stroke)) {
                texts.append(text->text);
            }
        }
        return texts;
    }

private Q_SLOTS:
    void everyStrokeKeepsToItsControl()
    {
        for (const Kind &kind : kinds()) {
            for (const QSize size : {kind.usualSize, QSize(64, 24), QSize(400, 96)}) {
                const Control control = controlOf(kind.name, size);
                for (const BoxState state : {BoxState::Rest, BoxState::Focused, BoxState::Locked, BoxState::Refused}) {
                    Shown shown = shownBlank(control);
                    shown.words = "A value that is a good deal too long for the box";
                    shown.isMissing = false;
                    shown.isOn = true;
                    shown.image = QByteArray("\x89PNG");
                    shown.state = state;
                    const QRect inside(QPoint(0, 0), size.expandedTo(QSize(16, 16)));
                    for (const Stroke &stroke : kind.draw(control, shown, Look())) {
                        const QRect rect = std::visit([](const auto &part) { return part.rect; }, stroke);
                        QVERIFY2(
                            inside.contains(rect) || rect.width() <= 0,
                            qPrintable(QString("%1 at %2x%3").arg(kind.name).arg(size.width()).arg(size.height())));
                    }
                }
            }
        }
    }

    void aPromptStandsOnlyInAnEmptyBox()
    {
        Control control = controlOf("text-box", QSize(160, 24));
        control.settings = samples::settingsOf({{"prompt", "such as NB-2014-C"}});
        const Kind &kind = kindNamed("text-box");
        QCOMPARE(textsOf(kind.draw(control, shownBlank(control), Look())), QStringList("such as NB-2014-C"));
        QCOMPARE(textsOf(kind.draw(control, shownFor(control, "NB-1", QLocale::c()), Look())), QStringList("NB-1"));
    }

    void aLockedBoxOpensNothing()
    {
        const auto hasGlyph = [](const Picture &picture) {
            return std::any_of(picture.begin(), picture.end(),
                               [](const Stroke &stroke) { return std::holds_alternative<GlyphStroke>(stroke); });
        };
        for (const char *name : {"date", "date-time", "drop-down"}) {
            Control control = controlOf(name, QSize(160, 24));
            QVERIFY(hasGlyph(kindNamed(name).draw(control, shownBlank(control), Look())));
            control.settings = samples::settingsOf({{"locked", true}});
            QVERIFY(!hasGlyph(kindNamed(name).draw(control, shownBlank(control), Look())));
        }
    }

    void captionsBesideEndAtTheirRightAndCaptionsAboveStartAtTheirLeft()
    {
        Control caption = controlOf("caption", QSize(100, 24));
        const auto alignOf = [&] {
            return std::get<TextStroke>(kindNamed("caption").draw(caption, shownBlank(caption), Look()).first()).align;
        };
        QCOMPARE(alignOf(), TextAlign::Left);
        caption.captionFor = 7;
        QCOMPARE(alignOf(), TextAlign::Right);
        caption.settings = samples::settingsOf({{"sits", "above"}});
        QCOMPARE(alignOf(), TextAlign::Left);
    }

    void choicesAreShownInTheirWords()
    {
        Control control = controlOf("drop-down", QSize(160, 24));
        control.settings =
            samples::settingsOf({{"choices", QJsonArray{QJsonObject{{"value", "none"}, {"words", "None at all"}},
                                                        QJsonObject{{"value", 3}}}}});
        QCOMPARE(shownFor(control, "none", QLocale::c()).words, "None at all");
        QCOMPARE(shownFor(control, 3LL, QLocale::c()).words, "3");
        QCOMPARE(shownFor(control, "other", QLocale::c()).words, "other");
        QCOMPARE(shownFor(control, 3LL, QLocale::c(), "Found elsewhere").words, "Found elsewhere");
        QCOMPARE(*kindNamed("drop-down").read(control, "NONE AT ALL", QLocale::c()), QVariant("none"));
        QVERIFY(!kindNamed("drop-down").read(control, "else", QLocale::c()).isOk());
    }

    // Any text at all is cut into tokens that follow one another and hold every sign that is not white space or
    // comment.
    void anyTextIsCutIntoTokens()
    {
        QRandomGenerator random(37);
        const QString signs = "ab_1'\"`[]()<>=!-/*.,;% \n?:é";
        for (int i = 0; i < 5000; ++i) {
            QString sql;
            for (int j = random.bounded(40); j > 0; --j) {
                sql += signs.at(random.bounded(static_cast<int>(signs.size())));
            }
            qsizetype at = 0;
            for (const SqlToken &token : sqlTokens(sql)) {
                QVERIFY(token.start >= at && token.end > token.start && token.end <= sql.size());
                at = token.end;
            }
            (void)checksOfCreateTable("CREATE TABLE t (a CHECK (" + sql + "), b)");
            (void)choicesOfCheck(sql, "a");
            (void)literalValue(sql);
        }
    }
};

QTEST_APPLESS_MAIN(TestPictures)
#include "tst_pictures.moc"
