# What Admek needs on this machine and in this folder, installed or built where it is missing. Read by ./admek.

# Runs a package command as root on Debian; elsewhere says what to run.
install_packages() {
    if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        say "Installing $*"
        apt-get update -qq >&2
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >/dev/null 2>&1 || fail "Installing $* failed; run: apt-get install $*"
    else
        fail "Missing on this machine. Run:  sudo apt-get install $*"
    fi
}

# Extension, and the package that brings it. curl and zip are for the packages Composer installs.
EXTENSIONS=(pdo_sqlite:php8.2-sqlite3 mbstring:php8.2-mbstring dom:php8.2-xml gd:php8.2-gd curl:php8.2-curl zip:php8.2-zip)

need_php() {
    command -v php >/dev/null || install_packages php8.2-cli
    local missing=() pair have
    have=$(php -m)
    for pair in "${EXTENSIONS[@]}"; do
        grep -qi "^${pair%%:*}$" <<<"$have" || missing+=("${pair#*:}")
    done
    [ ${#missing[@]} = 0 ] || install_packages "${missing[@]}"
}

# A folder is up to date when its stamp holds the checksum of what it was made from.
stamped() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }
sum_of() { sha256sum "$1" | cut -d' ' -f1; }

need_vendor() {
    local sum
    sum=$(sum_of composer.json)
    stamped vendor/.admek-stamp "$sum" && [ -f vendor/autoload.php ] && return
    command -v composer >/dev/null || install_packages composer
    say "Installing PHP packages…"
    attend env COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet >&2 || fail "Composer could not install the PHP packages."
    echo "$sum" >vendor/.admek-stamp
}

need_node() {
    command -v node >/dev/null && command -v npm >/dev/null || install_packages nodejs npm
    local sum
    sum=$(sum_of package-lock.json)
    stamped node_modules/.admek-stamp "$sum" && return
    say "Installing front-end packages…"
    attend npm ci --no-audit --no-fund --loglevel=error >&2 || fail "npm could not install the front-end packages."
    echo "$sum" >node_modules/.admek-stamp
}

# Everything the build reads, but for the types it writes itself.
sum_of_sources() {
    find resources docs/openapi.yaml package-lock.json vite.config.ts svelte.config.js -type f ! -name schema.d.ts -print0 |
        LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

need_build() {
    stamped public/build/.admek-stamp "$(sum_of_sources)" && return
    need_node
    say "Building the front end…"
    attend npm run --silent types >&2
    attend npm run --silent build >&2 || fail "The front end could not be built."
    sum_of_sources >public/build/.admek-stamp
}

# What PHP makes for itself is kept beside the program where that is one's own, and else where serving keeps its things. Root runs
# nothing that the own user could have written.
need_folders() {
    local folder folders=("$DATA" storage/serving/logs)
    if [ "$(id -u)" = 0 ] || [ -O admek ]; then
        folders+=(bootstrap/cache storage/logs storage/framework/views storage/framework/cache)
        if [ "$(id -u)" = 0 ] && id -u "$OWN_USER" >/dev/null 2>&1; then
            find bootstrap/cache storage/framework -user "$OWN_USER" -type f -delete 2>/dev/null || true
            find bootstrap/cache storage/framework storage/logs -user "$OWN_USER" -exec chown root: {} + 2>/dev/null || true
        fi
    else
        export APP_SERVICES_CACHE="$PWD/storage/serving/services.php" APP_PACKAGES_CACHE="$PWD/storage/serving/packages.php"
    fi
    for folder in "${folders[@]}"; do
        mkdir -p "$folder" 2>/dev/null && [ -w "$folder" ] || fail "$folder may not be written. See who owns it: Admek keeps its data and what it makes there."
    done
}

need_browser() {
    command -v chromium >/dev/null && command -v chromedriver >/dev/null || install_packages chromium chromium-driver
}

# Programs of others that read what Admek writes: printed pages, and structures as GPX.
need_readers() {
    command -v pdftotext >/dev/null && command -v gpsbabel >/dev/null || install_packages poppler-utils gpsbabel
}
