# Exact intervals from R's own tests. Run: Rscript tests/Reference/scripts/intervals.R > tests/Reference/values/intervals.json
number <- function(v) paste(sprintf("%.15g", v), collapse = ", ")
rows <- c()
for (case in list(c(0, 12), c(1, 12), c(7, 430), c(30, 60), c(60, 60), c(3, 5), c(180, 2000))) for (level in c(0.8, 0.95)) {
  ci <- binom.test(case[1], case[2], conf.level = level)$conf.int
  rows <- c(rows, sprintf("    {\"hits\": %d, \"all\": %d, \"level\": %s, \"interval\": [%s]}", case[1], case[2], level, number(ci)))
}
means <- c()
for (count in c(0, 1, 2, 10, 37, 400)) for (level in c(0.8, 0.95)) {
  ci <- poisson.test(count, conf.level = level)$conf.int
  means <- c(means, sprintf("    {\"count\": %d, \"level\": %s, \"interval\": [%s]}", count, level, number(ci)))
}
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"shares\": [\n", paste(rows, collapse = ",\n"), "\n  ],\n  \"means\": [\n", paste(means, collapse = ",\n"), "\n  ]\n}\n", sep = "")
