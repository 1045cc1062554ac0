# Takes the API's description from the server's sources anew, and the app's types from it.
api_command() {
  need_build_tools
  web_install
  $MVN -q -pl core,server package -Dmaven.test.skip=true
  cluster_start test-pg relaxed
  cluster_database toroid_api anew
  use_database toroid_api
  local port pid
  port=$(free_port 8720)
  TOROID_PORT=$port TOROID_PASSWORD_FILE="" java -XX:TieredStopAtLevel=1 -jar server/target/toroid.jar >"$VAR/api.log" 2>&1 &
  pid=$!
  wait_healthy "http://127.0.0.1:$port" "$pid" "$VAR/api.log"
  curl -fsS "http://127.0.0.1:$port/api/openapi.json" >docs/openapi.json
  kill "$pid"
  cluster_stop test-pg
  (cd web && npm run -s api >/dev/null)
}
