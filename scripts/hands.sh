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
  need_command python3 python3
  build_all
  local port home
  TRIED=$(mktemp -d)
  # walked through by the database's own user
  chmod 755 "$TRIED"
  cp -a "$APP" "$TRIED/app"
  export TOROID_VAR=$TRIED
  # the database of tests that went before is none of theirs
  unset TOROID_DATABASE_URL TOROID_DATABASE_USER TOROID_DATABASE_PASSWORD
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
  no_more_than_needed
  expect "already running" ./toroid start --port "$port"
  say "hands: the database is killed"
  expect "backed up to $TRIED/backups/toroid-" ./toroid backup
  expect "all is well" ./toroid doctor
  expect "something else answers on port $port" env TOROID_PORT="$port" TOROID_VAR="$TRIED/empty" ./toroid doctor
  another_beside
  kill -9 "$(postmaster)"
  expect "its database does not" ./toroid doctor
  expect "already running" ./toroid start --port "$port"
  answers "$port" "its database was killed"
  curl -fsS "http://127.0.0.1:$port/licences.txt" | grep "react-router" >/dev/null || fail "the licences of its scripts are not there"
  curl -fsS "http://127.0.0.1:$port/licences-of-styles.txt" | grep "OPEN FONT LICENSE" >/dev/null || fail "the licences of its letters are not there"
  (cd "$TRIED" && jar xf app/toroid.jar META-INF/sbom/application.cdx.json && grep -q '"licenses"' META-INF/sbom/application.cdx.json) ||
    fail "what the server is built of is not listed"
  brought_in "$port"
  say "hands: a request is sent by half"
  half_sent "$port"
  say "hands: the server is killed"
  kill -9 "$(cat "$TRIED/server.pid")"
  expect "open http://127.0.0.1:$port" ./toroid start --port "$port"
  answers "$port" "it was killed"
  dies_while_looked_at "$port"
  # the first start, two more as a backup was put in, and these two
  grep -c "Started ToroidServer" "$TRIED/server.log" | grep -qx 5 || fail "the log of the first start is gone"
  expect "backed up to $TRIED/one.zip" ./toroid backup "$TRIED/one.zip"
  expect "stop first" ./toroid restore "$TRIED/one.zip"
  expect "stopped" ./toroid stop
  expect "damaged" ./toroid restore "$TRIED/server.log"
  expect "nothing of it is written over" ./toroid restore "$TRIED/one.zip"
  expect "restored the workshop" ./toroid restore "$TRIED/one.zip" --replace
  expect "it was not running" ./toroid stop
  touch -d "3 days" "$TRIED/backups/"toroid-*.zip
  expect "the clock went back" ./toroid doctor
  looked_after "$port"
  . scripts/torture.sh
  (torture_in "$TRIED" 2 1 7) || exit 1
  on_a_line "$port"
  say "hands: with a password"
  expect "asked for from the next start" ./toroid passwd <<<"a long enough word"
  expect "open http://127.0.0.1:$port" ./toroid start --port "$port"
  at_the_door "$port"
  by_tls "$port"
  say "hands: all of it held"
}

# The server is nobody who could do harm: not on the machine, not in its database, whose pages carry checksums.
no_more_than_needed() {
  ! is_root || [ "$(stat -c %U "/proc/$(cat "$TRIED/server.pid")")" = toroid ] || fail "the server runs as root"
  ! is_root || makers_folder_stays
  local home
  home=$(VAR=$TRIED cluster_home pg)
  VAR=$TRIED cluster_start pg >/dev/null
  [ "$(cluster_sql "select count(*) from pg_stat_activity where datname = 'toroid' and usename = 'toroid_app'")" -gt 0 ] ||
    fail "the server does not use a role of its own"
  [ "$(cluster_sql "select rolsuper or rolcreaterole or rolcreatedb or rolreplication from pg_roles where rolname = 'toroid_app'")" = f ] ||
    fail "the server's role can change more than its own"
  [ "$(cluster_sql "show data_checksums")" = on ] || fail "the database keeps no checksums"
  [ "$(stat -c %a "$home/app-password")" = 600 ] || fail "others can read the password of the server's role"
}

