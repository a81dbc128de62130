#include "entry/print/print_window.h"

#include "core/text/tr.h"
#include "entry/print/page_view.h"
#include "entry/print/print_to.h"
#include "entry/theme/sheet.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QProgressDialog>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int LaidOutAtOnce = 20; // ms, so that the window stays at hand
constexpr double Screen = 96;     // px an inch

// How a person last printed a form, on this computer.
QString keyOf(const Form &form)
{
    return QStringLiteral("paper/") + QString(form.name + u'|' + form.rowsFrom).replace(u'/', u'|');
}

PaperSetup setupOf(const Form &form)
{
    const QByteArray kept = QSettings().value(keyOf(form)).toString().toUtf8();
    const QJsonObject json{{QStringLiteral("paper"), QJsonDocument::fromJson(kept).object()}};
    return kept.isEmpty() ? paperOf(form)
                          : ControlSettings::fromJson(json, {&setting::Paper}).value(setting::Paper, PaperSetup());
}

void keepSetup(const Form &form, const PaperSetup &setup)
{
    if (setup == paperOf(form)) {
        QSettings().remove(keyOf(form));
        return;
    }
    ControlSettings settings;
    settings.set(setting::Paper, setup);
    QSettings().setValue(
        keyOf(form),
        QString::fromUtf8(QJsonDocument(settings.toJson().value(QStringLiteral("paper")).toObject()).toJson()));
}

class PrintWindow : public QDialog
{
public:
    PrintWindow(EntrySession &session, const Appearance &appearance, QWidget *parent);

private:
    void begin();
    void layOutMore();
    void sayPages();
    PaperSetup setup() const;
    void print();
    void save();
    bool tellIn(QProgressDialog &progress, int page, int pages);

    EntrySession &m_session;
    const Appearance &m_appearance;
    PaperSetup m_form; // what the form says
    std::unique_ptr<PrintJob> m_job;
    PageView *m_view;
    QComboBox *m_what;
    QComboBox *m_size;
    QComboBox *m_way;
    QComboBox *m_boxes;
    QCheckBox *m_pageEach;
    QSpinBox *m_page;
    QLabel *m_note;
    QPushButton *m_print;
    QPushButton *m_save;
    QTimer m_timer;
};

