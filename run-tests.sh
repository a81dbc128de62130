#!/bin/bash
# Installs what is missing, builds, and runs every test under the address and undefined-behaviour sanitizers; what works
# with threads, in Entry too, under the thread sanitizer; and what meets the program from outside in the release build,
# as people are given it. How long the start takes beside an empty window is printed, not judged. The Debian package holds
# what was tested, and works in a fresh root. From nothing, on two cores, all of it is to stay under 50 minutes: what one
# build made is tried while the next one is made, which gives way, as tests wait for one another and for servers.
set -euo pipefail
cd "$(dirname "$0")"
source scripts/setup.sh

part() { # NAME COMMAND…: runs a part and says how long it took
    local name=$1 began=$SECONDS
    shift
    "$@"
    echo "== $name: $((SECONDS - began)) s"
}

beside=
kept=$(mktemp)
begin_beside() { # COMMAND…: runs it beside what follows; what it prints is kept for finish_beside
    set -m # a group of its own, to be ended as one
    "$@" >"$kept" 2>&1 &
    beside=$!
    set +m
}
finish_beside() { # shows what it printed; where it failed, so does this
    local result=0
    if [ -n "$beside" ]; then
        wait "$beside" || result=$?
        beside=
        cat "$kept"
    fi
    return "$result"
}
leave() {
    if [ -n "$beside" ]; then
        kill -- "-$beside" 2>/dev/null || true
        cat "$kept"
    fi
    rm -f "$kept"
}
trap leave EXIT

tried_as_given() {
    part "release, tests" ctest --preset release -L as_given_to_people -j4
    part "package" ./package build/release
    if [ "$(id -u)" -eq 0 ]; then # a root of its own can be made by root alone
        part "package, in a fresh root" tests/package/works_in_a_fresh_root build/package
    fi
}
tried_for_addresses() {
    part "address and undefined behaviour, tests" ctest --preset asan -j3
}
giving_way() {
    (
        renice -n 15 -p "$BASHPID" >/dev/null
        "$@"
    )
}

export QT_LOGGING_RULES="qt.qpa.*=false"
threads=(tst_background_work tst_profiler tst_exact_writes tst_entry_session tst_nothing_lost tst_control_list)
part "packages" nabblet_install_missing_packages scripts/packages-for-tests.txt scripts/packages-for-packaging.txt
part "release, build" nabblet_build release nabblet nabblet-bench nabblet-actions nabblet-shoot nabblet-draft-quality tests_as_given_to_people
part "start, whole processes in turn" bench/run start
begin_beside tried_as_given
part "address and undefined behaviour, build" giving_way nabblet_build asan
finish_beside
begin_beside tried_for_addresses
part "threads, build" giving_way nabblet_build tsan "${threads[@]}"
part "threads, tests" ctest --preset tsan -R "$(IFS='|'; echo "/(${threads[*]})\$")" -j2
finish_beside
echo "== all of it: $SECONDS s"
