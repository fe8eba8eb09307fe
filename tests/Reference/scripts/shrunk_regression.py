# The posterior of a linear model with known noise and a normal prior of each coefficient, another way round than by its normal
# equations: each prior is one more row of data, all rows are scaled to noise 1 and solved by singular values (numpy's lstsq and pinv).
# Run: python3 tests/Reference/scripts/shrunk_regression.py > tests/Reference/values/shrunk_regression.json
import json
import numpy as np
random = np.random.default_rng(20)
cases = []
for rows in [0, 1, 2, 3, 5, 8, 20, 60]:
    for names in [1, 3, 6]:
        mean = random.normal(0, 1, names); sd = random.uniform(0.05, 0.8, names); noise = random.uniform(0.1, 0.6)
        x = random.integers(0, 2, (rows, names)) * random.uniform(0.5, 1.5, (rows, names)); x[:, 0] = 1
        y = x @ (mean + random.normal(0, sd)) + random.normal(0, noise, rows)
        scaled = np.vstack([x / noise, np.diag(1 / sd)]); right = np.concatenate([y / noise, mean / sd])
        means = np.linalg.lstsq(scaled, right, rcond=None)[0]
        inverse = np.linalg.pinv(scaled); asked = random.uniform(0, 2, names)
        cases.append({"mean": mean.tolist(), "sd": sd.tolist(), "noise": float(noise), "x": x.tolist(), "y": y.tolist(), "means": means.tolist(),
                      "asked": asked.tolist(), "expected": float(asked @ means), "doubt": float(np.linalg.norm(asked @ inverse))})
print(json.dumps({"made_by": f"numpy {np.__version__}", "cases": cases}))
