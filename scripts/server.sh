# Starting, stopping and looking after the server.
. scripts/unprivileged.sh
. scripts/tls.sh
PID_FILE="$VAR/server.pid"
ADDRESS_FILE="$VAR/server.address"
BACKUPS="${TOROID_BACKUPS:-$VAR/backups}"

server_pid() {
  local pid
  pid=$(cat "$PID_FILE" 2>/dev/null) || return 1
  kill -0 "$pid" 2>/dev/null && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -q "$APP/toroid.jar" && echo "$pid"
}

# The quick compiler alone: docs/speed.md says what the full one costs at start and gives to solves.
java_options() { echo "${TOROID_COMPILER--XX:TieredStopAtLevel=1} -XX:+UseSerialGC -Xshare:auto -Xmx512m -Dspring.output.ansi.enabled=never"; }

# A class-data archive, made once after a build, halves the start. Needs the database up.
make_archive() {
  [ -s "$APP/toroid.jsa" ] && return
  say "preparing a quick start"
  # shellcheck disable=SC2046
  # every query is read, so that what reads queries is in it too
  (cd "$APP" && TOROID_DEMO=false java $(java_options) -XX:ArchiveClassesAtExit="$APP/toroid.jsa" -Dspring.context.exit=onRefresh \
    -Dspring.data.jpa.repositories.bootstrap-mode=default -jar toroid.jar >"$VAR/archive.log" 2>&1) || true
}

# launch PIDFILE LOG: runs the server with the environment as it is.
launch() {
  local archive=()
  [ ! -s "$APP/toroid.jsa" ] || archive=(-XX:SharedArchiveFile="$APP/toroid.jsa")
  server_user
  # shellcheck disable=SC2046
  (cd "$APP" && exec setsid "${AS_SERVER[@]}" java $(java_options) "${archive[@]}" -jar "$APP/toroid.jar" >>"$2" 2>&1 </dev/null) &
  echo $! >"$1"
}

# What earlier runs logged is kept: the log goes on, and moves on once it is long.
LONG_LOG=5000000
keep_logs() {
  local i
  if [ "$(stat -c %s "$VAR/server.log" 2>/dev/null || echo 0)" -gt "$LONG_LOG" ]; then
    for i in 3 2 1; do [ ! -f "$VAR/server.log.$i" ] || mv "$VAR/server.log.$i" "$VAR/server.log.$((i + 1))"; done
    mv "$VAR/server.log" "$VAR/server.log.1"
  fi
  (umask 077 && touch "$VAR/server.log")
}

# healthy URL SECONDS: it answers, and its database with it. Who it is need not be proved to the one that started it.
healthy() { curl -fsSk --max-time "$2" "$1/actuator/health" 2>/dev/null | grep '"UP"' >/dev/null; }

wait_healthy() {
  local url=$1 pid=$2 log=$3 i
  for i in $(seq 1 600); do
    if healthy "$url" 2; then return 0; fi
    kill -0 "$pid" 2>/dev/null || { tail -25 "$log" >&2; fail "the server stopped while starting; see $log"; }
    [ $((i % 25)) -ne 0 ] || say "waiting until it answers ($((i / 5)) s)"
    sleep 0.2
  done
  fail "the server did not answer within two minutes; see $log"
}

# Whether the server answers and its database with it; a database of ours that is down is brought up first.
stands() {
  local url home
  url=$(cat "$ADDRESS_FILE" 2>/dev/null) || return 1
  home=$(cluster_home pg)
  if [ -z "${TOROID_DATABASE_URL:-}" ] && [ -s "$home/data/PG_VERSION" ]; then cluster_start pg; fi
  local until=$((SECONDS + 45))
  while [ "$SECONDS" -lt "$until" ]; do
    if healthy "$url" 12; then return 0; fi
    # one that was dying when it was looked for is not waited for
    server_pid >/dev/null || return 1
    sleep 0.25
  done
  return 1
}

