# nginx and PHP-FPM in the foreground, on configuration of their own: how Admek is served wherever they are. Read by ./admek.

# Whose rights serving takes where root starts it.
OWN_USER=admek
PATH="$PATH:/usr/sbin"

# Whether nginx and PHP-FPM serve; else PHP's own server does.
WEB=

web_is_there() { command -v nginx >/dev/null && command -v php-fpm8.2 >/dev/null; }

# As services of the machine's own they are not wanted; one that was there before is somebody's.
need_one_of_web() {
    command -v "$1" >/dev/null && return
    install_packages "$2"
    ! command -v systemctl >/dev/null || systemctl disable --now "$3" >/dev/null 2>&1 || true
}

need_web() {
    need_one_of_web nginx nginx-light nginx
    need_one_of_web php-fpm8.2 php8.2-fpm php8.2-fpm
    WEB=1
}

# On this machine alone Admek is served without them too, where they cannot be had: at sea there is no network to have them from. They
# are asked for once a day. ADMEK_WITHOUT_NGINX in the environment asks for PHP's own server.
may_have_web() {
    [ -z "${ADMEK_WITHOUT_NGINX:-}" ] || return 0
    local asked=storage/framework/web-asked
    if ! web_is_there; then
        [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null && [ -z "$(find "$asked" -mmin -1440 2>/dev/null)" ] || return 0
        touch "$asked"
        (need_web) || { say "Until then PHP's own server serves this machine."; return 0; }
    fi
    WEB=1
}

as_own_user() {
    exec setpriv --reuid "$OWN_USER" --regid "$OWN_USER" --init-groups --no-new-privs \
        env HOME=/nonexistent ADMEK_DATA="$DATA" ADMEK_READY=1 ./admek "$@"
}

# What the own user may write, root does not run. as_owner_of_data COMMAND …
as_owner_of_data() {
    if [ "$(id -u)" = 0 ] && [ "$(stat -c %U "$DATA" 2>/dev/null)" = "$OWN_USER" ]; then as_own_user "$@"; fi
}

own_user_can() { setpriv --reuid "$OWN_USER" --regid "$OWN_USER" --init-groups test "$@"; }

# Root only prepares: everything that runs from then on, this launcher too, is another user's, who can write Admek's data and nothing of
# its program. Where that user may not come, this machine alone is served with root's rights. become_own_user COMMAND …
become_own_user() {
    [ "$(id -u)" = 0 ] || return 0
    id -u "$OWN_USER" >/dev/null 2>&1 || useradd --system --home-dir /nonexistent --no-create-home --shell /usr/sbin/nologin "$OWN_USER" ||
        fail "The user $OWN_USER could not be made."
    # Not every package comes readable for others than who installed it.
    chmod -R go+rX admek app artisan bootstrap config core database docs launcher public resources routes stand-ins vendor
    if ! own_user_can -r "$PWD/public/index.php"; then
        [ -z "$BOAT" ] || fail "$OWN_USER may not read $PWD. Put Admek where every user may go, such as /opt/admek."
        return 0
    fi
    chown -R "$OWN_USER:" "$DATA" storage/serving
    chmod 700 "$DATA"
    if ! own_user_can -w "$DATA"; then
        [ -z "$BOAT" ] || fail "$OWN_USER may not come to $DATA: its parent folders must let every user through."
        chown -R root: "$DATA" storage/serving
        return 0
    fi
    as_own_user "$@"
}

# What nginx and PHP-FPM are told, once configuration and routes are read.
tell_web() {
    local listen=("--listen=$HOST")
    if [ "$HOST" = 0.0.0.0 ] && php -r 'exit(@stream_socket_server("tcp://[::1]:0") ? 0 : 1);'; then listen+=("--listen=[::]" "--listen=[::1]"); fi
    attend php artisan admek:web-files "$MADE" "${listen[@]}" --port="$PORT" ${TLS:+--tls="$DATA/tls"} >&2 ||
        fail "nginx and PHP-FPM could not be told what to do."
}

start_fpm() {
    rm -f "$MADE/fpm.sock"
    local root=()
    [ "$(id -u)" != 0 ] || root=(-R)
    setsid php-fpm8.2 -F "${root[@]}" -y "$MADE/fpm.conf" "${PHP_SERVING[@]}" -d opcache.validate_timestamps=0 \
        -d opcache.preload="$MADE/classes.php" >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until [ -S "$MADE/fpm.sock" ]; do
        kill -0 "$STARTED" 2>/dev/null || return 0
        sleep 0.02
    done
}
# Both replace workers of their own.
lives_fpm() { kill -0 "${SERVER[fpm]}" 2>/dev/null && shorten "$MADE/fpm.log"; }

start_nginx() {
    setsid nginx -e "$MADE/nginx.log" -c "$MADE/nginx.conf" >>"$LOG" 2>&1 &
    STARTED=$!
    disown "$STARTED" 2>/dev/null || true
    until_answered "$STARTED"
}
lives_nginx() { kill -0 "${SERVER[nginx]}" 2>/dev/null && shorten "$MADE/nginx.log"; }
