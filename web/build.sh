#!/usr/bin/env bash
# Installs the pinned packages when they changed, then builds the page into target/classes/static.
set -euo pipefail
cd "$(dirname "$0")"
sum=$(cat package.json package-lock.json | sha256sum)
if [ ! -f node_modules/.lock-sum ] || [ "$(cat node_modules/.lock-sum)" != "$sum" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$sum" > node_modules/.lock-sum
fi
# The types of the server's answers, from its own description of them.
if [ ! -f src/api/schema.ts ] || [ openapi.json -nt src/api/schema.ts ]; then
  npm run -s types
fi
# Nothing to do where the sources are no newer than the last build.
if [ -f target/classes/static/index.html ] && [ -z "$(find src public index.html vite.config.ts package-lock.json -newer target/classes/static/index.html -print -quit 2>/dev/null)" ]; then
  exit 0
fi
npm run -s build
