<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\LetterIndex;
use Runel\Expression\Letters;
use Runel\Expression\Limits;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;

/**
 * Reads what people copy from papers, books and mails: a way of asking, what is asked besides in any order, and the
 * mathematics between. What cannot be read is refused at its place; a word is never read as letters.
 */
final class Sentence
{
    /** What there are words in, or signs that stand between words, or a name for a function. */
    private const WORDED = '/\p{L}{2}|[,;:?$≡]|\\\\[()]|[\[(]\d+[\])]\s*$|^\s*\S{1,5}[.)]\s'
        . '|\p{L}\s*\(\s*\p{L}\s*\)\s*=/u';
    /** What solves a function, where it is said first. */
    private const SHOWN = '/^\s*[fghpqPQ]\s*\(\s*([-−]?\s*\d+)\s*\)\s*=\s*0\s*$/u';

    /** Words that lead to what is given. */
    private const LEADING = ['given', 'that', 'where', 'if', 'let', 'with', 'for', 'the', 'function', 'and', 'when'];

    /** @var list<Heard> */
    private array $heard = [];
    /** @var array<int, array{string, Token}> what is still to be understood: its piece of the skeleton */
    private array $left;
    /** @var array<string, string> */
    private array $methods = [];
    private ?string $form = null;
    private ?Rounding $rounding = null;
    /** What solves a function, as the sentence says. */
    private ?int $shown = null;

    /** @param list<Token> $tokens */
    private function __construct(
        private readonly string $source,
        private readonly array $tokens,
        private readonly KnownWords $vocabulary,
    ) {
        $this->left = [];
        foreach ($tokens as $place => $token) {
            if ($token->kind !== TokenKind::Mark) {
                $this->left[] = [$this->piece($token, $place), $token];
            }
        }
    }

    /**
     * @throws SyntaxError with the place of what cannot be read
     * @throws Refusal     when it asks for what Runel does not do
     */
    public static function read(string $typed): Read
    {
        if (mb_strlen($typed) > Limits::LENGTH && mb_check_encoding($typed, 'UTF-8')) {
            throw new TooLarge(Message::of('error.too-long', ['limit' => Limits::LENGTH]), Limits::LENGTH + 1);
        }
        if (!mb_check_encoding($typed, 'UTF-8') || preg_match(self::WORDED, $typed) !== 1) {
            $plain = Parser::parse($typed);

            return new Read($plain->node, null, Asked::nothing(), awkwardAt: $plain->awkwardAt);
        }
        [$source, $passed] = Furniture::taken($typed);
        $vocabulary = KnownWords::all();
        $source = Mathematics::withGreek($source);
        $tokens = Tokens::of($source, $vocabulary);
        $hasMaths = array_filter($tokens, static fn(Token $token): bool => $token->isMaths()) !== [];
        if (!$hasMaths && preg_match(English::FORMULA_ITSELF, $source) === 1) {
            // Derived it is from the one equation it is for.
            $tokens = Tokens::of("$source " . English::FORMULA_OF, $vocabulary);
        }
        $self = new self($source, $tokens, $vocabulary);
        $self->heard = $passed;

        return $self->understood();
    }

    private function piece(Token $token, int $place): string
    {
        if (!$token->isMaths()) {
            return strtr(mb_strtolower($token->text), ['’' => "'", '&' => 'and']);
        }

        return match (true) {
            LetterIndex::isName(trim($token->text)),
            Mathematics::greek(trim($token->text)) !== null, trim($token->text) === 'pi' => 'L',
            preg_match('/^\s*\d+\s*$/', $token->text) === 1 => 'N',
            str_contains($token->text, '=') => 'E',
            default => 'X',
        } . $place;
    }

    private function understood(): Read
    {
        if (\count($this->left) === 1 && $this->left[0][1]->isMaths()) {
            // Letters that could have been words, and nothing else.
            return $this->worked(null, 'plain', null, ['a' => $this->left[0][1]]);
        }
        $this->shownFirst();
        $this->called();
        $this->adjuncts();
        $skeleton = $this->skeleton();
        foreach (English::FRAMES as [$row, $job, $work, $seeks]) {
            $runs = Pattern::mayBe($row, $skeleton) ? Pattern::of($row)->whole($skeleton) : null;
            if ($runs !== null) {
                $named = array_map(fn(int $place): Token => $this->tokens[$place], $runs);
                $this->hearJob($job);

                return $this->worked($job, $work, $seeks, $named);
            }
        }
        throw $this->refusal();
    }

