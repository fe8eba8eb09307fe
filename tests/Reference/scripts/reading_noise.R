# How much readings scatter by stylist and by sign: the top of the whole posterior by R's own optim, scores by differences.
# Run: Rscript tests/Reference/scripts/reading_noise.R > tests/Reference/values/reading_noise.json
by <- rep(1:3, 40); sign <- rep(1:4, each = 30); i <- seq_len(120); head <- ifelse(i <= 50, (i * 7) %% 9, i)
noise <- c(1.44, 1.44, 25, .04)[sign]; state <- noise * (.2 + .15 * sin(i))
surprise <- sqrt(noise + state) * (1.3 * sin(2.1 * i) + .9 * cos(.7 * i)) * c(.8, 1, 1.9)[by] * c(1, .7, 1, 1.3)[sign]
limit <- 3; prior <- .25; kappa <- 2 * pnorm(limit) - 1
each <- function(logs) {
  spread <- state + noise * exp(2 * (logs[by] + logs[3 + sign])); z <- abs(surprise) / sqrt(spread)
  -log(spread) / 2 - ifelse(z < limit, z^2 / 2, limit * z - limit^2 / 2) / kappa
}
top <- function(worth, from) optim(from, function(logs) sum(logs^2) / 2 / prior^2 - worth * sum(each(logs)),
  function(logs) logs / prior^2 - worth * sapply(1:7, function(k) { e <- replace(numeric(7), k, 1e-5)
    sum(each(logs + e) - each(logs - e)) / 2e-5 }), method = "BFGS", control = list(reltol = 1e-16, maxit = 1000))$par
logs <- top(1, numeric(7))
both <- function(logs, step) { e <- numeric(7); e[1:3] <- step; (each(logs + e) - each(logs - e)) / 2 / step }
share <- function(logs) { own <- noise * exp(2 * (logs[by] + logs[3 + sign])); own / (own + state) }
score <- both(logs, 1e-5)
worth <- min(1, sum(2 * share(logs)^2) / max(sum(score^2), sum(tapply(score, head, sum)^2)))
logs <- top(worth, logs)
information <- diag(7) / prior^2
for (k in i) { x <- numeric(7); x[c(by[k], 3 + sign[k])] <- 1
  information <- information + worth * 2 * share(logs)[k]^2 * x %o% x }
row <- function(of) paste(sprintf("%.15g", of), collapse = ", ")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"by\": [", row(by), "],\n  \"sign\": [", row(sign), "],\n  \"head\": [",
  row(head), "],\n  \"noise\": [", row(noise), "],\n  \"state\": [", row(state), "],\n  \"surprise\": [", row(surprise),
  "],\n  \"worth\": ", sprintf("%.15g", worth), ",\n  \"log\": [", row(logs), "],\n  \"sd\": [",
  row(sqrt(diag(solve(information)))), "]\n}\n", sep = "")
