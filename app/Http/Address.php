<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\HouseStyleFromRequest;
use Illuminate\Http\Request;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Factor\SplitMiddle;
use Runel\Method\Multiply\Plan;
use Runel\Method\Solve\Factoring;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A place in a demonstration as the address bar holds it: everything a page is made from. */
final readonly class Address
{
    /** The choices a tutor can make inside a demonstration. */
    public const CHOICES = [Plan::CHOICE, SplitMiddle::CHOICE, Factoring::CHOICE];

    /** @var array<string, string|null> the parts of the query that are carried on */
    private array $query;

    /**
     * @param string                $step    a number from 1, "first" or "last"
     * @param array<string, string> $choices
     */
    private function __construct(
        public string $problem,
        public ?string $job,
        public ?string $method,
        public string $step,
        public HouseStyle $style,
        public array $choices,
        public bool $ask,
        public bool $present,
        public bool $reveal,
        public ?string $answer,
        public ?string $pair,
    ) {
        $this->query = [
            'problem' => $problem,
            'job' => $job,
            'method' => $method,
            'step' => $step,
            'ask' => $ask ? '1' : null,
            'present' => $present ? '1' : null,
            HouseStyleFromRequest::COMPLETE => '1',
        ] + $choices + $style->chosen();
    }

    public static function of(Request $request, HouseStyle $style): self
    {
        $text = static function (string $key) use ($request): ?string {
            $value = $request->query($key);

            return \is_string($value) && $value !== '' ? $value : null;
        };
        $choices = [];
        foreach (self::CHOICES as $choice) {
            $value = $text($choice);
            if ($value !== null) {
                $choices[$choice] = $value;
            }
        }

        return new self($text('problem') ?? '', $text('job'), $text('method'), $text('step') ?? 'first', $style, $choices, $text('ask') !== null, $text('present') !== null, $text('reveal') !== null, $text('answer'), $text('pair'));
    }

    /** The start of a problem by a method. */
    public static function for(string $problem, ?string $method, HouseStyle $style): self
    {
        return new self($problem, null, $method, '1', $style, [], false, false, false, null, null);
    }

    /** The same at another step, nothing asked. */
    public function at(string $step): self
    {
        return new self($this->problem, $this->job, $this->method, $step, $this->style, $this->choices, false, $this->present, false, null, null);
    }

    /** @throws Refusal when the problem cannot be read */
    public function task(): Task
    {
        return new Task(Problem::read($this->problem), $this->style, $this->choices);
    }

    /**
     * A path with this place in its query.
     *
     * @param array<string, string|int|null> $changes null takes a part out
     */
    public function to(string $path, array $changes = []): string
    {
        return $path . '?' . http_build_query($this->query($changes), '', '&', \PHP_QUERY_RFC3986);
    }

    /**
     * The parts of the query; an answer and a reveal belong to one moment and are not carried on.
     *
     * @param array<string, string|int|null> $changes null takes a part out
     *
     * @return array<string, string|int>
     */
    public function query(array $changes = []): array
    {
        return array_filter($changes + $this->query, static fn(string|int|null $value): bool => $value !== null);
    }
}
