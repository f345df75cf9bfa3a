// SPDX-License-Identifier: MIT
// What the tests of the window read: the window.
#pragma once
#include "../../tests/shared/one_program.h"
#include "../../tests/ui/ui_world.h"