# A folder of the maker's that backups are laid in is not taken over, nor what a link in it points to.
makers_folder_stays() {
  local folder="$TRIED/own folder"
  mkdir "$folder"
  touch "$folder/letters" "$TRIED/precious" "$folder/toroid-2026-01-01T000000.zip"
  ln -s "$TRIED/precious" "$folder/toroid-2026-01-02T000000.zip"
  (APP="$TRIED/app" TOROID_BACKUPS="$folder"; expect "cannot write backups into" server_user)
  chmod 777 "$folder"
  (APP="$TRIED/app" TOROID_BACKUPS="$folder"; server_user)
  [ "$(stat -c '%U %a' "$folder")" = "root 777" ] && [ "$(stat -c %U "$folder/letters" "$TRIED/precious" | sort -u)" = root ] ||
    fail "a folder of the maker's was taken over"
  [ "$(stat -c %U "$folder/toroid-2026-01-01T000000.zip")" = toroid ] || fail "a backup in the maker's folder cannot be read by the server"
  rm -r "$folder" "$TRIED/precious"
}

# looked_after PORT: whatever dies is started again, and stop ends that too.
looked_after() {
  say "hands: it is looked after"
  local keeper i
  ./toroid keep --port "$1" >"$TRIED/keep.log" 2>&1 &
  keeper=$!
  until_answers "$1" "it was to be looked after"
  kill -9 "$(cat "$TRIED/server.pid")" "$(postmaster)"
  until_answers "$1" "both were killed"
  expect "already, by process" ./toroid keep --port "$1"
  expect "stopped" ./toroid stop
  for i in $(seq 1 300); do kill -0 "$keeper" 2>/dev/null || break; sleep 0.2; done
  ! kill -0 "$keeper" 2>/dev/null || fail "stop leaves who looks after it"
  expect "ExecStart=$ROOT/toroid keep" ./toroid unit
}

# until_answers PORT AFTER: as long as a slow machine takes.
until_answers() {
  local i
  for i in $(seq 1 600); do
    ! curl -fsS --max-time 12 "http://127.0.0.1:$1/actuator/health" 2>/dev/null | grep '"UP"' >/dev/null || return 0
    sleep 0.3
  done
  fail "it does not answer on $1 after $2"
}

