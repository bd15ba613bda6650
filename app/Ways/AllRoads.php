<?php

declare(strict_types=1);

namespace App\Ways;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Notation\Ascii;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** One problem by every way there is, each with its landmarks, and whether all of them arrive at the same. */
final readonly class AllRoads
{
    /** @param non-empty-list<Demonstration> $demonstrations the one to take first */
    private function __construct(public Address $address, public string $job, public array $demonstrations) {}

    /** @throws Refusal when nothing fits */
    public static function of(Address $address, Demonstrations $demonstrations): self
    {
        $task = $address->task();
        $fitting = array_filter(
            $demonstrations->offers($task),
            static fn(Offer $offer): bool => $offer->forecast !== null
                && ($address->reference->job === null || $offer->method->job() === $address->reference->job),
        );
        $job = array_values($fitting)[0]->method ?? null;
        $shown = [];
        foreach ($fitting as $offer) {
            if ($job !== null && $offer->method->job() === $job->job()) {
                $shown[] = $demonstrations->of($task, $job->job(), $offer->method->id());
            }
        }

        return $job === null || $shown === []
            ? throw new MethodDoesNotApply(Message::of('error.nothing-fits'))
            : new self($address, $job->job(), $shown);
    }

    /** Whether all arrive at the same, as they are written for machines. */
    public function agree(): bool
    {
        return \count(array_unique(array_map(
            static fn(Demonstration $demonstration): string => self::arrived($demonstration),
            $this->demonstrations,
        ))) === 1;
    }

    /**
     * Where each part of the work begins: the first step with a line of every section.
     *
     * @return list<array{Section, Step}>
     */
    public function landmarks(Demonstration $demonstration): array
    {
        $landmarks = [];
        foreach ($demonstration->sections as $section) {
            $written = array_filter($section->steps, static fn(Step $step): bool => $step->lines !== []);
            $last = end($written);
            if ($last !== false) {
                $landmarks[] = [$section, $last];
            }
        }

        return $landmarks;
    }

    /** What a landmark arrives at: the same solutions stand in one order, whichever way found which of them first. */
    public function reached(Step $landmark): Line
    {
        $line = $landmark->lines[\count($landmark->lines) - 1];
        $first = $this->demonstrations[0]->answer->node();

        return $line->node instanceof Alternatives && $first instanceof Alternatives
            && $line->link === Link::Result && self::ordered($line->node) === self::ordered($first)
                ? Line::result($first)
                : $line;
    }

    /** @return list<string> */
    private static function ordered(Alternatives $solutions): array
    {
        $written = array_map(Ascii::write(...), $solutions->equations);
        sort($written);

        return $written;
    }

    public function board(Demonstration $demonstration): string
    {
        return $this->address->to('board', [
            'job' => $this->job,
            'method' => $demonstration->method,
            'step' => 1,
        ]);
    }

    private static function arrived(Demonstration $demonstration): string
    {
        $solutions = array_map(Ascii::write(...), $demonstration->answer->solutions() ?? []);
        sort($solutions);

        return $solutions === [] ? self::value($demonstration) : implode(' or ', $solutions);
    }

    /** Quotient and remainder, or what an expression is worth, whatever form it was brought to. */
    private static function value(Demonstration $demonstration): string
    {
        $parts = array_filter([$demonstration->answer->quotient(), $demonstration->answer->remainder()]);
        if ($parts !== []) {
            return implode(' | ', array_map(Ascii::write(...), $parts));
        }
        $node = $demonstration->answer->node();
        try {
            return $node instanceof Expression
                ? Ascii::write(Polynomial::fromExpression($node)->toExpression())
                : $demonstration->answer->type()->value;
        } catch (NotPolynomial) {
            return Ascii::write($node);
        }
    }
}
