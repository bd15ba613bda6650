<?php

declare(strict_types=1);

namespace App\Ways;

use App\Address\Address;
use App\Board\Board;
use App\Demonstrations\Demonstrations;
use App\Values\Given;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/**
 * The quadratic formula found: ax² + bx + c = 0 by completing the square, and beside it the same steps on an equation
 * with numbers, so that both step together. Where the problem is no such equation, one of ours stands in for it.
 */
final readonly class InLetters
{
    private const JOB = 'solve';
    private const METHOD = 'completing-square';
    private const OURS = '2x² + 7x − 15 = 0';
    /** The habits under which numbers are worked as letters are. */
    private const STEPS = [
        'square-books' => 'both-sides', 'leading' => 'divide', 'square-order' => 'move-first',
        'square-shown' => 'at-once', 'half-squared' => 'evaluate', 'why-this-way' => 'off',
        'after-root' => 'plus-minus', 'rational-pair' => 'each', 'answers' => 'exact',
    ];
    /** What the formula is made of, and the steps whose last line tells it. */
    private const REASONS = [
        'leading' => ['divide'],
        'half' => ['half'],
        'discriminant' => ['tidy'],
        'root' => ['simplify-root', 'both-roots'],
        'middle' => ['alone'],
    ];

    /** What an address of a board leaves behind. */
    public const FROM_BOARD = ['job' => null, 'method' => null, 'step' => null, 'ask' => null, 'present' => null];

    /**
     * @param Address           $address of the equation with numbers
     * @param bool              $isOurs  whether another one was asked for, which cannot stand there
     * @param Way               $letters as far as they have come
     * @param Way               $numbers as far as they have come
     * @param list<ComparedRow> $rows    the steps of both, beside each other
     * @param int               $row     where both stand, from 1
     */
    private function __construct(
        public Address $address,
        public bool $isOurs,
        public Way $letters,
        public Way $numbers,
        private array $rows,
        public int $row,
    ) {}

    /**
     * @param array<array-key, mixed> $query
     *
     * @throws Refusal where the equation cannot be read
     */
    public static function of(array $query, Address $address, Demonstrations $demonstrations): self
    {
        $style = array_reduce(
            array_keys(self::STEPS),
            static fn(HouseStyle $style, string $key): HouseStyle => $style->with($key, self::STEPS[$key]),
            $address->style(),
        );
        $typed = $address->problem() === '' ? null : Problem::read($address->problem());
        $isWorked = $typed !== null && self::isWorked($typed, $style, $demonstrations);
        $problem = $isWorked ? $typed : Problem::read(self::OURS);
        // The formula's own letters are no unknown beside it.
        $letter = \in_array($problem->letter(), ['a', 'b', 'c'], true) ? 'x' : (string) $problem->letter();
        $general = Problem::of(new Equation(self::expression("a{$letter}²+b$letter+c"), Numeral::of(0)), $letter);
        $both = SideBySide::of(
            $demonstrations->of(new Task($general, $style), self::JOB, self::METHOD),
            $demonstrations->of(new Task($problem, $style), self::JOB, self::METHOD),
        );
        $asked = max(1, min(Given::of($query)->number('row') ?? 1, \count($both->rows)));
        $own = $address->about($problem->source);
        $ways = [];
        foreach (['left' => $both->left, 'right' => $both->right] as $side => $demonstration) {
            $stop = self::stop($demonstration, array_map(
                static fn(ComparedRow $row): ?Step => $side === 'left' ? $row->left : $row->right,
                \array_slice($both->rows, 0, $asked),
            ));
            $ways[] = new Way($side, Board::at($demonstration, $own->at((string) $stop)));
        }

        return new self($own, $typed !== null && !$isWorked, $ways[0], $ways[1], $both->rows, $asked);
    }

    /** Whether a demonstration is one that the letters can stand beside. */
    public static function isBeside(Demonstration $demonstration): bool
    {
        return $demonstration->job === self::JOB && \in_array($demonstration->method, [self::METHOD, 'formula'], true);
    }

    /** What stands there on either side; null where one of them has nothing to do. */
    public function standing(): ComparedRow
    {
        return $this->rows[$this->row - 1];
    }

    public function count(): int
    {
        return \count($this->rows);
    }

    /** The address some rows on, within the rows there are. */
    public function moved(int $by): string
    {
        return $this->at($this->row + $by);
    }

    public function at(int $row): string
    {
        return $this->address->to('letters', [
            'step' => null,
            'row' => max(1, min($row, \count($this->rows))),
        ]);
    }

    /**
     * Why the formula looks as it does: the lines that tell, of the letters and of the numbers.
     *
     * @return array<string, array{Line, Line|null}> by what they tell; null where the numbers have no such line
     */
    public function reasons(): array
    {
        $reasons = [];
        foreach (self::REASONS as $reason => $ids) {
            $letters = self::line($this->letters, $ids);
            if ($letters !== null) {
                $reasons[$reason] = [$letters, self::line($this->numbers, $ids)];
            }
        }

        return $reasons;
    }

    /** The parabola of the numbers, where the demonstration has drawn it. */
    public function curve(): ?Figure
    {
        $figures = array_filter(array_map(
            static fn(Step $step): ?Figure => $step->figure,
            $this->numbers->board->demonstration->steps(),
        ), static fn(?Figure $figure): bool => $figure instanceof CurveFigure);

        return array_values($figures)[0] ?? null;
    }

    /** What a reason is, with the parts of the formula that it speaks of. */
    public function why(string $reason): Message
    {
        $letter = $this->letters->board->demonstration->task->problem->subject;

        return Message::of("formula.reason.$reason.why", array_map(self::expression(...), match ($reason) {
            'leading' => ['square' => "{$letter}²", 'a' => 'a'],
            'half' => ['middle' => 'b/a', 'half' => 'b/(2a)'],
            'discriminant' => ['below' => '4a²', 'discriminant' => 'b²-4ac'],
            'root' => ['square' => '4a²', 'below' => '2a', 'b' => 'b'],
            'middle' => ['middle' => '-b/(2a)'],
            default => throw new \LogicException("There is no reason $reason."),
        }));
    }

    /** What the curve shows of it. */
    public function atCurve(): Message
    {
        $solutions = $this->numbers->board->demonstration->answer->solutions() ?? [];

        return Message::of(\count($solutions) === 2 ? 'formula.curve' : 'formula.curve-other', [
            'middle' => self::expression('-b/(2a)'),
        ]);
    }

    private static function expression(string $written): Expression
    {
        $node = Parser::parse($written)->node;

        return $node instanceof Expression ? $node : throw new \LogicException("$written is no expression.");
    }

    /** Whether the square of an equation can be completed in numbers. */
    private static function isWorked(Problem $problem, HouseStyle $style, Demonstrations $demonstrations): bool
    {
        if ($problem->letter() === null) {
            return false;
        }
        try {
            $demonstrations->of(new Task($problem, $style), self::JOB, self::METHOD);
        } catch (Refusal) {
            return false;
        }

        return true;
    }

    /** @param list<Step|null> $steps those that have been reached */
    private static function stop(Demonstration $demonstration, array $steps): int
    {
        $last = array_values(array_filter($steps));
        $place = array_search($last[\count($last) - 1] ?? null, $demonstration->steps(), true);

        return $place === false ? 1 : $place + 1;
    }

    /** @param list<string> $ids the first step of these that is there */
    private static function line(Way $way, array $ids): ?Line
    {
        foreach ($ids as $id) {
            foreach ($way->board->demonstration->steps() as $step) {
                if ($step->id === $id && $step->lines !== []) {
                    return $step->lines[\count($step->lines) - 1];
                }
            }
        }

        return null;
    }
}
