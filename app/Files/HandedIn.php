<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Runel\Message\Message;

/** What was pasted or uploaded, as text. */
final readonly class HandedIn
{
    /** In bytes; a pile of thirty learners takes a tenth of it. */
    private const LARGEST = 300_000;

    /** @param bool $isTable whether it came as a CSV file */
    private function __construct(public string $text, public bool $isTable) {}

    /** @throws NoText */
    public static function of(Request $request): self
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if ($file->getError() === \UPLOAD_ERR_INI_SIZE || $file->getSize() > self::LARGEST) {
                throw self::tooLarge();
            }
            if (!$file->isValid()) {
                throw new NoText(Message::of('pile.upload-failed'));
            }

            return new self(
                self::text($file->getContent()),
                strtolower($file->getClientOriginalExtension()) === 'csv',
            );
        }
        $text = $request->input('text');
        if (!\is_string($text)) {
            return new self('', false);
        }

        return \strlen($text) > self::LARGEST ? throw self::tooLarge() : new self(self::text($text), false);
    }

    public static function pasted(string $text): self
    {
        return new self($text, false);
    }

    /** @throws NoText when it is no text */
    public static function text(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            !mb_check_encoding($bytes, 'UTF-8') && !str_contains($bytes, "\0")
                => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
            default => $bytes,
        };
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1 || !mb_check_encoding($text, 'UTF-8')) {
            throw new NoText(Message::of('pile.binary'));
        }

        return str_replace(["\r\n", "\r"], "\n", $text);
    }

    private static function tooLarge(): NoText
    {
        return new NoText(Message::of('pile.too-large', ['limit' => intdiv(self::LARGEST, 1000)]));
    }
}
