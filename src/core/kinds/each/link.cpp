#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/link_address.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

#include <QRegularExpression>

namespace nabblet {

namespace {

// The value as a link, with a sign at the right end that follows it where there is one to follow.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    Picture picture = boxWithMarks(control, shown, look, boxButtonWidth(control));
    TextStroke text = boxText(control, shown, look, false, boxButtonWidth(control) - paddingOf(look));
    if (!shown.words.isEmpty()) {
        text.ink = Ink::LinkText;
        text.isUnderlined = true;
        picture.append(GlyphStroke{boxSignPlace(control), GlyphShape::Follow, Ink::LinkText});
    }
    picture.append(text);
    return picture;
}

Result<QVariant> read(const Control &control, const QString &typed, const QLocale &)
{
    return readText(control, typed);
}

} // namespace

QString addressOf(const QString &words)
{
    const QString text = words.trimmed();
    if (text.isEmpty() || text.contains(u' ')) {
        return {};
    }
    static const QRegularExpression scheme(QStringLiteral("^([a-zA-Z][a-zA-Z0-9+.-]*):"));
    if (const QRegularExpressionMatch match = scheme.match(text); match.hasMatch()) {
        static const QStringList followed{QStringLiteral("http"), QStringLiteral("https"), QStringLiteral("mailto"),
                                          QStringLiteral("tel")};
        return followed.contains(match.captured(1).toLower()) ? text : QString();
    }
    static const QRegularExpression mail(QStringLiteral("^[^@/]+@[^@/]+\\.[^@/.]+$"));
    if (mail.match(text).hasMatch()) {
        return QStringLiteral("mailto:") + text;
    }
    static const QRegularExpression host(QStringLiteral("^[^/.@]+(\\.[^/.@]+)+(/.*)?$"));
    return host.match(text).hasMatch() ? QStringLiteral("https://") + text : QString();
}

Kind linkKind()
{
    return {QStringLiteral("link"),
            Texts::later("Link"),
            QStringLiteral("link"),
            Editor::Line,
            {ColumnType::Text},
            QSize(240, 24),
            valueSettings() + lineSettings() + QList<const AnySetting *>{&setting::Prompt, &setting::Length},
            draw,
            wordsAsStored,
            read};
}

} // namespace nabblet
