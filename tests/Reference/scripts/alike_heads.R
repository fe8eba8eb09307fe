# What kinds of hair shift a rate by: the whole normal posterior written out with R's solve and determinant, over widths.
# Run: Rscript tests/Reference/scripts/alike_heads.R > tests/Reference/values/alike_heads.json
i <- 1:18; low <- c(1, 1, 0, 0, 0, .5)[1 + i %% 6]; medium <- c(0, 0, 1, 1, 0, .5)[1 + i %% 6]; high <- 1 - low - medium
fine <- as.numeric(i %% 3 == 0); coarse <- as.numeric(i %% 3 == 1); x <- cbind(low, medium, high, fine, coarse)
y <- .1 + .35 * low - .3 * high + .25 * fine + .3 * sin(5 * i); variance <- .05 + .04 * cos(3 * i)
spread <- .2; apart <- .45; widths <- seq(.1, 2.2, by = .3)
noise <- diag(variance + apart^2)
contrast <- diag(5); colnames(contrast) <- colnames(x)
contrast[, 1:3] <- contrast[, 1:3] - outer(c(1, 1, 1, 0, 0), colSums(x)[1:3] / sum(x[, 1:3]))
contrast[, 4:5] <- contrast[, 4:5] - outer(c(0, 0, 0, 1, 1), colSums(x)[4:5] / sum(x[, 4:5]))
one <- function(width) {
  whole <- noise + (width * spread)^2 * x %*% t(x) + 1
  weight <- -.5 * determinant(whole)$modulus - .5 * t(y) %*% solve(whole, y) - .5 * width^2
  reach <- (width * spread)^2 * contrast %*% t(x)
  mean <- reach %*% solve(whole, y)
  covariance <- (width * spread)^2 * contrast %*% t(contrast) - reach %*% solve(whole, t(reach))
  list(weight = c(weight), mean = c(mean), square = c(mean)^2 + diag(covariance))
}
all <- lapply(widths, one)
weights <- sapply(all, function(of) of$weight); weights <- exp(weights - max(weights)); weights <- weights / sum(weights)
mean <- c(sapply(all, function(of) of$mean) %*% weights); square <- c(sapply(all, function(of) of$square) %*% weights)
row <- function(of) paste(sprintf("%.15g", of), collapse = ", ")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"x\": [\n    [", paste(apply(x, 1, row), collapse = "],\n    ["),
  "]\n  ],\n  \"y\": [", row(y), "],\n  \"variance\": [", row(variance), "],\n  \"shift\": [", row(mean), "],\n  \"sd\": [",
  row(sqrt(square - mean^2)), "]\n}\n", sep = "")
