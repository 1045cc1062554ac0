# TLS: with a certificate given, or with one of our own that Java's keytool makes. What the server reads of it goes by Spring's own names.
TLS_STORE="$VAR/tls.p12"
TLS_DAYS=825

# tls_given CERTIFICATE KEY: PEM files of the maker's.
tls_given() {
  local file
  for file in "$1" "$2"; do [ -r "$file" ] || fail "there is no file $file that can be read. Nothing was started."; done
  SERVER_SSL_CERTIFICATE="file:$(readlink -f "$1")"
  SERVER_SSL_CERTIFICATE_PRIVATE_KEY="file:$(readlink -f "$2")"
  export SERVER_SSL_CERTIFICATE SERVER_SSL_CERTIFICATE_PRIVATE_KEY
}

# The names it can be asked for by: this machine's own, and those allowed besides; what no certificate can tell is left out.
tls_names() {
  local one names="dns:localhost,ip:127.0.0.1,ip:::1" hosts=${TOROID_HOSTS:-}
  for one in "$(uname -n)" $(hostname -I 2>/dev/null) ${hosts//,/ }; do
    if [[ $one =~ ^[0-9]+(\.[0-9]+){3}$ || $one == *:* ]]; then
      names+=",ip:$one"
    elif [[ $one =~ ^[A-Za-z]([A-Za-z0-9-]*[A-Za-z0-9])?(\.[A-Za-z0-9-]+)*$ ]]; then
      names+=",dns:$one"
    fi
  done
  echo "$names"
}

# One of our own: made once, and anew when it is about to end or the machine is called otherwise.
tls_own() {
  local names password
  names=$(tls_names)
  if [ "$(cat "$VAR/tls.names" 2>/dev/null)" != "$names" ] || [ ! -s "$TLS_STORE" ] || [ ! -s "$VAR/tls-password" ] ||
    [ -n "$(find "$TLS_STORE" -mtime +$((TLS_DAYS - 30)))" ]; then
    say "making a certificate for $names"
    password=$(random_word)
    rm -f "$TLS_STORE.new"
    (umask 077 && printf '%s' "$password" >"$VAR/tls-password" &&
      TLS_PASSWORD=$password keytool -genkeypair -alias toroid -keystore "$TLS_STORE.new" -storetype PKCS12 -storepass:env TLS_PASSWORD \
        -keyalg EC -groupname secp256r1 -validity "$TLS_DAYS" -dname "CN=Toroid" -ext "san=$names" >"$VAR/keytool.log" 2>&1) ||
      fail "no certificate could be made; see $VAR/keytool.log"
    mv "$TLS_STORE.new" "$TLS_STORE"
    echo "$names" >"$VAR/tls.names"
  fi
  SERVER_SSL_KEY_STORE="file:$TLS_STORE"
  SERVER_SSL_KEY_STORE_PASSWORD=$(cat "$VAR/tls-password")
  export SERVER_SSL_KEY_STORE SERVER_SSL_KEY_STORE_PASSWORD SERVER_SSL_KEY_STORE_TYPE=PKCS12
  say "no authority stands for this certificate: a browser asks once. Compare what it shows with SHA-256 $(tls_print)"
}

tls_print() {
  TLS_PASSWORD=$(cat "$VAR/tls-password") keytool -list -v -keystore "$TLS_STORE" -storepass:env TLS_PASSWORD 2>/dev/null | sed -n 's/^\s*SHA256: //p'
}

# Files the server's user reads.
tls_files() {
  local file
  for file in "${SERVER_SSL_KEY_STORE:-}" "${SERVER_SSL_CERTIFICATE:-}" "${SERVER_SSL_CERTIFICATE_PRIVATE_KEY:-}"; do
    [ -z "$file" ] || echo "${file#file:}"
  done
}
