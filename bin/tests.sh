# shellcheck shell=bash
# The tests, all or a part. Read by ./undro.

# part NAME: one part of the tests
part() {
    case $1 in
        core) vendor/bin/paratest --testsuite core --processes 2 ;;
        feature) vendor/bin/paratest --testsuite feature --processes 4 ;;
        types) php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress && npx --no-install tsc --noEmit ;;
        lint) vendor/bin/php-cs-fixer check --diff --show-progress=none && npx --no-install biome check . ;;
        unit) npx --no-install vitest run --maxWorkers 2 ;;
        browser) browser ;;
        served) served ;;
        # one after the other: they measure
        hard) hard ;;
    esac
}

# the real interface against three servers with databases of their own: the demo, an empty one, and the demo at the bench,
# where runs change what lies on reels, a simulated counter is at hand and a phone may come in
browser() {
    (
        local tmp port seed
        # in memory where there is room: a slow disk is not what is looked at here
        tmp=$(mktemp -d -p /dev/shm 2>/dev/null || mktemp -d)
        for kind in demo empty evening1 evening2 evening3 bench; do
            [ "$kind" != bench ] || on_the_network
            use_data "$tmp/$kind"
            fresh_caches
            case $kind in bench) seed=demo ;; evening*) seed=empty ;; *) seed=$kind ;; esac
            # the second of a kind begins as a copy of the first
            [ "$kind" = "$seed" ] || cp "$tmp/$seed.sqlite" "$UNDRO_DATABASE"
            php artisan undro:prepare "$seed"
            [ "$kind" != "$seed" ] || cp "$UNDRO_DATABASE" "$tmp/$seed.sqlite"
            port=$(free_port)
            serve "$port"
            declare -x "UNDRO_${kind^^}_URL=http://127.0.0.1:$port"
            [ "$kind" != bench ] || devices standin standin standin
        done
        export UNDRO_EVENING_URLS="$UNDRO_EVENING1_URL $UNDRO_EVENING2_URL $UNDRO_EVENING3_URL"
        trap 'stop; rm -rf "$tmp"' EXIT
        npx --no-install playwright test "$@"
    )
}

# what is served, by the engine it is served by: asked from here, and by a browser that trusts its authority
served() {
    if ! (need_engine) >/dev/null 2>&1; then
        echo "caddy and php8.2-fpm cannot be had here: what is served by them is not tested."
        return 0
    fi
    (
        local asked=0 out
        trap 'end_served' EXIT
        begin_served || exit 1
        # both at once: neither needs all that there is
        out=$(mktemp)
        vendor/bin/phpunit --testsuite served >"$out" 2>&1 &
        npx --no-install playwright test --config playwright.served.config.ts "$@" || asked=1
        wait "$!" || asked=1
        cat "$out"; rm -f "$out"
        exit "$asked"
    )
}

# against one's own computer and against what is served
hard() {
    (
        if (need_engine) >/dev/null 2>&1; then
            trap 'end_served' EXIT
            begin_served || exit 1
        fi
        UNDRO_HARD=1 vendor/bin/phpunit --testsuite hard "$@"
    )
}

