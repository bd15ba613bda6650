<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Reply;
use Runel\Demonstration\Task;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;
use Runel\Sentence\Heard;
use Runel\Sentence\Phrases;
use Runel\Style\HouseStyle;

/** Whole sentences are read as they are meant; a word is never read as letters. */
final class SentenceTest extends TestCase
{
    /** Words of nobody's: none of them asks for anything, and some look like mathematics. */
    private const STRANGE = ['gently', 'boat', 'yesterday', 'Mirela', 'keel', 'tide', 'rope', 'sail', 'oar', 'because'];

    /** @return iterable<string, array{string, string, string, array<string, mixed>}> */
    public static function sentences(): iterable
    {
        $lines = file(\dirname(__DIR__) . '/Golden/sentences.ndjson', \FILE_IGNORE_NEW_LINES) ?: [];
        foreach ($lines as $line) {
            [$sentence, $ascii, $job, $asked] = json_decode($line, true, flags: \JSON_THROW_ON_ERROR);
            yield $sentence => [$sentence, $ascii, $job, $asked];
        }
    }

    /** @param array<string, mixed> $asked */
    #[DataProvider('sentences')]
    public function testASentenceIsReadAsItIsMeant(string $sentence, string $ascii, string $job, array $asked): void
    {
        $problem = Problem::read($sentence);
        $jobs = Jobs::all()->ofProblem($problem);
        self::assertSame($job, $jobs[0]);
        $for = $problem->subject === null ? '' : ' for ' . Ascii::write(new Letter($problem->subject));
        self::assertSame($ascii, Ascii::write($problem->node) . $for);
        self::assertSame($asked, array_diff_key($problem->asked->toArray($job), ['job' => '']));
        foreach ($problem->asked->heard as $heard) {
            self::assertStringContainsString($heard->text, str_replace('≡', '=', $sentence));
        }
    }

    /** One word that nobody knows, wherever it stands, is what the sentence is refused for, at its place. */
    public function testAWordThatNobodyKnowsIsNeverLetters(): void
    {
        $asked = 0;
        $first = 0;
        foreach (self::sentences() as [$sentence]) {
            $words = explode(' ', $sentence);
            // Every third place, the other ones in the next sentences.
            $first = ($first + 1) % 3;
            for ($place = $first; $place <= \count($words); $place += 7) {
                $strange = self::STRANGE[($asked + $place) % \count(self::STRANGE)];
                $with = implode(' ', [...\array_slice($words, 0, $place), $strange, ...\array_slice($words, $place)]);
                try {
                    Problem::read($with);
                    self::fail("read: $with");
                } catch (Refusal $refusal) {
                    ++$asked;
                    self::assertNotNull($refusal->at, $with);
                    self::assertLessThanOrEqual(mb_strlen($with) + 1, $refusal->at);
                    if ($refusal->reason->key === 'error.unknown-word') {
                        self::assertSame($strange, $refusal->reason->parameters['found'], $with);
                    }
                }
            }
        }
        self::assertGreaterThan(400, $asked);
    }

