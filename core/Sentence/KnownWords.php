<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** Every word that some way of asking has in it. */
final readonly class KnownWords
{
    /** Words that say nothing of their own where they stand between others. */
    private const SMALL = ['and', 'or', 'for', 'in', 'is', 'are', 'when', 'where', 'if', 'to', 'by', 'as', 'so', 'then',
        'the', 'from', 'with', 'of', 'given', 'using', 'equals', 'plus', 'minus', 'times', 'over'];
    /** How far a word may be from one that asks for something, in letters. */
    private const NEAR = 2;

    /** @param array<string, true> $words */
    private function __construct(private array $words) {}

    public static function all(): self
    {
        $rows = [
            ...array_values(English::SETS), ...English::PASSED, ...array_keys(English::METHODS),
            ...array_keys(English::ADVERBS),
            ...array_keys(English::FORMS), ...English::EXACT, English::ROUNDED, English::PLACES, English::FIGURES,
            English::NUMBER_FORM, ...array_keys(English::NEAREST), ...array_keys(English::NUMBERS),
            ...array_column(English::FRAMES, 0), ...array_values(English::NOT_DONE),
            ...array_keys(English::SIGNS), ...array_keys(English::POWERS),
        ];
        preg_match_all("/(?<![\\w{:'])[a-z][a-z.'-]+(?![\\w}])/", implode(' ', $rows), $found);

        return new self(array_fill_keys($found[0], true));
    }

    public function knows(string $word): bool
    {
        $word = str_replace('’', "'", mb_strtolower($word));

        return preg_match('/^(?:\p{L}|&)$/u', $word) === 1 || isset($this->words[$word]);
    }

    /** Whether "a" before the word is the article. */
    public static function takesArticle(string $word): bool
    {
        return !\in_array(mb_strtolower($word), self::SMALL, true);
    }

    /** A word that asks for a job and is written nearly so; null where there is none. */
    public function near(string $word): ?string
    {
        $best = null;
        $least = (mb_strlen($word) < 5 ? self::NEAR - 1 : self::NEAR) + 1;
        foreach (explode(' ', English::VERBS) as $verb) {
            $distance = levenshtein(mb_strtolower($word), $verb);
            if ($distance < $least) {
                [$best, $least] = [$verb, $distance];
            }
        }

        return $best;
    }

    /** What Runel does not do, where a word, or it and the next one, asks for that; null where it does not. */
    public static function notDone(string $word, string $next): ?string
    {
        $said = [mb_strtolower($word), mb_strtolower("$word-$next")];
        foreach (English::NOT_DONE as $what => $words) {
            if (array_intersect($said, explode(' ', $words)) !== []) {
                return $what;
            }
        }

        return null;
    }
}
