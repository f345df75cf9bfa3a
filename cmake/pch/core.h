// SPDX-License-Identifier: MIT
// Standard headers that nearly every file of the core reads.
#pragma once
#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <functional>
#include <limits>
#include <map>
#include <memory>
#include <numeric>
#include <optional>
#include <set>
#include <span>
#include <string>
#include <variant>
#include <vector>