PrintWindow::PrintWindow(EntrySession &session, const Appearance &appearance, QWidget *parent)
    : QDialog(parent), m_session(session), m_appearance(appearance), m_form(setupOf(session.form()))
{
    QVBoxLayout *column = begunSheet(*this, QStringLiteral("printWindow"), Texts::tr("Print"), QSize(860, 720));
    setSizeGripEnabled(true);
    setWindowFlag(Qt::WindowMaximizeButtonHint);
    const Form &form = session.form();
    const auto choice = [this](const QString &name, const QString &says, const QStringList &words, int at) {
        auto *box = new QComboBox;
        box->setObjectName(name);
        box->setAccessibleName(says);
        box->setToolTip(says);
        box->addItems(words);
        box->setCurrentIndex(at);
        connect(box, &QComboBox::activated, this, &PrintWindow::begin);
        return box;
    };
    const bool isStored = session.state().key().has_value();
    const bool meansAll = isTabular(form) || !session.state().wanted.filter.isEmpty() || !isStored;
    const QString all = session.place().count()
                            ? counted(*session.place().count(), Texts::tr("the 1 record that is shown"),
                                      Texts::tr("all %1 records that are shown"))
                            : Texts::tr("all records that are shown");
    m_what = choice(QStringLiteral("printWhat"), Texts::tr("What is printed"),
                    isStored ? QStringList{all, Texts::tr("only this record")} : QStringList{all}, meansAll ? 0 : 1);
    QStringList sizes;
    int at = 0;
    for (const PaperSize &size : paperSizes()) {
        at = size.name == m_form.size ? static_cast<int>(sizes.size()) : at;
        sizes.append(size.name);
    }
    m_size = choice(QStringLiteral("paperSize"), Texts::tr("Paper"), sizes, at);
    m_way = choice(QStringLiteral("paperWay"), Texts::tr("How the paper lies"),
                   {Texts::tr("upright"), Texts::tr("lying")}, m_form.isLandscape ? 1 : 0);
    m_boxes = choice(QStringLiteral("paperBoxes"), Texts::tr("Boxes on paper"),
                     {Texts::tr("with boxes"), Texts::tr("plain words")}, static_cast<int>(m_form.boxes));
    m_pageEach = new QCheckBox(Texts::tr("Each record on a page of its own"));
    m_pageEach->setObjectName(QStringLiteral("pageEach"));
    m_pageEach->setChecked(m_form.isPageEach);
    m_pageEach->setVisible(!isTabular(form));
    connect(m_pageEach, &QCheckBox::clicked, this, &PrintWindow::begin);
    auto *row = new QHBoxLayout;
    row->setSpacing(8);
    for (QWidget *each : {static_cast<QWidget *>(m_what), static_cast<QWidget *>(m_size), static_cast<QWidget *>(m_way),
                          static_cast<QWidget *>(m_boxes), static_cast<QWidget *>(m_pageEach)}) {
        row->addWidget(each);
    }
    row->addStretch();
    column->addLayout(row);
    m_view = new PageView;
    column->addWidget(m_view, 1);
    auto *below = new QHBoxLayout;
    below->setSpacing(8);
    m_page = new QSpinBox;
    m_page->setObjectName(QStringLiteral("pageNumber"));
    m_page->setAccessibleName(Texts::tr("Page"));
    m_page->setPrefix(Texts::tr("Page ", "before a number"));
    m_page->setMinimum(1);
    m_page->setKeyboardTracking(false);
    m_note = new QLabel;
    m_note->setObjectName(QStringLiteral("pagesNote"));
    auto *buttons = new QDialogButtonBox;
    m_print = buttons->addButton(Texts::tr("&Print…"), QDialogButtonBox::ActionRole);
    m_print->setObjectName(QStringLiteral("printPages"));
    m_save = buttons->addButton(Texts::tr("&Save as…"), QDialogButtonBox::ActionRole);
    m_save->setObjectName(QStringLiteral("savePages"));
    m_save->setAutoDefault(false);
    buttons->addButton(Texts::tr("Close"), QDialogButtonBox::RejectRole);
    m_print->setDefault(true);
    below->addWidget(m_page);
    below->addWidget(m_note, 1);
    below->addWidget(buttons);
    column->addLayout(below);
    connect(m_print, &QPushButton::clicked, this, &PrintWindow::print);
    connect(m_save, &QPushButton::clicked, this, &PrintWindow::save);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_view, &PageView::pageInSightChanged, this, &PrintWindow::sayPages);
    connect(m_page, &QSpinBox::valueChanged, m_view, [this](int page) { m_view->goToPage(page - 1); });
    m_timer.setInterval(0);
    connect(&m_timer, &QTimer::timeout, this, &PrintWindow::layOutMore);
    m_view->setFocus();
    begin();
}

PaperSetup PrintWindow::setup() const
{
    PaperSetup setup = m_form;
    setup.size = m_size->currentText();
    setup.isLandscape = m_way->currentIndex() == 1;
    setup.boxes = static_cast<PaperBoxes>(m_boxes->currentIndex());
    setup.isPageEach = m_pageEach->isChecked();
    return setup;
}

void PrintWindow::begin()
{
    m_timer.stop();
    m_view->setJob(nullptr);
    const bool isOne = m_what->currentIndex() == 1;
    m_pageEach->setEnabled(!isOne);
    m_job = std::make_unique<PrintJob>(m_session, m_appearance, setup(), isOne ? Printed::Record : Printed::All);
    const Outcome begun = m_job->begin();
    m_print->setEnabled(begun.isOk());
    m_save->setEnabled(begun.isOk());
    if (!begun) {
        m_job.reset();
        m_note->setText(begun.error().sentence);
        return;
    }
    keepSetup(m_session.form(), setup());
    m_view->setJob(m_job.get());
    m_timer.start();
    layOutMore();
}

void PrintWindow::layOutMore()
{
    const int before = m_job->pages();
    if (!m_job->layOutMore(LaidOutAtOnce)) {
        m_timer.stop();
    }
    if (m_job->pages() != before || m_job->isWhole()) {
        m_view->pagesAdded();
    }
    sayPages();
}

