# An installation of its own that is attacked and broken, with bin/start watching over it. Sourced by bin/test.

# open_hostile: begins it, with the demo, and remembers where it is.
open_hostile() {
    HOSTILE=$ROOT/var/hostile HOSTILE_PORT=${KALOPSIS_HOSTILE_PORT:-8094}
    HOSTILE_URL=http://127.0.0.1:$HOSTILE_PORT
    need_port "$HOSTILE_PORT" KALOPSIS_HOSTILE_PORT
    rm -rf "$HOSTILE"
    hostile_start
}

# Nothing of the tests' own installation may reach this one.
apart() { env -u DB_SOCKET -u DB_DATABASE -u DB_PASSWORD -u APP_KEY -u APP_URL -u SANCTUM_STATEFUL_DOMAINS -u CACHE_PATH -u LARAVEL_STORAGE_PATH "$@"; }

hostile_begin() { apart KALOPSIS_INSTANCE="$HOSTILE" KALOPSIS_PORT="$HOSTILE_PORT" KALOPSIS_LONGEST_WAIT_S=4 CACHE_STORE=database setsid "$ROOT/bin/start" </dev/null; }

hostile_start() {
    hostile_begin >"$REPORTS/hostile.log" 2>&1 &
    # It is killed below; the shell need not tell.
    disown
    hostile_up || { cat "$REPORTS/hostile.log"; return 1; }
}

hostile_up() {
    for _ in $(seq 1 600); do
        curl -fsS -o /dev/null "$HOSTILE_URL/up" 2>/dev/null && return
        sleep 0.1
    done
    echo "Nobody answers at $HOSTILE_URL."
    return 1
}

close_hostile() {
    local pid
    pid=$(hostile_watcher) || return 0
    kill -TERM "$pid" 2>/dev/null
    for _ in $(seq 1 300); do kill -0 "$pid" 2>/dev/null || return 0; sleep 0.1; done
}

hostile_watcher() { cat "${HOSTILE:-/nowhere}/run/start.pid" 2>/dev/null; }
hostile_group() { cat "$HOSTILE/run/$1.group"; }
hostile_left() { local all; all="$(group_of "$(hostile_group database)" mariadbd)$(group_of "$(hostile_group php)" php-fpm)$(group_of "$(hostile_group web)" nginx)"; [ -z "$all" ]; }

second_start_touches_nothing() {
    local said group
    group=$(hostile_group database)
    said=$(env -u DB_SOCKET -u DB_DATABASE KALOPSIS_INSTANCE="$HOSTILE" KALOPSIS_PORT="$HOSTILE_PORT" "$ROOT/bin/start" --fresh --yes 2>&1) && { echo "It began."; return 1; }
    echo "$said"
    [[ "$said" == *"already running at $HOSTILE_URL"* ]] && [ "$group" = "$(hostile_group database)" ] && hostile_up
}

comes_back() { # NAME: after its first process is killed, and after all of it is
    kill -KILL "$(hostile_group "$1")" && sleep 0.3 && hostile_up && kill -KILL -- "-$(hostile_group "$1")" && sleep 0.3 && hostile_up
}

# While the web server rests because it ended again and again, PHP is begun at once.
one_does_not_wait_for_another() {
    local php web before
    # All have lived long enough to be begun at once when they end.
    sleep 11
    for _ in 1 2 3; do kill -KILL -- "-$(hostile_group web)"; hostile_up || return 1; done
    php=$(hostile_group php) web=$(hostile_group web)
    before=$(hostile_rests)
    kill -KILL -- "-$web"
    # Only what rests already can be waited for: two that end in one moment may be seen a second apart.
    for _ in $(seq 1 100); do [ "$(hostile_rests)" -gt "$before" ] && break; sleep 0.05; done
    kill -KILL -- "-$php"
    for _ in $(seq 1 200); do
        [ "$(hostile_group php)" = "$php" ] || { hostile_up; return; }
        [ "$(hostile_group web)" = "$web" ] || { echo "PHP waited for the web server."; return 1; }
        sleep 0.05
    done
    return 1
}
# How often the watcher said that the web server has to rest its longest.
hostile_rests() { grep -c "The web server ended; it is started again in 4 s" "$REPORTS/hostile.log"; }

# However the watcher ends, nothing of it stays; and what a killed parent leaves is gone before the next start serves.
nothing_stays() {
    kill -KILL "$(hostile_watcher)"
    for _ in $(seq 1 200); do hostile_left && break; sleep 0.1; done
    hostile_left || { echo "Something is left."; return 1; }
    hostile_start || return 1
    kill -KILL "$(hostile_watcher)" "$(hostile_group web)" "$(hostile_group php)" "$(hostile_group database)"
    sleep 0.5
    hostile_left && { echo "No orphan was left, so nothing was tried."; return 1; }
    hostile_start
}

