// A setting that comes from a file: what it is now, a button to choose one and one to take it away.
#pragma once

#include <QWidget>

class QPushButton;

namespace nabblet {

class FileChooser : public QWidget
{
    Q_OBJECT

public:
    explicit FileChooser(QWidget *parent = nullptr);

    // What there is now; empty for nothing.
    void showWords(const QString &words);

Q_SIGNALS:
    void chosen(const QString &path); // empty to take it away

protected:
    void resizeEvent(QResizeEvent *event) override;

private:
    void fitWords();

    QString m_words;
    QPushButton *m_choose;
    QPushButton *m_remove;
};

} // namespace nabblet
