# shellcheck shell=bash
# The server, the devices beside it, and the watch over both. Read by ./undro.

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }


# on this server "stderr" prints faults into the answer; they belong into the log
PHP_SERVER=(php -d opcache.enable_cli=1 -d opcache.validate_timestamps=0 -d expose_php=0 -d display_errors=0 -d log_errors=1 -d memory_limit=512M -d post_max_size=32M -d max_execution_time=120)
# a process of the server may hold so much, kB: a body too large for that ends this one process, which is replaced, never the machine
MOST_KB=1800000
# a server that has not answered after this has not started, s
FIRST_ANSWER_MOST=30
# a log that has grown beyond this is cut to its last part, bytes
LOG_MOST=5000000 LOG_KEPT=1000000
server_pids=()
serving=
launched=()

# serve PORT: start the server in a process group of its own and wait for its first answer
serve() {
    if (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; then
        die "port $1 is taken. Choose another:  ./undro start --port $(($1 + 1))"
    fi
    ends_whole
    local preload=(-d "opcache.preload=$UNDRO_DATA/storage/framework/preload.php")
    [ "$(id -u)" -ne 0 ] || preload+=(-d opcache.preload_user=root)
    [ -f "$UNDRO_DATA/storage/framework/preload.php" ] || preload=()
    # preloading only makes it faster: where it will not, it starts without
    launched=("$1" "${preload[@]}")
    launch "${launched[@]}" || { launched=("$1"); launch "$1"; } \
        || { tail -3 "$UNDRO_DATA/storage/logs/server.log" >&2; die "the server did not answer; $UNDRO_DATA/storage/logs has the details."; }
}

# ends_whole: whatever was started here ends with it
ends_whole() {
    trap stop EXIT
    # told twice, it still ends all of it
    trap 'trap "" INT TERM HUP; exit 130' INT
    trap 'trap "" INT TERM HUP; exit 143' TERM HUP
}

# only_one WHAT_ELSE: a folder is served by one at a time; what one that was killed has left running is ended
only_one() {
    local group process
    mkdir -p "$UNDRO_DATA/run"
    # the file stays open as long as this shell runs; what it starts closes it
    exec 8>"$UNDRO_DATA/run/lock"
    # what a killed one was waiting with has a second to go
    flock -w 3 8 || die "$1"
    while read -r group; do
        # numbers are given anew: it is one of this folder's where it has something of the folder open
        for process in $(pgrep -g "$group" 2>/dev/null); do
            [ -z "$(find "/proc/$process/fd" -lname "$UNDRO_DATA/*" 2>/dev/null)" ] || { kill -9 -- "-$group" 2>/dev/null || true; break; }
        done
    done < <(cat "$UNDRO_DATA/run/begun" 2>/dev/null)
    : >"$UNDRO_DATA/run/begun"
}

# begun PID: a process group that ends with the server
begun() {
    server_pids+=("$1")
    [ ! -d "$UNDRO_DATA/run" ] || echo "$1" >>"$UNDRO_DATA/run/begun"
}

# launch PORT [PHP OPTION...]: one try
launch() {
    local port=$1 pid
    shift
    set -m
    (ulimit -v "$MOST_KB"; PHP_CLI_SERVER_WORKERS=$UNDRO_WORKERS exec "${PHP_SERVER[@]}" "$@" -S "${UNDRO_LISTEN:-127.0.0.1}:$port" -t public public/router.php 8>&- >>"$UNDRO_DATA/storage/logs/server.log" 2>&1) &
    pid=$!
    set +m
    # the shell has nothing to say of its end: watch has
    disown "$pid"
    begun "$pid"
    serving=$pid
    local until=$((SECONDS + FIRST_ANSWER_MOST))
    while [ "$SECONDS" -lt "$until" ]; do
        ! up "$port" 2 || return 0
        kill -0 "$pid" 2>/dev/null || return 1
        sleep 0.05
    done
    return 1
}

# workers: how many processes of the server live; one that has ended and waits to be taken note of does not
workers() {
    local pid state living=0
    for pid in "$serving" $(cat "/proc/$serving/task/$serving/children" 2>/dev/null); do
        state=$(sed -E 's/^.*\) (.).*/\1/' "/proc/$pid/stat" 2>/dev/null) || continue
        [ "$state" = Z ] || [ -z "$state" ] || living=$((living + 1))
    done
    echo "$living"
}

# up PORT [SECONDS]: whether anybody answers within five seconds, or so many
up() {
    timeout "${2:-5}" bash -c 'exec 3<>"/dev/tcp/127.0.0.1/$0" && printf "GET /up HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n" >&3 && grep -q "^up" <&3' "$1" 2>/dev/null
}

# watch: PHP's own server does not replace a worker that has ended, and too many open connections end it for good. Where a worker is
# missing, or nobody answers three times in a row, all of it is started again.
watch() {
    local port=${launched[0]} whole missed=0 second=0 why
    whole=$(workers)
    while true; do
        sleep 1 &
        wait $! || true
        second=$((second + 1))
        why=
        [ "$(workers)" -ge "$whole" ] || why="a part of it had ended"
        if [ -z "$why" ] && [ $((second % 5)) -eq 0 ]; then
            if up "$port"; then missed=0; else missed=$((missed + 1)); fi
            [ "$missed" -lt 3 ] || why="it did not answer any more"
            bounded_logs
        fi
        [ -n "$why" ] || continue
        missed=0
        kill -9 -- "-$serving" 2>/dev/null || true
        while [ "$(workers)" -gt 0 ]; do sleep 0.05; done
        server_pids=("${server_pids[@]/$serving/}")
        if launch "${launched[@]}"; then
            say "undro: the server was started again: $why. Everything saved is there. Browsers send the rest again."
        else
            say "undro: the server did not restart. Undro tries again in five seconds."
            sleep 4 &
            wait $! || true
        fi
    done
}

# bounded_logs: the last part of a log that has grown large is kept; whoever writes to it goes on
bounded_logs() {
    local log size
    for log in "$UNDRO_DATA"/storage/logs/*.log; do
        size=$(stat -c %s "$log" 2>/dev/null) || continue
        [ "$size" -gt "$LOG_MOST" ] || continue
        tail -c "$LOG_KEPT" "$log" >"$log.cut" 2>/dev/null || : >"$log.cut"
        cat "$log.cut" >"$log" 2>/dev/null || : >"$log"
        rm -f "$log.cut"
    done
}

# beside COMMAND...: another process in a group of its own that ends with the server
beside() {
    set -m
    "$@" 8>&- >>"$UNDRO_DATA/storage/logs/devices.log" 2>&1 &
    begun "$!"
    set +m
    # the shell prints nothing when it ends
    disown "$!"
}

# stand_in NAME VARIABLE: a simulated device beside the server; its address goes into the variable
stand_in() {
    local port; port=$(free_port)
    beside php "simulators/$1.php" --port "$port"
    declare -gx "UNDRO_${1^^}_PID=${server_pids[-1]}"
    declare -g "$2=tcp://127.0.0.1:$port"
}

# devices COUNTER SCALE KITCHEN: the process that owns the sockets; "standin" starts the simulated one first
devices() {
    local options=() counter=$1 scale=$2 kitchen=${3:-}
    if [ "$counter" = standin ]; then stand_in counter counter_at; counter=$counter_at; fi
    if [ "$scale" = standin ]; then stand_in scale scale_at; scale=$scale_at; fi
    if [ "$kitchen" = standin ]; then stand_in kitchen kitchen_at; kitchen=$kitchen_at; fi
    [ -z "$counter" ] || options+=(--counter="$counter")
    [ -z "$kitchen" ] || options+=(--kitchen="$kitchen")
    [ -z "$scale" ] || options+=(--scale="$scale")
    beside php artisan undro:devices "${options[@]}"
}

# stop: all that was started here ends: told so first, and what has not ended after three seconds is ended
stop() {
    local pid left
    for pid in "${server_pids[@]}"; do [ -z "$pid" ] || kill -- "-$pid" 2>/dev/null || true; done
    for _ in $(seq 30); do
        left=
        for pid in "${server_pids[@]}"; do [ -z "$pid" ] || ! kill -0 -- "-$pid" 2>/dev/null || left=1; done
        [ -n "$left" ] || break
        sleep 0.1
    done
    for pid in "${server_pids[@]}"; do [ -z "$pid" ] || kill -9 -- "-$pid" 2>/dev/null || true; done
    server_pids=()
}

# on_the_network: what is served from here on listens for other devices too
on_the_network() {
    export UNDRO_LAN=1 UNDRO_LISTEN=0.0.0.0 UNDRO_ADDRESSES
    UNDRO_ADDRESSES=$(hostname -I 2>/dev/null || true)
}

start() {
    local port=8247 data=data demo=demo fresh= yes= counter= scale= kitchen=
    while [ $# -gt 0 ]; do
        case $1 in
            --port) port=${2:-}; shift ;;
            --data) data=${2:-}; shift ;;
            --empty) demo=empty ;;
            --fresh) fresh=1 ;;
            --yes) yes=1 ;;
            --lan) on_the_network ;;
            --devices) counter=standin scale=standin kitchen=standin ;;
            --counter) counter=${2:-}; [ -n "$counter" ] || die "--counter needs an address, such as tcp://127.0.0.1:8250."; shift ;;
            --scale) scale=${2:-}; [ -n "$scale" ] || die "--scale needs an address, such as tcp://127.0.0.1:8251."; shift ;;
            --kitchen) kitchen=${2:-}; [ -n "$kitchen" ] || die "--kitchen needs an address, such as tcp://127.0.0.1:8252."; shift ;;
            *) die "start does not know '$1'. See ./undro help" ;;
        esac
        shift
    done
    [[ $port =~ ^[0-9]{1,5}$ ]] && [ "$port" -ge 1 ] && [ "$port" -le 65535 ] || die "--port needs a number from 1 to 65535."
    [ -n "$data" ] || die "--data needs a folder."
    locked need_packages run
    use_data "$data"
    only_one "Undro runs on $UNDRO_DATA already. End that one first, or name another folder with --data."
    if [ -n "$fresh" ] && [ -f "$UNDRO_DATABASE" ]; then
        if [ -z "$yes" ]; then
            [ -t 0 ] || die "--fresh asks first, and there is nobody to ask. Add --yes."
            read -r -p "Start over? The present database is kept aside in $UNDRO_DATA. [y/N] " reply
            [[ $reply =~ ^[Yy] ]] || die "nothing was changed."
        fi
        local aside; aside="$UNDRO_DATA/undro-before-$(date +%Y%m%d-%H%M%S)"
        for part in "" -wal -shm; do [ ! -f "$UNDRO_DATABASE$part" ] || mv "$UNDRO_DATABASE$part" "$aside.sqlite$part"; done
        say "The old database is kept as $aside.sqlite"
    fi
    fresh_caches
    php artisan undro:prepare "$demo" || exit 1
    ends_whole
    # before the server: from its first answer on the database is held open
    beside php artisan undro:keep
    serve "$port"
    [ -z "$counter$scale$kitchen" ] || devices "$counter" "$scale" "$kitchen"
    [ "$counter" != standin ] || say "A simulated line counter, pull scale and kitchen scale are running. Use them in Wind, Drag and Rack."
    say "Undro is ready:  http://127.0.0.1:$port/   (Ctrl-C ends it)"
    watch
}
