// A picture stored in the row: Enter, Space or a click offers to choose, keep or remove it.
#include "core/file/whole_file.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"

#include <QFileDialog>
#include <QImage>
#include <QMenu>

namespace nabblet {

namespace {

class ImageEditor : public FieldEditor
{
public:
    ImageEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new PaintedButton(parent))
    {
        m_button->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, shownNow(hasFocus)); };
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
        if (isEditable) {
            menu.addAction(EntrySession::tr("Choose a picture…"), [this] { choose(); });
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

    PaintedButton *m_button;
};

} // namespace

std::unique_ptr<FieldEditor> makeImageEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ImageEditor>(context, control, parent);
}

} // namespace nabblet
