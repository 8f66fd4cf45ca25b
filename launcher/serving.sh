# Serving a database on an address, and watching over what serves. Read by ./admek.

# Beside the one that was started, which serves too.
WORKERS=4
# Deaths within so many seconds of the start are quick ones; after so many of them in a row it is given up.
QUICK=10
MOST_QUICK=5
LARGEST_LOG=5000000
# s from one look at this machine's addresses to the next.
NAMES_EVERY=5

# What serves, by name: start_NAME starts it in a session of its own and leaves its process in STARTED, lives_NAME tells whether it does.
PARTS=(php)
declare -A SERVER=() BEGAN=() DEATHS=()

# Where what is made for this serving stands, under a name nobody else has.
MADE=
# What other devices on the boat's network may call this machine; on loopback alone, nothing.
names_of_this_machine() {
    case "$HOST" in
        127.* | localhost) echo "$NAMES" ;;
        *)
            local name
            name=$(hostname)
            # Addresses of version 6 are told in brackets.
            echo "$NAMES $name $name.local ${HOST#0.0.0.0} $(hostname -I 2>/dev/null | tr ' ' '\n' | sed 's/.*:.*/[&]/' || true)"
            ;;
    esac
}

# Addresses come and go while Admek is served.
write_names() {
    local names
    names=$(names_of_this_machine | tr -s ' \n' '\n' | sort -u)
    [ ! -f "$MADE-names" ] || [ "$names" != "$(cat "$MADE-names")" ] || return 1
    printf '%s\n' "$names" >"$MADE-names.part"
    mv "$MADE-names.part" "$MADE-names"
}

# The processes of a session that live: what was started is the leader of a group of its own.
living() { cat /proc/[0-9]*/stat 2>/dev/null | awk -v group="$1" '$5 == group && $3 != "Z" { n++ } END { print n + 0 }'; }

# Returns when the port is answered, or the process is gone.
until_answered() {
    until php -r 'exit(@fsockopen("127.0.0.1",'"$PORT"') || @fsockopen("'"$HOST"'",'"$PORT"') ? 0 : 1);'; do
        kill -0 "$1" 2>/dev/null || return 0
    done
}

start_php() {
    local held=(-d opcache.preload="$MADE-classes.php")
    # PHP wants it said that root means it.
    [ "$(id -u)" != 0 ] || held+=(-d opcache.preload_user=root)
    setsid "${PHP_FAST[@]}" "${held[@]}" -d expose_php=0 -S "$HOST:$PORT" -t public public/router.php >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until_answered "$STARTED"
}
# PHP's server does not replace a worker that has died.
lives_php() { [ "$(living "${SERVER[php]}")" -gt "$WORKERS" ]; }

# What listens to the instruments.
start_hub() {
    setsid "${PHP_FAST[@]}" artisan admek:hub >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
}
lives_hub() { kill -0 "${SERVER[hub]}" 2>/dev/null; }

# In the demo world, what the instruments would be.
start_sea() {
    setsid php stand-ins/instruments/sail.php --port="$SEA" --tells="http://127.0.0.1:$PORT" >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
}
lives_sea() { kill -0 "${SERVER[sea]}" 2>/dev/null; }

start_part() {
    "start_$1"
    SERVER[$1]=$STARTED
    BEGAN[$1]=$SECONDS
}

stop_part() { [ -z "${SERVER[$1]:-}" ] || kill "-${2:-TERM}" -- "-${SERVER[$1]}" 2>/dev/null || true; }

# Returns when nothing of it lives any more: whoever waits for the data may have it then.
stop_all() {
    local part tries
    for part in "${PARTS[@]}"; do stop_part "$part"; done
    for part in "${PARTS[@]}"; do
        for tries in {1..100}; do
            [ -n "${SERVER[$part]:-}" ] && [ "$(living "${SERVER[$part]}")" -gt 0 ] || continue 2
            [ "$tries" -lt 50 ] || stop_part "$part" KILL
            sleep 0.1 9>&-
        done
    done
}

