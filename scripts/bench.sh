# Speed: JMH for the core, a load from this machine for the API. Results go to docs/performance.md.
bench_command() {
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
}

# Builds the page, opens it without a window and prints the table it left.
orbit_page() {
  (cd web && npm run -s orbit >"$VAR/orbit.log" 2>&1) || return 1
  echo '<!doctype html><meta charset="utf-8"><body><script src="orbit.js"></script>' >web/dist-orbit/index.html
  local profile
  profile=$(mktemp -d)
  /usr/bin/chromium --headless --no-sandbox --disable-quic --no-first-run --disable-background-networking --disable-component-update \
    --disable-sync --use-gl=angle --use-angle=swiftshader --enable-unsafe-swiftshader --user-data-dir="$profile" \
    --timeout=120000 --dump-dom "file://$ROOT/web/dist-orbit/index.html" 2>>"$VAR/orbit.log" |
    sed -n '/^<pre\|id="told"/,/<\/pre>/p' | sed 's/.*<pre id="told">//; s/<\/pre>.*//'
  rm -rf "$profile"
}
