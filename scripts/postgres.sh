# A private PostgreSQL cluster on loopback. initdb refuses root, so root hands it to the user postgres.
# Usage: cluster_start NAME [relaxed]   NAME is a folder below $VAR; relaxed gives up durability and the slow proof of a password at
# every connection (a tenth of the server tests' time), for tests only.

as_postgres() { if is_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

# Where a cluster lives: below $VAR, or, when postgres cannot walk there, below /var/lib/toroid.
cluster_home() {
  local home="$VAR/$1"
  if is_root && ! runuser -u postgres -- test -x "$VAR" 2>/dev/null; then
    home="/var/lib/toroid/$(printf '%s' "$VAR" | sha256sum | cut -c1-12)/$1"
  fi
  echo "$home"
}

cluster_make() {
  local home=$1 bin=$2 proof=$3
  say "making a private database in $home"
  if is_root; then
    mkdir -p "$(dirname "$home")"
    install -d -o postgres -m 700 "$home"
  else
    mkdir -p -m 700 "$home"
  fi
  random_word >"$home/password"
  chmod 600 "$home/password"
  ! is_root || chown postgres "$home/password"
  # made aside and put in place whole: killed half way, it is begun anew
  rm -rf "$home/data.new"
  as_postgres "$bin/initdb" -D "$home/data.new" -k -U toroid -A "$proof" --pwfile="$home/password" -E UTF8 --locale=C.UTF-8 >"$VAR/initdb.log" 2>&1 ||
    fail "initdb failed; see $VAR/initdb.log"
  mv "$home/data.new" "$home/data"
}

cluster_is_up() {
  local home=$1 bin=$2
  [ -s "$home/port" ] && "$bin/pg_isready" -q -h 127.0.0.1 -p "$(cat "$home/port")" &&
    as_postgres "$bin/pg_ctl" -D "$home/data" status >/dev/null 2>&1
}

# One of an earlier time, whose pages carry no checksums, is given them; where it was not stopped cleanly, at its next start.
cluster_checksums() {
  if as_postgres "$2/pg_controldata" "$1/data" | grep -q '^Data page checksum version: *0$'; then
    as_postgres "$2/pg_checksums" --enable -D "$1/data" >"$VAR/pg_checksums.log" 2>&1 || true
  fi
}

cluster_start() {
  need_postgres
  local home bin port extra="" proof=scram-sha-256
  [ "${2:-}" != relaxed ] || { proof=md5; extra="-c fsync=off -c synchronous_commit=off -c full_page_writes=off"; }
  home=$(cluster_home "$1")
  bin=$(postgres_bin "$(cat "$home/data/PG_VERSION" 2>/dev/null || true)")
  [ -n "$bin" ] || fail "the database in $home was made by PostgreSQL $(cat "$home/data/PG_VERSION"). As an administrator: apt-get install postgresql-$(cat "$home/data/PG_VERSION")"
  # one for tests that was made with the slow proof is made anew
  [ -z "$extra" ] || ! grep -qs '^host.*scram' "$home/data/pg_hba.conf" || { cluster_stop "$1"; rm -rf "$home/data"; }
  if [ ! -s "$home/data/PG_VERSION" ] || [ ! -s "$home/data/global/pg_control" ]; then
    rm -rf "$home/data"
    cluster_make "$home" "$bin" "$proof"
  fi
  CLUSTER_HOME=$home CLUSTER_BIN=$bin
  if ! cluster_is_up "$home" "$bin"; then
    port=5440
    [ -z "$extra" ] || port=5640
    # where it was before, if it can: a server that lost it finds it again
    port=$(free_port "$(cat "$home/port" 2>/dev/null || echo $port)")
    echo "$port" >"$home/port"
    [ -n "$extra" ] || cluster_checksums "$home" "$bin"
    say "starting the database on 127.0.0.1:$port"
    # killed, it leaves hands behind that let go of its memory a moment later
    local tries=0
    until as_postgres "$bin/pg_ctl" -D "$home/data" -l "$home/postgres.log" -w -t 60 \
      -o "-c listen_addresses=127.0.0.1 -p $port -c unix_socket_directories='$home/data' $extra" start >/dev/null 2>"$VAR/pg_ctl.log"; do
      [ $((tries += 1)) -lt 15 ] || fail "the database did not start; see $home/postgres.log"
      sleep 1
    done
  fi
  CLUSTER_PORT=$(cat "$home/port")
}

cluster_stop() {
  local home bin
  home=$(cluster_home "$1")
  [ -s "$home/data/PG_VERSION" ] || return 0
  bin=$(postgres_bin "$(cat "$home/data/PG_VERSION")")
  as_postgres "$bin/pg_ctl" -D "$home/data" -m fast -w stop >/dev/null 2>&1 || true
}

cluster_sql() { PGPASSWORD=$(cat "$CLUSTER_HOME/password") "$CLUSTER_BIN/psql" -qAtX -h 127.0.0.1 -p "$CLUSTER_PORT" -U toroid -d postgres -c "$1"; }

# The server's own role: the databases it is given are its own, and of the cluster it can change nothing. No password is ever in a command
# line, where others could read it.
APP_ROLE=toroid_app
cluster_role() {
  local file="$CLUSTER_HOME/app-password" known
  known=$(cluster_sql "select count(*) from pg_roles where rolname = '$APP_ROLE'")
  if [ -s "$file" ] && [ "$known" = 1 ]; then return; fi
  [ -s "$file" ] || (umask 077 && random_word >"$file.new" && mv "$file.new" "$file")
  [ "$known" = 1 ] || cluster_sql "create role $APP_ROLE login nosuperuser nocreatedb nocreaterole noreplication"
  cluster_sql_at postgres <<<"alter role $APP_ROLE password '$(cat "$file")'"
}

# What is read from standard input, in the database $1, as the cluster's owner.
cluster_sql_at() { PGPASSWORD=$(cat "$CLUSTER_HOME/password") "$CLUSTER_BIN/psql" -qAtX -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$CLUSTER_PORT" -U toroid -d "$1" -f -; }

# Makes the database $1 if it is not there; with a second word, makes it anew. One of an earlier time is handed over to the server's role.
cluster_database() {
  cluster_role
  [ -z "${2:-}" ] || cluster_sql "drop database if exists \"$1\" with (force)" 2>/dev/null
  local owner
  owner=$(cluster_sql "select pg_get_userbyid(datdba) from pg_database where datname = '$1'")
  case "$owner" in
    "$APP_ROLE") ;;
    "") cluster_sql "create database \"$1\" owner $APP_ROLE" ;;
    *) cluster_hand_over "$1" ;;
  esac
}

