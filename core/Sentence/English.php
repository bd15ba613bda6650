<?php

declare(strict_types=1);

namespace Runel\Sentence;

/**
 * How people ask in English, in either dialect: data, one row a way of asking. A pattern is words with spaces between
 * them: "a|b" either, "?a" or without it, "{set}" any word of a set, "{set}*" any number of them; M:name a run of
 * mathematics, E:name one with an equals sign, L:name a single letter, N:name a number.
 */
final class English
{
    /** Words that stand for one another. */
    public const SETS = [
        'factor' => 'factor factorise factorize factoring factorising factorizing factored factorised factorized',
        'expand' => 'expand expanding multiply distribute',
        'find' => 'find determine calculate compute evaluate state obtain derive prove get give work write what which'
            . " identify read what's whats deriving",
        'say' => 'write express rewrite put give change convert',
        'show' => 'show prove verify check confirm demonstrate',
        'by' => 'by using with via through use employing applying apply',
        'so' => 'if when where such so that for which in given satisfying is what makes make will',
        'the' => 'the a an this these its of following given both all each every real exact integer whole two three',
        'kind' => 'quadratic cubic quartic linear radical polynomial algebraic literal square simple equation equations'
            . ' expression expressions trinomial binomial binomials formula formulae product brackets bracket'
            . ' parentheses function identity surd parabola curve graph number numbers letter unknown variable problem'
            . ' factors factor polynomials term terms gcf hcf greatest highest common values',
        'curve' => 'parabola curve graph function quadratic equation expression line polynomial',
        'root' => 'root roots zero zeros zeroes solution solutions x-intercept x-intercepts intercept intercepts',
        'your' => 'your the all both each any final',
        'answer' => 'answer answers solution solutions root roots value values result results working',
        'giving' => 'giving give gives write writing leave leaving express expressing state stating round rounding'
            . ' rounded correct accurate showing show to in',
        'fully' => 'fully completely out up down first again',
        'and' => 'and then also',
    ];

    /** Operations that are written out. */
    public const SIGNS = ['plus' => '+', 'minus' => '-', 'times' => '*', 'over' => '/', 'equals' => '='];
    public const POWERS = ['squared' => '²', 'cubed' => '³'];

    /** Words that somebody who has mistyped one may have meant. */
    public const VERBS = 'factor factorise factorize factoring expand multiply solve divide complete completing'
        . ' rearrange simplify square quadratic formula subject remainder decimal significant';

    /**
     * What asks for nothing Runel does otherwise: passed over, and told.
     *
     * @var list<string>
     */
    public const PASSED = [
        'please', 'pls', 'plz', 'kindly', 'can|could|would|will you ?please ?help ?me', 'help me ?to',
        'i need help with', 'i need|want|have to', 'help ?me with', 'how do|would|can|should i|you|we',
        'how do|would|can|should L', 'how to', 'for me',
        '{by} ?using any|a|the ?suitable|appropriate|algebraic|valid method ?of ?your ?choice',
        '{by} the ?given|indicated|stated|shown|specified method ?given|indicated|stated|shown '
            . '?in ?brackets|parentheses',
        'what do|will|would you|we|i get|obtain when|if you|we|i', 'complete|completing ?the square {and} ?hence|so',
        'a|the {curve} has|with|is|given ?given ?by ?the ?equation|equations', 'algebraically', 'thanks|thank ?you',
        '?{and} hence ?or ?otherwise {find} ?out ?down {the}* '
            . 'minimum|maximum|least|greatest|smallest|largest|lowest|highest|turning ?value|point ?of ?the ?{curve}',
        '{and} {find} ?out ?down {the}* '
            . 'minimum|maximum|least|greatest|smallest|largest|lowest|highest|turning ?value|point ?of ?the ?{curve}',
        'hence ?or ?otherwise', 'or otherwise',
        '?by showing|show ?all ?of ?{your} work|working|steps|workings', 'giving|give ?your reasons',
        '?{and} checking|check ?{your} ?{answer} ?for extraneous ?{root}', '?{and} checking|check {your} {answer}',
        '?{and} check ?for ?extraneous {root}', 'to be found', 'where are to be found',
        '?where L ?L ?L ?and L are ?all ?rational integers|constants|numbers',
        'where L ?and ?L ?is|are ?an ?a integer|constant',
        'where L ?L ?and ?L is|are ?all ?an ?a ?positive ?real rational|integer|integers|whole|constant|constants '
            . '?number|numbers',
        '?{and} ?{giving} ?{your} ?{answer} in ?its terms of ?the L ?L ?L ?L ?and ?L',
        'for all ?real ?values ?of ?L',
        '?{and} stating|state|giving|give|finding|find ?down the value|values of ?the ?constants L ?L ?L ?and L',
        '?{and} simplify|simplifying {your} answer|answers|result ?fully|completely',
        '{and} state|stating|give|giving|note|noting|list ?any|the|all restrictions|restriction ?on|for ?the '
            . '?variable',
        '?{and} state|stating|give|giving|note|noting ?any|the|all restrictions|restriction on|for ?the '
            . '?value|values ?of L',
        'stating|giving|noting ?any|the|all restrictions|restriction',
        '{and} state|stating|give|giving|note|noting|list ?any|the|all excluded values|value ?of ?L',
        'state|give|note|list ?any|the|all excluded values|value of L',
        'do|without ?not ?using|use a calculator',
        '?{and} justify|justifying|explain|explaining ?{your} ?answer|answers|reasoning|why',
        '{and} say|state how many ?real|distinct {root} it|there has|are',
        '?{and} reject|rejecting|discard|discarding ?any ?extraneous|false {root}',
        "don't use a calculator", 'if possible',
        'over the integers',
        'with integer coefficients',
        'in its simplest form',
        'in simplest form',
        'as far as possible',
        'step by step',
        'in full',
        'exercise',
        'question',
        'example',
        'answer',
    ];

