#include "designer/new_form/form_picture.h"

#include "core/check/value_fit.h"
#include "core/kinds/settings/child_link.h"
#include "data/records/records.h"
#include "entry/paint/form_painter.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

constexpr double LeastScale = 0.45; // the widest draft is seen whole beside everything else

} // namespace

void FormPicture::show(const Form &form, const Connection &connection, const Catalogue &catalogue)
{
    const bool hasOtherRows = form.rowsFrom != m_form.rowsFrom || form.select != m_form.select;
    m_form = form;
    if (form.rowsFrom.isEmpty()) {
        m_session.reset();
        m_isStarted = false;
    } else if (hasOtherRows || !m_session) {
        m_session = std::make_unique<EntrySession>(connection, catalogue, form);
        connect(m_session.get(), &EntrySession::valuesRead, this, qOverload<>(&QWidget::update));
        m_isStarted = m_session->start(Counting::No).isOk();
    } else {
        m_isStarted = m_session->setForm(form).isOk();
    }
    if (m_isStarted) {
        goWhereRowsBelong(connection, catalogue);
    }
    fitTo(m_room, m_bar);
}

void FormPicture::setLongest(bool isLongest, const QHash<QString, Profile> &profiles)
{
    m_isLongest = isLongest;
    m_profiles = profiles;
    update();
}

void FormPicture::goWhereRowsBelong(const Connection &connection, const Catalogue &catalogue)
{
    TableLink belongs;
    for (const Control &control : m_form.controls) {
        const ChildLink link = childLinkOf(control);
        if (control.inner && !link.childColumns.isEmpty()) {
            belongs = {control.inner.get()->rowsFrom, {link.childColumns, m_form.rowsFrom, link.parentColumns}};
            break;
        }
    }
    const Table *table = findTable(catalogue, belongs.table);
    if (belongs == m_belongs || !table) {
        m_belongs = belongs;
        return;
    }
    m_belongs = belongs;
    constexpr int RowsLookedAt = 20; // of the others, until one points somewhere
    const RecordSource child = recordSourceOf(*table);
    const Result<QList<Row>> rows = rowsAfter(connection, child, {}, RowsLookedAt);
    for (const Row &row : rows ? *rows : QList<Row>()) {
        QVariantList values;
        for (const QString &column : belongs.link.columns) {
            values.append(valueOf(child, row, column));
        }
        const bool isWhole = std::none_of(values.begin(), values.end(), [](const QVariant &v) { return v.isNull(); });
        const MaybeRow parent =
            isWhole ? firstRow(connection, linkedTo(m_session->state().source, belongs.link.parentColumns, values))
                    : MaybeRow(std::optional<Row>());
        if (parent && *parent) {
            m_session->moves().goToKey((*parent)->key);
            return;
        }
    }
}

void FormPicture::fitTo(QSize room, int bar)
{
    m_room = room;
    m_bar = bar;
    const auto scaleFor = [this](int width) {
        return m_form.width == 0 ? 1.0 : std::clamp(static_cast<double>(width) / m_form.width, LeastScale, 1.0);
    };
    m_scale = scaleFor(room.width());
    if (qRound(shownHeight(m_form) * m_scale) > room.height()) {
        m_scale = scaleFor(room.width() - bar);
    }
    setFixedSize(qRound(m_form.width * m_scale), qRound(shownHeight(m_form) * m_scale));
    update();
}

void FormPicture::paintEvent(QPaintEvent *)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.scale(m_scale, m_scale);
    const Appearance own(m_form.look, m_appearance->theme(), font(), m_appearance->book());
    const ShownInstead longest = [this](const Form &form, const Control &control, Shown &shown) {
        const auto profile = m_profiles.constFind(form.rowsFrom);
        const QString words = profile == m_profiles.constEnd() ? QString() : longestWords(control, *profile);
        if (!words.isEmpty()) {
            shown.words = words;
            shown.isMissing = false;
        }
    };
    paintForm(painter, m_form, m_isStarted ? m_session.get() : nullptr, QSize(m_form.width, shownHeight(m_form)), own,
              m_isLongest ? longest : ShownInstead());
    if (!m_form.rowsFrom.isEmpty()) {
        return;
    }
    painter.setPen(panelColours(own.theme()).rail);
    for (const Rail &rail : m_form.rails) {
        painter.drawLine(rail.position, bandTop(m_form, BandRole::Body), rail.position, formHeight(m_form));
    }
}

} // namespace nabblet
