<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;

final class JudgeTest extends TestCase
{
    /** @return iterable<array{string, string, string, string|null}> problem, step, answer, the slip or what is said */
    public static function answers(): iterable
    {
        yield ['(2x+3)(x-5)', 'cell-1-1', 'x²·2', null];
        yield ['(2x+3)(x-5)', 'cell-1-1', '2x·x', 'judge.question-back'];
        yield ['(2x+3)(x-5)', 'cell-1-1', 'x·2x', 'judge.form-collected'];
        yield ['(2x+3)(x-5)', 'cell-1-1', 'x^2*4/2', 'judge.form-reduce'];
        yield ['(2x+3)(x-5)', 'cell-1-1', '2y²', 'judge.other-letter'];
        yield ['(2x+3)(x-5)', 'size', '4x', 'judge.no-letter'];
        yield ['(2x+3)(x-5)', 'collect-1', '3x-10x=-7x', null];
        yield ['(2x+3)(x-5)', 'collect-1', '2x=-7x', 'judge.no-equation'];
        yield ['(-2x+3)(3x-5)(x+1)', '1-collect-1', '-19x', 'larger-sign-lost'];
        yield ['(-3x-2)(5x+4)', 'collect-1', '22x', 'signs-ignored'];
        yield ['√(18x^3)', 'root-1', '3x√(2x)', null];
        yield ['√(18x^3)', 'root-1', '3√(2x^3)', 'judge.form-root'];
        yield ['√(18x^3)', 'root-1', '9x√(2x)', 'root-not-simplified'];
        yield ['1/√x', 'result', 'x/√x', 'judge.differs'];
        yield ['3√2(√6-√2)', 'result', '6√3-6', null];
        yield ['3√2(√6-√2)', 'result', '3√12-6', 'judge.form-root'];
        yield ['x^2=12', 'both-roots', '2√3, -2√3', null];
        yield ['x^2=12', 'both-roots', '2√3', 'root-lost'];
        yield ['x^2=12', 'both-roots', '√13, -√13', 'judge.no-solution'];
        yield ['x^2-4x+1=0', 'alone', '(4+√12)/2, (4-√12)/2', null];
        yield ['x^2-4x+1=0', 'alone', 'x = 2 ± √3', null];
        yield ['x^2=12', 'both-roots', '±√12', null];
        yield ['√50+√8', 'result', '√98', 'judge.form-root'];
        yield ['√50+√8', 'result', '5√2+2√2', 'judge.form-collected'];
        yield ['√50+√8', 'result', '√58', 'root-of-sum-split'];
        yield ['6/(3-√5)', 'result', '4.5+1.5√5', null];
        yield ['x^2-y^2+4x+4', 'together', '(2+x)²', null];
        yield ['6x^2+21x-90', 'common-factor', '3', null];
        yield ['6x^2+21x-90', 'common-factor', '1', 'not-factored-completely'];
        yield ['6x^2+21x-90', 'common-factor', '6', 'judge.not-in-every'];
        yield ['6x^2+21x-90', 'common-factor', '3x', 'judge.not-in-every'];
        yield ['4x^3+12x^2', 'common-factor', '4x^2', null];
        yield ['4x^3+12x^2', 'common-factor', '2x', 'not-factored-completely'];
        yield ['6x^2+21x-90', 'brackets', '(2x-5)(x+6)', null];
        yield ['6x^2+21x-90', 'brackets', '3(2x-5)(x+6)', null];
        yield ['6x^2+21x-90', 'brackets', '(6x-15)(x+6)', 'not-factored-completely'];
        yield ['6x^2+21x-90', 'brackets', '6(x-5/2)(x+6)', 'not-factored-completely'];
        yield ['6x^2+21x-90', 'brackets', '2x²+7x-30', 'not-factored-completely'];
        yield ['6x^2+21x-90', 'brackets', '(2x+5)(x-6)', 'signs-in-wrong-brackets'];
        yield ['3x^2+7x+5', 'verdict', '7²-60', 'judge.form-number'];
        yield ['x^2-3x=10', 'standard-form', 'x²-3x-10=0', null];
        yield ['x^2-3x=10', 'standard-form', 'x²=3x+10', 'judge.form-zero'];
        yield ['x^2-3x=10', 'standard-form', 'x²-3x+10=0', 'sign-not-turned'];
        yield ['x^2-3x=10', 'standard-form', 'x²-3x-10', 'judge.equation-wanted'];
        yield ['x^2-3x=10', 'brackets', '(x-5)(x+2)=0', null];
        yield ['x^2-3x=10', 'solve-1', 'x=-2', null];
        yield ['x^2-3x=10', 'solve-1', '2', 'sign-not-turned'];
        yield ['x^2-3x=10', 'solutions', 'x=-2, x=5', null];
        yield ['x^2-3x=10', 'solutions', '5 or -2', null];
        yield ['x^2-3x=10', 'solutions', '{-2, 5}', null];
        yield ['x^2-3x=10', 'solutions', '(5, -2)', null];
        yield ['x^2-3x=10', 'solutions', '5', 'root-lost'];
        yield ['x^2-3x=10', 'solutions', '5, 3', 'judge.no-solution'];
        yield ['(2x+3)(x-5)', 'cell-2-1', '10x', 'sign-of-product'];
        yield ['(2x+3)(x-5)', 'cell-1-1', '2x', 'exponents-not-added'];
        yield ['(2x^3+3)(x^2-5)', 'cell-1-1', '2x^6', 'exponents-multiplied'];
        yield ['(2x+3)(x-5)', 'cell-2-1', '-10', 'letter-dropped'];
        yield ['(2x+3)(x-5)', 'collect-1', '7x', 'larger-sign-lost'];
        yield ['(2x+3)(x-5)', 'collect-1', '13x', 'signs-ignored'];
        yield ['(2x+3)(x-5)', 'collect-1', '-7x^2', 'unlike-terms-collected'];
        yield ['(2x+3)(x-5)', 'collect-1', '3x-10x', 'judge.question-back'];
        yield ['(2x+3)(x-5)', 'standard-form', '(2x+3)(x-5)', 'judge.question-back'];
        yield ['(2x+3)(x-5)', 'standard-form', '-15 - 7x + 2x²', null];
        yield ['(2x+3)(x-5)', 'standard-form', '2x²-7x', 'term-missed'];
        yield ['(2x+3)(x-5)', 'standard-form', '2x²-15', 'term-missed'];
        yield ['(2x+3)(x-5)', 'standard-form', '2x²-8x-15', 'judge.differs'];
        yield ['(2x-3)^2', 'standard-form', '4x²+9', 'double-product-forgotten'];
        yield ['(a-7)(b+3)', 'cell-2-1', '3a', null];
        yield ['(2a-7)(4b+3)', 'cell-1-1', '8a', 'letter-dropped'];
        yield ['(3x^3-x+2)(x^2+1)', 'size', '6', 'missing-placeholder'];
        yield ['(2x+3)(x-5)', 'size', '5', 'judge.other-value'];
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
        $demonstration = Jobs::catalogue()->demonstrate(new Task(
            Problem::read($problem),
            \Runel\Style\HouseStyle::default(),
        ), null, str_starts_with($problem, '(') ? 'grid' : null);
        foreach ($demonstration->steps() as $candidate) {
            if ($candidate->id === $step && $candidate->question !== null) {
                $verdict = Judge::verdict(
                    $candidate->question,
                    $answer,
                    Jobs::all()->of($demonstration->job)->rules(),
                );
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
        $rules = Jobs::all()->of('factor')->rules();
        self::assertTrue(Judge::verdict($question, '-15, 4', $rules)->right);
        self::assertTrue(Judge::verdict($question, '4 and −15', $rules)->right);
        self::assertSame('right-product-wrong-sum', Judge::verdict($question, '6, -10', $rules)->slip?->value);
        self::assertSame('signs-in-wrong-brackets', Judge::verdict($question, '-4; 15', $rules)->slip?->value);
        self::assertSame('right-sum-wrong-product', Judge::verdict($question, '-6, -5', $rules)->slip?->value);
        self::assertSame('judge.two-wanted', Judge::verdict($question, '4', $rules)->message->key);
    }

    /** Every question's own answer is right, every slip done on purpose is wrong, with a slip that leads to it. */
    public function testEveryQuestionAgreesWithItself(): void
    {
        $asked = 0;
        $slipped = 0;
        $catalogue = Jobs::catalogue();
        for ($seed = 1; $seed <= Chance::seeds(20); ++$seed) {
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
                    ), Jobs::all()->of('multiply')->rules())->right, "$typed $method {$step->id}");
                    foreach (self::wrongAnswers($step->question, $asked % 9) as $wrong) {
                        $verdict = Judge::verdict(
                            $step->question,
                            Ascii::write($wrong),
                            Jobs::all()->of('multiply')->rules(),
                        );
                        self::assertFalse($verdict->right, "$typed $method {$step->id} " . Ascii::write($wrong));
                        self::assertNotNull($verdict->slip, "$typed $method {$step->id} " . Ascii::write($wrong));
                        ++$slipped;
                    }
                    ++$asked;
                }
            }
        }
        self::assertGreaterThan(Chance::seeds(600), $asked);
        self::assertGreaterThan(Chance::seeds(330), $slipped);
    }

    /** @return list<Expression> what is not right and comes from a slip, every ninth of them */
    private static function wrongAnswers(Question $question, int $from): array
    {
        $wrong = [];
        foreach ($question->counted === null ? $question->subjects() : [] as $subject) {
            foreach (WrongRules::outcomes(Jobs::all()->of('multiply')->rules(), $subject) as [, $outcome]) {
                $given = $outcome instanceof Expression ? Polynomial::tryFrom($outcome) : null;
                $right = $question->accepted[0];
                if ($given !== null && $right instanceof Expression
                    && !$given->equals(Polynomial::fromExpression($right))) {
                    $wrong[Ascii::write($given->toExpression())] = $given->toExpression();
                }
            }
        }

        return array_values(array_filter(
            array_values($wrong),
            static fn(int $place): bool => $place % 9 === $from,
            \ARRAY_FILTER_USE_KEY,
        ));
    }
}
