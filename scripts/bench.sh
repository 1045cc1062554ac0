# Speed: JMH for the core, a load from this machine for the API. Results go to docs/performance.md.
bench_command() {
  case "${1:-all}" in
    all) ;;
    browser) bench_browser; return ;;
    *) fail "there are no benchmarks called $1. Parts: browser." ;;
  esac
  need_build_tools
  need_command curl curl
  need_command python3 python3
  build_all
  say "building the benchmarks"
  $MVN -q -pl core,performance package -Dmaven.test.skip=true
  local classpath
  $MVN -q -pl core,performance compile dependency:build-classpath -Dmdep.outputFile="$VAR/bench-classpath" -Dmdep.includeScope=runtime
  classpath="performance/target/classes:core/target/classes:$(cat "$VAR/bench-classpath")"
  say "core (about seven minutes)"
  java -cp "$classpath" toroid.performance.Measure "$VAR/jmh.json" >"$VAR/jmh.log" 2>&1 || fail "JMH failed; see $VAR/jmh.log"
  say "weaves by a general solver"
  java -cp "$classpath" toroid.core.weave.solve.SolverRatio 3 >"$VAR/ratio.md" || fail "the general solver could not be run"
  say "cutting plans, and by a general solver (a few minutes)"
  $MVN -q -pl core test-compile dependency:build-classpath -Dmdep.outputFile="$VAR/cutting-classpath" -Dmdep.includeScope=test
  java -cp "core/target/test-classes:core/target/classes:$(cat "$VAR/cutting-classpath")" toroid.core.cutting.CuttingRatio \
    >"$VAR/cutting.md" 2>"$VAR/cutting.log" || fail "the cutting plans could not be measured; see $VAR/cutting.log"
  cluster_start test-pg relaxed
  cluster_database toroid_bench anew
  use_database toroid_bench
  local port
  port=$(free_port 8820)
  TEST_PIDS="$VAR/bench.pid"
  trap 'kill "$(cat "$VAR/bench.pid")" 2>/dev/null || true' EXIT
  : >"$VAR/bench-server.log"
  TOROID_PORT=$port TOROID_DEMO=true TOROID_PASSWORD_FILE="" launch "$VAR/bench.pid" "$VAR/bench-server.log"
  wait_healthy "http://127.0.0.1:$port" "$(cat "$VAR/bench.pid")" "$VAR/bench-server.log"
  say "API (about a minute)"
  java -cp performance/target/classes toroid.performance.ApiLoad "http://127.0.0.1:$port" >"$VAR/load.md" || fail "the load failed"
  say "the screen's geometry"
  (cd web && TOROID_URL="http://127.0.0.1:$port" TOROID_OUT="$VAR/geometry.md" npm run -s geometry >"$VAR/geometry.log") || fail "the geometry could not be measured; see $VAR/geometry.log"
  say "20 000 rings in the round"
  need_chromium
  orbit_page >"$VAR/orbit.md" || fail "the rings could not be turned; see $VAR/orbit.log"
  python3 scripts/performance.py "$VAR/jmh.json" "$VAR/load.md" "$VAR/geometry.md" "$VAR/ratio.md" "$VAR/orbit.md" "$VAR/cutting.md" >docs/performance.md
  say "written to docs/performance.md"
  kill "$(cat "$VAR/bench.pid")" 2>/dev/null || true
  bench_browser
}

# What a maker feels: keys, places, first loads in a real browser; the start of the server and what it gives to solves, by compiler.
bench_browser() {
  . scripts/test.sh
  say "the browser (about three minutes)"
  browser_run 1 -Dtest=Speed -Dtoroid.speed="$VAR/speed.md" >"$VAR/speed.log" 2>&1 || fail "it could not be measured; see $VAR/speed.log"
  cluster_start test-pg relaxed
  {
    echo "# Speed where a maker feels it"
    echo
    echo "Measured with \`./toroid bench browser\` in headless Chromium on the demo workshop, $(nproc) shared and noisy cores, $(date +%F): read the ratios."
    echo
    cat "$VAR/speed.md"
    echo
    echo "## The server, by its compiler"
    echo
    echo "| compiler | starts, s (three times) | MiB at rest | a collar, ms: first, tenth | every step of a rosette, ms: first, tenth |"
    echo "| --- | --- | --- | --- | --- |"
    bench_start quick -XX:TieredStopAtLevel=1
    bench_start full ""
  } >docs/speed.md || fail "the start could not be measured"
  cluster_stop test-pg
  cat docs/speed.md
}

