# Quantiles of the standard normal by R's own qnorm. Run: Rscript tests/Reference/scripts/quantiles.R > tests/Reference/values/quantiles.json
p <- c(1e-300, 1e-50, 1e-20, 1e-6, 0.001, 0.00134, 0.00136, 0.02425, 0.1, 0.2, 0.4, 0.49, 0.6, 0.8, 0.975, 0.999, 0.9999)
rows <- sprintf("    {\"p\": %.17g, \"z\": %.17g}", p, qnorm(p))
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"quantiles\": [\n", paste(rows, collapse = ",\n"), "\n  ]\n}\n", sep = "")
