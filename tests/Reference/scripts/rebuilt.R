# The filter rebuilt from docs/engine.md alone: strata, targets, start, days, steps, signs, gate and update as that page
# writes them, with the numbers of core/data/parameters.csv. What happened to the head is told below as the test tells it.
# Run: Rscript tests/Reference/scripts/rebuilt.R core/data/parameters.csv > tests/Reference/values/rebuilt.json
table <- read.csv(commandArgs(TRUE)[1], check.names = FALSE, stringsAsFactors = FALSE)
par <- function(name, key = "") { at <- which(table$parameter == name & table$key == key); stopifnot(length(at) == 1); table$value[at] }
has <- function(name, key) any(table$parameter == name & table$key == key)

# The head: crown and centre fine and of low porosity, the rest coarse and of high, half of it bleached; growth not parted.
zones <- c(edges = .06, front = .13, left = .14, right = .14, crown = .14, centre = .13, back = .17, nape = .09)
isLow <- names(zones) %in% c("crown", "centre"); isBleached <- names(zones) %in% c("back", "nape", "edges")
S <- list(list(porosity = "high", strand = "coarse", share = sum(zones[!isLow]), treated = sum(zones[isBleached]) / sum(zones[!isLow]), zones = names(zones)[!isLow]),
          list(porosity = "low", strand = "fine", share = sum(zones[isLow]), treated = 0, zones = names(zones)[isLow]))
hardness <- 240; humidity <- 35; load <- "heavy"; length_mm <- 260
signs <- c("wet-stretch", "stretch-return", "feel", "dryness", "build-up-signs", "broken", "curl-memory", "stripped", "style-life", "comb-count", "ends", "taper")
n <- 10 + 3 + length(signs); at <- function(s, q) 5 * (s - 1) + q          # q: 1 moisture, 2 protein, 3 washable, 4 stubborn, 5 wear
theta <- 11; phi <- 12; upsilon <- 13; offset <- function(sign) 13 + match(sign, signs)
band <- par("model.band-half-width")
targets <- lapply(S, function(s) c(par("model.target-moisture") + par("model.moisture-target-by-strand", s$strand),
  par("model.target-protein") + par("model.protein-target-by-porosity", s$porosity) + par("model.protein-target-by-strand", s$strand) + par("model.protein-target-when-sensitive")))

# The start.
quantities <- c("moisture", "protein", "washable", "stubborn", "wear")
m <- numeric(n); P <- matrix(0, n, n)
for (q in 1:5) for (s in 1:2) {
  m[at(s, q)] <- par("model.start-mean", quantities[q]) + (q == 5) * par("model.start-wear-when-treated") * S[[s]]$treated
  for (t in 1:2) P[at(s, q), at(t, q)] <- par("model.start-sd", quantities[q])^2 * (if (s == t) 1 else par("model.start-correlation"))
}
diag(P)[c(theta, phi, upsilon)] <- c(par("model.learned-prior-sd", "moisture-fading"), par("model.learned-prior-sd", "protein-fading"), par("model.learned-prior-sd", "uptake"))^2
for (sign in signs) diag(P)[offset(sign)] <- (par("signs.head-offset-prior") * par("signs.reading-sd", sign))^2
start <- list(m = m, P = P)
held <- function(m) { for (i in 1:10) m[i] <- if (i %% 5 == 0) max(0, m[i]) else min(100, max(0, m[i])); m }

