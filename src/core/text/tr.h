// Translated texts for code without QObject classes.
#pragma once

#include <QCoreApplication>
#include <QString>

// Put once at the head of a source file inside namespace nabblet: NABBLET_TEXTS(FormFile). Texts::tr("…") then
// translates in the context of that name.
#define NABBLET_TEXTS(ContextName)                                                                                     \
    namespace {                                                                                                        \
    struct Texts                                                                                                       \
    {                                                                                                                  \
        static QString tr(const char *text, const char *comment = nullptr, int n = -1)                                 \
        {                                                                                                              \
            return QCoreApplication::translate(#ContextName, text, comment, n);                                        \
        }                                                                                                              \
    };                                                                                                                 \
    }

namespace nabblet {

// A count with its noun: "1 control", "3 controls". one and many are translated texts, many with %1 for the number.
inline QString counted(qsizetype count, const QString &one, const QString &many)
{
    return count == 1 ? one : many.arg(count);
}

} // namespace nabblet
