#include "core/rules/shapes.h"

#include "core/rules/ready_shapes.h"
#include "core/text/quotes.h"
#include "core/text/tr.h"

#include <QRegularExpression>

#include <algorithm>

namespace nabblet {

namespace {

ShapePart::Kind kindOf(QChar c)
{
    return c.isDigit()    ? ShapePart::Figures
           : c.isUpper()  ? ShapePart::Capitals
           : c.isLetter() ? ShapePart::SmallLetters
                          : ShapePart::Fixed;
}

// The runs of one example, each with its text.
Shape runsOf(const QString &example)
{
    Shape runs;
    for (const QChar c : example) {
        const ShapePart::Kind kind = kindOf(c);
        if (runs.isEmpty() || runs.last().kind != kind) {
            runs.append({kind, {}, 0, 0});
        }
        ShapePart &run = runs.last();
        run.text.append(c);
        run.least = run.most = static_cast<int>(run.text.size());
    }
    return runs;
}

bool areAlike(const Shape &a, const Shape &b)
{
    return a.size() == b.size() &&
           std::equal(a.begin(), a.end(), b.begin(), [](const ShapePart &x, const ShapePart &y) {
               return x.kind == y.kind && (x.kind != ShapePart::Fixed || x.text == y.text);
           });
}

bool fitsPart(const ShapePart &part, QChar c)
{
    switch (part.kind) {
    case ShapePart::Figures:
        return c.isDigit();
    case ShapePart::Capitals:
    case ShapePart::SmallLetters:
    case ShapePart::Letters:
        return c.isLetter();
    case ShapePart::Fixed:
        break;
    }
    return false;
}

QChar inCase(const ShapePart &part, QChar c)
{
    return part.kind == ShapePart::Capitals ? c.toUpper() : part.kind == ShapePart::SmallLetters ? c.toLower() : c;
}

QString partPattern(const ShapePart &part)
{
    if (part.kind == ShapePart::Fixed) {
        return QRegularExpression::escape(part.text);
    }
    const QString one = part.kind == ShapePart::Figures        ? QStringLiteral("\\d")
                        : part.kind == ShapePart::Capitals     ? QStringLiteral("\\p{Lu}")
                        : part.kind == ShapePart::SmallLetters ? QStringLiteral("\\p{Ll}")
                                                               : QStringLiteral("\\p{L}");
    return part.least == part.most ? (part.least == 1 ? one : QStringLiteral("%1{%2}").arg(one).arg(part.least))
                                   : QStringLiteral("%1{%2,%3}").arg(one).arg(part.least).arg(part.most);
}

// A pattern from a stranger must not search for ever: PCRE gives up after so many steps
// (https://www.pcre.org/current/doc/html/pcre2pattern.html, "Setting match resource limits").
QRegularExpression expressionOf(const QString &pattern)
{
    return QRegularExpression(QStringLiteral("(*LIMIT_MATCH=100000)(*LIMIT_DEPTH=2000)\\A(?:%1)\\z").arg(pattern),
                              QRegularExpression::UseUnicodePropertiesOption);
}

// How far a text goes along a shape. Where a run may end or go on, it goes on as long as it can.
struct Along
{
    QString text;         // as the shape writes it
    bool isWithin = true; // all of the text was taken
    bool isWhole = false; // the shape is at its end
};

// letsOut: whether the text may leave out fixed signs.
Along along(const Shape &shape, const QString &text, bool letsOut)
{
    Along result;
    qsizetype at = 0;
    for (qsizetype i = 0; i < shape.size(); ++i) {
        const ShapePart &part = shape.at(i);
        if (part.kind == ShapePart::Fixed) {
            if (at >= text.size() && !letsOut) {
                return result;
            }
            qsizetype taken = 0;
            while (taken < part.text.size() && at + taken < text.size() &&
                   part.text.at(taken).toCaseFolded() == text.at(at + taken).toCaseFolded()) {
                ++taken;
            }
            const bool isCut = taken < part.text.size() && at + taken >= text.size() && at < text.size();
            if (isCut && !letsOut) { // the text ends within it
                result.text.append(part.text.left(taken));
                return result;
            }
            if (taken < part.text.size() && taken > 0 && part.text.at(0).isLetter()) {
                result.isWithin = false;
                return result;
            }
            at += taken == part.text.size() ? taken : 0;
            result.text.append(part.text);
            continue;
        }
        int taken = 0;
        while (taken < part.most && at < text.size() && fitsPart(part, text.at(at))) {
            result.text.append(inCase(part, text.at(at)));
            ++at;
            ++taken;
        }
        if (at >= text.size() && (taken < part.least || i + 1 < shape.size())) {
            // The end of what is typed: a run that can hold no more is followed by its sign.
            const bool isFull = taken == part.most;
            if (isFull && !letsOut && i + 1 < shape.size() && shape.at(i + 1).kind == ShapePart::Fixed) {
                result.text.append(shape.at(i + 1).text);
                result.isWhole = i + 2 == shape.size();
            } else if (letsOut && taken >= part.least) {
                continue; // whole only if nothing but signs is left
            }
            return result;
        }
        if (taken < part.least) {
            result.isWithin = false;
            return result;
        }
    }
    result.isWithin = at == text.size();
    result.isWhole = result.isWithin;
    return result;
}

} // namespace

QList<Shape> shapesFrom(const QStringList &examples)
{
    struct Group
    {
        Shape shape;
        QList<QStringList> texts; // of each run, by the example
    };
    QList<Group> groups;
    for (const QString &each : examples) {
        const Shape runs = runsOf(each.trimmed());
        if (runs.isEmpty()) {
            continue;
        }
        auto group =
            std::find_if(groups.begin(), groups.end(), [&](const Group &known) { return areAlike(known.shape, runs); });
        if (group == groups.end()) {
            groups.append({runs, QList<QStringList>(runs.size())});
            group = groups.end() - 1;
        }
        for (qsizetype i = 0; i < runs.size(); ++i) {
            group->texts[i].append(runs.at(i).text);
            group->shape[i].least = std::min(group->shape.at(i).least, runs.at(i).least);
            group->shape[i].most = std::max(group->shape.at(i).most, runs.at(i).most);
        }
    }
    QList<Shape> shapes;
    for (Group &group : groups) {
        for (qsizetype i = 0; i < group.shape.size(); ++i) {
            ShapePart &part = group.shape[i];
            QStringList different = group.texts.at(i);
            different.removeDuplicates();
            const bool isLetters = part.kind == ShapePart::Capitals || part.kind == ShapePart::SmallLetters;
            if (isLetters && group.texts.at(i).size() > 1 && different.size() == 1) {
                part = {ShapePart::Fixed, different.first(), 0, 0};
            }
            if (part.kind != ShapePart::Fixed) {
                part.text.clear();
            } else {
                part.least = part.most = 0;
            }
        }
        // Fixed runs side by side are one.
        Shape shape;
        for (const ShapePart &part : std::as_const(group.shape)) {
            if (part.kind == ShapePart::Fixed && !shape.isEmpty() && shape.last().kind == ShapePart::Fixed) {
                shape.last().text += part.text;
            } else {
                shape.append(part);
            }
        }
        shapes.append(shape);
    }
    return shapes;
}

QString shapeInWords(const Shape &shape)
{
    QStringList parts;
    for (const ShapePart &part : shape) {
        const QString count = part.least == part.most ? QString::number(part.least)
                                                      : Texts::tr("%1 to %2").arg(part.least).arg(part.most);
        const bool isOne = part.most == 1 && part.least == 1;
        switch (part.kind) {
        case ShapePart::Fixed:
            parts.append(inQuotes(part.text));
            break;
        case ShapePart::Figures:
            parts.append(isOne ? Texts::tr("1 figure") : Texts::tr("%1 figures").arg(count));
            break;
        case ShapePart::Capitals:
            parts.append(isOne ? Texts::tr("1 capital") : Texts::tr("%1 capitals").arg(count));
            break;
        case ShapePart::SmallLetters:
            parts.append(isOne ? Texts::tr("1 small letter") : Texts::tr("%1 small letters").arg(count));
            break;
        case ShapePart::Letters:
            parts.append(isOne ? Texts::tr("1 letter") : Texts::tr("%1 letters").arg(count));
            break;
        }
    }
    return parts.join(Texts::tr(", "));
}

QString patternOf(const Rule &shape)
{
    if (const ReadyShape *ready = readyShape(shape.ready)) {
        return QString::fromUtf8(ready->pattern);
    }
    if (!shape.pattern.trimmed().isEmpty()) {
        return shape.pattern.trimmed();
    }
    QStringList patterns;
    for (const Shape &each : shapesFrom(shape.examples)) {
        QString pattern;
        for (const ShapePart &part : each) {
            pattern += partPattern(part);
        }
        patterns.append(pattern);
    }
    return patterns.join(u'|');
}

QString patternMistake(const QString &pattern)
{
    const QRegularExpression expression(pattern, QRegularExpression::UseUnicodePropertiesOption);
    return pattern.isEmpty() || expression.isValid() ? QString()
                                                     : Texts::tr("This is no regular expression: %1, at letter %2.")
                                                           .arg(expression.errorString())
                                                           .arg(expression.patternErrorOffset());
}

bool hasShape(const Rule &shape, const QString &text)
{
    const QString pattern = patternOf(shape);
    if (pattern.isEmpty() || text.isEmpty()) {
        return true;
    }
    const QRegularExpression expression = expressionOf(pattern);
    if (!expression.isValid()) {
        return true; // one that cannot be read refuses nothing; it is said while designing
    }
    const ReadyShape *ready = readyShape(shape.ready);
    return expression.match(text).hasMatch() && (!ready || !ready->isRight || ready->isRight(text));
}

QString shapeHint(const Rule &shape)
{
    if (const ReadyShape *ready = readyShape(shape.ready)) {
        return Texts::tr("such as %1").arg(QString::fromUtf8(ready->example));
    }
    if (!shape.examples.isEmpty()) {
        return Texts::tr("such as %1").arg(shape.examples.join(Texts::tr(" or ")));
    }
    return Texts::tr("by the pattern %1").arg(shape.pattern.trimmed());
}

QString whileTyped(const Rule &shape, const QString &text)
{
    if (!shape.ready.isEmpty() || !shape.pattern.trimmed().isEmpty() || text.isEmpty()) {
        return text;
    }
    // Only what all shapes that go so far agree on is put in.
    QString agreed;
    bool isFirst = true;
    for (const Shape &each : shapesFrom(shape.examples)) {
        const Along gone = along(each, text, false);
        if (!gone.isWithin) {
            continue;
        }
        if (isFirst) {
            agreed = gone.text;
        } else if (agreed != gone.text) {
            qsizetype same = 0;
            while (same < std::min(agreed.size(), gone.text.size()) && agreed.at(same) == gone.text.at(same)) {
                ++same;
            }
            agreed = agreed.left(same);
        }
        isFirst = false;
    }
    return isFirst || agreed.size() < text.size() ? text : agreed;
}

QString broughtIntoShape(const Rule &shape, const QString &text)
{
    const QString trimmed = text.trimmed();
    if (const ReadyShape *ready = readyShape(shape.ready)) {
        return ready->usual && hasShape(shape, trimmed) ? ready->usual(trimmed)
               : hasShape(shape, trimmed)               ? trimmed
                                                        : text;
    }
    if (trimmed.isEmpty() || hasShape(shape, text)) {
        return text;
    }
    QString bare;
    for (const QChar c : trimmed) {
        if (c.isLetterOrNumber()) {
            bare.append(c);
        }
    }
    for (const Shape &each : shape.pattern.trimmed().isEmpty() ? shapesFrom(shape.examples) : QList<Shape>()) {
        for (const QString &given : {trimmed, bare}) {
            const Along gone = along(each, given, true);
            if (gone.isWithin && gone.isWhole && hasShape(shape, gone.text)) {
                return gone.text;
            }
        }
    }
    return text;
}

} // namespace nabblet
