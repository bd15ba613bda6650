<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Problem\Problem;

/** Two whole numbers multiplied place by place, as two polynomials are degree by degree; only the carrying is new. */
final class MultiplyWholeNumbers implements Method
{
    /** Most digits of each number. */
    private const DIGITS = 6;

    public function id(): string
    {
        return 'by-place';
    }

    public function job(): string
    {
        return MultiplyFamily::JOB;
    }

    /**
     * The two numbers of a product of whole numbers, one of them with more than one digit.
     *
     * @return array{int, int}|null
     */
    public static function numbers(Problem $problem): ?array
    {
        $factors = $problem->node instanceof Product ? $problem->node->factors : [];
        $numbers = array_map(
            static fn(Expression $factor): ?int => $factor instanceof Numeral ? $factor->value->toInt() : null,
            $factors,
        );
        [$left, $right] = $numbers + [null, null];

        return \count($numbers) === 2 && $left !== null && $right !== null
            && min($left, $right) >= 2 && max($left, $right) >= 10 && max($left, $right) < 10 ** self::DIGITS
            ? [$left, $right]
            : null;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::numbers($task->problem) === null
            ? new MethodDoesNotApply(Message::of('places.refusal'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        [$left, $right] = self::numbers($task->problem) ?? throw new \LogicException('It was refused.');
        $figure = WholeNumberTwinFigure::of(self::digits($left), self::digits($right))
            ?? throw new \LogicException('Digits are digits.');
        [$steps, $figure] = WholeNumberPlaces::steps($figure, static fn(int $power): string => 'place-' . $power);
        $product = Numeral::of($figure->product());
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('places.read.title'),
                why: Message::of('places.read.why'),
                lines: [Line::given($task->problem->node)],
            )]),
            new Section(
                Phase::Multiplying,
                $steps,
                outcome: Message::of('outcome.places', ['count' => \count($steps)]),
            ),
            new Section(Phase::Finishing, [new Step(
                id: 'product',
                title: Message::of('places.product.title'),
                why: Message::of('places.product.why'),
                lines: [Line::result($product)],
                figure: $figure,
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                products: \count($figure->leftDigits) * \count($figure->rightDigits),
                advice: Message::of('places.advice', ['count' => $figure->places()]),
            ),
            sections: $sections,
            answer: new ExpressionAnswer($product),
            checking: static fn(): array => [self::check($left, $right)],
        );
    }

    /** The first number times each digit of the second with its zeros, then added. */
    private static function check(int $left, int $right): Check
    {
        $lines = [];
        $parts = [];
        foreach (array_reverse(str_split((string) $right)) as $power => $digit) {
            $multiplier = (int) $digit * 10 ** $power;
            if ($multiplier > 0) {
                $parts[] = Numeral::of($left * $multiplier);
                $lines[] = Line::side(
                    Product::apart([Numeral::of($left), Numeral::of($multiplier)]),
                    Numeral::of($left * $multiplier),
                );
            }
        }
        if (\count($parts) > 1) {
            $lines[] = Line::side(Sum::of($parts), Numeral::of($left * $right));
        }

        return new Check(
            kind: CheckKind::MultiplyBack,
            title: Message::of('places.check.title'),
            why: Message::of('places.check.why'),
            lines: $lines,
            holds: true,
        );
    }

    /** @return list<Rational> highest first */
    private static function digits(int $number): array
    {
        return array_map(static fn(string $digit): Rational => Rational::of((int) $digit), str_split((string) $number));
    }
}
