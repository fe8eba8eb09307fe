# A record of ten wash days at home, told of badly, followed by particles: each has a head of its own, with what was really done
# at each wash and the habits it comes from, drawn and weighted exactly. Written from docs/engine.md alone; one stratum of medium
# porosity, water of 100 mg/L, air of 50 %, no learning of the head's own rates. Nothing is made normal and nothing merged.
# Run: Rscript tests/Reference/scripts/hidden_steps.R > tests/Reference/values/hidden_steps.json
set.seed(20261130); n <- 600000
forgotten <- .08; mistaken <- .05; leftout <- .10; outofturn <- .10; misnoted <- .005

# What was told, week by week: cleanse, conditioning with its minutes, protein, leave-in; NA: not told of.
cleanse <- c("shampoo", "shampoo", NA, "shampoo", "gentle", "shampoo", "shampoo", "shampoo", NA, "shampoo")
care <- c("mask", "mask", "mask", NA, "mask", "conditioner", "mask", NA, "mask", "mask")
minutes <- c(20, 25, 20, NA, 15, 3, 20, NA, 30, 20)
leavein <- c(TRUE, TRUE, FALSE, TRUE, TRUE, TRUE, FALSE, TRUE, TRUE, TRUE)
dryness <- c(4, NA, 3.5, NA, 5.5, NA, 2.5, NA, 4.5, NA); feel <- c(-1, NA, 0, NA, -1.5, NA, .5, NA, -.5, NA)

# Habits: a place in a period for each particle.
drawn <- function(every, weight) {
    period <- sample(every, n, TRUE, weight)
    list(period = period, place = ifelse(period == 0, 1, ceiling(runif(n) * pmax(period, 1))))
}
hazard <- function(h) ifelse(h$period > 0 & h$place == h$period, 1 - leftout, outofturn)
moved <- function(h, done) { h$place <- ifelse(done, 1, pmin(pmax(h$period, 1), h$place + 1)); h }
masks <- drawn(c(1, 2, 3, 4, 0), c(.35, .25, .2, .1, .1))
proteins <- drawn(c(2:9, 0), c(.05, .05, .1, .1, .1, .1, .1, .1, .3))
clarifying <- drawn(c(2:8, 0), c(.04, rep(.13, 6), .18))
washes <- 2; leaveins <- 2 * .75; prewashes <- 2 * .5; usual <- 20
kinds <- c(shampoo = 2 * .5, gentle = 2 * .35, "co-wash" = 2 * .15); strongs <- 1; milds <- 1; athome <- 10; bare <- .6

