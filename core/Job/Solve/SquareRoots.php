<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\Quadratic;
use Runel\Algebra\StandingSquare;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Judging\Form;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;
use Runel\Working\Known;
use Runel\Working\NumberInFront;
use Runel\Working\Quadratic\Gathering;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Quadratic\RootedSquare;
use Runel\Working\Quadratic\Rooting;

/** A quadratic equation without a middle term, or with a square that stands already: root both sides at once. */
final readonly class SquareRoots implements Method
{
    public function id(): string
    {
        return 'square-roots';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $quadratic = Known::quadratic($task);
        if (EqualPowers::of($task)?->isSquare() === true) {
            return null;
        }
        if ($quadratic === null) {
            return new MethodDoesNotApply(Message::of('quadratic.refusal'));
        }
        if (EqualSquares::of($task, $quadratic) !== null) {
            return null;
        }
        [, , $value] = self::square($quadratic);

        return match (true) {
            !$quadratic->b->isZero() && self::standing($quadratic) === null => new MethodDoesNotApply(
                Message::of('quadratic.refusal-middle'),
            ),
            !Rooting::fits($value) => new TooLarge(Message::of('quadratic.too-large')),
            default => null,
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equal = EqualPowers::of($task);
        if ($equal?->isSquare() === true) {
            return $equal->demonstration($this);
        }
        $quadratic = Known::quadratic($task) ?? throw new \LogicException('No quadratic was not refused.');
        $squares = EqualSquares::of($task, $quadratic);
        if ($squares !== null) {
            return $squares->demonstration($this);
        }
        [$base, $front, $value] = self::square($quadratic);
        $squared = new Equation(new Power($base, Numeral::of(2)), Numeral::of($value));
        [$steps, $answer, $roots] = (new Rooting(new RootedSquare(
            $quadratic->equation,
            $quadratic->letter,
            $base,
            $value,
            $squared,
            $task->style,
            $quadratic->like(),
        )))->work();
        $sections = [
            new Section(Phase::Reading, $this->isolated($task, $quadratic, $front, $squared)),
            new Section(Phase::Solving, $steps),
        ];

        return QuadraticDemonstration::of($task, $quadratic, $this, $sections, $answer, $roots, Message::of(
            'quadratic.advice.square-roots',
        ));
    }

    /** @return array{Expression, Rational, Rational} the base, the number in front of its square, and what it equals */
    private static function square(Quadratic $quadratic): array
    {
        $standing = self::standing($quadratic);
        $square = $standing === null ? null : StandingSquare::of($standing);
        if ($square === null) {
            return [
                new Letter($quadratic->letter),
                $quadratic->a->like($quadratic->like()),
                $quadratic->c->negated()->dividedBy($quadratic->a)->like($quadratic->like()),
            ];
        }
        $right = self::opposite($quadratic);

        return [$square->base, $square->front, $right->dividedBy($square->front)->like($quadratic->like())];
    }

    /** The square that stands already, alone or with a number beside it. */
    private static function standing(Quadratic $quadratic): ?Expression
    {
        return $quadratic->standingSquare() ?? $quadratic->squareBesideNumber();
    }

    /** What the square with its number in front equals, once nothing stands beside it. */
    private static function opposite(Quadratic $quadratic): Rational
    {
        $right = $quadratic->right->value() ?? Rational::zero();
        $beside = self::beside($quadratic)?->number();

        return $beside === null ? $right : $right->minus($beside);
    }

    /** The number beside the square. */
    private static function beside(Quadratic $quadratic): ?Expression
    {
        $square = $quadratic->standingSquare() === null ? $quadratic->squareBesideNumber() : null;
        foreach ($square === null ? [] : $quadratic->equation->left->terms() as $term) {
            if ($term->isNumber()) {
                return $term;
            }
        }

        return null;
    }

    /** @return list<Step> the number beside the square taken to the other side */
    private static function besideTaken(Task $task, Quadratic $quadratic, Expression $square): array
    {
        $beside = self::beside($quadratic);

        return $beside === null ? [] : [NumberBeside::taken(
            $quadratic->equation,
            $beside,
            new Equation($square, Numeral::of(self::opposite($quadratic)->like($quadratic->like()))),
            Message::of('quadratic.beside.title'),
            $task->style->get(Moving::class),
        )];
    }

    /** @return non-empty-list<Step> the square alone on the left */
    private function isolated(Task $task, Quadratic $quadratic, Rational $front, Equation $squared): array
    {
        $standing = self::standing($quadratic);
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of($standing === null
                ? 'quadratic.read.why-no-middle'
                : 'quadratic.read.why-standing'),
            lines: [Line::given($task->problem->node)],
        )];
        if ($quadratic->turned) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('factor.swap.why'),
                lines: [Line::equivalent($quadratic->equation, new SwapSides())],
            );
        }
        array_push($steps, ...($standing === null
            ? $this->gathered($task, $quadratic)
            : self::besideTaken($task, $quadratic, $standing)));
        if (!$front->isOne()) {
            $inFront = NumberInFront::of($front);
            $steps[] = new Step(
                id: 'divide',
                title: $inFront->title(),
                why: Message::of('quadratic.leading.why-alone'),
                lines: [
                    ...self::unreduced($quadratic, $front, $squared),
                    Line::equivalent(
                        $squared,
                        self::unreduced($quadratic, $front, $squared) === []
                            ? $inFront->move()
                            : new Rewrite(),
                    ),
                ],
            );
        }

        return $steps;
    }

    /** @return list<Line> the quotient before it is reduced, where it can be: 8/12 before 2/3 */
    private static function unreduced(Quadratic $quadratic, Rational $front, Equation $squared): array
    {
        $number = self::standing($quadratic) === null ? $quadratic->c->negated() : null;
        if ($number === null || !$number->isInteger() || !$front->isInteger() || $number->isZero()) {
            return [];
        }
        $written = new Quotient(Numeral::of($number), Numeral::of($front));
        $value = $number->dividedBy($front);

        return $value->isInteger() || Form::isReduced($written)
            ? []
            : [Line::equivalent(
                new Equation($squared->left, $written),
                new ToBothSides(Operation::Divide, Numeral::of($front)),
            )];
    }

    /** @return list<Step> ax² = k */
    private function gathered(Task $task, Quadratic $quadratic): array
    {
        $ax = Polynomial::ofCoefficients($quadratic->letter, [
            $quadratic->a->like($quadratic->like()),
            Rational::zero(),
            Rational::zero(),
        ]);
        $wanted = new Equation(
            $ax->toExpression(),
            Numeral::of($quadratic->c->negated()->like($quadratic->like())),
        );
        if ($wanted->equals($quadratic->equation)) {
            return [];
        }
        $lines = [];
        $tidied = new Equation($quadratic->left->toExpression(), $quadratic->right->toExpression());
        if (!$tidied->equals($quadratic->equation)) {
            $lines[] = Line::equivalent($tidied, new Rewrite());
        }
        $moved = $quadratic->left->minus($ax);
        if (!$moved->isZero()) {
            array_push($lines, ...BothSides::taken(
                $quadratic->left,
                $quadratic->right,
                $moved,
                $wanted,
                $task->style->get(Moving::class),
            ));
        } elseif (!$tidied->equals($wanted)) {
            $lines[] = Line::equivalent($wanted, new Rewrite());
        }

        return [new Step(
            id: 'gather',
            title: Message::of('quadratic.gather.title'),
            why: Gathering::why($moved, $task->style->get(Moving::class)),
            lines: $lines,
            watch: $task->style->get(Moving::class) === Moving::Across && !$moved->isZero()
                ? Slip::SignNotTurned
                : null,
        )];
    }
}
