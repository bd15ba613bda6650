<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Address\Standing as StandingStyle;
use App\Faces\Faces;
use App\Faces\Format;
use App\Faces\MissingWords;
use App\Kept\Trouble;
use App\Style\Switches;
use Psr\Log\NullLogger;
use Runel\Demonstration\Answer\AnswerType;
use Runel\Demonstration\Phase;
use Runel\Job\Jobs;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Lesson\ItemKind;
use Runel\Marking\LineVerdict;
use Runel\Message\Message;
use Runel\Method\Wanting;
use Runel\Practice\Attempted;
use Runel\Practice\Standing;
use Runel\Practice\Wishes;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** The language files hold every word, and the British ones overlay nothing that is not there. */
final class WordsTest extends TestCase
{
    private static ?SpokenKeys $spoken = null;

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
                // What a British school would say otherwise is said otherwise.
                $british = is_file(lang_path('en_GB/' . basename($file)))
                    ? $this->flat(require lang_path('en_GB/' . basename($file)))
                    : [];
                self::assertTrue(
                    isset($british[$key]) || preg_match('/parenthes|\b[Ff]actor(ed|ing)\b|\bcolor/', $words) === 0,
                    basename($file) . " $key is not British",
                );
            }
        }
    }

    /** Every key that code or a view names has words, and every word is named somewhere. */
    public function testEveryKeyHasWordsAndEveryWordIsSaid(): void
    {
        $words = $this->all();
        $spoken = $this->spoken($words);
        foreach ($spoken->patterns as $pattern => $where) {
            self::assertNotSame([], preg_grep($pattern, array_keys($words)) ?: [], "no words for $pattern, $where");
        }
        $unsaid = array_filter(array_keys($words), static function (string $key) use ($spoken): bool {
            foreach (array_keys($spoken->patterns) as $pattern) {
                // The words of speech go to the speaker all at once.
                if (preg_match($pattern, $key) === 1 || str_starts_with($key, 'speech.')) {
                    return false;
                }
            }

            return true;
        });
        self::assertSame([], array_values($unsaid), 'words that nobody says');
        self::assertGreaterThan(250, \count($spoken->patterns));
    }

    /**
     * Every parameter that words want is given, and every parameter given is wanted by one of the words it may go to.
     */
    public function testEveryParameterIsGivenAndWanted(): void
    {
        $words = $this->all();
        $spoken = $this->spoken($words);
        $judged = 0;
        foreach ($spoken->messages as $message) {
            $keys = array_merge(...array_map(static fn(string $pattern): array => preg_grep(
                "/^$pattern/",
                array_keys($words),
            ) ?: [], $message['keys']));
            if ($keys === [] || !$message['all']) {
                continue;
            }
            $wanted = array_unique(array_merge(
                ...array_map(fn(string $key): array => $this->parameters($words[$key]), array_values($keys)),
            ));
            $certain = array_filter($message['keys'], static fn(string $key): bool => str_contains($key, '.+')) === [];
            $lacking = $certain ? array_values(array_diff($wanted, $message['given'], ['count'])) : [];
            self::assertSame([], $lacking, "{$message['where']}: words want what is not given");
            self::assertSame([], array_values(
                array_diff($message['given'], $wanted, ['count']),
            ), "{$message['where']}: nobody wants what is given");
            ++$judged;
        }
        self::assertGreaterThan(120, $judged);
    }

    public function testPluralsHaveTheirSingular(): void
    {
        foreach ($this->all() as $key => $line) {
            if (str_contains($line, '|')) {
                self::assertContains('count', $this->parameters($line), $key);
                $one = explode('|', $line)[0];
                $one = (string) preg_replace('/:count (step|product|trial|line|chance|check)\b/', '', $one);
                self::assertStringNotContainsString(':count', $one, "$key: one is said in words");
            }
        }
        $faces = app(Faces::class)->text(HouseStyle::default());
        self::assertSame(['One sign turns.', 'Both signs turn.', 'All 5 signs turn.'], array_map(
            static fn(int $count): string => $faces->say(
                Message::of('divide.long.turned.why-again', ['count' => $count]),
            ),
            [1, 2, 5],
        ));
        self::assertSame('1 step', $faces->say(Message::of('ui.steps', ['count' => 1])));
        self::assertSame('4 steps', $faces->say(Message::of('ui.steps', ['count' => 4])));
    }

    public function testMissingWordsAreADefectThatNoReaderSees(): void
    {
        $strict = new MissingWords(new NullLogger(), true);
        foreach ([
            static fn(): string => $strict->words('a.b'),
            static fn(): string => $strict->parameter('a.b', ':c'),
        ] as $missing) {
            try {
                $missing();
                self::fail('tests have to hear of it');
            } catch (\LogicException $fault) {
                self::assertStringContainsString('a.b', $fault->getMessage());
            }
        }
        self::assertSame('…', (new MissingWords(new NullLogger(), false))->words('a.b'));
    }

    /** @return array<string, string> all words of the first language, by key */
    private function all(): array
    {
        $words = [];
        foreach (glob(lang_path('en/*.php')) ?: [] as $file) {
            foreach ($this->flat(require $file) as $key => $line) {
                $words[basename($file, '.php') . ".$key"] = $line;
            }
        }

        return $words;
    }

    public function testEverythingThatHasAnIdHasAName(): void
    {
        $named = array_merge(
            array_map(static fn(Phase $phase): string => "name.phase.{$phase->value}", Phase::cases()),
            array_map(static fn(string $job): string => "name.job.{$job}", Jobs::all()->jobs()),
            ...array_map(static fn(string $job): array => array_map(
                static fn($method): string => "name.method.{$job}.{$method->id()}",
                Jobs::all()->of($job)->methods(),
            ), Jobs::all()->jobs()),
            ...array_map(static fn(Slip $slip): array => [
                "slip.{$slip->value}.watch",
                "slip.{$slip->value}.diagnosis",
            ], Slip::cases()),
            ...array_map(static fn(string $key): array => ["style.key.$key", ...array_map(
                static fn(string $value): string => "style.value.$key.$value",
                StandingStyle::table(Jobs::catalogue())[$key],
            )], array_merge(...array_values(Switches::SUBJECTS))),
        );
        foreach (['en', 'en_GB'] as $locale) {
            foreach ($named as $key) {
                self::assertIsString(trans($key, [], $locale));
                self::assertNotSame($key, trans($key, [], $locale), $key);
            }
        }
        self::assertGreaterThan(100, \count($named));
    }

    /** A word whose key is put together wants one for every case that can come: none of them falls silent. */
    public function testEveryCaseHasItsWords(): void
    {
        $values = static fn(\BackedEnum ...$cases): array => array_map(
            static fn(\BackedEnum $case): string => (string) $case->value,
            array_values($cases),
        );
        $read = array_filter(
            LineVerdict::cases(),
            static fn(LineVerdict $verdict): bool => $verdict !== LineVerdict::Unreadable,
        );
        $said = array_filter(Format::cases(), static fn(Format $format): bool => $format !== Format::Speech);
        $cases = [
            'sets.task.*' => Jobs::all()->jobs(),
            'error.asked-*' => Jobs::all()->jobs(),
            'slip.*.name' => $values(...Slip::cases()),
            'practice.skill.*' => array_map(
                static fn(Ladder $ladder): string => $ladder->skill(),
                Jobs::ladders()->all,
            ),
            'practice.adds.*' => $values(...Difficulty::cases()),
            'practice.wish.*' => array_diff(Wishes::KEYS, ['letters']),
            'sets.wish.*' => Wishes::KEYS,
            'sets.*' => $values(AnswerType::None, AnswerType::All),
            'lesson.kind.*' => $values(...ItemKind::cases()),
            'pile.wants.*' => $values(...Wanting::cases()),
            'turn.mark.*' => $values(...LineVerdict::cases()),
            'turn.sign.*' => $values(...LineVerdict::cases()),
            'marking.*' => $values(...$read),
            'learner.why.*' => $values(...Attempted::cases()),
            'learner.why-today.*' => $values(...Attempted::cases()),
            'learner.standing.*' => $values(...Standing::cases()),
            'learner.sign.*' => $values(...Standing::cases()),
            'trouble.*' => $values(...Trouble::cases()),
            'trouble.cure.*' => $values(...Trouble::cases()),
            'ui.formats.*' => $values(...$said),
        ];
        foreach ($cases as $key => $ids) {
            foreach ($ids as $id) {
                $own = str_replace('*', $id, $key);
                self::assertIsString(trans($own, [], 'en'));
                self::assertNotSame($own, trans($own, [], 'en'));
            }
        }
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
        preg_match_all('/:([a-z][a-zA-Z]*)/', $words, $found);
        $parameters = array_unique($found[1]);
        sort($parameters);

        return $parameters;
    }

    /**
     * What the program says by its source, read once: both tests ask the whole of it.
     *
     * @param array<string, string> $words
     */
    private function spoken(array $words): SpokenKeys
    {
        return self::$spoken ??= SpokenKeys::read(base_path(), array_unique(
            array_map(static fn(string $key): string => explode('.', $key)[0], array_keys($words)),
        ));
    }
}
