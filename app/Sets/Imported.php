<?php

declare(strict_types=1);

namespace App\Sets;

use App\Files\Csv;
use App\Files\HandedIn;
use App\Files\NoText;
use App\Values\Given;
use Runel\Message\Message;

/** Problems typed elsewhere: a set of ours as JSON, a table with a column of problems, or a plain list, one a line. */
final class Imported
{
    /**
     * @return non-empty-list<string> as typed, whether they can be read or not
     *
     * @throws NoText when there are none, or too many
     */
    public static function of(HandedIn $handedIn): array
    {
        $text = trim($handedIn->text);
        $problems = match (true) {
            str_starts_with($text, '{') => self::ofJson($text),
            $handedIn->isTable || preg_match('/^\W*problem\W*[,;\t]/iu', $text) === 1 => self::ofTable($text),
            default => explode("\n", $text),
        };
        $problems = array_values(array_filter(array_map(
            static fn(string $problem): string => trim((string) preg_replace('/^\s*\d{1,3}[.)]\s+/', '', $problem)),
            $problems,
        ), static fn(string $problem): bool => $problem !== ''));

        return match (true) {
            $problems === [] => throw new NoText(Message::of('sets.import-empty')),
            \count($problems) > SetQuery::MOST_OWN => throw new NoText(Message::of('sets.import-many', [
                'found' => \count($problems),
                'most' => SetQuery::MOST_OWN,
            ])),
            default => $problems,
        };
    }

    /** @return list<string> */
    private static function ofJson(string $text): array
    {
        return array_values(array_filter(array_map(
            static fn(Given $one): ?string => $one->typed('problem'),
            Given::json($text)->each('problems'),
        ), is_string(...)));
    }

    /** @return list<string> */
    private static function ofTable(string $text): array
    {
        $rows = Csv::read($text);
        $column = array_search('problem', array_map(strtolower(...), $rows[0] ?? []), true);
        if ($column !== false) {
            array_shift($rows);
        }

        return array_map(static fn(array $row): string => $row[$column === false ? 0 : $column] ?? '', $rows);
    }
}
