# Part of ./glad: the tests.

start_test_database() {
  tools/cluster start var/test scratch
}
load_test_database() {
  # shellcheck disable=SC1091
  . var/test/connect.env
  export GLAD_DB_URL GLAD_DB_USER GLAD_DB_PASSWORD GLAD_DB_MIGRATE_USER GLAD_DB_MIGRATE_PASSWORD GLAD_DB_SERVE_USER GLAD_DB_SERVE_PASSWORD
  export GLAD_WEB="$root/web/dist" GLAD_APP="$root/$app" GLAD_UNICODE="$root/var/unicode/NormalizationTest.txt"
  # The URL standard's own test data, from Debian's package of a URL library.
  GLAD_URLS=$(ls /usr/share/cargo/registry/url-*/tests/urltestdata.json)
  export GLAD_URLS
}

# The browser without a window of its own draws the same with a third less work. Where it cannot be had, the usual one.
install_browser() {
  install chromium
  ! missing chromium-headless-shell || step "a browser for the tests" apt chromium-headless-shell || true
}

# The Unicode standard's own test data, from Debian's package.
unpack_unicode() {
  mkdir -p var/unicode
  python3 -c 'import bz2, sys; sys.stdout.buffer.write(bz2.open("/usr/share/unicode/NormalizationTest.txt.bz2").read())' >var/unicode/NormalizationTest.txt
}

web_checks() {
  local failed=0
  step "types" bash -c 'cd web && npm run -s check' || failed=1
  step "lint" bash -c 'cd web && npm run -s lint' || failed=1
  step "format of the front end" bash -c 'cd web && npm run -s format:check' || failed=1
  step "tests of the front end" bash -c 'cd web && npx vitest run --reporter=default --reporter=junit --outputFile=target/vitest.xml' || failed=1
  return $failed
}

wording() {
  tools/plain-words || return 1
  tools/long-files || return 1
  if [ -x ../shared/tools/wordcheck ]; then ../shared/tools/wordcheck; else echo "wording: the checker is not here, so nothing was checked"; fi
}

# Sums the reports of Surefire and Vitest.
count_tests() {
  python3 - <<'PY'
import glob, xml.etree.ElementTree as tree
ran = failed = skipped = 0
for name in glob.glob('*/target/surefire-reports/TEST-*.xml') + glob.glob('web/target/vitest.xml'):
    top = tree.parse(name).getroot()
    for suite in ([top] if top.tag == 'testsuite' else top.findall('testsuite')):
        ran += int(suite.get('tests', 0))
        failed += int(suite.get('failures', 0)) + int(suite.get('errors', 0))
        skipped += int(suite.get('skipped', 0))
print(f'{ran - failed - skipped} passed, {failed} failed' + (f', {skipped} skipped' if skipped else ''))
PY
}

run_tests() {
  local part=${1:-all} failed=0
  case $part in all | core | formats | server | web | e2e | wording) ;; *) fail "there is no part $part; there are core, formats, server, web, e2e and wording." ;; esac
  echo "Tests: $part"
  if [ "$part" = wording ]; then wording; return; fi
  install ffmpeg python3 unicode-data librust-url-dev
  case $part in all | e2e) install_browser ;; esac
  rm -rf ./*/target/surefire-reports web/target/vitest.xml
  if [ "$part" != web ] && [ "$part" != core ] && [ "$part" != formats ]; then
    tables
    front
    step "a database for the tests" start_test_database
    unpack_unicode
    load_test_database
    trap 'tools/cluster drop var/test >/dev/null 2>&1 || true' EXIT
  fi
  case $part in
    core | formats) mvn -B -ntp -pl "$part" -am -Dmaven.test.failure.ignore=true test | grep -E '^\[(ERROR|WARNING)\]|Tests run' || true ;;
    server) mvn -B -ntp -pl server -am -Dmaven.test.failure.ignore=true test | grep -E '^\[(ERROR|WARNING)\]|Tests run' || true ;;
    web) packages; front; web_checks || failed=1 ;;
    all | e2e)
      local checks=
      if [ "$part" = all ]; then
        packages
        step "format of the back end" maven spotless:check || failed=1
        step "wording" wording || failed=1
        # Beside the tests of the back end, which come first and need no browser: what is quicker waits for the other.
        (web_checks) >var/web-checks.log 2>&1 &
        checks=$!
      fi
      echo "  core, formats, server, browser"
      local only=()
      [ "$part" = all ] || only=(-pl e2e -am -Dsurefire.failIfNoSpecifiedTests=false "-Dtest=gladtile.e2e.${2:-*Test}")
      mvn -B -ntp -Dmaven.test.failure.ignore=true "${only[@]}" verify >var/test.log 2>&1 || failed=1
      grep -E '^\[ERROR\]|Tests run:.*in |BUILD' var/test.log || true
      if [ -n "$checks" ]; then
        wait "$checks" || failed=1
        cat var/web-checks.log
      fi
      ;;
  esac
  local summary; summary=$(count_tests)
  echo
  echo "$summary"
  case $summary in *', 0 failed'*) ;; *) failed=1 ;; esac
  case $summary in '0 passed'*) failed=1 ;; esac
  return $failed
}

write_openapi() {
  install unicode-data librust-url-dev
  tables
  front
  start_test_database
  unpack_unicode
  load_test_database
  mvn -q -B -ntp -pl server -am -Dtest='OpenApiDocumentTest#the_kept_document_is_the_served_one' -Dsurefire.failIfNoSpecifiedTests=false -Dglad.openapi.write=true test
  tools/cluster drop var/test
}