# Days.
regain <- approx(c(0, 29, 40, 50, 65, 70, 100), c(0, 6, 7.6, 9.8, 12.8, 13.6, 18.4), humidity)$y
air <- par("model.air-moisture-at-reference") + par("model.air-moisture-per-regain-point") * (regain - par("model.regain-at-reference-percent"))
drift <- function(sd, days, x) sd^2 * (if (x < 1e-9) days else days * (1 - exp(-2 * x)) / (2 * x))
pass <- function(x, days, sealed, tight) {
  if (days == 0) return(x)
  m <- x$m; F <- diag(n); Q <- numeric(n)
  a <- par("model.build-up-a-day-and-load") * par("model.load", load); w <- par("model.washable-share")
  g <- par("model.growth-mm-a-day") / length_mm; d <- if (tight) par("treatments.tight-style-wear-a-day") else 0
  for (s in 1:2) {
    k <- log(2) / (par("model.moisture-half-life-days", S[[s]]$porosity) * (if (sealed) par("model.sealed-half-life-factor") else 1)) * exp(m[theta])
    i <- at(s, 1); F[i, i] <- exp(-k * days); F[i, theta] <- -(m[i] - air) * k * days * exp(-k * days)
    Q[i] <- drift(par("model.moisture-drift-sd"), days, k * days); new <- air + (m[i] - air) * exp(-k * days)
    j <- at(s, 2); y <- log(2) / par("model.protein-half-life-days", S[[s]]$porosity) * exp(m[phi]) * days
    F[j, j] <- exp(-y); F[j, phi] <- -m[j] * y * exp(-y); Q[j] <- drift(par("model.protein-drift-sd"), days, y)
    m[i] <- new; m[j] <- m[j] * exp(-y)
    m[at(s, 3)] <- m[at(s, 3)] + w * a * days; m[at(s, 4)] <- m[at(s, 4)] + (1 - w) * a * days
    Q[at(s, 3)] <- par("model.build-up-drift-sd")^2 * days; Q[at(s, 4)] <- (par("model.stubborn-drift-share") * par("model.build-up-drift-sd"))^2 * days
    v <- at(s, 5); F[v, v] <- exp(-g * days); Q[v] <- drift(par("model.wear-drift-sd"), days, g * days)
    m[v] <- m[v] * exp(-g * days) + d * (1 - exp(-g * days)) / g
  }
  list(m = held(m), P = F %*% x$P %*% t(F) + diag(Q))
}
untold <- function(x) {
  kept <- exp(-1 / par("treatments.untold-drift-days")); m <- x$m; F <- diag(n); Q <- matrix(0, n, n)
  for (q in 1:4) for (s in 1:2) {
    i <- at(s, q); m[i] <- kept * m[i] + (1 - kept) * start$m[i]; F[i, i] <- kept
    for (t in 1:2) Q[i, at(t, q)] <- par("model.start-sd", quantities[q])^2 * (1 - kept^2) * (if (s == t) 1 else par("model.start-correlation"))
  }
  list(m = held(m), P = F %*% x$P %*% t(F) + Q)
}
days <- function(x, from, to, sealed, tight) {
  told <- min(to - from, par("treatments.untold-after-days")); x <- pass(x, told, sealed, tight)
  for (day in seq_len(to - from - told)) x <- untold(pass(x, 1, sealed, tight))
  x
}

