# Shared by bin/backup and bin/restore: the database that they speak to, and the photographs beside it.
# shellcheck shell=bash
PGBIN=/usr/lib/postgresql/15/bin
DATABASE="${DB_DATABASE:-app}"
PHOTOGRAPHS="${PHOTOGRAPHS:-$ROOT/storage/app/photographs}"
export PGPASSWORD; PGPASSWORD="$("$ROOT/bin/pg" password owner)"
CONNECT=(-h 127.0.0.1 -p "$("$ROOT/bin/pg" port)" -U owner)

ask() { "$PGBIN/psql" "${CONNECT[@]}" -d "$DATABASE" -qtAX -v ON_ERROR_STOP=1 -c "$1"; }

# Names of the photographs that a dump speaks of.
photographs_in() { "$PGBIN/pg_restore" -a -t photographs -f - "$1" | grep -oE '[0-9a-f]{32}\.jpg' | sort -u || true; }
