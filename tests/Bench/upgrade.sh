#!/usr/bin/env bash
# deploy/install rehearsed in a scratch prefix: systemd, apt and the registry are stand-ins, database, php-fpm, nginx and data are real. A
# shop is set up and sells; then upgrades with and without migrations, with builds that break off, with migrations and a health that fail,
# with a backup that is empty: after each, the rows are compared. tests/Bench/upgrade.sh (as root, in a machine of no importance)
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/../.." && pwd)
WORK=$(mktemp -d)
export NESSMARK_VAR=$WORK/test VAR=$WORK/test
. "$ROOT/bin/lib.sh"
mkdir -p "$VAR"/{run,log} "$WORK/bin" "$WORK/etc"
trap 'stop_started; for f in web front; do [ -f "$WORK/$f.pid" ] && kill -- "-$(cat "$WORK/$f.pid")" 2>/dev/null; done; rm -rf "$WORK"' EXIT
DB_PORT=$(free_port) DB_PASSWORD=$(secret)
start_database "$DB_PORT" "$DB_PASSWORD"
db() { /usr/bin/mariadb --no-defaults --socket="$SOCKET_DIR/db.sock" -uroot -p"$DB_PASSWORD" "$@"; }
SHOP=$WORK/shop
HTTP=$(free_port) HTTPS=$(free_port)
export NESSMARK_VAR=$SHOP NESSMARK_HOST=counter.test NESSMARK_HTTP=127.0.0.1:$HTTP NESSMARK_HTTPS=127.0.0.1:$HTTPS NESSMARK_RUN_AS=root
export NESSMARK_ETC=$WORK/etc NESSMARK_WORKERS=3 WORK ROOT PATH=$WORK/bin:$PATH
mkdir -p "$SHOP/tls"
openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=counter.test -keyout "$SHOP/tls/key.pem" -out "$SHOP/tls/cert.pem" 2>/dev/null

stub() { printf '#!/usr/bin/env bash\n%s\n' "$2" >"$WORK/bin/$1"; chmod +x "$WORK/bin/$1"; }
stub apt-get 'exit 0'
stub runuser 'shift 3; exec "$@"'
stub mariadb "exec /usr/bin/mariadb --no-defaults --socket='$SOCKET_DIR/db.sock' -uroot -p'$DB_PASSWORD' \"\$@\""
sed -i 's|exec /usr/bin/mariadb --no-defaults|case " $* " in *" --host="*) exec /usr/bin/mariadb "$@";; esac; exec /usr/bin/mariadb --no-defaults|' "$WORK/bin/mariadb"
stub node 'echo v20.0.0'
# the registry: what has been built once in the project is what it gives, unless it is cut
stub npm '[ ! -f "$WORK/cut" ] || { echo "registry away" >&2; exit 1; }
case "$*" in *build*) rm -rf public/build; cp -a "$ROOT/public/build" public/build ;; esac'
stub systemctl 'n() { case $1 in *web*) kill -- "-$(cat "$WORK/web.pid" 2>/dev/null)" 2>/dev/null; sleep 0.3;; esac; }
[ "$1" = stop ] && { case "$*" in *nessmark-web*) n web;; esac; exit 0; }
case "$1 $*" in
restart*nessmark-web*|start*nessmark-web*)
    n web
    setsid /usr/sbin/php-fpm8.2 --allow-to-run-as-root --nodaemonize --fpm-config "$NESSMARK_VAR/run/php-fpm.conf" >>"$WORK/fpm.log" 2>&1 & echo $! >"$WORK/web.pid"
    [ -f "$WORK/front.pid" ] && kill -- "-$(cat "$WORK/front.pid")" 2>/dev/null && sleep 0.3
    setsid /usr/sbin/nginx -c "$NESSMARK_VAR/run/nginx.conf" -g "daemon off;" >>"$WORK/nginx.log" 2>&1 & echo $! >"$WORK/front.pid" ;;
esac
exit 0'

# a history of its own: what the project is, and versions after it
git clone -q "$ROOT" "$WORK/app"
cd "$WORK/app"
git config user.email rehearsal@example.invalid && git config user.name Rehearsal
version() { git add -A && git commit -qm "$1"; }
printf '#!/usr/bin/env bash\n[ ! -f "$WORK/cut" ] || { echo "registry away" >&2; exit 1; }\ncp -a "$ROOT/vendor" vendor\n' >bin/vendor
version 'a registry that is near'
install_it() { deploy/install >"$WORK/install.log" 2>&1; }
say() { printf '%s\n' "$*"; }
fail() { say "FAILED: $*"; tail -n 20 "$WORK/install.log"; tail -n 20 "$SHOP/log/upgrade.log" 2>/dev/null; exit 1; }