    /** Where a function is said first and then called by its name, it is what stands for the name. */
    private function called(): void
    {
        foreach ($this->left as $place => [, $token]) {
            if (preg_match('/^\s*([fghpqPQ])\s*\(\s*([A-Za-z])\s*\)\s*=(?!\s*0\s*$)/u', $token->text, $match) !== 1
                || ($this->left[$place - 1][0] ?? '') === 'of') {
                continue;
            }
            $call = "/^$match[1]\\s*\\(\\s*$match[2]\\s*\\)(\\s*=\\s*0)?$/u";
            foreach ($this->left as $other => [, $used]) {
                if ($other !== $place && preg_match($call, $used->text) === 1) {
                    $this->left[$other] = $this->left[$place];
                    unset($this->left[$place]);
                    // "Given f(x) = …", "where f(x) = …": with it goes what leads to it.
                    for ($word = $place - 1; \in_array($this->left[$word][0] ?? '', self::LEADING, true); --$word) {
                        unset($this->left[$word]);
                    }
                    $this->left = array_values($this->left);

                    return;
                }
            }
        }
    }

    /** "Show that f(2) = 0 and …": the factor that says so is given, and what follows is asked. */
    private function shownFirst(): void
    {
        foreach ($this->left as $place => [, $token]) {
            $isShown = preg_match(self::SHOWN, $token->text, $match) === 1;
            $next = $this->left[$place + 1][0] ?? '';
            if (!$isShown || !\in_array($next, ['and', 'hence', 'then', ','], true)) {
                continue;
            }
            $first = $place;
            while (\in_array($this->left[$first - 1][0] ?? '', ['show', 'verify', 'prove', 'that'], true)) {
                --$first;
            }
            $this->hear('given', $this->left[$first][1], $token);
            array_splice($this->left, $first, $place - $first + 2);
            $this->shown = (int) str_replace(['−', ' '], ['-', ''], $match[1]);

            return;
        }
    }

    private function skeleton(): string
    {
        return ' ' . implode('', array_map(static fn(array $one): string => "$one[0] ", $this->left));
    }

    /** What stands beside the way of asking, in any order. */
    private function adjuncts(): void
    {
        $counted = [English::PLACES => Rounding::places(...), English::FIGURES => Rounding::figures(...)];
        foreach ($counted as $row => $of) {
            $this->take(
                English::ROUNDED . " $row",
                'rounding',
                function (array $runs, string $word) use ($of): void {
                    $number = isset($runs['n']) ? (int) $this->tokens[$runs['n']]->text : English::NUMBERS[$word];
                    $this->rounding = $of($number);
                },
            );
        }
        foreach (English::NEAREST as $row => $places) {
            $this->take(English::ROUNDED . " $row", 'rounding', function () use ($places): void {
                $this->rounding = Rounding::places($places);
            });
        }
        $this->take(English::NUMBER_FORM, 'form', function (array $runs): void {
            $this->form = trim($this->tokens[$runs['f']]->text);
            $this->rounding = Rounding::exact();
        });
        foreach (English::EXACT as $row) {
            $this->take($row, 'rounding', function (): void {
                $this->rounding = Rounding::exact();
            });
        }
        foreach (English::METHODS as $row => $methods) {
            foreach (["{by} ?using ?the ?method ?of $row ?or ?otherwise ?to ?and", "$row method"] as $way) {
                $this->take($way, 'method', function () use ($methods): void {
                    $this->methods += $methods;
                });
            }
            // By itself before the mathematics, “long division (x³ − 1)/(x − 1)”, or behind an equation.
            $isName = preg_match('/^(?!comple)[?a-z].* /', $row) === 1;
            $isThere = Pattern::mayBe($row, $this->skeleton());
            if ($isThere && (($isName && Pattern::of("$row M")->whole($this->skeleton()) !== null)
                || self::isLast("E $row", $this->skeleton()))) {
                $this->take($row, 'method', function () use ($methods): void {
                    $this->methods += $methods;
                });
            }
        }
        foreach (English::ADVERBS as $row => $methods) {
            $this->take($row, 'method', function () use ($methods): void {
                $this->methods += $methods;
            });
        }
        foreach (English::FORMS as $row => $form) {
            $this->take($row, 'form', function () use ($form): void {
                $this->form ??= $form;
            });
        }
        foreach (English::PASSED as $row) {
            $this->take($row, 'passed', static fn(): null => null);
        }
    }

    private static function isLast(string $row, string $skeleton): bool
    {
        $found = Pattern::of($row)->first($skeleton);

        return $found !== null && $found[1] + \strlen($found[0]) >= \strlen($skeleton) - 1;
    }

