# SPDX-License-Identifier: MIT
"""The tray problem by HiGHS (scipy.optimize.milp), written again from its statement in plan/tray_solver.h.

Reads: sticks, targets, k, seconds, the cost of some tray; then for every target the upper triangle of pair costs, row by row.
Prints the cost found and the bound proven.
"""
import sys

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import csr_matrix

with open(sys.argv[1]) as f:
    n, targets, k, seconds, known = f.readline().split()
    n, targets, k, seconds, known = int(n), int(targets), int(k), float(seconds), float(known)
    values = np.fromstring(f.read(), sep=" ")
first, second = np.triu_indices(n)
cost = values.reshape(targets, -1)
least = cost.min(axis=1).sum()
rows, columns, entries, low, high, price = [], [], [], [], [], [0.0] * n
row, column = 0, n
stick_rows = 0
for t in range(targets):
    single = cost[t][first == second]
    useful = (first == second) | (cost[t] < np.minimum(single[first], single[second]) - 1e-9)
    # A way that costs more than its target's cheapest by the whole slack of a known tray is in no better one.
    useful &= cost[t] <= cost[t].min() + (known - least) + 1e-6
    picked = np.nonzero(useful)[0]
    users = {}
    for p in picked:
        rows.append(row), columns.append(column), entries.append(1)
        for s in {first[p], second[p]}:
            users.setdefault(s, []).append(column)
        price.append(cost[t][p])
        column += 1
    low.append(1), high.append(1)
    row += 1
    for s, ways in users.items():
        for c in ways:
            rows.append(row), columns.append(c), entries.append(1)
        rows.append(row), columns.append(s), entries.append(-1)
        low.append(-np.inf), high.append(0)
        row += 1
for s in range(n):
    rows.append(row), columns.append(s), entries.append(1)
low.append(0), high.append(k)
row += 1
whole = np.zeros(column)
whole[:n] = 1
answer = milp(price, constraints=LinearConstraint(csr_matrix((entries, (rows, columns)), shape=(row, column)), low, high),
              integrality=whole, bounds=Bounds(0, 1), options={"time_limit": seconds})
print(answer.fun if answer.fun is not None else 1e9, answer.mip_dual_bound)
