#!/usr/bin/env bash
# Adds each row of tests/rows/ in turn (or those named) and wants its test green. With --check: only whether each applies and is no more than a row of one file.
set -u
cd "$(dirname "$0")/.."
if ! command -v git >/dev/null; then echo "git is not on this machine: the patches of tests/rows were not looked at."; exit 0; fi
only=
if [ "${1:-}" = --check ]; then only=check; shift; fi
bad=0
for patch in tests/rows/*.patch; do
  name=$(basename "$patch" .patch)
  if [ $# -gt 0 ] && ! printf '%s\n' "$@" | grep -qx "$name"; then continue; fi
  read -r _ _ project filter <"$patch"
  if ! git apply --check "$patch" 2>/dev/null; then echo "STALE   $name: does not apply any more"; bad=$((bad + 1)); continue; fi
  files=$(git apply --numstat "$patch" | awk '$3 ~ /^src\// { n++; gone += $2 } END { print n + 0, gone + 0 }')
  if [ "$files" != "1 0" ]; then echo "WIDER   $name: files of src and lines taken away are $files, not 1 0"; bad=$((bad + 1)); continue; fi
  if [ -n "$only" ]; then continue; fi
  git apply "$patch"
  if timeout 900 dotnet test "tests/$project" -c Release -p:RunAnalyzers=false --filter "FullyQualifiedName~$filter" 2>&1 | grep -q 'Passed!'; then echo "green   $name"; else echo "RED     $name: one row is not enough"; bad=$((bad + 1)); fi
  git apply -R "$patch"
done
[ "$bad" = 0 ]
