# ./toroid load [MINUTES]: a workshop at work on the demo data; what it took is written to docs/load.md.
load_command() {
  local minutes=${1:-10} port
  case "$minutes" in *[!0-9]* | "") fail "how many minutes? For a short one: ./toroid load 1" ;; esac
  need_build_tools
  need_command curl curl
  build_all
  $MVN -q -pl core,performance compile -Dmaven.test.skip=true
  cluster_start test-pg relaxed
  cluster_database toroid_load anew
  use_database toroid_load
  port=$(free_port 8860)
  trap 'kill "$(cat "$VAR/load.pid")" 2>/dev/null || true; cluster_stop test-pg' EXIT
  : >"$VAR/load-server.log"
  TOROID_PORT=$port TOROID_DEMO=true TOROID_PASSWORD_FILE="" launch "$VAR/load.pid" "$VAR/load-server.log"
  wait_healthy "http://127.0.0.1:$port" "$(cat "$VAR/load.pid")" "$VAR/load-server.log"
  say "100 readers and 20 editors for $minutes minutes"
  java -cp performance/target/classes toroid.performance.LongLoad "http://127.0.0.1:$port" "$(cat "$VAR/load.pid")" "$minutes" >"$VAR/load.md" ||
    fail "the load failed"
  {
    echo "# A workshop at work"
    echo
    echo "Measured with \`./toroid load $minutes\`: 100 readers who open a list every two seconds, 20 editors who type every second (they"
    echo "come in over 20 seconds), and one who has stars solved without a pause, from the same machine ($(nproc) cores, shared and noisy), on the demo workshop. $(date +%F)."
    echo
    cat "$VAR/load.md"
  } >docs/load.md
  cat docs/load.md
}
