<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/**
 * The arrows between the rooms point one way, in the core and in the application, and the core knows no world outside.
 */
final class ArchitectureTest extends TestCase
{
    /** Which rooms each room of the core may use, besides itself. */
    private const CORE = [
        'Number' => '',
        'Expression' => 'Number',
        'Law' => 'Expression',
        'Message' => 'Expression',
        'Notation' => 'Expression',
        'Parsing' => 'Expression Message',
        'Style' => 'Message Notation',
        'Polynomial' => 'Expression Message Number',
        'Sentence' => 'Expression Message Notation Parsing Polynomial',
        'Problem' => 'Expression Message Notation Number Polynomial Sentence',
        'Algebra' => 'Expression Message Number Polynomial Problem',
        'Slip' => 'Expression Number Polynomial',
        'Demonstration' => 'Expression Law Message Number Polynomial Problem Slip Style',
        'Proof' => 'Expression Law Notation Number',
        'Audit' => 'Demonstration Expression Law Notation Proof',
        'Judging' => 'Demonstration Expression Law Message Notation Number Parsing Polynomial Proof Slip',
        'Ladder' => 'Demonstration Expression Judging Message Polynomial',
        'Method' => 'Audit Demonstration Expression Ladder Message Polynomial Problem Slip',
        'Working' => 'Algebra Demonstration Expression Judging Law Message Method Notation Number '
            . 'Polynomial Problem Slip Style',
        'Job' => 'Algebra Demonstration Expression Judging Ladder Law Message Method Notation '
            . 'Number Polynomial Problem Sentence Slip Style Working',
        'Practice' => 'Demonstration Expression Judging Ladder Marking Message Method Notation Polynomial Problem '
            . 'Proof Slip Style',
        'Marking' => 'Algebra Demonstration Expression Judging Law Message Method Notation Number Parsing '
            . 'Polynomial Problem Proof Slip Working',
        'Learning' => 'Demonstration Expression Marking Message Method Notation Problem Proof Style',
        'Why' => 'Demonstration Expression Law Message Number Polynomial Proof Style Working',
        'Lesson' => 'Demonstration Expression Ladder Message Method Notation Practice Slip Style',
    ];
    /** Rooms of the application that know the web or the console; nothing else may. */
    private const OUTSIDE = ['Http', 'Console', 'Providers'];
    private const FORBIDDEN = '/^(function (echo|print\w*|file_\w+|fopen|fwrite|getenv|time|microtime|'
        . 'hrtime|date|rand|mt_rand|random_int|random_bytes|shuffle|array_rand|error_log|header|session_\w+|'
        . 'exec|system)|statement .*|variable .*|Random\\\\.*|DateTime.*)$/';

    /** Small whole numbers are made once: they never change, so nobody can tell that from being made anew. */
    private const MADE_ONCE = ['Number/Rational.php' => 'statement static variable'];

    public function testTheCoresArrowsPointOneWay(): void
    {
        $names = Architecture::names(self::root() . '/core');
        $arrows = Architecture::arrows($names, 'Runel');
        self::assertSame([], array_diff(
            array_keys($arrows),
            array_keys(self::CORE),
        ), 'a room the architecture does not know');
        foreach ($arrows as $room => $used) {
            foreach ($used as $other => $file) {
                self::assertContains($other, explode(' ', self::CORE[$room]), "$file must not use Runel\\$other");
            }
        }
        self::assertNull(Architecture::circle($arrows));
        foreach ($names as $file => $used) {
            foreach (array_diff($used, [self::MADE_ONCE[$file] ?? '']) as $name) {
                $outside = explode('\\', $name)[0];
                self::assertTrue(
                    !str_contains($name, '\\')
                        || $outside === 'Runel'
                        || ($outside === 'Brick' && str_starts_with($file, 'Number/')),
                    "$file must not use $name",
                );
                self::assertDoesNotMatchRegularExpression(
                    self::FORBIDDEN,
                    $name,
                    "$file: no input, output, clock, chance or global state in the core",
                );
            }
        }
    }

