#include "core/draft/draft.h"

#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

// Distances of a draft, px, all on the usual grid of 8.
constexpr int Margin = 16;
constexpr int RowGap = 8;
constexpr int LineHeight = 24;
constexpr int ColumnGap = 24;
constexpr int LeastBox = 64;
constexpr int MostBox = 264;
constexpr int HeaderHeight = 56;

QString capitalised(QString text)
{
    if (!text.isEmpty()) {
        text[0] = text.at(0).toUpper();
    }
    return text;
}

QString nameFromPattern(const QString &pattern, const QString &kind, const QString &column)
{
    QString name = pattern;
    name.replace(QLatin1String("{kind}"), kind).replace(QLatin1String("{column}"), column);
    return identifierFromText(name);
}

bool isWide(const Control &field)
{
    const Editor editor = kindNamed(field.kind).editor;
    return editor == Editor::LongText || editor == Editor::Image;
}

// A field waiting for its place.
struct Piece
{
    Control field;
    QString caption;
    int captionWidth = 0;
    QSize size;
};

QList<Piece> piecesOf(const Catalogue &catalogue, const Table &table, const TextMeasure &measure)
{
    QList<Piece> pieces;
    QList<Piece> wide;
    const int character = usualCharacter(measure);
    for (const Column &column : table.columns) {
        if (column.numbersItself) {
            continue;
        }
        Piece piece;
        piece.field = draftField(catalogue, table, column);
        piece.caption = captionFromColumn(column.name, table.name);
        piece.captionWidth = measure.width(piece.caption, TextRole::Caption) + 1;
        const Kind &kind = kindNamed(piece.field.kind);
        piece.size = QSize(draftWidth(catalogue, column, piece.field, measure, character), kind.usualSize.height());
        (isWide(piece.field) ? wide : pieces).append(piece);
    }
    // Pictures before long text: the long text then closes the form at its full width.
    std::stable_partition(wide.begin(), wide.end(), [](const Piece &piece) {
        return kindNamed(piece.field.kind).editor == Editor::Image;
    });
    return pieces + wide;
}

// Puts controls on the form with sound names and ids in a row.
class Placer
{
public:
    Placer(Form &form, QString pattern) : m_form(form), m_pattern(std::move(pattern)) {}

    ControlId place(Control control, const QRect &where)
    {
        const Kind &kind = kindNamed(control.kind);
        control.id = ++m_lastId;
        control.place = where;
        const QString base = control.column.isEmpty() ? control.name : control.column;
        control.name = m_names.take(nameFromPattern(m_pattern, kind.shortName, base));
        m_form.controls.append(control);
        return control.id;
    }

    // A field with its caption, the caption ending on the rail, the box starting on it.
    void placeField(const Piece &piece, const Rail &rail, int y, int width, bool stretches)
    {
        Control field = piece.field;
        field.rides.left = rail.id;
        field.rides.right = stretches ? FixedRail::FormRight : FixedRail::None;
        const ControlId id = place(field, QRect(rail.position, y, width, piece.size.height()));

        Control caption;
        caption.kind = QStringLiteral("caption");
        caption.role = QStringLiteral("caption");
        caption.column.clear();
        caption.name = field.column;
        caption.text = piece.caption;
        caption.captionFor = id;
        caption.rides.right = rail.id;
        place(caption, QRect(rail.position - CaptionGap - piece.captionWidth, y, piece.captionWidth, LineHeight));
    }

private:
    Form &m_form;
    QString m_pattern;
    NamePool m_names;
    ControlId m_lastId = 0;
};

int longestCaption(const QList<Piece> &pieces)
{
    int longest = 0;
    for (const Piece &piece : pieces) {
        longest = std::max(longest, piece.captionWidth);
    }
    return longest;
}

int widestBox(const QList<Piece> &pieces)
{
    int widest = LeastBox;
    for (const Piece &piece : pieces) {
        widest = std::max(widest, piece.size.width());
    }
    return widest;
}

// Cuts the pieces into columns whose heights differ as little as their order allows.
QList<QList<Piece>> inColumns(const QList<Piece> &pieces, int columns)
{
    QList<QList<Piece>> result;
    const qsizetype each = (pieces.size() + columns - 1) / std::max(1, columns);
    for (qsizetype i = 0; i < pieces.size(); i += each) {
        result.append(pieces.mid(i, each));
    }
    return result;
}

} // namespace

Control draftField(const Catalogue &catalogue, const Table &table, const Column &column)
{
    Control field;
    field.kind = kindForColumn(table, column);
    field.column = column.name;
    field.role = QStringLiteral("field");
    const ForeignKey *link = findLink(table, column.name);
    const Table *parent = link ? findTable(catalogue, link->parentTable) : nullptr;
    if (link && parent) {
        const QString value = link->parentColumns.isEmpty() ? parent->primaryKey.value(0) : link->parentColumns.first();
        field.settings.insert(QStringLiteral("lookup"), QJsonObject{{QStringLiteral("table"), parent->name},
                                                                    {QStringLiteral("value"), value},
                                                                    {QStringLiteral("words"), namingColumn(*parent)}});
    } else if (field.kind == QLatin1String("drop-down")) {
        QJsonArray choices;
        for (const QVariant &choice : column.choices) {
            choices.append(QJsonObject{{QStringLiteral("value"), QJsonValue::fromVariant(choice)},
                                       {QStringLiteral("words"), capitalised(choice.toString())}});
        }
        field.settings.insert(QStringLiteral("choices"), choices);
    }
    if (column.length && kindNamed(field.kind).editor != Editor::Choice) {
        field.settings.insert(QStringLiteral("length"), *column.length);
    }
    if (field.kind == QLatin1String("decimal-number") && column.decimals) {
        field.settings.insert(QStringLiteral("decimals"), *column.decimals);
    }
    if (column.isGenerated || table.kind == TableKind::View) {
        field.settings.insert(QStringLiteral("locked"), true);
    }
    return field;
}

