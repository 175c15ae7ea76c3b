#!/usr/bin/env bash
# A throw-away PostgreSQL for tests: fresh each time, fast and careless about power cuts, which no person's data may be.
#   test-database.sh start   prints the port;   test-database.sh stop FOLDER
set -euo pipefail
bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)
[ -n "$bin" ] || { echo 'no PostgreSQL server: ./hand-down test installs it' >&2; exit 1; }
as_postgres() { if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

case ${1:-} in
start)
  folder=$(mktemp -d "${TMPDIR:-/tmp}/hand-down-test-XXXXXX")
  [ "$(id -u)" != 0 ] || chown postgres: "$folder"
  as_postgres env -u LANG -u LC_ALL "$bin/initdb" -D "$folder/data" -U handdown -A trust -E UTF8 --locale=C.UTF-8 --no-sync >/dev/null
  for _ in 1 2 3 4 5 6; do
    port=$((20000 + RANDOM % 12000))
    if as_postgres "$bin/pg_ctl" -D "$folder/data" -w -s -t 40 -l "$folder/log" \
      -o "-p $port -h 127.0.0.1 -k '' -c fsync=off -c synchronous_commit=off -c full_page_writes=off" start >/dev/null 2>&1; then
      echo "$folder $port"
      exit 0
    fi
  done
  echo 'the test database would not start' >&2
  exit 1
  ;;
stop)
  as_postgres "$bin/pg_ctl" -D "$2/data" -m immediate -w -s stop || true
  rm -rf "$2"
  ;;
*) echo 'start or stop' >&2; exit 1 ;;
esac
