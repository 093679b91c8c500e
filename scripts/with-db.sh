#!/usr/bin/env bash
# with-db.sh COMMAND…: runs a command with an empty, migrated database of its own and a fixed Tuesday.
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/.." && pwd)
cd "$ROOT"
. scripts/database.sh
mkdir -p .data
ensure_packages
db_start test fast
exec 6>"$DB_DIR/suite.lock"
flock -s 6
DB="jaleo_db_$$"
finish() {
  trap - EXIT INT TERM
  db_drop "$DB" || true
  db_release
}
trap finish EXIT
trap 'exit 130' INT
trap 'exit 143' TERM
db_use "$DB"
# a busy machine is no fault of the code
export JALEO_TODAY=2026-11-24 ORIGIN=http://localhost:3000 DATABASE_PATIENCE=10
npm run -s prepare:kit >/dev/null 2>&1
npm run -s db:migrate
"$@"
