# MariaDB, PHP and nginx from a folder of their own (INSTANCE), as an account that may do nothing else, and who watches over them.
# Sourced by bin/lib.sh. Each of the three is the first of a process group, so that what it leaves behind can be found.

port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

need_port() {
    port_free "$1" || die "Port $1 on 127.0.0.1 is taken by another program. Stop it, or choose another port:  $2=NUMBER ${KALOPSIS_COMMAND:-bin/start}"
}

# --- whose it is ----------------------------------------------------------------------------------------------

# Root gives the work to an account of its own; anybody else does it himself.
service_account() {
    SERVICE=$(id -un) AS=(setpriv --pdeathsig=TERM)
    [ "$(id -u)" -eq 0 ] || return 0
    local wish=${KALOPSIS_ACCOUNT:-kalopsis}
    id "$wish" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$wish" \
        || die "The account \"$wish\" could not be made. Make it, or name another:  KALOPSIS_ACCOUNT=NAME ${KALOPSIS_COMMAND:-bin/start}"
    local as=(setpriv --reuid="$wish" --regid="$(id -gn "$wish")" --init-groups)
    if "${as[@]}" test -r "$ROOT/public/index.php"; then
        SERVICE=$wish AS=("${as[@]}" --pdeathsig=TERM)
    else
        say "The account \"$wish\" cannot read $ROOT, so everything runs as root. Move the folder to where others may read, like /srv."
    fi
}

# A secret of this installation, made when it is first asked for.
secret() { # NAME BYTES
    [ -s "$INSTANCE/secrets/$1" ] || (umask 077; head -c "$2" /dev/urandom | base64 | tr -d '\n' >"$INSTANCE/secrets/$1")
    cat "$INSTANCE/secrets/$1"
}

