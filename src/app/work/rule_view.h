// The page of the form's rules, told of the form at hand, its database and its record.
#pragma once

#include "data/records/records.h"
#include "designer/rules/rule_context.h"
#include "entry/theme/appearance.h"

#include <QHash>
#include <QObject>

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

    // Stands where the window puts it.
    RulesPage *page() const { return m_page; }
    void setAppearance(const Appearance &appearance);
    // Shows the rules of the form at hand, those of some controls first.
    void open(const QList<ControlId> &controls);

private:
    QList<ValueChoice> choicesOf(const QString &column);
    QList<ValueChoice> readChoices(const QString &column) const;
    QString tried(const QString &expression) const;

    OpenWork *m_work;
    std::function<const Profile *()> m_profile;
    RulesPage *m_page;
    QHash<QString, QList<ValueChoice>> m_choices; // by column, read since the page came to the front
};

} // namespace nabblet
