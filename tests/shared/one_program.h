// SPDX-License-Identifier: MIT
#pragma once

// Read before every test file: the tests of a folder are one program, which is given the name of the file to run. Their
// own mains become entries of its list.

#include <QTest>

namespace yd::trial {

using Runner = int (*)(const QStringList& arguments);
/// `file`: __FILE__ of the test.
bool enter(const char* file, Runner run);

}  // namespace yd::trial

#undef QTEST_MAIN
#undef QTEST_GUILESS_MAIN
#undef QTEST_APPLESS_MAIN
#define QTEST_MAIN(Test)                                                                                            \
  [[maybe_unused]] static const bool entered_##Test = yd::trial::enter(__FILE__, [](const QStringList& arguments) { \
    Test test;                                                                                                      \
    return QTest::qExec(&test, arguments);                                                                          \
  });
#define QTEST_GUILESS_MAIN(Test) QTEST_MAIN(Test)
#define QTEST_APPLESS_MAIN(Test) QTEST_MAIN(Test)
