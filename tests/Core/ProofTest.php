<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Law\Claim\AllSolve;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\Count;
use Runel\Law\Claim\Denominator;
use Runel\Law\Claim\Divides;
use Runel\Law\Claim\DivisionHolds;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Excluded;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;
use Runel\Law\Claim\NamedValues;
use Runel\Law\Claim\NoSolution;
use Runel\Law\Claim\RootsBetween;
use Runel\Law\Claim\SameDegree;
use Runel\Law\Claim\SameSolutions;
use Runel\Law\Claim\SameWhereDefined;
use Runel\Law\Claim\SolutionCount;
use Runel\Law\Claim\Solves;
use Runel\Law\Claim\SubjectOf;
use Runel\Law\Move\CollectSubject;
use Runel\Law\Move\CompareCoefficients;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Move;
use Runel\Law\Move\Operation;
use Runel\Law\Move\QuadraticFormula;
use Runel\Law\Move\RaiseBothSides;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\SquareBothSides;
use Runel\Law\Move\Substitute;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\TakeLeftSide;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;

/** What is proved, what is refuted, and what is left undecided. */
final class ProofTest extends TestCase
{
    /** @return iterable<array{string, string, string}> */
    public static function lines(): iterable
    {
        yield ['(2x+1)(x+3)', '2x^2+7x+3', 'same'];
        yield ['(2x+1)(x+3)', '2x^2+7x+4', 'unrelated'];
        yield ['sqrt(12)', '2sqrt(3)', 'same'];
        yield ['sqrt(2)sqrt(3)', 'sqrt(6)', 'same'];
        yield ['sqrt(2)+sqrt(3)', 'sqrt(5)', 'unrelated'];
        yield ['(x+sqrt(2))(x-sqrt(2))', 'x^2-2', 'same'];
        yield ['1/(1+sqrt(2))', 'sqrt(2)-1', 'same'];
        yield ['sqrt(9/2+sqrt(17)/2)', '1/2+sqrt(17)/2', 'same'];
        yield ['sqrt(x+1)^2', 'x+1', 'same'];
        yield ['sqrt(x^2+2x+1)', 'x+1', 'unrelated'];
        yield ['sqrt(9π^2)', '3π', 'same'];
        yield ['sqrt(8π^3)', '2π*sqrt(2π)', 'same'];
        yield ['sqrt(π^2*x^2)', 'π*x', 'unrelated'];
        yield ['π', '3.14', 'unrelated'];
        yield ['(sqrt(x+4)+1)^2', 'x+5+2sqrt(x+4)', 'same'];
        yield ['a/b+c/d', '(ad+bc)/(bd)', 'same'];
        yield ['(x^2-1)/(x-1)', 'x+1', 'same'];
        yield ['x^2=5', 'x=sqrt(5) or x=-sqrt(5)', 'equivalent'];
        yield ['x^2=5', 'x=sqrt(5)', 'unrelated'];
        yield ['x=sqrt(5)', 'x^2=5', 'implies'];
        yield ['(x-3)^2=7/2', 'x-3=sqrt(14)/2 or x-3=-sqrt(14)/2', 'equivalent'];
        yield ['x^2=-4', 'x=2sqrt(-1) or x=-2sqrt(-1)', 'equivalent'];
        yield ['x^2=4', 'x=2', 'unrelated'];
        yield ['x=2', 'x^2=4', 'implies'];
        yield ['x^2=4', '0=1', 'unrelated'];
        yield ['x^2=4', '0=0', 'implies'];
        yield ['x+1=x+2', '0=1', 'equivalent'];
        yield ['x^2=-1', '0=1', 'equivalent'];
        yield ['(x^2+1)(x-2)=0', 'x=2', 'equivalent'];
        yield ['(x-2)^3=0', 'x=2', 'equivalent'];
        yield ['x/(x-1)=2', 'x=2(x-1)', 'equivalent'];
        yield ['(x^2-1)/(x-1)=0', 'x=-1', 'equivalent'];
        yield ['(x^2-1)/(x-1)=0', 'x=1 or x=-1', 'implies'];
        yield ['x^2=9x', 'x=9', 'unrelated'];
        yield ['x/x=1', '0=0', 'implies'];
        yield ['x=x', 'x/x=1', 'unrelated'];
        yield ['2A=(a+b)h', 'A=(a+b)h/2', 'equivalent'];
        yield ['A=1/2(a+b)h', '2A/h=a+b', 'undecided'];
        yield ['2^x=4', 'x=2', 'undecided'];
    }

