#!/bin/bash
# Installs what is missing, builds, makes the demonstration's database and opens the window with it. With no display it
# runs the whole example on an invisible one instead and leaves a picture of each step in build/demo/.
# With --postgresql or --mariadb the demonstration works on a server of that kind, started for as long as the window is
# open, with its data in build/demo/.
set -euo pipefail
cd "$(dirname "$0")"
source scripts/setup.sh

server=
case "${1:-}" in
'') ;;
--postgresql | --mariadb) server=${1#--} ;;
*)
    echo "usage: $0 [--postgresql | --mariadb]" >&2
    exit 2
    ;;
esac
if [ -n "$server" ]; then
    nabblet_install_missing_packages scripts/packages-for-tests.txt
else
    nabblet_install_missing_packages
fi
wanted=nabblet
if [ -z "$server${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    wanted=tst_full_example # which runs the example where nobody looks
fi
nabblet_build release "$wanted"

depot=build/demo/fairway-depot
mkdir -p "$depot/forms"
if [ ! -f "$depot/fairway.db" ] || [ demo/fairway.sql -nt "$depot/fairway.db" ]; then
    rm -f "$depot/fairway.db"
    sqlite3 -bail "$depot/fairway.db" <demo/fairway.sql
fi
# What was changed in the demonstration stays: only what is missing is copied.
cp -n demo/fairway-depot/project.nabblet demo/fairway-depot/*.svg "$depot/"
cp -n demo/fairway-depot/forms/*.nabform "$depot/forms/"

if [ -n "$server" ]; then
    source scripts/throw-away-server.sh
    nabblet_start_server "$server" "build/demo/$server"
    place=build/demo/fairway-depot-$server
    mkdir -p "$place/forms"
    cp -n "$depot"/*.svg "$place/"
    cp -n "$depot"/forms/*.nabform "$place/forms/"
    [ ! -d "$depot/looks" ] || cp -rn "$depot/looks" "$place/"
    # The same project, but for where its database is.
    connection="{\"kind\": \"$server\", \"database\": \"fairway\", \"host\": \"$NABBLET_SERVER_HOST\", \"user\": \"$NABBLET_SERVER_USER\"}"
    sed "s|\"connection\": {[^}]*}|\"connection\": $connection|" "$depot/project.nabblet" >"$place/project.nabblet"
    build/release/nabblet "$place"
    exit
fi

if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec build/release/nabblet "$depot"
fi
echo "There is no display, so the example runs on an invisible one."
exec xvfb-run -a -s "-screen 0 1400x1000x24" build/release/tests/tst_full_example --pictures build/demo
