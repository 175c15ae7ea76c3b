# Words and small tools that all parts share.
RUN=$PWD/.run

say() { printf '%s\n' "$*"; }
step() { printf '· %s\n' "$*"; }
fail() {
  printf 'hand-down: %s\n' "$*" >&2
  exit 1
}

is_root() { [ "$(id -u)" = 0 ]; }

# True when a TCP port of this machine is taken.
port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port
  for _ in $(seq 40); do
    port=$((20000 + RANDOM % 12000))
    port_taken "$port" || { printf '%s' "$port"; return 0; }
  done
  return 1
}

# A whole process id whose command line holds a word: never signal a stranger that got a recycled number.
is_ours() {
  local pid=$1 word=$2
  [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] && { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -qF -- "$word"
}

need_space() {
  local free
  free=$(df -Pk . | awk 'NR==2 {print $4}')
  [ "$free" -gt 1500000 ] || fail "the disk is nearly full: $((free / 1024)) MB free, 1500 MB are wanted. Make room and run again."
}
