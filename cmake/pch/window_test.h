// SPDX-License-Identifier: MIT
// What the tests of the window read.
#pragma once
#include "widgets.h"
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
