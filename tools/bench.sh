# Part of ./glad: speed and size, and the pictures for the docs.

bench_port=18431

bench_server() {
  install chromium wrk
  back
  front
  step "the benches themselves" maven -DskipTests install
  data=var/bench
  tools/cluster drop var/bench/db
  (up --port $bench_port --data var/bench --fresh --yes --detach >var/bench.log 2>&1) || { cat var/bench.log; fail "the server for the bench did not start."; }
  trap 'exit 130' INT TERM
  trap '(data=$root/var/bench; stop_all; tools/cluster drop var/bench/db) >/dev/null 2>&1 || true' EXIT
}

run_main() { mvn -q -B -ntp -pl bench exec:java -Dexec.mainClass="$1" -Dexec.args="$2"; }

bench_judge() {
  echo; echo "## The judge (JMH, one thread, in one run)"
  mvn -q -B -ntp -pl bench exec:exec -Dexec.executable=java \
    -Dexec.args="-cp %classpath org.openjdk.jmh.Main Judge.*|Check.*|Map.*|Results.* -rf text -rff target/judge.txt -v SILENT" >/dev/null
  cat bench/target/judge.txt
}

bench_http() {
  echo; echo "## Moves over HTTP (wrk, 16 connections; client, server and database on this machine)"
  run_main gladtile.bench.HttpBench "http://127.0.0.1:$bench_port bench/src/main/resources/load.lua ${BENCH_SECONDS:-6}"
  echo; echo "## pgbench: single-row inserts into the same cluster, 8 connections"
  (
    # shellcheck disable=SC1091
    . var/bench/db/connect.env
    export PGPASSWORD=$GLAD_DB_PASSWORD
    psql -q -h 127.0.0.1 -p "$GLAD_DB_PORT" -U "$GLAD_DB_USER" postgres -c 'create table if not exists bench_row (id bigserial primary key, said text, at timestamptz default now())'
    echo "insert into bench_row (said) values ('a row of about the length of a move, with its act and its verdict');" >var/bench/insert.sql
    "$(ls -d /usr/lib/postgresql/*/bin | tail -n 1)/pgbench" -n -h 127.0.0.1 -p "$GLAD_DB_PORT" -U "$GLAD_DB_USER" -f var/bench/insert.sql -c 8 -j 1 -T 6 postgres | grep -E 'tps|latency'
  )
}

bench_lesson() {
  echo; echo "## A lesson under load (client, server and database on this machine)"
  run_main gladtile.bench.LessonBench "http://127.0.0.1:$bench_port ${BENCH_SECONDS:-30} ${BENCH_SMALL:-}"
}
bench_results() {
  echo; echo "## Results over HTTP, with reading (client, server and database on this machine)"
  (
    # shellcheck disable=SC1091
    . var/bench/db/connect.env
    run_main gladtile.bench.ResultsOverHttp "http://127.0.0.1:$bench_port $GLAD_DB_URL $GLAD_DB_USER $GLAD_DB_PASSWORD"
  )
}
bench_frames() { echo; echo "## Frames (headless Chromium, 1280 × 800)"; run_main gladtile.bench.FrameBench "http://127.0.0.1:$bench_port"; }
bench_present() { echo; echo "## In front of the class (headless Chromium, 1920 × 1080)"; run_main gladtile.bench.PresentBench "http://127.0.0.1:$bench_port ${BENCH_SECONDS:-60}"; }
bench_edits() { echo; echo "## Edits and history"; run_main gladtile.bench.EditBench "http://127.0.0.1:$bench_port"; }
bench_size() { echo; echo "## First load of the student's page"; (cd web && node scripts/size.mjs); }

run_bench() {
  local part=${1:-all}
  case $part in
    all | http | lesson | results | frames | present | edits) bench_server ;;
    judge | size) install; back; front; step "the benches themselves" maven -DskipTests install ;;
    *) fail "there is no bench $part; there are judge, http, lesson, results, frames, present, edits and size." ;;
  esac
  printf '%s, %s cores, %s\n' "$(date -u +%F)" "$(nproc)" "$(java -version 2>&1 | head -n 1)"
  if [ "$part" = all ]; then bench_judge; bench_http; bench_lesson; bench_results; bench_frames; bench_present; bench_edits; bench_size; else "bench_$part"; fi
}

run_shots() {
  bench_server
  mkdir -p docs/screenshots
  run_main gladtile.bench.Shots "http://127.0.0.1:$bench_port $root/docs/screenshots"
}
