# Shared by every part of ./toroid: places, words, small helpers.
VAR="${TOROID_VAR:-$ROOT/var}"
APP="$VAR/app"
[ -d "$VAR" ] || mkdir -p "$VAR"

say() { printf '%s\n' "toroid: $*"; }
fail() { printf '%s\n' "toroid: $*" >&2; exit 1; }
is_root() { [ "$(id -u)" = 0 ]; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The first free port from $1 on.
free_port() {
  local port=$1
  while ! port_is_free "$port"; do
    port=$((port + 1))
    [ "$port" -lt $(($1 + 500)) ] || fail "no free port from $1 on. Stop something that listens there."
  done
  echo "$port"
}

random_word() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

# One sum over the contents of the files and folders named.
sum_of() { find "$@" -type f -not -path '*/node_modules/*' -not -path '*/dist/*' -not -path 'web/src/api/schema.ts' -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }
