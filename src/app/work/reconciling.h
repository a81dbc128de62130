// Bringing the form at hand into step with its tables: what is stored is looked at beside the interface first, then the
// sheet opens.
#pragma once

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

Q_SIGNALS:
    void said(const QString &sentence);

private:
    void openSheet(const Appearance &appearance, const Form &form, const QList<TableChange> &changes, QWidget *parent);

    OpenWork *m_work;
    BackgroundWork m_background;
};

// Rows of tables for telling by values what became of their columns; those that cannot be read are left out.
StoredSamples readSamples(const Connection &connection, const Catalogue &catalogue, const QStringList &tables);

} // namespace nabblet
