# Shared by the commands in bin/: where things are, and the steps that bring a machine from nothing to running.
# shellcheck shell=bash
set -euo pipefail

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)"
# What runs here keeps its things below one folder; the tests have another one, so that both may run at once.
VAR="${HOUSE_VAR:-$ROOT/var}"
APP_PORT="${APP_PORT:-8085}"
PG_PORT="${PG_PORT:-54329}"
SERVER_PACKAGES="php8.2-cli php8.2-fpm php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-intl php8.2-curl php8.2-zip php8.2-gd postgresql-15 nginx qrencode"
TEST_PACKAGES="chromium chromium-driver ngspice units python3-scipy python3-icalendar poppler-utils libreoffice-calc-nogui"

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

check_prerequisites() {
    command -v php >/dev/null || fail "PHP is missing. Install PHP 8.2 (on Debian 12: apt-get install php8.2-cli) and start again."
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP $(php -r 'echo PHP_VERSION;') is too old. PHP 8.2 is wanted."
    command -v composer >/dev/null || fail "Composer is missing. Install Composer 2 and start again."
    command -v node >/dev/null || fail "Node is missing. Node 20.19 or newer is wanted; Debian 12's own is too old."
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
        || fail "Node $(node --version) is too old. Node 20.19 or newer is wanted."
}

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else return 1; fi
}

# Installs the Debian packages that are missing.
install_packages() {
    local missing=() package
    for package in "$@"; do
        [ "$(dpkg-query -W -f '${db:Status-Status}' "$package" 2>/dev/null || true)" = installed ] || missing+=("$package")
    done
    [ "${#missing[@]}" = 0 ] && return 0
    say "Installing ${missing[*]}"
    as_root true || fail "These Debian packages are missing and neither root nor sudo is at hand: ${missing[*]}"
    mkdir -p "$VAR/log"
    local log="$VAR/log/packages.log"
    { as_root env DEBIAN_FRONTEND=noninteractive apt-get update -qq && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >"$log" 2>&1 \
        || { tail -n 20 "$log" >&2; fail "The packages could not be installed; the whole story is in $log."; }
}

stamp_is() { [ "$(cat "$1" 2>/dev/null || true)" = "$2" ]; }
hash_of() { (cd "$ROOT" && find "$@" -type f -not -name '*.test.ts*' -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1); }

install_php() {
    local want; want="$(hash_of composer.json packages)"
    if [ -f "$ROOT/vendor/autoload.php" ] && stamp_is "$ROOT/vendor/.stamp" "$want"; then return 0; fi
    say "Installing PHP packages"
    mkdir -p "$VAR/log"
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress >"$VAR/log/composer.log" 2>&1) \
        || { tail -n 25 "$VAR/log/composer.log" >&2; fail "The PHP packages could not be installed. If a pinned version has gone from the registry, name another one in packages/pins, run composer update and bin/pin."; }
    # Some archives unpack without read permission for others, and the web server is another user.
    chmod -R a+rX "$ROOT/vendor"
    php "$ROOT/bin/lib/shasums.php" || fail "A PHP package is not the one that was pinned; see above."
    printf '%s' "$want" >"$ROOT/vendor/.stamp"
}

install_page() {
    local want; want="$(hash_of package-lock.json package.json)"
    if stamp_is "$ROOT/node_modules/.stamp" "$want"; then return 0; fi
    say "Installing page packages"
    mkdir -p "$VAR/log"
    (cd "$ROOT" && npm ci --no-audit --no-fund >"$VAR/log/npm.log" 2>&1) || { tail -n 25 "$VAR/log/npm.log" >&2; fail "The page packages could not be installed; the whole story is in var/log/npm.log."; }
    printf '%s' "$want" >"$ROOT/node_modules/.stamp"
}

build_page() {
    local want; want="$(hash_of web contract core app/Carried app/Sheet bin/device vite.config.ts package-lock.json tsconfig.json resources)"
    if stamp_is "$ROOT/public/build/.stamp" "$want"; then return 0; fi
    say "Building the page"
    mkdir -p "$VAR/log"
    rm -f "$ROOT/public/hot"
    (cd "$ROOT" && npm run --silent build >"$VAR/log/build.log" 2>&1) || { tail -n 30 "$VAR/log/build.log" >&2; fail "The page could not be built."; }
    php "$ROOT/bin/device" || fail "What a page carries to solve without a network could not be packed."
    find "$ROOT/public/build" -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9 -k -f {} +
    printf '%s' "$want" >"$ROOT/public/build/.stamp"
}

