# Serving a database on an address, and watching over what serves. Read by ./admek.

# Of PHP's own server, beside the one that was started, which serves too.
WORKERS=4
# Deaths within so many seconds of the start are quick ones: after each the next start waits twice as long, LONGEST at most.
QUICK=10
LONGEST=60
LARGEST_LOG=5000000
# s from one look at this machine's addresses, and at what serves, to the next.
LOOK=0.5

# What serves, by name: start_NAME starts it in a session of its own and leaves its process in STARTED, lives_NAME tells whether it does.
PARTS=()
declare -A SERVER=() BEGAN=() DEATHS=() NOT_BEFORE=()

# The folder of what is made for this serving, under a name nobody else has.
MADE=
# What is waited for, to be ended with the launcher.
ATTENDED=

# attend COMMAND …: waits for it, and hears meanwhile when it is told to stop.
attend() {
    "$@" &
    ATTENDED=$!
    local status=0
    wait "$ATTENDED" || status=$?
    ATTENDED=
    return "$status"
}

heed_signals() {
    trap 'exit 0' INT TERM
    trap leave EXIT
}

leave() {
    local process
    for process in $ATTENDED $UPKEEP; do kill "$process" 2>/dev/null || true; done
    stop_all
    [ -z "$MADE" ] || rm -rf "$MADE"
}

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

# What the kernel says of this machine's addresses: read without another process, for it is read twice a second.
ADDRESSES=
addresses_changed() {
    local four='' six=''
    read -r -d '' four </proc/net/fib_trie || true
    read -r -d '' six </proc/net/if_inet6 || true
    [ "$four$six" != "$ADDRESSES" ] || return 1
    ADDRESSES="$four$six"
}

# Addresses come and go while Admek is served. Where none is left, or they cannot be written, those from before stay.
write_names() {
    local names
    names=$(names_of_this_machine | tr -s ' \n' '\n' | sort -u)
    [ ! -f "$MADE/names" ] || [ "$names" != "$(cat "$MADE/names")" ] || return 1
    [ ! -f "$MADE/names" ] || [ "$HOST" != 0.0.0.0 ] || [ -n "$(hostname -I 2>/dev/null | tr -d ' \n')" ] || return 1
    printf '%s\n' "$names" >"$MADE/names.part" && [ "$(cat "$MADE/names.part")" = "$names" ] || return 1
    mv "$MADE/names.part" "$MADE/names"
}

# The processes of a session that live: what was started is the leader of a group of its own.
living() { cat /proc/[0-9]*/stat 2>/dev/null | awk -v group="$1" '$5 == group && $3 != "Z" { n++ } END { print n + 0 }'; }

# Returns when the port is answered, or the process is gone.
until_answered() {
    local to=127.0.0.1
    case "$HOST" in 127.*) to=$HOST ;; esac
    until (exec 3<>"/dev/tcp/$to/$PORT") 2>/dev/null; do
        kill -0 "$1" 2>/dev/null || return 0
        sleep 0.02
    done
}

start_php() {
    local held=(-d opcache.enable_cli=1 -d memory_limit=512M -d opcache.preload="$MADE/classes.php")
    # PHP wants it said that root means it.
    [ "$(id -u)" != 0 ] || held+=(-d opcache.preload_user=root)
    setsid php "${PHP_SERVING[@]}" "${held[@]}" -d expose_php=0 -S "$HOST:$PORT" -t public public/router.php >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until_answered "$STARTED"
}
# PHP's server does not replace a worker that has died: it goes on with those that live as long as most do.
lives_php() { kill -0 "${SERVER[php]}" 2>/dev/null && [ "$(living "${SERVER[php]}")" -gt $((WORKERS / 2)) ]; }

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

