# shellcheck shell=bash
# Keeps database and application running until Ctrl-C. Sourced after installation.sh by ./start, which scripts/service has the
# machine run; on_ready and on_tick are what ./start does once it is ready, and while it runs.
# shellcheck disable=SC2154
#
# The state is that of /actuator/health: STARTING, READY, DATABASE_AWAY, DISK_FULL, STOPPING. Each change of it is said in one line.

application='' health='' database_port='' state='' ready_once='' database_was_away='' launched=0
laid=server/target/application
# So much room the database wants to go on, in megabytes.
ROOM=64
# An application that dies by itself so often, each time within ten minutes, is not started again.
MOST_DEATHS=5

tell() { # STATE SENTENCE
  [ "$1" != "$state" ] || return 0
  state=$1
  say "$2"
}

# A pause that Ctrl-C ends.
pause() { # SECONDS
  sleep "$1" 9>&- &
  wait $! || true
}

application_lives() { [ -n "$application" ] && kill -0 "$application" 2>/dev/null; }

# What the application says of itself; nothing if it does not answer.
health_state() {
  {
    exec 3<>"/dev/tcp/127.0.0.1/$health" || return 0
    printf 'GET /actuator/health HTTP/1.0\r\n\r\n' >&3
    timeout 10 cat <&3 | sed -nE 's/.*"state":"([A-Z_]+)".*/\1/p'
    exec 3>&-
  } 2>/dev/null
}

stop_all() {
  trap '' INT TERM HUP
  if application_lives; then
    kill -TERM "$application" 2>/dev/null || true
    wait "$application" 2>/dev/null || true
  fi
  # Whole before it is used: other installations of this folder's application may start just now.
  [ ! -s "$laid/classes.$$.jsa" ] || mv "$laid/classes.$$.jsa" "$laid/classes.jsa"
  scripts/database stop "$db" 9>&-
}

tell_disk_full() { tell DISK_FULL "The disk is full ($(free_space "$db") MB are free): make room. It goes on by itself then, and nothing is lost"; }

# Waits until the database answers, and starts it when it has died.
keep_database() {
  local said wait_for=1
  until scripts/database answers "$db"; do
    database_was_away=1
    if [ "$(free_space "$db")" -lt "$ROOM" ]; then
      tell_disk_full
    elif [ -s "$db/pid" ] && kill -0 "$(cat "$db/pid")" 2>/dev/null; then
      tell DATABASE_AWAY "The database does not answer: waiting for it (see $db/server.log)"
    else
      tell DATABASE_AWAY "The database has stopped by itself (see $db/server.log): starting it again"
      if said=$(scripts/database start "$db" "$database_port" 2>&1 9>&-); then continue; fi
      # Only what is not said yet.
      [ "$said" = "${said_before:-}" ] || printf '%s\n' "$said" >&2
      said_before=$said
    fi
    pause $wait_for
    wait_for=$((wait_for < 16 ? wait_for * 2 : 16))
  done
}

launch() {
  tell STARTING "Starting the application"
  # What it wrote when it died is wanted most.
  [ ! -s "$var/log/application.log" ] || mv "$var/log/application.log" "$var/log/application.log.before"
  local classes=-XX:ArchiveClassesAtExit=$laid/classes.$$.jsa
  [ ! -s $laid/classes.jsa ] || classes=-XX:SharedArchiveFile=$laid/classes.jsa
  database_was_away='' launched=$SECONDS
  health=$(free_port "${health:-$((GASKET_PORT + 1))}")
  # A session of its own: Ctrl-C comes here first, and the database outlives the application.
  GASKET_HEALTH_PORT=$health setsid java -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xshare:auto "$classes" -jar $laid/application.jar \
    >"$var/log/application.log" 2>&1 9>&- &
  application=$!
}

observe() {
  case $(health_state) in
    READY)
      [ -n "$ready_once" ] || { ready_once=1 && on_ready; }
      tell READY "Ready"
      ;;
    DATABASE_AWAY) tell DATABASE_AWAY "The database does not answer the application: waiting for it" ;;
    DISK_FULL) tell_disk_full ;;
    *) tell STARTING "The application does not answer yet" ;;
  esac
}

# An application that has died while its database was away, or without room, is not to blame.
blame() {
  local log=$var/log/application.log
  if [ -n "$database_was_away" ] || ! scripts/database answers "$db" || [ "$(free_space "$db")" -lt "$ROOM" ]; then return; fi
  if grep -q "Port $health was already in use" "$log"; then
    # The next launch may have another.
    health=$((health + 1))
    return
  fi
  if [ -z "$ready_once" ]; then
    ! grep -q "Port $GASKET_PORT was already in use" "$log" || fail "Port $GASKET_PORT was taken at the last moment: run './start --port $((GASKET_PORT + 1))'."
    fail "The application does not start: see $log."
  fi
  deaths=$((SECONDS - launched > 600 ? 1 : ${deaths:-0} + 1))
  [ $deaths -lt $MOST_DEATHS ] || fail "The application has stopped by itself $MOST_DEATHS times: see $log.before."
  tell DIED "The application has stopped by itself (see $log.before)"
}

supervise() {
  while :; do
    keep_database
    launch
    while application_lives; do
      keep_database
      observe
      on_tick
      if [ "$state" = READY ]; then pause 2; else pause 0.3; fi
    done
    blame
    pause 1
  done
}
