<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Claim\Identity;
use Runel\Demonstration\Question;
use Runel\Demonstration\Task;
use Runel\Expression\Numeral;
use Runel\Judging\Judge;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;

final class JudgeTest extends TestCase
{
    /** @return iterable<array{string, string, string, string|null}> problem, step, answer, the slip or what is said */
    public static function answers(): iterable
    {
        yield ['(2x+3)(x-5)', 'cell-1-1', '2x·x', null];
        yield ['(2x+3)(x-5)', 'cell-1-1', 'x^2*4/2', null];
        yield ['(2x+3)(x-5)', 'cell-2-1', '10x', 'sign-of-product'];
        yield ['(2x+3)(x-5)', 'cell-1-1', '2x', 'exponents-not-added'];
        yield ['(2x^3+3)(x^2-5)', 'cell-1-1', '2x^6', 'exponents-multiplied'];
        yield ['(2x+3)(x-5)', 'cell-2-1', '-10', 'letter-dropped'];
        yield ['(2x+3)(x-5)', 'collect-1', '7x', 'larger-sign-lost'];
        yield ['(2x+3)(x-5)', 'collect-1', '13x', 'signs-ignored'];
        yield ['(2x+3)(x-5)', 'collect-1', '-7x^2', 'unlike-terms-collected'];
        yield ['(2x+3)(x-5)', 'collect-1', '3x-10x', 'judge.form-collected'];
        yield ['(2x+3)(x-5)', 'standard-form', '(2x+3)(x-5)', 'judge.form-collected'];
        yield ['(2x+3)(x-5)', 'standard-form', '-15 - 7x + 2x²', null];
        yield ['(2x+3)(x-5)', 'standard-form', '2x²-7x', 'judge.differs'];
        yield ['(2x+3)(x-5)', 'size', '5', 'judge.other-number'];
        yield ['(2x+3)(x-5)', 'standard-form', '2x²-(', 'judge.unreadable'];
        yield ['(2x+3)(x-5)', 'standard-form', '1/x', 'judge.not-comparable'];
        yield ['(2x+3)(x-5)', 'standard-form', '(x+1)^999', 'judge.not-comparable'];
    }

    #[DataProvider('answers')]
    public function testAnswersAreJudgedAsMathematics(
        string $problem,
        string $step,
        string $answer,
        ?string $outcome,
    ): void {
        foreach (Catalogue::standard()->demonstrate(new Task(
            Problem::read($problem),
            \Runel\Style\HouseStyle::default(),
        ), null, 'grid')->steps() as $candidate) {
            if ($candidate->id === $step && $candidate->question !== null) {
                $verdict = Judge::verdict($candidate->question, $answer);
                self::assertSame($outcome === null, $verdict->right);
                self::assertSame($outcome, $verdict->right ? null : ($verdict->slip->value ?? $verdict->message->key));

                return;
            }
        }
        self::fail("no question at $step");
    }

    public function testPairsComeInEitherOrder(): void
    {
        $question = Question::pair(Message::of('x'), [
            new Identity($four = Numeral::of(4), $four),
        ], $four, Numeral::of(-15));
        self::assertTrue(Judge::verdict($question, '-15, 4')->right);
        self::assertTrue(Judge::verdict($question, '4 and −15')->right);
        self::assertSame('right-product-wrong-sum', Judge::verdict($question, '6, -10')->slip?->value);
        self::assertSame('signs-in-wrong-brackets', Judge::verdict($question, '-4; 15')->slip?->value);
        self::assertSame('right-sum-wrong-product', Judge::verdict($question, '-6, -5')->slip?->value);
        self::assertSame('judge.two-wanted', Judge::verdict($question, '4')->message->key);
    }

    /** Every question's own answer is right, every wrong answer it foresees is wrong for the reason it names. */
    public function testEveryQuestionAgreesWithItself(): void
    {
        $asked = 0;
        $catalogue = Catalogue::standard();
        for ($seed = 1; $seed <= 120; ++$seed) {
            $chance = new Chance($seed);
            $typed = '(' . $chance->polynomial($chance->coefficients(
                $chance->dice->getInt(1, 3),
            ), 'x') . ')(' . $chance->polynomial($chance->coefficients(2), 'x') . ')';
            $task = new Task(Problem::read($typed), $chance->style());
            foreach (['grid', 'term-by-term', 'by-degree', 'columns'] as $method) {
                foreach ($catalogue->demonstrate($task, null, $method)->steps() as $step) {
                    if ($step->question === null) {
                        continue;
                    }
                    self::assertTrue(Judge::verdict($step->question, Ascii::write(
                        $step->question->accepted[0],
                    ))->right, "$typed $method {$step->id}");
                    foreach ($step->question->likelyWrong as $wrong) {
                        self::assertSame($wrong->slip, Judge::verdict(
                            $step->question,
                            Ascii::write($wrong->answer),
                        )->slip, "$typed $method {$step->id}");
                    }
                    ++$asked;
                }
            }
        }
        self::assertGreaterThan(3000, $asked);
    }
}
