<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The arrows between the core's folders point one way, and the core knows nothing of the application. */
final class ArchitectureTest extends TestCase
{
    /** Which folders each folder may use, besides itself. */
    private const ARROWS = [
        'Message' => ['Expression'],
        'Number' => [],
        'Expression' => ['Number', 'Message'],
        'Polynomial' => ['Expression', 'Number', 'Message'],
        'Notation' => ['Expression', 'Number'],
        'Style' => ['Message', 'Notation'],
        'Problem' => ['Expression', 'Polynomial', 'Number', 'Message'],
        'Slip' => ['Demonstration', 'Expression', 'Polynomial', 'Number'],
        'Demonstration' => ['Expression', 'Notation', 'Message', 'Number', 'Problem', 'Slip', 'Style'],
        'Audit' => ['Demonstration', 'Expression', 'Notation', 'Number', 'Problem'],
        'Judging' => ['Demonstration', 'Expression', 'Message', 'Number', 'Polynomial', 'Slip'],
        'Method' => ['Audit', 'Demonstration', 'Expression', 'Message', 'Notation', 'Number', 'Polynomial', 'Problem', 'Slip', 'Style'],
    ];

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        $root = \dirname(__DIR__, 2) . '/core/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $name = substr($file->getPathname(), \strlen($root));
            yield $name => [explode('/', $name)[0], (string) file_get_contents($file->getPathname())];
        }
    }

    #[DataProvider('files')]
    public function testUsesOnlyWhatItsFolderMay(string $folder, string $code): void
    {
        self::assertArrayHasKey($folder, self::ARROWS, 'a folder that the architecture does not know');
        preg_match_all('/^use ([A-Za-z\\\\]+);/m', $code, $uses);
        foreach ($uses[1] as $use) {
            $parts = explode('\\', $use);
            $allowed = match ($parts[0]) {
                'Runel' => $parts[1] === $folder || \in_array($parts[1], self::ARROWS[$folder], true),
                'Brick' => $folder === 'Number',
                default => false,
            };
            self::assertTrue($allowed, "$folder must not use $use");
        }
        self::assertStringContainsString('declare(strict_types=1);', $code);
        self::assertDoesNotMatchRegularExpression('/\b(echo|print|file_get_contents|fopen|getenv|time|microtime|date|rand|mt_rand|global|\$_(GET|POST|SERVER|ENV))\b\s*\(?/', (string) preg_replace(['#/\*.*?\*/#s', '#//.*#', "/'[^']*'/"], '', $code), 'no input, output, clock, chance or globals in the core');
    }
}
