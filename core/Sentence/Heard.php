<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** A part of a sentence that was understood, and where it stands. */
final readonly class Heard
{
    /**
     * @param string $kind job, job, method, form, rounding, letter, given, seeks, or passed for what asks nothing
     * @param string $text as typed
     * @param int    $from the number of characters before it
     */
    public function __construct(public string $kind, public string $text, public int $from) {}

    /** What is left of the sentence when it is taken off. */
    public function without(string $sentence): string
    {
        $before = rtrim(mb_substr($sentence, 0, $this->from));
        $behind = ltrim(mb_substr($sentence, $this->from + mb_strlen($this->text)));

        return trim("$before $behind");
    }

    /** The sentence with something else in its place. */
    public function replaced(string $sentence, string $by): string
    {
        return mb_substr($sentence, 0, $this->from) . $by
            . mb_substr($sentence, $this->from + mb_strlen($this->text));
    }

    /**
     * The sentence with a number, a letter or marks that were passed over read as mathematics after all: 4. (x + 1) as
     * 4(x + 1), x² = 36 (2) as x² = 36(2).
     *
     * @return string|null null where they can be none: Q4, (2 marks)
     */
    public function asMathematics(string $sentence): ?string
    {
        if (preg_match('/^[\[(]?\s*(\d{1,3}|[a-h])\s*[\])]?[.)]?$/u', $this->text, $match) !== 1) {
            return null;
        }
        $before = rtrim(mb_substr($sentence, 0, $this->from));
        $behind = ltrim(mb_substr($sentence, $this->from + mb_strlen($this->text)));
        if ($before === '') {
            return preg_match('/^\p{L}{2}/u', $behind) === 1 ? null : $match[1]
                . (preg_match('/^[\d.]/', $behind) === 1 ? '·' : '') . $behind;
        }

        return $behind === '' ? "$before($match[1])" : null;
    }
}
