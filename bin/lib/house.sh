# What bin/start, bin/test and bin/bench share: packages, MariaDB, free ports. Sourced, not run.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"

RUN_PACKAGES="php8.2-cli php8.2-mbstring php8.2-xml php8.2-intl php8.2-mysql php8.2-curl php8.2-gd php8.2-zip php8.2-bcmath php-league-config composer unzip git mariadb-server"
BROWSER_PACKAGES="chromium chromium-driver"
REFERENCE_PACKAGES="python3-icalendar"

refuse() { printf '%s\n' "$*" >&2; exit 1; }

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

ensure_disk() {
    mkdir -p "$VAR" 2>/dev/null || refuse "$VAR cannot be made; give this user the right to write there."
    local free_kb
    free_kb=$(df -Pk "$VAR" | awk 'NR == 2 { print $4 }')
    [ "${free_kb:-0}" -gt 512000 ] || refuse "There is too little room on the disk: free at least 500 MB and start again."
}

ensure_vendor() {
    local stamp
    stamp=$(sha256sum "$ROOT/composer.json" | cut -d' ' -f1)
    [ -f "$ROOT/vendor/autoload.php" ] && [ "$(cat "$VAR/vendor.stamp" 2>/dev/null)" = "$stamp" ] && return
    echo "Fetching the Composer packages …"
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress) >"$VAR/composer.log" 2>&1 \
        || refuse "The Composer packages could not be fetched; $VAR/composer.log says why."
    printf '%s' "$stamp" >"$VAR/vendor.stamp"
}

port_is_busy() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while port_is_busy "$port"; do port=$((port + 1)); done
    printf '%s' "$port"
}

secret() { head -c 24 /dev/urandom | base64 | tr -d '/+=\n'; }

# start_database NAME PORT DATABASE USER PASSWORD [PATTERN] — a MariaDB of our own under var/NAME, on loopback only.
# PATTERN names further databases the user may make. Sets DATABASE_PID; leaves it empty where ours was running already.
start_database() {
    local name=$1 port=$2 database=$3 user=$4 password=$5
    local data="$VAR/$name" init="$VAR/$name.init.sql" log="$VAR/$name.log" socket more=
    [ -z "${6:-}" ] || more="GRANT ALL ON \`$6\`.* TO '$user'@'127.0.0.1';"
    DATABASE_PID=
    if [ -f "$VAR/$name.pid" ] && kill -0 "$(cat "$VAR/$name.pid")" 2>/dev/null && grep -q mariadbd "/proc/$(cat "$VAR/$name.pid")/comm" 2>/dev/null; then
        return
    fi
    if [ ! -d "$data/mysql" ]; then
        mariadb-install-db --no-defaults --datadir="$data" --user="$(id -un)" --auth-root-authentication-method=normal --skip-test-db >"$log" 2>&1 \
            || refuse "The database's directory $data could not be made; $log says why."
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
    setsid mariadbd --no-defaults --user="$(id -un)" --datadir="$data" --bind-address=127.0.0.1 --port="$port" --socket="$socket" \
        --pid-file="$VAR/$name.pid" --init-file="$init" --skip-name-resolve --innodb-flush-log-at-trx-commit=2 >>"$log" 2>&1 &
    DATABASE_PID=$!
    local waited=0
    # Ready is when our own user gets in: the init file has been read by then.
    until MYSQL_PWD=$password mariadb --no-defaults --protocol=tcp --host=127.0.0.1 --port="$port" --user="$user" --execute="SELECT 1" "$database" >/dev/null 2>&1; do
        sleep 0.2
        waited=$((waited + 1))
        kill -0 "$DATABASE_PID" 2>/dev/null || refuse "The database did not come up; the last lines of $log say why:
$(tail -n 3 "$log")"
        [ $waited -lt 150 ] || refuse "The database did not answer within 30 seconds; see $log."
    done
    rm -f "$init"
}

# Stops what we started, each with the processes it made of its own; they run in sessions of their own for that.
stop() {
    local pid
    for pid in "$@"; do
        [ -n "$pid" ] && { kill -- "-$pid" || kill "$pid"; } 2>/dev/null
    done
    for pid in "$@"; do
        [ -n "$pid" ] && wait "$pid" 2>/dev/null
    done
    return 0
}

PHP_SERVER_SETTINGS="-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.memory_consumption=128 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d post_max_size=64M -d upload_max_filesize=64M -d memory_limit=256M -d max_input_vars=5000 -d expose_php=0"

# serve HOST PORT LOG — the application on PHP's own server. Sets SERVER_PID.
serve() {
    # shellcheck disable=SC2086
    (cd "$ROOT/public" && PHP_CLI_SERVER_WORKERS=${SERVER_WORKERS:-4} exec setsid php $PHP_SERVER_SETTINGS -S "$1:$2" \
        "$ROOT/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php") >"$3" 2>&1 &
    SERVER_PID=$!
    local waited=0
    until (exec 3<>"/dev/tcp/${1/0.0.0.0/127.0.0.1}/$2") 2>/dev/null; do
        sleep 0.1
        waited=$((waited + 1))
        kill -0 "$SERVER_PID" 2>/dev/null || refuse "The application could not be served on $1:$2: $(tail -n 1 "$3")"
        [ $waited -lt 100 ] || refuse "The application did not answer within 10 seconds; see $3."
    done
}
