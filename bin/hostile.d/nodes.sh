# Several nodes of one shop, by configuration alone. Sourced by bin/test, beside installation.sh.

CLUSTER_PORT=${KALOPSIS_CLUSTER_PORT:-4600}

# Two nodes on one database behind one web server; each is killed in turn while people work.
nodes_share_one_shop() {
    local b=$HOSTILE.b status
    prepare_node_b
    begin_node_b
    nodes_are_served "$b/php.sock"
    (
        for _ in 1 2 3; do
            sleep 3; kill -KILL -- "-$(cat "$b/group")"; sleep 2; begin_node_b
            sleep 2; kill -KILL -- "-$(hostile_group php)"
        done
    ) 2>/dev/null &
    node "$ROOT/bin/hostile.d/plugs.mjs" "$HOSTILE_URL" "$HOSTILE" 0 1 24 >"$REPORTS/nodes.txt" 2>&1; status=$?
    wait $!
    cat "$REPORTS/nodes.txt"
    node_b_served; local served=$?
    kill -KILL -- "-$(cat "$b/group")"
    # The first goes on alone.
    hostile_up && [ "$status" -eq 0 ] && [ "$served" -eq 0 ]
}

# Three databases that replicate among each other (Galera, which comes with MariaDB), an installation of ours beside the first and the
# second, Redis for what is remembered. All changes go to both at once; the second database and the PHP of both are killed in turn.
cluster_shares_one_shop() {
    local HOSTILE=$ROOT/var/cluster HOSTILE_PORT=$((HOSTILE_PORT - 4)) status
    local HOSTILE_URL=http://127.0.0.1:$HOSTILE_PORT b=$HOSTILE.b
    [ -e "$GALERA" ] || { echo "MariaDB came without Galera here: not tried."; return 0; }
    command -v redis-server >/dev/null && php -m | grep -qx redis || install_debian redis-server php8.2-redis
    close_cluster
    rm -rf "$HOSTILE" "$HOSTILE".{2,3,b}
    mkdir -p "$b/secrets"
    export REDIS_HOST=$b/redis.sock REDIS_PORT=0 DB_SEVERAL_WRITERS=${DB_SEVERAL_WRITERS:-1} CACHE_STORE=redis
    redis-server --port 0 --unixsocket "$REDIS_HOST" --unixsocketperm 777 --save '' --dir "$b" >"$REPORTS/redis.log" 2>&1 &
    echo $! >"$b/redis.pid"
    disown
    begin_installation "$HOSTILE" "$HOSTILE_PORT" DATABASE_OPTIONS="$(galera 1 gcomm://)"
    hostile_up || { cat "$REPORTS/cluster.log"; return 1; }
    begin_replica 2 && begin_replica 3 || return 1
    # What is encrypted for one is read by the other.
    cp "$HOSTILE/secrets/app.key" "$b/secrets/app.key"
    begin_installation "$b" $((HOSTILE_PORT - 1)) KALOPSIS_DATABASE=elsewhere DB_SOCKET="$HOSTILE.2/run/mysql.sock" DB_USERNAME=kalopsis \
        DB_PASSWORD="$(cat "$HOSTILE/secrets/database")" APP_URL="$HOSTILE_URL" SANCTUM_STATEFUL_DOMAINS="127.0.0.1:$HOSTILE_PORT"
    HOSTILE_URL=http://127.0.0.1:$((HOSTILE_PORT - 1)) hostile_up || { cat "$REPORTS/cluster.log"; return 1; }
    nodes_are_served "$b/run/php.sock"
    node "$ROOT/bin/hostile.d/at-once.mjs" "$HOSTILE_URL" "$ROUNDS" >"$REPORTS/cluster.txt" 2>&1; status=$?
    (
        for _ in 1 2; do
            sleep 4; kill -KILL "$(cat "$HOSTILE.2/pid")"; sleep 3; begin_replica 2 >/dev/null
            sleep 3; kill -KILL -- "-$(cat "$b/run/php.group")"; sleep 3; kill -KILL -- "-$(hostile_group php)"
        done
    ) 2>/dev/null &
    node "$ROOT/bin/hostile.d/plugs.mjs" "$HOSTILE_URL" "$HOSTILE" 0 1 40 >>"$REPORTS/cluster.txt" 2>&1 || status=1
    wait $!
    cat "$REPORTS/cluster.txt"
    node_b_served || status=1
    echo "In Redis: $(redis-cli -s "$REDIS_HOST" dbsize) keys. Databases in the cluster: $(cluster_size)."
    [ "$(cluster_size)" = 3 ] || status=1
    HOSTILE=$b close_hostile
    close_hostile
    close_cluster
    unset REDIS_HOST REDIS_PORT DB_SEVERAL_WRITERS CACHE_STORE
    return $status
}

begin_installation() { # FOLDER PORT NAME=VALUE ...
    local folder=$1 port=$2; shift 2
    apart KALOPSIS_INSTANCE="$folder" KALOPSIS_PORT="$port" KALOPSIS_LONGEST_WAIT_S=1 "$@" setsid "$ROOT/bin/start" </dev/null >>"$REPORTS/cluster.log" 2>&1 &
    disown
}

