<?php

declare(strict_types=1);

namespace App\Bench;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Algebra\Structure;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Marking\OtherReading;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Problem\Problem;
use Runel\Sentence\Heard;
use Runel\Sentence\Phrases;

/**
 * What Runel makes of what has been typed so far: nothing yet, a problem with its offers, or a refusal with its place.
 */
final readonly class Reading
{
    /** A letter above and letters close behind a number below: 3V/4π, but not 1/2x. */
    private const OVER_LETTERS = '/\p{L}[²³)]?\s*[\/÷]\s*\d*\p{L}/u';

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

    /** @return list<Structure> what stands there to be seen before anything is multiplied out */
    public function structures(): array
    {
        return $this->problem === null ? [] : Structure::in($this->problem->node);
    }

    /** The problem as it is read, what is seen first lit in it. */
    public function shown(): ?Node
    {
        $first = $this->structures()[0] ?? null;

        return $first === null ? $this->problem?->node : $first->lit($this->problem->node ?? $first->parts[0]);
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
            $typed = rtrim($this->address->problem(), " .?\t") . " for $letter";
            $links[$letter] = $this->address->about($typed)->to('bench', ['step' => null]);
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

    /** @return array<string, string> what else could be asked in its place, and the bench that asks it */
    public function changes(Heard $heard): array
    {
        $fitting = $this->fitting();
        $job = (string) array_key_first($fitting);
        $phrases = match ($heard->kind) {
            'job' => array_values(array_intersect_key(Phrases::JOBS, $fitting)),
            'method' => array_values(array_intersect_key(Phrases::METHODS[$job] ?? [], array_flip(array_map(
                static fn(Offer $offer): string => $offer->method->id(),
                $fitting[$job] ?? [],
            )))),
            'rounding' => Phrases::ROUNDINGS,
            default => [],
        };
        $links = [];
        foreach ($phrases as $phrase) {
            $own = $heard->from === 0 ? mb_strtoupper(mb_substr($phrase, 0, 1)) . mb_substr($phrase, 1) : $phrase;
            if (mb_strtolower($heard->text) !== mb_strtolower($phrase)) {
                $links[$phrase] = $this->address->about($heard->replaced($this->address->problem(), $own))
                    ->to('bench', ['step' => null]);
            }
        }

        return $links;
    }

    /** Whether something is left to be read where it is taken off. */
    public function canDoWithout(Heard $heard): bool
    {
        return $heard->kind !== 'job' || \count($this->fitting()) > 1;
    }

    /** @return string|null the bench with what was passed over read as mathematics; null where it can be none */
    public function asMathematics(Heard $heard): ?string
    {
        $typed = $heard->asMathematics($this->address->problem());

        return $typed === null ? null : $this->address->about($typed)->to('bench', ['step' => null]);
    }

    /** @return array{Node, string}|null the other reading of 3V/4π, and the bench that reads it so */
    public function otherwise(): ?array
    {
        $typed = $this->address->problem();
        $other = OtherReading::of($typed);
        if ($this->problem === null || $other === $typed || preg_match(self::OVER_LETTERS, $typed) !== 1) {
            return null;
        }
        try {
            $read = Problem::read($other);
        } catch (Refusal) {
            return null;
        }

        return [$read->node, $this->address->about($other)->to('bench', ['step' => null])];
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
