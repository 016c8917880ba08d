# shellcheck shell=bash
# What start, verify and the helpers beside this file share. Sourced, never run.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

# What is kept between runs: database, backups, logs.
var=$root/var

say() { printf '%s\n' "- $*"; }

# One clear sentence, then out.
fail() {
  printf '\n%s\n' "$*" >&2
  exit 1
}

# A place at which a test kills the script, to see what the next start makes of what it leaves.
point() {
  [ "${GASKET_DIES_AT:-}" != "$1" ] || kill -KILL $$
}

need_version() { # NAME MAJOR FOUND HOW
  [ "${3:-0}" -ge "$2" ] 2>/dev/null || fail "$1 $2 or newer is needed${3:+ (found $3)}: $4"
}

need_toolchain() {
  local java node
  command -v javac >/dev/null || fail "A Java development kit is missing: install it with 'apt-get install openjdk-17-jdk-headless'."
  command -v mvn >/dev/null || fail "Maven is missing: install it with 'apt-get install maven'."
  command -v npm >/dev/null || fail "Node.js with npm is missing: install Node 20 from your usual source."
  # With JAVA_TOOL_OPTIONS set, Java first says that it has picked them up.
  java=$(javac -version 2>&1 | sed -nE 's/^javac ([0-9]+).*/\1/p')
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
  need_folder "$var/log"
  # shellcheck disable=SC2086
  {
    as_root apt-get update -qq -o DPkg::Lock::Timeout=120 &&
      as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends -o DPkg::Lock::Timeout=120 $packages
  } >"$var/log/packages.log" 2>&1 && return 0
  ! grep -qE 'Could not get lock|Unable to (lock|acquire)' "$var/log/packages.log" ||
    fail "Another program is installing packages on this machine: wait until it has finished, then run this again."
  fail "Debian's packages could not be installed:$packages. Check the network and $var/log/packages.log, then run this again."
}

# need_folder FOLDER: makes it, and sees that it can be written to.
need_folder() {
  { mkdir -p "$1" && [ -w "$1" ]; } 2>/dev/null || fail "Nothing can be written to $1: look at its permissions, and whether its disk is mounted read-only."
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

free_space() { df -Pm "$1" | awk 'NR == 2 { print $4 }'; } # FOLDER: megabytes

need_space() { # MEGABYTES [FOLDER]
  local free
  free=$(free_space "${2:-$root}")
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
    fail "$what stopped because a download failed: check the network and run this again (details: ${log#"$root"/})."
  elif grep -qE 'No space left on device|ENOSPC' "$log"; then
    fail "$what stopped because the disk is full: make room and run this again (details: ${log#"$root"/})."
  fi
  tail -n 30 "$log" >&2
  fail "$what failed: the reason is above, all of it in ${log#"$root"/}."
}

# The core for the browser takes the better part of a minute: it is compiled anew when what it is made of has changed.
compile_core() {
  local made=$root/device/target/browser/made stamp
  stamp=$(cd "$root" && find -H core/src/main wording/src/main codec/src/main device/src/main pom.xml core/pom.xml wording/pom.xml codec/pom.xml device/pom.xml \
    -type f -print0 | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum)
  [ "$(cat "$made" 2>/dev/null)" != "$stamp" ] || return 0
  say "Building the core for the browser (the first time this fetches libraries)"
  # Its codec is made from the records of the core, which Maven does not see change.
  rm -rf "$root/device/target/classes" "$root/device/target/generated-sources"
  run_logged "$var/log/compile-core.log" "Building the core for the browser" mvn -B -q -f "$root/pom.xml" -pl device -am process-classes
  printf '%s\n' "$stamp" >"$made"
}

# The packages that the page is made of, as locked.
fetch_page() {
  if [ ! -e "$root/web/node_modules/.package-lock.json" ] ||
    [ "$root/web/package-lock.json" -nt "$root/web/node_modules/.package-lock.json" ]; then
    say "Fetching the page's packages"
    run_logged "$var/log/fetch-page.log" "Fetching the page's packages" npm --prefix "$root/web" ci --no-audit --no-fund
    touch "$root/web/node_modules/.package-lock.json"
  fi
}

# at_once COMMAND...: each a function of its own, all at the same time; ends with the first failure once all have ended.
at_once() {
  local one pids=() failed=''
  for one in "$@"; do
    "$one" &
    pids+=($!)
  done
  for one in "${pids[@]}"; do wait "$one" || failed=1; done
  [ -z "$failed" ] || exit 1
}

build_page() { run_logged "$var/log/build-web.log" "Building the page" npm --prefix "$root/web" run build; }
