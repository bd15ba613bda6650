<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Requested;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Files\HandedIn;
use App\Pile\Pile;
use App\Pile\PileReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Style\HouseStyle;
use Tests\Golden\Scenes;
use Tests\Golden\Transcript;

/**
 * Every word of some sixty demonstrations, held. A change is meant or it is a fault: read it as a diff (bin/golden).
 */
final class TranscriptTest extends TestCase
{
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
        foreach (Pile::mark($pieces, $style, app(Catalogue::class))->pieces as $piece) {
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
