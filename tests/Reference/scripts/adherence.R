# How often a planned step is done, from what was told of it: the whole posterior on a fine grid, with R's own Beta.
# Run: Rscript tests/Reference/scripts/adherence.R > tests/Reference/values/adherence.json
untold <- .08 + .05   # a mask that was done: forgotten, or taken for another
invented <- .05       # one that was not done and is told of all the same
grid <- (1:19999) / 20000
rows <- c()
for (case in list(c(3, 9), c(8, 10), c(0, 12), c(20, 20), c(26, 30), c(1, 1))) {
  told <- case[1]; left <- case[2] - case[1]
  logs <- dbeta(grid, 6 * .85, 6 * .15, log = TRUE) +
    told * log(grid * (1 - untold) + (1 - grid) * invented) + left * log(grid * untold + (1 - grid) * (1 - invented))
  density <- exp(logs - max(logs)); density <- density / sum(density)
  rows <- c(rows, sprintf("    {\"told\": %d, \"times\": %d, \"share\": %.6f, \"least\": %.6f, \"most\": %.6f}", told, case[2],
    sum(grid * density), grid[which(cumsum(density) >= .1)[1]], grid[which(cumsum(density) >= .9)[1]]))
}
quantiles <- c()
for (case in list(c(.1, 5.1, .9), c(.9, 5.1, .9), c(.5, .3, 7), c(.1, 40, 3.5), c(.975, 2, 2))) {
  quantiles <- c(quantiles, sprintf("    {\"probability\": %s, \"a\": %s, \"b\": %s, \"share\": %.15g}", case[1], case[2], case[3],
    qbeta(case[1], case[2], case[3])))
}
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"posteriors\": [\n", paste(rows, collapse = ",\n"), "\n  ],\n  \"quantiles\": [\n",
  paste(quantiles, collapse = ",\n"), "\n  ]\n}\n", sep = "")
