#!/usr/bin/env bash
# Starts Rimrock on your own data: ./rimrock.sh [--port N] [--database FILE]
set -eu
cd "$(dirname "$0")"
port=5217
database="${XDG_DATA_HOME:-$HOME/.local/share}/rimrock/rimrock.db"
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port="$2"; shift ;;
    --database) database="$2"; shift ;;
    *) echo "usage: ./rimrock.sh [--port N] [--database FILE]" >&2; exit 2 ;;
  esac
  shift
done
scripts/build.sh
echo "Your data: $database"
exec scripts/serve.sh --port "$port" --database "$database"