start_command() {
  local demo=false fresh="" port="${TOROID_PORT:-8420}" bind="${TOROID_BIND:-127.0.0.1}" database=toroid
  local scheme=http tls="" certificate="" key=""
  while [ $# -gt 0 ]; do
    case "$1" in
      --demo) demo=true ;;
      --fresh) fresh=fresh ;;
      --port) port="${2:?--port needs a number}"; shift ;;
      --bind) bind="${2:?--bind needs an address}"; shift ;;
      --tls) tls=own ;;
      --certificate) certificate="${2:?--certificate needs a PEM file}"; shift ;;
      --key) key="${2:?--key needs a PEM file}"; shift ;;
      --scale) export TOROID_SCALE="${2:?--scale needs HOST:PORT}"; shift ;;
      --caliper) export TOROID_CALIPER="${2:?--caliper needs HOST:PORT}"; shift ;;
      *) fail "start does not know $1. Options: --demo, --fresh, --port N, --bind ADDRESS, --tls, --certificate FILE --key FILE, --scale HOST:PORT, --caliper HOST:PORT." ;;
    esac
    shift
  done
  local line
  for line in "${TOROID_SCALE:-}" "${TOROID_CALIPER:-}"; do
    case "$line" in "" | ?*:[0-9]*) ;; *) fail "an instrument is at \"$line\"; HOST:PORT is needed, such as 127.0.0.1:8430." ;; esac
  done
  case "$port" in *[!0-9]* | "" | 0* | ??????*) fail "the port is \"$port\"; a number from 1 to 65535 is needed." ;; esac
  [ "$port" -le 65535 ] || fail "the port is \"$port\"; a number from 1 to 65535 is needed."
  [ -z "$fresh" ] || [ "$demo" = true ] || fail "--fresh goes with --demo; your own workshop is never laid out anew."
  if server_pid >/dev/null; then
    if stands; then
      say "already running at $(cat "$ADDRESS_FILE"). ./toroid stop first to start it otherwise."
      return
    fi
    say "it runs but does not answer; mending it"
    # it may have died by itself meanwhile
    stop_server || rm -f "$PID_FILE" "$ADDRESS_FILE"
  fi
  case "$bind" in
    127.* | localhost | ::1) ;;
    *) [ -s "$VAR/password" ] || fail "listening on $bind lets others in. Set a password first: ./toroid passwd" ;;
  esac
  # one that was just stopped may still be closing
  local tries=0
  until port_is_free "$port" || [ $((tries += 1)) -gt 20 ]; do sleep 0.1; done
  port_is_free "$port" || fail "port $port is taken. Use another: ./toroid start --port $((port + 1))"
  need_command curl curl
  build_all
  if [ -n "${TOROID_DATABASE_URL:-}" ]; then
    case "$TOROID_DATABASE_URL" in
      jdbc:postgresql://*) ;;
      postgresql://*@*) fail "give user and password apart, in TOROID_DATABASE_USER and TOROID_DATABASE_PASSWORD, and the address without them" ;;
      postgresql://*) export TOROID_DATABASE_URL="jdbc:$TOROID_DATABASE_URL" ;;
      *) fail "TOROID_DATABASE_URL is not one of PostgreSQL. It looks like jdbc:postgresql://host:5432/toroid" ;;
    esac
    [ "$demo" = false ] || say "the demo goes into $TOROID_DATABASE_URL if that is empty"
  else
    [ "$demo" = false ] || database=toroid_demo
    cluster_start pg
    cluster_database "$database" "$fresh"
    use_database "$database"
  fi
  export TOROID_PORT="$port" TOROID_BIND="$bind" TOROID_DEMO="$demo" TOROID_PASSWORD_FILE="$VAR/password"
  # the invented workshop is laid out anew, not backed up
  [ "$demo" = true ] && TOROID_BACKUPS="" || TOROID_BACKUPS="$BACKUPS"
  export TOROID_BACKUPS
  make_archive
  if [ -n "$certificate$key" ]; then
    tls_given "$(at_caller "$certificate")" "$(at_caller "$key")"
  elif [ -n "$tls" ]; then
    tls_own
  fi
  [ -z "$(tls_files)" ] || scheme=https
  say "starting"
  keep_logs
  launch "$PID_FILE" "$VAR/server.log"
  local host=$bind
  case "$bind" in 0.0.0.0 | :: | localhost) host=127.0.0.1 ;; *:*) host="[$bind]" ;; esac
  wait_healthy "$scheme://$host:$port" "$(cat "$PID_FILE")" "$VAR/server.log"
  echo "$scheme://$host:$port" >"$ADDRESS_FILE"
  [ "$demo" = false ] || say "this is the demo workshop; your own is in a database apart"
  say "open $scheme://$host:$port"
}

