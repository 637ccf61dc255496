# Shared by bin/start, bin/test and bin/bench: finds or installs what is missing, and runs MariaDB, PHP and nginx
# from a folder of their own. Sourced, not run. An instance is a folder (INSTANCE) and two ports.

set -u
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT" || exit 1
export COMPOSER_ALLOW_SUPERUSER=1

say() { printf '%s\n' "$*" >&2; }
die() { say "$*"; exit 1; }

# --- packages -------------------------------------------------------------------------------------------------

DEBIAN_PACKAGES=(php8.2-cli php8.2-fpm php8.2-mysql php8.2-mbstring php8.2-intl php8.2-xml php8.2-curl php8.2-zip
    mariadb-server nginx-light composer unzip curl)

php_has() { php -r 'exit((PHP_VERSION_ID >= 80200 && extension_loaded("pdo_mysql") && extension_loaded("intl") && extension_loaded("mbstring") && extension_loaded("dom")) ? 0 : 1);' 2>/dev/null; }

find_tool() { command -v "$1" 2>/dev/null || { [ -x "/usr/sbin/$1" ] && echo "/usr/sbin/$1"; }; }

have_system_packages() {
    php_has && [ -n "$(find_tool mariadbd)" ] && [ -n "$(find_tool nginx)" ] && [ -n "$(find_tool php-fpm8.2)" ] \
        && command -v composer >/dev/null && command -v curl >/dev/null
}

install_debian() {
    local as=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null && as=(sudo -n) \
            || die "Some programs are missing. Please run:  sudo apt-get update && sudo apt-get install -y $*"
    fi
    say "Installing Debian packages: $*"
    # Debian would start its own MariaDB and nginx; ours run from this folder, so a refusal to start theirs is fine.
    { "${as[@]}" apt-get update -qq && DEBIAN_FRONTEND=noninteractive "${as[@]}" apt-get install -y -qq --no-install-recommends "$@"; } >"$ROOT/var/apt.log" 2>&1 \
        || { tail -n 15 "$ROOT/var/apt.log" >&2; die "Debian packages could not be installed; the lines above say why (all of it: var/apt.log)."; }
}

ensure_system() {
    mkdir -p var
    have_system_packages || install_debian "${DEBIAN_PACKAGES[@]}"
    local node_major
    node_major=$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)
    if [ "$node_major" -lt 20 ]; then
        install_debian nodejs npm
        node_major=$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)
        [ "$node_major" -ge 20 ] || die "Node.js 20 or newer is needed to build the pages; this machine has $node_major. Install it and start again."
    fi
}

ensure_chromium() { command -v chromium >/dev/null || install_debian chromium fonts-dejavu-core; }

ensure_composer() {
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs
    [ -f vendor/autoload.php ] && [ vendor/.kalopsis -nt composer.json ] && return
    say "Installing PHP packages ..."
    # Composer can end with a message about the missing lock file after a good install, so look at what is there.
    composer install --no-interaction --no-progress --quiet >var/composer.log 2>&1 || composer update --no-interaction --no-progress >var/composer.log 2>&1
    [ -f vendor/laravel/framework/composer.json ] && [ -f vendor/autoload.php ] || { tail -n 15 var/composer.log >&2; die "PHP packages could not be installed (var/composer.log)."; }
    touch vendor/.kalopsis
}

ensure_npm() {
    [ -d node_modules ] && [ node_modules/.kalopsis -nt package-lock.json ] && return
    say "Installing npm packages ..."
    npm ci --no-audit --no-fund --loglevel=error >var/npm.log 2>&1 || { tail -n 15 var/npm.log >&2; die "npm packages could not be installed (var/npm.log)."; }
    touch node_modules/.kalopsis
}

web_fingerprint() { { find web -type f -not -name '*.test.*' -print0 | sort -z | xargs -0 sha256sum; sha256sum package-lock.json; } | sha256sum | cut -d' ' -f1; }

ensure_build() {
    local now; now=$(web_fingerprint)
    [ -f public/build/index.html ] && [ "$(cat public/build/.fingerprint 2>/dev/null)" = "$now" ] && return
    say "Building the pages ..."
    npm run --silent build >var/build.log 2>&1 || { tail -n 30 var/build.log >&2; die "The pages could not be built (var/build.log)."; }
    echo "$now" >public/build/.fingerprint
}

# --- services -------------------------------------------------------------------------------------------------

port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

need_port() {
    port_free "$1" || die "Port $1 on 127.0.0.1 is taken by another program. Stop it, or choose another port:  $2=NUMBER ${KALOPSIS_COMMAND:-bin/start}"
}

# instance FOLDER WEB_PORT DB_PORT: sets the environment that PHP and artisan read.
instance() {
    INSTANCE=$1 WEB_PORT=$2 DB_PORT_NUMBER=$3
    mkdir -p "$INSTANCE/run" "$INSTANCE/log" "$INSTANCE/tmp"
    # Who reads the key reads every session.
    [ -s "$INSTANCE/app.key" ] || (umask 077; touch "$INSTANCE/app.key")
    chmod 600 "$INSTANCE/app.key"
    [ -s "$INSTANCE/app.key" ] || php -r 'echo "base64:", base64_encode(random_bytes(32));' >"$INSTANCE/app.key"
    # A socket's path may have 107 characters at the most.
    SOCKETS=$INSTANCE/run
    if [ "${#SOCKETS}" -gt 80 ]; then
        # Remembered, so that another command finds what runs.
        SOCKETS=$(cat "$INSTANCE/run/sockets" 2>/dev/null)
        [ -d "$SOCKETS" ] || { SOCKETS=$(mktemp -d) && echo "$SOCKETS" >"$INSTANCE/run/sockets"; }
    fi
    export APP_KEY DB_PORT=$DB_PORT_NUMBER DB_HOST=127.0.0.1 DB_SOCKET=$SOCKETS/mysql.sock DB_DATABASE=${DB_DATABASE:-kalopsis}
    APP_KEY=$(cat "$INSTANCE/app.key")
    export DB_USERNAME=kalopsis DB_PASSWORD=kalopsis APP_ENV=${APP_ENV:-local} APP_URL=http://127.0.0.1:$WEB_PORT
    export CACHE_PATH=$INSTANCE/cache
    export SANCTUM_STATEFUL_DOMAINS=127.0.0.1:$WEB_PORT,localhost:$WEB_PORT
}

