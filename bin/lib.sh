# Shared by bin/start, bin/test and bin/bench. Sets up what is missing; says what to do when it cannot.
# shellcheck shell=bash

HERE=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$HERE" || exit 1

# Compiled PHP stays in memory and hot loops become machine code. Either setting alone does nothing.
PHP_FAST=(-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M)

die() { printf 'nessmark: %s\n' "$*" >&2; exit 1; }
say() { printf 'nessmark: %s\n' "$*" >&2; }

need_packages() { # Debian packages by name
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    command -v apt-get >/dev/null || die "these packages are missing and this is not Debian: ${missing[*]}. Install them, then run this again."
    local as_root=()
    [ "$(id -u)" -eq 0 ] || { command -v sudo >/dev/null || die "these packages are missing: ${missing[*]}. Install them as root, then run this again."; as_root=(sudo); }
    say "installing ${missing[*]}"
    mkdir -p "$VAR/log"
    { "${as_root[@]}" apt-get update && DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y --no-install-recommends "${missing[@]}"; } \
        >"$VAR/log/apt.log" 2>&1 || die "the packages could not be installed: ${missing[*]}. See $VAR/log/apt.log."
    # What was only wanted as a program is no service of this machine.
    [[ " ${missing[*]} " == *" nginx-light "* ]] && command -v systemctl >/dev/null &&
        "${as_root[@]}" systemctl disable --now nginx php8.2-fpm >/dev/null 2>&1 || true
}

need_programs() {
    command -v php >/dev/null || die 'PHP 8.2 or newer is missing. Install php8.2-cli.'
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || die "PHP 8.2 or newer is needed, this is $(php -r 'echo PHP_VERSION;')."
    command -v composer >/dev/null || need_packages composer
    command -v npm >/dev/null || die 'Node.js 20 with npm is missing. Install it, then run this again.'
    node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' || die "Node.js 20 or newer is needed, this is $(node --version)."
}

need_vendor() {
    local stamp=vendor/.nessmark-stamp want
    want=$(cat composer.json composer-versions.txt bin/vendor | sha256sum | cut -c1-64)
    [ "$(cat "$stamp" 2>/dev/null)" = "$want" ] && return
    say 'installing PHP libraries'
    bin/vendor >"$VAR/log/composer.log" 2>&1 || die "the PHP libraries could not be installed. See $VAR/log/composer.log."
    printf '%s' "$want" >"$stamp"
}

need_node_modules() {
    local stamp=node_modules/.nessmark-stamp want
    want=$(sha256sum package-lock.json | cut -c1-64)
    [ "$(cat "$stamp" 2>/dev/null)" = "$want" ] && return
    say 'installing front-end libraries'
    npm ci --ignore-scripts --no-audit --no-fund >"$VAR/log/npm.log" 2>&1 || die "the front-end libraries could not be installed. See $VAR/log/npm.log."
    printf '%s' "$want" >"$stamp"
}

need_build() {
    local stamp=public/build/.nessmark-stamp want
    want=$(find resources/js resources/wording vite.config.ts package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-64)
    [ "$(cat "$stamp" 2>/dev/null)" = "$want" ] && return
    say 'building the front end'
    npm run --silent build >"$VAR/log/build.log" 2>&1 || die "the front end could not be built. See $VAR/log/build.log."
    printf '%s' "$want" >"$stamp"
}

need_folders() {
    mkdir -p "$VAR"/{log,run,storage/app,storage/framework/{cache/data,sessions,views},storage/logs}
    chmod 700 "$VAR"
}

port_is_free() { php -r 'exit(($s = @stream_socket_server("tcp://127.0.0.1:" . $argv[1])) === false ? 1 : 0);' "$1"; }
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }
secret() { php -r 'echo bin2hex(random_bytes(16));'; }

