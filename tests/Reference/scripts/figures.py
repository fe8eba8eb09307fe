"""Recomputes what the screens show from the raw rows, with nothing but the standard library and none of the product's code.

    python3 figures.py < dump.json

The dump holds the rows ("rows"), the parameters as their table has them ("parameters") and what the product shows
("shown"). Printed is how many figures of each kind were recomputed, and every one that differs.
Student's quantiles by integrating the density with Simpson's rule; the EWMA chart after the NIST/SEMATECH e-Handbook
(6.3.2.4), the clustered share after Cochran (1977, chapter 6), exact shares after Clopper and Pearson (1934) by summing
the binomial distribution; all from memory.
"""

import json
import math
import sys
from collections import defaultdict
from datetime import date, datetime, timedelta

dump = json.load(sys.stdin)
P = {}
for row in dump["parameters"]:
    P.setdefault(row[0], {})[row[1]] = float(row[2])


def parameter(name, key=""):
    return P[name][key]


def t_density(x, df):
    log = math.lgamma((df + 1) / 2) - math.lgamma(df / 2) - 0.5 * math.log(df * math.pi)
    return math.exp(log - (df + 1) / 2 * math.log1p(x * x / df))


def t_quantile(p, df):
    """p above one half: the area from 0 is p - 1/2."""
    low, high = 0.0, 500.0
    for _ in range(80):
        middle = (low + high) / 2
        steps = 2000
        h = middle / steps
        area = t_density(0, df) + t_density(middle, df)
        for i in range(1, steps):
            area += (4 if i % 2 else 2) * t_density(i * h, df)
        low, high = (middle, high) if area * h / 3 < p - 0.5 else (low, middle)
    return (low + high) / 2


def normal(z):
    return 0.5 * math.erfc(-z / math.sqrt(2))


LIMITS = {"feel": (-5, 5), "wet-stretch": (0, 150), "stretch-return": (0, 100), "taper": (0, 100), "style-life": (0, 60),
          "scalp-flakes": (0, 80), "length": (0, math.inf), "broken": (0, math.inf), "ends": (0, math.inf)}
COUNTS = {"broken", "comb-count", "ends"}


def signs_of(reading):
    """Every sign of a reading, by the definitions of docs/hair-tests.md."""
    test, raw = reading["test"], reading["raw"]
    if test == "wet-stretch":
        stretch, back = [], []
        for hair in raw["hairs"]:
            rest, far = float(hair["rest_mm"]), float(hair["stretched_mm"])
            stretch.append(100 * (far - rest) / rest)
            if hair.get("snapped") is not True and far > rest:
                back.append(100 * (far - float(hair["returned_mm"])) / (far - rest))
        signs = {"wet-stretch": sum(stretch) / len(stretch)}
        if back:
            signs["stretch-return"] = sum(back) / len(back)
        return signs
    if test == "build-up-signs":
        return {test: sum(float(raw[name]) for name in ("dull", "beads", "film", "sticky", "no_lather"))}
    if test == "broken-hairs":
        return {"broken": float(raw["broken"])}
    if test == "result":
        return {name: float(raw[name]) for name in ("definition", "frizz", "clumping", "softness", "shine")}
    if test == "style-life":
        return {test: float(raw["days"])}
    if test == "scalp":
        signs = {"scalp-flakes": sum(float(v) for k, v in raw.items() if k.startswith("flakes_"))}
        signs.update({f"scalp-{name}": float(raw[name]) for name in ("itch", "oil", "redness", "soreness")})
        if raw.get("dryness") not in (None, ""):
            signs["scalp-dryness"] = float(raw["dryness"])
        return signs
    if test == "detangling":
        timed = [float(section["seconds"]) / 60 for section in raw.get("timed") or []]
        each = sum(timed) / len(timed) if timed else float(raw["minutes"]) / max(1.0, float(raw["sections"]))
        return {"detangling-minutes": each, "knots-cut": float(raw.get("knots_cut") or 0)}
    if test == "length":
        return {test: float(raw["length_mm"])}
    if test == "ends":
        return {test: float(raw["splits"]) + float(raw["knots"])}
    if test == "taper":
        return {test: min(100.0, 100 * (float(raw["tip_mm"]) / float(raw["root_mm"])) ** 2)}
    if "points" in raw:
        return {test: float(raw["points"])}
    return {}


