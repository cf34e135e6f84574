# What bin/backup and bin/restore share: which database, how to reach it, and whether a file is whole.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
say() { printf '%s\n' "$*"; }
fail() { printf 'Old Eddy: %s\n' "$*" >&2; exit 1; }

# A word of the environment, else of .env.
word() { # word NAME
    local value="${!1:-}"
    [ -n "$value" ] || value=$(sed -n "s/^$1=//p" "$ROOT/.env" 2>/dev/null | tail -1 | sed -e 's/^"\(.*\)"$/\1/')
    printf '%s' "$value"
}

read_database() {
    DB_DATABASE=$(word DB_DATABASE) DB_USERNAME=$(word DB_USERNAME) DB_PASSWORD=$(word DB_PASSWORD)
    DB_SOCKET=$(word DB_SOCKET) DB_HOST=$(word DB_HOST) DB_PORT=$(word DB_PORT)
    [ -n "$DB_DATABASE" ] || fail "no database is named in .env"
}

client() { # client PROGRAM ARGUMENTS...: the password stands in no list of processes
    local program="$1"; shift
    local way=(-h "${DB_HOST:-127.0.0.1}" -P "${DB_PORT:-3306}")
    [ -z "$DB_SOCKET" ] || way=(-S "$DB_SOCKET")
    MYSQL_PWD="$DB_PASSWORD" "$program" --no-defaults -u "$DB_USERNAME" "${way[@]}" "$@"
}

# The last line says that the dump came to its end; a file that was cut off has none, or cannot be unpressed.
is_whole() { gzip -t "$1" 2>/dev/null && gzip -dc "$1" | tail -1 | grep -q '^-- Dump completed'; }
