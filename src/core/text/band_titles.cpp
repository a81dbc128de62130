#include "core/text/band_titles.h"

#include "core/text/tr.h"

namespace nabblet {

QString bandTitle(BandRole role)
{
    switch (role) {
    case BandRole::PageHeader:
        return Texts::tr("Page header");
    case BandRole::Header:
        return Texts::tr("Header");
    case BandRole::Body:
        return Texts::tr("Body");
    case BandRole::Footer:
        return Texts::tr("Footer");
    case BandRole::PageFooter:
        return Texts::tr("Page footer");
    }
    return {};
}

} // namespace nabblet
