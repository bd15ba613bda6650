<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Notation\Ascii;

/** "(b) Hence solve …": what a part of a problem asks for that starts from the part before it. */
final class Hence
{
    private const WORD = '/\bhence\b(?:,?\s*or\s+otherwise)?,?/iu';
    /** What a part asks of the mathematics before it, by the words for it. */
    private const ASKS = [
        'solve' => '/\b(?:solv\w*|roots?|zeros|solutions?|x-intercepts?)\b/iu',
        'find the turning point of' => '/\b(?:turning|vertex)\b/iu',
        'find the least value of' => '/\b(?:minimum|least|smallest|lowest)\b/iu',
        'find the greatest value of' => '/\b(?:maximum|greatest|largest|highest)\b/iu',
        'find the line of symmetry of' => '/\bsymmetry\b/iu',
        'factorise' => '/\bfactor\w*\b/iu',
        'expand' => '/\b(?:expand|multiply)\w*\b/iu',
    ];
    /** The way that goes on from what was done before, by what was done and what is asked. */
    private const BY = [
        'factor solve' => 'by factorising',
        'complete-square solve' => 'by completing the square',
    ];

    public static function isSaid(string $line): bool
    {
        return preg_match(self::WORD, $line) === 1;
    }

    /**
     * The part as a sentence of its own.
     *
     * @param bool                $isWhole whether its mathematics stands in it
     * @param Expression|Equation $before  what the part before is about
     * @param string|null         $done    the job that was asked there
     *
     * @return string|null null where nothing is asked that goes on from there
     */
    public static function sentence(
        string $line,
        bool $isWhole,
        Expression|Equation $before,
        ?string $done,
    ): ?string {
        foreach (self::ASKS as $verb => $words) {
            if (preg_match($words, $line) !== 1) {
                continue;
            }
            $by = self::BY["$done $verb"] ?? '';
            if ($isWhole) {
                $bare = trim((string) preg_replace(self::WORD, '', Furniture::taken($line)[0]), " \t.");

                return $by === '' || preg_match('/\b(?:by|using)\b/iu', $line) === 1 ? $bare : "$bare $by";
            }
            $side = $before instanceof Equation ? $before->left : $before;
            $about = match (true) {
                $verb === 'solve' && $before instanceof Expression => Ascii::typed($before) . ' = 0',
                $verb === 'solve' => Ascii::typed($before),
                default => Ascii::typed($side),
            };

            return trim("$verb $about $by");
        }

        return null;
    }
}
