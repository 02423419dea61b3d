# shellcheck shell=bash
# The tests, all or a part. Read by ./undro.

# no part takes so long, not beside a busy core either, s
PART_MOST=1500

# part NAME: one part of the tests
part() {
    case $1 in
        # with its cache of compiled code PHP takes a sixth to a quarter less here
        core) vendor/bin/paratest --passthru-php="'-d' 'opcache.enable_cli=1'" --testsuite core --processes 2 --log-junit "$(report_of core)" ;;
        feature) vendor/bin/paratest --passthru-php="'-d' 'opcache.enable_cli=1'" --testsuite feature --processes 4 --log-junit "$(report_of feature)" ;;
        types) php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress && npx --no-install tsc --noEmit ;;
        lint) vendor/bin/php-cs-fixer check --diff --show-progress=none && npx --no-install biome check . ;;
        unit) npx --no-install vitest run --maxWorkers 2 --reporter default --reporter junit --outputFile.junit "$(report_of unit)" ;;
        browser) browser ;;
        served) served ;;
        # one after the other: they measure
        hard) hard ;;
    esac
}

# the real interface against six servers with databases of their own: the demo, an empty one, three for the evenings, and the demo at
# the bench, where runs change what lies on reels, a simulated counter is at hand and a phone may come in
browser() {
    (
        local tmp kind port
        tmp=$(mktemp -d)
        trap 'stop; rm -rf "$tmp"' EXIT
        prepare_at_once demo:demo empty:empty
        for kind in evening1 evening2 evening3 bench; do mkdir "$tmp/$kind"; done
        for kind in evening1 evening2 evening3; do cp "$tmp/empty/undro.sqlite" "$tmp/$kind"; done
        cp "$tmp/demo/undro.sqlite" "$tmp/bench"
        prepare_at_once evening1:empty evening2:empty evening3:empty bench:demo
        for kind in demo empty evening1 evening2 evening3 bench; do
            [ "$kind" != bench ] || on_the_network
            use_data "$tmp/$kind"
            use_caches
            port=$(free_port)
            serve "$port"
            declare -x "UNDRO_${kind^^}_URL=http://127.0.0.1:$port"
            [ "$kind" != bench ] || devices standin standin standin
        done
        export UNDRO_EVENING_URLS="$UNDRO_EVENING1_URL $UNDRO_EVENING2_URL $UNDRO_EVENING3_URL"
        trap 'stop; rm -rf "$tmp"' EXIT
        PLAYWRIGHT_JUNIT_OUTPUT_FILE=$(report_of browser) npx --no-install playwright test "$@"
    )
}

# prepare_at_once FOLDER:DATA...: makes several databases ready, each in a folder of $tmp
prepare_at_once() {
    local each pids=()
    for each in "$@"; do
        (
            [ "${each%%:*}" != bench ] || on_the_network
            use_data "$tmp/${each%%:*}"
            fresh_caches
            php artisan undro:prepare "${each##*:}" >/dev/null
        ) &
        pids+=("$!")
    done
    for each in "${pids[@]}"; do wait "$each" || die "a database of the tests could not be made ready."; done
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
        vendor/bin/phpunit --testsuite served --log-junit "$(report_of served-engine)" >"$out" 2>&1 &
        PLAYWRIGHT_JUNIT_OUTPUT_FILE=$(report_of served) npx --no-install playwright test --config playwright.served.config.ts "$@" || asked=1
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
        UNDRO_HARD=1 vendor/bin/phpunit --testsuite hard --default-time-limit 3600 "$@"
    )
}

