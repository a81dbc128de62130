// SQL functions of which one call alone could take as long as its arguments say, kept within bounds. A time limit does
// not help there: SQLite looks at the clock between steps, and such a call is one step.
#pragma once

struct sqlite3;

namespace nabblet {

// Puts bounds to the widths and precisions that printf() and format() take on a connection: printf('%.*c', 900000000,
// 'x') ends with an error. Everything else they do is SQLite's own (https://www.sqlite.org/printf.html).
void boundFormatting(sqlite3 *database);

} // namespace nabblet
