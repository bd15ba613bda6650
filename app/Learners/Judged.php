<?php

declare(strict_types=1);

namespace App\Learners;

use App\Models\Attempt;
use App\Values\Given;
use Runel\Demonstration\Task;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Marking\Difference;
use Runel\Marking\Handwriting;
use Runel\Marking\LineReader;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Marking\SlipPlace;
use Runel\Marking\Statements;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Parsing\Parser;
use Runel\Proof\Effort;
use Runel\Proof\Proof;
use Runel\Slip\Slip;

/**
 * What the judge has said of a kept piece of work, kept with it, so that it is judged once. It carries the version of
 * the program that judged; what another version said is judged anew when it is looked at, and kept by runel:judge.
 */
final readonly class Judged
{
    /** The work that judging one piece may take, in steps. */
    public const EFFORT = 300_000;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * What of a marking is kept, by column.
     *
     * @return array{verdicts: list<string>, finished: bool, judged: array<string, mixed>}
     */
    public static function columns(Marking $marking): array
    {
        return [
            'verdicts' => array_map(static fn(MarkedLine $line): string => $line->verdict->value, $marking->lines),
            'finished' => $marking->finished,
            'judged' => [
                'version' => self::version(),
                'wants' => $marking->wants?->value,
                'lines' => array_map(self::line(...), $marking->lines),
            ],
        ];
    }

    /** @return list<string> the ids of the slips in the lines, and of what the last one still wants */
    public static function slips(Marking $marking): array
    {
        $slips = array_map(static fn(MarkedLine $line): ?Slip => $line->slip, $marking->lines);
        $slips[] = $marking->lines === [] ? null : Slip::tryFrom($marking->wants->value ?? '');

        return array_values(array_map(
            static fn(Slip $slip): string => $slip->value,
            array_filter($slips),
        ));
    }

    /**
     * The lines of a piece as they are shown: as they were judged, or, where another version did, judged anew.
     *
     * @param Effort $effort what there is for that, for all pieces of a page
     *
     * @return list<MarkedLine> none where the problem can no longer be read
     */
    public function lines(Attempt $attempt, Effort $effort): array
    {
        try {
            $task = $attempt->task->task();

            return self::isPresent($attempt)
                ? $this->kept($attempt, $task)
                : $this->anew($attempt, $task, $effort)->lines;
        } catch (Refusal) {
            return [];
        }
    }

    /** @throws Refusal when the problem can no longer be read */
    public function anew(Attempt $attempt, Task $task, Effort $effort): Marking
    {
        return Marker::mark(
            $this->catalogue,
            $task,
            Jobs::all()->chosen($task->problem, $attempt->task->job)->job(),
            $attempt->typed(),
            effort: $effort,
        );
    }

    /** Whether this version of the program has judged it. */
    public static function isPresent(Attempt $attempt): bool
    {
        $judged = $attempt->judged();

        return ($judged['version'] ?? null) === self::version()
            && \count(Given::of($judged)->list('lines')) === \count($attempt->typed());
    }

    /** @return list<MarkedLine> */
    private function kept(Attempt $attempt, Task $task): array
    {
        $reader = new LineReader(
            Letters::of($task->problem->node),
            $task->problem->quotient()?->denominator,
        );
        $place = new SlipPlace(new Proof(null, $task->problem->rootIndex()));
        $before = $task->problem->node;
        $lines = [];
        $judged = $attempt->judged()['lines'];
        foreach ($attempt->typed() as $number => $typed) {
            $said = Given::of($judged)->within($number);
            $verdict = LineVerdict::tryFrom($said->text('verdict')) ?? LineVerdict::Undecided;
            $node = $verdict === LineVerdict::Unreadable ? null : self::node($reader, $typed, $task->problem->node);
            $isWrong = $verdict === LineVerdict::Wrong && $node !== null;
            $slip = Slip::tryFrom($said->text('slip'));
            $lines[] = new MarkedLine(
                $typed,
                $node,
                $verdict,
                $said->isOn('true'),
                self::said($said->within('say')),
                self::said($said->within('hint')),
                $slip,
                $said->number('at', 6),
                $isWrong && $slip === null ? Difference::between($before, $node) : null,
                $isWrong ? $place->marked($before, $node) : null,
                $said->typed('branch'),
                $said->isOn('extraneous'),
                kind: $said->typed('kind'),
                rounded: $said->number('rounded'),
            );
            $before = $verdict->isChain() && $node !== null ? $node : $before;
        }

        return $lines;
    }

    private static function node(LineReader $reader, string $typed, Node $problem): ?Node
    {
        try {
            $statements = Statements::of($typed);
            $last = $statements[\count($statements) - 1];

            return $reader->read(Handwriting::plain($last, $problem, Handwriting::numbersPlainly($last)))->node;
        } catch (Refusal) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private static function line(MarkedLine $line): array
    {
        return array_filter([
            'verdict' => $line->verdict->value,
            'true' => $line->holds,
            'slip' => $line->slip?->value,
            'at' => $line->at,
            'branch' => $line->branch,
            'extraneous' => $line->extraneous ?: null,
            'kind' => $line->kind,
            'rounded' => $line->rounded,
            'say' => self::message($line->say),
            'hint' => $line->hint === $line->say ? null : self::message($line->hint),
        ], static fn(mixed $value): bool => $value !== null);
    }

    /** @return array{key: string, with?: array<string, mixed>} */
    private static function message(Message $message): array
    {
        $with = array_map(static fn(Node|Message|string|int $value): array|string|int => match (true) {
            $value instanceof Node => ['ascii' => Ascii::write($value)],
            $value instanceof Message => self::message($value),
            default => $value,
        }, $message->parameters);

        return ['key' => $message->key] + ($with === [] ? [] : ['with' => $with]);
    }

    private static function said(Given $kept): Message
    {
        $key = $kept->typed('key');
        if ($key === null) {
            return Message::of('marking.undecided');
        }
        $with = [];
        foreach ($kept->list('with') as $name => $value) {
            $node = Given::of($value)->typed('ascii');
            $with[(string) $name] = match (true) {
                \is_string($value), \is_int($value) => $value,
                $node !== null => self::read($node),
                default => self::said(Given::of($value)),
            };
        }

        return Message::of($key, $with);
    }

    private static function read(string $ascii): Node|string
    {
        try {
            return Parser::parse($ascii)->node;
        } catch (Refusal) {
            return $ascii;
        }
    }

    private static function version(): string
    {
        $version = config('runel.version');

        return \is_string($version) ? $version : '';
    }
}
