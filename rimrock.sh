#!/usr/bin/env bash
# Starts Rimrock on your own data: ./rimrock.sh [--port N] [--database FILE]
set -eu
cd "$(dirname "$0")"
port=5217
database=
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port="${2:-}"; shift ;;
    --database) database="${2:-}"; shift ;;
    --version) scripts/build.sh; exec artifacts/rimrock/Rimrock.Web --version ;;
    *) echo "usage: ./rimrock.sh [--port N] [--database FILE] [--version]" >&2; exit 2 ;;
  esac
  shift || true
done
if [ -z "$database" ]; then
  database="${XDG_DATA_HOME:-$HOME/.local/share}/rimrock/rimrock.db"
  mkdir -p "$(dirname "$database")"
fi
scripts/build.sh
echo "Your data: $database"
exec scripts/serve.sh --port "$port" --database "$database"
