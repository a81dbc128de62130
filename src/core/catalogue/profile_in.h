// The profile of one table among several.
#pragma once

#include "core/catalogue/profile.h"

namespace nabblet {

// nullptr where nothing is known of it. Valid as long as the profiles.
inline const Profile *profileIn(const QHash<QString, Profile> *profiles, const QString &table)
{
    const auto found = profiles ? profiles->constFind(table) : QHash<QString, Profile>::const_iterator();
    return profiles && found != profiles->constEnd() ? &*found : nullptr;
}

// The same of one of its columns; profile may be nullptr.
inline const ColumnProfile *columnIn(const Profile *profile, const QString &column)
{
    const auto found = profile ? profile->columns.constFind(column) : QHash<QString, ColumnProfile>::const_iterator();
    return profile && found != profile->columns.constEnd() ? &*found : nullptr;
}

} // namespace nabblet
