<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Algebra\Structure;
use Runel\Demonstration\Task;
use Runel\Expression\Inside;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;

/** Random problems whose structure is to be seen first, by every way in random styles: every line is proved. */
final class StructuresTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> job and way, and how many of 100 it takes at the least */
    public static function ways(): iterable
    {
        yield 'collected' => ['simplify', 'collect', 90];
        yield 'powers' => ['simplify', 'powers', 90];
        yield 'cancelled' => ['simplify', 'cancel', 60];
        yield 'combined' => ['simplify', 'combine', 90];
        yield 'radicals' => ['simplify', 'radicals', 80];
        yield 'denominators' => ['solve', 'clear-denominators', 60];
        yield 'substituted' => ['solve', 'substitution', 60];
        yield 'between decimals' => ['solve', 'real-roots', 60];
        yield 'powers in both terms, and letters' => ['solve', 'factoring', 90];
        yield 'roots of powers' => ['solve', 'powers', 90];
        yield 'completed in letters' => ['solve', 'completing-square', 90];
        yield 'the formula in letters' => ['solve', 'formula', 90];
        yield 'under two roots' => ['rearrange', 'balance', 70];
        yield 'a formula that is a quadratic' => ['rearrange', 'formula', 90];
        yield 'vertex form in letters' => ['complete-square', 'vertex', 90];
        yield 'squares rooted' => ['solve', 'square-roots', 80];
        yield 'grouped' => ['factor', 'grouping', 80];
        yield 'special powers' => ['factor', 'special', 80];
        yield 'something factored' => ['factor', 'substitution', 60];
    }

    /** @return iterable<string, array{string, string}> what is typed, what is seen first and where */
    public static function structures(): iterable
    {
        yield 'a square on both sides' => ['(x-1)^2=(2x+3)^2', 'both-squares: (x-1)^2, (2*x+3)^2'];
        yield 'a square beside a number' => ['(2x+1)^2-7=0', 'square: (2*x+1)^2'];
        yield 'a number before a square' => ['3(x+1)^2-12=0', 'square: (x+1)^2'];
        yield 'a power' => ['(x-1)^3=27', 'power: (x-1)^3'];
        yield 'letters below' => ['x/(x-2)-1/x=4/3', 'below: x/(x-2), 1/x'];
        yield 'in the square' => ['x^4-13x^2+36=0', 'something: x^2'];
        yield 'in a root' => ['x-4sqrt(x)+3=0', 'something: sqrt(x)'];
        yield 'in parentheses' => ['(x+1)^2-7(x+1)+10', 'something: x+1, x+1'];
        yield 'the same factor' => ['(x+1)(x-2)+3(x+1)', 'same-bracket: x+1, x+1'];
        yield 'the same factor on both sides' => ['x(x-3)=5(x-3)', 'same-bracket: x-3, x-3'];
        yield 'a side that is the factor' => ['x(x-4)=x-4', 'same-bracket: x-4, x-4'];
        yield 'two squares' => ['(x+a)^2-b^2', 'two-squares: (x+a)^2, b^2'];
        yield 'two squares behind a number' => ['3(x-2)^2-12', 'two-squares: 3*(x-2)^2, 12'];
        yield 'no structure behind a number that shows at once' => ['3x^2-12', ''];
        yield 'two cubes' => ['8x^3-27', 'two-cubes: 8*x^3, 27'];
        yield 'squares with a plus' => ['4x^2+9', ''];
        yield 'a square minus no square' => ['4x^2-5', ''];
        yield 'a square and more' => ['(x-1)^2=x', ''];
        yield 'a plain trinomial' => ['x^2-5x+6', ''];
        yield 'a plain quadratic equation' => ['x^2-5x+6=0', ''];
    }

    #[DataProvider('structures')]
    public function testWhatStandsThereIsSeenWithItsPlace(string $typed, string $seen): void
    {
        $node = Problem::read($typed)->node;
        $first = Structure::in($node)[0] ?? null;
        self::assertSame($seen, $first === null ? '' : $first->kind->value . ': '
            . implode(', ', array_map(Ascii::write(...), $first->parts)));
        if ($first !== null) {
            self::assertSame(Ascii::write($node), Ascii::write(Rewriter::unmarked($lit = $first->lit($node))));
            self::assertSame(\count($first->parts), Inside::count($lit, static fn(Node $part): bool
                => $part instanceof Marked));
        }
    }

    #[DataProvider('ways')]
    public function testEveryLineIsProved(string $job, string $method, int $least): void
    {
        $catalogue = Jobs::catalogue();
        [$done, $asked] = [0, Chance::seeds(318)];
        for ($seed = 1; $seed <= $asked; ++$seed) {
            $chance = new Chance($seed);
            $typed = self::problem("$job.$method", $chance);
            try {
                // What is not proved throws.
                $catalogue->demonstrate(new Task(Problem::read($typed), $chance->style()), $job, $method);
                ++$done;
            } catch (Refusal) {
                continue;
            }
        }
        self::assertGreaterThanOrEqual(intdiv($asked * $least, 100), $done, "$job.$method");
    }

    /** A cubic with these roots, multiplied out. */
    private static function cubic(string $x, int $a, int $b, int $c): string
    {
        return sprintf(
            '(%1$s^3%2$+d%1$s^2%3$+d%1$s%4$+d)',
            $x,
            -$a - $b - $c,
            $a * $b + $a * $c + $b * $c,
            -$a * $b * $c,
        );
    }

    private static function problem(string $way, Chance $chance): string
    {
        $n = static fn(int $most = 9): int => $chance->dice->getInt(1, $most) * $chance->one([1, -1]);
        $s = static fn(int $number): string => sprintf('%+d', $number);
        $x = $chance->one(['x', 't', 'n']);
        [$a, $b, $c, $d] = [$n(), $n(), $n(), $n()];
        $r = $chance->one([3, 5]);

        return match ($way) {
            'simplify.collect' => $chance->one([
                "{$a}$x{$s($b)}y{$s($c)}$x{$s($d)}y",
                "{$a}$x^2{$s($b)}$x{$s($c)}$x^2{$s($d)}",
                "1/2$x{$s($a)}+1/3$x{$s($b)}",
                "({$a}$x{$s($b)}/$x)($x^2{$s($c)}/y)",
                "($x{$s($a)}/$x)^2{$s($b)}($x{$s($c)}/$x^2)^2",
            ]),
            'simplify.powers' => $chance->one([
                abs($a) . "$x^3*" . abs($b) . "$x^2*$x",
                '(' . abs($a) . "{$x}^2y)^3",
                abs($a) . "{$x}^5y/(" . abs($b) . "{$x}^2y^3)",
                "$x^-2*$x^" . abs($a),
                "{$r}^$a*{$r}^$b/{$r}^" . abs($c),
                "(2/$r)^$a*" . abs($b) . "*(2/$r)^$c",
                "(2^$a)^$b*" . 2 ** abs($c) . "*8^$d",
                "{$a}{$x}^0y^$b*(3$x^$c)^2",
            ]),
            'simplify.cancel' => $chance->one([
                "($x^2-{$chance->dice->getInt(1, 9)}^2)/($x{$s($a)})",
                '(' . self::product($x, 1, $a, 1, $b) . ')/(' . self::product($x, 1, $a, 1, $c) . ')',
                "($x{$s($a)})/($x{$s($b)})/(($x{$s($a)})/($x{$s($c)}))",
                sprintf('(%d%s%+d)/%d', 2 * $a, $x, 2 * $b, 2 * $c),
                "($x^3{$s($b ** 3)}p^3)/($x{$s($b)}p)",
                "(p$x{$s($a)}p{$s($b)}$x{$s($a * $b)})/($x^2{$s(-($a ** 2))})",
                "($x^2-p^2)/(p-$x)",
                sprintf('-(%d%s%+d)^2/%d', 2 * $a, $x, 2 * $b, 2 * abs($c)),
            ]),
            'simplify.combine' => $chance->one([
                "{$a}$x^(-2){$s($b)}$x^(-1){$s($c)}",
                abs($a) . "/(1{$s($b)}/({$c}{$s($d)}/$x))",
                abs($a) . "/($x{$s($b)}){$s($c)}/($x{$s($d)})",
                abs($a) . "/$x{$s($c)}/($x^2{$s($d)}$x)",
                "(1{$s($a)}/$x)/(1{$s($b)}/$x^2)",
                "$x/($x{$s($a)})-1/$x",
                "($x{$s($a)})/" . abs($b) + 1 . "{$s($c)}($x{$s($d)})/" . abs($c) + 1,
                "$a{$s($b)}/(1{$s($c)}/$x)",
            ]),
            'simplify.radicals' => $chance->one([
                "{$a}cbrt(" . 2 * $b ** 3 . ')' . $s($c) . 'cbrt(' . 16 * abs($d) . ')',
                'root(4,' . abs($a) * 16 . ')/' . abs($b) . $s($c),
                abs($a) . '/sqrt(' . abs($b) + 1 . ")-$c/sqrt(" . abs($d) + 1 . ')',
                abs($a) . '-' . abs($b) . '/(sqrt(' . abs($c) + 9 . ')+2)',
                'sqrt(' . 3 * $a * $a . ')' . ($b < 0 ? '-' : '+') . 'sqrt(' . 3 * $b * $b . ')',
                abs($a) . '/(' . abs($b) . '+sqrt(5))',
                abs($a) . '/(' . $b . 'sqrt(3)' . ($a < 0 ? '-' : '+') . abs($a) . 'sqrt(2))',
                $a . 'sqrt(' . 2 * $b * $b . ')/' . abs($b) . '-sqrt(18)+sqrt(2/9)',
                '(' . abs($a) . '+sqrt(2))(' . abs($b) . '-sqrt(3))',
                'sqrt(' . abs($a) . '/' . abs($b) . ')',
                '(' . abs($a) . "{$s($b)}sqrt(2))^{$chance->one([2, 3])}",
                "{$a}sqrt(2)(sqrt(" . abs($b) . ")-sqrt(6))({$c}+sqrt(3))-(1{$s($d)}sqrt(2))^2",
                'sqrt(' . abs($a) . "$x^{$chance->one([2, 3, 4])}y){$s($b)}$x*sqrt(" . 4 * abs($a) . 'y)',
                abs($a) . 'cbrt(' . 4 * abs($b) . "$x^4)*cbrt(" . 2 * abs($c) . "{$x}^2)/" . abs($d),
                "$a/(" . abs($b) . "sqrt($x)){$s($c)}sqrt(" . abs($d) . "/$x)",
                "({$a}sqrt($x){$s($b)})({$c}sqrt($x){$s($d)})",
                'sqrt(' . abs($a) . "$x^3)/sqrt(" . abs($b) . "y)-cbrt($x)/cbrt(" . abs($c) . 'y)',
                "(({$a}{$s($b)}sqrt(5))/" . abs($c) + 1 . ")^{$chance->one([2, 3])}",
                "({$a}sqrt(3)(sqrt(2){$s($b)}))/sqrt(" . abs($c) + 1 . ')',
                "($x{$s($a)})/({$b}sqrt($x){$s($c)})",
                "(sqrt($x{$s(abs($a))})-sqrt($x))/(sqrt($x{$s(abs($a))})+sqrt($x))",
            ]),
            'rearrange.formula' => $chance->one([
                "h=k$x{$s($a)}/$x for $x",
                "h=$x/($x^2{$s($a)}) for $x",
                "1/$x{$s($a)}/($x+k)=h for $x",
                "h={$a}k$x^2{$s($b)}m$x{$s($c)} for $x",
                "$x^2{$s(2 * $a)}k$x=$x{$s($c)}k for $x",
            ]),
            'solve.completing-square', 'solve.formula' => $chance->one([
                "{$a}$x^2{$s($b)}k$x{$s($c)}k^2=0 for $x",
                "k$x^2{$s($b)}$x{$s($c)}k=0 for $x",
                "{$a}k$x^2{$s($b)}m$x=$c for $x",
                "$x^2-(k{$s($a)})$x{$s($a)}k=0 for $x",
                "h={$a}k$x^2{$s($b)}m$x{$s($c)} for $x",
                "$x^2{$s(2 * $a)}k$x=$x{$s($c)}k for $x",
                "1/2k$x^2{$s($b)}m$x=h for $x",
                "$x^2{$chance->one(['+', '-'])}(k{$s($a)}m)$x{$s($b)}k*m=0 for $x",
            ]),
            'rearrange.balance' => $chance->one([
                "h=sqrt($x{$s($a)}k)+sqrt($x{$s($b)}m) for $x",
                "sqrt($x{$s($a)}k)=sqrt($x{$s($b)})+h for $x",
                "sqrt(2$x{$s($a)}k)=sqrt($x{$s($b)}m) for $x",
                "m*($x{$s($a)}k)=h*$x{$s($b)} for $x",
                "h={$a}root($r,$x{$s($b)}k){$s($c)} for $x",
                "h=($x{$s($b)})^(3/2) for $x",
            ]),
            'complete-square.vertex' => $chance->one([
                "{$a}x^2{$s($b)}k*x{$s($c)}",
                "k*x^2{$s($b)}x{$s($c)}k",
                "y={$a}x^2{$s($b)}k*x{$s($c)}m",
                "{$a}k+{$chance->one(['', '1/2'])}x^2{$s($b)}m*x",
                "{$chance->one(['', '2', '-'])}x^2{$chance->one(['+', '-'])}(k{$s($a)}m)x{$s($b)}k",
                "x^2+($a-k)x{$s($c)}",
            ]),
            'solve.clear-denominators' => $chance->one([
                abs($a) . "/($x{$s($b)})=$c/($x{$s($d)})",
                "$x/($x{$s($a)}){$s($b)}/$x=$c",
                "$a/$x=$b",
                "($x{$s($a)})/($x{$s($b)})=$c",
                self::cubic($x, $a, $b, $c) . "/($x{$s(-$a)})=0",
                self::cubic($x, $a, $b, $b) . "/($x{$s(-$b)})=0",
                "$r/($x{$s($a)})*($x^2{$s($b)}$x{$s($c)})={$d}$x",
            ]),
            'solve.substitution' => $chance->one([
                '' . self::product("$x^2", 1, -($a ** 2), 1, $b) . '=0',
                "($x{$s($a)})^2{$s($b + $c)}($x{$s($a)}){$s($b * $c)}=0",
                "$x{$s(-abs($a) - abs($b))}sqrt($x){$s(abs($a * $b))}=0",
                "1/$x^2{$s($a + $b)}/$x{$s($a * $b)}=0",
                "$x^4{$s(-2 * abs($a) - 2)}$x^2{$s($b)}=0",
                "$x^6{$s(2 * $a)}$x^3{$s($b)}=0", "$x^8{$s(2 * $a)}$x^4{$s($b)}=0",
                "$x^(2/3){$s($a + $b)}$x^(1/3){$s($a * $b)}=0",
                "root($r,$x^2){$s($a + $b)}root($r,$x){$s($a * $b)}=0",
                "($x{$s($a)})^4{$s(-($b ** 2) - $c ** 2)}($x{$s($a)})^2{$s($b ** 2 * $c ** 2)}=0",
            ]),
            'solve.real-roots' => $chance->one([
                "$x^3{$s($a)}$x{$s($b)}=0",
                "$x^3{$s($a)}$x^2{$s($b)}$x{$s($c)}=$d",
                "2$x^4{$s($a)}$x{$s(-abs($b))}=0",
                "$x^4{$s($a)}$x{$s(abs($b) * 40)}=0",
            ]),
            'solve.factoring' => $chance->one([
                abs($a) . "$x^{$chance->one([4, 5, 6])}={$b}$x",
                "$x^2{$s($a + $b)}p$x{$s($a * $b)}p^2=0 for $x",
                "$x^2=(p{$s($a)})$x{$s(-$a)}p for $x",
                "{$chance->one(['', '2', 'k', '3k'])}($x-{$chance->one(['p', 'q'])})(2$x{$s($c)}p)=0 for $x",
                "p$x^2{$s($a)}p^2$x=0 for $x",
                abs($a) . "p$x^2=q$x for $x",
                "{$a}$x($x{$s($b)})={$c}($x{$s($b)})",
                (abs($a) + 1) . "$x($x{$s($b)})=(" . -$b . "-$x)^2",
                "($x{$s($a)})($x{$s($b)})=({$c}$x{$s($d)})(" . -$a . "-$x)",
                "($x{$s($a)})^3{$s(-$b * $b)}($x{$s($a)})=0",
                "{$a}($x{$s($b)})(2$x{$s($c)})sqrt($x{$s($d)})=0",
            ]),
            'solve.powers' => $chance->one([
                "{$chance->one(['', '2', '-3'])}($x{$s($a)})^{$chance->one([3, 4, 5])}{$s($b)}=$c",
                "($x{$s($a)})^3=({$chance->one(['', '2', '-3'])}$x{$s(10 + $b)})^3",
                "16($x{$s($a)})^4=({$chance->one(['', '2', '-3'])}$x{$s(10 + $b)})^4",
                ($f = $chance->one([2, -3])) . "($x{$s($a)})^({$chance->one([1, 2])}/3){$s($b)}=" . $f * $a * $a + $b,
                "(root({$chance->one([3, 4, 5])},2$x{$s($a)}))^{$chance->one([2, 3])}=" . $b ** 6,
                "root({$r},{$a}$x{$s($b)})=root({$r},{$c}$x{$s($d)})",
                "{$b}root({$chance->one([3, 4])},$x^5)=" . $b * $chance->one([1, 32, 243]),
                abs($a) . "/sqrt($x{$s($b)})=" . abs($c),
                "{$a}$x^(-{$chance->one(['1/2', '1/3', '2/3', '3/2'])})=" . abs($c) ** 2,
                "{$chance->one(['3', '-2', '5'])}-{$a}/({$r}sqrt($x))={$b}",
            ]),
            'solve.square-roots' => $chance->one([
                "{$chance->one(['', '2', '3'])}($x{$s($a)})^2{$s($b)}=" . abs($c) + abs($b),
                "($x{$s($a)})^2=({$chance->one(['', '2'])}$x{$s(10 + $b)})^2",
                "(({$a}$x{$s($b)})/{$r})^2={$chance->one([$c ** 2, abs($d), '1/2'])}",
                "($x{$s($b)})^2/{$r}=" . abs($c),
            ]),
            'factor.grouping' => $chance->one([
                self::expanded($x, $a, $b),
                "$a($x{$s($b)})^2{$s($a * 2 + 1)}($x{$s($b)})",
                "$x^3{$s($a)}$x^2{$s($b)}$x{$s($a * $b)}",
                "{$a}p($x{$s($b)}){$s($c)}(" . -$b . "-$x)",
                $a ** 2 . "$x^2-" . $b ** 2 . "y^2{$s($c * $a)}$x{$s($c * $b)}y",
                "$x^2{$s(2 * $a)}$x*y{$s($a * $a)}y^2{$s($b + $c)}$x{$s($a * ($b + $c))}y{$s($b * $c)}",
                $a ** 3 . "$x^3{$s($b ** 3)}y^3{$s($c * $a)}$x{$s($c * $b)}y",
            ]),
            'factor.special' => $chance->one([
                abs($a) ** 3 . "$x^3{$s($b ** 3)}",
                $a ** 3 . "$x^3{$s(3 * $a ** 2 * $b)}$x^2y{$s(3 * $a * $b ** 2)}$x*y^2{$s($b ** 3)}y^3",
                "$x^4-" . $a ** 4,
                "$x^4+" . 4 * $a ** 4,
                "{$x}^6-64",
                "(2$x{$s($a)})^2-($x{$s($b)})^2",
                "($x{$s($a)})^2-" . $b ** 2 . 'k^2',
                abs($c) . "($x{$s($a)})^2-" . abs($c) * $b ** 2,
                "$x^2-" . $b ** 2 . "y^2{$s(2 * $a)}$x{$s($a ** 2)}",
                $b ** 2 . "-$x^2{$s(2 * $a)}{$x}y{$s(-($a ** 2))}y^2",
                "($x{$s($a)})^3{$s($b ** 3)}",
                abs($c) * $a ** 2 . '-' . abs($c) . "$x^2",
                abs($a) . "$x-" . abs($a) * $b ** 4 . "$x^5",
                "$x^4{$s(2 * $chance->one([1, -1]) * $a ** 2 - $b ** 2)}{$x}^2{$s($a ** 4)}",
            ]),
            default => $chance->one([
                self::product("$x^2", 1, $a, 1, $b),
                "($x{$s($a)})^2{$s($b + $c)}($x{$s($a)}){$s($b * $c)}",
                "{$x}^2y^2{$s($a + $b)}{$x}y{$s($a * $b)}",
                "{$x}^4{$s($a + $b)}{$x}^2y^2{$s($a * $b)}y^4",
                "({$x}{$s($a)})^2{$s($b + $c)}({$x}{$s($a)})y{$s($b * $c)}y^2",
            ]),
        };
    }

    /** (m s + r)(n s + t) multiplied out. */
    private static function product(string $something, int $m, int $r, int $n, int $t): string
    {
        $square = str_contains($something, '^') ? "($something)^2" : "$something^2";

        return sprintf('%d%s%+d%s%+d', $m * $n, $square, $m * $t + $n * $r, $something, $r * $t);
    }

    /** (x + a)(y + b) multiplied out. */
    private static function expanded(string $letter, int $a, int $b): string
    {
        return sprintf('%1$sy%2$+d%1$s%3$+dy%4$+d', $letter, $b, $a, $a * $b);
    }
}
