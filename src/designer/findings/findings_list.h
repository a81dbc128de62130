// Findings as a list, one sentence a line, those to fix before those to weigh.
#pragma once

#include "core/check/findings.h"
#include "entry/theme/theme.h"

#include <QAbstractListModel>
#include <QListView>

namespace nabblet {

class FindingsModel : public QAbstractListModel
{
    Q_OBJECT

public:
    using QAbstractListModel::QAbstractListModel;

    void setFindings(const QList<Found> &findings);
    const QList<Found> &findings() const { return m_findings; }

    int rowCount(const QModelIndex &parent = {}) const override;
    QVariant data(const QModelIndex &index, int role) const override;

private:
    QList<Found> m_findings;
};

class FindingsList : public QListView
{
    Q_OBJECT

public:
    explicit FindingsList(QWidget *parent = nullptr);

    // The one chosen stays chosen as long as it is there; else the one at its place is.
    void setFindings(const QList<Found> &findings);
    const QList<Found> &findings() const { return m_model->findings(); }
    void setTheme(Theme theme);
    // The one chosen, or nullptr.
    const Found *current() const;
    void setCurrent(int row);

Q_SIGNALS:
    void currentFindingChanged();
    void mendRequested();

protected:
    void currentChanged(const QModelIndex &current, const QModelIndex &previous) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    FindingsModel *m_model;
    bool m_isSetting = false;
};

} // namespace nabblet
