<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Branch;
use Runel\Job\Multiply\MultiplicationPlan;
use Runel\Message\Refusal;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** In which order several factors are multiplied, and what is too much. */
final class PlanTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> */
    public static function orders(): iterable
    {
        yield 'the awkward ones first' => ['(x+5)(x^2-3x+1)(2x+1)', '1-3', 13];
        yield 'of equals the two with minus signs' => ['(k-4)(k+6)(3k-1)', '1-3', 10];
        yield 'where the middle cancels' => ['(x+1)(x^2+x+3)(x-1)', '1-3', 10];
        yield 'nothing to choose' => ['(x+1)(x+2)(x+3)', '1-2', 10];
    }

    #[DataProvider('orders')]
    public function testTheEasiestOrderIsTaken(string $typed, string $first, int $work): void
    {
        $plan = MultiplicationPlan::of($this->factors($typed));
        self::assertInstanceOf(MultiplicationPlan::class, $plan);
        $taken = array_values(array_filter($plan->options, static fn($option): bool => $option->taken));
        self::assertSame([$first], array_column($taken, 'value'));
        self::assertSame($work, $plan->work());
        foreach ($plan->options as $option) {
            $other = MultiplicationPlan::of($this->factors($typed), $option->value);
            self::assertInstanceOf(MultiplicationPlan::class, $other);
            self::assertSame($option->label->parameters['count'], $other->work(), 'what is forecast is what it takes');
            self::assertGreaterThanOrEqual($work, $other->work());
        }
    }

    public function testWhatIsTooMuchIsRefusedNotThrown(): void
    {
        foreach ([
            '(x^4+x^3+x^2+x+1)^6' => 'too-large',
            '(499721x^8-819830x^7+77x^3-5)^6' => 'too-large',
        ] as $typed => $code) {
            try {
                $plan = MultiplicationPlan::of($this->factors($typed));
            } catch (Refusal $refusal) {
                $plan = $refusal;
            }
            self::assertInstanceOf(Refusal::class, $plan);
            self::assertSame($code, $plan->code());
        }
        $plan = MultiplicationPlan::of($this->factors('(x+1)(x+2)(x+3)'), '9-3');
        self::assertInstanceOf(Refusal::class, $plan);
        self::assertSame(['bad-request', '1-2, 1-3, 2-3'], [$plan->code(), $plan->reason->parameters['values']]);
    }

    public function testBranchesArePaths(): void
    {
        $branch = Branch::way(2)->then(1)->then(3);
        self::assertSame(
            ['2.1.3', 3, '2.1', '2'],
            [$branch->name(), $branch->number(), $branch->parent()?->name(), $branch->parent()?->parent()?->name()],
        );
        self::assertNull(Branch::way(2)->parent());
    }

    /** @return list<Polynomial> */
    private function factors(string $typed): array
    {
        return array_map(
            static fn($factor): Polynomial => $factor->polynomial,
            Problem::read($typed)->product->factors ?? [],
        );
    }
}
