#include "app/help/guide_window.h"

#include "core/text/tr.h"
#include "entry/language/language.h"

#include <QFile>
#include <QMainWindow>
#include <QRegularExpression>
#include <QTextBrowser>

// Resources of a static library are taken up where they are named; not inside a namespace.
static void takeUpGuide()
{
    Q_INIT_RESOURCE(guide);
}

namespace nabblet {

namespace {

constexpr int Margin = 24;

// The pages are Markdown with pictures. What the tests read in them, in comments, is nothing for people.
class GuidePages : public QTextBrowser
{
public:
    GuidePages()
    {
        setAccessibleName(Texts::tr("The guide"));
        setOpenExternalLinks(true);
        document()->setDocumentMargin(Margin);
    }

    QVariant loadResource(int type, const QUrl &name) override
    {
        if (type == QTextDocument::ImageResource) {
            const QImage image(QStringLiteral(":/guide/") + name.fileName());
            const int room = viewport()->width() - 3 * Margin;
            return image.width() > room ? image.scaledToWidth(room, Qt::SmoothTransformation) : image;
        }
        return QTextBrowser::loadResource(type, name);
    }

protected:
    void doSetSource(const QUrl &url, QTextDocument::ResourceType) override
    {
        const QString language = languageFor(wishedLanguages());
        QFile file(QStringLiteral(":/guide/%1/%2").arg(language, url.fileName()));
        if (!file.exists()) { // English, in which it is written
            file.setFileName(QStringLiteral(":/guide/") + url.fileName());
        }
        if (!file.open(QIODevice::ReadOnly)) {
            return;
        }
        static const QRegularExpression comment(QStringLiteral(" *<!--.*?-->"),
                                                QRegularExpression::DotMatchesEverythingOption);
        document()->setMarkdown(QString::fromUtf8(file.readAll()).remove(comment));
        document()->setDocumentMargin(Margin);
        moveCursor(QTextCursor::Start);
    }
};

} // namespace

QStringList guideChapters()
{
    return {QStringLiteral("first-form"), QStringLiteral("arranging"), QStringLiteral("rules"),
            QStringLiteral("handing-over")};
}

void showGuide(const QString &chapter, QWidget *parent)
{
    takeUpGuide();
    auto *window = parent->findChild<QMainWindow *>(QStringLiteral("guide"));
    if (!window) {
        window = new QMainWindow(parent);
        window->setObjectName(QStringLiteral("guide"));
        window->setWindowTitle(Texts::tr("Guide to Nabblet"));
        window->resize(860, 760);
        window->setCentralWidget(new GuidePages);
    }
    window->show();
    auto *pages = static_cast<GuidePages *>(window->centralWidget());
    const QString known = guideChapters().contains(chapter) ? chapter : guideChapters().first();
    pages->setSource(QUrl(known + QStringLiteral(".md")));
    window->raise();
    window->activateWindow();
    pages->setFocus();
}

} // namespace nabblet
