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
  [ -z "${TOROID_BACKUPS:-}" ] || server_backups "$TOROID_BACKUPS"
}

# The folder backups lie in is that user's where it is ours or made now; one of the maker's stays as it is but for the backups in it. No link
# is followed: whoever may write there must not be given what it points to.
server_backups() {
  local folder=$1
  if [ ! -d "$folder" ]; then
    mkdir -p "$folder" && chmod 700 "$folder" && chown "$SERVER_USER" "$folder"
  elif [ "$folder" = "$VAR/backups" ]; then
    chown -h "$SERVER_USER" "$folder"
  fi
  find "$folder" -maxdepth 1 -type f -name 'toroid-*.zip' -exec chown -h "$SERVER_USER" {} +
  (cd / && "${AS_SERVER[@]}" test -w "$folder" -a -x "$folder") ||
    fail "the user $SERVER_USER cannot write backups into $folder. chown $SERVER_USER $folder, and let it walk there; or name another folder in TOROID_BACKUPS."
}
