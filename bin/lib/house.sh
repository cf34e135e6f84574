# Shared by bin/start and bin/test: what is installed, built, started and stopped.
# A house is one running set of database, PHP and web server with a folder of its own. Every server runs in a session
# of its own whose id is written down, so that exactly its processes can be found again, even after kill -9 of a part.

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"

say() { printf '%s\n' "$*"; }
fail() { printf 'Old Eddy: %s\n' "$*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else fail "needs root or sudo to install: $*"; fi
}

# need COMMAND-OR-FILE PACKAGE: notes the package as missing when the thing is not there.
MISSING=()
need() { command -v "$1" >/dev/null 2>&1 || [ -e "$1" ] || MISSING+=("$2"); }
need_extension() { php -m 2>/dev/null | grep -qix "$1" || MISSING+=("$2"); }

install_system() {
    PATH="$PATH:/usr/sbin:/sbin"
    need php php8.2-cli
    need php-fpm8.2 php8.2-fpm
    need_extension pdo_mysql php8.2-mysql
    need_extension mbstring php8.2-mbstring
    need_extension intl php8.2-intl
    need_extension dom php8.2-xml
    need_extension curl php8.2-curl
    need_extension 'zend opcache' php8.2-opcache
    need mariadbd mariadb-server
    need nginx nginx-light
    need node nodejs
    need npm npm
    need composer composer
    need unzip unzip
    need curl curl
    need setsid util-linux
    need pkill procps
    for extra in "$@"; do need "${extra%%:*}" "${extra##*:}"; done
    [ ${#MISSING[@]} = 0 ] && return
    say "Installing ${MISSING[*]} ..."
    mkdir -p "$ROOT/runtime"
    {
        as_root apt-get update -q
        as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${MISSING[@]}"
    } >"$ROOT/runtime/install.log" 2>&1 || fail "installing failed; see runtime/install.log"
}

stamp_of() { (cd "$ROOT" && cat "$@" 2>/dev/null | sha1sum | cut -d' ' -f1); }
stamped() { [ "$(cat "$ROOT/$1" 2>/dev/null)" = "$2" ]; }

# A stamp is written only after success: a half-finished install is done again.
install_packages() {
    mkdir -p "$ROOT/runtime"
    local stamp
    stamp=$(stamp_of composer.json)
    if ! stamped vendor/.stamp "$stamp" || [ ! -f "$ROOT/vendor/autoload.php" ]; then
        say "Installing PHP packages ..."
        (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress) >"$ROOT/runtime/composer.log" 2>&1 \
            || fail "composer failed; see runtime/composer.log"
        printf %s "$stamp" >"$ROOT/vendor/.stamp"
    fi
    stamp=$(stamp_of package.json)
    if ! stamped node_modules/.stamp "$stamp"; then
        say "Installing front-end packages ..."
        (cd "$ROOT" && npm install --no-package-lock --no-audit --no-fund) >"$ROOT/runtime/npm.log" 2>&1 || fail "npm failed; see runtime/npm.log"
        printf %s "$stamp" >"$ROOT/node_modules/.stamp"
    fi
    stamp=$(cd "$ROOT" && find resources vite.config.js package.json -type f -print0 | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1)
    if ! stamped public/build/.stamp "$stamp"; then
        say "Building styles and scripts ..."
        (cd "$ROOT" && npm run build) >"$ROOT/runtime/build.log" 2>&1 || fail "the build failed; see runtime/build.log"
        printf %s "$stamp" >"$ROOT/public/build/.stamp"
    fi
}

prepare_env() {
    [ -f "$ROOT/.env" ] || cp "$ROOT/.env.example" "$ROOT/.env"
    grep -q '^APP_KEY=.\+' "$ROOT/.env" || (cd "$ROOT" && php artisan key:generate --force --quiet)
}

# enter_house FOLDER WEB-PORT DATABASE-PORT DATABASE: names the house that the functions below work on.
enter_house() {
    HOUSE="$1" WEB_PORT="$2" DATABASE="$4"
    mkdir -p "$HOUSE/tmp"
    export DB_HOST=127.0.0.1 DB_PORT="$3" DB_DATABASE="$4" DB_USERNAME=root DB_PASSWORD=""
    export APP_URL="http://127.0.0.1:$WEB_PORT"
    export APP_CONFIG_CACHE="$HOUSE/config.php" APP_ROUTES_CACHE="$HOUSE/routes.php" APP_EVENTS_CACHE="$HOUSE/events.php"
    export DB_SOCKET="$HOUSE/mariadb.sock"
    # A database that already runs keeps the port it has.
    [ -f "$HOUSE/mariadb.port" ] && running mariadbd && export DB_PORT="$(cat "$HOUSE/mariadb.port")"
    return 0
}

# running NAME: whether a process of the noted session lives; a dead one that nobody has collected yet does not count.
running() {
    local pid
    [ -f "$HOUSE/$1.session" ] || return 1
    for pid in $(pgrep -s "$(cat "$HOUSE/$1.session")" -x "$1"); do
        grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" 2>/dev/null || return 0
    done
    return 1
}

launch() { # launch NAME COMMAND...
    local name="$1"; shift
    setsid "$@" >>"$HOUSE/$name.log" 2>&1 </dev/null 9>&- &
    printf %s "$!" >"$HOUSE/$name.session"
}

halt() { # halt NAME: ends the sessions' processes of that name, and only those
    local session name="$1"
    [ -f "$HOUSE/$name.session" ] || return 0
    session=$(cat "$HOUSE/$name.session")
    pkill -TERM -s "$session" -x "$name" 2>/dev/null
    for _ in $(seq 100); do
        running "$name" || break
        sleep 0.1
    done
    pkill -KILL -s "$session" -x "$name" 2>/dev/null
    rm -f "$HOUSE/$name.session"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

start_database() {
    running mariadbd || {
        halt mariadbd
        local port="$DB_PORT"
        while port_taken "$port"; do
            port=$((port + 1))
            [ "$port" -lt $((DB_PORT + 50)) ] || fail "no free port for the database from $DB_PORT on"
        done
        export DB_PORT="$port"
        printf %s "$port" >"$HOUSE/mariadb.port"
        if [ ! -f "$HOUSE/mariadb/.complete" ]; then
            rm -rf "$HOUSE/mariadb"
            mariadb-install-db --no-defaults --datadir="$HOUSE/mariadb" --auth-root-authentication-method=normal --skip-test-db \
                --user="$(id -un)" >"$HOUSE/mariadb-install.log" 2>&1 || fail "the database could not be set up; see $HOUSE/mariadb-install.log"
            touch "$HOUSE/mariadb/.complete"
        fi
        launch mariadbd mariadbd --no-defaults --datadir="$HOUSE/mariadb" --socket="$HOUSE/mariadb.sock" --port="$port" \
            --bind-address=127.0.0.1 --pid-file="$HOUSE/mariadb.pid" --user="$(id -un)" --skip-name-resolve \
            --innodb-buffer-pool-size=128M --character-set-server=utf8mb4
    }
    for try in $(seq 300); do
        mariadb --no-defaults -uroot -S "$HOUSE/mariadb.sock" -e 'select 1' >/dev/null 2>&1 && break
        # The first moment belongs to the launch itself.
        [ "$try" -lt 20 ] || running mariadbd || fail "the database did not start; see $HOUSE/mariadbd.log"
        sleep 0.1
    done
    mariadb --no-defaults -uroot -S "$HOUSE/mariadb.sock" -e "create database if not exists \`$DATABASE\` character set utf8mb4" \
        || fail "the database does not answer; see $HOUSE/mariadbd.log"
}

check_port() {
    running nginx && [ "$(cat "$HOUSE/nginx.port" 2>/dev/null)" = "$WEB_PORT" ] && return
    halt nginx
    port_taken "$WEB_PORT" && fail "port $WEB_PORT is taken by another program; choose one with OLD_EDDY_PORT=8081 bin/start"
    return 0
}

start_web() {
    cat >"$HOUSE/php-fpm.conf" <<CONF
[global]
error_log = $HOUSE/php-fpm.log
daemonize = no
[www]
listen = $HOUSE/php.sock
pm = static
pm.max_children = ${OLD_EDDY_WORKERS:-4}
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 64M
php_admin_value[post_max_size] = 34M
php_admin_value[upload_max_filesize] = 32M
php_admin_flag[expose_php] = off
php_admin_value[opcache.jit_buffer_size] = 32M
php_admin_value[opcache.jit] = tracing
CONF
    cat >"$HOUSE/nginx.conf" <<CONF
$([ "$(id -u)" = 0 ] && echo "user root;")
worker_processes 1;
daemon off;
pid $HOUSE/nginx.pid;
error_log $HOUSE/nginx-error.log;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    types { application/manifest+json webmanifest; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    client_max_body_size 34m;
    client_body_temp_path $HOUSE/tmp/body;
    fastcgi_temp_path $HOUSE/tmp/fastcgi;
    proxy_temp_path $HOUSE/tmp/proxy;
    uwsgi_temp_path $HOUSE/tmp/uwsgi;
    scgi_temp_path $HOUSE/tmp/scgi;
    gzip on;
    gzip_types text/css application/javascript image/svg+xml application/json;
    server {
        listen 127.0.0.1:$WEB_PORT;
        root $ROOT/public;
        location /build/assets/ { expires 1y; add_header Cache-Control "public, immutable"; }
        location / { try_files \$uri @app; }
        location @app {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_pass unix:$HOUSE/php.sock;
            fastcgi_buffers 16 32k;
            fastcgi_buffer_size 32k;
        }
        location ~ \.php\$ { return 404; }
    }
}
CONF
    halt php-fpm8.2
    local root_flag=()
    [ "$(id -u)" = 0 ] && root_flag=(-R)
    launch php-fpm8.2 php-fpm8.2 -F "${root_flag[@]}" -y "$HOUSE/php-fpm.conf" -d opcache.memory_consumption=64 -d opcache.interned_strings_buffer=8 \
        -d opcache.validate_timestamps=0 -d realpath_cache_size=4M
    check_port
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
    fail "the pages do not answer; see $HOUSE/nginx-error.log and $HOUSE/php-fpm.log"
}

leave_house() {
    halt nginx
    halt php-fpm8.2
    halt mariadbd
}
