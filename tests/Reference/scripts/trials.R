# Exact permutation tests of a difference of means, enumerated with R's own combn and expand.grid, as values/trials.json:  Rscript trials.R > ../values/trials.json
paired <- function(d) { signs <- as.matrix(expand.grid(rep(list(c(-1, 1)), length(d)))); mean(abs(signs %*% d) >= abs(sum(d)) - 1e-9) }
apart <- function(b, a) { all <- c(b, a); ways <- combn(length(all), length(a)); m <- apply(ways, 2, function(i) abs(mean(all[i]) - mean(all[-i]))); mean(m >= abs(mean(a) - mean(b)) - 1e-9) }
cases <- list(
  list(kind = "paired", first = c(5, 4, 6, 5), second = c(6, 6, 7, 7)),
  list(kind = "paired", first = c(5, 4, 6, 5.5, 3), second = c(5, 5, 5.5, 7, 4)),
  list(kind = "paired", first = c(41, 38, 44, 40, 43, 39, 42, 40), second = c(44, 37, 47, 45, 43, 44, 46, 41)),
  list(kind = "apart", first = c(5, 4, 6), second = c(7, 8, 7)),
  list(kind = "apart", first = c(5, 4, 6, 5, 4.5), second = c(5, 6, 7, 5.5)),
  list(kind = "apart", first = c(12, 9, 15, 11, 10, 13), second = c(8, 10, 7, 9, 11, 6)))
out <- sapply(cases, function(x) {
  p <- if (x$kind == "paired") paired(x$second - x$first) else apart(x$first, x$second)
  sprintf('{"kind": "%s", "first": [%s], "second": [%s], "difference": %.12f, "p": %.12f}', x$kind, paste(x$first, collapse = ", "), paste(x$second, collapse = ", "), mean(x$second) - mean(x$first), p)
})
cat('{"cases": [\n', paste(out, collapse = ",\n"), '\n]}\n', sep = "")
