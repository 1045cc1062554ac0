# Looks at all Toroid stands on, and says of what is wrong how it is mended. Changes nothing.

ILL=0
well() { printf 'toroid:   well  %s\n' "$*"; }
ill() { printf 'toroid:   MEND  %s\n' "$*"; ILL=1; }

has() {
  local command=$1 what=$2 package=$3
  if command -v "$command" >/dev/null; then well "$what: $command"; else ill "$what is missing. As an administrator: apt-get install $package"; fi
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
  has java "Java" openjdk-17-jdk-headless
  has node "Node, to build the app" nodejs
  has mvn "Maven, to build the server" maven
  has curl "curl" curl
  if [ -n "$(postgres_bin "")" ]; then well "PostgreSQL: $(postgres_bin "")"; else ill "PostgreSQL is missing. As an administrator: apt-get install postgresql"; fi
  doctor_room
  doctor_database
  doctor_server
  doctor_backups
  doctor_secrets
  [ "$ILL" = 0 ] || fail "not all is well; see above."
  say "all is well"
}
