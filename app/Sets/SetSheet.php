<?php

declare(strict_types=1);

namespace App\Sets;

use App\Sheet\Sheet;
use Runel\Demonstration\Demonstration;

/** How a set is put on paper: with which key, whether fading from worked to alone. */
final readonly class SetSheet
{
    public const KEYS = ['none', 'answers', 'worked'];

    private function __construct(public string $key, public bool $isFaded) {}

    public static function of(string $key, string $fade): self
    {
        return new self(\in_array($key, self::KEYS, true) ? $key : 'none', $fade !== '');
    }

    /** A problem worked with a part left blank: the first in full, then more and more to be filled in, then alone. */
    public function faded(Demonstration $demonstration, int $place): ?Sheet
    {
        return $this->isFaded && $place < Sheet::PROBLEM_ALONE ? Sheet::of($demonstration, (string) $place) : null;
    }

    /** A problem worked in full, for the key. */
    public function worked(Demonstration $demonstration): Sheet
    {
        return Sheet::of($demonstration, '0');
    }
}
