#include "entry/theme/appearance.h"

#include "core/kinds/settings/frame.h"
#include "core/look_settings/look_setting_table.h"
#include "core/looks/zoomed_look.h"

#include <QJsonDocument>

namespace nabblet {

Appearance::Appearance(const QString &look, Theme theme, const QFont &base, const LookBook &book)
    : Appearance(lookNamed(book, look), theme, base, book)
{
}

Appearance::Appearance(const Look &look, Theme theme, const QFont &base, LookBook book)
    : m_plain(look), m_look(look), m_theme(theme), m_base(base), m_book(std::move(book)), m_styles(allStyles(m_book))
{
    makeFonts();
}

Appearance::Appearance(const Appearance &form, const Look &look)
    : m_plain(look), m_look(look), m_theme(form.m_theme), m_base(form.m_base)
{
    if (look.texts == form.m_look.texts) { // what is dressed in colours alone shares the fonts, which are slow to find
        m_fonts = form.m_fonts;
        m_metrics = form.m_metrics;
    } else {
        makeFonts();
    }
}

void Appearance::makeFonts()
{
    for (int i = 0; i < TextRoleCount; ++i) {
        const TextStyle style = textStyle(m_look, static_cast<TextRole>(i));
        QFont font = m_base;
        if (m_base.pointSizeF() > 0) {
            font.setPointSizeF(m_base.pointSizeF() * style.percent / 100.0);
        } else {
            font.setPixelSize(qRound(m_base.pixelSize() * style.percent / 100.0));
        }
        font.setWeight(static_cast<QFont::Weight>(style.weight));
        if (!style.family.isEmpty()) {
            font.setFamilies({style.family, m_base.family()});
        }
        font.setItalic(style.isSlanted);
        font.setUnderline(style.isUnderlined);
        m_fonts.push_back(font);
        m_metrics.emplace_back(font);
    }
}

std::shared_ptr<const Appearance> Appearance::dressedFor(const Control &control, const Ground &ground) const
{
    if (!ground.colour && !isDressed(control)) { // words can be read on all grounds of the look itself
        return {std::shared_ptr<const Appearance>(), this};
    }
    constexpr int MostKept = 2000;
    const size_t hash = qHashMulti(0, control.settings.identity(), control.kind, control.role);
    for (auto found = m_dressed.constFind(hash); found != m_dressed.constEnd() && found.key() == hash; ++found) {
        if (found->settings.identity() == control.settings.identity() && found->kind == control.kind &&
            found->role == control.role && found->ground == ground) {
            return found->appearance;
        }
    }
    // Controls that look alike share what measures and paints them.
    QByteArray alike = control.kind.toUtf8() + '/' + control.role.toUtf8() + '/' +
                       QJsonDocument(control.settings.toJson(SettingPart::Look)).toJson(QJsonDocument::Compact) + '/' +
                       QByteArray::number(static_cast<int>(ground.ink));
    if (ground.colour) {
        alike += '/' + QByteArray::number(ground.colour->light) + '/' +
                 QByteArray::number(ground.colour->dark ? static_cast<qint64>(*ground.colour->dark) : -1);
    }
    alike += isFramed(control) ? "" : "/bare";
    if (m_dressed.size() >= MostKept) { // whoever still uses one holds it
        m_dressed.clear();
        m_alike.clear();
    }
    std::shared_ptr<const Appearance> &own = m_alike[alike];
    if (!own) {
        own = std::shared_ptr<const Appearance>(new Appearance(*this, dressed(m_look, m_styles, control, ground)));
    }
    m_dressed.insert(hash, {control.settings, control.kind, control.role, ground, own});
    return own;
}

Appearance Appearance::zoomed(int percent) const
{
    Appearance other(zoomedLook(m_plain, percent), m_theme, m_base, m_book);
    other.m_plain = m_plain;
    return other;
}

Appearance Appearance::turned(bool isRightToLeft) const
{
    Look look = m_look;
    look.isRightToLeft = isRightToLeft;
    Appearance other(look, m_theme, m_base, m_book);
    other.m_plain = m_plain;
    other.m_plain.isRightToLeft = isRightToLeft;
    return other;
}

int Appearance::padding() const
{
    return figure(nabblet::padding());
}

int Appearance::rowSpacing() const
{
    return figure(nabblet::rowSpacing());
}

int Appearance::boxSpacing() const
{
    return figure(nabblet::boxSpacing());
}

QColor Appearance::colour(Ink ink) const
{
    return QColor::fromRgb(nabblet::colour(m_look, m_theme, ink));
}

int Appearance::width(const QString &text, TextRole role) const
{
    constexpr int MostKept = 20000;
    QHash<QString, int> &known = m_widths.at(static_cast<std::size_t>(role));
    const auto found = known.constFind(text);
    if (found != known.constEnd()) {
        return *found;
    }
    if (known.size() >= MostKept) {
        known.clear();
    }
    return *known.insert(text, metrics(role).horizontalAdvance(text));
}

int Appearance::lineHeight(TextRole role) const
{
    return metrics(role).lineSpacing();
}

} // namespace nabblet
