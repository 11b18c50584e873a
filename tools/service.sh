# Part of ./glad: running for good.

# Whoever has the data does it, not root.
as_owner() {
  local owner; owner=$(stat -c %U "$data" 2>/dev/null || id -un)
  if [ "$(id -u)" = 0 ] && [ "$owner" != root ] && [ "$owner" != UNKNOWN ]; then
    exec runuser -u "$owner" -- "$root/glad" "$@"
  fi
}

run_service() {
  local what=$1; shift
  local given=("$@")
  while [ $# -gt 0 ]; do
    case $1 in
      --config) shift 2 ;;
      --data) data=${2:?--data takes a folder}; shift 2 ;;
      *) fail "$what does not know $1. ./glad help tells what it knows." ;;
    esac
  done
  case $what in
    serve) serve ;;
    status) as_owner status "${given[@]}"; status ;;
    install-service) install_service ;;
  esac
}

launch() {
  as_serving
  setsid "${java[@]}" -XX:SharedArchiveFile="$classes" -jar "$flat" --glad.demo=false "${server_args[@]}" </dev/null &
  server=$!
  echo "$server" >"$data/server.pid"
}

# Keeps the database and the server running until it is told to stop. What fails again and again ends it, so that whoever
# started it learns of it.
serve() {
  # Laid out it starts faster; as it was built it starts as well.
  [ -f "$flat" ] || flat=$app
  [ -f "$flat" ] && [ -f web/dist/index.html ] || fail "there is nothing built to serve. Run ./glad up once, which builds it."
  server_settings
  data=$(cd "$data" && pwd)
  local running; running=$(cat "$data/server.pid" 2>/dev/null || true)
  if [ -n "$running" ] && kill -0 "$running" 2>/dev/null; then fail "Glad Tile runs already with these data. ./glad down stops it."; fi
  [ "$scheme" = https ] || [ -n "$public" ] || case $address in 127.* | localhost | ::1) ;; *) echo "glad: no certificate and no public-address are set: passwords would cross the network readable." >&2 ;; esac
  tools/backup put-back "$data"
  tools/cluster start "$data/db" || exit 1
  back_up_before_migration || fail "the data could not be backed up, so nothing was changed."
  java_command
  server=
  trap 'stop_all; exit 0' INT TERM
  local starts=0 began=$SECONDS
  while :; do
    tools/cluster check "$data/db" || { echo "glad: the database had stopped and is started again." >&2; tools/cluster start "$data/db" || true; }
    if [ -z "$server" ] || ! kill -0 "$server" 2>/dev/null; then
      [ $((SECONDS - began)) -lt 600 ] || { starts=0; began=$SECONDS; }
      starts=$((starts + 1))
      [ "$starts" -le 6 ] || { stop_all; fail "the server ended six times within ten minutes."; }
      [ "$starts" = 1 ] || echo "glad: the server had ended and is started again." >&2
      launch
    fi
    sleep 2 & wait $! || true
  done
}