# begin_served: starts it with data and a mail server of its own, and says where it is
begin_served() {
    local port mail
    served_tmp=$(mktemp -d -p /dev/shm 2>/dev/null || mktemp -d)
    chmod 755 "$served_tmp"
    mkdir -p "$served_tmp/mail" "$served_tmp/home/.pki/nssdb"
    code_readable
    UNDRO_SERVED_CODE=$PWD
    # another user has to come to the code: where none can, it is served from a copy
    if [ "$(id -u)" -eq 0 ] && ! setpriv --reuid="$SERVED_AS" --regid="$SERVED_AS" --clear-groups test -r vendor/autoload.php; then
        UNDRO_SERVED_CODE="$served_tmp/code"
        mkdir "$UNDRO_SERVED_CODE"
        cp -r app artisan bin bootstrap .cache composer.json config core database docs package.json package-lock.json php-packages.txt public resources routes \
            undro vendor vite.config.ts "$UNDRO_SERVED_CODE"
    fi
    port=$(free_port) mail=$(free_port)
    php simulators/post.php --port "$mail" --folder "$served_tmp/mail" >"$served_tmp/post.log" 2>&1 &
    served_pids=("$!")
    (cd "$UNDRO_SERVED_CODE" && exec setsid ./undro serve --data "$served_tmp/data" --port "$port" --host localhost --mail "smtp://127.0.0.1:$mail") >"$served_tmp/serve.log" 2>&1 &
    served_pids+=("$!")
    for _ in $(seq 600); do
        ! grep -q "Undro is served" "$served_tmp/serve.log" || break
        kill -0 "${served_pids[1]}" 2>/dev/null || break
        sleep 0.1
    done
    grep -q "Undro is served" "$served_tmp/serve.log" || { cat "$served_tmp/serve.log" >&2; return 1; }
    # what a household may begin with
    (use_data "$served_tmp/demo"; fresh_caches; php artisan undro:prepare demo >/dev/null)
    export UNDRO_SERVED_DEMO="$served_tmp/demo/undro.sqlite"
    export UNDRO_SERVED_CODE UNDRO_SERVED_URL="https://localhost:$port" UNDRO_SERVED_DATA="$served_tmp/data" UNDRO_SERVED_MAIL="$served_tmp/mail" UNDRO_SERVED_HOME="$served_tmp/home"
    # the browser trusts it as a phone does that the authority was installed on
    certutil -d "sql:$UNDRO_SERVED_HOME/.pki/nssdb" -N --empty-password
    certutil -d "sql:$UNDRO_SERVED_HOME/.pki/nssdb" -A -t C,, -n undro -i "$UNDRO_SERVED_DATA/caddy/pki/authorities/local/root.crt"
}

end_served() {
    local pid
    [ -n "${served_tmp:-}" ] || return 0
    for pid in "${served_pids[@]:-}"; do [ -z "$pid" ] || kill -- "-$pid" 2>/dev/null || kill "$pid" 2>/dev/null || true; done
    for _ in $(seq 50); do pgrep -f "$served_tmp/data" >/dev/null || break; sleep 0.1; done
    pkill -9 -f "$served_tmp/data" 2>/dev/null || true
    rm -rf "$served_tmp"
}

run_tests() {
    local parts=(lint unit types browser served core feature) failed=() name begun took out types= types_out=
    if [ $# -gt 0 ]; then
        [[ " ${parts[*]} hard " == *" $1 "* ]] || die "there is no test part '$1'. There are: ${parts[*]}"
        parts=("$1")
    fi
    need_php; locked need_vendor
    case " ${parts[*]} " in *" types "* | *" lint "* | *" unit "* | *" browser "* | *" served "*) locked need_node; locked need_types ;; esac
    case " ${parts[*]} " in *" browser "* | *" served "* | *" feature "* | *" hard "*) locked need_build ;; esac
    case " ${parts[*]} " in *" browser "* | *" served "*) need_headless ;; esac
    out=$(mktemp)
    local times=()
    # nonsense is drawn anew each time; with its seed the same is drawn again
    export UNDRO_SEED=${UNDRO_SEED:-$((RANDOM * 32768 + RANDOM))}
    case " ${parts[*]} " in *" feature "* | *" hard "*) echo "nonsense is drawn by seed $UNDRO_SEED: UNDRO_SEED=$UNDRO_SEED ./undro test feature draws it again" ;; esac
    # the types are looked at beside what comes before them: neither needs more than one core
    if [ $# -eq 0 ]; then
        types_out=$(mktemp)
        part types >"$types_out" 2>&1 &
        types=$!
    fi
    for name in "${parts[@]}"; do
        echo "== $name"
        begun=$(date +%s.%N)
        # the last part's output comes after the times, so that the last lines are the runner's own
        if [ "$name" = types ] && [ -n "$types" ]; then
            wait "$types" || failed+=(types)
            cat "$types_out"; rm -f "$types_out"
        elif [ "$name" = "${parts[-1]}" ]; then part "$name" >"$out" 2>&1 || failed+=("$name"); else part "$name" || failed+=("$name"); fi
        took=$(awk -v a="$begun" -v b="$(date +%s.%N)" 'BEGIN { printf "%.1f s", b - a }')
        times+=("$name $took")
    done
    printf -- '-- %s\n' "${times[@]}"
    [ ${#failed[@]} -eq 0 ] || echo "failed: ${failed[*]}"
    cat "$out"; rm -f "$out"
    [ ${#failed[@]} -eq 0 ]
}
