# What is installed and built: Debian's packages, the PHP packages, the front end. A stamp is written only after success, so
# a half-finished install is done again.

# What builds and tests needs at least this Node; Debian 12 has 18.
NODE_LEAST=20
NODE_WANTED=22.23.3
NPM_WANTED=10.9.4

MISSING=()
need() { command -v "$1" >/dev/null 2>&1 || [ -e "$1" ] || MISSING+=("$2"); }
need_extension() { php -m 2>/dev/null | grep -qix "$1" || MISSING+=("$2"); }

install_system() { # install_system [COMMAND:PACKAGE ...]
    MISSING=()
    need php php8.2-cli
    need php-fpm8.2 php8.2-fpm
    need_extension pdo_mysql php8.2-mysql
    need_extension mbstring php8.2-mbstring
    need_extension intl php8.2-intl
    need_extension dom php8.2-xml
    need_extension curl php8.2-curl
    need_extension zip php8.2-zip
    need_extension 'zend opcache' php8.2-opcache
    # The database's programs alone: nothing that would start by itself.
    need mariadbd mariadb-server-core
    need mariadb mariadb-client-core
    # Writes the database out (bin/backup).
    need mariadb-dump mariadb-client
    need nginx nginx
    need node nodejs
    need npm npm
    need composer composer
    need git git
    need unzip unzip
    need gdalinfo gdal-bin
    # Where files of others are read, apart from everything else.
    need bwrap bubblewrap
    need curl curl
    need setsid util-linux
    need pkill procps
    local extra
    for extra in "$@"; do need "${extra%%:*}" "${extra##*:}"; done
    [ ${#MISSING[@]} = 0 ] || install_missing
}

install_missing() {
    local as=() fresh=() service log="$ROOT/runtime/install.log"
    if [ "$(id -u)" != 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null && as=(sudo) \
            || fail "these Debian packages are missing: ${MISSING[*]}
Have them installed, as root, and start again; nothing of them will start at boot:
    $ROOT/bin/start --packages"
    fi
    step "Installing ${MISSING[*]} ..."
    # Services that come with a package are neither started nor linked; one that was here before stays as it is.
    for service in nginx php8.2-fpm; do
        [[ " ${MISSING[*]} " == *" $service "* ]] && fresh+=("$service")
    done
    {
        "${as[@]}" apt-get update -q
        local policy=/usr/sbin/policy-rc.d ours=no
        [ ${#fresh[@]} = 0 ] || [ -e "$policy" ] || { ours=yes; printf '#!/bin/sh\nexit 101\n' | "${as[@]}" tee "$policy" && "${as[@]}" chmod 755 "$policy"; }
        "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${MISSING[@]}"
        local became=$?
        [ "$ours" = no ] || "${as[@]}" rm -f "$policy"
        for service in "${fresh[@]}"; do
            "${as[@]}" update-rc.d "$service" disable
            "${as[@]}" deb-systemd-helper disable "$service.service"
        done
        [ "$became" = 0 ]
    } >"$log" 2>&1 || fail "installing failed: $(grep -m1 '^E:' "$log"); see $log"
}

stamp_of() { (cd "$ROOT" && cat "$@" 2>/dev/null | sha1sum | cut -d' ' -f1); }
stamped() { [ "$(cat "$ROOT/$1" 2>/dev/null)" = "$2" ]; }

# The registry has Node as a package; it goes into the runtime folder and first into the path.
modern_node() {
    local own="$ROOT/runtime/node"
    if ! stamped runtime/node/.stamp "$NODE_WANTED-$NPM_WANTED"; then
        node -e "process.exit(+process.versions.node.split('.')[0] >= $NODE_LEAST ? 0 : 1)" && return
        step "Installing Node $NODE_WANTED beside the system's $(node -v) ..."
        rm -rf "$own" && mkdir -p "$own"
        npm install --prefix "$own" --no-audit --no-fund --save-exact "node@$NODE_WANTED" "npm@$NPM_WANTED" >"$ROOT/runtime/node.log" 2>&1 \
            || fail "Node could not be installed; see runtime/node.log"
        printf %s "$NODE_WANTED-$NPM_WANTED" >"$own/.stamp"
    fi
    PATH="$own/node_modules/.bin:$PATH"
}

install_packages() {
    # The code may be read by the user that serves it, whoever builds it.
    umask 022
    modern_node
    local stamp
    stamp=$(stamp_of composer.json pins/composer.json)
    if ! stamped vendor/.stamp "$stamp" || [ ! -f "$ROOT/vendor/autoload.php" ]; then
        step "Installing PHP packages ..."
        (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress) >"$ROOT/runtime/composer.log" 2>&1 \
            || fail "composer failed; see runtime/composer.log"
        chmod -R go+rX "$ROOT/vendor"
        printf %s "$stamp" >"$ROOT/vendor/.stamp"
    fi
    # Native parts are for one Node: another one means another install, from nothing.
    stamp=$(stamp_of package-lock.json)-$(node -v)-$(npm -v 2>/dev/null)
    if ! stamped node_modules/.stamp "$stamp"; then
        step "Installing front-end packages ..."
        rm -rf "$ROOT/node_modules"
        (cd "$ROOT" && npm ci --no-audit --no-fund) >"$ROOT/runtime/npm.log" 2>&1 || fail "npm failed; see runtime/npm.log"
        printf %s "$stamp" >"$ROOT/node_modules/.stamp"
    fi
    stamp=$(cd "$ROOT" && find resources vite.config.js package.json -type f -print0 | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1)
    if ! stamped runtime/build.stamp "$stamp" || [ ! -f "$ROOT/public/build/manifest.json" ]; then
        step "Building styles and scripts ..."
        (cd "$ROOT" && npm run build) >"$ROOT/runtime/build.log" 2>&1 || fail "the build failed; see runtime/build.log"
        rm -f "$ROOT/public/build/.stamp"
        # Pages that are open, or kept on a device, still ask for what they were drawn with.
        find "$ROOT/public/build/assets" -type f -mtime +60 -delete
        # Pressed once, as small as they get, instead of at every request.
        find "$ROOT/public/build/assets" -type f \( -name '*.js' -o -name '*.css' \) -exec gzip -9 -k -n -f {} + -exec node -e '
            const { readFileSync, writeFileSync } = require("node:fs");
            const { brotliCompressSync } = require("node:zlib");
            process.argv.slice(1).forEach((file) => writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file))));' {} +
        printf %s "$stamp" >"$ROOT/runtime/build.stamp"
    fi
}

prepare_env() {
    [ -f "$ROOT/.env" ] || (umask 077 && cp "$ROOT/.env.example" "$ROOT/.env")
    chmod 600 "$ROOT/.env" 2>/dev/null || fail "$ROOT/.env belongs to another user; start as that user"
    [ "$(id -u)" != 0 ] || chown "$SERVICE:$SERVICE" "$ROOT/.env"
    grep -q '^APP_KEY=.\+' "$ROOT/.env" || set_env APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
}

set_env() { # set_env NAME VALUE
    local kept
    kept=$(grep -v "^$1=" "$ROOT/.env")
    printf '%s\n%s="%s"\n' "$kept" "$1" "$2" >"$ROOT/.env"
}