# Starts a MariaDB of our own on loopback: start_database PORT PASSWORD. Sets DB_PID.
start_database() {
    local port=$1 password=$2 data="$VAR/mariadb" user
    user=$(id -un)
    SOCKET_DIR=$(mktemp -d) # a socket's path may not be long
    port_is_free "$port" || die "port $port on 127.0.0.1 is taken, so the database cannot start. Free it, or set NESSMARK_DB_PORT to another."
    if [ ! -d "$data/mysql" ]; then
        say 'creating the database'
        mariadb-install-db --no-defaults --user="$user" --datadir="$data" --skip-test-db --auth-root-authentication-method=normal \
            >"$VAR/log/mariadb-install.log" 2>&1 || die "the database could not be created. See $VAR/log/mariadb-install.log."
    fi
    local init="$VAR/run/init.sql"
    (umask 077 && cat >"$init" <<SQL
CREATE DATABASE IF NOT EXISTS nessmark CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_passing CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_rehearsal CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_browser CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_browser_passing CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_browser_rehearsal CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_before CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_before_passing CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nessmark_before_rehearsal CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'nessmark'@'127.0.0.1';
ALTER USER 'nessmark'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$password';
GRANT ALL ON nessmark.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_passing.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_rehearsal.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_browser.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_browser_passing.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_browser_rehearsal.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_before.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_before_passing.* TO 'nessmark'@'127.0.0.1';
GRANT ALL ON nessmark_before_rehearsal.* TO 'nessmark'@'127.0.0.1';
SQL
    )
    setsid mariadbd --no-defaults --user="$user" --datadir="$data" --bind-address=127.0.0.1 --port="$port" --socket="$SOCKET_DIR/db.sock" \
        --pid-file="$VAR/run/mariadb.pid" --log-error="$VAR/log/mariadb.log" --init-file="$init" --skip-name-resolve \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --sql-mode=STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION \
        --innodb-flush-log-at-trx-commit=1 >>"$VAR/log/mariadb.log" 2>&1 &
    DB_PID=$!
    local tries=0
    until mariadb --no-defaults -h127.0.0.1 -P"$port" -unessmark -p"$password" -e 'SELECT 1' nessmark >/dev/null 2>&1; do
        kill -0 "$DB_PID" 2>/dev/null || { tail -n 5 "$VAR/log/mariadb.log" >&2; die "the database stopped as it started. See $VAR/log/mariadb.log."; }
        tries=$((tries + 1))
        [ "$tries" -lt 300 ] || die "the database did not answer within a minute. See $VAR/log/mariadb.log."
        sleep 0.2
    done
    rm -f "$init"
}

# The stand-ins for counter scale and label printer, on loopback: start_devices SCALE_PORT PRINTER_PORT. Sets their PIDs and addresses.
start_devices() {
    local port
    for port in "$1" "$2"; do port_is_free "$port" || die "port $port on 127.0.0.1 is taken, so a device's stand-in cannot start. Free it, or set NESSMARK_SCALE_PORT and NESSMARK_PRINTER_PORT to others."; done
    setsid php devices/scale/serve.php "$1" >"$VAR/log/scale.log" 2>&1 &
    SCALE_PID=$!
    setsid php devices/label-printer/serve.php "$2" "$VAR/labels" >"$VAR/log/label-printer.log" 2>&1 &
    PRINTER_PID=$!
    export NESSMARK_SCALE="tcp://127.0.0.1:$1" NESSMARK_LABEL_PRINTER="tcp://127.0.0.1:$2" NESSMARK_STAND_INS=true
}

# Ends what was started here, and only that. Each was started in a group of its own, since the web server has workers.
stop_started() {
    local pid
    for pid in ${WEB_PID:-} ${SCALE_PID:-} ${PRINTER_PID:-} ${DB_PID:-}; do { kill -TERM -- "-$pid" && wait "$pid"; } 2>/dev/null || true; done
    [ -n "${SOCKET_DIR:-}" ] && rm -rf "$SOCKET_DIR"
    return 0
}
