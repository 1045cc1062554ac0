# Prerequisites: installed when we may, named with their remedy when we may not.
APT_FRESH=""

install_packages() {
  if is_root && command -v apt-get >/dev/null; then
    say "installing $*"
    [ -n "$APT_FRESH" ] || { apt-get update -qq >/dev/null && APT_FRESH=1; }
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >"$VAR/apt.log" 2>&1 ||
      fail "could not install $*; see $VAR/apt.log"
  else
    fail "$* is missing. As an administrator: apt-get install $*"
  fi
}

need_command() { command -v "$1" >/dev/null || install_packages "$2"; }

need_java() {
  need_command javac openjdk-17-jdk-headless
  local major
  major=$(javac -version 2>&1 | sed -E 's/javac ([0-9]+).*/\1/')
  [ "$major" -ge 17 ] || fail "Java 17 or newer is needed, this is $major. As an administrator: apt-get install openjdk-17-jdk-headless"
}

need_build_tools() {
  need_java
  need_command mvn maven
  need_command node nodejs
  need_command npm npm
  local major
  major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || fail "Node.js 20 or newer is needed, this is $major. Install a newer nodejs."
}

postgres_bin() {
  local want="${1:-}" dir best=""
  for dir in /usr/lib/postgresql/*/bin; do
    [ -x "$dir/initdb" ] || continue
    if [ -z "$want" ] || [ "$dir" = "/usr/lib/postgresql/$want/bin" ]; then best=$dir; fi
  done
  echo "$best"
}

need_postgres() {
  [ -n "$(postgres_bin)" ] && return
  mkdir -p /etc/postgresql-common 2>/dev/null && [ -w /etc/postgresql-common ] &&
    [ ! -e /etc/postgresql-common/createcluster.conf ] && echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf
  install_packages postgresql
  [ -n "$(postgres_bin)" ] || fail "PostgreSQL's server was not found under /usr/lib/postgresql after installing it."
}

# The browser without a window is left in CHROMIUM: Debian's shell, which draws no bars and tabs of its own and so takes a part of the
# work; the whole browser does as well where that is not to be had.
need_chromium() {
  CHROMIUM=/usr/bin/chromium-headless-shell
  [ ! -x "$CHROMIUM" ] || return 0
  if [ -x /usr/bin/chromium ] && { ! is_root || ! (install_packages chromium-headless-shell); }; then
    CHROMIUM=/usr/bin/chromium
    return 0
  fi
  [ -x "$CHROMIUM" ] || install_packages chromium-headless-shell
}