int usualCharacter(const TextMeasure &measure)
{
    return std::max(1, measure.width(QStringLiteral("nnnnnnnnnn"), TextRole::Field) / 10);
}

int draftWidth(const Catalogue &catalogue, const Column &column, const Control &field, const TextMeasure &measure, int character)
{
    constexpr int Grid = 8;
    const Kind &kind = kindNamed(field.kind);
    int width = kind.usualSize.width();
    if (kind.editor == Editor::Choice) {
        int words = 0;
        for (const Choice &choice : fixedChoices(field)) {
            words = std::max(words, measure.width(choice.words, TextRole::Field));
        }
        if (const std::optional<Lookup> lookup = lookupOf(field)) {
            const Table *parent = findTable(catalogue, lookup->table);
            const Column *shown = parent ? findColumn(*parent, lookup->wordsColumn) : nullptr;
            words = character * std::clamp(shown ? shown->length.value_or(24) : 24, 8, 32);
        }
        width = words + 2 * BoxPadding + BoxButtonWidth;
    } else if (kind.editor == Editor::Line && column.type == ColumnType::Text) {
        width = character * std::min(column.length.value_or(32), 40) + 2 * BoxPadding;
    } else if (kind.name == QLatin1String("date") || kind.name == QLatin1String("date-time")) {
        // The widest that stands there: a day of two figures, a time with seconds.
        const bool hasTime = kind.name == QLatin1String("date-time");
        const QString widest = kind.words(field, hasTime ? QStringLiteral("2028-09-28 20:48:48") : QStringLiteral("2028-09-28"), QLocale());
        width = measure.width(widest, TextRole::Field) + 2 * BoxPadding + BoxButtonWidth;
    } else if (kind.editor == Editor::Tick || kind.editor == Editor::Image) {
        return onGridAtOrAfter(width, Grid);
    }
    return std::clamp(onGridAtOrAfter(width, Grid), LeastBox, MostBox);
}

BoundColumn rememberColumn(const Table &table, const Column &column)
{
    BoundColumn bound;
    bound.column = column.name;
    bound.declaredType = column.declaredType;
    bound.length = column.length;
    bound.isRequired = column.isRequired;
    const ForeignKey *link = findLink(table, column.name);
    bound.linksTo = link ? link->parentTable : QString();
    return bound;
}

Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure, const DraftOptions &options)
{
    Form form;
    form.name = identifierFromText(table.name);
    form.title = titleFromTable(table.name);
    form.rowSource = table.name;
    const int pitch = form.grid.pitch;
    if (table.kind == TableKind::View) {
        form.permissions = {true, false, false, false};
    }

    const QList<Piece> pieces = piecesOf(catalogue, table, measure);
    const auto firstWide = std::find_if(pieces.begin(), pieces.end(), [](const Piece &piece) { return isWide(piece.field); });
    const QList<Piece> narrow(pieces.begin(), firstWide);
    const QList<Piece> wide(firstWide, pieces.end());
    const int columns = options.columnsOfBoxes > 0 ? std::min(options.columnsOfBoxes, 4) : narrow.size() > 10 ? 2 : 1;

    // Rails first: each column of boxes has one, clear of its longest caption.
    QList<QList<Piece>> boxes = inColumns(narrow, columns);
    if (boxes.isEmpty()) {
        boxes.append(QList<Piece>());
    }
    int x = Margin;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        const QList<Piece> ending = i == 0 ? boxes.at(i) + wide : boxes.at(i);
        Rail rail;
        rail.id = FixedRail::FirstFree + static_cast<int>(i);
        rail.name = i == 0 ? QStringLiteral("captions") : QStringLiteral("captions %1").arg(i + 1);
        rail.isAutomatic = true;
        rail.captionsFrom = x;
        rail.position = onGridAtOrAfter(x + longestCaption(ending) + CaptionGap, pitch);
        form.rails.append(rail);
        x = rail.position + widestBox(boxes.at(i)) + ColumnGap;
    }
    const int right = std::max({x - ColumnGap, form.rails.first().position + (wide.isEmpty() ? 0 : MostBox), 320});
    form.width = right + Margin;

    Placer placer(form, options.namingPattern);
    Control title;
    title.kind = QStringLiteral("caption");
    title.role = QStringLiteral("title");
    title.name = QStringLiteral("title");
    title.text = form.title;
    title.band = BandRole::Header;
    placer.place(title, QRect(Margin, 8, captionWidth(title, measure), 40));

    int lowest = Margin;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        int y = Margin;
        for (const Piece &piece : boxes.at(i)) {
            placer.placeField(piece, form.rails.at(i), y, piece.size.width(), false);
            y += piece.size.height() + RowGap;
        }
        lowest = std::max(lowest, y);
    }
    for (const Piece &piece : wide) {
        const bool stretches = kindNamed(piece.field.kind).editor == Editor::LongText;
        const Rail &rail = form.rails.first();
        const int width = stretches ? form.width - Margin - rail.position : piece.size.width();
        placer.placeField(piece, rail, lowest, width, stretches);
        lowest += piece.size.height() + RowGap;
    }

    form.bands = {Band{BandRole::Header, HeaderHeight, {}},
                  Band{BandRole::Body, onGridAtOrAfter(lowest - RowGap + Margin, pitch), {}}};
    QSet<QString> bound;
    for (const Control &control : form.controls) {
        bound.insert(control.column);
    }
    for (const Column &column : table.columns) {
        if (bound.contains(column.name)) {
            form.boundColumns.append(rememberColumn(table, column));
        }
    }
    return form;
}

} // namespace nabblet
