# Normal and bivariate normal probabilities and mean squared excesses by scipy.
# Run: python3 tests/Reference/scripts/normal.py > tests/Reference/values/normal.json  (Debian's python3-scipy)
import json
import scipy
from scipy.integrate import quad
from scipy.stats import multivariate_normal, norm

z = [-9.0, -5.5, -3.2, -2.0, -1.0, -0.3, 0.0, 0.4, 1.2816, 2.9, 3.1, 6.0]
bivariate = []
for x, y in [(0.0, 0.0), (1.0, -0.5), (-1.5, -2.0), (2.5, 0.3), (0.2, 1.9)]:
    for rho in [-0.95, -0.6, -0.1, 0.0, 0.35, 0.8, 0.97]:
        law = multivariate_normal(mean=[0, 0], cov=[[1, rho], [rho, 1]])
        # Integrated in one direction, since the library's own cdf is only good to about 1e-5.
        inner = lambda t: norm.pdf(t) * norm.cdf((y - rho * t) / (1 - rho * rho) ** 0.5)
        bivariate.append({"x": x, "y": y, "rho": rho, "p": quad(inner, -12, x, epsabs=1e-13, limit=400)[0], "rough": float(law.cdf([x, y]))})
print(json.dumps({
    "made_by": "scipy " + scipy.__version__,
    "cumulative": [{"z": v, "p": float(norm.cdf(v))} for v in z],
    "squared_excess": [{"d": d, "e": quad(lambda t: (t + d) ** 2 * norm.pdf(t), -d, max(12.0, 12.0 - d), epsabs=1e-14)[0]} for d in [-3.0, -1.0, 0.0, 0.7, 2.5]],
    "bivariate": bivariate,
}, indent=1))
