<?php

declare(strict_types=1);

namespace App\Sets;

use App\Values\Given;
use Runel\Style\HouseStyle;

/** What an address says of a set that is not kept. */
final readonly class SetQuery
{
    /** Longer ones are no problem anybody types. */
    private const LONGEST = 400;
    public const MOST_OWN = 60;
    /** So many problems where nobody says how many. */
    private const COUNT = 10;
    private const MOST_PICKS = 60;

    /**
     * @param list<Pick>            $picks
     * @param int                   $defaults under which the seed was chosen; a seed that names none is of the first
     * @param array<string, string> $wishes
     * @param array<string, int>    $again    by the item's key
     * @param list<string>          $drop     keys
     * @param list<string>          $order    keys; those not named follow in their own order
     * @param list<string>          $own      the tutor's own problems, as typed
     */
    private function __construct(
        public array $picks,
        public string $seed,
        public int $defaults,
        public string $version,
        public array $wishes,
        public array $again,
        public array $drop,
        public array $order,
        public array $own,
        public ?int $kept,
        public SheetHead $head,
    ) {}

    /** @param array<array-key, mixed> $query what is of no use is passed over */
    public static function of(array $query): self
    {
        // Made anew, a set keeps its heading and nothing else.
        $given = Given::of(isset($query['anew'])
            ? array_diff_key($query, ['pick' => 1, 'again' => 1, 'drop' => 1, 'order' => 1, 'own' => 1])
            : $query);
        $text = $given->text(...);
        $list = static fn(string $key, int $most): array => \array_slice($given->texts($key), 0, $most);
        $again = [];
        foreach (array_keys(\array_slice($given->list('again'), 0, 99, true)) as $key) {
            $turn = $given->within('again')->number($key, 4);
            if ($turn !== null) {
                $again[(string) $key] = $turn;
            }
        }
        $wishes = [];
        foreach ($given->within('wish')->allTexts() as $key => $value) {
            $wishes[(string) $key] = $value;
        }
        $picks = array_map(
            static fn(string $pick): Pick => Pick::read($pick, self::COUNT),
            $list('pick', self::MOST_PICKS),
        );
        $counts = self::counts($given);
        if ($text('skill') !== '' && $given->has('rungs')) {
            foreach ($counts as $rung => $count) {
                $picks[] = Pick::of($text('skill'), (string) $rung, $count);
            }
        } elseif ($text('skill') !== '') {
            $picks[] = Pick::of($text('skill'), $text('rung'), $text('count') === '' ? self::COUNT : $text('count'));
        }

        return new self(
            $picks,
            $text('seed') === '' ? '1' : $text('seed'),
            $given->number('defaults', 2) ?? ($text('seed') === '' ? HouseStyle::DEFAULTS : 1),
            $text('version') === 'b' ? 'b' : 'a',
            $wishes,
            $again,
            $list('drop', 99),
            array_values(array_filter(explode(',', $text('order')), static fn(string $key): bool => $key !== '')),
            array_map(
                static fn(string $own): string => mb_substr(mb_scrub(trim($own)), 0, self::LONGEST),
                array_values(array_filter(
                    $list('own', self::MOST_OWN),
                    static fn(string $own): bool => trim($own) !== '',
                )),
            ),
            preg_match('/^\d{1,9}$/', $text('kept')) === 1 ? (int) $text('kept') : null,
            SheetHead::of($given),
        );
    }

    /** @return array<int, int> how many of each rung, the simplest first; a rung of which there are none is left out */
    private static function counts(Given $given): array
    {
        $counts = [];
        foreach (array_keys($given->list('rungs')) as $rung) {
            $count = \is_int($rung) && $rung > 0 && $rung < 100 ? $given->within('rungs')->number($rung) : null;
            if ($count !== null && $count > 0) {
                $counts[(int) $rung] = $count;
            }
        }
        ksort($counts);

        return \array_slice($counts, 0, self::MOST_PICKS, true);
    }

    /**
     * The parts of the query, with something changed.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    public function parts(array $changes = []): array
    {
        return array_filter($changes + [
            'pick' => array_map(strval(...), $this->picks),
            'seed' => $this->seed,
            'defaults' => $this->defaults,
            'version' => $this->version === 'b' ? 'b' : null,
            'wish' => array_filter($this->wishes, static fn(string $value): bool => $value !== ''),
            'again' => $this->again,
            'drop' => $this->drop,
            'order' => $this->order === [] ? null : implode(',', $this->order),
            'own' => $this->own,
            'kept' => $this->kept,
        ] + $this->head->parts(), static fn(mixed $value): bool => $value !== null && $value !== []);
    }
}
