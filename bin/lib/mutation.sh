# The mutation suite of bin/test: is every line of judgement held by a test that would notice it changed? Sourced, not run.
# Each room is mutated under the tests that mirror it. pcov says which test runs which line; it stands in the way of the
# just-in-time compiler, so it is on for this suite alone.

MUTATED="Estimation Planning/Rules Products"
LEAST_SCORE=85

mutation_tests() {
    case "$1" in
        Estimation) echo "core/tests/Estimation" ;;
        Planning/Rules) echo "core/tests/Planning core/tests/Head" ;;
        Products) echo "core/tests/Products core/tests/Statistics" ;;
    esac
}

ensure_pcov() {
    local version=$(php_version) package
    package="php$version-pcov"
    ensure_packages "$package"
    [ "$(id -u)" -ne 0 ] || phpdismod -v "$version" pcov 2>/dev/null || true
}

mutate() {
    local room=$1 pcov=()
    php -m | grep -qi '^pcov$' || pcov=(-d extension=pcov.so)
    # shellcheck disable=SC2046
    php "${pcov[@]}" -d memory_limit=1G -d pcov.enabled=1 -d pcov.directory="$ROOT/core/src" vendor/bin/pest $(mutation_tests "$room") \
        --mutate --everything --covered-only --path="core/src/$room" --parallel --processes="$(nproc)" --no-cache --min=$LEAST_SCORE \
        >"$VAR/results/mutation-${room//\//-}.log" 2>&1
}

mutation() {
    local room failed=0 log
    for room in $MUTATED; do
        log="$VAR/results/mutation-${room//\//-}.log"
        mutate "$room" || failed=1
        printf '%-16s %s\n' "$room" "$(sed 's/\x1b\[[0-9;]*m//g' "$log" | grep -aE '^ *(Score|Mutations|Duration):' | tr -s ' \n' ' ')"
    done
    echo "What survived stands in $VAR/results/mutation-*.log."
    return $failed
}
