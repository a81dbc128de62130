#include "app/command/form_asked.h"

#include "core/file/form_file.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

struct FormAskedTexts
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::FormAsked)
};
const QString QuestionName = QStringLiteral("question");
const QString DatabaseName = QStringLiteral("database");

} // namespace

void addFormOptions(QCommandLineParser &parser)
{
    parser.addOptions(
        {{QuestionName, FormAskedTexts::tr("Only the records that a question kept in the project asks for."),
          QStringLiteral("NAME")},
         {DatabaseName, FormAskedTexts::tr("The database to work on, instead of the project's."),
          QStringLiteral("FILE")}});
}

Result<FormAsked> formAsked(const QCommandLineParser &parser)
{
    const QString path = parser.positionalArguments().first();
    const Result<Form> form = loadForm(path);
    if (!form) {
        return form.error();
    }
    Result<Workspace> workspace = openWorkspaceOfForm(path, parser.value(DatabaseName));
    if (!workspace) {
        return workspace.error();
    }
    if (!workspace->connection) {
        return workspace->databaseError;
    }
    FormAsked asked{*workspace, nullptr};
    asked.session = std::make_unique<EntrySession>(*workspace->connection, workspace->catalogue, *form);
    if (const Outcome started = asked.session->start(Counting::No); !started) {
        return started.error();
    }
    if (!parser.isSet(QuestionName)) {
        return asked;
    }
    const QString wanted = parser.value(QuestionName);
    const QList<KeptQuestion> kept = workspace->project.questions;
    const auto found = std::find_if(kept.begin(), kept.end(), [&](const KeptQuestion &each) {
        return each.name == wanted && each.form == form->name + u'/' + form->rowsFrom;
    });
    if (found == kept.end()) {
        return Error{FormAskedTexts::tr("The project keeps no question “%1” about this form.").arg(wanted), {}};
    }
    if (const Outcome done = asked.session->want(found->wanted); !done) {
        return done.error();
    }
    return asked;
}

} // namespace nabblet
