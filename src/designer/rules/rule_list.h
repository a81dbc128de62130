// The rules of a form as a list of sentences, each with the number of stored rows that it is true for and what is wrong
// with it.
#pragma once

#include "core/model/form.h"
#include "data/records/rule_counts.h"
#include "entry/theme/theme.h"

#include <QAbstractListModel>
#include <QHash>
#include <QListView>

namespace nabblet {

// A row of the list.
struct RuleLine
{
    int rule = -1;     // its number in Form::rules; -1: it holds without standing there, …
    int standing = -1; // … and is this one of those that do
    QString sentence;
    QString subject; // what stands out at its beginning
    QString counts;  // "9 of 212"
    QString warning; // what is wrong with it
    QString untried; // which of its sides no trial has shown
    bool isGrave = false;
    bool isOff = false;
    bool hasRows = false; // there are rows to look at

    bool operator==(const RuleLine &) const = default;
};

class RuleListModel : public QAbstractListModel
{
    Q_OBJECT

public:
    using QAbstractListModel::QAbstractListModel;

    enum Role { LineRole = Qt::UserRole };
    void setLines(const QList<RuleLine> &lines);
    const QList<RuleLine> &lines() const { return m_lines; }

    int rowCount(const QModelIndex &parent = {}) const override;
    QVariant data(const QModelIndex &index, int role) const override;

private:
    QList<RuleLine> m_lines;
};

class RuleList : public QListView
{
    Q_OBJECT

public:
    explicit RuleList(QWidget *parent = nullptr);

    void setLines(const QList<RuleLine> &lines);
    const QList<RuleLine> &lines() const { return m_model->lines(); }
    void setTheme(Theme theme);
    // The line chosen; -1 for none.
    int current() const { return currentIndex().row(); }
    void setCurrent(int line);
    // All lines chosen, from the top.
    QList<int> chosen() const;

Q_SIGNALS:
    void currentLineChanged(int line);
    void addRequested();
    void editRequested();
    void copyRequested();
    void pasteRequested();
    void deleteRequested();

protected:
    void keyPressEvent(QKeyEvent *event) override;
    void contextMenuEvent(QContextMenuEvent *event) override;
    void currentChanged(const QModelIndex &current, const QModelIndex &previous) override;

private:
    RuleListModel *m_model;
};

} // namespace nabblet

Q_DECLARE_METATYPE(nabblet::RuleLine)
