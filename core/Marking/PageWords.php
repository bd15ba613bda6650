<?php

declare(strict_types=1);

namespace Runel\Marking;

/** The words people write on a page of work, as patterns: spaces in a pattern count only where they are \s. */
final class PageWords
{
    /** A line that says there is no solution. */
    public const NONE = <<<'WORDS'
        /^\s* (?: (?:false|contradiction|not\s+true|impossible) \s*,?\s* (?:so\s+)? )?
        (?: (?:it|there|the\s+equation) \s+ (?:has|is|are) \s+ )?
        (?: no\s+ (?:real\s+)? (?:solutions?|roots?|answers?|values?) | none | ∅
          | (?:does|do)\s+not\s+have\s+ (?:any\s+)? (?:real\s+)? (?:solutions?|roots?)
          | impossible | not\s+possible | undefined | contradiction )
        (?: \s+ (?:since|because|as|so|for|exists?) \b.* )? \s*[.!]?\s*$/xiu
        WORDS;

    /** A line that says every value solves it. */
    public const ALL = <<<'WORDS'
        /^\s* (?:it\s+is\s+|is\s+)? (?: (?:true|holds|works) \s+for\s+ )?
        (?: (?:all|every|any) (?:\s+real)? (?:\s+ (?:numbers?|values?) )? (?:\s+ (?:of\s+)? \p{L} )?
          | (?:infinitely\s+many | infinite (?:\s+number\s+of)? ) (?:\s+ (?:solutions?|roots?) )?
          | always\s+true | (?:an?\s+)? identity | \p{L}\s+can\s+be\s+ (?:anything|any\s+number) )
        (?: \s+ (?:work|are\s+solutions) )? \s*[.!]?\s*$/xiu
        WORDS;

    /** A line that says every value solves it but some: what stands behind names them. */
    public const ALL_BUT = <<<'WORDS'
        /^\s* (?:it\s+is\s+|is\s+)? (?: (?:true|holds|works) \s+for\s+ )?
        (?: (?:all|every|any) (?:\s+real)? (?:\s+ (?:numbers?|values?) )? (?:\s+ (?:of\s+)? \p{L} )? )
        \s*,?\s* (?: (?: except(?:\s+for)? | but(?:\s+not)? | apart\s+from | other\s+than | excluding | without
            | with | where | if ) \s+ (?: \p{L}\s*(?:≠|!=|=|is\s+not|not) )? | \p{L}?\s*(?:≠|!=) )
        \s* (?=\S) ([^\p{L}]*? (?: \s+ and \s+ [^\p{L}]+? )*) \s*[.]?\s*$/xiu
        WORDS;

    /** A line that says a polynomial is not factored any further. */
    public const PRIME = <<<'WORDS'
        /^\s* (?:it\s+)? (?:is\s+)?
        (?: prime | irreducible | no\s+factors?
          | (?:does|do|can|could|will|is|it)? \s* (?:not|n[’']t|cannot|doesn[’']t|can[’']t|won[’']t) \s*
            (?:be\s+)? factor\w* )
        (?: \s+ (?:any\s+further|further|over\s+the\s+integers|completely) )? \s*[.!]?\s*$/xiu
        WORDS;

    /** Said of the line above or below; nothing that could be true or false by itself. */
    public const REMARK = <<<'WORDS'
        /^\s* (?: both\s+ (?:work|solutions\s+work|are\s+ (?:right|correct|solutions|valid) )
          | (?:repeated|double)\s+root | yes | no | works | does\s+not\s+work | true | false | correct | done
          | q\.?e\.?d\.? | as\s+required | let\s+me\s+check | by\s+ (?:the\s+)? (?:quadratic\s+)? formula
          | completing\s+the\s+square | factori[sz]ing | quadratic\s+formula | check | checking | [✓✔✗✘×?]+ )
        \s*[.:!]?\s*$/xiu
        WORDS;

    /** The four products of two brackets, each with its letter. */
    public const FOUR = '/^\s*(?:[FOIL]\s*[:=]\s*)?[^,;:=]+[,;]?\s*(?:[OIL]\s*[:=]\s*[^,;:=]+[,;]?\s*){1,3}$/u';

