# shellcheck shell=bash
# The data folder, its copies, and what is worked out anew for a server that starts. Read by ./undro.

# use_data DIR: where the database, the key and the logs live. All of it is for its owner only.
use_data() {
    mkdir -p "$1" 2>/dev/null || die "the data folder $1 cannot be made. Choose another with --data."
    [ -w "$1" ] || die "the data folder $1 cannot be written to. Choose another with --data."
    local dir; dir=$(cd "$1" && pwd)
    mkdir -p "$dir"/storage/framework/{views,sessions,cache,places} "$dir"/storage/logs 2>/dev/null || die "the disk is full or read-only: nothing could be written to $dir."
    if [ ! -s "$dir/app.key" ]; then
        (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$dir/app.key") && [ -s "$dir/app.key" ] || die "the disk is full: nothing could be written to $dir."
    fi
    chmod -R go-rwx "$dir" 2>/dev/null || true
    export UNDRO_DATA="$dir" UNDRO_DATABASE="$dir/undro.sqlite" APP_KEY UNDRO_WORKERS; APP_KEY=$(cat "$dir/app.key")
    UNDRO_WORKERS=${UNDRO_WORKERS:-$(($(nproc) + 1))}
}

# use_caches: where the server of this data folder has what it worked out when it started
use_caches() {
    local dir=$UNDRO_DATA
    export APP_CONFIG_CACHE="$dir/storage/framework/config.php" APP_ROUTES_CACHE="$dir/storage/framework/routes.php" APP_EVENTS_CACHE="$dir/storage/framework/events.php"
}

# fresh_caches: what a server that is about to start works out anew; a running one keeps its own
fresh_caches() {
    use_caches
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
}

# copy_or_restore COMMAND [FILE] [--data DIR]
copy_or_restore() {
    local command=$1 data=data file=
    shift
    while [ $# -gt 0 ]; do
        case $1 in
            --data) data=${2:-}; shift ;;
            -*) die "$command does not know '$1'. See ./undro help" ;;
            *) file=$1 ;;
        esac
        shift
    done
    need_php; locked need_vendor run
    [ -f "$data/undro.sqlite" ] || [ "$command" = restore ] || die "there is no database in $data."
    [ -z "$file" ] || file=$(realpath -m "$file")
    use_data "$data"
    php artisan "undro:$command" ${file:+"$file"}
}
