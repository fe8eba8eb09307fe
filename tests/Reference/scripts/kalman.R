# The linear case as one whole-history Gaussian least-squares problem, in R's own linear algebra.
# One stratum at medium porosity and strand, air at 50 %, medium load, nothing learned: the equations are those of
# docs/engine.md, written down here once more by themselves. Visits on days 0, 10 and 25; the answer is the
# distribution of (moisture, protein, washable, stubborn) on day 31, given every reading; and, for the smoother, on
# the days of the visits themselves, given every reading, later ones too.
# Run: Rscript tests/Reference/scripts/kalman.R > tests/Reference/values/kalman.json
target <- c(60, 60); air <- 28
kM <- log(2) / 15; kP <- log(2) / 120
start <- c(54, 56, 15, 12); P0 <- diag(c(14, 12, 9, 9)^2)
fade <- function(days) {
  a <- exp(-kM * days); b <- exp(-kP * days)
  list(F = diag(c(a, b, 1, 1)), u = c(air * (1 - a), 0, 2 * 0.3 * 0.8 * days, 2 * 0.3 * 0.2 * days),
       Q = diag(c(0.5^2 * days * (1 - a^2) / (2 * kM * days), 0.2^2 * days * (1 - b^2) / (2 * kP * days), 0.4^2 * days, 0.2^2 * days)))
}
H <- rbind(dryness = c(-0.1, 0, 0, 0), feel = c(0.1, -0.1, 0, 0), stretch = c(0.5, -0.3, 0, 0), build = c(0, 0, 0.1, 0.1))
h0 <- c(3 + 0.1 * target[1], -0.1 * target[1] + 0.1 * target[2], 45 - 0.5 * target[1] + 0.3 * target[2], 0)
R <- diag(c(1.2, 1.2, 5 / sqrt(3), 1.5)^2)
y <- list(c(5, -1, 38, 3), c(4, 0.5, 44, 2), c(5.5, -1, 36, 5))
days <- c(0, 10, 25, 31)
# Unknowns: the state on days 0, 10, 25, 31, stacked. Every prior, step and reading is one block of weighted rows.
n <- 4; rows <- list(); rhs <- list()
block <- function(at, matrices) { m <- matrix(0, nrow(matrices[[1]]), n * length(days)); for (i in seq_along(at)) m[, (at[i] - 1) * n + 1:n] <- matrices[[i]]; m }
add <- function(A, b, V) { W <- solve(t(chol(V))); rows[[length(rows) + 1]] <<- W %*% A; rhs[[length(rhs) + 1]] <<- W %*% b }
add(block(1, list(diag(n))), start, P0)
for (k in 1:3) {
  f <- fade(days[k + 1] - days[k])
  add(block(c(k, k + 1), list(-f$F, diag(n))), f$u, f$Q)
  add(block(k, list(H)), y[[k]] - h0, R)
}
A <- do.call(rbind, rows); b <- do.call(rbind, rhs)
V <- solve(t(A) %*% A); x <- V %*% (t(A) %*% b)
last <- (length(days) - 1) * n + 1:n
number <- function(v) paste0("[", paste(sprintf("%.15g", v), collapse = ", "), "]")
state <- function(k) { at <- (k - 1) * n + 1:n; paste0("{\"mean\": ", number(x[at]), ", \"covariance\": [", paste(apply(V[at, at], 1, number), collapse = ", "), "]}") }
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"mean\": ", number(x[last]), ",\n  \"covariance\": [", paste(apply(V[last, last], 1, number), collapse = ", "), "],\n  \"smoothed\": [", paste(sapply(1:3, state), collapse = ",\n    "), "]\n}\n", sep = "")
