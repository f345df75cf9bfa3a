// SPDX-License-Identifier: MIT
#pragma once

namespace yd::exports {

/// Makes the bundled font known to Qt, once; without it print would come out in whatever the machine has.
void load_fonts();

}  // namespace yd::exports
