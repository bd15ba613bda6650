<?php

declare(strict_types=1);

namespace App\Sheet;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Role;
use Runel\Message\Message;
use Runel\Style\Moving;

/** The general steps of a way, read off a demonstration in the house's own order, each with the steps that do it. */
final readonly class MethodCard
{
    /** What belongs to a problem and not to the way. */
    private const LEFT_OUT = ['see', 'seen', 'twin', 'twin-product', 'agree', 'none'];
    /** Work on what is left over is the same work. */
    private const INNER = '/^(?:rest|quadratic|square)-(?=[a-z])/';

    /** @param list<CardLine> $lines */
    private function __construct(public Demonstration $demonstration, public array $lines) {}

    /** @param \Closure(string): bool $isWritten whether there are words under a key */
    public static function of(Demonstration $demonstration, \Closure $isWritten): self
    {
        $across = $demonstration->task->style->get(Moving::class) === Moving::Across;
        $steps = [];
        $words = [];
        foreach ($demonstration->steps() as $place => $step) {
            $kind = self::kind($step->id);
            if ($step->role === Role::Reading || \in_array($kind, self::LEFT_OUT, true)) {
                continue;
            }
            $steps[$kind][] = $place + 1;
            $words[$kind] ??= self::words($demonstration->method, $kind, (int) $across, $isWritten) ?? $step->title;
        }

        return new self($demonstration, array_map(
            static fn(string $kind, int $number): CardLine => new CardLine($number + 1, $words[$kind], $steps[$kind]),
            array_keys($steps),
            array_keys(array_keys($steps)),
        ));
    }

    /**
     * What the way itself calls the step, or any way.
     *
     * @param \Closure(string): bool $isWritten
     */
    private static function words(string $method, string $kind, int $across, \Closure $isWritten): ?Message
    {
        foreach (["card.way.$method.$kind", "card.kind.$kind"] as $key) {
            foreach (["$key.$across", $key] as $own) {
                if ($isWritten($own)) {
                    return Message::of($own);
                }
            }
        }

        return null;
    }

    /** The number of the line that a step does; null where it does none. */
    public function doneBy(int $step): ?int
    {
        foreach ($this->lines as $line) {
            if (\in_array($step, $line->steps, true)) {
                return $line->number;
            }
        }

        return null;
    }

    private static function kind(string $id): string
    {
        $bare = (string) preg_replace('/(?:^\d+-)|(?:-?\d+(?:\.\d+)?)+$|(?:-\d+)(?=-|$)/', '', $id);

        return (string) preg_replace(self::INNER, '', $bare);
    }
}
