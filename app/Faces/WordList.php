<?php

declare(strict_types=1);

namespace App\Faces;

/** The words by which something is known when it is read, in every language there is: a list in lang/. */
final readonly class WordList
{
    /**
     * @param list<string> $words   in lower case
     * @param string       $pattern any of them, as a part of a regular expression
     */
    private function __construct(public array $words, public string $pattern) {}

    /** @param string $key of a text in lang/ with commas between the words */
    public static function of(string $key): self
    {
        $words = [];
        foreach (['en', 'en_GB'] as $locale) {
            array_push($words, ...explode(', ', mb_strtolower((string) trans($key, [], $locale))));
        }
        // The longest first, so that none hides another that begins with it.
        $words = array_values(array_unique($words));
        usort($words, static fn(string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));

        return new self($words, implode('|', array_map(
            static fn(string $word): string => preg_quote($word, '/'),
            $words,
        )));
    }

    public function holds(string $text): bool
    {
        return \in_array(mb_strtolower(trim($text)), $this->words, true);
    }
}