# bench_start NAME OPTION: one row.
bench_start() {
  local name=$1 port url times="" begun collar rosette first
  export TOROID_COMPILER=$2 TOROID_PASSWORD_FILE="" TOROID_DEMO=false TOROID_SOLVE_AHEAD=false
  collar='{"line":"s-hook wire=1.2 - 12@ * (ring 1/4 - bead-link bead=6)","metal":"copper"}'
  rosette='{"wireDiameterMm":0.8@}'
  for _ in 1 2 3; do
    cluster_database toroid_speed anew
    use_database toroid_speed
    port=$(free_port 8840)
    url="http://127.0.0.1:$port"
    : >"$VAR/speed-server.log"
    begun=$(date +%s%N)
    TOROID_PORT=$port launch "$VAR/speed.pid" "$VAR/speed-server.log"
    wait_healthy "$url" "$(cat "$VAR/speed.pid")" "$VAR/speed-server.log" >/dev/null 2>&1
    times="$times $((($(date +%s%N) - begun) / 100000000))"
    if [ "$(wc -w <<<"$times")" -lt 3 ]; then bench_stop; fi
  done
  sleep 15
  first=$(awk '/VmRSS/ {print int($2 / 1024)}' "/proc/$(cat "$VAR/speed.pid")/status")
  # shellcheck disable=SC2086
  printf '| %s | %s | %s | %s | %s |\n' "$name" "$(printf '%.1f ' $(for t in $times; do echo "$t" | awk '{print $1 / 10}'; done))" \
    "$first" "$(bench_ask "$url/api/pieces/solve" "$collar")" "$(bench_ask "$url/api/forms/rosette/forming" "$rosette")"
  bench_stop
}

bench_stop() {
  kill "$(cat "$VAR/speed.pid")" 2>/dev/null || true
  while kill -0 "$(cat "$VAR/speed.pid")" 2>/dev/null; do sleep 0.2; done
}

# bench_ask ADDRESS BODY: how long the first and the tenth answer took, ms; each asks for another, @ in the body.
bench_ask() {
  local i took first=""
  for i in 0 1 2 3 4 5 6 7 8 9; do
    took=$(curl -sf -o /dev/null -w '%{time_total}' -H 'Content-Type: application/json' -d "${2/@/$i}" "$1") || took=nan
    took=$(awk -v s="$took" 'BEGIN {printf "%.0f", s * 1000}')
    first=${first:-$took}
  done
  echo "$first, $took"
}

# Builds the page, opens it without a window and prints the table it left.
orbit_page() {
  (cd web && npm run -s orbit >"$VAR/orbit.log" 2>&1) || return 1
  echo '<!doctype html><meta charset="utf-8"><body><script src="orbit.js"></script>' >web/dist-orbit/index.html
  local profile
  profile=$(mktemp -d)
  "$CHROMIUM" --headless --no-sandbox --disable-quic --no-first-run --disable-background-networking --disable-component-update \
    --disable-sync --use-gl=angle --use-angle=swiftshader --enable-unsafe-swiftshader --user-data-dir="$profile" \
    --timeout=120000 --dump-dom "file://$ROOT/web/dist-orbit/index.html" 2>>"$VAR/orbit.log" |
    sed -n '/^<pre\|id="told"/,/<\/pre>/p' | sed 's/.*<pre id="told">//; s/<\/pre>.*//'
  rm -rf "$profile"
}
