// The page of the form's rules, told of the form at hand, its database and its record.
#pragma once

#include "data/records/records.h"
#include "designer/rules/rule_context.h"
#include "entry/theme/appearance.h"

#include <QHash>
#include <QObject>

#include <optional>

namespace nabblet {

class OpenWork;
class RulesPage;
struct Profile;

class RuleView : public QObject
{
    Q_OBJECT

public:
    // work: outlives this. profile: of what is stored in the table of the form's rows, or nullptr.
    RuleView(OpenWork *work, std::function<const Profile *()> profile, QObject *parent = nullptr);

    // Made when it is first asked for, as most who open a form do not come to its rules; stands where the window puts
    // it.
    RulesPage *page();
    bool isPage(const QWidget *widget) const;
    void setAppearance(const Appearance &appearance);
    // Shows the rules of the form at hand, those of some controls first.
    void open(const QList<ControlId> &controls);

Q_SIGNALS:
    void made(nabblet::RulesPage *page);

private:
    QList<ValueChoice> choicesOf(const QString &column);
    QList<ValueChoice> readChoices(const QString &column) const;
    QString tried(const QString &expression) const;

    OpenWork *m_work;
    std::function<const Profile *()> m_profile;
    RulesPage *m_page = nullptr; // until it is asked for
    std::optional<Appearance> m_appearance;
    QHash<QString, QList<ValueChoice>> m_choices; // by column, read since the page came to the front
};

} // namespace nabblet
