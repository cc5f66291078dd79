# Shared by deploy/install and deploy/serve: puts the settings into the configurations.
# shellcheck shell=bash

APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
die() { printf 'nessmark: %s\n' "$*" >&2; exit 1; }
say() { printf 'nessmark: %s\n' "$*" >&2; }

# Compiled PHP stays in memory and loops become machine code. The memory is laid out as php-fpm starts: a pool's own settings come too late.
PHP_FAST=(-d opcache.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.memory_consumption=192
    -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=16000 -d opcache.validate_timestamps=0)

# NESSMARK_VAR, NESSMARK_HOST, NESSMARK_HTTP, NESSMARK_HTTPS, NESSMARK_CERT, NESSMARK_KEY, NESSMARK_RUN_AS, NESSMARK_WORKERS
settings() {
    VAR=${NESSMARK_VAR:-/var/lib/nessmark}
    HOST=${NESSMARK_HOST:?the name the shop is reached by, such as counter.example}
    HTTP=${NESSMARK_HTTP:-80}
    HTTPS=${NESSMARK_HTTPS:-443}
    CERT=${NESSMARK_CERT:-$VAR/tls/cert.pem}
    KEY=${NESSMARK_KEY:-$VAR/tls/key.pem}
    RUN_AS=${NESSMARK_RUN_AS:-nessmark}
    WORKERS=${NESSMARK_WORKERS:-$((2 * $(nproc) + 2))}
    RUN=$VAR/run
    CURRENT=$VAR/current
    ETC=${NESSMARK_ETC:-/etc}
    LOG=$VAR/log
    HTTPS_SUFFIX=$([ "${HTTPS##*:}" = 443 ] || printf ':%s' "${HTTPS##*:}")
}

fill() { # template > file
    local user='' fpm_user=''
    if [ "$(id -u)" -eq 0 ]; then
        user="user $RUN_AS;\n"
        fpm_user="user = $RUN_AS\ngroup = $RUN_AS\nlisten.owner = $RUN_AS"
    fi
    sed -e "s|@USER@|$user|" -e "s|@FPM_USER@|$fpm_user|" -e "s|@RUN_AS@|$RUN_AS|g" -e "s|@HTTPS_SUFFIX@|$HTTPS_SUFFIX|g" \
        -e "s|@APP@|$APP|g" -e "s|@VAR@|$VAR|g" -e "s|@RUN@|$RUN|g" -e "s|@LOG@|$LOG|g" -e "s|@HOST@|$HOST|g" -e "s|@HTTP@|$HTTP|g" \
        -e "s|@HTTPS@|$HTTPS|g" -e "s|@CERT@|$CERT|g" -e "s|@KEY@|$KEY|g" -e "s|@WORKERS@|$WORKERS|g" -e "s|@NGINX_ETC@|/etc/nginx|g" -e "s|@PHP_FAST@|${PHP_FAST[*]}|g" "$1"
}

folders() {
    mkdir -p "$VAR"/{releases,backups,log,run/body,run/fastcgi,run/proxy,run/uwsgi,run/scgi,tls,storage/app,storage/framework/{cache/data,sessions,views},storage/logs}
    chmod 750 "$VAR"
}

configurations() {
    fill "$APP/deploy/nginx.conf.in" >"$RUN/nginx.conf"
    fill "$APP/deploy/php-fpm.conf.in" >"$RUN/php-fpm.conf"
    /usr/sbin/nginx -t -q -c "$RUN/nginx.conf" || die "nginx does not take its configuration: $RUN/nginx.conf"
    FPM=(/usr/sbin/php-fpm8.2 --nodaemonize "${PHP_FAST[@]}" --fpm-config "$RUN/php-fpm.conf")
    [ "$RUN_AS" = root ] && FPM+=(--allow-to-run-as-root) # a container, or a try on loopback
    "${FPM[@]}" --test 2>/dev/null || die "php-fpm does not take its configuration: $RUN/php-fpm.conf"
}

warm() { # as whom: what every request would else read anew is written down once
    "$@" APP_ROUTES_CACHE="$VAR/storage/framework/routes.php" php "$APP/artisan" route:cache >/dev/null &&
        "$@" php "$APP/artisan" nessmark:warm >/dev/null
}

is_well() { # waits for a health of 200 over TLS
    local tries
    for tries in $(seq 50); do
        curl -fsSk --noproxy '*' --resolve "$HOST:${HTTPS##*:}:127.0.0.1" "https://$HOST$HTTPS_SUFFIX/health" >/dev/null 2>&1 && return 0
        sleep 0.2
    done
    return 1
}
