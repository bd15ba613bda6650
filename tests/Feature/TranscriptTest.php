<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Requested;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Files\HandedIn;
use App\Pile\Pile;
use App\Pile\PileReader;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Style\HouseStyle;
use Tests\Golden\Overheard;
use Tests\Golden\Scenes;
use Tests\Golden\Transcript;

/**
 * Every word of some sixty demonstrations, held. A change is meant or it is a fault: read it as a diff (bin/golden).
 */
final class TranscriptTest extends TestCase
{
    /** The rooms of words that methods speak from. */
    private const METHODS = [
        'advice', 'arcs', 'balance', 'brackets', 'check', 'columns', 'cross', 'divide', 'factor', 'grid', 'hunt',
        'isolate', 'product', 'quadratic', 'rearrange', 'roots', 'rows', 'scale', 'scale-why', 'solve', 'special',
        'special-form',
    ];

    /** @param array<string, string> $style */
    #[DataProvider('scenes')]
    public function testSaysWhatItSaid(string $name, string $problem, string $job, string $method, array $style): void
    {
        $file = \dirname(__DIR__) . "/Golden/transcripts/$name.txt";
        $requested = app(Requested::class);
        $task = $requested->reference(['problem' => $problem, 'style' => $style])->task();
        $text = Transcript::of(app(Demonstrations::class)->of($task, $job, $method), app(Faces::class));
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, $text);
        }
        self::assertFileExists($file);
        self::assertSame(
            (string) file_get_contents($file),
            $text,
            "$name says something else; bin/golden writes it down",
        );
    }

    /** @return iterable<string, array{string, string, string, string, array<string, string>}> */
    public static function scenes(): iterable
    {
        foreach (Scenes::all() as $name => $scene) {
            yield $name => [$name, ...array_values($scene)];
        }
    }

    /** What is said of more than a hundred lines of learners, held in the same way. */
    public function testMarksAsItMarked(): void
    {
        $folder = \dirname(__DIR__) . '/Golden';
        $pieces = PileReader::pieces(HandedIn::pasted((string) file_get_contents("$folder/pile.txt")), '');
        $style = HouseStyle::default();
        $wording = app(Faces::class)->text($style);
        $text = '';
        $pile = Pile::mark($pieces, $style, app(Catalogue::class));
        self::assertSame(0, $pile->left, 'all of it is looked at');
        foreach ($pile->pieces as $piece) {
            $text .= "== {$piece->piece->problem}\n";
            $text .= $piece->refusal === null ? '' : "  {$wording->say($piece->refusal->reason)}\n";
            foreach ($piece->lines() as $line) {
                $place = $line->shown === null ? '' : ' at ' . implode(', ', self::doubted($line->shown));
                $slip = $line->slip === null ? '' : " {$line->slip->value}";
                $text .= "  $line->typed\n    {$line->verdict->value}$slip$place\n    {$wording->say($line->say)}\n";
                $text .= $line->hint === $line->say ? '' : "    ({$wording->say($line->hint)})\n";
            }
            $wants = $piece->marking?->wants;
            $text .= $wants === null ? '' : "  wants: {$wording->say(Message::of("pile.wants.$wants->value"))}\n";
        }
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents("$folder/pile-marked.txt", $text);
        }
        self::assertSame((string) file_get_contents("$folder/pile-marked.txt"), $text);
    }

    /** @return list<string> the parts that are marked */
    private static function doubted(Node $node): array
    {
        return $node instanceof Marked
            ? [Ascii::write($node->content)]
            : array_merge(...array_map(self::doubted(...), $node->children()), ...[[]]);
    }

    /** Why a way does not apply, word by word. */
    public function testRefusesAsItRefused(): void
    {
        $said = '';
        foreach (Scenes::rows('refusals') as [$problem, $job, $method, $style]) {
            $said .= "$problem by $job.$method\n    " . self::refused($problem, $job, $method, $style) . "\n";
        }
        $file = \dirname(__DIR__) . '/Golden/refusals.txt';
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, $said);
        }
        self::assertStringEqualsFile($file, $said);
    }

    /** @param array<string, string> $style */
    private static function refused(string $problem, string $job, string $method, array $style): string
    {
        $task = app(Requested::class)->reference(['problem' => $problem, 'style' => $style])->task();
        try {
            app(Demonstrations::class)->of($task, $job, $method);
        } catch (Refusal $refusal) {
            return app(Faces::class)->text($task->style)->say($refusal->reason);
        }
        self::fail("$job.$method applies to $problem");
    }

    /** What a method can say is said by a scene; what no scene says yet is listed, and the list only gets shorter. */
    public function testEveryWordOfAMethodIsSaidByAScene(): void
    {
        $overheard = new Overheard(app('translation.loader'), 'en');
        $overheard->setFallback('en');
        app()->instance('translator', $overheard);
        app()->forgetInstance(Faces::class);
        $faces = app(Faces::class);
        foreach (self::scenes() as [, $problem, $job, $method, $style]) {
            $task = app(Requested::class)->reference(['problem' => $problem, 'style' => $style])->task();
            Transcript::of(app(Demonstrations::class)->of($task, $job, $method), $faces);
        }
        foreach (Scenes::rows('refusals') as $row) {
            self::refused(...$row);
        }
        $words = [];
        foreach (self::METHODS as $room) {
            foreach (array_keys(Arr::dot(require lang_path("en/$room.php"))) as $key) {
                $words[] = "$room.$key";
            }
        }
        $unsaid = array_values(array_diff($words, array_keys($overheard->said)));
        $file = \dirname(__DIR__) . '/Golden/unsaid.txt';
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, implode("\n", $unsaid) . "\n");
        }
        self::assertSame(
            explode("\n", trim((string) file_get_contents($file))),
            $unsaid,
            'a new word wants a scene that says it; a word said at last is struck from the list by bin/golden',
        );
        self::assertGreaterThan(2 * \count($unsaid), \count($words), 'more than half is said');
    }

    public function testNoTranscriptIsLeftOver(): void
    {
        $kept = array_map(static fn(string $file): string => basename($file, '.txt'), glob(
            \dirname(__DIR__) . '/Golden/transcripts/*.txt',
        ) ?: []);
        $wanted = array_keys(iterator_to_array(Scenes::all()));
        sort($kept);
        sort($wanted);
        self::assertSame($wanted, $kept);
    }
}
