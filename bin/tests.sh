# shellcheck shell=bash
# The tests, all or a part. Read by ./undro.

# part NAME: one part of the tests
part() {
    case $1 in
        core) vendor/bin/phpunit --testsuite core ;;
        feature) vendor/bin/paratest --testsuite feature --processes 3 ;;
        types) php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress && npx --no-install tsc --noEmit ;;
        lint) vendor/bin/php-cs-fixer check --diff --show-progress=none && npx --no-install biome check . ;;
        unit) npx --no-install vitest run ;;
        browser) browser ;;
        # one after the other: they measure
        hard) UNDRO_HARD=1 vendor/bin/phpunit --testsuite hard ;;
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

run_tests() {
    local parts=(lint unit types browser core feature) failed=() name begun took out types= types_out=
    if [ $# -gt 0 ]; then
        [[ " ${parts[*]} hard " == *" $1 "* ]] || die "there is no test part '$1'. There are: ${parts[*]}"
        parts=("$1")
    fi
    need_php; locked need_vendor
    case " ${parts[*]} " in *" types "* | *" lint "* | *" unit "* | *" browser "*) locked need_node; locked need_types ;; esac
    case " ${parts[*]} " in *" browser "* | *" feature "* | *" hard "*) locked need_build ;; esac
    case " ${parts[*]} " in *" browser "*) need_headless ;; esac
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
