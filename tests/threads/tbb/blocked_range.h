// SPDX-License-Identifier: MIT
#pragma once

#include "tbb/parallel_for.h"