# begin_served: starts it with data and a mail server of its own, and says where it is
begin_served() {
    local port mail
    served_tmp=$(mktemp -d)
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

# report_of PART: where a runner writes how long each test took
report_of() { echo "$PWD/.cache/tests/$1.xml"; }

run_tests() {
    local parts=(lint unit types browser served core feature) failed=() times=() name begun slowest= slow= types= status
    while [ $# -gt 0 ]; do
        case $1 in
            --slowest) slowest=1 ;;
            --slow) slow=1 ;;
            *) [[ " ${parts[*]} hard " == *" $1 "* ]] || die "there is no test part '$1'. There are: ${parts[*]} hard"; parts=("$1") ;;
        esac
        shift
    done
    case " ${parts[*]} " in
        " core ") need_php; locked need_vendor all ;;
        *) locked need_packages all; locked need_types ;;
    esac
    case " ${parts[*]} " in *" browser "* | *" served "*) need_headless ;; esac
    rm -rf .cache/tests; mkdir -p .cache/tests
    trap 'end_tests' EXIT
    in_memory
    # nonsense is drawn anew each time; with its seed the same is drawn again
    export UNDRO_SEED=${UNDRO_SEED:-$((RANDOM * 32768 + RANDOM))}
    echo "Seed $UNDRO_SEED. To draw the same again:  UNDRO_SEED=$UNDRO_SEED ./undro test"
    # whatever is waited for comes late then, as it does on a machine that others use too
    if [ -n "$slow" ]; then
        export UNDRO_SLOWER=2
        (while :; do :; done) &
        busy=$!
        disown "$busy"
        echo "Beside a process that keeps one core busy, and with the browser slowed $UNDRO_SLOWER times."
    fi
    # the types are checked beside what comes before them: neither needs more than one core
    if [ ${#parts[@]} -gt 1 ]; then
        (begun=$EPOCHREALTIME; status=0; run_part types || status=$?; seconds_since "$begun" >.cache/tests/types.seconds; exit "$status") >.cache/tests/types.out 2>&1 &
        types=$!
    fi
    for name in "${parts[@]}"; do
        echo "== $name"
        begun=$EPOCHREALTIME status=0
        if [ "$name" = types ] && [ -n "$types" ]; then
            wait "$types" || status=$?
            cat .cache/tests/types.out
            times+=("types $(cat .cache/tests/types.seconds) s, beside the parts before it")
        # the last part's output comes after the times, so that the last lines are the runner's own
        elif [ "$name" = "${parts[-1]}" ]; then
            run_part "$name" >.cache/tests/last.out 2>&1 || status=$?
            times+=("$name $(seconds_since "$begun") s")
        else
            run_part "$name" || status=$?
            times+=("$name $(seconds_since "$begun") s")
        fi
        [ "$status" -eq 0 ] || failed+=("$name")
    done
    [ -z "$slow" ] || kill "$busy" 2>/dev/null || true
    echo "-- seed $UNDRO_SEED${slow:+, slowed}"
    printf -- '-- %s\n' "${times[@]}"
    [ -z "$slowest" ] || php bin/slowest.php .cache/tests 20
    [ ${#failed[@]} -eq 0 ] || echo "failed: ${failed[*]}"
    [ ! -f .cache/tests/last.out ] || cat .cache/tests/last.out
    [ ${#failed[@]} -eq 0 ]
}

# in_memory: what tests write lies in memory where there is room for it. Elsewhere databases do not wait for the disk with each write: a
# busy disk can take seconds for it, and no test cuts the power
in_memory() {
    local free; free=$(df --output=avail -k /dev/shm 2>/dev/null | tail -n 1)
    [ "${free:-0}" -gt 2000000 ] || { export UNDRO_SYNC=off; return 0; }
    TMPDIR=$(mktemp -d -p /dev/shm undro-XXXXXX)
    # what is served runs as another user
    chmod 711 "$TMPDIR"
    export TMPDIR
    written=$TMPDIR
}

busy='' written=''
end_tests() {
    [ -z "$busy" ] || kill "$busy" 2>/dev/null || true
    [ -z "$written" ] || rm -rf "$written"
}

# run_part NAME: one part. If it is ended, or takes too long and is ended here, the last thing it printed says what it was doing
run_part() {
    local status=0 base=.cache/tests/$1 to tee watch why=
    [ "$1" = hard ] || { (end_late "$base") >/dev/null 2>&1 & watch=$!; }
    exec {to}> >(exec tee "$base.log")
    tee=$!
    (exec {to}>&-; echo "$BASHPID" >"$base.pid"; part "$1") >&"$to" 2>&1 || status=$?
    exec {to}>&-
    [ -z "${watch:-}" ] || kill "$watch" 2>/dev/null || true
    left_behind "$1" "$tee"
    if [ -f "$base.late" ]; then status=1 why="$PART_MOST s"
    elif [ "$status" -gt 128 ]; then why=$(kill -l "$((status - 128))" 2>/dev/null || echo "signal $((status - 128))"); fi
    [ -z "$why" ] || echo "$1 was ended by $why. The last thing it printed: $(tr '\r' '\n' <"$base.log" | grep -v '^[[:space:]]*$' | tail -n 1)"
    return "$status"
}

# end_late BASE: ends a part that goes on for longer than any does
end_late() {
    local pid
    for _ in $(seq "$PART_MOST"); do sleep 1; done
    touch "$1.late"
    for pid in $(below "$(cat "$1.pid")"); do kill -9 "$pid" || true; done
}

# below PID: every process that this one began, and those began, the youngest first
below() {
    local pid
    for pid in $(pgrep -P "$1"); do below "$pid"; echo "$pid"; done
}

# left_behind PART TEE: what a part began and did not end would keep its output open for good; it is named and ended
left_behind() {
    local pipe pid
    for _ in $(seq 50); do kill -0 "$2" 2>/dev/null || return 0; sleep 0.1; done
    pipe=$(readlink "/proc/$2/fd/0") || return 0
    for pid in $(find /proc/[0-9]*/fd -lname "${pipe/[/\\[}" 2>/dev/null | cut -d/ -f3 | sort -u); do
        [ "$pid" != "$2" ] || continue
        echo "$1 left this behind: $(tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null)"
        kill -9 "$pid" 2>/dev/null || true
    done
    wait "$2" 2>/dev/null || true
}
