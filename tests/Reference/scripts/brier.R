# Brier's score over nine cells (Brier 1950, from memory), of beliefs that were said before it was known: in R's own

# Run: Rscript tests/Reference/scripts/brier.R > tests/Reference/values/brier.json
set.seed(20261130)
said <- matrix(rexp(40 * 9), 40); said <- said / rowSums(said)
was <- matrix(0, 40, 9); was[cbind(1:40, sample(9, 40, TRUE))] <- 1
was[1:10, ] <- .6 * was[1:10, ] + .4 * was[sample(40, 10), ]     # hair of which some is otherwise than the rest
number <- function(v) paste0("[", paste(sprintf("%.15g", v), collapse = ", "), "]")
rows <- function(m) paste0("[", paste(apply(m, 1, number), collapse = ",\n    "), "]")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"said\": ", rows(said), ",\n  \"was\": ", rows(was), ",\n  \"brier\": ", sprintf("%.15g", mean(rowSums((said - was)^2))), "\n}\n", sep = "")
