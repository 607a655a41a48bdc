#!/usr/bin/env bash
# Breaks the code with each patch of tests/breaks/ in turn (or those named) and wants its test red. With --check: only whether the patches apply.
set -u
cd "$(dirname "$0")/.."
if ! command -v git >/dev/null; then echo "git is not on this machine: the patches of tests/breaks were not looked at."; exit 0; fi
only=
if [ "${1:-}" = --check ]; then only=check; shift; fi
bad=0
for patch in tests/breaks/*.patch; do
  name=$(basename "$patch" .patch)
  if [ $# -gt 0 ] && ! printf '%s\n' "$@" | grep -qx "$name"; then continue; fi
  read -r _ _ project filter <"$patch"
  if ! git apply --check "$patch" 2>/dev/null; then echo "STALE   $name: does not apply any more"; bad=$((bad + 1)); continue; fi
  if [ -n "$only" ]; then continue; fi
  git apply "$patch"
  case "$project" in
    web) (cd web && timeout 600 npx vitest run -t "$filter") >/tmp/rimrock-break.log 2>&1 ;;
    e2e) (scripts/build.sh && cd e2e && timeout 900 npx playwright test -g "$filter") >/tmp/rimrock-break.log 2>&1 ;;
    *) timeout 900 dotnet test "tests/$project" -c Release -p:RunAnalyzers=false --filter "FullyQualifiedName~$filter" >/tmp/rimrock-break.log 2>&1 ;;
  esac
  if [ $? -ne 0 ] && grep -qE 'Failed!|failed|FAIL' /tmp/rimrock-break.log && ! grep -qE 'error CS|Build FAILED' /tmp/rimrock-break.log; then echo "red     $name"; else echo "GREEN   $name: $project $filter did not notice"; bad=$((bad + 1)); fi
  git apply -R "$patch"
done
[ "$bad" = 0 ]
