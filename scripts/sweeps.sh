#!/usr/bin/env bash
# Draws docs/models/sweeps anew: forty inputs on three cars, and the table of what is guessed with the kelvin that it moves.
set -eu
cd "$(dirname "$0")/.."
RIMROCK_WRITE_SWEEPS=1 dotnet test tests/Rimrock.Core.Tests -c Release --filter The_drawings_and_the_table --nologo -v quiet
