# What runs: one database, PHP, web server and queue worker. Each runs in a session of its own whose id is written down, so
# that exactly its processes can be found again, even after kill -9 of a part.

# The names under which a part's processes run.
names_of() { case "$1" in worker) echo 'bash|php|php8.2' ;; *) echo "$1" ;; esac; }

# running NAME: whether a process of the noted session lives; a dead one that nobody has collected yet does not count.
running() {
    local pid
    [ -s "$HOUSE/$1.session" ] || return 1
    for pid in $(pgrep -s "$(cat "$HOUSE/$1.session")" -x "$(names_of "$1")"); do
        grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" 2>/dev/null || return 0
    done
    return 1
}

# rotate_logs: what has grown past LOG_MOST bytes goes into .1.gz, what lay there into .2.gz and .3.gz; written on into the same file.
LOG_MOST="${LOG_MOST:-5000000}"
rotate_logs() { # rotate_logs FOLDER
    local log n
    for log in "$1"/*.log; do
        [ -f "$log" ] && [ "$(stat -c %s "$log")" -gt "$LOG_MOST" ] || continue
        for n in 2 1; do [ ! -f "$log.$n.gz" ] || mv "$log.$n.gz" "$log.$((n + 1)).gz"; done
        (umask 077; gzip -c "$log" >"$log.1.gz") && : >"$log"
    done
}

launch() { # launch NAME COMMAND...
    local name="$1"; shift
    (umask 077; cd "$ROOT" && as_service touch "$HOUSE/$name.log")
    (umask 077; cd "$ROOT"; setsid "${AS_SERVICE[@]}" "$@" >>"$HOUSE/$name.log" 2>&1 </dev/null 9>&- & printf %s "$!" >"$HOUSE/$name.session")
}

halt() { # halt NAME: ends the session's processes of that name, and only those
    local session name="$1"
    [ -s "$HOUSE/$name.session" ] || return 0
    session=$(cat "$HOUSE/$name.session")
    pkill -TERM -s "$session" -x "$(names_of "$name")" 2>/dev/null
    for _ in $(seq 150); do
        running "$name" || break
        sleep 0.1
    done
    pkill -KILL -s "$session" -x "$(names_of "$name")" 2>/dev/null
    rm -f "$HOUSE/$name.session"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The database listens on a socket in the house and nowhere else, and has one account that may use its own databases.
write_database_rights() {
    as_service sh -c 'umask 077; cat >"$1"' sh "$HOUSE/mariadb.sql" <<SQL
alter user root@localhost identified via unix_socket;
delete from mysql.global_priv where user not in ('root', 'mariadb.sys', 'old_eddy') or host <> 'localhost';
flush privileges;
create user if not exists old_eddy@localhost;
alter user old_eddy@localhost identified by '$DB_PASSWORD';
grant all on \`old\\_eddy%\`.* to old_eddy@localhost;
create database if not exists \`$DATABASE\` character set utf8mb4;
SQL
}

database() { MYSQL_PWD="$DB_PASSWORD" mariadb --no-defaults -u old_eddy -S "$DB_SOCKET" "$@"; }

start_database() {
    running mariadbd && database -e 'select 1' "$DATABASE" >/dev/null 2>&1 && return
    halt mariadbd
    if [ ! -f "$HOUSE/mariadb/.complete" ]; then
        step "Setting up the database ..."
        # Its own tools stumble over a space in a path: they are given none.
        (
            cd "$HOUSE" && rm -rf mariadb && umask 077 \
                && as_service mariadb-install-db --no-defaults --datadir=./mariadb --auth-root-authentication-method=socket --skip-test-db \
                && as_service touch mariadb/.complete
        ) >"$HOUSE/mariadb-install.log" 2>&1 || fail "the database could not be set up; see $HOUSE/mariadb-install.log"
    fi
    write_database_rights
    launch mariadbd mariadbd --no-defaults --datadir="$HOUSE/mariadb" --socket="$DB_SOCKET" --skip-networking --pid-file="$HOUSE/mariadb.pid" \
        --init-file="$HOUSE/mariadb.sql" --secure-file-priv="$HOUSE/files" --local-infile=0 --skip-name-resolve --skip-symbolic-links \
        --innodb-buffer-pool-size=128M --max-allowed-packet=64M --character-set-server=utf8mb4 --tmpdir="$HOUSE/tmp"
    local try
    for try in $(seq 300); do
        database -e 'select 1' "$DATABASE" >/dev/null 2>&1 && return
        # The first moment belongs to the launch itself.
        [ "$try" -lt 20 ] || running mariadbd || fail "the database did not start: $(grep -m1 ERROR "$HOUSE/mariadbd.log"); see $HOUSE/mariadbd.log"
        sleep 0.1
    done
    fail "the database does not answer; see $HOUSE/mariadbd.log"
}

# Whether the port can be had; what runs is left as it is until that is known.
check_port() {
    running nginx && [ "$(cat "$HOUSE/nginx.port" 2>/dev/null)" = "$WEB_PORT" ] && return
    ! port_taken "$WEB_PORT" || fail "port $WEB_PORT is taken by another program; choose one with OLD_EDDY_PORT=8081 bin/start"
}

write_php_conf() {
    cat <<CONF
[global]
error_log = "$HOUSE/php-fpm.log"
daemonize = no
[www]
listen = "$SOCKETS/php.sock"
listen.mode = 0600
pm = static
pm.max_children = ${OLD_EDDY_WORKERS:-4}
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 64M
php_admin_value[post_max_size] = 34M
php_admin_value[upload_max_filesize] = 32M
php_admin_value[upload_tmp_dir] = "$HOUSE/tmp"
php_admin_value[sys_temp_dir] = "$HOUSE/tmp"
php_admin_flag[expose_php] = off
CONF
}

# What a file that lies ready is sent with; pages say the same by themselves (Http/Middleware/SecurityHeaders).
SAFE="add_header X-Content-Type-Options nosniff always; add_header Referrer-Policy same-origin always; \
add_header Content-Security-Policy \"default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'\" always;"
write_web_conf() {
    # Where the web server's module for it is installed, browsers that can are sent the smaller form.
    local brotli=/usr/lib/nginx/modules/ngx_http_brotli_static_module.so smaller=
    if [ -e "$brotli" ]; then
        echo "load_module $brotli;"
        smaller='brotli_static on;'
    fi
    cat <<CONF
worker_processes 1;
daemon off;
pid "$HOUSE/nginx.pid";
error_log "$HOUSE/nginx-error.log";
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    types { application/manifest+json webmanifest; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    client_max_body_size 34m;
    client_body_temp_path "$HOUSE/tmp/body";
    fastcgi_temp_path "$HOUSE/tmp/fastcgi";
    proxy_temp_path "$HOUSE/tmp/proxy";
    uwsgi_temp_path "$HOUSE/tmp/uwsgi";
    scgi_temp_path "$HOUSE/tmp/scgi";
    gzip on;
    gzip_types text/css application/javascript image/svg+xml application/json;
    server {
        listen 127.0.0.1:$WEB_PORT;
        root "$ROOT/public";
        # A file that is too large even to be looked at gets the application's own sentence.
        error_page 413 /too-large.html;
        location = /too-large.html { internal; }
        location ~ /\. { return 404; }
        location /build/assets/ { gzip_static on; $smaller add_header Cache-Control "public, max-age=31536000, immutable"; $SAFE }
        location / { try_files \$uri @app; $SAFE }
        location @app {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_pass "unix:$SOCKETS/php.sock";
            fastcgi_read_timeout 120s;
            fastcgi_buffers 16 32k;
            fastcgi_buffer_size 32k;
        }
        location ~ \.php\$ { return 404; }
    }
}
CONF
}

# How PHP serves, but for the compiler of hot code.
SERVES=(-d zend.exception_ignore_args=1 -d mysqlnd.net_read_timeout=5 -d opcache.memory_consumption=64 -d opcache.interned_strings_buffer=8 -d opcache.validate_timestamps=0 -d realpath_cache_size=4M)
start_web() {
    write_php_conf | as_service sh -c 'cat >"$1"' sh "$HOUSE/php-fpm.conf"
    write_web_conf | as_service sh -c 'cat >"$1"' sh "$HOUSE/nginx.conf"
    halt worker
    halt php-fpm8.2
    # The compiler of hot code is switched on for the whole of PHP or not at all: a pool's own values come too late for it.
    launch php-fpm8.2 php-fpm8.2 -F -y "$HOUSE/php-fpm.conf" "${SERVES[@]}" -d opcache.jit_buffer_size=32M -d opcache.jit=tracing
    HOUSE_LOGS="$HOUSE" TMPDIR="$HOUSE/tmp" launch worker "$ROOT/bin/lib/worker"
    check_port
    # On another port than before it begins anew.
    [ "$(cat "$HOUSE/nginx.port" 2>/dev/null)" = "$WEB_PORT" ] || halt nginx
    if running nginx; then
        pkill -HUP -o -s "$(cat "$HOUSE/nginx.session")" -x nginx
    else
        launch nginx nginx -c "$HOUSE/nginx.conf" -e "$HOUSE/nginx-error.log"
        printf %s "$WEB_PORT" >"$HOUSE/nginx.port"
    fi
    for _ in $(seq 150); do
        curl -fsS -o /dev/null "http://127.0.0.1:$WEB_PORT/up" 2>/dev/null && return 0
        sleep 0.1
    done
    fail "the pages do not answer: $(tail -n 1 "$HOUSE/nginx-error.log"); see $HOUSE/nginx-error.log, $HOUSE/php-fpm.log and $HOUSE/storage/logs"
}

leave_house() {
    halt nginx
    halt worker
    halt php-fpm8.2
    halt mariadbd
}
