# Shared by deploy/install and deploy/go-back: versions side by side, and the way from one to the other and back.
# shellcheck shell=bash

revision() { git -c safe.directory="$APP" -C "$APP" rev-parse --short=12 HEAD; }

# A version lies in VAR/releases/REVISION; VAR/current points to the one that runs.
release() { printf '%s/releases/%s' "$VAR" "$1"; }

# build REVISION: whole or not at all; what is there is not built again, and so needs no network.
build() {
    local to part
    to=$(release "$1")
    part=$to.part
    [ ! -f "$to/.built" ] || return 0
    say "building $1 beside what runs"
    rm -rf "$part" "$to"
    mkdir -p "$part"
    git -c safe.directory="$APP" -C "$APP" archive "$1" | tar -x -C "$part" &&
        (cd "$part" && bin/vendor --no-dev && npm ci --ignore-scripts --no-audit --no-fund --silent && npm run --silent build) >"$LOG/build.log" 2>&1 &&
        rm -rf "$part/node_modules" &&
        chmod -R go=rX "$part" && # some libraries come packed for their packer alone
        touch "$part/.built" && mv "$part" "$to"
}

# of REVISION COMMAND…: the artisan of a version, as the shop's user; SCHEMA and PASSING name other schemas than its own
of() {
    local at
    at=$(release "$1")
    shift
    runuser -u "$RUN_AS" -- env NESSMARK_VAR="$VAR" ${SCHEMA:+DB_DATABASE="$SCHEMA"} ${PASSING:+DB_PASSING="$PASSING"} php "$at/artisan" "$@"
}

point_to() { ln -sfn "$(release "$1")" "$CURRENT.new" && mv -T "$CURRENT.new" "$CURRENT"; }

# serve_from REVISION: its configurations and units, and everything started anew
serve_from() {
    local at unit
    at=$(release "$1")
    of "$1" view:clear >/dev/null
    of "$1" view:cache >/dev/null
    (APP=$CURRENT warm runuser -u "$RUN_AS" -- env NESSMARK_VAR="$VAR")
    (APP=$CURRENT && configurations)
    for unit in nessmark-{web,front,scheduler,watch}; do (APP=$CURRENT && fill "$at/deploy/$unit.service.in") >"$ETC/systemd/system/$unit.service"; done
    install -m 644 "$at"/deploy/nessmark-{scheduler,watch}.timer $ETC/systemd/system/
    systemctl disable --now nginx php8.2-fpm >/dev/null 2>&1 || true
    systemctl daemon-reload
    systemctl enable --now nessmark-{web,front}.service nessmark-{scheduler,watch}.timer >/dev/null 2>&1
    systemctl restart nessmark-web nessmark-front
}

# The path of a backup just made by a version, to be built upon; nothing where it is empty or much smaller than the one before.
backup_by() {
    local said
    said=$(of "$1" nessmark:backup --as-base) || { printf '%s\n' "$said" >&2; return 1; }
    printf '%s\n' "$said" | sed -n 's|^\(/[^,]*\.sealed\),.*|\1|p' | head -n 1
}

# rows SCHEMA: of the tables that nobody may lose
rows() {
    mariadb -N -e "SELECT CONCAT((SELECT COUNT(*) FROM $1.shops), ' ', (SELECT COUNT(*) FROM $1.users), ' ',
        (SELECT COUNT(*) FROM $1.tickets), ' ', (SELECT COUNT(*) FROM $1.lots), ' ', (SELECT COUNT(*) FROM $1.day_book))"
}

emptied() {
    mariadb -e "DROP DATABASE IF EXISTS $1; CREATE DATABASE $1 CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
}

# rehearsed NEW: on a copy of the data
rehearsed() {
    local backup
    say 'trying it on a copy of the data'
    backup=$(backup_by "$1") && [ -n "$backup" ] || return 1
    emptied nessmark_rehearsal
    emptied nessmark_rehearsal_passing
    SCHEMA=nessmark_rehearsal PASSING=nessmark_rehearsal_passing of "$1" nessmark:restore "$backup" >>"$LOG/upgrade.log" 2>&1 &&
        [ -n "$(rows nessmark_rehearsal)" ] || return 1
    emptied nessmark_rehearsal
    emptied nessmark_rehearsal_passing
}

doors_close() { # VERSION
    of "$1" down --retry=5 --render=out >/dev/null
    systemctl stop nessmark-watch.timer 2>/dev/null || true # not there in a version before
    systemctl stop nessmark-scheduler.timer nessmark-web # what is under way ends, and is in the backup
}

doors_open() { # VERSION
    of "$1" up >/dev/null
    systemctl start nessmark-scheduler.timer nessmark-watch.timer 2>/dev/null || true
}

upgrade() { # to REVISION
    local new=$1 old backup before closed_at
    old=$(basename "$(readlink "$CURRENT" 2>/dev/null || cat "$VAR/well" 2>/dev/null || echo "$new")")
    database
    chown -R "$RUN_AS:$RUN_AS" "$VAR"/{.env,backup.key,backups,storage,log,run}
    chown "$RUN_AS:$RUN_AS" "$VAR"
    if [ "$old" != "$new" ]; then
        build "$old" || die "the version that runs, $old, could not be laid beside the new one, so there would be no way back. Nothing was changed."
        rehearsed "$new" || die "$new does not take a copy of the data: see $LOG/upgrade.log. Nothing was changed; $old runs on."
    fi
    say 'doors close'
    closed_at=$(date +%s)
    doors_close "$old"
    if ! backup=$(backup_by "$new") || [ -z "$backup" ]; then
        systemctl start nessmark-web
        doors_open "$old"
        die 'no backup could be made that may be built upon, so nothing was changed.'
    fi
    before=$(rows "$(value_of DB_DATABASE)")
    set +e
    (
        set -e
        of "$new" migrate --force --no-interaction >>"$LOG/upgrade.log" 2>&1
        [ "$(rows "$(value_of DB_DATABASE)")" = "$before" ]
        point_to "$new"
        serve_from "$new"
        is_well
    )
    local failed=$?
    set -e
    if [ "$failed" -ne 0 ]; then
        [ "$old" != "$new" ] || die "it is not well, and no other version is known to be. The maintenance page is up; the backup is $backup."
        back_to "$old" "$backup" "$new"
        die "$new was not well: $old runs again, with everything as it was. What went wrong is in $LOG/upgrade.log and $VAR/storage/logs."
    fi
    doors_open "$new"
    printf '%s\n%s\n%s\n' "$old" "$backup" "$closed_at" >"$VAR/before"
    say "the doors were closed for $(($(date +%s) - closed_at)) s"
}

# back_to REVISION BACKUP BY: the data of the backup in a schema of their own, read by the version that wrote it down; the failed ones stay
# where they are, for whoever looks into them.
back_to() {
    local old=$1 backup=$2 by=$3 schema
    schema=nessmark_$(date -u +%Y%m%d%H%M%S)
    say "going back to $old, with the data of $backup in the schema $schema"
    schemas "$schema"
    SCHEMA=$schema of "$by" nessmark:restore "$backup" --as-it-was >>"$LOG/upgrade.log" 2>&1 ||
        die "$backup could not be brought back: see $LOG/upgrade.log. The maintenance page is up, nothing was dropped; the data are in $(value_of DB_DATABASE)."
    setting_now DB_DATABASE "$schema"
    point_to "$old"
    serve_from "$old"
    is_well || die "$old is not well either: see $LOG. The maintenance page is up; nothing was dropped."
    doors_open "$old"
}
