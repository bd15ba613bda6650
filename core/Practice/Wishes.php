<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** What a tutor wishes of the problems besides their rung. */
final readonly class Wishes
{
    public const KEYS = ['letters', 'largest', 'whole', 'method', 'trials', 'trap', 'slip'];
    /** Letters that no notation takes for something else. */
    private const LETTERS = '/^[a-df-hj-np-z](?:\s*,?\s*[a-df-hj-np-z]){0,7}$/';
    private const LARGEST = 99;

    /**
     * @param list<string> $letters of none, the usual ones
     * @param int|null     $largest the largest number in a problem, signs aside
     * @param bool         $whole   whether there may be no fraction and no root in the answer
     * @param string|null  $method  a method's id: the problems have to fit it, and are worked by it
     * @param int|null     $trials  what the method may try at most
     * @param Slip|null    $trap    what has to lurk in them
     * @param Slip|null    $slip    what is made in a page of work that comes with each
     */
    private function __construct(
        public array $letters,
        public ?int $largest,
        public bool $whole,
        public ?string $method,
        public ?int $trials,
        public ?Slip $trap,
        public ?Slip $slip,
    ) {}

    public static function none(): self
    {
        return new self([], null, false, null, null, null, null);
    }

    /**
     * @param array<array-key, mixed> $values by key; what is '' is not wished
     *
     * @throws BadRequest when a key or a value is unknown
     */
    public static function of(array $values): self
    {
        $texts = [];
        foreach ($values as $key => $value) {
            if (!\in_array($key, self::KEYS, true)) {
                throw new BadRequest(Message::of('practice.wish-key', [
                    'found' => mb_substr((string) $key, 0, 40),
                    'keys' => implode(', ', self::KEYS),
                ]));
            }
            if (\is_string($value) && trim($value) !== '') {
                $texts[$key] = trim($value);
            }
        }
        $letters = strtolower($texts['letters'] ?? '');
        if ($letters !== '' && preg_match(self::LETTERS, $letters) !== 1) {
            throw self::unknown('letters', $letters);
        }
        $slip = static fn(string $key): ?Slip => !isset($texts[$key])
            ? null
            : Slip::tryFrom($texts[$key]) ?? throw self::unknown($key, $texts[$key]);
        if (isset($texts['whole']) && !\in_array($texts['whole'], ['1', 'yes', 'no', '0'], true)) {
            throw self::unknown('whole', $texts['whole']);
        }

        return new self(
            array_values(array_unique(preg_split('/[\s,]*/', $letters, -1, \PREG_SPLIT_NO_EMPTY) ?: [])),
            self::number($texts, 'largest', 1, self::LARGEST),
            \in_array($texts['whole'] ?? '', ['1', 'yes'], true),
            $texts['method'] ?? null,
            self::number($texts, 'trials', 0, 999),
            $slip('trap'),
            $slip('slip'),
        );
    }

    /** @return array<string, string> what is wished, by key */
    public function chosen(): array
    {
        return array_filter([
            'letters' => implode(',', $this->letters),
            'largest' => (string) $this->largest,
            'whole' => $this->whole ? 'yes' : '',
            'method' => (string) $this->method,
            'trials' => (string) $this->trials,
            'trap' => $this->trap->value ?? '',
            'slip' => $this->slip->value ?? '',
        ], static fn(string $value): bool => $value !== '');
    }

    /** @param array<array-key, string> $texts */
    private static function number(array $texts, string $key, int $least, int $most): ?int
    {
        if (!isset($texts[$key])) {
            return null;
        }
        $isNumber = preg_match('/^\d{1,3}$/', $texts[$key]) === 1;

        return $isNumber && (int) $texts[$key] >= $least && (int) $texts[$key] <= $most
            ? (int) $texts[$key]
            : throw new BadRequest(Message::of('practice.wish-number', [
                'key' => $key,
                'found' => mb_substr($texts[$key], 0, 40),
                'least' => $least,
                'most' => $most,
            ]));
    }

    private static function unknown(string $key, string $found): BadRequest
    {
        return new BadRequest(Message::of('practice.wish-value', [
            'key' => $key,
            'found' => mb_substr($found, 0, 40),
        ]));
    }
}
