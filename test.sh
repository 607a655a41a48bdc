#!/usr/bin/env bash
# Installs what is missing, builds, and runs every check. The last line reads "N passed, N failed".
set -u
cd "$(dirname "$0")"
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1 CI=true PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
logs=$(mktemp -d)
trap 'rm -rf "$logs"' EXIT

# add PASSED FAILED: counts a runner's result; short appends from several runners do not mix.
add() { echo "$1 $2" >>"$logs/counts"; }

# check NAME COMMAND...: one pass or failure for a command.
check() {
  name="$1"; shift
  local begin=$SECONDS
  if "$@" >"$logs/$name.log" 2>&1; then echo "ok      $name ($((SECONDS - begin)) s)"; add 1 0; else echo "FAILED  $name"; tail -n 40 "$logs/$name.log"; add 0 1; fi
}

# Chromium and a system font for the browser tests, where the machine lacks them.
chromium=${RIMROCK_CHROMIUM:-/usr/bin/chromium}
if [ ! -x "$chromium" ] || ! ls /usr/share/fonts/truetype/liberation*/*.ttf >/dev/null 2>&1; then
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    echo "Installing chromium and fonts-liberation..."
    { apt-get update && apt-get install -y --no-install-recommends chromium fonts-liberation; } >"$logs/apt.log" 2>&1 || tail -n 5 "$logs/apt.log"
  else
    echo "The browser tests need chromium and fonts-liberation: sudo apt-get install chromium fonts-liberation"
  fi
fi

check front-end scripts/build.sh front
# front: what needs no server, beside the compiler; its lines are printed once both are done.
front() {
  cd web || return
  check types npx tsc --noEmit
  check api-types sh -c 'npx openapi-typescript openapi/rimrock.json -o '"$logs"'/openapi.ts && cmp '"$logs"'/openapi.ts src/api/openapi.ts'
  check ranges-units sh -c 'node ranges.mjs "$0/ranges.ts" "$0/registry.ts" && cmp "$0/ranges.ts" src/api/ranges.ts && cmp "$0/registry.ts" src/units/registry.ts' "$logs"
  check eslint npx eslint .
  check prettier npx prettier --check .
}
( front ) >"$logs/front.log" 2>&1 &
check compile dotnet build Rimrock.slnx -c Release -v quiet
wait
cat "$logs/front.log"
check build scripts/build.sh
# Beside the tests, and printed after them. Rules of style and analysis have failed the build already: format is what the compiler does not look at.
(
  check breaks-apply scripts/breaks.sh --check
  check rows-apply scripts/rows.sh --check
  check format dotnet format whitespace --folder . --verify-no-changes
) >"$logs/style.log" 2>&1 &
for project in tests/*/*.csproj; do
  name=$(basename "$project" .csproj)
  begin=$SECONDS
  dotnet test "$project" -c Release --no-build -v quiet >"$logs/$name.log" 2>&1
  status=$?
  line=$(grep -E '^(Passed|Failed)! ' "$logs/$name.log" | tail -n 1)
  p=$(printf '%s' "$line" | sed -n 's/.*Passed: *\([0-9]*\).*/\1/p')
  f=$(printf '%s' "$line" | sed -n 's/.*Failed: *\([0-9]*\),.*/\1/p')
  if [ -z "$line" ] || { [ $status -ne 0 ] && [ "${f:-0}" = 0 ]; }; then f=1; fi
  add "${p:-0}" "${f:-0}"
  if [ "${f:-0}" = 0 ]; then echo "ok      $name: $p ($((SECONDS - begin)) s)"; else echo "FAILED  $name"; grep -vE '^ +at ' "$logs/$name.log" | tail -n 60; fi
done
wait
cat "$logs/style.log"

# Alone: the page's tests wait for what they expect, and a busy machine would make them wait too long.
cd web
begin=$SECONDS
npx vitest run --reporter=json --outputFile="$logs/vitest.json" >"$logs/vitest.log" 2>&1
counts=$(node -e 'const r=JSON.parse(require("fs").readFileSync(process.argv[1]));console.log(r.numPassedTests, r.numFailedTests + r.numFailedTestSuites)' "$logs/vitest.json" 2>/dev/null || echo "0 1")
# shellcheck disable=SC2086
add $counts
case "$counts" in *" 0") echo "ok      vitest: ${counts% 0} ($((SECONDS - begin)) s)" ;; *)
    echo "FAILED  vitest"
    tail -n 60 "$logs/vitest.log"
    node -e 'for (const f of JSON.parse(require("fs").readFileSync(process.argv[1])).testResults) { if (f.message) console.log(f.name, f.message); for (const t of f.assertionResults) if (t.status === "failed") console.log(f.name, t.fullName, t.failureMessages.join("\n").slice(0, 1500)); }' "$logs/vitest.json"
    ;;
esac
cd ../e2e
if [ ! -e node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  check e2e-packages npm ci --no-audit --no-fund --loglevel=error
fi
begin=$SECONDS
RIMROCK_E2E_DATA="$logs/e2e" timeout 1200 npx playwright test >"$logs/e2e.log" 2>&1
counts=$(node -e 'const s=JSON.parse(require("fs").readFileSync("test-results/results.json")).stats;console.log(s.expected, s.unexpected + s.flaky)' 2>/dev/null || echo "0 1")
# shellcheck disable=SC2086
add $counts
case "$counts" in *" 0") echo "ok      browser: ${counts% 0} ($((SECONDS - begin)) s)" ;; *) echo "FAILED  browser"; tail -n 80 "$logs/e2e.log" ;; esac
grep -E '^(change to|the host)' "$logs/e2e.log"
cd ..

awk '{ p += $1; f += $2 } END { print p " passed, " f + 0 " failed"; exit f > 0 }' "$logs/counts"
