<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Proof\Effort;
use Runel\Proof\OutOfEffort;
use Runel\Proof\Proof;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;
use Runel\Slip\WrongRules;

/** Why a line does not follow: a slip that leads to it when it is done on purpose, or one number that is off. */
final readonly class Diagnosis
{
    /** What trying one outcome of a rule takes for each sign of the line, in steps. */
    private const OUTCOME = 4;

    /** Slips that lose a solution. */
    private const LOSES = [Slip::PlusMinusForgotten, Slip::RootLost, Slip::ProductNotZero];

    /** Slips that are made at one place of a line, so that another may be made beside them. */
    private const AT_A_PLACE = [
        Slip::MinusNotCarried, Slip::FirstTermOnly, Slip::DoubleProductForgotten, Slip::CoefficientNotSquared,
        Slip::PowerOfSumSplit,
    ];
    /** So many outcomes of the first of two slips are gone on from. */
    private const FIRST = 24;

    /** @param list<Slip> $slips both, where two were made in the one line */
    private function __construct(
        public ?Slip $slip,
        public Message $say,
        public Message $hint,
        public array $slips = [],
    ) {}

    /**
     * @param list<WrongRule> $rules   how people slip in the job
     * @param Worked          $worked  lines of ours that follow from the line before may have been skipped
     * @param list<Node>      $earlier the problem and the learner's lines, from which something can have been copied
     *
     * @throws OutOfEffort when looking takes more than is granted
     */
    public static function of(
        Proof $proof,
        Effort $effort,
        array $rules,
        Node $before,
        Node $after,
        Worked $worked,
        array $earlier,
    ): self {
        $fingerprint = $worked->fingerprint($after);
        $rule = self::rule($proof, $effort, $worked->slipped($before), $before, $after, $fingerprint);
        if ($rule !== null) {
            return self::said($rule);
        }
        $one = WrittenLine::isValue($before) ? null : OneNumber::between($before, $after);
        $one = $one !== null && self::isHidden($one, $after) ? null : $one;
        if ($one !== null && ($one->isMeant() || self::isCopied($one, [$before, ...$earlier]))) {
            return self::number($one, $after, [$before, ...$earlier]);
        }
        $two = self::two($proof, $effort, $rules, $before, $after, $fingerprint);
        if ($two !== null) {
            return $two;
        }
        foreach ($worked->linesAfter($before) as $line) {
            $outcomes = $worked->slipped($line, isOurs: true);
            $rule = self::rule($proof, $effort, $outcomes, $line, $after, $fingerprint, isSkipped: true);
            if ($rule !== null) {
                return self::said($rule);
            }
        }

        return self::none();
    }

    /**
     * Why one of several solutions was taken for all of them; null where no slip brings that about.
     *
     * @param list<WrongRule> $rules
     *
     * @throws OutOfEffort when looking takes more than is granted
     */
    public static function losing(
        Proof $proof,
        Effort $effort,
        array $rules,
        Node $before,
        Node $after,
        Worked $worked,
    ): ?self {
        $losing = array_values(array_filter(
            $rules,
            static fn(WrongRule $rule): bool => \in_array($rule->slip(), self::LOSES, true),
        ));
        $outcomes = WrongRules::outcomes($losing, $before);
        $rule = self::rule($proof, $effort, $outcomes, $before, $after, $worked->fingerprint($after));

        return $rule === null ? null : self::said($rule);
    }

    /**
     * Two different slips at two places of one line.
     *
     * @param list<WrongRule> $rules
     */
    private static function two(
        Proof $proof,
        Effort $effort,
        array $rules,
        Node $before,
        Node $after,
        Fingerprint $fingerprint,
    ): ?self {
        $isBracket = static fn(Node $part): bool => $part instanceof Sum;
        // Each place has its own brackets, besides the line itself.
        $brackets = 0;
        foreach ($before instanceof Equation ? [$before->left, $before->right] : [$before] as $side) {
            $brackets += Inside::count($side, $isBracket) - ($side instanceof Sum ? 1 : 0);
        }
        $placed = array_values(array_filter(
            $rules,
            static fn(WrongRule $rule): bool => \in_array($rule->slip(), self::AT_A_PLACE, true),
        ));
        if ($brackets < 2 || $placed === []) {
            return null;
        }
        $left = self::FIRST;
        foreach (WrongRules::outcomes($placed, $before) as [$first, $once]) {
            if ($left-- === 0) {
                return null;
            }
            $others = array_values(array_filter(
                $placed,
                static fn(WrongRule $rule): bool => $rule->slip() !== $first->slip(),
            ));
            $outcomes = WrongRules::outcomes($others, $once);
            $second = self::rule($proof, $effort, $outcomes, $once, $after, $fingerprint);
            if ($second !== null) {
                $say = Message::of('marking.two-slips', [
                    'first' => Message::of($first->says()),
                    'second' => Message::of($second->says()),
                ]);

                return new self($first->slip(), $say, $say, [$first->slip(), $second->slip()]);
            }
        }

        return null;
    }

    /** No reason is known. */
    public static function none(): self
    {
        $say = Message::of('marking.wrong');

        return new self(null, $say, $say);
    }

    /** The line lets in what does not solve the one before. */
    public static function added(): self
    {
        $say = Message::of('marking.added');

        return new self(null, $say, $say);
    }

    /** What was rounded was gone on from, and that has moved the values. */
    public static function roundedEarly(): self
    {
        return new self(
            Slip::RoundedEarly,
            Message::of('slip.rounded-early.diagnosis'),
            Message::of('slip.rounded-early.watch'),
        );
    }

    /** Values of a letter of the learner's own were taken for those of the problem's. */
    public static function notPutBack(string $own, Expression $for, string $letter): self
    {
        return new self(
            Slip::NotPutBack,
            Message::of('slip.not-put-back.diagnosis-own', [
                'own' => new Letter($own),
                'for' => $for,
                'letter' => new Letter($letter),
            ]),
            Message::of('slip.not-put-back.watch'),
        );
    }

    /**
     * @param iterable<array{WrongRule, Node}> $outcomes    what slips make of the line before
     * @param Fingerprint                      $fingerprint of the line after
     */
    private static function rule(
        Proof $proof,
        Effort $effort,
        iterable $outcomes,
        Node $before,
        Node $after,
        Fingerprint $fingerprint,
        bool $isSkipped = false,
    ): ?WrongRule {
        // Long numbers take longer.
        $cost = self::OUTCOME * \strlen(Ascii::write($before));
        $seen = SeenLines::of($proof, $before, $after, $isSkipped);
        $alike = null;
        foreach ($outcomes as [$rule, $wrong]) {
            $effort->spend($cost);
            if ($seen->ruleOut($rule)) {
                continue;
            }
            // What is read off a product may stand on lines of its own, one a factor.
            $branches = $rule->slip() === Slip::SignNotTurned && $seen->isReadOff() && $wrong instanceof Alternatives
                ? array_filter(
                    $wrong->equations,
                    static fn(Equation $one): bool => !self::solves($proof, $before, $one),
                )
                : [$wrong];
            foreach ($branches as $branch) {
                if (!$fingerprint->mayBe($branch)) {
                    continue;
                }
                // Through lines that were skipped, or with other terms on both sides, much else comes to the same.
                $isVague = $seen->isVague($rule) && $branch instanceof Equation && $after instanceof Equation
                    && !WrittenLine::isOneStep($proof, $branch, $after, $isSkipped);
                if ($isVague) {
                    continue;
                }
                // What makes the line as it is written says more than what only has its solutions.
                if (WrittenLine::isSame($proof, $branch, $after)) {
                    return $rule;
                }
                $alike ??= !$seen->isExactOnly() && self::isSame($proof, $branch, $after) ? $rule : null;
            }
        }

        return $alike;
    }

    /** Whether a value on a line of its own is right: then no slip shows in it. */
    private static function solves(Proof $proof, Node $before, Equation $value): bool
    {
        return $before instanceof Equation && $value->left instanceof Letter
            && $proof->holds(new Solves($before, $value->left->name, $value->right));
    }

    private static function isSame(Proof $proof, Node $wrong, Node $after): bool
    {
        try {
            return match (true) {
                $wrong instanceof Expression && $after instanceof Expression => $proof->same($wrong, $after),
                $wrong instanceof Expression || $after instanceof Expression => false,
                $wrong instanceof Equation && $after instanceof Equation
                    && $proof->same($wrong->left, $after->left) && $proof->same($wrong->right, $after->right) => true,
                // Of a formula with its letter alone: what the letter is has to make the other one true.
                $wrong instanceof Equation && $after instanceof Equation && $after->left instanceof Letter
                    && Indeterminates::of($after->right) !== []
                    && Letters::count($after->right, $after->left->name) === 0
                    => $proof->same(
                        Substitution::into($wrong->left, $after->left->name, $after->right),
                        Substitution::into($wrong->right, $after->left->name, $after->right),
                    ),
                default => $proof->follows($wrong, $after)->keepsSolutions(),
            };
        } catch (TooLarge) {
            return false;
        }
    }

    private static function said(WrongRule $rule): self
    {
        $say = Message::of($rule->says());

        return new self($rule->slip(), $say, $say);
    }

    /** @param list<Node> $earlier */
    private static function number(OneNumber $one, Node $after, array $earlier): self
    {
        $given = $one->given->toExpression();
        $words = ['given' => $given, 'right' => $one->right->toExpression()];
        // A line not multiplied out does not show the term it is judged by.
        if ($after instanceof Expression && !Form::isCollected($after)) {
            return new self(
                self::ofFactors($one->given, $after) ?? Slip::Arithmetic,
                Message::of('marking.number-multiplied-out', $words),
                Message::of('marking.number-multiplied-out-look', ['given' => $given]),
            );
        }
        $copied = self::isCopied($one, $earlier);
        $key = match (true) {
            $one->given->isZero() => 'marking.term-lost',
            $one->right->isZero() => 'marking.term-extra',
            $copied => 'marking.copied',
            default => 'marking.number',
        };

        return new self(
            $copied ? Slip::Copying : Slip::Arithmetic,
            Message::of($key, $words),
            Message::of("$key-look", $one->given->isZero() ? [] : ['given' => $given]),
        );
    }

    /**
     * Whether the number that should stand there stands above, so that it was copied wrongly.
     *
     * @param list<Node> $earlier
     */
    private static function isCopied(OneNumber $one, array $earlier): bool
    {
        $right = Ascii::write($one->right->toExpression());

        return !$one->isScaled && !$one->right->isZero() && array_filter(
            $earlier,
            static fn(Node $line): bool => \in_array($right, self::terms($line), true),
        ) !== [];
    }

    /** Whether the number is one that an equation does not show, not being multiplied out. */
    private static function isHidden(OneNumber $one, Node $after): bool
    {
        $given = $one->given->toExpression();

        return $after instanceof Equation && !$one->given->isZero()
            && !\in_array(Ascii::write($given), self::terms($after), true);
    }

    /** Two brackets whose product is right but for one term: the pair has the wrong sum, or the wrong product. */
    private static function ofFactors(Term $given, Node $after): ?Slip
    {
        return match (true) {
            !$after instanceof Product => null,
            $given->monomial->degree === 1 => Slip::RightProductWrongSum,
            $given->monomial->degree === 0 => Slip::RightSumWrongProduct,
            default => null,
        };
    }

    /** @return list<string> the terms a line shows, each with its sign */
    private static function terms(Node $line): array
    {
        $sides = match (true) {
            $line instanceof Equation => [$line->left, $line->right],
            $line instanceof Expression => [$line],
            $line instanceof Alternatives => array_map(
                static fn(Equation $equation): Expression => $equation->right,
                $line->equations,
            ),
            default => [],
        };
        $terms = [];
        foreach ($sides as $side) {
            foreach ($side->terms() as $term) {
                $own = Polynomial::tryFrom($term);
                $terms[] = Ascii::write($own === null ? $term : $own->toExpression());
            }
        }

        return $terms;
    }
}
