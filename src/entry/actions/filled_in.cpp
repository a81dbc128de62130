#include "entry/actions/filled_in.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "entry/session/entry_session.h"

#include <QRegularExpression>

namespace nabblet {

const Control *controlNamed(const EntrySession &session, const QString &name)
{
    const Form &form = session.form();
    if (const Control *control = session.state().controlFor(name)) {
        return control;
    }
    for (const Control &control : form.controls) {
        const bool isIt = control.name.compare(name, Qt::CaseInsensitive) == 0 ||
                          calledFor(form, control).compare(name, Qt::CaseInsensitive) == 0;
        if (isIt && !isCaption(control)) {
            return &control;
        }
    }
    return nullptr;
}

QString filledIn(const QString &words, const EntrySession &session)
{
    static const QRegularExpression braces(QStringLiteral("\\{([^{}]+)\\}"));
    QString filled;
    qsizetype behind = 0;
    auto matches = braces.globalMatch(words);
    while (matches.hasNext()) {
        const QRegularExpressionMatch match = matches.next();
        filled += words.mid(behind, match.capturedStart() - behind);
        const QString name = match.captured(1).trimmed();
        const EntryState &state = session.state();
        if (name == QLatin1String("record")) {
            filled += session.values().recordWords();
        } else if (const Control *control = controlNamed(session, name)) {
            filled += session.values().shown(*control).words;
        } else if (state.source.columns.contains(name)) {
            filled += state.value(name).toString();
        } else {
            filled += match.captured(0);
        }
        behind = match.capturedEnd();
    }
    return filled + words.mid(behind);
}

} // namespace nabblet
