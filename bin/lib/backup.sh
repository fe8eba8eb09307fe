#!/usr/bin/env bash
# What bin/backup, bin/restore and bin/prove share: where things are, the dump, the manifest, the vault.

setting() { sed -n "s/^$1=//p" "$ROOT/.env" 2>/dev/null | tail -n 1; }

DB_HOST=$(setting DB_HOST) DB_PORT=$(setting DB_PORT) DB_NAME=$(setting DB_DATABASE) DB_USER=$(setting DB_USERNAME)
DB_HOST=${DB_HOST:-127.0.0.1} DB_PORT=${DB_PORT:-3306} DB_NAME=${DB_NAME:-nagomi} DB_USER=${DB_USER:-nagomi}
FILES=$(setting FILES_PATH)
FILES=${FILES:-$ROOT/storage/app/private}
# Pictures in a bucket are copied beside the book, and the copy is kept: the next backup fetches what is new.
IN_A_BUCKET=$(setting FILES_ON | grep -x s3)
[ -z "$IN_A_BUCKET" ] || FILES="$VAR/copied"
pictures_out() { [ -z "$IN_A_BUCKET" ] || { mkdir -p "$FILES/pictures" && php "$ROOT/artisan" nagomi:copy-pictures "$FILES" >"$VAR/artisan.log" 2>&1; }; }
pictures_back() { [ -z "$IN_A_BUCKET" ] || php "$ROOT/artisan" nagomi:copy-pictures --back "$FILES" >"$VAR/artisan.log" 2>&1; }
VAULT=${NAGOMI_VAULT:-$VAR/vault}
VAULT_KEY=${NAGOMI_VAULT_KEY:-$VAR/vault.key}
# Who is signed in, and what is worked out anew, is nobody's loss.
PASSING="sessions cache cache_locks jobs job_batches"

ours() { MYSQL_PWD=$(setting DB_PASSWORD) "$@" --no-defaults --protocol=tcp --host="$DB_HOST" --port="$DB_PORT" --user="$DB_USER" "${AND[@]}"; }
ask() { AND=(-N --execute="$1" "$DB_NAME"); ours mariadb; }

needs_settings() {
    [ -f "$ROOT/.env" ] || refuse "There is no .env here: start Nagomi once, or bring the one it ran with."
    ask "SELECT 1" >/dev/null 2>&1 || refuse "The database does not answer at $DB_HOST:$DB_PORT: start Nagomi first (bin/start), or set DB_HOST, DB_PORT and DB_PASSWORD in .env."
}

# One consistent picture of all tables, a row a line and in an order of its own, so that the same rows are the same text.
dump() {
    local table passing=()
    for table in $PASSING; do passing+=("--ignore-table-data=$DB_NAME.$table"); done
    AND=(--single-transaction --order-by-primary --skip-extended-insert --skip-dump-date --no-autocommit --hex-blob --triggers
        --no-tablespaces --default-character-set=utf8mb4 "${passing[@]}" "$DB_NAME")
    ours mariadb-dump | sed -E 's/DEFINER=[^ ]+ ?//g'
    [ "${PIPESTATUS[0]}" -eq 0 ]
}

vault() { RESTIC_PASSWORD_FILE="$VAULT_KEY" restic --repo "$VAULT" --quiet "$@"; }

needs_vault() {
    ensure_packages restic
    [ -d "$VAULT" ] && [ -f "$VAULT_KEY" ] || refuse "There is no backup at $VAULT, or its key $VAULT_KEY is not here. NAGOMI_VAULT and NAGOMI_VAULT_KEY say where they are."
}

manifest() { APP_KEY=$(setting APP_KEY) php "$ROOT/bin/lib/manifest.php" "$@"; }
