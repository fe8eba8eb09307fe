# The filter beside R: one quantity, weekly dryness, R's KalmanRun, timed in R's own process. See bin/bench.
# Run: Rscript tests/Reference/scripts/bench_filter.R 5,4.5,6,…
dryness <- as.numeric(strsplit(commandArgs(trailingOnly = TRUE)[1], ",")[[1]])
k <- log(2) / 15; days <- 7; kept <- exp(-k * days); air <- 28
y <- dryness - (3 - (air - 60) / 10)
V <- 0.5^2 * (1 - kept^2) / (2 * k)
mod <- list(T = matrix(kept), Z = -0.1, h = 1.2^2, V = matrix(V), a = (54 - air) / kept, P = matrix(0), Pn = matrix(14^2))
run <- KalmanRun(y, mod)
times <- sapply(1:21, function(i) system.time(for (j in 1:50) KalmanRun(y, mod))[["elapsed"]] / 50)
cat(sprintf("%.10f %.6f %.6f %.6f\n", run$states[length(y), 1] + air, 1000 * min(times), 1000 * median(times), 1000 * max(times)))
