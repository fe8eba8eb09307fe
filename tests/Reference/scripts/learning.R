# One round of learning a salon's factors from what its heads say, with R's own cor and solve.
# Run: Rscript tests/Reference/scripts/learning.R > tests/Reference/values/learning.json
apart <- .25; spread <- .25; most <- .35
heads <- 9; factors <- 7
# What heads say, made up: slopes, bends and a wave; the fourth factor's parabola stands on its head.
said <- matrix(0, heads, 1 + 2 * factors)
for (h in 1:heads) for (f in 1:factors) for (side in c(-1, 1)) {
  x <- side * apart
  bend <- if (f == 4) -3 else 6 * f
  said[h, if (side < 0) 2 * f else 2 * f + 1] <- (f - 3.5) * x - bend * x^2 / 2 + side * .3 * sin(2.1 * h + f)
}
from <- .05 * (1:factors - 4)
below <- said[, 2 * (1:factors)]; above <- said[, 2 * (1:factors) + 1]
slope <- (above - below) / (2 * apart)
bend <- -colSums((below - 2 * said[, 1] + above) / apart^2)
shrunk <- heads / (heads + factors)
differ <- apply(slope, 2, function(of) sum((of - mean(of))^2)) / shrunk
alike <- shrunk * cor(slope); diag(alike) <- 1
sharp <- ifelse(bend > 0, bend, differ)
believed <- pmin(1, sharp / differ)
known <- outer(sqrt(believed * sharp), sqrt(believed * sharp)) * alike
whole <- known + diag(1 / spread^2, factors)
best <- solve(whole, believed * colSums(slope) + known %*% from)
sd <- sqrt(diag(solve(whole)))
row <- function(of) paste(sprintf("%.15g", of), collapse = ", ")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"from\": [", row(from), "],\n  \"said\": [\n    [",
  paste(apply(said, 1, row), collapse = "],\n    ["), "]\n  ],\n  \"log\": [",
  row(from + pmax(-most, pmin(most, best - from))), "],\n  \"sd\": [", row(sd), "]\n}\n", sep = "")