    #[DataProvider('lines')]
    public function testHowOneLineFollowsFromAnother(string $before, string $after, string $verdict): void
    {
        self::assertSame($verdict, (new Proof())->follows(self::node($before), self::node($after))->value);
    }

    /** @return iterable<string, array{string, string, Move, string}> */
    public static function moves(): iterable
    {
        $h = self::expression('h');
        $minus = static fn(string $what): Move => new ToBothSides(Operation::Subtract, self::expression($what));
        yield 'subtracted' => ['x+5=9', 'x=4', $minus('5'), 'equivalent'];
        yield 'subtracted from one side only' => ['x+5=9', 'x=9', $minus('5'), 'unrelated'];
        yield 'added' => ['x-5=9', 'x=14', new ToBothSides(Operation::Add, self::expression('5')), 'equivalent'];
        yield 'something else subtracted' => ['x+5=9', 'x=4', $minus('4'), 'unrelated'];
        yield 'divided' => ['3x=12', 'x=4', new ToBothSides(Operation::Divide, self::expression('3')), 'equivalent'];
        yield 'multiplied by 0' => ['3x=12', '0=0', new ToBothSides(
            Operation::Multiply,
            self::expression('0'),
        ), 'unrelated'];
        yield 'divided by a letter that may be 0' => [
            '2A=(a+b)h',
            '2A/h=a+b',
            new ToBothSides(Operation::Divide, $h),
            'undecided',
        ];
        yield 'divided by a letter said not to be 0' => ['2A=(a+b)h', '2A/h=a+b', new ToBothSides(
            Operation::Divide,
            $h,
            [$h],
        ), 'equivalent'];
        yield 'divided by the unknown' => ['x^2=9x', 'x=9', new ToBothSides(
            Operation::Divide,
            self::expression('x'),
        ), 'unrelated'];
        yield 'cleared' => ['x/(x-1)=2', 'x=2(x-1)', new ToBothSides(
            Operation::Multiply,
            self::expression('x-1'),
        ), 'equivalent'];
        yield 'swapped' => ['5=x', 'x=5', new SwapSides(), 'equivalent'];
        yield 'not swapped' => ['5=x', '5=x+1', new SwapSides(), 'unrelated'];
        yield 'rewritten' => ['2x+3x=10', '5x=10', new Rewrite(), 'same'];
        yield 'rewritten to the same solutions only' => ['2x=10', 'x=5', new Rewrite(), 'unrelated'];
        yield 'collected' => ['ax+bx=c', 'x(a+b)=c', new CollectSubject('x'), 'same'];
        yield 'squared' => ['sqrt(x+1)=x-1', 'x+1=x^2-2x+1', new SquareBothSides(), 'implies'];
        yield 'squared term by term' => ['sqrt(x+1)=x-1', 'x+1=x^2+1', new SquareBothSides(), 'unrelated'];
        yield 'cubed' => ['root(3,x-1)=-2', 'x-1=-8', new RaiseBothSides(3), 'equivalent'];
        yield 'raised to the fourth' => ['root(4,x-1)=-2', 'x-1=16', new RaiseBothSides(4), 'implies'];
        yield 'cubed term by term' => ['1+root(3,x)=2', '1+x=8', new RaiseBothSides(3), 'unrelated'];
        yield 'the power out of an odd root' => ['root(3,x^2)=4', '(root(3,x))^2=4', new Rewrite(), 'same'];
        yield 'the square out of its root' => ['sqrt(x^2)=4', '(sqrt(x))^2=4', new Rewrite(), 'unrelated'];
        yield 'rooted' => ['(x-1)^2=9', 'x-1=3 or x-1=-3', new RootBothSides(), 'equivalent'];
        $formula = new QuadraticFormula(self::expression('a'), [self::expression('a')]);
        $both = 'x=(-b+sqrt(b^2-4a*c))/(2a) or x=(-b-sqrt(b^2-4a*c))/(2a)';
        yield 'the quadratic formula' => ['a*x^2+b*x+c=0', $both, $formula, 'equivalent'];
        yield 'that with one of both' => ['a*x^2+b*x+c=0', 'x=(-b+sqrt(b^2-4a*c))/(2a)', $formula, 'unrelated'];
        yield 'that with a sign turned' => [
            'a*x^2+b*x+c=0', 'x=(b+sqrt(b^2-4a*c))/(2a) or x=(b-sqrt(b^2-4a*c))/(2a)', $formula, 'unrelated',
        ];
        yield 'that of what may be 0' => [
            'a*x^2+b*x+c=0', $both, new QuadraticFormula(self::expression('a')), 'undecided',
        ];
        yield 'that with another leading coefficient' => [
            'a*x^2+b*x+c=0', $both, new QuadraticFormula(self::expression('2')), 'unrelated',
        ];
        yield 'both of one value' => [
            'x^2-2p*x+p^2=0', 'x=p', new QuadraticFormula(self::expression('1')), 'equivalent',
        ];
        yield 'joined in letters' => [
            'x+b/(2a)=sqrt(d)/(2a) or x+b/(2a)=-sqrt(d)/(2a)',
            'x=(-b+sqrt(d))/(2a) or x=(-b-sqrt(d))/(2a)', new JoinBranches(), 'equivalent',
        ];
        yield 'joined in letters, one of them wrong' => [
            'x+b/(2a)=sqrt(d)/(2a) or x+b/(2a)=-sqrt(d)/(2a)',
            'x=(-b+sqrt(d))/(2a) or x=(b-sqrt(d))/(2a)', new JoinBranches(), 'undecided',
        ];
        yield 'rooted with one sign' => ['(x-1)^2=9', 'x-1=3', new RootBothSides(), 'unrelated'];
        yield 'rooted to other bases' => ['(x-1)^2=9', 'x-1=3 or 1-x=3', new RootBothSides(), 'unrelated'];
        yield 'a double root' => ['(x-1)^2=0', 'x-1=0', new RootBothSides(), 'equivalent'];
        yield 'a cube root' => ['x^3=5', 'x=cbrt(5)', new RootBothSides(3), 'equivalent'];
        yield 'a cube root of a minus' => ['(2x-1)^3=-27', '2x-1=-3', new RootBothSides(3), 'equivalent'];
        yield 'a square root for a cube root' => ['x^3=5', 'x=sqrt(5)', new RootBothSides(3), 'unrelated'];
        yield 'a fourth root' => ['x^4=16', 'x=2 or x=-2', new RootBothSides(4), 'equivalent'];
        yield 'a fourth root without its sign' => ['x^4=16', 'x=2', new RootBothSides(4), 'unrelated'];
        yield 'a cube root with two signs' => ['x^3=8', 'x=2 or x=-2', new RootBothSides(3), 'unrelated'];
        yield 'a zero product' => ['(x-1)(x+2)=0', 'x-1=0 or x+2=0', new ZeroProduct(), 'equivalent'];
        yield 'a factor lost' => ['x(x-1)=0', 'x-1=0', new ZeroProduct(), 'unrelated'];
        yield 'joined' => ['x=1 or x=-2', 'x=-2 or x=1', new JoinBranches(), 'equivalent'];
        yield 'substituted' => ['y=x^2+1', 'y=10', new Substitute('x', self::expression('3')), 'same'];
        yield 'substituted wrongly' => ['y=x^2+1', 'y=7', new Substitute('x', self::expression('3')), 'unrelated'];
        yield 'the left side alone' => ['(x+1)(x+2)=ax^2+bx+c', '(x+1)(x+2)', new TakeLeftSide(), 'same'];
        yield 'the right side taken' => ['(x+1)(x+2)=ax^2+bx+c', 'ax^2+bx+c', new TakeLeftSide(), 'unrelated'];
        $form = self::equation('(x+1)(x+2)=ax^2+bx+c');
        $compare = new CompareCoefficients($form, ['a' => self::expression('1'), 'b' => self::expression('3')]);
        yield 'compared' => ['x^2+3x+2', 'b=3', $compare, 'implies'];
        yield 'compared wrongly' => ['x^2+3x+2', 'b=2', $compare, 'unrelated'];
        yield 'a letter that names nothing' => ['x^2+3x+2', 'd=2', $compare, 'unrelated'];
    }

