#include "core/draft/draft.h"

#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/draft/box_sizes.h"
#include "core/draft/column_order.h"
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
constexpr int LineHeight = 24;
constexpr int ColumnGap = 24;
constexpr int InlineGap = 16;  // between a box and the caption of the next one in its row
constexpr int WidestRow = 376; // of several boxes, from the rail on
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

int rowGap(Spacing spacing)
{
    switch (spacing) {
    case Spacing::Tight:
        return 4;
    case Spacing::Comfortable:
        return 8;
    case Spacing::Roomy:
        return 16;
    }
    return 8;
}

// A field waiting for its place.
struct Piece
{
    Control field;
    QString caption;
    int captionWidth = 0;
    QSize size;
};
using PieceRow = QList<Piece>;      // side by side
using PieceBlock = QList<PieceRow>; // rows that stay together

int rowHeight(const PieceRow &row)
{
    int height = 0;
    for (const Piece &piece : row) {
        height = std::max(height, piece.size.height());
    }
    return height;
}

// Everything that making a form needs to know at every step.
struct Maker
{
    const Catalogue &catalogue;
    const Table &table;
    const DraftPlan &plan;
    const Profile *profile;
    const TextMeasure &measure;
    int pitch = 8;
    Form form;
    NamePool names;
    ControlId lastId = 0;

    int snapped(int x) const { return onGridAtOrAfter(x, pitch); }
    bool isStacked() const { return plan.arrangement == Arrangement::Stacked; }
    int captionLine() const { return isStacked() ? snapped(measure.lineHeight(TextRole::Caption) + 2) : 0; }

    ControlId place(Control control, const QRect &where)
    {
        const Kind &kind = kindNamed(control.kind);
        control.id = ++lastId;
        control.place = where;
        const QString base = control.column.isEmpty() ? control.name : control.column;
        control.name = names.take(nameFromPattern(plan.namingPattern, kind.shortName, base));
        form.controls.append(control);
        return control.id;
    }

    // A field with its caption: beside it, ending CaptionGap before x, or above it. rail: what the box starts on and a
    // caption beside it ends on, or none.
    void placeField(const Piece &piece, RailId rail, int x, int y, int width, bool stretches)
    {
        Control field = piece.field;
        field.rides.left = rail;
        field.rides.right = stretches ? FixedRail::FormRight : FixedRail::None;
        const ControlId id = place(field, QRect(x, y + captionLine(), width, piece.size.height()));

        Control caption;
        caption.kind = QStringLiteral("caption");
        caption.role = QStringLiteral("caption");
        caption.name = field.column;
        caption.text = piece.caption;
        caption.captionFor = id;
        if (isStacked()) {
            caption.rides.left = rail;
            caption.settings.insert(QStringLiteral("sits"), QStringLiteral("above"));
            place(caption, QRect(x, y, piece.captionWidth, captionLine()));
        } else {
            caption.rides.right = rail;
            place(caption, QRect(x - CaptionGap - piece.captionWidth, y, piece.captionWidth, LineHeight));
        }
    }

    // Where the boxes of a row start when its first one starts at x, and where the last one ends.
    QList<int> startsOf(const PieceRow &row, int x, int *end) const
    {
        QList<int> starts;
        for (const Piece &piece : row) {
            if (!starts.isEmpty()) {
                x = isStacked() ? snapped(x + InlineGap) : snapped(x + InlineGap + piece.captionWidth + CaptionGap);
            }
            starts.append(x);
            x += isStacked() ? std::max(piece.size.width(), piece.captionWidth) : piece.size.width();
        }
        *end = x;
        return starts;
    }
};

QList<Piece> piecesOf(const Maker &maker)
{
    QHash<QString, const Column *> columns;
    for (const Column &column : maker.table.columns) {
        columns.insert(column.name, &column);
    }
    QList<Piece> pieces;
    const int character = usualCharacter(maker.measure);
    for (const PlannedColumn &planned : maker.plan.columns) {
        const Column *column = columns.value(planned.column);
        if (!planned.isTaken || !column) {
            continue;
        }
        const ColumnProfile *profile = nullptr;
        if (maker.profile && maker.plan.widths != BoxWidths::ByLength) {
            const auto found = maker.profile->columns.constFind(planned.column);
            profile = found == maker.profile->columns.constEnd() ? nullptr : &*found;
        }
        Piece piece;
        piece.field = draftField(maker.catalogue, maker.table, *column, planned.kind, profile);
        piece.caption = planned.caption;
        piece.captionWidth = maker.measure.width(piece.caption, TextRole::Caption) + 1;
        piece.size = draftSize(maker.catalogue, *column, piece.field, profile, maker.measure, character);
        piece.size.setHeight(onGridAtOrAfter(piece.size.height(), maker.pitch));
        pieces.append(piece);
    }
    return pieces;
}

