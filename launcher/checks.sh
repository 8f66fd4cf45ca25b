# What ./admek test runs. Read by ./admek.

check_style() {
    say "== pint, prettier"
    vendor/bin/pint --test --quiet || vendor/bin/pint --test
    # Characters, not bytes; what git does not keep is not ours.
    if git ls-files '*.php' | LC_ALL=C.UTF-8 xargs grep -nE '^.{131,}$' | cut -c1-160 >&2; then
        fail "No line of PHP is over 130 columns."
    fi
    local long
    long=$(git ls-files '*.php' '*.ts' '*.svelte' '*.css' '*.sh' admek | xargs wc -l | awk '$1 > 400 && $2 != "total"')
    [ -z "$long" ] || fail "No file is over 400 lines:"$'\n'"$long"
    npm run --silent format
}

check_static() {
    say "== phpstan, eslint, knip, svelte-check"
    vendor/bin/phpstan analyse -c phpstan.neon --no-progress --quiet --memory-limit=2G || vendor/bin/phpstan analyse -c phpstan.neon --no-progress --memory-limit=2G
    vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --quiet --memory-limit=2G || vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=2G
    npm run --silent lint
    npm run --silent dead
    npm run --silent check
}

check_contract() {
    say "== contract: docs/openapi.yaml is sound, and the page is typed by it"
    npm run --silent types >/dev/null
}

# As many tests at once as there are cores, each process with a database, a server and a browser of its own.
suites() {
    local fast
    fast=$(printf "'%s' " "${PHP_FAST[@]:1}")
    "${PHP_FAST[@]}" vendor/bin/paratest --processes "$(nproc)" --passthru-php="$fast" "$@"
}

# What a season brings, at its length: processes killed, disks filled, devices at once, files and requests nobody means well by.
endurance() {
    "${PHP_FAST[@]}" vendor/bin/phpunit --testsuite Endurance
    MUTANTS=10000 HOSTILE=10000 "${PHP_FAST[@]}" vendor/bin/phpunit --testsuite Feature --filter 'MutantsTest|HostileRequestsTest'
}

# What is promised of serving holds in both ways of it.
in_boat_mode() { ADMEK_TEST_BOAT=1 suites --functional --testsuite Browser --group served; }

cmd_test() {
    ready
    need_node
    case "${1:-all}" in
        style) check_style ;;
        static) check_static ;;
        contract) check_contract && suites --filter Contract ;;
        core) suites --testsuite Core ;;
        feature) need_readers && suites --testsuite Feature ;;
        endurance) need_web && endurance ;;
        boat) need_browser && need_web && in_boat_mode ;;
        browser) need_browser && need_web && need_readers && suites --functional --testsuite Browser ;;
        all)
            need_browser
            need_web
            need_readers
            check_contract
            check_style
            check_static
            suites --testsuite Core,Feature
            # Shared out test by test: there are few classes, and long ones.
            suites --functional --testsuite Browser
            in_boat_mode
            # A share of what endurance does at length.
            KILLS=8 UPGRADES=4 suites --functional --testsuite Endurance --filter 'KillsTest|DisksTest'
            ;;
        *) fail "Unknown part $1; see ./admek test --help" ;;
    esac
}
