# What ./start, ./test and the other scripts share. Sourced, never run.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
DATA="$ROOT/.data"
RUN="$ROOT/.run"

# No way out is silent: what nobody foresaw names its line, the command and where the story stands.
set -E
trap 'unforeseen $? "${BASH_SOURCE[0]}" "$LINENO" "$BASH_COMMAND"' ERR
unforeseen() { # status, file, line, command
  trap - ERR
  printf '%s\n' "Stopped at ${2#"$ROOT"/} line $3 (status $1): $4" "What happened before stands in .run/ (install.log, build.log, test.log, sectorum.log)." >&2
  exit "$1"
}

# Done on the way out whatever fails in it, and not told as unforeseen.
leaving() { # command
  # shellcheck disable=SC2064
  trap "set +e; trap - ERR; $1" EXIT
}

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# Free is what can be bound: an outgoing connection of somebody else's may hold a port that nobody answers on.
port_taken() {
  ! perl -MSocket -e 'socket(my $s, PF_INET, SOCK_STREAM, 0) or exit 1; setsockopt($s, SOL_SOCKET, SO_REUSEADDR, 1); exit(bind($s, sockaddr_in($ARGV[0], inet_aton("127.0.0.1"))) ? 0 : 1)' "$1" 2>/dev/null
}

answers() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # from this number on
  local p=$1
  while port_taken "$p"; do p=$((p + 1)); done
  echo "$p"
}

# --- packages ---------------------------------------------------------------------------------------------
as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo -n "$@"; fi
}

need_packages() { # Debian package names
  local as=""
  if [ "$(id -u)" != 0 ]; then
    if command -v sudo >/dev/null 2>&1 && { sudo -n true 2>/dev/null || [ -t 0 ]; }; then
      as=sudo
    else
      fail "Missing: $*. There are no rights to install here. Ask an administrator to run: apt-get install $*"
    fi
  fi
  command -v apt-get >/dev/null 2>&1 || fail "Missing: $*. This is not a Debian system; install them by hand, then start again."
  say "Installing from Debian's packages: $*"
  mkdir -p "$RUN"
  if ! { $as apt-get update -qq && $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } >"$RUN/install.log" 2>&1; then
    tail -n 5 "$RUN/install.log" >&2
    fail "Installing $* failed; the whole story is in .run/install.log. Mend that (is the network there?), then start again."
  fi
}

java_version() { "$1" -version 2>&1 | sed -n 's/.* version "\([0-9]*\).*/\1/p' | head -n 1; }

need_java() {
  local found
  if [ -n "${JAVA_HOME:-}" ]; then
    found=$(java_version "$JAVA_HOME/bin/java" 2>/dev/null || true)
    [ "${found:-0}" -ge 17 ] 2>/dev/null || fail "JAVA_HOME points to Java ${found:-(none found)}; Sectorum needs a JDK 17 or newer. Unset JAVA_HOME or point it to one."
    [ -x "$JAVA_HOME/bin/javac" ] || fail "JAVA_HOME points to a Java without a compiler. Point it to a JDK 17 or newer, or unset it."
    PATH="$JAVA_HOME/bin:$PATH"
    return
  fi
  found=$(java_version java 2>/dev/null || true)
  if [ "${found:-0}" -lt 17 ] 2>/dev/null || ! command -v javac >/dev/null 2>&1; then
    # Whatever this Debian calls its usual one: 17 in its twelfth, newer after.
    need_packages default-jdk-headless
    hash -r
    found=$(java_version java || true)
    if [ "${found:-0}" -lt 17 ]; then
      local jdk
      jdk=$(readlink -f /usr/lib/jvm/default-java 2>/dev/null || true)
      [ -x "$jdk/bin/javac" ] || fail "The command java is version ${found:-unknown}; Sectorum needs 17 or newer. Set JAVA_HOME to a JDK 17."
      export JAVA_HOME="$jdk" PATH="$jdk/bin:$PATH"
    fi
  fi
}

node_version() { { node --version 2>/dev/null || true; } | sed 's/^v\([0-9]*\).*/\1/'; }

