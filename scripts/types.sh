#!/usr/bin/env bash
# Writes the served OpenAPI document and the TypeScript types made from it. Commit both.
set -eu
cd "$(dirname "$0")/.."
RIMROCK_WRITE_OPENAPI=1 dotnet test tests/Rimrock.Web.Tests --filter The_checked_in_description --nologo -v quiet
cd web && npm run --silent types
