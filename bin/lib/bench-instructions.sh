# What a page costs in instructions, counted: the same in every run, whatever the machine does beside it. Without the compiler of hot code, and
# without what the system does for it. Named by bin/bench, with its pages, cookies and functions. A worker ends after so many requests and then tells.
COUNTED=4
count_pages() {
    local counts="$HOUSE/counts" name path
    rm -rf "$counts"
    as_service mkdir -p "$counts"
    halt php-fpm8.2
    sed "s/^pm.max_requests = .*/pm.max_requests = $COUNTED/; s/^pm.max_children = .*/pm.max_children = 1/" "$HOUSE/php-fpm.conf" >"$HOUSE/php-fpm-counted.conf"
    launch counted valgrind --tool=callgrind --collect-atstart=no --toggle-collect=php_execute_script --callgrind-out-file="$counts/%p" \
        php-fpm8.2 -F -y "$HOUSE/php-fpm-counted.conf" "${SERVES[@]}" -d opcache.jit=disable
    for _ in $(seq 200); do
        [ -S "$SOCKETS/php.sock" ] && curl -fs -m 60 -o /dev/null "$BASE/up" && break
        sleep 0.3
    done
    # The worker that answered is brought to its end; what was compiled is ready for the next ones.
    for _ in $(seq 2 "$COUNTED"); do curl -s -m 60 -o /dev/null "$BASE/up"; done
    sleep 1
    while read -r name path; do
        sent "$path" && sent "$path" && awk -v n="$name" -v k="$COUNTED" '/^totals:/ { printf "  %-10s %6.1f million\n", n, $2 / k / 1e6 }' "$counts"/*
    done <<PAGES
bare /bare
days /days
read $DAY/read
choose $DAY/choose
where $DAY/where
fish $DAY/fish
confirm $DAY/confirm
PAGES
    pkill -KILL -s "$(cat "$HOUSE/counted.session")" 2>/dev/null
    rm -f "$HOUSE/counted.session"
}
# sent PATH: a worker's life of it; its count is there when it has ended
sent() {
    rm -f "$HOUSE/counts"/*
    for _ in $(seq "$COUNTED"); do
        curl -s -m 120 -o /dev/null -H "Cookie: $(cookie_of "$1")" "$BASE$1"
    done
    for _ in $(seq 100); do
        [ -s "$(ls "$HOUSE/counts"/* 2>/dev/null | head -1)" ] && sleep 0.5 && return 0
        sleep 0.1
    done
}
if command -v valgrind >/dev/null; then
    say "  instructions of a page, without JIT and without what the system does for it:"
    count_pages
fi
say ""
