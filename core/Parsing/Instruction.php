<?php

declare(strict_types=1);

namespace Runel\Parsing;

/**
 * The words people type around the mathematics: what is asked for, and the name of a function. What is left has them
 * blanked out, so that every character keeps its place.
 */
final readonly class Instruction
{
    /** Stands for "divided by" between two polynomials, binding less than anything else. */
    public const BY = "\u{E000}";
    /** Stands for "is a factor of". */
    public const FACTOR_OF = "\u{E001}";
    /** Stands for "the remainder is". */
    public const REMAINDER = "\u{E002}";
    /** Stands for "when", after a remainder that is said first. */
    public const WHEN = "\u{E003}";

    private const SUBJECT = '/^\s*(?:please\s+)?make\s+([a-z])\s+the\s+subject(?:\s+of)?(?![a-z])\s*:?/iu';
    private const UNKNOWN = '/^\s*(?:please\s+)?(?:find|determine|which)\s+(?:the\s+(?:value|number)\s+(?:of\s+)?)?'
        . '([a-z])\s+(?:so\s+that|such\s+that|so|if|given\s+that|for\s+which|makes)\s+/iu';
    private const FIRST_REMAINDER = '/^(\s*)(?:the\s+)?remainder\s+is\b(.*?\S)\s+when(?=\s)/iu';
    private const LAST_REMAINDER = '/(?<=[\s)\d]),?\s*(?:(?:with|leaves|has|gives)\s+)?(?:a\s+|the\s+)?remainder'
        . '(?:\s+(?:of|is)(?![a-z])|\s*=)?(?=[\s\d(+\-−]|$)/iu';
    private const VERBS = [
        'factor(?:i[sz]e)?(?:\s+(?:fully|completely|out))*' => Asked::Factor,
        'write\s+(?:it\s+)?as\s+a\s+product(?:\s+of)?' => Asked::Factor,
        '(?:expand|multiply(?:\s+out)?|work\s+out)(?:\s+and\s+(?:simplify|collect))?' => Asked::Multiply,
        'remove\s+(?:the\s+)?(?:brackets|parentheses)(?:\s+(?:in|of|from))?' => Asked::Multiply,
        'solve' => Asked::Solve,
        '(?:show|prove|verify|check)\s+that' => Asked::Show,
        'complete\s+the\s+square(?:\s+(?:for|in|on|of))?' => Asked::CompleteSquare,
        'divide' => Asked::Divide,
        'find\s+the\s+(?:remainder|quotient)\s+(?:when|of)' => Asked::Divide,
        'rearrange' => Asked::Rearrange,
        'simplify|calculate|evaluate|compute|find|what\s+is' => null,
    ];
    private const OBJECT = '(?:\s+(?:the\s+)?(?:equation|expression|quadratic|trinomial|polynomial|formula|product|'
        . 'brackets|parentheses|following|completely|fully)(?![a-z]))*';

    private function __construct(
        public ?Asked $asked,
        public ?string $subject,
        public ?string $function,
        public string $rest,
    ) {}

    public static function none(): self
    {
        return new self(null, null, null, '');
    }

    public static function taken(string $input): self
    {
        $rest = $input;
        $asked = null;
        $subject = null;
        $found = false;
        if (preg_match(self::SUBJECT, $rest, $match) === 1) {
            [$asked, $subject, $found] = [Asked::Rearrange, $match[1], true];
            $rest = self::blank($rest, $match[0]);
        }
        if (!$found && preg_match(self::UNKNOWN, $rest, $match) === 1) {
            [$asked, $subject, $found] = [Asked::Divide, $match[1], true];
            $rest = (string) preg_replace('/(?<=^|\s)when(?=\s)/iu', '    ', self::first(
                self::blank($rest, $match[0]),
            ), 1);
        }
        foreach ($found ? [] : self::VERBS as $words => $meaning) {
            $verb = '/^\s*(?:please\s+)?(?:' . $words . ')(?![a-z])' . self::OBJECT
                . '(?:\s+for\s+([a-z])(?=\s*:))?\s*:?/iu';
            if (preg_match($verb, $rest, $match) === 1) {
                $asked = $meaning;
                $subject = $meaning === Asked::Rearrange ? ($match[1] ?? null) : null;
                $rest = self::blank($rest, $match[0]);
                break;
            }
        }
        if ($asked === Asked::Divide) {
            $rest = self::replaced($rest, '/(?<=[\s)\d])(?:is\s+)?(?:divided\s+)?by(?=[\s(])/iu', self::BY);
        }
        $rest = self::replaced($rest, self::LAST_REMAINDER, self::REMAINDER);
        if ($asked === Asked::Show || $subject !== null) {
            $rest = self::replaced($rest, '/(?<=[\s)\d])is\s+a\s+factor\s+of(?=[\s(])/iu', self::FACTOR_OF);
        }
        if ($asked === Asked::Show) {
            $rest = self::replaced(
                $rest,
                '/(?<=[\s)\d])(?:(?:can|may)\s+be\s+written|is\s+equal\s+to|equals|is\s+the\s+same\s+as)'
                    . '(?:\s+(?:as|in\s+the\s+form))?(?=[\s(])/iu',
                '=',
            );
        }
        $function = null;
        if (preg_match('/^\s*([fghpqPQ]\s*\(\s*([A-Za-z])\s*\))\s*=(?=.*\S)/u', $rest, $match) === 1) {
            $function = (string) preg_replace('/\s+/', '', $match[1]);
            $rest = self::blank($rest, $match[0]);
        }

        return new self($asked, $subject, $function, self::withoutEnd($rest));
    }

    /** With signs in place of "the remainder is … when", where that comes first. */
    private static function first(string $rest): string
    {
        return (string) preg_replace_callback(
            self::FIRST_REMAINDER,
            static function (array $match): string {
                $is = mb_strlen($match[0]) - mb_strlen($match[1]) - mb_strlen($match[2]);
                $when = mb_strlen((string) preg_replace('/^.*?(\s+when)$/su', '$1', $match[0]));

                return $match[1] . self::REMAINDER . str_repeat(' ', $is - $when - 1) . $match[2]
                    . self::WHEN . str_repeat(' ', $when - 1);
            },
            $rest,
        );
    }

    /** Without "= ?" and the like at the end, and with ≡ as an equals sign. */
    private static function withoutEnd(string $rest): string
    {
        $rest = str_replace('≡', '=', $rest);
        if (preg_match('/\S/u', $rest) === 1) {
            foreach (['/\s(?:completely|fully|please)\s*$/iu', '/[?.;!]\s*$/u', '/\?\s*$/u', '/=\s*$/u'] as $end) {
                $rest = self::replaced($rest, $end, '');
            }
        }

        return $rest;
    }

    private static function blank(string $text, string $part): string
    {
        return str_repeat(' ', mb_strlen($part)) . mb_substr($text, mb_strlen($part));
    }

    /** Puts a sign in place of the first match, filled up with spaces. */
    private static function replaced(string $text, string $pattern, string $sign): string
    {
        return (string) preg_replace_callback(
            $pattern,
            static fn(array $match): string => $sign . str_repeat(' ', mb_strlen($match[0]) - mb_strlen($sign)),
            $text,
            1,
        );
    }
}
