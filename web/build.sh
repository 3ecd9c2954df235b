#!/usr/bin/env bash
# Builds the screens into dist/: installs only when a lock changed, builds only when a source did.
set -euo pipefail
cd "$(dirname "$0")"
mkdir -p .made
installed() { # folder, name
  local now; now=$(sha256sum "$1/package-lock.json" | cut -d' ' -f1)
  if [ ! -d "$1/node_modules" ] || [ "$(cat ".made/$2" 2>/dev/null)" != "$now" ]; then
    echo "web: installing the packages of $2"
    npm ci --prefix "$1" --no-audit --no-fund --loglevel=error
    echo "$now" >".made/$2"
  fi
}
installed . web
installed api-types api-types
described=$(sha256sum openapi.json | cut -d' ' -f1)
if [ ! -f src/api/schema.generated.ts ] || [ "$(cat .made/openapi 2>/dev/null)" != "$described" ]; then
  npm run --silent --prefix api-types make >/dev/null
  echo "$described" >.made/openapi
fi
# Core, compiled for the page.
if ! cmp -s ../browser/target/module/craft.wasm src/craft/craft.wasm; then cp ../browser/target/module/craft.wasm src/craft/; fi
sources=$(find src public index.html offline.js vite.config.ts pack.mjs package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
if [ ! -f dist/index.html ] || [ "$(cat .made/sources 2>/dev/null)" != "$sources" ]; then
  npm run --silent types
  npm run --silent build -- --logLevel warn
  node pack.mjs
  echo "$sources" >.made/sources
fi
