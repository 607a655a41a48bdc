#!/usr/bin/env bash
# Builds what is stale: the front end into the web project's wwwroot, then the server into artifacts/rimrock.
# With "front", the front end only.
set -eu
cd "$(dirname "$0")/.."
command -v dotnet >/dev/null || { echo "Rimrock needs the .NET 10 SDK (dotnet)." >&2; exit 1; }
command -v npm >/dev/null || { echo "Rimrock needs Node 20 or newer (npm)." >&2; exit 1; }
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1

# newer OUTPUT PATH...: true where any input is newer than the output, or the output is missing.
newer() {
  output="$1"; shift
  [ ! -e "$output" ] || [ -n "$(find "$@" -newer "$output" -type f -print -quit)" ]
}

if newer web/node_modules/.package-lock.json web/package-lock.json; then
  echo "Installing the front end's packages..."
  (cd web && npm ci --no-audit --no-fund --loglevel=error && touch node_modules/.package-lock.json)
fi
if newer src/Rimrock.Web/wwwroot/index.html web/src web/index.html web/vite.config.ts web/package-lock.json; then
  echo "Building the front end..."
  (cd web && npx vite build --logLevel=warn)
  touch src/Rimrock.Web/wwwroot/index.html
fi
[ "${1:-}" != front ] || exit 0
sources=$(ls -d src/*/*.csproj src/*/*/*.cs src/*/*.cs src/*/*/*.json src/*/*/*.sql src/Rimrock.Web/wwwroot Directory.Build.props Directory.Packages.props | grep -v '/obj/\|/bin/')
# shellcheck disable=SC2086
if newer artifacts/rimrock/Rimrock.Web.dll $sources; then
  rm -rf artifacts/rimrock/wwwroot
  # What has just been compiled is not compiled again.
  compiled=src/Rimrock.Web/bin/Release/net10.0/Rimrock.Web.dll
  if newer "$compiled" $sources; then
    echo "Building the server..."
    dotnet publish src/Rimrock.Web -c Release -o artifacts/rimrock -v quiet -p:RunAnalyzers=false
  else
    dotnet publish src/Rimrock.Web -c Release -o artifacts/rimrock -v quiet --no-build
  fi
  touch artifacts/rimrock/Rimrock.Web.dll
fi
