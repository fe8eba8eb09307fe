# What bin/start, bin/test and bin/bench share: packages, MariaDB, free ports. Sourced, not run.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"

# mariadbd lies where an ordinary user's PATH does not look.
PATH="$PATH:/usr/local/sbin:/usr/sbin:/sbin"
export PATH

PHP_VERSIONS="8.2 8.3 8.4"
# What only several machines need, and the tests of it.
shared_packages() { printf 'php%s-redis redis-server' "$(php_version)"; }
REFERENCE_PACKAGES="python3-icalendar calcurse python3-prometheus-client"

# The shell of Chromium is the lighter one; where Debian has none, the whole browser does.
browser_packages() {
    if command -v chromium-headless-shell >/dev/null || apt-cache show chromium-headless-shell >/dev/null 2>&1; then
        echo "chromium-headless-shell chromium-driver"
    else
        echo "chromium chromium-driver"
    fi
}

refuse() { printf '%s\n' "$*" >&2; exit 1; }

# The version of PHP that is here; else the one Debian has.
php_version() {
    local version
    version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;' 2>/dev/null)
    if [ -z "$version" ]; then
        for version in $PHP_VERSIONS ""; do
            [ -n "$version" ] && apt-cache show "php$version-cli" >/dev/null 2>&1 && break
        done
    fi
    printf '%s' "${version:-8.2}"
}

run_packages() {
    local version
    version=$(php_version)
    case " $PHP_VERSIONS " in
        *" $version "*) ;;
        *) refuse "PHP $version is here; Nagomi runs on PHP ${PHP_VERSIONS// /, }. Make one of these the php command and start again." ;;
    esac
    local part
    for part in cli mbstring xml intl mysql curl gd zip bcmath; do printf 'php%s-%s ' "$version" "$part"; done
    printf 'php-league-config php-christianriesen-otp php-bacon-qr-code gnumeric composer unzip git mariadb-server mariadb-client'
}

# Installs what is missing: as root by itself, otherwise it prints the one line to run.
ensure_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q '^install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    if [ "$(id -u)" -ne 0 ]; then
        refuse "Some Debian packages are missing. Run this once, then start again:
    sudo apt-get update && sudo apt-get install -y --no-install-recommends ${missing[*]}"
    fi
    echo "Installing ${missing[*]} …"
    mkdir -p "$VAR"
    { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$VAR/apt.log" 2>&1 \
        || refuse "The Debian packages could not be installed; $VAR/apt.log says why."
}

# On a machine without any PHP, the list of packages has to be there before it can say which.
ensure_run_packages() {
    if ! command -v php >/dev/null 2>&1 && [ "$(id -u)" -eq 0 ] && ! apt-cache show php8.2-cli >/dev/null 2>&1 && ! apt-cache show php8.4-cli >/dev/null 2>&1; then
        mkdir -p "$VAR"
        apt-get update >"$VAR/apt.log" 2>&1 || refuse "The list of Debian packages could not be fetched; $VAR/apt.log says why."
    fi
    local packages
    packages=$(run_packages) || exit 1
    # shellcheck disable=SC2086
    ensure_packages $packages
}

ensure_disk() {
    mkdir -p "$VAR" 2>/dev/null || refuse "$VAR cannot be made; give this user the right to write there."
    local free_kb
    free_kb=$(df -Pk "$VAR" | awk 'NR == 2 { print $4 }')
    [ "${free_kb:-0}" -gt 512000 ] || refuse "There is too little room on the disk: free at least 500 MB and start again."
}

# ensure_vendor [dev] — the Composer packages in exactly the versions of versions.txt; those for development where they are asked for.
ensure_vendor() {
    local wants=${1:-} stamp installed flag=--no-dev
    stamp=$(cat "$ROOT/composer.json" "$ROOT/versions.txt" | sha256sum | cut -d' ' -f1)
    installed=$(cat "$VAR/vendor.stamp" 2>/dev/null)
    if [ -f "$ROOT/vendor/autoload.php" ]; then
        [ "$installed" = "$stamp dev" ] && return
        [ "$installed" = "$stamp" ] && [ "$wants" != dev ] && return
    fi
    [ "$wants" = dev ] && flag=
    echo "Fetching the Composer packages …"
    php "$ROOT/bin/lib/pinned.php" >"$ROOT/composer.pinned.json" || refuse "The list of versions could not be read; see versions.txt."
    # shellcheck disable=SC2086
    (cd "$ROOT" && COMPOSER=composer.pinned.json COMPOSER_ALLOW_SUPERUSER=1 composer update $flag --no-interaction --no-progress) >"$VAR/composer.log" 2>&1 \
        || refuse "The Composer packages could not be fetched; $VAR/composer.log says why."
    printf '%s' "$stamp${wants:+ dev}" >"$VAR/vendor.stamp"
}