FIRST = int(parameter("readings.usual-from-first"))
WEIGHT = parameter("readings.usual-average-weight")
T_RANGE = t_quantile((1 + parameter("readings.usual-share")) / 2, FIRST - 1)
T_LIMIT = t_quantile(1 - parameter("readings.changed-by-chance") / 2, FIRST - 1)


def usual(sign, days):
    """Range of one reading and the chart of the later days, from one value a day; None while there are too few."""
    if len(days) <= FIRST:
        return None
    first = days[:FIRST]
    mean = sum(first) / FIRST
    spread = math.sqrt(sum((x - mean) ** 2 for x in first) / (FIRST - 1))
    noise = max(1.0, math.sqrt(mean)) if sign in COUNTS else parameter("signs.reading-sd", sign)
    sd = max(spread, noise)
    least, most = LIMITS.get(sign, (0, 10))
    half = T_RANGE * sd * math.sqrt(1 + 1 / FIRST)
    average, chart = mean, [None] * FIRST
    for t, x in enumerate(days[FIRST:], start=1):
        average = WEIGHT * x + (1 - WEIGHT) * average
        gone = (1 - WEIGHT) ** t
        width = T_LIMIT * sd * math.sqrt(WEIGHT / (2 - WEIGHT) * (1 - gone ** 2) + (1 - gone) ** 2 / FIRST)
        chart.append((average, max(least, mean - width), min(most, mean + width), abs(average - mean) > width))
    return (max(least, mean - half), min(most, mean + half)), chart


kinds, wrong = defaultdict(int), []


def same(kind, where, own, shown, within):
    kinds[kind] += 1
    equal = own == shown if isinstance(own, (str, bool)) or own is None or shown is None else abs(own - shown) <= within
    if not equal:
        wrong.append([kind, where, own, shown])


MOMENTS = ["home", "before-cleansing", "after-cleansing", "after-styling"]


def series_of(head):
    points = defaultdict(list)
    for reading in sorted(head["readings"], key=lambda r: (r["date"], MOMENTS.index(r["moment"]), r["id"])):
        if reading["date"] >= dump["since"]:
            for sign, value in signs_of(reading).items():
                points[(sign, reading["zone"] or "")].append((reading["date"], value, reading["by"]))
    return points


def by_day(points):
    days = defaultdict(list)
    for day, value, _ in points:
        days[day].append(value)
    return {day: sum(values) / len(values) for day, values in days.items()}


for head in dump["rows"]["heads"]:
    series = series_of(head)
    shown = defaultdict(list)
    for row in head["shown"]["trends"]:
        shown[(row["sign"], row["zone"])].append(row)
    for key in set(series) | set(shown):
        sign, where = key[0], f"{head['name']}, {key[0]} {key[1]}"
        same(f"trend {sign}, readings", where, len(series[key]), len(shown[key]), 0)
        days = by_day(series[key])
        found = usual(sign, list(days.values()))
        chart = dict(zip(days, found[1] if found else [None] * len(days)))
        for (day, value, _), row in zip(series[key], shown[key]):
            at = f"{where}, {day}"
            same(f"trend {sign}, value", at, value, float(row["value"]), 0.0006)
            limits = chart[day]
            if limits is None:
                same(f"trend {sign}, one of the first", at, "", row["average"], 0)
                continue
            for name, own in zip(("average", "lower_limit", "upper_limit"), limits):
                same(f"trend {sign}, {name}", at, own, float(row[name]), 0.0006)
            same(f"trend {sign}, changed", at, "yes" if limits[3] else "no", row["changed"], 0)
    for sign in head["shown"]["signs"]:
        points = series[(sign["sign"], sign["zone"] or "")]
        days = by_day(points)
        found = usual(sign["sign"], list(days.values()))
        where = f"{head['name']}, now, {sign['sign']}"
        same(f"now {sign['sign']}, value", where, points[-1][1], sign["value"], 0.051)
        same(f"now {sign['sign']}, days", where, len(days), sign["days"], 0)
        if found is None:
            same(f"now {sign['sign']}, not known yet", where, None, sign["usual"], 0)
            continue
        (least, most), chart = found
        mean_first = sum(list(days.values())[:FIRST]) / FIRST
        same(f"now {sign['sign']}, usual from", where, least, sign["usual"]["range"][0], 0.051)
        same(f"now {sign['sign']}, usual to", where, most, sign["usual"]["range"][1], 0.051)
        same(f"now {sign['sign']}, average", where, chart[-1][0], sign["usual"]["average"], 0.051)
        same(f"now {sign['sign']}, changed", where, bool(chart[-1][3]), sign["usual"]["changed"], 0)

