<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Requested;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use PHPUnit\Framework\Attributes\DataProvider;
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
