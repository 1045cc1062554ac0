# Looking after the workshop: whatever is dead is started again, until it is stopped. A plain loop, and a unit for systemd that runs it.
KEEP_FILE="$VAR/keep.pid"
KEEP_LOOKS_SECONDS=5

# It answers, and its database with it; asked in a way that costs nothing.
is_well() {
  local url
  url=$(cat "$ADDRESS_FILE" 2>/dev/null) || return 1
  server_pid >/dev/null && healthy "$url" 12
}

keep_command() {
  need_command curl curl
  local other
  if other=$(cat "$KEEP_FILE" 2>/dev/null) && kill -0 "$other" 2>/dev/null && grep -q toroid "/proc/$other/cmdline" 2>/dev/null; then
    fail "it is looked after already, by process $other. ./toroid stop ends both."
  fi
  echo $$ >"$KEEP_FILE"
  trap 'rm -f "$KEEP_FILE"; exit 0' TERM
  trap 'rm -f "$KEEP_FILE"; ./toroid stop; exit 0' INT
  say "looking after it, until ./toroid stop"
  while :; do
    # a start that fails says why, and is tried again
    is_well || ./toroid start "$@" || true
    sleep "$KEEP_LOOKS_SECONDS" &
    wait $! || true
  done
}

# stop_keeping: whoever looks after it would start it again; a start it is in the middle of is let come to its end.
stop_keeping() {
  local keeper
  keeper=$(cat "$KEEP_FILE" 2>/dev/null) || return 0
  grep -q toroid "/proc/$keeper/cmdline" 2>/dev/null || return 0
  kill "$keeper" 2>/dev/null || return 0
  for _ in $(seq 1 1500); do kill -0 "$keeper" 2>/dev/null || return 0; sleep 0.2; done
  fail "who looks after it (process $keeper) does not end"
}

# A unit for systemd, for this folder and whoever asks, on standard output.
unit_command() {
  cat <<UNIT
# Toroid, looked after by systemd. As an administrator:
#   ./toroid unit | sudo tee /etc/systemd/system/toroid.service && sudo systemctl enable --now toroid
[Unit]
Description=Toroid, a workshop for wire jewellery
After=network.target

[Service]
Type=exec
User=$(id -un)
WorkingDirectory=$ROOT
ExecStart=$ROOT/toroid keep
ExecStop=$ROOT/toroid stop
Environment=TOROID_VAR=$VAR
Restart=always
RestartSec=5
TimeoutStopSec=30
$(is_root || cat <<'HARD'
NoNewPrivileges=yes
PrivateTmp=yes
ProtectKernelTunables=yes
ProtectControlGroups=yes
RestrictSUIDSGID=yes
HARD
)

[Install]
WantedBy=multi-user.target
UNIT
}
