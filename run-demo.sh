#!/bin/bash
# Installs what is missing, builds, makes the demonstration's database and opens the window with it. With no display it
# runs the whole example on an invisible one instead and leaves a picture of each step in build/demo/.
set -euo pipefail
cd "$(dirname "$0")"
source scripts/setup.sh

nabblet_install_missing_packages
nabblet_build release

depot=build/demo/fairway-depot
mkdir -p "$depot/forms"
if [ ! -f "$depot/fairway.db" ] || [ demo/fairway.sql -nt "$depot/fairway.db" ]; then
    rm -f "$depot/fairway.db"
    sqlite3 -bail "$depot/fairway.db" <demo/fairway.sql
fi
# What was changed in the demonstration stays: only what is missing is copied.
cp -n demo/fairway-depot/project.nabblet demo/fairway-depot/*.svg "$depot/"
cp -n demo/fairway-depot/forms/*.nabform "$depot/forms/"

if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec build/release/nabblet "$depot"
fi
echo "There is no display, so the example runs on an invisible one."
exec xvfb-run -a -s "-screen 0 1400x1000x24" build/release/tests/tst_full_example --pictures build/demo