# instance FOLDER WEB_PORT: sets the environment that PHP and artisan read.
instance() {
    INSTANCE=$1 WEB_PORT=$2
    # Another installation's settings, where we were begun beside it, would send us to its database.
    unset APP_CONFIG_CACHE APP_ROUTES_CACHE
    service_account
    mkdir -p "$INSTANCE"/{run,log,tmp,secrets,storage/logs,storage/framework/{cache/data,sessions,views}}
    # A socket's path may have 107 characters at the most.
    SOCKETS=$INSTANCE/run
    if [ "${#SOCKETS}" -gt 80 ]; then
        # Remembered, so that another command finds what runs.
        SOCKETS=$(cat "$INSTANCE/run/sockets" 2>/dev/null)
        [ -d "$SOCKETS" ] || { SOCKETS=$(mktemp -d) && echo "$SOCKETS" >"$INSTANCE/run/sockets"; }
    fi
    # Before there were secrets the key lay beside the logs.
    [ -s "$INSTANCE/app.key" ] && mv "$INSTANCE/app.key" "$INSTANCE/secrets/app.key"
    [ -s "$INSTANCE/secrets/app.key" ] || (umask 077; printf 'base64:%s' "$(secret app.raw 32)" >"$INSTANCE/secrets/app.key"; rm -f "$INSTANCE/secrets/app.raw")
    export APP_KEY DB_SOCKET DB_DATABASE=${DB_DATABASE:-kalopsis} DB_USERNAME DB_PASSWORD
    APP_KEY=$(cat "$INSTANCE/secrets/app.key")
    if is_elsewhere; then
        database_elsewhere
    else
        DB_SOCKET=$SOCKETS/mysql.sock DB_USERNAME=kalopsis DB_PASSWORD=$(secret database 24)
        ROOT_SQL=(--defaults-file="$INSTANCE/secrets/root.cnf" --socket="$DB_SOCKET")
        [ -s "$INSTANCE/secrets/root.cnf" ] || (umask 077; printf '[client]\nuser=root\npassword="%s"\n' "$(secret root 24)" >"$INSTANCE/secrets/root.cnf"; rm -f "$INSTANCE/secrets/root")
    fi
    export APP_ENV=${APP_ENV:-local} APP_URL=${APP_URL:-http://127.0.0.1:$WEB_PORT}
    export CACHE_PATH=$INSTANCE/cache LARAVEL_STORAGE_PATH=$INSTANCE/storage
    export SANCTUM_STATEFUL_DOMAINS=${SANCTUM_STATEFUL_DOMAINS:-127.0.0.1:$WEB_PORT,localhost:$WEB_PORT}
}

# KALOPSIS_DATABASE=elsewhere: a MariaDB that others look after, found by DB_HOST and DB_PORT or DB_SOCKET, with an account that has
# all rights in its own database. None is begun here then, and none watched over.
is_elsewhere() { [ "${KALOPSIS_DATABASE:-own}" = elsewhere ]; }
database_elsewhere() {
    [ -n "${DB_USERNAME:-}" ] && [ -n "${DB_PASSWORD:-}" ] && [ -n "${DB_HOST:-}${DB_SOCKET:-}" ] \
        || die "For a database elsewhere these are needed: DB_HOST (and DB_PORT) or DB_SOCKET, DB_USERNAME, DB_PASSWORD, DB_DATABASE."
    DB_SOCKET=${DB_SOCKET:-}
    local client=$INSTANCE/secrets/elsewhere.cnf at=(--socket="$DB_SOCKET")
    [ -n "$DB_SOCKET" ] || at=(--host="$DB_HOST" --port="${DB_PORT:-3306}" --protocol=tcp)
    (umask 077; printf '[client]\nuser="%s"\npassword="%s"\n' "$DB_USERNAME" "$DB_PASSWORD" >"$client")
    ROOT_SQL=(--defaults-file="$client" "${at[@]}")
}

# Everything in the folder belongs to who works with it, and is nobody else's to read.
hand_over() {
    chmod 700 "$INSTANCE/secrets" "$INSTANCE/run" "$SOCKETS" "$INSTANCE/storage" "$INSTANCE/tmp" "$INSTANCE/log"
    find "$INSTANCE/secrets" -type f -exec chmod 600 {} +
    [ "$(id -u)" -eq 0 ] && find "$INSTANCE" "$SOCKETS" ! -user "$SERVICE" -exec chown -h "$SERVICE:" {} + 2>/dev/null
    return 0
}

# --- one by one -----------------------------------------------------------------------------------------------

# begin NAME COMMAND...: in the background as the account, first of a group; it ends with us, however we end.
begin() {
    local name=$1; shift
    setsid "${AS[@]}" "$@" >>"$INSTANCE/log/$name.out" 2>&1 3>&- 9>&- &
    BEGUN=$!
    echo "$BEGUN" >"$INSTANCE/run/$name.group"
}

# What a killed parent left behind goes on serving old code at our port: nobody of its group stays.
group_of() { # GROUP PROGRAM: ids of those of the group that are this program
    local file stat
    for file in /proc/[0-9]*/stat; do
        { read -r stat <"$file"; } 2>/dev/null || continue
        # pid (name) state parent group
        [[ "$stat" =~ ^([0-9]+)\ \(([^\)]*)\)\ .\ [0-9]+\ ([0-9]+)\  ]] || continue
        [ "${BASH_REMATCH[3]}" = "$1" ] && [[ "${BASH_REMATCH[2]}" == "$2"* ]] && echo "${BASH_REMATCH[1]}"
    done
    return 0
}

reap() { # NAME PROGRAM SIGNAL
    local group left
    group=$(cat "$INSTANCE/run/$1.group" 2>/dev/null) || return 0
    left=$(group_of "$group" "$2")
    [ -n "$left" ] || return 0
    # shellcheck disable=SC2086
    kill "-$3" $left 2>/dev/null
    for _ in $(seq 1 100); do [ -n "$(group_of "$group" "$2")" ] || return 0; sleep 0.1; done
    # shellcheck disable=SC2086
    kill -KILL $left 2>/dev/null
}
reap_database() { reap database mariadbd TERM; }
reap_php() { reap php php-fpm KILL; }
reap_web() { reap web nginx KILL; }

