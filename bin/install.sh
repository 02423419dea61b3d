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


# debian PACKAGE...: install Debian packages, or say the command to run
debian() {
    local root=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null && root=(sudo) \
            || die "missing: $*. Run this, then start again:  sudo apt-get update && sudo apt-get install -y $*"
    fi
    say "Installing $* (Debian) ..."
    "${root[@]}" apt-get update -qq >.cache/apt.log 2>&1 || true
    DEBIAN_FRONTEND=noninteractive "${root[@]}" apt-get install -y -qq --no-install-recommends "$@" >>.cache/apt.log 2>&1 \
        || die "could not install $*; .cache/apt.log says why."
}

need_php() {
    command -v php >/dev/null || die "PHP 8.2 is needed: apt-get install php8.2-cli"
    php -r 'exit(extension_loaded("pdo_sqlite") ? 0 : 1);' || debian "php$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')-sqlite3"
}

# Chromium without what only a window needs: the tests are quicker by a fifth
need_headless() { [ -x /usr/bin/chromium-headless-shell ] || debian chromium-headless-shell; }

# stamp_of FILE...: one hash over their contents
stamp_of() { cat -- "$@" | sha256sum | cut -d' ' -f1; }

need_vendor() {
    local now with; now=$(stamp_of composer.json php-packages.txt)
    if [ ! -f vendor/autoload.php ] || [ "$(cat .cache/vendor.stamp 2>/dev/null)" != "$now" ]; then
        command -v composer >/dev/null || die "Composer is needed: apt-get install composer"
        say "Installing PHP packages, about half a minute ..."
        mapfile -t with < <(php bin/packages.php with)
        composer update --no-interaction --no-progress -q "${with[@]}" || die "Composer could not install the PHP packages."
        php bin/packages.php check || die "what was installed is not what php-packages.txt says. Nothing is started with other code than was tested."
        printf '%s' "$now" >.cache/vendor.stamp
    fi
}

need_node() {
    local now; now=$(stamp_of package.json package-lock.json)
    if [ ! -d node_modules ] || [ "$(cat .cache/node.stamp 2>/dev/null)" != "$now" ]; then
        command -v npm >/dev/null || die "Node 20 with npm is needed: apt-get install nodejs npm"
        say "Installing front-end packages, about a quarter of a minute ..."
        npm ci --no-audit --no-fund --loglevel=error >.cache/npm.log 2>&1 || { tail -5 .cache/npm.log >&2; die "npm could not install the front-end packages."; }
        printf '%s' "$now" >.cache/node.stamp
    fi
}

need_types() {
    if [ ! -f resources/js/api/schema.d.ts ] || [ docs/openapi.yaml -nt resources/js/api/schema.d.ts ]; then
        npx --no-install openapi-typescript docs/openapi.yaml -o resources/js/api/schema.d.ts >/dev/null 2>&1
    fi
}

need_build() {
    local now; now=$(find resources/js resources/films bin/*.ts vite.config.ts package-lock.json docs/openapi.yaml -type f ! -name schema.d.ts -print0 | sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1)
    if [ ! -f public/build/manifest.json ] || [ "$(cat .cache/build.stamp 2>/dev/null)" != "$now" ]; then
        need_node
        need_types
        say "Building the front end, some seconds ..."
        npx --no-install vite build --logLevel warn >.cache/build.log 2>&1 || { tail -20 .cache/build.log >&2; die "the front end could not be built."; }
        printf '%s' "$now" >.cache/build.stamp
    fi
}

# pin: what Composer finds now for composer.json becomes what everybody installs
pin() {
    need_php
    composer update --no-interaction --no-progress -q || die "Composer could not install the PHP packages."
    php bin/packages.php write
    stamp_of composer.json php-packages.txt | tr -d '\n' >.cache/vendor.stamp
    say "php-packages.txt names $(wc -l <php-packages.txt) packages with their versions and references."
}

# audit: whether anything is known against the packages, as far as the registries answer here
audit() {
    local wrong=0 said
    need_php; locked need_vendor; locked need_node
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
