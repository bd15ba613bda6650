<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A number as it is written, without a sign. */
final readonly class Digits implements Box
{
    public function __construct(public string $digits) {}

    /** The digits before the point in groups of three, from 1 000 up. */
    public function grouped(string $gap): string
    {
        return self::inGroups($this->digits, $gap);
    }

    /** Every long number in a text in groups. */
    public static function inText(string $text, string $gap): string
    {
        return (string) preg_replace_callback(
            '/(?<![\d.])\d{4,}/',
            static fn(array $match): string => self::inGroups($match[0], $gap),
            $text,
        );
    }

    /** @param string $digits without a sign */
    public static function inGroups(string $digits, string $gap): string
    {
        if (\strlen($digits) < 4) {
            return $digits;
        }
        [$whole, $rest] = [strtok($digits, '.') ?: '', strstr($digits, '.') ?: ''];
        if (\strlen($whole) < 4) {
            return $digits;
        }

        return strrev(implode(strrev($gap), str_split(strrev($whole), 3))) . $rest;
    }
}
