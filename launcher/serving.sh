# Serving a database on an address, and watching over what serves. Read by ./admek.

# Beside the one that was started, which serves too.
WORKERS=4
# Deaths within so many seconds of the start are quick ones; after so many of them in a row it is given up.
QUICK=10
MOST_QUICK=5
LARGEST_LOG=5000000

# What a device on the boat's network may call this machine; on loopback alone, loopback's own names.
names_of_this_machine() {
    local names="localhost 127.0.0.1 [::1]" name
    case "$HOST" in
        127.* | localhost) ;;
        *)
            name=$(hostname)
            # Addresses of version 6 are told in brackets.
            names+=" $name $name.local $HOST $(hostname -I 2>/dev/null | tr ' ' '\n' | sed 's/.*:.*/[&]/' || true)"
            ;;
    esac
    printf '%s' "$names" | tr -s ' \n' ' ' | sed 's/ *$//'
}

# The server's processes that live: it is the leader of a group of its own.
living() { cat /proc/[0-9]*/stat 2>/dev/null | awk -v group="$1" '$5 == group && $3 != "Z" { n++ } END { print n + 0 }'; }

# start_server CLASSES LOG: starts PHP's server, its process in SERVER, and returns when it answers.
start_server() {
    local held=(-d opcache.preload="$1")
    # PHP wants it said that root means it.
    [ "$(id -u)" != 0 ] || held+=(-d opcache.preload_user=root)
    # A session of its own: the server's workers are ended with it, as one group.
    setsid "${PHP_FAST[@]}" "${held[@]}" -d expose_php=0 -S "$HOST:$PORT" -t public public/router.php >>"$2" 2>&1 &
    SERVER=$!
    until php -r 'exit(@fsockopen("127.0.0.1",'"$PORT"') || @fsockopen("'"$HOST"'",'"$PORT"') ? 0 : 1);'; do
        kill -0 "$SERVER" 2>/dev/null || return 0
    done
}

stop_server() { kill -- -"$SERVER" 2>/dev/null || true; }

# The log keeps its last part only.
shorten() {
    [ "$(stat -c %s "$1")" -lt "$LARGEST_LOG" ] && return
    tail -c 1000000 "$1" >"$1.before"
    : >"$1"
}

# Where the data is one's own: a copy a day, made where the newest is so old.
OWN_BACKUPS=
back_up_when_due() {
    [ -n "$OWN_BACKUPS" ] || return 0
    local said
    said=$(php artisan admek:backup --due --why=daily --also="$BACKUP_TO") || say "$said"
}

# serve_database DATABASE COMMAND
serve_database() {
    # Held by every part of the server too, so that no other file is put in its place under one that still lives.
    exec 9>"$1.lock"
    flock -n 9 || fail "Admek is running on this data already, or it is being restored."
    export ADMEK_DATABASE="$1" PHP_CLI_SERVER_WORKERS=$WORKERS ADMEK_HOSTS
    ADMEK_HOSTS=$(names_of_this_machine)
    # Configuration, routes and classes are read once, at the start, for this database alone.
    local made="$PWD/storage/framework/cache/$2-$PORT" log="$PWD/storage/logs/server-$2-$PORT.log" began deaths=0
    export APP_CONFIG_CACHE="$made-config.php" APP_ROUTES_CACHE="$made-routes.php"
    # What is kept follows from this very program: another one starts with none.
    export ADMEK_DOUBTS="$made-doubts.sqlite"
    php -r 'exit(@stream_socket_server("tcp://'"$HOST:$PORT"'") ? 0 : 1);' || fail "Port $PORT is taken. Try:  ./admek $2 --port $((PORT + 1))"
    rm -f "$made"-*
    php artisan admek:warm "$made-classes.php" --quiet || fail "Configuration, routes and classes could not be read; see storage/logs."
    : >"$log"
    trap 'exit 0' INT TERM
    trap 'stop_server; rm -f '"'$made'"'-*' EXIT
    start_server "$made-classes.php" "$log"
    kill -0 "$SERVER" 2>/dev/null || fail "The server did not start; see $log"
    echo "Admek is at http://$HOST:$PORT — Ctrl-C stops it."
    began=$SECONDS
    local looked=-1
    while :; do
        if [ $((SECONDS / 600)) -ne "$looked" ]; then
            looked=$((SECONDS / 600))
            back_up_when_due
        fi
        # PHP's server does not replace a worker that has died.
        if [ "$(living "$SERVER")" -le "$WORKERS" ]; then
            if [ $((SECONDS - began)) -lt "$QUICK" ]; then deaths=$((deaths + 1)); else deaths=1; fi
            [ "$deaths" -lt "$MOST_QUICK" ] || fail "The server died $MOST_QUICK times as soon as it was started; see $log"
            stop_server
            began=$SECONDS
            start_server "$made-classes.php" "$log"
            say "A part of the server had died; it was started again."
        fi
        shorten "$log"
        sleep 1 &
        wait $!
    done
}

