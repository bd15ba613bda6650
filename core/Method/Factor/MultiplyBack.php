<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Method\Multiply;
use Runel\Method\Multiply\Checks;
use Runel\Method\Multiply\MultiplyMethod;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\ProductForm;
use Runel\Style\HouseStyle;

/** A factoring checked by multiplying it back, written out in full by the tutor's favourite way to multiply. */
final class MultiplyBack
{
    public static function check(Expression $factored, Polynomial $whole, HouseStyle $style): Check
    {
        $lines = [];
        $figure = null;
        $title = Message::of('check.factors.title');
        $product = ProductForm::of($factored);
        if ($product !== null) {
            $factors = self::polynomials($product);
            foreach (self::favourite($style)->multiplying($factors, $style) ?? (new Multiply\TermByTerm())->multiplying($factors, $style) ?? [] as $section) {
                // The whole-number twin is an extra, not part of multiplying back.
                foreach ($section->phase === Phase::Twin ? [] : $section->steps as $step) {
                    array_push($lines, ...array_filter($step->lines, static fn(Line $line): bool => $line->link === Link::Side));
                    $figure = $step->figure ?? $figure;
                }
            }
        }
        $lines[] = Line::side($factored, $whole->toExpression());

        return new Check(CheckKind::MultiplyBack, $title, Message::of('check.factors.why'), $lines, Polynomial::fromExpression($factored)->equals($whole), $figure);
    }

    /** @return list<Check> the factors and the whole compared by numbers put for the letters */
    public static function byValues(Expression $factored, Polynomial $whole): array
    {
        $product = ProductForm::of($factored);
        if ($product === null) {
            return [];
        }

        return \array_slice(Checks::of(self::polynomials($product), $whole), 2);
    }

    /** @return list<Polynomial> */
    private static function polynomials(ProductForm $product): array
    {
        return array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors);
    }

    private static function favourite(HouseStyle $style): MultiplyMethod
    {
        return match ($style->get('check-by')) {
            'grid' => new Multiply\Grid(),
            'by-degree' => new Multiply\ByDegree(),
            'columns' => new Multiply\Columns(),
            default => new Multiply\TermByTerm(),
        };
    }
}
