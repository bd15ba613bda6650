<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Notation\Ascii;

/** What a sentence asks for, besides the mathematics in it: only what was said. */
final readonly class Asked
{
    /** The job of "show that": whatever leads there. */
    public const SHOW = 'show';

    /**
     * @param string|null           $job     a job's id, or SHOW
     * @param array<string, string> $methods by job, the id of the method that was named; under "" for any job
     * @param string|null           $form    vertex, factored, expanded, or as it was typed: a(x+h)^2+k
     * @param string|null           $letter  the one that is wanted
     * @param list<Expression>      $given   what is said to be a factor
     * @param string|null           $seeks   what of the answer is wanted: roots, vertex, least, remainder, …
     * @param list<Heard>           $heard   in the order of the sentence
     */
    public function __construct(
        public ?string $job = null,
        public array $methods = [],
        public ?string $form = null,
        public ?Rounding $rounding = null,
        public ?string $letter = null,
        public array $given = [],
        public ?string $seeks = null,
        public array $heard = [],
    ) {}

    public static function nothing(): self
    {
        return new self();
    }

    /** The id of the method that was named for a job; null where none was, or none that the job has. */
    public function method(string $job): ?string
    {
        return $this->methods[$job] ?? null;
    }

    /** @return array<string, string|list<string>> what was asked, by the contract's names */
    public function toArray(?string $job = null): array
    {
        return array_filter([
            'job' => $this->job,
            'method' => $job === null ? null : $this->method($job),
            'form' => $this->form,
            'rounding' => $this->rounding === null ? null : (string) $this->rounding,
            'letter' => $this->letter === null ? null : Ascii::write(new Letter($this->letter)),
            'given' => array_map(Ascii::typed(...), $this->given),
            'seeks' => $this->seeks,
        ], static fn(mixed $part): bool => $part !== null && $part !== []);
    }
}