begin_database() {
    # shellcheck disable=SC2086
    begin database "$(find_tool mariadbd)" --no-defaults --user="$SERVICE" --datadir="$INSTANCE/mysql" --socket="$DB_SOCKET" --skip-networking \
        --pid-file="$INSTANCE/run/mysql.pid" --log-error="$INSTANCE/log/mysql.log" --character-set-server=utf8mb4 \
        --collation-server=utf8mb4_unicode_ci --max-allowed-packet=64M --tmpdir="$INSTANCE/tmp" ${DATABASE_OPTIONS:-}
    DATABASE_PID=$BEGUN
}

begin_php() {
    local flag=()
    [ "$SERVICE" = root ] && flag=(-R)
    # What the compiler may keep by default is used up by planning alone; the rest would be interpreted for good.
    local compiler=(-d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.jit_max_root_traces=20000
        -d opcache.jit_max_side_traces=10000 -d opcache.jit_max_exit_counters=200000)
    begin php "$(find_tool php-fpm8.2)" "${flag[@]}" -y "$INSTANCE/php-fpm.conf" -d pcov.enabled=0 "${compiler[@]}" \
        -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000
    PHP_PID=$BEGUN
}

begin_web() {
    # Below 1024 a port is root's to give; this one right of root's goes with it.
    local AS=("${AS[@]}")
    [ "$(id -u)" -eq 0 ] && [ "$WEB_PORT" -lt 1024 ] && AS+=(--inh-caps=+net_bind_service --ambient-caps=+net_bind_service)
    begin web "$(find_tool nginx)" -c "$INSTANCE/nginx.conf" -p "$INSTANCE" -e "$INSTANCE/log/nginx.log"
    NGINX_PID=$BEGUN
}

database_answers() { mariadb-admin "${ROOT_SQL[@]}" ping >/dev/null 2>&1; }
# A picture of 12 MB is 24 MB in the letters of a copy.
root_sql() { mariadb "${ROOT_SQL[@]}" --max-allowed-packet=64M "$@"; }

start_database() {
    # What was computed by an older model must not be found again, by the demo and the logbook neither.
    rm -rf "$INSTANCE/cache"
    mkdir -p "$INSTANCE/cache"
    hand_over
    if is_elsewhere; then
        for _ in $(seq 1 60); do root_sql -e 'DO 1' "$DB_DATABASE" 2>/dev/null && return; sleep 0.5; done
        die "The database elsewhere does not answer: $(root_sql -e 'DO 1' "$DB_DATABASE" 2>&1 | tail -n 1)"
    fi
    if [ ! -d "$INSTANCE/mysql/mysql" ]; then
        say "Creating the database ..."
        rm -rf "$INSTANCE/mysql"
        "${AS[@]}" mariadb-install-db --no-defaults --user="$SERVICE" --datadir="$INSTANCE/mysql" --auth-root-authentication-method=normal --skip-test-db \
            >"$INSTANCE/log/install-db.log" 2>&1 || { tail -n 10 "$INSTANCE/log/install-db.log" >&2; die "The database could not be created."; }
    fi
    reap_database
    begin_database
    for _ in $(seq 1 150); do
        database_answers && break
        kill -0 "$DATABASE_PID" 2>/dev/null || { tail -n 10 "$INSTANCE/log/mysql.log" >&2; die "The database did not start ($INSTANCE/log/mysql.log)."; }
        sleep 0.2
    done
    guard_database || die "The database does not answer."
}

