# Shared by every command here: finds or installs what is missing. bin/services.sh runs MariaDB, PHP and nginx. Sourced, not run.

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
    php_packages
    # Some archives keep their files to who unpacks them; the account that runs the application has to read them.
    [ -f vendor/.readable ] || { chmod -R a+rX vendor && touch vendor/.readable; }
}

php_packages() {
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs
    [ -f vendor/autoload.php ] && [ vendor/.kalopsis -nt composer.json ] && [ -f bootstrap/cache/packages.php ] && return
    say "Installing PHP packages ..."
    # Composer can end with a message about the missing lock file after a good install, so look at what is there.
    composer install --no-interaction --no-progress --quiet >var/composer.log 2>&1 || composer update --no-interaction --no-progress >var/composer.log 2>&1
    [ -f vendor/laravel/framework/composer.json ] && [ -f vendor/autoload.php ] || { tail -n 15 var/composer.log >&2; die "PHP packages could not be installed (var/composer.log)."; }
    # The list of found packages is written now: the account that runs the application may write nothing beside its data.
    php artisan --version >/dev/null 2>&1
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

# shellcheck source=bin/services.sh
. "$ROOT/bin/services.sh"