# Steps: what each does to a stratum, then the move.
protects <- function(steps) if (any(sapply(steps, function(k) k$kind == "pre-wash"))) par("treatments.pre-wash-loss-factor") else 1
effect <- function(step, s, protected) {
  e <- list(washableKept = 1, washableAdded = 0, stubbornKept = 1, stubbornAdded = 0, lost = c(0, 0), gain = c(0, 0), wearKept = 1, wearAdded = 0)
  porosity <- S[[s]]$porosity; second <- par("treatments.second-pass-factor"); p <- if (is.null(step$passes)) 1 else step$passes
  loss <- par("treatments.cleanse-loss-by-porosity", porosity) * protected
  taken <- function(kind) {
    label <- par("treatments.label-minutes", kind); long <- par("treatments.over-long-label-times") * label
    if (kind == "leave-in") return(c(1, 0))
    tau <- par(if (isTRUE(step$heat)) "treatments.uptake-time-under-heat-minutes" else "treatments.uptake-time-minutes", porosity)
    c(1 - exp(-min(step$minutes, long) / tau), (kind %in% c("mild-protein", "strong-protein")) * par("treatments.over-long-moisture-cost") * max(0, step$minutes - long) / label)
  }
  if (step$kind == "cleanse") {
    strength <- par("treatments.cleanse-strength", step$with); stubborn <- 1 - par("treatments.stubborn-kept", step$with)
    e$washableKept <- (1 - strength) * (1 - second * strength)^(p - 1); e$stubbornKept <- (1 - stubborn) * (1 - second * stubborn)^(p - 1)
    e$stubbornAdded <- par("treatments.hardness-build-up") * hardness / 100
    L <- (1 + (p - 1) * second) * strength * loss
    e$lost <- c(par("treatments.cleanse-moisture-loss"), par("treatments.cleanse-protein-loss")) * L
    e$wearAdded <- par("treatments.cleansing-wear-a-pass") * p * protected
  } else if (step$kind %in% c("conditioner", "mask", "leave-in")) {
    t <- taken(step$kind); e$gain[1] <- par("treatments.moisture-of", step$kind) * t[1] * par("treatments.uptake-by-porosity", porosity); e$lost[1] <- t[2]
  } else if (step$kind %in% c("mild-protein", "strong-protein")) {
    t <- taken(step$kind); e$gain[2] <- par("treatments.protein-of", step$kind) * t[1] * par("treatments.uptake-by-porosity", porosity)
    e$lost[1] <- t[2] + (if (step$kind == "strong-protein") par("treatments.strong-protein-moisture-cost") else 0)
  } else if (step$kind == "detangle") {
    e$wearAdded <- par("treatments.detangling-wear-a-minute") * step$minutes * par("treatments.tool-wear", step$tool) * par("treatments.detangling-state-wear", step$how)
  } else if (step$kind == "heat-tool") e$wearAdded <- par("treatments.heat-tool-wear", step$how)
  else if (step$kind == "wetting") e$wearAdded <- par("treatments.wetting-wear")
  else if (step$kind == "chemical-service") e$wearAdded <- par("treatments.chemical-service-wear")
  else if (step$kind == "trim") e$wearKept <- max(0, 1 - step$mm / length_mm)
  else if (step$kind == "swim") {
    of <- function(what) par("treatments.swim", paste0(step$how, "/", what))
    e$lost[1] <- of("moisture") * loss; e$washableAdded <- of("washable"); e$stubbornAdded <- of("stubborn"); e$wearAdded <- par("treatments.wetting-wear")
  }
  e
}
move <- function(x, step, protected, sd) {
  m <- x$m; F <- diag(n); left <- matrix(0, n, 1); up <- exp(m[upsilon]); blocks <- par("treatments.build-up-blocks-uptake")
  for (s in 1:2) {
    e <- effect(step, s, protected); build <- m[at(s, 3)] + m[at(s, 4)]; free <- 1 - blocks * min(100, build) / 100
    for (q in 1:2) {
      i <- at(s, q); given <- e$gain[q] * up * free * (1 - m[i] / 100)
      if (given != 0) {
        F[i, i] <- 1 - e$gain[q] * up * free / 100; F[i, upsilon] <- given; left[i] <- given * sd
        if (build < 100) F[i, at(s, 3:4)] <- -e$gain[q] * up * blocks / 100 * (1 - m[i] / 100)
      }
      m[i] <- m[i] + given - e$lost[q]
    }
    F[at(s, 3), at(s, 3)] <- e$washableKept; F[at(s, 4), at(s, 4)] <- e$stubbornKept; F[at(s, 5), at(s, 5)] <- e$wearKept
    m[at(s, 3)] <- m[at(s, 3)] * e$washableKept + e$washableAdded; m[at(s, 4)] <- m[at(s, 4)] * e$stubbornKept + e$stubbornAdded
    m[at(s, 5)] <- m[at(s, 5)] * e$wearKept + e$wearAdded
  }
  list(m = held(m), P = F %*% x$P %*% t(F) + left %*% t(left))
}

