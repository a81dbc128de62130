// The rule at hand: what it does, to what, when, and what it says; with what is stored beside it.
#pragma once

#include "data/records/rule_counts.h"
#include "designer/rules/rule_context.h"
#include "entry/theme/appearance.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace nabblet {

class ConditionEditor;
class ControlsChooser;
class ScaleEditor;
class ShapeEditor;
class SpreadChart;
class SqlLine;

class RuleEditor : public QWidget
{
    Q_OBJECT

public:
    // context: outlives this.
    explicit RuleEditor(const RuleContext *context, QWidget *parent = nullptr);

    void setAppearance(const Appearance &appearance);
    // Another form, or other stored values: the lists are made anew.
    void refresh();
    void setRule(const Rule &rule);
    const Rule &rule() const { return m_rule; }
    // What was counted of it, of so many rows; a sample's while more are being looked at. columns: of the rows kept.
    void setCounted(const RowsCounted &counted, qint64 rows, bool isSample, const QStringList &columns);
    // What measure() gives, where the rule is no scale.
    void setNumbers(const QList<double> &numbers);
    // The expression whose stored values stand behind the chart; empty for none.
    QString measures() const;
    // What a worked out value gives for the record in hand and others, in words.
    void setTried(const QString &words);

Q_SIGNALS:
    void edited();
    void measuresChanged();
    void deleteRequested();
    void copyRequested(const QList<nabblet::ControlId> &to);
    void recordRequested(const nabblet::RowKey &key);
    void rowsRequested();

private:
    struct Side
    {
        QWidget *part = nullptr;
        QLabel *caption = nullptr;
        QComboBox *mark = nullptr;
        QLineEdit *words = nullptr;
        SqlLine *value = nullptr;
        QPushButton *putIn = nullptr;
        QLabel *mistake = nullptr;
    };
    Side makeSide(const QString &caption, const QString &name, RuleSide Rule::*side);
    void showSide(const Side &side, const RuleSide &shown);
    void showScale();
    QWidget *section(const QString &title, QWidget *contents);
    void change(const std::function<void(Rule &)> &how);
    void showAll();
    void showCounts();

    const RuleContext *m_context;
    Appearance m_appearance;
    Rule m_rule;
    RowsCounted m_counted;
    qint64 m_rows = 0;
    bool m_isSample = true;
    bool m_isShowing = false;

    QVBoxLayout *m_column;
    QComboBox *m_effect;
    QLabel *m_help;
    ControlsChooser *m_on;
    ControlsChooser *m_copy;
    ConditionEditor *m_condition;
    QLabel *m_whenTitle;
    QLabel *m_counts;
    QPushButton *m_aTrue;
    QPushButton *m_aFalse;
    QPushButton *m_look;
    QWidget *m_chartPart;
    SpreadChart *m_chart;
    ScaleEditor *m_scale;
    ShapeEditor *m_shape;
    Side m_then;
    Side m_otherwise;
    QLabel *m_tried;
    QWidget *m_hiddenPart;
    QCheckBox *m_givesWay;
    QComboBox *m_hiddenValue;
    QWidget *m_holdPart;
    QComboBox *m_hold;
    QWidget *m_asksPart;
    QComboBox *m_asks;
    QPushButton *m_off;
};

} // namespace nabblet
