# One quantity, one sign, every seven days: R's own Kalman filter and smoother (stats::KalmanRun, stats::KalmanSmooth).
# Moisture above the air's 28 fades at a half-life of 15 days with the drift of docs/engine.md; dryness reads 3 − (M − 60)/10 ± 1.2.
# R predicts before each reading but takes the first prediction's variance (Pn) as given, so its start is one step back.
# Run: Rscript tests/Reference/scripts/univariate.R > tests/Reference/values/univariate.json
k <- log(2) / 15; days <- 7; kept <- exp(-k * days); air <- 28
dryness <- c(5, 4.5, 6, 3, 3.5, 5.5, 4)
y <- dryness - (3 - (air - 60) / 10)
V <- 0.5^2 * (1 - kept^2) / (2 * k)
mod <- list(T = matrix(kept), Z = -0.1, h = 1.2^2, V = matrix(V), a = (54 - air) / kept, P = matrix(0), Pn = matrix(14^2))
run <- KalmanRun(y, mod); smooth <- KalmanSmooth(y, mod)
# The filter's variances, which KalmanRun does not give away, by running it to each reading.
variance <- sapply(seq_along(y), function(i) attr(KalmanRun(y[1:i], mod, update = TRUE), "mod")$P[1, 1])
number <- function(v) paste0("[", paste(sprintf("%.15g", v), collapse = ", "), "]")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"dryness\": ", number(dryness), ",\n  \"filtered\": ", number(run$states[, 1] + air), ",\n  \"filtered_variance\": ", number(variance),
    ",\n  \"smoothed\": ", number(smooth$smooth[, 1] + air), ",\n  \"smoothed_variance\": ", number(smooth$var[, 1, 1]), "\n}\n", sep = "")
