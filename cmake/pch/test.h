// SPDX-License-Identifier: MIT
// What test programs read besides the module they test; first what makes a folder's tests one program.
#pragma once
#include "../../tests/shared/one_program.h"
#include "qt.h"
#include <QTemporaryDir>
