# Shared by bin/start, bin/test and bin/bench. A house is one running set of database, PHP, web server and queue worker with
# a folder of its own: its sockets, sessions, logs and data, open to nobody but the user that runs it.

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
PATH="$PATH:/usr/sbin:/sbin"
BEGAN=$(date +%s)

say() { printf '%s\n' "$*"; }
fail() { printf 'Old Eddy: %s\n' "$*" >&2; exit 1; }
step() { printf '%3d s  %s\n' "$(($(date +%s) - BEGAN))" "$*"; }

# only_one NAME SECONDS: waits until no other run of the same command is at work.
only_one() {
    mkdir -p "$ROOT/runtime" 2>/dev/null && [ -w "$ROOT/runtime" ] \
        || fail "cannot write in $ROOT/runtime; start it as the user who owns this folder"
    chmod 711 "$ROOT/runtime" 2>/dev/null
    exec 9>"$ROOT/runtime/$1.lock" || fail "runtime/$1.lock belongs to another user; remove it or start as that user"
    command -v flock >/dev/null || return 0
    flock -w "$2" 9 || fail "another bin/$1 is still at work"
}

. "$ROOT/bin/lib/install.sh"
. "$ROOT/bin/lib/serve.sh"

# Started as root, everything that serves runs as a system user of its own, which owns nothing but its house.
if [ "$(id -u)" = 0 ]; then SERVICE=old-eddy; else SERVICE="$(id -un)"; fi

# How a command becomes one of the service user's: put before it.
AS_SERVICE=()
[ "$(id -u)" != 0 ] || AS_SERVICE=(setpriv --reuid="$SERVICE" --regid="$SERVICE" --clear-groups --)
as_service() { "${AS_SERVICE[@]}" "$@"; }

# The service user needs a way to the code, and may not write there. Where the way is closed, passage is granted to this
# one user by access lists; nothing is opened to anybody else.
admit_service() {
    [ "$(id -u)" = 0 ] || return 0
    id -u "$SERVICE" >/dev/null 2>&1 \
        || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVICE" \
        || fail "the system user $SERVICE could not be made"
    local folder="$ROOT" closed=() code=(app bootstrap bin config core database public resources routes stand-ins artisan composer.json)
    [ -d "$ROOT/vendor" ] && code+=(vendor)
    while [ "$folder" != / ]; do
        as_service test -x "$folder" 2>/dev/null || closed=("$folder" "${closed[@]}")
        folder="$(dirname "$folder")"
    done
    # A parent that is closed hides whether those below it are open: grant from the top down.
    for folder in "${closed[@]}"; do
        as_service test -x "$folder" 2>/dev/null || allow "u:$SERVICE:x" "$folder"
    done
    if [ -n "$(cd "$ROOT" && as_service find "${code[@]}" ! -readable -print -quit 2>/dev/null)" ] || ! as_service test -r "$ROOT/public/index.php"; then
        (cd "$ROOT" && for one in "${code[@]}"; do allow -R "u:$SERVICE:rX" "$one"; done)
    fi
    as_service test -r "$ROOT/public/index.php" \
        || fail "the system user $SERVICE cannot read $ROOT; put the folder somewhere it can, such as /opt, or start as an ordinary user"
}

allow() {
    local recursive=()
    [ "$1" = -R ] && { recursive=(-R); shift; }
    command -v setfacl >/dev/null || { MISSING=(acl); install_missing; }
    setfacl "${recursive[@]}" -m "$1" -- "$2" 2>/dev/null
}

# enter_house FOLDER WEB-PORT DATABASE: names the house that the functions below work on.
enter_house() {
    HOUSE="$1" WEB_PORT="$2" DATABASE="$3"
    admit_service
    (umask 077 && mkdir -p "$HOUSE"/{tmp,files,storage/{app,logs,framework/{cache/data,sessions,views}}}) || fail "cannot write in $HOUSE"
    chmod 700 "$HOUSE"
    # A house built by another user, as by an older version as root, changes its owner once.
    [ "$(id -u)" != 0 ] || [ "$(stat -c %U "$HOUSE")" = "$SERVICE" ] || chown -R "$SERVICE:$SERVICE" "$HOUSE"
    SOCKETS="$HOUSE"
    # A socket's path is 107 characters long at most.
    if [ "${#HOUSE}" -gt 90 ]; then
        SOCKETS="/tmp/old-eddy-$(printf %s "$HOUSE" | sha1sum | cut -c1-12)"
        as_service mkdir -p -m 700 "$SOCKETS"
        [ "$(stat -c '%U %a' "$SOCKETS")" = "$SERVICE 700" ] || fail "$SOCKETS belongs to somebody else"
    fi
    [ -s "$HOUSE/database.password" ] \
        || as_service sh -c 'umask 077; head -c 24 /dev/urandom | od -An -tx1 | tr -d " \n" >"$1"' sh "$HOUSE/database.password"
    export DB_CONNECTION=mariadb DB_SOCKET="$SOCKETS/mariadb.sock" DB_DATABASE="$DATABASE" DB_USERNAME=old_eddy
    DB_PASSWORD="$(as_service cat "$HOUSE/database.password")" || fail "$HOUSE belongs to another user; start as that user"
    export DB_PASSWORD
    export APP_URL="http://127.0.0.1:$WEB_PORT" LARAVEL_STORAGE_PATH="$HOUSE/storage"
    export APP_CONFIG_CACHE="$HOUSE/config.php" APP_ROUTES_CACHE="$HOUSE/routes.php" APP_EVENTS_CACHE="$HOUSE/events.php"
    export APP_SERVICES_CACHE="$HOUSE/services.php" APP_PACKAGES_CACHE="$HOUSE/packages.php"
}

artisan() { (cd "$ROOT" && umask 077 && as_service php artisan "$@"); }

# Puts the database in its newest order, with its demo, and says what failed.
fill_house() {
    local log="$HOUSE/setup.log"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    : >"$log"
    artisan migrate --force >>"$log" 2>&1 || fail "the database could not be brought up to date: $(first_error "$log"); all of it is in $log. Run this again when the cause is gone: what was done is kept"
    artisan db:seed --force >>"$log" 2>&1 || fail "the demo data could not be loaded: $(first_error "$log"); see $log"
    artisan eddy:sum >>"$log" 2>&1 || fail "the days could not be added up: $(first_error "$log"); see $log"
    { artisan cache:clear && artisan config:cache && artisan route:cache && artisan view:cache; } >>"$log" 2>&1 || fail "the caches could not be made: $(first_error "$log"); see $log"
}

first_error() { grep -m1 -E 'SQLSTATE|Exception|ERROR|Error|denied' "$1" | sed 's/^[[:space:]]*//' | cut -c1-200; }
