#!/usr/bin/env bash
# Copies the database aside and keeps the last seven.
set -euo pipefail
. "$(dirname "$0")/common.sh"

KEEP=${KEEP:-7}
db=${1:?which database?}

old_copies() {
  ls -t "$db".*.bak 2>/dev/null | tail -n +$((KEEP + 1))
}

need sqlite3
[ -f "$db" ] || die "no database at $db"
sqlite3 "$db" ".backup '$db.$(date +%Y%m%d).bak'"
old_copies | xargs -r rm --
