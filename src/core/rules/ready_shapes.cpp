#include "core/rules/ready_shapes.h"

#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

QString lettersAndFigures(const QString &text)
{
    QString kept;
    for (const QChar c : text) {
        if (c.isLetterOrNumber()) {
            kept.append(c.toUpper());
        }
    }
    return kept;
}

// The remainder of ISO 7064 MOD 97-10 over figures and letters (A is 10, Z is 35).
bool isMod97(const QString &text)
{
    QString turned = lettersAndFigures(text);
    turned = turned.mid(4) + turned.left(4);
    int rest = 0;
    for (const QChar c : std::as_const(turned)) {
        const int value = c.isDigit() ? c.digitValue() : c.unicode() - u'A' + 10;
        rest = (rest * (value > 9 ? 100 : 10) + value) % 97;
    }
    return rest == 1;
}

// ISO/IEC 7812-1, annex B: every second figure from the right counts twice.
bool isLuhn(const QString &text)
{
    const QString figures = lettersAndFigures(text);
    int sum = 0;
    for (qsizetype i = 0; i < figures.size(); ++i) {
        int value = figures.at(figures.size() - 1 - i).digitValue();
        value = i % 2 == 1 ? value * 2 : value;
        sum += value > 9 ? value - 9 : value;
    }
    return sum % 10 == 0;
}

// The GS1 check digit: figures count three and one in turn, from the right.
bool isGs1(const QString &text)
{
    const QString figures = lettersAndFigures(text);
    int sum = 0;
    for (qsizetype i = 0; i < figures.size(); ++i) {
        sum += figures.at(figures.size() - 1 - i).digitValue() * (i % 2 == 1 ? 3 : 1);
    }
    return sum % 10 == 0;
}

// ISBN-13 is a GS1 number; of ISBN-10 the weighted sum is a multiple of 11, and X is ten (ISO 2108).
bool isIsbn(const QString &text)
{
    const QString figures = lettersAndFigures(text);
    if (figures.size() == 13) {
        return isGs1(figures);
    }
    int sum = 0;
    for (int i = 0; i < figures.size(); ++i) {
        sum += (10 - i) * (figures.at(i) == u'X' ? 10 : figures.at(i).digitValue());
    }
    return sum % 11 == 0;
}

QString inFours(const QString &text)
{
    const QString all = lettersAndFigures(text);
    QStringList parts;
    for (qsizetype i = 0; i < all.size(); i += 4) {
        parts.append(all.mid(i, 4));
    }
    return parts.join(u' ');
}

QString inCapitals(const QString &text)
{
    return text.simplified().toUpper();
}

QString inSmallLetters(const QString &text)
{
    return text.trimmed().toLower();
}

} // namespace

