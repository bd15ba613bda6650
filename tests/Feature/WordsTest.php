<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Address\Standing;
use App\Style\Miniatures;
use Runel\Demonstration\Phase;
use Runel\Method\Catalogue;
use Runel\Problem\Job;
use Runel\Slip\Slip;

/** The language files hold every word, and the British ones overlay nothing that is not there. */
final class WordsTest extends TestCase
{
    public function testTheOverlayOverlaysWhatExists(): void
    {
        $overlaid = 0;
        foreach (glob(lang_path('en_GB/*.php')) ?: [] as $file) {
            $british = $this->flat(require $file);
            $american = $this->flat(require lang_path('en/' . basename($file)));
            self::assertSame([], array_keys(array_diff_key($british, $american)), basename($file));
            foreach ($british as $key => $words) {
                self::assertNotSame($american[$key], $words, "$key says the same in both");
                self::assertSame(
                    $this->parameters($american[$key]),
                    $this->parameters($words),
                    "$key has other parameters",
                );
                ++$overlaid;
            }
        }
        self::assertGreaterThan(30, $overlaid);
        foreach (glob(lang_path('en/*.php')) ?: [] as $file) {
            foreach ($this->flat(require $file) as $key => $words) {
                self::assertDoesNotMatchRegularExpression('/\bbrackets?\b|factoris|colour/i', (string) preg_replace(
                    '/:[a-z]+/i',
                    '',
                    $words,
                ), basename($file) . " $key is not American");
                self::assertNotSame('', trim($words));
            }
        }
    }

    public function testEverythingThatHasAnIdHasAName(): void
    {
        $named = array_merge(
            array_map(static fn(Phase $phase): string => "name.phase.{$phase->value}", Phase::cases()),
            array_map(static fn(Job $job): string => "name.job.{$job->value}", Job::cases()),
            ...array_map(static fn(Job $job): array => array_map(
                static fn($method): string => "name.method.{$job->value}.{$method->id()}",
                Catalogue::standard()->ofJob($job),
            ), Job::cases()),
            ...array_map(static fn(Slip $slip): array => [
                "slip.{$slip->value}.watch",
                "slip.{$slip->value}.diagnosis",
            ], Slip::cases()),
            ...array_map(static fn(string $key): array => ["style.key.$key", ...array_map(
                static fn(string $value): string => "style.value.$key.$value",
                Standing::table(Catalogue::standard())[$key],
            )], Miniatures::keys()),
        );
        foreach (['en', 'en_GB'] as $locale) {
            foreach ($named as $key) {
                self::assertIsString(trans($key, [], $locale));
                self::assertNotSame($key, trans($key, [], $locale), $key);
            }
        }
        self::assertGreaterThan(100, \count($named));
    }

    /**
     * @param array<array-key, mixed> $words
     *
     * @return array<string, string>
     */
    private function flat(array $words, string $before = ''): array
    {
        $flat = [];
        foreach ($words as $key => $value) {
            $flat += \is_array($value) ? $this->flat($value, "$before$key.") : [
                $before . $key => \is_string($value) ? $value : '',
            ];
        }

        return $flat;
    }

    /** @return list<string> */
    private function parameters(string $words): array
    {
        preg_match_all('/:[a-z]+/i', $words, $found);
        $parameters = array_unique($found[0]);
        sort($parameters);

        return $parameters;
    }
}
