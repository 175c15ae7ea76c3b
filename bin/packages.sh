# Installs Debian packages that are missing; says which.
java_works() { command -v javac >/dev/null && java -version 2>&1 | grep -qE 'version "(1[7-9]|2[0-9])'; }
node_works() { command -v npm >/dev/null && [ "$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)" -ge 20 ]; }
postgres_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1; }

need_packages() {
  local want=()
  java_works || want+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || want+=(maven)
  for what in "$@"; do
    case $what in
      server)
        [ -n "$(postgres_bin)" ] && [ -x "$(postgres_bin)/initdb" ] || want+=(postgresql)
        node_works || want+=(nodejs npm)
        ;;
      browser) command -v chromium >/dev/null || want+=(chromium) ;;
    esac
  done
  [ ${#want[@]} -eq 0 ] || install_packages "${want[@]}"
  # Debian 12's own Node is 18; the page's build wants 20.
  case " $* " in *" server "*) node_works || newer_node ;; esac
  return 0
}

as_admin() {
  if is_root; then "$@"; else sudo -n "$@"; fi
}

install_packages() {
  step "installing from Debian: $*"
  if ! is_root && ! sudo -n true 2>/dev/null; then
    fail "these Debian packages are missing and only root may install them: apt-get install $*"
  fi
  mkdir -p "$RUN"
  { as_admin apt-get update -q && as_admin env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "$@"; } \
    >"$RUN/apt.log" 2>&1 || fail "Debian packages could not be installed; the last lines of .run/apt.log: $(tail -2 "$RUN/apt.log" | tr '\n' ' ')"
}

# The npm registry carries Node itself as a package.
newer_node() {
  local home=$RUN/node
  if [ ! -x "$home/node_modules/node/bin/node" ]; then
    step "fetching Node 20 from the npm registry (Debian's is older)"
    mkdir -p "$home"
    (cd "$home" && npm init -y >/dev/null 2>&1 && npm install --no-audit --no-fund --loglevel=error node@20 npm@10 >"$RUN/node.log" 2>&1) ||
      fail "Node 20 could not be fetched; see .run/node.log"
  fi
  export PATH="$home/node_modules/node/bin:$home/node_modules/.bin:$PATH"
}
