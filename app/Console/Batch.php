<?php

declare(strict_types=1);

namespace App\Console;

use App\Contract\Requested;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/** One request a line in, one answer a line out, in the same order; nothing is kept, and no line takes another down. */
final readonly class Batch
{
    /** Bytes of one line; longer ones are answered as bad requests without being read whole. */
    private const LINE = 65536;
    private const JSON = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES
        | \JSON_INVALID_UTF8_SUBSTITUTE;
    /** What a text may begin with to say how it is encoded; it is not part of it. */
    private const MARK = "\u{FEFF}";

    public function __construct(private Requested $requested) {}

    /**
     * @param resource                                                $input
     * @param resource                                                $output
     * @param \Closure(array<array-key, mixed>): array<string, mixed> $answer
     */
    public function run($input, $output, \Closure $answer): void
    {
        $first = true;
        while (($line = fgets($input, self::LINE)) !== false) {
            $whole = str_ends_with($line, "\n") || feof($input);
            while (!$whole && ($rest = fgets($input, self::LINE)) !== false && !str_ends_with($rest, "\n")) {
                continue;
            }
            if ($first && str_starts_with($line, self::MARK)) {
                $line = substr($line, \strlen(self::MARK));
            }
            $first = false;
            if ($whole && trim($line) === '') {
                continue;
            }
            $written = json_encode($this->line($whole ? $line : '', $answer), self::JSON);
            fwrite($output, $written . "\n");
        }
    }

    /**
     * @param \Closure(array<array-key, mixed>): array<string, mixed> $answer
     *
     * @return array<string, mixed>
     */
    private function line(string $line, \Closure $answer): array
    {
        $request = str_starts_with(ltrim($line), '{') ? json_decode($line, true, 16) : null;

        return \is_array($request) ? $answer($request) : $this->requested->error(new BadRequest(
            Message::of('error.not-json'),
        ));
    }
}
