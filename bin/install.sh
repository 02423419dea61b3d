# shellcheck shell=bash
# What must be on the machine, and what is installed for Undro itself. Read by ./undro.

# locked COMMAND...: so that two runs at once do not install over each other
locked() {
    exec 9>.cache/install.lock
    flock 9
    "$@"
    flock -u 9
    exec 9>&-
}


# timed WHAT COMMAND...: runs one part of the installation and prints how long it took; if it fails, also the end of what it printed
timed() {
    local what=$1 log begun=$EPOCHREALTIME
    log=.cache/$(tr -cs 'a-z' '-' <<<"${what,,}").log
    shift
    "$@" >"$log" 2>&1 || { tail -n 20 "$log" >&2; die "$what: this failed after $(seconds_since "$begun") s. $log has all of it."; }
    say "  $what: $(seconds_since "$begun") s"
}

seconds_since() { awk -v a="$1" -v b="$EPOCHREALTIME" 'BEGIN { printf "%.0f", b - a }'; }

# debian PACKAGE...: installs Debian packages, or says which command does
debian() {
    local root=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null && root=(sudo) \
            || die "missing: $*. Run this, then start again:  sudo apt-get update && sudo apt-get install -y $*"
    fi
    timed "Debian packages $*" apt_install "$@"
}

# apt_install PACKAGE...: tries the package lists at hand first, and fetches new ones only if that fails
apt_install() {
    local install=("${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@")
    "${install[@]}" || { "${root[@]}" apt-get update -qq && "${install[@]}"; }
}

need_php() {
    command -v php >/dev/null || die "PHP 8.2 is needed: apt-get install php8.2-cli"
    has_extension pdo_sqlite || debian "$(php_package sqlite3)" "$(php_package curl)"
}

has_extension() { php -r 'exit(extension_loaded($argv[1]) ? 0 : 1);' "$1"; }

php_package() { php -r 'echo "php", PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION, "-", $argv[1];' "$1"; }

# Chromium without what only a window needs: the tests are quicker by a fifth
need_headless() { [ -x /usr/bin/chromium-headless-shell ] || debian chromium-headless-shell; }

# need_packages run|all: installs what running needs, or what the tests need too; PHP and the front end at the same time
need_packages() {
    local status=0
    if ! installed vendor "$1" || { [ "$1" = all ] && ! installed node all; }; then
        say "Installing what Undro needs. This happens once and takes up to a minute and a half."
    fi
    (need_php; need_vendor "$1") &
    (need_build "$1") || status=1
    wait "$!" || status=1
    [ "$status" -eq 0 ] || exit 1
}

# stamp_of FILE...: one hash over their contents
stamp_of() { cat -- "$@" | sha256sum | cut -d' ' -f1; }

vendor_stamp() { stamp_of composer.json php-packages.txt; }
node_stamp() { stamp_of package.json package-lock.json; }
build_stamp() {
    find resources/js resources/films bin/*.ts vite.config.ts package-lock.json docs/openapi.yaml -type f ! -name schema.d.ts -print0 | sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1
}

# installed vendor|node run|all: whether these packages are up to date; all of them include those that running needs
installed() {
    local folder=vendor/autoload.php kind
    [ "$1" = vendor ] || folder=node_modules
    [ -e "$folder" ] || return 1
    for kind in "$2" all; do [ "$(cat ".cache/$1.stamp" 2>/dev/null)" != "$kind $("$1_stamp")" ] || return 0; done
    return 1
}

# need_vendor run|all
need_vendor() {
    local with only=()
    ! installed vendor "$1" || return 0
    command -v composer >/dev/null || die "Composer is needed: apt-get install composer"
    # with this extension Composer fetches many packages at once, without it one after the other
    has_extension curl || (debian "$(php_package curl)") 2>/dev/null || true
    [ "$1" = all ] || only=(--no-dev)
    mapfile -t with < <(php bin/packages.php with)
    timed "PHP packages" composer update --no-interaction --no-progress "${only[@]}" "${with[@]}"
    php bin/packages.php check || die "what was installed is not what php-packages.txt says. Nothing is started with other code than was tested."
    printf '%s %s' "$1" "$(vendor_stamp)" >.cache/vendor.stamp
}

# need_node run|all
need_node() {
    local only=()
    ! installed node "$1" || return 0
    command -v npm >/dev/null || die "Node 20 with npm is needed: apt-get install nodejs npm"
    [ "$1" = all ] || only=(--omit=dev)
    timed "Front-end packages" npm ci --no-audit --no-fund --loglevel=error "${only[@]}"
    printf '%s %s' "$1" "$(node_stamp)" >.cache/node.stamp
}

need_types() {
    if [ ! -f resources/js/api/schema.d.ts ] || [ docs/openapi.yaml -nt resources/js/api/schema.d.ts ]; then
        npx --no-install openapi-typescript docs/openapi.yaml -o resources/js/api/schema.d.ts >/dev/null 2>&1
    fi
}

# need_build run|all: the built front end; its packages only where it has to be built, or where all of them are wanted
need_build() {
    local now; now=$(build_stamp)
    [ "$1" = run ] || need_node all
    if [ ! -f public/build/manifest.json ] || [ "$(cat .cache/build.stamp 2>/dev/null)" != "$now" ]; then
        need_node "$1"
        timed "Building the front end" npx --no-install vite build --logLevel warn
        printf '%s' "$now" >.cache/build.stamp
    fi
}

# pin: what Composer finds now for composer.json becomes what everybody installs
pin() {
    need_php
    composer update --no-interaction --no-progress -q || die "Composer could not install the PHP packages."
    php bin/packages.php write
    printf 'all %s' "$(vendor_stamp)" >.cache/vendor.stamp
    say "php-packages.txt names $(wc -l <php-packages.txt) packages with their versions and references."
}

# audit: whether anything is known against the packages, as far as the registries answer here
audit() {
    local wrong=0 said
    need_php; locked need_packages all
    php bin/packages.php check || wrong=1
    if said=$(npm audit --audit-level=low 2>&1); then say "npm: nothing is known against the front-end packages."
    elif grep -q 'vulnerabilit' <<<"$said"; then say "$said"; wrong=1
    else say "npm: its registry does not answer this here."; fi
    # Composer asks about a lock file: one is made for the question alone
    if said=$(composer audit --no-interaction --format=plain 2>&1); then say "Composer: nothing is known against the PHP packages."
    elif grep -qi 'advisor' <<<"$said" && grep -q 'CVE\|Advisory ID\|Affected' <<<"$said"; then say "$said"; wrong=1
    else say "Composer: its registry does not answer this here."; fi
    return "$wrong"
}