    /**
     * The methods people name, by job; none where it leads to no way of its own.
     *
     * @var array<string, array<string, string>>
     */
    public const METHODS = [
        '?the remainder|factor theorem' => [],
        'completing the square' => ['solve' => 'completing-square'],
        'completion of the square' => ['solve' => 'completing-square'],
        '?the quadratic formula' => ['solve' => 'formula'],
        'the formula' => ['solve' => 'formula'],
        'formula' => ['solve' => 'formula'],
        '{factor} ?by grouping' => ['solve' => 'factoring', 'factor' => 'grouping'],
        '{factor} ?it' => ['solve' => 'factoring'],
        'factorisation|factorization' => ['solve' => 'factoring'],
        '?factor grouping' => ['factor' => 'grouping', 'solve' => 'factoring'],
        '?a|the substitution E' => ['solve' => 'substitution', 'factor' => 'substitution'],
        'letting|let|setting|substituting|writing|putting E' => ['solve' => 'substitution', 'factor' => 'substitution'],
        '?a|the substitution' => ['solve' => 'substitution', 'factor' => 'substitution'],
        'clearing|multiplying ?out ?by ?the ?lowest|least ?common denominators|denominator|fractions' => [
            'solve' => 'clear-denominators',
        ],
        '?the ?basic law|laws|rule|rules of indices|exponents|powers' => ['simplify' => 'powers'],
        'index|exponent law|laws|rules' => ['simplify' => 'powers'],
        'splitting|decomposing the middle term' => ['factor' => 'split-middle'],
        'decomposition' => ['factor' => 'split-middle'],
        'synthetic division' => ['divide' => 'synthetic', 'solve' => 'rational-roots', 'factor' => 'rational-roots'],
        '?polynomial|algebraic|algebraical long division' => ['divide' => 'long'],
        'algebraic division' => ['divide' => 'long'],
        '?a|the ?multiplication grid|box|table ?method' => ['multiply' => 'grid', 'divide' => 'grid'],
        '?in columns' => ['multiply' => 'columns'],
        '?the foil ?method|rule' => ['multiply' => 'term-by-term'],
        '?the distributive property|law|rule' => ['multiply' => 'term-by-term'],
        'term ?by term' => ['multiply' => 'term-by-term'],
        '?the square roots|root ?method|property' => ['solve' => 'square-roots'],
        'taking|extracting ?the square roots|root ?of ?both ?sides' => ['solve' => 'square-roots'],
        '?the rational roots|root theorem|test' => ['solve' => 'rational-roots', 'factor' => 'rational-roots'],
        '?the balance|balancing ?method' => ['solve' => 'balance', 'rearrange' => 'balance'],
        '?the difference of ?two squares' => ['factor' => 'special', 'solve' => 'factoring'],
        '?the cross ?method|products' => ['factor' => 'cross'],
        '?the scaling ?method' => ['factor' => 'scale'],
        'trial ?and ?error|improvement' => ['factor' => 'trial'],
        'inspection' => [],
        'algebra' => [],
        'taking|take out ?a|the ?highest|greatest|largest common factor|term' => [],
    ];

