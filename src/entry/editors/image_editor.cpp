// A picture stored in the row: Enter, Space or a click offers to look at it large, to choose, paste, keep or remove it;
// one may be dropped there, too.
#include "core/file/whole_file.h"
#include "core/kinds/control_names.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"
#include "entry/editors/picture_window.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QFileDialog>
#include <QImage>
#include <QMenu>
#include <QMimeData>

namespace nabblet {

namespace {

// The bytes of a picture that is dropped or pasted: a file of one, or its points. Empty where it is none.
QByteArray pictureIn(const QMimeData &data)
{
    const QList<QUrl> files = data.urls();
    for (const QUrl &file : files) {
        const Result<QByteArray> bytes = file.isLocalFile() ? readWholeFile(file.toLocalFile()) : QByteArray();
        if (bytes && !QImage::fromData(*bytes).isNull()) {
            return *bytes;
        }
    }
    QByteArray bytes;
    const QImage image = qvariant_cast<QImage>(data.imageData());
    if (!image.isNull()) {
        QBuffer buffer(&bytes);
        image.save(&buffer, "PNG");
    }
    return bytes;
}

// A button on which pictures are dropped and pasted.
class PictureButton : public PaintedButton
{
public:
    explicit PictureButton(QWidget *parent) : PaintedButton(parent) { setAcceptDrops(true); }

    std::function<bool()> mayTake;
    std::function<void(const QMimeData &)> take;

protected:
    void dragEnterEvent(QDragEnterEvent *event) override
    {
        if (mayTake() && (event->mimeData()->hasImage() || event->mimeData()->hasUrls())) {
            event->acceptProposedAction();
        }
    }
    void dropEvent(QDropEvent *event) override
    {
        event->acceptProposedAction();
        take(*event->mimeData());
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        if (event->matches(QKeySequence::Paste) && mayTake()) {
            take(*QApplication::clipboard()->mimeData());
        } else {
            PaintedButton::keyPressEvent(event);
        }
    }
};

class ImageEditor : public FieldEditor
{
public:
    ImageEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new PictureButton(parent))
    {
        m_button->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, shownNow(hasFocus)); };
        m_button->mayTake = [this] { return session().values().mayType(this->control()); };
        m_button->take = [this](const QMimeData &data) { take(data); };
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] { offer(); });
    }

    QWidget *widget() override { return m_button; }
    void refresh() override { m_button->update(); }

private:
    void offer()
    {
        const bool isEditable = session().values().mayType(control());
        const QByteArray image = session().state().value(control().column).toByteArray();
        QMenu menu(m_button);
        if (!QImage::fromData(image).isNull()) {
            menu.addAction(EntrySession::tr("Look at it large…\tF2"), [this] {
                showPicture(session().state().value(control().column).toByteArray(),
                            calledFor(session().form(), control()), m_button);
            });
        }
        if (isEditable) {
            menu.addAction(EntrySession::tr("Choose a picture…"), [this] { choose(); });
            const QMimeData *there = QApplication::clipboard()->mimeData();
            if (there && (there->hasImage() || there->hasUrls())) {
                menu.addAction(EntrySession::tr("Put in the one from the clipboard\tCtrl+V"),
                               [this] { take(*QApplication::clipboard()->mimeData()); });
            }
        }
        if (!image.isEmpty()) {
            menu.addAction(EntrySession::tr("Save the picture as…"), [this, image] { keep(image); });
            if (isEditable) {
                menu.addAction(EntrySession::tr("Remove the picture"), [this] {
                    session().typing().choose(control(), QVariant());
                    m_button->update();
                });
            }
        }
        if (!menu.isEmpty()) {
            menu.exec(m_button->mapToGlobal(QPoint(0, m_button->height())));
        }
    }

    void take(const QMimeData &data)
    {
        const QByteArray bytes = pictureIn(data);
        if (bytes.isEmpty()) {
            Q_EMIT session().said(EntrySession::tr("That is no picture that can be shown."));
        } else {
            session().typing().choose(control(), bytes);
            m_button->update();
        }
    }

    void choose()
    {
        const QString path =
            QFileDialog::getOpenFileName(m_button, EntrySession::tr("Choose a picture"), QString(),
                                         EntrySession::tr("Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)"));
        if (path.isEmpty()) {
            return;
        }
        const Result<QByteArray> bytes = readWholeFile(path);
        if (!bytes) {
            Q_EMIT session().said(bytes.error().sentence);
        } else if (QImage::fromData(*bytes).isNull()) {
            Q_EMIT session().said(
                EntrySession::tr("%1 is not a picture that can be shown. Choose another file.").arg(path));
        } else {
            session().typing().choose(control(), *bytes);
            m_button->update();
        }
    }

    void keep(const QByteArray &image)
    {
        const QString path = QFileDialog::getSaveFileName(m_button, EntrySession::tr("Save the picture as"));
        if (path.isEmpty()) {
            return;
        }
        const Outcome saved = replaceWholeFile(path, image);
        Q_EMIT session().said(saved ? EntrySession::tr("The picture is saved as %1.").arg(path)
                                    : saved.error().sentence);
    }

    PictureButton *m_button;
};

} // namespace

std::unique_ptr<FieldEditor> makeImageEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ImageEditor>(context, control, parent);
}

} // namespace nabblet
