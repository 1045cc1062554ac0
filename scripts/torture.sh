# ./toroid torture: makers at work while the server and its database are killed. On a workshop of its own, which is gone afterwards.

torture_command() {
  local kills=${1:-200} seed=${3:-1}
  local of_database=${2:-$((kills / 4))}
  case "$kills$of_database$seed" in *[!0-9]*) fail "torture takes numbers: kills of the server, kills of the database, a seed. For a short one: ./toroid torture 5 2" ;; esac
  need_command curl curl
  need_command python3 python3
  build_all
  TORTURED=$(mktemp -d)
  # walked through by the database's own user
  chmod 755 "$TORTURED"
  cp -a "$APP" "$TORTURED/app"
  unset TOROID_DATABASE_URL TOROID_DATABASE_USER TOROID_DATABASE_PASSWORD
  trap 'TOROID_VAR=$TORTURED ./toroid stop >/dev/null 2>&1; rm -rf "$TORTURED"' EXIT
  torture_in "$TORTURED" "$kills" "$of_database" "$seed"
}

# torture_in VAR KILLS DATABASE-KILLS SEED: the same in a workshop that is there.
torture_in() {
  local port
  # apart from another that runs beside: while a server is dead its port is free to all
  port=$(free_port $((8940 + $$ % 50)))
  export TOROID_VAR=$1 START="./toroid start --port $port" SERVER_PID="$1/server.pid"
  $START >/dev/null || fail "the workshop to be tortured did not start"
  POSTMASTER_PID="$(VAR=$1 cluster_home pg)/data/postmaster.pid"
  export POSTMASTER_PID
  say "torture: $2 kills of the server, $3 of its database"
  python3 scripts/torture.py "http://127.0.0.1:$port" "$2" "$3" "$4" || fail "not all that was acknowledged is there"
  ./toroid stop >/dev/null
}
