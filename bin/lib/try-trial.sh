# What bin/trial does, and a part of bin/test does for a shorter time.
TRIAL_PORT="${TRIAL_PORT:-${OLD_EDDY_TRIAL_PORT:-8096}}"

# phones SECONDS PHONES [MISFORTUNE...]: they log until their time is over, send until all is taken, and print what they counted. The
# misfortune begins once all are aboard.
phones() {
    local ready="$ROOT/runtime/trial-ready" became
    rm -f "$ready"
    node bin/lib/trial-phones.mjs "http://127.0.0.1:$WEB_PORT" "$1" "$2" "$ready" & local pid=$!
    if [ $# -gt 2 ]; then
        while [ ! -e "$ready" ] && kill -0 "$pid" 2>/dev/null; do sleep 0.2; done
        "${@:3}" & local misfortune=$!
    fi
    wait "$pid"
    became=$?
    [ $# -le 2 ] || wait "$misfortune"
    return "$became"
}

trial_house() { # trial_house FOLDER: a house of its own, filled, whose sessions and cache stand in the database
    enter_house "$1" "$TRIAL_PORT" old_eddy_trial
    export SESSION_DRIVER=database CACHE_STORE=database BCRYPT_ROUNDS=4 REGISTRATIONS_PER_MINUTE=6000
    prepare_env
    start_database
    database -e "drop database if exists $DATABASE; create database $DATABASE character set utf8mb4"
    fill_house
}

# What the database promises of what it has taken: written to the disk before it says so, and pages never half.
durable() {
    local said
    said=$(database -N -e "select concat(@@innodb_flush_log_at_trx_commit, ' ', @@innodb_doublewrite, ' ', @@innodb_flush_method)")
    say "  durable settings of the database (log flushed at commit, pages written twice, how): $said"
    case "$said" in '1 ON '*|'1 1 '*) return 0 ;; *) say "  the database does not keep what it has taken"; return 1 ;; esac
}

kill_php() { pkill -KILL -s "$(cat "$HOUSE/php-fpm8.2.session")" -f 'pool www' 2>/dev/null; }
kill_database() {
    pkill -KILL -s "$(cat "$HOUSE/mariadbd.session")" -x mariadbd 2>/dev/null
    start_database
}

# PHP dies more than once a second, the database every few seconds.
kills() {
    local until=$((SECONDS + SECONDS_EACH)) n=0 php=0 base=0
    while [ "$SECONDS" -lt "$until" ]; do
        sleep 0.6
        kill_php && php=$((php + 1))
        n=$((n + 1))
        [ $((n % 6)) != 0 ] || { kill_database && base=$((base + 1)); }
    done
    say "  killed: PHP $php times, the database $base times"
}

trial_kill() {
    start_web
    durable || return 1
    phones "$SECONDS_EACH" 4 kills
}

# Two application servers, each with a storage of its own, in front of one database; requests go to one and the other in turns.
trial_servers() {
    start_web
    local second="$HOUSE/second"
    as_service mkdir -p "$second"/{tmp,storage/{app,logs,framework/{cache/data,sessions,views}}}
    (write_php_conf | sed "s#/php.sock#/php2.sock#"; echo "access.log = \"$second/access.log\"") | as_service sh -c 'cat >"$1"' sh "$second/php-fpm.conf"
    (
        export LARAVEL_STORAGE_PATH="$second/storage" APP_CONFIG_CACHE="$second/config.php" APP_ROUTES_CACHE="$second/routes.php"
        launch second php-fpm8.2 -F -y "$second/php-fpm.conf" -d opcache.memory_consumption=64 -d opcache.validate_timestamps=0
    )
    write_web_conf | sed -e "s#fastcgi_pass \"unix:$SOCKETS/php.sock\"#fastcgi_pass both#" \
        -e "s#^    server {#    upstream both { server \"unix:$SOCKETS/php.sock\"; server \"unix:$SOCKETS/php2.sock\"; }\n    server {#" | as_service sh -c 'cat >"$1"' sh "$HOUSE/nginx.conf"
    pkill -HUP -o -s "$(cat "$HOUSE/nginx.session")" -x nginx
    sleep 1
    phones "$SECONDS_EACH" 4
    local became=$?
    say "  requests that the second server answered: $(grep -c POST "$second/access.log")"
    [ "$(grep -c POST "$second/access.log")" -gt 10 ] || became=1
    pkill -TERM -s "$(cat "$HOUSE/second.session")" 2>/dev/null
    rm -f "$HOUSE/second.session"
    return "$became"
}

