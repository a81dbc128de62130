#include "core/catalogue/column_type.h"

#include <QRegularExpression>

namespace nabblet {

DeclaredType readDeclaredType(const QString &declared)
{
    const QString upper = declared.toUpper();
    const auto has = [&upper](const char *word) { return upper.contains(QLatin1String(word)); };

    DeclaredType result;
    if (has("BOOL")) {
        result.type = ColumnType::YesNo;
    } else if (has("DATETIME") || has("TIMESTAMP")) {
        result.type = ColumnType::DateTime;
    } else if (has("DATE")) {
        result.type = ColumnType::Date;
    } else if (has("TIME")) {
        result.type = ColumnType::Time;
    } else if (has("INT") && !has("POINT")) {
        result.type = ColumnType::WholeNumber;
    } else if (has("CHAR") || has("CLOB") || has("TEXT")) {
        result.type = ColumnType::Text;
    } else if (has("BLOB") || has("BINARY") || has("BYTEA")) {
        result.type = ColumnType::Binary;
    } else if (has("REAL") || has("FLOA") || has("DOUB") || has("DEC") || has("NUM") || has("MONEY")) {
        result.type = ColumnType::DecimalNumber;
    }

    static const QRegularExpression figures(QStringLiteral("\\(\\s*(\\d{1,9})\\s*(?:,\\s*(\\d{1,9})\\s*)?\\)"));
    const QRegularExpressionMatch match = figures.match(upper);
    if (match.hasMatch()) {
        if (result.type == ColumnType::Text) {
            result.length = match.captured(1).toInt();
        } else if (result.type == ColumnType::DecimalNumber) {
            result.decimals = match.captured(2).isEmpty() ? 0 : match.captured(2).toInt();
        }
    }
    return result;
}

} // namespace nabblet
