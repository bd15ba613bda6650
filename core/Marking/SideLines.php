<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\HiddenQuadratic;
use Runel\Algebra\Parabola;
use Runel\Algebra\Trinomial;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Working\SolutionForm;

/** Judges what stands beside the work: it carries nothing on, but may be false. */
final readonly class SideLines
{
    public function __construct(private Page $page) {}

    /** A line that is true and carries nothing on. */
    public function noted(string $typed, ?Node $node, string $kind): MarkedLine
    {
        $say = Message::of('marking.side');

        $isTrue = $this->page->trail->isTrue === true;

        return new MarkedLine($typed, $node, LineVerdict::Side, $isTrue, $say, $say, kind: $kind);
    }

    /** Whether it is one of the products that a multiplication is made of. */
    public function isSingleProduct(Expression $node): bool
    {
        $factors = $this->page->task->problem->product->factors ?? [];
        $own = Polynomial::tryFrom($node);
        $isLong = \count($factors) === 2 && min(array_map(
            static fn(Factor $factor): int => \count($factor->polynomial->terms),
            $factors,
        )) > 1;
        if (!$isLong || $own === null || \count($own->terms) !== 1) {
            return false;
        }
        foreach ($factors[0]->polynomial->terms as $left) {
            foreach ($factors[1]->polynomial->terms as $right) {
                if (Polynomial::ofTerms([$left->times($right)])->equals($own)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "Prime": said of a quadratic, where it is to be factored; null where nobody can tell. */
    public function prime(string $typed): ?MarkedLine
    {
        $polynomial = $this->page->task->problem->polynomial;
        try {
            $isPrime = $polynomial === null ? null : Trinomial::of($polynomial)?->isPrime();
        } catch (Refusal) {
            $isPrime = null;
        }
        if ($isPrime === null || $this->page->task->problem->node instanceof Equation) {
            return null;
        }
        $isPrime = $isPrime && $polynomial?->content()->isOne() === true;
        $verdict = $isPrime ? LineVerdict::Follows : LineVerdict::Wrong;
        $this->page->trail = $this->page->trail->withTruth($isPrime);
        $say = Message::of($isPrime ? 'marking.follows' : 'marking.said-wrong');

        return new MarkedLine($typed, null, $verdict, $isPrime, $say, $say, kind: 'word');
    }

    /** What stands beside the work: it carries nothing on, but what is said there may be false. */
    public function beside(string $typed, Beside $beside): MarkedLine
    {
        $verdict = $beside->holds === false ? LineVerdict::SideWrong : LineVerdict::Side;
        $say = Message::of(match (true) {
            $beside->holds === null => 'marking.beside',
            $beside->holds => 'marking.side',
            \in_array($beside->kind, ['check', 'product'], true) => 'marking.side-wrong',
            default => 'marking.not-so',
        });
        $isTrue = $this->page->trail->isTrue === true;
        if ($beside->holds === true && $beside->rejected !== null) {
            $this->reject($beside->rejected);
        }

        return new MarkedLine($typed, null, $verdict, $isTrue, $say, $say, kind: $beside->kind);
    }

    /** p = 2, q = 3: the letters of the form that was asked for. Null where anything else is said. */
    public function ofForm(string $typed, string $written): ?MarkedLine
    {
        $holds = true;
        foreach (preg_split(PageWords::SIDE_BY_SIDE, trim($written)) ?: [] as $part) {
            $isSaid = preg_match('/^(\p{L})\s*=([^=]+)$/u', $part, $match) === 1;
            $own = $isSaid ? $this->page->worked->letters()[$match[1]] ?? null : null;
            if ($own === null) {
                return null;
            }
            try {
                $value = Parser::parse($match[2])->node;
            } catch (Refusal) {
                return null;
            }
            $holds = $holds && $value instanceof Expression && $this->page->proof->same($value, $own);
        }

        // √72 is 3√8, too: a letter under the root leaves a choice.
        $isOpen = preg_match('/(?:√|sqrt)\s*[({]?\s*\p{L}/u', $this->page->task->problem->asked->form ?? '') === 1;

        return $this->beside($typed, Beside::said('definition', $holds || !$isOpen ? $holds : null));
    }

    /** A value that is rightly let go stands no longer among those that solve. */
    private function reject(Expression $value): void
    {
        $joined = $this->page->trail->joined();
        $said = SolutionForm::equations($joined->line);
        $left = array_values(array_filter(
            $said,
            fn(Equation $one): bool => Indeterminates::of($one->right) !== []
                || !$this->page->proof->same($one->right, $value),
        ));
        if ($left !== [] && \count($left) < \count($said)) {
            $line = \count($left) === 1 ? $left[0] : new Alternatives($left);
            $this->page->trail = $joined->goOn($line, $joined->isTrue);
        }
    }

    /** A letter that is made to stand for something: u = x². Null where the line is none that does so. */
    public function standing(string $typed, string $written): ?MarkedLine
    {
        if (preg_match('/^\s*(?:let\s+|put\s+)?(\p{L})\s*=(?!.*=)(.*)$/iu', $written, $match) !== 1) {
            return null;
        }
        $letters = Letters::of($this->page->task->problem->node) + $this->page->standing;
        $own = $match[1];
        if (isset($letters[$own]) || trim($match[2]) === '') {
            return null;
        }
        try {
            $before = str_repeat(' ', mb_strlen($written) - mb_strlen($match[2]));
            $for = $this->page->reader->read($before . $match[2])->node;
        } catch (Refusal) {
            return null;
        }
        if (!$for instanceof Expression || Indeterminates::of($for) === []) {
            return null;
        }
        $this->page->standing[$own] = $this->put($for);
        $this->page->reader = $this->page->reader->knowing($own);
        $say = Message::of('marking.standing', ['letter' => new Letter($own), 'for' => $for]);
        $node = new Equation(new Letter($own), $for);
        $isTrue = $this->page->trail->isTrue === true;

        return new MarkedLine($typed, $node, LineVerdict::Side, $isTrue, $say, $say, kind: 'substitution');
    }

    /** Several letters that are made to stand for something, as in a = 2x, b = 5. Null where not all of them are. */
    public function standingTogether(string $typed, string $written): ?MarkedLine
    {
        $parts = preg_split(PageWords::SIDE_BY_SIDE, trim($written)) ?: [];
        $letters = Letters::of($this->page->task->problem->node) + $this->page->standing;
        $standing = [];
        foreach (\count($parts) > 1 ? $parts : [] as $part) {
            $isSaid = preg_match('/^(?:let\s+)?(\p{L})\s*=([^=]+)$/iu', $part, $match) === 1;
            try {
                $for = $isSaid && !isset($letters[$match[1]]) ? $this->page->reader->read($match[2])->node : null;
            } catch (Refusal) {
                $for = null;
            }
            if (!$for instanceof Expression) {
                return null;
            }
            $standing[$match[1] ?? ''] = $this->put($for);
        }
        if (array_filter($standing, static fn(Expression $for): bool => Indeterminates::of($for) !== []) === []) {
            return null;
        }
        foreach ($standing as $own => $for) {
            $this->page->standing[$own] = $for;
            $this->page->reader = $this->page->reader->knowing($own);
        }
        $say = Message::of('marking.standing-together');
        $isTrue = $this->page->trail->isTrue === true;

        return new MarkedLine($typed, null, LineVerdict::Side, $isTrue, $say, $say, kind: 'substitution');
    }

    /** Several products side by side, each true, as in 3x · x = 3x², 3x · 5 = 15x. Null where not all of them are. */
    public function equalities(string $typed, string $written): ?MarkedLine
    {
        $parts = preg_split('/\s*[,;]\s*/u', trim($written), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        if (\count($parts) < 2 || $this->page->task->problem->node instanceof Equation) {
            return null;
        }
        foreach ($parts as $part) {
            try {
                $node = $this->page->reader->read($part)->node;
            } catch (Refusal) {
                return null;
            }
            if (!$node instanceof Equation || !$this->page->proof->same($node->left, $node->right)) {
                return null;
            }
        }

        return $this->noted($typed, null, 'product');
    }

    /**
     * A letter that nobody said anything of, in a problem that is a quadratic in something: it stands for that. Null
     * where the problem is none.
     */
    public function implied(string $letter): ?Expression
    {
        $node = $this->page->task->problem->node;
        try {
            $hidden = $node instanceof Equation ? HiddenQuadratic::ofEquation($node) : HiddenQuadratic::of($node);
        } catch (Refusal) {
            return null;
        }
        if ($hidden === null || $this->page->standing !== []) {
            return null;
        }
        $this->page->standing[$letter] = $hidden->something;
        $this->page->reader = $this->page->reader->knowing($letter);

        return $hidden->something;
    }

    /** Lets a, b and c stand for the coefficients of a quadratic; false where it is none, or has these letters. */
    public function coefficients(): bool
    {
        $problem = $this->page->task->problem;
        $curve = Parabola::of($problem->curve() ?? $problem->polynomial?->toExpression());
        if ($curve === null || $this->page->standing !== []
            || array_intersect_key(Letters::of($problem->node), ['a' => true, 'b' => true, 'c' => true]) !== []) {
            return false;
        }
        foreach (['a' => 2, 'b' => 1, 'c' => 0] as $name => $power) {
            $this->page->standing[$name] = Numeral::of($curve->coefficient($power));
            $this->page->reader = $this->page->reader->knowing($name);
        }

        return true;
    }

    /**
     * With what the learner's own letters stand for in their place.
     *
     * @template T of Node
     *
     * @param T $node
     *
     * @return T
     */
    public function put(Node $node): Node
    {
        return $this->page->standing === [] ? $node : Rewriter::everywhere(
            $node,
            fn(Node $part): ?Node => $part instanceof Letter ? $this->page->standing[$part->name] ?? $part : null,
        );
    }

    public function equality(string $typed, Equation $equation): MarkedLine
    {
        $true = $this->page->proof->same($equation->left, $equation->right);
        $verdict = $true ? LineVerdict::Side : LineVerdict::SideWrong;
        $say = Message::of("marking.$verdict->value");

        return new MarkedLine(
            $typed,
            $equation,
            $verdict,
            $this->page->trail->isTrue === true,
            $say,
            $say,
            differs: $true ? null : Difference::between($equation->left, $equation->right),
        );
    }

    /** (p + q)² = p² + 2pq + q²: what is true whatever its letters stand for, in letters of its own. */
    public function law(string $typed, string $written): ?MarkedLine
    {
        try {
            $node = Parser::parse($written)->node;
        } catch (Refusal) {
            return null;
        }
        $isLaw = $node instanceof Equation && $this->page->proof->same($node->left, $node->right)
            && !$node->left->equals($node->right);

        return $isLaw ? $this->noted($typed, $node, 'definition') : null;
    }

    public function unreadable(string $typed, string $key): MarkedLine
    {
        $say = Message::of($key);

        $isTrue = $this->page->trail->isTrue === true;

        return new MarkedLine($typed, null, LineVerdict::Unreadable, $isTrue, $say, $say, at: 1);
    }

    public function problem(): Expression
    {
        $node = $this->page->task->problem->node;

        return $node instanceof Expression ? $node : throw new \LogicException('An equation is no expression.');
    }
}
