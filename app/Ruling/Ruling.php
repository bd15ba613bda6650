<?php

declare(strict_types=1);

namespace App\Ruling;

use App\Values\Given;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Slip\Slip;

/**
 * The tutor's own word on a piece of work: on the whole, on a line, on the slip in it. It stands above the judge's, and
 * all that is counted goes by it. A mark with all of its points says that the piece is right.
 */
final readonly class Ruling
{
    public const RIGHT = 'right';
    public const WRONG = 'wrong';
    /** The piece says nothing of the learner: it is counted nowhere. */
    public const APART = 'apart';
    private const NO_SLIP = 'none';

    /**
     * @param string|null           $piece right, wrong or apart; null: as it was judged
     * @param array<int, string>    $lines right or wrong, by the line's number, from 1
     * @param array<int, Slip|null> $slips another slip, or none, by the line's number
     */
    private function __construct(public ?string $piece, public array $lines, public array $slips) {}

    /** @param mixed $kept as in the column; what is damaged says nothing */
    public static function kept(mixed $kept): self
    {
        try {
            return self::of(Given::of($kept)->values);
        } catch (BadRequest) {
            return new self(null, [], []);
        }
    }

    /**
     * @param array<array-key, mixed> $said piece, lines and slips, '' for what is as it was judged
     *
     * @throws BadRequest when a word is none
     */
    public static function of(array $said): self
    {
        $piece = self::word($said['piece'] ?? '', [self::RIGHT, self::WRONG, self::APART]);
        [$lines, $slips] = [[], []];
        foreach (Given::of($said)->list('lines') as $number => $word) {
            $word = self::word($word, [self::RIGHT, self::WRONG]);
            if ($word !== null && (int) $number > 0) {
                $lines[(int) $number] = $word;
            }
        }
        $known = array_map(static fn(Slip $slip): string => $slip->value, Slip::cases());
        foreach (Given::of($said)->list('slips') as $number => $word) {
            $word = self::word($word, [self::NO_SLIP, ...$known]);
            if ($word !== null && (int) $number > 0) {
                $slips[(int) $number] = Slip::tryFrom($word);
            }
        }

        return new self($piece, $lines, $slips);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'piece' => $this->piece,
            'lines' => $this->lines,
            'slips' => array_map(static fn(?Slip $slip): string => $slip->value ?? self::NO_SLIP, $this->slips),
        ]);
    }

    /** @return array<string, string> as fields of a form, by the end of their name */
    public function fields(): array
    {
        $fields = $this->piece === null ? [] : ['[piece]' => $this->piece];
        foreach ($this->lines as $number => $word) {
            $fields["[lines][$number]"] = $word;
        }
        foreach ($this->slips as $number => $slip) {
            $fields["[slips][$number]"] = $slip->value ?? self::NO_SLIP;
        }

        return $fields;
    }

    /** Whether a mark gives all there is: 5 of 5, 5/5, 100 %; false where it gives nothing; null for anything else. */
    public static function fullMark(string $mark): ?bool
    {
        $points = '\d{1,4}(?:[.,]\d{1,2})?';
        if (preg_match("/^\s*($points)\s*(?:\/|of|out of)\s*($points)\b/iu", $mark, $match) !== 1
            && preg_match("/^\s*($points)\s*(%)/u", $mark, $match) !== 1) {
            return null;
        }
        $given = (float) str_replace(',', '.', $match[1]);
        $most = $match[2] === '%' ? 100.0 : (float) str_replace(',', '.', $match[2]);

        return match (true) {
            $most > 0 && $given >= $most => true,
            $most > 0 && $given === 0.0 => false,
            default => null,
        };
    }

    /**
     * The slips that count after it.
     *
     * @param list<string>            $slips as they were made, those mended too
     * @param array<int, string|null> $found the slip found in a line, by its number
     *
     * @return list<string>
     */
    public function slips(array $slips, array $found): array
    {
        foreach ($found as $number => $slip) {
            $isRuled = ($this->lines[$number] ?? null) === self::RIGHT || \array_key_exists($number, $this->slips);
            $place = $isRuled ? array_search($slip, $slips, true) : false;
            if ($place !== false) {
                array_splice($slips, (int) $place, 1);
            }
        }
        foreach ($this->slips as $number => $slip) {
            if ($slip !== null && ($this->lines[$number] ?? null) !== self::RIGHT) {
                $slips[] = $slip->value;
            }
        }

        return $slips;
    }

    /**
     * @param list<string> $known
     *
     * @throws BadRequest
     */
    private static function word(mixed $given, array $known): ?string
    {
        if ($given === '' || $given === null) {
            return null;
        }

        return \is_string($given) && \in_array($given, $known, true)
            ? $given
            : throw new BadRequest(Message::of('learner.no-ruling'));
    }
}