    /** A row of a grid that is drawn with bars, or candidates for a solution in a row: | 3x² | 15x |; ±1, ±2, ±1/2. */
    public const ROW = '/^\s*(?:\|(?:[^|=]*\|){2,}|'
        . '(?:p\/q\s*[:=]\s*)?±\s*\d+(?:\/\d+)?(?:\s*[,;]\s*±\s*\d+(?:\/\d+)?)+)\s*$/u';

    /** Pairs that are tried: 1x28, 2x14, 4x7; −30: −6, 5. */
    public const PAIRS = <<<'WORDS'
        /^\s* (?: [-−–+]?\d+ \s*:\s* [-−–+]?\d+ \s* (?:[,&x×*·]|and) \s* [-−–+]?\d+
          | \d+ \s*[x×]\s* \d+
          | [-−–+]?\d+ \s*[x×*·]\s* [-−–+]?\d+ (?: \s*[,;]\s* [-−–+]?\d+ \s*[x×*·]\s* [-−–+]?\d+ )+ ) \s*$/xiu
        WORDS;

    /** Before the values. */
    public const ROOTS = '/^\s*(?:so\s+)?(?:the\s+)?(?:roots?|zeros?)\s*(?:are|is|:|=)\s*/iu';

    /** Before the answer: of an equation its values. */
    public const ANSWER = <<<'WORDS'
        /^\s* (?:so\s+)? (?:(?:the|my)\s+)? (?:final\s+)? (?: ans(?:wers?)? | solutions? (?:\s+set)? ) \s*
        (?: are | is | [:=] | \s (?=[-−–±\d(√]) ) \s*/xiu
        WORDS;

    /** Numbers, one or several, and nothing else. */
    public const VALUES = '/^(?:[-−–+±\d.,;\/()√∨&\s]|sqrt|\b(?:or|and)\b)+$/iu';

    /** Operations that are written out, with their signs. */
    public const SIGNS = [
        '/(?<=[\p{L}\d)])\s+squared\b/iu' => '²',
        '/(?<=[\p{L}\d)])\s+cubed\b/iu' => '³',
        '/(?<=[\p{L}\d)²³])\s+times\s+(?=[-−(\d\p{L}])/iu' => '×',
        '/(?<=[\p{L}\d)²³])\s+plus\s+(?=[(\d\p{L}√])/iu' => '+',
        '/(?<=[\p{L}\d)²³])\s+minus\s+(?=[(\d\p{L}√])/iu' => '-',
        '/(?<=[\p{L}\d)²³])\s+divided\s+by\s+(?=[-−(\d\p{L}])/iu' => '÷',
        '/(?<=\d)or(?=\s)/iu' => ' ;',
    ];

    /** Quotation marks, and what is drawn behind a line in joy. */
    public const ORNAMENT = '/[“”„"«»]|[\x{1F300}-\x{1FAFF}\x{2600}-\x{2712}\x{2728}\x{2764}]\x{FE0F}?/u';

    /** A root said in words behind a number or a sign: 8 root 2. */
    public const ROOT = '/(?<=[\d)+\-−*·(=]\s)root(?=\s+\d)/iu';

    /** Between two solutions, like an “or” of logic: x = 2 v x = 3. */
    public const WEDGE = '/(=[^=]*\s)v(?=\s[^=]*=)/u';

    /** A pair in parentheses. */
    public const PAIR = '/^\s*\(\s*[^(),;|]+\s*[,;|]\s*[^(),;|]+\s*\)\s*[.!]?\s*$/u';

    /** What is done to both sides, on a line of its own: −5, | ÷2, ×3 both sides, −4   −4. */
    public const MARGIN = <<<'WORDS'
        /^\s*[|│‖]?\s* [-+−–×÷*·\/:]\s* (?: \d[\d.,]*\s*[A-Za-z]? | [A-Za-z] | √ )
        (?: \s+ (?: (?:on|to|from) \s+ )? (?:both|each)\s+sides? )? \s*
        (?: [-+−–×÷*·\/:]\s* (?: \d[\d.,]*\s*[A-Za-z]? | [A-Za-z] ) )? \s*$/xu
        WORDS;

    /** Between what is said side by side: a = 1, b = 3 and c = −10. */
    public const SIDE_BY_SIDE = '/\s*(?:[,;]|\band\b|\s{2,}|\s(?=\p{L}\s*=))\s*/u';

    /** What it is called, its place and its height are the groups; of a point alone nothing says which one it is. */
    public const VERTEX = <<<'WORDS'
        /^\s* (?: (?:the\s+)?
            ( vertex | turning\s+point | tp | v | (?:min(?:imum)?|max(?:imum)?) (?:\s+point)? ) \s*
            (?:is|at|=|:)?\s* (?:at\s*)?
        | [a-z]\s* )? \( \s* ([^,;|()]+) \s*[,;|]\s* ([^()|]+) \s* \) \s*[.!]?\s*$/xiu
        WORDS;

    /** The value that is let go is the group that is not empty. */
    public const REJECTED = <<<'WORDS'
        /^\s* (?:so\s+)? (?:reject|rejecting|discard|ignore|not) \s+ (?:\p{L}\s*=\s*)? (\S+) \s*$
        | ^\s* (?:\p{L}\s*=\s*)? (\S+) \s+ (?:is\s+)?
          (?: rejected | extraneous | not\s+ (?:a\s+)? (?:solution|valid) | does\s+not\s+work ) \s*$
        | ^\s* (?:\p{L}\s*=\s*)? (\S+?) \s* [✗✘] \s*$/xiu
        WORDS;

    /** What is, or is not, a factor is the first group; “is”, or its denial, the second. */
    public const FACTOR = <<<'WORDS'
        /^\s* (?:so\s+)? \(? ([^=()]+?) \)? \s+ (is\s+not|isn[’']t|is) \s+
        (?:also\s+)? (?:a|another|one) \s+ factor \b .*$/xiu
        WORDS;

    /** What was done, behind the line it made: (subtract 5), (÷2), (+3), (2 d.p.). */
    public const DONE = <<<'WORDS'
        /(?<=[\p{L}\d)²³⁴]) \s+ \( \s*
        (?: [-+−–×÷*·\/:] \s* [^()=,;]{1,12}
          | (?: subtract | subtracting | add | adding | divide | dividing | divided | multiply | multiplying
              | multiplied | times | minus | plus | take | taking | square | squaring | root | expand | expanding
              | collect | collecting | factor\w* | swap | both | bring | move | moving | simplify\w* | cancel\w*
              | rearrange | sub | substitut\w* | repeated | double | reject\w* | rounded | to | exact | since
              | because | by | \d+\s* (?: d\.?p\.? | s\.?f\.? | decimal | sig ) ) \b [^()]* )
        \) \s*$/xiu
        WORDS;

    /** Behind a value, adding nothing to it. */
    public const ONLY = <<<'WORDS'
        /(?<=[\w)]) \s+
        (?: only | is\s+the\s+only\s+solution | twice | (?:to|correct\s+to)\s+\d+\s* (?:d\.?p\.?|s\.?f\.?)
          | repeated | as\s+required | q\.?e\.?d\.? | done | ✓ )
        \s*[.!]?\s*$/xiu
        WORDS;

    /** A reason behind a line. */
    public const BECAUSE = '/(?<=[\w)²³⁴])\s*[,;]?\s+(?:because|since|as)\s.*$/iu';

    /** Before a line. */
    public const LABEL = <<<'WORDS'
        /^\s* (?: answer | ans | solution | lhs | rhs | working | result | so\s+the\s+answer\s+is | final\s+answer
          | step\s*\d+ ) \s* [:=] \s*
        | ^\s* (?: firsts? | outers? | outside | inners? | inside | lasts? ) \s* : \s*/xiu
        WORDS;

    /** Behind a number, where none of its letters stands in the problem. */
    public const UNIT = <<<'WORDS'
        /(?<=\d) \s* (cm|mm|km|kg|ml|metres?|meters?|seconds?|minutes?|hours?|years?|units?|degrees?|°) \s*[.]?\s*$/xiu
        WORDS;
}
