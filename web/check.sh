#!/usr/bin/env bash
# Format, rules, types and tests of the page. With "true" not again where nothing changed since they last passed.
set -euo pipefail
cd "$(dirname "$0")"
PASSED=target/checked
if [ "${1:-}" = true ] && [ -f "$PASSED" ] && [ -z "$(find . -path ./node_modules -prune -o -path ./target -prune -o -type f -newer "$PASSED" -print -quit)" ]; then
  exit 0
fi
rm -f "$PASSED"
npm run -s check
mkdir -p target
touch "$PASSED"
