<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Sets\Pick;
use App\Values\Given;
use Runel\Job\Jobs;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Practice: made to order from a seed, or the tutor's own problems. */
final readonly class KeptSet implements KeptContent
{
    /** So many problems where nobody says how many. */
    private const COUNT = 8;

    /**
     * @param list<string> $own      the tutor's own problems, where they are not picked
     * @param int          $defaults under which the seed was chosen
     */
    private function __construct(public ?Pick $pick, public string $seed, public int $defaults, public array $own) {}

    /** @throws Refusal when there is no such skill or rung, or a problem of the tutor's own cannot be read */
    public static function of(Given $given): self
    {
        $own = self::own($given);
        $isSeeded = preg_match('/^\d{1,9}$/', $given->text('seed')) === 1;

        return new self(
            $own === [] ? self::pick($given) : null,
            $isSeeded ? $given->text('seed') : '1',
            $given->number('defaults', 2) ?? ($isSeeded ? 1 : HouseStyle::DEFAULTS),
            $own,
        );
    }

    public function kind(): ItemKind
    {
        return ItemKind::Set;
    }

    public function toArray(): array
    {
        return $this->pick === null ? ['own' => $this->own] : [
            'pick' => (string) $this->pick,
            'seed' => $this->seed,
            'defaults' => $this->defaults,
        ];
    }

    public function item(Showing $showing): Item
    {
        return Item::set($this->pick === null ? \count($this->own) : (int) $this->pick->count, $showing->pace);
    }

    public function typed(): string
    {
        return (string) $this->pick;
    }

    public function markdown(): string
    {
        return implode(' ', array_map(
            static fn(string $problem): string => '`' . str_replace('`', "'", $problem) . '`',
            $this->pick === null ? $this->own : [(string) $this->pick],
        ));
    }

    /** @return array<string, mixed> the address of the set */
    public function address(): array
    {
        return $this->pick === null
            ? ['own' => $this->own]
            : ['pick' => [(string) $this->pick], 'seed' => $this->seed, 'defaults' => $this->defaults];
    }

    /**
     * @return list<string> from a list, or from a text with a problem a line
     *
     * @throws Refusal when one of them cannot be read, or there are too many
     */
    private static function own(Given $given): array
    {
        $typed = $given->typed('own');
        $own = array_values(array_filter(
            array_map(
                static fn(string $line): string => trim(mb_scrub($line)),
                $typed === null ? $given->texts('own') : explode("\n", $typed),
            ),
            static fn(string $line): bool => $line !== '',
        ));
        if (\count($own) > Order::MOST) {
            throw new BadRequest(Message::of('practice.count', ['found' => \count($own), 'most' => Order::MOST]));
        }
        foreach ($own as $problem) {
            Jobs::all()->ofProblem(Problem::read($problem));
        }

        return $own;
    }

    /** @throws BadRequest when there is no such skill or rung */
    private static function pick(Given $given): Pick
    {
        $count = $given->text('count');
        $pick = $given->text('skill') !== ''
            ? Pick::of($given->text('skill'), $given->text('rungs'), $count === '' ? self::COUNT : $count)
            : Pick::read($given->text('pick'), self::COUNT);
        $pick->order('1', Wishes::none());

        return $pick;
    }
}
