# A private PostgreSQL on loopback. PostgreSQL refuses root, so root runs it as user postgres in a folder that user may enter.
as_postgres() {
  if is_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# Where root keeps the cluster of a folder of the program: where user postgres may go.
rooted_cluster() { printf '/var/lib/hand-down/%s' "$(printf '%s' "$1" | sha256sum | cut -c1-12)"; }

# Folder of a cluster, remembered from its first start. A copied folder of the program remembers the original's: that one is left alone.
cluster_folder() {
  local name=$1 mark=$RUN/$1/cluster folder=$RUN/$1/postgres known
  mkdir -p "$RUN/$name"
  known=$(cat "$mark" 2>/dev/null)
  if [ -n "$known" ] && as_postgres test -s "$known/PG_VERSION" && cluster_is_ours "$known" "$name"; then
    printf '%s' "$known"
    return
  fi
  if is_root; then
    mkdir -p "$folder" && chown postgres: "$folder"
    if ! as_postgres test -x "$folder" -a -w "$folder"; then
      rmdir "$folder"
      folder=$(rooted_cluster "$PWD/$name")
      mkdir -p "$folder" && chown postgres: "$folder" && chmod 755 /var/lib/hand-down
    fi
  fi
  # In a copy the file of the process names the original's: it means nothing here.
  if [ "$known" != "$folder" ] && as_postgres test -f "$folder/postmaster.pid"; then
    [ "$(as_postgres sed -n 2p "$folder/postmaster.pid")" = "$folder" ] || as_postgres rm -f "$folder/postmaster.pid"
  fi
  printf '%s' "$folder" >"$mark"
  printf '%s' "$PWD" >"$RUN/$name/home"
  printf '%s' "$folder"
}

# Ours is what lies in this folder, or was made for it; also what was made for a folder that was moved here and is gone where it was.
cluster_is_ours() {
  local folder=$1 name=$2 home
  home=$(cat "$RUN/$name/home" 2>/dev/null)
  case $folder in
    "$RUN/$name/postgres") return 0 ;;
    "$(rooted_cluster "$PWD/$name")") return 0 ;;
  esac
  [ -n "$home" ] && [ "$home" != "$PWD" ] && [ ! -e "$home/hand-down" ] && printf '%s' "$PWD" >"$RUN/$name/home"
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
  if ! works_in "$folder"; then
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

# A server at work in a folder: its own file must name that folder, or it is a copy's.
works_in() {
  [ "$(as_postgres sed -n 2p "$1/postmaster.pid" 2>/dev/null)" = "$1" ] && as_postgres "$(postgres_bin)/pg_ctl" -D "$1" status >/dev/null 2>&1
}

database_runs() {
  local known
  known=$(cat "$RUN/$1/cluster" 2>/dev/null)
  [ -n "$known" ] && cluster_is_ours "$known" "$1" && works_in "$known"
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
  # It holds a household's measures and how its people sign in: nobody else may read it.
  (umask 077 && "$(postgres_bin)/pg_dump" -h 127.0.0.1 -p "$DB_PORT" -U handdown -Fc handdown >"$1.part") && mv "$1.part" "$1" ||
    { rm -f "$1.part"; fail "nothing was saved; is there room for $1?"; }
  [ -n "$was_running" ] || stop_database own
  say "saved to $1"
}

# Beside the live database, checked, and only then in its place: a damaged file costs nothing.
restore_data() {
  [ $# -eq 1 ] && [ -f "$(meant "$1")" ] || fail "name a file that ./hand-down backup wrote."
  set -- "$(meant "$1")"
  need_packages server
  local bin
  bin=$(postgres_bin)
  "$bin/pg_restore" -l "$1" >/dev/null 2>&1 || fail "$1 is no backup of Hand Down; nothing was changed."
  local was_running=
  database_runs own && was_running=1
  start_database own
  local at=(-h 127.0.0.1 -p "$DB_PORT" -U handdown)
  export PGOPTIONS="-c client_min_messages=warning"
  step "bringing it back beside what is there now"
  "$bin/dropdb" "${at[@]}" --force --if-exists handdown_new
  if ! "$bin/createdb" "${at[@]}" handdown_new ||
    ! "$bin/pg_restore" "${at[@]}" -d handdown_new --no-owner --exit-on-error "$1" >"$RUN/own/restore.log" 2>&1 ||
    ! is_whole handdown_new; then
    "$bin/dropdb" "${at[@]}" --force --if-exists handdown_new
    [ -n "$was_running" ] || stop_database own
    fail "$1 is damaged or not a backup of Hand Down; nothing was changed."
  fi
  local before
  before=$RUN/before-restore-$(date +%Y%m%d-%H%M%S).backup
  if is_ours "$(cat "$RUN/own/pid" 2>/dev/null)" "$RUN/own/port"; then
    step "stopping the application; start it again with ./hand-down start"
    stop_server own
  fi
  (umask 077 && "$bin/pg_dump" "${at[@]}" -Fc handdown >"$before") || { rm -f "$before"; fail "what is there now could not be saved; nothing was changed. Is there room on the disk?"; }
  "$bin/dropdb" "${at[@]}" --force --if-exists handdown_old
  "$bin/psql" "${at[@]}" -d postgres -qv ON_ERROR_STOP=1 >/dev/null <<'SQL' || fail "the databases could not be exchanged; nothing was lost: what there was is in handdown or in handdown_old, and in $before"
select pg_terminate_backend(pid) from pg_stat_activity where datname in ('handdown', 'handdown_new') and pid != pg_backend_pid();
alter database handdown rename to handdown_old;
alter database handdown_new rename to handdown;
SQL
  # Whoever was signed in when the backup was made is not signed in by it.
  "$bin/psql" "${at[@]}" -d handdown -qc 'delete from spring_session' >/dev/null 2>&1
  "$bin/dropdb" "${at[@]}" --force --if-exists handdown_old
  stop_database own
  say "brought back $1; what was there before is in $before"
}

# Has a database all that a household cannot do without, and can it be read to its end?
is_whole() {
  local bin count
  bin=$(postgres_bin)
  count=$("$bin/psql" -h 127.0.0.1 -p "$DB_PORT" -U handdown -d "$1" -Atc \
    "select count(*) from flyway_schema_history h where exists (select 1 from household) and (select count(length(document::text)) from project_state) >= (select count(*) from project where deleted_at is null)" 2>/dev/null)
  [ "${count:-0}" -gt 0 ]
}
