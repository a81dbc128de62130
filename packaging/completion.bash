# Completion of nabblet for bash.
_nabblet() {
    local word=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]} options
    local commands="draft render check reconcile diff merge export print import hand-over enter"
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "$commands --help --version --demo" -- "$word"))
        compopt -o default
        COMPREPLY+=($(compgen -f -X '!*.@(nabform|nabblet|nabhand|db|sqlite|sqlite3)' -- "$word") $(compgen -d -- "$word"))
        return
    fi
    case "$command" in
    export) options="--output --question --database --help" ;;
    print) options="--output --record --paper --landscape --words --page-each --question --database --help" ;;
    import) options="--key --leave --partly --try --question --database --help" ;;
    render) options="--output --side --record --database --dark --help" ;;
    hand-over) options="--without-database --back --help" ;;
    enter) options="--database --help" ;;
    *) options="--help" ;;
    esac
    if [[ $word == -* ]]; then
        COMPREPLY=($(compgen -W "$options" -- "$word"))
    else
        compopt -o default
    fi
}
complete -F _nabblet nabblet
