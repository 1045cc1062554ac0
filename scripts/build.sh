# Builds what is not built. Stamps in $VAR remember the sum of what each part was built from.
MVN="mvn -B -ntp -Dstyle.color=never"

# Tools that live for seconds: Java's thorough compiler and Node's small nursery cost them up to half of their time.
export MAVEN_OPTS="${MAVEN_OPTS:--XX:TieredStopAtLevel=1 -XX:+UseSerialGC}"
export NODE_OPTIONS="${NODE_OPTIONS:---max-semi-space-size=64}"

# once STAMP SUM COMMAND...: not again what it found good already, with the very same files.
once() {
  local stamp="$VAR/good-$1" sum=$2
  shift 2
  [ "$(cat "$stamp" 2>/dev/null || true)" != "$sum" ] || { say "nothing changed since it was found good"; return 0; }
  "$@" && echo "$sum" >"$stamp"
}

web_install() {
  local sum
  sum=$(sum_of web/package-lock.json)
  if [ "$(cat web/node_modules/.toroid-sum 2>/dev/null || true)" != "$sum" ]; then
    say "fetching the app's packages"
    (cd web && npm ci --no-audit --no-fund >"$VAR/npm.log" 2>&1) || fail "npm ci failed; see $VAR/npm.log"
    echo "$sum" >web/node_modules/.toroid-sum
  fi
}

web_build() {
  local sum
  sum=$(sum_of docs/openapi.json web/src web/public web/index.html web/package-lock.json web/vite.config.ts web/tsconfig.json)
  if [ "$(cat web/dist/.toroid-sum 2>/dev/null || true)" != "$sum" ]; then
    web_install
    say "building the app"
    (cd web && npm run build >"$VAR/web-build.log" 2>&1) || { tail -40 "$VAR/web-build.log" >&2; fail "the app did not build"; }
    echo "$sum" >web/dist/.toroid-sum
  fi
}

server_build() {
  local sum
  sum="$(sum_of pom.xml core/pom.xml core/src/main server/pom.xml server/src/main) $(cat web/dist/.toroid-sum)"
  if [ "$(cat "$APP/.toroid-sum" 2>/dev/null || true)" != "$sum" ]; then
    say "building the server"
    # what it is built of is listed anew where that changed
    local list="" listed=server/target/classes/META-INF/sbom/application.cdx.json
    [ -z "$(find pom.xml core/pom.xml server/pom.xml -newer "$listed" 2>&1)" ] || list=-Psbom
    $MVN -q -pl core,server $list package -Djacoco.skip=true -Dmaven.test.skip=true >"$VAR/server-build.log" 2>&1 || { tail -40 "$VAR/server-build.log" >&2; fail "the server did not build"; }
    rm -rf "$APP"
    java -Djarmode=tools -jar server/target/toroid.jar extract --destination "$APP" >/dev/null
    echo "$sum" >"$APP/.toroid-sum"
  fi
}

build_all() {
  need_build_tools
  web_build
  server_build
}
