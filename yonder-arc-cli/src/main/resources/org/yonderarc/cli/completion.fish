# Completes yonder in fish: put "yonder export --completion fish | source" into ~/.config/fish/config.fish.
function __yonder
    set -l words (commandline -opc)
    set -l now (commandline -ct)
    for word in (yonder export --completion words -- $words[2..-1] $now 2> /dev/null)
        if string match -q '<files>*' -- $word
            set -l endings (string split -n ' ' -- (string replace '<files>' '' -- $word))
            if test (count $endings) = 0
                __fish_complete_path $now
            else
                for ending in $endings
                    __fish_complete_suffix $ending
                end
            end
        else
            echo $word
        end
    end
end
complete -c yonder -f -a '(__yonder)'
