#include "data/mail/message.h"

#include "core/text/tr.h"

#include <QUuid>

#include <gmime/gmime.h>

#include <memory>

namespace nabblet {

namespace {

struct Unreference
{
    void operator()(void *object) const { g_object_unref(object); }
};
template <typename T> using Held = std::unique_ptr<T, Unreference>;

// The addresses in some words, or nothing where one of them is none.
QStringList bareAddresses(InternetAddressList *list)
{
    QStringList bare;
    const int count = list ? internet_address_list_length(list) : 0;
    for (int i = 0; i < count; ++i) {
        InternetAddress *address = internet_address_list_get_address(list, i);
        const char *written = INTERNET_ADDRESS_IS_MAILBOX(address)
                                  ? internet_address_mailbox_get_addr(INTERNET_ADDRESS_MAILBOX(address))
                                  : nullptr;
        const QString words = QString::fromUtf8(written);
        const qsizetype at = words.lastIndexOf(u'@');
        if (at <= 0 || at + 1 >= words.size() || words.contains(u' ')) {
            return {};
        }
        bare.append(words);
    }
    return bare;
}

Held<InternetAddressList> parsed(const QString &words)
{
    return Held<InternetAddressList>(internet_address_list_parse(nullptr, words.toUtf8().constData()));
}

Held<GMimeDataWrapper> content(const QByteArray &bytes)
{
    const Held<GMimeStream> stream(
        g_mime_stream_mem_new_with_buffer(bytes.constData(), static_cast<size_t>(bytes.size())));
    return Held<GMimeDataWrapper>(g_mime_data_wrapper_new_with_stream(stream.get(), GMIME_CONTENT_ENCODING_DEFAULT));
}

} // namespace

Result<WrittenMail> writtenMail(const MailMessage &message)
{
    g_mime_init(); // the first call does it
    const Held<InternetAddressList> from = parsed(message.from);
    const Held<InternetAddressList> to = parsed(message.to);
    const QStringList sender = from ? bareAddresses(from.get()) : QStringList();
    WrittenMail written;
    written.recipients = to ? bareAddresses(to.get()) : QStringList();
    if (sender.size() != 1) {
        return Error{Texts::tr("“%1” is no address to send from. It is set where the project's mail is set up.")
                         .arg(message.from),
                     {}};
    }
    if (written.recipients.isEmpty()) {
        return Error{message.to.trimmed().isEmpty() ? Texts::tr("Nobody is named to whom it goes.")
                                                    : Texts::tr("“%1” is no address.").arg(message.to.trimmed()),
                     {}};
    }
    written.sender = sender.first();
    const Held<GMimeMessage> made(g_mime_message_new(TRUE));
    internet_address_list_append(g_mime_message_get_addresses(made.get(), GMIME_ADDRESS_TYPE_FROM), from.get());
    internet_address_list_append(g_mime_message_get_addresses(made.get(), GMIME_ADDRESS_TYPE_TO), to.get());
    g_mime_message_set_subject(made.get(), message.subject.simplified().toUtf8().constData(), "utf-8");
    GDateTime *now = g_date_time_new_now_local();
    g_mime_message_set_date(made.get(), now);
    g_date_time_unref(now);
    written.id =
        QUuid::createUuid().toByteArray(QUuid::WithoutBraces) + '@' + written.sender.section(u'@', -1).toUtf8();
    g_mime_message_set_message_id(made.get(), written.id.constData());
    const Held<GMimeTextPart> text(g_mime_text_part_new_with_subtype("plain"));
    g_mime_text_part_set_charset(text.get(), "utf-8");
    g_mime_text_part_set_text(text.get(), message.text.toUtf8().constData());
    g_mime_part_set_content_encoding(GMIME_PART(text.get()), GMIME_CONTENT_ENCODING_QUOTEDPRINTABLE);
    if (message.attachments.isEmpty()) {
        g_mime_message_set_mime_part(made.get(), GMIME_OBJECT(text.get()));
    } else {
        const Held<GMimeMultipart> all(g_mime_multipart_new_with_subtype("mixed"));
        g_mime_multipart_add(all.get(), GMIME_OBJECT(text.get()));
        for (const MailAttachment &attachment : message.attachments) {
            const QList<QByteArray> type = attachment.type.split('/');
            const Held<GMimePart> part(g_mime_part_new_with_type(type.value(0).constData(), type.value(1).constData()));
            const Held<GMimeDataWrapper> bytes = content(attachment.bytes);
            g_mime_part_set_content(part.get(), bytes.get());
            g_mime_part_set_content_encoding(part.get(), GMIME_CONTENT_ENCODING_BASE64);
            g_mime_part_set_filename(part.get(), attachment.name.toUtf8().constData());
            g_mime_object_set_disposition(GMIME_OBJECT(part.get()), "attachment");
            g_mime_multipart_add(all.get(), GMIME_OBJECT(part.get()));
        }
        g_mime_message_set_mime_part(made.get(), GMIME_OBJECT(all.get()));
    }
    GMimeFormatOptions *format = g_mime_format_options_new();
    g_mime_format_options_set_newline_format(format, GMIME_NEWLINE_FORMAT_DOS);
    char *whole = g_mime_object_to_string(GMIME_OBJECT(made.get()), format);
    written.bytes = whole;
    g_free(whole);
    g_mime_format_options_free(format);
    return written;
}

} // namespace nabblet
