# A private PostgreSQL on loopback. PostgreSQL refuses root, so root runs it as user postgres in a folder that user may enter.
as_postgres() {
  if is_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# Folder of a cluster, remembered from its first start.
cluster_folder() {
  local name=$1 mark=$RUN/$1/cluster
  mkdir -p "$RUN/$name"
  if [ -s "$mark" ] && as_postgres test -s "$(cat "$mark")/PG_VERSION"; then
    cat "$mark"
    return
  fi
  local folder=$RUN/$name/postgres
  if is_root; then
    mkdir -p "$folder" && chown postgres: "$folder"
    if ! as_postgres test -x "$folder" -a -w "$folder"; then
      rmdir "$folder"
      folder=/var/lib/hand-down/$(printf '%s' "$PWD/$name" | sha256sum | cut -c1-12)
      mkdir -p "$folder" && chown postgres: "$folder" && chmod 755 /var/lib/hand-down
    fi
  fi
  printf '%s' "$folder" >"$mark"
  cat "$mark"
}

start_database() {
  local name=$1 bin folder port secret
  bin=$(postgres_bin)
  folder=$(cluster_folder "$name")
  secret=$RUN/$name/password
  if ! as_postgres test -s "$folder/PG_VERSION"; then
    step "making a private PostgreSQL cluster"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$secret")
    local handed
    handed=$(mktemp) && cat "$secret" >"$handed" && { ! is_root || chown postgres: "$handed"; }
    as_postgres env -u LANG -u LC_ALL "$bin/initdb" -D "$folder" -U handdown --pwfile="$handed" -A scram-sha-256 \
      -E UTF8 --locale=C.UTF-8 >"$RUN/$name/initdb.log" 2>&1 || { rm -f "$handed"; fail "the cluster could not be made; see .run/$name/initdb.log"; }
    rm -f "$handed"
  fi
  if ! as_postgres "$bin/pg_ctl" -D "$folder" status >/dev/null 2>&1; then
    step "starting PostgreSQL"
    local started=
    for _ in 1 2 3 4 5; do
      port=$(free_port) || fail "no free port was found for PostgreSQL."
      if as_postgres "$bin/pg_ctl" -D "$folder" -w -s -t 40 -l "$folder/log" -o "-p $port -h 127.0.0.1 -k ''" start; then
        started=1
        break
      fi
    done
    [ -n "$started" ] || fail "PostgreSQL would not start: $(as_postgres tail -1 "$folder/log")"
  fi
  DB_PORT=$(as_postgres sed -n 4p "$folder/postmaster.pid" | tr -d ' ')
  DB_PASSWORD=$(cat "$secret")
  export PGPASSWORD=$DB_PASSWORD
  if [ -z "$("$bin/psql" -h 127.0.0.1 -p "$DB_PORT" -U handdown -d postgres -Atc "select 1 from pg_database where datname='handdown'")" ]; then
    "$bin/createdb" -h 127.0.0.1 -p "$DB_PORT" -U handdown handdown || fail "the database could not be made."
  fi
}

database_runs() {
  local mark=$RUN/$1/cluster
  [ -s "$mark" ] && as_postgres "$(postgres_bin)/pg_ctl" -D "$(cat "$mark")" status >/dev/null 2>&1
}

stop_database() {
  database_runs "$1" && as_postgres "$(postgres_bin)/pg_ctl" -D "$(cat "$RUN/$1/cluster")" -m fast -w -s stop
  return 0
}

# A path as the caller meant it, whatever folder this script works in.
meant() { case $1 in /*) printf '%s' "$1" ;; *) printf '%s/%s' "$FROM" "$1" ;; esac; }

backup_data() {
  [ $# -eq 1 ] || fail "name the file to write: ./hand-down backup FILE"
  set -- "$(meant "$1")"
  [ -d "$(dirname "$1")" ] || fail "there is no folder $(dirname "$1"); make it first."
  [ -s "$RUN/own/cluster" ] || fail "there is no data of your own yet; ./hand-down start makes some."
  local was_running=
  database_runs own && was_running=1
  start_database own
  "$(postgres_bin)/pg_dump" -h 127.0.0.1 -p "$DB_PORT" -U handdown -Fc handdown >"$1.part" && mv "$1.part" "$1" ||
    { rm -f "$1.part"; fail "nothing was saved; is there room for $1?"; }
  [ -n "$was_running" ] || stop_database own
  say "saved to $1"
}

restore_data() {
  [ $# -eq 1 ] && [ -f "$(meant "$1")" ] || fail "name a file that ./hand-down backup wrote."
  set -- "$(meant "$1")"
  need_packages server
  local bin
  bin=$(postgres_bin)
  "$bin/pg_restore" -l "$1" >/dev/null 2>&1 || fail "$1 is no backup of Hand Down; nothing was changed."
  stop_server own
  start_database own
  local before
  before=$RUN/before-restore-$(date +%Y%m%d-%H%M%S).backup
  "$bin/pg_dump" -h 127.0.0.1 -p "$DB_PORT" -U handdown -Fc handdown >"$before"
  "$bin/dropdb" -h 127.0.0.1 -p "$DB_PORT" -U handdown --force handdown && "$bin/createdb" -h 127.0.0.1 -p "$DB_PORT" -U handdown handdown &&
    "$bin/pg_restore" -h 127.0.0.1 -p "$DB_PORT" -U handdown -d handdown --no-owner --exit-on-error "$1" ||
    fail "the file could not be brought back whole; what was there before is in $before"
  stop_database own
  say "brought back $1; what was there before is in $before"
}