port_is_busy() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while port_is_busy "$port"; do port=$((port + 1)); done
    printf '%s' "$port"
}

secret() { head -c 24 /dev/urandom | base64 | tr -d '/+=\n'; }

# A salon's book is small: its log of changes need not be the 96 MB it is by itself.
DATABASE_SIZES="--innodb-log-file-size=32M"

# What was committed is on the disk within a second; a salon that lives here (DATABASE_FLUSH=1) waits for it each time, so that not
# even a power cut loses a tap.
# start_database NAME PORT DATABASE USER PASSWORD [PATTERN] — a MariaDB of our own under var/NAME, on loopback only.
# PATTERN names further databases the user may make. Sets DATABASE_PID, empty where ours was running already, and DATABASE_PORT:
# where something else took the port between the look and the start, the next one is tried.
start_database() {
    local name=$1 port=$2 database=$3 user=$4 password=$5 pattern=${6:-} tries=0
    DATABASE_PID= DATABASE_PORT=$port
    if [ -f "$VAR/$name.pid" ] && kill -0 "$(cat "$VAR/$name.pid")" 2>/dev/null && grep -q mariadbd "/proc/$(cat "$VAR/$name.pid")/comm" 2>/dev/null; then
        return
    fi
    until database_comes_up "$name" "$DATABASE_PORT" "$database" "$user" "$password" "$pattern"; do
        tries=$((tries + 1))
        if [ $tries -gt 20 ] || ! tail -n 20 "$VAR/$name.log" | grep -qiE 'address already in use|bind on tcp/ip port'; then
            refuse "The database did not come up; the last lines of $VAR/$name.log say why:
$(tail -n 3 "$VAR/$name.log")"
        fi
        DATABASE_PORT=$(free_port $((DATABASE_PORT + 1)))
    done
}

# Half a directory, of a start that was cut short, is begun anew.
# From within: its own script does not bear a blank in a path; by force: nor a machine without /etc/hosts.
make_database() {
    local name=$1; shift
    rm -rf "${VAR:?}/$name"
    # shellcheck disable=SC2086
    (cd "$VAR" && mariadb-install-db --no-defaults --datadir="./$name" --user="$(id -un)" --auth-root-authentication-method=normal \
        --skip-test-db --skip-name-resolve --force $DATABASE_SIZES "$@") >"$VAR/$name.log" 2>&1
}

