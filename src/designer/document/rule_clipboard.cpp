#include "designer/document/rule_clipboard.h"

#include <QApplication>
#include <QClipboard>
#include <QMimeData>

namespace nabblet {

namespace {

const QString RulesFormat = QStringLiteral("application/x-nabform-rules+json");

} // namespace

void putRulesOnClipboard(const Form &form, const QList<int> &rules)
{
    const QByteArray text = ruleClipText(form, rules);
    auto *mime = new QMimeData;
    mime->setData(RulesFormat, text);
    mime->setText(QString::fromUtf8(text));
    QApplication::clipboard()->setMimeData(mime);
}

bool hasRulesOnClipboard()
{
    const QMimeData *mime = QApplication::clipboard()->mimeData();
    return mime && mime->hasFormat(RulesFormat);
}

Result<Form> rulesOnClipboard()
{
    const QMimeData *mime = QApplication::clipboard()->mimeData();
    return readRuleClip(!mime ? QByteArray() : hasRulesOnClipboard() ? mime->data(RulesFormat) : mime->text().toUtf8());
}

} // namespace nabblet
