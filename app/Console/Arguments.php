<?php

declare(strict_types=1);

namespace App\Console;

/** A problem may begin with a minus; the console would take it for an option. */
final class Arguments
{
    private const OPTION = '/^(--(job|method|style|choose|format|env|verbosity)(=|$)'
        . '|--(list|batch|help|quiet|verbose|version|ansi|no-ansi|no-interaction|silent)$|-[hqVnv]$|-v+$)/';

    /**
     * The arguments with a problem that begins with a minus moved behind the end of the options.
     *
     * @param list<string> $arguments as the program got them
     *
     * @return list<string>
     */
    public static function ordered(array $arguments): array
    {
        if (($arguments[1] ?? '') !== 'runel:show' || \in_array('--', $arguments, true)) {
            return $arguments;
        }
        $problems = array_filter(
            $arguments,
            static fn(string $argument): bool => str_starts_with($argument, '-')
                && preg_match(self::OPTION, $argument) !== 1,
        );

        return $problems === [] ? $arguments : [...array_values(
            array_diff_key($arguments, $problems),
        ), '--', ...array_values($problems)];
    }
}