# Node 20 or newer: the machine's, else Debian's where it is new enough, else the packages that hold it.
need_node() {
  local own="$RUN/node/node_modules" found candidate kind
  [ -x "$own/.bin/npm" ] && PATH="$own/node-linux-$(node_kind)/bin:$own/.bin:$PATH"
  found=$(node_version)
  if [ "${found:-0}" -ge 20 ] && command -v npm >/dev/null 2>&1; then return; fi
  if [ "${found:-0}" -lt 20 ]; then
    command -v apt-cache >/dev/null 2>&1 || fail "Node.js 20 or newer is needed to build the screens; found ${found:-none}. Install Node 20, then start again."
    [ -n "$(apt-cache policy nodejs 2>/dev/null)" ] || as_root apt-get update -qq >/dev/null 2>&1 || true
    candidate=$(apt-cache policy nodejs 2>/dev/null | sed -n 's/ *Candidate: \([0-9]*\).*/\1/p')
    if [ "${candidate:-0}" -ge 20 ]; then
      need_packages nodejs npm
      hash -r
      found=$(node_version)
    fi
  fi
  if [ "${found:-0}" -lt 20 ] || ! command -v npm >/dev/null 2>&1; then
    command -v npm >/dev/null 2>&1 || need_packages npm
    kind=$(node_kind)
    say "Fetching Node 22 into .run/node"
    mkdir -p "$RUN/node"
    npm install --prefix "$RUN/node" --no-audit --no-fund --no-save --loglevel=error "node-linux-$kind@22" npm@11 >"$RUN/node.log" 2>&1 \
      || { tail -n 5 "$RUN/node.log" >&2; fail "Node 22 could not be fetched; the whole story is in .run/node.log. Install Node 20 or newer by hand, then start again."; }
    PATH="$own/node-linux-$kind/bin:$own/.bin:$PATH"
    hash -r
    found=$(node_version)
  fi
  [ "${found:-0}" -ge 20 ] || fail "Node.js 20 or newer is needed to build the screens; found ${found:-none}. Install Node 20, then start again."
}

node_kind() {
  case $(uname -m) in
    x86_64) echo x64 ;;
    aarch64 | arm64) echo arm64 ;;
    armv7l) echo armv7l ;;
    *) uname -m ;;
  esac
}