    #[DataProvider('moves')]
    public function testEveryMoveHasItsLaw(string $before, string $after, Move $move, string $verdict): void
    {
        self::assertSame($verdict, (new Proof())->follows(self::node($before), self::node($after), $move)->value);
    }

    /** @return iterable<string, array{Claim, bool}> */
    public static function claims(): iterable
    {
        $between = static fn(string $equation, string ...$ends): RootsBetween => new RootsBetween(
            self::equation($equation),
            'x',
            array_map(
                static fn(array $pair): array => [self::expression($pair[0]), self::expression($pair[1])],
                array_chunk($ends, 2),
            ),
        );
        yield 'three roots between tenths' => [
            $between('x^3-3x+1=0', '-1.9', '-1.8', '0.3', '0.4', '1.5', '1.6'), true,
        ];
        yield 'one of them left out' => [$between('x^3-3x+1=0', '-1.9', '-1.8', '0.3', '0.4'), false];
        yield 'one of them elsewhere' => [
            $between('x^3-3x+1=0', '-1.9', '-1.8', '0.3', '0.4', '1.6', '1.7'), false,
        ];
        yield 'one of them twice' => [$between('x^3-3x+1=0', '-1.9', '-1.8', '0.3', '0.4', '0.3', '0.4'), false];
        yield 'a pole between' => [$between('1/x=0', '-1', '1'), false];
        $e = self::expression(...);
        $q = self::equation(...);
        yield 'identity' => [new Identity($e('2(x+1)'), $e('2x+2')), true];
        yield 'no identity' => [new Identity($e('2(x+1)'), $e('2x+1')), false];
        yield 'an open power' => [new Identity($e('a*(1+r)^n-2(r+1)^n'), $e('(a-2)(1+r)^n')), true];
        yield 'another exponent' => [new Identity($e('r^n'), $e('r^m')), false];
        yield 'another base' => [new Identity($e('r^n'), $e('(r+1)^n')), false];
        yield 'an open power has no degree' => [new SameDegree([$e('r^n')], 1), false];
        yield 'equal as said' => [new Comparison($e('sqrt(8)'), $e('2sqrt(2)'), true), true];
        yield 'different as said' => [new Comparison($e('1.41'), $e('sqrt(2)'), false), true];
        yield 'equal though said different' => [new Comparison($e('1/2'), $e('0.5'), false), false];
        yield 'a comparison of letters' => [new Comparison($e('x'), $e('x'), true), false];
        yield 'counted' => [new Count(3, 3), true];
        yield 'miscounted' => [new Count(3, 4), false];
        yield 'same degree' => [new SameDegree([$e('3x^2'), $e('0'), $e('-x*x')], 2), true];
        yield 'another degree' => [new SameDegree([$e('3x^2'), $e('x')], 2), false];
        yield 'like terms' => [new LikeTerms([$e('3x^2y'), $e('-yx^2'), $e('0')]), true];
        yield 'unlike terms' => [new LikeTerms([$e('3x^2y'), $e('xy^2')]), false];
        yield 'goes into' => [new Divides($e('-3x'), $e('6x^2-9x')), true];
        yield 'does not go into' => [new Divides($e('3x'), $e('6x^2-9')), false];
        yield 'same solutions' => [new SameSolutions($q('x^2=9'), self::node('x=3 or x=-3')), true];
        yield 'fewer solutions' => [new SameSolutions($q('x^2=9'), $q('x=3')), false];
        yield 'solves' => [new Solves($q('x^2-2x=1'), 'x', $e('1+sqrt(2)')), true];
        yield 'does not solve though said so' => [new Solves($q('x^2-2x=1'), 'x', $e('1-sqrt(3)')), false];
        yield 'false candidate' => [new DoesNotSolve($q('sqrt(3x+1)-sqrt(x+4)=1'), 'x', $e('0')), true];
        yield 'true candidate rejected' => [new DoesNotSolve($q('sqrt(3x+1)-sqrt(x+4)=1'), 'x', $e('5')), false];
        yield 'a surd put under a root' => [new Solves($q('sqrt(x+3)=x-1'), 'x', $e('(3+sqrt(17))/2')), true];
        yield 'its conjugate fails' => [new DoesNotSolve($q('sqrt(x+3)=x-1'), 'x', $e('(3-sqrt(17))/2')), true];
        yield 'where a side has no value' => [new DoesNotSolve($q('x/(x-1)=2'), 'x', $e('1')), true];
        yield 'two solutions counted' => [new SolutionCount($q('x^4=16'), $e('2')), true];
        yield 'solutions counted twice' => [new SolutionCount($q('x^2-2x+1=0'), $e('2')), false];
        yield 'the least common denominator' => [
            new Denominator($e('2x(x+1)'), [$e('2x'), $e('x*(x+1)')], 'x'), true,
        ];
        yield 'a common one that is not the least' => [
            new Denominator($e('2x^2*(x+1)'), [$e('2x'), $e('x*(x+1)')], 'x'), false,
        ];
        yield 'one with too large a number' => [
            new Denominator($e('4x(x+1)'), [$e('2x'), $e('x*(x+1)')], 'x'), false,
        ];
        yield 'one that a denominator does not go into' => [
            new Denominator($e('2x'), [$e('2x'), $e('x*(x+1)')], 'x'), false,
        ];
        foreach ([
            '12a^2b' => true, '24a^2b' => false, '6a^2b' => false,
            '12a^2b^2' => false, '12ab' => false, '12a+b' => false,
        ] as $common => $isLeast) {
            yield "$common of 6ab and 4a²" => [new Denominator($e($common), [$e('6ab'), $e('4a^2')], null), $isLeast];
        }
        yield 'the same where defined' => [new SameWhereDefined($e('(x^2-4)/(x-2)'), $e('x+2'), 'x'), true];
        yield 'undefined where the first one is not' => [
            new SameWhereDefined($e('x+2'), $e('(x^2-4)/(x-2)'), 'x'), false,
        ];
        yield 'not the same where defined' => [new SameWhereDefined($e('(x^2-4)/(x-2)'), $e('x-2'), 'x'), false];
        yield 'all that is excluded' => [new Excluded($q('3/(x+1)=2/(x-1)'), 'x', [$e('-1'), $e('1')]), true];
        yield 'excluded, but one is missing' => [new Excluded($q('3/(x+1)=2/(x-1)'), 'x', [$e('-1')]), false];
        yield 'excluded, one too many' => [new Excluded($e('(x+2)/(x-2)'), 'x', [$e('2'), $e('-2')]), false];
        yield 'excluded twice over' => [new Excluded($e('1/(x-2)+x/(x+2)'), 'x', [$e('2'), $e('2')]), false];
        yield 'excluded though it cancels' => [new Excluded($e('(x^2-4)/(x-2)'), 'x', [$e('2')]), true];
        yield 'excluded within a fraction' => [new Excluded($e('1/(1/x+1)'), 'x', [$e('0'), $e('-1')]), true];
        yield 'nothing is excluded' => [new Excluded($e('1/(x^2+1)'), 'x', []), true];
        yield 'other roots told apart' => [new Comparison($e('cbrt(7)'), $e('root(4,13)'), false), true];
        yield 'a cube out of a root' => [new Identity($e('cbrt(16)'), $e('2cbrt(2)')), true];
        yield 'a square out of a cube root' => [new Identity($e('cbrt(16)'), $e('4cbrt(2)')), false];
        yield 'no solution' => [new NoSolution($q('x^2+4=0')), true];
        yield 'no solution where there are two' => [new NoSolution($q('x^2=4')), false];
        yield 'all numbers' => [new AllSolve($q('2(x+1)=2x+2')), true];
        yield 'all numbers where there are two' => [new AllSolve($q('x^2=4')), false];
        yield 'divided' => [new DivisionHolds($e('3x^3-11x^2+4'), $e('x-2'), $e('3x^2-5x-10'), $e('-16')), true];
        yield 'wrong remainder' => [
            new DivisionHolds($e('3x^3-11x^2+4'), $e('x-2'), $e('3x^2-5x-10'), $e('16')),
            false,
        ];
        yield 'remainder too long' => [new DivisionHolds($e('x^2+1'), $e('x-1'), $e('x'), $e('x+1')), false];
        yield 'subject' => [new SubjectOf($q('A=1/2(a+b)h'), 'b', $e('2A/h-a')), true];
        yield 'subject with itself in it' => [new SubjectOf($q('A=1/2(a+b)h'), 'b', $e('b')), false];
        yield 'subject beside an open power' => [new SubjectOf($q('A=P(1+r)^n'), 'P', $e('A/(1+r)^n')), true];
        yield 'subject in an exponent' => [new SubjectOf($q('y=0*x+2^x-2^x+y'), 'x', $e('2^x')), false];
        yield 'subject under a square' => [new SubjectOf($q('E=mv^2/2'), 'v', $e('sqrt(2E/m)')), true];
        yield 'named' => [new NamedValues(
            $q('(x+1)(x+2)=ax^2+bx+c'),
            ['a' => $e('1'), 'b' => $e('3'), 'c' => $e('2')],
        ), true];
        yield 'misnamed' => [new NamedValues(
            $q('(x+1)(x+2)=ax^2+bx+c'),
            ['a' => $e('1'), 'b' => $e('2'), 'c' => $e('3')],
        ), false];
    }