start_database() {
    local data=$INSTANCE/mysql me; me=$(id -un)
    if [ ! -d "$data/mysql" ]; then
        say "Creating the database ..."
        rm -rf "$data"
        mariadb-install-db --no-defaults --user="$me" --datadir="$data" --auth-root-authentication-method=normal --skip-test-db >"$INSTANCE/log/install-db.log" 2>&1 \
            || { tail -n 10 "$INSTANCE/log/install-db.log" >&2; die "The database could not be created."; }
    fi
    "$(find_tool mariadbd)" --no-defaults --user="$me" --datadir="$data" --socket="$DB_SOCKET" --port="$DB_PORT_NUMBER" --bind-address=127.0.0.1 \
        --pid-file="$INSTANCE/run/mysql.pid" --log-error="$INSTANCE/log/mysql.log" --skip-name-resolve --character-set-server=utf8mb4 \
        --collation-server=utf8mb4_unicode_ci --tmpdir="$INSTANCE/tmp" ${DATABASE_OPTIONS:-} >/dev/null 2>&1 &
    DATABASE_PID=$!
    for _ in $(seq 1 150); do
        mariadb-admin --no-defaults --socket="$DB_SOCKET" -uroot ping >/dev/null 2>&1 && break
        kill -0 "$DATABASE_PID" 2>/dev/null || { tail -n 10 "$INSTANCE/log/mysql.log" >&2; die "The database did not start ($INSTANCE/log/mysql.log)."; }
        sleep 0.2
    done
    mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e "
        CREATE DATABASE IF NOT EXISTS \`$DB_DATABASE\`;
        CREATE USER IF NOT EXISTS kalopsis@localhost IDENTIFIED BY 'kalopsis'; GRANT ALL ON *.* TO kalopsis@localhost;" \
        || die "The database does not answer."
}

start_web() {
    # What was computed by an older model must not be found again.
    rm -rf "$INSTANCE/cache"
    local fpm=$INSTANCE/php-fpm.conf web=$INSTANCE/nginx.conf root_flag=() user_line=""
    if [ "$(id -u)" -eq 0 ]; then root_flag=(-R); user_line="user root;"; fi
    cat >"$fpm" <<CONF
[global]
error_log = $INSTANCE/log/php-fpm.log
daemonize = no
[kalopsis]
listen = $SOCKETS/php.sock
pm = static
pm.max_children = ${PHP_CHILDREN:-8}
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[opcache.enable] = 1
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 24M
php_admin_value[upload_max_filesize] = 16M
php_admin_value[display_errors] = 0
php_admin_value[error_log] = $INSTANCE/log/php.log
CONF
    [ "$(id -u)" -eq 0 ] && printf 'user = root\ngroup = root\n' >>"$fpm"
    sed -e "s#@ROOT@#$ROOT#g; s#@INSTANCE@#$INSTANCE#g; s#@SOCKETS@#$SOCKETS#g; s#@PORT@#$WEB_PORT#g; s#@USER@#$user_line#" "$ROOT/bin/nginx.conf" >"$web"
    "$(find_tool php-fpm8.2)" "${root_flag[@]}" -y "$fpm" -d pcov.enabled=0 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 >>"$INSTANCE/log/php-fpm.log" 2>&1 &
    PHP_PID=$!
    "$(find_tool nginx)" -c "$web" -p "$INSTANCE" -e "$INSTANCE/log/nginx.log" >>"$INSTANCE/log/nginx.log" 2>&1 &
    NGINX_PID=$!
    for _ in $(seq 1 100); do
        curl -fsS -o /dev/null "http://127.0.0.1:$WEB_PORT/up" 2>/dev/null && return
        sleep 0.1
    done
    tail -n 5 "$INSTANCE"/log/*.log >&2
    die "The application does not answer on port $WEB_PORT."
}

# A command that needs the database uses the one that runs; where none does, it starts one and stops it again.
at_the_database() {
    if mariadb-admin --no-defaults --socket="$DB_SOCKET" -uroot ping >/dev/null 2>&1; then OWN_DATABASE=no; else OWN_DATABASE=yes; start_database; fi
}
leave_the_database() { [ "${OWN_DATABASE:-no}" = no ] || stop_services; }
stop_services() {
    [ -n "${NGINX_PID:-}" ] && kill -QUIT "$NGINX_PID" 2>/dev/null
    [ -n "${PHP_PID:-}" ] && kill -QUIT "$PHP_PID" 2>/dev/null
    [ -n "${DATABASE_PID:-}" ] && kill -TERM "$DATABASE_PID" 2>/dev/null
    for pid in ${NGINX_PID:-} ${PHP_PID:-} ${DATABASE_PID:-}; do wait "$pid" 2>/dev/null; done
    NGINX_PID='' PHP_PID='' DATABASE_PID=''
}
