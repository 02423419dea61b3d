# shellcheck shell=bash
# Speed, measured and printed. Read by ./undro.

bench() {
    locked need_packages all; need_headless
    local port
    port=$(free_port)
    tmp=$(mktemp -d)
    use_data "$tmp"
    export UNDRO_FLOOR=1
    fresh_caches
    php artisan undro:prepare demo
    printf 'machine: %s, %s cores, PHP %s, Node %s\n' "$(awk -F': ' '/model name/ { print $2; exit }' /proc/cpuinfo)" "$(nproc)" "$(php -r 'echo PHP_VERSION;')" "$(node -v)"
    node bench/calibration.mjs
    php bench/core.php
    php bench/drag.php
    php bench/learn.php
    command -v glpsol >/dev/null || debian glpk-utils
    php bench/allocate.php
    serve "$port"
    trap 'stop; rm -rf "$tmp"' EXIT
    UNDRO_URL="http://127.0.0.1:$port" node bench/http.mjs
    UNDRO_URL="http://127.0.0.1:$port" node bench/run.mjs
    UNDRO_URL="http://127.0.0.1:$port" node bench/browser.mjs
    stop
    use_data "$tmp/years"
    fresh_caches
    port=$(free_port)
    php artisan undro:prepare demo
    php bench/years.php
    serve "$port"
    UNDRO_URL="http://127.0.0.1:$port" node bench/lists.mjs 4 /api/log '/api/log?q=week+wound' /api/spools/1/history /api/upkeep /api/learnt /api/stock
    stop
    use_data "$tmp/large"
    fresh_caches
    port=$(free_port)
    php artisan undro:prepare large
    serve "$port"
    echo "with 300 reels, 500 fillers and 5,000 fills:"
    UNDRO_URL="http://127.0.0.1:$port" node bench/lists.mjs 4 /api/{reels,fillers,lines,plans,events,log,stock,learnt} '/api/log?q=shelf+004+wound' /api/spools/7/history
    UNDRO_URL="http://127.0.0.1:$port" node bench/http.mjs
    UNDRO_URL="http://127.0.0.1:$port" node bench/browser.mjs
    stop
    unset UNDRO_FLOOR
    if (need_engine) >/dev/null 2>&1; then
        begin_served
        trap 'stop; end_served; rm -rf "$tmp"' EXIT
        node bench/served.mjs
    else
        echo "served: caddy and php8.2-fpm cannot be had here"
    fi
}
