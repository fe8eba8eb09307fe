# Whether results shift away from what was expected of them, client by client, with R's own t.test and qt.
# Run: Rscript tests/Reference/scripts/calibration.R > tests/Reference/values/calibration.json
sds <- outer(1:12, 1:6, function(client, result) .55 + .9 * sin(1.7 * client) + .6 * cos(2.3 * result + client))
sums <- rowSums(sds)
found <- t.test(sums)
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"sds\": [\n    [",
  paste(apply(sds, 1, function(of) paste(sprintf("%.15g", of), collapse = ", ")), collapse = "],\n    ["), "]\n  ],\n",
  "  \"t\": ", sprintf("%.15g", found$statistic), ",\n  \"limit\": ", sprintf("%.15g", qt(.95, 11)), ",\n",
  "  \"held\": ", sprintf("%.15g", mean(abs(sds) <= qnorm(.9))), ",\n  \"above\": ", sprintf("%.15g", mean(sds > 0)), "\n}\n", sep = "")
