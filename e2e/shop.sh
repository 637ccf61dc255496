#!/usr/bin/env bash
# A shop of its own for a test that pulls plugs: a database, PHP and nginx from a folder that is thrown away.
# Reads a command a line ("kill database", "start database", "kill php", "start php", "backup", "wipe", "restore") and answers "done".
. "$(dirname "$0")/../bin/lib.sh"

# Several may be open side by side, each by its number; "empty" after it: without the demo.
SHOP=${1:-0}
rm -rf "$ROOT/var/plug-$SHOP"
# The port of the tests' own application and database are the environment's: this shop has others.
unset DB_SOCKET DB_DATABASE APP_URL SANCTUM_STATEFUL_DOMAINS
instance "$ROOT/var/plug-$SHOP" "$((${KALOPSIS_PLUG_PORT:-8096} - SHOP))"
need_port "$WEB_PORT" KALOPSIS_PLUG_PORT
trap stop_services EXIT
trap 'exit 130' INT TERM HUP
# Every commit is on the disk before it is answered, as in bin/start: that is what is tried.
DATABASE_OPTIONS=''
PHP_CHILDREN=2
start_database
SEED=--seed; [ "${2:-}" = empty ] && SEED=
# shellcheck disable=SC2086
php artisan migrate:fresh $SEED --force --quiet || die "The shop could not be set up."
start_web

# As a pulled plug: nobody is asked to finish first.
kill_php() {
    pkill -KILL -P "$PHP_PID"
    kill -KILL "$PHP_PID"
    wait "$PHP_PID" 2>/dev/null
}

echo "open http://127.0.0.1:$WEB_PORT"
while read -r what; do
    case $what in
        'kill database') kill -KILL "$DATABASE_PID"; wait "$DATABASE_PID" 2>/dev/null ;;
        'start database') start_database ;;
        'kill php') kill_php ;;
        'start php')
            # Held, the parent begins no new worker that nobody would find again and that would keep the port.
            kill -STOP "$NGINX_PID"
            pkill -KILL -P "$NGINX_PID"
            kill -KILL "$NGINX_PID"
            wait "$NGINX_PID" 2>/dev/null
            start_web
            ;;
        backup) KALOPSIS_INSTANCE=$INSTANCE "$ROOT/bin/backup" "$INSTANCE/backups" >&2 </dev/null ;;
        wipe) php artisan migrate:fresh --force --quiet </dev/null ;;
        restore) KALOPSIS_INSTANCE=$INSTANCE "$ROOT/bin/restore" "$INSTANCE"/backups/*.tar.gz >&2 </dev/null ;;
        *) say "shop.sh does not know \"$what\"" ;;
    esac
    echo done
done
