// SPDX-License-Identifier: MIT
// What test programs read besides the module they test.
#pragma once
#include "qt.h"
#include <QTemporaryDir>
#include <QTest>
