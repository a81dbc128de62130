// Pictures on the grounds of bands and forms, in the form or as files of its project, and styles of what is inside.
#include "core/check/checks.h"
#include "core/edit/look_edits.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/file/picture_file.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/looks/pins/look_pin.h"
#include "support/sample_forms.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestGroundPictures : public QObject
{
    Q_OBJECT

    static void write(const QString &path, const QByteArray &bytes)
    {
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    }
    static Form withPicture(const GroundPicture &picture)
    {
        Form form = samples::columnOfFields(2);
        form.name = "own";
        form.settings.set(setting::GroundImage, picture);
        return form;
    }

private Q_SLOTS:
    // Wherever it lies, it has its shape; what covers leaves nothing bare, what is seen whole stands inside, tiles
    // fill.
    void placesKeepToTheirGround()
    {
        const QRect ground(-7, 13, 321, 203);
        for (const QSize size : {QSize(40, 30), QSize(3000, 20), QSize(5, 4000), QSize(321, 203), QSize(1, 1)}) {
            const QRect cover = picturePlaces(GroundFit::Cover, size, ground).first();
            QVERIFY(cover.contains(ground));
            QVERIFY(cover.width() == ground.width() || cover.height() == ground.height());
            const QRect whole = picturePlaces(GroundFit::Whole, size, ground).first();
            QVERIFY(ground.adjusted(-1, -1, 1, 1).contains(whole));
            qint64 tiled = 0; // none lies on another
            if (size.width() > 1) {
                for (const QRect &each : picturePlaces(GroundFit::Tiled, size, ground)) {
                    QCOMPARE(each.size(), size);
                    const QRect part = each.intersected(ground);
                    tiled += qint64(part.width()) * part.height();
                }
                QCOMPARE(tiled, qint64(ground.width()) * ground.height());
            }
            for (int fit = static_cast<int>(GroundFit::TopLeft); fit <= static_cast<int>(GroundFit::BottomRight);
                 ++fit) {
                QCOMPARE(picturePlaces(static_cast<GroundFit>(fit), size, ground).first().size(), size);
            }
            QCOMPARE(picturePlaces(GroundFit::TopLeft, size, ground).first().topLeft(), ground.topLeft());
            QCOMPARE(picturePlaces(GroundFit::BottomRight, size, ground).first().bottomRight(), ground.bottomRight());
            QCOMPARE(picturePlaces(GroundFit::Right, size, ground).first().right(), ground.right());
        }
        QVERIFY(picturePlaces(GroundFit::Tiled, QSize(), ground).isEmpty());
        QCOMPARE(groundFitNames().size(), static_cast<int>(GroundFit::BottomRight) + 1);
    }

    // Of the band, or of the form where the band has no ground of its own.
    void bandsShowTheirOwnOrTheForms()
    {
        Form form = withPicture({{"all", {}}, GroundFit::Tiled, 50});
        const BandRole body = BandRole::Body;
        QVERIFY(pictureOfBand(form, body)->isOfForm);
        Band &band = *std::find_if(form.bands.begin(), form.bands.end(), [&](const Band &b) { return b.role == body; });
        band.settings.set(setting::Fill, TwoSided{0x112233, {}});
        QVERIFY(!pictureOfBand(form, body));
        band.settings.set(setting::GroundImage, {{"own", {}}, GroundFit::Top, 100});
        QCOMPARE(pictureOfBand(form, body)->picture.picture.image, "own");
        QVERIFY(!pictureOfBand(form, body)->isOfForm);
        const Result<Form> again = readForm(writeForm(form));
        QVERIFY2(again, qPrintable(again.error().sentence));
        QCOMPARE(writeForm(*again), writeForm(form));
        QCOMPARE(*pictureOfBand(*again, body), *pictureOfBand(form, body));
        QCOMPARE(again->settings.get(setting::GroundImage)->strength, 50);
    }

    // A picture inside the project stays a file; one from elsewhere becomes part of the form.
    void picturesInsideTheProjectAreReferredTo()
    {
        QTemporaryDir folder;
        QVERIFY(QDir(folder.path()).mkpath("project/forms"));
        QVERIFY(QDir(folder.path()).mkpath("project/pictures"));
        const QString project = folder.filePath("project");
        write(project + "/pictures/logo.png", "inside");
        write(folder.filePath("logo.png"), "outside");
        const auto chosen = [&](const QString &path) { return pictureFromFile(path, project + "/forms", project); };
        QCOMPARE(*chosen(project + "/pictures/logo.png"), (FixedPicture{"inside", "../pictures/logo.png"}));
        QCOMPARE(*chosen(folder.filePath("logo.png")), (FixedPicture{"outside", {}}));
        QCOMPARE(*chosen({}), FixedPicture());
        QVERIFY(!chosen(folder.filePath("none.png")));
        // Saved without its bytes, read with them, as they are by then.
        Form form = withPicture({*chosen(project + "/pictures/logo.png"), GroundFit::Cover, 20});
        Control logo = form.controls.at(0);
        logo.kind = "picture";
        logo.column.clear();
        logo.settings.set(setting::Image, *chosen(project + "/pictures/logo.png"));
        form.controls.replace(0, logo);
        const QString path = project + "/forms/own.nabform";
        QVERIFY(saveForm(path, form));
        QVERIFY(!writeForm(form).contains(QByteArray("inside").toBase64()));
        write(project + "/pictures/logo.png", "changed");
        Form read = *loadForm(path);
        QCOMPARE(read.settings.get(setting::GroundImage)->picture.image, "changed");
        QCOMPARE(fixedImage(read.controls.at(0)), "changed");
        QCOMPARE(findings("missing pictures", {read, {}, FixedTextMeasure()}).size(), 0);
        // Saved where the file is not, it is part of the form; so it is on its way over the clipboard.
        QVERIFY(QDir(folder.path()).mkpath("elsewhere"));
        QVERIFY(saveForm(folder.filePath("elsewhere/own.nabform"), read));
        const Form elsewhere = *loadForm(folder.filePath("elsewhere/own.nabform"));
        QCOMPARE(elsewhere.settings.get(setting::GroundImage)->picture, (FixedPicture{"changed", {}}));
        QCOMPARE(fixedImage(elsewhere.controls.at(0)), "changed");
        QCOMPARE(withPicturesInside(read).settings.get(setting::GroundImage)->picture, (FixedPicture{"changed", {}}));
        // Gone, it is said, and the form still refers to it when it is saved.
        QVERIFY(QFile::remove(project + "/pictures/logo.png"));
        read = *loadForm(path);
        QVERIFY(fixedImage(read.controls.at(0)).isEmpty());
        QCOMPARE(findings("missing pictures", {read, {}, FixedTextMeasure()}).size(), 2);
        QVERIFY(saveForm(path, read));
        write(project + "/pictures/logo.png", "back");
        QCOMPARE(fixedImage(loadForm(path)->controls.at(0)), "back");
    }

    // What is put where all have a style has it as well.
    void styleOfWhatIsInside()
    {
        const FixedTextMeasure measure;
        Form form = samples::columnOfFields(3);
        QList<ControlId> all;
        for (const Control &control : form.controls) {
            all.append(control.id);
        }
        Control pinned = form.controls.at(0);
        pinned.settings.set(setting::Corner, 7);
        form.controls.replace(0, pinned);
        form = withStyleBeneath(form, all, "Note paper", measure);
        QCOMPARE(*form.controls.at(0).settings.get(setting::Corner), 7); // what was pinned stays
        QCOMPARE(styleSharedIn(form, areaOf(form.controls.at(0))), "Note paper");
        const PlacedControl placed =
            withNewControl(form, "text-box", areaOf(form.controls.at(0)), QRect(8, 400, 0, 0), measure);
        QCOMPARE(placed.form.controls.find(placed.control)->settings.value(setting::Style), "Note paper");
        Control other = form.controls.at(1);
        other.settings.remove(setting::Style);
        form.controls.replace(1, other);
        QCOMPARE(styleSharedIn(form, areaOf(other)), QString());
        QCOMPARE(withStyleBeneath(form, all, QString(), measure).controls.at(2).settings.has(setting::Style), false);
    }
};

QTEST_APPLESS_MAIN(TestGroundPictures)
#include "tst_ground_pictures.moc"