trial_crowd() {
    start_web
    phones "$SECONDS_EACH" 32
}

# A migration cut off anywhere and run again comes to the same tables.
trial_migrate() {
    local whole cut i tables=
    shape() { database -N -e "select table_name, column_name, column_type, is_nullable from information_schema.columns where table_schema = '$1' order by 1, 2" | sha1sum; }
    database -e "drop database if exists old_eddy_whole; create database old_eddy_whole character set utf8mb4"
    DB_DATABASE=old_eddy_whole APP_CONFIG_CACHE="$HOUSE/none.php" artisan migrate --force >/dev/null 2>&1 || return 1
    whole=$(shape old_eddy_whole)
    database -e "drop database if exists old_eddy_cut; create database old_eddy_cut character set utf8mb4"
    for i in 1 2 3 4 5 6; do
        # In a session of its own, whose number is known: nothing else of that name is touched.
        (cd "$ROOT" && DB_DATABASE=old_eddy_cut APP_CONFIG_CACHE="$HOUSE/none.php" exec setsid "${AS_SERVICE[@]}" php artisan migrate --force >/dev/null 2>&1) & local pid=$!
        sleep "0.$((i * 4 + 16))"
        kill -KILL -- "-$pid" 2>/dev/null
        wait "$pid" 2>/dev/null
        tables="$tables $(database -N -e "select count(*) from information_schema.tables where table_schema = 'old_eddy_cut'")"
    done
    DB_DATABASE=old_eddy_cut APP_CONFIG_CACHE="$HOUSE/none.php" artisan migrate --force >/dev/null 2>&1 || return 1
    cut=$(shape old_eddy_cut)
    say "  cut off six times with$tables tables done, then run to its end: $([ "$whole" = "$cut" ] && echo the same || echo OTHER) columns as in one go"
    database -e "drop database old_eddy_whole; drop database old_eddy_cut"
    [ "$whole" = "$cut" ]
}

fills() {
    sleep $((SECONDS_EACH / 4))
    dd if=/dev/zero of="$ROOT/runtime/trial-full/filler" bs=1M 2>/dev/null
    say "  the disk is full: $(df --output=avail "$HOUSE" | tail -1) KB left"
    sleep $((SECONDS_EACH / 2))
    rm -f "$ROOT/runtime/trial-full/filler"
    # What died of it is started again, as bin/start would.
    running mariadbd || start_database
}

# The whole house on a disk that fills while it is logged, and is emptied again.
trial_full() {
    if [ "$(id -u)" != 0 ] || ! mkdir -p "$ROOT/runtime/trial-full" || ! mount -t tmpfs -o size=420m,mode=755 tmpfs "$ROOT/runtime/trial-full" 2>/dev/null; then
        say "  left out: this machine does not let a small disk be mounted"
        return 0
    fi
    leave_house
    local kept="$HOUSE" became
    trial_house "$ROOT/runtime/trial-full/house"
    start_web
    phones "$SECONDS_EACH" 4 fills
    became=$?
    leave_house
    umount -l "$ROOT/runtime/trial-full"
    # Where what comes next finds its database again.
    enter_house "$kept" "$TRIAL_PORT" old_eddy_trial
    start_database
    return "$became"
}

trial() { # trial SECONDS PART...
    local SECONDS_EACH="$1" part failed=0; shift
    (
        trap leave_house EXIT
        trial_house "$ROOT/runtime/trial"
        for part in "$@"; do
            step "trial: $part"
            "trial_$part" || { say "  FAILED: $part"; failed=1; }
        done
        exit "$failed"
    )
}
