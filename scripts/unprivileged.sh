# Started by root, the server runs as a user of its own that may change nothing but its backups.
SERVER_USER=toroid

# Leaves in AS_SERVER what goes before the server's command: nothing where whoever starts it is not root. Where that user cannot walk to
# the app, that is said, and root runs it.
server_user() {
  AS_SERVER=()
  is_root || return 0
  command -v setpriv >/dev/null || return 0
  id "$SERVER_USER" >/dev/null 2>&1 ||
    useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVER_USER" 2>/dev/null || {
    say "the user $SERVER_USER could not be made; the server runs as root"
    return 0
  }
  AS_SERVER=(setpriv --reuid "$SERVER_USER" --regid "$SERVER_USER" --clear-groups --no-new-privs --)
  if ! (cd / && "${AS_SERVER[@]}" test -r "$APP/toroid.jar"); then
    say "the user $SERVER_USER cannot reach $APP; the server runs as root. Put Toroid where others may walk, /opt or /srv."
    AS_SERVER=()
    return 0
  fi
  local file
  for file in "${TOROID_PASSWORD_FILE:-}" "${SERVER_SSL_KEY_STORE:+$TLS_STORE}"; do [ ! -f "$file" ] || chown "$SERVER_USER" "$file"; done
  for file in $(tls_files); do
    (cd / && "${AS_SERVER[@]}" test -r "$file") || fail "the user $SERVER_USER cannot read $file. chown $SERVER_USER $file, and let it walk there."
  done
  [ -z "${TOROID_BACKUPS:-}" ] || { mkdir -p "$TOROID_BACKUPS" && chmod 700 "$TOROID_BACKUPS" && chown -R "$SERVER_USER" "$TOROID_BACKUPS"; }
}