# Also when it was given up in the middle.
close_cluster() {
    local file
    for file in "$ROOT"/var/cluster{,.b}/run/start.pid "$ROOT"/var/cluster.{2,3}/pid "$ROOT"/var/cluster.b/redis.pid; do
        [ -s "$file" ] && kill -TERM "$(cat "$file")" 2>/dev/null && rm -f "$file"
    done
    return 0
}

GALERA=/usr/lib/galera/libgalera_smm.so
galera() { # N ADDRESS: how the Nth database finds the others, on one machine
    local at=127.0.0.1:$((CLUSTER_PORT + 10 * $1))
    echo "--wsrep-on=ON --wsrep-provider=$GALERA --wsrep-cluster-name=kalopsis --wsrep-cluster-address=$2" \
        "--wsrep-node-name=n$1 --wsrep-node-address=$at --wsrep-sst-method=rsync --wsrep-sst-receive-address=127.0.0.1:$((CLUSTER_PORT + 10 * $1 + 2))" \
        "--wsrep-provider-options=gmcast.listen_addr=tcp://$at;ist.recv_addr=127.0.0.1:$((CLUSTER_PORT + 10 * $1 + 1));gcache.size=32M" \
        "--binlog-format=ROW --innodb-autoinc-lock-mode=2 --wsrep-sync-wait=7 --innodb-buffer-pool-size=64M"
}

at_replica() { mariadb --defaults-file="$HOSTILE/secrets/root.cnf" --socket="$HOSTILE.$1/run/mysql.sock" -N -e "$2" 2>/dev/null; }
cluster_size() { at_replica 3 "SHOW STATUS LIKE 'wsrep_cluster_size'" | cut -f2; }

begin_replica() { # N
    local d=$HOSTILE.$1
    mkdir -p "$d"/{mysql,run,log,tmp}
    chown -R "$SERVICE:" "$d" 2>/dev/null
    lasting
    # shellcheck disable=SC2046
    setsid "${LASTING[@]}" "$(find_tool mariadbd)" --no-defaults --user="$SERVICE" --datadir="$d/mysql" --socket="$d/run/mysql.sock" --skip-networking \
        --pid-file="$d/run/mysql.pid" --log-error="$d/log/mysql.log" --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --max-allowed-packet=64M --tmpdir="$d/tmp" $(galera "$1" "gcomm://127.0.0.1:$((CLUSTER_PORT + 10)),127.0.0.1:$((CLUSTER_PORT + 20)),127.0.0.1:$((CLUSTER_PORT + 30))") \
        >"$d/log/out" 2>&1 </dev/null &
    echo $! >"$d/pid"
    # It is killed above; the shell need not tell.
    disown
    for _ in $(seq 1 600); do at_replica "$1" "SHOW STATUS LIKE 'wsrep_ready'" | grep -q ON && return; sleep 0.1; done
    tail -n 20 "$d/log/mysql.log"
    return 1
}

# Who works for the shop, and outlives the shell that began it.
lasting() {
    local word
    LASTING=()
    for word in "${AS[@]}"; do [ "$word" = --pdeathsig=TERM ] || LASTING+=("$word"); done
    [ "${#LASTING[@]}" -gt 1 ] || LASTING=()
}

# --- the second node's PHP ---------------------------------------------------------------------------------------

prepare_node_b() {
    local b=$HOSTILE.b
    rm -rf "$b" && mkdir -p "$b"/{log,cache,storage/logs,storage/framework/{cache/data,sessions,views}}
    sed -e "s#$HOSTILE/run/php.sock#$b/php.sock#; s#$HOSTILE/log#$b/log#g" "$HOSTILE/php-fpm.conf" >"$b/php-fpm.conf"
}

nodes_are_served() { # SOCKET of the second one's PHP
    sed -i -e "s#fastcgi_pass unix:$HOSTILE/run/php.sock#fastcgi_pass nodes#" \
        -e "s#access_log off;#log_format nodes \$upstream_addr; access_log $HOSTILE/log/nodes.log nodes;#" \
        -e "/^http {/a upstream nodes { server unix:$HOSTILE/run/php.sock max_fails=1 fail_timeout=1s; server unix:$1 max_fails=1 fail_timeout=1s; }" "$HOSTILE/nginx.conf"
    kill -HUP "$(hostile_group web)"
}

node_b_served() {
    local served
    served=$(grep -c "$HOSTILE.b/" "$HOSTILE/log/nodes.log")
    echo "The second node answered $served times."
    [ "$served" -gt 50 ]
}

begin_node_b() {
    (
        unset DB_SOCKET DB_DATABASE DB_PASSWORD APP_URL SANCTUM_STATEFUL_DOMAINS APP_CONFIG_CACHE APP_ROUTES_CACHE
        instance "$HOSTILE" "$HOSTILE_PORT"
        export LARAVEL_STORAGE_PATH=$HOSTILE.b/storage CACHE_PATH=$HOSTILE.b/cache
        chown -hR "$SERVICE:" "$HOSTILE.b" 2>/dev/null
        rm -f "$HOSTILE.b/php.sock"
        lasting
        setsid "${LASTING[@]}" "$(find_tool php-fpm8.2)" $([ "$SERVICE" = root ] && echo -R) -y "$HOSTILE.b/php-fpm.conf" -d pcov.enabled=0 \
            >>"$HOSTILE.b/log/out" 2>&1 </dev/null &
        echo $! >"$HOSTILE.b/group"
    )
}