    public function testNoLetterIsNegativeOnlyWhereItIsSaid(): void
    {
        foreach ([
            [2, 'sqrt(x^2)', 'x', true],
            [1, 'sqrt(x^2)', 'x', false],
            [1, 'root(3,x^3)', 'x', true],
            [1, 'root(4,x^4)', 'x', false],
            [1, 'root(3,(a-2b)^3/c^3)', '(a-2b)/c', true],
            [1, 'root(3,a^3-6a^2*b+12a*b^2-8b^3+1)', 'a-2b+1', false],
            [1, 'root(5,(2a+b)^5)', '2a+b', true],
            [1, 'root(4,(a+b)^4)', 'a+b', false],
            [2, 'sqrt(18x^3*y)', '3x*sqrt(2x*y)', true],
            [2, 'sqrt(18x^3)', '3x*sqrt(3x)', false],
            [2, 'sqrt(x+1)', 'sqrt(x)+1', false],
            [2, 'sqrt(x*((x-1)^n)^2)', '(x-1)^n*sqrt(x)', false],
            [6, 'sqrt(x)*cbrt(x)', 'root(6,x^5)', true],
            [3, 'cbrt(16x^4)/x', '2cbrt(2x)', true],
        ] as [$index, $one, $other, $isSame]) {
            $proof = new Proof(null, $index);
            self::assertSame($isSame, $proof->same(self::expression($one), self::expression($other)), $one);
        }
    }