# at_the_door PORT: a wrong password is told apart and noted without itself, a right one lets in, and no cookie goes to another site.
at_the_door() {
  local at="http://127.0.0.1:$1/api/session" token cookies
  cookies=$(curl -fsSi -c "$TRIED/cookies" "$at" | grep -i '^set-cookie:')
  token=$(awk '$6 == "XSRF-TOKEN" { print $7 }' "$TRIED/cookies")
  knock() {
    curl -sSi -b "$TRIED/cookies" -H "X-XSRF-TOKEN: $token" -H 'Content-Type: application/json' -d "{\"password\": \"$1\"}" "$at"
  }
  expect "HTTP/1.1 401" knock "a shot in the dark"
  expect "HTTP/1.1 200" knock "a long enough word"
  cookies+=$(echo && knock "a long enough word" | grep -i '^set-cookie:')
  echo "$cookies" | grep -qi 'toroid=.*HttpOnly' || fail "the session's cookie can be read by scripts"
  echo "$cookies" | grep -i '^set-cookie:' | grep -vi 'SameSite=Strict' && fail "a cookie goes to other sites"
  grep -q "a wrong password from" "$TRIED/server.log" || fail "a wrong password is not noted"
  ! grep -rq "shot in the dark\|long enough word" "$TRIED"/*.log || fail "a password is in a log"
}

# brought_in PORT: a backup taken along and brought in again by the app's own ways: in the place of all, and back.
brought_in() {
  say "hands: a backup is brought in"
  local at="http://127.0.0.1:$1/api" token id before
  id=$(cat /proc/sys/kernel/random/uuid)
  curl -fsS -c "$TRIED/cookies" "$at/session" >/dev/null
  token=$(awk '$6 == "XSRF-TOKEN" { print $7 }' "$TRIED/cookies")
  # told METHOD ADDRESS TYPE [CURL'S OPTIONS]
  told() {
    local method=$1 address=$2 type=$3
    shift 3
    curl -fsS -b "$TRIED/cookies" -H "X-XSRF-TOKEN: $token" -H "Content-Type: application/$type" -X "$method" "$@" "$at/$address"
  }
  there() { [ "$(curl -sS -o /dev/null -w '%{http_code}' "$at/spools/$id")" = "$2" ] || fail "$1"; }
  curl -fsS -o "$TRIED/taken.zip" "$at/backups/workshop"
  told PUT "spools/$id" json -d '{"version": null, "data": {"name": "After it", "metal": "copper", "temper": "HALF_HARD", "wireDiameterMm": 1, "note": ""}}' >/dev/null
  there "what was kept is not there" 200
  put_in "$1" brought --data-binary "@$TRIED/taken.zip"
  there "the workshop is not the one that was brought" 404
  before=$(basename "$(find "$TRIED/backups" -name 'toroid-before-restore-*.zip')")
  put_in "$1" "brought/$before"
  there "what was there before cannot be put back" 200
}

# put_in PORT ADDRESS [CURL'S OPTIONS]: looked at, put in, and waited for; the server that begins anew is the same process.
put_in() {
  local port=$1 address=$2 made pid started
  shift 2
  made=$(told PUT "backups/$address" octet-stream "$@" | sed -E 's/.*"madeAt":"([^"]+)".*/\1/')
  pid=$(cat "$TRIED/server.pid")
  started=$(grep -c "Started ToroidServer" "$TRIED/server.log")
  told POST backups/put-in json -d "{\"madeAt\": \"$made\"}" | grep '"before"' >/dev/null || fail "the backup of $made was not put in"
  for _ in $(seq 1 600); do
    [ "$(grep -c "Started ToroidServer" "$TRIED/server.log")" -le "$started" ] || break
    sleep 0.3
  done
  until_answers "$port" "a backup was put in"
  [ "$(cat "$TRIED/server.pid")" = "$pid" ] && kill -0 "$pid" || fail "the server is another process now"
}

# by_tls PORT: by https with a certificate of its own, that holds for this machine's names; its session goes by nothing else.
by_tls() {
  say "hands: by https"
  expect "stopped" ./toroid stop
  expect "no file" ./toroid start --port "$1" --certificate "$TRIED/none.pem" --key "$TRIED/none.pem"
  expect "open https://127.0.0.1:$1" ./toroid start --port "$1" --tls
  TLS_PASSWORD=$(cat "$TRIED/tls-password") keytool -exportcert -rfc -alias toroid -keystore "$TRIED/tls.p12" -storepass:env TLS_PASSWORD >"$TRIED/own.pem" 2>/dev/null
  local name
  for name in 127.0.0.1 localhost; do
    curl -fsS --cacert "$TRIED/own.pem" "https://$name:$1/actuator/health" | grep '"UP"' >/dev/null || fail "its certificate does not hold for $name"
  done
  ! curl -fsS --max-time 12 "https://127.0.0.1:$1/actuator/health" >/dev/null 2>&1 || fail "a certificate nobody stands for is taken"
  ! curl -fsS --max-time 12 "http://127.0.0.1:$1/actuator/health" >/dev/null 2>&1 || fail "it answers without https too"
  curl -sSi --cacert "$TRIED/own.pem" "https://127.0.0.1:$1/api/session" | grep -i '^set-cookie:' >"$TRIED/tls-cookies" || true
  [ -s "$TRIED/tls-cookies" ] && ! grep -vi 'secure' "$TRIED/tls-cookies" || fail "a cookie goes without https"
  [ "$(stat -c %a "$TRIED/tls.p12")" = 600 ] && [ "$(stat -c %a "$TRIED/tls-password")" = 600 ] || fail "others can read its key"
  cp "$TRIED/tls.p12" "$TRIED/before.p12"
  (VAR=$TRIED && . scripts/tls.sh && tls_own >/dev/null)
  cmp "$TRIED/tls.p12" "$TRIED/before.p12" || fail "each start has another certificate"
}