    /**
     * Ways that are said without "by" or "using".
     *
     * @var array<string, array<string, string>>
     */
    public const ADVERBS = [
        'term by term' => ['multiply' => 'term-by-term', 'divide' => 'term-by-term'],
        'in columns' => ['multiply' => 'columns'],
        'degree by degree' => ['multiply' => 'by-degree'],
        'place by place' => ['multiply' => 'by-place'],
    ];

    /**
     * How the answer is to be written.
     *
     * @var array<string, string> the form by its pattern
     */
    public const FORMS = [
        'in|into ?the|its ?completed|complete square form' => 'vertex',
        'in|into ?the|its completed-square|vertex form' => 'vertex',
        'as|into ?a|the product ?of ?{the}* ?linear|prime|irreducible|two|its|quadratic ?linear|quadratic '
            . 'factors|binomials|brackets|quadratics|trinomials|polynomials' => 'factored',
        'as|into ?a|the product' => 'factored',
        'as ?a|the difference of ?two squares' => 'factored',
        'in ?fully|completely|its {factor} form' => 'factored',
        'in ?fully|its expanded|multiplied form' => 'expanded',
        'without|with ?the|any ?no brackets|parentheses' => 'expanded',
        'in descending|ascending|falling powers ?of ?L' => 'expanded',
        'as a|one ?single fraction' => 'fraction',
        'as ?a single|one root' => 'root',
        'with a rational|whole denominator' => 'root',
        'as ?one a fraction' => 'fraction',
        '?{and} ?{giving} ?{your} ?{answer} as ?a|one ?single power of N' => 'power',
        '?{and} ?{giving} ?{your} ?{answer} as ?a|one ?single power of L' => 'power',
        '?{and} ?{giving} ?{your} ?{answer} as ?a|one ?single power' => 'power',
        '?{and} ?{giving} ?{your} ?{answer} with|using|without|in ?only ?any positive|negative '
            . 'exponents|indices|powers ?only' => 'power',
        '?{and} {giving} ?{your} ?{answer} ?only positive exponents|indices|powers ?only' => 'power',
        '?{and} ?{giving} ?{your} ?{answer} in index|exponential|exponent|power form|notation' => 'power',
    ];

    /** The quadratic formula asked for without an equation, and the one it is for. */
    public const FORMULA_ITSELF = '/\b(?:derive|deriving|prove|obtain|develop)\b.*\bquadratic formula\b/i';
    public const FORMULA_OF = 'ax^2+bx+c=0';

    /** A form that is written out, of an answer in numbers. */
    public const NUMBER_FORM = '{giving} {your} {answer} ?correct in the form M:f';

    /** Exact answers. */
    public const EXACT = [
        'exactly',
        '?{and} {giving} {your} {answer} as a|an ?exact ?simplified|mixed|improper fraction|fractions|number '
            . '?in ?its|the '
            . '?lowest|simplest ?terms|form',
        '?{giving} ?{your} ?{answer} ?as|in exact ?form|value|values|answers|answer|solutions',
        '?{giving} ?{your} ?{answer} ?in|as ?a|one ?single|simplified|simplest surd|radical ?form',
        '?{giving} ?{your} ?{answer} ?in|as ?simplified|simplest surds|radicals ?form',
    ];

    /** Rounded ones: to so many places. */
    public const ROUNDED = '?{and} ?{giving} ?{your} ?{answer} ?to ?{giving} ?to';
    public const PLACES = 'N:n decimal|d.p|dp|d.p. ?places|place';
    public const FIGURES = 'N:n significant|sig|s.f|sf|s.f. ?figures|figure|figs|fig|digits';
    /** @var array<string, int> the places by the words */
    public const NEAREST = [
        'the nearest ?whole integer|number' => 0, 'the nearest tenth' => 1, 'the nearest hundredth' => 2,
        'the nearest thousandth' => 3,
    ];