# --- Reports -----------------------------------------------------------------------------------------------------------
report = {(row["report"], row["what"]): row["value"] for row in dump["shown"]["report"]}
start, end = dump["period"]


def number(report_name, what):
    value = report.get((report_name, what))
    return None if value in (None, "") else float(value)


clusters = defaultdict(lambda: [0, 0])
for head in dump["rows"]["heads"]:
    for reading in head["readings"]:
        if reading["test"] == "broken-hairs" and start <= reading["date"] <= end:
            broken, shed = int(reading["raw"]["broken"]), int(reading["raw"]["shed"])
            clusters[head["id"]][0] += broken
            clusters[head["id"]][1] += broken + shed
hits, every = sum(c[0] for c in clusters.values()), sum(c[1] for c in clusters.values())
share = hits / every


def binomial_tail(k, n, p):
    """Probability of k or more of n."""
    total = 0.0
    for i in range(k, n + 1):
        term = math.exp(math.lgamma(n + 1) - math.lgamma(i + 1) - math.lgamma(n - i + 1)
                        + i * math.log(p) + (n - i) * math.log1p(-p))
        total += term
        if i > n * p and term < 1e-18:
            break
    return total


def exact(k, n, tail):
    def solve(rises):
        low, high = 1e-12, 1 - 1e-12
        for _ in range(60):
            middle = (low + high) / 2
            low, high = (middle, high) if rises(middle) else (low, middle)
        return (low + high) / 2
    return (solve(lambda p: binomial_tail(k, n, p) < tail), solve(lambda p: 1 - binomial_tail(k + 1, n, p) > tail))


m = sum(1 for c in clusters.values() if c[1] > 0)
residual = sum((c[0] - share * c[1]) ** 2 for c in clusters.values())
sd = math.sqrt(m / (m - 1) * residual) / every
half = t_quantile(0.9, m - 1) * sd / (share * (1 - share))
logit = math.log(share / (1 - share))
alone = exact(hits, every, 0.1)
same("report, broken share", "report", 100 * share, number("breakage", "broken share"), 0.0051)
same("report, broken share from", "report", 100 * min(alone[0], 1 / (1 + math.exp(half - logit))),
     number("breakage", "broken share, 80 % from"), 0.0051)
same("report, broken share to", "report", 100 * max(alone[1], 1 / (1 + math.exp(-half - logit))),
     number("breakage", "broken share, 80 % to"), 0.0051)
same("report, hairs counted", "report", every, number("breakage", "hairs counted"), 0)

heads_share, weeks = [], defaultdict(list)
for head in dump["rows"]["heads"]:
    daily = {day["date"]: day["in_balance"] for day in head["balance_days"]}
    if dump["now"][:10] in daily:
        same("report, in balance today", head["name"], head["cells"]["in balance"], daily[dump["now"][:10]], 0.0002)
    own = [kept for day, kept in daily.items() if start <= day <= end]
    for day, kept in daily.items():
        if start <= day <= end:
            on = date.fromisoformat(day)
            weeks[(on - timedelta(days=on.weekday())).isoformat()].append(kept)
    if own:
        heads_share.append(sum(own) / len(own))
kept = 100 * sum(heads_share) / len(heads_share) if heads_share else None
same("report, balance kept", "report", kept, number("balance kept", "all heads"), 0.051)
for week, kept in weeks.items():
    same("report, balance kept in a week", week, 100 * sum(kept) / len(kept), number("balance kept", f"week from {week}"), 0.051)