# Root and the application have passwords that were made here; the application has its own database and no other; nobody else.
guard_database() {
    local password others
    if ! root_sql -e 'DO 1' 2>/dev/null; then
        password=$(sed -n 's/^password="\(.*\)"$/\1/p' "$INSTANCE/secrets/root.cnf")
        mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e "ALTER USER root@localhost IDENTIFIED VIA mysql_native_password USING PASSWORD('$password')" || return 1
    fi
    others=$(root_sql -N -e "SELECT CONCAT('DROP USER \`', User, '\`@\`', Host, '\`;') FROM mysql.global_priv
        WHERE User <> 'PUBLIC' AND User <> 'mariadb.sys' AND NOT (Host = 'localhost' AND User IN ('root', 'kalopsis'))")
    root_sql -e "$others
        CREATE DATABASE IF NOT EXISTS \`$DB_DATABASE\`;
        CREATE OR REPLACE USER kalopsis@localhost IDENTIFIED BY '$DB_PASSWORD';
        GRANT ALL ON \`${DATABASE_GRANT:-${DB_DATABASE//_/\\_}}\`.* TO kalopsis@localhost;"
}

start_web() {
    # Read once instead of at every request; the settings have secrets in them.
    export APP_CONFIG_CACHE=$INSTANCE/cache/config.php APP_ROUTES_CACHE=$INSTANCE/cache/routes.php
    (umask 077; php artisan config:cache --quiet && php artisan route:cache --quiet) || die "The settings could not be read."
    local user_line=
    [ "$SERVICE" = root ] && user_line="user root;"
    cat >"$INSTANCE/php-fpm.conf" <<CONF
[global]
error_log = $INSTANCE/log/php-fpm.log
daemonize = no
[kalopsis]
listen = $SOCKETS/php.sock
listen.mode = 0600
pm = static
pm.max_children = ${PHP_CHILDREN:-8}
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[opcache.enable] = 1
php_admin_value[memory_limit] = 256M
php_value[max_execution_time] = 60
php_admin_value[post_max_size] = 24M
php_admin_value[upload_max_filesize] = 16M
php_admin_value[display_errors] = 0
php_admin_value[error_log] = $INSTANCE/log/php.log
CONF
    [ "$SERVICE" = root ] && printf 'user = root\ngroup = root\n' >>"$INSTANCE/php-fpm.conf"
    sed -e "s#@ROOT@#$ROOT#g; s#@INSTANCE@#$INSTANCE#g; s#@SOCKETS@#$SOCKETS#g; s#@PORT@#$WEB_PORT#g; s#@USER@#$user_line#" \
        -e "s#@LISTEN@#${LISTEN:-listen 127.0.0.1:$WEB_PORT;}#; s#@NAME@#${SERVER_NAME:-127.0.0.1}#g" "$ROOT/bin/nginx.conf" >"$INSTANCE/nginx.conf"
    hand_over
    reap_php
    reap_web
    begin_php
    begin_web
    for _ in $(seq 1 100); do
        application_answers && return
        sleep 0.1
    done
    tail -n 5 "$INSTANCE"/log/*.log "$INSTANCE"/log/*.out >&2
    die "The application does not answer on port $WEB_PORT."
}

application_answers() { curl -kfsS -o /dev/null "${HEALTH:-http://127.0.0.1:$WEB_PORT}/up" 2>/dev/null; }

# A command that needs the database uses the one that runs; where none does, it starts one and stops it again.
at_the_database() { if database_answers; then OWN_DATABASE=no; else OWN_DATABASE=yes; start_database; fi; }
leave_the_database() { [ "${OWN_DATABASE:-no}" = no ] || stop_services; }
stop_services() {
    local pid
    [ -n "${NGINX_PID:-}" ] && kill -QUIT "$NGINX_PID" 2>/dev/null
    [ -n "${PHP_PID:-}" ] && kill -QUIT "$PHP_PID" 2>/dev/null
    [ -n "${DATABASE_PID:-}" ] && kill -TERM "$DATABASE_PID" 2>/dev/null
    for pid in ${NGINX_PID:-} ${PHP_PID:-} ${DATABASE_PID:-}; do wait "$pid" 2>/dev/null; done
    NGINX_PID='' PHP_PID='' DATABASE_PID=''
}

# --- all together ---------------------------------------------------------------------------------------------

# One start for one folder; a second one touches nothing.
only_one() {
    mkdir -p "$INSTANCE/run"
    exec 9>"$INSTANCE/run/lock"
    flock -n 9 || { say "Kalopsis is already running at $(cat "$INSTANCE/run/address" 2>/dev/null || echo "another port"). Nothing was touched."; exit 1; }
    echo "$$" >"$INSTANCE/run/start.pid"
    reap_web
    reap_php
    reap_database
}

# Starts again what ended, until we are told to stop: at once the first time, later when it ends soon after, again and again.
LONGEST_WAIT_S=${KALOPSIS_LONGEST_WAIT_S:-30}
LIVED_S=10
watch_over() {
    local name now beat
    # When each began, how long it rests before its next start, and the sleep that stands for the rest: one does not wait for another.
    declare -A began wait_s rests
    for name in database php web; do began[$name]=$(date +%s) wait_s[$name]=0; done
    while :; do
        # The shell forgets who ended while it was busy, so all are looked at, each second at the latest.
        sleep 1 9>&- &
        beat=$!
        wait -n ${DATABASE_PID:+"$DATABASE_PID"} ${PHP_PID:+"$PHP_PID"} ${NGINX_PID:+"$NGINX_PID"} "${rests[@]}" "$beat"
        kill "$beat" && wait "$beat"
        for name in "${!rests[@]}"; do
            kill -0 "${rests[$name]}" || { unset "rests[$name]"; start_again "$name"; }
        done
        for name in database php web; do
            has_ended "$name" || continue
            "reap_$name"
            now=$(date +%s)
            [ $((now - began[$name])) -gt "$LIVED_S" ] && wait_s[$name]=0
            say "$(date +%H:%M:%S)  $(called "$name") ended; it is started again$([ "${wait_s[$name]}" -gt 0 ] && echo " in ${wait_s[$name]} s")." 2>&3
            if [ "${wait_s[$name]}" -gt 0 ]; then
                # A rest that outlives us must not keep the folder locked.
                sleep "${wait_s[$name]}" 9>&- &
                rests[$name]=$!
            else
                start_again "$name"
            fi
            wait_s[$name]=$((wait_s[$name] == 0 ? 1 : wait_s[$name] * 2))
            [ "${wait_s[$name]}" -gt "$LONGEST_WAIT_S" ] && wait_s[$name]=$LONGEST_WAIT_S
        done
        # The shell's own words about what was killed help nobody.
    done 3>&2 2>/dev/null
}
# It was there and is no more; from then on it is nobody's.
has_ended() {
    local -n pid=$(case $1 in database) echo DATABASE_PID ;; php) echo PHP_PID ;; *) echo NGINX_PID ;; esac)
    [ -n "${pid:-}" ] && ! kill -0 "$pid" && pid=''
}
start_again() { began[$1]=$(date +%s); "begin_$1"; }
called() { case $1 in database) echo "The database" ;; php) echo PHP ;; *) echo "The web server" ;; esac; }

# The tables of this version. What is there is copied first, and put back where a step fails.
migrate() {
    local before options
    # Steps from elsewhere too: how the way back is tried.
    read -ra options <<<"${KALOPSIS_MIGRATE_OPTIONS:-}"
    if root_sql -N -e "SELECT 1 FROM \`$DB_DATABASE\`.users LIMIT 1" 2>/dev/null | grep -q 1 && ! php artisan migrate:status --pending --no-ansi "${options[@]}" 2>/dev/null | grep -q "No pending"; then
        say "A new version: the data are copied first ..."
        before=$(KALOPSIS_INSTANCE=$INSTANCE "$ROOT/bin/backup" "$INSTANCE/before-upgrade" 2>&1 | tail -n 1)
        before=${before%%  (*}
        [ -s "$before" ] || die "What is there could not be copied, so it was not touched: $before"
    fi
    php artisan migrate --force "${options[@]}" >"$INSTANCE/log/migrate.log" 2>&1 && return
    tail -n 15 "$INSTANCE/log/migrate.log" >&2
    [ -n "${before:-}" ] || die "The database could not be set up (the lines above say why; all of it: $INSTANCE/log/migrate.log)."
    put_back "$before" || die "The upgrade failed, and the copy could not be put back: it is $before."
    die "The upgrade failed; the data are as they were before (the copy is kept: $before). Start the version you had."
}

# A copy as it is, without a step towards this version.
put_back() {
    root_sql -e "DROP DATABASE IF EXISTS \`$DB_DATABASE\`; CREATE DATABASE \`$DB_DATABASE\`" \
        && tar -xzOf "$1" dump.sql | root_sql "$DB_DATABASE"
}
