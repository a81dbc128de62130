#include "entry/language/language.h"

#include "core/edit/form_languages.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

#include <algorithm>

// Resources of a static library are taken up where they are named; not inside a namespace.
static void takeUpLanguages()
{
    Q_INIT_RESOURCE(languages);
}

namespace nabblet {

namespace {

const QString Key = QStringLiteral("language");

void install(QCoreApplication &application, const QString &file, const QString &folder)
{
    auto *translator = new QTranslator(&application);
    if (translator->load(file, folder)) {
        QCoreApplication::installTranslator(translator);
    }
}

} // namespace

const QList<Language> &languages()
{
    static const QList<Language> all{{"en", "English"}, {"de", "Deutsch"}, {"fr", "Français"}};
    return all;
}

QString chosenLanguage()
{
    const QString code = QSettings().value(Key).toString();
    const bool isOurs = std::any_of(languages().begin(), languages().end(),
                                    [&](const Language &each) { return code == QLatin1String(each.code); });
    return isOurs ? code : QString();
}

void setChosenLanguage(const QString &code)
{
    code.isEmpty() ? QSettings().remove(Key) : QSettings().setValue(Key, code);
}

QStringList wishedLanguages()
{
    const QString chosen = chosenLanguage();
    const QStringList desktop = QLocale::system().uiLanguages();
    return chosen.isEmpty() ? desktop : QStringList{chosen} + desktop;
}

QString languageFor(const QStringList &wished)
{
    for (const QString &wish : wished) {
        for (const Language &each : languages()) {
            const QString code = QLatin1String(each.code);
            if (isOfLanguage(wish, code)) {
                return code;
            }
        }
    }
    return QLatin1String(languages().first().code);
}

QString useLanguage(QCoreApplication &application)
{
    const QString code = languageFor(wishedLanguages());
    if (code != QLatin1String(languages().first().code)) {
        takeUpLanguages();
        // Words of Qt's own, such as those of its file chooser, come with Qt.
        install(application, QStringLiteral("qtbase_") + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
        install(application, QStringLiteral("nabblet_") + code, QStringLiteral(":/languages"));
    }
    return code;
}

} // namespace nabblet
