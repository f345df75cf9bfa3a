// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>

namespace yd::exports {

/// The PDF as it comes out whenever the same is written: its identifier is a digest of what it holds (ISO 32000-1,
/// 14.4), its date the one that SOURCE_DATE_EPOCH gives (seconds since 1970; reproducible-builds.org,
/// "SOURCE_DATE_EPOCH specification", 2017). Without one the date is the only thing that differs.
QByteArray made_the_same(QByteArray pdf);

}  // namespace yd::exports