void PrintWindow::sayPages()
{
    if (!m_job) {
        return;
    }
    const QSignalBlocker blocker(m_page);
    m_page->setMaximum(std::max(1, m_job->pages()));
    m_page->setValue(m_view->pageInSight() + 1);
    m_note->setText(m_job->isWhole() ? counted(m_job->pages(), Texts::tr("of 1 page"), Texts::tr("of %1 pages"))
                                     : counted(m_job->pages(), Texts::tr("of 1 page so far; more are laid out…"),
                                               Texts::tr("of %1 pages so far; more are laid out…")));
}

bool PrintWindow::tellIn(QProgressDialog &progress, int page, int pages)
{
    progress.setMaximum(pages);
    progress.setValue(page);
    QCoreApplication::processEvents();
    return !progress.wasCanceled();
}

void PrintWindow::print()
{
    QPrinter printer(QPrinter::HighResolution);
    const QSizeF size = QSizeF(m_job->pageSize()) * 72 / Screen;
    printer.setPageSize(QPageSize(size, QPageSize::Point, {}, QPageSize::FuzzyMatch));
    printer.setFullPage(true);
    printer.setDocName(m_job->title());
    QPrintDialog dialog(&printer, this);
    dialog.setOption(QAbstractPrintDialog::PrintPageRange);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    m_timer.stop();
    while (m_job->layOutMore(LaidOutAtOnce)) {
    }
    const int from = printer.fromPage() > 0 ? printer.fromPage() : 1;
    const int to = std::min(m_job->pages(), printer.toPage() > 0 ? printer.toPage() : m_job->pages());
    QProgressDialog progress(Texts::tr("Printing…"), Texts::tr("Give up"), 0, to, this);
    progress.setWindowModality(Qt::WindowModal);
    QPainter painter;
    if (!painter.begin(&printer)) {
        m_note->setText(Texts::tr("The printer takes nothing now. Choose another one, or save the pages as a file."));
        return;
    }
    for (int page = from; page <= to; ++page) {
        if (page > from) {
            printer.newPage();
        }
        painter.save();
        painter.scale(printer.resolution() / Screen, printer.resolution() / Screen);
        m_job->paint(painter, page - 1);
        painter.restore();
        if (!tellIn(progress, page, to)) {
            printer.abort();
            m_note->setText(Texts::tr("Given up; the printer may have some pages already."));
            return;
        }
    }
    painter.end();
    Q_EMIT m_session.said(counted(to - from + 1, Texts::tr("Printed 1 page."), Texts::tr("Printed %1 pages.")));
    accept();
}

void PrintWindow::save()
{
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    const QString name = QString(m_job->title()).replace(u'/', u'-') + QStringLiteral(".pdf");
    QString path = QFileDialog::getSaveFileName(
        this, Texts::tr("Save the pages as"), QDir(folder).filePath(name),
        Texts::tr("One file of pages (*.pdf);;A picture of each page (*.png);;A drawing of each page (*.svg)"));
    if (path.isEmpty()) {
        return;
    }
    if (!printEndings().contains(QFileInfo(path).suffix().toLower())) {
        path += QStringLiteral(".pdf");
    }
    m_timer.stop();
    QProgressDialog progress(Texts::tr("Saving the pages…"), Texts::tr("Give up"), 0, 0, this);
    progress.setWindowModality(Qt::WindowModal);
    const Result<std::optional<int>> printed =
        printTo(*m_job, path, [&](int page, int pages) { return tellIn(progress, page, pages); });
    progress.reset();
    m_view->pagesAdded();
    sayPages();
    if (!printed) {
        m_note->setText(printed.error().sentence);
    } else if (!*printed) {
        m_note->setText(Texts::tr("Given up; nothing was saved."));
        m_timer.start();
    } else {
        Q_EMIT m_session.said(counted(**printed, Texts::tr("Saved 1 page as %1.").arg(path),
                                      Texts::tr("Saved %2 pages as %1.").arg(path, QStringLiteral("%1"))));
        accept();
    }
}

} // namespace

void showPrintWindow(EntrySession &session, const Appearance &appearance, QWidget *parent)
{
    if (!session.moves().leave()) { // what is typed is stored first, or it would not be on paper
        return;
    }
    PrintWindow window(session, appearance, parent);
    window.exec();
}

} // namespace nabblet