M <- rnorm(n, 54, 14); P <- rnorm(n, 56, 12); W <- rnorm(n, 15, 9); S <- rnorm(n, 12, 9); logw <- numeric(n)
clip <- function(x) pmin(100, pmax(0, x))
M <- clip(M); P <- clip(P); W <- clip(W); S <- clip(S)
strength <- c("co-wash" = .25, gentle = .55, shampoo = .7, clarifying = .93)
gained <- function(moisture, protein, many) {
    luck <- 1 + .25 * rnorm(n); free <- 1 - .6 * pmin(100, W + S) / 100
    M <<- clip(M + many * moisture * free * luck * (1 - M / 100)); P <<- clip(P + many * protein * free * luck * (1 - P / 100))
}
resample <- function() {
    w <- exp(logw - max(logw)); i <- findInterval((seq_len(n) - runif(1)) / n, cumsum(w) / sum(w)) + 1; i <- pmin(i, n)
    M <<- M[i]; P <<- P[i]; W <<- W[i]; S <<- S[i]; logw <<- numeric(n)
    masks <<- lapply(masks, `[`, i); proteins <<- lapply(proteins, `[`, i); clarifying <<- lapply(clarifying, `[`, i)
}
day <- function() {
    k <- log(2) / 15; e <- log(2) / 120; drift <- function(r) sqrt((1 - exp(-2 * r)) / (2 * r))
    M <<- clip(28 + (M - 28) * exp(-k) + rnorm(n, 0, .5 * drift(k))); P <<- clip(P * exp(-e) + rnorm(n, 0, .2 * drift(e)))
    W <<- clip(W + .48 + rnorm(n, 0, .4)); S <<- clip(S + .12 + rnorm(n, 0, .2))
}
out <- list()
for (week in seq_along(care)) {
    if (week > 1) for (d in 1:7) day()
    if (!is.na(dryness[week])) {
        logw <- logw + dnorm(dryness[week], 3 - (M - 60) / 10, 1.2, TRUE) + dnorm(feel[week], ((M - 60) - (P - 60)) / 10, 1.2, TRUE); resample()
    }
    # Pre-wash: nobody tells of one; the share is what was told of until then.
    a <- min(1, prewashes / washes); pre <- runif(n) < a * forgotten / (a * forgotten + 1 - a)
    # Which cleanse it was.
    due <- hazard(clarifying); other <- kinds / sum(kinds)
    likely <- function(kind) if (is.na(cleanse[week])) 1 else if (cleanse[week] == kind) 1 - mistaken else if (cleanse[week] == "shampoo" || (cleanse[week] == "gentle" && kind == "shampoo")) mistaken else 0
    weight <- sapply(names(other), function(kind) (1 - due) * other[kind] * likely(kind)); weight <- cbind(weight, due * likely("clarifying"))
    all <- rowSums(weight); logw <- logw + log(all); u <- runif(n) * all; which <- rep(ncol(weight), n); low <- 0
    for (j in 1:(ncol(weight) - 1)) { up <- low + weight[, j]; which[u >= low & u < up] <- j; low <- up }
    kind <- c(names(other), "clarifying")[which]; clarifying <- moved(clarifying, kind == "clarifying")
    s <- unname(strength[kind]); loss <- s * ifelse(pre, .5, 1)
    W <- clip(W * (1 - s)); S <- clip(S * ifelse(kind == "clarifying", .35, 1) + .8); M <- clip(M - 8 * loss); P <- clip(P - .5 * loss)
    # A protein that was not told of.
    h <- hazard(proteins); all <- h * forgotten + 1 - h; done <- runif(n) < h * forgotten / all; logw <- logw + log(all)
    proteins <- moved(proteins, done); strong <- runif(n) < strongs / (strongs + milds)
    gained(0, ifelse(strong, 36 * (1 - exp(-10 / 8)), 11 * (1 - exp(-5 / 8))), done); M <- clip(M - 4 * (done & strong))
    # Mask or conditioner.
    h <- hazard(masks)
    l <- if (is.na(care[week])) c(1, 1) else if (care[week] == "mask") c(1 - mistaken, mistaken) else c(mistaken, 1 - mistaken)
    all <- h * l[1] + (1 - h) * l[2]; done <- runif(n) < h * l[1] / all; logw <- logw + log(all); masks <- moved(masks, done)
    long <- if (!is.na(care[week]) && care[week] == "mask") minutes[week] else usual
    # Where neither was told of, there may have been neither.
    skipped <- bare / athome; none <- if (is.na(care[week])) skipped / (skipped + (1 - skipped) * forgotten) else 0
    gained(ifelse(done, 38 * (1 - exp(-min(long, 45) / 8)), 12 * (1 - exp(-3 / 8))), 0, runif(n) >= none)
    if (!is.na(cleanse[week])) athome <- athome + 1; bare <- bare + none
    # A leave-in, told of or not.
    a <- min(1, leaveins / washes); gained(6, 0, if (leavein[week]) 1 else runif(n) < a * forgotten / (a * forgotten + 1 - a))
    M <- clip(M + rnorm(n, 0, 1.2)); P <- clip(P + rnorm(n, 0, .6)); W <- clip(W + rnorm(n, 0, .8))
    washes <- washes + 1; if (leavein[week]) leaveins <- leaveins + 1 / (1 - forgotten)
    if (!is.na(care[week]) && care[week] == "mask") usual <- usual + .2 * (minutes[week] - usual)
    if (!is.na(cleanse[week])) kinds[cleanse[week]] <- kinds[cleanse[week]] + 1
    w <- exp(logw - max(logw)); w <- w / sum(w); m <- function(x) sum(w * x); v <- function(x) sqrt(m(x^2) - m(x)^2)
    out[[week]] <- sprintf("{\"moisture\": %.3f, \"moisture_sd\": %.3f, \"protein\": %.3f, \"protein_sd\": %.3f, \"mask_due\": %.4f, \"clarifying_due\": %.4f}",
        m(M), v(M), m(P), v(P), m(hazard(masks)), m(hazard(clarifying)))
}
cat("{\"made_by\": \"", R.version.string, "\", \"weeks\": [\n  ", paste(out, collapse = ",\n  "), "\n]}\n", sep = "")