printf 'DB_PORT=%s\n' "$DB_PORT" >"$WORK/db.env"
mkdir -p "$SHOP" && (umask 077 && cat >"$SHOP/.env" <<ENV
APP_ENV=production
APP_URL=https://counter.test:$HTTPS
APP_KEY=base64:$(openssl rand -base64 32)
DB_PORT=$DB_PORT
DB_PASSWORD=$DB_PASSWORD
NESSMARK_BACKUP_FOLDER=$SHOP/backups
NESSMARK_BACKUP_KEY_FILE=$SHOP/backup.key
ENV
)
openssl rand -base64 24 >"$SHOP/backup.key"
db -e 'DROP DATABASE nessmark; DROP DATABASE nessmark_passing; DROP DATABASE nessmark_rehearsal'
install_it || fail 'the first set-up'
php "$SHOP/current/artisan" nessmark:shop:open --name=Gull --town=Varrsund --zone=Europe/London --head-name=Una --head-sign-in=una --no-interaction >/dev/null
sell() {
    local had=$(db -N -e "SELECT COUNT(*) FROM $(schema).tickets")
    php "$ROOT/tests/Bench/upgrade-sell.php" "$SHOP/current" "$1" || fail 'nothing could be sold'
    [ "$(db -N -e "SELECT COUNT(*) FROM $(schema).tickets")" = $((had + $1)) ] || fail 'what was sold is not there'
}
schema() { sed -n 's/^DB_DATABASE=//p' "$SHOP/.env"; }
sell 3
counts() { db -N -e "SELECT CONCAT_WS(' ', (SELECT COUNT(*) FROM $(schema).shops), (SELECT COUNT(*) FROM $(schema).users), (SELECT COUNT(*) FROM $(schema).tickets))"; }
well() { curl -fsSk --noproxy '*' --resolve "counter.test:$HTTPS:127.0.0.1" "https://counter.test:$HTTPS/counter" >/dev/null; }
same() { # WHAT EXPECTED-VERSION
    [ "$(counts)" = "$WANT" ] || fail "$1: rows $(counts), they were $WANT"
    well || fail "$1: nobody answers"
    [ "$(basename "$(readlink "$SHOP/current")")" = "$2" ] || fail "$1: it is at $(readlink "$SHOP/current"), not $2"
    git symbolic-ref -q HEAD >/dev/null || fail "$1: git is on no branch"
    say "ok: $1 ($(sed -n 's/.*closed for \(.*\)/doors closed \1/p' "$WORK/install.log"))"
}
rev() { git rev-parse --short=12 HEAD; }
was=$(rev) WANT=$(counts)

echo '# nothing' >>README.md; version 'without a migration'
install_it || fail 'an upgrade without migrations'
same 'an upgrade without migrations' "$(rev)"; was=$(rev)
sell 1; WANT=$(counts)
cat >database/migrations/2099_01_01_000001_more.php <<'PHP'
<?php
return new class extends Illuminate\Database\Migrations\Migration {
    public function up(): void { Illuminate\Support\Facades\Schema::create('more', fn ($table) => $table->id()); }
};
PHP
version 'with a migration'
for point in vendor npm; do
    touch "$WORK/cut"
    install_it && fail "the registry is away ($point) and it went on"
    rm "$WORK/cut"
    same "the registry away while it builds ($point)" "$was"
done
install_it || fail 'an upgrade with a migration'
same 'an upgrade with a migration' "$(rev)"; was=$(rev)
sell 1; WANT=$(counts)

sed -i 's/Schema::create(.more./throw new RuntimeException("no"); Schema::create("evenmore"/; ' database/migrations/2099_01_01_000001_more.php
git mv database/migrations/2099_01_01_000001_more.php database/migrations/2099_01_01_000002_fails.php; git checkout -q HEAD -- database/migrations/2099_01_01_000001_more.php 2>/dev/null || true
version 'its migration fails'
install_it && fail 'a migration failed and it went on'
same 'a migration that fails (on the copy)' "$was"
git rm -qf database/migrations/2099_01_01_000002_fails.php; git checkout -q "$was" -- database/migrations; version 'as before'

sed -i 's/public function report(): array/public function report(): array { throw new \\RuntimeException("not well"); } private function unused(): array/' app/Services/Health.php
version 'it is not well'
touch "$WORK/cut-later"
install_it && fail 'it was not well and it went on'
same 'a version that is not well goes back' "$was"
sell 1; WANT=$(counts)
# the registry is cut from here on: going back needed none, and the next step as documented works
touch "$WORK/cut"
install_it && fail 'it was not well and it went on'
same 'the same with the registry away' "$was"
rm "$WORK/cut"
git checkout -q "$was" -- app; version 'well again'
install_it || fail 'the next good version after going back'
same 'the next good version after going back' "$(rev)"
sell 2
before=$WANT
deploy/go-back >"$WORK/install.log" 2>&1 && fail 'it went back without --yes'
deploy/go-back --yes >"$WORK/install.log" 2>&1 || fail 'going back once doors were open'
WANT=$before; same 'going back once doors were open' "$was"
grep -q '' "$SHOP"/sold-since-*.tsv || fail 'what was sold since is not listed'
say "what was sold since: $(($(wc -l <"$(ls -t "$SHOP"/sold-since-*.tsv | head -1)") - 1)) dishes listed"
# an empty database is no base
db -e "CREATE DATABASE kept; DROP DATABASE $(schema); CREATE DATABASE $(schema)"
php "$SHOP/current/artisan" migrate --force >/dev/null
install_it && fail 'an empty backup was built upon'
grep -q 'nothing was changed\|Nothing was changed' "$WORK/install.log" || fail 'it does not say that nothing was changed'
say 'ok: an empty database is no base for an upgrade'
