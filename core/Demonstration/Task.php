<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Problem\Problem;
use Runel\Style\Answers;
use Runel\Style\HouseStyle;
use Runel\Style\MinusOne;
use Runel\Style\Places;
use Runel\Style\RootOfFraction;

/**
 * What a method is asked to do: a problem, a house style, and the choices the tutor has made. Remembers what the
 * methods have worked out about it, so that the same plan serves them all.
 */
final class Task
{
    /** @var array<string, mixed> */
    private array $known = [];

    /** As handed in, but for what the problem's own words want. */
    public readonly HouseStyle $style;

    /**
     * @param array<string, string> $choices    by the choice's key
     * @param bool                  $isPersonal whether the problem is a line somebody wrote, which goes into no log
     */
    public function __construct(
        public readonly Problem $problem,
        HouseStyle $style,
        public readonly array $choices = [],
        public readonly bool $isPersonal = false,
    ) {
        $this->style = self::asked($problem, $style);
    }

    /** The style, with decimals as the problem itself wants them. */
    private static function asked(Problem $problem, HouseStyle $style): HouseStyle
    {
        $rounding = $problem->asked->rounding;
        if ($rounding === null) {
            return $style;
        }
        if ($rounding->places === null) {
            return $style->with('answers', Answers::Exact->value);
        }
        $places = Places::nearest($rounding->places, $rounding->isSignificant);

        return $style->with('answers', Answers::Both->value)->with('places', $places->value);
    }

    public function choice(string $key): ?string
    {
        return $this->choices[$key] ?? null;
    }

    /**
     * Something about the task, worked out once.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function once(string $key, \Closure $work): mixed
    {
        if (!\array_key_exists($key, $this->known)) {
            $this->known[$key] = $work();
        }

        /** @var T a key belongs to one kind of work */
        $known = $this->known[$key];

        return $known;
    }

    /** Whether a root may be left below the line of an answer, by the habit of the house. */
    public function leavesRoots(): bool
    {
        return $this->style->get(RootOfFraction::class) !== RootOfFraction::Rationalised;
    }

    /** Whether a common factor may stay in a factor where only a minus was taken out, by the habit of the house. */
    public function leavesCommonFactor(): bool
    {
        return $this->style->get(MinusOne::class) === MinusOne::Alone;
    }

    /** Whether even the root of a fraction may be left as it is. */
    public function keepsRoots(): bool
    {
        return $this->style->get(RootOfFraction::class) === RootOfFraction::Kept;
    }
}
