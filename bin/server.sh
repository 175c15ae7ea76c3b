# Starts and stops the application. Two kinds of data, kept apart: demo and own.
run_server() {
  local kind=$1
  mkdir -p "$RUN/$kind"
  local pid
  pid=$(cat "$RUN/$kind/pid" 2>/dev/null)
  if is_ours "$pid" "$RUN/$kind/port"; then
    say "Hand Down runs already: $(cat "$RUN/$kind/address")"
    say "./hand-down stop ends it."
    return 0
  fi
  trap 'stop_server "$kind"; stop_database "$kind"; exit 130' INT TERM HUP
  start_database "$kind"
  local port
  port=$(choose_port) || { stop_database "$kind"; exit 1; }
  start_application "$kind" "$port"
  wait_for_application "$kind" "$port"
  say ""
  say "  Hand Down is ready:  $(cat "$RUN/$kind/address")"
  say ""
  say "  Ctrl-C stops it and leaves nothing running; the data stays in .run/$kind."
  wait "$(cat "$RUN/$kind/pid")"
  # Without the pid file another command stopped the application, and looks after the database itself.
  if [ -f "$RUN/$kind/pid" ]; then
    stop_database "$kind"
    rm -f "$RUN/$kind/pid" "$RUN/$kind/address"
  fi
}

choose_port() {
  local port
  if [ -n "${HANDDOWN_PORT:-}" ]; then
    [[ $HANDDOWN_PORT =~ ^[0-9]+$ ]] && [ "$HANDDOWN_PORT" -ge 1024 ] && [ "$HANDDOWN_PORT" -le 65535 ] ||
      fail "HANDDOWN_PORT is “$HANDDOWN_PORT”; it must be a number from 1024 to 65535."
    port_taken "$HANDDOWN_PORT" && fail "port $HANDDOWN_PORT is taken by another program; set HANDDOWN_PORT to a free one."
    printf '%s' "$HANDDOWN_PORT"
    return
  fi
  for port in $(seq 8420 8460); do
    port_taken "$port" || { printf '%s' "$port"; return; }
  done
  fail "the ports 8420 to 8460 are all taken; set HANDDOWN_PORT to a free one."
}

start_application() {
  local kind=$1 port=$2 demo=false archive=$APP/app.jsa
  [ "$kind" = demo ] && demo=true
  step "starting the application"
  local share=(-Xshare:auto -Xlog:disable)
  # The class archive is made on the first clean exit and read from then on; it halves the start.
  if [ -f "$archive" ]; then share+=(-XX:SharedArchiveFile="$archive"); else share+=(-XX:ArchiveClassesAtExit="$archive"); fi
  HANDDOWN_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/handdown?connectTimeout=4&socketTimeout=40&tcpKeepAlive=true" HANDDOWN_DB_USER=handdown HANDDOWN_DB_PASSWORD=$DB_PASSWORD \
    setsid java "${share[@]}" "${SEARCH_JAVA[@]}" -XX:+UseSerialGC -Xmx1g -Dhanddown.kind="$kind" -Dportfile="$RUN/$kind/port" -jar "$APP/server-0.1.0-exec.jar" \
    --server.port="$port" --handdown.demo="$demo" --handdown.demo-folder="$PWD/demo" --logging.file.name="$RUN/$kind/server.log" \
    >"$RUN/$kind/console.log" 2>&1 &
  echo $! >"$RUN/$kind/pid"
  echo "http://127.0.0.1:$port" >"$RUN/$kind/address"
}

wait_for_application() {
  local kind=$1 port=$2
  local tick
  for tick in $(seq 240); do
    if ! kill -0 "$(cat "$RUN/$kind/pid")" 2>/dev/null; then
      grep -hE 'Description|APPLICATION FAILED|Caused by|ERROR' "$RUN/$kind/console.log" | head -4 >&2
      stop_database "$kind"
      fail "the application did not start; see .run/$kind/server.log"
    fi
    if (exec 3<>"/dev/tcp/127.0.0.1/$port" && printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 && grep -q '"UP"' <&3) 2>/dev/null; then
      return 0
    fi
    [ $((tick % 20)) -ne 0 ] || step "still starting, $((tick / 2)) s; the first time takes longest"
    sleep 0.5
  done
  stop_server "$kind"
  stop_database "$kind"
  fail "the application did not answer within two minutes; see .run/$kind/server.log"
}

stop_server() {
  local kind=$1 pid
  pid=$(cat "$RUN/$kind/pid" 2>/dev/null)
  # Gone before the process is: whoever waits for that one sees that somebody else looks after the database now.
  rm -f "$RUN/$kind/pid"
  if is_ours "$pid" "$RUN/$kind/port"; then
    kill "$pid" 2>/dev/null
    for _ in $(seq 60); do
      is_ours "$pid" "$RUN/$kind/port" || break
      sleep 0.25
    done
    is_ours "$pid" "$RUN/$kind/port" && kill -9 "$pid"
  fi
  rm -f "$RUN/$kind/address"
}

stop_all() {
  local any= kind pid
  for kind in demo own; do
    pid=$(cat "$RUN/$kind/pid" 2>/dev/null)
    if is_ours "$pid" "$RUN/$kind/port" || database_runs "$kind"; then
      step "stopping $kind"
      stop_server "$kind"
      stop_database "$kind"
      any=1
    fi
  done
  [ -n "$any" ] && say "stopped" || say "nothing was running"
}

show_status() {
  local kind pid
  for kind in demo own; do
    pid=$(cat "$RUN/$kind/pid" 2>/dev/null)
    if is_ours "$pid" "$RUN/$kind/port"; then
      say "$kind: running at $(cat "$RUN/$kind/address")"
    elif database_runs "$kind"; then
      say "$kind: only its database runs; ./hand-down stop ends it"
    else
      say "$kind: not running"
    fi
  done
}
