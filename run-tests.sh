#!/bin/bash
# Installs what is missing, builds, and runs every test under the address and undefined-behaviour sanitizers; what works
# with threads, in Entry too, under the thread sanitizer; and what meets the program from outside in the release build,
# as people are given it. How long the start takes beside an empty window is printed, not judged. The Debian package holds
# what was tested, and works in a fresh root. From nothing, on two cores, all of it is to stay under 50 minutes.
set -euo pipefail
cd "$(dirname "$0")"
source scripts/setup.sh

nabblet_install_missing_packages scripts/packages-for-tests.txt scripts/packages-for-packaging.txt

part() { # NAME COMMAND…: runs a part and says how long it took
    local name=$1 began=$SECONDS
    shift
    "$@"
    echo "== $name: $((SECONDS - began)) s"
}

export QT_LOGGING_RULES="qt.qpa.*=false"
part "release, build" nabblet_build release nabblet nabblet-bench nabblet-actions nabblet-shoot nabblet-draft-quality tests_as_given_to_people
part "release, tests" ctest --preset release -L as_given_to_people -j4
part "start, whole processes in turn" bench/run start
part "package" ./package build/release
if [ "$(id -u)" -eq 0 ]; then # a root of its own can be made by root alone
    part "package, in a fresh root" tests/package/works_in_a_fresh_root build/package
fi
part "address and undefined behaviour, build" nabblet_build asan
part "address and undefined behaviour, tests" ctest --preset asan -j3
part "threads, build" nabblet_build tsan tst_background_work tst_profiler tst_exact_writes tst_entry_session tst_nothing_lost tst_control_list
part "threads, tests" ctest --preset tsan -R "tst_background_work|tst_profiler|tst_exact_writes|tst_entry_session|tst_nothing_lost|tst_control_list" -j2
