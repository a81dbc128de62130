#include "core/formula/bounded_functions.h"

#include <QByteArray>

#include <sqlite3.h>

#include <algorithm>
#include <cstring>

namespace nabblet {

namespace {

constexpr qint64 WidestField = 10'000; // characters

// SQLite's own functions, in a database of their own, out of reach of what was put in their place.
struct Original
{
    sqlite3 *database = nullptr;

    Original() { sqlite3_open_v2(":memory:", &database, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE, nullptr); }
    Original(const Original &) = delete;
    Original &operator=(const Original &) = delete;
    ~Original() { sqlite3_close(database); }
};

// Whether a format asks for no field wider than the bound. arguments: those behind the format.
bool isBounded(const char *format, int count, sqlite3_value **arguments)
{
    int next = 0; // the argument that the next sign takes
    for (const char *at = format; *at; ++at) {
        if (*at != '%') {
            continue;
        }
        ++at;
        while (*at && std::strchr("-+ #0!,", *at)) {
            ++at;
        }
        for (bool goesOn = true; goesOn;) {
            qint64 asked = 0;
            if (*at == '*') {
                asked = next < count ? sqlite3_value_int64(arguments[next]) : 0;
                ++next;
                ++at;
            }
            for (; *at >= '0' && *at <= '9'; ++at) {
                asked = std::min<qint64>(asked * 10 + (*at - '0'), WidestField + 1);
            }
            if (asked > WidestField || asked < -WidestField) {
                return false;
            }
            goesOn = *at == '.';
            at += goesOn ? 1 : 0;
        }
        while (*at == 'l') {
            ++at;
        }
        if (!*at) {
            break;
        }
        next += *at == '%' || *at == 'n' ? 0 : 1;
    }
    return true;
}

void format(sqlite3_context *context, int count, sqlite3_value **arguments)
{
    const char *text = count > 0 ? reinterpret_cast<const char *>(sqlite3_value_text(arguments[0])) : nullptr;
    if (!text) {
        return; // NULL, as SQLite has it
    }
    if (!isBounded(text, count - 1, arguments + 1)) {
        sqlite3_result_error(context, "a width in printf() is too large", -1);
        return;
    }
    const auto *original = static_cast<const Original *>(sqlite3_user_data(context));
    QByteArray sql("SELECT printf(?");
    for (int i = 1; i < count; ++i) {
        sql += ",?";
    }
    sql += ')';
    sqlite3_stmt *statement = nullptr;
    sqlite3_prepare_v2(original->database, sql.constData(), static_cast<int>(sql.size()), &statement, nullptr);
    for (int i = 0; i < count; ++i) {
        sqlite3_bind_value(statement, i + 1, arguments[i]);
    }
    if (sqlite3_step(statement) == SQLITE_ROW) {
        sqlite3_result_value(context, sqlite3_column_value(statement, 0));
    } else {
        sqlite3_result_error(context, sqlite3_errmsg(original->database), -1);
    }
    sqlite3_finalize(statement);
}

} // namespace

void boundFormatting(sqlite3 *database)
{
    for (const char *name : {"printf", "format"}) {
        sqlite3_create_function_v2(database, name, -1, SQLITE_UTF8 | SQLITE_DETERMINISTIC | SQLITE_INNOCUOUS,
                                   new Original, format, nullptr, nullptr,
                                   [](void *original) { delete static_cast<Original *>(original); });
    }
}

} // namespace nabblet
