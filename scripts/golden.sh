#!/usr/bin/env bash
# Writes the golden answers and the sums of figures anew. Say in docs/models/renewals.md why, and how far each figure moved (git diff shows it).
set -eu
cd "$(dirname "$0")/.."
RIMROCK_WRITE_GOLDEN=1 dotnet test tests/Rimrock.Golden.Tests -c Release --filter An_answer_stays --nologo -v quiet
RIMROCK_WRITE_GOLDEN=1 dotnet test tests/Rimrock.Scenario.Tests -c Release --filter FiguresTests --nologo -v quiet
