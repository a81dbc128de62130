// Bringing the form at hand into step with its tables: what is stored is looked at beside the interface first, then the
// sheet opens.
#pragma once

#include "core/catalogue/profile.h"
#include "core/reconcile/what_changed.h"
#include "data/background/background_work.h"

#include <QObject>
#include <QPointer>

class QWidget;

namespace nabblet {

class OpenWork;
class Appearance;

class Reconciling : public QObject
{
    Q_OBJECT

public:
    // work: outlives this.
    explicit Reconciling(OpenWork *work, QObject *parent = nullptr);

    // Opens the sheet for the form at hand, as soon as enough is known. appearance: of the form.
    void begin(const Appearance &appearance, QWidget *parent);
    // The same with what a draft of today would make otherwise.
    void beginDraft(const Appearance &appearance, QWidget *parent);
    // Follows what was renamed, where that is certain and the project says so; one step of undo.
    void followRenames(const Appearance &appearance);

Q_SIGNALS:
    void said(const QString &sentence);

private:
    // What was found out beside the interface.
    struct Learnt
    {
        Form form; // that it is about
        QList<TableChange> changes;
        QHash<QString, Profile> profiles;
    };
    enum class Depth { Changes, Values }; // how much has to be known
    void learn(Depth depth, QWidget *parent, const std::function<void(const Learnt &learnt)> &then);
    void openSheet(const Appearance &appearance, const Learnt &learnt, bool isDraft, QWidget *parent);

    OpenWork *m_work;
    BackgroundWork m_background;
    BackgroundWork m_following;
};

// Rows of tables for telling by values what became of their columns; those that cannot be read are left out.
StoredSamples readSamples(const Connection &connection, const Catalogue &catalogue, const QStringList &tables);

} // namespace nabblet
