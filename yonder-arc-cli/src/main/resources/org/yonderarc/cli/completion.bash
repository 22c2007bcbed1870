# Completes yonder in bash: put "source <(yonder export --completion bash)" into ~/.bashrc.
_yonder() {
  local line="${COMP_LINE:0:COMP_POINT}" word now="" piece ending
  local -a words
  read -r -a words <<< "$line"
  [[ $line == *[[:space:]] ]] || { now="${words[-1]}"; unset 'words[-1]'; }
  # bash parts words at ":" and "=": what stands before stays as it is.
  piece="${COMP_WORDS[COMP_CWORD]}"
  [[ $piece != : && $piece != = ]] || piece=""
  COMPREPLY=()
  while IFS= read -r word; do
    case "$word" in
      "<files>"*)
        local -a endings=(${word#"<files>"})
        if [ ${#endings[@]} = 0 ]; then
          COMPREPLY+=($(compgen -f -- "$piece"))
        else
          COMPREPLY+=($(compgen -d -S / -- "$piece"))
          for ending in "${endings[@]}"; do COMPREPLY+=($(compgen -f -X "!*$ending" -- "$piece")); done
        fi
        ;;
      *) COMPREPLY+=("${word:$((${#now} - ${#piece}))}") ;;
    esac
  done < <(yonder export --completion words -- "${words[@]:1}" "$now" 2> /dev/null)
  # After a colon, an equals sign or a folder, more follows.
  [[ ${#COMPREPLY[@]} != 1 || ${COMPREPLY[0]} != *[:=/] ]] || compopt -o nospace 2> /dev/null
}
complete -F _yonder yonder
