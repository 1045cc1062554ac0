# Looks at all Toroid stands on, and says of what is wrong how it is mended. Changes nothing.

ILL=0
well() { printf 'toroid:   well  %s\n' "$*"; }
ill() { printf 'toroid:   MEND  %s\n' "$*"; ILL=1; }

has() {
  local command=$1 what=$2 package=$3
  if command -v "$command" >/dev/null; then well "$what: $command"; else ill "$what is missing. As an administrator: apt-get install $package"; fi
}

# new_enough WHAT TOLD LEAST PACKAGE: the first number of what it tells of itself; nothing told, nothing there.
new_enough() {
  local what=$1 found least=$3 package=$4
  found=$(grep -oE '[0-9]+' <<<"$2" | head -1) || true
  if [ -z "$found" ]; then
    ill "$what is missing. As an administrator: apt-get install $package"
  elif [ "$found" -ge "$least" ]; then
    well "$what $found"
  else
    ill "$what $found is too old: $least or later is needed. As an administrator: apt-get install $package"
  fi
}

doctor_versions() {
  local bin
  bin=$(postgres_bin "")
  new_enough Java "$(java -version 2>&1 | grep -i version || true)" 17 openjdk-17-jdk-headless
  new_enough "Node, to build the app:" "$(node --version 2>/dev/null || true)" 20 nodejs
  new_enough PostgreSQL "$([ -z "$bin" ] || "$bin/postgres" --version 2>/dev/null || true)" 13 postgresql
}

doctor_port() {
  local port="${TOROID_PORT:-8420}"
  if server_pid >/dev/null; then return; fi
  if port_is_free "$port"; then well "port $port is free"; else ill "something else answers on port $port. End it, or: ./toroid start --port $(free_port "$port")"; fi
}

FORWARD_SECONDS=300
doctor_clock() {
  local newest ahead
  newest=$(find "$VAR" -maxdepth 2 \( -name '*.log' -o -name toroid.jar \) -printf '%T@\n' 2>/dev/null | sort -n | tail -1) || true
  ahead=$((${newest%%.*} + 0 - $(date +%s)))
  if [ "$ahead" -gt "$FORWARD_SECONDS" ]; then
    ill "what was written here last is $((ahead / 60)) minutes ahead of the clock: it went back. Set it right (timedatectl); days and waits go by it."
  else
    well "the clock: $(date '+%Y-%m-%d %H:%M')"
  fi
}

# Two servers on one database: each holds a lock there (Beside.java).
BESIDE_LOCK=1953460847
doctor_beside() {
  local home bin servers
  home=$(cluster_home pg)
  [ -z "${TOROID_DATABASE_URL:-}" ] && [ -s "$home/port" ] && [ -s "$home/data/PG_VERSION" ] || return 0
  bin=$(postgres_bin "$(cat "$home/data/PG_VERSION")")
  [ -n "$bin" ] && cluster_is_up "$home" "$bin" || return 0
  servers=$(CLUSTER_HOME=$home CLUSTER_BIN=$bin CLUSTER_PORT=$(cat "$home/port") cluster_sql "select coalesce(max(n), 0) from (select count(distinct pid) n
    from pg_locks where locktype = 'advisory' and mode = 'ShareLock' and objid = $BESIDE_LOCK group by database) held") || return 0
  if [ "$servers" -gt 1 ]; then ill "$servers servers work on one workshop. Nothing is lost, but their screens do not follow each other: ./toroid stop where the other was started."; fi
}

LEAST_ROOM_MIB=500
OLDEST_BACKUP_HOURS=50

doctor_room() {
  local mib
  mib=$(df -Pm "$VAR" | awk 'NR == 2 { print $4 }')
  if [ "$mib" -ge "$LEAST_ROOM_MIB" ]; then well "room in $VAR: $mib MiB"; else ill "only $mib MiB are free in $VAR. Make room; below a few MiB nothing can be kept."; fi
}

doctor_database() {
  local home bin
  if [ -n "${TOROID_DATABASE_URL:-}" ]; then
    well "the database is elsewhere: $TOROID_DATABASE_URL"
    return
  fi
  home=$(cluster_home pg)
  if [ ! -s "$home/data/PG_VERSION" ]; then
    well "no database yet; ./toroid start makes one"
    return
  fi
  bin=$(postgres_bin "$(cat "$home/data/PG_VERSION")")
  if [ -z "$bin" ]; then
    ill "the database was made by PostgreSQL $(cat "$home/data/PG_VERSION"), which is not here. As an administrator: apt-get install postgresql-$(cat "$home/data/PG_VERSION")"
  elif cluster_is_up "$home" "$bin"; then
    well "the database is up on 127.0.0.1:$(cat "$home/port")"
  elif server_pid >/dev/null; then
    ill "the server runs and its database does not. ./toroid start mends that."
  else
    well "the database is down, as the server is"
  fi
}

doctor_server() {
  local url
  if ! server_pid >/dev/null; then
    well "the server is not running"
    return
  fi
  url=$(cat "$ADDRESS_FILE" 2>/dev/null || true)
  if healthy "$url" 12; then
    well "the server answers at $url"
  else
    ill "the server runs and does not answer. ./toroid start mends that; ./toroid logs says why."
  fi
}

doctor_backups() {
  local newest age
  newest=$(find "$BACKUPS" -maxdepth 1 -name 'toroid-*.zip' -printf '%T@ %p\n' 2>/dev/null | sort -n | tail -1) || true
  if [ -z "$newest" ]; then
    if server_pid >/dev/null; then ill "no backup in $BACKUPS yet. ./toroid backup makes one."; else well "no backups yet in $BACKUPS"; fi
    return
  fi
  age=$((($(date +%s) - ${newest%%.*}) / 3600))
  if [ "$age" -lt 0 ]; then
    ill "the last backup is from the future: the clock went back. Set it right (timedatectl); days and waits go by it."
  elif [ "$age" -gt "$OLDEST_BACKUP_HOURS" ] && server_pid >/dev/null; then
    ill "the last backup is $age hours old. ./toroid logs says why; ./toroid backup makes one."
  else
    well "the last backup is $age hours old: ${newest#* }"
  fi
}

doctor_secrets() {
  local file mode
  for file in "$VAR/password" "$(cluster_home pg)/password" "$(cluster_home pg)/app-password" "$VAR/tls-password" "$TLS_STORE"; do
    [ -e "$file" ] || continue
    mode=$(stat -c %a "$file")
    case "$mode" in 600 | 400) well "$file is its owner's alone" ;; *) ill "$file can be read by others. chmod 600 $file" ;; esac
  done
}

doctor_command() {
  say "looking at what Toroid stands on"
  doctor_versions
  has mvn "Maven, to build the server" maven
  has curl "curl" curl
  doctor_port
  doctor_room
  doctor_clock
  doctor_database
  doctor_server
  doctor_beside
  doctor_backups
  doctor_secrets
  [ "$ILL" = 0 ] || fail "not all is well; see above."
  say "all is well"
}
