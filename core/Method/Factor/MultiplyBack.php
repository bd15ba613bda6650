<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Method\Multiply\Checks;
use Runel\Method\Multiply\MultiplyFamily;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\ProductForm;

/** A factoring checked by multiplying it back, written out in full by the tutor's favourite way to multiply. */
final readonly class MultiplyBack
{
    public function __construct(private MultiplyFamily $multiplying) {}

    public function check(Expression $factored, Polynomial $whole, Task $task): Check
    {
        $lines = [];
        $figure = null;
        $product = ProductForm::of($factored);
        foreach ($product === null ? [] : $this->multiplied(self::polynomials($product), $task) as $section) {
            // The whole-number twin is an extra, not part of multiplying back.
            foreach ($section->phase === Phase::Twin ? [] : $section->steps as $step) {
                array_push($lines, ...array_filter(
                    $step->lines,
                    static fn(Line $line): bool => $line->link === Link::Side,
                ));
                $figure = $step->figure ?? $figure;
            }
        }
        $lines[] = Line::side($factored, $whole->toExpression());

        return new Check(
            kind: CheckKind::MultiplyBack,
            title: Message::of('check.factors.title'),
            why: Message::of('check.factors.why'),
            lines: $lines,
            holds: Polynomial::fromExpression($factored)->equals($whole),
            figure: $figure,
        );
    }

    /** @return list<Check> the factors and the whole compared by numbers put for the letters */
    public function byValues(Expression $factored, Polynomial $whole): array
    {
        $product = ProductForm::of($factored);

        return $product === null ? [] : \array_slice(Checks::of(self::polynomials($product), $whole), 2);
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return list<Section>
     */
    private function multiplied(array $factors, Task $task): array
    {
        foreach ($this->multiplying->checking($task) as $way) {
            $sections = $way->multiplying($factors, $task);
            if ($sections !== null) {
                return $sections;
            }
        }

        return [];
    }

    /** @return list<Polynomial> */
    private static function polynomials(ProductForm $product): array
    {
        return array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors);
    }
}