    #[DataProvider('claims')]
    public function testEveryClaimIsProvedOrNot(Claim $claim, bool $holds): void
    {
        self::assertSame($holds, (new Proof())->holds($claim));
    }

    /** Multiplying out is proved, and any single number changed in it is not. */
    public function testProvesWhatIsTheSameAndNothingElse(): void
    {
        $proved = 0;
        for ($seed = 1; $seed <= Chance::seeds(800); ++$seed) {
            $chance = new Chance($seed);
            $expression = $chance->expression(3);
            try {
                $polynomial = Polynomial::fromExpression($expression);
                $expanded = $polynomial->toExpression();
            } catch (NotPolynomial | \DomainException | \Runel\Message\Refusal) {
                continue;
            }
            $proof = new Proof();
            self::assertTrue($proof->same($expression, $expanded), "seed $seed");
            $other = $polynomial->plus(Polynomial::constant(
                Rational::fraction(1, $chance->dice->getInt(2, 9)),
            ))->toExpression();
            self::assertFalse($proof->same($expression, $other), "seed $seed");
            ++$proved;
        }
        self::assertGreaterThan(Chance::seeds(250), $proved);
    }

    /** An equation made from its solutions is solved by them, and by no others. */
    public function testFindsTheSolutionsOfRandomEquations(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(200); ++$seed) {
            $chance = new Chance($seed);
            $roots = [];
            for ($count = $chance->dice->getInt(1, 4); $count > 0; --$count) {
                $roots[] = $chance->dice->getInt(-6, 6) . '/' . $chance->dice->getInt(1, 3);
            }
            $factors = implode('', array_map(static fn(string $root): string => "(x-($root))", $roots));
            $typed = $chance->one(['', '3', '-2/5']) . $chance->one(['', '(x^2+1)', '(x^2+x+1)']) . $factors . '=0';
            $said = implode(' or ', array_map(static fn(string $root): string => "x=$root", array_unique($roots)));
            $proof = new Proof();
            self::assertTrue($proof->follows(self::node($typed), self::node($said))->keepsSolutions(), "$typed: $said");
            self::assertSame('implies', $proof->follows(self::node($typed), self::node("$said or x=7"))->value, $typed);
            if (\count(array_unique(
                array_map(static fn(string $root): string => (string) self::rational($root), $roots),
            )) > 1) {
                $fewer = 'x=' . $roots[0];
                self::assertSame('unrelated', $proof->follows(self::node($typed), self::node($fewer))->value, $typed);
            }
        }
    }

    private static function rational(string $written): Rational
    {
        [$numerator, $denominator] = explode('/', $written);

        return Rational::fraction((int) $numerator, (int) $denominator);
    }

    private static function node(string $typed): Node
    {
        $nodes = array_map(static fn(string $part): Node => Parser::parse($part)->node, explode(' or ', $typed));
        if (\count($nodes) === 1) {
            return $nodes[0];
        }

        return new Alternatives(array_map(
            static fn(Node $node): Equation => $node instanceof Equation ? $node : throw new \LogicException(),
            $nodes,
        ));
    }

    private static function expression(string $typed): Expression
    {
        $node = self::node($typed);

        return $node instanceof Expression ? $node : throw new \LogicException($typed);
    }

    private static function equation(string $typed): Equation
    {
        $node = self::node($typed);

        return $node instanceof Equation ? $node : throw new \LogicException($typed);
    }
}
