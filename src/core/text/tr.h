// Translated texts for code without QObject classes.
#pragma once

#include <QCoreApplication>

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
