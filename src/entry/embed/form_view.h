// A form at work in any Qt application:
//
//     auto *view = new nabblet::FormView(this);
//     if (!view->open("forms/visit.nabform"))
//         qWarning() << view->error();
//
// It brings its own look, by the form's and the palette's, and needs no style sheet of the application that it is in.
// What is typed is saved as in Nabblet itself: when another record is gone to, by Ctrl+S, or by save(). Belongs to the
// thread of the interface.
#pragma once

#include <QString>
#include <QVariant>
#include <QWidget>

#include <memory>

namespace nabblet {

class FormView : public QWidget
{
    Q_OBJECT

public:
    explicit FormView(QWidget *parent = nullptr);
    ~FormView() override;

    // Opens a .nabform file on a database: the file of one, or an address such as "postgresql://user@host/name";
    // without it, the one of the project that the form belongs to. False where that is not possible; error() says why,
    // in a sentence for a person. What was open before stays open then.
    bool open(const QString &formFile, const QString &database = {});
    QString error() const;

    // The record in hand: the values of its key, empty for a new one or none; a value by the column's name, as it
    // would be saved.
    QVariantList key() const;
    QVariant value(const QString &column) const;
    bool hasUnsaved() const;

    // Each saves first what was typed; false, with refused() said, where that is not possible or there is nothing that
    // way.
    bool goToKey(const QVariantList &key);
    bool goNext();
    bool goPrevious();
    bool addRecord();
    bool save();

Q_SIGNALS:
    void recordChanged();                  // another record, or the same with other values
    void saved(const QVariantList &key);   // …
    void deleted(const QVariantList &key); // by a person
    void refused(const QString &sentence); // what was typed could not be saved
    void said(const QString &sentence);    // what was done, for a status line

private:
    struct Inside;
    std::unique_ptr<Inside> m_inside;
};

} // namespace nabblet
