// Drives the library from outside, by its header alone: drive_form_view FORM DATABASE.
#include <nabblet/form_view.h>

#include <QApplication>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTest>

static bool fails(const char *what)
{
    qCritical("%s", what);
    return true;
}
#define REQUIRE(condition)                                                                                             \
    if (!(condition) && fails(#condition)) {                                                                           \
        return 1;                                                                                                      \
    }

int main(int argc, char **argv)
{
    QApplication app(argc, argv);
    nabblet::FormView form;
    REQUIRE(!form.open("nowhere.nabform"));
    REQUIRE(form.error().contains("nowhere.nabform"));
    REQUIRE(form.open(app.arguments().value(1), app.arguments().value(2)));
    form.resize(900, 600);
    form.show();
    REQUIRE(QTest::qWaitForWindowActive(&form));
    REQUIRE(form.goToKey({1}));
    REQUIRE(form.key() == QVariantList{1});
    QSignalSpy saved(&form, &nabblet::FormView::saved);
    QSignalSpy refused(&form, &nabblet::FormView::refused);
    QSignalSpy changed(&form, &nabblet::FormView::recordChanged);
    QLineEdit *name = nullptr;
    for (QLineEdit *line : form.findChildren<QLineEdit *>()) {
        name = line->text() == form.value("name").toString() ? line : name;
    }
    REQUIRE(name);
    name->setFocus();
    name->selectAll();
    QTest::keyClick(name, Qt::Key_Delete);
    REQUIRE(form.hasUnsaved());
    REQUIRE(!form.save()); // the table needs a name
    REQUIRE(refused.count() == 1);
    name->setFocus();
    QTest::keyClicks(name, "By the library");
    QTest::keyClick(name, Qt::Key_S, Qt::ControlModifier);
    REQUIRE(saved.count() == 1);
    REQUIRE(saved.first().first().toList() == QVariantList{1});
    REQUIRE(!form.hasUnsaved());
    REQUIRE(form.goNext());
    REQUIRE(form.key() != QVariantList{1});
    REQUIRE(changed.count() >= 2);
    REQUIRE(form.goPrevious());
    REQUIRE(form.value("name") == "By the library");
    return 0;
}
