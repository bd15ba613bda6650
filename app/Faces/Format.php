<?php

declare(strict_types=1);

namespace App\Faces;

/** The formats a whole demonstration is handed over in. */
enum Format: string
{
    case Text = 'text';
    case Json = 'json';
    case Latex = 'latex';
    case Markdown = 'markdown';
    case Speech = 'speech';

    /** The ending of a file in this format. */
    public function extension(): string
    {
        return match ($this) {
            self::Text => 'txt',
            self::Json => 'json',
            self::Latex => 'tex',
            self::Markdown => 'md',
            self::Speech => 'speech.txt',
        };
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Text, self::Speech => 'text/plain',
            self::Json => 'application/json',
            self::Latex => 'application/x-tex',
            self::Markdown => 'text/markdown',
        };
    }

    public static function ofExtension(string $extension): ?self
    {
        foreach (self::cases() as $format) {
            if ($format->extension() === $extension) {
                return $format;
            }
        }

        return null;
    }

    /** @return list<self> those that are offered as files */
    public static function files(): array
    {
        return [self::Latex, self::Markdown, self::Json, self::Text];
    }
}
