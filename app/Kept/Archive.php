<?php

declare(strict_types=1);

namespace App\Kept;

use App\Files\Csv;
use App\Models\Attempt;
use App\Models\Learner;
use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/**
 * Everything that is kept as one file, and back: JSON lines, a table a file, in a zip, with tables for a spreadsheet
 * beside them. The passphrase is not among it. Rows come back under their own keys, so that a second time changes
 * nothing; what is here already stays as it is.
 */
final readonly class Archive
{
    /** The form of the files this program writes and reads. */
    public const VERSION = 1;
    private const MANIFEST = 'runel.json';
    /** In the order in which they can be filled. */
    private const TABLES = [
        'lessons', 'lesson_plays', 'lesson_moments', 'learners', 'learner_groups', 'group_learner', 'handings',
        'attempts', 'return_words',
    ];
    /** Their rows are counted, not keyed: the same contents are the same row. */
    private const COUNTED = [
        'examples' => ['shelf', 'task'],
        'problem_sets' => ['name', 'tasks'],
        // What was done once, as loading the demo data, is not done again where this comes in.
        'milestones' => ['name'],
    ];
    /** In bytes, unpacked. */
    private const LARGEST = 200_000_000;
    private const LONGEST_LINE = 2_000_000;

    public function __construct(private Connection $connection, private Writing $writing) {}

    /**
     * @param string $path of the file to be written
     *
     * @return array<string, int> how many rows of each table
     *
     * @throws BadRequest when it cannot be written there
     */
    public function write(string $path): array
    {
        $zip = new \ZipArchive();
        if (@$zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new BadRequest(Message::of('kept.not-written', ['path' => $path]));
        }
        $counts = [];
        $this->connection->transaction(function () use ($zip, &$counts): void {
            foreach ([...self::TABLES, ...array_keys(self::COUNTED)] as $table) {
                $lines = '';
                $counts[$table] = 0;
                foreach ($this->connection->table($table)->orderByRaw('rowid')->cursor() as $row) {
                    $lines .= json_encode(
                        $row,
                        \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
                    ) . "\n";
                    ++$counts[$table];
                }
                $zip->addFromString("$table.jsonl", $lines);
            }
            $zip->addFromString('learners.csv', Csv::write(self::learners()));
            $learners = Learner::query()->orderBy('name')->get()->all();
            $zip->addFromString('attempts.csv', Csv::write(self::attempts($learners)));
        });
        $zip->addFromString(self::MANIFEST, json_encode([
            'runel' => self::VERSION,
            'rows' => $counts,
        ], \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR) . "\n");
        if (!@$zip->close()) {
            throw new BadRequest(Message::of('kept.not-written', ['path' => $path]));
        }

        return $counts;
    }

    /**
     * @return array<string, array{int, int}> of each table, how many rows came in, and how many were here already
     *
     * @throws BadRequest when the file is none of ours, is newer than this program, or is damaged; then nothing came in
     */
    public function read(string $path): array
    {
        $zip = new \ZipArchive();
        if (!is_file($path) || $zip->open($path) !== true) {
            throw new BadRequest(Message::of('kept.no-archive', ['path' => $path]));
        }
        $size = 0;
        for ($place = 0; $place < $zip->numFiles; ++$place) {
            $size += (int) ($zip->statIndex($place)['size'] ?? 0);
        }
        $manifest = json_decode((string) $zip->getFromName(self::MANIFEST, 10_000), true);
        if (!\is_array($manifest) || !\is_int($manifest['runel'] ?? null)) {
            throw new BadRequest(Message::of('kept.no-archive', ['path' => $path]));
        }
        if ($manifest['runel'] > self::VERSION) {
            throw new BadRequest(Message::of('kept.newer', ['known' => self::VERSION]));
        }
        if ($size > self::LARGEST) {
            throw new BadRequest(Message::of('kept.too-large', ['limit' => intdiv(self::LARGEST, 1_000_000)]));
        }

        return $this->writing->whole(function () use ($zip): array {
            $counts = [];
            foreach ([...self::TABLES, ...array_keys(self::COUNTED)] as $table) {
                $counts[$table] = $this->table($zip, $table);
            }

            return $counts;
        });
    }

    /**
     * A piece of work a row.
     *
     * @param array<array-key, Learner> $learners
     *
     * @return list<list<string>>
     */
    public static function attempts(array $learners): array
    {
        $rows = [[
            'learner', 'at', 'problem', 'job', 'skill', 'rung', 'lines', 'verdicts', 'slips', 'help', 'seconds',
            'finished', 'source', 'mark', 'remark',
        ]];
        foreach ($learners as $learner) {
            foreach ($learner->attempts as $attempt) {
                $rows[] = [
                    $learner->name,
                    $attempt->at->toDateTimeString(),
                    $attempt->task->problem,
                    (string) $attempt->task->job,
                    (string) $attempt->skill,
                    (string) $attempt->rung,
                    implode(' | ', $attempt->typed()),
                    implode(' ', $attempt->verdictIds()),
                    implode(' ', $attempt->slipIds()),
                    (string) $attempt->help,
                    (string) $attempt->seconds,
                    $attempt->finished ? 'yes' : 'no',
                    $attempt->source,
                    $attempt->mark,
                    $attempt->remark,
                ];
            }
        }

        return $rows;
    }

    /**
     * What is kept of one learner, to be handed over.
     *
     * @return array<string, mixed>
     */
    public static function of(Learner $learner): array
    {
        return [
            'runel' => self::VERSION,
            'name' => $learner->name,
            'note' => $learner->note,
            'style' => (object) $learner->style->chosen(),
            'groups' => $learner->groups->pluck('name')->all(),
            'attempts' => array_map(static fn(Attempt $attempt): array => [
                'at' => $attempt->at->toDateTimeString(),
                'problem' => $attempt->task->problem,
                'job' => $attempt->task->job,
                'skill' => $attempt->skill,
                'rung' => $attempt->rung,
                'lines' => $attempt->typed(),
                'verdicts' => $attempt->verdictIds(),
                'slips' => $attempt->slipIds(),
                'help' => $attempt->help,
                'seconds' => $attempt->seconds,
                'finished' => $attempt->finished,
                'source' => $attempt->source,
                'mark' => $attempt->mark,
                'remark' => $attempt->remark,
            ], $learner->attempts->all()),
            'returns' => $learner->returnWords->map(static fn($word): array => [
                'skill' => $word->skill,
                'rung' => $word->rung,
                'said' => $word->said_on->toDateString(),
                'due' => $word->due_on?->toDateString(),
            ])->all(),
            'handed' => $learner->handings->map(static fn($handing): array => [
                'tasks' => $handing->tasks,
                'until' => $handing->expires_at->toDateTimeString(),
            ])->all(),
        ];
    }

    /** @return list<list<string>> */
    private static function learners(): array
    {
        $rows = [['learner', 'groups', 'note']];
        foreach (Learner::query()->orderBy('name')->get() as $learner) {
            $rows[] = [$learner->name, $learner->groups->pluck('name')->implode(', '), $learner->note];
        }

        return $rows;
    }

    /**
     * @return array{int, int}
     *
     * @throws BadRequest
     */
    private function table(\ZipArchive $zip, string $table): array
    {
        $stream = $zip->getStream("$table.jsonl");
        if ($stream === false) {
            return [0, 0];
        }
        $columns = array_flip($this->connection->getSchemaBuilder()->getColumnListing($table));
        [$came, $here, $number] = [0, 0, 0];
        while (($line = fgets($stream, self::LONGEST_LINE)) !== false) {
            ++$number;
            $row = json_decode($line, true, 4);
            if (!\is_array($row) || array_filter($row, static fn(mixed $value): bool => !\is_scalar($value)
                && $value !== null) !== []) {
                throw new BadRequest(Message::of('kept.damaged', ['file' => "$table.jsonl", 'line' => $number]));
            }
            try {
                $this->row($table, array_intersect_key($row, $columns)) ? ++$came : ++$here;
            } catch (QueryException) {
                throw new BadRequest(Message::of('kept.damaged', ['file' => "$table.jsonl", 'line' => $number]));
            }
        }
        fclose($stream);

        return [$came, $here];
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @return bool whether it was not here yet
     */
    private function row(string $table, array $row): bool
    {
        $query = $this->connection->table($table);
        $same = self::COUNTED[$table] ?? ($table === 'group_learner' ? ['group_id', 'learner_id'] : ['id']);
        foreach ($same as $column) {
            $query->where($column, $row[$column] ?? null);
        }
        if ($query->exists()) {
            return false;
        }
        if (isset(self::COUNTED[$table])) {
            unset($row['id']);
        }
        $values = [];
        foreach ($row as $column => $value) {
            $values[(string) $column] = $value;
        }

        return $this->connection->table($table)->insert($values);
    }
}