    /** Jobs are islands: what one needs of another it is handed as a capability; only the list of jobs names them. */
    public function testNobodyNamesAJobFromOutside(): void
    {
        foreach (['core', 'app'] as $half) {
            foreach (Architecture::names(self::root() . "/$half") as $file => $used) {
                $own = preg_match('#^Job/(\w+)/#', $file, $match) === 1 && $half === 'core' ? $match[1] : null;
                foreach ($file === 'Job/Jobs.php' ? [] : $used as $name) {
                    $isNamed = preg_match('/^Runel\\\\Job\\\\(\w+)\\\\/', $name, $match) === 1 && $match[1] !== $own;
                    self::assertFalse($isNamed, "$half/$file names $name");
                }
            }
        }
    }

    /** A room and what it holds may know each other; beside one another they form no circle. */
    public function testTheRoomsWithinRoomsFormNoCircle(): void
    {
        $arrows = Architecture::inner(Architecture::names(self::root() . '/core'), 'Runel');
        self::assertArrayHasKey('Working/Roots', $arrows);
        self::assertNull(Architecture::circle($arrows));
    }

    public function testNoTwoClassesOfTheCoreHaveOneName(): void
    {
        $files = array_map(basename(...), array_keys(Architecture::names(self::root() . '/core')));
        self::assertSame([], array_values(array_diff_key($files, array_unique($files))));
    }

    public function testTheApplicationHasNoCircleAndHttpOnTop(): void
    {
        $arrows = Architecture::arrows(Architecture::names(self::root() . '/app'), 'App');
        self::assertNull(Architecture::circle($arrows));
        foreach ($arrows as $room => $used) {
            foreach (array_diff(self::OUTSIDE, [$room]) as $outside) {
                self::assertArrayNotHasKey(
                    $outside,
                    $used,
                    "$room must not use App\\$outside (" . ($used[$outside] ?? '') . ')',
                );
            }
        }
    }

    public function testTheTestItselfSeesWhatItIsThereFor(): void
    {
        self::assertSame('A → B → A', Architecture::circle(['A' => ['B' => 'x'], 'B' => ['A' => 'y']]));
        self::assertNull(Architecture::circle(['A' => ['B' => 'x', 'C' => 'x'], 'B' => ['C' => 'y'], 'C' => []]));
        $folder = sys_get_temp_dir() . '/runel-architecture-' . getmypid();
        mkdir("$folder/Room", 0o777, true);
        file_put_contents(
            "$folder/Room/Aliased.php",
            '<?php namespace Runel\Room; use App\Http\Kernel as Innocent; function f(): void { new '
                . 'Innocent(); \time(); }',
        );
        $names = Architecture::names($folder)['Room/Aliased.php'];
        unlink("$folder/Room/Aliased.php");
        rmdir("$folder/Room");
        rmdir($folder);
        self::assertContains('App\Http\Kernel', $names);
        self::assertContains('function time', $names);
    }

    public function testNoLineIsLongerThanTheLimit(): void
    {
        $long = [];
        foreach ([
            'app',
            'core',
            'bench',
            'bootstrap',
            'config',
            'database',
            'routes',
            'tests',
            'resources/css',
            'resources/js',
            'resources/views',
            'lang',
        ] as $folder) {
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::root() . "/$folder", \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                \assert($file instanceof \SplFileInfo);
                foreach (preg_match(
                    '/\.(php|css|scss|(?<!min\.)js)$/',
                    $file->getFilename(),
                ) === 1 ? file($file->getPathname()) ?: [] : [] as $number => $line) {
                    if (mb_strlen(rtrim($line)) > 120 && !str_contains($file->getPathname(), '/bootstrap/cache/')) {
                        $long[] = substr($file->getPathname(), \strlen(self::root()) + 1) . ':' . ($number + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    private static function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