    /** @param \Closure(array<string, int>, string): mixed $meant called where the row is found: that is understood */
    private function take(string $row, string $kind, \Closure $meant): void
    {
        $skeleton = $this->skeleton();
        $found = Pattern::mayBe($row, $skeleton) ? Pattern::of($row)->first($skeleton) : null;
        if ($found === null) {
            return;
        }
        [$text, $bytes, $runs, $word] = $found;
        $first = substr_count(substr($skeleton, 0, $bytes), ' ');
        $count = substr_count($text, ' ');
        // "Use the formula A = …" names no method.
        $isBeforeEquation = str_starts_with($this->left[$first + $count][0] ?? '', 'E');
        if ($kind === 'method' && $isBeforeEquation && preg_match('/(?<!quadratic) formula$/', $text) === 1) {
            return;
        }
        $taken = array_splice($this->left, $first, $count);
        if ($this->left === [] || !$this->hasMaths()) {
            array_splice($this->left, $first, 0, $taken);

            return;
        }
        $meant($runs, $word);
        $this->hear($kind, $taken[0][1], $taken[\count($taken) - 1][1]);
    }

    private function hasMaths(): bool
    {
        return array_filter($this->left, static fn(array $one): bool => $one[1]->isMaths()) !== [];
    }

    private function hear(string $kind, Token $first, Token $last): void
    {
        $this->heard[] = new Heard(
            $kind,
            mb_substr($this->source, $first->from, $last->to() - $first->from),
            $first->from,
        );
    }

    /** The words before the mathematics that say what is to be done. */
    private function hearJob(?string $job): void
    {
        $words = [];
        foreach ($this->left as [, $token]) {
            if ($token->isMaths()) {
                break;
            }
            $words[] = $token;
        }
        if ($job !== null && $words !== []) {
            $this->hear('job', $words[0], $words[\count($words) - 1]);
        }
    }

    /** A letter as it is typed, by the name it has within. */
    private static function named(string $typed): string
    {
        return LetterIndex::isName($typed) ? LetterIndex::name($typed) : $typed;
    }

    /** @param array<string, Token> $runs */
    private function worked(?string $job, string $work, ?string $seeks, array $runs): Read
    {
        $letter = isset($runs['l']) ? self::named(trim($runs['l']->text)) : null;
        $given = isset($runs['v']) ? [Mathematics::value($runs['v'])] : [];
        $given = isset($runs['g']) ? [Mathematics::side(Mathematics::run($runs['g'])->node, $runs['g'])] : $given;
        $name = $this->shown === null ? null : array_key_first(Letters::of(Mathematics::run($runs['a'])->node));
        if ($name !== null && $this->shown !== null) {
            $given[] = Sum::of([new Letter($name), Numeral::of(-$this->shown)]);
        }
        $work = $this->withMethods($work, $runs);
        [$node, $function, $awkwardAt, $remainder] = Mathematics::asked($work, $runs);
        if ($work === 'simplify' && Shape::isSimplified($node)) {
            $job = 'simplify';
        }
        if ($work === 'equal' && $node instanceof Equation && Letters::of($node->right) !== []
            && Shape::isOfRoots($node->left, $runs['b']->text)) {
            [$work, $node] = ['form', $node->left];
        }
        if ($work === 'form') {
            [$job, $node] = $this->inForm($runs, $node);
        }
        $job ??= $this->jobOfForm() ?? (\count($this->methods) === 1 ? array_key_first($this->methods) : null);
        $job = Shape::job($node, $job, $this->form);
        if ($job === 'simplify' && $this->form === 'fraction' && Shape::isSumWithFractions($node)) {
            $this->methods += ['simplify' => 'combine'];
        }
        $subject = \in_array($work, ['unknown-factor', 'unknown-remainder', 'remainder'], true) ? $letter : null;
        if ($work === 'letter' && $letter !== null) {
            [$job, $subject] = $this->wanted($job, $node, $letter, $runs['l']);
        }
        usort($this->heard, static fn(Heard $one, Heard $other): int => $one->from <=> $other->from);
        $form = $this->form ?? ($work === 'form' ? trim($runs['b']->text) : null);

        // Four terms are grouped as they stand; three once the middle one is split.
        if (($this->methods['factor'] ?? null) === 'grouping' && $node instanceof Expression
            && \count(Polynomial::tryFrom($node)->terms ?? []) < 4) {
            $this->methods['factor'] = 'split-middle';
        }

        return new Read($node, $subject, new Asked(
            $job,
            $this->methods,
            $form,
            $this->rounding,
            $letter,
            $given,
            $seeks,
            $this->heard,
        ), $function, $awkwardAt, $remainder);
    }

    /**
     * What is to be done, once the ways it names are kept.
     *
     * @param array<string, Token> $runs
     */
    private function withMethods(string $work, array $runs): string
    {
        if ($work === 'factor-then-solve') {
            Mathematics::refuseAnother($runs['b'], $runs['a']);
        }
        $this->methods += match ($work) {
            'foil' => ['multiply' => 'term-by-term'],
            'factor-then-solve', 'solve-factored' => ['solve' => 'factoring'],
            'derived' => ['solve' => 'completing-square'],
            'solve-substituted' => ['solve' => 'substitution'],
            default => [],
        };

        return \in_array($work, ['factor-then-solve', 'solve-factored', 'solve-substituted'], true) ? 'solve' : $work;
    }