# Gently; after ten seconds at once.
stop_server() {
  local pid
  pid=$(server_pid) || return 1
  kill "$pid"
  for _ in $(seq 1 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  ! kill -0 "$pid" 2>/dev/null || kill -9 "$pid"
  rm -f "$PID_FILE" "$ADDRESS_FILE"
}

stop_command() {
  if stop_server; then say "stopped"; else say "it was not running"; fi
  rm -f "$PID_FILE" "$ADDRESS_FILE"
  cluster_stop pg
}

# own_database COMMAND...: runs it with the own workshop's database at hand, which is left as it was found: up or down.
own_database() {
  local home was_up=no result=0
  if [ -z "${TOROID_DATABASE_URL:-}" ]; then
    home=$(cluster_home pg)
    [ ! -s "$home/port" ] || ! cluster_is_up "$home" "$(postgres_bin "$(cat "$home/data/PG_VERSION")")" || was_up=yes
    cluster_start pg
    cluster_database toroid
    use_database toroid
  else
    was_up=yes
  fi
  "$@" || result=$?
  [ "$was_up" = yes ] || cluster_stop pg
  return $result
}

# A file as whoever called named it.
at_caller() { case "$1" in /* | "") echo "$1" ;; *) echo "$CALLED_FROM/$1" ;; esac; }

backup_run() { (cd / && java -cp "$APP/toroid.jar:$APP/lib/*" toroid.server.backup.BackupCommand "$@"); }

backup_command() {
  local file="${1:-$BACKUPS/toroid-$(date -u +%Y-%m-%dT%H%M%S).zip}"
  build_all
  file=$(at_caller "$file")
  local told
  told=$(own_database backup_run backup "$file") || fail "no backup was made."
  say "$(tail -1 <<<"$told")"
}

restore_command() {
  local file="" replace=()
  while [ $# -gt 0 ]; do
    case "$1" in
      --replace) replace=("$BACKUPS") ;;
      -*) fail "restore does not know $1. Usage: ./toroid restore FILE [--replace]" ;;
      *) file=$1 ;;
    esac
    shift
  done
  [ -n "$file" ] || fail "restore what? Usage: ./toroid restore FILE [--replace]. The daily backups are in $BACKUPS"
  file=$(at_caller "$file")
  ! server_pid >/dev/null || fail "Toroid is running. ./toroid stop first; nothing was changed."
  build_all
  local told
  told=$(own_database backup_run restore "$file" "${replace[@]}") || fail "nothing was restored."
  say "$(tail -1 <<<"$told")"
}

status_command() {
  if server_pid >/dev/null; then
    say "running at $(cat "$ADDRESS_FILE" 2>/dev/null || echo "an address not known yet"), process $(server_pid)"
  else
    say "not running"
  fi
  local home
  home=$(cluster_home pg)
  if [ -s "$home/port" ] && cluster_is_up "$home" "$(postgres_bin "$(cat "$home/data/PG_VERSION")")"; then
    say "database on 127.0.0.1:$(cat "$home/port"), data in $home"
  else
    say "no private database running"
  fi
}

logs_command() {
  [ -f "$VAR/server.log" ] || fail "there is no log yet; it is written by ./toroid start"
  tail -n 200 "$@" "$VAR/server.log"
}

passwd_command() {
  build_all
  local first second
  if [ -t 0 ]; then
    read -rsp "New password for this workshop: " first; echo
    read -rsp "Once more: " second; echo
    [ "$first" = "$second" ] || fail "the two differ. Nothing was changed."
  else
    read -r first
  fi
  [ "${#first}" -ge 10 ] || fail "the password has ${#first} characters; at least 10 are needed. Nothing was changed."
  local bytes
  bytes=$(printf '%s' "$first" | wc -c)
  [ "$bytes" -le 72 ] || fail "the password has $bytes bytes; at most 72 can be used (letters beyond plain Latin take two or more). Nothing was changed."
  (umask 077 && printf '%s' "$first" | java -cp "$APP/toroid.jar:$APP/lib/*" toroid.server.web.PasswordHash >"$VAR/password.new") ||
    fail "the password could not be set. Nothing was changed."
  mv "$VAR/password.new" "$VAR/password"
  say "set. It is asked for from the next start on."
}
