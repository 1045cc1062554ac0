# ./toroid tried as hands use it: started, killed in every part, started again, backed up and restored. On a workshop of its own, which is
# gone afterwards.

# expect WORDS COMMAND...: it says that, whether it succeeds or not.
expect() {
  local words=$1 told
  shift
  told=$("$@" 2>&1) || true
  case "$told" in *"$words"*) ;; *) fail "$* should say \"$words\" and said: $told" ;; esac
}

answers() { curl -fsS --max-time 12 "http://127.0.0.1:$1/actuator/health" | grep -q '"UP"' || fail "it does not answer on $1 after $2"; }

postmaster() { head -1 "$(TOROID_VAR=$TRIED; VAR=$TRIED cluster_home pg)/data/postmaster.pid"; }

try_hands() {
  need_command curl curl
  build_all
  local port home
  TRIED=$(mktemp -d)
  # walked through by the database's own user
  chmod 755 "$TRIED"
  cp -a "$APP" "$TRIED/app"
  export TOROID_VAR=$TRIED
  trap 'TOROID_VAR=$TRIED ./toroid stop >/dev/null 2>&1; rm -rf "$TRIED"' EXIT
  port=$(free_port 8900)
  expect "1 to 65535" ./toroid start --port 0
  expect "1 to 65535" ./toroid start --port 70000
  expect "1 to 65535" ./toroid start --port x
  expect "at least 10" ./toroid passwd <<<"short"
  expect "bytes" ./toroid passwd <<<"$(printf 'ä%.0s' $(seq 1 60))"
  expect "no workshop in this database" ./toroid backup "$TRIED/none.zip"
  # a first start that was killed while the database was made
  home=$(VAR=$TRIED cluster_home pg)
  cluster_stop_at "$home"
  rm -rf "$home/data" && as_postgres mkdir -p "$home/data.new/base" && as_postgres touch "$home/data.new/PG_VERSION"
  expect "open http://127.0.0.1:$port" ./toroid start --port "$port"
  answers "$port" "a first start"
  expect "already running" ./toroid start --port "$port"
  say "hands: the database is killed"
  expect "backed up to $TRIED/backups/toroid-" ./toroid backup
  expect "all is well" ./toroid doctor
  kill -9 "$(postmaster)"
  expect "its database does not" ./toroid doctor
  expect "already running" ./toroid start --port "$port"
  answers "$port" "its database was killed"
  say "hands: the server is killed"
  kill -9 "$(cat "$TRIED/server.pid")"
  expect "open http://127.0.0.1:$port" ./toroid start --port "$port"
  answers "$port" "it was killed"
  grep -c "Started ToroidServer" "$TRIED/server.log" | grep -qx 2 || fail "the log of the first start is gone"
  expect "backed up to $TRIED/one.zip" ./toroid backup "$TRIED/one.zip"
  expect "stop first" ./toroid restore "$TRIED/one.zip"
  expect "stopped" ./toroid stop
  expect "damaged" ./toroid restore "$TRIED/server.log"
  expect "restored the workshop" ./toroid restore "$TRIED/one.zip"
  expect "it was not running" ./toroid stop
  touch -d "3 days" "$TRIED/backups/"toroid-*.zip
  expect "the clock went back" ./toroid doctor
  say "hands: all of it held"
}

cluster_stop_at() { as_postgres "$(postgres_bin "")/pg_ctl" -D "$1/data" -m immediate -w stop >/dev/null 2>&1 || true; }