# Signs: innovation, slopes and variance of each at a mean, with the doubt of before.
linear <- function(sign, x, shares) {
  H <- numeric(n); H[offset(sign)] <- 1; line <- x[offset(sign)]; distances <- list()
  for (s in which(shares > 0)) for (what in c("moisture", "protein", "build-up", "wear", "off-moisture")) if (has("signs.sign-slopes", paste0(sign, "/", what))) {
    b <- shares[s] * par("signs.sign-slopes", paste0(sign, "/", what))
    if (what == "off-moisture") { distances[[length(distances) + 1]] <- c(at(s, 1), b, targets[[s]][1]); next }
    for (q in list(moisture = 1, protein = 2, `build-up` = 3:4, wear = 5)[[what]]) { H[at(s, q)] <- b; line <- line + b * (x[at(s, q)] - (if (q <= 2) targets[[s]][q] else 0)) }
  }
  list(H = H, line = line + (if (sign == "wet-stretch") par("signs.stretch-at-target-percent") else par("signs.sign-at-target", sign)), distances = distances)
}
laid <- function(r, x, P, factor = 1) {
  shares <- if (is.null(r$zone)) sapply(S, `[[`, "share") else sapply(S, function(s) if (r$zone %in% s$zones) 1 else 0)
  factor <- factor * (if (isTRUE(r$home)) par("signs.home-noise-factor") else 1)
  noise <- par("signs.reading-sd", r$sign)
  if (has("signs.count-size", r$sign)) {
    usual <- if (r$sign == "broken") par("signs.broken-a-day-in-balance") * (r$days + par("signs.broken-days-offset")) else par("signs.count-at-target", r$sign)
    sum <- 0; H <- numeric(n); a <- par("signs.count-log-slopes", paste0(r$sign, "/wear")); b <- par("signs.count-log-slopes", paste0(r$sign, "/excess"))
    for (s in which(shares > 0)) {
      log <- a * x[at(s, 5)]; h <- numeric(n); h[at(s, 5)] <- a
      if (b > 0) for (q in 1:2) {
        sd <- max(.5, sqrt(P[at(s, q), at(s, q)])); dev <- x[at(s, q)] - targets[[s]][q]; up <- (dev - band) / sd; low <- (-dev - band) / sd
        log <- log + b * sd * (up * pnorm(up) + dnorm(up) + low * pnorm(low) + dnorm(low)); h[at(s, q)] <- b * (pnorm(up) - pnorm(low))
      }
      sum <- sum + shares[s] * exp(log); H <- H + shares[s] * exp(log) * h
    }
    H <- H / sum; H[offset(r$sign)] <- 1; lambda <- usual * exp(x[offset(r$sign)]) * sum
    return(list(nu = (r$value - lambda) / lambda, H = H, R = factor^2 * (1 + lambda / par("signs.count-size", r$sign)) / lambda))
  }
  l <- linear(r$sign, x, shares); H <- l$H; line <- l$line
  if (r$sign == "stretch-return") {
    sigma <- noise * factor
    if (r$value >= 100) { z <- (line - 100) / sigma; mu <- dnorm(z) / pnorm(z); return(list(nu = sigma / (mu + z), H = H, R = sigma^2 / (r$hairs * mu * (mu + z)))) }
    z <- (100 - line) / sigma; mean <- line * pnorm(z) + 100 * (1 - pnorm(z)) - sigma * dnorm(z)
    capped <- integrate(function(h) pmin(100, h)^2 * dnorm(h, line, sigma), line - 12 * sigma, line + 12 * sigma, rel.tol = 1e-12)$value - mean^2
    return(list(nu = r$value - mean, H = H * max(.05, pnorm(z)), R = max((sigma / 20)^2, capped) / r$hairs))
  }
  for (d in l$distances) {
    sd <- max(.5, sqrt(P[d[1], d[1]])); z <- (x[d[1]] - d[3]) / sd
    line <- line + d[2] * sd * (2 * dnorm(z) + z * (2 * pnorm(z) - 1)); H[d[1]] <- H[d[1]] + d[2] * (2 * pnorm(z) - 1)
  }
  list(nu = r$value - line, H = H, R = (noise * factor)^2 / (if (is.null(r$hairs)) 1 else r$hairs))
}
doubts <- NULL
take <- function(x, readings) {
  if (length(readings) == 0) return(x)
  m <- x$m; P <- x$P; J <- seq_along(readings); cut <- par("signs.check-again-at-sd")
  put <- function(at, factors) { l <- lapply(J, function(j) laid(readings[[j]], at, P, factors[j])); list(nu = sapply(l, `[[`, "nu"), H = do.call(rbind, lapply(l, `[[`, "H")), R = sapply(l, `[[`, "R")) }
  f <- rep(1, length(J)); o <- put(m, f); base <- o$H %*% P %*% t(o$H)
  z <- abs(o$nu) / sqrt(diag(base) + o$R); f <- ifelse(z > cut, z, 1); limit <- qchisq(pchisq(cut^2, 1), length(J))
  repeat {
    Si <- solve(base + diag(f^2 * o$R, length(J)))
    if (sum(o$nu * (Si %*% o$nu)) <= limit) break
    apart <- ifelse(f == 1, abs(Si %*% o$nu) / sqrt(diag(Si)), 0)
    if (max(apart) <= cut) break
    f[which.max(apart)] <- max(apart)
  }
  doubts <<- c(doubts, f)
  at <- m
  for (round in 1:13) {
    o <- put(at, f); Sm <- o$H %*% P %*% t(o$H) + diag(o$R, length(J)); K <- P %*% t(o$H) %*% solve(Sm)
    new <- m + as.vector(K %*% (o$nu + o$H %*% (at - m))); settled <- max(abs(new - at)) < 1e-7; at <- new
    if (settled) break
  }
  I <- diag(n) - K %*% o$H
  list(m = held(at), P = I %*% P %*% t(I) + K %*% diag(o$R, length(J)) %*% t(K))
}

