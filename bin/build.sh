# Builds what is newer than the last build, and only that.
JAR=server/target/server-0.1.0-exec.jar
FIT_JAR=formats/target/formats-0.1.0.jar
FIT_ARCHIVE=$RUN/fit.jsa
APP=$RUN/app
# With more inlining the compiler spends half of the first twenty seconds of a search on a few long methods, and the short ones wait.
SEARCH_JAVA=(-XX:FreqInlineSize=80 -XX:InlineSmallCode=500)

sources_newer_than() {
  local mark=$1
  shift
  [ ! -f "$mark" ] || [ -n "$(find "$@" -path '*/node_modules' -prune -o -path '*/target' -prune -o -type f -newer "$mark" -print -quit)" ]
}

maven() {
  mkdir -p "$RUN"
  mvn "$@" >"$RUN/build.log" 2>&1 &
  tell_build $!
  wait $! || {
    grep -E '^\[ERROR\]' "$RUN/build.log" | head -12 >&2
    fail "the build failed; the whole story is in .run/build.log. If a build was broken off, remove the target folders and run again."
  }
}

# What a build is at: stage of how many, and the time gone; a line for each stage and for each half minute in one.
tell_build() {
  local pid=$1 stage last= told=0 began=$SECONDS now
  while kill -0 "$pid" 2>/dev/null; do
    stage=$(sed -nE 's/^\[INFO\] Building (.*[^ ]) +[^ ]+ +\[([0-9]+)\/([0-9]+)\]$/\2 of \3, \1/p' "$RUN/build.log" 2>/dev/null | tail -1)
    now=$((SECONDS - began))
    if [ -n "$stage" ] && { [ "$stage" != "$last" ] || [ $((now - told)) -ge 30 ]; }; then
      step "stage $stage; $now s"
      last=$stage
      told=$now
    fi
    sleep 0.5
  done
}

build_fit() {
  if sources_newer_than "$RUN/fit.built" pom.xml core formats || [ ! -f "$FIT_JAR" ] || [ ! -d formats/target/lib ]; then
    need_space
    step "building the fitter (the first time takes a few minutes)"
    maven -pl formats -am package -DskipTests -Dspotless.check.skip=true
    touch "$RUN/fit.built"
  fi
  if [ ! -f "$FIT_ARCHIVE" ] || [ -n "$(find "$FIT_JAR" formats/target/lib -newer "$FIT_ARCHIVE" -print -quit)" ]; then
    archive_fit
  fi
}

# Loads the fitter's classes once and for all by laying the demo's pieces: a first lay then comes in half the time.
archive_fit() {
  local made=$RUN/fit.jsa.$$
  # Without it everything works, only slower, so that an empty archive stands for one that could not be made.
  fit_java -XX:ArchiveClassesAtExit="$made"
  "${FIT[@]}" org.handdown.formats.project.Rehearsal demo/*.project.json >/dev/null 2>&1 || : >"$made"
  mv -f "$made" "$FIT_ARCHIVE"
}

# Puts the command into FIT, with one more option for java.
fit_java() {
  FIT=(java "$1" -Xshare:auto -Xlog:disable "${SEARCH_JAVA[@]}" -XX:+UseParallelGC -Xmx900m -cp "$PWD/$FIT_JAR:$PWD/formats/target/lib/*")
}

exec_fit() {
  fit_java -XX:SharedArchiveFile="$FIT_ARCHIVE"
  cd "$FROM" || exit 1
  exec "${FIT[@]}" org.handdown.formats.fit.FitCommand "$@"
}

build_bench() {
  if sources_newer_than "$RUN/bench.built" pom.xml core formats bench || [ ! -d bench/target/lib ]; then
    need_space
    step "building the benchmarks (the first time takes a few minutes)"
    maven -pl bench -am package -DskipTests -Dspotless.check.skip=true
    touch "$RUN/bench.built"
  fi
}

exec_bench() {
  local main
  case ${1:-} in
    panels) main=org.handdown.bench.PanelFigures ;;
    pieces) main=org.handdown.bench.PieceFigures ;;
    drafts) main=org.handdown.bench.DraftPictures ;;
    fit) main=org.handdown.bench.FitFigures ;;
    server) shift; bench_server "$@"; exit ;;
    *) fail "there is no benchmark “${1:-}”; there are: panels, pieces, drafts, fit, server." ;;
  esac
  shift
  exec java "${SEARCH_JAVA[@]}" -XX:+UseParallelGC -cp "bench/target/classes:bench/target/lib/*" "$main" "$@"
}

# The state that speed is measured against: the last one that worked everything out anew at each look.
BEFORE=06923d3

# Two builds side by side, each with its own folder, database and port; both are ended and their data thrown away.
bench_server() {
  local at=$RUN/bench-server side address=()
  git cat-file -e "${1:-$BEFORE}^{commit}" 2>/dev/null || fail "the state to measure against (${1:-$BEFORE}) is not in this copy; fetch the whole history first."
  mkdir -p "$at/before" "$at/now"
  git archive "${1:-$BEFORE}" | tar xf - -C "$at/before"
  git ls-files -z | tar cf - --null -T - | tar xf - -C "$at/now"
  for side in before now; do
    rm -rf "$at/$side/.run/own"
    (cd "$at/$side" && exec setsid ./hand-down start) >"$at/$side.log" 2>&1 &
    until grep -q 'is ready' "$at/$side.log"; do
      grep -q '^hand-down:' "$at/$side.log" && fail "the build “$side” did not start; see .run/bench-server/$side.log"
      sleep 1
    done
    address+=("$(cat "$at/$side/.run/own/address")")
  done
  java -cp "bench/target/classes:bench/target/lib/*" org.handdown.bench.ServerFigures "${address[@]}" "$(cat "$at/now/.run/own/pid")"
  local met=$?
  for side in before now; do (cd "$at/$side" && ./hand-down stop) >/dev/null; rm -rf "$at/$side/.run/own"; done
  return $met
}

build_app() {
  if sources_newer_than "$RUN/app.built" pom.xml core formats web server || [ ! -f "$JAR" ] || [ ! -f "$APP/server-0.1.0-exec.jar" ]; then
    need_space
    rm -f "$RUN/app.built"
    step "building (the first time takes several minutes)"
    maven -pl server -am package -DskipTests -Dspotless.check.skip=true
    unpack_app
    touch "$RUN/app.built"
  fi
}

# Unpacked, the application starts in a third of the time.
unpack_app() {
  rm -rf "$APP"
  java -Djarmode=tools -jar "$JAR" extract --destination "$APP" >/dev/null || fail "the application could not be unpacked to .run/app."
}

# Everything; or, with the word quick, what tells most in a few minutes: no journeys, a sample of the matrix of projects, nothing that is
# tagged as long.
run_tests() {
  need_space
  mkdir -p "$RUN"
  if [ "${1:-}" = quick ]; then
    shift
    step "building and testing what tells most"
    mvn -T 2 -pl server -am test -Dhanddown.quick=true -DexcludedGroups=long "$@"
    return
  fi
  step "building and testing everything"
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn verify "$@"
}
