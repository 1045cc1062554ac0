# ./toroid scale and ./toroid caliper: instruments to try things with, on a TCP line of this machine.

# stand_in_command KIND PORT VALUE NOISE [--port N] [--value X] [--noise S]
stand_in_command() {
  local kind=$1 port=$2 value=$3 noise=$4
  shift 4
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) port="${2:?--port needs a number}" ;;
      --value) value="${2:?--value needs a number}" ;;
      --noise) noise="${2:?--noise needs a number}" ;;
      *) fail "$kind does not know $1. Options: --port N, --value X, --noise S (a standard deviation)." ;;
    esac
    shift 2
  done
  local number
  for number in "$port" "$value" "$noise"; do
    case "$number" in "" | *[!0-9.]* | *.*.*) fail "\"$number\" is no number of 0 or more." ;; esac
  done
  build_all
  say "start the workshop with --$kind 127.0.0.1:$port and measure; Ctrl-D ends it"
  exec java -cp "$APP/toroid.jar:$APP/lib/*" toroid.server.instrument.StandIn "$kind" "$port" "$value" "$noise"
}