// The pieces in blocks of what belongs together. A row that would get too wide is broken.
QList<PieceBlock> blocksOf(const Maker &maker, const QList<Piece> &pieces)
{
    QHash<QString, const Piece *> byColumn;
    QStringList names;
    for (const Piece &piece : pieces) {
        byColumn.insert(piece.field.column, &piece);
        names.append(piece.field.column);
    }
    QList<PieceBlock> blocks;
    for (const ColumnGroup &group : grouped(maker.table, names)) {
        PieceBlock block;
        for (const ColumnRow &row : group.rows) {
            PieceRow line;
            for (const QString &name : row.columns) {
                line.append(*byColumn.value(name));
                int end = 0;
                maker.startsOf(line, 0, &end);
                if (line.size() > 1 && end > WidestRow) {
                    const Piece last = line.takeLast();
                    block.append(line);
                    line = {last};
                }
            }
            block.append(line);
        }
        blocks.append(block);
    }
    return blocks;
}

// Cuts blocks into columns, in their order, so that the tallest column is as low as can be; none is cut in two.
QList<QList<PieceRow>> inColumns(const QList<PieceBlock> &blocks, int columns)
{
    const auto heightOf = [](const PieceBlock &block) { return static_cast<int>(block.size()); };
    // The least height with which so many columns hold all blocks, found by halving.
    int low = 1;
    int high = 1;
    for (const PieceBlock &block : blocks) {
        low = std::max(low, heightOf(block));
        high += heightOf(block);
    }
    const auto columnsAt = [&](int limit) {
        int used = 1;
        int height = 0;
        for (const PieceBlock &block : blocks) {
            if (height > 0 && height + heightOf(block) > limit) {
                ++used;
                height = 0;
            }
            height += heightOf(block);
        }
        return used;
    };
    while (low < high) {
        const int middle = (low + high) / 2;
        if (columnsAt(middle) <= columns) {
            high = middle;
        } else {
            low = middle + 1;
        }
    }
    QList<QList<PieceRow>> result{QList<PieceRow>()};
    for (const PieceBlock &block : blocks) {
        if (!result.last().isEmpty() && result.last().size() + block.size() > low) {
            result.append(QList<PieceRow>());
        }
        result.last() += block;
    }
    return result;
}

// Evens the widths of boxes that stand under one another alone in their rows.
void evenWidths(const Maker &maker, QList<PieceRow> &column)
{
    const bool isSame = maker.plan.widths == BoxWidths::AllTheSame;
    QList<qsizetype> lines;
    QList<int> widths;
    const auto finishRun = [&] {
        QList<int> even = evenedWidths(widths);
        if (isSame && !widths.isEmpty()) {
            even.fill(*std::max_element(widths.begin(), widths.end()));
        }
        for (qsizetype i = 0; i < lines.size(); ++i) {
            column[lines.at(i)].first().size.setWidth(even.at(i));
        }
        lines.clear();
        widths.clear();
    };
    for (qsizetype i = 0; i < column.size(); ++i) {
        const Editor editor = kindNamed(column.at(i).first().field.kind).editor;
        const bool isBox = column.at(i).size() == 1 && editor != Editor::Tick;
        if (isBox) {
            lines.append(i);
            widths.append(column.at(i).first().size.width());
        } else if (!isSame) {
            finishRun();
        }
    }
    finishRun();
}

} // namespace

Control draftField(const Catalogue &catalogue, const Table &table, const Column &column, const QString &kind,
                   const ColumnProfile *profile)
{
    Control field;
    field.kind = kind;
    field.column = column.name;
    field.role = QStringLiteral("field");
    const bool isDropDown = kind == QLatin1String("drop-down");
    const ForeignKey *link = isDropDown ? findLink(table, column.name) : nullptr;
    const Table *parent = link ? findTable(catalogue, link->parentTable) : nullptr;
    if (link && parent) {
        const QString value = link->parentColumns.isEmpty() ? parent->primaryKey.value(0) : link->parentColumns.first();
        field.settings.insert(
            QStringLiteral("lookup"),
            QJsonObject{{QStringLiteral("table"), parent->name},
                        {QStringLiteral("value"), value},
                        {QStringLiteral("words"), QJsonArray::fromStringList(tellingColumns(*parent))}});
    } else if (isDropDown) {
        QJsonArray choices;
        for (const QVariant &choice : column.choices) {
            choices.append(QJsonObject{{QStringLiteral("value"), QJsonValue::fromVariant(choice)},
                                       {QStringLiteral("words"), capitalised(choice.toString())}});
        }
        if (column.choices.isEmpty()) {
            // Words in use so far; new ones may be typed.
            QStringList used = profile && !profile->hasMoreDistinct ? profile->distinct.keys() : QStringList();
            used.sort(Qt::CaseInsensitive);
            for (const QString &word : std::as_const(used)) {
                choices.append(QJsonObject{{QStringLiteral("value"), word}, {QStringLiteral("words"), word}});
            }
            field.settings.insert(QStringLiteral("takesNew"), true);
        }
        field.settings.insert(QStringLiteral("choices"), choices);
    }
    if (column.length && kindNamed(kind).editor != Editor::Choice) {
        field.settings.insert(QStringLiteral("length"), *column.length);
    }
    if (kind == QLatin1String("decimal-number") && column.decimals) {
        field.settings.insert(QStringLiteral("decimals"), *column.decimals);
    }
    const bool isKeptByItself = isBookkeeping(column) && (column.hasDefault || !column.isRequired);
    if (column.isGenerated || isKeptByItself || table.kind == TableKind::View) {
        field.settings.insert(QStringLiteral("locked"), true);
    }
    return field;
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

Form draftForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
               const TextMeasure &measure)
{
    Maker maker{catalogue, table, plan, profile, measure, 8, {}, {}, 0};
    Form &form = maker.form;
    form.name = identifierFromText(plan.title.isEmpty() ? table.name : plan.title);
    form.title = plan.title;
    form.rowSource = table.name;
    form.permissions = plan.people;
    form.look = plan.look;
    if (plan.spacing == Spacing::Tight) {
        form.grid.pitch = maker.pitch = 4; // finer, so that the closer rows stand on it
    }

    QList<Piece> narrow = piecesOf(maker);
    const auto firstWide =
        std::stable_partition(narrow.begin(), narrow.end(), [](const Piece &piece) { return !isWide(piece.field); });
    QList<Piece> wide(firstWide, narrow.end());
    narrow.erase(firstWide, narrow.end());
    // Pictures before long text: the long text then closes the form at its full width.
    std::stable_partition(wide.begin(), wide.end(),
                          [](const Piece &piece) { return kindNamed(piece.field.kind).editor == Editor::Image; });

    const QList<PieceBlock> blocks = blocksOf(maker, narrow);
    qsizetype rows = 0;
    for (const PieceBlock &block : blocks) {
        rows += block.size();
    }
    const int columns = plan.columnsOfBoxes > 0 ? std::min(plan.columnsOfBoxes, 4) : rows > 8 ? 2 : 1;
    QList<QList<PieceRow>> boxes = inColumns(blocks, columns);

    // Rails first: each column of boxes has one, clear of its longest caption.
    int x = Margin;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        evenWidths(maker, boxes[i]);
        Rail rail;
        rail.id = FixedRail::FirstFree + static_cast<int>(i);
        const QString name = maker.isStacked() ? QStringLiteral("boxes") : QStringLiteral("captions");
        rail.name = i == 0 ? name : name + u' ' + QString::number(i + 1);
        rail.position = maker.snapped(x);
        if (!maker.isStacked()) {
            int longest = 0;
            for (const PieceRow &row : boxes.at(i)) {
                longest = std::max(longest, row.first().captionWidth);
            }
            for (const Piece &piece : i == 0 ? wide : QList<Piece>()) {
                longest = std::max(longest, piece.captionWidth);
            }
            rail.isAutomatic = true;
            rail.captionsFrom = x;
            rail.position = maker.snapped(x + longest + CaptionGap);
        }
        form.rails.append(rail);
        int right = rail.position + LeastBoxWidth;
        for (const PieceRow &row : boxes.at(i)) {
            int end = 0;
            maker.startsOf(row, rail.position, &end);
            right = std::max(right, end);
        }
        x = maker.snapped(right) + ColumnGap;
    }
    const int widest = form.rails.first().position + (wide.isEmpty() ? 0 : MostBoxWidth);
    form.width = maker.snapped(std::max({x - ColumnGap, widest, 320})) + Margin;

    Control title;
    title.kind = QStringLiteral("caption");
    title.role = QStringLiteral("title");
    title.name = QStringLiteral("title");
    title.text = form.title;
    title.band = BandRole::Header;
    if (!title.text.isEmpty()) {
        maker.place(title, QRect(Margin, 8, captionWidth(title, measure), 40));
    }

    const int gap = rowGap(plan.spacing);
    int lowest = Margin;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        const Rail &rail = form.rails.at(i);
        int y = Margin;
        for (const PieceRow &row : boxes.at(i)) {
            int end = 0;
            const QList<int> starts = maker.startsOf(row, rail.position, &end);
            for (qsizetype j = 0; j < row.size(); ++j) {
                maker.placeField(row.at(j), j == 0 ? rail.id : FixedRail::None, starts.at(j), y, row.at(j).size.width(),
                                 false);
            }
            y += maker.captionLine() + rowHeight(row) + gap;
        }
        lowest = std::max(lowest, y);
    }
    for (const Piece &piece : wide) {
        const bool stretches = kindNamed(piece.field.kind).editor == Editor::LongText;
        const Rail &rail = form.rails.first();
        const int width = stretches ? form.width - Margin - rail.position : piece.size.width();
        maker.placeField(piece, rail.id, rail.position, lowest, width, stretches);
        lowest += maker.captionLine() + piece.size.height() + gap;
    }

    form.bands = {Band{BandRole::Header, HeaderHeight, {}},
                  Band{BandRole::Body, maker.snapped(std::max(lowest - gap, Margin) + Margin), {}}};
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

Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure,
                   const DraftOptions &options)
{
    DraftPlan plan = planDraft(table);
    plan.columnsOfBoxes = options.columnsOfBoxes;
    plan.namingPattern = options.namingPattern;
    return draftForm(catalogue, table, plan, nullptr, measure);
}