    /** What is letters stays letters, however it is spaced and whatever it spells. */
    public function testProductsOfLettersAreProducts(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(500); ++$seed) {
            $chance = new Chance($seed);
            $letters = $chance->dice->shuffleArray(['a', 'b', 'm', 's', 'n', 't', 'u', 'v']);
            [$one, $two, $three] = $letters;
            $typed = $chance->one([
                "$one$two + $three = 7", "P = $one$two$three", "$one = $two + $three$one", "2$one$two($three + 1)",
                "$one$two/$three = 5", "($one + $two)($one - $three)", "$one $two $three = 12",
            ]);
            $found = array_keys(Letters::of(Problem::read($typed)->node));
            preg_match_all('/[A-Za-z]/', $typed, $typedLetters);
            self::assertEqualsCanonicalizing(array_values(array_unique($typedLetters[0])), $found, $typed);
        }
    }

    /** @return iterable<array{string, string, int}> */
    public static function refusals(): iterable
    {
        yield ['Lösche 2x+3', 'error.unknown-word', 1];
        yield ['sovle x^2=9', 'error.near-word', 1];
        yield ['facter x^2+5x+6', 'error.near-word', 1];
        yield ['hello world', 'error.unknown-word', 1];
        yield ['See page (4)', 'error.unknown-word', 1];
        yield ['x^2 - 9 tomorrow', 'error.unknown-word', 9];
        yield ['Draw the graph of y = x^2 - 3', 'error.not-done-graph', 1];
        yield ['Differentiate x^3 + 2x', 'error.not-done-calculus', 1];
        yield ['Solve 2x + 3 > 7', 'error.not-done-inequality', 14];
        yield ['The equation x² + kx + 9 = 0 has equal roots. Find k.', 'error.not-done-condition', 34];
        yield ['Find the inverse of f(x) = 3x − 2', 'error.not-done-inverse', 10];
        yield ['solve simultaneously x+y=3, x-y=1', 'error.not-done-simultaneous', 7];
        yield ['solve the equation', 'error.no-mathematics', 1];
        yield ['x^2 - 4 and x + 2', 'error.two-problems', 13];
        yield ['Factorise x^2-5x+6 and solve x^2-7x+6=0', 'error.two-problems', 30];
        yield ['Given that x - 2 is a factor of x^3 - 7x + 6, factorise x^2 - 9', 'error.two-problems', 57];
        yield ['V = pi r^2 h for pi', 'error.for-pi', 18];
        yield ['Solve P = 2a + 3b', 'error.which-letter', 1];
        yield ['Solve pi x^2 + pi x = 6 pi', 'error.powers-and-pi', 1];
        yield ['pi x^2 + pi x = 6 pi', 'error.powers-and-pi', 1];
        yield ['Show that √50-√8=√42', 'error.asked-show-apart-numbers', 1];
        yield ['Show that 1/x+1/y=1/(x+y)', 'error.asked-show-apart-two', 13];
        yield ['√5+√3', 'error.roots-so', 1];
        yield ['Solve x^2 + 3x', 'error.asked-solve', 1];
        yield ['v = u + at for s', 'error.letter-not-there', 16];

    }

    #[DataProvider('refusals')]
    public function testWhatCannotBeReadIsRefusedInTrueWordsAtItsPlace(string $typed, string $key, int $at): void
    {
        try {
            Jobs::all()->ofProblem(Problem::read($typed));
            self::fail("read: $typed");
        } catch (Refusal $refusal) {
            self::assertSame([$key, $at], [$refusal->reason->key, $refusal->at ?? 1]);
        }
    }

    public function testTheLettersOfAFormAreToldWithTheirSigns(): void
    {
        foreach ([
            'Write √75 in the form a√b' => ['a' => '5', 'b' => '3'],
            'Express (√5-1)^2 in the form a-b√5' => ['a' => '6', 'b' => '2'],
            'Express 6/(3-√5) in the form p+q√5' => ['p' => '9/2', 'q' => '3/2'],
            'Write √75 in the form a√2' => [],
            'Write √75+1 in the form a√3' => [],
            'Write x^2+6x+2 in the form (x+a)^2+b' => ['a' => '3', 'b' => '-7'],
            'Write 2x^2+8x+3 in the form (x+a)^2+b' => [],
            'Write 2x^2+8x+3 in the form k+a(x+h)^2' => ['k' => '-5', 'a' => '2', 'h' => '2'],
            'Write 7-6x-x^2 in the form p-(x-q)^2' => ['p' => '16', 'q' => '-3'],
            'Write 7-6x+x^2 in the form p-(x-q)^2' => [],
        ] as $sentence => $letters) {
            $task = new Task(Problem::read($sentence), HouseStyle::default());
            $told = Reply::letters(Jobs::catalogue()->demonstrate($task));
            self::assertSame($letters, array_map(Ascii::write(...), $told), $sentence);
        }
    }

    /** What is taken off a sentence leaves one that asks for everything else. */
    public function testEveryPartCanBeTakenOff(): void
    {
        $sentence = '3) Solve 5x^2 - 3x - 1 = 0 by completing the square, '
            . 'giving your answers to 2 decimal places, please';
        $heard = Problem::read($sentence)->asked->heard;
        self::assertSame(
            ['passed', 'job', 'method', 'rounding', 'passed'],
            array_map(static fn(Heard $one): string => $one->kind, $heard),
        );
        self::assertSame(
            ['3)', 'Solve', 'by completing the square', 'giving your answers to 2 decimal places', 'please'],
            array_map(static fn(Heard $one): string => $one->text, $heard),
        );
        foreach ($heard as $one) {
            $asked = Problem::read($one->without($sentence))->asked;
            self::assertSame($one->kind === 'method', $asked->method('solve') === null);
            self::assertSame($one->kind === 'rounding', $asked->rounding === null);
        }
    }

    /** What a part of a sentence is changed into is heard as what it was chosen for. */
    public function testEveryPhraseIsHeardAsWhatItAsks(): void
    {
        $typed = [
            'multiply' => '(x+2)(x-5)',
            'factor' => 'x^2-3x-10',
            'solve' => '4x^2+x-2=0',
            'divide' => '(x^3-2x+1)/(x-1)',
            'complete-square' => 'x^2-3x-10',
            'show' => '(x+1)^2=x^2+2x+1',
            'simplify' => '3x+2y-x+5y',
        ];
        foreach (Phrases::JOBS as $job => $verb) {
            self::assertSame($job, Problem::read("$verb $typed[$job]")->asked->job, $verb);
        }
        foreach (Phrases::METHODS as $job => $methods) {
            foreach ($methods as $method => $phrase) {
                self::assertSame(
                    $method,
                    Problem::read(Phrases::JOBS[$job] . " $typed[$job] $phrase")->asked->method($job),
                    $phrase,
                );
            }
        }
        foreach (Phrases::ROUNDINGS as $phrase) {
            self::assertNotNull(Problem::read("solve $typed[solve] $phrase")->asked->rounding, $phrase);
        }
        $sentence = 'Solve 4x^2 + x - 2 = 0 by the formula, to 2 decimal places';
        foreach (Problem::read($sentence)->asked->heard as $heard) {
            if ($heard->kind === 'method') {
                $changed = Problem::read($heard->replaced($sentence, 'by completing the square'))->asked;
                self::assertSame('completing-square', $changed->method('solve'));
                self::assertNotNull($changed->rounding);
            }
        }
    }

    /** What was passed over becomes mathematics by one word of the tutor's, where it can be any. */
    public function testWhatWasPassedOverIsMadeMathematics(): void
    {
        foreach ([
            'Solve x^2 = 36 (2)' => 'x^2 = 36*2',
            '9.  (x + 2)(x - 5)' => '9*(x+2)*(x-5)',
            '(c) (x + 3)(x - 10)' => 'c*(x+3)*(x-10)',
            'Solve x^2 = 9 [3]' => 'x^2 = 9*3',
            'Q4. Solve x^2 = 9' => null,
            'Solve x^2 = 9 (2 marks)' => null,
        ] as $sentence => $read) {
            $passed = array_values(array_filter(
                Problem::read($sentence)->asked->heard,
                static fn(Heard $one): bool => $one->kind === 'passed',
            ));
            $again = $passed[0]->asMathematics($sentence);
            self::assertSame($read, $again === null ? null : Ascii::write(Problem::read($again)->node), $sentence);
        }
    }
}
