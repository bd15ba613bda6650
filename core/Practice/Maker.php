<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Judging\FactorsOf;
use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Message\BadRequest;
use Runel\Message\Defect;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Method;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/**
 * Makes problems to order. A ladder throws candidates; what a candidate has is read off its own demonstration, and only
 * one that has exactly what its rung asks for, and nothing easier by accident, is taken.
 */
final class Maker
{
    /** So many throws for one problem, before it is said that there is none. */
    private const THROWS = 2000;
    /** So many of them are demonstrated: it is this that takes time. */
    private const DEMONSTRATED = 60;
    /** So many where each is made into a page with a slip, too. */
    private const SLIPPED = 10;
    /** So many answers back, none may be the same. */
    private const BACK = 3;

    /** @var array<string, true> what has been made, by what it says whichever way round */
    private array $known = [];
    /** @var array<string, true> throws of what has been made: a small rung throws the same again and again */
    private array $thrown = [];
    /** @var list<string> */
    private array $answers = [];
    /** @var array<string, int> how often each wish turned a throw down */
    private array $refused = [];
    /** @var list<int> rungs on which the slip that is wished cannot be made */
    private array $hopeless = [];
    /** The page with a slip in it that goes with what was taken last. */
    private ?SlippedPage $page = null;
    /** What went wrong with a throw that might have done. */
    private ?Defect $defect = null;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Chance $chance,
        private readonly HouseStyle $style,
        private readonly Order $order,
    ) {}

    /**
     * @return non-empty-list<Made>
     *
     * @throws BadRequest when there is no such problem: which wish to loosen
     * @throws Defect     when there might have been one and a method failed
     */
    public static function make(Catalogue $catalogue, Chance $chance, HouseStyle $style, Order $order): array
    {
        $maker = new self($catalogue, $chance, $style->under($order->defaults), $order);
        $maker->knowsMethod();
        $made = [];
        for ($place = 0; $place < $order->count; ++$place) {
            $made[] = $maker->problem($place);
        }

        return $made === [] ? throw new \LogicException('An order has at least one problem.') : $made;
    }

    /**
     * A problem for each rung, to be seen: always the same ones.
     *
     * @return non-empty-list<Made>
     */
    public static function examples(Catalogue $catalogue, Chance $chance, HouseStyle $style, Ladder $ladder): array
    {
        $rungs = \count($ladder->rungs());

        return self::make($catalogue, $chance, $style, Order::of(
            $ladder,
            '',
            (string) $rungs,
            '1',
            Wishes::none(),
        ));
    }

    /** Where a slip is wished that cannot be made on a rung, the others that were ordered are tried. */
    private function problem(int $place): Made
    {
        $own = $this->order->rung($place);
        $others = $this->order->wishes->slip === null
            ? []
            : array_diff(range($this->order->from, $this->order->to), [$own]);
        $reason = null;
        foreach (array_diff([$own, ...$others], $this->hopeless) as $number) {
            try {
                return $this->onRung($this->order->ladder->rungs()[$number - 1], $place);
            } catch (BadRequest $refusal) {
                $reason ??= $refusal;
                $this->hopeless[] = $number;
            }
        }
        throw $reason ?? new BadRequest(Message::of('practice.impossible', [
            'rung' => $own,
            'wish' => Message::of('practice.wish.slip'),
        ]));
    }

    /** @throws BadRequest when there is none like that on the rung */
    private function onRung(Rung $rung, int $place): Made
    {
        $turn = $this->order->again[$place] ?? 0;
        $throws = new Throws(
            $this->chance->dice("{$this->order->seed} {$this->order->ladder->skill()} $rung->number $place $turn"),
            $this->order->wishes->letters,
            $this->order->wishes->largest ?? \PHP_INT_MAX,
        );
        $this->refused = [];
        $demonstrated = 0;
        $most = $this->order->wishes->slip === null ? self::DEMONSTRATED : self::SLIPPED;
        for ($throw = 0; $throw < self::THROWS && $demonstrated < $most; ++$throw) {
            $typed = $this->order->ladder->candidate($rung, $throws);
            $task = $typed === null ? null : $this->task($typed);
            if ($typed === null || $task === null) {
                continue;
            }
            ++$demonstrated;
            $demonstration = $this->demonstration($task, $rung);
            if ($demonstration !== null) {
                $this->known[self::key($demonstration->task->problem)] = true;
                $this->answers[] = Ascii::write($demonstration->answer->node());

                return new Made($typed, $this->order->ladder, $rung, $demonstration, $this->page);
            }
        }
        if ($this->defect !== null) {
            throw $this->defect;
        }
        // A wish that turned anything down says more than that throws came to nothing.
        $wishes = array_diff_key($this->refused, ['other' => 0]);
        arsort($wishes);
        throw new BadRequest(Message::of('practice.impossible', [
            'rung' => $rung->number,
            'wish' => Message::of('practice.wish.' . (array_key_first($wishes) ?? 'other')),
        ]));
    }

    /** The candidate as a task, where it is new and its numbers are not too large. */
    private function task(string $typed): ?Task
    {
        if (isset($this->thrown[$typed])) {
            return $this->turnDown('other');
        }
        try {
            $task = new Task(Problem::read($typed), $this->style);
        } catch (Refusal) {
            return null;
        }
        if (isset($this->known[self::key($task->problem)])) {
            $this->thrown[$typed] = true;

            return $this->turnDown('other');
        }
        $largest = $this->order->wishes->largest;

        return $largest !== null && self::largest($task->problem->node) > $largest ? $this->turnDown('largest') : $task;
    }

    /** What is on the rung and as wished for, proved; null of all else. */
    private function demonstration(Task $task, Rung $rung): ?Demonstration
    {
        $method = $this->order->wishes->method ?? $this->order->ladder->method();
        try {
            return $this->catalogue->wanted(
                $task,
                fn(Demonstration $demonstration): bool => $this->isTaken($rung, $demonstration),
                $this->order->ladder->job(),
                $method,
            );
        } catch (Defect $defect) {
            $this->defect = $defect;

            return null;
        } catch (Refusal) {
            return $this->turnDown('method');
        }
    }

    private function isTaken(Rung $rung, Demonstration $demonstration): bool
    {
        $seen = new Seen($demonstration);
        $wishes = $this->order->wishes;
        if (!$this->order->ladder->fits($rung, $seen)) {
            $this->turnDown('other');

            return false;
        }
        $against = match (true) {
            $wishes->whole && self::isBroken($demonstration) => 'whole',
            $wishes->trials !== null && $demonstration->forecast->trials > $wishes->trials => 'trials',
            $wishes->trap !== null && array_filter(
                $demonstration->steps(),
                static fn(Step $step): bool => $step->watch === $wishes->trap,
            ) === [] => 'trap',
            default => null,
        };
        $answer = Ascii::write($demonstration->answer->node());
        if ($against === null && \in_array($answer, \array_slice($this->answers, -self::BACK), true)) {
            $against = 'other';
        }
        if ($against === null && $wishes->slip !== null) {
            $this->page = SlippedPage::of($this->catalogue, $demonstration, $wishes->slip);
            $against = $this->page === null ? 'slip' : null;
        }
        if ($against !== null) {
            $this->turnDown($against);

            return false;
        }
        return true;
    }

    private function turnDown(string $wish): null
    {
        $this->refused[$wish] = ($this->refused[$wish] ?? 0) + 1;

        return null;
    }

    /** @throws BadRequest when the method wished for is none of the job's */
    private function knowsMethod(): void
    {
        $ids = array_map(
            static fn(Method $method): string => $method->id(),
            $this->catalogue->families->of($this->order->ladder->job())->methods(),
        );
        $wished = $this->order->wishes->method;
        if ($wished !== null && !\in_array($wished, $ids, true)) {
            throw new BadRequest(Message::of('practice.wish-method', [
                'found' => mb_substr($wished, 0, 40),
                'methods' => implode(', ', $ids),
            ]));
        }
    }

    /** Whether a fraction or a root is in the answer. */
    private static function isBroken(Demonstration $demonstration): bool
    {
        $answer = $demonstration->answer->node();

        return Inside::holds($answer, Root::class) || Inside::holds($answer, Quotient::class);
    }

    private static function largest(Node $node): int
    {
        $own = $node instanceof Numeral ? $node->value->toInt() ?? \PHP_INT_MAX : 0;

        return max([$own, ...array_map(self::largest(...), $node->children())]);
    }

    /** The same for a problem whichever way round it is written, and in whichever letter. */
    private static function key(Problem $problem): string
    {
        $node = $problem->node;
        $parts = match (true) {
            $node instanceof Equation => [$node->left, $node->right],
            default => FactorsOf::expression($node),
        };
        $written = array_map(static function (Expression $part) use ($problem): string {
            $polynomial = Polynomial::tryFrom($part);
            $text = Ascii::write($polynomial === null ? $part : $polynomial->toExpression());

            return $problem->subject === null ? strtr($text, array_combine(
                $problem->letters,
                \array_slice(['@', '#', '$', '%', '&', '~', '_', '!'], 0, \count($problem->letters)),
            )) : $text;
        }, $parts);
        sort($written);

        return implode(' | ', $written);
    }
}