status() {
  [ -d "$data" ] || fail "there is no folder $data."
  data=$(cd "$data" && pwd)
  echo "Glad Tile $(sed -n 's:.*<version>\(.*\)</version>.*:\1:p' pom.xml | head -n 1), tables of migration $(for f in server/src/main/resources/db/migration/V*__*.sql; do f=${f##*/V}; echo "${f%%__*}"; done | sort -n | tail -n 1)"
  echo "Java        $(java -version 2>&1 | sed -n '1s/.*"\(.*\)".*/\1/p')"
  echo "Data        $data, $(du -sh "$data" 2>/dev/null | cut -f1), $(df -Pm "$data" | awk 'NR==2 {print $4}') MB free on the disk"
  local pid code=0; pid=$(cat "$data/server.pid" 2>/dev/null || true)
  if [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null; then
    local at=$address; [ "$at" = 0.0.0.0 ] && at=127.0.0.1
    [ -z "$cert" ] || scheme=https
    local said; said=$(curl -sk -o /dev/null -w '%{http_code}' --max-time 5 "$scheme://$at:$port/api/health" || true)
    if [[ $said = 2?? ]]; then echo "Server      healthy, runs for $(ps -o etime= -p "$pid" | tr -d ' ')"; else echo "Server      runs, but is not well (health: $said)"; code=1; fi
  else
    echo "Server      does not run"; code=1
  fi
  if tools/cluster check "$data/db" 2>/dev/null; then
    echo "Database    PostgreSQL $(psql_in -XAtqc 'show server_version' | cut -d' ' -f1), at migration $(psql_in -XAtqc 'select max(version::int) from flyway_schema_history where success'), $(psql_in -XAtqc "select count(*) from pg_stat_activity where usename = 'glad_serve'") connections of the server"
  else
    echo "Database    does not run"; code=1
  fi
  local last; last=$(tools/backup newest "$data")
  if [ -n "$last" ]; then echo "Backup      $(basename "$last"), $(du -h "$last" | cut -f1), checked by restoring it"; else echo "Backup      none yet"; fi
  return $code
}

# Everything it needs lies in one folder that the service cannot write to, and its data in another that it can.
install_service() {
  [ "$(id -u)" = 0 ] || fail "install-service makes a user and a service, so it needs root. Nothing was changed."
  local home=${GLAD_HOME:-/opt/glad-tile} unit=${GLAD_UNIT:-/etc/systemd/system/glad-tile.service} user=glad-tile
  [ -n "$named_data" ] || [ "$data" != var ] || data=/var/lib/glad-tile
  install
  back
  front
  java_command
  [ -s "$classes" ] || echo "  It starts slower the first times: run ./glad up once before, to have its classes laid out."
  id "$user" >/dev/null 2>&1 || step "the user $user, without a shell" useradd --system --home-dir "$data" --no-create-home --shell /usr/sbin/nologin "$user"
  mkdir -p "$home" "$data" /etc/glad-tile
  step "the program in $home" copy_program "$home"
  chown "$user:$user" "$data"; chmod 700 "$data"
  if [ ! -e /etc/glad-tile/glad.conf ]; then
    sed "s|^#\\? *data *=.*|data = $data|" glad.conf.example >/etc/glad-tile/glad.conf
    chmod 640 /etc/glad-tile/glad.conf; chgrp "$user" /etc/glad-tile/glad.conf
  fi
  unit_file "$home" "$user" "$data" >"$unit"
  if [ -d /run/systemd/system ]; then systemctl daemon-reload; fi
  cat <<TEXT

  Settings     /etc/glad-tile/glad.conf
  Data         $data, which only $user may read
  Start it     systemctl enable --now glad-tile
  Its log      journalctl -u glad-tile    (kept and rotated by the journal; the link to set up the school stands there)
TEXT
}

copy_program() {
  local home=$1 part
  rm -rf "$home/new"
  mkdir -p "$home/new/server/target" "$home/new/server/src/main/resources/db" "$home/new/web"
  cp -r glad tools pom.xml glad.conf.example "$home/new/"
  cp -r server/target/app "$home/new/server/target/"
  cp -r server/src/main/resources/db/migration "$home/new/server/src/main/resources/db/"
  cp -r web/dist "$home/new/web/"
  chmod -R a+rX,go-w "$home/new"
  for part in glad tools pom.xml glad.conf.example server web; do
    rm -rf "${home:?}/$part"
    mv "$home/new/$part" "$home/$part"
  done
  rmdir "$home/new"
}

unit_file() {
  cat <<UNIT
[Unit]
Description=Glad Tile
After=network-online.target
Wants=network-online.target

[Service]
User=$2
Group=$2
WorkingDirectory=$1
ExecStart=$1/glad serve --config /etc/glad-tile/glad.conf
Restart=on-failure
RestartSec=10
TimeoutStopSec=30
KillMode=mixed
OOMPolicy=continue
UMask=0077
NoNewPrivileges=yes
ProtectSystem=strict
ReadWritePaths=$3
ProtectHome=yes
PrivateTmp=yes
PrivateDevices=yes
ProtectKernelTunables=yes
ProtectKernelModules=yes
ProtectKernelLogs=yes
ProtectControlGroups=yes
ProtectClock=yes
ProtectHostname=yes
ProtectProc=invisible
RestrictAddressFamilies=AF_INET AF_INET6 AF_UNIX
RestrictNamespaces=yes
RestrictRealtime=yes
RestrictSUIDSGID=yes
LockPersonality=yes
RemoveIPC=no
CapabilityBoundingSet=CAP_NET_BIND_SERVICE
AmbientCapabilities=CAP_NET_BIND_SERVICE
SystemCallArchitectures=native
SystemCallFilter=@system-service
SystemCallFilter=~@privileged @resources
SystemCallErrorNumber=EPERM
LimitCORE=0

[Install]
WantedBy=multi-user.target
UNIT
}
