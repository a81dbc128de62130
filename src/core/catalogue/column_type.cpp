#include "core/catalogue/column_type.h"

#include <QRegularExpression>

#include <cmath>

namespace nabblet {

namespace {

// The whole numbers that an integer type holds, by the widths that the databases share; BIGINT and plain INTEGER, which
// SQLite stores in 64 bits, have no limit that anybody meets.
void limitWholeNumbers(DeclaredType &result, const QString &upper)
{
    struct Width
    {
        const char *word;
        int bits;
    };
    static constexpr Width Widths[]{{"TINYINT", 8}, {"SMALLINT", 16}, {"INT2", 16}, {"MEDIUMINT", 24}};
    const bool isUnsigned = upper.contains(QLatin1String("UNSIGNED"));
    for (const Width &width : Widths) {
        if (upper.contains(QLatin1String(width.word))) {
            const double all = std::pow(2.0, width.bits);
            result.least = isUnsigned ? 0 : -all / 2;
            result.most = isUnsigned ? all - 1 : all / 2 - 1;
            return;
        }
    }
    if (isUnsigned) {
        result.least = 0;
    }
}

} // namespace

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

    if (result.type == ColumnType::WholeNumber) {
        limitWholeNumbers(result, upper);
    }
    static const QRegularExpression figures(QStringLiteral("\\(\\s*(\\d{1,9})\\s*(?:,\\s*(\\d{1,9})\\s*)?\\)"));
    const QRegularExpressionMatch match = figures.match(upper);
    if (match.hasMatch()) {
        if (result.type == ColumnType::Text) {
            result.length = match.captured(1).toInt();
        } else if (result.type == ColumnType::DecimalNumber) {
            result.decimals = match.captured(2).isEmpty() ? 0 : match.captured(2).toInt();
            const int digits = match.captured(1).toInt();
            if (digits <= 15 && *result.decimals <= digits) {
                // As many nines as there are digits.
                result.most = (std::pow(10.0, digits) - 1) / std::pow(10.0, *result.decimals);
                result.least = -*result.most;
            }
        }
    }
    return result;
}

} // namespace nabblet
