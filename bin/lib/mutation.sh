# The mutation suite of bin/test: is every line of judgement held by a test that would notice it changed? Sourced, not run.
# Each room is mutated under the tests that mirror it. pcov says which test runs which line; it stands in the way of the
# just-in-time compiler, so it is on for this suite alone.

MUTATED="Estimation Planning/Rules Scalp Treatments Products"
LEAST_SCORE=85

ensure_pcov() {
    local version=$(php_version) package
    package="php$version-pcov"
    ensure_packages "$package"
    [ "$(id -u)" -ne 0 ] || phpdismod -v "$version" pcov 2>/dev/null || true
}

# Every process of the run, and no other, has pcov.
with_pcov() {
    mkdir -p "$VAR/mutation-php"
    { php -m | grep -qi '^pcov$' || echo "extension=pcov.so"; printf 'pcov.enabled=1\npcov.directory="%s/core/src"\n' "$ROOT"; } >"$VAR/mutation-php/pcov.ini"
    PHP_INI_SCAN_DIR=":$VAR/mutation-php" "$@"
}

mutate() {
    # Pest keeps what it changed here, and does not make the folder.
    mkdir -p "$ROOT/vendor/pestphp/pest-plugin-mutate/.temp/mutations"
    with_pcov php -d memory_limit=1G vendor/bin/pest -c phpunit-mutation.xml --testsuite="${1##*/}" --mutate --everything --covered-only \
        --path="core/src/$1" --parallel --no-cache >"$VAR/results/mutation-${1//\//-}.log" 2>&1
}

# caught LOG: the share of all changes that a test failed for, in percent, then how many came to what end. A change that ran out of time
# is not caught: tests that take longer beside another process than they took at first are many, endless loops are few.
caught() {
    sed 's/\x1b\[[0-9;]*m//g' "$1" | awk '/^ *Mutations:/ {
        for (i = 2; i < NF; i += 2) { all += $i; if ($(i + 1) ~ /^tested/) caught = $i }
        sub(/^ *Mutations: */, ""); printf "%.2f %s\n", all ? 100 * caught / all : 0, $0
    }'
}

mutation() {
    local room failed=0 log score
    for room in $MUTATED; do
        log="$VAR/results/mutation-${room//\//-}.log"
        mutate "$room"
        score=$(caught "$log")
        printf '%-16s %s\n' "$room" "${score/ / % of the changes are caught: }"
        awk -v score="${score%% *}" -v least=$LEAST_SCORE 'BEGIN { exit !(score != "" && score >= least) }' || failed=1
    done
    echo "What survived stands in $VAR/results/mutation-*.log."
    return $failed
}