const QList<ReadyShape> &readyShapes()
{
    static const QList<ReadyShape> table{
        {"phone", Texts::later("Phone number, with its country (E.164)"), "+44 1632 960114", R"(\+[1-9][\d ]{6,18}\d)",
         [](const QString &text) {
             const qsizetype figures = lettersAndFigures(text).size();
             return figures >= 7 && figures <= 15;
         }},
        {"mail", Texts::later("E-mail address"), "name@example.org",
         R"([\w.!#$%&'*+/=?^`{|}~-]+@[\p{L}\d](?:[\p{L}\d-]*[\p{L}\d])?(?:\.[\p{L}\d](?:[\p{L}\d-]*[\p{L}\d])?)+)",
         nullptr, inSmallLetters},
        {"web", Texts::later("Web address"), "https://example.org",
         R"((?:https?://)?[\p{L}\d](?:[\p{L}\d-]*[\p{L}\d])?(?:\.[\p{L}\d](?:[\p{L}\d-]*[\p{L}\d])?)+(?::\d{1,5})?(?:[/?#]\S*)?)"},
        {"iban", Texts::later("Bank account (IBAN)"), "GB82 WEST 1234 5698 7654 32",
         R"([A-Za-z]{2}\d{2}(?: ?[A-Za-z\d]){11,30})", isMod97, inFours},
        {"isbn", Texts::later("Book number (ISBN)"), "978-0-306-40615-7", R"((?:97[89][ -]?)?(?:\d[ -]?){9}[\dXx])",
         isIsbn},
        {"ean", Texts::later("Article number (EAN)"), "4006381333931", R"(\d{8}|\d{12,14})", isGs1},
        {"card", Texts::later("Card number"), "4000 0012 3456 7899", R"((?:\d[ -]?){11,18}\d)", isLuhn, inFours},
        {"time-span", Texts::later("Time span"), "1:30", R"(\d{1,4}:[0-5]\d(?::[0-5]\d)?)"},
        {"degrees", Texts::later("Position in degrees"), "54.60123, -3.45012",
         R"([+-]?(?:[0-8]?\d(?:\.\d+)?|90(?:\.0+)?) ?[,;] ?[+-]?(?:1[0-7]\d(?:\.\d+)?|180(?:\.0+)?|\d{1,2}(?:\.\d+)?))"},
        {"degrees-minutes", Texts::later("Position in degrees and minutes"), "54°36.07'N 003°27.01'W",
         R"((?:[0-8]?\d|90)°[0-5]?\d(?:\.\d+)?['′] ?[NSns][ ,]+(?:1[0-7]\d|180|\d{1,2}|0\d\d)°[0-5]?\d(?:\.\d+)?['′] ?[EWew])",
         nullptr, inCapitals},
        {"degrees-minutes-seconds", Texts::later("Position in degrees, minutes and seconds"),
         "54°36'04\"N 003°27'01\"W",
         R"((?:[0-8]?\d|90)°[0-5]?\d['′][0-5]?\d(?:\.\d+)?["″] ?[NSns][ ,]+(?:1[0-7]\d|180|\d{1,2}|0\d\d)°[0-5]?\d['′][0-5]?\d(?:\.\d+)?["″] ?[EWew])",
         nullptr, inCapitals},
        {"post-gb", Texts::later("Post code, United Kingdom"), "CA14 2BU",
         R"((?:[A-Za-z]{1,2}\d[A-Za-z\d]?|[Gg][Ii][Rr]) ?\d[A-Za-z]{2})", nullptr,
         [](const QString &text) {
             const QString all = lettersAndFigures(text);
             return all.left(all.size() - 3) + u' ' + all.right(3);
         }},
        {"post-at", Texts::later("Post code, Austria"), "1010", R"([1-9]\d{3})"},
        {"post-au", Texts::later("Post code, Australia"), "2000", R"(\d{4})"},
        {"post-be", Texts::later("Post code, Belgium"), "1000", R"([1-9]\d{3})"},
        {"post-br", Texts::later("Post code, Brazil"), "01310-100", R"(\d{5}-?\d{3})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(5) + u'-' + lettersAndFigures(text).mid(5); }},
        {"post-ca", Texts::later("Post code, Canada"), "K1A 0B1",
         R"([ABCEGHJ-NPRSTVXYabceghj-nprstvxy]\d[A-Za-z] ?\d[A-Za-z]\d)", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(3) + u' ' + lettersAndFigures(text).mid(3); }},
        {"post-ch", Texts::later("Post code, Switzerland"), "8001", R"([1-9]\d{3})"},
        {"post-cz", Texts::later("Post code, Czechia"), "110 00", R"(\d{3} ?\d{2})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(3) + u' ' + lettersAndFigures(text).mid(3); }},
        {"post-de", Texts::later("Post code, Germany"), "20095", R"(\d{5})"},
        {"post-dk", Texts::later("Post code, Denmark"), "1050", R"(\d{4})"},
        {"post-es", Texts::later("Post code, Spain"), "28001", R"((?:0[1-9]|[1-4]\d|5[0-2])\d{3})"},
        {"post-fi", Texts::later("Post code, Finland"), "00100", R"(\d{5})"},
        {"post-fr", Texts::later("Post code, France"), "75001", R"(\d{5})"},
        {"post-ie", Texts::later("Post code, Ireland"), "D02 X285", R"([A-Za-z]\d[\dWw] ?[A-Za-z\d]{4})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(3) + u' ' + lettersAndFigures(text).mid(3); }},
        {"post-it", Texts::later("Post code, Italy"), "00184", R"(\d{5})"},
        {"post-jp", Texts::later("Post code, Japan"), "100-0001", R"(\d{3}-?\d{4})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(3) + u'-' + lettersAndFigures(text).mid(3); }},
        {"post-nl", Texts::later("Post code, Netherlands"), "1012 JS", R"([1-9]\d{3} ?[A-Za-z]{2})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(4) + u' ' + lettersAndFigures(text).mid(4); }},
        {"post-no", Texts::later("Post code, Norway"), "0150", R"(\d{4})"},
        {"post-pl", Texts::later("Post code, Poland"), "00-950", R"(\d{2}-?\d{3})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(2) + u'-' + lettersAndFigures(text).mid(2); }},
        {"post-pt", Texts::later("Post code, Portugal"), "1000-205", R"(\d{4}-?\d{3})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(4) + u'-' + lettersAndFigures(text).mid(4); }},
        {"post-se", Texts::later("Post code, Sweden"), "111 29", R"(\d{3} ?\d{2})", nullptr,
         [](const QString &text) { return lettersAndFigures(text).left(3) + u' ' + lettersAndFigures(text).mid(3); }},
        {"post-us", Texts::later("Post code, United States"), "20500-0003", R"(\d{5}(?:-\d{4})?)"},
    };
    return table;
}

const ReadyShape *readyShape(const QString &name)
{
    const auto found = std::find_if(readyShapes().begin(), readyShapes().end(),
                                    [&](const ReadyShape &shape) { return name == QLatin1String(shape.name); });
    return found == readyShapes().end() ? nullptr : &*found;
}

QString readyShapeTitle(const ReadyShape &shape)
{
    return Texts::tr(shape.title);
}

} // namespace nabblet
