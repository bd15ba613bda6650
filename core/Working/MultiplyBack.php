<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Check;
use Runel\Demonstration\Line;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Method\SideWork;
use Runel\Method\WaysToMultiply;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\ProductForm;

/** A factoring checked by multiplying it back, written out in full by the tutor's favourite way to multiply. */
final readonly class MultiplyBack
{
    public function __construct(private WaysToMultiply $multiplying) {}

    public function check(Expression $factored, Polynomial $whole, Task $task): Check
    {
        $product = ProductForm::of($factored);

        return ProductChecks::worked(
            $product === null ? new SideWork() : $this->multiplied(self::polynomials($product), $task),
            $factored,
            $whole,
            Message::of('check.factors.title'),
            Message::of('check.factors.why'),
        );
    }

    /** @return list<Check> the factors and the whole compared by numbers put for the letters */
    public function byValues(Expression $factored, Polynomial $whole): array
    {
        $product = ProductForm::of($factored);

        return $product === null ? [] : \array_slice(ProductChecks::byValues(self::polynomials($product), $whole), 1);
    }

    /**
     * The single products by the tutor's favourite way to multiply; what they make together is not said.
     *
     * @param list<Polynomial> $factors two or more
     *
     * @return list<Line>
     */
    public function lines(array $factors, Task $task): array
    {
        return $this->multiplied($factors, $task)->lines;
    }

    /** @param list<Polynomial> $factors */
    private function multiplied(array $factors, Task $task): SideWork
    {
        foreach ($this->multiplying->checking($task) as $way) {
            $work = $way->sideWork($factors, $task);
            if ($work !== null) {
                return $work;
            }
        }

        return new SideWork();
    }

    /** @return list<Polynomial> */
    private static function polynomials(ProductForm $product): array
    {
        return array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors);
    }
}
