# A database server of one's own, on a socket in a folder, for as long as the script runs that sources this.
# nabblet_start_server postgresql|mariadb FOLDER: makes its data there once, starts it, fills it with the demonstration
# and sets NABBLET_SERVER_HOST and NABBLET_SERVER_USER to where it is and who one is there. Nothing of it needs root; started by root, the server runs as
# nobody.

nabblet_as_server() { # COMMAND…: as whoever the server runs as
    if [ "$(id -u)" -eq 0 ]; then
        setpriv --reuid=nobody --regid=nogroup --clear-groups "$@"
    else
        "$@"
    fi
}

nabblet_run_server() { # COMMAND…: likewise, in the background, and no longer than the shell that started it
    if [ "$(id -u)" -eq 0 ]; then
        exec setpriv --reuid=nobody --regid=nogroup --clear-groups --pdeathsig TERM "$@"
    fi
    exec setpriv --pdeathsig TERM "$@"
}

nabblet_start_server() {
    local kind=$1 folder socket programs
    folder=$(realpath -m "$2")
    # The way to a socket is 107 bytes long at most; and nobody sees into the folders of others.
    if [ "$(id -u)" -eq 0 ] || [ ${#folder} -gt 80 ]; then
        folder=$(mktemp -d /tmp/nabblet-demo-XXXXXX)
        NABBLET_SERVER_FOLDER=$folder
        [ "$(id -u)" -ne 0 ] || chown nobody "$folder"
    fi
    mkdir -p "$folder"
    if [ "$kind" = postgresql ]; then
        programs=$(find /usr/lib/postgresql -mindepth 2 -maxdepth 2 -name bin | sort -V | tail -1)
        if [ ! -d "$folder/data" ]; then
            nabblet_as_server "$programs/initdb" -D "$folder/data" -A trust -E UTF8 --locale=C.UTF-8 -U nabblet >/dev/null
        fi
        nabblet_run_server "$programs/postgres" -D "$folder/data" -k "$folder" -h '' >"$folder/log" 2>&1 &
        NABBLET_SERVER_PROCESS=$!
        NABBLET_SERVER_HOST=$folder
        NABBLET_SERVER_USER=nabblet
        until psql -qAtX -h "$folder" -U nabblet postgres -c 'SELECT 1' >/dev/null 2>&1; do
            kill -0 "$NABBLET_SERVER_PROCESS" || { cat "$folder/log" >&2; return 1; }
            sleep 0.2
        done
        if [ "$(psql -qAtX -h "$folder" -U nabblet postgres -c "SELECT 1 FROM pg_database WHERE datname = 'fairway'")" != 1 ]; then
            psql -qX -h "$folder" -U nabblet postgres -c 'CREATE DATABASE fairway'
            demo/in-dialect postgresql | psql -qX -v ON_ERROR_STOP=1 -h "$folder" -U nabblet fairway >/dev/null
        fi
    else
        socket=$folder/socket
        if [ ! -d "$folder/data" ]; then
            nabblet_as_server mariadb-install-db --no-defaults --datadir="$folder/data" --skip-test-db \
                --auth-root-authentication-method=normal >/dev/null
        fi
        nabblet_run_server mariadbd --no-defaults --datadir="$folder/data" --socket="$socket" --skip-networking \
            --pid-file="$folder/pid" >"$folder/log" 2>&1 &
        NABBLET_SERVER_PROCESS=$!
        NABBLET_SERVER_HOST=$socket
        NABBLET_SERVER_USER=root
        local ask=(mariadb --no-defaults --socket="$socket" -u root -N -B)
        until "${ask[@]}" -e 'SELECT 1' >/dev/null 2>&1; do
            kill -0 "$NABBLET_SERVER_PROCESS" || { cat "$folder/log" >&2; return 1; }
            sleep 0.2
        done
        if [ -z "$("${ask[@]}" -e "SHOW DATABASES LIKE 'fairway'")" ]; then
            "${ask[@]}" -e 'CREATE DATABASE fairway CHARACTER SET utf8mb4'
            demo/in-dialect mariadb | "${ask[@]}" fairway
        fi
    fi
    trap 'kill "$NABBLET_SERVER_PROCESS" 2>/dev/null; wait "$NABBLET_SERVER_PROCESS" 2>/dev/null; rm -rf "${NABBLET_SERVER_FOLDER:-}"' EXIT
}
