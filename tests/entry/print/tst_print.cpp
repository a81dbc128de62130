// Records and rows on pages and in files, read back by programs that know nothing of this one.
#include "data/export/row_file_formats.h"
#include "entry/export/rows_out.h"
#include "entry/export/save_rows.h"
#include "entry/print/page_view.h"
#include "entry/print/print_to.h"
#include "entry/print/print_window.h"
#include "entry/wanted/asking.h"
#include "support/form_at_work.h"
#include "support/when_open.h"

#include <QApplication>
#include <QComboBox>
#include <QDirIterator>
#include <QImageReader>
#include <QLabel>
#include <QProcess>
#include <QPushButton>
#include <QScrollBar>
#include <QSettings>
#include <QSpinBox>
#include <QTest>

using namespace nabblet;

class TestPrint : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    QString file(const QString &name) const { return m_folder.filePath(name); }
    static QString output(const QString &program, const QStringList &arguments)
    {
        QProcess process;
        process.setProcessChannelMode(QProcess::MergedChannels);
        process.start(program, arguments);
        process.waitForFinished(60000);
        return QString::fromUtf8(process.readAll());
    }
    static QString python(const QString &script, const QStringList &arguments)
    {
        return output("/usr/bin/python3", QStringList{"-c", script} + arguments).trimmed();
    }
    void open(const QString &table, Arrangement arrangement, bool withChildren = false)
    {
        m_work.open(m_path, table, arrangement, withChildren, *m_appearance);
    }
    std::optional<qint64> write(const QString &path)
    {
        const Result<RowsOut> rows = rowsOut(m_work.session->state());
        if (!rows) {
            return {};
        }
        const std::unique_ptr<RowFile> to = rowFileFormatOf(path)->make(path);
        const std::atomic<bool> goesOn{false};
        const auto written = writeRows(m_work.session->state().connection, *rows, *to, m_work.session.get(), goesOn,
                                       [](qint64) { return true; });
        return written ? *written : std::nullopt;
    }
    int print(const QString &path, const PaperSetup &setup = {}, Printed what = Printed::All)
    {
        PrintJob job(*m_work.session, *m_appearance, setup, what);
        if (!job.begin()) {
            return -1;
        }
        const auto printed = printTo(job, path, [](int, int) { return true; });
        return printed && *printed ? **printed : -1;
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        QSettings().clear();
        m_path = samples::fairwayDatabase(m_folder, QString("print%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_work.view.reset();
        m_work.session.reset();
        QSettings().clear();
    }

    // Odd words come through every kind of file as they are stored.
    void rowsAreReadBack()
    {
        const QString odd = QString::fromUtf8("a, \"b\"\tc\nŁódź <b>&amp; =1+1");
        QCOMPARE(ask("UPDATE vessel SET name = 'a, \"b\"' || char(9) || 'c' || char(10) || 'Łódź <b>&amp; =1+1' WHERE "
                     "vessel_id = 1"),
                 QString());
        open("vessel", Arrangement::Tabular);
        const QString count = ask("SELECT count(*) FROM vessel");
        for (const char *ending : {"csv", "tsv", "jsonl", "xlsx", "html"}) {
            QCOMPARE(*write(file(QString("rows.") + ending)), count.toInt());
        }
        const QString operatorName = ask("SELECT c.name FROM vessel v JOIN contractor c ON c.contractor_id = "
                                         "v.operator_id WHERE vessel_id = 1");
        const QString csv =
            python("import csv,sys\nr=list(csv.DictReader(open(sys.argv[1],newline='',encoding='utf-8')))"
                   "\nprint(len(r),repr(r[0]['Name']),r[0]['Operator'],r[0]['In service'],sep='~')",
                   {file("rows.csv")});
        const QString pythonOdd = python("import sys\nprint(repr(sys.argv[1]))", {odd});
        QCOMPARE(csv, count + "~" + pythonOdd + "~" + operatorName + "~1");
        const QString tsv = python("import sys\nl=open(sys.argv[1],encoding='utf-8').read().split('\\n')\nprint(len(l),"
                                   "len(set(x.count('\\t') for x in l[:-1])))",
                                   {file("rows.tsv")});
        QCOMPARE(tsv, QString::number(count.toInt() + 2) + " 1"); // heads, and nothing behind the last line end
        const QString json =
            python("import json,sys\nr=[json.loads(l) for l in open(sys.argv[1],encoding='utf-8')]\n"
                   "print(len(r),repr(r[0]['name']),r[0]['in_service'],type(r[0]['built_year']).__name__,"
                   "r[2]['crane_limit_t'],sep='~')",
                   {file("rows.jsonl")});
        QCOMPARE(json, count + "~" + pythonOdd + "~True~int~None");
        const QString xlsx = python("import openpyxl,sys\nw=openpyxl.load_workbook(sys.argv[1]).active\nprint("
                                    "w.max_row-1,repr(w['A2'].value),w['A2'].data_type,type(w['D2'].value).__name__,"
                                    "w['F2'].value,sep='~')",
                                    {file("rows.xlsx")});
        QCOMPARE(xlsx, count + "~" + pythonOdd + "~s~int~True");
        const QString html = python("import sys\nfrom html.parser import HTMLParser\nclass P(HTMLParser):\n"
                                    " cells=[];text=''\n"
                                    " def handle_starttag(s,t,a): s.text=''\n"
                                    " def handle_data(s,d): s.text+=d\n"
                                    " def handle_endtag(s,t):\n"
                                    "  if t=='td': s.cells.append(s.text)\n"
                                    "p=P();p.feed(open(sys.argv[1],encoding='utf-8').read())\n"
                                    "print(len(p.cells)//6,repr(p.cells[0]),sep='~')",
                                    {file("rows.html")});
        QCOMPARE(html, count + "~" + pythonOdd);
        QVERIFY2(output("tidy", {"-e", "-q", "--show-info", "no", file("rows.html")}).isEmpty(),
                 qPrintable(output("tidy", {"-e", "-q", file("rows.html")})));
    }

    // Days are days in a workbook; what a form works out is written too; only what is asked for, in its order.
    void daysAndFormulas()
    {
        open("visit", Arrangement::Columnar);
        Wanted wanted;
        wanted.filter =
            withPart({}, *partFromWords(m_work.session->state(), *m_work.control("growth"), nullptr, "heavy"));
        QVERIFY(m_work.session->want(wanted).isOk());
        const QString heavy = ask("SELECT count(*) FROM visit WHERE growth = 'heavy'");
        QCOMPARE(QString::number(*write(file("heavy.xlsx"))), heavy);
        const QString day = python("import openpyxl,sys\nw=openpyxl.load_workbook(sys.argv[1]).active\n"
                                   "h=[c.value for c in w[1]]\nv=[c.value for c in w[2]]\nd=dict(zip(h,v))\n"
                                   "print(d['Visited on'].date(),d['Growth'])",
                                   {file("heavy.xlsx")});
        QCOMPARE(day, ask("SELECT visited_on FROM visit WHERE growth = 'heavy' ORDER BY visit_id LIMIT 1") + " Heavy");
    }

    // A file that cannot be written, or is given up, is as it was.
    void filesAreWholeOrNot()
    {
        open("visit", Arrangement::Tabular);
        QFile before(file("kept.csv"));
        QVERIFY(before.open(QIODevice::WriteOnly));
        before.write("as it was");
        before.close();
        for (const char *ending : {"csv", "xlsx"}) {
            const QString path = file(QString("kept.") + ending);
            const Result<RowsOut> rows = rowsOut(m_work.session->state());
            {
                const std::unique_ptr<RowFile> to = rowFileFormatOf(path)->make(path);
                const std::atomic<bool> isCancelled{true};
                const auto written = writeRows(m_work.session->state().connection, *rows, *to, nullptr, isCancelled,
                                               [](qint64) { return true; });
                QVERIFY(written.isOk() && !*written);
            }
            const std::unique_ptr<RowFile> nowhere = rowFileFormatOf(path)->make(file("no/such/folder/rows.") + ending);
            QVERIFY(!nowhere->begin("x", rows->columns).isOk());
        }
        QCOMPARE(QFile(file("kept.xlsx")).exists(), false);
        QVERIFY(before.open(QIODevice::ReadOnly));
        QCOMPARE(before.readAll(), QByteArray("as it was"));
        QDirIterator left(m_folder.path(), {".nabblet-*", "kept.*.*"}, QDir::Files | QDir::Hidden);
        QVERIFY(!left.hasNext());
        saveRows(*m_work.session, file("saved.jsonl"), m_work.view.get());
        QCOMPARE(QFile(file("saved.jsonl")).exists(), true);
    }

    // Rows: each once, the heads on every page, the totals at the end, the pages counted.
    void rowsOnPages()
    {
        open("visit", Arrangement::Tabular);
        PaperSetup setup;
        setup.isLandscape = true;
        const int pages = print(file("visits.pdf"), setup);
        QVERIFY(pages > 3);
        const QString text = output("pdftotext", {"-layout", file("visits.pdf"), "-"});
        QCOMPARE(text.count("Crew lead"), pages);
        QVERIFY(text.contains(QString("%1 / %1").arg(pages)));
        // Numbers as people see them, each row once.
        QHash<QString, int> stored;
        const QStringList leads = ask("SELECT crew_lead FROM visit").split('\n');
        for (const QString &lead : leads) {
            ++stored[lead];
        }
        for (auto each = stored.begin(); each != stored.end(); ++each) {
            QCOMPARE(text.count(each.key()), each.value());
        }
        const QString info = output("pdfinfo", {file("visits.pdf")});
        QVERIFY2(info.contains(QString("Pages:           %1").arg(pages)), qPrintable(info));
        QVERIFY(info.contains("Title:           " + m_work.form.title));
    }

    // Records: long texts whole, rows of subforms whole, an outline by their names, addresses that can be pressed.
    void recordsOnPages()
    {
        QStringList lines;
        for (int i = 0; i < 90; ++i) {
            lines.append(QString("Line %1 of a very long remark.").arg(i));
        }
        QCOMPARE(ask("UPDATE buoy SET remarks = '" + lines.join('\n') + "' WHERE buoy_id = 1"), QString());
        open("buoy", Arrangement::Columnar, true);
        Control chart = *m_work.control("chart_page");
        chart.kind = "link";
        m_work.form.controls.replace(m_work.form.controls.indexOf(chart.id), chart);
        QVERIFY(m_work.session->setForm(m_work.form).isOk());
        PaperSetup setup;
        setup.isPageEach = true;
        setup.head = "{record}";
        QVERIFY(print(file("one.pdf"), setup, Printed::Record) >= 2);
        const QString text = output("pdftotext", {"-layout", file("one.pdf"), "-"});
        for (int i = 0; i < 90; ++i) {
            QCOMPARE(text.count(QString("Line %1 of").arg(i)), 1);
        }
        Wanted wanted;
        wanted.filter =
            withPart({}, *partFromWords(m_work.session->state(), *m_work.control("status"), nullptr, "adrift"));
        QVERIFY(m_work.session->want(wanted).isOk());
        const int adrift = ask("SELECT count(*) FROM buoy WHERE status = 'adrift'").toInt();
        const int pages = print(file("adrift.pdf"), setup);
        QVERIFY(adrift > 1 && pages >= adrift);
        const QString tree = output("pdftohtml", {"-xml", "-i", "-stdout", file("adrift.pdf")});
        QCOMPARE(tree.count("<item page="), adrift);
        QVERIFY(tree.contains("<a href=\"https://charts.nabharbour.example/"));
        const QString all = output("pdftotext", {"-layout", file("adrift.pdf"), "-"});
        const QStringList numbers = ask("SELECT asset_no FROM buoy WHERE status = 'adrift'").split('\n');
        for (const QString &number : numbers) {
            QVERIFY2(all.contains(number), qPrintable(number));
        }
        const int visits =
            ask("SELECT count(*) FROM visit v JOIN buoy b USING (buoy_id) WHERE b.status = 'adrift'").toInt();
        QVERIFY(visits > 0);
        int crews = 0;
        const QStringList leads = ask("SELECT DISTINCT crew_lead FROM visit").split('\n');
        for (const QString &lead : leads) {
            crews += static_cast<int>(all.count(lead));
        }
        QCOMPARE(crews, visits);
    }

    // Rows inside a record that go on overleaf have their heads there, too; each row stands once, and none is torn.
    void headsOfRowsInsideStandOnEachPage()
    {
        QCOMPARE(ask("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 150) "
                     "INSERT INTO visit (buoy_id, visited_on, crew_lead, hours) "
                     "SELECT 1, '2026-01-01', 'Lead' || i || '.', 1 FROM n"),
                 QString());
        open("buoy", Arrangement::Columnar, true);
        const int pages = print(file("one.pdf"), {}, Printed::Record);
        QVERIFY(pages >= 4);
        int rows = 0;
        for (int page = 1; page <= pages; ++page) {
            const QString number = QString::number(page);
            const QString text = output("pdftotext", {"-layout", "-f", number, "-l", number, file("one.pdf"), "-"});
            const auto here = text.count("Lead");
            QVERIFY(text.count("Crew lead") == 1 || (here == 0 && text.count("Crew lead") == 0));
            rows += static_cast<int>(text.count(QRegularExpression("Lead\\d+\\.")));
        }
        QCOMPARE(rows, 150);
        const LaidOut laid =
            laidOutBand(m_work.form, BandRole::Body, *m_work.session, PaperContext{PaperSetup(), *m_appearance});
        QCOMPARE(laid.heads.size(), 1);
        const PrintedHead &head = laid.heads.first();
        QVERIFY(headsAgain(laid, head.top - 1).isEmpty());
        QCOMPARE(headsAgain(laid, head.top).size(), 1);
        QCOMPARE(headsAgain(laid, head.bottom - 1).size(), 1);
        QVERIFY(headsAgain(laid, head.bottom).isEmpty());
        QVERIFY(head.bottom - head.top > 150 * 20);
    }

    void picturesOfPages()
    {
        open("visit", Arrangement::Tabular);
        const int pages = print(file("page.png"));
        QVERIFY(pages > 1);
        QCOMPARE(QImageReader(file(QString("page-%1.png").arg(pages))).size(), QSize(794, 1123) * 2);
        open("contractor", Arrangement::Columnar);
        QCOMPARE(print(file("card.svg"), {}, Printed::Record), 1);
        const QString svg = python("import sys,xml.dom.minidom as m\nd=m.parse(sys.argv[1])\n"
                                   "print(d.documentElement.tagName, ''.join(n.firstChild.data for n in "
                                   "d.getElementsByTagName('text') if n.firstChild).strip()[:10000])",
                                   {file("card.svg")});
        QVERIFY(svg.startsWith("svg"));
        QVERIFY(svg.contains(ask("SELECT name FROM contractor ORDER BY contractor_id LIMIT 1")));
    }

    // The window: pages come as they are laid out, are gone to by keys and by number, and change with the paper.
    void printWindow()
    {
        open("visit", Arrangement::Tabular);
        int upright = 0;
        int lying = 0;
        int atEnd = 0;
        int gone = 0;
        samples::WhenOpen window("printWindow", [&](QDialog *dialog) {
            auto *note = dialog->findChild<QLabel *>("pagesNote");
            auto *page = dialog->findChild<QSpinBox *>("pageNumber");
            const auto settle = [&] {
                for (int i = 0; i < 2000 && note->text().contains("so far"); ++i) {
                    QCoreApplication::processEvents();
                }
            };
            settle();
            upright = page->maximum();
            auto *pages = dialog->findChild<PageView *>("pages");
            QTest::keyClick(pages, Qt::Key_End);
            atEnd = page->value();
            page->setValue(2);
            gone = pages->pageInSight() + 1;
            auto *way = dialog->findChild<QComboBox *>("paperWay");
            way->setCurrentIndex(1);
            Q_EMIT way->activated(1);
            settle();
            lying = page->maximum();
            dialog->reject();
        });
        showPrintWindow(*m_work.session, *m_appearance, m_work.view.get());
        QVERIFY(upright > 2);
        QCOMPARE(atEnd, upright);
        QCOMPARE(gone, 2);
        QVERIFY(lying > upright);
        // It is remembered how this form was printed.
        int again = 0;
        samples::WhenOpen other("printWindow", [&](QDialog *dialog) {
            again = dialog->findChild<QComboBox *>("paperWay")->currentIndex();
            dialog->reject();
        });
        showPrintWindow(*m_work.session, *m_appearance, m_work.view.get());
        QCOMPARE(again, 1);
    }

    // An empty table prints nothing and says so; a new record is saved before.
    void nothingToPrint()
    {
        QCOMPARE(ask("DELETE FROM part_claim"), QString());
        open("part_claim", Arrangement::Tabular);
        PrintJob job(*m_work.session, *m_appearance, {}, Printed::All);
        const Outcome begun = job.begin();
        QVERIFY(!begun && !begun.error().sentence.isEmpty());
        PrintJob one(*m_work.session, *m_appearance, {}, Printed::Record);
        QVERIFY(!one.begin().isOk());
    }
};

QTEST_MAIN(TestPrint)
#include "tst_print.moc"
