# Bounds of ingredient shares, each as two linear programs for every place of the 1 % line, by scipy's linprog (HiGHS).
# Run: python3 tests/Reference/scripts/weight_bounds.py > tests/Reference/values/weight_bounds.json
import json, random
import numpy as np, scipy
from scipy.optimize import linprog
random.seed(5)
def bounds(n, most, capped):
    best = [[np.inf, -np.inf] for _ in range(n)]
    found = False
    for line in range(0, min(n, capped if capped is not None else n) + 1):
        limits = [(1.0 if i < line else 0.0, min(most.get(i, 100.0), 100.0 if i < line else 1.0)) for i in range(n)]
        if any(lo > hi for lo, hi in limits): continue
        A = [[-1.0 if k == i else (1.0 if k == i + 1 else 0.0) for k in range(n)] for i in range(line - 1)]
        for i in range(n):
            for sign in (1, -1):
                c = [sign if k == i else 0.0 for k in range(n)]
                r = linprog(c, A_ub=A or None, b_ub=[0.0] * len(A) or None, A_eq=[[1.0] * n], b_eq=[100.0], bounds=limits, method="highs")
                if r.status == 0:
                    found = True
                    best[i][0 if sign == 1 else 1] = (min if sign == 1 else max)(best[i][0 if sign == 1 else 1], r.x[i])
    return best if found else None
cases = []
for n in [1, 2, 3, 4, 6, 9, 14, 20, 27]:
    for kind in range(4):
        most = {i: round(random.uniform(0.3, 12), 2) for i in range(1, n) if random.random() < 0.25} if kind in (1, 3) else {}
        capped = random.randint(1, n - 1) if kind in (2, 3) and n > 1 else None
        result = bounds(n, most, capped)
        cases.append({"count": n, "most": {str(k): v for k, v in most.items()}, "capped_from": capped, "bounds": result})
print(json.dumps({"made_by": f"scipy {scipy.__version__}", "cases": cases}))