    /**
     * What a form that is written out asks for.
     *
     * @param array<string, Token> $runs
     *
     * @return array{string|null, Expression|Equation}
     */
    private function inForm(array $runs, Expression|Equation $node): array
    {
        $form = trim($runs['b']->text);
        $hasSquare = preg_match('/\([^()]*\)\s*(?:\^\s*2|²)/u', $form) === 1;

        return match (true) {
            $node instanceof Expression && Shape::isOfRoots($node, $form) => ['simplify', $node],
            $hasSquare => ['complete-square', $node],
            preg_match('/\([^()]*\)\s*\([^()]*\)/u', $form) === 1 => ['factor', $node],
            // px + q, ax² + bx + c: multiplied out, with numbers in place of the letters in front.
            $node instanceof Expression && preg_match('/^[^()\/√]*$/u', $form) === 1
                && array_diff_key(LetterIndex::names($form), Letters::of($node)) !== [] => ['multiply', $node],
            $node instanceof Expression => [
                Asked::SHOW,
                new Equation($node, Mathematics::side(Mathematics::run($runs['b'])->node, $runs['b'])),
            ],
            default => [null, $node],
        };
    }

    private function jobOfForm(): ?string
    {
        return match ($this->form) {
            'vertex' => 'complete-square',
            'factored' => 'factor',
            'expanded' => 'multiply',
            'power' => 'simplify',
            default => null,
        };
    }

    /**
     * An equation in one letter is solved for it; a formula is rearranged, and whether one in several letters is
     * a formula or an equation, it tells itself.
     *
     * @return array{string|null, string|null} the job and the subject
     */
    private function wanted(?string $job, Expression|Equation $node, string $letter, Token $run): array
    {
        $letters = array_keys(Letters::of($node));
        $own = Mathematics::greek($letter) ?? $letter;
        if ($own === 'pi' || $own === 'π') {
            throw new OutOfReach(Message::of('error.for-pi'), $run->from + 1);
        }
        if (!\in_array($own, $letters, true)) {
            throw new SyntaxError(Message::of('error.letter-not-there', ['letter' => $own]), $run->from + 1);
        }

        return \count($letters) > 1 || Inside::holds($node, Pi::class)
            ? [$job === 'rearrange' ? $job : null, $own]
            : [$job === 'rearrange' ? 'solve' : $job, null];
    }

    /** Why it cannot be read, at the first place that is to blame. */
    private function refusal(): Refusal
    {
        foreach ($this->tokens as $place => $token) {
            $next = $this->tokens[$place + 1] ?? null;
            $isSlope = $token->isMaths() && preg_match('/^\s*d\w?\s*\/\s*d\w/u', $token->text) === 1;
            $notDone = match (true) {
                $isSlope => 'calculus',
                $token->kind === TokenKind::Word => KnownWords::notDone($token->text, $next->text ?? ''),
                default => null,
            };
            if ($notDone !== null) {
                return new OutOfReach(Message::of("error.not-done-$notDone"), $token->from + 1);
            }
        }
        $unknown = array_values(array_filter($this->left, fn(array $one): bool => !$one[1]->isMaths()
            && !$this->vocabulary->knows($one[1]->text)));
        // Two letters side by side may yet be mathematics; more of them are to blame.
        $long = array_values(array_filter($unknown, static fn(array $one): bool => mb_strlen($one[1]->text) > 2));
        $first = $long[0][1] ?? $unknown[0][1] ?? null;
        if ($first !== null) {
            $near = $this->vocabulary->near($first->text);

            $found = mb_substr($first->text, 0, 40);

            return new SyntaxError($near === null
                ? Message::of('error.unknown-word', ['found' => $found])
                : Message::of('error.near-word', ['found' => $found, 'near' => $near]), $first->from + 1);
        }
        $maths = array_values(array_filter($this->left, static fn(array $one): bool => $one[1]->isMaths()));
        if ($maths === []) {
            return new SyntaxError(Message::of('error.no-mathematics'), 1);
        }
        if (\count($maths) > 1) {
            return new SyntaxError(Message::of('error.two-problems'), $maths[1][1]->from + 1);
        }
        $words = array_values(array_filter($this->left, static fn(array $one): bool => !$one[1]->isMaths()));

        return new SyntaxError(Message::of('error.way-of-asking', [
            'found' => mb_substr($words[0][1]->text, 0, 40),
        ]), $words[0][1]->from + 1);
    }
}
