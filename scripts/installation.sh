# shellcheck shell=bash
# What an installation keeps, and how its parts are found. Sourced by whatever backs up, restores, upgrades or starts one.
#
#   FOLDER/                      var/db, if nothing else is said
#     data/                      MariaDB's files
#     data/changes.NNNNNN        every change since the database was made or restored (MariaDB's binary log), kept for a fortnight
#     data/changes.history       which history of changes these are: see history_of
#     passwords  env  pid        of its server
#     first-sign-in              whom the first start made the owner
#     first-start                the first start has not got to its end
#     upgrading                  the backup from before an upgrade that has not got to its end
#   FOLDER.new/                  a restored database that is not in its place yet; whole once FOLDER.new/whole is there
#   FOLDER.before-TIME/          what a restored database has taken the place of

. "$(dirname "${BASH_SOURCE[0]}")/lib.sh"

# For those who source this.
# shellcheck disable=SC2034
db=$var/db

# sql FOLDER STATEMENT: asks the running server of that folder.
sql() { (cd "$1/data" && mariadb --no-defaults --socket=db.sock --user="$(id -un)" --skip-column-names gasket --execute "$2"); }

# sum_of FOLDER TABLE: how many rows it has, and a sum over all that they hold. MariaDB's own check sum of a table with a column that follows
# from another is now this and now that.
sum_of() {
  local row
  row=$(sql "$1" "select group_concat(concat('quote(\`', column_name, '\`)') order by ordinal_position)
    from information_schema.columns where table_schema = 'gasket' and table_name = '$2'")
  sql "$1" "select count(*), coalesce(sum(crc32(concat_ws(',', $row))), 0) from \`$2\`"
}

# The version that a running database has; 0 for one that no application has run on.
version_of() { sql "$1" 'select coalesce(max(cast(version as int)), 0) from flyway_schema_history where success' 2>/dev/null || echo 0; }

# The newest version that this application knows.
newest_version() {
  find "$root/server/src/main" -path '*/db/migration/V*.sql' -o -path '*/older/V*__*.java' |
    sed -E 's|.*/V([0-9]+)__.*|\1|' | sort -n | tail -1
}

new_id() { cat /proc/sys/kernel/random/uuid; }

# begin_history FOLDER [BACKUP]: from now on its changes are a history of their own; that of a restored database begins where the
# backup of that id ends.
begin_history() {
  printf 'id=%s\nbase=%s\nsince=%s\n' "$(new_id)" "${2:-}" "$(date +%s)" >"$1/data/changes.history.new"
  mv "$1/data/changes.history.new" "$1/data/changes.history"
}

# value_of FILE KEY: what a file of KEY=VALUE lines says; nothing if it does not, or is not there.
value_of() { sed -nE "s/^$2=(.*)$/\1/p" "$1" 2>/dev/null || true; }

# tidy_restore FOLDER: what a restore that was cut off has left is finished if the old database had been moved away, else removed.
tidy_restore() {
  [ -d "$1.new" ] || return 0
  "$root/scripts/database" stop "$1.new" >/dev/null
  if [ -e "$1.new/whole" ] && [ ! -e "$1" ]; then
    say "A restore was cut off at its last step: finishing it"
    put_in_place "$1"
  else
    say "A restore was cut off before it changed anything: removing what it had unpacked"
    rm -rf "$1.new"
  fi
}

# put_in_place FOLDER: FOLDER.new becomes FOLDER, which is not there.
put_in_place() {
  mv -T "$1.new" "$1"
  point put-in-place
  rm -f "$1/whole"
}

# need_in_place FOLDER: refuses to begin anew beside a database that was moved away.
need_in_place() {
  local before
  [ ! -d "$1/data/mysql" ] || return 0
  before=$(compgen -G "$1.before-*" | sort | tail -1) || true
  [ -z "$before" ] || fail "There is no database in $1, but one was moved to $before. Put it back with 'mv -T $before $1', \
or start over without it: './start --fresh'."
}
