#!/usr/bin/env bash
# Starts Rimrock on its demo data: ./demo.sh [--fresh] [--port N]
set -eu
cd "$(dirname "$0")"
port=5217
fresh=
while [ $# -gt 0 ]; do
  case "$1" in
    --fresh) fresh=yes ;;
    --port) port="${2:-}"; shift ;;
    *) echo "usage: ./demo.sh [--fresh] [--port N]" >&2; exit 2 ;;
  esac
  shift || true
done
scripts/build.sh
if [ -n "$fresh" ]; then rm -f data/demo.db data/demo.db-wal data/demo.db-shm; fi
mkdir -p data
exec scripts/serve.sh --port "$port" --demo true --database "$PWD/data/demo.db"
