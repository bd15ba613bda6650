<?php

declare(strict_types=1);

namespace App\Turn;

use App\Address\Address;
use Runel\Expression\Letters;
use Runel\Marking\Handwriting;
use Runel\Marking\LineReader;
use Runel\Marking\Statement;
use Runel\Marking\Statements;
use Runel\Message\Refusal;
use Runel\Problem\Problem;

/** A line while it is typed: what Runel reads so far, or where it cannot go on. */
final readonly class LineRead
{
    private function __construct(
        public string $typed,
        public ?Statement $statement,
        public ?Refusal $refusal,
    ) {}

    public static function of(Address $address, string $typed): self
    {
        $typed = mb_substr(mb_scrub($typed), 0, TurnQuery::LONGEST_LINE);
        if (trim($typed) === '') {
            return new self($typed, null, null);
        }
        try {
            $problem = Problem::read($address->problem());
            $letters = Letters::of($problem->node);
            $reader = new LineReader($letters, $problem->quotient()?->denominator);
            $statements = Statements::of($typed);
            $last = $statements[\count($statements) - 1];
            $plain = Handwriting::plain($last, $problem->node, Handwriting::numbersPlainly($last));

            return new self($typed, $reader->read($plain), null);
        } catch (Refusal $refusal) {
            return new self($typed, null, $refusal);
        }
    }
}
