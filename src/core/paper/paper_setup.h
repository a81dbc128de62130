// How a form goes on to paper.
#pragma once

#include "core/model/form.h"

#include <QDateTime>
#include <QLocale>

namespace nabblet {

enum class PaperBoxes {
    AsBoxes, // with the boxes of the screen
    AsWords, // what stands in them, without boxes
};

struct PaperSetup
{
    QString size = QStringLiteral("A4"); // by the name of a paper size below
    bool isLandscape = false;
    PaperBoxes boxes = PaperBoxes::AsBoxes;
    bool isPageEach = false;                                            // each record begins a page
    QString head;                                                       // words at the top of each page, …
    QString foot = QStringLiteral("{title} | {date} | {page} / {pages}"); // … and at its foot: left, middle and right

    bool operator==(const PaperSetup &) const = default;
};

struct PaperSize
{
    QString name;       // in files and for people: "A4"
    QSizeF millimetres; // upright
};
const QList<PaperSize> &paperSizes();
// The size of a page, px of 1/96 inch, as it lies.
QSize pageSize(const PaperSetup &setup);
// What is free of margins on it, px.
QRect pageRoom(const PaperSetup &setup);

namespace setting {

extern const ControlSetting<PaperSetup> Paper;

} // namespace setting

PaperSetup paperOf(const Form &form);
Form withPaper(const Form &form, const PaperSetup &setup);

// What the words at the top and the foot of pages may ask for, filled in.
struct PageWords
{
    QString title;
    QString record; // the first on the page, in words
    int page = 1;   // from 1
    int pages = 0;  // 0: not known yet
    QDateTime when;
};
// The three parts of such a line: left, middle and right, parted by |.
QStringList pageLine(const QString &line, const PageWords &words, const QLocale &locale);

} // namespace nabblet
