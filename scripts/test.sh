# The tests. Every part does its own set-up, so that one alone runs on a fresh machine too.

JAVA_SOURCES="pom.xml core/pom.xml core/src server/pom.xml server/src browser-tests/pom.xml browser-tests/src performance/pom.xml performance/src"
WEB_SOURCES="web/src web/checks web/package.json web/package-lock.json web/eslint.config.js web/tsconfig.json web/*.config.ts web/.prettierrc web/.prettierignore docs/openapi.json"

test_format() {
  need_build_tools
  web_install
  say "checking formatting"
  # shellcheck disable=SC2086
  once format "$(sum_of $JAVA_SOURCES $WEB_SOURCES)" formatted || fail "not formatted; see above"
}

formatted() {
  local web
  (cd web && npm run -s format:check) &
  web=$!
  $MVN -q spotless:check checkstyle:check || fail "Java sources are not formatted (mvn spotless:apply mends that), or a method is too long; see above"
  $MVN -q -pl core,performance compile || fail "the benchmarks do not build"
  wait "$web" || fail "web sources are not formatted: cd web && npm run format"
}

test_web() {
  need_build_tools
  web_install
  say "web: types and lint"
  # shellcheck disable=SC2086
  once lint "$(sum_of $WEB_SOURCES)" linted || fail "the web's types or lint; see above"
  say "web: unit tests"
  (cd web && npm run -s test -- $COVERED_WEB)
}

linted() { (cd web && npm run -s types && npm run -s lint); }

# Which lines the tests reach takes a fifth of their time to count: TOROID_COVERAGE=1 asks for it.
COVERED="-Djacoco.skip=true" COVERED_WEB=""
[ -z "${TOROID_COVERAGE:-}" ] || COVERED="-Djacoco.skip=false" COVERED_WEB="--coverage --coverage.reporter=text-summary"

# How many of a module's lines its tests reached, as its last run counted them.
coverage() {
  [ -n "${TOROID_COVERAGE:-}" ] || return 0
  awk -F, -v module="$1" 'NR > 1 { missed += $8; covered += $9 }
    END { if (covered > 0) printf "toroid: %s: %.1f %% of %d lines covered\n", module, 100 * covered / (missed + covered), missed + covered }' \
    "$1/target/site/jacoco/jacoco.csv"
}

test_core() {
  need_build_tools
  command -v units >/dev/null || install_packages units
  say "core: unit, property and outside checks"
  $MVN $COVERED -pl core test && coverage core
}

test_server() {
  need_build_tools
  command -v units >/dev/null || install_packages units
  cluster_start test-pg relaxed
  trap stop_test_servers EXIT
  cluster_database toroid_test_1 anew
  cluster_database toroid_test_2 anew
  use_database toroid_test
  say "server: on a real PostgreSQL"
  $MVN $COVERED -pl core,server -DskipCoreTests test && coverage server
}

# Servers of our own for the browsers: for each that runs at once one with the demo workshop and one with an empty one, and one as a
# tablet at the bench comes to it, by a host's name over plain HTTP and with a password.
test_browser() {
  browser_run 1
}

# The browsers leave a quarter of the machine idle: the web's own tests run there, and the commands, which mostly wait. They are told after,
# and the browsers' last line once more.
test_web_and_browser() {
  local part web hands failed="" seen="$VAR/test-browser.log" result=0
  web_install
  build_all
  (renice -n 15 "$BASHPID" >/dev/null && test_web) >"$VAR/test-web.log" 2>&1 &
  web=$!
  (renice -n 15 "$BASHPID" >/dev/null && test_hands) >"$VAR/test-hands.log" 2>&1 &
  hands=$!
  (test_browser) 2>&1 | tee "$seen" || result=$?
  # both are waited for: neither is left running
  wait "$web" || failed=" web"
  wait "$hands" || failed="$failed hands"
  for part in web hands; do cat "$VAR/test-$part.log"; done
  [ -z "$failed" ] || fail "failed:$failed; see above"
  grep 'Tests run:' "$seen" | tail -1
  return "$result"
}