database_comes_up() {
    local name=$1 port=$2 database=$3 user=$4 password=$5 pattern=$6
    local data="$VAR/$name" init="$VAR/$name.init.sql" log="$VAR/$name.log" socket more=
    [ -z "$pattern" ] || more="GRANT ALL ON \`$pattern\`.* TO '$user'@'127.0.0.1';"
    if [ ! -d "$data/mysql" ]; then
        make_database "$name" || make_database "$name" --innodb-use-native-aio=0 \
            || refuse "The database's directory $data could not be made; the last lines of $log say why:
$(tail -n 5 "$log")"
    fi
    # The path of a socket may have 107 characters at most.
    socket="$VAR/$name.sock"
    [ ${#socket} -lt 100 ] || socket=$(mktemp -u "${TMPDIR:-/tmp}/nagomi-XXXXXX.sock")
    (umask 077; cat >"$init" <<SQL
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(secret)';
CREATE DATABASE IF NOT EXISTS \`$database\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS '$user'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER '$user'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON \`$database\`.* TO '$user'@'127.0.0.1';
$more
SQL
    )
    # Its own session, so that Ctrl-C reaches it through us and in our order.
    # shellcheck disable=SC2086
    setsid mariadbd --no-defaults --user="$(id -un)" --datadir="$data" $DATABASE_SIZES --bind-address=127.0.0.1 --port="$port" --socket="$socket" \
        --pid-file="$VAR/$name.pid" --init-file="$init" --skip-name-resolve --innodb-flush-log-at-trx-commit="${DATABASE_FLUSH:-2}" >>"$log" 2>&1 &
    # What becomes of it is looked at by us; the shell need not say so as well.
    DATABASE_PID=$! && disown
    local waited=0
    # Ready is when our own user gets in: the init file has been read by then.
    until MYSQL_PWD=$password mariadb --no-defaults --protocol=tcp --host=127.0.0.1 --port="$port" --user="$user" --execute="SELECT 1" "$database" >/dev/null 2>&1; do
        sleep 0.2
        waited=$((waited + 1))
        kill -0 "$DATABASE_PID" 2>/dev/null || return 1
        [ $waited -lt 300 ] || refuse "The database did not answer within 60 seconds; see $log."
    done
    rm -f "$init"
}

# Stops what we started, each with the processes it made of its own; they run in sessions of their own for that.
stop() {
    local pid
    for pid in "$@"; do
        [ -n "$pid" ] && { kill -- "-$pid" || kill "$pid"; } 2>/dev/null
    done
    local tenths
    for pid in "$@"; do
        tenths=0
        while [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null && [ $tenths -lt 300 ]; do
            sleep 0.1
            tenths=$((tenths + 1))
        done
    done
    return 0
}

# The just-in-time compiler keeps nothing in registers (1054 is tracing without): with them, PHP 8.2 put an address where a rounded
# number was (tests/Strangers/DemoHeadsTest.php finds it), and it is no quicker for it.
# What reckons more than it shows is a worker, the demo, the tests, the tools. The compiler stops at 1,024 traces by itself, which the
# frameworks use up before the engine has its turn. Pages gain nothing by more, and would be slower until all are made.
PHP_ENGINE_SETTINGS="-d opcache.enable_cli=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=64M -d opcache.jit_max_root_traces=20000 -d opcache.jit_max_side_traces=1000 -d opcache.jit_max_exit_counters=200000"
PHP_SERVER_SETTINGS="-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.memory_consumption=128 -d opcache.jit=1054 -d opcache.jit_buffer_size=64M -d post_max_size=64M -d upload_max_filesize=64M -d memory_limit=256M -d max_input_vars=5000 -d zend.exception_ignore_args=1 -d expose_php=0"

# serve HOST PORT LOG [fixed] — the application on PHP's own server. Sets SERVER_PID and SERVER_PORT: where something else took the port
# between the look and the start, the next one is tried, unless it has to be this one.
serve() {
    local host=$1 log=$3 fixed=${4:-} tries=0
    SERVER_PORT=$2
    until server_comes_up "$host" "$SERVER_PORT" "$log"; do
        tries=$((tries + 1))
        if [ -n "$fixed" ] || [ $tries -gt 20 ] || ! grep -qi 'address already in use' "$log"; then
            return 1
        fi
        SERVER_PORT=$(free_port $((SERVER_PORT + 1)))
    done
}

server_comes_up() {
    # shellcheck disable=SC2086
    (cd "$ROOT/public" && PHP_CLI_SERVER_WORKERS=${SERVER_WORKERS:-4} exec setsid php $PHP_SERVER_SETTINGS -S "$1:$2" \
        "${SERVER_SCRIPT:-$ROOT/bin/lib/serve.php}") >"$3" 2>&1 &
    SERVER_PID=$! && disown
    local waited=0
    sleep 0.1
    # Another program may answer on a port that ours did not get: ours says itself that it listens.
    until grep -q 'Development Server .* started' "$3" && (exec 3<>"/dev/tcp/${1/0.0.0.0/127.0.0.1}/$2") 2>/dev/null; do
        sleep 0.1
        waited=$((waited + 1))
        kill -0 "$SERVER_PID" 2>/dev/null || return 1
        [ $waited -lt 100 ] || return 1
    done
    kill -0 "$SERVER_PID" 2>/dev/null
}

# The tools for the scripts: eslint, vitest and what makes public/assets. The running product needs none of them.
ensure_scripts() {
    command -v node >/dev/null || ensure_packages nodejs npm
    [ "$(node -p 'Number(process.versions.node.split(".")[0]) >= 18')" = true ] || refuse "Node 18 or later is needed for the tests of the scripts; this is $(node -v)."
    local stamp
    stamp=$(cat "$ROOT/package.json" "$ROOT/package-lock.json" | sha256sum | cut -d' ' -f1)
    [ -d "$ROOT/node_modules" ] && [ "$(cat "$VAR/node.stamp" 2>/dev/null)" = "$stamp" ] && return
    echo "Fetching the packages for the scripts …"
    (cd "$ROOT" && npm ci --no-audit --no-fund) >"$VAR/npm.log" 2>&1 || refuse "The packages for the scripts could not be fetched; $VAR/npm.log says why."
    printf '%s' "$stamp" >"$VAR/node.stamp"
}