make_folders() {
    mkdir -p "$VAR/log" "$ROOT/var/testing" "$ROOT"/storage/{app/{photographs,papers},logs,framework/{cache/{data,fonts},sessions,views}} "$ROOT/bootstrap/cache"
    chmod 0711 "$VAR"
    # What people keep, and who is signed in, is nobody else's on this machine.
    chmod 0700 "$ROOT"/storage/app/{photographs,papers} "$ROOT/storage/framework/sessions"
    find "$ROOT"/storage/app/{photographs,papers} "$ROOT/storage/framework/sessions" -type f -perm /077 -exec chmod 0600 {} +
    if [ "$(id -u)" = 0 ]; then
        chown -R www-data:www-data "$ROOT/storage"
    fi
}

# Settings of this checkout: made once, readable by its owner and the web server.
make_settings() {
    local file="$ROOT/.env"
    if [ ! -f "$file" ]; then
        (umask 027
            cat >"$file" <<EOF
APP_NAME="Brave Anvil"
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c32 /dev/urandom | base64)
LOG_CHANNEL=stderr
SESSION_DRIVER=file
SESSION_LIFETIME=720
CACHE_STORE=file
DB_PERSISTENT=true
EOF
        )
    fi
    chmod 0640 "$file"
    if [ "$(id -u)" = 0 ]; then chgrp www-data "$file"; fi
}

# The same, with where the database of this checkout is.
make_environment() {
    local file="$ROOT/.env" password
    make_settings
    password="$("$ROOT/bin/pg" password)"
    grep -v '^DB_PASSWORD=\|^DB_PORT=\|^QUEUE_CONNECTION=' "$file" >"$file.new" || true
    printf 'QUEUE_CONNECTION=database\nDB_PORT=%s\nDB_PASSWORD=%s\n' "$("$ROOT/bin/pg" port)" "$password" >>"$file.new"
    chmod 0640 "$file.new"
    [ "$(id -u)" = 0 ] && chgrp www-data "$file.new"
    mv "$file.new" "$file"
}

artisan() { (cd "$ROOT" && php artisan "$@"); }

# Ends all that is left of one part of a run: its master may be gone while those that it started live on. Only programs that a run starts.
end_session() {
    local pid name
    for pid in $(pgrep -s "$1" 2>/dev/null || true); do
        name="$(cat "/proc/$pid/comm" 2>/dev/null || true)"
        case "$name" in nginx | php-fpm8.2 | php) kill -KILL "$pid" 2>/dev/null || true ;; esac
    done
}

# The same for every part of a run, by the sessions that it wrote down.
end_sessions() {
    local session
    [ -f "$1/sessions" ] || return 0
    while IFS= read -r session; do [ -n "$session" ] && end_session "$session"; done <"$1/sessions"
}

# Ends what a run of this checkout on this port left behind when it was killed. Only processes that name that run's folder.
end_leftovers() {
    local file="$VAR/serve-$APP_PORT.run" run pid
    [ -f "$file" ] || return 0
    run="$(cat "$file")"
    case "$run" in */brave-anvil-run.*) ;; *) return 0 ;; esac
    # First who would start them again.
    pid="$(cat "$run/serve.pid" 2>/dev/null || true)"
    if [ -n "$pid" ] && { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -q 'bin/serve'; then kill -KILL "$pid" 2>/dev/null || true; fi
    end_sessions "$run"
    for pid in $(pgrep -f -- "$run/" || true); do kill -TERM "$pid" 2>/dev/null && say "An earlier run was still up; its process $pid is ended."; done
    for _ in $(seq 1 50); do port_is_taken "$APP_PORT" || break; sleep 0.1; done
    rm -rf "$run" "$file"
}

port_is_taken() { php -r 'exit(@stream_socket_client("tcp://127.0.0.1:".$argv[1], $e, $m, 0.5) ? 0 : 1);' "$1"; }
