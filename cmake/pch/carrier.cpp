// SPDX-License-Identifier: MIT
// Carries a precompiled header that other targets reuse.
int main() { return 0; }
