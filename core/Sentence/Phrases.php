<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** What a sentence says where something else is to be asked: the words that are heard as it. */
final class Phrases
{
    /** @var array<string, string> the verb of a job */
    public const JOBS = [
        'multiply' => 'expand',
        'factor' => 'factor',
        'solve' => 'solve',
        'complete-square' => 'complete the square of',
        'divide' => 'divide',
        'show' => 'show that',
        'simplify' => 'simplify',
    ];

    /** @var array<string, array<string, string>> how a way is asked for, by job and method */
    public const METHODS = [
        'multiply' => [
            'grid' => 'with a grid',
            'term-by-term' => 'term by term',
            'by-degree' => 'degree by degree',
            'columns' => 'in columns',
            'by-place' => 'place by place',
        ],
        'factor' => [
            'split-middle' => 'by splitting the middle term',
            'cross' => 'by the cross method',
            'trial' => 'by trial and error',
            'scale' => 'by the scaling method',
        ],
        'solve' => [
            'factoring' => 'by factoring',
            'formula' => 'by the formula',
            'completing-square' => 'by completing the square',
            'square-roots' => 'by taking square roots',
        ],
        'divide' => [
            'synthetic' => 'by synthetic division',
            'long' => 'by long division',
            'grid' => 'with a grid',
        ],
    ];

    /** @var list<string> how many places are asked for */
    public const ROUNDINGS = [
        'to 1 decimal place',
        'to 2 decimal places',
        'to 3 decimal places',
        'to 3 significant figures',
        'exactly',
    ];
}
