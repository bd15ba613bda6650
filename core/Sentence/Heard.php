<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** A part of a sentence that was understood, and where it stands. */
final readonly class Heard
{
    /**
     * @param string $kind job, method, form, rounding, letter, given, seeks, or passed for what asks nothing
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
}