# At the start: what does not come up at all is said.
begin_part() {
    DEATHS[$1]=0
    NOT_BEFORE[$1]=0
    start_part "$1"
    kill -0 "${SERVER[$1]}" 2>/dev/null || fail "The server did not start; see $LOG"
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

# What has died is started again, without end.
watch_part() {
    if "lives_$1"; then
        [ $((SECONDS - BEGAN[$1])) -lt "$QUICK" ] || DEATHS[$1]=0
        return 0
    fi
    [ "$SECONDS" -ge "${NOT_BEFORE[$1]}" ] || return 0
    # Nothing of it may hold its address still.
    stop_part "$1" KILL
    start_part "$1"
    say "A part of the server had died; it was started again."
    local wait=$(((1 << (DEATHS[$1] < 6 ? DEATHS[$1] : 6)) - 1))
    NOT_BEFORE[$1]=$((SECONDS + (wait < LONGEST ? wait : LONGEST)))
    DEATHS[$1]=$((DEATHS[$1] + 1))
}

# The log keeps its last part only.
shorten() {
    [ ! -f "$1" ] || [ "$(stat -c %s "$1")" -lt "$LARGEST_LOG" ] && return
    tail -c 1000000 "$1" >"$1.before"
    : >"$1"
}

# Where the data is one's own: what is old is packed, what was fished is read for the season, a copy a day is made. Nobody waits for it.
OWN_DATA=
UPKEEP=
look_after_data() {
    [ -n "$OWN_DATA" ] || return 0
    [ -z "$UPKEEP" ] || ! kill -0 "$UPKEEP" 2>/dev/null || return 0
    nice php artisan admek:upkeep --also="$BACKUP_TO" >&2 9>&- &
    UPKEEP=$!
}

# Processes that hold a database's lock, but for this one and what it has started.
holders_of() {
    local held lock process
    lock=$(realpath "$1.lock")
    for held in /proc/[0-9]*/fd/9; do
        [ "$(readlink "$held" 2>/dev/null)" = "$lock" ] || continue
        process=$(cut -d/ -f3 <<<"$held")
        [ "$process" = $$ ] || [ "$process" = "$BASHPID" ] || [[ " ${SERVER[*]} " = *" $(cut -d' ' -f5 "/proc/$process/stat" 2>/dev/null) "* ]] ||
            echo "$process"
    done
}

# One Admek serves one database. What a launcher that was killed left behind holds the lock, and nobody watches it: it goes on serving
# until this one is ready to.
LEFT=
hold() {
    exec 9>>"$1.lock"
    if ! flock -n 9; then
        local launcher
        launcher=$(cat "$1.lock")
        if [ -z "$launcher" ] || [ "$(readlink "/proc/$launcher/fd/9" 2>/dev/null)" = "$(realpath "$1.lock")" ]; then
            fail "Admek is running on this data already, or it is being restored."
        fi
        LEFT=1
        return
    fi
    echo $$ >"$1.lock"
}

take_over() {
    [ -n "$LEFT" ] || return 0
    local tries process
    # Masters replace the workers they lose: until none is left.
    for tries in {1..100}; do
        for process in $(holders_of "$1"); do kill -KILL "$process" 2>/dev/null || true; done
        if flock -w 0.1 9; then
            LEFT=
            echo $$ >"$1.lock"
            return
        fi
    done
    fail "Admek is running on this data already, or it is being restored."
}

# serve_database DATABASE COMMAND
serve_database() {
    local at="$PWD/storage/serving"
    MADE="$at/$2-$PORT-$$" LOG="$at/logs/$2-$PORT.log"
    mkdir -p "$MADE/passing" "$MADE/views"
    chmod 700 "$MADE"
    hold "$1"
    [ -n "$LEFT" ] || php -r 'exit(@stream_socket_server("tcp://'"$HOST:$PORT"'") ? 0 : 1);' ||
        fail "Port $PORT is taken. Try:  ./admek $2 --port $((PORT + 1))"
    export ADMEK_DATABASE="$1" ADMEK_TLS="$TLS" PHP_CLI_SERVER_WORKERS=$WORKERS ADMEK_LOGS="$at/logs"
    # Configuration, routes and classes are read once, at the start, for this database alone.
    export APP_CONFIG_CACHE="$MADE/config.php" APP_ROUTES_CACHE="$MADE/routes.php" ADMEK_NAMES_FILE="$MADE/names"
    # What is kept follows from this very program: another one starts with none.
    export ADMEK_KEPT="$MADE/kept.sqlite" ADMEK_LIVE="$MADE/live.json" ADMEK_VIEWS="$MADE/views"
    addresses_changed || true
    write_names || true
    : >"$LOG"
    [ -z "$TLS" ] || make_certificate
    attend php artisan admek:warm "$MADE/classes.php" --quiet || fail "Configuration, routes and classes could not be read; see $at/logs."
    if [ -n "$WEB" ]; then
        tell_web
        PARTS=(fpm nginx hub ${SEA:+sea})
        begin_part fpm
        take_over "$1"
        begin_part nginx
    else
        PARTS=(php hub ${SEA:+sea})
        take_over "$1"
        begin_part php
    fi
    begin_part hub
    # She keeps the data open: its index of writes is there then, though the disk should be full later.
    local tries
    for tries in {1..50}; do [ -f "$MADE/live.json" ] && break || sleep 0.05 9>&-; done
    [ -z "${SEA:-}" ] || begin_part sea
    find "$at" -mindepth 1 -maxdepth 1 -name "$2-$PORT-*" ! -path "$MADE" -exec rm -rf {} +
    echo "Admek is at http://$([ -n "$BOAT" ] && echo localhost || echo "$HOST"):$PORT — Ctrl-C stops it."
    [ -z "$BOAT" ] || echo "Other devices are let in on its screen Devices, at http${TLS:+s}://$(tr '\n' ' ' <"$MADE/names" | xargs | sed "s# #:$PORT or http${TLS:+s}://#g"):$PORT"
    watch
}

watch() {
    local looked=-1 part
    while :; do
        if [ $((SECONDS / 600)) -ne "$looked" ]; then
            looked=$((SECONDS / 600))
            look_after_data
        fi
        if addresses_changed && write_names && [ -n "$TLS" ]; then renew_certificate; fi
        for part in "${PARTS[@]}"; do watch_part "$part"; done
        shorten "$LOG"
        sleep "$LOOK" 9>&- &
        wait $!
    done
}
