<?php

declare(strict_types=1);

namespace App\Faces;

use Illuminate\Contracts\Translation\Translator;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Notation\Box\Digits;
use Runel\Notation\PlainText;

/**
 * Turns messages into sentences of one language, the mathematics in them written by one notation.
 */
final class Wording
{
    /** @var array<string, string> what is said without parameters, escaped, by key */
    private array $said = [];
    /** @var array<string, string|null> the lines themselves, by key; null where there are no words */
    private array $lines = [];
    /** @var array<string, list<string>> words made safe and names of parameters, in turn, by the line they make */
    private array $parts = [];

    /**
     * @param \Closure(Node): string   $mathematics writes an expression in the face's notation
     * @param \Closure(string): string $escape      makes plain words safe for the face
     */
    public function __construct(
        private readonly Translator $translator,
        private readonly string $locale,
        private readonly \Closure $mathematics,
        private readonly \Closure $escape,
        private readonly MissingWords $missing,
    ) {}

    public function say(Message $message): string
    {
        if ($message->parameters === []) {
            return $this->said[$message->key] ??= $this->filled($message, $this->line($message));
        }

        return $this->filled($message, $this->line($message));
    }

    /** A word or sentence without mathematics. */
    public function word(string $key): string
    {
        return $this->say(Message::of($key));
    }

    /** Only the parameters that the line names are written. */
    private function filled(Message $message, string $line): string
    {
        $parts = $this->parts($line);
        $written = $parts[0];
        for ($place = 1, $count = \count($parts); $place < $count; $place += 2) {
            $name = $parts[$place];
            $value = $message->parameters[$name] ?? null;
            if ($value === null) {
                return $this->missing->parameter($message->key, $name);
            }
            $written .= match (true) {
                $value instanceof Node => ($this->mathematics)($value),
                $value instanceof Message => $this->say($value),
                \is_int($value) => ($value < 0 ? '−' : '') . Digits::inGroups((string) abs($value), PlainText::GAP),
                default => ($this->escape)((string) $value),
            } . $parts[$place + 1];
        }

        return $written;
    }

    /** @return list<string> words made safe and names of parameters, in turn */
    private function parts(string $line): array
    {
        if (!isset($this->parts[$line])) {
            $parts = [];
            foreach (preg_split('/:([a-z][A-Za-z]*)/', $line, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $place => $part) {
                $parts[] = $place % 2 === 0 ? ($this->escape)($part) : $part;
            }
            $this->parts[$line] = $parts;
        }

        return $this->parts[$line];
    }

    /** A line may hold two forms or three, "one thing|both things|:count things": the count decides. */
    private function line(Message $message): string
    {
        if (!\array_key_exists($message->key, $this->lines)) {
            $found = $this->translator->get($message->key, [], $this->locale);
            $this->lines[$message->key] = \is_string($found) && $found !== $message->key ? $found : null;
        }
        $line = $this->lines[$message->key];
        if ($line === null) {
            return $this->missing->words($message->key);
        }
        $count = $message->parameters['count'] ?? null;
        if (!str_contains($line, '|') || !\is_int($count)) {
            return $line;
        }
        $forms = explode('|', $line);

        return match (true) {
            $count === 1 => $forms[0],
            $count === 2 => $forms[1],
            default => $forms[\count($forms) - 1],
        };
    }
}
