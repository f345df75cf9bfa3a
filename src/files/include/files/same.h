// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <QStringList>

#include "support/result.h"

namespace yd::files {

/// Whether two names stand for one file, by whatever path or link; of files that are not there the names decide, once
/// links in their folders are followed. Pipes, devices and standard output are never the same: writing to one takes
/// nothing away.
bool same_file(const QString& p, const QString& q);

/// `bad_value` naming `output` where it is one of `inputs`: what is read is never written over.
Status is_no_input(const QString& output, const QStringList& inputs);

}  // namespace yd::files
