<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\Leading;
use Runel\Style\Moving;
use Runel\Style\SquareBooks;
use Runel\Style\SquareOrder;
use Runel\Style\WhyThisWay;
use Runel\Working\BothSides;
use Runel\Working\Expansion;
use Runel\Working\NumberInFront;

/**
 * A quadratic equation brought to where its square can be completed: the number moved and the leading number done away
 * with, in the order of the house. One list of what is to be done; the order only says what comes first.
 */
final readonly class SquareOpening
{
    private Moving $moving;

    public function __construct(private Task $task, private SquareShape $shape)
    {
        $this->moving = $task->style->get(Moving::class);
    }

    /** @return non-empty-list<Step> */
    public function steps(): array
    {
        $quadratic = $this->shape->quadratic;
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('quadratic.read.why-square'),
            lines: [Line::given($this->task->problem->node)],
        )];
        $hunt = $this->task->style->get(WhyThisWay::class) === WhyThisWay::On ? FailedHunt::step($quadratic) : null;
        if ($hunt !== null) {
            $steps[] = $hunt;
        }
        if ($quadratic->turned) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('factor.swap.why'),
                lines: [Line::equivalent($quadratic->equation, new SwapSides())],
            );
        }
        $open = new OpenedSides($quadratic->left, $quadratic->right);
        foreach ($this->order() as $work) {
            [$more, $open] = $work($open);
            $steps = [...$steps, ...$more];
        }

        return $steps;
    }

    /** @return list<\Closure(OpenedSides): array{list<Step>, OpenedSides}> what is done, one after another */
    private function order(): array
    {
        $hasLeading = !$this->shape->quadratic->a->isOne();
        $stays = $this->shape->books === SquareBooks::Stay;
        $takesAll = $this->task->style->get(SquareOrder::class) === SquareOrder::AllTerms;
        $leading = match (true) {
            !$hasLeading => [],
            !$this->shape->outside->isOne() => [$this->takenOut(...)],
            $takesAll => [$this->takenOutOfAll(...)],
            default => [$this->divide(...)],
        };

        return match (true) {
            $stays => [$this->toZero(...), ...$leading],
            $takesAll && $hasLeading => [$this->toZero(...), ...$leading, $this->gather(...)],
            $this->dividesFirst() => [...$leading, $this->gather(...)],
            default => [$this->gather(...), ...$leading],
        };
    }

    /** Whether both sides can be divided as they stand: the square is all on the left already. */
    private function dividesFirst(): bool
    {
        $quadratic = $this->shape->quadratic;

        return $this->task->style->get(SquareOrder::class) === SquareOrder::DivideFirst
            && $this->shape->outside->isOne()
            && $quadratic->left->coefficient($quadratic->letter, 2)->equals($quadratic->a);
    }

    /** @return array{list<Step>, OpenedSides} the terms with the letter on the left, the number on the right */
    private function gather(OpenedSides $open): array
    {
        $letter = $this->shape->quadratic->letter;
        $whole = $open->left->minus($open->right);
        $left = Polynomial::ofCoefficients($letter, [
            $whole->coefficient($letter, 2),
            $whole->coefficient($letter, 1),
            Rational::zero(),
        ]);
        $across = $this->moving === Moving::Across;
        $moved = $open->left->minus($left);
        $wanted = new OpenedSides($left, $left->minus($whole));

        return [$this->moved(
            'gather',
            $open,
            $wanted,
            $moved,
            Message::of('quadratic.gather.title'),
            Gathering::why($moved, $this->moving),
            $across && !$moved->isZero() ? Slip::SignNotTurned : null,
        ), $wanted];
    }

    /** @return array{list<Step>, OpenedSides} all of it on the left */
    private function toZero(OpenedSides $open): array
    {
        $wanted = new OpenedSides($open->left->minus($open->right), Polynomial::constant(0));
        $why = match (true) {
            $open->right->isZero() => 'quadratic.gather.why-tidied',
            $this->moving === Moving::Across => 'quadratic.zero.why-across',
            default => 'quadratic.zero.why',
        };

        return [$this->moved(
            'to-zero',
            $open,
            $wanted,
            $open->right,
            Message::of('quadratic.zero.title'),
            Message::of($why, ['right' => $open->right->toExpression()]),
            $this->moving === Moving::Across && !$open->right->isZero() ? Slip::SignNotTurned : null,
        ), $wanted];
    }

    /**
     * @param Polynomial $moved what is taken from both sides; 0 where each is only tidied
     *
     * @return list<Step> none where it stands so already
     */
    private function moved(
        string $id,
        OpenedSides $open,
        OpenedSides $wanted,
        Polynomial $moved,
        Message $title,
        Message $why,
        ?Slip $watch,
    ): array {
        $equation = $this->shape->quadratic->equation;
        $isFirst = $open->left->equals($this->shape->quadratic->left)
            && $open->right->equals($this->shape->quadratic->right);
        if ($wanted->equation()->equals($isFirst ? $equation : $open->equation())) {
            return [];
        }
        $lines = $isFirst ? $this->tidied($open->equation()) : [];
        if (!$moved->isZero()) {
            array_push($lines, ...BothSides::taken(
                $open->left,
                $open->right,
                $moved,
                $wanted->equation(),
                $this->moving,
            ));
        } elseif ($lines === [] || !$open->equation()->equals($wanted->equation())) {
            $lines[] = Line::equivalent($wanted->equation(), new Rewrite());
        }

        return [new Step(id: $id, title: $title, why: $why, lines: $lines, watch: $watch)];
    }

    /** @return list<Line> brackets multiplied out and each side put in order; none where that is so */
    private function tidied(Equation $tidied): array
    {
        $equation = $this->shape->quadratic->equation;
        $lines = [...Expansion::lines($equation->left), ...Expansion::lines($equation->right)];
        if (!$tidied->equals($equation)) {
            $lines[] = Line::equivalent($tidied, new Rewrite());
        }

        return $lines;
    }

    /** @return array{non-empty-list<Step>, OpenedSides} every term divided by the leading number */
    private function divide(OpenedSides $open): array
    {
        $a = $this->shape->quadratic->a;
        $front = NumberInFront::of($a);
        $before = $open->equation();
        $divided = $open->scaledBy($a->reciprocal());
        $move = $front->move();
        $fit = $this->task->style->get(Leading::class) === Leading::Fit;
        $under = new Equation(self::under($open->left, $a), self::under($open->right, $a));
        $isShown = $this->moving === Moving::BothSides && !$under->equals($divided->equation());
        $isFirst = $open->left->equals($this->shape->quadratic->left)
            && $open->right->equals($this->shape->quadratic->right);

        return [[new Step(
            id: 'divide',
            title: $front->title(),
            why: Message::of(match (true) {
                $front->multiplies => 'quadratic.leading.why-multiply',
                $fit => 'quadratic.leading.why-fits',
                default => 'quadratic.leading.why-divide',
            }, ['a' => $front->by]),
            lines: [
                ...($isFirst ? $this->tidied($before) : []),
                ...($isShown
                    ? [Line::equivalent($under, $move), Line::equivalent($divided->equation(), new Rewrite())]
                    : [Line::equivalent($divided->equation(), $move)]),
            ],
            question: Question::equation(
                Message::of(
                    $front->multiplies ? 'quadratic.leading.ask-multiply' : 'quadratic.leading.ask',
                    ['a' => $front->by],
                ),
                $before,
                $divided->equation(),
            ),
            watch: $front->multiplies ? Slip::FractionClearedOneTerm : Slip::DividedSomeTerms,
        )], $divided];
    }

    /** Each term over the number or times it, 0 as it is; over a negative number each keeps its sign. */
    private static function under(Polynomial $side, Rational $a): Expression
    {
        $front = NumberInFront::of($a);

        return $side->isZero() ? Numeral::of(0) : Sum::of(array_map(
            static fn(Term $term): Expression => $term->coefficient->isNegative() && !$a->isNegative()
                ? new Negative($front->done($term->negated()->toExpression()))
                : $front->done($term->toExpression()),
            $side->terms,
        ));
    }

    /** @return array{non-empty-list<Step>, OpenedSides} out of all three, and dropped while the other side is 0 */
    private function takenOutOfAll(OpenedSides $open): array
    {
        $a = $this->shape->quadratic->a;
        $number = Numeral::of($a);
        $rest = $open->scaledBy($a->reciprocal());

        return [[
            new Step(
                id: 'factor-all',
                title: Message::of('quadratic.all-terms.title', ['a' => $number]),
                why: Message::of('quadratic.all-terms.why', ['a' => $number]),
                lines: [Line::equivalent(
                    new Equation(Product::of([$number, $rest->left->toExpression()]), Numeral::of(0)),
                    new Rewrite(),
                )],
            ),
            new Step(
                id: 'divide',
                title: Message::of('quadratic.all-terms.title-drop', ['a' => $number]),
                why: Message::of('quadratic.all-terms.why-drop', ['a' => $number]),
                lines: [Line::equivalent($rest->equation(), new ToBothSides(Operation::Divide, $number))],
                watch: Slip::DividedSomeTerms,
            ),
        ], $rest];
    }

    /** @return array{non-empty-list<Step>, OpenedSides} out of the two terms with the letter, where it stays */
    private function takenOut(OpenedSides $open): array
    {
        $number = Numeral::of($this->shape->quadratic->a);
        $fit = $this->task->style->get(Leading::class) === Leading::Fit;

        return [[new Step(
            id: 'factor-out',
            title: Message::of('quadratic.leading.title-out', ['a' => $number]),
            why: Message::of($fit ? 'quadratic.leading.why-fits-not' : 'quadratic.leading.why-out', ['a' => $number]),
            lines: [Line::equivalent($this->shape->open(), new Rewrite())],
        )], $open];
    }
}
