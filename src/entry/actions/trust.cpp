#include "entry/actions/trust.h"

#include "core/text/tr.h"
#include "entry/theme/ask.h"

#include <QCryptographicHash>
#include <QSettings>

namespace nabblet {

bool isTrusted(const AskedTrust &asked, QWidget *parent)
{
    const QByteArray hash =
        QCryptographicHash::hash((asked.form + u'\n' + asked.what).toUtf8(), QCryptographicHash::Sha256).toHex();
    const QString key = QStringLiteral("trusted/") + QString::fromLatin1(hash);
    if (QSettings().value(key).toBool()) {
        return true;
    }
    const int answer = ask({Texts::tr("May this form do that?"),
                            asked.question,
                            Texts::tr("Now it would be:\n%1\n\nIt is asked once on this computer, as long as the form "
                                      "wants the same. If you do not know who built it, leave it.")
                                .arg(asked.example),
                            {Texts::tr("Let it"), Texts::tr("Leave it")},
                            1,
                            1},
                           parent);
    if (answer == 0) {
        QSettings().setValue(key, true);
    }
    return answer == 0;
}

} // namespace nabblet
