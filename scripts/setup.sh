# Installs the Debian packages that are missing. Sourced by run-demo.sh and run-tests.sh from the project's folder.
# Asks for sudo only when something is missing and this is not root. A second call installs nothing.
# nabblet_install_missing_packages [FURTHER LIST]

nabblet_install_missing_packages() {
    local wanted missing=() package
    wanted=$(cat scripts/packages.txt "$@" | sed -e 's/#.*//' | awk 'NF { print $1 }')
    for package in $wanted; do
        if [ "$(dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null)" != installed ]; then
            missing+=("$package")
        fi
    done
    if [ ${#missing[@]} -eq 0 ]; then
        return 0
    fi
    echo "These Debian packages are missing and will be installed: ${missing[*]}"
    local as_root=()
    if [ "$(id -u)" -ne 0 ]; then
        if ! command -v sudo >/dev/null; then
            echo "Installing packages needs root. Install them as root with: apt-get install ${missing[*]}" >&2
            return 1
        fi
        as_root=(sudo)
    fi
    "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get update -qq &&
        "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"
}

# Configures (once) and builds a CMake preset, or some targets of it: nabblet_build PRESET [TARGET…]
# Many files are compiled as one, by clang: quicker from nothing, slower where one was changed. cmake --preset PRESET does
# neither.
nabblet_build() {
    local preset=$1
    shift
    if [ ! -f "build/$preset/build.ninja" ]; then
        cmake --preset "$preset" -DCMAKE_UNITY_BUILD=ON -DCMAKE_C_COMPILER=clang -DCMAKE_CXX_COMPILER=clang++ \
            -DCMAKE_EXE_LINKER_FLAGS=-fuse-ld=lld || return 1
    fi
    cmake --build --preset "$preset" ${1:+--target "$@"}
}