    public const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];

    /**
     * The ways of asking, the most special first: pattern, job, what is made of the mathematics, what is sought.
     *
     * @var list<array{string, string|null, string, string|null}>
     */
    public const FRAMES = [
        // what is given
        [
            'given|if|since|as ?that M:g is a factor of {the}* {kind}* M:a {factor} {fully}* ?it|M:b '
                . '{fully}*',
            'factor', 'given', null,
        ],
        [
            'given|if|since|as ?that M:g is a factor of {the}* {kind}* M:a ?{find} ?out {the}* ?other '
                . '?{root} solve|of|to|it ?E:b',
            'solve', 'given', null,
        ],
        [
            'given|if|since|as ?that M:g is a factor of {the}* {kind}* M:a solve {the}* {kind}* E:b',
            'solve', 'given', null,
        ],
        [
            '{show} ?that M:g is a factor of {the}* {kind}* M:a {and}* {factor} {fully}* ?it|M:b {fully}*',
            'factor', 'given', null,
        ],
        [
            '{show} ?that M:g is a factor of {the}* {kind}* M:a {and}* solve {the}* {kind}* E:b',
            'solve', 'given', null,
        ],
        // a letter in a division
        [
            'when|if|given ?that M:b ?is divided by M:a ?it ?leaves ?a ?the remainder ?is ?of M:r {find} ?out {the}*'
                . ' ?value ?of L:l',
            'divide', 'unknown-remainder', null,
        ],
        [
            'when|if|given ?that M:a is a factor of {the}* {kind}* M:b {find} ?out {the}* ?value ?of L:l',
            'divide', 'unknown-factor', null,
        ],
        [
            '?{find} ?out ?{the}* ?value|values|number ?of L:l {so}* M:a ?is a factor of {the}* {kind}* M:b',
            'divide', 'unknown-factor', null,
        ],
        [
            '?{find} ?out ?{the}* ?value|values|number ?of L:l {so}* M:b ?is ?exactly divisible by M:a',
            'divide', 'unknown-factor', null,
        ],
        [
            '?{find} ?out ?{the}* ?value|values|number ?of L:l {so}* the remainder ?is M:r when M:b ?is '
                . 'divided by M:a ?is',
            'divide', 'unknown-remainder', null,
        ],
        [
            '?{find} ?out ?{the}* ?value|values|number ?of L:l {so}* M:b ?is|when divided by M:a '
                . 'leaves|has|gives|with|the ?a|the ?remainder ?of|is ?a ?of|is M:r',
            'divide', 'unknown-remainder', null,
        ],
        [
            'the remainder when|if|of M:b ?is divided by M:a is|equals|as M:r {find} ?out {the}* ?value ?of '
                . '?constant L:l',
            'divide', 'unknown-remainder', null,
        ],
        ['M:a ?leaves|with|has|gives ?a|the remainder ?is|of M:r for L:l', 'divide', 'remainder', null],
        [
            'for which|what value|values of L:l is M:a a factor of {the}* {kind}* M:b',
            'divide', 'unknown-factor', null,
        ],
        // divisions
        ['is M:a ?also a factor of {the}* {kind}* M:b', 'divide', 'factor-of', 'factor'],
        ['{find} ?out whether|if M:a is a factor of {the}* {kind}* M:b', 'divide', 'factor-of', 'factor'],
        ['{find} ?out whether|if M:b is ?exactly divisible by M:a', 'divide', 'factor-of', 'factor'],
        ['carry|perform ?out the division ?of M:a', 'divide', 'plain', null],
        ['is {the}* M:b ?exactly divisible by M:a', 'divide', 'factor-of', 'factor'],
        ['{show} ?that|whether|if M:a is a factor of {the}* {kind}* M:b', 'divide', 'factor-of', 'factor'],
        ['{show} ?that|whether|if M:b is ?exactly divisible by M:a', 'divide', 'factor-of', 'factor'],
        [
            '?{find} ?out ?down ?is ?the quotient ?and ?the ?remainder ?when|of|if|for {the}* {kind}* M:a '
                . '?is ?are divided by M:b',
            'divide', 'quotient', 'quotient',
        ],
        [
            '?{find} ?out ?down ?is ?the remainder ?and ?the ?quotient ?when|of|if|for {the}* {kind}* M:a '
                . '?is divided by M:b',
            'divide', 'quotient', 'remainder',
        ],
        ['?{find} ?out ?is M:a divided by M:b', 'divide', 'quotient', null],
        ['divide {the}* {kind}* M:a by M:b', 'divide', 'quotient', null],
        ['divide {the}* {kind}* M:b into M:a', 'divide', 'quotient', null],
        ['divide {the}* {kind}* M:a', 'divide', 'plain', null],
        [
            '?{find} ?out ?is ?the quotient|remainder ?and ?the ?remainder|quotient ?when|of|in {the}* '
                . '{kind}* M:a',
            'divide', 'plain', null,
        ],
        // the quadratic formula itself
        [
            '{find} ?out {the}* quadratic formula ?for|from|by|starting|to ?with|from ?solving|solve {the}* '
                . '{kind}* E:a',
            'solve', 'derived', null,
        ],
        [
            '{find} ?out {the}* formula for ?solving {the}* ?{root} ?of {the}* {kind}* E:a',
            'solve', 'derived', null,
        ],
        // formulas
        ['make|making L:l the subject ?of|in {the}* {kind}* M:a', 'rearrange', 'letter', null],
        [
            'rearrange|transpose|change|rewrite {the}* {kind}* to|and|so ?that ?make|get|give|find|isolate L:l ?is|as '
                . '?the ?subject ?of|in {the}* {kind}* M:a',
            'rearrange', 'letter', null,
        ],
        [
            'M:a make|rearrange|transpose ?to|for ?make|find|get L:l ?is|as ?the ?subject',
            'rearrange', 'letter', null,
        ],
        [
            'rearrange|transpose|change|rewrite|solve {the}* {kind}* M:a ?to|so ?that '
                . '?make|making|get|give|find|isolate L:l ?is|as ?the ?subject',
            'rearrange', 'letter', null,
        ],
        [
            'rearrange|transpose|rewrite|solve {the}* {kind}* ?for L:l ?in {the}* {kind}* M:a',
            'rearrange', 'letter', null,
        ],
        ['rearrange|transpose {the}* {kind}* M:a for|to L:l', 'rearrange', 'letter', null],
        ['change the subject of {the}* {kind}* M:a to L:l', 'rearrange', 'letter', null],
        ['change the subject ?of {the}* {kind}* to L:l ?in|of|for {the}* {kind}* M:a', 'rearrange', 'letter', null],
        [
            '{say} L:l ?in ?terms ?of ?L ?L ?L ?and ?L ?given|if|when|from|where|using ?that {the}* {kind}* E:a',
            'rearrange', 'letter', null,
        ],
        [
            'given|if|when|from|using ?that {the}* {kind}* E:a {say} L:l ?in ?terms ?of ?L ?L ?L ?and ?L',
            'rearrange', 'letter', null,
        ],
        ['{the}* {kind}* E:a ?is ?given {find} ?down ?{the}* {kind}* ?for L:l', 'rearrange', 'letter', null],
        ['given ?that ?the {kind}* E:a {find} ?{the}* {kind}* ?for L:l', 'rearrange', 'letter', null],
        [
            '{find} ?{the}* {kind}* for L:l ?given|if|when|from|using ?that {the}* {kind}* E:a',
            'rearrange', 'letter', null,
        ],
        ['rearrange|transpose {the}* {kind}* E:a', 'rearrange', 'plain', null],
        [
            '?what|which number|term completes the square ?of|for|in {the}* {kind}* M:a',
            'complete-square', 'plain', 'number',
        ],
        // the square
        [
            'M:a {find} ?out ?down ?{the}* ?its|the coordinates|co-ordinates ?of ?its|the '
                . 'vertex|turning|minimum|maximum|stationary ?point',
            'complete-square', 'curve', 'vertex',
        ],
        ['M:a {find} ?out ?down its|the vertex|turning ?point', 'complete-square', 'curve', 'vertex'],
        ['M:a {find} ?out ?down its|the minimum|least ?value|point', 'complete-square', 'curve', 'least'],
        ['M:a {find} ?out ?down its|the maximum|greatest ?value|point', 'complete-square', 'curve', 'greatest'],
        ['complete|completing the square ?for|in|on|of|with {the}* {kind}* M:a', 'complete-square', 'plain', null],
        [
            '?{find} ?out ?down ?are ?is ?{the}* coordinates|co-ordinates of ?the '
                . 'vertex|turning|minimum|maximum ?point ?of|on ?{the}* {curve}* M:a',
            'complete-square', 'curve', 'vertex',
        ],
        [
            '?{find} ?out ?down ?is ?{the}* vertex|turning ?point ?of|on ?{the}* {curve}* M:a',
            'complete-square', 'curve', 'vertex',
        ],
        [
            '?{find} ?out ?down ?is ?{the}* minimum|least|smallest|lowest ?value|point ?of|on ?{the}* '
                . '{curve}* M:a',
            'complete-square', 'curve', 'least',
        ],
        [
            '?{find} ?out ?down ?is ?{the}* maximum|greatest|largest|highest ?value|point ?of|on ?{the}* '
                . '{curve}* M:a',
            'complete-square', 'curve', 'greatest',
        ],
        [
            '?{find} ?out ?down ?is ?{the}* ?equation ?of ?the line|axis of symmetry ?of|for ?{the}* '
                . '{curve}* M:a',
            'complete-square', 'curve', 'symmetry',
        ],
        // equations
        ['{show} ?that|whether|if M:v satisfies|solves {the}* {kind}* M:a', 'solve', 'zero', 'is-root'],
        ['does M:v satisfy|solve {the}* {kind}* M:a', 'solve', 'zero', 'is-root'],
        ['?{find} ?out ?down ?is ?{the}* discriminant of|for ?the {the}* {kind}* M:a', 'solve', 'zero', 'discriminant'],
        [
            '?{find} ?out ?down ?is ?{the}* sum of ?the ?its {root} of|for {the}* {kind}* M:a',
            'solve', 'zero', 'sum-of-roots',
        ],
        [
            '?{find} ?out ?down ?is ?{the}* product of ?the ?its {root} of|for {the}* {kind}* M:a',
            'solve', 'zero', 'product-of-roots',
        ],
        ['is ?{the}* M:v {the}* {root} of|to|for {the}* {kind}* M:a', 'solve', 'zero', 'is-root'],
        ['{show} ?that|whether|if M:v is ?{the}* {root} of|to|for {the}* {kind}* M:a', 'solve', 'zero', 'is-root'],
        [
            '?{find} ?out ?down ?are ?is ?{the}* ?what ?are {root} of|to|for ?{the}* {kind}* M:a',
            'solve', 'zero', 'roots',
        ],
        ['where does {the}* {curve}* M:a cross|meet|cut|touch the x-axis', 'solve', 'zero', 'roots'],
        ['solve|solving {the}* {kind}* ?for L:l ?in|the ?following {kind}* M:a', 'solve', 'letter', null],
        ['solve|solving {the}* {kind}* M:a ?for L:l', 'solve', 'letter', null],
        [
            '?{find} ?out ?is ?are ?{the}* ?value|values ?of L:l {so}* ?the ?following {kind}* E:a',
            'solve', 'letter', null,
        ],
        ['if|when|given ?that E:a ?{find} ?out ?is ?{the}* ?value|values ?of L:l', 'solve', 'letter', null],
        [
            '?{fully} {factor} ?{fully} ?it ?{and} ?hence solve|solving {the}* {kind}* M:a',
            'solve', 'solve-factored', null,
        ],
        [
            '?{fully} {factor} ?{fully} {the}* {kind}* M:b ?{fully} ?{and} ?hence ?{and} solve|solving {the}* '
                . '{kind}* E:a',
            'solve', 'factor-then-solve', null,
        ],
        [
            'let|letting|put|putting|set|setting E:u {and}* solve {the}* {kind}* E:a',
            'solve', 'solve-substituted', null,
        ],
        ['solve|solving {the}* {kind}* M:a', 'solve', 'solve', null],
        // products
        ['?{find} ?out ?down ?is ?{the}* expansion of {the}* {kind}* M:a', 'multiply', 'plain', null],
        ['{expand} ?out {the}* {kind}* M:a by|and|with|times M:b', 'multiply', 'product', null],
        ['?{find} ?out ?down ?is ?the product of {the}* {kind}* M:a and|with|times M:b', 'multiply', 'product', null],
        ['?{find} ?out ?is M:a times|multiplied ?by M:b', 'multiply', 'product', null],
        [
            '{expand} ?out ?{and} ?simplify|collect ?like ?terms {the}* {kind}* M:a ?{and} ?simplify|collect '
                . '?like ?terms',
            'multiply', 'plain', null,
        ],
        ['foil ?out {the}* {kind}* M:a', 'multiply', 'foil', null],
        ['{expand} ?out {the}* brackets|parentheses ?in|of|from {the}* {kind}* M:a', 'multiply', 'plain', null],
        [
            'remove|open|clear|break ?out ?up {the}* brackets|parentheses ?in|of|from {the}* {kind}* M:a',
            'multiply', 'plain', null,
        ],
        ['?{find} ?out ?is ?{the}* square of {the}* {kind}* M:a', 'multiply', 'square', null],
        ['?{find} ?out ?is ?{the}* cube of {the}* {kind}* M:a', 'multiply', 'cube', null],
        ['square {the}* {kind}* M:a', 'multiply', 'square', null],
        ['cube {the}* {kind}* M:a', 'multiply', 'cube', null],
        // factors
        ['{find} {the}* gcf|hcf|gcd ?{and} {factor} ?out {the}* {kind}* M:a', 'factor', 'plain', null],
        ['resolve|break|split ?up ?down into ?linear factors {the}* {kind}* M:a', 'factor', 'plain', null],
        ['resolve|break|split {the}* {kind}* M:a into ?linear factors', 'factor', 'plain', null],
        [
            '?fully|completely {factor} {fully}* {the}* {kind}* {fully}* M:a {fully}* ?it ?{fully}*',
            'factor', 'plain', null,
        ],
        ['?{find} ?out ?down ?are ?{the}* factors of {the}* {kind}* M:a', 'factor', 'plain', null],
        ['take|taking out ?{the}* common factor|term ?of|from|in {the}* {kind}* M:a', 'factor', 'plain', null],
        // forms
        ['?{show} ?that M:a can|may be written|expressed ?as ?in ?the ?form M:b', 'show', 'equal', null],
        ['{show} ?that M:a can|may be simplified|reduced ?to|as M:b', 'show', 'equal', null],
        ['{show} ?that M:a simplifies|reduces to M:b', 'show', 'equal', null],
        ['{say} {the}* {kind}* M:a in the form M:b', 'form', 'form', null],
        ['M:a in the form M:b', 'form', 'form', null],
        ['{the}* {kind}* M:a can|may be written|expressed ?as ?in ?the ?form M:b', 'form', 'form', null],
        ['{say} {the}* {kind}* M:a as M:b', 'form', 'form', null],
        [
            '{show} ?that|whether {the}* {kind}* M:a is|equals ?equal|equivalent|identical ?to|with ?the '
                . '?same ?as M:b',
            'show', 'equal', null,
        ],
        ['{show} ?that|whether|if {the}* {kind}* M:a has|have no ?real {root}', 'solve', 'plain', 'no-real'],
        [
            '?{find} ?down ?out ?any ?the|all excluded|restricted value|values ?of ?L ?in|of|for|from {the}* {kind}* '
                . 'M:a',
            'simplify', 'plain', 'excluded',
        ],
        [
            '?{find} ?down ?out ?any ?the|all restrictions|restriction ?on|of|for ?the ?variable ?in|of|for {the}* '
                . '{kind}* M:a',
            'simplify', 'plain', 'excluded',
        ],
        [
            '?for what|which value|values ?of L is|are {the}* {kind}* M:a ?not undefined|meaningless|defined',
            'simplify', 'plain', 'excluded',
        ],
        [
            '?{find} ?down ?out ?all ?the value|values of L for|at which {the}* {kind}* M:a is|are ?not '
                . 'undefined|meaningless|defined',
            'simplify', 'plain', 'excluded',
        ],
        [
            '?{find} ?down ?out ?any ?all ?the value|values of L that|which must|should|have|has|need|needs ?to be '
                . 'excluded|left ?out in|from|of|for {the}* {kind}* M:a',
            'simplify', 'plain', 'excluded',
        ],
        ['how many ?real|distinct|different {root} does|do {the}* {kind}* M:a have ?got', 'solve', 'plain', 'count'],
        ['how many ?real|distinct|different {root} has|have {the}* {kind}* M:a ?got', 'solve', 'plain', 'count'],
        [
            '?{find} ?out ?down ?is ?{the}* nature of ?the ?its {root} of|for {the}* {kind}* M:a',
            'solve', 'zero', 'count',
        ],
        ['{find} ?out ?the number of ?real|distinct {root} ?of {the}* {kind}* M:a ?has', 'solve', 'plain', 'count'],
        ['derive {the}* quadratic formula ?for|from|of {the}* {kind}* M:a', 'solve', 'plain', null],
        ['{show} ?that|whether {the}* {kind}* M:a', 'show', 'plain', null],
        ['?what|find ?is ?out {the}* M:a squared', 'multiply', 'square', null],
        ['?what|find ?is ?out {the}* M:a cubed', 'multiply', 'cube', null],
        ['M:a ?solve|solved|rearranged for L:l', null, 'letter', null],
        ['M:a solve ?it|this', 'solve', 'solve', null],
        ['M:a {factor} ?it|this {fully}*', 'factor', 'plain', null],
        ['M:a {expand} ?it|this ?out ?{and} ?simplify', 'multiply', 'plain', null],
        ['M:a simplify ?it|this {fully}*', null, 'simplify', null],
        [
            'what|which ?number|term ?must|should ?has|needs|do|is ?to ?be ?you|we added|add to {the}* {kind}* M:a '
                . 'to|so ?that ?it ?make|form|give|get|complete|becomes|is ?it {the}* perfect square ?trinomial',
            'complete-square', 'plain', 'number',
        ],
        ['for L:l M:a', null, 'letter', null],
        // nothing in particular
        ['collect|combine|gather ?up ?the like terms ?in|of {the}* {kind}* M:a', null, 'plain', null],
        ['?fully|completely simplify {fully}* {the}* {kind}* M:a {fully}*', null, 'simplify', null],
        [
            'rationalise|rationalize|rationalising|rationalizing ?the ?denominator|denominators ?of ?in ?{and} '
                . '?simplify {the}* {kind}* M:a ?{and} ?simplify {fully}*',
            'simplify', 'plain', null,
        ],
        ['add|adding {the}* {kind}* M:a and|to {the}* {kind}* M:b', null, 'sum', null],
        ['?find {the}* sum of {the}* {kind}* M:a and {the}* {kind}* M:b', null, 'sum', null],
        ['subtract|subtracting|take|taking {the}* {kind}* M:a from {the}* {kind}* M:b', null, 'difference', null],
        [
            'add|adding|subtract|subtracting ?{and} ?simplify {the}* {kind}* ?fraction|fractions M:a ?{and} '
                . '?simplify {fully}*',
            'simplify', 'plain', null,
        ],
        ['find|calculate|evaluate|compute|determine {the}* {kind}* M:a', null, 'plain', null],
        ['{find} ?down ?out {the}* value ?of {the}* {kind}* M:a', null, 'plain', null],
        ['{find} down {the}* {kind}* M:a', null, 'plain', null],
        ['work out {the}* {kind}* M:a', null, 'worked', null],
        ['what is|are {the}* {kind}* M:a', null, 'plain', null],
        ['{say} {the}* {kind}* M:a', null, 'plain', null],
        ['do|try {the}* {kind}* M:a', null, 'plain', null],
        ['the {kind}* M:a', null, 'plain', null],
        ['M:a', null, 'plain', null],
    ];

    /** What Runel does not do, by the words that ask for it. */
    public const NOT_DONE = [
        'graph' => 'draw sketch plot graph drawing sketching plotting graphing graphically',
        'calculus' => 'differentiate differentiating derivative integrate integral gradient tangent',
        'inequality' => 'inequality inequalities',
        'simultaneous' => 'simultaneous simultaneously elimination',
        'sequence' => 'sequence series nth',
        'numbers' => 'multiple multiples even odd consecutive',
        'collect' => 'add subtract adding subtracting',
        'complex' => 'complex imaginary',
        'condition' => 'equal-roots equal-solutions repeated-root repeated-roots repeated-solution distinct-real'
            . ' distinct-roots distinct-solutions',
        'inverse' => 'inverse',
        'story' => 'whose varies twice proportional area perimeter rectangle triangle speed age cost price width '
            . 'length height years',
    ];
}
