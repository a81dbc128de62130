#include "core/paper/paper_setup.h"

#include <QDateTime>
#include <QJsonObject>

#include <algorithm>

namespace nabblet {

namespace {

constexpr double PixelsPerMillimetre = 96 / 25.4;
constexpr double Margin = 14;  // mm
constexpr double LineRoom = 8; // mm, for the words at the top or the foot

const PaperSize &sizeNamed(const QString &name)
{
    const QList<PaperSize> &all = paperSizes();
    const auto found = std::find_if(all.begin(), all.end(), [&](const PaperSize &size) { return size.name == name; });
    return found == all.end() ? all.first() : *found;
}

std::optional<PaperSetup> fromJson(const QJsonValue &json)
{
    if (!json.isObject()) {
        return std::nullopt;
    }
    const QJsonObject object = json.toObject();
    PaperSetup setup;
    setup.size = sizeNamed(object.value(QStringLiteral("size")).toString()).name;
    setup.isLandscape = object.value(QStringLiteral("landscape")).toBool();
    setup.boxes = object.value(QStringLiteral("boxes")).toString() == QLatin1String("words") ? PaperBoxes::AsWords
                                                                                             : PaperBoxes::AsBoxes;
    setup.isPageEach = object.value(QStringLiteral("pageEach")).toBool();
    setup.head = object.value(QStringLiteral("head")).toString();
    setup.foot = object.value(QStringLiteral("foot")).toString(setup.foot);
    return setup;
}

QJsonValue toJson(const PaperSetup &setup)
{
    const PaperSetup usual;
    if (setup == usual) {
        return QJsonValue::Undefined;
    }
    QJsonObject object;
    if (setup.size != usual.size) {
        object.insert(QStringLiteral("size"), setup.size);
    }
    if (setup.isLandscape) {
        object.insert(QStringLiteral("landscape"), true);
    }
    if (setup.boxes == PaperBoxes::AsWords) {
        object.insert(QStringLiteral("boxes"), QStringLiteral("words"));
    }
    if (setup.isPageEach) {
        object.insert(QStringLiteral("pageEach"), true);
    }
    if (setup.head != usual.head) {
        object.insert(QStringLiteral("head"), setup.head);
    }
    if (setup.foot != usual.foot) {
        object.insert(QStringLiteral("foot"), setup.foot);
    }
    return object;
}

} // namespace

namespace setting {

constinit const ControlSetting<PaperSetup> Paper{"paper", fromJson, toJson};

} // namespace setting

const QList<PaperSize> &paperSizes()
{
    // ISO 216 and ANSI/ASME Y14.1.
    static const QList<PaperSize> all{{QStringLiteral("A4"), {210, 297}},
                                      {QStringLiteral("A5"), {148, 210}},
                                      {QStringLiteral("A3"), {297, 420}},
                                      {QStringLiteral("Letter"), {215.9, 279.4}},
                                      {QStringLiteral("Legal"), {215.9, 355.6}}};
    return all;
}

QSize pageSize(const PaperSetup &setup)
{
    const QSizeF upright = sizeNamed(setup.size).millimetres * PixelsPerMillimetre;
    const QSize size(qRound(upright.width()), qRound(upright.height()));
    return setup.isLandscape ? size.transposed() : size;
}

QRect pageRoom(const PaperSetup &setup)
{
    const auto pixels = [](double millimetres) { return qRound(millimetres * PixelsPerMillimetre); };
    const int above = pixels(Margin + (setup.head.isEmpty() ? 0 : LineRoom));
    const int below = pixels(Margin + (setup.foot.isEmpty() ? 0 : LineRoom));
    return QRect(QPoint(0, 0), pageSize(setup)).adjusted(pixels(Margin), above, -pixels(Margin), -below);
}

PaperSetup paperOf(const Form &form)
{
    return form.settings.value(setting::Paper, PaperSetup());
}

Form withPaper(const Form &form, const PaperSetup &setup)
{
    Form changed = form;
    changed.settings.set(setting::Paper, setup);
    return changed;
}

QStringList pageLine(const QString &line, const PageWords &words, const QLocale &locale)
{
    QStringList parts = line.split(u'|');
    for (QString &part : parts) {
        part = part.trimmed();
        part.replace(QLatin1String("{title}"), words.title);
        part.replace(QLatin1String("{record}"), words.record);
        part.replace(QLatin1String("{date}"), locale.toString(words.when.date(), QLocale::ShortFormat));
        part.replace(QLatin1String("{time}"), locale.toString(words.when.time(), QLocale::ShortFormat));
        part.replace(QLatin1String("{page}"), locale.toString(words.page));
        part.replace(QLatin1String("{pages}"), words.pages > 0 ? locale.toString(words.pages) : QStringLiteral("…"));
    }
    while (parts.size() < 3) {
        parts.append(QString());
    }
    return parts;
}

} // namespace nabblet