watch_part() {
    "lives_$1" && return
    if [ $((SECONDS - BEGAN[$1])) -lt "$QUICK" ]; then DEATHS[$1]=$((DEATHS[$1] + 1)); else DEATHS[$1]=1; fi
    if [ "${DEATHS[$1]}" -ge "$MOST_QUICK" ]; then
        case "$1" in
            # Without them the rest still serves: they are tried again every $QUICK seconds.
            hub | sea) return 0 ;;
            *) fail "The server died $MOST_QUICK times as soon as it was started; see $LOG" ;;
        esac
    fi
    # Nothing of it may hold its address still.
    stop_part "$1" KILL
    start_part "$1"
    say "A part of the server had died; it was started again."
}

# The log keeps its last part only.
shorten() {
    [ ! -f "$1" ] || [ "$(stat -c %s "$1")" -lt "$LARGEST_LOG" ] && return
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

# One Admek serves one database. What was left behind by a launcher that was killed is ended: it holds the lock, and nobody watches it.
hold() {
    exec 9>>"$1.lock"
    if ! flock -n 9; then
        local launcher
        launcher=$(cat "$1.lock")
        if [ -z "$launcher" ] || [ "$(readlink "/proc/$launcher/fd/9")" = "$(realpath "$1.lock")" ]; then
            fail "Admek is running on this data already, or it is being restored."
        fi
        local held
        for held in /proc/[0-9]*/fd/9; do
            [ "$(readlink "$held")" != "$(realpath "$1.lock")" ] || [ "$held" = "/proc/$$/fd/9" ] || kill -KILL "$(cut -d/ -f3 <<<"$held")" 2>/dev/null || true
        done
        flock -w 10 9 || fail "Admek is running on this data already, or it is being restored."
    fi
    echo $$ >"$1.lock"
}

# serve_database DATABASE COMMAND
serve_database() {
    hold "$1"
    export ADMEK_DATABASE="$1" ADMEK_TLS="$TLS" PHP_CLI_SERVER_WORKERS=$WORKERS
    # Configuration, routes and classes are read once, at the start, for this database alone.
    MADE="$PWD/storage/framework/cache/$2-$PORT" LOG="$PWD/storage/logs/server-$2-$PORT.log"
    export APP_CONFIG_CACHE="$MADE-config.php" APP_ROUTES_CACHE="$MADE-routes.php" ADMEK_NAMES_FILE="$MADE-names"
    # What is kept follows from this very program: another one starts with none.
    export ADMEK_KEPT="$MADE-kept.sqlite" ADMEK_LIVE="$MADE-live.json"
    php -r 'exit(@stream_socket_server("tcp://'"$HOST:$PORT"'") ? 0 : 1);' || fail "Port $PORT is taken. Try:  ./admek $2 --port $((PORT + 1))"
    rm -rf "$MADE"-*
    write_names
    : >"$LOG"
    if [ -n "$BOAT" ]; then make_boat "$2"; fi
    PARTS+=(hub ${SEA:+sea})
    php artisan admek:warm "$MADE-classes.php" --quiet || fail "Configuration, routes and classes could not be read; see storage/logs."
    if [ -n "$BOAT" ]; then tell_boat; fi
    trap 'exit 0' INT TERM
    trap 'stop_all; rm -rf "$MADE"-*' EXIT
    local part
    for part in "${PARTS[@]}"; do
        DEATHS[$part]=0
        start_part "$part"
        kill -0 "${SERVER[$part]}" 2>/dev/null || fail "The server did not start; see $LOG"
    done
    echo "Admek is at http://$([ -n "$BOAT" ] && echo localhost || echo "$HOST"):$PORT — Ctrl-C stops it."
    [ -z "$BOAT" ] || echo "Other devices are let in on its screen Devices, at http${TLS:+s}://$(tr '\n' ' ' <"$MADE-names" | xargs | sed "s# #:$PORT or http${TLS:+s}://#g"):$PORT"
    local looked=-1
    while :; do
        if [ $((SECONDS / 600)) -ne "$looked" ]; then
            looked=$((SECONDS / 600))
            back_up_when_due
        fi
        for part in "${PARTS[@]}"; do watch_part "$part"; done
        if [ $((SECONDS % NAMES_EVERY)) = 0 ] && write_names && [ -n "$TLS" ]; then renew_certificate; fi
        shorten "$LOG"
        sleep 1 9>&- &
        wait $!
    done
}
