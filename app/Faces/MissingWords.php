<?php

declare(strict_types=1);

namespace App\Faces;

use Psr\Log\LoggerInterface;

/**
 * A key without words, or words that want a parameter nobody gave: a defect. Tests hear of it at once, readers never
 * see a key.
 */
final readonly class MissingWords
{
    private const INSTEAD = '…';

    /** @param bool $strict whether it is thrown instead of logged */
    public function __construct(private LoggerInterface $log, private bool $strict) {}

    public function words(string $key): string
    {
        return $this->note("There are no words for $key.");
    }

    public function parameter(string $key, string $name): string
    {
        return $this->note("The words of $key want $name.");
    }

    private function note(string $fault): string
    {
        if ($this->strict) {
            throw new \LogicException($fault);
        }
        $this->log->error($fault);

        return self::INSTEAD;
    }
}
