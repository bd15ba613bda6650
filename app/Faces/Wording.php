<?php

declare(strict_types=1);

namespace App\Faces;

use Illuminate\Contracts\Translation\Translator;
use Runel\Expression\Node;
use Runel\Message\Message;

/**
 * Turns messages into sentences of one language, the mathematics in them written by one notation.
 */
final readonly class Wording
{
    /**
     * @param \Closure(Node): string   $mathematics writes an expression in the face's notation
     * @param \Closure(string): string $escape      makes plain words safe for the face
     */
    public function __construct(
        private Translator $translator,
        private string $locale,
        private \Closure $mathematics,
        private \Closure $escape,
    ) {}

    public function say(Message $message): string
    {
        $replacements = [];
        foreach ($message->parameters as $name => $value) {
            $replacements[':' . $name] = match (true) {
                $value instanceof Node => ($this->mathematics)($value),
                $value instanceof Message => $this->say($value),
                default => ($this->escape)((string) $value),
            };
        }

        return strtr(($this->escape)($this->line($message)), $replacements);
    }

    /** A word or sentence without mathematics. */
    public function word(string $key): string
    {
        return $this->say(Message::of($key));
    }

    /** A line may hold two forms, "one thing|:count things": the count decides. */
    private function line(Message $message): string
    {
        $line = $this->translator->get($message->key, [], $this->locale);
        $line = \is_string($line) ? $line : $message->key;
        $count = $message->parameters['count'] ?? null;
        if (!str_contains($line, '|') || !\is_int($count)) {
            return $line;
        }
        [$one, $many] = explode('|', $line, 2);

        return $count === 1 ? $one : $many;
    }
}