# What happened.
of <- function(sign, value, ...) list(sign = sign, value = value, ...)
st <- function(kind, ...) list(kind = kind, ...)
history <- list(
  list(day = 0, before = list(of("dryness", 5), of("feel", -1), of("wet-stretch", 38, hairs = 3), of("stretch-return", (100 + 94 + 90) / 3, hairs = 3), of("build-up-signs", 3), of("broken", 26, days = 7), of("curl-memory", 6), of("dryness", 3, zone = "crown")),
       steps = list(st("pre-wash"), st("detangle", minutes = 12, tool = "brush", how = "wet-with-slip"), st("cleanse", with = "clarifying", passes = 2), st("mask", minutes = 25, heat = TRUE), st("leave-in"), st("seal")), sealed = TRUE),
  list(day = 9, steps = list(st("swim", how = "pool"))),
  list(day = 12, home = list(of("style-life", 4, home = TRUE), of("dryness", 4, home = TRUE))),
  list(day = 14, before = list(of("stretch-return", 100, hairs = 2), of("wet-stretch", 52, hairs = 2)), steps = list(st("cleanse", with = "shampoo")), after = list(of("stripped", 6)),
       rest = list(st("strong-protein", minutes = 20), st("mask", minutes = 60), st("trim", mm = 12)), sealed = FALSE),
  list(day = 20, steps = list(st("heat-tool", how = "high"), st("wetting"))),
  list(day = 30, sd = "treatments.effect-sd-when-date-is-approximate", steps = list(st("cleanse", with = "gentle"), st("mild-protein", minutes = 4), st("conditioner", minutes = 12), st("up-style")), sealed = FALSE, tight = TRUE),
  list(day = 33, steps = list(st("chemical-service"))),
  list(day = 95, before = list(of("comb-count", 19), of("ends", 9), of("taper", 100 * .64), of("dryness", 10), of("feel", 3), of("broken", 60, days = 9)), steps = list(st("detangle", minutes = 20, tool = "fingers", how = "dry-without"))),
  list(day = 101))
x <- start; today <- 0; sealed <- tight <- FALSE
for (d in history) {
  x <- days(x, today, d$day, sealed, tight); today <- d$day
  x <- take(x, d$home); x <- take(x, d$before)
  steps <- c(d$steps, d$rest); sd <- par(if (is.null(d$sd)) "treatments.effect-sd" else d$sd)
  for (k in seq_along(steps)) {
    x <- move(x, steps[[k]], protects(steps), sd)
    if (k == length(d$steps)) x <- take(x, d$after)
  }
  if (any(sapply(steps, function(k) k$kind == "cleanse"))) { sealed <- d$sealed; tight <- isTRUE(d$tight) }
  if (any(sapply(steps, function(k) k$kind == "detangle"))) tight <- isTRUE(d$tight)
}
number <- function(v) paste0("[", paste(sprintf("%.12g", v), collapse = ", "), "]")
cat("{\n  \"made_by\": \"", R.version.string, "\",\n  \"signs\": [\"", paste(signs, collapse = "\", \""), "\"],\n  \"doubted\": ", number(doubts[doubts > 1]), ",\n  \"mean\": ", number(x$m),
    ",\n  \"covariance\": [\n    ", paste(apply(x$P, 1, number), collapse = ",\n    "), "\n  ]\n}\n", sep = "")