# on_a_line PORT: a scale that stands in is heard by a workshop started with it.
on_a_line() {
  say "hands: a scale on a line"
  local scale typed
  scale=$(free_port 8980)
  typed=$(mktemp -u) && mkfifo "$typed"
  ./toroid scale --port "$scale" --value 9.31 --noise 0 <"$typed" >/dev/null 2>&1 &
  local stand_in=$!
  exec 8>"$typed"
  rm "$typed"
  expect "HOST:PORT" ./toroid start --port "$1" --scale nowhere
  expect "open http" ./toroid start --port "$1" --scale "127.0.0.1:$scale"
  # listened to until it says what lies on it, for as long as it takes
  (curl -sN --max-time 120 "http://127.0.0.1:$1/api/instruments/follow" || true) | grep -q -m 1 '"kind":"SCALE","value":9.31' ||
    fail "what lies on the scale was not heard"
  curl -fsS "http://127.0.0.1:$1/api/instruments" | grep -q '"connected":true' || fail "the scale is not said to be there"
  ./toroid stop >/dev/null
  exec 8>&-
  wait "$stand_in" || true
}

# Another server's lock on the same workshop, until its connection ends.
another_beside() {
  local home holding
  . scripts/doctor.sh
  home=$(VAR=$TRIED cluster_home pg)
  (
    echo "select pg_try_advisory_lock_shared($BESIDE_LOCK);"
    exec sleep 600
  ) > >(CLUSTER_HOME=$home CLUSTER_PORT=$(cat "$home/port") CLUSTER_BIN=$(postgres_bin "") cluster_sql_at toroid >/dev/null) &
  holding=$!
  until doctor_says "2 servers work on one workshop"; do
    kill -0 "$holding" || fail "another server on the same workshop was not told"
  done
  kill "$holding"
  for _ in $(seq 1 100); do ! doctor_says "all is well" || return 0; done
  fail "another server that ended is still told"
}

# read to its end: whoever stops listening to it makes it fail
doctor_says() {
  local told
  told=$(./toroid doctor 2>&1) || true
  [[ "$told" == *"$1"* ]]
}

# One that hangs when it is looked at, and dies while it is waited for, is started all the same.
dies_while_looked_at() {
  local pid start told="$TRIED/dies.log"
  pid=$(cat "$TRIED/server.pid")
  kill -STOP "$pid"
  ./toroid start --port "$1" >"$told" 2>&1 &
  start=$!
  # it has found the process, and waits for its answer
  until pgrep -P "$start" >/dev/null; do sleep 0.1; done
  sleep 1
  kill -9 "$pid"
  wait "$start" || { cat "$told"; fail "a start failed where the server died meanwhile"; }
  answers "$1" "it died while it was looked at"
}

# Whoever stops in the middle of a request is hung up on, and holds nobody up meanwhile.
half_sent() {
  local half
  exec {half}<>"/dev/tcp/127.0.0.1/$1"
  printf 'POST /api/session HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: 100\r\n\r\n{' >&"$half"
  answers "$1" "a request was sent by half"
  timeout 120 cat <&"$half" >/dev/null || fail "a request sent by half is waited for"
  exec {half}>&-
}

cluster_stop_at() { as_postgres "$(postgres_bin "")/pg_ctl" -D "$1/data" -m immediate -w stop >/dev/null 2>&1 || true; }
