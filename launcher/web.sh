# Boat mode: nginx and PHP-FPM in the foreground, on configuration of their own. Read by ./admek.

# Whose rights it takes where root starts it.
BOAT_USER=admek
PATH="$PATH:/usr/sbin"

# As services of the machine's own they are not wanted; one that was there before is somebody's.
need_one_of_boat() {
    command -v "$1" >/dev/null && return
    install_packages "$2"
    ! command -v systemctl >/dev/null || systemctl disable --now "$3" >/dev/null 2>&1 || true
}

need_boat() {
    need_one_of_boat nginx nginx-light nginx
    need_one_of_boat php-fpm8.2 php8.2-fpm php8.2-fpm
    command -v openssl >/dev/null || install_packages openssl
}

as_boat_user() { exec setpriv --reuid "$BOAT_USER" --regid "$BOAT_USER" --init-groups --no-new-privs env HOME=/nonexistent ADMEK_DATA="$DATA" ./admek "$@"; }

# What boat mode's user may write, root does not run. as_owner_of_data COMMAND …
as_owner_of_data() {
    if [ "$(id -u)" = 0 ] && [ "$(stat -c %U "$DATA" 2>/dev/null)" = "$BOAT_USER" ]; then as_boat_user "$@"; fi
}

# Root only prepares: everything that runs from then on, this launcher too, is another user's, who can write Admek's data and nothing of
# its program. become_own_user COMMAND …
become_own_user() {
    [ "$(id -u)" = 0 ] || return 0
    id -u "$BOAT_USER" >/dev/null 2>&1 || useradd --system --home-dir /nonexistent --no-create-home --shell /usr/sbin/nologin "$BOAT_USER" ||
        fail "The user $BOAT_USER could not be made."
    # Not every package comes readable for others than who installed it.
    chmod -R go+rX admek app artisan bootstrap config core database docs launcher public resources routes stand-ins vendor
    setpriv --reuid "$BOAT_USER" --regid "$BOAT_USER" --init-groups test -r "$PWD/public/index.php" || fail "$BOAT_USER may not read $PWD. Put Admek where every user may go, such as /opt/admek."
    chown -R "$BOAT_USER:" "$DATA" storage bootstrap/cache
    chmod 700 "$DATA"
    setpriv --reuid "$BOAT_USER" --regid "$BOAT_USER" --init-groups test -w "$DATA" || fail "$BOAT_USER may not come to $DATA: its parent folders must let every user through."
    as_boat_user "$@"
}

# What is written for one serving; called with COMMAND.
make_boat() {
    RUN="$PWD/storage/boat-$1-$PORT"
    # What root has written into the log of everything else stays root's.
    export ADMEK_LOGS="$PWD/storage/logs/boat"
    mkdir -p "$RUN/passing" "$ADMEK_LOGS"
    [ -z "$TLS" ] || make_certificate
    PARTS=(fpm nginx)
}

# What nginx and PHP-FPM are told, once configuration and routes are read.
tell_boat() {
    local listen=("--listen=$HOST")
    if [ "$HOST" = 0.0.0.0 ] && php -r 'exit(@stream_socket_server("tcp://[::1]:0") ? 0 : 1);'; then listen+=("--listen=[::]" "--listen=[::1]"); fi
    php artisan admek:boat-files "$RUN" "${listen[@]}" --port="$PORT" ${TLS:+--tls="$DATA/tls"} >&2 ||
        fail "nginx and PHP-FPM could not be told what to do."
}

start_fpm() {
    rm -f "$RUN/fpm.sock"
    local held=(-d opcache.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.validate_timestamps=0
        -d opcache.preload="$MADE-classes.php")
    setsid php-fpm8.2 -F -y "$RUN/fpm.conf" "${held[@]}" >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until [ -S "$RUN/fpm.sock" ]; do kill -0 "$STARTED" 2>/dev/null || return 0; done
}
# Both replace workers of their own.
lives_fpm() { kill -0 "${SERVER[fpm]}" 2>/dev/null && shorten "$RUN/fpm.log"; }

start_nginx() {
    setsid nginx -e "$RUN/nginx.log" -c "$RUN/nginx.conf" >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until_answered "$STARTED"
}
lives_nginx() { kill -0 "${SERVER[nginx]}" 2>/dev/null && shorten "$RUN/nginx.log"; }