stylists = defaultdict(lambda: defaultdict(float))
cancelled = missed = 0
for booking in dump["rows"]["bookings"]:
    if not start <= booking["date"] <= end:
        continue
    cancelled += booking["status"] == "cancelled"
    missed += booking["status"] == "no-show"
    if booking["status"] == "done" and booking["begun_at"] and booking["ended_at"]:
        begun, ended = (datetime.fromisoformat(booking[name]) for name in ("begun_at", "ended_at"))
        used = round((ended - begun).total_seconds() / 60)
        mine = stylists[booking["by"]]
        mine["bookings"] += 1
        mine["booked"] += booking["minutes"]
        mine["used"] += used
        mine["within ten minutes"] += abs(used - booking["minutes"]) <= 10
        mine["earned"] += booking["price_cents"] / 100
for by, mine in stylists.items():
    for what, value in mine.items():
        same(f"report, {what}", by, value, number("time", f"{by}, {what}"), 0.0051)
same("report, cancelled", "report", cancelled, number("time", "cancelled"), 0)
same("report, did not come", "report", missed, number("time", "did not come"), 0)

used = defaultdict(float)
for move in dump["rows"]["moves"]:
    if move["kind"] == "used" and start <= move["moved_at"][:10] <= end:
        used[move["product"]] -= move["ml"]
products = {product["id"]: product for product in dump["rows"]["products"]}
for product, ml in used.items():
    name, price, size = (products[product][key] for key in ("name", "price_cents", "size_ml"))
    same("report, used", name, ml, number("products", f"{name}, used"), 0.051)
    if price is not None and size:
        same("report, cost", name, round(ml * price / size) / 100, number("products", f"{name}, cost"), 0.0051)

# --- Plans, balance book, stock ------------------------------------------------------------------------------------------
for head in dump["rows"]["heads"]:
    plan, name = head["plan"], head["name"]
    same("plan, minutes", name, sum(item["minutes"] for item in plan), head["shown"]["plan_minutes"], 0.06 * max(1, len(plan)))
    for s, stratum in enumerate(head["standing"]):
        last = head["hair_balance"]["strata"][s]["days"][-1]
        for place, quantity in ((0, "moisture"), (2, "protein"), (4, "build_up")):
            same(f"now, {quantity}", f"{name}, {stratum['name']}", last[place], stratum[quantity][0], 0.051)
            same(f"now, {quantity}, doubt", f"{name}, {stratum['name']}", last[place + 1], stratum[quantity][1], 0.051)
        same("now, cells of a part", f"{name}, {stratum['name']}", 1.0, sum(stratum["cells"].values()), 0.001)
    cells = defaultdict(float)
    for s, stratum in enumerate(head["standing"]):
        for cell, probability in stratum["cells"].items():
            cells[cell] += head["shares"][s] * probability
    for cell, probability in cells.items():
        same(f"now, cell {cell}", name, probability, head["cells"][cell], 0.0002)

pace = defaultdict(lambda: defaultdict(float))
today = date.fromisoformat(dump["now"][:10])
for move in dump["rows"]["moves"]:
    ago = (today - date.fromisoformat(move["moved_at"][:10])).days
    if move["kind"] == "used" and ago <= 60:
        pace[move["product"]][-ago] -= move["ml"]
for product in dump["rows"]["products"]:
    days = sorted(day for day, ml in pace[product["id"]].items() if ml > 0)
    own = None
    if product["left_ml"] is not None and len(days) > 1:
        gaps = [b - a for a, b in zip(days, days[1:])]
        until = 0 if -days[-1] > max(gaps) else days[-1]
        taken = sum(ml for day, ml in pace[product["id"]].items() if day != days[0])
        own = math.floor(product["left_ml"] / (taken / max(7, until - days[0])))
    same("shelf, days left", product["name"], own, dump["shown"]["days_left"].get(product["id"]), 0)

print(json.dumps({"kinds": kinds, "figures": sum(kinds.values()), "wrong": wrong}))