# All that lies in the database $1, and it last: broken off, it is done again.
cluster_hand_over() {
  cluster_sql_at "$1" <<SQL
do \$\$
declare one record;
begin
  for one in
    select format('table %s', c.oid::regclass) as what from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname !~ '^pg_' and n.nspname <> 'information_schema' and c.relkind in ('r', 'p', 'v', 'm')
    union all
    select format('sequence %s', c.oid::regclass) from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname !~ '^pg_' and n.nspname <> 'information_schema' and c.relkind = 'S'
        and not exists (select from pg_depend d where d.objid = c.oid and d.deptype in ('a', 'i'))
    union all
    select format('schema %I', nspname) from pg_namespace
      where nspname !~ '^pg_' and nspname not in ('information_schema', 'public')
  loop
    execute format('alter %s owner to $APP_ROLE', one.what);
  end loop;
end \$\$;
alter database "$1" owner to $APP_ROLE;
SQL
}

# Exports what the server needs to reach database $1 of the running cluster.
use_database() {
  export TOROID_DATABASE_URL="jdbc:postgresql://127.0.0.1:$CLUSTER_PORT/$1"
  export TOROID_DATABASE_USER=$APP_ROLE
  TOROID_DATABASE_PASSWORD=$(cat "$CLUSTER_HOME/app-password")
  export TOROID_DATABASE_PASSWORD
}
