// A workbook by ECMA-376, written with libxlsxwriter row by row in memory that does not grow. Numbers, days and times
// are what they are there, not texts.
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"

#include <QDateTime>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryFile>

#include <xlsxwriter.h>

#include <cstdio>

namespace nabblet {

namespace {

constexpr int MostRows = 1'048'576; // of a sheet, the heads among them
constexpr int MostLetters = 32'767; // of a cell
constexpr double ColumnWidth = 16;  // letters

class Workbook : public RowFile
{
public:
    explicit Workbook(const QString &path) : m_path(path) {}
    ~Workbook() override
    {
        if (m_book) {
            workbook_close(m_book);
        }
    }

    Outcome begin(const QString &title, const QList<ExportColumn> &columns) override
    {
        m_columns = columns;
        // Beside the file, so that it takes its name in one go.
        m_written.setFileTemplate(QFileInfo(m_path).absolutePath() + QStringLiteral("/.nabblet-XXXXXX"));
        if (!m_written.open()) {
            return refused(m_written.errorString());
        }
        m_written.close();
        lxw_workbook_options options{};
        options.constant_memory = LXW_TRUE;
        m_book = workbook_new_opt(QFile::encodeName(m_written.fileName()).constData(), &options);
        lxw_doc_properties about{};
        QByteArray titleBytes = title.toUtf8();
        about.title = titleBytes.data();
        workbook_set_properties(m_book, &about);
        m_sheet = workbook_add_worksheet(m_book, nullptr);
        m_head = workbook_add_format(m_book);
        format_set_bold(m_head);
        m_wrapped = workbook_add_format(m_book);
        format_set_text_wrap(m_wrapped);
        m_day = workbook_add_format(m_book);
        format_set_num_format(m_day, "yyyy-mm-dd");
        m_moment = workbook_add_format(m_book);
        format_set_num_format(m_moment, "yyyy-mm-dd hh:mm:ss");
        m_time = workbook_add_format(m_book);
        format_set_num_format(m_time, "hh:mm:ss");
        worksheet_freeze_panes(m_sheet, 1, 0);
        worksheet_set_column(m_sheet, 0, static_cast<lxw_col_t>(std::max<qsizetype>(0, columns.size() - 1)),
                             ColumnWidth, nullptr);
        for (qsizetype i = 0; i < columns.size(); ++i) {
            worksheet_write_string(m_sheet, 0, static_cast<lxw_col_t>(i), columns.at(i).head.toUtf8().constData(),
                                   m_head);
        }
        return Done{};
    }

    Outcome row(const QList<ExportCell> &cells) override
    {
        if (++m_row >= MostRows) {
            return Error{Texts::tr("A workbook holds no more than %L1 rows. Narrow them down, or write them as .csv.")
                             .arg(MostRows - 1),
                         {}};
        }
        for (qsizetype i = 0; i < cells.size(); ++i) {
            write(static_cast<lxw_col_t>(i), cells.at(i), m_columns.at(i));
        }
        return Done{};
    }

    Outcome end() override
    {
        const lxw_error error = workbook_close(std::exchange(m_book, nullptr));
        if (error != LXW_NO_ERROR) {
            return refused(QString::fromUtf8(lxw_strerror(error)));
        }
        QFile::setPermissions(m_written.fileName(),
                              QFile::ReadOwner | QFile::WriteOwner | QFile::ReadGroup | QFile::ReadOther);
        // rename() takes the place of what is there, which QFile::rename() does not.
        if (std::rename(QFile::encodeName(m_written.fileName()).constData(), QFile::encodeName(m_path).constData()) !=
            0) {
            return refused(qt_error_string());
        }
        m_written.setAutoRemove(false);
        return Done{};
    }

private:
    void write(lxw_col_t column, const ExportCell &cell, const ExportColumn &about)
    {
        if (!cell.value.isValid() || cell.value.isNull()) {
            return;
        }
        const QString text = plainText(cell, about);
        if (!about.isWords) {
            bool isNumber = false;
            switch (about.type) {
            case ColumnType::WholeNumber:
            case ColumnType::DecimalNumber: {
                constexpr int MostDigits = 15; // that a cell's number keeps
                const double number = text.toDouble(&isNumber);
                if (isNumber && text.size() <= MostDigits + 1) {
                    worksheet_write_number(m_sheet, m_row, column, number, nullptr);
                    return;
                }
                break;
            }
            case ColumnType::YesNo:
                if (text == QLatin1String("0") || text == QLatin1String("1")) {
                    worksheet_write_boolean(m_sheet, m_row, column, text == QLatin1String("1"), nullptr);
                    return;
                }
                break;
            case ColumnType::Date:
                if (writeMoment(column, QDateTime::fromString(text + QLatin1String("T00:00:00"), Qt::ISODate), m_day)) {
                    return;
                }
                break;
            case ColumnType::DateTime:
                if (writeMoment(column, QDateTime::fromString(text, Qt::ISODateWithMs), m_moment)) {
                    return;
                }
                break;
            case ColumnType::Time:
                if (const QTime time = QTime::fromString(text, Qt::ISODateWithMs); time.isValid()) {
                    constexpr double Day = 24.0 * 60 * 60 * 1000;
                    worksheet_write_number(m_sheet, m_row, column, time.msecsSinceStartOfDay() / Day, m_time);
                    return;
                }
                break;
            default:
                break;
            }
        }
        worksheet_write_string(m_sheet, m_row, column, text.left(MostLetters).toUtf8().constData(),
                               text.contains(u'\n') ? m_wrapped : nullptr);
    }

    bool writeMoment(lxw_col_t column, const QDateTime &moment, lxw_format *format)
    {
        if (!moment.isValid() || moment.date().year() < 1900 || moment.date().year() > 9999) {
            return false; // workbooks know no other years
        }
        lxw_datetime written{moment.date().year(),   moment.date().month(),
                             moment.date().day(),    moment.time().hour(),
                             moment.time().minute(), moment.time().second() + moment.time().msec() / 1000.0};
        worksheet_write_datetime(m_sheet, m_row, column, &written, format);
        return true;
    }

    Outcome refused(const QString &why) const
    {
        return Error{Texts::tr("%1 cannot be written. Choose another place, or make room there.").arg(m_path), why};
    }

    QString m_path;
    QTemporaryFile m_written;
    lxw_workbook *m_book = nullptr;
    lxw_worksheet *m_sheet = nullptr;
    lxw_format *m_head = nullptr;
    lxw_format *m_wrapped = nullptr;
    lxw_format *m_day = nullptr;
    lxw_format *m_moment = nullptr;
    lxw_format *m_time = nullptr;
    lxw_row_t m_row = 0;
    QList<ExportColumn> m_columns;
};

std::unique_ptr<RowFile> make(const QString &path)
{
    return std::make_unique<Workbook>(path);
}

} // namespace

RowFileFormat xlsxRows()
{
    return {"xlsx", Texts::later("A workbook"), make};
}

} // namespace nabblet