double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure)
{
    qint64 all = 0;
    qint64 fitting = 0;
    for (const Control &control : form.controls) {
        const auto column = profile.columns.constFind(control.column);
        if (column == profile.columns.constEnd() || kindNamed(control.kind).editor != Editor::Line) {
            continue;
        }
        const bool opens = control.kind.startsWith(QLatin1String("date"));
        const int room = control.place.width() - 2 * BoxPadding - (opens ? BoxButtonWidth - BoxPadding : 0);
        for (const LengthGroup &group : column->lengths) {
            all += group.count;
            // Dates and times are shown in other words than they are stored in; their boxes are made to fit all.
            const bool isShownAsStored = !opens && control.kind != QLatin1String("time");
            fitting += !isShownAsStored || measure.width(group.example, TextRole::Field) <= room ? group.count : 0;
        }
    }
    return all == 0 ? 1.0 : static_cast<double>(fitting) / static_cast<double>(all);
}

int overlaps(const Form &form)
{
    QList<QRect> places;
    for (const Control &control : form.controls) {
        places.append(placeOnForm(form, control));
    }
    // From top to bottom, each is compared with those below it that it reaches.
    std::sort(places.begin(), places.end(), [](const QRect &a, const QRect &b) { return a.top() < b.top(); });
    int pairs = 0;
    for (qsizetype i = 0; i < places.size(); ++i) {
        for (qsizetype j = i + 1; j < places.size() && places.at(j).top() <= places.at(i).bottom(); ++j) {
            pairs += places.at(i).intersects(places.at(j)) ? 1 : 0;
        }
    }
    return pairs;
}

} // namespace nabblet
