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
 * nothing; what is here already stays as it is. Row by row both ways: how much is kept is no matter of memory.
 */
final readonly class Archive
{
    /** The form of the files this program writes; it reads every earlier one, too. */
    public const VERSION = 2;
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
        'named_styles' => ['name'],
        // What was done once, as loading the demo data, is not done again where this comes in.
        'milestones' => ['name'],
    ];
    private const WORK = [
        'learner', 'at', 'problem', 'job', 'skill', 'rung', 'lines', 'verdicts', 'slips', 'help', 'seconds',
        'finished', 'source', 'mark', 'remark',
    ];
    /** In bytes, unpacked. */
    private const LARGEST = 1_000_000_000;
    private const LONGEST_LINE = 2_000_000;
    /** So many rows that cannot be read are named. */
    private const NAMED = 100;

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
        $folder = self::folder();
        try {
            [$counts, $damaged] = $this->connection->transaction(fn(): array => $this->pour($folder));
            file_put_contents("$folder/" . self::MANIFEST, json_encode([
                'runel' => self::VERSION,
                'rows' => $counts,
                'damaged' => $damaged,
            ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR) . "\n");
            foreach (glob("$folder/*") ?: [] as $file) {
                $zip->addFile($file, basename($file));
            }
            if (!@$zip->close()) {
                throw new BadRequest(Message::of('kept.not-written', ['path' => $path]));
            }
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }

        return $counts;
    }

    /**
     * A file a table, each row as it is.
     *
     * @return array{array<string, int>, list<string>} how many rows of each table, and which of them cannot be read
     */
    private function pour(string $folder): array
    {
        [$counts, $damaged] = [[], []];
        foreach ([...self::TABLES, ...array_keys(self::COUNTED)] as $table) {
            $file = fopen("$folder/$table.jsonl", 'w');
            \assert($file !== false);
            $count = 0;
            foreach ($this->connection->table($table)->orderByRaw('rowid')->cursor() as $row) {
                $row = (array) $row;
                fwrite($file, json_encode(
                    $row,
                    \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE
                        | \JSON_THROW_ON_ERROR,
                ) . "\n");
                ++$count;
                $broken = RowRules::broken($table, $row);
                if ($broken !== null && \count($damaged) < self::NAMED) {
                    $damaged[] = "$table.jsonl:$count ($broken)";
                }
            }
            fclose($file);
            $counts[$table] = $count;
        }
        $this->table("$folder/learners.csv", ['learner', 'groups', 'note'], $this->connection->select(
            "select l.name, (select group_concat(g.name, ', ') from group_learner m join learner_groups g"
            . ' on g.id = m.group_id where m.learner_id = l.id) as groups, l.note from learners l order by l.name',
        ));
        $this->table("$folder/attempts.csv", self::WORK, $this->connection->table('attempts')
            ->join('learners', 'learners.id', '=', 'attempts.learner_id')->orderBy('learners.name')
            ->orderByDesc('attempts.at')->select('attempts.*', 'learners.name as learner')->cursor(), self::work(...));

        return [$counts, $damaged];
    }

    /**
     * @param list<string>                             $head
     * @param iterable<mixed>                          $rows
     * @param (\Closure(\stdClass): list<string>)|null $cells
     */
    private function table(string $path, array $head, iterable $rows, ?\Closure $cells = null): void
    {
        $file = fopen($path, 'w');
        \assert($file !== false);
        fwrite($file, Csv::write([$head]));
        foreach ($rows as $row) {
            \assert($row instanceof \stdClass);
            fwrite($file, Csv::write([$cells === null
                ? array_map(self::text(...), array_values((array) $row))
                : $cells($row)]));
        }
        fclose($file);
    }

    /**
     * @return array<string, array{int, int}> of each table, how many rows came in, and how many were here already
     *
     * @throws BadRequest when the file is none of ours, is newer than this program, or a row of it holds what it may
     *                    not; then nothing came in
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
        $manifest = json_decode((string) $zip->getFromName(self::MANIFEST, 100_000), true);
        $version = \is_array($manifest) ? $manifest['runel'] ?? null : null;
        if (!\is_int($version) || $version < 1) {
            throw new BadRequest(Message::of('kept.no-archive', ['path' => $path]));
        }
        if ($version > self::VERSION) {
            throw new BadRequest(Message::of('kept.newer', ['known' => self::VERSION]));
        }
        if ($size > self::LARGEST) {
            throw new BadRequest(Message::of('kept.too-large', ['limit' => intdiv(self::LARGEST, 1_000_000)]));
        }
        $tables = [...self::TABLES, ...array_keys(self::COUNTED)];
        // Everything is looked at before anything is written.
        foreach ($tables as $table) {
            foreach (self::rows($zip, $table) as $number => $row) {
                $broken = RowRules::broken($table, $row);
                if ($broken !== null) {
                    throw new BadRequest(Message::of('kept.broken', [
                        'file' => "$table.jsonl",
                        'line' => $number,
                        'column' => $broken,
                    ]));
                }
            }
        }

        return $this->writing->whole(function () use ($zip, $tables): array {
            $counts = [];
            foreach ($tables as $table) {
                [$came, $here] = [0, 0];
                foreach (self::rows($zip, $table) as $number => $row) {
                    try {
                        $this->row($table, $row) ? ++$came : ++$here;
                    } catch (QueryException) {
                        throw new BadRequest(Message::of('kept.damaged', [
                            'file' => "$table.jsonl",
                            'line' => $number,
                        ]));
                    }
                }
                $counts[$table] = [$came, $here];
            }

            return $counts;
        });
    }

    /**
     * @return iterable<int, array<array-key, mixed>> the rows of a table by their line, from 1
     *
     * @throws BadRequest when a line is no row
     */
    private static function rows(\ZipArchive $zip, string $table): iterable
    {
        $stream = $zip->getStream("$table.jsonl");
        if ($stream === false) {
            return;
        }
        for ($number = 1; ($line = fgets($stream, self::LONGEST_LINE)) !== false; ++$number) {
            $row = json_decode($line, true, 4);
            yield $number => \is_array($row) ? $row : throw new BadRequest(Message::of('kept.damaged', [
                'file' => "$table.jsonl",
                'line' => $number,
            ]));
        }
        fclose($stream);
    }

    /**
     * A learner's work, a piece of it a row.
     *
     * @return list<list<string>>
     */
    public function attempts(Learner $learner): array
    {
        $rows = [self::WORK];
        $kept = $this->connection->table('attempts')->where('learner_id', $learner->id)->orderByDesc('at');
        foreach ($kept->cursor() as $row) {
            $row->learner = $learner->name;
            $rows[] = self::work($row);
        }

        return $rows;
    }

    /** @return list<string> a piece of work as a row; what is damaged as it stands */
    private static function work(\stdClass $row): array
    {
        $task = json_decode(self::text($row->task), true);
        $list = static function (mixed $json, string $between): string {
            $list = json_decode(self::text($json), true);

            return \is_array($list) ? implode($between, array_map(self::text(...), $list)) : self::text($json);
        };

        return [
            self::text($row->learner),
            self::text($row->at),
            \is_array($task) && \is_string($task['problem'] ?? null) ? $task['problem'] : self::text($row->task),
            \is_array($task) ? self::text($task['job'] ?? '') : '',
            self::text($row->skill),
            self::text($row->rung),
            $list($row->lines, ' | '),
            $list($row->verdicts, ' '),
            $list($row->counted, ' '),
            self::text($row->help),
            self::text($row->seconds),
            (bool) $row->finished ? 'yes' : 'no',
            self::text($row->source),
            self::text($row->mark),
            self::text($row->remark),
        ];
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }

    /** A folder of its own, which nobody else may look into. */
    private static function folder(): string
    {
        $folder = sys_get_temp_dir() . '/runel-' . bin2hex(random_bytes(8));

        return mkdir($folder, 0o700) ? $folder : throw new BadRequest(Message::of('kept.not-written', [
            'path' => $folder,
        ]));
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
            'style' => (object) $learner->style->kept(),
            'groups' => $learner->groups->pluck('name')->all(),
            'attempts' => array_map(static fn(Attempt $attempt): array => [
                'at' => $attempt->at->toDateTimeString(),
                'problem' => $attempt->task->problem,
                'job' => $attempt->task->job,
                'skill' => $attempt->skill,
                'rung' => $attempt->rung,
                'lines' => $attempt->typed(),
                'verdicts' => $attempt->verdictIds(),
                'slips' => $attempt->countedSlips(),
                'past' => $attempt->past(),
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

    /**
     * @param array<array-key, mixed> $row
     *
     * @return bool whether it was not here yet
     */
    private function row(string $table, array $row): bool
    {
        $row = RowRules::known($table, $row);
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
        if ($table === 'attempts' && !\array_key_exists('outcome', $row)) {
            // Written before the tutor's word counted: what counts is worked out from what is there.
            $attempt = (new Attempt())->setRawAttributes($row + (new Attempt())->getAttributes());
            $attempt->settle();
            $row = $attempt->getAttributes();
        }

        return $this->connection->table($table)->insert($row);
    }
}
