# What start, verify and the helpers beside this file share. Sourced, never run.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "- $*"; }

# One clear sentence, then out.
fail() {
  printf '\n%s\n' "$*" >&2
  exit 1
}

need_version() { # NAME MAJOR FOUND HOW
  [ "${3:-0}" -ge "$2" ] 2>/dev/null || fail "$1 $2 or newer is needed${3:+ (found $3)}: $4"
}

need_toolchain() {
  local java node
  command -v javac >/dev/null || fail "A Java development kit is missing: install it with 'apt-get install openjdk-17-jdk-headless'."
  command -v mvn >/dev/null || fail "Maven is missing: install it with 'apt-get install maven'."
  command -v npm >/dev/null || fail "Node.js with npm is missing: install Node 20 from your usual source."
  java=$(javac -version 2>&1 | sed -E 's/^javac ([0-9]+).*/\1/')
  node=$(node --version 2>/dev/null | sed -E 's/^v([0-9]+).*/\1/')
  need_version "Java" 17 "$java" "install it with 'apt-get install openjdk-17-jdk-headless'."
  need_version "Node.js" 20 "$node" "install Node 20 from your usual source."
}

as_root() {
  if [ "$(id -u)" = 0 ]; then
    "$@"
  elif command -v sudo >/dev/null; then
    sudo "$@"
  else
    fail "Installing Debian packages needs root: run 'apt-get install $packages' as root, then run this again."
  fi
}

# need_packages COMMAND:PACKAGE ...: installs the Debian packages whose command, or file below /, is missing.
need_packages() {
  local pair packages=
  for pair in "$@"; do
    [ -e "/${pair%%:*}" ] || command -v "${pair%%:*}" >/dev/null || packages="$packages ${pair#*:}"
  done
  [ -n "$packages" ] || return 0
  command -v apt-get >/dev/null || fail "Missing:$packages. This machine has no apt-get; install them by its own means."
  say "Installing from Debian:$packages"
  mkdir -p "$root/var/log"
  # shellcheck disable=SC2086
  {
    as_root apt-get update -qq &&
      as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages
  } >"$root/var/log/packages.log" 2>&1 ||
    fail "Debian's packages could not be installed:$packages. Check the network and var/log/packages.log, then run this again."
}

# The -core packages hold the server and its client, and start no service of their own.
need_database_packages() {
  need_packages mariadbd:mariadb-server-core mariadb:mariadb-client-core mariadb-install-db:mariadb-server-core
}

# What the report as PDF writes other scripts with: names and words of customers may be in any.
need_fonts() {
  local fonts=usr/share/fonts/truetype
  need_packages $fonts/noto/NotoSans-Regular.ttf:fonts-noto-core $fonts/droid/DroidSansFallbackFull.ttf:fonts-droid-fallback \
    $fonts/nanum/NanumGothic.ttf:fonts-nanum $fonts/ancient-scripts/Symbola_hint.ttf:fonts-symbola
}

need_space() { # MEGABYTES [FOLDER]
  local free
  free=$(df -Pm "${2:-$root}" | awk 'NR == 2 { print $4 }')
  [ "$free" -ge "$1" ] || fail "The disk is nearly full: $free MB are free here, $1 MB are needed. Make room, then run this again."
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # FIRST: the first free port from there on
  local port=$1
  while port_taken "$port"; do port=$((port + 1)); done
  printf '%s\n' "$port"
}

# run_logged LOG WHAT COMMAND...: quiet while it works; names the likely reason when it does not.
run_logged() {
  local log=$1 what=$2
  shift 2
  mkdir -p "$(dirname "$log")"
  "$@" >"$log" 2>&1 && return 0
  if grep -qE 'Could not transfer|Could not resolve dep|could not be resolved|ENOTFOUND|ECONNRE|EAI_AGAIN|ETIMEDOUT|npm (ERR!|error) network' "$log"; then
    fail "$what stopped because a download broke: check the network and run this again (details: ${log#"$root"/})."
  elif grep -qE 'No space left on device|ENOSPC' "$log"; then
    fail "$what stopped because the disk is full: make room and run this again (details: ${log#"$root"/})."
  fi
  tail -n 30 "$log" >&2
  fail "$what failed: the reason is above, all of it in ${log#"$root"/}."
}

build_web() { # LOG: packages as locked, the core for the browser, then types, then the page
  if [ ! -e "$root/web/node_modules/.package-lock.json" ] ||
    [ "$root/web/package-lock.json" -nt "$root/web/node_modules/.package-lock.json" ]; then
    run_logged "$1" "Fetching the page's packages" npm --prefix "$root/web" ci --no-audit --no-fund
    touch "$root/web/node_modules/.package-lock.json"
  fi
  run_logged "$1" "Building the core for the browser" mvn -B -q -f "$root/pom.xml" -pl device -am process-classes
  run_logged "$1" "Building the page" npm --prefix "$root/web" run build
}
