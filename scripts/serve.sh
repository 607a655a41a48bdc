#!/usr/bin/env bash
# Runs the built server; its options follow. Prints the address once it answers.
set -eu
cd "$(dirname "$0")/.."
port=5217
previous=
for option in "$@"; do
  if [ "$previous" = --port ]; then port="$option"; fi
  previous="$option"
done
if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
  echo "Port $port is taken on this machine; choose another with --port N." >&2
  exit 1
fi
cd artifacts/rimrock
./Rimrock.Web "$@" &
server=$!
trap 'kill $server 2>/dev/null || true' INT TERM EXIT
for _ in $(seq 1 100); do
  if ! kill -0 $server 2>/dev/null; then wait $server; exit 1; fi
  if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
    echo "Rimrock is at http://127.0.0.1:$port (stop it with Ctrl+C)"
    break
  fi
  sleep 0.1
done
wait $server