# The commands as hands use them, on a workshop of their own.
test_hands() {
  . scripts/hands.sh
  try_hands
}

# The README's pictures, taken anew.
take_screenshots() {
  browser_run 1 -Dtest=Screenshots -Dtoroid.screenshots="$ROOT/docs/screenshots"
}

# test_workshop NAME DEMO: a server with a new workshop begins; its address is left in WORKSHOP.
test_workshop() {
  local port
  port=$(free_port "$NEXT_PORT")
  NEXT_PORT=$((port + 1))
  WORKSHOP="http://127.0.0.1:$port"
  cluster_database "toroid_browser_$1" anew
  use_database "toroid_browser_$1"
  TEST_PIDS="$TEST_PIDS $VAR/test-$1.pid"
  : >"$VAR/test-$1.log"
  # only the demo shows many weaves: three servers that solve them all at once leave the browsers little
  TOROID_PORT=$port TOROID_DEMO=$2 TOROID_SOLVE_AHEAD=$2 launch "$VAR/test-$1.pid" "$VAR/test-$1.log"
  TEST_WORKSHOPS="$TEST_WORKSHOPS $1=$WORKSHOP"
}

# Until each that began answers: they start side by side.
await_workshops() {
  local one
  for one in $TEST_WORKSHOPS; do
    wait_healthy "${one#*=}" "$(cat "$VAR/test-${one%%=*}.pid")" "$VAR/test-${one%%=*}.log"
  done
}

# browser_run BROWSERS [MAVEN'S OPTIONS]
browser_run() {
  local browsers=$1 i demos="" empties="" door
  shift
  need_chromium
  need_command curl curl
  build_all
  cluster_start test-pg relaxed
  cluster_database toroid_browser_archive anew
  use_database toroid_browser_archive
  make_archive
  TEST_PIDS="" TEST_WORKSHOPS="" NEXT_PORT=8620
  trap stop_test_servers EXIT
  export TOROID_BIND=127.0.0.1 TOROID_PASSWORD_FILE=""
  for i in $(seq 1 "$browsers"); do
    test_workshop "demo_$i" true
    demos="$demos,$WORKSHOP"
    test_workshop "empty_$i" false
    empties="$empties,$WORKSHOP"
  done
  local door_password
  door_password=$(random_word)
  (umask 077 && printf '%s' "$door_password" | java -cp "$APP/toroid.jar:$APP/lib/*" toroid.server.web.PasswordHash >"$VAR/test-password")
  TOROID_HOSTS=bench.test TOROID_PASSWORD_FILE="$VAR/test-password" test_workshop door false
  door=${WORKSHOP/127.0.0.1/bench.test}
  await_workshops
  if [ $# -eq 0 ]; then
    say "exports: opened by readers that know nothing of them"
    web_install
    (cd web && TOROID_URL="${demos##*,}" npm run -s checks) || fail "an export was not what it says"
  fi
  say "browser: the real interface in headless Chromium"
  local result=0
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 $MVN -pl browser-tests test -Dbrowsers="$browsers" -Dtoroid.chromium="$CHROMIUM" \
    -Dtoroid.demo.url="${demos#,}" -Dtoroid.empty.url="${empties#,}" \
    $COVERED -Dtoroid.door.url="$door" -Dtoroid.door.password="$door_password" "$@" || result=$?
  stop_test_servers
  return $result
}

# Servers of our own and the database they use: nothing is left running.
stop_test_servers() {
  local file pid
  for file in ${TEST_PIDS:-}; do
    pid=$(cat "$file" 2>/dev/null) || continue
    kill "$pid" 2>/dev/null || true
    rm -f "$file"
  done
  cluster_stop test-pg
}

test_command() {
  case "$1" in
    all)
      test_format
      test_core
      test_server
      test_web_and_browser
      ;;
    format | web | core | server | browser | hands) "test_$1" ;;
    *) fail "there are no tests called $1. Parts: format, web, core, server, browser, hands." ;;
  esac
}
