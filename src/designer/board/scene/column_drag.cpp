#include "designer/board/scene/column_drag.h"

#include "core/text/json_names.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace nabblet {

namespace {

const QString ColumnFormat = QStringLiteral("application/x-nabblet-columns+json");

} // namespace

QMimeData *columnMimeData(const DraggedColumns &columns)
{
    auto *data = new QMimeData;
    const QJsonObject object{{key("table"), columns.table}, {key("columns"), listOf(columns.columns)}};
    data->setData(ColumnFormat, QJsonDocument(object).toJson(QJsonDocument::Compact));
    return data;
}

DraggedColumns columnsFrom(const QMimeData *data)
{
    const QJsonObject object = QJsonDocument::fromJson(data->data(ColumnFormat)).object();
    return {object.value(key("table")).toString(), namesOf(object.value(key("columns")))};
}

} // namespace nabblet