need_tools() { # extra packages as pairs command:package
  need_java
  local missing=() pair
  for pair in mvn:maven mariadbd:mariadb-server mariadb-install-db:mariadb-server "$@"; do
    PATH="$PATH:/usr/sbin" command -v "${pair%%:*}" >/dev/null 2>&1 || missing+=("${pair#*:}")
  done
  if [ ${#missing[@]} -gt 0 ]; then
    # shellcheck disable=SC2046
    need_packages $(printf '%s\n' "${missing[@]}" | sort -u)
  fi
  PATH="$PATH:/usr/sbin"
  need_node
}

# --- MariaDB ----------------------------------------------------------------------------------------------
mariadb_as() { # folder; makes it and sets as, the flag that says as whom its database runs
  mkdir -p "$1"
  as=()
  # Root may not leave the server running as root where the packaged user can reach the folder.
  if [ "$(id -u)" = 0 ]; then
    chown mysql "$1" 2>/dev/null || true
    if runuser -u mysql -- test -w "$1" 2>/dev/null; then as=(--user=mysql); else as=(--user=root); fi
  fi
}

# Sets DB_PORT, DB_SOCKET; leaves the server's pid in $1/mariadb.pid. Arguments: folder, password, databases… The owner of the
# tables has a password of its own where SECTORUM_DB_OWNER_PASSWORD says one.
mariadb_up() {
  local home=$1 password=$2 owner=${SECTORUM_DB_OWNER_PASSWORD:-$2}; shift 2
  local as name who
  mariadb_as "$home"
  if [ -d "$home/data" ] && [ ! -f "$home/finished" ]; then
    fail "The data folder ${home#"$ROOT"/} was left half made by an interrupted first start, so no plan is in it yet. Remove it (rm -r '${home#"$ROOT"/}') and start again."
  fi
  if [ ! -d "$home/data" ]; then
    say "Making the database folder ${home#"$ROOT"/}"
    # A bare machine may not know its own name; the database is asked by number and by its socket alone.
    mariadb-install-db --no-defaults --force "${as[@]}" --datadir="$home/data" --auth-root-authentication-method=socket --skip-test-db >"$home/install.log" 2>&1 \
      || { tail -n 5 "$home/install.log" >&2; fail "MariaDB could not make its folder ${home#"$ROOT"/}."; }
    touch "$home/finished"
  fi
  DB_SOCKET="$home/s.sock"
  # A socket's path has to stay under 108 bytes whatever the project's folder is called.
  if [ ${#DB_SOCKET} -gt 95 ]; then
    DB_SOCKET="/run/user/$(id -u)/sectorum-$$.sock"
    [ -d "${DB_SOCKET%/*}" ] && [ "$(id -u)" != 0 ] || DB_SOCKET="/var/run/mysqld/sectorum-$$.sock"
    mkdir -p "${DB_SOCKET%/*}" 2>/dev/null || true
  fi
  if [ -f "$home/mariadb.pid" ] && kill -0 "$(cat "$home/mariadb.pid")" 2>/dev/null; then
    say "A database from an earlier run is still up; stopping it first"
    mariadb_down "$home"
  fi
  DB_PORT=$(free_port "${SECTORUM_DB_PORT:-23306}")
  { for name in "$@"; do echo "CREATE DATABASE IF NOT EXISTS $name CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;"; done
    echo "DELETE FROM mysql.global_priv WHERE User='root' AND Host<>'localhost';"
    echo "FLUSH PRIVILEGES;"
    # Whoever answers people reads and writes rows and changes no table; migrations are brought in by another, at the start.
    for who in sectorum sectorum_owner; do echo "CREATE USER IF NOT EXISTS '$who'@'127.0.0.1';"; done
    echo "ALTER USER 'sectorum'@'127.0.0.1' IDENTIFIED BY '$password';"
    echo "ALTER USER 'sectorum_owner'@'127.0.0.1' IDENTIFIED BY '$owner';"
    echo "REVOKE ALL PRIVILEGES, GRANT OPTION FROM 'sectorum'@'127.0.0.1';"
    for name in "$@"; do
      echo "GRANT SELECT, INSERT, UPDATE, DELETE ON $name.* TO 'sectorum'@'127.0.0.1';"
      echo "GRANT ALL ON $name.* TO 'sectorum_owner'@'127.0.0.1';"
    done
  } >"$home/init.sql"
  chmod 600 "$home/init.sql"
  if [ "$(id -u)" = 0 ] && [ "${as[0]}" = --user=mysql ]; then chown -R mysql "$home"; fi
  mariadbd --no-defaults "${as[@]}" --datadir="$home/data" --tmpdir="$home/data" --bind-address=127.0.0.1 --port="$DB_PORT" \
    --socket="$DB_SOCKET" --pid-file="$home/mariadb.pid" --log-error="$home/mariadb.log" \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --skip-name-resolve \
    --innodb-log-file-size=16M --init-file="$home/init.sql" >/dev/null 2>&1 &
  local server=$! tries=0
  until mariadb-admin --no-defaults --socket="$DB_SOCKET" ping >/dev/null 2>&1; do
    tries=$((tries + 1))
    if ! kill -0 "$server" 2>/dev/null || [ $tries -gt 300 ]; then
      tail -n 4 "$home/mariadb.log" >&2
      fail "MariaDB did not start; see ${home#"$ROOT"/}/mariadb.log. If the folder is from an older version, move it away and start again."
    fi
    sleep 0.1
  done
  DB_URL="jdbc:mariadb://127.0.0.1:$DB_PORT"
  echo "$DB_PORT" >"$home/port"
}

# A code for whoever forgot a password, made at the machine itself; it holds for an hour.
reset_owner() { # folder, database, name to sign in with or none
  local home=$1 sql="mariadb --no-defaults --batch --skip-column-names" ours="" code hash who
  [ -d "$home/data" ] || fail "There is no workshop on this machine yet. Start Sectorum first."
  if ! { [ -f "$home/mariadb.pid" ] && kill -0 "$(cat "$home/mariadb.pid")" 2>/dev/null; }; then
    need_tools
    db_passwords
    mariadb_up "$home" "$SECTORUM_DB_PASSWORD" "$2"
    ours=yes
  fi
  sql="$sql --socket=${DB_SOCKET:-$home/s.sock} $2"
  case $3 in *[!a-z0-9._@+-]*) fail "\"$3\" is no name to sign in with." ;; esac
  who=$($sql -e "select concat(id, ' ', workshop_id, ' ', name) from person where left_at is null and $([ -n "$3" ] && echo "sign_in = '$3'" || echo "role = 'OWNER' and password is not null") order by id limit 1")
  if [ -z "$who" ]; then
    [ -z "$ours" ] || mariadb_down "$home"
    [ -n "$3" ] && fail "Nobody signs in as \"$3\" here."
    fail "No owner has a password here: open Sectorum on this machine and go on without one."
  fi
  code=$(LC_ALL=C tr -dc '0-9A-HJKMNP-TV-Z' </dev/urandom | head -c 16 || true)
  hash=$(printf '%s' "$code" | sha256sum | cut -d' ' -f1)
  $sql -e "insert into access_code (hash, workshop_id, kind, name, person_id, until_at) select '$hash', workshop_id, 'RESET', name, id, utc_timestamp(3) + interval 1 hour from person where id = ${who%% *}"
  [ -z "$ours" ] || mariadb_down "$home"
  say "The code for ${who#* * }: ${code:0:4}-${code:4:4}-${code:8:4}-${code:12:4}"
  say "It holds for an hour. Where you sign in, press \"I have a code for a new password\"."
}

mariadb_down() { # folder
  local pid
  pid=$(cat "$1/mariadb.pid" 2>/dev/null) || return 0
  kill "$pid" 2>/dev/null || return 0
  local tries=0
  while kill -0 "$pid" 2>/dev/null && [ $tries -lt 200 ]; do sleep 0.1; tries=$((tries + 1)); done
}

db_passwords() {
  SECTORUM_DB_PASSWORD=$(password "$DATA/db-password") SECTORUM_DB_OWNER_PASSWORD=$(password "$DATA/db-owner-password")
  export SECTORUM_DB_PASSWORD SECTORUM_DB_OWNER=sectorum_owner SECTORUM_DB_OWNER_PASSWORD
}

password() { # file
  mkdir -p "$(dirname "$1")"
  [ -s "$1" ] || (umask 077; od -An -N18 -tx1 /dev/urandom | tr -d ' \n' >"$1")
  cat "$1"
}

# --- build ------------------------------------------------------------------------------------------------
sources_hash() {
  (cd "$ROOT" && { find pom.xml core browser browser-tools server web/src web/public web/index.html web/package-lock.json web/openapi.json \
    web/*.ts web/*.mjs -type f -not -path '*/target/*' -not -path '*/src/test/*' -not -name '*.generated.ts' -not -name '*.wasm' -print0 2>/dev/null || true; } | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

# --- the application ----------------------------------------------------------------------------------------
# A heap that is full ends the process with a word (./start starts it again): never a half-dead service. The heap begins small, so
# that what is not needed is not taken.
java_flags() { # sets flags
  flags=(-XX:+UseSerialGC -Xms64m -Xmx400m -XX:+ExitOnOutOfMemoryError -XX:TieredStopAtLevel="${SECTORUM_TIER:-1}" -Xshare:auto)
  [ ! -f "$RUN/app.jsa" ] || flags+=("-XX:SharedArchiveFile=$RUN/app.jsa")
}

# --- a Sectorum of a script's own ---------------------------------------------------------------------------
# Starts the built application against a database; sets app (its pid) and APP_BASE. What it says stands in .run/own-PORT.log.
app_up() { # database address, password, port or none
  [ -f "$RUN/app/sectorum.jar" ] || fail "Sectorum is not built yet. Run ./start once, then again."
  local port=${3:-} flags
  [ -n "$port" ] || port=$(free_port "${APP_FROM:-8700}")
  java_flags
  SECTORUM_TOMCAT="$RUN/own-tomcat-$port" SECTORUM_DB_URL=$1 SECTORUM_DB_PASSWORD=$2 SECTORUM_DB_OWNER=sectorum_owner SECTORUM_PORT=$port SECTORUM_DEMO=false \
    java "${flags[@]}" -jar "$RUN/app/sectorum.jar" >>"$RUN/own-$port.log" 2>&1 &
  app=$!
  until answers "$port"; do
    kill -0 "$app" 2>/dev/null || { tail -n 20 "$RUN/own-$port.log" >&2; fail "Sectorum did not start; see .run/own-$port.log."; }
    sleep 0.1
  done
  kill -0 "$app" 2>/dev/null || fail "Port $port was taken by somebody else at the last moment. Start again."
  APP_PORT=$port APP_BASE="http://127.0.0.1:$port"
}

with_own_sectorum() { # command…
  local home="$DATA/own-mariadb"
  app=""
  rm -rf "$home"
  leaving "kill \$app 2>/dev/null; wait \$app 2>/dev/null; mariadb_down '$home'; rm -rf '$home'"
  SECTORUM_DB_PORT=29306 mariadb_up "$home" for-this-run-only sectorum_own
  app_up "$DB_URL/sectorum_own" for-this-run-only
  SECTORUM_BASE=$APP_BASE "$@"
}

# One class of the browser tests against a Sectorum that runs already; the story stands in .run/.
in_browser() { # class base
  need_tools
  mkdir -p "$RUN"
  mvn -q -B -ntp -pl server,e2e -am verify -Dweb.skip=true -Dweb.check.skip=true -Djacoco.skip -Dspotless.check.skip \
    -Dcheckstyle.skip -Dtest=None -Dsurefire.failIfNoSpecifiedTests=false -Dit.test="$1" \
    -Dsectorum.base="$2" >"$RUN/$1.log" 2>&1 || { tail -n 30 "$RUN/$1.log" >&2; exit 1; }
}

# The door's own certificate for an address of this machine: an authority of its own that a phone can be told to trust, and what
# it signs. Made once for each address; the authority stays.
door_keys() { # address, or auto
  local address=$1 keys="$DATA/door" word tool
  [ "$address" != auto ] || address=$(hostname -I 2>/dev/null | tr ' ' '\n' | grep -v '^127\.\|^::1$' | head -n 1)
  [ -n "$address" ] || fail "This machine has no address in a network. Say one: ./start --lan ADDRESS"
  mkdir -p "$keys"; chmod 700 "$keys"
  word=$(password "$keys/password")
  tool="$(dirname "$(readlink -f "$(command -v java)")")/keytool"
  keytool_() { "$tool" "$@" -storepass "$word" >>"$RUN/door.log" 2>&1 || fail "The door's certificate could not be made; the whole story is in .run/door.log."; }
  local still; still=$(find "$keys/authority.p12" -mtime -3000 2>/dev/null || true)
  if [ -z "$still" ]; then
    rm -f "$keys"/*.p12 "$keys"/*.crt
    keytool_ -genkeypair -alias authority -keystore "$keys/authority.p12" -storetype PKCS12 -keyalg EC -groupname secp256r1 \
      -dname "CN=Sectorum on $(hostname)" -ext bc:c=ca:true,pathlen:0 -ext ku:c=keyCertSign,cRLSign -validity 3650
    keytool_ -exportcert -alias authority -keystore "$keys/authority.p12" -file "$keys/authority.crt"
  fi
  # A certificate is good for 398 days; it is made anew long before.
  if [ "$(cat "$keys/address" 2>/dev/null)" != "$address" ] || [ -z "$(find "$keys/door.p12" -mtime -300 2>/dev/null || true)" ]; then
    say "Making the door's certificate for $address (some seconds)"
    rm -f "$keys/door.p12" "$keys/door.csr" "$keys/door.crt"
    keytool_ -genkeypair -alias door -keystore "$keys/door.p12" -storetype PKCS12 -keyalg EC -groupname secp256r1 -dname "CN=$address" -validity 398
    keytool_ -certreq -alias door -keystore "$keys/door.p12" -file "$keys/door.csr"
    keytool_ -gencert -alias authority -keystore "$keys/authority.p12" -infile "$keys/door.csr" -outfile "$keys/door.crt" \
      -ext "san=ip:$address" -ext eku=serverAuth -ext ku:c=digitalSignature -validity 398
    keytool_ -importcert -alias authority -keystore "$keys/door.p12" -file "$keys/authority.crt" -noprompt
    keytool_ -importcert -alias door -keystore "$keys/door.p12" -file "$keys/door.crt" -noprompt
    rm -f "$keys/door.csr"
    echo "$address" >"$keys/address"
  fi
  export SECTORUM_DOOR_ADDRESS=$address SECTORUM_DOOR_KEYS=$keys SECTORUM_DOOR_PASSWORD=$word
}
