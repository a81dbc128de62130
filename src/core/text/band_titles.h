// What the bands are called for people.
#pragma once

#include "core/model/control.h"

#include <QString>

#include <array>

namespace nabblet {

// All bands, from top to bottom.
inline constexpr std::array<BandRole, 5> AllBands{BandRole::PageHeader, BandRole::Header, BandRole::Body,
                                                  BandRole::Footer, BandRole::PageFooter};

QString bandTitle(BandRole role); // "Page header"

} // namespace nabblet
