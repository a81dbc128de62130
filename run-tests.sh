#!/bin/bash
# Installs what is missing, builds, and runs every test: all of them in the release build, core and data once more under
# the address and undefined-behaviour sanitizers.
set -euo pipefail
cd "$(dirname "$0")"
source scripts/setup.sh

nabblet_install_missing_packages
nabblet_build release
nabblet_build asan

export QT_LOGGING_RULES="qt.qpa.*=false"
ctest --preset asan
ctest --preset release
