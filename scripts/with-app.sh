#!/usr/bin/env bash
# with-app.sh COMMAND…: runs a command against the built application with the demo club, a database of its own and a
# fixed Tuesday, on free ports; takes everything down afterwards. JALEO_TODAY is a file the command may rewrite.
# JALEO_DEMO_DUMP names a file the loaded demo is kept in for the next command that asks for it.
# JALEO_CLUSTER names the cluster, for a command that must not feel another one's restarts of the database.
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/.." && pwd)
cd "$ROOT"
. scripts/database.sh
mkdir -p .data
ensure_packages
db_start "${JALEO_CLUSTER:-test}" fast
DB="jaleo_app_$$"
APP=''
finish() {
  trap - EXIT INT TERM
  [ -z "$APP" ] || { kill -TERM "$APP" 2>/dev/null || true; wait "$APP" 2>/dev/null || true; }
  db_drop "$DB" || true
  rm -f ".data/today-$$"
  db_release
}
trap finish EXIT
trap 'exit 130' INT
trap 'exit 143' TERM
db_use "$DB"
npm run -s prepare:kit >/dev/null 2>&1
DUMP=${JALEO_DEMO_DUMP:-}
# the demo of a run before, where there is one: loading it anew takes a minute
if [ -n "$DUMP" ] && [ -s "$DUMP" ]; then
  db_restore "$DB" "$DUMP"
else
  npm run -s db:migrate
fi
PORT=$(free_port)
echo '2026-11-24' >".data/today-$$"
export JALEO_MAT="127.0.0.1:$(free_port)"
export PORT HOST=127.0.0.1 ORIGIN="http://localhost:$PORT" BODY_SIZE_LIMIT=6M NODE_ENV=production JALEO_TODAY="$ROOT/.data/today-$$"
# a busy machine is no fault of the code
export DATABASE_PATIENCE=${DATABASE_PATIENCE:-5}
# the demo needs no build; with a restored one there is nothing to load
npm run -s db:demo &
DEMO=$!
ensure_build
wait "$DEMO"
[ -z "$DUMP" ] || [ -s "$DUMP" ] || db_dump "$DB" "$DUMP"
node build >".data/app-${JALEO_CLUSTER:-test}.log" 2>&1 8>&- &
APP=$!
export APP_PID=$APP BASE_URL="$ORIGIN"
# a test may pull the database from under the application
export JALEO_RESTART_DATABASE="cd '$ROOT' && . scripts/database.sh && DB_DIR='$DB_DIR' db_restart"
for _ in $(seq 100); do
  node -e "fetch('http://127.0.0.1:$PORT/healthz').then((r)=>process.exit(r.ok?0:1),()=>process.exit(1))" && break
  kill -0 "$APP" 2>/dev/null || { cat ".data/app-${JALEO_CLUSTER:-test}.log" >&2; exit 1; }
  sleep 0.2
done
"$@"