# Another account of the machine finds nothing to read and nobody to talk to.
strangers_stay_out() {
    [ "$(id -u)" -eq 0 ] || return 0
    local as=(setpriv --reuid=nobody --regid=nogroup --clear-groups) file
    for file in "$HOSTILE"/secrets/* "$HOSTILE/mysql/ibdata1" "$HOSTILE/run/mysql.sock"; do
        "${as[@]}" test -r "$file" && { echo "$file can be read."; return 1; }
    done
    "${as[@]}" mariadb --no-defaults --socket="$HOSTILE/run/mysql.sock" -uroot -e 'SELECT 1' 2>/dev/null && { echo "The database answers a stranger."; return 1; }
    mariadb --no-defaults --socket="$HOSTILE/run/mysql.sock" -uroot -e 'SELECT 1' 2>/dev/null && { echo "Root of the database needs no password."; return 1; }
    # Where no other account can read the folder everything runs as root, and says so.
    grep -q "everything runs as root" "$REPORTS/hostile.log" && return 0
    [ "$(stat -c %U "$HOSTILE/mysql/ibdata1")" != root ] || { echo "The database runs as root."; return 1; }
    for file in web php database; do
        [ "$(stat -c %U "/proc/$(hostile_group "$file")")" != root ] || { echo "$file runs as root."; return 1; }
    done
}

# The application's own account sees its own database and no other.
own_database_only() {
    local said
    said=$(MYSQL_PWD=$(cat "$HOSTILE/secrets/database") mariadb --no-defaults --socket="$HOSTILE/run/mysql.sock" -ukalopsis -N -e 'SHOW DATABASES' | sort | tr '\n' ' ')
    echo "$said"
    [ "$said" = "information_schema kalopsis " ] || return 1
    ! (exec 3<>/dev/tcp/127.0.0.1/3377) 2>/dev/null
}

# A step that spoils something and fails: the data are as they were, and the version before starts on them.
failed_upgrade_goes_back() {
    local said cars before large
    cars="SELECT COUNT(*), MD5(GROUP_CONCAT(label ORDER BY id)), (SELECT COUNT(*) FROM kalopsis.happenings), (SELECT SUM(LENGTH(body)) FROM kalopsis.reading_imports) FROM kalopsis.repair_jobs"
    # As large as a file may be: twice that in the letters of a copy.
    large="INSERT INTO kalopsis.reading_imports (id, repair_job_id, name, body) SELECT UUID(), id, 'large', REPEAT(UNHEX('FF'), 12000000) FROM kalopsis.repair_jobs LIMIT 1"
    hostile_start || return 1
    mariadb --defaults-file="$HOSTILE/secrets/root.cnf" --socket="$HOSTILE/run/mysql.sock" -e "$large" || return 1
    before=$(mariadb --defaults-file="$HOSTILE/secrets/root.cnf" --socket="$HOSTILE/run/mysql.sock" -N -e "$cars")
    close_hostile
    said=$(KALOPSIS_MIGRATE_OPTIONS="--path=database/migrations --path=bin/hostile.d/broken-upgrade" hostile_begin 2>&1) && { echo "It started."; return 1; }
    echo "$said"
    [[ "$said" == *"as they were before"* ]] || return 1
    hostile_start || return 1
    said=$(mariadb --defaults-file="$HOSTILE/secrets/root.cnf" --socket="$HOSTILE/run/mysql.sock" -N -e "$cars")
    close_hostile
    echo "$before | $said"
    [ "$before" = "$said" ]
}

# bin/serve: an address and a name of its own, a certificate made on the spot; a sign-in from anywhere else is told so in words.
serves_its_name() {
    local at=https://paint.shop.example:$HOSTILE_PORT said ask jar
    jar=$HOSTILE.jar
    rm -rf "$HOSTILE.serve" "$jar"
    apart KALOPSIS_INSTANCE="$HOSTILE.serve" "$ROOT/bin/serve" --name paint.shop.example --port "$HOSTILE_PORT" >"$REPORTS/serve.log" 2>&1 </dev/null &
    ask=(curl -ksS --resolve "paint.shop.example:$HOSTILE_PORT:127.0.0.1" --cookie "$jar" --cookie-jar "$jar" -H 'Accept: application/json')
    for _ in $(seq 1 600); do "${ask[@]}" -f -o /dev/null "$at/up" 2>/dev/null && break; sleep 0.1; done
    said=$("${ask[@]}" "$at/api/session")
    # Nobody's demo, nobody's account.
    [ "$said" = '{"me":null,"fresh":true}' ] || { cat "$REPORTS/serve.log"; echo "$said"; stop_serving; return 1; }
    "${ask[@]}" -o /dev/null -H "Origin: $at" "$at/sanctum/csrf-cookie"
    grep -q "TRUE.*kalopsis_session" "$jar" || { echo "The cookie goes over any line."; stop_serving; return 1; }
    said=$(curl -ksS -o - -w ' %{http_code} %{content_type}' -XPOST -H 'Content-Type: application/json' -d '{"email":"a@b.c","password":"x"}' "https://127.0.0.1:$HOSTILE_PORT/api/login")
    stop_serving
    rm -rf "$HOSTILE.serve" "$jar"
    echo "$said"
    [[ "$said" == *"known as $at"*" 403 application/problem+json"* ]]
}

stop_serving() {
    local pid
    pid=$(cat "$HOSTILE.serve/run/start.pid") && kill -TERM "$pid"
    for _ in $(seq 1 300); do kill -0 "$pid" 2>/dev/null || return 0; sleep 0.1; done
}

# The disk fills up in the middle of work: refusals in words, nothing acknowledged is lost, up again without a hand when there is room.
# Half of it is there only where a disk can be made for it; the database looks for room again each minute.
disk_fills_up() {
    local disk=$HOSTILE.disk at=http://127.0.0.1:$((HOSTILE_PORT - 3)) pid status
    mkdir -p "$disk" && mount -t tmpfs -o size=420m tmpfs "$disk" 2>/dev/null || { echo "No disk can be made here: not tried."; return 0; }
    apart KALOPSIS_INSTANCE="$disk/app" KALOPSIS_PORT="$((HOSTILE_PORT - 3))" KALOPSIS_LONGEST_WAIT_S=1 setsid "$ROOT/bin/start" </dev/null >"$REPORTS/disk.log" 2>&1 &
    disown
    for _ in $(seq 1 600); do curl -fsS -o /dev/null "$at/up" 2>/dev/null && break; sleep 0.1; done
    node "$ROOT/bin/hostile.d/full-disk.mjs" "$at" "$disk/ballast" >"$REPORTS/full-disk.txt" 2>&1; status=$?
    cat "$REPORTS/full-disk.txt"
    pid=$(cat "$disk/app/run/start.pid") && kill -TERM "$pid"
    for _ in $(seq 1 300); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    umount "$disk"
    return $status
}

units_are_well_written() {
    local units=$ROOT/var/units
    rm -rf "$units" && mkdir -p "$units"
    "$ROOT/bin/install-service" --print --name paint.shop.example >"$units/all" 2>&1 || { cat "$units/all"; return 1; }
    # Each stands under its own path.
    awk -v to="$units" '/^# \// { n = split($2, p, "/"); file = to "/" p[n]; next } file { print > file }' "$units/all"
    command -v systemd-analyze >/dev/null || return 0
    systemd-analyze verify "$units"/*.service "$units"/*.timer 2>&1 | grep "$units"
    ! systemd-analyze verify "$units"/*.service "$units"/*.timer 2>&1 | grep -q "$units"
}

# What it found stands in var/reports too, where all was well.
told() { # NAME ARGUMENT...
    local name=$1 status; shift
    node "$ROOT/bin/hostile.d/$name.mjs" "$@" >"$REPORTS/$name.txt" 2>&1; status=$?
    cat "$REPORTS/$name.txt"
    return $status
}

# hostile CALLS ROUNDS KILLS
hostile() {
    open_hostile || { echo "fail the installation to attack" >>"$REPORTS/static.check"; return 1; }
    check "Hostile calls: $1" told attack "$HOSTILE_URL" "$1" "${KALOPSIS_SEED:-$RANDOM}"
    check "At one moment: $2 rounds" told at-once "$HOSTILE_URL" "$2"
    check "Files made to be slow" told heavy "$HOSTILE_URL"
    check "A second start touches nothing" second_start_touches_nothing
    check "The database comes back" comes_back database
    check "PHP comes back" comes_back php
    check "The web server comes back" comes_back web
    check "One does not wait for another" one_does_not_wait_for_another
    check "Another account finds nothing" strangers_stay_out
    check "The application has its own database only" own_database_only
    check "A day with $3 kills: nothing lost, nothing twice" told plugs "$HOSTILE_URL" "$HOSTILE" "$3" "${KALOPSIS_SEED:-$RANDOM}"
    check "Two nodes on one database, each killed in turn" nodes_share_one_shop
    [ "$3" -lt 30 ] || check "The disk fills up" disk_fills_up
    [ "$3" -lt 30 ] || check "Two nodes on a cluster of databases" cluster_shares_one_shop
    check "Nothing stays when the watcher is killed" nothing_stays
    close_hostile
    check "An upgrade that fails goes back" failed_upgrade_goes_back
    check "With TLS, at its own name only" serves_its_name
    check "What the machine starts is well written" units_are_well_written
    check "Stopped, it leaves nobody" hostile_left
}
