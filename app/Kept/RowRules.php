<?php

declare(strict_types=1);

namespace App\Kept;

use App\Calendar\Day;
use App\Ruling\Ruling;
use Runel\Demonstration\TaskReference;
use Runel\Message\BadRequest;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** What each column of each table may hold: nothing else comes in with a file. */
final class RowRules
{
    private const ULID = '/^[0-9a-hjkmnp-tv-z]{26}$/iD';
    private const MOMENT = '/^\d{4}-\d\d-\d\d [0-2]\d:[0-5]\d:[0-5]\d$/D';
    private const LARGEST = 1_000_000;
    private const LONGEST = ['name' => Named::LONGEST, 'note' => 4000, 'text' => 2000, 'mark' => 20, 'remark' => 4000];

    /** By table and column; a mark of interrogation behind it: it may be null. */
    private const TABLES = [
        'lessons' => [
            'id' => 'ulid', 'name' => 'name', 'held_at' => 'moment?', 'minutes' => 'count', 'wide' => 'count',
            'high' => 'count', 'style' => 'style', 'items' => 'list', 'version' => 'count',
        ],
        'lesson_plays' => ['id' => 'ulid', 'lesson_id' => 'ulid', 'started_at' => 'moment', 'ended_at' => 'moment?'],
        'lesson_moments' => [
            'id' => 'ulid', 'play_id' => 'ulid', 'kind' => 'word', 'place' => 'count', 'step' => 'number?',
            'usual' => 'number?', 'text' => 'text', 'at' => 'moment',
        ],
        'learners' => [
            'id' => 'ulid', 'name' => 'name', 'style' => 'style', 'note' => 'note', 'daily' => 'count',
            'version' => 'count',
        ],
        'learner_groups' => ['id' => 'ulid', 'name' => 'name'],
        'group_learner' => ['group_id' => 'ulid', 'learner_id' => 'ulid'],
        'handings' => [
            'id' => 'ulid', 'learner_id' => 'ulid', 'tasks' => 'tasks', 'expires_at' => 'moment', 'code' => 'word?',
            'opens_at' => 'moment?', 'is_test' => 'flag',
        ],
        'attempts' => [
            'id' => 'ulid', 'learner_id' => 'ulid', 'task' => 'task', 'skill' => 'word?', 'rung' => 'count?',
            'lines' => 'lines', 'verdicts' => 'words', 'slips' => 'slips', 'help' => 'number', 'seconds' => 'number?',
            'finished' => 'flag', 'source' => 'word', 'mark' => 'mark', 'remark' => 'remark', 'at' => 'moment',
            'handing_id' => 'ulid?', 'place' => 'count?', 'history' => 'list', 'helping' => 'number',
            'judged' => 'map', 'ruled' => 'ruling', 'counted' => 'slips', 'outcome' => 'word?', 'began' => 'flag',
            'otherwise_on' => 'day?',
        ],
        'return_words' => [
            'id' => 'ulid', 'learner_id' => 'ulid', 'skill' => 'word', 'rung' => 'count', 'said_on' => 'day',
            'due_on' => 'day?',
        ],
        'examples' => [
            'id' => 'count', 'shelf' => 'word', 'note' => 'note', 'position' => 'number', 'task' => 'task',
        ],
        'named_styles' => ['id' => 'count', 'name' => 'name', 'standing' => 'map'],
        'problem_sets' => ['id' => 'count', 'name' => 'name', 'seed' => 'digits', 'tasks' => 'tasks'],
        'milestones' => ['name' => 'word', 'reached_at' => 'moment'],
    ];
    private const EVERYWHERE = ['created_at' => 'moment?', 'updated_at' => 'moment?'];
    /** What older files do not have. */
    private const LATER = [
        'verdicts', 'history', 'helping', 'judged', 'ruled', 'counted', 'outcome', 'began', 'otherwise_on', 'code',
        'opens_at', 'is_test',
    ];

    /**
     * @param array<array-key, mixed> $row
     *
     * @return string|null the first column that holds what it may not, or is missing; null where none does
     */
    public static function broken(string $table, array $row): ?string
    {
        $rules = self::TABLES[$table] ?? [];
        foreach ($rules + self::EVERYWHERE as $column => $rule) {
            $isThere = \array_key_exists($column, $row);
            if (!$isThere && (isset(self::EVERYWHERE[$column]) || \in_array($column, self::LATER, true))) {
                continue;
            }
            if (!$isThere || !self::fits($row[$column], $rule)) {
                return $column;
            }
        }

        return null;
    }

    /** @return array<string, list<string>> the columns of each table */
    public static function columns(): array
    {
        return array_map(array_keys(...), self::TABLES);
    }

    /**
     * The columns of a row that are known.
     *
     * @param array<array-key, mixed> $row
     *
     * @return array<string, mixed>
     */
    public static function known(string $table, array $row): array
    {
        $known = [];
        foreach (array_intersect_key($row, (self::TABLES[$table] ?? []) + self::EVERYWHERE) as $column => $value) {
            $known[(string) $column] = $value;
        }

        return $known;
    }

    private static function fits(mixed $value, string $rule): bool
    {
        $bare = rtrim($rule, '?');
        if ($value === null) {
            return $bare !== $rule;
        }
        if (\is_int($value)) {
            return match ($bare) {
                'count' => $value >= 1 && $value <= self::LARGEST,
                'number' => $value >= 0 && $value <= self::LARGEST,
                'flag' => $value === 0 || $value === 1,
                default => false,
            };
        }

        return \is_string($value) && mb_check_encoding($value, 'UTF-8') && self::textFits($value, $bare);
    }

    private static function textFits(string $text, string $rule): bool
    {
        return match ($rule) {
            'ulid' => preg_match(self::ULID, $text) === 1,
            'word' => preg_match('/^[\w.-]{1,60}$/uD', $text) === 1,
            'digits' => preg_match('/^\d{1,9}$/D', $text) === 1,
            'day' => Day::ofText(substr($text, 0, 10)) !== null && \strlen($text) <= 19,
            'moment' => preg_match(self::MOMENT, $text) === 1 && Day::ofText($text) !== null,
            'name' => self::isName($text),
            'note', 'text', 'mark', 'remark' => mb_strlen($text) <= self::LONGEST[$rule],
            default => self::jsonFits(json_decode($text, true, 16), $rule),
        };
    }

    private static function isName(string $text): bool
    {
        try {
            return Named::of($text) === $text;
        } catch (BadRequest) {
            return false;
        }
    }

    private static function jsonFits(mixed $value, string $rule): bool
    {
        if (!\is_array($value)) {
            return false;
        }
        try {
            match ($rule) {
                'style' => HouseStyle::of($value),
                'task' => TaskReference::fromArray($value),
                'tasks' => array_map(static fn(mixed $task): TaskReference => TaskReference::fromArray(
                    \is_array($task) ? $task : [],
                ), $value),
                'ruling' => Ruling::of($value),
                default => null,
            };
        } catch (BadRequest) {
            return false;
        }

        return match ($rule) {
            'lines', 'words' => array_is_list($value) && array_filter($value, is_string(...)) === $value,
            'slips' => array_is_list($value) && array_filter($value, static fn(mixed $slip): bool =>
                \is_string($slip) && Slip::tryFrom($slip) !== null) === $value,
            'list' => array_is_list($value) && array_filter($value, is_array(...)) === $value,
            'tasks' => $value !== [],
            'style', 'task', 'ruling', 'map' => true,
            default => false,
        };
    }
}
