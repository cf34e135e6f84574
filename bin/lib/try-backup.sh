# A part of bin/test: the demo written out while it is logged into, a file cut off, put back over a spoilt database, all of it the same.
backup() {
    start_database
    database -e "drop database if exists old_eddy_backup; create database old_eddy_backup character set utf8mb4"
    export BCRYPT_ROUNDS=4
    local kept="$DB_DATABASE" file="$HOUSE/backup.sql.gz" said
    rm -f "$file" "$file.cut"
    export DB_DATABASE=old_eddy_backup
    fill_house
    sums() { database -N -e "select table_name from information_schema.tables where table_schema = 'old_eddy_backup' order by 1" | while read -r t; do database -N -e "checksum table \`$t\`" old_eddy_backup; done; }
    local before after became=0
    before=$(sums)
    bin/backup "$file" || return 1
    bin/backup "$file" 2>/dev/null && { say "a file that is there was written over"; became=1; }
    head -c $(($(stat -c %s "$file") / 2)) "$file" >"$file.cut"
    database -e "delete from trips; update users set name = 'spoilt'; create table stray (id int)" old_eddy_backup
    said=$(bin/restore "$file.cut" --yes 2>&1) && { say "a file that was cut off was taken: $said"; became=1; }
    said=$(bin/restore "$file" 2>&1) && { say "restored without a yes: $said"; became=1; }
    [ "$(database -N -e 'select min(name) from users' old_eddy_backup)" = spoilt ] || { say "a refused file changed the database"; became=1; }
    # With its database stopped, as after bin/start --stop: the lines of the documentation, word for word.
    halt mariadbd
    export OLD_EDDY_HOUSE="$HOUSE"
    documented() { sed -n '/^## Backup/,/^## /s/^    \(bin\/.*\)/\1/p' docs/operating.md | grep -v '^bin/start$' | sed "s#/srv/eddy-of-today.sql.gz#$1#"; }
    documented "$file" | grep '^bin/restore' | bash >/dev/null || { say "what the documentation says about restoring does not work"; became=1; }
    rm -f "$file.again"
    documented "$file.again" | grep '^bin/backup' | bash >/dev/null || { say "what the documentation says about backups does not work"; became=1; }
    [ "$(documented x | wc -l)" = 2 ] && [ -s "$file.again" ] || { say "the documentation names other commands than those that were tried"; became=1; }
    unset OLD_EDDY_HOUSE
    after=$(sums)
    [ -n "$before" ] && [ "$before" = "$after" ] || { say "what was put back differs:"; diff <(printf '%s' "$before") <(printf '%s' "$after") | head -5; became=1; }
    [ "$became" = 0 ] && say "$(printf '%s\n' "$before" | wc -l) tables written out and put back, each the same by its checksum."
    export DB_DATABASE="$kept"
    rm -f "$file" "$file.cut" "$file.again"
    database -e "drop database old_eddy_backup"
    return "$became"
}
