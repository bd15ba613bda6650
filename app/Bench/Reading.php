<?php

declare(strict_types=1);

namespace App\Bench;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Job\Jobs;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Problem\Problem;
use Runel\Sentence\Heard;

/**
 * What Runel makes of what has been typed so far: nothing yet, a problem with its offers, or a refusal with its place.
 */
final readonly class Reading
{
    /** @param list<Offer> $offers */
    private function __construct(
        public Address $address,
        public ?Problem $problem,
        public array $offers,
        public ?Refusal $refusal,
        public ?Worksheet $worksheet = null,
    ) {}

    /** @param Refusal|null $turnedDown why what was asked for cannot be shown, where that is known already */
    public static function of(Address $address, Demonstrations $demonstrations, ?Refusal $turnedDown = null): self
    {
        if (trim($address->problem()) === '') {
            return new self($address, null, [], $turnedDown);
        }
        $worksheet = Worksheet::of($address, $demonstrations);
        if ($worksheet !== null) {
            return new self($address, null, [], null, $worksheet);
        }
        try {
            $task = $address->task();

            return new self($address, $task->problem, $demonstrations->offers($task), $turnedDown);
        } catch (Refusal $refusal) {
            return new self($address, null, [], $refusal);
        }
    }

    /** @return list<Heard> what else was asked, each of which can be taken off */
    public function heard(): array
    {
        return array_values(array_filter(
            $this->problem?->asked->heard ?? [],
            static fn(Heard $heard): bool => $heard->kind !== 'passed',
        ));
    }

    /** @return list<Heard> what was passed over */
    public function passed(): array
    {
        return array_values(array_filter(
            $this->problem?->asked->heard ?? [],
            static fn(Heard $heard): bool => $heard->kind === 'passed',
        ));
    }

    /** @return array<string, string> a formula without a letter named: it for each letter, likely ones first */
    public function subjects(): array
    {
        $problem = $this->problem;
        $isOpen = $problem !== null && $problem->node instanceof Equation && $problem->subject === null
            && \count($problem->letters) > 1 && $this->fitting() === [];
        $links = [];
        foreach ($isOpen ? $problem->letters : [] as $letter) {
            if ($letter !== Letter::PI) {
                $typed = rtrim($this->address->problem(), " .?\t") . " for $letter";
                $links[$letter] = $this->address->about($typed)->to('bench', ['step' => null]);
            }
        }
        // People ask for x, then for what does not stand alone already.
        $alone = $problem?->node instanceof Equation && $problem->node->left instanceof Letter
            ? $problem->node->left->name
            : '';
        uksort($links, static fn(string $one, string $other): int
            => [$one === $alone, $one !== 'x', $one] <=> [$other === $alone, $other !== 'x', $other]);

        return $links;
    }

    /** Why there is no way at all, as the first that says more than that it does not fit. */
    public function whyNone(): Message
    {
        $reasons = array_map(static fn(Offer $offer): ?Refusal => $offer->refusal, $this->refused());
        $telling = array_values(array_filter(
            $reasons,
            static fn(?Refusal $refusal): bool => $refusal !== null && !$refusal instanceof MethodDoesNotApply,
        ));
        $family = $this->problem === null ? null : Jobs::all()->chosen($this->problem, null);
        $own = $this->problem === null ? null : $family?->reason($this->problem);

        return $own ?? $telling[0]->reason ?? $reasons[0]->reason ?? Message::of('error.no-job');
    }

    /** The bench without a part of what was typed. */
    public function without(Heard $heard): string
    {
        return $this->address->about($heard->without($this->address->problem()))->to('bench', ['step' => null]);
    }

    /** @return array<string, list<Offer>> the offers that fit, by job */
    public function fitting(): array
    {
        $fitting = [];
        foreach ($this->offers as $offer) {
            if ($offer->forecast !== null) {
                $fitting[$offer->method->job()][] = $offer;
            }
        }

        return $fitting;
    }

    /** @return list<Offer> the offers that do not fit, with their reasons */
    public function refused(): array
    {
        return array_values(array_filter($this->offers, static fn(Offer $offer): bool => $offer->forecast === null));
    }

    /** Why the method asked for does not fit, where one was asked for that does not. */
    public function turnedDown(): ?Message
    {
        if ($this->refusal !== null) {
            return $this->problem === null ? null : $this->refusal->reason;
        }
        $asked = $this->problem?->asked;
        foreach ($this->refused() as $offer) {
            $wanted = $this->address->reference->method ?? $asked?->method($offer->method->job());
            if ($offer->method->id() === $wanted) {
                return $offer->refusal?->reason;
            }
        }

        return null;
    }
}
