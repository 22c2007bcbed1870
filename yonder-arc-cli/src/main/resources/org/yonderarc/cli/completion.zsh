#compdef yonder
# Completes yonder in zsh: put "source <(yonder export --completion zsh)" into ~/.zshrc, behind compinit.
_yonder() {
  local word
  local -a found endings
  for word in "${(@f)$(yonder export --completion words -- "${(@)words[2,CURRENT]}" 2> /dev/null)}"; do
    case "$word" in
      "<files>") _files ;;
      "<files>"*)
        endings=(${=word#"<files>"})
        _files -g "*(${(j:|:)endings})"
        ;;
      ?*) found+=("$word") ;;
    esac
  done
  compadd -S '' -a found
}
compdef _yonder yonder
